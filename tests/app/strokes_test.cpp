// Strokes of the hand: interrupted, by pen and keys, one step each, and what they leave behind.
#include "bench.h"

#include "app/canvas/settings.h"
#include "app/services/guard.h"
#include "art/ends.h"
#include "curve/comb.h"

#include <QTabletEvent>

using namespace softrope;
using curve::Vec2;
using hand::Hand;
using hand::waitFor;

namespace {

// A pen on a tablet, in sheet px.
void pen(Hand& h, QEvent::Type type, QPointF at, Qt::MouseButton button)
{
    static const QPointingDevice device("pen", 7, QInputDevice::DeviceType::Stylus, QPointingDevice::PointerType::Pen, QInputDevice::Capability::Pressure, 1,
                                        2);
    QTabletEvent e(type, &device, at, h.canvas().mapToGlobal(at), 0.6, 0, 0, 0, 0, 0, {}, button,
                   type == QEvent::TabletRelease ? Qt::NoButton : Qt::LeftButton);
    QCoreApplication::sendEvent(&h.canvas(), &e);
}

} // namespace

TEST_CASE("a circle that touched goes on free with Ctrl, and nothing else becomes it")
{
    Bench b;
    b.w.setStep(app::StepId::build);
    b.circle({300, 500}, 100);
    const art::Id other = b.circle({700, 500}, 80);
    b.h.canvas().takeTool("pick");
    b.h.canvas().fitSheet();
    const Vec2 grip{700 + 80, 500};
    // Dragged until it touches, then on with Ctrl to somewhere else.
    b.h.move(grip, false);
    b.h.press(grip);
    b.h.move(grip + Vec2{-100, 0});
    b.h.move(grip + Vec2{-218, 0});
    b.h.held = Qt::ControlModifier;
    b.h.move(grip + Vec2{-100, 200});
    b.h.lift(grip + Vec2{-100, 200});
    b.h.held = {};
    const curve::Box at = curve::bounds(b.path(other));
    CHECK(at.centre().x == Approx(600).margin(3));
    CHECK(at.centre().y == Approx(700).margin(3));
    // Dragged until it touches and given up: another shape that is sized stays itself.
    const Vec2 now = at.centre() + Vec2{80, 0};
    b.h.press(now);
    b.h.move(now + Vec2{-20, -100});
    b.h.move(now + Vec2{-118, -200});
    b.h.key(Qt::Key_Escape);
    b.h.lift(now + Vec2{-118, -200});
    CHECK(curve::bounds(b.path(other)).centre() == at.centre());
    const art::Id box = b.line({100, 900}, {300, 960});
    b.w.session().pickItems({box});
    const curve::Box frame = art::bounds(b.w.session().document(), {box}).grown(b.h.canvas().px(10));
    b.h.drag(frame.max, frame.max + Vec2{60, 40});
    CHECK(b.path(box).nodes.size() == 2);
}

TEST_CASE("undo in the middle of a drag gives the stroke up, and the next change builds on what is there")
{
    Bench b;
    b.w.setStep(app::StepId::trace);
    const art::Id id = b.line({200, 300}, {600, 320});
    b.w.session().take(art::transformed(b.w.session().document(), {id}, curve::translation({0, 100})), "Move");
    b.w.session().pickItems({id});
    b.h.canvas().takeTool("nodes");
    b.h.move({200, 400}, false);
    b.h.press({200, 400});
    b.h.move({180, 380});
    b.h.move({150, 350});
    REQUIRE(b.h.canvas().inStroke());
    b.w.run("undo");
    CHECK_FALSE(b.h.canvas().inStroke());
    b.h.move({100, 330});
    b.h.lift({100, 330});
    CHECK(b.path(id).nodes[0].at == Vec2{200, 300});
    b.w.session().pickItems({id});
    b.h.drag({600, 320}, {640, 340});
    CHECK(b.path(id).nodes[0].at == Vec2{200, 300});
    CHECK(b.path(id).nodes[1].at.x == Approx(640).margin(1));
}

TEST_CASE("a second button gives the stroke up, losing the keyboard ends it and lets every held key go")
{
    Bench b;
    b.w.setStep(app::StepId::trace);
    const art::Id id = b.line({200, 300}, {600, 320});
    b.w.session().pickItems({id});
    b.h.canvas().takeTool("pick");
    b.h.press({400, 310});
    b.h.move({420, 360});
    b.h.move({440, 410});
    b.h.send(QEvent::MouseButtonPress, b.h.on({440, 410}), Qt::RightButton, Qt::LeftButton | Qt::RightButton);
    b.h.lift({440, 410});
    CHECK(b.path(id).nodes[0].at == Vec2{200, 300});
    // A borrowed tool, a peek, a squint, Space and Z, and then the window is left.
    QTest::keyPress(&b.h.canvas(), Qt::Key_S, Qt::NoModifier);
    REQUIRE(b.h.canvas().tool()->id() == "pen");
    QTest::qWait(app::HeldKeys::tap + 20);
    QTest::keyPress(&b.h.canvas(), Qt::Key_W);
    QTest::keyPress(&b.h.canvas(), Qt::Key_Q);
    QTest::keyPress(&b.h.canvas(), Qt::Key_Space);
    CHECK(b.h.canvas().view().peekReference);
    CHECK(b.h.canvas().view().squint);
    QDialog elsewhere;
    elsewhere.show();
    REQUIRE(QTest::qWaitForWindowExposed(&elsewhere));
    elsewhere.activateWindow();
    REQUIRE(waitFor([&] { return !b.w.isActiveWindow(); }));
    CHECK_FALSE(b.h.canvas().view().peekReference);
    CHECK_FALSE(b.h.canvas().view().squint);
    CHECK(b.h.canvas().tool()->id() == "pick");
    elsewhere.close();
    b.w.activateWindow();
    REQUIRE(waitFor([&] { return b.w.isActiveWindow(); }));
    b.h.canvas().setFocus();
    const Vec2 centre = b.h.canvas().view().centre;
    b.h.drag({800, 800}, {860, 860});
    CHECK(b.h.canvas().view().centre == centre); // Space is not held any more
}

TEST_CASE("a pen pans with Space held, zooms with Z, and draws else")
{
    Bench b;
    b.w.setStep(app::StepId::trace);
    b.h.canvas().takeTool("freehand");
    const auto drag = [&](QPointF from, QPointF to) {
        pen(b.h, QEvent::TabletPress, from, Qt::LeftButton);
        for (int k = 1; k <= 6; ++k) pen(b.h, QEvent::TabletMove, from + (to - from) * k / 6, Qt::NoButton);
        pen(b.h, QEvent::TabletRelease, to, Qt::LeftButton);
    };
    const app::View was = b.h.canvas().view();
    QTest::keyPress(&b.h.canvas(), Qt::Key_Space);
    drag({300, 300}, {380, 340});
    QTest::keyRelease(&b.h.canvas(), Qt::Key_Space);
    CHECK(b.h.canvas().view().centre.x == Approx(was.centre.x - 80 / was.zoom));
    CHECK(b.h.canvas().view().centre.y == Approx(was.centre.y - 40 / was.zoom));
    QTest::keyPress(&b.h.canvas(), Qt::Key_Z);
    drag({300, 300}, {300, 240});
    QTest::keyRelease(&b.h.canvas(), Qt::Key_Z);
    CHECK(b.h.canvas().view().zoom > 1.2 * was.zoom);
    CHECK(b.h.lines().empty());
    drag({300, 300}, {420, 380});
    CHECK(b.h.lines().size() == 1);
}

TEST_CASE("one drag of Trim is one step back")
{
    Bench b;
    b.w.setStep(app::StepId::build);
    b.line({100, 300}, {900, 300});
    for (const double x : {200.0, 400.0, 600.0}) b.line({x, 100}, {x, 500});
    const art::Document whole = b.w.session().document();
    b.h.canvas().takeTool("trim");
    b.h.stroke({{150, 250}, {150, 280}, {150, 320}, {300, 330}, {300, 280}, {500, 270}, {500, 330}});
    REQUIRE_FALSE(b.w.session().document() == whole);
    b.w.run("undo");
    CHECK(b.w.session().document() == whole);
}

TEST_CASE("M mirrors at the layer's last axis, a picked line becomes one only when asked to")
{
    Bench b;
    b.w.setStep(app::StepId::build);
    const art::Id id = b.line({700, 100}, {700, 500});
    b.w.session().pickItems({id});
    b.h.key(Qt::Key_M);
    const auto axis = [&] { return b.w.session().document().layer(b.w.session().selection().layer)->mirror; };
    REQUIRE(axis());
    CHECK(axis()->through.x == Approx(540));
    REQUIRE(b.w.run("make-axis"));
    CHECK(axis()->through.x == Approx(700));
    b.h.key(Qt::Key_M);
    CHECK_FALSE(axis());
    b.w.session().pickItems({});
    b.h.key(Qt::Key_M);
    REQUIRE(axis());
    CHECK(axis()->through.x == Approx(700));
}

TEST_CASE("rings at open ends are for drawing and building, elsewhere only what is picked has them, and not what was meant")
{
    Bench b;
    const art::Id id = b.line({300, 300}, {700, 300});
    const auto ringed = [&] {
        hand::idle(b.w);
        b.h.canvas().repaint();
        hand::idle(b.w);
        const QImage shot = b.h.canvas().grab().toImage();
        const QPoint at = b.h.on({700, 300}).toPoint();
        int found = 0;
        const QColor ring = app::marks().openEnd;
        for (int y = -9; y <= 9; ++y)
            for (int x = 5; x <= 11; ++x) {
                const QColor c = shot.pixelColor(at + QPoint(x, y));
                found += std::abs(c.red() - ring.red()) + std::abs(c.green() - ring.green()) + std::abs(c.blue() - ring.blue()) < 90;
            }
        return found > 3;
    };
    b.w.session().pickItems({});
    b.w.setStep(app::StepId::trace);
    CHECK(ringed());
    b.w.setStep(app::StepId::colour);
    CHECK(hand::waitFor([&] { return !ringed(); }));
    b.w.setStep(app::StepId::trace);
    b.w.session().take(art::withItemChanged(b.w.session().document(), id, [](art::Item& i) { std::get<art::Artwork>(i.is).openMeant = true; }),
                       "Leave it open");
    CHECK(hand::waitFor([&] { return !ringed(); }));
    CHECK(b.w.survey().now().ends.empty());
}

TEST_CASE("all open ends are left open in one act, those of picked lines alone, and minded again")
{
    Bench b;
    b.w.setStep(app::StepId::trace);
    b.h.canvas().takeTool("pen");
    for (const double y : {200.0, 500.0, 800.0}) {
        b.h.click({200, y});
        b.h.click({700, y + 60});
        b.h.key(Qt::Key_Return);
    }
    b.h.key(Qt::Key_Escape);
    b.w.session().pickItems({});
    const auto ends = [&] {
        hand::waitFor([&] { return b.w.survey().upToDate(); });
        return b.w.survey().now().ends.size();
    };
    REQUIRE(ends() == 6);
    b.w.session().pickItems({b.w.session().document().layers.back()->items.front()->id});
    b.h.key(Qt::Key_Period, Qt::AltModifier);
    CHECK(ends() == 4);
    b.w.session().pickItems({});
    b.h.key(Qt::Key_Period, Qt::AltModifier);
    CHECK(ends() == 0);
    // One act is one step back; picked, they are minded again.
    b.h.key(Qt::Key_Z, Qt::ControlModifier);
    CHECK(ends() == 4);
    b.w.session().pickItems({b.w.session().document().layers.back()->items.front()->id});
    b.h.key(Qt::Key_Period, Qt::AltModifier);
    CHECK(ends() == 6);
    // A group stands for the lines in it.
    b.w.session().pickItems({b.w.session().document().layers.back()->items[0]->id, b.w.session().document().layers.back()->items[1]->id});
    b.h.key(Qt::Key_G, Qt::ControlModifier);
    REQUIRE(b.w.session().selection().items.size() == 1);
    b.h.key(Qt::Key_Period, Qt::AltModifier);
    CHECK(ends() == 2);
}

TEST_CASE("a click between two nodes and Delete opens a circle there, and the pen goes on")
{
    Bench b;
    b.w.setStep(app::StepId::trace);
    const art::Id id = b.circle({500, 500}, 200);
    b.w.session().pickItems({id});
    b.h.canvas().takeTool("nodes");
    b.h.click(Vec2{500, 500} + 200 * curve::direction(curve::radians(45)));
    b.h.key(Qt::Key_Delete);
    REQUIRE(b.path(id).pieceCount() == 3);
    CHECK_FALSE(b.path(id).closed);
    b.h.canvas().takeTool("pen");
    b.h.click(b.path(id).nodes.back().at);
    b.h.click({900, 900});
    b.h.key(Qt::Key_Return);
    CHECK(b.path(id).nodes.size() == 5);
}

TEST_CASE("a half-bead tells what the weld makes of its seam, and a click turns it over")
{
    Bench b;
    b.w.setStep(app::StepId::build);
    b.line({540, 200}, {300, 260}); // fourteen degrees off square
    b.h.key(Qt::Key_M);
    b.h.canvas().takeTool("pick");
    b.w.session().pickItems({});
    b.h.canvas().fitSheet();
    CHECK(b.w.session().seams.empty());
    b.h.click({540, 200});
    REQUIRE(b.w.session().seams.size() == 1);
    CHECK(b.w.session().seams[0].smooth);
    b.h.click({540, 200});
    CHECK_FALSE(b.w.session().seams[0].smooth);
    REQUIRE(b.w.run("weld"));
    REQUIRE(b.h.lines().size() >= 1);
    for (const art::Item* i : b.h.lines())
        if (i->artwork()->paths[0].nodes.size() == 3) CHECK(curve::isStraight(i->artwork()->paths[0].piece(0)));
}

TEST_CASE("a long stroke lands at once and is fitted with care behind the hand, as one step")
{
    Bench b;
    b.w.setStep(app::StepId::trace);
    b.h.canvas().takeTool("freehand");
    std::vector<Vec2> stroke;
    for (int k = 0; k < 1500; ++k) stroke.push_back({100 + 0.55 * k, 500 + 120 * std::sin(k * 0.012) + 0.3 * std::sin(k * 1.7)});
    const art::Document before = b.w.session().document();
    b.h.stroke(stroke);
    REQUIRE(b.h.lines().size() == 1);
    hand::idle(b.w);
    const art::Id id = b.h.lines()[0]->id;
    CHECK(b.w.session().document() == art::withSlack(b.w.session().document(), id, b.h.lines()[0]->artwork()->hand()->slack).document);
    // What is said of it is said of the line that is there now.
    CHECK(b.w.lastSaid().contains(QString("→ %1 nodes").arg(b.path(id).nodes.size())));
    b.w.run("undo");
    CHECK(b.w.session().document() == before);
}

TEST_CASE("E shows how far off, pressed again how the line bends, and Fairer takes its waves out as one step")
{
    Bench b;
    b.w.setStep(app::StepId::trace);
    // A half circle whose nodes were set by an unsteady hand.
    curve::Path lumpy;
    for (int k = 0; k <= 8; ++k) {
        const double a = curve::pi + curve::pi * k / 8, off = (k % 2 ? 0.22 : -0.22) * (k > 0 && k < 8), h = 250 * curve::pi / 8 / 3;
        const Vec2 at = Vec2{540, 600} + curve::direction(a) * 250, way = perpendicular(curve::direction(a + off));
        lumpy.nodes.push_back(
            {at, k == 0 ? at : at - way * h, k == 8 ? at : at + way * h, k == 0 || k == 8 ? curve::NodeKind::corner : curve::NodeKind::smooth});
    }
    art::Item i;
    art::Artwork a;
    a.setPaths({lumpy});
    a.stroke.colour = art::Colour{0, 0, 0};
    i.is = a;
    const art::Id id = b.put(i);
    const std::size_t waves = curve::inflectionsOf(lumpy).size();
    REQUIRE(waves > 2);
    b.w.session().pickItems({id});
    b.h.canvas().setFocus();
    b.h.key(Qt::Key_E);
    CHECK(b.w.farOff().shown());
    b.h.key(Qt::Key_E);
    CHECK(b.w.farOff().combShown());
    CHECK_FALSE(b.w.farOff().shown());
    CHECK(b.w.farOff().inflections().size() == waves);
    b.h.canvas().setSetting(app::settings::fairerSlack, 6);
    const std::size_t steps = b.w.session().history().length();
    REQUIRE(b.w.run("fairer"));
    hand::idle(b.w);
    const curve::Path after = b.path(id);
    CHECK(curve::inflectionsOf(after).empty());
    CHECK(b.w.farOff().inflections().empty());
    CHECK(after.nodes.front().at == lumpy.nodes.front().at);
    CHECK(after.nodes.back().at == lumpy.nodes.back().at);
    CHECK(b.w.session().history().length() == steps + 1);
    CHECK(b.w.lastSaid().startsWith(QString("Inflections %1 → 0, largest move").arg(waves)));
    // Once more brings nothing, and says so.
    REQUIRE(b.w.run("fairer"));
    hand::idle(b.w);
    CHECK(b.path(id) == after);
    CHECK(b.w.lastSaid() == "They bend as evenly as they can within that slack.");
    b.h.canvas().setSetting(app::settings::fairerSlack, 0.5);
    b.h.key(Qt::Key_E);
    CHECK_FALSE(b.w.farOff().combShown());
}
