// A cubic made ready for questions at thousands of places: what the fitter asks while it settles a chain.
#pragma once

#include "curve/cubic.h"

#include <algorithm>
#include <cmath>

namespace softrope::curve {

// In powers of t (Horner's scheme).
struct Powers {
    Vec2 a, b, c, d; // of t^3, t^2, t, 1
    explicit Powers(const Cubic& q) : a(q.p3 - q.p0 + 3 * (q.p1 - q.p2)), b(3 * (q.p0 - 2 * q.p1 + q.p2)), c(3 * (q.p1 - q.p0)), d(q.p0) {}
    Vec2 at(double t) const { return ((a * t + b) * t + c) * t + d; }
    Vec2 first(double t) const { return (a * (3 * t) + b * 2) * t + c; }
    Vec2 second(double t) const { return a * (6 * t) + b * 2; }
};

// Without hypot's care for numbers whose squares no double holds: it costs several times as much, and nothing here is near them.
inline double quickLength(Vec2 v)
{
    return std::sqrt(dot(v, v));
}

// Foot of p on c by Newton steps from the guess t, like footNear (foot.h), but where the distance bends the wrong way it goes on by the
// slope alone (Gauss-Newton): the guesses of a fit that has not settled are poor.
inline double foot(const Powers& c, Vec2 p, double t, int steps)
{
    for (int k = 0; k < steps; ++k) {
        const Vec2 r = c.at(t) - p, d = c.first(t);
        const double dd = dot(d, d);
        const double full = dd + dot(r, c.second(t));
        const double slope = full > 0.3 * dd ? full : dd;
        if (!(slope > 0)) break;
        const double step = std::clamp(-dot(r, d) / slope, -0.2, 0.2);
        t = std::clamp(t + step, 0.0, 1.0);
        if (std::abs(step) < 1e-6) break;
    }
    return t;
}

} // namespace softrope::curve
