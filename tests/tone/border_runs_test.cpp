// Lines that go on through the junctions of a region map, and the cutting of curves there and back.
#include "tone/border_runs.h"

#include "curve/curve.h"

#include <catch2/catch.hpp>

using namespace softrope;
using curve::Vec2;

namespace {

const auto any = [](const tone::Border&, const tone::Border&) { return true; };

tone::Border straight(Vec2 from, Vec2 to, int left, int right, int start, int end)
{
    tone::Border b;
    b.left = left;
    b.right = right;
    b.from = start;
    b.to = end;
    for (int k = 0; k <= 10; ++k) b.points.push_back(lerp(from, to, k / 10.0));
    return b;
}

// A row of regions under one roof: a level line with n walls that end on it from below.
tone::RegionMap roof(int walls)
{
    tone::RegionMap m;
    m.regions.assign(static_cast<std::size_t>(walls) + 2, {});
    for (int k = 0; k <= walls + 1; ++k) m.junctions.push_back({20.0 * k, 50});
    for (int k = 0; k <= walls; ++k) {
        tone::Border b = straight({20.0 * k, 50}, {20.0 * k + 20, 50}, k + 1, 0, k, k + 1);
        if (k % 2) { // some are kept the other way round
            std::reverse(b.points.begin(), b.points.end());
            std::swap(b.left, b.right);
            std::swap(b.from, b.to);
        }
        m.borders.push_back(b);
    }
    for (int k = 1; k <= walls; ++k) {
        m.junctions.push_back({20.0 * k, 100});
        m.borders.push_back(straight({20.0 * k, 50}, {20.0 * k, 100}, k, k + 1, k, static_cast<int>(m.junctions.size()) - 1));
    }
    return m;
}

} // namespace

TEST_CASE("a line goes on through the junctions where others end on it, whichever way its parts were kept")
{
    const tone::RegionMap m = roof(4);
    const std::vector<tone::BorderRun> runs = tone::runsOf(m, any);
    REQUIRE(runs.size() == 5);
    std::size_t longest = 0, all = 0;
    for (const tone::BorderRun& r : runs) {
        all += r.parts.size();
        CHECK_FALSE(r.closed);
        if (r.parts.size() == 1) continue;
        longest = r.parts.size();
        // One part begins where the one before ends.
        for (std::size_t k = 0; k + 1 < r.parts.size(); ++k) {
            const auto joint = [&](const tone::BorderRun::Part& p, bool end) {
                const tone::Border& b = m.borders[static_cast<std::size_t>(p.border)];
                return end != p.back ? b.to : b.from;
            };
            CHECK(joint(r.parts[k], true) == joint(r.parts[k + 1], false));
        }
    }
    CHECK(longest == 5);
    CHECK(all == m.borders.size());
    // Not where they may not be drawn as one, nor along the picture's edge.
    CHECK(tone::runsOf(m, [](const tone::Border&, const tone::Border&) { return false; }).size() == m.borders.size());
    tone::RegionMap edge = roof(4);
    for (std::size_t k = 0; k < 5; ++k) (k % 2 ? edge.borders[k].left : edge.borders[k].right) = tone::beyond;
    CHECK(tone::runsOf(edge, any).size() == 4);
}

TEST_CASE("a line that comes back through its junctions is a ring, and one that turns off sharply ends")
{
    // A circle with two spokes outwards.
    tone::RegionMap m;
    m.regions.assign(3, {});
    const auto arc = [&](double from, double to, int start, int end) {
        tone::Border b;
        b.left = 0;
        b.right = 1;
        b.from = start;
        b.to = end;
        for (int k = 0; k <= 40; ++k) b.points.push_back(curve::direction(from + (to - from) * k / 40) * 40);
        return b;
    };
    m.junctions = {{40, 0}, {-40, 0}, {80, 0}, {-80, 0}};
    m.borders = {arc(0, curve::pi, 0, 1), arc(curve::pi, 2 * curve::pi, 1, 0), straight({40, 0}, {80, 0}, 1, 2, 0, 2), straight({-40, 0}, {-80, 0}, 1, 2, 1, 3)};
    const std::vector<tone::BorderRun> runs = tone::runsOf(m, any);
    REQUIRE(runs.size() == 3);
    CHECK(std::count_if(runs.begin(), runs.end(), [](const tone::BorderRun& r) { return r.closed && r.parts.size() == 2; }) == 1);
    // Three that meet at 120 degrees: none goes on.
    tone::RegionMap star;
    star.regions.assign(3, {});
    star.junctions = {{0, 0}, {60, 0}, {-30, 52}, {-30, -52}};
    for (int k = 0; k < 3; ++k) star.borders.push_back(straight({0, 0}, star.junctions[static_cast<std::size_t>(k + 1)], k, (k + 1) % 3, 0, k + 1));
    CHECK(tone::runsOf(star, any).size() == 3);
}

TEST_CASE("a curve cut at places on it is the same curve in parts, and cuts can be taken out again")
{
    for (const bool closed : {false, true}) {
        const curve::Path path = closed ? curve::circle({50, 50}, 40) : curve::Path{{{{0, 0}, {0, 0}, {30, 60}, curve::NodeKind::corner},
                                                                                     {{100, 0}, {70, 60}, {130, -60}, curve::NodeKind::smooth},
                                                                                     {{200, 0}, {170, -60}, {200, 0}, curve::NodeKind::corner}},
                                                                                    false};
        std::vector<Vec2> places;
        for (const double at : {0.15, 0.55, 0.9}) {
            const auto piece = static_cast<std::size_t>(at * static_cast<double>(path.pieceCount()));
            places.push_back(curve::at(path.piece(piece), at * static_cast<double>(path.pieceCount()) - static_cast<double>(piece)));
        }
        const std::vector<curve::Path> parts = tone::partsAt(path, places, 0.1);
        REQUIRE(parts.size() == (closed ? 3 : 4));
        std::size_t pieces = 0;
        for (std::size_t k = 0; k < parts.size(); ++k) {
            pieces += parts[k].pieceCount();
            CHECK_FALSE(parts[k].closed);
            for (std::size_t i = 0; i < parts[k].pieceCount(); ++i)
                for (const double t : {0.2, 0.5, 0.8}) CHECK(curve::nearest(path, curve::at(parts[k].piece(i), t))->distance < 1e-4);
            if (k + 1 < parts.size()) {
                CHECK(distance(parts[k].nodes.back().at, places[closed ? k + 1 : k]) < 1e-4);
                // The two halves know what they were.
                const auto one = tone::whole(parts[k].piece(parts[k].pieceCount() - 1), parts[k + 1].piece(0));
                REQUIRE(one);
                for (const double t : {0.1, 0.4, 0.7}) CHECK(curve::nearest(path, curve::at(*one, t))->distance < 1e-4);
            }
        }
        CHECK(pieces == path.pieceCount() + 3);
        // A ring may begin anywhere.
        if (closed) {
            std::rotate(places.begin(), places.begin() + 2, places.end());
            const std::vector<curve::Path> turned = tone::partsAt(path, places, 0.1);
            REQUIRE(turned.size() == 3);
            for (std::size_t k = 0; k < 3; ++k) CHECK(distance(turned[k].nodes.front().at, places[k]) < 1e-4);
        }
        // Places in the wrong order are no cuts.
        if (!closed) CHECK(tone::partsAt(path, {places[2], places[0]}, 0.1).empty());
    }
    // Pieces that merely meet are no halves, smooth or not.
    CHECK_FALSE(tone::whole({{0, 0}, {10, 0}, {20, 0}, {30, 0}}, {{30, 0}, {40, 0}, {50, 20}, {60, 40}}));
    CHECK_FALSE(tone::whole({{0, 0}, {10, 0}, {20, 10}, {30, 10}}, {{30, 10}, {30, 20}, {40, 30}, {50, 30}}));
    CHECK_FALSE(tone::whole({{0, 0}, {0, 0}, {30, 0}, {30, 0}}, {{30, 0}, {30, 0}, {60, 10}, {60, 10}}));
}

TEST_CASE("where two tones end on the border of a third it goes on without a bend or a node")
{
    // A disc before two halves whose border ends on it: gradual colours, so that lines go on.
    tone::Labels l(160, 120);
    pixel::Picture p(160, 120);
    const std::vector<pixel::Rgba> colours{{60, 40, 40, 255}, {110, 70, 60, 255}, {240, 230, 200, 255}};
    for (int y = 0; y < 120; ++y)
        for (int x = 0; x < 160; ++x) {
            l.at(x, y) = std::hypot(x - 80, y - 60) < 40 ? 2 : y < 62 ? 0 : 1;
            p.at(x, y) = colours[l.at(x, y)];
        }
    tone::RegionMapOptions o;
    o.gradual = true;
    const tone::RegionMap map = tone::mapRegions(l, p, colours, o);
    const auto bordersOf = tone::bordersByRegion(map);
    for (std::size_t r = 0; r < map.regions.size(); ++r) {
        if (map.regions[r].label != 2) continue;
        std::vector<char> in(map.regions.size(), 0);
        in[r] = 1;
        const curve::Paths disc = tone::outlineOf(map, in, bordersOf, {static_cast<int>(r)});
        REQUIRE(disc.size() == 1);
        CHECK(disc[0].nodes.size() <= 4);
        for (const curve::Node& n : disc[0].nodes) {
            CHECK(n.kind == curve::NodeKind::smooth);
            CHECK(distance(n.at, {80, 60}) == Approx(40).margin(1));
        }
        // The borders meet in the junctions all the same.
        for (const tone::Border& b : map.borders)
            if (b.from >= 0) {
                CHECK(distance(b.path.nodes.front().at, map.junctions[static_cast<std::size_t>(b.from)]) < 1e-9);
                CHECK(distance(b.path.nodes.back().at, map.junctions[static_cast<std::size_t>(b.to)]) < 1e-9);
            }
    }
}
