// Markers on lines (SVG 1.1, 11.6): where they stand.
#pragma once

#include "curve/affine.h"
#include "curve/path.h"

#include <vector>

namespace softrope::files {

struct MarkerPlace {
    enum class At { start, middle, end } at = At::start;
    curve::Vec2 point;
    double angle = 0; // radians: the direction of the line there, half-way between the two sides at a bend
};
// At every node of the paths, in order: the first node of all is the start, the last the end.
std::vector<MarkerPlace> markerPlaces(const curve::Paths& paths);

} // namespace softrope::files
