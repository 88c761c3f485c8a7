// Frames and fitting, against plain geometry.
#include "art/frames.h"

#include "art/pieces.h"
#include "curve/polygon.h"

using namespace pieces;
using curve::Box;

namespace {

Box inkOf(const Document& d, Id id)
{
    return bounds(*d.item(id));
}

} // namespace

TEST_CASE("frames are as wide as they are told, closed, and lie round their middle, of the areas that geometry tells")
{
    for (int k = 0; k < frames; ++k) {
        const curve::Path p = framePath(static_cast<Frame>(k), {300, 200}, 120);
        const Box b = curve::bounds(p);
        INFO(k);
        CHECK(p.closed);
        CHECK(b.width() == Approx(120));
        CHECK(distance(b.centre(), {300, 200}) < 1e-9);
        CHECK(curve::area(p) > 0);
    }
    // Areas: pi r^2 and half of it; the side squared less what four round corners leave out, (4 - pi) r^2. Arcs by cubics: 0.03 %.
    CHECK(curve::area(framePath(Frame::circle, {}, 200)) == Approx(curve::pi * 10000).epsilon(4e-4));
    CHECK(curve::area(framePath(Frame::dome, {}, 200)) == Approx(curve::pi * 5000).epsilon(4e-4));
    CHECK(curve::area(framePath(Frame::square, {}, 200)) == Approx(40000 - (4 - curve::pi) * 24 * 24).epsilon(4e-4));
}

TEST_CASE("a frame holds what is seen of the things with the margin between, and lies behind them")
{
    Document d = newDocument();
    Item framed = square({300, 300}, 100);
    std::get<Artwork>(framed.is).stroke.colour = Colour{0, 0, 0};
    std::get<Artwork>(framed.is).stroke.width = 20;
    const Added below = withItem(d, 0, square({0, 0}, 10, {1, 1, 1}, "Below"));
    const Added s = withItem(below.document, 0, framed);
    Fill f;
    f.colour = Colour{9, 9, 9};
    const Added round = withFrame(s.document, 0, Frame::circle, {s.id}, 15, f, "Frame");
    REQUIRE(round.id);
    const Layer& l = *round.document.layerOf(round.id);
    REQUIRE(l.items.size() == 3);
    CHECK(l.items[0]->id == below.id);
    CHECK(l.items[1]->id == round.id);
    // The corners of the square, 50 px by 50 px off its middle, with half the line and the margin beyond.
    CHECK(inkOf(round.document, round.id).width() / 2 == Approx(std::hypot(50, 50) + 10 + 15).margin(0.2));
    CHECK(distance(inkOf(round.document, round.id).centre(), {350, 350}) < 0.5);
    for (int k = 0; k < frames; ++k) {
        const Added one = withFrame(s.document, 0, static_cast<Frame>(k), {s.id}, 15, f, "Frame");
        const curve::Paths outline = one.document.item(one.id)->artwork()->paths;
        for (const Vec2 v : {Vec2{276, 276}, Vec2{424, 276}, Vec2{424, 424}, Vec2{276, 424}})
            CHECK(curve::insidePaths(outline, lerp(v, {350, 350}, 0.18))); // within reach of the round-ended margin
    }
    // Without things: four fifths of the sheet, under all.
    const Added plain = withFrame(s.document, 0, Frame::circle, {}, 15, f, "Frame");
    CHECK(plain.document.layerOf(plain.id)->items.front()->id == plain.id);
    CHECK(inkOf(plain.document, plain.id).width() == Approx(864));
}

TEST_CASE("fitted in, things are as large as the shape and the margin allow: inside a circle by its corners, inside a square by its sides")
{
    Document d = newDocument();
    const Added round = withItem(d, 0, shapeOf({curve::circle({500, 500}, 200)}, {9, 9, 9}, "Plate"));
    const Added s = withItem(round.document, 0, square({0, 0}, 30));
    Fitting how;
    how.margin = 20;
    const Taken in = withFitted(s.document, {s.id}, round.id, how);
    REQUIRE(in.why == Refusal::none);
    // The half diagonal is the radius less the margin.
    CHECK(inkOf(in.document, s.id).width() == Approx(std::sqrt(2.0) * 180).epsilon(2e-3));
    CHECK(distance(inkOf(in.document, s.id).centre(), {500, 500}) < 0.5);
    CHECK(in.document.parentOf(s.id)->id == round.id);
    how.then = Fitting::Then::stay;
    const Added box = withItem(s.document, 0, square({600, 100}, 300));
    const Taken on = withFitted(box.document, {s.id}, box.id, how);
    CHECK(inkOf(on.document, s.id).width() == Approx(260).epsilon(2e-3));
    CHECK_FALSE(on.document.parentOf(s.id));
    // A place off the middle is found where there is more room: a drop is widest below.
    const Added drop = withItem(s.document, 0, shapeOf({curve::polyline({{500, 100}, {700, 700}, {300, 700}}, true)}, {9, 9, 9}, "Drop"));
    const Taken low = withFitted(drop.document, {s.id}, drop.id, {});
    // The largest square on the base of an isosceles triangle: base b, height h, side b h / (b + h).
    CHECK(inkOf(low.document, s.id).width() == Approx(400.0 * 600 / 1000).epsilon(5e-3));
    CHECK(inkOf(low.document, s.id).max.y == Approx(700).margin(2));
    how.size = Fitting::Size::over;
    how.margin = 0;
    const Taken over = withFitted(box.document, {s.id}, box.id, how);
    CHECK(inkOf(over.document, s.id).width() == Approx(300));
    // No room, no shape, itself: refused, and nothing is changed.
    how = {};
    how.margin = 300;
    CHECK(withFitted(s.document, {s.id}, round.id, how).why == Refusal::doesNotFit);
    CHECK(withFitted(s.document, {s.id}, s.id, {}).why != Refusal::none);
    const Added open = withItem(s.document, 0, line({{0, 0}, {100, 0}}));
    CHECK(withFitted(open.document, {s.id}, open.id, {}).document == open.document);
}

TEST_CASE("cut to a shape, areas and lines end at its edge, and what lies outside is gone")
{
    Document d = newDocument();
    const Added disc = withItem(d, 0, shapeOf({curve::circle({500, 500}, 100)}, {9, 9, 9}, "Plate"));
    const Added s = withItem(disc.document, 0, square({500, 500}, 300));
    const Added l = withItem(s.document, 0, line({{300, 480}, {700, 480}}));
    const Added away = withItem(l.document, 0, square({10, 10}, 20));
    const Taken cut = withCutTo(away.document, {s.id, l.id, away.id}, disc.id);
    REQUIRE(cut.why == Refusal::none);
    CHECK(cut.items == std::vector<Id>{s.id, l.id});
    CHECK_FALSE(cut.document.item(away.id));
    double area = 0;
    for (const curve::Path& p : cut.document.item(s.id)->artwork()->paths) area += curve::area(p);
    CHECK(std::abs(area) == Approx(curve::pi * 10000 / 4).epsilon(1e-3)); // a quarter of the disc
    const curve::Path& kept = cut.document.item(l.id)->artwork()->paths->at(0);
    // The chord at 20 px from the middle.
    const double half = std::sqrt(100.0 * 100 - 20 * 20);
    CHECK(kept.nodes.front().at.x == Approx(500 - half).margin(0.05));
    CHECK(kept.nodes.back().at.x == Approx(500 + half).margin(0.05));
    // A line that leaves and comes back is two; a closed one is cut open.
    const Added zig = withItem(disc.document, 0, line({{450, 500}, {450, 700}, {550, 700}, {550, 500}}));
    CHECK(withCutTo(zig.document, {zig.id}, disc.id).document.item(zig.id)->artwork()->paths->size() == 2);
    const Added ring = withItem(disc.document, 0, line({{500, 500}, {800, 500}, {800, 520}, {500, 520}}, true));
    const Taken opened = withCutTo(ring.document, {ring.id}, disc.id);
    REQUIRE(opened.document.item(ring.id)->artwork()->paths->size() == 1);
    CHECK_FALSE(opened.document.item(ring.id)->artwork()->paths->at(0).closed);
    CHECK(opened.document.item(ring.id)->artwork()->paths->at(0).nodes.size() == 4);
    CHECK(withCutTo(disc.document, {disc.id}, disc.id).why != Refusal::none);
}

TEST_CASE("cut along a straight, the side of the middle stays")
{
    const Added s = withItem(newDocument(), 0, square({100, 100}, 100));
    const Taken level = withCutAtStraight(s.document, {s.id}, {0, 170}, 0);
    REQUIRE(level.why == Refusal::none);
    CHECK(inkOf(level.document, s.id).max.y == Approx(170));
    CHECK(inkOf(level.document, s.id).min.y == Approx(100));
    // A corner off at 45 degrees: the triangle of legs 40 px goes.
    const Taken corner = withCutAtStraight(s.document, {s.id}, {200, 160}, -curve::pi / 4 + curve::pi);
    CHECK(std::abs(curve::area(corner.document.item(s.id)->artwork()->paths->at(0))) == Approx(10000 - 40 * 40 / 2.0));
    CHECK(withCutAtStraight(s.document, {}, {0, 0}, 0).why == Refusal::nothingPicked);
}

TEST_CASE("sizes typed are those that are seen, together or each, lines that keep their width reckoned with")
{
    Document d = newDocument();
    const Added a = withItem(d, 0, square({100, 100}, 50));
    const Added b = withItem(a.document, 0, square({300, 100}, 100));
    const std::vector<Id> both{a.id, b.id};
    const Document wide = withSize(b.document, both, 600, {}, true, false);
    CHECK(bounds(wide, both).width() == Approx(600));
    CHECK(inkOf(wide, a.id).width() == Approx(100));
    CHECK(distance(bounds(wide, both).centre(), bounds(b.document, both).centre()) < 1e-9);
    const Document each = withSize(b.document, both, {}, 80, true, true);
    for (const Id id : both) CHECK(inkOf(each, id).width() == Approx(80));
    CHECK(inkOf(withSize(b.document, {a.id}, 10, {}, false, false), a.id).height() == Approx(50));
    for (const bool keeps : {true, false}) {
        const Document lined = withArtworkChanged(a.document, {a.id}, [&](Artwork& x) {
            x.stroke.colour = Colour{0, 0, 0};
            x.stroke.width = 12;
            x.stroke.keepsWidth = keeps;
        });
        const Document sized = withSize(lined, {a.id}, 200, {}, true, false);
        CHECK(inkOf(sized, a.id).width() == Approx(200).epsilon(1e-6));
        CHECK(sized.item(a.id)->artwork()->stroke.width == Approx(keeps ? 12 : 12 * 200.0 / 62));
    }
    CHECK_FALSE(withSize(b.document, both, -5, {}, true, false).done());
    CHECK_FALSE(withSize(b.document, both, std::nan(""), {}, true, false).done());
    CHECK_FALSE(withSize(b.document, {}, 5, {}, true, false).done());
}
