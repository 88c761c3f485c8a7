// A new user's way from the first page to a delivered mark: by pointer alone, every control found by the name that is seen on the screen.
#include "bench.h"

#include "files/bytes.h"
#include "files/svg.h"

#include <QAccessible>
#include <QDir>
#include <QMenu>
#include <QTemporaryDir>
#include <QTimer>

using namespace softrope;
using hand::waitFor;

namespace {

// Where something of that name is seen, px of the screen; nothing where nobody would see it.
std::optional<QPoint> seen(QWidget& root, const QString& name)
{
    std::function<std::optional<QPoint>(QAccessibleInterface*)> in = [&](QAccessibleInterface* a) -> std::optional<QPoint> {
        if (!a || a->state().invisible) return std::nullopt;
        const QAccessible::Role role = a->role();
        const bool pressed = role == QAccessible::Button || role == QAccessible::PushButton || role == QAccessible::PageTab ||
                             role == QAccessible::RadioButton || role == QAccessible::CheckBox || role == QAccessible::ListItem ||
                             role == QAccessible::MenuItem || role == QAccessible::EditableText;
        const auto* widget = qobject_cast<QWidget*>(a->object());
        const QPoint middle = a->rect().center();
        const bool covered = widget && !widget->visibleRegion().contains(widget->mapFromGlobal(middle)); // scrolled out of its card, say
        if (pressed && a->text(QAccessible::Name) == name && !a->state().disabled && !a->rect().isEmpty() && !covered) return middle;
        for (int k = 0; k < a->childCount(); ++k)
            if (const auto at = in(a->child(k))) return at;
        return std::nullopt;
    };
    return in(QAccessible::queryAccessibleInterface(&root));
}

// A click there, on whatever lies there.
void click(QWidget& root, QPoint at)
{
    QWidget* on = &root;
    while (QWidget* child = on->childAt(on->mapFromGlobal(at))) on = child;
    QTest::mouseClick(on, Qt::LeftButton, Qt::NoModifier, on->mapFromGlobal(at));
}

void press(QWidget& root, const QString& name)
{
    INFO(name.toStdString());
    std::optional<QPoint> at;
    REQUIRE(waitFor([&] { return (at = seen(root, name)).has_value(); }, 30000));
    click(root, *at);
    hand::settle();
}

// A knot of the course by the name under it: they lie evenly along it.
void goTo(Bench& b, const QString& name)
{
    const auto& all = app::steps();
    const auto step = std::find_if(all.begin(), all.end(), [&](const auto& s) { return s->name() == name; });
    REQUIRE(step != all.end());
    auto* course = b.w.findChild<app::Course*>();
    const double share = (static_cast<double>(step - all.begin()) + 0.5) / static_cast<double>(all.size());
    QTest::mouseClick(course, Qt::LeftButton, Qt::NoModifier, QPoint(static_cast<int>(course->width() * share), 28));
    hand::idle(b.w);
    REQUIRE(b.w.step() == (*step)->id);
}

// The entry of the menu that will open.
void chooses(const QString& entry)
{
    auto* timer = new QTimer;
    QObject::connect(timer, &QTimer::timeout, [timer, entry] {
        auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
        if (!menu) return;
        for (QAction* a : menu->actions())
            if (a->text() == entry) {
                timer->deleteLater();
                QTest::mouseClick(menu, Qt::LeftButton, Qt::NoModifier, menu->actionGeometry(a).center());
                return;
            }
    });
    timer->start(20);
}

} // namespace

TEST_CASE("from the first page to a delivered mark, by pointer and by what is seen")
{
    QTemporaryDir folder;
    Bench b;
    chooses("Moth emblem, 150 dpi");
    press(b.w, "Scan a page");
    hand::idle(b.w);
    press(b.w, "Clean the page");
    hand::idle(b.w);
    goTo(b, "Trace");
    press(b.w, "Lines");
    hand::idle(b.w);
    press(b.w, "Take lines");
    hand::idle(b.w);
    REQUIRE(b.h.lines().size() >= 8);
    goTo(b, "Build");
    b.h.click({30, 30}); // beside the drawing: what was taken is let go
    hand::idle(b.w);
    if (seen(b.w, "Close them")) press(b.w, "Close them");
    hand::idle(b.w);
    press(b.w, "Grey areas under the lines");
    hand::idle(b.w);
    std::size_t areas = 0;
    for (const art::Item* i : b.h.lines()) areas += i->artwork()->fill.colour.has_value();
    CHECK(areas >= 6);
    goTo(b, "Proof");
    press(b.w, "Deliver…");
    auto* dialog = b.w.findChild<app::DeliverDialog*>("deliver");
    REQUIRE(dialog);
    auto* where = hand::shown<QLineEdit>(*dialog, "Folder");
    QTest::mouseClick(where, Qt::LeftButton);
    where->selectAll();
    QTest::keyClicks(where, folder.filePath("mark"));
    REQUIRE(waitFor([&] { return dialog->upToDate(); }));
    press(*dialog, "Deliver");
    REQUIRE(waitFor([&] { return !QDir(folder.filePath("mark")).entryList({"*.pdf"}).isEmpty(); }));
    const QStringList drawings = QDir(folder.filePath("mark")).entryList({"*.svg"});
    REQUIRE_FALSE(drawings.isEmpty());
    const files::SvgResult mark = files::readSvg(files::readText(folder.filePath("mark/" + drawings.front()).toStdString()).text);
    REQUIRE(mark.ok());
    CHECK(mark.document.layers.size() >= 1);
}
