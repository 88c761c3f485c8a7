// Words on the sheet by keys and pointer: typed, changed, on arcs and lines, from other typefaces, to shapes.
#include "app/bench.h"

#include "app/commands/desk.h"
#include "app/widgets/typeface_list.h"
#include "app/widgets/widgets.h"
#include "art/lettering.h"
#include "art/tree.h"

#include <QClipboard>
#include <QInputMethodEvent>
#include <QLineEdit>
#include <QListWidget>

using namespace softrope;
using curve::Vec2;
using hand::settle;

namespace {

struct Sheet : Bench {
    Sheet()
    {
        w.session().start(art::newDocument(), {});
        h.canvas().fitSheet();
        w.setStep(app::StepId::colour);
        letter::Type t;
        t.family = "Roboto Slab";
        t.weight = 700;
        t.size = 80;
        t.align = letter::Align::start;
        w.session().nextType = t;
        h.canvas().setSetting(app::settings::wordsWay, 0);
        h.canvas().setSetting(app::settings::wordsInside, false);
        h.canvas().setFocus();
        h.key(Qt::Key_H);
        REQUIRE(h.canvas().tool()->id() == "text");
    }
    void type(const QString& text)
    {
        for (const QChar c : text) {
            const Qt::Key key = c == '\n' ? Qt::Key_Return : static_cast<Qt::Key>(c.toUpper().unicode());
            QKeyEvent before(QEvent::ShortcutOverride, key, Qt::NoModifier, c == '\n' ? QString("\r") : QString(c));
            before.ignore();
            QApplication::sendEvent(&h.canvas(), &before);
            CHECK(before.isAccepted());
            QKeyEvent e(QEvent::KeyPress, key, Qt::NoModifier, c == '\n' ? QString("\r") : QString(c));
            QApplication::sendEvent(&h.canvas(), &e);
        }
        settle(5);
    }
    const art::Item* words()
    {
        const auto all = art::letterings(w.session().document());
        return all.empty() ? nullptr : all.back();
    }
    const art::Lettering& set() { return *words()->artwork()->lettering(); }
    void number(const QString& name, const QString& value) { hand::enter(w, name, value); }
};

} // namespace

TEST_CASE("words are typed where one clicks: every letter is a letter, a step is a word, Escape ends")
{
    Sheet s;
    s.h.click({200, 300});
    s.type("Wag zebra q");
    REQUIRE(s.words());
    CHECK(s.set().words == "Wag zebra q"); // none of them a command or a held key
    CHECK(s.h.canvas().tool()->id() == "text");
    CHECK(s.set().type.size == 80);
    CHECK(curve::bounds(s.words()->artwork()->paths).min.x == Approx(200).margin(8));
    CHECK(s.words()->artwork()->fill.colour);
    s.w.run("undo");
    CHECK(s.set().words == "Wag zebra ");
    s.w.run("undo");
    CHECK(s.set().words == "Wag ");
    s.w.run("redo");
    CHECK(s.set().words == "Wag zebra ");
    s.h.key(Qt::Key_Escape);
    CHECK(s.h.canvas().tool()->id() == "text");
    CHECK_FALSE(s.h.canvas().typing());
    s.h.key(Qt::Key_Escape);
    CHECK(s.h.canvas().tool()->id() == "pick");
    // Nothing typed leaves nothing behind.
    const std::size_t steps = s.h.document().layers.back()->items.size();
    s.h.key(Qt::Key_H);
    s.w.session().pickItems({});
    s.h.key(Qt::Key_Escape);
    s.h.key(Qt::Key_H);
    s.h.click({300, 700});
    s.h.key(Qt::Key_Escape);
    CHECK(s.h.document().layers.back()->items.size() == steps);
}

TEST_CASE("the caret goes by letters, words and lines, marks, and what is marked is replaced, cut and put in")
{
    Sheet s;
    s.h.click({200, 300});
    s.type("lamp hook\njar");
    s.h.key(Qt::Key_Up);
    s.h.key(Qt::Key_Home);
    s.h.key(Qt::Key_Right, Qt::ControlModifier | Qt::ShiftModifier);
    s.h.key(Qt::Key_X, Qt::ControlModifier);
    const QString cut = QGuiApplication::clipboard()->text();
    CHECK(cut.trimmed() == "lamp");
    CHECK(s.set().words.find("hook") <= 1);
    s.h.key(Qt::Key_End, Qt::ControlModifier);
    s.h.key(Qt::Key_Backspace);
    s.type("m ");
    s.h.key(Qt::Key_V, Qt::ControlModifier);
    CHECK(QString::fromStdString(s.set().words).trimmed().endsWith("jam " + cut.trimmed()));
    s.h.key(Qt::Key_A, Qt::ControlModifier);
    s.type("Quince");
    CHECK(s.set().words == "Quince");
    s.h.key(Qt::Key_Backspace, Qt::ControlModifier);
    CHECK_FALSE(s.words()); // all gone; the place stays
    s.type("Fig");
    REQUIRE(s.words());
    CHECK(curve::bounds(s.words()->artwork()->paths).min.x == Approx(200).margin(8));
    // By the pointer: a drag over two letters marks them.
    s.h.key(Qt::Key_Escape);
    const curve::Box b = curve::bounds(s.words()->artwork()->paths);
    s.h.drag({b.max.x + 4, 290}, {b.min.x + 0.45 * b.width(), 290});
    s.type("lm");
    CHECK(s.set().words == "Flm");
    s.h.doubleClick({b.min.x + 10, 290});
    s.type("Moth");
    CHECK(s.set().words == "Moth");
}

TEST_CASE("an input method's words are seen while they are made up and are words when they are settled")
{
    Sheet s;
    s.h.click({200, 300});
    CHECK(s.h.canvas().testAttribute(Qt::WA_InputMethodEnabled));
    // Also before there is a letter.
    QInputMethodEvent first("a", {});
    QApplication::sendEvent(&s.h.canvas(), &first);
    CHECK_FALSE(s.words());
    CHECK(s.h.canvas().held().size() == 1);
    QInputMethodEvent none;
    QApplication::sendEvent(&s.h.canvas(), &none);
    CHECK(s.h.canvas().held().empty());
    s.type("a");
    QInputMethodEvent making("\u00e9t", {});
    QApplication::sendEvent(&s.h.canvas(), &making);
    CHECK(s.set().words == "a");
    REQUIRE(s.h.canvas().held().size() == 1);
    QInputMethodEvent settled;
    settled.setCommitString("\u00e9t\u00e9");
    QApplication::sendEvent(&s.h.canvas(), &settled);
    CHECK(s.set().words == "a\u00e9t\u00e9");
    CHECK(s.h.canvas().held().empty());
    CHECK(s.h.canvas().inputMethodQuery(Qt::ImCursorRectangle).toRectF().height() > 10);
    s.h.key(Qt::Key_Escape);
    CHECK_FALSE(s.h.canvas().testAttribute(Qt::WA_InputMethodEnabled));
}

TEST_CASE("words go round a centre by one drag, spread by the card, and are moved by their bead")
{
    Sheet s;
    s.h.canvas().setSetting(app::settings::wordsWay, 1);
    s.h.drag({540, 540}, {540, 240});
    s.type("NIGHT MARKET");
    REQUIRE(s.words());
    CHECK(s.set().way == art::Lettering::Way::arc);
    CHECK(s.set().radius == Approx(300).margin(2));
    const curve::Box top = curve::bounds(s.words()->artwork()->paths);
    CHECK(top.centre().x == Approx(540).margin(6));
    CHECK(top.max.y < 540);
    s.h.key(Qt::Key_Escape);
    s.number("Spread over", "180");
    CHECK(s.set().spread == Approx(curve::pi));
    CHECK(curve::bounds(s.words()->artwork()->paths).width() > 600);
    s.number("Spread over", "0");
    s.h.canvas().setFocus();
    s.h.drag({540, 240}, {840, 540});
    CHECK(s.set().angle == Approx(0).margin(0.02));
    CHECK(curve::bounds(s.words()->artwork()->paths).min.x > 540);
    s.w.run("undo");
    CHECK(s.set().angle == Approx(-curve::pi / 2).margin(0.02));
    // At the foot, heads inwards.
    s.h.canvas().setSetting(app::settings::wordsInside, true);
    s.w.session().pickItems({});
    s.h.drag({540, 540}, {540, 840});
    s.type("SALTS");
    CHECK(s.set().over);
    CHECK(curve::bounds(s.words()->artwork()->paths).max.y < 850);
}

TEST_CASE("words stand on a line that is clicked, follow it when it is moved, and slide when they are")
{
    Sheet s;
    const art::Id rail = s.line({200, 600}, {900, 600});
    s.h.canvas().setFocus();
    s.h.canvas().setSetting(app::settings::wordsWay, 2);
    s.h.click({100, 100}); // no line there
    CHECK_FALSE(s.h.canvas().typing());
    s.h.click({550, 600});
    s.type("lanterns");
    REQUIRE(s.words());
    const art::Id id = s.words()->id;
    CHECK(s.set().line == rail);
    CHECK(s.set().start == Approx(0.5).margin(0.01));
    s.h.key(Qt::Key_Escape);
    const curve::Box before = curve::bounds(s.words()->artwork()->paths);
    CHECK(before.max.y == Approx(600).margin(25));
    s.w.session().take(art::withPaths(s.h.document(), rail, {curve::polyline({{200, 800}, {900, 800}}, false)}), "Move");
    hand::idle(s.w);
    CHECK(curve::bounds(s.h.document().item(id)->artwork()->paths).max.y == Approx(before.max.y + 200).margin(0.1));
    s.w.session().take(art::transformed(s.h.document(), {id}, curve::translation({100, 0})), "Move");
    hand::idle(s.w);
    CHECK(s.set().start == Approx(0.5 + 100.0 / 700).margin(0.01));
}

TEST_CASE("another typeface is seen on the sheet while it is pointed at, and set when it is taken; sizes are told in any unit")
{
    Sheet s;
    s.h.click({200, 300});
    s.type("Moth");
    s.h.key(Qt::Key_Escape);
    auto* face = hand::shown<app::TypefaceButton>(s.w, "Typeface");
    REQUIRE(face);
    CHECK(face->text().contains("Roboto"));
    QTest::mouseClick(face, Qt::LeftButton);
    REQUIRE(face->list());
    CHECK(face->list()->item(0)->text() == "Roboto Slab"); // in use
    QTest::keyClicks(face->search(), "bebas");
    int seen = 0;
    for (int k = 0; k < face->list()->count(); ++k) seen += !face->list()->item(k)->isHidden();
    REQUIRE(seen == 1);
    settle(20);
    CHECK(s.set().type.family == "Roboto Slab"); // only looked at
    QTest::keyClick(face->search(), Qt::Key_Return);
    settle(30);
    CHECK(s.set().type.family == "Bebas Neue");
    s.number("Size", "72");
    CHECK(s.set().type.size == Approx(72));
    auto* unit = hand::shown<QComboBox>(s.w, "Unit of the size");
    REQUIRE(unit);
    unit->setCurrentIndex(1);
    emit unit->activated(1);
    s.number("Size", "72");
    CHECK(s.set().type.size == Approx(96)); // CSS: 72 pt are an inch, 96 px
    s.number("Wide as seen", "400");
    CHECK(curve::bounds(s.words()->artwork()->paths).width() == Approx(400).margin(0.1));
    s.number("Tracking", "190");
    CHECK(s.set().type.tracking == 190);
    CHECK(s.w.session().nextType.tracking == 190); // the next words too
}

TEST_CASE("words become one shape or a shape for each letter, and undo brings them back")
{
    Sheet s;
    s.h.click({200, 300});
    s.type("Jar");
    s.h.key(Qt::Key_Escape);
    const art::Id id = s.words()->id;
    s.w.run("letters-apart");
    CHECK_FALSE(s.words());
    REQUIRE(s.h.document().item(id)->group());
    CHECK(s.h.document().item(id)->group()->items->size() == 3);
    s.w.run("undo");
    REQUIRE(s.words());
    s.w.run("letters-united");
    CHECK_FALSE(s.words());
    CHECK(s.h.document().item(id)->artwork());
    s.w.run("undo");
    CHECK(s.set().words == "Jar");
}
