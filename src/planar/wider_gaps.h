// What closing somewhat wider gaps would bring: the widths at which areas come to be that are not there yet.
#pragma once

#include "planar/build.h"

#include <functional>

namespace softrope::planar {

struct WiderGap {
    double gap = 0;                     // px, to be taken for `BuildOptions::gap`
    int areas = 0;                      // so many more than at the gap before it (the given one, for the first)
    std::vector<Bridge> bridges;        // what it closes beyond that
    std::vector<curve::Paths> outlines; // of the new areas
};

// Widths above `now.gap` up to `most` px, ascending, each with more areas than the one before; at most `count`. Builds a map for each of up to
// eight widths; stopped between them, it gives what it has.
std::vector<WiderGap> widerGaps(const curve::Paths& paths, const BuildOptions& now, double most, std::size_t count = 3,
                                const std::function<bool()>& cancelled = {});

} // namespace softrope::planar
