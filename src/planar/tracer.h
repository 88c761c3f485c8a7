// Edges back to curves. Inner to the room: map.h and follow.h offer its results.
#pragma once

#include "planar/graph.h"

namespace softrope::planar {

// The curve along consecutive half-edges: sub-curves of the inputs, as few as will do (greedily the source that lasts longest),
// cut at the shared vertices.
curve::Path pathAlong(const Graph& graph, const std::vector<int>& halves, bool closed, double touch);

} // namespace softrope::planar
