#include "planar/tracer.h"

#include "curve/edit.h"

#include <optional>

namespace softrope::planar {

using namespace curve;

namespace {

struct Tracer {
    const Graph& g;
    const std::vector<int>& loop;
    double touch;
    bool closed;

    std::size_t size() const { return loop.size(); }
    int half(std::size_t k) const { return loop[k % loop.size()]; }

    struct Taken {
        int piece = -1;
        double t0 = 0, t1 = 0;
    };
    Taken source(std::size_t k, int which) const
    {
        const int h = half(k);
        const Source& s = g.source(g.edge(h), which);
        return h & 1 ? Taken{s.piece, s.t1, s.t0} : Taken{s.piece, s.t0, s.t1};
    }
    int count(std::size_t k) const { return g.edge(half(k)).count; }

    // The source of edge k that goes on where `before` ended, if there is one.
    std::optional<Taken> goesOn(const Taken& before, std::size_t k) const
    {
        for (int w = 0; w < count(k); ++w) {
            const Taken s = source(k, w);
            if (s.piece != before.piece || (s.t1 > s.t0) != (before.t1 > before.t0)) continue;
            const Cubic& c = g.pieces[static_cast<std::size_t>(s.piece)].curve;
            if (s.t0 == before.t1) return s;
            // Nearly there; the middle tells it from coming round again.
            const Vec2 end = at(c, before.t1);
            if (distance(at(c, s.t0), end) < 2 * touch && distance(at(c, 0.5 * (s.t0 + before.t1)), end) < 2 * touch) return s;
        }
        return std::nullopt;
    }
    bool brokenBefore(std::size_t k) const
    {
        const std::size_t last = k + size() - 1;
        for (int w = 0; w < count(last); ++w)
            if (goesOn(source(last, w), k)) return false;
        return true;
    }

    // A stretch of one piece along edges [from, to).
    struct Stretch {
        Taken taken;
        std::size_t from = 0, to = 0;
    };
    // Greedily the source that lasts longest, which gives the fewest stretches.
    std::vector<Stretch> stretches() const
    {
        std::size_t start = 0;
        while (closed && start < size() && !brokenBefore(start)) ++start;
        if (start == size()) start = 0;
        std::vector<Stretch> all;
        for (std::size_t k = start; k < start + size();) {
            Stretch best{source(k, 0), k, k};
            for (int w = 0; w < count(k); ++w) {
                Taken t = source(k, w);
                std::size_t m = k + 1;
                while (m < start + size()) {
                    const std::optional<Taken> more = goesOn(t, m);
                    if (!more) break;
                    t.t1 = more->t1;
                    ++m;
                }
                if (m > best.to) best = {t, k, m};
            }
            all.push_back(best);
            k = best.to;
        }
        // The beginning was chosen inside a stretch: its two parts are one.
        if (closed && all.size() > 1 && all.front().taken.piece == all.back().taken.piece) {
            const std::optional<Taken> more = goesOn(all.back().taken, all.front().from);
            const bool forward = all.front().taken.t1 > all.front().taken.t0;
            const double from = all.back().taken.t0, to = all.front().taken.t1;
            if (more && more->t0 == all.front().taken.t0 && (forward ? from < to : from > to)) {
                all.front().taken.t0 = from;
                all.front().from = all.back().from;
                all.pop_back();
            }
        }
        return all;
    }

    Path path() const
    {
        Path result;
        result.closed = closed;
        std::vector<Cubic> cubics;
        for (const Stretch& s : stretches()) {
            const Piece& piece = g.pieces[static_cast<std::size_t>(s.taken.piece)];
            const Vec2 from = g.vertices[static_cast<std::size_t>(g.start(half(s.from)))], to = g.vertices[static_cast<std::size_t>(g.target(half(s.to - 1)))];
            if (piece.line) {
                if (from != to) cubics.push_back(straight(from, to));
                continue;
            }
            Cubic c = s.taken.t0 <= s.taken.t1 ? part(piece.curve, s.taken.t0, s.taken.t1) : reversed(part(piece.curve, s.taken.t1, s.taken.t0));
            // Ends go to the shared vertices, with their handles.
            c.p1 += from - c.p0;
            c.p2 += to - c.p3;
            c.p0 = from;
            c.p3 = to;
            cubics.push_back(c);
        }
        const std::size_t n = cubics.size();
        for (std::size_t k = 0; k < n + (closed ? 0 : 1); ++k) {
            const bool first = !closed && k == 0, last = !closed && k == n;
            if (n == 0) break;
            const Vec2 at = last ? cubics[n - 1].p3 : cubics[k].p0;
            result.nodes.push_back({at, first ? at : cubics[(k + n - 1) % n].p2, last ? at : cubics[k].p1, NodeKind::corner});
        }
        markKinds(result);
        return result;
    }
};

} // namespace

Path pathAlong(const Graph& graph, const std::vector<int>& halves, bool closed, double touch)
{
    if (halves.empty()) return {};
    return Tracer{graph, halves, touch, closed}.path();
}

} // namespace softrope::planar
