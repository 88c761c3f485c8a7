// Rounding corners: an arc of a circle tangent to both pieces at a corner takes the corner's place.
//
// The centre is where the two offset curves at the radius cross, found by Newton's iteration on the two parameters; for
// straights that is the handbook's construction: tangent points at r / tan(half the angle) from the corner.
#pragma once

#include "curve/path.h"

#include <vector>

namespace softrope::curve {

struct CornerRadius {
    std::size_t node = 0;
    double radius = 0; // px; 0 leaves the corner as it is
    friend bool operator==(const CornerRadius&, const CornerRadius&) = default;
};

struct RoundedPath {
    Path path;
    std::vector<CornerRadius> used; // the radii that fitted; smaller than asked where there was no room
};

// Nodes that are ends, smooth, or turn by less than a degree stay. Where both ends of a piece are rounded, each may use half
// of it. Arcs are within 3e-4 of the radius of true circles (cubics of at most a quarter turn).
RoundedPath withRoundCorners(const Path& path, const std::vector<CornerRadius>& corners);

// Nodes at which the path turns by more than a degree without being smooth.
std::vector<std::size_t> cornerNodes(const Path& path);

} // namespace softrope::curve
