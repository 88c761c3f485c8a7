// In which order the regions of a map are painted one over the other.
#pragma once

#include "pixel/colour_space.h"
#include "tone/region_map.h"

namespace softrope::tone {

// Groups of regions, each painted as one, the undermost first. Every region is in one of them.
using PaintingOrder = std::vector<std::vector<int>>;

// Each region on its own, those that take up most of the picture first, so that what lies within others comes after them.
PaintingOrder byExtent(const RegionMap& map);

// All regions of a tone as one, from light to dark. `colours`: by label.
PaintingOrder byLight(const RegionMap& map, const std::vector<pixel::Lab>& colours);

// The same groups so that those which share long borders follow one another: a linear arrangement with little cost (Garey, Johnson and
// Stockmeyer 1976 on how hard the best is), found by moving and turning rows of groups for as long as that helps. It may be painted from either end.
PaintingOrder neighboursTogether(const RegionMap& map, PaintingOrder order);

// How many nodes a border has of its own.
std::size_t nodesOf(const Border& border);

} // namespace softrope::tone
