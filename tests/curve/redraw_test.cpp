#include "curve/redraw.h"

#include "curve/curve.h"

#include <catch2/catch.hpp>

using namespace softrope::curve;

namespace {

std::vector<Vec2> arc(Vec2 from, Vec2 by, Vec2 to)
{
    std::vector<Vec2> out;
    for (int i = 0; i <= 60; ++i) out.push_back(at(Cubic{from, lerp(from, by, 0.66), lerp(to, by, 0.66), to}, i / 60.0));
    return out;
}

double furthest(const std::vector<Vec2>& from, const Path& path)
{
    double worst = 0;
    for (const Vec2 p : from) worst = std::max(worst, nearest(path, p)->distance);
    return worst;
}

} // namespace

TEST_CASE("redrawing the middle of an open line keeps both ends of it and follows the stroke")
{
    const Path line = polyline({{0, 0}, {200, 0}}, false);
    const auto stroke = arc({50, 2}, {100, 80}, {150, -2});
    const auto r = redrawn(line, stroke, {});
    REQUIRE(r);
    CHECK(r->path.nodes.front().at == Vec2{0, 0});
    CHECK(r->path.nodes.back().at == Vec2{200, 0});
    CHECK_FALSE(r->path.closed);
    CHECK(furthest({stroke.begin() + 12, stroke.end() - 12}, r->path) < 1.5);
    CHECK(nearest(r->path, {100, 0})->distance > 20);
    CHECK(nearest(r->path, {25, 0})->distance < 1e-9);
}

TEST_CASE("a stroke drawn against the line's direction replaces the same part")
{
    const Path line = polyline({{0, 0}, {200, 0}}, false);
    auto stroke = arc({50, 0}, {100, 80}, {150, 0});
    std::reverse(stroke.begin(), stroke.end());
    const auto r = redrawn(line, stroke, {});
    REQUIRE(r);
    CHECK(r->path.nodes.front().at == Vec2{0, 0});
    CHECK(r->path.nodes.back().at == Vec2{200, 0});
    CHECK(nearest(r->path, {100, 40})->distance < 3);
}

TEST_CASE("joins that leave the line gently are smooth, joins that leave it sharply are corners")
{
    const Path ring = circle({0, 0}, 100);
    // A bulge from 20 to 70 degrees that starts along the circle.
    std::vector<Vec2> gentle;
    for (int i = 0; i <= 80; ++i) {
        const double u = i / 80.0, angle = radians(20 + 50 * u);
        gentle.push_back(direction(angle) * (100 + 12 * std::pow(std::sin(pi * u), 2)));
    }
    const auto r = redrawn(ring, gentle, {});
    REQUIRE(r);
    CHECK(r->path.closed);
    CHECK(r->smoothStart);
    CHECK(r->smoothEnd);
    for (const Node& n : r->path.nodes)
        if (n.kind == NodeKind::smooth && n.in != n.at && n.out != n.at) CHECK(std::abs(turn(n.at - n.in, n.out - n.at)) < 1e-6);
    CHECK(std::abs(area(r->path)) > pi * 100 * 100);
    const auto sharp = redrawn(polyline({{0, 0}, {300, 0}}, false), arc({100, 0}, {150, 300}, {200, 0}), {});
    REQUIRE(sharp);
    CHECK(nearest(sharp->path, {150, 148.5})->distance < 2);
    CHECK_FALSE(sharp->smoothStart);
    CHECK_FALSE(sharp->smoothEnd);
}

TEST_CASE("of a closed line the part beside the stroke goes, also across its first node")
{
    const Path ring = circle({0, 0}, 100);
    std::vector<Vec2> stroke;
    for (int i = 0; i <= 60; ++i) stroke.push_back(direction(radians(-30 + i)) * (100 - 15 * std::sin(pi * i / 60.0)));
    const auto r = redrawn(ring, stroke, {});
    REQUIRE(r);
    CHECK(nearest(r->path, {85, 0})->distance < 2);
    CHECK(nearest(r->path, {-100, 0})->distance < 1e-6);
    CHECK(std::abs(area(r->path)) < pi * 100 * 100);
}

TEST_CASE("strokes that do not start and end on the line replace nothing")
{
    const Path line = polyline({{0, 0}, {200, 0}}, false);
    CHECK_FALSE(redrawn(line, arc({50, 40}, {100, 80}, {150, 0}), {}));
    CHECK_FALSE(redrawn(line, {{50, 0}}, {}));
    CHECK_FALSE(redrawn({}, arc({50, 0}, {100, 80}, {150, 0}), {}));
}
