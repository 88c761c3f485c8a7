// Thinning: a region of pixels becomes lines one pixel wide that keep its connections and its holes and lie in its middle.
//
// Pixels are taken away in the order of their distance from the edge while that changes no connection (8-connected
// figure, 4-connected ground) and cuts no end back (Pudney 1998, Distance-ordered homotopic thinning; simple points by
// the connectivity number of Yokoi, Toriwaki and Fukumura 1975).
#pragma once

#include "pixel/raster.h"

namespace softrope::trace {

struct Skeleton {
    pixel::Raster<std::uint8_t> on; // 1 on the lines
    pixel::Raster<float> radius;    // px: distance of every pixel of the region from its edge, 0 outside
};

// `region`: 0 is ground, anything else figure. Cost grows with the figure's area.
Skeleton thinned(const pixel::Raster<std::uint8_t>& region);

} // namespace softrope::trace
