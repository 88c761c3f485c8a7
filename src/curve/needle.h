// Needles so sharp that a blur has eaten too much of them to be fitted as blurred corners are.
#pragma once

#include "curve/blurred_corner.h"

namespace softrope::curve {

constexpr double needleFar = 30; // px from its end up to which a needle's sides are read

// The sides, read beyond what the blur has moved and drawn on to where they meet; `before` and `after` samples are looked at, from the one
// where the needle seems to end. Nothing where the sides are too short, do not meet, or meet elsewhere than about as far out as the blur
// eats of such a needle (recession()).
std::optional<BlurredCorner> drawnOn(const Samples& s, const Corner& found, double sigma, long before, long after);

} // namespace softrope::curve
