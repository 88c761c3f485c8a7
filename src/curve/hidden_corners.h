// Corners that a fit has hidden: drawn as a smooth node with hardly a handle or a bend as tight as the grain, or kept, but with a short
// hook beside them that leads into them round a bend. Both look like dents, and neither is in the samples: close to a corner the source
// has rounded them, so that they say little there.
#pragma once

#include "curve/chain.h"
#include "curve/fit.h"

namespace softrope::curve {

// Makes corners of the first and lets the line beyond run straight into the second, wherever that lies about as near.
void showHiddenCorners(Chain& chain, const ChainSource& source, const FitOptions& options);
// Only what it does to curves that run back along themselves.
void closeFolds(Chain& chain, const ChainSource& source, const FitOptions& options);

} // namespace softrope::curve
