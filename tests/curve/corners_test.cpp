#include "curve/corners.h"
#include "curve/strokes.h"

#include <catch2/catch.hpp>

using namespace softrope::curve;

namespace {

Samples bent(double angleDegrees, double shake, std::uint64_t seed)
{
    const Vec2 far = Vec2{100, 0} + direction(radians(angleDegrees)) * 100;
    return evenly(strokes::shaken(strokes::along({{0, 0}, {100, 0}, far}, 1), shake, seed), false, 0.5);
}

} // namespace

TEST_CASE("a break between straights is found from 25 degrees on, at its place and with its turn")
{
    for (const double angle : {25.0, 40.0, 75.0, 90.0, 130.0}) {
        const auto found = findCorners(bent(angle, 0.05, 3), {});
        INFO(angle);
        REQUIRE(found.size() == 1);
        CHECK(distance(found[0].point, {100, 0}) < 0.8);
        CHECK(degrees(found[0].turn) == Approx(angle).margin(4));
    }
}

TEST_CASE("smaller breaks, and straights with tremor, have no corners")
{
    CHECK(findCorners(bent(8, 0.05, 3), {}).empty());
    for (const std::uint64_t seed : {1U, 2U, 3U, 4U}) CHECK(findCorners(bent(0, 0.3, seed), {}).empty());
}

TEST_CASE("a bend is no corner down to a radius of a few pixels")
{
    for (const double radius : {8.0, 15.0, 60.0}) {
        auto line = strokes::along({{0, 0}, {60, 0}}, 0.5);
        const auto bow = strokes::arc({60, radius}, radius, -pi / 2, 0, 200);
        line.insert(line.end(), bow.begin(), bow.end());
        const auto on = strokes::along({{60 + radius, radius}, {60 + radius, radius + 60}}, 0.5);
        line.insert(line.end(), on.begin(), on.end());
        INFO(radius);
        CHECK(findCorners(evenly(cleaned(line, false), false, 0.5), {}).empty());
    }
}

TEST_CASE("corners where curves meet are found too")
{
    // Two arcs that bulge to the same side meet in a point, as the halves of a leaf do.
    auto leaf = strokes::arc({0, -60}, 100, radians(37), radians(143), 300);
    const auto back = strokes::arc({0, 60}, 100, radians(217), radians(323), 300);
    leaf.insert(leaf.end(), back.begin() + 1, back.end() - 1);
    const auto found = findCorners(evenly(leaf, true, 0.5), {});
    REQUIRE(found.size() == 2);
    for (const Corner& c : found) {
        CHECK(std::abs(std::abs(c.point.x) - 79.9) < 1);
        CHECK(std::abs(c.point.y) < 1);
    }
}

TEST_CASE("the corners of a closed square are all found, whatever its start")
{
    auto square = strokes::along({{0, 0}, {80, 0}, {80, 80}, {0, 80}, {0, 0}}, 1);
    square.pop_back();
    for (const std::size_t shift : {0U, 1U, 40U, 79U, 200U}) {
        std::vector<Vec2> turned(square.begin() + static_cast<long>(shift), square.end());
        turned.insert(turned.end(), square.begin(), square.begin() + static_cast<long>(shift));
        CHECK(findCorners(evenly(turned, true, 0.5), {}).size() == 4);
    }
}

TEST_CASE("two corners close to each other are both found")
{
    const auto step = strokes::along({{0, 0}, {60, 0}, {60, 9}, {120, 9}}, 0.5);
    const auto found = findCorners(evenly(step, false, 0.5), {});
    REQUIRE(found.size() == 2);
    CHECK(distance(found[0].point, {60, 0}) < 1);
    CHECK(distance(found[1].point, {60, 9}) < 1);
}

TEST_CASE("the smallest turn asked for is obeyed")
{
    CornerSearch blunt;
    blunt.smallest = radians(60);
    CHECK(findCorners(bent(45, 0.05, 9), blunt).empty());
    CHECK(findCorners(bent(80, 0.05, 9), blunt).size() == 1);
}
