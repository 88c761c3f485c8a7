#include "planar/cuts.h"

#include "curve/foot.h"

#include <algorithm>
#include <cmath>
#include <cstdint>
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
class Cutter {
public:
    Cutter(const std::vector<const Strand*>& strands_, const std::vector<Between>& meetings_, const Tolerances& tol_, Graph& g_)
        : strands(strands_), meetings(meetings_), tol(tol_), g(g_)
    {
    }

    Cuts cutUp()
    {
        number();
        findVertices();
        sortCuts();
        shareAlongRuns();
        return std::move(cuts);
    }

private:
    const std::vector<const Strand*>& strands;
    const std::vector<Between>& meetings;
    const Tolerances& tol;
    Graph& g;
    std::vector<int> firstPiece, firstNode, nodeVertex; // of strands, of strands, of nodes
    Cuts cuts;

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
        cuts.all.reserve(g.pieces.size() * 2 + 2 * expected);
        for (std::size_t s = 0; s < strands.size(); ++s)
            for (int k = 0; k < strands[s]->nodeCount(); ++k)
                nodeVertex[static_cast<std::size_t>(nodeOf(static_cast<int>(s), k))] = grid.at(strands[s]->node(k), false);
        for (std::size_t s = 0; s < strands.size(); ++s) {
            const Strand& one = *strands[s];
            const int n = static_cast<int>(one.pieces.size());
            for (int k = 0; k < n; ++k) {
                const int piece = firstPiece[s] + k;
                cuts.all.push_back({piece, 0, nodeVertex[static_cast<std::size_t>(nodeOf(static_cast<int>(s), k))]});
                const int end = k + 1 < one.nodeCount() ? k + 1 : 0;
                cuts.all.push_back({piece, 1, nodeVertex[static_cast<std::size_t>(nodeOf(static_cast<int>(s), end))]});
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
                    if (c.nodeA < 0) cuts.all.push_back({firstPiece[static_cast<std::size_t>(m.i)] + c.a, c.s, v});
                    if (c.nodeB < 0) cuts.all.push_back({firstPiece[static_cast<std::size_t>(m.j)] + c.b, c.t, v});
                }
        g.vertices = std::move(grid.points);
    }

    void sortCuts()
    {
        std::vector<int> count(g.pieces.size() + 1, 0);
        for (const Cut& c : cuts.all) ++count[static_cast<std::size_t>(c.piece) + 1];
        std::partial_sum(count.begin(), count.end(), count.begin());
        std::vector<Cut> sorted(cuts.all.size());
        std::vector<int> fill(count.begin(), count.end() - 1);
        for (const Cut& c : cuts.all) sorted[static_cast<std::size_t>(fill[static_cast<std::size_t>(c.piece)]++)] = c;
        cuts.all = std::move(sorted);
        cuts.start = std::move(count);
        // Few a piece: by insertion, which keeps the order of equal ones.
        for (std::size_t p = 0; p < g.pieces.size(); ++p)
            for (int k = cuts.start[p] + 1; k < cuts.start[p + 1]; ++k) {
                const Cut c = cuts.all[static_cast<std::size_t>(k)];
                int m = k;
                for (; m > cuts.start[p] && cuts.all[static_cast<std::size_t>(m) - 1].t > c.t; --m)
                    cuts.all[static_cast<std::size_t>(m)] = cuts.all[static_cast<std::size_t>(m) - 1];
                cuts.all[static_cast<std::size_t>(m)] = c;
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
        cuts.all.insert(cuts.all.end(), more.begin(), more.end());
        sortCuts();
    }
    void share(int a, double s0, double s1, int b, double t0, double t1, std::vector<Cut>& more) const
    {
        const double lo = std::min(t0, t1), hi = std::max(t0, t1);
        for (int k = cuts.start[static_cast<std::size_t>(a)]; k < cuts.start[static_cast<std::size_t>(a) + 1]; ++k) {
            const Cut& c = cuts.all[static_cast<std::size_t>(k)];
            if (c.t <= s0 + 1e-12 || c.t >= s1 - 1e-12 || has(b, c.vertex, lo, hi)) continue;
            const double guess = t0 + (t1 - t0) * (c.t - s0) / (s1 - s0);
            more.push_back({b, footNear(g.pieces[static_cast<std::size_t>(b)].curve, g.vertices[static_cast<std::size_t>(c.vertex)], guess, lo, hi), c.vertex});
        }
    }
    bool has(int piece, int vertex, double lo, double hi) const
    {
        for (int k = cuts.start[static_cast<std::size_t>(piece)]; k < cuts.start[static_cast<std::size_t>(piece) + 1]; ++k) {
            const Cut& c = cuts.all[static_cast<std::size_t>(k)];
            if (c.vertex == vertex && c.t >= lo - 1e-9 && c.t <= hi + 1e-9) return true;
        }
        return false;
    }
};

} // namespace

Cuts cutUp(const std::vector<const Strand*>& strands, const std::vector<Between>& meetings, const Tolerances& tol, Graph& g)
{
    return Cutter(strands, meetings, tol, g).cutUp();
}

} // namespace softrope::planar
