// Grey values as a picture, for tests of what reads colours.
#pragma once

#include "pixel/raster.h"

#include <algorithm>

inline softrope::pixel::Picture inColour(const softrope::pixel::Grey& g)
{
    softrope::pixel::Picture p(g.width, g.height);
    std::transform(g.data.begin(), g.data.end(), p.data.begin(), [](std::uint8_t v) { return softrope::pixel::Rgba{v, v, v, 255}; });
    return p;
}
