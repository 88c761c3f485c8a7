// Axis-parallel boxes; an empty box has min > max.
#pragma once

#include "curve/vec.h"

#include <algorithm>
#include <limits>

namespace softrope::curve {

struct Box {
    Vec2 min{std::numeric_limits<double>::infinity(), std::numeric_limits<double>::infinity()};
    Vec2 max{-std::numeric_limits<double>::infinity(), -std::numeric_limits<double>::infinity()};

    bool empty() const { return !(min.x <= max.x && min.y <= max.y); }
    double width() const { return empty() ? 0 : max.x - min.x; }
    double height() const { return empty() ? 0 : max.y - min.y; }
    Vec2 centre() const { return (min + max) * 0.5; }
    void add(Vec2 p)
    {
        min = {std::min(min.x, p.x), std::min(min.y, p.y)};
        max = {std::max(max.x, p.x), std::max(max.y, p.y)};
    }
    void add(const Box& b)
    {
        if (b.empty()) return;
        add(b.min);
        add(b.max);
    }
    Box grown(double by) const { return empty() ? *this : Box{min - Vec2{by, by}, max + Vec2{by, by}}; }
    bool contains(Vec2 p) const { return p.x >= min.x && p.x <= max.x && p.y >= min.y && p.y <= max.y; }
    bool meets(const Box& b) const { return min.x <= b.max.x && b.min.x <= max.x && min.y <= b.max.y && b.min.y <= max.y; }
    // All empty boxes are alike.
    friend bool operator==(const Box& a, const Box& b) { return (a.empty() && b.empty()) || (a.min == b.min && a.max == b.max); }
};

// Zero when the point is inside.
inline double distance(const Box& b, Vec2 p)
{
    const double dx = std::max({b.min.x - p.x, 0.0, p.x - b.max.x});
    const double dy = std::max({b.min.y - p.y, 0.0, p.y - b.max.y});
    return std::hypot(dx, dy);
}

} // namespace softrope::curve
