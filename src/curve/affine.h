// Affine maps of the plane in SVG's order of coefficients:
//   | a c e |
//   | b d f |      x' = a x + c y + e,  y' = b x + d y + f
#pragma once

#include "curve/vec.h"

#include <optional>

namespace softrope::curve {

struct Affine {
    double a = 1, b = 0, c = 0, d = 1, e = 0, f = 0;

    friend constexpr Vec2 operator*(const Affine& m, Vec2 p) { return {m.a * p.x + m.c * p.y + m.e, m.b * p.x + m.d * p.y + m.f}; }
    // (m * n) applies n first.
    friend constexpr Affine operator*(const Affine& m, const Affine& n)
    {
        return {m.a * n.a + m.c * n.b, m.b * n.a + m.d * n.b,       m.a * n.c + m.c * n.d,
                m.b * n.c + m.d * n.d, m.a * n.e + m.c * n.f + m.e, m.b * n.e + m.d * n.f + m.f};
    }
    friend constexpr bool operator==(const Affine&, const Affine&) = default;
};

constexpr Affine translation(Vec2 v)
{
    return {1, 0, 0, 1, v.x, v.y};
}
constexpr Affine scaling(double sx, double sy)
{
    return {sx, 0, 0, sy, 0, 0};
}
inline Affine rotation(double angle)
{
    const double c = std::cos(angle), s = std::sin(angle);
    return {c, s, -s, c, 0, 0};
}
inline Affine about(Vec2 centre, const Affine& m)
{
    return translation(centre) * m * translation(-centre);
}
// Direction only: the translation is left out.
constexpr Vec2 linear(const Affine& m, Vec2 v)
{
    return {m.a * v.x + m.c * v.y, m.b * v.x + m.d * v.y};
}
constexpr double determinant(const Affine& m)
{
    return m.a * m.d - m.b * m.c;
}
// Mean scale: the square root of the area factor. Stroke widths follow it.
inline double meanScale(const Affine& m)
{
    return std::sqrt(std::abs(determinant(m)));
}
// Nothing when the map flattens the plane.
inline std::optional<Affine> inverse(const Affine& m)
{
    const double k = determinant(m);
    if (!(std::abs(k) > 1e-300)) return std::nullopt;
    return Affine{m.d / k, -m.b / k, -m.c / k, m.a / k, (m.c * m.f - m.d * m.e) / k, (m.b * m.e - m.a * m.f) / k};
}

} // namespace softrope::curve
