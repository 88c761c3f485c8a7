// From the region map to shapes that are painted one over the other.
#pragma once

#include "tone/region_map.h"
#include "tone/tones.h"

namespace softrope::tone {

// Each region a shape, those that enclose others first; or, for gradual tones where that takes fewer nodes, a stack from light
// to dark, each shape everything that is at least as dark. Either way no ground shows between neighbours.
std::vector<ToneShape> shapesOf(const RegionMap& map, const std::vector<pixel::Rgba>& colours, bool gradual);
std::size_t nodesOf(const std::vector<ToneShape>& shapes);

} // namespace softrope::tone
