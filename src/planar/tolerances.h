// How near is "the same" for the planar map, in sheet px, and how that scales with the work.
#pragma once

#include "curve/box.h"

namespace softrope::planar {

struct Tolerances {
    double touch = 0.01;       // anything nearer is one: ends on curves, tangencies, curves that run together
    double grid = 0.005;       // snap-rounding; a border moves by at most 0.71 of it
    double flatten = 0.005;    // chords of the snapped engine; crossings are refined, so it does not show
    double sliverArea = 0.05;  // px^2: smaller areas join a neighbour
    double sliverWidth = 0.02; // so do narrower ones (twice area by perimeter)

    Tolerances times(double k) const { return {touch * k, grid * k, flatten * k, sliverArea * k * k, sliverWidth * k}; }
};

// For work smaller than 20 px or beyond 20,000 px everything is multiplied by its size / 1000.
inline Tolerances tolerancesFor(const curve::Box& work)
{
    const double size = std::max(work.width(), work.height());
    if (!(size > 0)) return {};
    return Tolerances{}.times(size < 20 || size > 20000 ? size / 1000 : 1);
}

} // namespace softrope::planar
