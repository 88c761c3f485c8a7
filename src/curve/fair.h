// Among the curves within slack, those that bend evenly: a fitted chain is moved, with a node more only where one piece
// cannot make a bend evenly, until it has no
// inflection that the samples do not ask for, curvature hardly jumps at smooth nodes, and changes steadily between them.
//
// Sources: minimum-variation curves (Moreton and Sequin 1992, Functional optimization for fair surface design) for what is even;
// Levien 2009 (From spiral to spline) for the jump of curvature at nodes as what the eye sees first.
#pragma once

#include "curve/chain.h"
#include "curve/fit.h"

namespace softrope::curve {

// Keeps what prune.h promises of distances, and gives up no more of closeness than a few hundredths of the grain.
void makeFair(Chain& chain, const ChainSource& source, const FitOptions& options);

} // namespace softrope::curve
