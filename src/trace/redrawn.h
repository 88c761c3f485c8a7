// Where a pencil went over a line twice and the passes part for a while, there is paper between them: the skeleton has a second, short
// line there that leaves the first and comes back to it.
#pragma once

#include "trace/strokes.h"

namespace softrope::trace {

// Takes such second passes out and leads the line midway between both. A loop stays: it stands out further for its length.
void gatherRedrawn(std::vector<RawStroke>& strokes);

} // namespace softrope::trace
