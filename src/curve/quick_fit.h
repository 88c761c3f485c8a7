// The quick fit: one pass along the samples, each piece as long as slack allows. For live previews and for rows too long
// for the careful fit (fit.h), which it misses by about one node in ten.
//
// Corners and tangents come from means over short windows, by running sums. A piece has its end tangents given and its two
// handle lengths by least squares with one re-parametrisation (Schneider 1990, Graphics Gems I); how far it reaches is
// found by doubling and halving. Trials look at a few dozen samples of the stretch, the piece taken at every one. Cost is
// linear in the samples, about half a microsecond each.
#pragma once

#include "curve/fit.h"
#include "curve/samples.h"

namespace softrope::curve {

// Uses slack, grain and cornerFrom of the options; no sample is further than slack from the result.
Fit quickFit(const std::vector<Vec2>& samples, bool closed, const FitOptions& options);

} // namespace softrope::curve
