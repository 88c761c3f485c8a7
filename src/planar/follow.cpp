#include "planar/follow.h"

#include "curve/edit.h"
#include "curve/foot.h"
#include "planar/tracer.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <queue>

namespace softrope::planar {

using namespace curve;

namespace {

Cubic alongHalf(const Map& map, int half)
{
    const Cubic c = map.curveOf(half / 2);
    return half & 1 ? reversed(c) : c;
}

// Distance of a point from the hand's polyline.
double offHand(const std::vector<Vec2>& hand, Vec2 p)
{
    double least = std::numeric_limits<double>::infinity();
    if (hand.size() == 1) return distance(hand.front(), p);
    for (std::size_t k = 0; k + 1 < hand.size(); ++k) {
        const Vec2 d = hand[k + 1] - hand[k];
        const double q = squaredLength(d), t = q > 0 ? std::clamp(dot(p - hand[k], d) / q, 0.0, 1.0) : 0;
        least = std::min(least, distance(hand[k] + t * d, p));
    }
    return least;
}

double bend(const Map& map, int in, int out)
{
    const Vec2 a = endTangent(alongHalf(map, in)), b = startTangent(alongHalf(map, out));
    return std::abs(turn(a, b));
}

} // namespace

std::optional<int> edgeNear(const Map& map, Vec2 p, double reach, Vec2 way)
{
    const Graph& g = map.graph();
    double least = reach;
    int best = -1;
    double at_ = 0;
    for (std::size_t e = 0; e < g.edges.size(); ++e) {
        const Cubic c = map.curveOf(static_cast<int>(e));
        Box b;
        for (const Vec2 q : {c.p0, c.p1, c.p2, c.p3}) b.add(q);
        if (!b.grown(least).contains(p)) continue;
        const NearestOnCubic n = nearest(c, p);
        if (n.distance > least) continue;
        least = n.distance;
        best = static_cast<int>(e);
        at_ = n.t;
    }
    if (best < 0) return std::nullopt;
    const bool against = dot(tangentAt(map.curveOf(best), at_), way) < 0;
    return 2 * best + (against ? 1 : 0);
}

Followed followOn(const Map& map, const Followed& chain, const std::vector<Vec2>& hand, double reach, std::size_t fixed)
{
    if (chain.halves.empty() || hand.empty()) return chain;
    // A closed outline stays so while the hand keeps to it.
    if (chain.closed &&
        std::any_of(chain.halves.begin(), chain.halves.end(), [&](int h) { return nearest(alongHalf(map, h), hand.back()).distance < 1.5 * reach; }))
        return chain;
    const Graph& g = map.graph();
    Followed base = chain;
    base.closed = false;
    constexpr std::size_t loose = 4; // pieces at the end that may still change
    const std::size_t size = chain.halves.size();
    base.halves.resize(std::max({fixed, std::size_t{1}, size > loose ? size - loose : 0}));
    if (base.halves.size() > size) return chain;
    const Vec2 pointer = hand.back();
    const int end = base.halves.back(), start = g.start(base.halves.front());
    const auto taken = [&](int half) { return std::any_of(base.halves.begin(), base.halves.end(), [&](int o) { return o / 2 == half / 2; }); };

    // The cheapest way over edges that keep near the hand (Dijkstra 1959); each candidate ends where it is nearest to the
    // pointer.
    struct Reached {
        double cost;
        int half;
        bool operator<(const Reached& o) const { return cost > o.cost; }
    };
    const double none = std::numeric_limits<double>::infinity();
    std::vector<double> cost(g.edges.size() * 2, none);
    std::vector<int> before(g.edges.size() * 2, -1);
    std::priority_queue<Reached> open;
    cost[static_cast<std::size_t>(end)] = 0;
    open.push({0, end});
    int best = end;
    double bestScore = nearest(alongHalf(map, end), pointer).distance / reach;
    for (int looked = 0; !open.empty() && looked < 400; ++looked) {
        const Reached r = open.top();
        open.pop();
        if (r.cost > cost[static_cast<std::size_t>(r.half)]) continue;
        const int v = g.target(r.half);
        if (v == start) continue; // home: the outline is closed
        for (int k = g.turnStart[static_cast<std::size_t>(v)]; k < g.turnStart[static_cast<std::size_t>(v) + 1]; ++k) {
            const int h = g.turn[static_cast<std::size_t>(k)];
            if (h == twin(r.half) || taken(h)) continue;
            const Cubic c = alongHalf(map, h);
            const NearestOnCubic n = nearest(c, pointer);
            // How far the edge lies from the way of the hand, whole and up to the pointer.
            const auto offWay = [&](double upTo) {
                double sum = 0;
                for (const double w : {0.2, 0.4, 0.6, 0.8, 1.0}) sum += 0.2 * std::min(offHand(hand, at(c, w * upTo)), 3 * reach);
                return sum / reach;
            };
            const double bent = 0.15 * bend(map, r.half, h), share = roughLength(c) / (4 * reach);
            if (n.distance < reach) {
                const double score = n.distance / reach + r.cost + bent + offWay(n.t) * (0.2 + share * n.t);
                if (score < bestScore) {
                    bestScore = score;
                    best = h;
                    before[static_cast<std::size_t>(h)] = r.half;
                }
            }
            const double whole = offWay(1);
            if (whole > 1.5) continue;
            const double next = r.cost + bent + whole * (0.2 + share) + 0.02;
            if (next >= cost[static_cast<std::size_t>(h)]) continue;
            cost[static_cast<std::size_t>(h)] = next;
            if (best != h) before[static_cast<std::size_t>(h)] = r.half;
            open.push({next, h});
        }
    }
    std::vector<int> way;
    for (int h = best; h != end && h >= 0 && way.size() < 500; h = before[static_cast<std::size_t>(h)]) way.push_back(h);
    for (auto h = way.rbegin(); h != way.rend(); ++h) {
        base.halves.push_back(*h);
        if (g.target(*h) != start) continue;
        base.closed = true;
        break;
    }
    return base;
}

std::optional<int> nextOf(const Map& map, const Followed& chain)
{
    if (chain.halves.empty() || chain.closed) return std::nullopt;
    const Graph& g = map.graph();
    const int end = chain.halves.back(), v = g.target(end);
    double least = 2.8; // radians: turning right back is no way on
    std::optional<int> best;
    for (int k = g.turnStart[static_cast<std::size_t>(v)]; k < g.turnStart[static_cast<std::size_t>(v) + 1]; ++k) {
        const int h = g.turn[static_cast<std::size_t>(k)];
        if (h == twin(end)) continue;
        const double b = bend(map, end, h);
        if (b >= least) continue;
        least = b;
        best = h;
    }
    return best;
}

Path pathOf(const Map& map, const Followed& chain)
{
    if (chain.halves.empty()) return {};
    return pathAlong(map.graph(), chain.halves, chain.closed, map.tolerances().touch);
}

namespace {

// Without what lies before the place nearest to `from`, which is looked for along the first `stretch` px.
Path begunAt(const Path& path, Vec2 from, double stretch)
{
    Place best;
    best.distance = std::numeric_limits<double>::infinity();
    double walked = 0;
    for (std::size_t k = 0; k < path.pieceCount() && walked < stretch; ++k) {
        const Cubic c = path.piece(k);
        const NearestOnCubic n = nearest(c, from);
        if (n.distance < best.distance) best = {k, n.t, n.distance};
        walked += arcLength(c);
    }
    constexpr double end = 1e-6;
    if (!std::isfinite(best.distance)) return path;
    const bool atStart = best.t <= end, atEnd = best.t >= 1 - end;
    Path rest = path;
    std::size_t first = best.piece + (atEnd ? 1 : 0);
    if (!atStart && !atEnd) {
        const Inserted cut = withNodeAt(path, best);
        rest = cut.path;
        first = cut.node;
    }
    if (first + 1 >= rest.nodes.size()) return path;
    rest.nodes.erase(rest.nodes.begin(), rest.nodes.begin() + static_cast<std::ptrdiff_t>(first));
    Node& n = rest.nodes.front();
    n.in = n.at;
    n.kind = NodeKind::corner;
    return rest;
}

} // namespace

Path pathOf(const Map& map, const Followed& chain, std::optional<Vec2> from, std::optional<Vec2> to)
{
    Path path = pathOf(map, chain);
    if (chain.closed || path.nodes.size() < 2) return path;
    const auto stretch = [&](int half) { return arcLength(alongHalf(map, half)) * (1 - 1e-9); };
    if (from) path = begunAt(path, *from, stretch(chain.halves.front()));
    if (to) path = reversed(begunAt(reversed(path), *to, stretch(chain.halves.back())));
    return path;
}

} // namespace softrope::planar
