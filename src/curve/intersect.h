// Crossings of two pieces, by subdivision of their hulls' boxes and Newton steps on A(s) - B(t) = 0.
#pragma once

#include "curve/cubic.h"

#include <vector>

namespace softrope::curve {

struct Crossing {
    double s = 0, t = 0; // parameters on the first and the second piece
    Vec2 point;
};

// Transversal crossings to 1e-9 px; pieces that run together report at most a few points of their common run.
std::vector<Crossing> crossings(const Cubic& a, const Cubic& b);

} // namespace softrope::curve
