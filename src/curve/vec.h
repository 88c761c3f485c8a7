// Plane vectors. Sheet px, y downwards; angles in radians, positive from +x towards +y (clockwise on screen).
#pragma once

#include <cmath>
#include <numbers>

namespace softrope::curve {

struct Vec2 {
    double x = 0;
    double y = 0;

    friend constexpr Vec2 operator+(Vec2 a, Vec2 b) { return {a.x + b.x, a.y + b.y}; }
    friend constexpr Vec2 operator-(Vec2 a, Vec2 b) { return {a.x - b.x, a.y - b.y}; }
    friend constexpr Vec2 operator-(Vec2 a) { return {-a.x, -a.y}; }
    friend constexpr Vec2 operator*(Vec2 a, double k) { return {a.x * k, a.y * k}; }
    friend constexpr Vec2 operator*(double k, Vec2 a) { return {a.x * k, a.y * k}; }
    friend constexpr Vec2 operator/(Vec2 a, double k) { return {a.x / k, a.y / k}; }
    Vec2& operator+=(Vec2 b) { return *this = *this + b; }
    Vec2& operator-=(Vec2 b) { return *this = *this - b; }
    friend constexpr bool operator==(const Vec2&, const Vec2&) = default;
    friend constexpr bool operator!=(Vec2 a, Vec2 b) { return !(a == b); }
};

constexpr double dot(Vec2 a, Vec2 b)
{
    return a.x * b.x + a.y * b.y;
}
constexpr double cross(Vec2 a, Vec2 b)
{
    return a.x * b.y - a.y * b.x;
}
constexpr double squaredLength(Vec2 a)
{
    return dot(a, a);
}
// Right as long as the squares are in range, which sheets are a hundred orders of magnitude away from; five times as fast as std::hypot.
inline double length(Vec2 a)
{
    return std::sqrt(squaredLength(a));
}
inline double distance(Vec2 a, Vec2 b)
{
    return length(b - a);
}
constexpr Vec2 lerp(Vec2 a, Vec2 b, double t)
{
    return a + (b - a) * t;
}
// A quarter turn from +x towards +y.
constexpr Vec2 perpendicular(Vec2 a)
{
    return {-a.y, a.x};
}
// Length one, or the zero vector when `a` has no direction.
inline Vec2 unit(Vec2 a)
{
    const double n = length(a);
    return n > 0 ? a / n : Vec2{};
}
inline Vec2 direction(double angle)
{
    return {std::cos(angle), std::sin(angle)};
}
inline double angleOf(Vec2 a)
{
    return std::atan2(a.y, a.x);
}
// Turn from a to b in (-pi, pi].
inline double turn(Vec2 a, Vec2 b)
{
    return std::atan2(cross(a, b), dot(a, b));
}
inline bool isFinite(Vec2 a)
{
    return std::isfinite(a.x) && std::isfinite(a.y);
}

constexpr double pi = std::numbers::pi;
constexpr double degrees(double radians)
{
    return radians * 180 / pi;
}
constexpr double radians(double degrees)
{
    return degrees * pi / 180;
}

} // namespace softrope::curve
