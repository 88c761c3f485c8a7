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
