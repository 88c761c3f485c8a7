// What lines cover, beside figures worked out by hand (SVG 1.1, 11.4: ends, corners, tips).
#include "art/edits.h"
#include "art/line_outline.h"
#include "curve/polygon.h"

#include <catch2/catch.hpp>

using namespace softrope;
using art::Artwork;
using curve::Vec2;

namespace {

Artwork line(curve::Path p, double width, art::Cap cap, art::Join join)
{
    Artwork a;
    a.setPaths({std::move(p)});
    a.stroke.colour = art::Colour{0, 0, 0};
    a.stroke.width = width;
    a.stroke.cap = cap;
    a.stroke.join = join;
    return a;
}

double areaOf(const curve::Paths& paths)
{
    double sum = 0;
    for (const curve::Path& p : paths) sum += curve::area(p);
    return std::abs(sum);
}

} // namespace

TEST_CASE("ends: flat ones stop, square and round ones reach half the width beyond")
{
    const curve::Path p = curve::polyline({{0, 0}, {100, 0}}, false);
    const auto covers = [&](art::Cap cap) { return art::lineArea(line(p, 20, cap, art::Join::mitre)); };
    CHECK(areaOf(covers(art::Cap::flat)) == Approx(2000).epsilon(1e-3));
    CHECK(areaOf(covers(art::Cap::square)) == Approx(2400).epsilon(1e-3));
    CHECK(areaOf(covers(art::Cap::round)) == Approx(2000 + curve::pi * 100).epsilon(1e-3));
    CHECK(curve::bounds(covers(art::Cap::square)).min.x == Approx(-10).margin(0.03));
    CHECK(curve::bounds(covers(art::Cap::flat)).min.x == Approx(0).margin(0.03));
}

TEST_CASE("corners: a tip as far as its limit, else a bevel")
{
    // A right angle: the tip is the square root of two widths long, counted from the inner corner.
    const curve::Path p = curve::polyline({{0, 0}, {100, 0}, {100, 100}}, false);
    Artwork a = line(p, 20, art::Cap::flat, art::Join::mitre);
    CHECK(curve::bounds(art::lineArea(a)).max.x == Approx(110).margin(0.03));
    CHECK(areaOf(art::lineArea(a)) == Approx(4000).epsilon(1e-3)); // two arms of 100 x 20, less the square they share, and the tip's
    a.stroke.mitreLimit = 1.4;
    CHECK(areaOf(art::lineArea(a)) == Approx(4000 - 50).epsilon(1e-3)); // a triangle of 10 x 10 / 2 is gone
    a.stroke.mitreLimit = 1.42;
    CHECK(areaOf(art::lineArea(a)) == Approx(4000).epsilon(1e-3));
}

TEST_CASE("dashes are areas of their own, dots where they have no length")
{
    Artwork a = line(curve::polyline({{0, 0}, {100, 0}}, false), 10, art::Cap::flat, art::Join::round);
    a.stroke.dashes = {30, 20};
    CHECK(art::lineArea(a).size() == 2);
    CHECK(areaOf(art::lineArea(a)) == Approx(600).epsilon(1e-3));
    a.stroke.dashes = {0, 25};
    a.stroke.cap = art::Cap::round;
    CHECK(art::lineArea(a).size() == 4);
    CHECK(areaOf(art::lineArea(a)) == Approx(4 * curve::pi * 25).epsilon(2e-3));
    a.stroke.cap = art::Cap::square;
    CHECK(areaOf(art::lineArea(a)) == Approx(400).epsilon(1e-3));
    a.stroke.cap = art::Cap::flat;
    CHECK(art::lineArea(a).empty());
    a.stroke.colour.reset();
    CHECK(art::lineArea(a).empty());
}

TEST_CASE("a dashed line becomes shapes that carry its gradient")
{
    art::Document d = art::newDocument();
    art::Item i;
    Artwork a = line(curve::polyline({{0, 0}, {100, 0}}, false), 10, art::Cap::flat, art::Join::mitre);
    a.stroke.dashes = {30, 20};
    art::Gradient g;
    g.place = curve::scaling(100, 100);
    g.stops = {{0, {255, 0, 0}, 1, {}}, {1, {0, 0, 255}, 1, {}}};
    a.stroke.gradient = art::shared(art::Gradient(g));
    i.is = a;
    const art::Added made = art::withItem(d, 0, i);
    const art::Document shapes = art::withLinesAsShapes(made.document, {made.id});
    const Artwork& now = *shapes.item(made.id)->artwork();
    CHECK(now.paths->size() == 2);
    REQUIRE(now.fill.gradient);
    CHECK(*now.fill.gradient == g);
    CHECK_FALSE(now.stroke.colour);
    CHECK(now.stroke.dashes.empty());
    // Moved, the gradient of a line goes with it and dashes are scaled.
    const art::Document moved = art::transformed(made.document, {made.id}, curve::translation({7, 9}) * curve::scaling(2, 2));
    const art::Stroke& s = moved.item(made.id)->artwork()->stroke;
    CHECK(s.dashes == std::vector<double>{60, 40});
    CHECK(s.gradient->place * Vec2{1, 0} == Vec2{207, 9});
}

TEST_CASE("nothing is moved out of reach")
{
    art::Document d = art::newDocument();
    art::Item i;
    i.is = line(curve::polyline({{0, 0}, {100, 0}}, false), 10, art::Cap::flat, art::Join::mitre);
    const art::Added made = art::withItem(d, 0, i);
    const art::Edited far = art::transformed(made.document, {made.id}, curve::scaling(1e11, 1e11));
    CHECK(far.why == art::Refusal::doesNotFit);
    CHECK(far.document == made.document);
    CHECK(art::transformed(made.document, {made.id}, curve::scaling(1e9, 1e9)).done());
}
