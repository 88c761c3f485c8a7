// Silhouettes: dark shapes on light ground become closed paths with few nodes.
//
// The boundary is the level line half-way between paper and ink, found from the grey values to a fraction of a pixel,
// then fitted (curve/fit.h). Light is evened out first when it needs it; the blur of the source is measured on the
// edges, since it decides how far true corners have been rounded.
#pragma once

#include "curve/path.h"
#include "pixel/raster.h"

#include <functional>
#include <optional>
#include <vector>

namespace softrope::trace {

struct OutlineOptions {
    double slack = 0.5;        // px
    std::optional<double> cut; // 0..255: darker is inside; nothing = chosen by Otsu after evening out the light
    bool lightOnDark = false;  // trace the light parts instead
    double smallestSpeck = 8;  // px^2: smaller dark islands are left out
    double smallestHole = 8;   // px^2: smaller light holes are filled
    bool extremes = false;     // nodes where a boundary is furthest left, right, up and down
    double smoothing = 0;      // px: extra blur before the boundary is read (0 = only what stairs need)
    std::function<bool()> cancelled;
    std::function<void(double)> progress; // 0..1
};

// One dark shape: its outer path first, then its holes.
struct Silhouette {
    curve::Paths paths;
};

struct Outline {
    std::vector<Silhouette> silhouettes;
    double cut = 0;      // level used
    double blur = 0;     // standard deviation of the edges, px
    double furthest = 0; // px, worst distance of a boundary point from its path
    std::size_t nodes = 0;
};

// An empty result for an empty or even picture.
Outline outline(const pixel::Grey& grey, const OutlineOptions& options);

} // namespace softrope::trace
