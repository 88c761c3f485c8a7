// The tools of Trace and Place, by pointer and keys.
#include <catch2/catch.hpp>

#include "app/canvas/replay.h"
#include "app/commands/search.h"
#include "app/hand.h"
#include "art/edits.h"
#include "curve/edit.h"

#include <QClipboard>
#include <QImage>
#include <QLineEdit>
#include <QScrollArea>
#include <QTemporaryDir>

using namespace softrope;
using curve::Vec2;
using hand::Hand;
using hand::settle;

TEST_CASE("pen: clicks make corners, drags make curves, Enter ends, and each node is a step")
{
    app::Window w;
    Hand h(w);
    h.key(Qt::Key_2);
    h.key(Qt::Key_S);
    REQUIRE(h.canvas().tool()->id() == "pen");
    h.click({200, 200});
    h.click({400, 200});
    h.drag({500, 400}, {500, 500});
    REQUIRE(h.lines().size() == 1);
    REQUIRE(h.path(0).nodes.size() == 3);
    CHECK(curve::isStraight(h.path(0).piece(0)));
    CHECK(h.path(0).nodes[2].kind == curve::NodeKind::smooth);
    CHECK(h.path(0).nodes[2].out.y > 480);
    CHECK(h.path(0).nodes[2].in.y < 320);
    // Undo works in the middle of a line, and drawing goes on.
    h.key(Qt::Key_Z, Qt::ControlModifier);
    CHECK(h.path(0).nodes.size() == 2);
    h.click({600, 300});
    CHECK(h.path(0).nodes.size() == 3);
    // Backspace takes one node back.
    h.key(Qt::Key_Backspace);
    CHECK(h.path(0).nodes.size() == 2);
    h.key(Qt::Key_Return);
    h.click({800, 800});
    CHECK(h.lines().size() == 2);
    // A line of one node is none: Esc drops it, the next Esc brings Pick.
    h.key(Qt::Key_Escape);
    CHECK(h.lines().size() == 1);
    h.key(Qt::Key_Escape);
    CHECK(h.canvas().tool()->id() == "pick");
}

TEST_CASE("pen: Alt breaks the handles while dragging, without leaving the tool")
{
    app::Window w;
    Hand h(w);
    h.key(Qt::Key_2);
    h.key(Qt::Key_S);
    h.click({200, 200});
    h.move({400, 200}, false);
    h.press({400, 200});
    h.move({400, 300});
    h.held = Qt::AltModifier;
    h.move({500, 200});
    h.lift({500, 200});
    h.held = Qt::NoModifier;
    const curve::Node n = h.path(0).nodes[1];
    CHECK(n.kind == curve::NodeKind::corner);
    CHECK(n.out.x > 480);
    h.click({600, 400});
    CHECK(h.path(0).nodes.size() == 3);
}

TEST_CASE("a click near the first node closes, a click on an open end goes on from it")
{
    app::Window w;
    Hand h(w);
    h.key(Qt::Key_2);
    h.key(Qt::Key_F);
    REQUIRE(h.canvas().tool()->id() == "straights");
    for (const Vec2 p : {Vec2{200, 200}, Vec2{500, 200}, Vec2{500, 500}}) h.click(p);
    h.click({203, 202});
    REQUIRE(h.path(0).closed);
    CHECK(h.path(0).nodes.size() == 3);
    h.click({700, 300});
    h.click({900, 300});
    h.key(Qt::Key_Escape);
    CHECK(art::openEnds(h.document()).size() == 2);
    h.click({898, 303});
    h.click({900, 600});
    REQUIRE(h.lines().size() == 2);
    CHECK(h.path(1).nodes.size() == 3);
    // From its start, the line is turned round first.
    h.key(Qt::Key_Escape);
    h.click({701, 299});
    h.click({700, 600});
    CHECK(h.path(1).nodes.size() == 4);
    CHECK(distance(h.path(1).nodes.back().at, {700, 600}) < 2);
}

TEST_CASE("snapping catches open ends with a reason, Ctrl suspends it")
{
    app::Window w;
    Hand h(w);
    h.key(Qt::Key_2);
    h.key(Qt::Key_F);
    h.click({200, 200});
    h.click({400, 200});
    h.key(Qt::Key_Return);
    h.click({700, 700});
    h.click({404, 203}); // drawing onto an open end joins the two lines
    REQUIRE(h.lines().size() == 1);
    CHECK(h.path(0).nodes.size() == 3);
    h.key(Qt::Key_Return);
    h.click({545, 536});
    CHECK(h.path(1).nodes[0].at == Vec2{540, 540}); // the sheet's centre
    h.key(Qt::Key_Escape);
    h.held = Qt::ControlModifier;
    h.click({545, 536});
    h.click({900, 900});
    h.held = Qt::NoModifier;
    CHECK(distance(h.path(1).nodes[0].at, {545, 536}) < 1.5);
}

TEST_CASE("straights bent in their middles go through the pointer, a double click makes them straight again")
{
    app::Window w;
    Hand h(w);
    h.key(Qt::Key_2);
    h.key(Qt::Key_F);
    for (const Vec2 p : {Vec2{200, 300}, Vec2{600, 300}, Vec2{600, 700}, Vec2{200, 700}}) h.click(p);
    h.click({200, 300});
    REQUIRE(h.path(0).closed);
    h.key(Qt::Key_G);
    h.drag({400, 300}, {420, 180});
    CHECK(curve::nearest(h.path(0).piece(0), {420, 180}).distance < 1.5);
    CHECK(distance(h.path(0).nodes[0].at, {200, 300}) < 2);
    CHECK(QString::fromStdString(w.session().history().undoName()) == "Bow");
    h.doubleClick({420, 180});
    CHECK(curve::isStraight(h.path(0).piece(0)));
    // Esc in the middle of a pull leaves all as it was.
    h.press({600, 500});
    h.move({700, 500});
    h.move({750, 500});
    h.key(Qt::Key_Escape);
    h.lift({750, 500});
    CHECK(curve::isStraight(h.path(0).piece(1)));
}

TEST_CASE("nodes: drag, one more click turns the kind, double click adds, Delete removes")
{
    app::Window w;
    Hand h(w);
    h.key(Qt::Key_2);
    h.key(Qt::Key_F);
    for (const Vec2 p : {Vec2{200, 300}, Vec2{400, 500}, Vec2{700, 300}}) h.click(p);
    h.key(Qt::Key_Return);
    h.key(Qt::Key_H);
    h.drag({400, 500}, {450, 550});
    CHECK(distance(h.path(0).nodes[1].at, {450, 550}) < 1.5);
    h.click({450, 550});
    CHECK(h.path(0).nodes[1].kind == curve::NodeKind::smooth);
    h.key(Qt::Key_C);
    CHECK(h.path(0).nodes[1].kind == curve::NodeKind::corner);
    h.key(Qt::Key_C);
    // A handle dragged at a smooth node turns the other along; with Alt it breaks.
    const curve::Node before = h.path(0).nodes[1];
    h.drag(before.out, before.out + Vec2{0, 80});
    const curve::Node after = h.path(0).nodes[1];
    CHECK(std::abs(cross(unit(after.out - after.at), unit(after.in - after.at))) < 1e-6);
    h.held = Qt::AltModifier;
    h.drag(after.out, after.out + Vec2{60, -40});
    h.held = Qt::NoModifier;
    CHECK(h.path(0).nodes[1].kind == curve::NodeKind::corner);
    CHECK(distance(h.path(0).nodes[1].in, after.in) < 1e-9);
    const Vec2 middle = curve::at(h.path(0).piece(0), 0.5);
    h.doubleClick(middle);
    CHECK(h.path(0).nodes.size() == 4);
    h.key(Qt::Key_Delete);
    CHECK(h.path(0).nodes.size() == 3);
    h.key(Qt::Key_Z, Qt::ControlModifier);
    CHECK(h.path(0).nodes.size() == 4);
    CHECK(w.session().selection().nodes.size() == 1);
}

TEST_CASE("a node dropped on its neighbour merges with it, an end dropped on another end joins")
{
    app::Window w;
    Hand h(w);
    h.key(Qt::Key_2);
    h.key(Qt::Key_F);
    for (const Vec2 p : {Vec2{200, 300}, Vec2{300, 400}, Vec2{400, 300}, Vec2{600, 400}}) h.click(p);
    h.key(Qt::Key_Return);
    h.click({700, 700});
    h.click({900, 700});
    h.key(Qt::Key_Return);
    h.key(Qt::Key_Escape);
    w.session().pickItems({h.lines()[0]->id});
    h.key(Qt::Key_H);
    h.drag({300, 400}, {396, 304});
    CHECK(h.path(0).nodes.size() == 3);
    CHECK(QString::fromStdString(w.session().history().undoName()) == "Merge nodes");
    h.drag({600, 400}, {704, 697});
    REQUIRE(h.lines().size() == 1);
    CHECK(h.path(0).nodes.size() == 4);
    // Its two ends dropped on each other close it.
    h.drag({900, 700}, {203, 302});
    CHECK(h.path(0).closed);
}

TEST_CASE("freehand: few nodes, closes near its start, slack changes it afterwards on the card")
{
    app::Window w;
    Hand h(w);
    h.key(Qt::Key_2);
    h.key(Qt::Key_D);
    std::vector<Vec2> ring;
    for (int i = 0; i <= 180; ++i) ring.push_back(Vec2{500, 500} + curve::direction(i * curve::pi / 92) * (200 + 3 * std::sin(i * 0.7)));
    h.stroke(ring);
    REQUIRE(h.lines().size() == 1);
    CHECK(h.path(0).closed);
    CHECK(h.path(0).nodes.size() < 30);
    REQUIRE(h.lines()[0]->artwork()->hand());
    CHECK(h.lines()[0]->artwork()->hand()->samples.size() > 100);
    settle(150); // the card is built anew with the line
    auto* slack = hand::shown<app::Slider>(w, "Slack");
    const std::size_t steps = w.session().history().length();
    std::size_t fine = 0; // nodes with the least slack
    for (int x = 10; x <= slack->width() - 12; x += 20) {
        QTest::mousePress(slack, Qt::LeftButton, {}, {x, 12});
        QTest::mouseRelease(slack, Qt::LeftButton, {}, {x, 12});
        if (x == 10) fine = h.path(0).nodes.size();
    }
    CHECK(h.path(0).nodes.size() < fine);
    CHECK(h.lines()[0]->artwork()->hand()->slack > 6);
    CHECK(w.session().history().length() > steps);
    // A stroke dropped by Esc leaves nothing.
    h.press({100, 100});
    h.move({150, 150});
    h.key(Qt::Key_Escape);
    h.lift({200, 150});
    CHECK(h.lines().size() == 1);
}

TEST_CASE("pick: move, size by a bracket, turn beside it, frame, duplicate, delete")
{
    app::Window w;
    Hand h(w);
    h.key(Qt::Key_2);
    h.key(Qt::Key_F);
    for (const Vec2 p : {Vec2{300, 300}, Vec2{500, 300}, Vec2{500, 400}}) h.click(p);
    h.key(Qt::Key_Return);
    h.key(Qt::Key_Escape);
    REQUIRE(h.canvas().tool()->id() == "pick");
    w.canvas().setSnapping(false);
    h.drag({400, 300}, {450, 380});
    CHECK(distance(h.path(0).nodes[0].at, {350, 380}) < 2);
    settle();
    const curve::Box box = art::bounds(h.document(), w.session().selection().items);
    const double gap = 10 / w.canvas().view().zoom;
    const Vec2 corner = box.max + Vec2{gap, gap};
    h.drag(corner, corner + (corner - box.min) * 0.5);
    CHECK(curve::arcLength(h.path(0)) > 400);
    CHECK(QString::fromStdString(w.session().history().undoName()) == "Size");
    h.key(Qt::Key_D, Qt::ControlModifier);
    CHECK(h.lines().size() == 2);
    h.key(Qt::Key_Delete);
    CHECK(h.lines().size() == 1);
    h.drag({10, 10}, {1070, 1070});
    CHECK(w.session().selection().items.size() == 1);
    w.canvas().setSnapping(true);
}

TEST_CASE("a locked layer is never moved, a click on it says so and offers to unlock")
{
    app::Window w;
    Hand h(w);
    h.key(Qt::Key_2);
    h.key(Qt::Key_F);
    h.click({300, 300});
    h.click({500, 300});
    h.key(Qt::Key_Return);
    h.key(Qt::Key_Escape);
    const art::Id layer = h.document().layers[0]->id;
    w.session().take(art::withLayer(h.document(), layer, [](art::Layer& l) { l.locked = true; }), "Lock layer");
    const art::Document before = h.document();
    h.drag({400, 300}, {600, 600});
    CHECK(h.document() == before);
    h.click({400, 300});
    CHECK(w.lastSaid().contains("locked"));
    h.key(Qt::Key_S);
    h.click({100, 100});
    CHECK(h.document() == before);
    CHECK(w.lastSaid().contains("locked"));
}

TEST_CASE("peek and squint while held, veil by keys, views by V, tools borrowed by a long press")
{
    app::Window w;
    Hand h(w);
    auto* c = &w.canvas();
    QTest::keyPress(c, Qt::Key_W);
    CHECK(c->view().peekReference);
    QTest::keyRelease(c, Qt::Key_W);
    CHECK_FALSE(c->view().peekReference);
    QTest::keyPress(c, Qt::Key_W, Qt::AltModifier);
    CHECK(c->view().peekArtwork);
    QTest::keyRelease(c, Qt::Key_W, Qt::AltModifier);
    CHECK_FALSE(c->view().peekArtwork);
    QTest::keyPress(c, Qt::Key_Q);
    CHECK(c->view().squint);
    QTest::keyRelease(c, Qt::Key_Q);
    CHECK_FALSE(c->view().squint);
    h.key(Qt::Key_BracketLeft);
    CHECK(c->view().veil == Approx(0.95));
    h.key(Qt::Key_V);
    CHECK(c->view().show == app::Show::beside);
    h.key(Qt::Key_V);
    h.key(Qt::Key_V);
    CHECK(c->view().show == app::Show::over);
    h.key(Qt::Key_2);
    h.key(Qt::Key_S);
    QTest::keyPress(c, Qt::Key_H);
    CHECK(c->tool()->id() == "nodes");
    settle(app::HeldKeys::tap + 20); // longer than a tap
    QTest::keyRelease(c, Qt::Key_H);
    CHECK(c->tool()->id() == "pen");
}

TEST_CASE("zoom at the pointer keeps the place under it, space drags the sheet")
{
    app::Window w;
    Hand h(w);
    const QPointF at(300, 250);
    const Vec2 before = h.canvas().view().toSheet(h.canvas().rect(), at);
    QWheelEvent wheel(at, h.canvas().mapToGlobal(at), {}, {0, 240}, Qt::NoButton, Qt::NoModifier, Qt::NoScrollPhase, false);
    QCoreApplication::sendEvent(&h.canvas(), &wheel);
    CHECK(distance(h.canvas().view().toSheet(h.canvas().rect(), at), before) < 1e-9);
    CHECK(h.canvas().view().zoom > 0.6);
    const Vec2 centre = h.canvas().view().centre;
    QTest::keyPress(&h.canvas(), Qt::Key_Space);
    h.drag({300, 300}, {400, 300});
    QTest::keyRelease(&h.canvas(), Qt::Key_Space);
    CHECK(h.canvas().view().centre.x < centre.x - 50);
    CHECK(h.document() == art::newDocument());
}

TEST_CASE("number fields take sums")
{
    CHECK(*app::NumberField::evaluate("12/2") == 6);
    CHECK(*app::NumberField::evaluate("2*(3+4)-1") == 13);
    CHECK(*app::NumberField::evaluate(" 1,5 px") == 1.5);
    CHECK(*app::NumberField::evaluate("-3+-2") == -5);
    CHECK_FALSE(app::NumberField::evaluate("1/0"));
    CHECK_FALSE(app::NumberField::evaluate("three"));
    CHECK_FALSE(app::NumberField::evaluate(""));
    CHECK_FALSE(app::NumberField::evaluate(QString(500, '(')));
}

TEST_CASE("the tablet stand-in replays strokes with their pressure through tablet events")
{
    app::Window w;
    Hand h(w);
    h.key(Qt::Key_2);
    h.key(Qt::Key_D);
    QTemporaryDir folder;
    std::vector<std::vector<art::HandSample>> strokes(2);
    for (int s = 0; s < 2; ++s)
        for (int i = 0; i <= 60; ++i)
            strokes[static_cast<std::size_t>(s)].push_back(
                {{200.0 + 8 * i, 300.0 + 200 * s + 40 * std::sin(i * 0.1)}, 0.2F + 0.01F * static_cast<float>(i), 10, -5, static_cast<float>(i) / 200});
    QFile file(folder.filePath("strokes.json"));
    REQUIRE(file.open(QIODevice::WriteOnly));
    file.write(app::writeRecording(strokes));
    file.close();
    const app::Recording r = app::readRecording(file.fileName());
    REQUIRE(r.problem.isEmpty());
    w.replay().start(r, 4);
    REQUIRE(hand::waitFor([&] { return !w.replay().running(); }));
    REQUIRE(h.lines().size() == 2);
    const auto& drawn = h.lines()[0]->artwork()->hand();
    REQUIRE(drawn);
    CHECK(drawn->samples.size() > 50);
    CHECK(drawn->samples.front().pressure == Approx(0.2).margin(0.05));
    CHECK(drawn->samples.back().pressure > 0.7F);
    CHECK(drawn->samples[20].tiltX == Approx(10));
    CHECK_FALSE(app::readRecording(folder.filePath("none.json")).problem.isEmpty());
}

TEST_CASE("pictures come in by drop, several at once, and by paste, what is none says so")
{
    app::Window w;
    Hand h(w);
    QTemporaryDir folder;
    QImage image(300, 200, QImage::Format_RGB32);
    image.fill(Qt::darkGreen);
    const QStringList files{folder.filePath("a.png"), folder.filePath("b.jpg"), folder.filePath("c.bmp"), folder.filePath("d.webp"), folder.filePath("e.tiff")};
    for (const QString& f : files) REQUIRE(image.save(f));
    w.openFiles(files);
    REQUIRE(hand::waitFor([&] { return !w.busy(); }));
    int references = 0;
    for (const auto& l : h.document().layers)
        for (const auto& i : l->items)
            if (i->reference()) {
                ++references;
                CHECK(l->locked);
                CHECK(i->reference()->dim == 0.5);
            }
    CHECK(references == 5);
    QApplication::clipboard()->setImage(image);
    h.key(Qt::Key_V, Qt::ControlModifier);
    CHECK(h.document().layers.size() == 7);
    QFile bad(folder.filePath("bad.png"));
    REQUIRE(bad.open(QIODevice::WriteOnly));
    bad.write("no picture");
    bad.close();
    w.openFiles({bad.fileName()});
    REQUIRE(hand::waitFor([&] { return !w.busy(); }));
    CHECK(w.lastSaid().contains("not a picture"));
    CHECK(h.document().layers.size() == 7);
}

TEST_CASE("nothing is clipped or overlaps at the sizes the window must work in")
{
    for (const QSize size : {QSize(1024, 700), QSize(1280, 800), QSize(2560, 1440)}) {
        app::Window w;
        Hand h(w, size);
        w.run("step-trace");
        settle(60);
        for (QAbstractButton* b : w.findChildren<QAbstractButton*>()) {
            if (!b->isVisible() || b->visibleRegion().isEmpty()) continue;
            INFO(size.width() << ": " << b->text().toStdString() << " " << b->width() << " of " << b->sizeHint().width());
            if (qobject_cast<app::Pill*>(b)) CHECK(b->width() >= b->sizeHint().width());
            CHECK(w.rect().contains(QRect(b->mapTo(&w, QPoint(0, 0)), b->size())));
        }
        CHECK(w.canvas().width() > size.width() / 2);
        // The card scrolls up and down, never sideways.
        h.key(Qt::Key_F);
        h.click({300, 300});
        h.click({500, 300});
        h.key(Qt::Key_Return);
        settle(60);
        for (const char* tool : {"tool-freehand", "tool-pen", "tool-place", "pick-next"}) {
            w.run(tool);
            settle(40);
            for (QScrollArea* area : w.findChildren<QScrollArea*>()) {
                INFO(tool << " at " << size.width());
                if (area->isVisible() && area->widget()) CHECK(area->widget()->minimumSizeHint().width() <= area->viewport()->width());
            }
        }
        for (QScrollArea* area : w.findChildren<QScrollArea*>())
            if (area->isVisible() && area->widget()) CHECK(area->widget()->minimumSizeHint().width() <= area->viewport()->width());
    }
}

TEST_CASE("every command has a name, keys are given once, the search finds and runs them")
{
    app::Window w;
    Hand h(w);
    std::map<QString, QString> keys;
    for (const app::Command& c : w.commands()) {
        CHECK_FALSE(c.name.isEmpty());
        if (c.id.startsWith("language-") || c.id.startsWith("text-")) continue; // chosen once
        INFO(c.id.toStdString() << " has no key");
        CHECK_FALSE(c.keys.isEmpty());
        if (c.id.startsWith("tool-")) continue;
        INFO(c.id.toStdString() << " and " << keys[c.keys].toStdString() << " share " << c.keys.toStdString());
        CHECK(keys.count(c.keys) <= 1);
        CHECK(keys[c.keys].isEmpty());
        keys[c.keys] = c.id;
    }
    h.key(Qt::Key_K, Qt::ControlModifier);
    settle(50);
    auto* palette = w.findChild<app::CommandSearch*>();
    REQUIRE(palette);
    QTest::keyClicks(palette->findChild<QLineEdit*>(), "centre guides");
    QTest::keyClick(palette->findChild<QLineEdit*>(), Qt::Key_Return);
    settle(50);
    CHECK(h.document().guides.size() == 2);
}
