// From the region map to shapes that are painted one over the other.
#pragma once

#include "tone/region_map.h"
#include "tone/tones.h"

namespace softrope::tone {

// Flat colours: each region a shape, those that enclose others first. Gradual tones: a shape a tone, from light to dark or in an order that
// takes fewer nodes, or each region a shape where that takes fewer still. A shape reaches under those painted later wherever what lies under
// it would else show between them.
std::vector<ToneShape> shapesOf(const RegionMap& map, const std::vector<pixel::Rgba>& colours, bool gradual);
std::size_t nodesOf(const std::vector<ToneShape>& shapes);

} // namespace softrope::tone
