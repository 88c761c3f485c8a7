#include "planar/turns.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>

namespace softrope::planar {

using namespace curve;

namespace {

class Turns {
public:
    explicit Turns(Graph& g_) : g(g_) {}

    void order()
    {
        gatherTurns(g);
        // Edge by edge, as they lie in memory.
        angles.resize(g.edges.size() * 2);
        tbb::parallel_for(tbb::blocked_range<std::size_t>(0, angles.size(), 2048), [&](const tbb::blocked_range<std::size_t>& some) {
            for (std::size_t h = some.begin(); h < some.end(); ++h) angles[h] = ordered(departs(static_cast<int>(h)));
        });
        // (Where many curves lie on one another there are few vertices with much to do at each.)
        tbb::parallel_for(tbb::blocked_range<std::size_t>(0, g.vertices.size(), 64), [&](const tbb::blocked_range<std::size_t>& some) {
            std::vector<Leaving> round;
            for (std::size_t v = some.begin(); v < some.end(); ++v) orderAt(v, round);
        });
    }

private:
    struct Leaving {
        int half = 0;
        double angle = 0; // of the tangent, as `ordered`
    };

    void orderAt(std::size_t v, std::vector<Leaving>& round)
    {
        const int from = g.turnStart[v], to = g.turnStart[v + 1];
        if (to - from < 3) return;
        round.clear();
        for (int k = from; k < to; ++k) {
            const int h = g.turn[static_cast<std::size_t>(k)];
            round.push_back({h, angles[static_cast<std::size_t>(h)]});
        }
        sortRound(round);
        for (int k = from; k < to; ++k) g.turn[static_cast<std::size_t>(k)] = round[static_cast<std::size_t>(k - from)].half;
    }

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
        const double whole = s.t1 - s.t0, r2 = r * r;
        double lo = 0, hi = 1;
        bool within = true;
        for (int k = 1; k <= 16 && within; ++k) {
            hi = k / 16.0;
            within = squaredLength(at(c, s.t0 + whole * hi) - o) < r2;
            if (within) lo = hi;
        }
        // Newton steps on the square of the distance, halving where they leave the bracket.
        double t = within ? 1 : 0.5 * (lo + hi);
        for (int k = 0; k < 60 && !within && hi - lo > 1e-13; ++k) {
            const Vec2 off = at(c, s.t0 + whole * t) - o;
            const double over = squaredLength(off) - r2, slope = 2 * whole * dot(off, derivative(c, s.t0 + whole * t));
            (over < 0 ? lo : hi) = t;
            const double next = slope > 0 ? t - over / slope : lo;
            if (std::abs(next - t) < 1e-15) break;
            t = next > lo && next < hi ? next : 0.5 * (lo + hi);
        }
        return at(c, s.t0 + whole * t) - o;
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

    Graph& g;
    std::vector<double> angles; // of the tangents with which half-edges leave, as `ordered`
};

} // namespace

void orderTurns(Graph& g)
{
    Turns(g).order();
}

} // namespace softrope::planar
