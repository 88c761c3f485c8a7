// Measuring a line across: from a skeleton's pixels to its centre and width in fractions of a pixel.
#pragma once

#include "curve/vec.h"
#include "pixel/raster.h"

#include <vector>

namespace softrope::trace {

struct CentrePoint {
    curve::Vec2 at;
    double width = 0;
    bool measured = false; // both edges were found; else `at` is the skeleton's
};

// `rough`: points about 1 px apart; `radius`: a guess of half the width at each. `field`: see ink_field.h.
std::vector<CentrePoint> centred(const std::vector<curve::Vec2>& rough, const std::vector<float>& radius, bool closed, const pixel::Raster<float>& field);

// Distance from p along the unit vector d to where the field falls below the level; -1 if not within `reach` px.
double edgeAlong(const pixel::Raster<float>& field, curve::Vec2 p, curve::Vec2 d, double reach, double level = 0.5);

} // namespace softrope::trace
