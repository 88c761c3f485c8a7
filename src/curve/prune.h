// Settles a seeded chain, takes out the nodes it can do without, and splits pieces that still stray beyond the slack.
#pragma once

#include "curve/chain.h"
#include "curve/fit.h"

namespace softrope::curve {

// Afterwards no piece strays further than the slack from its samples (those of weight 0 at corners excepted).
void prune(Chain& chain, const ChainSource& source, const FitOptions& options, double noise);

} // namespace softrope::curve
