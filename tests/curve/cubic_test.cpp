#include "curve/curve.h"

#include <catch2/catch.hpp>

using namespace softrope::curve;

namespace {
const Cubic arch{{0, 0}, {10, 40}, {70, 45}, {100, 0}};
}

TEST_CASE("a split cubic is the same curve in two halves")
{
    for (const double t : {0.1, 0.5, 0.83}) {
        const Halves h = split(arch, t);
        for (const double u : {0.0, 0.3, 0.7, 1.0}) {
            CHECK(distance(at(h.first, u), at(arch, u * t)) < 1e-12);
            CHECK(distance(at(h.second, u), at(arch, t + u * (1 - t))) < 1e-12);
        }
    }
}

TEST_CASE("a part of a cubic runs along the same curve")
{
    const Cubic p = part(arch, 0.25, 0.6);
    CHECK(distance(at(p, 0.5), at(arch, 0.425)) < 1e-12);
}

TEST_CASE("the area under a quarter circle's cubic, against the polygon of its points")
{
    Path poly = polyline(flatten(circle({0, 0}, 50), 1e-7), true);
    CHECK(area(circle({0, 0}, 50)) == Approx(area(poly)).epsilon(1e-6));
}

TEST_CASE("four cubics make a circle within 2.73e-4 of its radius")
{
    // Published bound for kappa 0.5522847: Goldapp 1991, Computer Aided Geometric Design 8; Riskus 2006.
    const Path c = circle({3, 4}, 100);
    double most = 0, least = 1e9;
    for (std::size_t i = 0; i < 4; ++i)
        for (int k = 0; k <= 1000; ++k) {
            const double r = distance(at(c.piece(i), k / 1000.0), {3, 4});
            most = std::max(most, r);
            least = std::min(least, r);
        }
    CHECK(most - 100 < 0.0273);
    CHECK(most - 100 > 0.0271); // the bound is reached: the circle is the published one
    CHECK(100 - least < 1e-9);
}

TEST_CASE("arc length and area against closed forms")
{
    CHECK(arcLength(straight({0, 0}, {3, 4})) == Approx(5));
    // A parabola y = x^2 over [0, 1] raised to a cubic: length sqrt(5)/2 + asinh(2)/4, area under it 1/3 (handbook).
    const Cubic parabola{{0, 0}, {1.0 / 3, 0}, {2.0 / 3, 1.0 / 3}, {1, 1}};
    CHECK(arcLength(parabola) == Approx(std::sqrt(5.0) / 2 + std::asinh(2.0) / 4).epsilon(1e-10));
    Path closedBelow;
    closedBelow.nodes = {cornerAt({0, 0}), cornerAt({1, 1}), cornerAt({1, 0})};
    closedBelow.closed = true;
    closedBelow.nodes[0].out = parabola.p1;
    closedBelow.nodes[1].in = parabola.p2;
    CHECK(std::abs(area(closedBelow)) == Approx(1.0 / 3).epsilon(1e-12));
    // The circle of four cubics encloses pi r^2 within 0.03 %; its length is 2 pi r within 0.03 %.
    CHECK(area(circle({0, 0}, 10)) == Approx(pi * 100).epsilon(3e-4));
    CHECK(arcLength(circle({0, 0}, 10)) == Approx(2 * pi * 10).epsilon(3e-4));
}

TEST_CASE("bounds are tight at the extremes")
{
    const Box b = bounds(arch);
    double top = 0;
    for (int i = 0; i <= 100000; ++i) top = std::max(top, at(arch, i / 1e5).y);
    CHECK(b.max.y == Approx(top).epsilon(1e-9));
    CHECK(b.min.y == 0);
}

TEST_CASE("the nearest point is no farther than any sample")
{
    const Cubic loop{{0, 0}, {120, 90}, {-20, 90}, {100, 0}};
    for (const Vec2 p : {Vec2{50, 20}, Vec2{-10, 5}, Vec2{50, 80}, Vec2{48, 51}, Vec2{120, -30}}) {
        const NearestOnCubic n = nearest(loop, p);
        double best = 1e9;
        for (int i = 0; i <= 20000; ++i) best = std::min(best, distance(at(loop, i / 2e4), p));
        CHECK(n.distance <= best + 1e-9);
        CHECK(distance(at(loop, n.t), n.point) < 1e-9);
    }
}

TEST_CASE("flattening keeps its tolerance")
{
    std::vector<Vec2> line{arch.p0};
    flatten(arch, 0.05, line);
    for (int i = 0; i <= 1000; ++i) {
        const Vec2 p = at(arch, i / 1000.0);
        double best = 1e9;
        for (std::size_t k = 1; k < line.size(); ++k) best = std::min(best, nearest(straight(line[k - 1], line[k]), p).distance);
        CHECK(best <= 0.05);
    }
}

TEST_CASE("affine maps invert, compose in order, and know when they cannot")
{
    const Affine m = translation({5, -3}) * rotation(0.4) * scaling(2, 3);
    const Vec2 p{7, 11};
    CHECK(distance(*inverse(m) * (m * p), p) < 1e-12);
    CHECK(meanScale(m) == Approx(std::sqrt(6.0)));
    CHECK_FALSE(inverse(scaling(0, 1)).has_value());
}

TEST_CASE("degenerate pieces do not break anything")
{
    const Cubic dot{{1, 1}, {1, 1}, {1, 1}, {1, 1}};
    CHECK(arcLength(dot) == 0);
    CHECK(nearest(dot, {4, 5}).distance == Approx(5));
    CHECK(startTangent(dot) == Vec2{});
    CHECK(bounds(dot).width() == 0);
}
