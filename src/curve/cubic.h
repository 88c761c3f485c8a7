// One cubic Bézier piece: B(t) = (1-t)^3 p0 + 3 (1-t)^2 t p1 + 3 (1-t) t^2 p2 + t^3 p3, t in [0, 1].
#pragma once

#include "curve/box.h"
#include "curve/vec.h"

#include <array>
#include <vector>

namespace softrope::curve {

struct Cubic {
    Vec2 p0, p1, p2, p3;
    friend bool operator==(const Cubic&, const Cubic&) = default;
};

// The straight piece from a to b, with its handles on its ends.
constexpr Cubic straight(Vec2 a, Vec2 b)
{
    return {a, a, b, b};
}
constexpr Cubic reversed(const Cubic& c)
{
    return {c.p3, c.p2, c.p1, c.p0};
}
// Both handles lie on the ends: the piece was drawn as a straight.
constexpr bool isStraight(const Cubic& c)
{
    return c.p0 == c.p1 && c.p2 == c.p3;
}

inline Vec2 at(const Cubic& c, double t)
{
    const double s = 1 - t;
    return s * s * s * c.p0 + 3 * s * s * t * c.p1 + 3 * s * t * t * c.p2 + t * t * t * c.p3;
}
inline Vec2 derivative(const Cubic& c, double t)
{
    const double s = 1 - t;
    return 3 * (s * s * (c.p1 - c.p0) + 2 * s * t * (c.p2 - c.p1) + t * t * (c.p3 - c.p2));
}
inline Vec2 secondDerivative(const Cubic& c, double t)
{
    return 6 * ((1 - t) * (c.p2 - 2 * c.p1 + c.p0) + t * (c.p3 - 2 * c.p2 + c.p1));
}
// Unit tangents of travel; also right where a handle lies on its end. Zero only for a piece without length.
Vec2 startTangent(const Cubic& c);
Vec2 endTangent(const Cubic& c);
Vec2 tangentAt(const Cubic& c, double t);
// Signed curvature, 1/px; positive where the curve turns from +x towards +y. Infinite at a cusp.
double curvature(const Cubic& c, double t);

struct Halves {
    Cubic first, second;
};
// De Casteljau (1959): exact up to rounding, t in [0, 1].
Halves split(const Cubic& c, double t);
// The part between parameters t0 <= t1.
Cubic part(const Cubic& c, double t0, double t1);

// Tight bounds, from the roots of the derivative.
Box bounds(const Cubic& c);
// Length in px by adaptive Gauss-Legendre quadrature; relative error below 1e-9 for pieces without a cusp.
double arcLength(const Cubic& c);
// Twice-signed area contribution by Green's theorem: 1/2 of the integral of x dy - y dx along the piece.
double areaUnder(const Cubic& c);
// Parameters in (0, 1) where x' or y' vanishes.
std::vector<double> extremes(const Cubic& c);

struct NearestOnCubic {
    double t = 0;
    Vec2 point;
    double distance = 0;
};
// Nearest point by sampling and Newton steps on (B - p) . B' = 0, compared with both ends.
NearestOnCubic nearest(const Cubic& c, Vec2 p);

// Points along the piece such that the polyline stays within `tolerance` px of it; the first point is left out.
void flatten(const Cubic& c, double tolerance, std::vector<Vec2>& into);

// Real roots of a t^2 + b t + c = 0, in no order; copes with a = 0.
std::vector<double> quadraticRoots(double a, double b, double c);

} // namespace softrope::curve
