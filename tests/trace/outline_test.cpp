#include "curve/polygon.h"
#include "curve/round.h"
#include "curve/strokes.h"
#include "trace/level_lines.h"
#include "trace/outline.h"

#include <catch2/catch.hpp>
#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <cmath>
#include <utility>

using namespace softrope;
using curve::Vec2;

namespace {

// Dark where `inside` holds, with the edge pixels shaded by how much of them is covered (8 x 8 samples). Edges are followed from where the
// middles of neighbouring pixels differ: the others are not looked at as closely.
template <class Inside> pixel::Grey drawn(int w, int h, Inside inside)
{
    pixel::Grey g(w, h, 255);
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) g.at(x, y) = inside(Vec2{x + 0.5, y + 0.5}) ? 0 : 255;
    std::vector<char> looked(g.data.size(), 0);
    std::vector<std::pair<int, int>> todo;
    const auto lookAt = [&](int x, int y) {
        if (x < 0 || y < 0 || x >= w || y >= h) return;
        char& done = looked[static_cast<std::size_t>(y) * static_cast<std::size_t>(w) + static_cast<std::size_t>(x)];
        if (!done) todo.emplace_back(x, y);
        done = 1;
    };
    const pixel::Grey middles = g;
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x)
            if ((x + 1 < w && middles.at(x, y) != middles.at(x + 1, y)) || (y + 1 < h && middles.at(x, y) != middles.at(x, y + 1))) lookAt(x, y);
    while (!todo.empty()) {
        const auto [x, y] = todo.back();
        todo.pop_back();
        int n = 0;
        for (int v = 0; v < 8; ++v)
            for (int u = 0; u < 8; ++u) n += inside(Vec2{x + (u + 0.5) / 8, y + (v + 0.5) / 8});
        g.at(x, y) = static_cast<std::uint8_t>(255 - n * 255 / 64);
        const bool edge = n > 0 && n < 64;
        for (int v = -1; v <= 1; ++v)
            for (int u = -1; u <= 1; ++u)
                if (edge || (u >= 0 && v >= 0)) lookAt(x + u, y + v);
    }
    return g;
}

// What lies within the polygon, likewise, row of samples by row.
pixel::Grey drawnPolygon(int w, int h, const std::vector<Vec2>& line)
{
    pixel::Grey g(w, h, 255);
    std::vector<double> crossings;
    std::vector<int> covered(static_cast<std::size_t>(w));
    for (int row = 0; row < 8 * h; ++row) {
        const double y = (row + 0.5) / 8;
        crossings.clear();
        for (std::size_t k = 0; k < line.size(); ++k) {
            const Vec2 a = line[k], b = line[(k + 1) % line.size()];
            if ((a.y > y) != (b.y > y)) crossings.push_back(a.x + (b.x - a.x) * (y - a.y) / (b.y - a.y));
        }
        std::sort(crossings.begin(), crossings.end());
        for (std::size_t k = 0; k + 1 < crossings.size(); k += 2)
            for (int i = static_cast<int>(std::ceil(8 * crossings[k] - 0.5)); i + 0.5 < 8 * crossings[k + 1]; ++i)
                if (i >= 0 && i < 8 * w) ++covered[static_cast<std::size_t>(i / 8)];
        if (row % 8 < 7) continue;
        for (int x = 0; x < w; ++x) g.at(x, row / 8) = static_cast<std::uint8_t>(255 - std::exchange(covered[static_cast<std::size_t>(x)], 0) * 255 / 64);
    }
    return g;
}

// Of the one shape there is, with the slack that scans are traced with.
curve::Path onlyOutline(const pixel::Grey& g)
{
    trace::OutlineOptions options;
    options.slack = 0.8;
    const trace::Outline o = trace::outline(g, options);
    REQUIRE(o.silhouettes.size() == 1);
    return o.silhouettes[0].paths[0];
}

// A regular polygon about (120.3, 119.8), its corners rounded off by circles.
pixel::Grey polygonOf(int sides, double apothem, double radius, double turned)
{
    std::vector<Vec2> inner; // the rounded one is all that lies within the radius of it
    const double step = 2 * curve::pi / sides, reach = (apothem - radius) / std::cos(step / 2);
    for (int k = 0; k < sides; ++k) inner.push_back(Vec2{120.3, 119.8} + curve::direction(turned + step * k) * reach);
    return drawn(240, 240, [&](Vec2 p) {
        if (curve::insidePolygon(inner, p)) return true;
        for (std::size_t k = 0; k < inner.size(); ++k) {
            const Vec2 a = inner[k], along = inner[(k + 1) % inner.size()] - a;
            const double share = std::clamp(dot(p - a, along) / squaredLength(along), 0.0, 1.0);
            if (distance(p, a + along * share) <= radius) return true;
        }
        return false;
    });
}

} // namespace

TEST_CASE("level lines run round dark ground clockwise, round holes the other way")
{
    const auto ring = drawn(100, 100, [](Vec2 p) {
        const double r = distance(p, {50, 50});
        return r < 40 && r > 20;
    });
    const auto lines = trace::levelLines(ring, 127.5);
    REQUIRE(lines.size() == 2);
    CHECK(lines[0].area == Approx(curve::pi * 1600).epsilon(0.002));
    CHECK(lines[1].area == Approx(-curve::pi * 400).epsilon(0.004));
}

TEST_CASE("a shape that runs out of the picture is closed along its edge")
{
    const auto lines = trace::levelLines(drawn(40, 30, [](Vec2 p) { return p.x < 20; }), 127.5);
    REQUIRE(lines.size() == 1);
    CHECK(lines[0].area == Approx(20 * 30).epsilon(0.02));
}

TEST_CASE("pixels that touch at a corner give lines that close")
{
    pixel::Grey g(4, 4, 255);
    g.at(1, 1) = g.at(2, 2) = 0;
    double sum = 0;
    for (const auto& l : trace::levelLines(g, 127.5)) sum += l.area;
    CHECK(sum > 0.5);
    CHECK(sum < 4);
}

TEST_CASE("a disc is traced to a fraction of a pixel with few nodes")
{
    const auto g = drawn(220, 220, [](Vec2 p) { return distance(p, {110.3, 109.6}) < 90.25; });
    const trace::Outline o = trace::outline(g, {});
    REQUIRE(o.silhouettes.size() == 1);
    const curve::Path& p = o.silhouettes[0].paths[0];
    CHECK(p.nodes.size() <= 5);
    for (const Vec2 q : curve::flatten(p, 0.01)) CHECK(std::abs(distance(q, {110.3, 109.6}) - 90.25) < 0.25);
}

TEST_CASE("a turned rectangle keeps four true corners and straights")
{
    const curve::Affine back = *curve::inverse(curve::about({100, 100}, curve::rotation(0.3)));
    const auto g = drawn(200, 200, [&](Vec2 p) {
        const Vec2 q = back * p;
        return q.x > 40 && q.x < 160 && q.y > 60 && q.y < 140;
    });
    const trace::Outline o = trace::outline(g, {});
    REQUIRE(o.silhouettes.size() == 1);
    const curve::Path& p = o.silhouettes[0].paths[0];
    REQUIRE(p.nodes.size() == 4);
    for (std::size_t i = 0; i < 4; ++i) CHECK(curve::isStraight(p.piece(i)));
    for (const curve::Node& n : p.nodes) {
        const Vec2 q = back * n.at;
        CHECK(std::min(std::abs(q.x - 40), std::abs(q.x - 160)) < 0.3);
        CHECK(std::min(std::abs(q.y - 60), std::abs(q.y - 140)) < 0.3);
    }
}

TEST_CASE("each hole goes with the shape around it")
{
    const auto g = drawn(200, 100, [](Vec2 p) {
        const double a = distance(p, {50, 50}), b = distance(p, {150, 50});
        return (a < 40 && a > 15) || (b < 40 && b > 25) || b < 10;
    });
    const trace::Outline o = trace::outline(g, {});
    REQUIRE(o.silhouettes.size() == 3);
    CHECK(o.silhouettes[0].paths.size() == 2);
    CHECK(o.silhouettes[1].paths.size() == 2);
    CHECK(o.silhouettes[2].paths.size() == 1);
}

TEST_CASE("specks and small holes are left out as asked")
{
    auto g = drawn(100, 100, [](Vec2 p) { return distance(p, {50, 50}) < 30; });
    g.at(5, 5) = 0;
    g.at(50, 50) = 255;
    CHECK(trace::outline(g, {}).silhouettes.size() == 1);
    CHECK(trace::outline(g, {}).silhouettes[0].paths.size() == 1);
    trace::OutlineOptions all;
    all.smallestSpeck = all.smallestHole = 0;
    CHECK(trace::outline(g, all).silhouettes.size() == 2);
}

TEST_CASE("light on dark traces the light parts, and a cut by hand is obeyed")
{
    auto g = drawn(80, 80, [](Vec2 p) { return distance(p, {40, 40}) < 25; });
    for (auto& v : g.data) v = static_cast<std::uint8_t>(255 - v);
    trace::OutlineOptions o;
    o.lightOnDark = true;
    const trace::Outline light = trace::outline(g, o);
    REQUIRE(light.silhouettes.size() == 1);
    CHECK(curve::area(light.silhouettes[0].paths[0]) == Approx(curve::pi * 625).epsilon(0.01));
    pixel::Grey soft(60, 60);
    for (int y = 0; y < 60; ++y)
        for (int x = 0; x < 60; ++x) soft.at(x, y) = static_cast<std::uint8_t>(std::min(255.0, 8.0 * distance(Vec2{x + 0.5, y + 0.5}, {30, 30})));
    trace::OutlineOptions cut;
    cut.cut = 120;
    REQUIRE(trace::outline(soft, cut).silhouettes.size() == 1);
    CHECK(curve::area(trace::outline(soft, cut).silhouettes[0].paths[0]) == Approx(curve::pi * 225).epsilon(0.05));
}

TEST_CASE("an empty page, one pixel and an even grey give nothing, quietly")
{
    CHECK(trace::outline(pixel::Grey(), {}).silhouettes.empty());
    CHECK(trace::outline(pixel::Grey(1, 1, 0), {}).silhouettes.empty());
    CHECK(trace::outline(pixel::Grey(50, 50, 130), {}).silhouettes.empty());
}

TEST_CASE("tracing can be stopped")
{
    const auto g = drawn(100, 100, [](Vec2 p) { return distance(p, {50, 50}) < 30; });
    trace::OutlineOptions o;
    o.cancelled = [] { return true; };
    CHECK(trace::outline(g, o).nodes == 0);
}

TEST_CASE("in a blurred, grained picture corners stay corners and small rounds stay round")
{
    // A lens: two arcs of 90 px that meet under 130 degrees, at one end in a point, at the other rounded by `radius`; as a scanner may bring it.
    const Vec2 middle{110, 110};
    const curve::Affine turned = curve::about(middle, curve::rotation(0.3)), back = *curve::inverse(turned);
    const double arc = 90, half = curve::radians(25), aside = arc * std::cos(curve::radians(65));
    const double radius = GENERATE(5.0, 6.0, 7.0, 9.0);
    const Vec2 point{0, arc * std::sin(curve::radians(65))}, centre{0, -std::sqrt((arc - radius) * (arc - radius) - aside * aside)};
    const auto inside = [&](Vec2 at) {
        const Vec2 p = back * at - middle, off = p - centre;
        if (distance(p, {aside, 0}) > arc || distance(p, {-aside, 0}) > arc) return false;
        return std::abs(std::atan2(off.x, -off.y)) > half || length(off) < radius;
    };
    const pixel::Grey sharp = drawn(220, 220, inside);
    for (const unsigned seed : {1U, 2U, 3U, 4U, 5U}) {
        pixel::Grey g(220, 220);
        strokes::Random random(seed);
        // A Gaussian of 1.1 px, by its weights over 9 x 9 pixels, and a grain of up to 6 greys.
        for (int y = 0; y < 220; ++y)
            for (int x = 0; x < 220; ++x) {
                double sum = 0, weights = 0;
                for (int v = -4; v <= 4; ++v)
                    for (int u = -4; u <= 4; ++u) {
                        const double w = std::exp(-(u * u + v * v) / (2 * 1.1 * 1.1));
                        sum += w * sharp.at(std::clamp(x + u, 0, 219), std::clamp(y + v, 0, 219));
                        weights += w;
                    }
                g.at(x, y) = static_cast<std::uint8_t>(std::clamp(sum / weights * 0.9 + 12 + 12 * (random.unit() - 0.5), 0.0, 255.0));
            }
        const curve::Path p = onlyOutline(g);
        const std::vector<std::size_t> corners = curve::cornerNodes(p);
        REQUIRE(corners.size() == 1);
        CHECK(distance(p.nodes[corners[0]].at, turned * (middle + point)) < 0.4);
        for (const Vec2 q : curve::flatten(p, 0.02)) {
            const Vec2 off = unit(q - middle) * 0.7;
            CHECK(inside(q - off));
            CHECK_FALSE(inside(q + off));
        }
    }
}

TEST_CASE("needles are drawn on to where their sides meet, in a picture of two values as well")
{
    const Vec2 tip{30.3, 100.7};
    const double half = curve::radians(GENERATE(7.0, 8.5, 12.5, 15.0));
    const auto inside = [&](Vec2 p) { return p.x < 180 && std::abs(p.y - tip.y) < (p.x - tip.x) * std::tan(half); };
    pixel::Grey g = drawn(210, 200, inside);
    for (std::uint8_t& v : g.data) v = v < 128 ? 0 : 255;
    const curve::Path p = onlyOutline(g);
    const std::vector<std::size_t> corners = curve::cornerNodes(p);
    CHECK(corners.size() == 3);
    double nearest = 1e9;
    for (const std::size_t k : corners) nearest = std::min(nearest, distance(p.nodes[k].at, tip));
    CHECK(nearest < 0.25);
}

TEST_CASE("corners rounded alike are rounds, also near the size of the blur, and sharp ones stay corners")
{
    const double turned = GENERATE(0.2, 0.5, 0.9);
    const auto corners = [&](double radius) {
        pixel::Grey g = polygonOf(4, 80, radius, turned);
        cv::Mat m(g.height, g.width, CV_8U, g.data.data());
        cv::GaussianBlur(m, m, {0, 0}, 1.1);
        return curve::cornerNodes(onlyOutline(g)).size();
    };
    CHECK(corners(0) == 4);
    CHECK(corners(3) == 0);
}

TEST_CASE("where a round bends most there is a node")
{
    const curve::Path p = onlyOutline(polygonOf(5, 80, 9, GENERATE(0.2, 0.6)));
    for (std::size_t k = 0; k < p.pieceCount(); ++k) {
        const curve::Cubic c = p.piece(k);
        if (isStraight(c)) continue;
        double inside = 0;
        for (int i = 1; i < 50; ++i) inside = std::max(inside, std::abs(curvature(c, i / 50.0)));
        const bool tight = inside * distance(c.p0, c.p3) > 3.5;
        if (tight) CHECK(inside < 1.6 * std::max(std::abs(curvature(c, 0)), std::abs(curvature(c, 1))));
    }
}

TEST_CASE("a sharp picture shows small rounds of a slight turn as rounds")
{
    const double turned = GENERATE(0.1, 0.7, 0.9);
    const auto corners = [&](double radius) {
        const curve::Path p = onlyOutline(polygonOf(9, 90, radius, turned));
        int n = 0;
        for (std::size_t k = 0; k < p.nodes.size(); ++k) {
            const Vec2 in = endTangent(p.piece((k + p.pieceCount() - 1) % p.pieceCount())), out = startTangent(p.piece(k));
            n += std::abs(curve::turn(in, out)) > curve::radians(20);
        }
        return n;
    };
    CHECK(corners(0) == 9);
    CHECK(corners(5) + corners(6) + corners(7) <= 6); // of 27: the px of a few say no more than those of a corner
}

TEST_CASE("a sharp picture shows rounds of two px between straights as rounds, and corners whose sides bend as corners")
{
    const auto corners = [](const std::vector<Vec2>& line) {
        return curve::cornerNodes(onlyOutline(drawnPolygon(240, 240, line))).size();
    };
    // Of pentagons with two corners rounded off.
    const auto pentagon = [&](double radius, double turned) {
        std::vector<Vec2> line;
        for (int k = 0; k < 5; ++k) {
            const double way = turned + curve::radians(72.0 * k), half = curve::radians(36), r = k < 2 ? radius : 0;
            const Vec2 middle = Vec2{120.3, 119.8} + curve::direction(way) * ((80 - r) / std::cos(half));
            for (int i = -8; i <= 8; ++i) line.push_back(middle + curve::direction(way + half * i / 8) * r);
        }
        return corners(line);
    };
    // A bar with ends as a serif's: they meet its long sides at 45 degrees and bend at once.
    const auto bar = [&](double turned) {
        const curve::Affine placed = curve::about({120, 120}, curve::rotation(turned));
        const curve::Cubic right{{170, 109.8}, {173.7, 113.5}, {173.7, 126.5}, {170, 130.2}}, left{{70, 130.2}, {66.3, 126.5}, {66.3, 113.5}, {70, 109.8}};
        std::vector<Vec2> line;
        for (const curve::Cubic& end : {right, left})
            for (int i = 0; i <= 64; ++i) line.push_back(placed * curve::at(end, i / 64.0));
        return corners(line);
    };
    std::size_t sharp = 0, two = 0, three = 0, bars = 0;
    for (const double turned : {0.1, 0.5, 0.7, 0.9}) {
        sharp += pentagon(0, turned);
        two += pentagon(2.3, turned);
        three += pentagon(3, turned);
        bars += bar(turned);
    }
    CHECK(sharp == 20);
    // The px of a few of the eight say no more than those of a corner.
    CHECK(two <= 12 + 4);
    CHECK(three <= 12 + 1);
    CHECK(bars >= 15);
}

TEST_CASE("needles of sharp pictures are as long as they were drawn, cut into dark ground or dark themselves")
{
    const double half = curve::radians(GENERATE(3.5, 4.5, 6.0, 9.0)), turned = GENERATE(0.1, 0.8);
    const bool cut = GENERATE(false, true);
    const Vec2 middle{120, 120};
    const curve::Affine back = curve::about(middle, curve::rotation(-turned));
    const Vec2 tip{60.3, 120.6};
    const auto inside = [&](Vec2 at) {
        const Vec2 p = back * at;
        const bool wedge = p.x < 180 && std::abs(p.y - tip.y) < (p.x - tip.x) * std::tan(half);
        return cut ? !wedge && p.x > 40 && p.x < 180 && std::abs(p.y - tip.y) < 60 : wedge;
    };
    const curve::Path p = onlyOutline(drawn(240, 240, inside));
    const std::vector<std::size_t> corners = curve::cornerNodes(p);
    CHECK(corners.size() == (cut ? 7 : 3));
    double nearest = 1e9;
    for (const std::size_t k : corners) nearest = std::min(nearest, distance(back * p.nodes[k].at, tip));
    INFO("half " << curve::degrees(half) << " turned " << turned << " cut " << cut);
    CHECK(nearest < 0.8);
}
