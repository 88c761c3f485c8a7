#include "planar/edges.h"

#include "curve/foot.h"

#include <algorithm>
#include <numeric>

namespace softrope::planar {

using namespace curve;

namespace {

struct Raw {
    int from, to;
    Source source;
};

bool tiny(const Cubic& c, double t0, double t1, double touch)
{
    Box b;
    const Cubic k = part(c, t0, t1);
    for (const Vec2 p : {k.p0, k.p1, k.p2, k.p3}) b.add(p);
    return std::max(b.width(), b.height()) < 3 * touch;
}

// 1 when both stretches run within touch of each other, -1 when the second must be turned (loops only), 0 otherwise.
int alike(const Graph& g, const Raw& x, const Raw& y, double touch)
{
    const Cubic &a = g.pieces[static_cast<std::size_t>(x.source.piece)].curve, &b = g.pieces[static_cast<std::size_t>(y.source.piece)].curve;
    if (g.pieces[static_cast<std::size_t>(x.source.piece)].line && g.pieces[static_cast<std::size_t>(y.source.piece)].line && x.from != x.to) return 1;
    const auto near = [&](double t0, double t1) {
        const double lo = std::min(t0, t1), hi = std::max(t0, t1);
        for (const double w : {0.5, 0.25, 0.75}) {
            const Vec2 p = at(a, x.source.t0 + (x.source.t1 - x.source.t0) * w);
            const double t = footNear(b, p, t0 + (t1 - t0) * w, lo, hi);
            // The ends may have been moved by touch each; a little more than that between them is still one.
            if (distance(at(b, t), p) > 1.5 * touch) return false;
        }
        return true;
    };
    if (near(y.source.t0, y.source.t1)) return 1;
    if (x.from == x.to && near(y.source.t1, y.source.t0)) return -1;
    return 0;
}

} // namespace

void makeEdges(Graph& g, const Cuts& cuts, double touch)
{
    std::vector<Raw> raw;
    raw.reserve(cuts.all.size());
    for (std::size_t p = 0; p < g.pieces.size(); ++p)
        for (int k = cuts.start[p]; k + 1 < cuts.start[p + 1]; ++k) {
            const Cut &a = cuts.all[static_cast<std::size_t>(k)], &b = cuts.all[static_cast<std::size_t>(k) + 1];
            const int piece = static_cast<int>(p);
            if (a.vertex == b.vertex && (b.t - a.t < 1e-9 || tiny(g.pieces[p].curve, a.t, b.t, touch))) continue;
            if (a.vertex < b.vertex || (a.vertex == b.vertex))
                raw.push_back({a.vertex, b.vertex, {piece, a.t, b.t}});
            else
                raw.push_back({b.vertex, a.vertex, {piece, b.t, a.t}});
        }
    // By their lower vertex, so that those between the same two lie together.
    std::vector<int> start(g.vertices.size() + 1, 0), order(raw.size());
    for (const Raw& r : raw) ++start[static_cast<std::size_t>(r.from) + 1];
    std::partial_sum(start.begin(), start.end(), start.begin());
    std::vector<int> fill(start.begin(), start.end() - 1);
    for (std::size_t k = 0; k < raw.size(); ++k) order[static_cast<std::size_t>(fill[static_cast<std::size_t>(raw[k].from)]++)] = static_cast<int>(k);
    g.edges.reserve(raw.size());
    g.sources.reserve(raw.size());
    std::vector<char> taken(raw.size(), 0);
    for (std::size_t v = 0; v < g.vertices.size(); ++v)
        for (int k = start[v]; k < start[v + 1]; ++k) {
            const auto first = static_cast<std::size_t>(order[static_cast<std::size_t>(k)]);
            if (taken[first]) continue;
            const Raw& one = raw[first];
            Edge e{one.from, one.to, static_cast<int>(g.sources.size()), 1};
            g.sources.push_back(one.source);
            for (int m = k + 1; m < start[v + 1]; ++m) {
                const auto second = static_cast<std::size_t>(order[static_cast<std::size_t>(m)]);
                const Raw& other = raw[second];
                if (taken[second] || other.to != one.to) continue;
                const int how = alike(g, one, other, touch);
                if (how == 0) continue;
                taken[second] = 1;
                g.sources.push_back(how > 0 ? other.source : Source{other.source.piece, other.source.t1, other.source.t0});
                ++e.count;
            }
            g.edges.push_back(e);
        }
}

} // namespace softrope::planar
