// Whether a map keeps shapes.
#pragma once

#include "curve/affine.h"

#include <cmath>

namespace softrope::curve {

// Turns, moves, mirrors and even scales keep circles round and lines as wide all round; within `slack` of the scale.
inline bool keepsShapes(const Affine& m, double slack = 1e-9)
{
    const double x = std::hypot(m.a, m.b), y = std::hypot(m.c, m.d);
    return std::abs(x - y) <= slack * (x + y) && std::abs(m.a * m.c + m.b * m.d) <= slack * x * y;
}

} // namespace softrope::curve
