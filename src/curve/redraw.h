// Redrawing a part of a path: a stroke that starts and ends on it takes the place of what lies between.
#pragma once

#include "curve/path.h"

#include <optional>
#include <vector>

namespace softrope::curve {

struct RedrawOptions {
    double slack = 1;  // px: of the fit of the stroke
    double grain = 1;  // px: the hand's tremor
    double reach = 9;  // px: how near to the path the stroke must start and end
    double blend = 16; // px: how much of the stroke, and of the path before it, bends to make a smooth join
};

struct Redrawn {
    Path path;
    // The part of the old path that went, for showing: from where the stroke starts to where it ends.
    Place from, to;
    bool smoothStart = true, smoothEnd = true; // a join is a corner where the stroke leaves the path at more than 35 degrees
};

// Where the stroke starts and ends on the path; of a closed path the part that goes is the one that lies nearer to the
// stroke. Nothing when an end of the stroke is further from the path than `reach`, or both lie at the same place.
std::optional<Redrawn> redrawn(const Path& path, const std::vector<Vec2>& stroke, const RedrawOptions& options);

// Points along the part of the path from one place to another, in the direction that `redrawn` would replace for a stroke so far.
std::vector<Vec2> partToGo(const Path& path, const Place& from, const Place& to, const std::vector<Vec2>& stroke);

} // namespace softrope::curve
