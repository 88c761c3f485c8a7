#include "curve/swell.h"

#include "curve/curve.h"

#include <catch2/catch.hpp>

using namespace softrope::curve;

namespace {

bool insideOf(const Paths& paths, Vec2 p)
{
    int winding = 0;
    for (const Path& path : paths) {
        const std::vector<Vec2> ring = flatten(path, 0.01);
        for (std::size_t i = 0; i < ring.size(); ++i) {
            const Vec2 a = ring[i], b = ring[(i + 1) % ring.size()];
            if ((a.y <= p.y) != (b.y <= p.y)) {
                const double x = a.x + (p.y - a.y) / (b.y - a.y) * (b.x - a.x);
                if (x > p.x) winding += b.y > a.y ? 1 : -1;
            }
        }
    }
    return winding != 0;
}

// The exact sweep: is p within any disc along the line? Positive = inside by so much.
double sweepDepth(const Path& line, double weight, const Swell& s, Vec2 p)
{
    double total = 0, depth = -1e9;
    for (std::size_t k = 0; k < line.pieceCount(); ++k) total += arcLength(line.piece(k));
    double walked = 0;
    for (std::size_t k = 0; k < line.pieceCount(); ++k) {
        const Cubic c = line.piece(k);
        Vec2 last = c.p0;
        for (int i = 0; i <= 600; ++i) {
            const Vec2 q = at(c, i / 600.0);
            walked += distance(last, q);
            last = q;
            depth = std::max(depth, 0.5 * weight * widthAt(s, walked / total) - distance(p, q));
        }
    }
    return depth;
}

Path wave()
{
    Path p;
    p.nodes = {{{0, 0}, {0, 0}, {60, -80}, NodeKind::corner},
               {{140, 0}, {110, -40}, {170, 40}, NodeKind::smooth},
               {{260, -20}, {230, 60}, {260, -20}, NodeKind::corner}};
    return p;
}

void agreesWithSweep(const Path& line, double weight, const Swell& s)
{
    const Paths outline = swelledOutline(line, weight, s, true);
    REQUIRE_FALSE(outline.empty());
    int wrong = 0, looked = 0;
    const Box b = bounds(outline).grown(5);
    for (double y = b.min.y; y < b.max.y; y += 2.3)
        for (double x = b.min.x; x < b.max.x; x += 2.1) {
            const double depth = sweepDepth(line, weight, s, {x, y});
            if (std::abs(depth) < 0.35) continue; // within reach of the fit
            ++looked;
            if ((depth > 0) != insideOf(outline, {x, y})) ++wrong;
        }
    CHECK(looked > 500);
    CHECK(wrong == 0);
}

} // namespace

TEST_CASE("a swell passes through its beads and never overshoots them")
{
    const Swell s = tidied({{{0, 0.2}, {0.3, 1.4}, {0.6, 1.4}, {1, 0.5}}, 0, 0});
    for (const SwellBead& b : s.beads) CHECK(widthAt(s, b.along) == Approx(b.width));
    double last = 0;
    for (int i = 0; i <= 300; ++i) {
        const double w = widthAt(s, i / 1000.0);
        CHECK(w >= last - 1e-12);
        last = w;
    }
    for (int i = 300; i <= 600; ++i) CHECK(widthAt(s, i / 1000.0) == Approx(1.4));
}

TEST_CASE("tapers bring each end to a point apart from the other")
{
    const Swell s = tidied({{{0.5, 1}}, 0.25, 0});
    CHECK(widthAt(s, 0) == Approx(0));
    CHECK(widthAt(s, 0.25) == Approx(1));
    CHECK(widthAt(s, 1) == Approx(1));
}

TEST_CASE("an even swell with flat ends is the plain stroke, four nodes for a straight")
{
    const Paths o = swelledOutline(polyline({{0, 0}, {100, 0}}, false), 10, {{{0, 1}}, 0, 0}, false);
    REQUIRE(o.size() == 1);
    CHECK(o[0].nodes.size() == 4);
    CHECK(std::abs(area(o[0])) == Approx(1000).epsilon(1e-3));
    const Paths ring = swelledOutline(circle({0, 0}, 50), 10, {{{0, 1}}, 0, 0}, true);
    REQUIRE(ring.size() == 2);
    // Ring of mean radius 50 and width 10: 2 pi r w.
    CHECK(std::abs(area(ring[0]) + area(ring[1])) == Approx(2 * pi * 50 * 10).epsilon(2e-3));
    CHECK(ring[0].nodes.size() + ring[1].nodes.size() <= 10);
}

TEST_CASE("the outline is that of an exact sweep of discs")
{
    agreesWithSweep(wave(), 16, {{{0, 0.3}, {0.4, 1.5}, {1, 0.6}}, 0, 0});
    agreesWithSweep(wave(), 12, {{{0.5, 1.2}}, 0.2, 0.4});
}

TEST_CASE("tight bends make no loops")
{
    Path hook;
    hook.nodes = {{{0, 0}, {0, 0}, {80, 0}, NodeKind::corner}, {{88, 8}, {88, 0}, {88, 16}, NodeKind::smooth}, {{0, 18}, {80, 18}, {0, 18}, NodeKind::corner}};
    agreesWithSweep(hook, 14, {{{0, 1}, {1, 0.8}}, 0, 0});
    agreesWithSweep(polyline({{0, 0}, {90, 0}, {30, 60}}, false), 14, {{{0, 1}, {1, 0.7}}, 0, 0});
}

TEST_CASE("few nodes are enough for the outline of a swelled line")
{
    const Paths o = swelledOutline(wave(), 16, {{{0, 0.4}, {0.5, 1.2}, {1, 0.4}}, 0, 0}, true);
    REQUIRE(o.size() == 1);
    CHECK(o[0].nodes.size() <= 18);
}

TEST_CASE("a swell read off measured widths is near them with no more beads than it needs")
{
    std::vector<double> widths;
    for (int i = 0; i <= 200; ++i) widths.push_back(6 + 4 * std::sin(pi * i / 200));
    const Swell s = swellOf(widths, 10);
    CHECK(s.beads.size() <= mostBeads);
    for (int i = 0; i <= 200; ++i) CHECK(10 * widthAt(s, i / 200.0) == Approx(widths[static_cast<std::size_t>(i)]).margin(0.9));
    CHECK(swellOf(std::vector<double>(50, 7.0), 7).beads.size() == 2);
}

TEST_CASE("swells of nonsense are made usable")
{
    const Swell s = tidied({{{std::nan(""), 1}, {2, 9}, {-1, -3}}, std::nan(""), 7});
    CHECK(s.beads.size() == 2);
    CHECK(s.taperEnd == 1);
    CHECK(swelledOutline({}, 10, s, true).empty());
    CHECK(swelledOutline(polyline({{5, 5}, {5, 5}}, false), 10, s, true).empty());
}
