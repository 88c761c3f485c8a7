// Two whole jobs of the Build step by pointer and keys: a round teapot from circles and lines, and half a moth made whole.
#include <catch2/catch.hpp>

#include "app/hand.h"
#include "app/window/course.h"
#include "art/mirrored.h"
#include "art/touch.h"
#include "demo/pages.h"

using namespace softrope;
using curve::Vec2;
using hand::Hand;
using hand::settle;

namespace {

double areaOf(const art::Item& i)
{
    double sum = 0;
    for (const curve::Path& p : i.artwork()->paths) sum += curve::area(p);
    return std::abs(sum);
}
const art::Item* named(Hand& h, const std::string& name)
{
    for (const art::Item* i : h.lines())
        if (i->name == name) return i;
    return nullptr;
}
std::vector<Vec2> arc(Vec2 o, double r, double from, double to)
{
    std::vector<Vec2> p;
    for (int k = 0; k <= 24; ++k) p.push_back(o + r * curve::direction(curve::radians(from + (to - from) * k / 24)));
    return p;
}

} // namespace

TEST_CASE("a round teapot from circles and lines, by touching, trimming, following and carving")
{
    app::Window w;
    Hand h(w);
    h.key(Qt::Key_3);
    REQUIRE(w.step() == app::StepId::build);
    w.areas().setGap(2);
    w.areas().setThinnest(1);
    h.canvas().setSetting(app::settings::figureKind, 0);
    h.canvas().setSetting(app::settings::leftover, 0);
    h.canvas().setSetting(app::settings::carveDrops, 0);
    h.canvas().setSetting(app::settings::touch, 1);

    // The body, and a knob that is to touch it: drawn 5 px too small, it locks on.
    const Vec2 body{540, 620};
    h.key(Qt::Key_A);
    h.drag(body, body + Vec2{200, 0});
    h.key(Qt::Key_Escape);
    h.key(Qt::Key_A);
    const Vec2 knob{540, 380};
    h.drag(knob, knob + Vec2{35, 2});
    REQUIRE(h.lines().size() == 2);
    const auto round = art::circleOf(h.path(1));
    REQUIRE(round);
    CHECK(round->radius == Approx(40).margin(0.03));
    CHECK(std::abs(curve::nearest(h.path(0), round->centre)->distance - curve::nearest(h.path(1), Vec2{540, 420})->distance - 40) < 0.03);
    // They share a point to 1e-9: the circle has a node there.
    double gap = 1e300;
    for (const curve::Node& n : h.path(1).nodes) gap = std::min(gap, curve::nearest(h.path(0), n.at)->distance);
    CHECK(gap < 1e-9);

    // A handle of two circles, and two lines across the body.
    h.key(Qt::Key_Escape);
    h.key(Qt::Key_A);
    h.held = Qt::ControlModifier; // free of touching and snapping
    h.drag({330, 620}, {430, 620});
    h.drag({330, 620}, {390, 620});
    h.held = Qt::NoModifier;
    h.key(Qt::Key_D);
    h.held = Qt::ShiftModifier;
    h.drag({300, 500}, {780, 506});
    h.drag({300, 760}, {780, 755});
    h.held = Qt::NoModifier;
    REQUIRE(h.lines().size() == 6);
    CHECK(h.path(4).nodes[0].at.y == Approx(h.path(4).nodes[1].at.y).margin(1e-9)); // stepped to the level
    REQUIRE(hand::waitFor([&] { return w.areas().upToDate(); }));
    const std::size_t found = w.areas().map()->areas().size();
    CHECK(found == 8);

    // Trim the stubs of the upper line with one drag across each.
    h.key(Qt::Key_F);
    h.drag({765, 480}, {765, 530});
    CHECK(curve::bounds(h.path(4)).max.x < 730);
    h.key(Qt::Key_Z, Qt::ControlModifier);
    CHECK(curve::bounds(h.path(4)).max.x == Approx(780).margin(0.5));

    // Carve: the body between the lines, in one drag; the handle's hole dropped out again on the way.
    h.key(Qt::Key_J);
    REQUIRE(hand::waitFor([&] { return w.areas().upToDate(); }));
    h.drag({540, 620}, {380, 620}, 30);
    const auto nodesBefore = h.lines().size();
    h.held = Qt::ShiftModifier;
    h.click({380, 620});
    h.held = Qt::NoModifier;
    h.key(Qt::Key_Return);
    REQUIRE(h.lines().size() == nodesBefore + 1);
    const art::Item* shape = named(h, "Shape");
    REQUIRE(shape);
    CHECK(areaOf(*shape) > 30000);
    CHECK(shape->artwork()->fill.colour);
    CHECK_FALSE(shape->artwork()->stroke.colour);
    CHECK(w.lastSaid().contains("nodes"));
    // One step back takes the shape away and leaves the lines.
    h.key(Qt::Key_Z, Qt::ControlModifier);
    CHECK(h.lines().size() == nodesBefore);

    // Follow: roughly round the lid: along the body's top from the left to the right, back along the upper line.
    h.key(Qt::Key_H);
    const double reach = std::sqrt(200.0 * 200 - 120.0 * 120);
    std::vector<Vec2> way = arc(body, 203, -140, -40);
    way.insert(way.begin(), Vec2{540 - reach + 4, 497});
    for (int k = 0; k <= 30; ++k) way.push_back({540 + reach - k * 2 * reach / 30, 503});
    REQUIRE(hand::waitFor([&] { return w.areas().upToDate(); }));
    h.stroke(way);
    h.key(Qt::Key_Return);
    REQUIRE(hand::waitFor([&] { return named(h, "Shape") != nullptr; }));
    const art::Item* lid = named(h, "Shape");
    REQUIRE(lid);
    // The circular segment above the line at y = 500: handbook formula, r = 200, height 80.
    const double segment = 200.0 * 200 * std::acos(120.0 / 200) - 120 * reach;
    CHECK(areaOf(*lid) == Approx(segment).epsilon(2e-3));
    CHECK(lid->artwork()->paths.front().closed);
    CHECK(lid->artwork()->paths.front().nodes.size() <= 6);
}

TEST_CASE("two shapes combined live, a part moved by its outline, then set")
{
    app::Window w;
    Hand h(w);
    h.key(Qt::Key_3);
    h.canvas().setSetting(app::settings::rectangleRadius, 0);
    h.canvas().setSetting(app::settings::combineLive, 1);
    h.held = Qt::ControlModifier;
    h.key(Qt::Key_S);
    h.held = Qt::ControlModifier;
    h.drag({200, 200}, {400, 400});
    h.drag({300, 300}, {500, 500});
    h.held = Qt::NoModifier;
    h.key(Qt::Key_A, Qt::ControlModifier);
    h.key(Qt::Key_D, Qt::ShiftModifier);
    REQUIRE(h.lines().size() == 1);
    CHECK(areaOf(*h.lines()[0]) == Approx(30000).epsilon(1e-6));
    REQUIRE(h.lines()[0]->artwork()->combined());
    h.key(Qt::Key_Escape);
    w.session().pickItems({h.lines()[0]->id});
    // The second square by its right side.
    h.held = Qt::ControlModifier;
    h.drag({500, 450}, {520, 470});
    h.held = Qt::NoModifier;
    CHECK(areaOf(*h.lines()[0]) == Approx(40000 - 80 * 80).epsilon(1e-6));
    REQUIRE(w.run("take-apart"));
    CHECK(h.lines().size() == 2);
    h.key(Qt::Key_Z, Qt::ControlModifier);
    REQUIRE(w.run("set-shape"));
    CHECK_FALSE(h.lines()[0]->artwork()->combined());
    // Offset, and a copy repeated.
    h.canvas().setSetting(app::settings::offsetBy, 10);
    h.key(Qt::Key_O, Qt::ShiftModifier);
    CHECK(h.lines().size() == 2);
}

TEST_CASE("half a moth, mirrored, welded, and turned into colour areas")
{
    app::Window w;
    Hand h(w);
    h.key(Qt::Key_2);
    h.key(Qt::Key_M);
    const art::Layer* layer = h.document().layer(w.session().selection().layer);
    REQUIRE(layer->mirror);
    CHECK(layer->mirror->through.x == Approx(540));
    // Wings, body and head by the pen, as they lie in the sketch; the ends come near the axis, not onto it.
    h.key(Qt::Key_S);
    const curve::Paths half = demo::mothHalf();
    for (const std::size_t k : {0U, 1U, 2U, 3U}) {
        h.held = Qt::ControlModifier;
        for (const curve::Node& n : half[k].nodes) {
            if (n.out != n.at)
                h.drag(n.at, n.out);
            else
                h.click(n.at);
        }
        h.held = Qt::NoModifier;
        h.key(Qt::Key_Return);
        h.key(Qt::Key_Escape);
        h.key(Qt::Key_S);
    }
    REQUIRE(h.lines().size() == 4);
    h.key(Qt::Key_3);
    REQUIRE(hand::waitFor([&] { return w.areas().upToDate(); }));
    h.canvas().setSetting(app::settings::weldReach, 20);
    h.key(Qt::Key_Escape);
    h.key(Qt::Key_W, Qt::ShiftModifier);
    CHECK(w.lastSaid().contains("welded"));
    // What is welded is its own mirror image.
    const mirror::Axis axis{{540, 540}, curve::pi / 2};
    curve::Paths whole;
    for (const auto& l : h.document().layers)
        if (l->shown)
            for (const auto& i : l->items)
                if (i->artwork()) whole.insert(whole.end(), i->artwork()->paths.begin(), i->artwork()->paths.end());
    REQUIRE(whole.size() >= 4);
    for (const curve::Path& p : whole)
        for (const curve::Node& n : p.nodes) {
            double least = 1e300;
            for (const curve::Path& o : whole)
                for (const curve::Node& m : o.nodes) least = std::min(least, distance(m.at, mirror::reflection(axis) * n.at));
            CHECK(least < 1e-9);
        }
    REQUIRE(w.run("areas-under-lines"));
    // They are worked out in the background.
    const auto areas = [&]() -> art::LayerPtr {
        for (const art::LayerPtr& l : h.document().layers)
            if (l->name == "Colour areas") return l;
        return nullptr;
    };
    REQUIRE(hand::waitFor([&] { return areas() != nullptr; }));
    CHECK(areas()->items.size() >= 3);
    for (const art::ItemPtr& i : areas()->items) CHECK(i->artwork()->fill.colour);
    // The way back: undo, or the halves on their hidden layer.
    h.key(Qt::Key_Z, Qt::ControlModifier);
    h.key(Qt::Key_Z, Qt::ControlModifier);
    CHECK(h.document().layer(w.session().selection().layer)->mirror);
}

TEST_CASE("the axis drawn beside half a moth is found, Tab goes through the others, and the weld leaves its line out")
{
    app::Window w;
    Hand h(w);
    w.scanPage("moth-half", 150, 4);
    REQUIRE(hand::waitFor([&] { return !w.busy(); }));
    const std::string before = w.session().history().undoName();
    h.key(Qt::Key_3);
    REQUIRE(w.run("find-axis"));
    REQUIRE(hand::waitFor([&] { return w.lastSaid().startsWith("Axis found") || w.lastSaid().contains("No axis"); }));
    CHECK(w.lastSaid().startsWith("Axis found by a straight drawn for it"));
    const auto mirrorOf = [&] { return h.document().layer(w.session().selection().layer)->mirror; };
    REQUIRE(mirrorOf());
    const mirror::Axis first = *mirrorOf();
    CHECK(std::abs(std::abs(curve::degrees(first.angle)) - 90) < 8);
    REQUIRE(w.session().axisChoice);
    REQUIRE(w.session().axisChoice->found.size() > 1);
    h.key(Qt::Key_Tab);
    CHECK_FALSE(*mirrorOf() == first);
    h.key(Qt::Key_Backtab, Qt::ShiftModifier);
    CHECK(*mirrorOf() == first);
    // One step, however many were looked at.
    h.key(Qt::Key_Z, Qt::ControlModifier);
    CHECK_FALSE(mirrorOf());
    CHECK(w.session().history().undoName() == before);
}

TEST_CASE("the card says what a wider gap would close, one click takes it, and one gap is closed by a click on its mark")
{
    app::Window w;
    Hand h(w);
    art::Document d = art::newDocument();
    const auto line = [&](std::vector<curve::Vec2> p, const char* name) {
        art::Item i;
        i.name = name;
        art::Artwork a;
        a.stroke.colour = art::Colour{0, 0, 0};
        a.stroke.width = 2;
        a.setPaths({curve::polyline(p, false)});
        i.is = a;
        d = art::withItem(d, 0, i).document;
    };
    line({{306, 300}, {500, 300}, {500, 500}, {300, 500}, {300, 300}}, "Body");
    line({{612, 300}, {800, 300}, {800, 500}, {600, 500}, {600, 300}}, "Line"); // as the tools call what they draw: no name
    w.session().start(d, {});
    h.key(Qt::Key_3);
    app::Areas& areas = w.areas();
    // Asked for before anybody has looked: it waits for the answer instead of denying it.
    REQUIRE(areas.wider().empty());
    REQUIRE(w.run("close-wider-gaps"));
    CHECK(w.lastSaid().isEmpty());
    REQUIRE(hand::waitFor([&] { return areas.upToDate() && areas.map()->areas().size() == 2; }));
    CHECK(w.lastSaid().contains("2 more area"));
    areas.setGap(2);
    // Asked of a piece that is put away before the answer: the next one is left alone.
    REQUIRE(w.run("close-wider-gaps"));
    w.session().start(d, {});
    REQUIRE(hand::waitFor([&] { return areas.wider().size() == 2; }));
    CHECK(areas.gap() == 2);
    CHECK(areas.map()->areas().empty());
    CHECK(areas.wider()[0].names == std::vector<std::string>{"Body"});
    CHECK(areas.wider()[1].names.empty()); // of two areas one has a name
    hand::settle(30);
    REQUIRE(h.canvas().tool()->id() == "pick");
    // Only the wider of the two, by its mark.
    h.click({606, 300});
    REQUIRE(hand::waitFor([&] { return areas.upToDate() && areas.map()->areas().size() == 1; }));
    CHECK(areas.map()->at({700, 400}) != planar::outside);
    // Another click opens it again.
    h.click({606, 300});
    REQUIRE(hand::waitFor([&] { return areas.upToDate() && areas.map()->areas().empty(); }));
    REQUIRE(hand::waitFor([&] { return areas.wider().size() == 2; }));
    h.click({606, 300});
    REQUIRE(hand::waitFor([&] { return areas.upToDate() && areas.map()->areas().size() == 1 && areas.wider().size() == 1; }));
    // Both, by the command of the card's button.
    REQUIRE(w.run("close-wider-gaps"));
    CHECK(w.lastSaid().contains("1 more area"));
    REQUIRE(hand::waitFor([&] { return areas.upToDate() && areas.map()->areas().size() == 2; }));
    REQUIRE(w.run("areas-under-lines"));
    REQUIRE(hand::waitFor([&] { return h.document().layers.size() == 2; }));
    CHECK(h.document().layers.front()->items.size() == 2);
    REQUIRE(hand::waitFor([&] { return areas.upToDate(); }));
    // Where nobody looks at areas, what was found holds until something changes.
    const auto told = [&] { return w.findChild<app::Course*>()->state(app::StepId::build).text; };
    h.key(Qt::Key_7);
    REQUIRE(!areas.watched());
    CHECK(told().contains("2 areas"));
    // Paint changes no line.
    const art::Id painted = h.document().layers.front()->items.front()->id;
    w.session().take(art::withArtworkChanged(h.document(), {painted}, [](art::Artwork& a) { a.fill.colour = art::Colour{200, 80, 40}; }).document, "Paint");
    CHECK(told().contains("2 areas"));
    REQUIRE(hand::waitFor([&] { return areas.upToDate(); }));
    CHECK(told().contains("2 areas"));
    w.session().take(art::withItem(h.document(), 0, *h.document().layers.back()->items.front()).document, "Another");
    CHECK(hand::waitFor([&] { return told().contains("not looked at since"); }));
    areas.setGap(2);
}

TEST_CASE("closed gaps and joined slivers stand on the card, each shown and turned over by its row")
{
    app::Window w;
    Hand h(w);
    art::Document d = art::newDocument();
    const auto line = [&](curve::Path p) {
        art::Item i;
        art::Artwork a;
        a.stroke.colour = art::Colour{0, 0, 0};
        a.stroke.width = 2;
        a.setPaths({std::move(p)});
        i.is = a;
        d = art::withItem(d, 0, i).document;
    };
    line(curve::polyline({{201.5, 300}, {400, 300}, {400, 500}, {200, 500}, {200, 300}}, false));
    line(curve::rectangle({500, 300}, {700, 500}));
    line(curve::polyline({{699.3, 280}, {699.3, 520}}, false));
    w.session().start(d, {});
    h.key(Qt::Key_3);
    app::Areas& areas = w.areas();
    areas.setGap(2);
    areas.setThinnest(1);
    REQUIRE(hand::waitFor([&] { return areas.upToDate() && areas.decisions().size() == 2; }));
    CHECK(areas.map()->areas().size() == 2);
    hand::settle();
    const auto press = [&](const QString& text) {
        hand::shown(w, text)->click();
        REQUIRE(hand::waitFor([&] { return areas.upToDate(); }));
        hand::settle();
    };
    CHECK(hand::shown(w, "Sliver 0.7 px, joined"));
    CHECK(hand::shown(w, "Gap 1.5 px, closed"));
    press("Keep it");
    CHECK(areas.map()->areas().size() == 3);
    press("Open it");
    CHECK(areas.map()->at({300, 400}) == planar::outside);
    CHECK(hand::shown(w, "Gap 1.5 px, left open"));
    press("Close it");
    CHECK(areas.map()->at({300, 400}) != planar::outside);
    press("Let it join");
    CHECK(areas.map()->areas().size() == 2);
    // Shown where it is.
    h.canvas().zoomTo(1);
    press("Gap 1.5 px, closed");
    const QPointF at = h.on({200.75, 300});
    CHECK(std::abs(at.x() - h.canvas().width() / 2.0) < 40);
    // Another piece knows nothing of it.
    press("Open it");
    w.session().start(d, {});
    REQUIRE(hand::waitFor([&] { return areas.upToDate() && areas.decisions().size() == 2; }));
    CHECK(areas.map()->at({300, 400}) != planar::outside);
}

TEST_CASE("pointed at, Weld and the combinations show their outcome in teal before it is done")
{
    app::Window w;
    Hand h(w);
    art::Document d = art::newDocument();
    art::Item i;
    art::Artwork a;
    a.stroke.colour = art::Colour{0, 0, 0};
    a.setPaths({curve::polyline({{501, 200}, {700, 300}, {502, 600}}, false)});
    i.is = a;
    d = art::withItem(d, 0, i).document;
    d = art::withMirror(d, d.layers.back()->id, mirror::Axis{{500, 0}, curve::pi / 2});
    w.session().start(d, {});
    h.canvas().fitSheet();
    h.key(Qt::Key_3);
    hand::idle(w);
    const auto button = [&](const QString& text) -> app::Pill* {
        for (app::Pill* p : w.findChildren<app::Pill*>())
            if (p->isVisibleTo(&w) && p->text() == text) return p;
        return nullptr;
    };
    const QColor teal = app::marks().geometry;
    const auto tealAt = [&](Vec2 p) {
        const QImage seen = h.canvas().grab().toImage();
        const QPoint c = h.on(p).toPoint();
        for (int dy = -2; dy <= 2; ++dy)
            for (int dx = -2; dx <= 2; ++dx) {
                const QColor q = seen.pixelColor(c + QPoint(dx, dy));
                if (std::abs(q.red() - teal.red()) + std::abs(q.green() - teal.green()) + std::abs(q.blue() - teal.blue()) < 24) return true;
            }
        return false;
    };
    const auto point = [&](QWidget* at, bool on) {
        if (on) {
            QEnterEvent e(QPointF(5, 5), QPointF(5, 5), at->mapToGlobal(QPointF(5, 5)));
            QCoreApplication::sendEvent(at, &e);
        } else {
            QEvent e(QEvent::Leave);
            QCoreApplication::sendEvent(at, &e);
        }
        hand::settle();
    };
    app::Pill* weld = button("Weld");
    REQUIRE(weld);
    const Vec2 there{300, 300}; // the tip of the other half
    CHECK_FALSE(tealAt(there));
    point(weld, true);
    CHECK(tealAt(there));
    CHECK(h.document() == d);
    point(weld, false);
    CHECK_FALSE(tealAt(there));

    // Two squares: what they have in common.
    art::Document two = art::newDocument();
    for (const double x : {200.0, 300.0}) {
        art::Item s;
        art::Artwork b;
        b.setPaths({curve::rectangle({x, 200}, {x + 200, 400})});
        b.fill.colour = art::Colour{240, 240, 240};
        b.stroke.colour.reset();
        s.is = b;
        two = art::withItem(two, 0, s).document;
    }
    w.session().start(two, {});
    h.key(Qt::Key_A, Qt::ControlModifier);
    hand::settle();
    app::Pill* common = button("Intersection");
    REQUIRE(common);
    point(common, true);
    CHECK(tealAt({300, 230}));
    CHECK_FALSE(tealAt({250, 230}));
    QTest::mouseClick(common, Qt::LeftButton);
    REQUIRE(hand::waitFor([&] { return h.document().layers.back()->items.size() == 1; }));
}

TEST_CASE("Follow takes a stretch within a piece while Shift is held")
{
    app::Window w;
    Hand h(w);
    art::Document d = art::newDocument();
    art::Item i;
    art::Artwork a;
    a.stroke.colour = art::Colour{0, 0, 0};
    a.setPaths({curve::polyline({{100, 300}, {900, 300}}, false)});
    i.is = a;
    d = art::withItem(d, 0, i).document;
    w.session().start(d, {});
    h.canvas().fitSheet();
    h.key(Qt::Key_3);
    REQUIRE(hand::waitFor([&] { return w.areas().upToDate(); }));
    h.key(Qt::Key_H);
    REQUIRE(h.canvas().tool()->id() == "follow");
    h.held = Qt::ShiftModifier;
    h.drag({300, 303}, {600, 298});
    h.held = Qt::NoModifier;
    h.key(Qt::Key_Return);
    REQUIRE(h.lines().size() == 2);
    const curve::Box b = curve::bounds(h.lines().back()->artwork()->paths);
    CHECK(b.min.x == Approx(300).margin(0.5));
    CHECK(b.max.x == Approx(600).margin(0.5));
    CHECK(b.height() < 1e-9);
    w.run("undo");
    h.drag({300, 303}, {600, 298});
    h.key(Qt::Key_Return);
    CHECK(curve::bounds(h.lines().back()->artwork()->paths).width() == Approx(800));
}

TEST_CASE("the axis of a scanned sketch is found, and moved by its diamond")
{
    app::Window w;
    Hand h(w);
    w.scanPage("moth", 100, 4);
    REQUIRE(hand::waitFor([&] { return !w.busy(); }));
    h.key(Qt::Key_3);
    REQUIRE(w.run("find-axis"));
    REQUIRE(hand::waitFor([&] { return w.lastSaid().contains("Axis found") || w.lastSaid().contains("No axis"); }));
    CHECK(w.lastSaid().contains("sure"));
    const art::Layer* l = h.document().layer(w.session().selection().layer);
    REQUIRE(l->mirror);
    // The page lies crooked as it was scanned: the axis is turned just as far.
    CHECK(std::abs(std::abs(curve::degrees(l->mirror->angle)) - 90) < 8);
    h.key(Qt::Key_1);
    h.key(Qt::Key_H);
    REQUIRE(h.canvas().tool()->id() == "axis");
    const double before = l->mirror->angle;
    h.drag({900, 200}, {960, 800});
    // Dragging beside it lays a new one.
    CHECK(h.document().layer(w.session().selection().layer)->mirror->angle != before);
}
