// The terms of evenness that a chain is settled with beside the distances of its samples; what they are and where they come from says
// Fairness (chain.h).
#pragma once

#include "curve/unknowns.h"

namespace softrope::curve {

// The curvature (1/px) below which a piece of this chord (px) counts as straight: it bends by a twentieth of a px.
double flatCurvature(double chord);

// The weighted sum of their squares for the window as it lies now; into the equations as well, when there are any.
double evenness(const Unknowns& window, const Fairness& fairness, const Samples& samples, Equations* to);

} // namespace softrope::curve
