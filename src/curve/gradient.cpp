#include "curve/gradient.h"

#include "curve/powers.h"

#include <cmath>

namespace softrope::curve {

namespace {

// How far the tip of w lies to the left of the line along v.
double heightOver(Vec2 v, Vec2 w)
{
    const double n = quickLength(v);
    return n > 0 ? cross(v, w) / n : 0;
}

// What each of the four heights is measured along, and of what: as weights of the control points.
struct Height {
    std::array<double, 4> along, of;
};
constexpr std::array<Height, 4> heights{{
    {{-1, 0, 0, 1}, {-1, 1, 0, 0}}, // the first handle over the chord
    {{-1, 0, 0, 1}, {-1, 0, 1, 0}}, // the second
    {{-1, 1, 0, 0}, {1, 0, -1, 0}}, // the second handle over the tangent of the start
    {{0, 0, -1, 1}, {0, -1, 0, 1}}, // the first over the tangent of the end
}};
Vec2 weighed(const Cubic& c, const std::array<double, 4>& w)
{
    return c.p0 * w[0] + c.p1 * w[1] + c.p2 * w[2] + c.p3 * w[3];
}

} // namespace

Reading curvatureReading(const Cubic& c, double t)
{
    const double u = 1 - t;
    const std::array<double, 4> first{-3 * u * u, 3 * u * (u - 2 * t), 3 * t * (2 * u - t), 3 * t * t};
    const std::array<double, 4> second{6 * u, 6 * (t - 2 * u), 6 * (u - 2 * t), 6 * t};
    const Vec2 d = weighed(c, first), e = weighed(c, second);
    const double squared = dot(d, d), cubed = squared * std::sqrt(squared);
    Reading r;
    r.value = cross(d, e) / cubed;
    const Vec2 byFirst = Vec2{e.y, -e.x} / cubed - d * (3 * r.value / squared), bySecond = Vec2{-d.y, d.x} / cubed;
    for (std::size_t i = 0; i < 4; ++i) r.gradient.by[i] = byFirst * first[i] + bySecond * second[i];
    return r;
}

Reading chordReading(const Cubic& c)
{
    const Vec2 v = c.p3 - c.p0;
    const double n = quickLength(v);
    Reading r;
    r.value = n;
    if (n > 0) {
        r.gradient.by[0] = v / -n;
        r.gradient.by[3] = v / n;
    }
    return r;
}

std::array<double, 4> convexity(const Cubic& c)
{
    std::array<double, 4> out{};
    for (std::size_t k = 0; k < 4; ++k) out[k] = heightOver(weighed(c, heights[k].along), weighed(c, heights[k].of));
    return out;
}

Reading convexityReading(const Cubic& c, std::size_t which)
{
    const Height& h = heights[which];
    const Vec2 v = weighed(c, h.along), w = weighed(c, h.of);
    const double n = quickLength(v);
    Reading r;
    if (!(n > 0)) return r;
    r.value = cross(v, w) / n;
    const Vec2 byAlong = Vec2{w.y, -w.x} / n - v * (r.value / (n * n)), byOf = Vec2{-v.y, v.x} / n;
    for (std::size_t i = 0; i < 4; ++i) r.gradient.by[i] = byAlong * h.along[i] + byOf * h.of[i];
    return r;
}

} // namespace softrope::curve
