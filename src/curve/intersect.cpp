#include "curve/intersect.h"

namespace softrope::curve {

namespace {

Box hull(const Cubic& c)
{
    Box b;
    for (const Vec2 p : {c.p0, c.p1, c.p2, c.p3}) b.add(p);
    return b;
}

struct Search {
    const Cubic &a, &b;
    std::vector<Crossing> found;
    int budget = 4000; // boxes: curves that run together would otherwise be cut up without end

    void polish(double s, double t)
    {
        for (int k = 0; k < 20; ++k) {
            const Vec2 r = at(a, s) - at(b, t), da = derivative(a, s), db = derivative(b, t);
            const double den = cross(da, db);
            if (std::abs(den) < 1e-12 * (1 + length(da) * length(db))) break;
            const double ds = -cross(r, db) / den, dt = -cross(r, da) / den;
            s += ds;
            t += dt;
            if (std::abs(ds) + std::abs(dt) < 1e-15) break;
        }
        if (!(s > -1e-9 && s < 1 + 1e-9 && t > -1e-9 && t < 1 + 1e-9)) return;
        s = std::clamp(s, 0.0, 1.0);
        t = std::clamp(t, 0.0, 1.0);
        if (distance(at(a, s), at(b, t)) > 1e-6) return;
        for (const Crossing& c : found)
            if (std::abs(c.s - s) < 1e-6 && std::abs(c.t - t) < 1e-6) return;
        found.push_back({s, t, at(a, s)});
    }

    void look(const Cubic& u, double s0, double s1, const Cubic& v, double t0, double t1, int depth)
    {
        if (--budget < 0) return;
        const Box bu = hull(u), bv = hull(v);
        if (!bu.meets(bv)) return;
        const double size = std::max({bu.width(), bu.height(), bv.width(), bv.height()});
        if (size < 0.05 || depth > 26) {
            polish(0.5 * (s0 + s1), 0.5 * (t0 + t1));
            return;
        }
        const double sm = 0.5 * (s0 + s1), tm = 0.5 * (t0 + t1);
        if (std::max(bu.width(), bu.height()) >= std::max(bv.width(), bv.height())) {
            const Halves h = split(u, 0.5);
            look(h.first, s0, sm, v, t0, t1, depth + 1);
            look(h.second, sm, s1, v, t0, t1, depth + 1);
        } else {
            const Halves h = split(v, 0.5);
            look(u, s0, s1, h.first, t0, tm, depth + 1);
            look(u, s0, s1, h.second, tm, t1, depth + 1);
        }
    }
};

} // namespace

std::vector<Crossing> crossings(const Cubic& a, const Cubic& b)
{
    if (isStraight(a) && isStraight(b)) {
        const Vec2 u = a.p3 - a.p0, v = b.p3 - b.p0;
        const double den = cross(u, v);
        if (std::abs(den) < 1e-12 * (length(u) * length(v) + 1e-300)) return {};
        const double s = cross(b.p0 - a.p0, v) / den, t = cross(b.p0 - a.p0, u) / den;
        if (s < 0 || s > 1 || t < 0 || t > 1) return {};
        const Vec2 p = a.p0 + u * s;
        return {{nearest(a, p).t, nearest(b, p).t, p}};
    }
    Search search{a, b, {}};
    search.look(a, 0, 1, b, 0, 1, 0);
    return search.found;
}

} // namespace softrope::curve
