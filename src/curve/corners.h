// True corners of a sampled line, told from pixel steps, hand tremor and tight bends.
//
// At each sample, a parabola is fitted to the samples on either side, leaving out those nearest (they are rounded by
// the source), and both are drawn on to the sample. A corner is where the two tangents disagree, at one of several
// window sizes, more than the noise explains. On a curve that is merely bent the two agree, whatever its radius down
// to about the window.
#pragma once

#include "curve/samples.h"

namespace softrope::curve {

struct Corner {
    long index = 0;                   // sample
    Vec2 point;                       // where the two sides meet, drawn on beyond the rounding
    double turn = 0;                  // radians, absolute
    double inAngle = 0, outAngle = 0; // directions of travel before and after, radians
    bool measured = false;            // beyond the source's blur (blurred_corner.h): no guess from its surroundings
};

struct CornerSearch {
    double grain = 1;              // px: size of the source's finest mark (a pixel, the hand's tremor)
    double rounding = 1;           // px of arc length to either side of a corner that the source has rounded off
    double smallest = radians(20); // turns below this are never corners
    double blur = 0;               // px: standard deviation of the source's blur, where it is known
};

// In order along the row. Ends of an open row are not reported.
std::vector<Corner> findCorners(const Samples& s, const CornerSearch& search);

} // namespace softrope::curve
