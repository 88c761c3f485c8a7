// Recognising circles and circular arcs on a fitted path, and making them exact; and nodes where a path is extreme.
//
// A ring that lies near a circle becomes that circle. A smooth stretch between two corners or ends that lies near an arc becomes
// the arc through both. A smooth bend between two straights that lies near an arc becomes the arc tangent to both (round.h).
// Circles are found by least squares of the algebraic distance (Kåsa 1976).
#pragma once

#include "curve/path.h"

#include <functional>

namespace softrope::curve {

struct WithArcs {
    Path path;
    std::size_t arcs = 0; // stretches that became exact
};
// `within`: largest distance, px, a stretch may lie from its arc; `accept` is shown the path with each arc in turn and has the
// last word (nothing = all are taken). Stretches that turn by less than 25 degrees stay.
WithArcs withExactArcs(const Path& path, double within, const std::function<bool(const Path&)>& accept = {});

// A node at every place where a curved piece is furthest left, right, up or down, as type designers place them; pieces shorter than
// `shortest` px are not cut. The shape stays exactly the same.
Path withNodesAtExtremes(const Path& path, double shortest = 2);

} // namespace softrope::curve
