// The edges of a graph whose pieces have been cut: stretches between two vertices, those that run together being one.
#pragma once

#include "planar/cuts.h"

namespace softrope::planar {

// Fills edges and sources. What is shorter than a few times `touch` and comes back to its own vertex is left out.
void makeEdges(Graph& g, const Cuts& cuts, double touch);

} // namespace softrope::planar
