// Thresholds on grey values.
#pragma once

#include "pixel/raster.h"

#include <array>

namespace softrope::pixel {

using Histogram = std::array<std::uint64_t, 256>;
Histogram histogram(const Grey& grey);

// Otsu's cut (1979): the value v that parts [0, v] from [v+1, 255] with the largest variance between the two.
// The middle of the plateau when several are equal. 127 for a picture of a single value.
int otsu(const Histogram& h);

// Medians of the two sides of a cut, and the level half-way between them: where a blurred edge is crossed.
struct Levels {
    double dark = 0, light = 255, cut = 127.5;
};
Levels levels(const Histogram& h, int cut);

} // namespace softrope::pixel
