#include "planar/arrange.h"

#include "curve/foot.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace softrope::planar {

using namespace curve;

namespace {

// Corners, ends and touches that come within touch of each other are one vertex, which stays where the first of them was;
// they take in clear crossings within touch as well. Two clear crossings are one only when rounding alone tells them apart:
// curves that cross exactly need no help, and moving such points could break the order round them.
class VertexGrid {
public:
    VertexGrid(double touch_, std::size_t expected) : touch(touch_), same(1e-5 * touch_)
    {
        std::size_t n = 64;
        while (n < expected * 2) n *= 2;
        heads.assign(n, -1);
    }
    int at(Vec2 p, bool crossing)
    {
        const auto cx = static_cast<std::int64_t>(std::floor(p.x / touch)), cy = static_cast<std::int64_t>(std::floor(p.y / touch));
        int best = -1;
        double least = touch * touch;
        for (std::int64_t y = cy - 1; y <= cy + 1; ++y)
            for (std::int64_t x = cx - 1; x <= cx + 1; ++x)
                for (int k = heads[slot(x, y)]; k >= 0; k = chain[static_cast<std::size_t>(k)]) {
                    const double d = squaredLength(points[static_cast<std::size_t>(k)] - p);
                    if (d > least || (d == least && best >= 0)) continue;
                    if (crossing && isCrossing[static_cast<std::size_t>(k)] && d > same * same) continue;
                    least = d;
                    best = k;
                }
        if (best >= 0) return best;
        points.push_back(p);
        isCrossing.push_back(crossing);
        const std::size_t s = slot(cx, cy);
        chain.push_back(heads[s]);
        heads[s] = static_cast<int>(points.size()) - 1;
        return heads[s];
    }
    std::vector<Vec2> points;

private:
    std::size_t slot(std::int64_t x, std::int64_t y) const
    {
        const auto h = static_cast<std::uint64_t>(x) * 0x9E3779B97F4A7C15ull ^ static_cast<std::uint64_t>(y) * 0xC2B2AE3D27D4EB4Full;
        return static_cast<std::size_t>(h >> 17) & (heads.size() - 1);
    }
    double touch, same;
    std::vector<int> heads, chain;
    std::vector<char> isCrossing;
};

struct Cut {
    int piece = 0;
    double t = 0;
    int vertex = 0;
};

struct Arranger {
    const std::vector<const Strand*>& strands;
    const std::vector<Between>& meetings;
    Tolerances tol;
    Graph g{};
    std::vector<int> firstPiece{}, firstNode{}, nodeVertex{};
    std::vector<Cut> cuts{};
    std::vector<int> cutStart{};

    // -- vertices and cuts ---------------------------------------------------------------------------------------------
    void number()
    {
        int pieces = 0, nodes = 0;
        Box all;
        for (const Strand* s : strands) {
            firstPiece.push_back(pieces);
            firstNode.push_back(nodes);
            pieces += static_cast<int>(s->pieces.size());
            nodes += s->nodeCount();
            all.add(s->box);
        }
        g.pieces.reserve(static_cast<std::size_t>(pieces));
        for (const Strand* s : strands) g.pieces.insert(g.pieces.end(), s->pieces.begin(), s->pieces.end());
        nodeVertex.assign(static_cast<std::size_t>(nodes), -1);
        if (!all.empty()) g.origin = all.centre();
    }

    int nodeOf(int strand, int node) const { return firstNode[static_cast<std::size_t>(strand)] + node; }

    void findVertices()
    {
        std::size_t expected = nodeVertex.size();
        for (const Between& m : meetings) expected += m.what->contacts.size();
        VertexGrid grid(tol.touch, expected);
        grid.points.reserve(expected);
        cuts.reserve(g.pieces.size() * 2 + 2 * expected);
        for (std::size_t s = 0; s < strands.size(); ++s)
            for (int k = 0; k < strands[s]->nodeCount(); ++k)
                nodeVertex[static_cast<std::size_t>(nodeOf(static_cast<int>(s), k))] = grid.at(strands[s]->node(k), false);
        for (std::size_t s = 0; s < strands.size(); ++s) {
            const Strand& one = *strands[s];
            const int n = static_cast<int>(one.pieces.size());
            for (int k = 0; k < n; ++k) {
                const int piece = firstPiece[s] + k;
                cuts.push_back({piece, 0, nodeVertex[static_cast<std::size_t>(nodeOf(static_cast<int>(s), k))]});
                const int end = k + 1 < one.nodeCount() ? k + 1 : 0;
                cuts.push_back({piece, 1, nodeVertex[static_cast<std::size_t>(nodeOf(static_cast<int>(s), end))]});
            }
        }
        // Ends and corners on others first, then touches, so that crossings near them fall in with them.
        enum class Kind { node, touch, crossing };
        const auto kindOf = [](const Contact& c) { return c.nodeA >= 0 || c.nodeB >= 0 ? Kind::node : (c.touches ? Kind::touch : Kind::crossing); };
        for (const Kind kind : {Kind::node, Kind::touch, Kind::crossing})
            for (const Between& m : meetings)
                for (const Contact& c : m.what->contacts) {
                    if (kindOf(c) != kind) continue;
                    const int v = c.nodeA >= 0   ? nodeVertex[static_cast<std::size_t>(nodeOf(m.i, c.nodeA))]
                                  : c.nodeB >= 0 ? nodeVertex[static_cast<std::size_t>(nodeOf(m.j, c.nodeB))]
                                                 : grid.at(c.at, kind == Kind::crossing);
                    if (c.nodeA < 0) cuts.push_back({firstPiece[static_cast<std::size_t>(m.i)] + c.a, c.s, v});
                    if (c.nodeB < 0) cuts.push_back({firstPiece[static_cast<std::size_t>(m.j)] + c.b, c.t, v});
                }
        g.vertices = std::move(grid.points);
    }

    void sortCuts()
    {
        std::vector<int> count(g.pieces.size() + 1, 0);
        for (const Cut& c : cuts) ++count[static_cast<std::size_t>(c.piece) + 1];
        std::partial_sum(count.begin(), count.end(), count.begin());
        std::vector<Cut> sorted(cuts.size());
        std::vector<int> fill(count.begin(), count.end() - 1);
        for (const Cut& c : cuts) sorted[static_cast<std::size_t>(fill[static_cast<std::size_t>(c.piece)]++)] = c;
        cuts = std::move(sorted);
        cutStart = std::move(count);
        // Few a piece: by insertion, which keeps the order of equal ones.
        for (std::size_t p = 0; p < g.pieces.size(); ++p)
            for (int k = cutStart[p] + 1; k < cutStart[p + 1]; ++k) {
                const Cut c = cuts[static_cast<std::size_t>(k)];
                int m = k;
                for (; m > cutStart[p] && cuts[static_cast<std::size_t>(m) - 1].t > c.t; --m)
                    cuts[static_cast<std::size_t>(m)] = cuts[static_cast<std::size_t>(m) - 1];
                cuts[static_cast<std::size_t>(m)] = c;
            }
    }

    // A vertex on one of two pieces that run together lies on the other as well.
    void shareAlongRuns()
    {
        std::vector<Cut> more;
        for (const Between& m : meetings)
            for (const Run& r : m.what->runs) {
                const int a = firstPiece[static_cast<std::size_t>(m.i)] + r.a, b = firstPiece[static_cast<std::size_t>(m.j)] + r.b;
                share(a, r.s0, r.s1, b, r.t0, r.t1, more);
                share(b, std::min(r.t0, r.t1), std::max(r.t0, r.t1), a, r.t0 < r.t1 ? r.s0 : r.s1, r.t0 < r.t1 ? r.s1 : r.s0, more);
            }
        if (more.empty()) return;
        cuts.insert(cuts.end(), more.begin(), more.end());
        sortCuts();
    }
    void share(int a, double s0, double s1, int b, double t0, double t1, std::vector<Cut>& more) const
    {
        const double lo = std::min(t0, t1), hi = std::max(t0, t1);
        for (int k = cutStart[static_cast<std::size_t>(a)]; k < cutStart[static_cast<std::size_t>(a) + 1]; ++k) {
            const Cut& c = cuts[static_cast<std::size_t>(k)];
            if (c.t <= s0 + 1e-12 || c.t >= s1 - 1e-12 || has(b, c.vertex, lo, hi)) continue;
            const double guess = t0 + (t1 - t0) * (c.t - s0) / (s1 - s0);
            more.push_back({b, footNear(g.pieces[static_cast<std::size_t>(b)].curve, g.vertices[static_cast<std::size_t>(c.vertex)], guess, lo, hi), c.vertex});
        }
    }
    bool has(int piece, int vertex, double lo, double hi) const
    {
        for (int k = cutStart[static_cast<std::size_t>(piece)]; k < cutStart[static_cast<std::size_t>(piece) + 1]; ++k) {
            const Cut& c = cuts[static_cast<std::size_t>(k)];
            if (c.vertex == vertex && c.t >= lo - 1e-9 && c.t <= hi + 1e-9) return true;
        }
        return false;
    }

    // -- edges -----------------------------------------------------------------------------------------------------------
    struct Raw {
        int from, to;
        Source source;
    };

    void makeEdges()
    {
        std::vector<Raw> raw;
        raw.reserve(cuts.size());
        for (std::size_t p = 0; p < g.pieces.size(); ++p)
            for (int k = cutStart[p]; k + 1 < cutStart[p + 1]; ++k) {
                const Cut &a = cuts[static_cast<std::size_t>(k)], &b = cuts[static_cast<std::size_t>(k) + 1];
                const int piece = static_cast<int>(p);
                if (a.vertex == b.vertex && (b.t - a.t < 1e-9 || tiny(g.pieces[p].curve, a.t, b.t))) continue;
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
                    const int how = alike(one, other);
                    if (how == 0) continue;
                    taken[second] = 1;
                    g.sources.push_back(how > 0 ? other.source : Source{other.source.piece, other.source.t1, other.source.t0});
                    ++e.count;
                }
                g.edges.push_back(e);
            }
    }

    bool tiny(const Cubic& c, double t0, double t1) const
    {
        Box b;
        const Cubic k = part(c, t0, t1);
        for (const Vec2 p : {k.p0, k.p1, k.p2, k.p3}) b.add(p);
        return std::max(b.width(), b.height()) < 3 * tol.touch;
    }

    // 1 when both stretches run within touch of each other, -1 when the second must be turned (loops only), 0 otherwise.
    int alike(const Raw& x, const Raw& y) const
    {
        const Cubic &a = g.pieces[static_cast<std::size_t>(x.source.piece)].curve, &b = g.pieces[static_cast<std::size_t>(y.source.piece)].curve;
        if (g.pieces[static_cast<std::size_t>(x.source.piece)].line && g.pieces[static_cast<std::size_t>(y.source.piece)].line && x.from != x.to) return 1;
        const auto near = [&](double t0, double t1) {
            const double lo = std::min(t0, t1), hi = std::max(t0, t1);
            for (const double w : {0.5, 0.25, 0.75}) {
                const Vec2 p = at(a, x.source.t0 + (x.source.t1 - x.source.t0) * w);
                const double t = footNear(b, p, t0 + (t1 - t0) * w, lo, hi);
                // The ends may have been moved by touch each; a little more than that between them is still one.
                if (distance(at(b, t), p) > 1.5 * tol.touch) return false;
            }
            return true;
        };
        if (near(y.source.t0, y.source.t1)) return 1;
        if (x.from == x.to && near(y.source.t1, y.source.t0)) return -1;
        return 0;
    }

    // -- order round the vertices ----------------------------------------------------------------------------------------
    struct Leaving {
        int half = 0;
        double angle = 0; // of the tangent, as `ordered`
    };

    Source leaving(int half) const
    {
        const Source s = g.source(g.edge(half), 0);
        return half & 1 ? Source{s.piece, s.t1, s.t0} : s;
    }
    // Direction in which the half-edge leaves.
    Vec2 departs(int half) const
    {
        const Source s = leaving(half);
        const Cubic& c = g.pieces[static_cast<std::size_t>(s.piece)].curve;
        const Vec2 d = derivative(c, s.t0);
        const double k = squaredLength(d), size = squaredLength(c.p3 - c.p0) + squaredLength(c.p2 - c.p0) + squaredLength(c.p1 - c.p0);
        if (k > 1e-12 * size) return s.t1 > s.t0 ? d : -d;
        const Cubic p = s.t1 > s.t0 ? part(c, s.t0, s.t1) : reversed(part(c, s.t1, s.t0));
        return startTangent(p);
    }
    // A number that grows with the angle, 0..4 for a full turn, without trigonometry.
    static double ordered(Vec2 d)
    {
        const double s = std::abs(d.x) + std::abs(d.y), p = d.y / s;
        return d.x < 0 ? 2 - p : d.y < 0 ? 4 + p : p;
    }
    // How far the other end, or the middle of a loop, is.
    double reachOf(int half) const
    {
        const Source s = leaving(half);
        const Cubic& c = g.pieces[static_cast<std::size_t>(s.piece)].curve;
        const Vec2 o = at(c, s.t0);
        return std::max({distance(o, at(c, s.t1)), distance(o, at(c, 0.5 * (s.t0 + s.t1))), distance(o, at(c, s.t0 + 0.25 * (s.t1 - s.t0)))});
    }
    // Direction to the first point at distance r.
    Vec2 towards(int half, double r) const
    {
        const Source s = leaving(half);
        const Cubic& c = g.pieces[static_cast<std::size_t>(s.piece)].curve;
        const Vec2 o = g.vertices[static_cast<std::size_t>(g.start(half))];
        double lo = 0, hi = 1;
        for (int k = 1; k <= 16; ++k) {
            hi = k / 16.0;
            if (distance(o, at(c, s.t0 + (s.t1 - s.t0) * hi)) >= r) break;
            lo = hi;
        }
        for (int k = 0; k < 40; ++k) {
            const double mid = 0.5 * (lo + hi);
            (distance(o, at(c, s.t0 + (s.t1 - s.t0) * mid)) < r ? lo : hi) = mid;
        }
        return at(c, s.t0 + (s.t1 - s.t0) * hi) - o;
    }

    void orderTurns()
    {
        const std::size_t n = g.vertices.size();
        gatherTurns(g);
        std::vector<Leaving> round;
        for (std::size_t v = 0; v < n; ++v) {
            const int from = g.turnStart[v], to = g.turnStart[v + 1];
            if (to - from < 3) continue;
            round.clear();
            for (int k = from; k < to; ++k) {
                const int h = g.turn[static_cast<std::size_t>(k)];
                round.push_back({h, ordered(departs(h))});
            }
            sortRound(round);
            for (int k = from; k < to; ++k) g.turn[static_cast<std::size_t>(k)] = round[static_cast<std::size_t>(k - from)].half;
        }
    }

    // By tangents; those nearly alike are compared farther out, at a distance that all of them reach and where what was moved
    // into the vertex no longer counts.
    void sortRound(std::vector<Leaving>& round) const
    {
        std::sort(round.begin(), round.end(), [](const Leaving& a, const Leaving& b) { return a.angle != b.angle ? a.angle < b.angle : a.half < b.half; });
        constexpr double alikeAngle = 0.03, full = 4; // about 0.03 to 0.06 radians
        const std::size_t n = round.size();
        const auto gapAfter = [&](std::size_t k) { return k + 1 < n ? round[k + 1].angle - round[k].angle : round[0].angle + full - round[k].angle; };
        std::size_t start = n;
        bool close = false;
        for (std::size_t k = 0; k < n; ++k) {
            if (gapAfter(k) < alikeAngle)
                close = true;
            else if (start == n)
                start = (k + 1) % n; // begin after a wide gap
        }
        if (!close || start == n) return;
        std::rotate(round.begin(), round.begin() + static_cast<std::ptrdiff_t>(start), round.end());
        for (std::size_t from = 0; from < n;) {
            std::size_t to = from + 1;
            const auto before = [&](std::size_t k) {
                const double d = round[k].angle - round[k - 1].angle;
                return d < 0 ? d + full : d;
            };
            while (to < n && before(to) < alikeAngle) ++to;
            if (to - from > 1) sortAlike(round, from, to);
            from = to;
        }
    }

    void sortAlike(std::vector<Leaving>& round, std::size_t from, std::size_t to) const
    {
        double reach = 1e300;
        for (std::size_t k = from; k < to; ++k) reach = std::min(reach, reachOf(round[k].half));
        if (!(reach > 1e-9)) return;
        const Vec2 base = towards(round[from].half, 0.3 * reach);
        std::vector<std::pair<double, Leaving>> group;
        for (std::size_t k = from; k < to; ++k) group.push_back({turn(base, towards(round[k].half, 0.3 * reach)), round[k]});
        std::stable_sort(group.begin(), group.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
        for (std::size_t k = from; k < to; ++k) round[k] = group[k - from].second;
    }
};

} // namespace

Arranged arrange(const std::vector<const Strand*>& strands, const std::vector<Between>& meetings, const Tolerances& tol)
{
    Arranger a{strands, meetings, tol};
    a.number();
    a.findVertices();
    a.sortCuts();
    a.shareAlongRuns();
    a.makeEdges();
    a.orderTurns();
    Arranged out;
    out.graph = std::move(a.g);
    out.planar = link(out.graph);
    return out;
}

} // namespace softrope::planar
