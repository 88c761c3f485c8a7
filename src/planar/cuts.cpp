#include "planar/cuts.h"

#include "curve/foot.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

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
    VertexGrid(double touch_, std::size_t expected) : touch(touch_), same(1e-5 * touch_), cell(16 * touch_)
    {
        std::size_t n = 64;
        while (n < expected * 2) n *= 2;
        heads.assign(n, -1);
        all.reserve(expected);
    }
    int at(Vec2 p, bool crossing)
    {
        // Most look at one cell only.
        const std::int64_t left = cellOf(p.x - touch), right = cellOf(p.x + touch), top = cellOf(p.y - touch), bottom = cellOf(p.y + touch);
        int best = -1;
        double least = touch * touch;
        for (std::int64_t y = top; y <= bottom; ++y)
            for (std::int64_t x = left; x <= right; ++x)
                for (int k = heads[slot(x, y)]; k >= 0; k = all[static_cast<std::size_t>(k)].before) {
                    const Known& known = all[static_cast<std::size_t>(k)];
                    const double d = squaredLength(known.point - p);
                    if (d > least || (d == least && best >= 0)) continue;
                    if (crossing && known.crossing && d > same * same) continue;
                    least = d;
                    best = k;
                }
        if (best >= 0) return best;
        int& head = heads[slot(cellOf(p.x), cellOf(p.y))];
        all.push_back({p, head, crossing});
        head = static_cast<int>(all.size()) - 1;
        return head;
    }
    std::size_t size() const { return all.size(); }
    std::vector<Vec2> points() const
    {
        std::vector<Vec2> out;
        out.reserve(all.size());
        for (const Known& k : all) out.push_back(k.point);
        return out;
    }

private:
    struct Known {
        Vec2 point;
        int before; // in its cell
        bool crossing;
    };
    std::size_t slot(std::int64_t x, std::int64_t y) const
    {
        const auto h = static_cast<std::uint64_t>(x) * 0x9E3779B97F4A7C15ull ^ static_cast<std::uint64_t>(y) * 0xC2B2AE3D27D4EB4Full;
        return static_cast<std::size_t>(h >> 17) & (heads.size() - 1);
    }
    std::int64_t cellOf(double v) const { return static_cast<std::int64_t>(std::floor(v / cell)); }

    double touch, same, cell;
    std::vector<int> heads;
    std::vector<Known> all;
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
        for (const Between& m : meetings) expected += m.contacts.size();
        VertexGrid grid(tol.touch, expected);
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
        const auto take = [&](const Between& m, const Contact& c, Kind kind) {
            const int v = c.nodeA >= 0   ? nodeVertex[static_cast<std::size_t>(nodeOf(m.i, c.nodeA))]
                          : c.nodeB >= 0 ? nodeVertex[static_cast<std::size_t>(nodeOf(m.j, c.nodeB))]
                                         : grid.at(c.at, kind == Kind::crossing);
            if (c.nodeA < 0) cuts.all.push_back({firstPiece[static_cast<std::size_t>(m.i)] + c.a, c.s, v});
            if (c.nodeB < 0) cuts.all.push_back({firstPiece[static_cast<std::size_t>(m.j)] + c.b, c.t, v});
        };
        std::vector<std::pair<const Between*, const Contact*>> touches, crossings;
        crossings.reserve(expected);
        for (const Between& m : meetings)
            for (const Contact& c : m.contacts) {
                const Kind kind = kindOf(c);
                if (kind == Kind::node)
                    take(m, c, kind);
                else
                    (kind == Kind::touch ? touches : crossings).emplace_back(&m, &c);
            }
        for (const auto& [m, c] : touches) take(*m, *c, Kind::touch);
        const std::size_t first = grid.size();
        for (const auto& [m, c] : crossings) take(*m, *c, Kind::crossing);
        g.vertices = grid.points();
        numberByPlace(first);
    }

    // The vertices from `first` on anew, strip by strip over the sheet: what lies together there then lies together in memory, which halves
    // the time of all that follows in a map of a hundred thousand crossings.
    void numberByPlace(std::size_t first)
    {
        constexpr std::size_t many = 5000, inACell = 8;
        const std::size_t n = g.vertices.size() - first;
        if (n < many) return;
        Box all;
        for (std::size_t v = first; v < g.vertices.size(); ++v) all.add(g.vertices[v]);
        const auto side = static_cast<std::size_t>(std::sqrt(static_cast<double>(n / inACell)));
        const auto along = [side](double at, double from, double size) {
            return size > 0 ? std::min(side - 1, static_cast<std::size_t>((at - from) / size * static_cast<double>(side))) : 0;
        };
        const auto cellOf = [&](Vec2 p) { return along(p.y, all.min.y, all.height()) * side + along(p.x, all.min.x, all.width()); };
        std::vector<std::size_t> fill(side * side + 1, 0);
        for (std::size_t v = first; v < g.vertices.size(); ++v) ++fill[cellOf(g.vertices[v]) + 1];
        std::partial_sum(fill.begin(), fill.end(), fill.begin());
        std::vector<Vec2> sorted(n);
        std::vector<int> number(n);
        for (std::size_t v = 0; v < n; ++v) {
            const std::size_t at = fill[cellOf(g.vertices[first + v])]++;
            sorted[at] = g.vertices[first + v];
            number[v] = static_cast<int>(first + at);
        }
        std::copy(sorted.begin(), sorted.end(), g.vertices.begin() + static_cast<std::ptrdiff_t>(first));
        for (Cut& c : cuts.all)
            if (static_cast<std::size_t>(c.vertex) >= first) c.vertex = number[static_cast<std::size_t>(c.vertex) - first];
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
