// Crescents, bands and what is cast, by their closed forms; strokes closed along a border.
#include "shade/shade.h"

#include "curve/polygon.h"

#include <catch2/catch.hpp>

#include <cmath>
#include <limits>

using namespace softrope;
using namespace softrope::curve;

namespace {

double sizeOf(const Paths& paths)
{
    double sum = 0;
    for (const Path& p : paths) sum += area(p);
    return std::abs(sum);
}

// The lens that two circles of radius r have in common, their middles d apart (Weisstein, "Circle-Circle Intersection", MathWorld):
// 2 r^2 acos(d / 2r) - d / 2 sqrt(4 r^2 - d^2).
double lens(double r, double d)
{
    return 2 * r * r * std::acos(d / (2 * r)) - d / 2 * std::sqrt(4 * r * r - d * d);
}

const planar::Shape disc{{circle({500, 400}, 100)}, false};

} // namespace

TEST_CASE("a circle loses the lens of two circles: what is left is its crescent, on the side that is asked for")
{
    for (const double d : {1.0, 14.0, 60.0, 140.0}) {
        for (const double angle : {0.0, 0.7, -2.4}) {
            const Paths c = shade::crescent(disc, direction(angle), d);
            REQUIRE_FALSE(c.empty());
            CHECK(sizeOf(c) == Approx(pi * 1e4 - lens(100, d)).epsilon(2e-3).margin(1)); // tips narrower than can be told are cut off
            CHECK(insidePaths(c, Vec2{500, 400} + (100 - d / 3) * direction(angle)));
            CHECK_FALSE(insidePaths(c, Vec2{500, 400} - 99 * direction(angle)));
        }
    }
    // The whole when it is shifted off itself, nothing for no shift.
    CHECK(sizeOf(shade::crescent(disc, {1, 0}, 250)) == Approx(pi * 1e4).epsilon(1e-3));
    CHECK(shade::crescent(disc, {1, 0}, 0).empty());
    CHECK(shade::crescent(disc, {1, 0}, -3).empty());
    CHECK(shade::crescent(disc, {0, 0}, 10).empty());
    CHECK(shade::crescent(disc, {1, 0}, std::numeric_limits<double>::quiet_NaN()).empty());
    CHECK(shade::crescent({}, {1, 0}, 10).empty());
}

TEST_CASE("a band is the wider crescent without the thinner one")
{
    const double whole = pi * 1e4;
    const Paths b = shade::band(disc, {0, 1}, 10, 40);
    CHECK(sizeOf(b) == Approx((whole - lens(100, 40)) - (whole - lens(100, 10))).epsilon(3e-3));
    CHECK_FALSE(insidePaths(b, {500, 497}));
    CHECK(insidePaths(b, {500, 480}));
    CHECK(shade::band(disc, {0, 1}, 40, 40).empty());
    CHECK(sizeOf(shade::band(disc, {0, 1}, 0, 40)) == Approx(sizeOf(shade::crescent(disc, {0, 1}, 40))));
}

TEST_CASE("holes and several outlines have their crescents, each in its place, and slivers are left out")
{
    // A ring: two crescents, the outer one of the rim and the one along the far side of the hole.
    const planar::Shape ring{{circle({0, 0}, 100), reversed(circle({0, 0}, 50))}, false};
    const Paths c = shade::crescent(ring, {1, 0}, 10);
    CHECK(insidePaths(c, {96, 0}));
    CHECK(insidePaths(c, {-54, 0}));
    CHECK_FALSE(insidePaths(c, {54, 0}));
    CHECK_FALSE(insidePaths(c, {-96, 0}));
    // The same by even-odd, however the hole runs.
    CHECK(sizeOf(shade::crescent({{circle({0, 0}, 100), circle({0, 0}, 50)}, true}, {1, 0}, 10)) == Approx(sizeOf(c)).epsilon(1e-6));
    CHECK(shade::crescent({{rectangle({0, 0}, {200, 100})}, false}, {0, 1}, 0.2).empty());
}

TEST_CASE("what is cast is the source shifted, as far as it falls on the shape")
{
    const planar::Shape wall{{rectangle({0, 0}, {400, 400})}, false}, post{{rectangle({100, 100}, {150, 300})}, false};
    CHECK(sizeOf(shade::cast(post, {40, 40}, wall)) == Approx(50 * 200));
    CHECK(sizeOf(shade::cast(post, {275, 0}, wall)) == Approx(25 * 200));
    CHECK(shade::cast(post, {2000, 0}, wall).empty());
}

TEST_CASE("a stroke across a shape is closed along its border, on the side with less area or the other")
{
    const planar::Shape box{{rectangle({0, 0}, {300, 200})}, false};
    const Path down = polyline({{80, -20}, {80, 240}}, false);
    CHECK(sizeOf(shade::cutOff(box, down)) == Approx(80 * 200));
    CHECK(sizeOf(shade::cutOff(box, down, true)) == Approx(220 * 200));
    // Ends that stop short of the border go on to it.
    const Path within = polyline({{80, 40}, {80, 160}}, false);
    CHECK(sizeOf(shade::cutOff(box, within)) == Approx(80 * 200));
    // The circular segment that a chord at half the radius cuts off: r^2 (acos(1/2) - 1/2 sqrt(3)/2) (handbook).
    const Paths segment = shade::cutOff(disc, polyline({{550, 250}, {550, 550}}, false));
    CHECK(sizeOf(segment) == Approx(1e4 * (std::acos(0.5) - std::sqrt(3.0) / 4)).epsilon(2e-3));
    // Beside it, without length, not finite: nothing. Round: what it encloses.
    CHECK(shade::cutOff(box, polyline({{400, 0}, {400, 200}}, false)).empty());
    CHECK(shade::cutOff(box, polyline({{10, 10}, {10, 10}}, false)).empty());
    CHECK(sizeOf(shade::cutOff(box, rectangle({250, 50}, {350, 150}))) == Approx(50 * 100));
}
