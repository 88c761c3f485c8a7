// The tips of needles in pictures of two values: smoothing away the steps eats them, the px still show them.
#pragma once

#include "curve/path.h"
#include "pixel/raster.h"

namespace softrope::trace {

// Corners of `path` as sharp as needles go on along the row of px of their own value beyond, and as far again as such a needle is too thin to
// leave any. `picture` as it was before it was smoothed; darker than `cut` is ink.
void followTips(curve::Path& path, const pixel::Grey& picture, double cut);

} // namespace softrope::trace
