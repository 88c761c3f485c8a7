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

TEST_CASE("a join bends evenly: no swing to either side of the wedge between line and stroke, from slight angles to corners")
{
    const Path line = polyline({{0, 0}, {400, 0}}, false);
    for (const double degrees_ : {5.0, 12.0, 20.0, 27.0, 33.0, 45.0, 60.0, 75.0}) {
        const double rise = std::tan(radians(degrees_));
        std::vector<Vec2> stroke;
        const double half = 100 * std::cos(radians(degrees_));
        for (double x = 0; x <= 2 * half; x += 0.7) stroke.push_back({200 - half + x, -rise * std::min(x, 2 * half - x)});
        const auto r = redrawn(line, stroke, {});
        REQUIRE(r);
        INFO(degrees_ << " degrees");
        CHECK(r->smoothStart == (degrees_ < 35));
        CHECK(r->smoothEnd == (degrees_ < 35));
        const double from = 200 - half;
        for (const Vec2 p : flatten(r->path, 0.02)) {
            const double near = std::min(40.0, 0.5 * half);
            if (std::abs(p.x - from) > near && std::abs(p.x - (400 - from)) > near) continue;
            const double in = p.x < 200 ? p.x - from : 400 - from - p.x; // along the line from the join into the stroke
            const double outer = -rise * std::max(0.0, in);
            // Between the line and the stroke, but for the even bend over 16 px either way (a chord's height over a corner) and a px for
            // the fit's slack.
            const double bend = degrees_ < 35 ? 8 * std::tan(radians(degrees_ / 2)) : 0;
            CHECK(p.y <= 1.2);
            CHECK(p.y >= outer - bend - 1.2);
        }
    }
}
