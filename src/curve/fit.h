// Fitting: from samples of a drawn or traced line to the fewest smooth cubic pieces within slack.
//
// Stages: corners are found on the samples; straights are recognised between them; the rest is covered by the longest
// G1 cubics that stay within slack; then the whole is settled to the least-squares optimum, and nodes whose removal
// keeps the slack are taken out one by one, cheapest first. The deviation reported is measured on the result.
//
// Sources: Schneider 1990 (An algorithm for automatically fitting digitized curves, Graphics Gems I) for the start of a
// piece with given end tangents; Levien 2021-2023 (articles on fitting and simplifying Bézier paths) for looking for
// the longest pieces instead of halving; the settling is explained in chain.h.
#pragma once

#include "curve/path.h"

#include <functional>
#include <vector>

namespace softrope::curve {

struct FitOptions {
    double slack = 0.5;              // px: how far the curve may stray from the samples
    double grain = 1;                // px: size of the source's finest mark (a pixel, the hand's tremor); sets window sizes
    double rounding = 1;             // px to either side of a true corner that the source has rounded off
    double blur = 0;                 // px: standard deviation of the blur that the source's edges went through; 0 where it is not known.
                                     // Corners are measured beyond it, and told from small rounds (blurred_corner.h)
    double smallestRound = 3.4;      // px: the radius from which on such a corner is a round
    double spacing = 0.5;            // px between the samples the fit works on
    double cornerFrom = radians(20); // smallest turn that can be a corner
    bool straights = true;           // recognise straight runs inside smooth stretches
    bool arcs = true;                // recognise circles and circular arcs and make them exact
    bool extremes = false;           // nodes where the path is furthest left, right, up and down
    double straightWithin = 1;       // a whole stretch between corners becomes straight within this share of the slack
    double even = 0.5;               // share of the slack that the root mean square deviation of a piece may reach
    bool fair = true;                // bends evenly (fair.h), for a node more where one piece cannot
    bool strict = true;              // measured against every point handed in, and fitted again tighter where that finds it too far;
                                     // off where corners are drawn on beyond what the source has rounded
    bool quick = false;              // the one-pass fit of quick_fit.h: for previews; taken by itself for very long rows
    std::function<bool()> cancelled; // asked now and then; a cancelled fit returns the samples as they are
};

struct Fit {
    Path path;
    double furthest = 0;     // px: largest distance of a sample from the path, as measured
    std::size_t samples = 0; // points that went in
};

// Points that are not finite are dropped. No points give an empty path, one point a path of one node.
Fit fit(const std::vector<Vec2>& samples, bool closed, const FitOptions& options);

} // namespace softrope::curve
