#include "curve/reduce.h"

#include "curve/curve.h"

#include <catch2/catch.hpp>

using namespace softrope::curve;

namespace {

// A dense row that bends gently, with breaks of the given angles in degrees at known places.
Path row(const std::vector<double>& breaks, std::vector<Vec2>& corners)
{
    std::vector<Vec2> points{{0, 0}};
    double angle = 0;
    for (const double b : breaks) {
        for (int i = 0; i < 40; ++i) {
            angle += radians(0.5);
            points.push_back(points.back() + direction(angle) * 3);
        }
        corners.push_back(points.back());
        angle += radians(b);
    }
    for (int i = 0; i < 40; ++i) points.push_back(points.back() + direction(angle) * 3);
    return polyline(points, false);
}

} // namespace

TEST_CASE("reducing keeps corners that stand out of a calm line exactly where they are")
{
    std::vector<Vec2> corners;
    const Path dense = row({25, -30, 60, -22}, corners);
    const Reduced r = reduce(dense, {});
    CHECK(r.path.nodes.size() <= 12);
    CHECK(r.furthest <= 0.5);
    for (const Vec2 c : corners) {
        const auto at = std::find_if(r.path.nodes.begin(), r.path.nodes.end(), [&](const Node& n) { return distance(n.at, c) < 1e-9; });
        REQUIRE(at != r.path.nodes.end());
        CHECK(at->kind == NodeKind::corner);
    }
    CHECK(r.path.nodes.front().at == dense.nodes.front().at);
    CHECK(r.path.nodes.back().at == dense.nodes.back().at);
}

TEST_CASE("a closed row of corners and bends is reduced from corner to corner, wherever it starts")
{
    // A drop: an arc of 280 degrees and a corner where it meets itself.
    std::vector<Vec2> points;
    for (int i = 0; i <= 140; ++i) points.push_back(direction(radians(-140 + 2.0 * i)) * 60);
    const Vec2 tip{-160, 0};
    for (int i = 1; i < 40; ++i) points.push_back(lerp(points[140], tip, i / 40.0));
    points.push_back(tip);
    for (int i = 1; i < 40; ++i) points.push_back(lerp(tip, points[0], i / 40.0));
    for (const std::size_t shift : {0U, 37U, 150U}) {
        std::vector<Vec2> turned = points;
        std::rotate(turned.begin(), turned.begin() + static_cast<long>(shift), turned.end());
        const Reduced r = reduce(polyline(turned, true), {});
        REQUIRE(r.path.closed);
        CHECK(r.path.nodes.size() <= 8);
        CHECK(r.furthest <= 0.5);
        CHECK(nearest(r.path, tip)->distance < 1e-6);
        CHECK(std::abs(area(r.path)) == Approx(std::abs(area(polyline(turned, true)))).epsilon(0.01));
    }
}
