// How far a row of samples lies from a path, sample by sample.
#pragma once

#include "curve/path.h"

#include <vector>

namespace softrope::curve {

// The nearest place for each sample. Samples are expected in the order of the path: each is looked for near the place of
// the one before, and on the whole path only where that leaves it further off than `expected` px. Points that are not finite
// get the place of the one before. Linear in the samples. Empty when the path has no pieces.
std::vector<Place> placesAlong(const std::vector<Vec2>& samples, const Path& path, double expected);

} // namespace softrope::curve
