// Level lines of a grey picture: where its bilinear surface crosses a level, by marching squares
// (Lorensen and Cline 1987 in two dimensions; saddles are decided by the mean of the four values).
#pragma once

#include "curve/vec.h"
#include "pixel/raster.h"

#include <functional>
#include <vector>

namespace softrope::trace {

// A closed row of points, px; it does not repeat its first point. Dark ground lies to the right of the direction of
// travel as seen on screen, so outlines of dark shapes have positive area and holes negative.
struct LevelLine {
    std::vector<curve::Vec2> points;
    double area = 0; // signed, px^2
};

// Lines that enclose less than `smallest` px^2 are left out. What lies beyond the picture counts as `outside`.
std::vector<LevelLine> levelLines(const pixel::Grey& grey, double level, double smallest = 0, double outside = 255,
                                  const std::function<bool()>& cancelled = {});

} // namespace softrope::trace
