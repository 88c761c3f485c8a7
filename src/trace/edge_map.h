// Where a picture has edges, or dark lines: what the rope lies on.
//
// Edge: length of the gradient of the softened picture. Line: the larger curvature of the grey values across a dark line,
// taken at two widths. Both are scaled so that a clear edge of the picture counts as 1.
#pragma once

#include "curve/vec.h"
#include "pixel/raster.h"

#include <functional>
#include <memory>

namespace softrope::trace {

enum class Follow { edge, line };

struct EdgeMap {
    Follow follow = Follow::edge;
    pixel::Raster<std::uint8_t> strength; // 0 = nothing, 255 = as clear as the clearest of the picture
    pixel::Grey soft;                     // the picture without its grain
    double contrast = 1;                  // grey values a clear edge differs by
};

struct EdgeMapOptions {
    Follow follow = Follow::edge;
    double width = 1.5; // px: detail finer than this counts as grain
    std::function<bool()> cancelled;
    std::function<void(double)> progress; // 0..1
};

// Nothing for an empty picture or when cancelled. About 0.1 s for 12 megapixels.
std::shared_ptr<const EdgeMap> edgeMap(const pixel::Grey& grey, const EdgeMapOptions& options);

// Strength at a place, 0..1; 0 outside.
double strengthAt(const EdgeMap& map, curve::Vec2 p);
// The strongest place within `reach` px of p, nearer ones preferred; p itself where there is nothing.
curve::Vec2 strongestNear(const EdgeMap& map, curve::Vec2 p, double reach);

} // namespace softrope::trace
