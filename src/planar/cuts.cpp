#include "planar/cuts.h"

#include "curve/foot.h"
#include "planar/vertices.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <numeric>

namespace softrope::planar {

using namespace curve;

namespace {

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
        for (const Between& m : meetings) expected += m.contacts.size();
        Vertices known(tol.touch, expected);
        cuts.all.reserve(g.pieces.size() * 2 + 2 * expected);
        for (std::size_t s = 0; s < strands.size(); ++s)
            for (int k = 0; k < strands[s]->nodeCount(); ++k)
                nodeVertex[static_cast<std::size_t>(nodeOf(static_cast<int>(s), k))] = known.at(strands[s]->node(k), false);
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
        const auto cut = [&](const Between& m, const Contact& c, int vertex) {
            if (c.nodeA < 0) cuts.all.push_back({firstPiece[static_cast<std::size_t>(m.i)] + c.a, c.s, vertex});
            if (c.nodeB < 0) cuts.all.push_back({firstPiece[static_cast<std::size_t>(m.j)] + c.b, c.t, vertex});
        };
        std::vector<std::pair<const Between*, const Contact*>> touches, crossings;
        std::vector<Vec2> places; // of the crossings
        crossings.reserve(expected);
        places.reserve(expected);
        for (const Between& m : meetings)
            for (const Contact& c : m.contacts) {
                if (c.nodeA >= 0 || c.nodeB >= 0) {
                    cut(m, c, nodeVertex[static_cast<std::size_t>(c.nodeA >= 0 ? nodeOf(m.i, c.nodeA) : nodeOf(m.j, c.nodeB))]);
                } else if (c.touches) {
                    touches.emplace_back(&m, &c);
                } else {
                    crossings.emplace_back(&m, &c);
                    places.push_back(c.at);
                }
            }
        for (const auto& [m, c] : touches) cut(*m, *c, known.at(c->at, false));
        const std::vector<int> vertices = known.atCrossings(places);
        for (std::size_t k = 0; k < crossings.size(); ++k) cut(*crossings[k].first, *crossings[k].second, vertices[k]);
        g.vertices = known.points();
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
        constexpr int few = 24;
        tbb::parallel_for(tbb::blocked_range<std::size_t>(0, g.pieces.size(), 64), [&](const tbb::blocked_range<std::size_t>& some) {
            for (std::size_t p = some.begin(); p < some.end(); ++p) {
                const auto from = cuts.all.begin() + cuts.start[p], to = cuts.all.begin() + cuts.start[p + 1];
                // Equal ones stay in order.
                const auto before = [](const Cut& a, const Cut& b) { return a.t < b.t; };
                if (to - from > few) {
                    std::stable_sort(from, to, before);
                    continue;
                }
                for (auto k = from == to ? to : from + 1; k < to; ++k) std::rotate(std::upper_bound(from, k, *k, before), k, k + 1);
            }
        });
    }

    // A vertex on one of two pieces that run together lies on the other as well.
    void shareAlongRuns()
    {
        std::vector<Cut> more;
        for (const Between& m : meetings)
            for (const Run& r : m.runs) {
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
