// Gaps that count as closed: which ends meet, in which order, and what stays open.
#include "planar/planar.h"

#include "shapes.h"

#include <catch2/catch.hpp>

using namespace softrope;
using namespace softrope::curve;

namespace {

planar::MapPtr with(const Paths& paths, double gap)
{
    planar::BuildOptions o;
    o.gap = gap;
    return planar::build(paths, o);
}

} // namespace

TEST_CASE("the nearest ends pair first, each once")
{
    // Three ends in a row, 3 and 4 px apart: the first two are one gap, the third has nobody left.
    const Paths lines{polyline({{0, 0}, {100, 0}}, false), polyline({{103, 0}, {200, 50}}, false), polyline({{100, 4.9}, {100, 90}}, false)};
    const planar::MapPtr map = with(lines, 4);
    REQUIRE_FALSE(map->bridges().empty());
    CHECK(map->bridges().front().width == Approx(3).margin(1e-6));
    int wide = 0;
    for (const planar::Bridge& b : map->bridges()) wide += b.width > 4 + 1e-9;
    CHECK(wide == 0);
}

TEST_CASE("an end reaches the nearest point of a curve, not its nodes")
{
    // A ray that stops 1.5 px short of a circle; the gap is measured along the normal.
    const Paths lines{circle({0, 0}, 100), polyline({{0, 0}, {98.5 * std::cos(0.4), 98.5 * std::sin(0.4)}}, false), polyline({{0, 0}, {-120, 0}}, false)};
    const planar::MapPtr map = with(lines, 2);
    CHECK(map->areas().size() == 2);
    REQUIRE(map->bridges().size() == 1);
    CHECK(map->bridges()[0].width == Approx(1.5).margin(0.03));
    CHECK(with(lines, 1)->areas().size() == 1);
}

TEST_CASE("closed outlines that nearly touch are one wall")
{
    // Four circles in a ring with 1 px between them close a middle.
    Paths ring;
    for (const Vec2 c : {Vec2{0, 0}, Vec2{101, 0}, Vec2{101, 101}, Vec2{0, 101}}) ring.push_back(circle(c, 50));
    CHECK(with(ring, 0)->areas().size() == 4);
    const planar::MapPtr map = with(ring, 1.5);
    CHECK(map->areas().size() == 5);
    CHECK(map->bridges().size() == 4);
    CHECK(map->at({50.5, 50.5}) != planar::outside);
}

TEST_CASE("a wider gap never opens what a narrower one closed, through random strokes")
{
    for (unsigned seed = 1; seed <= 10; ++seed) {
        const Paths lines = shapes::strokes(seed, 14, 400);
        std::size_t before = 0;
        for (const double gap : {0.0, 1.0, 3.0, 8.0}) {
            const planar::MapPtr map = with(lines, gap);
            CHECK(map->areas().size() + 1 >= before); // an area may be cut off as a sliver's neighbour, no more
            before = std::max(before, map->areas().size());
            for (const planar::Bridge& b : map->bridges()) CHECK(b.width <= gap + 1e-6);
        }
    }
}

TEST_CASE("what a wider gap would close is told width by width, and one gap can be closed by itself")
{
    // Two squares, each open at one corner: 6 px and 12 px.
    const Paths lines{polyline({{106, 100}, {200, 100}, {200, 200}, {100, 200}, {100, 100}}, false),
                      polyline({{312, 100}, {400, 100}, {400, 200}, {300, 200}, {300, 100}}, false)};
    planar::BuildOptions o;
    o.gap = 2;
    CHECK(planar::build(lines, o)->areas().empty());
    const auto wider = planar::widerGaps(lines, o, 20);
    REQUIRE(wider.size() == 2);
    CHECK(wider[0].gap == Approx(6.5).margin(0.51));
    CHECK(wider[1].gap == Approx(12.5).margin(0.51));
    for (const planar::WiderGap& g : wider) {
        CHECK(g.areas == 1);
        REQUIRE(g.bridges.size() == 1);
        REQUIRE(g.outlines.size() == 1);
    }
    CHECK(bounds(wider[1].outlines[0]).min.x == Approx(300).margin(1));
    // Only the wider of the two.
    o.closed = wider[1].bridges;
    const planar::MapPtr one = planar::build(lines, o);
    REQUIRE(one->areas().size() == 1);
    CHECK(one->at({350, 150}) != planar::outside);
    CHECK(one->at({150, 150}) == planar::outside);
    // It is found again where its line has moved a little, and not where the gap has gone.
    Paths moved = lines;
    moved[1] = transformed(moved[1], translation({1.5, -1}));
    CHECK(planar::build(moved, o)->areas().size() == 1);
    moved[1] = polyline({{300, 100}, {400, 100}, {400, 150}}, false);
    CHECK(planar::build(moved, o)->areas().empty());
    CHECK(planar::widerGaps({}, o, 20).empty());
    CHECK(planar::widerGaps(lines, o, 1).empty());
}

TEST_CASE("sharp corners of open lines and ends that stick out go on to what lies ahead of them")
{
    // Two strokes drawn as cusps that point at one another, 8 px apart, over a base: head and body of something.
    const Paths cusps{polyline({{100, 100}, {196, 150}, {100, 200}}, false), polyline({{300, 100}, {204, 150}, {300, 200}}, false)};
    CHECK(with(cusps, 4)->bridges().empty());
    const auto across = with(cusps, 9)->bridges();
    REQUIRE(across.size() == 1);
    CHECK(across[0].width == Approx(8).margin(0.1));
    // A stroke that crosses a post by 5 px goes on to the next post ahead, not back to the one it crossed.
    const Paths posts{polyline({{100, 0}, {100, 100}}, false), polyline({{112, 0}, {112, 100}}, false), polyline({{20, 50}, {105, 50}}, false)};
    const auto ahead = with(posts, 8)->bridges();
    REQUIRE(ahead.size() == 1);
    CHECK(std::max(ahead[0].from.x, ahead[0].to.x) == Approx(112).margin(0.1));
}

TEST_CASE("a narrow gap can be said to stay open, and a thin area to stay an area")
{
    // A square whose last side ends 1.5 px short, and a strip 0.6 px wide along a second one.
    const Paths lines{polyline({{1.5, 0}, {100, 0}, {100, 100}, {0, 100}, {0, 0}}, false), rectangle({200, 0}, {300, 100}),
                      polyline({{299.4, -10}, {299.4, 110}}, false)};
    planar::BuildOptions o;
    o.gap = 2;
    o.sliverWidth = 1;
    const planar::MapPtr closed = planar::build(lines, o);
    REQUIRE(closed->bridges().size() == 1);
    CHECK(closed->areas().size() == 2);
    REQUIRE(closed->slivers().size() == 1);
    o.open = closed->bridges();
    const Vec2 thin = closed->faces()[static_cast<std::size_t>(closed->slivers().front())].box.centre();
    o.kept = {thin};
    const planar::MapPtr chosen = planar::build(lines, o);
    CHECK(chosen->bridges().empty());
    CHECK(chosen->at({50, 50}) == planar::outside);
    CHECK(chosen->slivers().empty());
    CHECK(chosen->areas().size() == 2); // the strip, and the square beside it
    CHECK(chosen->at({299.7, 50}) != chosen->at({250, 50}));
    // Found again where the lines moved a little, not where they went far.
    Paths moved = lines;
    for (Path& p : moved) p = transformed(p, translation({1, 1}));
    CHECK(planar::build(moved, o)->bridges().empty());
    for (Path& p : moved) p = transformed(p, translation({30, 0}));
    CHECK(planar::build(moved, o)->bridges().size() == 1);
    CHECK(planar::build(moved, o)->slivers().size() == 1);
}
