// Reduce: the same shape with fewer nodes, by the engine of fit.h.
#pragma once

#include "curve/path.h"

#include <functional>

namespace softrope::curve {

struct ReduceOptions {
    double slack = 0.5; // px
    bool straights = true;
    std::function<bool()> cancelled;
};

struct Reduced {
    Path path;
    double furthest = 0; // px: largest distance between old and new, both ways, as measured
};

// Corners, straights and the ends of an open path are kept. A path that cannot lose a node comes back as it was.
Reduced reduce(const Path& path, const ReduceOptions& options);

// Largest distance from points of `a` to `b`, sampled every `step` px.
double furthestFrom(const Path& a, const Path& b, double step = 0.5);

// Takes node i out and refits its two neighbours' handles (at smooth neighbours their lengths alone) so that the curve
// moves little and goes on evenly there (fair_span.h). Ends of an open path are simply dropped. Nothing is left of a path of one node.
Path withoutNode(const Path& path, std::size_t i);

} // namespace softrope::curve
