// How a path bends, made visible and countable: curvature as whiskers along it, and its inflections.
#pragma once

#include "curve/path.h"

#include <vector>

namespace softrope::curve {

struct Whisker {
    Vec2 at;
    Vec2 out;        // unit, to the side away from which it bends
    double bend = 0; // 1/px, never negative
};
// Every `step` px along the piece; a straight has none. The comb of curvature (Farin 2002, Curves and Surfaces for CAGD, chapter 23).
std::vector<Whisker> combOf(const Cubic& c, double step);

// Places where the path turns from bending one way to the other, corners and straights left out. Bends of less than `flat` px of
// sagitta count as straight.
std::vector<Vec2> inflectionsOf(const Path& path, double flat = 0.02);

struct Fairer {
    Path path;
    double furthest = 0;               // px: largest distance between old and new, both ways
    std::size_t before = 0, after = 0; // inflections
};
// The same path, bent as evenly as the slack allows (fair.h): corners, straights and the ends of an open path stay where they are. It
// comes back as it was where that brings nothing.
Fairer fairer(const Path& path, double slack);

} // namespace softrope::curve
