#include "planar/touches.h"

#include "curve/foot.h"

#include <algorithm>
#include <optional>
#include <tuple>

namespace softrope::planar {

using namespace curve;

// Newton on A(s) - B(t) = 0; true when it settles.
bool settle(const Cubic& a, const Cubic& b, double& s, double& t)
{
    for (int k = 0; k < 12; ++k) {
        const Vec2 r = at(a, s) - at(b, t), da = derivative(a, s), db = derivative(b, t);
        const double den = cross(da, db);
        if (!(std::abs(den) > 1e-14 * (squaredLength(da) + squaredLength(db)))) return false;
        const double ds = -cross(r, db) / den, dt = -cross(r, da) / den;
        s += ds;
        t += dt;
        if (!(std::abs(s) < 4 && std::abs(t) < 4)) return false;
        if (std::abs(ds) + std::abs(dt) < 1e-14) return true;
    }
    const double size = std::abs(at(a, s).x) + std::abs(at(a, s).y);
    return distance(at(a, s), at(b, t)) < 1e-12 * size + 1e-9;
}

namespace {

class Touches {
public:
    Touches(Encounter& e_, int i_, int j_, std::vector<Near>& stretches_) : e(e_), i(i_), j(j_), stretches(stretches_) {}

    // Stretches that follow each other are one place where the strands touch; it is kept at its nearest point, unless an end
    // or a run already stands for it.
    void takeAll()
    {
        if (stretches.empty()) return;
        std::sort(stretches.begin(), stretches.end(), [](const Near& x, const Near& y) { return std::tie(x.s0, x.s1) < std::tie(y.s0, y.s1); });
        for (std::size_t from = 0; from < stretches.size();) {
            std::size_t to = from, best = from;
            double end = stretches[from].s1;
            const auto follows = [&](const Near& n) {
                return n.s0 <= end + 1e-9 || distance(at(e.pieceA(i).curve, n.s0), at(e.pieceA(i).curve, end)) < 20 * e.touch;
            };
            while (to + 1 < stretches.size() && follows(stretches[to + 1])) {
                ++to;
                end = std::max(end, stretches[to].s1);
                if (stretches[to].distance < stretches[best].distance) best = to;
            }
            if (!crossingsAlong(from, to) && !known(stretches[from].s0, end, at(e.pieceA(i).curve, stretches[from].s0), at(e.pieceA(i).curve, end))) {
                Near n = stretches[best];
                refine(n);
                e.add(i, j, n.s, n.t, n.at, true);
            }
            from = to + 1;
        }
        stretches.clear();
    }

private:
    struct Side {
        double s, t, side;
    };
    Side sideAt(double s, double t) const
    {
        const Cubic &ca = e.pieceA(i).curve, &cb = e.pieceB(j).curve;
        const Vec2 p = at(ca, s);
        t = footNear(cb, p, t);
        const Vec2 off = p - at(cb, t), v = derivative(cb, t);
        // Beyond an end of the other piece there is no side.
        if (std::abs(dot(off, v)) > 0.01 * std::sqrt(squaredLength(off) * squaredLength(v)) + 1e-12) return {s, t, 0};
        return {s, t, cross(v, off) / std::sqrt(squaredLength(v) + 1e-300)};
    }

    // Between two places on different sides: where they cross. By Newton steps, which find it in a few where they do, else by halving.
    std::pair<double, double> changeOfSide(Side lo, Side hi) const
    {
        const double share = lo.side / (lo.side - hi.side);
        double s = std::lerp(lo.s, hi.s, share), t = std::lerp(lo.t, hi.t, share);
        if (settle(e.pieceA(i).curve, e.pieceB(j).curve, s, t) && s >= lo.s && s <= hi.s && t >= 0 && t <= 1) return {s, t};
        for (int m = 0; m < 60 && hi.s - lo.s > 1e-14; ++m) {
            const Side mid = sideAt(0.5 * (lo.s + hi.s), 0.5 * (lo.t + hi.t));
            ((mid.side > 0) == (lo.side > 0) ? lo : hi) = mid;
        }
        return {hi.s, hi.t};
    }

    // Where the two change sides within such a place: shallow crossings. Sides are told only where the distance is well above
    // rounding.
    bool crossingsAlong(std::size_t from, std::size_t to)
    {
        const Cubic& ca = e.pieceA(i).curve;
        bool found_ = false;
        std::optional<Side> last;
        for (std::size_t k = from; k <= to; ++k)
            for (const double w : {0.0, 0.5, 1.0}) {
                const Side here = sideAt(stretches[k].s0 + (stretches[k].s1 - stretches[k].s0) * w, stretches[k].t);
                if (std::abs(here.side) < 0.02 * e.touch) continue;
                if (last && here.s > last->s && (here.side > 0) != (last->side > 0)) {
                    const auto [s, t] = changeOfSide(*last, here);
                    e.add(i, j, s, t, at(ca, s), true);
                    found_ = true;
                }
                last = here;
            }
        return found_;
    }

    bool known(double s0, double s1, Vec2 from, Vec2 to) const
    {
        const double reach = 2 * e.touch;
        const auto inside = [&](double s, Vec2 p) { return (s >= s0 - 1e-9 && s <= s1 + 1e-9) || distance(p, from) < reach || distance(p, to) < reach; };
        for (const Contact& c : e.found.contacts) {
            if (c.a == i && c.b == j && inside(c.s, c.at)) return true;
            if ((c.nodeA >= 0 || c.nodeB >= 0) && (distance(c.at, from) < reach || distance(c.at, to) < reach)) return true;
        }
        for (const Run& r : e.found.runs)
            if (r.a == i && r.b == j && r.s0 <= s1 + 1e-9 && r.s1 >= s0 - 1e-9) return true;
        return e.itself && (e.sameJoint(i, j, from) || e.sameJoint(i, j, to));
    }

    // The least distance: steps along both until the difference is square to both tangents, or a crossing is met.
    void refine(Near& n) const
    {
        const Cubic &ca = e.pieceA(i).curve, &cb = e.pieceB(j).curve;
        Near m = n;
        if (settle(ca, cb, m.s, m.t) && m.s >= 0 && m.s <= 1 && m.t >= 0 && m.t <= 1 && distance(at(ca, m.s), n.at) < 50 * e.touch) {
            n = m;
            n.distance = 0;
            n.at = at(ca, n.s);
            return;
        }
        for (int k = 0; k < 30; ++k) {
            const NearestOnCubic onB = nearest(cb, at(ca, n.s));
            const NearestOnCubic onA = nearest(ca, onB.point);
            const bool still = std::abs(onA.t - n.s) < 1e-13;
            n.s = onA.t;
            n.t = onB.t;
            if (still) break;
        }
        n.at = 0.5 * (at(ca, n.s) + at(cb, n.t));
    }

    Encounter& e;
    int i, j;
    std::vector<Near>& stretches;
};

} // namespace

void takeTouches(Encounter& e, int i, int j, std::vector<Near>& stretches)
{
    Touches(e, i, j, stretches).takeAll();
}

} // namespace softrope::planar
