// The snapped engine: flatten with provenance, snap-round on an integer grid, and order edges by integers.
//
// After Hobby (1999), "Practical segment intersection with finite precision output", and Guibas and Marimont (1998): every
// crossing and every end makes its grid cell hot, and every segment goes through the middles of the hot cells it meets. All
// decisions about what meets what are taken in integers; so the result is a drawing in the plane whatever comes in.
#pragma once

#include "planar/graph.h"

#include <optional>

namespace softrope::planar {

// The edges of `rough` (whose order round the vertices is not used) made planar. Linked; Euler's count holds. Sources keep
// their pieces and parameters. Curves that lie on one another by dozens, each a little off, cut each other at every step, and what comes out
// grows with the square of their number: nothing where that would be more than sixteen times what went in, if `limited`.
std::optional<Graph> snapped(const Graph& rough, const Tolerances& tol, bool limited);
// The same from bare pieces, without knowledge of where they meet: a second opinion for tests.
Graph snapped(const std::vector<const Strand*>& strands, const Tolerances& tol);

} // namespace softrope::planar
