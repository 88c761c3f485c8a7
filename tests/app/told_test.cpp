// What is told of every control and command: names, keys, and what assistive programs read and do.
#include "bench.h"

#include "app/commands/keys_page.h"
#include "app/tools/table.h"

#include <QAccessible>
#include <QHeaderView>
#include <QKeySequenceEdit>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QSplitter>
#include <QTreeWidget>

using namespace softrope;
using curve::Vec2;
using hand::Hand;
using hand::waitFor;

TEST_CASE("keys can be given to other commands, conflicts are told, and all can be as they came")
{
    Bench b;
    app::Commands& commands = b.w.commands();
    const auto keysOf = [&](const char* id) { return commands.keysOf(*commands.find(id)); };
    app::KeysPage page(commands, &b.w);
    page.show();
    auto* tree = page.findChild<QTreeWidget*>();
    const auto button = [&](const QString& text) {
        for (QPushButton* p : page.findChildren<QPushButton*>())
            if (p->text() == text) return p;
        return static_cast<QPushButton*>(nullptr);
    };
    const auto row = [&](const QString& name) {
        const auto found = tree->findItems(name, Qt::MatchExactly | Qt::MatchRecursive);
        REQUIRE(found.size() == 1);
        tree->setCurrentItem(found.front());
    };
    // It never scrolls sideways.
    CHECK(tree->header()->length() <= tree->viewport()->width());
    row("Duplicate");
    auto* field = page.findChild<QKeySequenceEdit*>();
    field->setKeySequence(QKeySequence("Ctrl+G"));
    bool warned = false;
    for (QLabel* l : page.findChildren<QLabel*>()) warned = warned || l->text().contains("Group");
    CHECK(warned);
    button("Give it this key")->click();
    CHECK(keysOf("duplicate") == "Ctrl+G");
    CHECK(keysOf("group").isEmpty());
    // The key does it at once, and no longer groups.
    const art::Id id = b.line({200, 200}, {400, 220});
    b.w.session().pickItems({id});
    page.close();
    b.w.activateWindow();
    REQUIRE(waitFor([&] { return b.w.isActiveWindow(); }));
    b.h.canvas().setFocus();
    b.h.key(Qt::Key_G, Qt::ControlModifier);
    CHECK(b.h.lines().size() == 2);
    // A key of the tray cannot be taken away, nor given.
    commands.setKeys("duplicate", commands.find("tool-pen")->keys);
    CHECK(keysOf("duplicate") == "Ctrl+G");
    commands.setKeys("tool-pen", "Ctrl+J");
    CHECK(keysOf("tool-pen") == commands.find("tool-pen")->keys);
    button("All as they came")->click();
    CHECK(keysOf("duplicate") == "Ctrl+D");
    CHECK(keysOf("group") == "Ctrl+G");
}

TEST_CASE("every tool of the table is made, stands in its tray, and its picture came with the program")
{
    Bench b;
    for (const app::ToolEntry& e : app::toolTable()) {
        INFO(e.id);
        const app::Tool* t = b.h.canvas().toolNamed(e.id);
        REQUIRE(t);
        CHECK(t->id() == e.id);
        CHECK(QFile::exists(":/icons/" + t->icon() + ".svg"));
        CHECK_FALSE(t->hint().isEmpty());
        if (!e.step) continue;
        CHECK(app::step(*e.step).keyOf(e.id).size() == 1);
        b.w.setStep(*e.step);
        REQUIRE(b.w.run(QString("tool-") + e.id));
        CHECK(b.w.step() == *e.step);
        CHECK(b.h.canvas().tool() == t);
    }
}

TEST_CASE("every control of every step has a name, and those that are painted by us a role and a value")
{
    Bench b;
    const art::Id id = b.line({200, 300}, {600, 320});
    const auto walk = [&](const QString& where) {
        hand::settle(60);
        int seen = 0;
        for (QWidget* w : b.w.findChildren<QWidget*>()) {
            auto* told = dynamic_cast<app::Told*>(w);
            const bool control = w->focusPolicy() & Qt::TabFocus && !qobject_cast<QScrollArea*>(w) && !qobject_cast<QSplitter*>(w);
            if (!w->isVisible() || (!control && !told)) continue;
            QAccessibleInterface* i = QAccessible::queryAccessibleInterface(w);
            INFO(where.toStdString() << ": " << w->metaObject()->className() << ", tool tip " << w->toolTip().toStdString());
            REQUIRE(i);
            CHECK_FALSE(i->text(QAccessible::Name).isEmpty());
            ++seen;
            if (!told) continue;
            CHECK(i->role() == told->toldRole());
            CHECK_FALSE(i->text(QAccessible::Value).isEmpty());
            CHECK((i->valueInterface() != nullptr) == told->toldNumber().has_value());
        }
        CHECK(seen > 15);
    };
    for (const auto& s : app::steps()) {
        b.w.setStep(s->id);
        b.w.session().pickItems({});
        walk(QString("step ") + s->key);
        b.w.session().pickItems({id});
        walk(QString("a line in step ") + s->key);
        for (const QString& tool : s->tools()) {
            b.w.session().pickItems({});
            b.h.canvas().takeTool(tool);
            walk("tool " + tool);
        }
        b.h.canvas().takeTool("pick");
    }
}

TEST_CASE("an assistive program reads a slider's figure and moves it as the hand would")
{
    Bench b;
    b.w.setStep(app::StepId::build);
    hand::settle(60);
    auto* gaps = hand::shown<app::Slider>(b.w, "Gaps that close");
    QAccessibleInterface* i = QAccessible::queryAccessibleInterface(gaps);
    REQUIRE(i->valueInterface());
    i->valueInterface()->setCurrentValue(4.0);
    CHECK(b.w.areas().gap() == Approx(4).margin(0.1));
    const double before = i->valueInterface()->currentValue().toDouble();
    i->actionInterface()->doAction(QAccessibleActionInterface::increaseAction());
    CHECK(i->valueInterface()->currentValue().toDouble() > before);
    b.w.areas().setGap(2);
}
