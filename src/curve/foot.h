// Steps on one piece that start from a good guess, for work that cannot afford a search of it.
#pragma once

#include "curve/cubic.h"

#include <algorithm>

namespace softrope::curve {

// Parameter in [lo, hi] at which the distance from p is stationary, by Newton steps on (B - p) . B' = 0 from t. Stops early where
// the distance has no minimum near by.
inline double footNear(const Cubic& c, Vec2 p, double t, double lo = 0, double hi = 1, int steps = 8)
{
    for (int k = 0; k < steps; ++k) {
        const Vec2 r = at(c, t) - p, d = derivative(c, t);
        const double den = squaredLength(d) + dot(r, secondDerivative(c, t));
        if (!(den > 0)) break;
        const double next = std::clamp(t - dot(r, d) / den, lo, hi), moved = std::abs(next - t);
        t = next;
        if (moved < 1e-14) break;
    }
    return t;
}

// The place on the straight from a to b that is nearest to a point, 0..1; 0 when the two are one.
inline double footOnSegment(Vec2 p, Vec2 a, Vec2 b)
{
    const double n = squaredLength(b - a);
    return n > 0 ? std::clamp(dot(p - a, b - a) / n, 0.0, 1.0) : 0;
}
inline double distanceToSegment(Vec2 p, Vec2 a, Vec2 b)
{
    return distance(p, a + footOnSegment(p, a, b) * (b - a));
}

// Between the chord and the control polygon (Gravesen 1997): within a few per cent for pieces that turn by less than a right
// angle, and exact for straights.
inline double roughLength(const Cubic& c)
{
    const auto leg = [](Vec2 d) { return std::sqrt(squaredLength(d)); };
    return 0.5 * (leg(c.p3 - c.p0) + leg(c.p1 - c.p0) + leg(c.p2 - c.p1) + leg(c.p3 - c.p2));
}

} // namespace softrope::curve
