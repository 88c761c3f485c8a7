// The first cover of a sampled line by pieces: corners, straights, and between them the longest cubics that fit.
#pragma once

#include "curve/chain.h"
#include "curve/corners.h"
#include "curve/fit.h"

namespace softrope::curve {

// A cubic with given ends and end tangents, least squares over the samples first..last; `furthest` is measured on them.
struct SpanFit {
    double a = 0, b = 0;
    double furthest = 0;
};
SpanFit fitSpan(const Samples& s, Run run, Vec2 from, double fromAngle, Vec2 to, double toAngle);

struct Seed {
    Chain chain;
    std::vector<float> weight;
};
// `daring` is the share of the slack that a seeded cubic may use up: settling brings it down again.
Seed seed(const Samples& s, const std::vector<Corner>& corners, const FitOptions& options, double noise, double daring = 0.85);

} // namespace softrope::curve
