// What a line covers, as areas: dashes, ends, corners and swell worked out.
#pragma once

#include "art/document.h"

namespace softrope::art {

// Closed outlines that cover it together (nonzero), whatever its paint; they may overlap. Within 0.02 px of the line as it is painted.
curve::Paths lineOutlines(const Artwork& a);
// The same as one area; nothing for a line without paint.
curve::Paths lineArea(const Artwork& a);

} // namespace softrope::art
