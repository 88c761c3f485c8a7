#include "curve/fibres.h"

#include <algorithm>
#include <cmath>

namespace softrope::curve {

void moveFeet(const Powers& c, Fibres& f)
{
    const std::size_t n = f.size();
    const double *x = f.x.data(), *y = f.y.data();
    double* t = f.t.data();
    constexpr double nothing = 1e-300; // where the cubic stands still the step is none
    for (std::size_t i = 0; i < n; ++i) {
        const double u = t[i];
        const double rx = ((c.a.x * u + c.b.x) * u + c.c.x) * u + c.d.x - x[i], ry = ((c.a.y * u + c.b.y) * u + c.c.y) * u + c.d.y - y[i];
        const double fx = (3 * c.a.x * u + 2 * c.b.x) * u + c.c.x, fy = (3 * c.a.y * u + 2 * c.b.y) * u + c.c.y;
        const double sx = 6 * c.a.x * u + 2 * c.b.x, sy = 6 * c.a.y * u + 2 * c.b.y;
        const double dd = fx * fx + fy * fy, full = dd + rx * sx + ry * sy;
        const double slope = full > 0.3 * dd ? full : dd;
        double step = -(rx * fx + ry * fy) / (slope > nothing ? slope : nothing);
        step = step > 0.2 ? 0.2 : step;
        step = step < -0.2 ? -0.2 : step;
        double to = u + step;
        to = to > 1 ? 1 : to;
        t[i] = to < 0 ? 0 : to;
    }
}

double weighedSquares(const Powers& c, const Fibres& f)
{
    double sum = 0;
    for (std::size_t i = 0; i < f.size(); ++i) sum += f.weight[i] * squaredLength(Vec2{f.x[i], f.y[i]} - c.at(f.t[i]));
    return sum;
}

Moments momentsOfStraight(const Cubic& c, const Fibres& f)
{
    Moments m;
    const Vec2 v = c.p3 - c.p0;
    const double squared = std::max(squaredLength(v), 1e-12);
    const Vec2 across = perpendicular(v / std::sqrt(squared));
    for (std::size_t i = 0; i < f.size(); ++i) {
        const Vec2 off = Vec2{f.x[i], f.y[i]} - c.p0;
        const double t = dot(off, v) / squared;
        m.add({1 - t, t, 0, 0}, across, f.weight[i], dot(across, off));
    }
    return m;
}

Moments momentsOf(const Powers& c, const Fibres& f)
{
    Moments m;
    for (std::size_t i = 0; i < f.size(); ++i) {
        const double t = f.t[i], u = 1 - t;
        const Vec2 along = c.first(t);
        const double speed = quickLength(along);
        Vec2 n = speed > 0 ? perpendicular(along / speed) : Vec2{};
        const Vec2 off = Vec2{f.x[i], f.y[i]} - c.at(t);
        if (t <= 0 || t >= 1) {
            const double far = length(off);
            if (far > 1e-9) n = off / far;
        }
        const double b1 = 3 * u * u * t, b2 = 3 * u * t * t;
        m.add({u * u * u + b1, b2 + t * t * t, b1, b2}, n, f.weight[i], dot(n, off));
    }
    return m;
}

} // namespace softrope::curve
