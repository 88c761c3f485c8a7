// Two lines so near one another that the ink between them has run together, joined at the far end: a blade drawn round, a loop drawn flat.
//
// The skeleton has one line there, thicker than either of the lines it parts into at its root. It is followed up along one edge and
// down along the other.
#pragma once

#include "pixel/raster.h"
#include "trace/skeleton_graph.h"

#include <vector>

namespace softrope::trace {

// The way round a stem that ends free: from its root up one side, round its head and down the other. `width`: of the lines that come in
// at the root. Empty where the stem is as thin as a line of its own.
std::vector<curve::Vec2> roundHairpin(const Branch& stem, bool rootAtEnd, double width, const pixel::Raster<float>& field);

} // namespace softrope::trace
