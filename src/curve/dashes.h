// Paths cut into dashes.
#pragma once

#include "curve/path.h"

#include <vector>

namespace softrope::curve {

// The pieces of the paths that are drawn: `dashes` are px drawn, left out, drawn ... in turn along each path, begun `from` px into the
// sequence; an odd number counts twice over (SVG 1.1, 11.4). Open paths; a dash that goes over a closed path's start is one. The paths
// themselves when there are no dashes, one is less than nothing, or all are 0. A dash of no length is a straight of no length with its
// direction lost: two nodes at one place. At most `most` pieces: beyond, the path is given whole.
Paths dashed(const Paths& paths, const std::vector<double>& dashes, double from, std::size_t most = 20000);

} // namespace softrope::curve
