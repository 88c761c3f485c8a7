// Where two pieces come within touch of each other nearly in parallel: one place for each such stretch, or its shallow crossings.
#pragma once

#include "planar/encounter.h"

namespace softrope::planar {

// A stretch of the first piece, s0 to s1, within touch of the second, and the nearest place found on it.
struct Near {
    double s, t, distance;
    curve::Vec2 at;
    double s0 = 0, s1 = 0;
};

// Newton on A(s) - B(t) = 0 from s, t; true when it settles. The parameters may leave 0..1.
bool settle(const curve::Cubic& a, const curve::Cubic& b, double& s, double& t);

// Adds to the contacts of pieces i and j what the nearly parallel stretches stand for; `stretches` is left in order.
void takeTouches(Encounter& e, int i, int j, std::vector<Near>& stretches);

} // namespace softrope::planar
