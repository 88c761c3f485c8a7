// Feet of points, and what closed paths enclose by either rule.
#include "curve/curve.h"
#include "curve/figures.h"
#include "curve/foot.h"
#include "curve/polygon.h"

#include <catch2/catch.hpp>

#include <cmath>

using namespace softrope::curve;

TEST_CASE("the foot on a straight is square to it, and stays between its ends")
{
    const Vec2 a{10, 10}, b{50, 40};
    for (const double t : {0.0, 0.25, 0.5, 0.9, 1.0}) {
        const Vec2 on = lerp(a, b, t), off = on + 7.0 * unit(perpendicular(b - a));
        CHECK(footOnSegment(off, a, b) == Approx(t).margin(1e-12));
        CHECK(distanceToSegment(off, a, b) == Approx(7));
    }
    CHECK(footOnSegment({-100, -100}, a, b) == 0);
    CHECK(footOnSegment({500, 500}, a, b) == 1);
    CHECK(distanceToSegment({10, 0}, a, b) == Approx(10));
    // A straight of no length is its point.
    CHECK(footOnSegment({3, 4}, {0, 0}, {0, 0}) == 0);
    CHECK(distanceToSegment({3, 4}, {0, 0}, {0, 0}) == Approx(5));
}

TEST_CASE("a foot found from a good guess is the nearest place that a search finds")
{
    const Cubic c{{0, 0}, {40, 90}, {120, -60}, {160, 30}};
    for (int k = 0; k <= 40; ++k) {
        const double t = 0.02 + 0.96 * k / 40;
        const Vec2 on = at(c, t), p = on + 3.0 * unit(perpendicular(derivative(c, t)));
        const double found = footNear(c, p, t + 0.03);
        CHECK(found == Approx(t).margin(1e-6));
        CHECK(nearest(c, p).distance == Approx(distance(at(c, found), p)).margin(1e-6));
    }
    // Held between the bounds it is given.
    CHECK(footNear(c, at(c, 0.9), 0.4, 0.3, 0.5) <= 0.5);
}

TEST_CASE("rough lengths are exact for straights and near for gentle curves")
{
    CHECK(roughLength(straight({0, 0}, {30, 40})) == Approx(50));
    const Path arc = circle({0, 0}, 100);
    double sum = 0;
    for (std::size_t k = 0; k < arc.pieceCount(); ++k) sum += roughLength(arc.piece(k));
    CHECK(sum == Approx(2 * pi * 100).epsilon(0.03));
}

TEST_CASE("even-odd and nonzero differ where outlines lie over each other the same way round")
{
    // Two overlapping squares, both turning the same way: their common part is a hole by the one rule and filled by the other.
    const Paths same{rectangle({0, 0}, {100, 100}), rectangle({50, 50}, {150, 150})};
    CHECK(insidePaths(same, {25, 25}, Rule::evenOdd));
    CHECK_FALSE(insidePaths(same, {75, 75}, Rule::evenOdd));
    CHECK(insidePaths(same, {75, 75}, Rule::nonzero));
    // The other way round the inner one is a hole by both.
    const Paths ring{rectangle({0, 0}, {100, 100}), reversed(rectangle({30, 30}, {70, 70}))};
    for (const Rule rule : {Rule::evenOdd, Rule::nonzero}) {
        CHECK(insidePaths(ring, {10, 50}, rule));
        CHECK_FALSE(insidePaths(ring, {50, 50}, rule));
        CHECK_FALSE(insidePaths(ring, {150, 50}, rule));
    }
}

TEST_CASE("a disc holds what is nearer than its radius, an open path counts as closed by its chord")
{
    const Path disc = circle({40, 60}, 30);
    for (int k = 0; k < 60; ++k) {
        const Vec2 way = direction(2 * pi * k / 60 + 0.01);
        CHECK(insidePaths({disc}, Vec2{40, 60} + 29.5 * way));
        CHECK_FALSE(insidePaths({disc}, Vec2{40, 60} + 30.5 * way));
    }
    const Path open = polyline({{0, 0}, {100, 0}, {100, 100}}, false);
    CHECK(insidePaths({open}, {80, 30}));
    CHECK_FALSE(insidePaths({open}, {20, 80}));
    CHECK_FALSE(insidePaths({}, {0, 0}));
    CHECK_FALSE(insidePaths({Path{}}, {0, 0}));
}

TEST_CASE("a place well inside is inside by the same rule, for thin and holed shapes too")
{
    const std::vector<Paths> shapes{{rectangle({0, 0}, {400, 2})},
                                    {circle({0, 0}, 50), reversed(circle({0, 0}, 48))},
                                    {polyline({{0, 0}, {200, 0}, {200, 200}, {190, 10}}, true)},
                                    {circle({-500, 300}, 3)}};
    for (const Paths& s : shapes) CHECK(insidePaths(s, innerPoint(s)));
}
