// How crooked a scanned page is.
//
// The picture's steep places are projected along trial angles; where lines and paper edges line up with the projection,
// it has sharp peaks, and its sum of squares is largest (Postl 1986, Detection of linear oblique structures).
#pragma once

#include "pixel/raster.h"

namespace softrope::pixel {

struct Skew {
    double angle = 0;      // radians: turn the picture by minus this to straighten it
    double confidence = 0; // 0..1: how much the best angle stands out
};
// Looks between -limit and +limit radians, to about 0.05 degrees.
Skew skewOf(const Grey& grey, double limit = 0.21);

} // namespace softrope::pixel
