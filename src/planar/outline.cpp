#include "planar/map.h"

#include <algorithm>

namespace softrope::planar {

using namespace curve;

namespace {

// One closed run of half-edges, turned back into sub-curves of the inputs.
struct Tracer {
    const Graph& g;
    const std::vector<int>& loop;
    double touch;

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
        while (start < size() && !brokenBefore(start)) ++start;
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
        if (all.size() > 1 && all.front().taken.piece == all.back().taken.piece) {
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
        result.closed = true;
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
        for (std::size_t k = 0; k < cubics.size(); ++k) {
            const Cubic &before = cubics[(k + cubics.size() - 1) % cubics.size()], &after = cubics[k];
            Node n{after.p0, before.p2, after.p1, NodeKind::corner};
            const bool handles = n.in != n.at && n.out != n.at;
            if (handles && std::abs(turn(n.at - n.in, n.out - n.at)) < radians(0.5)) n.kind = NodeKind::smooth;
            result.nodes.push_back(n);
        }
        return result;
    }
};

// Closed runs of half-edges for which `borders` holds, begun in the given faces.
template <class Borders> void traceInto(Paths& paths, const Map& map, const std::vector<int>& begin, std::vector<char>& done, Borders borders)
{
    const Graph& g = map.graph();
    std::vector<int> loop;
    for (const int f : begin)
        for (const int cycle : map.faces()[static_cast<std::size_t>(f)].cycles) {
            const int first = g.cycleStart[static_cast<std::size_t>(cycle)];
            int around = first;
            do {
                if (!done[static_cast<std::size_t>(around)] && borders(around)) {
                    loop.clear();
                    int h = around;
                    do {
                        done[static_cast<std::size_t>(h)] = 1;
                        loop.push_back(h);
                        h = g.next[static_cast<std::size_t>(h)];
                        while (!borders(h)) h = g.next[static_cast<std::size_t>(twin(h))];
                    } while (h != around);
                    Path p = Tracer{g, loop, map.tolerances().touch}.path();
                    if (!p.nodes.empty()) paths.push_back(std::move(p));
                }
                around = g.next[static_cast<std::size_t>(around)];
            } while (around != first);
        }
}

} // namespace

Paths Map::outline(const std::vector<char>& chosen) const
{
    const auto in = [&](int half) { return chosen[static_cast<std::size_t>(areaOf(half))] != 0; };
    std::vector<int> begin;
    for (std::size_t f = 0; f < faces_.size(); ++f)
        if (chosen[static_cast<std::size_t>(faces_[f].joined)]) begin.push_back(static_cast<int>(f));
    std::vector<char> done(graph_.edges.size() * 2, 0);
    Paths paths;
    traceInto(paths, *this, begin, done, [&](int half) { return in(half) && !in(twin(half)); });
    return paths;
}

Paths Map::outline(const std::vector<int>& areas) const
{
    std::vector<char> chosen(faces_.size(), 0);
    for (const int f : areas) chosen[static_cast<std::size_t>(f)] = 1;
    return outline(chosen);
}

std::vector<Paths> Map::outlines(const std::vector<int>& areas) const
{
    std::vector<std::vector<int>> members(faces_.size());
    for (std::size_t f = 0; f < faces_.size(); ++f) members[static_cast<std::size_t>(faces_[f].joined)].push_back(static_cast<int>(f));
    // A half-edge borders one area only, so one record of what is done serves all.
    std::vector<char> done(graph_.edges.size() * 2, 0);
    std::vector<Paths> all(areas.size());
    for (std::size_t k = 0; k < areas.size(); ++k)
        traceInto(all[k], *this, members[static_cast<std::size_t>(areas[k])], done,
                  [&](int half) { return areaOf(half) == areas[k] && areaOf(twin(half)) != areas[k]; });
    return all;
}

} // namespace softrope::planar
