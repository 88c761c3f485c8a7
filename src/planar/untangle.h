// Mending a graph that is no drawing in the plane, where only a few places of it are wrong.
//
// An end that lies on a line a hair beside a crossing, say, leaves an edge a hundredth of a pixel long, and which way the others turn off
// there cannot be told. One such place among a hundred thousand edges would send all of them to the snapped engine (snap.h).
#pragma once

#include "planar/graph.h"

namespace softrope::planar {

// `g` is linked, and Euler's count does not hold. Looks for the places by Euler's count of small parts of it (a part of a drawing in the
// plane is one), draws the shortest edges there together to a point, at most four times `touch` long, makes one of two that run side by side so near,
// and orders and links anew. True when the count holds then; false when it does not, with `g` as good a beginning for the snapped engine as
// before. `places` are where something was wrong the last time, which is looked at first: where nothing else is wrong the others need not be
// looked at (all parts of a drawing in the plane are right). Where something was wrong this time comes out of it.
bool untangle(Graph& g, double touch, std::vector<curve::Vec2>& places);

} // namespace softrope::planar
