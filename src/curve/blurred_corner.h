// Corners seen through a blur.
//
// What a lens, a scanner or a soft pencil has blurred shows at its half level a line that rounds corners off: by how much depends on the blur
// and the turn alone. So a corner can be measured beyond its rounding: two sides that bend evenly, and an arc of some radius between them, are
// blurred, and tip, directions, bends and radius are moved until the blurred half level lies on the samples. A true corner comes out with next
// to no radius, a small round with its own, and a mere bend with hardly a turn between its sides.
//
// The blurred level is half_level.h's. The fit is Levenberg's and Marquardt's (Marquardt 1963).
#pragma once

#include "curve/corners.h"
#include "curve/half_level.h"
#include "curve/samples.h"

#include <cmath>
#include <optional>

namespace softrope::curve {

// Whether corners stand where a blur of sigma px left them, all but the tips of needles.
bool showsCorners(double sigma);

// How far the half level lies from the tip of a corner of this turn (radians, 0..pi) along its bisector, after a blur of standard deviation 1; the same from
// 176 degrees on.
double recession(double turn);

// How far from the tip of a corner of this turn a blur of standard deviation 1 shows: a little more than recession(), up to needles.
double outreach(double turn);

// What a source's edges went through.
struct Blur {
    double sigma = 0;    // px: standard deviation of the Gaussian
    double noise = 0.03; // px: standard deviation of the samples across the edge after it
};

struct BlurredCorner {
    Vec2 tip;                       // where the sides meet
    double in = 0, out = 0;         // directions of travel at the tip, radians
    double bendIn = 0, bendOut = 0; // signed curvature of the sides, 1/px
    double radius = 0;              // px, of the arc between the sides
    double rms = 0;                 // px, of the samples from it
    long index = 0;                 // sample nearest the tip
    long before = 0, after = 0;     // samples to either side of it that were looked at

    double turn() const { return curve::turn(direction(in), direction(out)); } // radians, signed
    // The point of the sides `along` px from the tip, before it where that is negative.
    Vec2 at(double along) const;
    // How far from the tip the arc begins, px.
    double cut() const { return radius * std::tan(std::min(std::abs(turn()), radians(150)) / 2); }
};

// From a corner as it was found, looking `before` and `after` samples far (other corners should lie beyond them); without a radius when it is to
// be `pointed`. Nothing when there are too few samples to tell.
std::optional<BlurredCorner> fitBlurredCorner(const Samples& s, const Corner& found, const Blur& blur, long before, long after, bool pointed = false);

// The samples beside a corner or a small round come to lie on it as it was before the blur; towards the ends of what was looked at they go over
// into the samples as they are.
void sharpen(Samples& s, const BlurredCorner& c, double sigma);

} // namespace softrope::curve
