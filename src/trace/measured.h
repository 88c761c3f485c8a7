// Branches of a skeleton measured on the picture: where the middle of the line runs and how wide it is.
#pragma once

#include "pixel/raster.h"
#include "trace/ray.h"
#include "trace/skeleton_graph.h"

#include <vector>

namespace softrope::trace {

// One branch, measured, with what cannot be trusted at its ends cut off.
struct Measured {
    std::vector<curve::Vec2> points;
    std::vector<double> widths;
    double width = 1; // px, median
};

// One for each branch of the graph; those that are gone stay empty.
std::vector<Measured> measureBranches(const SkeletonGraph& graph, const pixel::Raster<float>& field);

} // namespace softrope::trace
