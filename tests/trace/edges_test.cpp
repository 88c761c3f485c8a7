// What the rope is made of: edge maps, the cheapest way, settling, weak places.
#include "greys.h"
#include "trace/trace.h"

#include "curve/curve.h"

#include <catch2/catch.hpp>

#include <queue>

using namespace softrope;
using curve::Vec2;

namespace {

// Dark left of x = edge(y), light right of it, soft over about two px.
template <class F> pixel::Grey halves(int w, int h, F edge)
{
    pixel::Grey g(w, h);
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) g.at(x, y) = static_cast<std::uint8_t>(std::clamp(130 + 60 * (x + 0.5 - edge(y + 0.5)), 40.0, 220.0));
    return g;
}

std::vector<Vec2> wayTo(trace::LiveWire& wire, Vec2 to)
{
    for (int tries = 0; tries < 50; ++tries)
        if (auto way = wire.to(to)) return *way;
    return {};
}

} // namespace

TEST_CASE("an edge map is strong on the edge and nowhere else, whatever the grain")
{
    pixel::Grey g = halves(200, 120, [](double) { return 90.3; });
    unsigned state = 9;
    for (auto& v : g.data) {
        state = state * 1664525u + 1013904223u;
        v = static_cast<std::uint8_t>(std::clamp(v + static_cast<int>((state >> 16) % 17) - 8, 0, 255));
    }
    const auto map = trace::edgeMap(inColour(g), {});
    REQUIRE(map);
    CHECK(trace::strengthAt(*map, {90.3, 60}) > 0.7);
    CHECK(trace::strengthAt(*map, {30, 60}) < 0.15);
    CHECK(trace::strengthAt(*map, {-5, 60}) == 0);
    const Vec2 near = trace::strongestNear(*map, {96, 60}, 10);
    CHECK(std::abs(near.x - 90.3) < 1.6);
    // Nothing to hold on to: the place itself.
    CHECK(trace::strongestNear(*map, {30, 60}, 8) == Vec2{30, 60});
    CHECK_FALSE(trace::edgeMap({}, {}));
    trace::EdgeMapOptions stop;
    stop.cancelled = [] { return true; };
    CHECK_FALSE(trace::edgeMap(inColour(g), stop));
}

TEST_CASE("the line map is strongest along the middle of a dark line")
{
    pixel::Grey g(160, 100, 230);
    for (int y = 46; y < 52; ++y)
        for (int x = 0; x < 160; ++x) g.at(x, y) = 40;
    trace::EdgeMapOptions o;
    o.follow = trace::Follow::line;
    const auto map = trace::edgeMap(inColour(g), o);
    REQUIRE(map);
    CHECK(trace::strengthAt(*map, {80, 49}) > trace::strengthAt(*map, {80, 45}));
    CHECK(trace::strengthAt(*map, {80, 49}) > trace::strengthAt(*map, {80, 53}));
    // The rope lies in the middle: y = 49.
    std::vector<Vec2> way;
    for (int x = 20; x < 140; ++x) way.push_back({x + 0.5, 47 + 0.5});
    for (const trace::RopePoint& p : trace::settled(*map, way, {}, false)) CHECK(p.at.y == Approx(49).margin(0.4));
}

TEST_CASE("the wire's way is as cheap as a plain shortest path over the same costs")
{
    // Dijkstra 1959 with an ordered queue on a small picture, for comparison; costs as the header states them.
    const pixel::Grey g = halves(60, 50, [](double y) { return 28 + 9 * std::sin(y * 0.2); });
    const auto map = trace::edgeMap(inColour(g), {});
    const auto stepCost = [&](int x, int y, bool slant) {
        const double weak = 1 - map->strength.at(x, y) / 255.0, c = 4 + 120 * weak * weak;
        return std::lround(slant ? c * std::sqrt(2.0) : c);
    };
    const Vec2 from{30.5, 2.5}, to{26.5, 46.5};
    std::vector<long> best(60 * 50, 1L << 50);
    using Entry = std::pair<long, int>;
    std::priority_queue<Entry, std::vector<Entry>, std::greater<>> queue;
    best[2 * 60 + 30] = 0;
    queue.push({0, 2 * 60 + 30});
    while (!queue.empty()) {
        const auto [d, at] = queue.top();
        queue.pop();
        if (d > best[static_cast<std::size_t>(at)]) continue;
        for (int dy = -1; dy <= 1; ++dy)
            for (int dx = -1; dx <= 1; ++dx) {
                const int x = at % 60 + dx, y = at / 60 + dy;
                if ((dx == 0 && dy == 0) || x < 0 || y < 0 || x >= 60 || y >= 50) continue;
                const long cost = d + stepCost(x, y, dx != 0 && dy != 0);
                auto& known = best[static_cast<std::size_t>(y * 60 + x)];
                if (cost < known) {
                    known = cost;
                    queue.push({cost, y * 60 + x});
                }
            }
    }
    trace::LiveWire wire(map, from);
    const std::vector<Vec2> way = wayTo(wire, to);
    REQUIRE(way.size() > 40);
    CHECK(way.front() == from);
    CHECK(way.back() == to);
    long cost = 0;
    for (std::size_t i = 1; i < way.size(); ++i) {
        const Vec2 d = way[i] - way[i - 1];
        CHECK(std::max(std::abs(d.x), std::abs(d.y)) == 1);
        cost += stepCost(static_cast<int>(way[i].x), static_cast<int>(way[i].y), d.x != 0 && d.y != 0);
    }
    CHECK(cost == best[46 * 60 + 26]);
}

TEST_CASE("a wire looks no further than its budget and goes on from where it stopped")
{
    const auto map = trace::edgeMap(inColour(halves(400, 400, [](double) { return 200.0; })), {});
    trace::LiveWire wire(map, {200.5, 5.5});
    CHECK_FALSE(wire.to({20.5, 390.5}, 500));
    std::optional<std::vector<Vec2>> way;
    int calls = 0;
    while (!way && calls < 1000) {
        way = wire.to({20.5, 390.5}, 5000);
        ++calls;
    }
    REQUIRE(way);
    CHECK(calls > 3);
    // What is known is given at once.
    CHECK(wire.to({20.5, 390.5}, 0));
    CHECK_FALSE(wire.to({-3, 10}));
    CHECK_FALSE(trace::LiveWire(map, {-1, -1}).to({10, 10}));
}

TEST_CASE("a settled rope lies on the edge to a fraction of a pixel, parts drawn by hand stay")
{
    const auto edge = [](double y) { return 60 + 0.002 * (y - 80) * (y - 80); };
    const auto map = trace::edgeMap(inColour(halves(140, 160, edge)), {});
    std::vector<Vec2> way;
    std::vector<char> hand;
    for (int y = 10; y < 150; ++y) {
        way.push_back({edge(y + 0.5) + 2 * std::sin(y * 0.3), y + 0.5});
        hand.push_back(y >= 60 && y < 75 ? 1 : 0);
    }
    const auto rope = trace::settled(*map, way, hand, false);
    REQUIRE(rope.size() == way.size());
    for (std::size_t i = 6; i + 6 < rope.size(); ++i) {
        if (hand[i]) {
            CHECK(rope[i].at == way[i]);
            CHECK(rope[i].byHand);
        } else if (!hand[std::max<std::size_t>(i, 9) - 9] && !hand[std::min(i + 9, hand.size() - 1)]) {
            CHECK(std::abs(rope[i].at.x - edge(rope[i].at.y)) < 0.4);
        }
    }
    const curve::Path p = trace::ropeCurve(*map, trace::settled(*map, way, {}, false), false, 0.6).path;
    CHECK(p.nodes.size() <= 4);
}

TEST_CASE("places without an edge are known as weak")
{
    pixel::Grey g = halves(120, 200, [](double) { return 60.0; });
    for (int y = 90; y < 140; ++y)
        for (int x = 0; x < 120; ++x) g.at(x, y) = 130;
    const auto map = trace::edgeMap(inColour(g), {});
    std::vector<Vec2> way;
    for (int y = 5; y < 195; ++y) way.push_back({60.5, y + 0.5});
    const auto weak = trace::weakPlaces(trace::settled(*map, way, {}, false));
    CHECK(weak[110 - 5] == 1);
    CHECK(weak[40 - 5] == 0);
    CHECK(weak[170 - 5] == 0);
    // What was drawn by hand is not weak.
    const auto hand = trace::weakPlaces(trace::settled(*map, way, std::vector<char>(way.size(), 1), false));
    CHECK(std::count(hand.begin(), hand.end(), 1) == 0);
}

TEST_CASE("a way that runs out to a hold beside the edge and back leaves no spur")
{
    std::vector<Vec2> to, on;
    for (int y = 0; y <= 50; ++y) to.push_back({20.5, y + 0.5});
    for (int x = 21; x <= 28; ++x) to.push_back({x + 0.5, 50.5});
    for (int x = 28; x >= 20; --x) on.push_back({x + 0.5, 50.5});
    for (int y = 51; y <= 90; ++y) on.push_back({20.5, y + 0.5});
    const trace::Retraced r = trace::retraced(to, on);
    CHECK(to[to.size() - 1 - r.fromEnd].x == 20.5);
    CHECK(on[r.fromStart].x == 20.5);
    // A way that simply goes on is left alone.
    std::vector<Vec2> first, second;
    for (int y = 0; y <= 50; ++y) first.push_back({20.5, y + 0.5});
    for (int y = 50; y <= 90; ++y) second.push_back({20.5, y + 0.5});
    const trace::Retraced none = trace::retraced(first, second);
    CHECK(none.fromEnd + none.fromStart <= 3);
}
