// Two lines from one point that are too near one another to leave paper between them: a blade of grass, the tip of a V.
//
// The skeleton has one line there, the ink a wedge: as thick as a line of the drawing at its tip, growing evenly, thicker at its foot
// than the drawing's lines are, and across the foot a line that both ran into. Such a wedge is parted again: each of its two edges is
// the outer edge of one of the lines.
#pragma once

#include "trace/strokes.h"

namespace softrope::trace {

// A stroke that begins or ends with a wedge becomes one that goes up one of the lines and down the other. Nothing is touched in a
// drawing whose lines swell, nor where nothing lies across the foot.
void partWedges(std::vector<RawStroke>& strokes, const pixel::Raster<float>& field);

} // namespace softrope::trace
