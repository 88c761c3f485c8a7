#include "curve/apex.h"

#include "curve/curve.h"

#include <catch2/catch.hpp>

using namespace softrope::curve;

namespace {

Path onePiece(const Cubic& c)
{
    Path p;
    p.nodes = {{c.p0, c.p0, c.p1, NodeKind::corner}, {c.p3, c.p2, c.p3, NodeKind::corner}};
    return p;
}

// Places inside pieces that bend more than those beside them.
int innerMaxima(const Path& p)
{
    constexpr int parts = 50;
    int n = 0;
    for (std::size_t i = 0; i < p.pieceCount(); ++i)
        for (int k = 2; k + 2 <= parts; ++k) {
            const auto bend = [&](int j) { return std::abs(curvature(p.piece(i), static_cast<double>(j) / parts)); };
            n += bend(k) > 1e-3 && bend(k) > 1.02 * bend(k - 1) && bend(k) > 1.02 * bend(k + 1);
        }
    return n;
}

// A polyline as dense as a traced one along a line that turns a round of `radius` between two straights.
Path roundedAngle(double radius)
{
    std::vector<Vec2> p;
    for (double x = 0; x < 60; x += 1) p.push_back({x, 0});
    for (int k = 0; k <= 20; ++k) p.push_back(Vec2{60, radius} + radius * direction(-pi / 2 + k * radians(120) / 20));
    const Vec2 from = p.back(), on = direction(radians(120));
    for (double s = 1; s < 60; s += 1) p.push_back(from + on * s);
    return polyline(p, false);
}

} // namespace

TEST_CASE("a tight round inside a piece gets a node at its apex, and nothing moves")
{
    // The parabola y = x^2 bends most at its vertex, by 2 a of y = a x^2 (differential geometry, any textbook).
    const double a = 0.3;
    const Path p = onePiece({{-12, a * 144}, {-12 + 28.0 / 3, a * 144 - 28.0 / 3 * 24 * a}, {16 - 28.0 / 3, a * 256 - 28.0 / 3 * 32 * a}, {16, a * 256}});
    const Path held = withApexNodes(p, 0);
    REQUIRE(held.nodes.size() == 3);
    CHECK(distance(held.nodes[1].at, {0, 0}) < 1e-3);
    CHECK(held.nodes[1].kind == NodeKind::smooth);
    CHECK(std::abs(curvature(held.piece(0), 1)) == Approx(2 * a).epsilon(1e-3));
    CHECK(std::abs(curvature(held.piece(1), 0)) == Approx(2 * a).epsilon(1e-3));
    CHECK(furthestFrom(p, held) < 1e-9);
    CHECK(innerMaxima(held) == 0);
    CHECK(withApexNodes(held, 0).nodes.size() == 3);
}

TEST_CASE("circles, wide bows and straights keep their nodes")
{
    CHECK(withApexNodes(circle({50, 50}, 30), 0.1) == circle({50, 50}, 30));
    const Path bow = onePiece({{0, 0}, {30, 40}, {70, 40}, {100, 0}});
    CHECK(withApexNodes(bow, 0.1) == bow);
    const Path box = rectangle({0, 0}, {10, 10});
    CHECK(withApexNodes(box, 0.1) == box);
    CHECK(withApexNodes(Path{}, 0.1) == Path{});
}

TEST_CASE("a scrap of a curve, shorter than the line may stray, gets no node in it")
{
    const Path scrap = onePiece({{0, 0}, {0.5, 0.02}, {-0.2, 0.6}, {0.3, 0.6}});
    CHECK(withApexNodes(scrap, 0).nodes.size() == 3);
    CHECK(withApexNodes(scrap, 0.4).nodes.size() == 2);
}

TEST_CASE("a handle past where the tangents cross is drawn back, when that moves little")
{
    // Tangents cross at (10, 0): 10.4 is past it.
    const Path hook = onePiece({{0, 0}, {10.4, 0}, {10, 25}, {10, 40}});
    CHECK(withApexNodes(hook, 0.5).nodes[0].out == Vec2{10, 0});
    CHECK(withApexNodes(hook, 0.05).nodes[0].out == Vec2{10.4, 0});
    const Path meant = onePiece({{0, 0}, {15, 0}, {10, 25}, {10, 40}});
    CHECK(furthestFrom(meant, withApexNodes(meant, 0.5)) < 1e-9);
}

TEST_CASE("reducing keeps small rounds between straights: no piece swings past them, none bends most in its middle")
{
    for (const double radius : {3.0, 4.0, 6.0}) {
        const Path dense = roundedAngle(radius);
        const Reduced r = reduce(dense, {0.5, true, {}});
        CAPTURE(radius, r.path.nodes.size());
        CHECK(r.furthest <= 0.5);
        CHECK(r.path.nodes.size() <= 6);
        CHECK(hooks(r.path, 0.5) == 0);
        CHECK(innerMaxima(r.path) == 0);
    }
}

TEST_CASE("a piece that swings to both sides of a tight bend is a hook, a drawn S is none")
{
    CHECK(hooks(onePiece({{455.7, 363.3}, {459.1, 361.5}, {455.8, 364.2}, {492.7, 327.0}}), 0.5) == 1);
    CHECK(hooks(onePiece({{0, 0}, {60, 0}, {40, 80}, {100, 80}}), 0.5) == 0);
}
