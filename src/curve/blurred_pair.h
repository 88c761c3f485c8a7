// Two corners so close that a blur has run them into one another: the blunt end of a serif, a step, the tip of a flat stroke.
//
// Each alone has no side to be measured by. Together they have: two outer sides that bend evenly and a straight between the tips are blurred,
// and tips, directions and bends are moved until the blurred half level lies on the samples (offHalfLevel, blurred_corner.h).
#pragma once

#include "curve/blurred_corner.h"

namespace softrope::curve {

struct BlurredPair {
    Vec2 first, second;             // the tips
    double in = 0, out = 0;         // directions of travel before the first and after the second, radians
    double bendIn = 0, bendOut = 0; // signed curvature of the outer sides, 1/px
    double rms = 0;                 // px, of the samples from it
    long from = 0, to = 0;          // samples nearest the tips
    long before = 0, after = 0;     // samples looked at before the one and after the other

    // Signed, radians.
    double firstTurn() const { return turn(direction(in), second - first); }
    double secondTurn() const { return turn(second - first, direction(out)); }
};

constexpr double pairNear = 3.6; // sigmas from a tip within which the blur is reckoned with
// px from sample to sample up to which two corners are one such pair.
double pairReach(double sigma);

// From two corners as they were found, looking `before` samples before the first and `after` after the second. Nothing where samples are
// missing, or where the two cannot be told apart.
std::optional<BlurredPair> fitBlurredPair(const Samples& s, const Corner& first, const Corner& second, const Blur& blur, long before, long after);

// The samples about it lie on its sides as they were before the blur. (`was`: as they are now.)
void sharpen(Samples& s, const BlurredPair& pair, double sigma);

} // namespace softrope::curve
