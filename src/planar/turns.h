// The order of the edges round each vertex.
#pragma once

#include "planar/graph.h"

namespace softrope::planar {

// Fills turnStart and turn, from the edges. Edges that leave nearly alike are told apart farther out.
void orderTurns(Graph& g);

} // namespace softrope::planar
