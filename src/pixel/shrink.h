// Smaller copies of pictures.
#pragma once

#include "pixel/raster.h"

namespace softrope::pixel {

// Each px the mean of a block of `step` x `step` px, weighted by opacity; a rest at the right and the bottom is left out. At least
// 1 x 1 px, unless the picture is empty.
Picture shrunk(const Picture& picture, int step);

} // namespace softrope::pixel
