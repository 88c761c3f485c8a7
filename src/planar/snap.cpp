#include "planar/snap.h"

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <limits>
#include <numeric>
#include <tuple>

namespace softrope::planar {

using namespace curve;

namespace {

struct Dot {
    std::int64_t x = 0, y = 0;
    friend bool operator==(const Dot&, const Dot&) = default;
    friend bool operator<(Dot a, Dot b) { return a.x != b.x ? a.x < b.x : a.y < b.y; }
};

// A chord on the grid with the stretch of the edge it stands for.
struct Chord {
    Dot a, b;
    int edge = 0;
    double f0 = 0, f1 = 1; // shares of the edge
};

__extension__ using Wide = __int128; // products of three coordinates

int sideOf(Dot a, Dot b, std::int64_t x2, std::int64_t y2) // of the point (x2 / 2, y2 / 2)
{
    const Wide s = Wide(2 * (b.x - a.x)) * (y2 - 2 * a.y) - Wide(2 * (b.y - a.y)) * (x2 - 2 * a.x);
    return s > 0 ? 1 : (s < 0 ? -1 : 0);
}

// The segment meets the unit square round the point, whose right and upper borders belong to the next.
bool meetsCell(const Chord& c, Dot p)
{
    const std::int64_t l = 2 * p.x - 1, r = 2 * p.x + 1, d = 2 * p.y - 1, u = 2 * p.y + 1;
    if (2 * std::min(c.a.x, c.b.x) >= r || 2 * std::max(c.a.x, c.b.x) < l || 2 * std::min(c.a.y, c.b.y) >= u || 2 * std::max(c.a.y, c.b.y) < d) return false;
    const int s[4] = {sideOf(c.a, c.b, l, d), sideOf(c.a, c.b, r, d), sideOf(c.a, c.b, l, u), sideOf(c.a, c.b, r, u)};
    const int least = std::min({s[0], s[1], s[2], s[3]}), most = std::max({s[0], s[1], s[2], s[3]});
    return least <= 0 && most >= 0;
}

// Grid point nearest to the crossing of the two segments' insides, if they cross.
bool crossingOf(const Chord& p, const Chord& q, Dot& at)
{
    const Wide dx = p.b.x - p.a.x, dy = p.b.y - p.a.y, ex = q.b.x - q.a.x, ey = q.b.y - q.a.y;
    const Wide den = dx * ey - dy * ex;
    if (den == 0) return false;
    const Wide rx = q.a.x - p.a.x, ry = q.a.y - p.a.y;
    Wide s = rx * ey - ry * ex, t = rx * dy - ry * dx, n = den;
    if (n < 0) {
        s = -s;
        t = -t;
        n = -n;
    }
    if (s < 0 || s > n || t < 0 || t > n) return false;
    const long double share = static_cast<long double>(s) / static_cast<long double>(n);
    at = {p.a.x + std::llround(static_cast<long double>(p.b.x - p.a.x) * share), p.a.y + std::llround(static_cast<long double>(p.b.y - p.a.y) * share)};
    return true;
}

// Chords and hot points by the cells of an even grid.
class Cells {
public:
    explicit Cells(const std::vector<Chord>& chords)
    {
        lo = {INT64_MAX, INT64_MAX};
        Dot hi{INT64_MIN, INT64_MIN};
        double sum = 0;
        for (const Chord& c : chords)
            for (const Dot p : {c.a, c.b}) {
                lo = {std::min(lo.x, p.x), std::min(lo.y, p.y)};
                hi = {std::max(hi.x, p.x), std::max(hi.y, p.y)};
            }
        for (const Chord& c : chords) sum += std::hypot(static_cast<double>(c.b.x - c.a.x), static_cast<double>(c.b.y - c.a.y));
        lo = {lo.x - 2, lo.y - 2};
        const double w = static_cast<double>(hi.x - lo.x) + 4, h = static_cast<double>(hi.y - lo.y) + 4;
        const double n = static_cast<double>(chords.size());
        side = std::max<std::int64_t>(4, std::llround(std::max(sum / n, std::sqrt(w * h / (4 * n + 64)))));
        columns = static_cast<std::int64_t>(w) / side + 1;
        rows = static_cast<std::int64_t>(h) / side + 1;
        count(chords);
    }

    // Cells of [x0, x1] in row y.
    template <class Take> void eachCell(const Chord& c, Take take) const
    {
        const bool up = c.a.y <= c.b.y;
        const Dot p = up ? c.a : c.b, q = up ? c.b : c.a;
        const std::int64_t r0 = (p.y - 1 - lo.y) / side, r1 = (q.y + 1 - lo.y) / side;
        const double slope = q.y > p.y ? static_cast<double>(q.x - p.x) / static_cast<double>(q.y - p.y) : 0;
        for (std::int64_t r = r0; r <= r1; ++r) {
            const double y0 = std::max(static_cast<double>(lo.y + r * side - 1), static_cast<double>(p.y)),
                         y1 = std::min(static_cast<double>(lo.y + (r + 1) * side + 1), static_cast<double>(q.y));
            double x0 = static_cast<double>(p.x) + slope * (y0 - static_cast<double>(p.y)),
                   x1 = static_cast<double>(p.x) + slope * (y1 - static_cast<double>(p.y));
            if (q.y == p.y) {
                x0 = static_cast<double>(p.x);
                x1 = static_cast<double>(q.x);
            }
            const std::int64_t c0 = column(std::min(x0, x1) - 2), c1 = column(std::max(x0, x1) + 2);
            for (std::int64_t k = c0; k <= c1; ++k) take(static_cast<std::size_t>(std::clamp<std::int64_t>(r, 0, rows - 1) * columns + k));
        }
    }
    std::size_t cellOf(Dot p) const { return static_cast<std::size_t>((p.y - lo.y) / side * columns + (p.x - lo.x) / side); }
    std::size_t size() const { return static_cast<std::size_t>(columns * rows); }

    std::vector<int> start, chordsIn;

private:
    std::int64_t column(double x) const
    {
        return std::clamp<std::int64_t>(static_cast<std::int64_t>(std::floor(x - static_cast<double>(lo.x))) / side, 0, columns - 1);
    }
    void count(const std::vector<Chord>& chords)
    {
        start.assign(size() + 1, 0);
        for (const Chord& c : chords) eachCell(c, [&](std::size_t k) { ++start[k + 1]; });
        std::partial_sum(start.begin(), start.end(), start.begin());
        chordsIn.resize(static_cast<std::size_t>(start.back()));
        std::vector<int> fill(start.begin(), start.end() - 1);
        for (std::size_t i = 0; i < chords.size(); ++i)
            eachCell(chords[i], [&](std::size_t k) { chordsIn[static_cast<std::size_t>(fill[k]++)] = static_cast<int>(i); });
    }
    Dot lo;
    std::int64_t side = 1, columns = 1, rows = 1;
};

enum class Round { still, cut, crowded };

// So many curves deep a place is, on the average, before it counts as crowded.
constexpr std::size_t crowdedFrom = 16;

// One round: every chord goes through the hot points it meets, unless those or the chords become more than `most`: crowded, and left as
// they are. Still when nothing was cut any more.
Round round(std::vector<Chord>& chords, std::size_t most)
{
    if (chords.empty()) return Round::still;
    const Cells cells(chords);
    std::vector<Dot> hot;
    hot.reserve(chords.size() * 2);
    for (const Chord& c : chords) {
        hot.push_back(c.a);
        hot.push_back(c.b);
    }
    for (std::size_t k = 0; k < cells.size(); ++k)
        for (int i = cells.start[k]; i < cells.start[k + 1]; ++i)
            for (int j = i + 1; j < cells.start[k + 1]; ++j) {
                const Chord &p = chords[static_cast<std::size_t>(cells.chordsIn[static_cast<std::size_t>(i)])],
                            &q = chords[static_cast<std::size_t>(cells.chordsIn[static_cast<std::size_t>(j)])];
                if (std::max(p.a.x, p.b.x) < std::min(q.a.x, q.b.x) || std::max(q.a.x, q.b.x) < std::min(p.a.x, p.b.x) ||
                    std::max(p.a.y, p.b.y) < std::min(q.a.y, q.b.y) || std::max(q.a.y, q.b.y) < std::min(p.a.y, p.b.y))
                    continue;
                if (p.a == q.a || p.a == q.b || p.b == q.a || p.b == q.b) continue; // meet at an end, which is hot anyway
                Dot at;
                if (crossingOf(p, q, at)) hot.push_back(at);
                if (hot.size() > most) return Round::crowded;
            }
    std::sort(hot.begin(), hot.end());
    hot.erase(std::unique(hot.begin(), hot.end()), hot.end());
    // Hot points by cell; chords look in all their cells, which are wide enough to hold what they meet.
    std::vector<int> start(cells.size() + 1, 0), order(hot.size());
    for (const Dot p : hot) ++start[cells.cellOf(p) + 1];
    std::partial_sum(start.begin(), start.end(), start.begin());
    std::vector<int> fill(start.begin(), start.end() - 1);
    for (std::size_t i = 0; i < hot.size(); ++i) order[static_cast<std::size_t>(fill[cells.cellOf(hot[i])]++)] = static_cast<int>(i);

    std::vector<Chord> cut;
    cut.reserve(chords.size() + hot.size());
    std::vector<std::pair<double, Dot>> on;
    bool still = true;
    for (const Chord& c : chords) {
        on.clear();
        const double dx = static_cast<double>(c.b.x - c.a.x), dy = static_cast<double>(c.b.y - c.a.y), q = dx * dx + dy * dy;
        cells.eachCell(c, [&](std::size_t k) {
            for (int i = start[k]; i < start[k + 1]; ++i) {
                const Dot p = hot[static_cast<std::size_t>(order[static_cast<std::size_t>(i)])];
                if (p == c.a || p == c.b || !meetsCell(c, p)) continue;
                const double w = (static_cast<double>(p.x - c.a.x) * dx + static_cast<double>(p.y - c.a.y) * dy) / q;
                if (w > 0 && w < 1) on.push_back({w, p});
            }
        });
        std::sort(on.begin(), on.end());
        on.erase(std::unique(on.begin(), on.end()), on.end());
        Chord rest = c;
        for (const auto& [w, p] : on) {
            Chord head = rest;
            head.b = p;
            head.f1 = c.f0 + (c.f1 - c.f0) * w;
            rest.a = p;
            rest.f0 = head.f1;
            cut.push_back(head);
            still = false;
        }
        cut.push_back(rest);
        if (cut.size() > most) return Round::crowded;
    }
    chords = std::move(cut);
    return still ? Round::still : Round::cut;
}

// Half of the plane first, then the cross product: the order of directions by integers alone.
bool before(Dot u, Dot v)
{
    const bool lowU = u.y < 0 || (u.y == 0 && u.x < 0), lowV = v.y < 0 || (v.y == 0 && v.x < 0);
    if (lowU != lowV) return lowU < lowV;
    return Wide(u.x) * v.y - Wide(u.y) * v.x > 0;
}

struct Builder {
    const Graph& rough;
    const Tolerances& tol;
    Graph g{};
    std::vector<Dot> dots{};

    Dot dotOf(Vec2 p) const
    {
        const Vec2 q = (p - rough.origin) / tol.grid;
        return {std::llround(q.x), std::llround(q.y)};
    }
    Vec2 pointOf(Dot d) const { return rough.origin + Vec2{static_cast<double>(d.x), static_cast<double>(d.y)} * tol.grid; }

    std::vector<Chord> flatten() const
    {
        std::vector<Chord> chords;
        for (std::size_t e = 0; e < rough.edges.size(); ++e) {
            const Edge& edge = rough.edges[e];
            const Cubic c = rough.curveOf(edge);
            const double bend = std::max(length(c.p0 - 2 * c.p1 + c.p2), length(c.p1 - 2 * c.p2 + c.p3));
            const int n = std::clamp(static_cast<int>(std::ceil(std::sqrt(0.75 * bend / tol.flatten))), 1, 2000);
            Chord next{dotOf(rough.vertices[static_cast<std::size_t>(edge.from)]), {}, static_cast<int>(e), 0, 1};
            for (int k = 1; k <= n; ++k) {
                next.b = k == n ? dotOf(rough.vertices[static_cast<std::size_t>(edge.to)]) : dotOf(at(c, static_cast<double>(k) / n));
                next.f1 = static_cast<double>(k) / n;
                if (next.a == next.b && k < n) continue;
                if (!(next.a == next.b)) chords.push_back(next);
                next.a = next.b;
                next.f0 = next.f1;
            }
        }
        return chords;
    }

    void assemble(std::vector<Chord> chords)
    {
        g.pieces = rough.pieces;
        g.origin = rough.origin;
        dots.clear();
        for (const Chord& c : chords) {
            dots.push_back(c.a);
            dots.push_back(c.b);
        }
        std::sort(dots.begin(), dots.end());
        dots.erase(std::unique(dots.begin(), dots.end()), dots.end());
        const auto vertexOf = [&](Dot d) { return static_cast<int>(std::lower_bound(dots.begin(), dots.end(), d) - dots.begin()); };
        struct Raw {
            int from, to, chord;
            bool back;
        };
        std::vector<Raw> raw;
        raw.reserve(chords.size());
        for (std::size_t k = 0; k < chords.size(); ++k) {
            const int a = vertexOf(chords[k].a), b = vertexOf(chords[k].b);
            if (a != b) raw.push_back({std::min(a, b), std::max(a, b), static_cast<int>(k), a > b});
        }
        std::sort(raw.begin(), raw.end(), [](const Raw& x, const Raw& y) { return std::tie(x.from, x.to, x.chord) < std::tie(y.from, y.to, y.chord); });
        g.vertices.resize(dots.size());
        for (std::size_t v = 0; v < dots.size(); ++v) g.vertices[v] = pointOf(dots[v]);
        for (std::size_t k = 0; k < raw.size();) {
            Edge e{raw[k].from, raw[k].to, static_cast<int>(g.sources.size()), 0};
            const std::size_t first = k;
            for (; k < raw.size() && raw[k].from == raw[first].from && raw[k].to == raw[first].to; ++k) {
                const Chord& c = chords[static_cast<std::size_t>(raw[k].chord)];
                const Edge& old = rough.edges[static_cast<std::size_t>(c.edge)];
                for (int w = 0; w < old.count; ++w) {
                    const Source& s = rough.source(old, w);
                    const double t0 = s.t0 + (s.t1 - s.t0) * c.f0, t1 = s.t0 + (s.t1 - s.t0) * c.f1;
                    g.sources.push_back(raw[k].back ? Source{s.piece, t1, t0} : Source{s.piece, t0, t1});
                    ++e.count;
                }
            }
            g.edges.push_back(e);
        }
    }

    void order()
    {
        const std::size_t n = g.vertices.size();
        gatherTurns(g);
        const auto away = [&](int h) {
            const Dot a = dots[static_cast<std::size_t>(g.start(h))], b = dots[static_cast<std::size_t>(g.target(h))];
            return Dot{b.x - a.x, b.y - a.y};
        };
        for (std::size_t v = 0; v < n; ++v)
            std::sort(g.turn.begin() + g.turnStart[v], g.turn.begin() + g.turnStart[v + 1], [&](int a, int b) { return before(away(a), away(b)); });
    }

    // Vertices go back to where they were exact: to those of the rough graph, to the crossing of two curves, or onto the
    // curve they lie on.
    void refine()
    {
        std::vector<char> done(dots.size(), 0);
        for (const Edge& e : rough.edges)
            for (const int v : {e.from, e.to}) {
                const Dot d = dotOf(rough.vertices[static_cast<std::size_t>(v)]);
                const auto at = std::lower_bound(dots.begin(), dots.end(), d);
                if (at == dots.end() || !(*at == d)) continue;
                const auto k = static_cast<std::size_t>(at - dots.begin());
                if (done[k]) continue;
                done[k] = 1;
                g.vertices[k] = rough.vertices[static_cast<std::size_t>(v)];
            }
        for (std::size_t v = 0; v < dots.size(); ++v)
            if (!done[v]) settleVertex(v);
    }

    void settleVertex(std::size_t v)
    {
        struct Through {
            int piece;
            double t;
        };
        // Where more curves lie on one another, any two of them say where it is.
        constexpr std::size_t enough = 6;
        std::vector<Through> through;
        for (int k = g.turnStart[v]; k < g.turnStart[v + 1]; ++k) {
            const int h = g.turn[static_cast<std::size_t>(k)];
            for (int w = 0; w < g.edge(h).count && through.size() < enough; ++w) {
                const Source& s = g.source(g.edge(h), w);
                if (std::none_of(through.begin(), through.end(), [&](const Through& t) { return t.piece == s.piece; }))
                    through.push_back({s.piece, h & 1 ? s.t1 : s.t0});
            }
        }
        const double reach = 2 * (tol.grid + tol.flatten);
        for (std::size_t i = 0; i < through.size(); ++i)
            for (std::size_t j = i + 1; j < through.size(); ++j) {
                const Cubic &a = g.pieces[static_cast<std::size_t>(through[i].piece)].curve, &b = g.pieces[static_cast<std::size_t>(through[j].piece)].curve;
                double s = through[i].t, t = through[j].t;
                for (int k = 0; k < 12; ++k) {
                    const Vec2 r = at(a, s) - at(b, t), da = derivative(a, s), db = derivative(b, t);
                    const double den = cross(da, db);
                    if (!(std::abs(den) > 1e-4 * length(da) * length(db))) break;
                    s -= cross(r, db) / den;
                    t -= cross(r, da) / den;
                    if (!(std::abs(s) < 3 && std::abs(t) < 3)) break;
                }
                const Vec2 p = at(a, s);
                if (s >= -1e-9 && s <= 1 + 1e-9 && t >= -1e-9 && t <= 1 + 1e-9 && distance(p, at(b, t)) < 1e-6 && distance(p, g.vertices[v]) < reach) {
                    g.vertices[v] = p;
                    return;
                }
            }
        if (through.empty()) return;
        const Vec2 p = at(g.pieces[static_cast<std::size_t>(through.front().piece)].curve, through.front().t);
        if (distance(p, g.vertices[v]) < reach) g.vertices[v] = p;
    }
};

} // namespace

std::optional<Graph> snapped(const Graph& rough, const Tolerances& tol, bool limited)
{
    Builder b{rough, tol};
    std::vector<Chord> chords = b.flatten();
    const std::size_t most = limited ? crowdedFrom * chords.size() + 100000 : std::numeric_limits<std::size_t>::max();
    for (int k = 0; k < 8; ++k) {
        const Round how = round(chords, most);
        if (how == Round::crowded) return std::nullopt;
        b.g = {};
        b.assemble(chords);
        b.order();
        // One round is almost always enough; a hot point that lies exactly on a foreign chord needs another.
        if (link(b.g) || how == Round::still) break;
    }
    b.refine();
    return std::move(b.g);
}

Graph snapped(const std::vector<const Strand*>& strands, const Tolerances& tol)
{
    Graph rough;
    Box all;
    for (const Strand* s : strands) {
        all.add(s->box);
        for (const Piece& p : s->pieces) {
            const int k = static_cast<int>(rough.pieces.size()), v = static_cast<int>(rough.vertices.size());
            rough.pieces.push_back(p);
            rough.vertices.push_back(p.curve.p0);
            rough.vertices.push_back(p.curve.p3);
            rough.edges.push_back({v, v + 1, static_cast<int>(rough.sources.size()), 1});
            rough.sources.push_back({k, 0, 1});
        }
    }
    if (!all.empty()) rough.origin = all.centre();
    return *snapped(rough, tol, false);
}

} // namespace softrope::planar
