// Tracing in the window: whole pictures, parts of them, the rope and redrawing, by pointer and keys.
#include <catch2/catch.hpp>

#include "hand.h"

#include "art/art.h"
#include "files/pictures.h"
#include "render/render.h"

#include <set>
#include <tuple>

using namespace softrope;
using hand::Hand;
using softrope::app::Window;

namespace {

// A made-up page with one dark shape and one ring of line, put on the sheet as a reference of the sheet's size.
std::shared_ptr<const art::PictureFile> page()
{
    art::Document d = art::newDocument();
    d.sheet.width = d.sheet.height = 540;
    d.sheet.hasBackground = true;
    art::Item solid, ring;
    art::Artwork a, b;
    a.setPaths({curve::ellipse({170, 270}, 120, 90)});
    a.fill.colour = art::Colour{30, 30, 30};
    b.setPaths({curve::circle({420, 270}, 80)});
    b.stroke.colour = art::Colour{30, 30, 30};
    b.stroke.width = 6;
    solid.is = a;
    ring.is = b;
    d = art::withItem(art::withItem(d, 0, solid).document, 0, ring).document;
    auto file = std::make_shared<art::PictureFile>();
    file->bytes = files::writePng(render::renderSheet(d, 540, {}));
    file->format = "png";
    file->width = file->height = 540;
    return file;
}

// The window with that page as reference; a picture px is two sheet px.
struct Ready {
    Window window;
    Hand hand{window};
    Ready()
    {
        const art::Document d = art::withReference(art::newDocument(), page(), "Page").document;
        window.session().start(d, {});
        window.setStep(app::StepId::trace);
        for (const auto& l : d.layers)
            for (const auto& i : l->items)
                if (i->reference()) window.session().pictures().wait(*i->reference());
    }
    bool traced()
    {
        return hand::waitFor([&] { return window.tracer().active() && !window.tracer().working() && !window.tracer().found().empty(); });
    }
};

double furthestFrom(const curve::Path& path, const curve::Path& truth)
{
    double worst = 0;
    for (const curve::Vec2 p : curve::flatten(path, 0.1)) worst = std::max(worst, nearest(truth, p)->distance);
    return worst;
}

} // namespace

TEST_CASE("shapes are shown first, taken as one step, and taken back by one undo")
{
    Ready r;
    const art::Document before = r.window.session().document();
    REQUIRE(r.window.run("trace-shapes"));
    REQUIRE(r.traced());
    CHECK(r.window.session().document() == before);
    REQUIRE(r.window.tracer().found().size() == 2);
    const curve::Paths shown = r.window.tracer().found()[0].item.artwork()->paths;
    r.hand.key(Qt::Key_Return, Qt::ControlModifier);
    REQUIRE(r.hand.lines().size() == 2);
    CHECK(r.hand.lines()[0]->artwork()->paths == shown);
    CHECK(r.window.session().history().undoName() == "Trace shapes");
    // The ellipse, and the ring with its hole.
    CHECK(furthestFrom(r.hand.path(0), curve::ellipse({340, 540}, 240, 180)) < 1);
    CHECK(r.hand.lines()[1]->artwork()->paths.size() == 2);
    r.hand.key(Qt::Key_Z, Qt::ControlModifier);
    CHECK(r.window.session().document() == before);
}

TEST_CASE("lines of a mixed drawing become a stroke and an area")
{
    Ready r;
    REQUIRE(r.window.run("trace-lines"));
    REQUIRE(r.traced());
    r.hand.key(Qt::Key_Return, Qt::ControlModifier);
    std::size_t strokes = 0, areas = 0;
    for (const art::Item* i : r.hand.lines()) {
        if (i->artwork()->fill.colour) ++areas;
        if (!i->artwork()->stroke.colour) continue;
        ++strokes;
        CHECK(i->artwork()->stroke.width == Approx(12).margin(0.8));
        CHECK(i->artwork()->paths[0].closed);
        CHECK(furthestFrom(i->artwork()->paths[0], curve::circle({840, 540}, 160)) < 1.5);
    }
    CHECK(strokes == 1);
    CHECK(areas == 1);
}

TEST_CASE("only a framed part is traced, and what is clicked is left out")
{
    Ready r;
    REQUIRE(r.window.run("trace-shapes"));
    REQUIRE(r.traced());
    r.window.run("tool-part");
    r.hand.drag({640, 320}, {1060, 760});
    REQUIRE(hand::waitFor([&] { return !r.window.tracer().working() && r.window.tracer().found().size() == 1; }));
    // Clicked: left out; clicked again: wanted.
    r.hand.click({840 + 166, 540});
    CHECK(r.window.tracer().wantedCount() == 0);
    r.hand.click({840 + 166, 540});
    CHECK(r.window.tracer().wantedCount() == 1);
    // A double click beside everything brings the whole picture back.
    r.hand.doubleClick({560, 900});
    REQUIRE(hand::waitFor([&] { return !r.window.tracer().working() && r.window.tracer().found().size() == 2; }));
    r.hand.doubleClick({340 + 240, 540});
    CHECK(r.window.tracer().wantedCount() == 1);
    r.hand.key(Qt::Key_Return, Qt::ControlModifier);
    CHECK(r.hand.lines().size() == 1);
}

TEST_CASE("the cut can be chosen by hand, and no cut below the ink finds anything")
{
    Ready r;
    REQUIRE(r.window.run("trace-shapes"));
    REQUIRE(r.traced());
    app::TraceSettings s = r.window.tracer().settings();
    s.cut = 10;
    r.window.tracer().set(s);
    REQUIRE(hand::waitFor([&] { return !r.window.tracer().working() && r.window.tracer().found().empty(); }));
    s.cut = 128;
    r.window.tracer().set(s);
    REQUIRE(r.traced());
    CHECK(r.window.tracer().found().size() == 2);
    r.window.run("leave-trace");
    CHECK_FALSE(r.window.tracer().active());
    CHECK(r.hand.lines().empty());
}

TEST_CASE("a rope of loose clicks lies on the edge of the picture and closes on its start")
{
    Ready r;
    r.window.run("tool-rope");
    const curve::Vec2 centre{340, 540};
    const auto on = [&](double degrees, double off) {
        const curve::Vec2 d = curve::direction(curve::radians(degrees));
        return centre + curve::Vec2{d.x * (240 + off), d.y * (180 + off)};
    };
    r.hand.move(on(0, 5), false);
    // The edges are read in the background; the rope waits for them.
    hand::idle(r.window);
    int k = 0;
    for (const double a : {0.0, 50.0, 100.0, 150.0, 200.0, 250.0, 310.0}) {
        r.hand.click(on(a, k++ % 2 ? 6 : -6));
        hand::settle(20);
    }
    r.hand.key(Qt::Key_Backspace);
    r.hand.click(on(305, 4));
    hand::settle(20);
    r.hand.click(on(0, -6));
    REQUIRE(r.hand.lines().size() == 1);
    const curve::Path& p = r.hand.path(0);
    CHECK(p.closed);
    CHECK(p.nodes.size() <= 6);
    CHECK(furthestFrom(p, curve::ellipse(centre, 240, 180)) < 3); // sheet px: 1.5 px of the picture
    CHECK(r.hand.lines()[0]->artwork()->hand());
    CHECK(r.window.session().history().undoName() == "Rope");
}

TEST_CASE("Enter ends a rope open, Escape lets a single hold go")
{
    Ready r;
    r.window.run("tool-rope");
    r.hand.move({340, 355}, false);
    hand::idle(r.window);
    r.hand.click({340, 355});
    r.hand.key(Qt::Key_Escape);
    CHECK(r.hand.lines().empty());
    r.window.run("tool-rope");
    r.hand.click({340, 355});
    r.hand.click({470, 385});
    r.hand.click({560, 470});
    r.hand.key(Qt::Key_Return);
    REQUIRE(r.hand.lines().size() == 1);
    CHECK_FALSE(r.hand.path(0).closed);
}

TEST_CASE("redrawing by hand replaces a part of the line and says how it joins")
{
    Window window;
    Hand hand(window);
    art::Item i;
    art::Artwork a;
    a.stroke.colour = art::Colour{0, 0, 0};
    a.setPaths({curve::polyline({{200, 500}, {900, 500}}, false)});
    i.is = a;
    window.session().start(art::withItem(art::newDocument(), 0, i).document, {});
    window.setStep(app::StepId::trace);
    window.run("tool-redraw");
    std::vector<curve::Vec2> stroke;
    for (int k = 0; k <= 60; ++k) stroke.push_back({350 + k * 6.0, 500 - 90 * std::sin(curve::pi * k / 60)});
    hand.stroke(stroke);
    REQUIRE(hand.lines().size() == 1);
    CHECK(hand.path(0).nodes.size() > 2);
    CHECK(nearest(hand.path(0), {530, 410})->distance < 4);
    CHECK(nearest(hand.path(0), {250, 500})->distance < 1e-6);
    CHECK(window.session().history().undoName() == "Redraw");
    // A stroke that ends in the air changes nothing.
    const art::Document before = window.session().document();
    hand.stroke({{250, 500}, {260, 400}, {300, 300}});
    CHECK(window.session().document() == before);
}

TEST_CASE("how far off a line is from the picture's edge is shown along it, with the largest place")
{
    Ready r;
    art::Item i;
    art::Artwork a;
    a.stroke.colour = art::Colour{0, 0, 0};
    // The picture's ellipse on the sheet, moved by 3 px to the right.
    a.setPaths({curve::ellipse({343, 540}, 240, 180)});
    i.is = a;
    const art::Added added = art::withItem(r.window.session().document(), 0, i);
    r.window.session().take(added.document, "Ellipse");
    r.window.session().pickItems({added.id});
    r.hand.key(Qt::Key_E);
    REQUIRE(hand::waitFor([&] { return !r.window.farOff().spots().empty(); }));
    const auto worst = r.window.farOff().worst();
    REQUIRE(worst);
    CHECK(worst->off == Approx(3).margin(0.8));
    CHECK(std::abs(worst->at.x - 343) > 190); // at the sides, where it lies across the edge
    r.hand.key(Qt::Key_E);
    CHECK(r.window.farOff().spots().empty());
}

TEST_CASE("a weak place is drawn by hand with Shift, and a hold that is moved settles both its sides")
{
    Ready r;
    r.window.run("tool-rope");
    const curve::Vec2 centre{340, 540};
    const auto on = [&](double degrees) {
        const curve::Vec2 d = curve::direction(curve::radians(degrees));
        return centre + curve::Vec2{d.x * 240, d.y * 180};
    };
    r.hand.move(on(0), false);
    hand::idle(r.window);
    r.hand.click(on(0));
    r.hand.click(on(40));
    r.hand.click(on(80));
    // From here by hand, straight out of the ellipse.
    r.hand.held = Qt::ShiftModifier;
    for (int k = 1; k <= 12; ++k) r.hand.move(on(80) + curve::Vec2{-3.0 * k, 6.0 * k}, false);
    const curve::Vec2 end = on(80) + curve::Vec2{-36, 72};
    r.hand.press(end);
    r.hand.lift(end);
    r.hand.held = Qt::NoModifier;
    // The second hold is dragged off and back on: the rope lies on the edge again.
    r.hand.drag(on(40), on(50));
    r.hand.key(Qt::Key_Return);
    REQUIRE(r.hand.lines().size() == 1);
    const curve::Path& p = r.hand.path(0);
    CHECK_FALSE(p.closed);
    CHECK(std::min(distance(p.nodes.front().at, end), distance(p.nodes.back().at, end)) < 3);
    for (const double a : {10.0, 30.0, 60.0, 75.0}) CHECK(nearest(p, on(a))->distance < 3);
}

TEST_CASE("a picture separated into tones is shown in its colours, taken as one step, and lands where it lies")
{
    app::Window w;
    Hand h(w);
    w.scanPage("lantern", 75, 3);
    REQUIRE(hand::waitFor([&] { return !w.busy(); }));
    h.key(Qt::Key_2);
    REQUIRE(w.run("trace-tones"));
    REQUIRE(w.tracer().active());
    app::TraceSettings s = w.tracer().settings();
    s.count = 3;
    w.tracer().set(s);
    REQUIRE(hand::waitFor([&] { return !w.tracer().working() && !w.tracer().found().empty(); }));
    CHECK(h.lines().empty());
    const std::size_t found = w.tracer().wantedCount();
    const curve::Paths shown = w.tracer().found().front().item.artwork()->paths;
    REQUIRE(w.run("take-trace"));
    REQUIRE(h.lines().size() == found);
    CHECK(h.path(0) == shown.front());
    // Areas in at most three colours, none of them the line's.
    std::set<std::tuple<int, int, int>> colours;
    for (const art::Item* i : h.lines()) {
        REQUIRE(i->artwork()->fill.colour);
        CHECK_FALSE(i->artwork()->stroke.colour);
        colours.insert({i->artwork()->fill.colour->r, i->artwork()->fill.colour->g, i->artwork()->fill.colour->b});
    }
    CHECK(colours.size() <= 3);
    CHECK(w.lastSaid().contains("tone areas"));
    h.key(Qt::Key_Z, Qt::ControlModifier);
    CHECK(h.lines().empty());
}
