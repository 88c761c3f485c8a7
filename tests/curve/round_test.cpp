#include "curve/round.h"

#include "curve/curve.h"

#include <catch2/catch.hpp>

using namespace softrope::curve;

TEST_CASE("rounding a square's corners gives the area of the handbook")
{
    // Area lost at a right corner: r^2 (1 - pi/4) (Bronshtein and Semendyayev, plane figures; from memory).
    const Path square = polyline({{0, 0}, {100, 0}, {100, 100}, {0, 100}}, true);
    const RoundedPath r = withRoundCorners(square, {{0, 20}, {1, 20}, {2, 20}, {3, 20}});
    REQUIRE(r.used.size() == 4);
    CHECK(r.path.nodes.size() == 8);
    CHECK(std::abs(area(r.path)) == Approx(10000 - 4 * 400 * (1 - pi / 4)).epsilon(1e-4));
    for (const Node& n : r.path.nodes) CHECK(n.kind == NodeKind::smooth);
}

TEST_CASE("tangent points of a corner between straights lie at r / tan of half the angle")
{
    for (const double angle : {30.0, 60.0, 90.0, 140.0}) {
        const Vec2 corner{50, 60};
        const Path p = polyline({corner + Vec2{-400, 0}, corner, corner - direction(radians(angle)) * 400}, false);
        const double radius = 12;
        const RoundedPath r = withRoundCorners(p, {{1, radius}});
        REQUIRE(r.used.size() == 1);
        CHECK(r.used[0].radius == Approx(radius));
        CHECK(distance(r.path.nodes[1].at, corner) == Approx(radius / std::tan(radians(angle) / 2)).epsilon(1e-6));
    }
}

TEST_CASE("the arc between two curves is tangent to both and round")
{
    Path p;
    p.nodes = {cornerAt({0, 0}), cornerAt({100, 80}), cornerAt({220, 10})};
    p.nodes[0].out = {20, 60};
    p.nodes[1].in = {60, 90};
    p.nodes[1].out = {130, 10};
    p.nodes[2].in = {180, -20};
    const RoundedPath r = withRoundCorners(p, {{1, 8}});
    REQUIRE(r.used.size() == 1);
    CHECK(r.used[0].radius == Approx(8));
    REQUIRE(r.path.nodes.size() >= 4);
    for (std::size_t k = 1; k + 1 < r.path.nodes.size(); ++k) CHECK(std::abs(turn(endTangent(r.path.piece(k - 1)), startTangent(r.path.piece(k)))) < 1e-6);
    // Every point of the arc's pieces is 8 px from its centre, which the two tangent points give.
    const Vec2 a = r.path.nodes[1].at, along = startTangent(r.path.piece(1));
    const double side = curvature(r.path.piece(1), 0.5) > 0 ? 1 : -1;
    const Vec2 centre = a + perpendicular(along) * (8 * side);
    for (std::size_t k = 1; k + 2 < r.path.nodes.size(); ++k)
        for (int i = 0; i <= 10; ++i) CHECK(distance(at(r.path.piece(k), i / 10.0), centre) == Approx(8).margin(8 * 4e-4));
}

TEST_CASE("a radius that does not fit is cut down to what does, and said so")
{
    const Path square = polyline({{0, 0}, {100, 0}, {100, 40}, {0, 40}}, true);
    std::vector<CornerRadius> all;
    for (const std::size_t k : cornerNodes(square)) all.push_back({k, 500});
    const RoundedPath r = withRoundCorners(square, all);
    REQUIRE(r.used.size() == 4);
    for (const CornerRadius& c : r.used) CHECK(c.radius == Approx(20).margin(1e-3));
    CHECK(isFinite(r.path));
}

TEST_CASE("ends, smooth nodes and needless radii are left alone")
{
    const Path ring = circle({0, 0}, 50);
    CHECK(cornerNodes(ring).empty());
    CHECK(withRoundCorners(ring, {{0, 10}}).path == ring);
    const Path line = polyline({{0, 0}, {50, 0}}, false);
    CHECK(withRoundCorners(line, {{0, 5}, {1, 5}}).path == line);
    const Path hook = polyline({{0, 0}, {50, 0}, {50, 50}}, false);
    CHECK(withRoundCorners(hook, {{1, 0}}).path == hook);
    CHECK(withRoundCorners(hook, {{1, std::nan("")}}).path == hook);
    const RoundedPath r = withRoundCorners(hook, {{1, 10}});
    CHECK(r.path.nodes.front().at == Vec2{0, 0});
    CHECK(r.path.nodes.back().at == Vec2{50, 50});
    CHECK(isStraight(r.path.piece(0)));
}
