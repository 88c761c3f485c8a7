// The axis of a drawing of which only one half was drawn.
//
// Two things give it away: a long straight with nothing beyond it, drawn as the axis, or ends of lines that stand in one row with nothing
// beyond (there the other half is to go on). Both are looked for as supporting lines of the drawing. Common practice of drawing symmetric
// things by halves, no source.
#pragma once

#include "mirror/axis.h"

namespace softrope::mirror {

// `page`: what was drawn on, when that is known; a half leaves room there for the other half. Most likely first, at most four; none below a
// confidence of 0.2. Axis lines over a length, lines with a hand's wobble of up to about 1 % of the drawing.
std::vector<FoundAxis> halfAxes(const curve::Paths& lines, const std::optional<curve::Box>& page);

// All axes the drawing may have, the one to take first: of its symmetry (`edges`, as for findAxis) and of a half. A half that gives itself
// away clearly comes before a symmetry that is not clearer, since half a thing is often alike above and below.
std::vector<FoundAxis> findAxes(const curve::Paths& lines, const std::vector<EdgePoint>& edges, const std::optional<curve::Box>& page);

// True for an open line that was drawn as the axis: straight, along it within `tolerance` px, at least half as long as
// the rest of the drawing is along it, and nearly as long together with what else lies on the axis.
bool drawnAsAxis(const curve::Path& line, const Axis& axis, const curve::Paths& drawing, double tolerance);

} // namespace softrope::mirror
