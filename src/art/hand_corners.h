// Corners and straight stretches of a stroke as the hand meant them, told from its tremor.
#pragma once

#include "art/recipe.h"

namespace softrope::art {

struct HandCorners {
    struct Stretch {
        std::vector<HandSample> samples; // from corner to corner, the first and last put where the sides meet
        bool straight = false;
    };
    std::vector<curve::Vec2> corners;
    double tremor = 0;              // px, root mean square
    std::vector<Stretch> stretches; // in order; empty where there are no corners. Of a closing stroke from its first corner round to it
};

// A corner turns by more than the tremor explains on either side of it, at one of several window sizes (curve/corners.h); a straight lies
// as near to its line as the tremor allows, and bows no more. Looked for before anything is steadied: a low-pass takes corners away (the
// reason why stroke segmentation works on raw samples: Sezgin, Stahovich and Davis 2001; Wolin, Eoff and Hammond 2008).
HandCorners handCorners(const Hand& drawn, bool closes);

} // namespace softrope::art
