// Connected regions of equal label, by four neighbours.
#pragma once

#include "tone/labels.h"

namespace softrope::tone {

struct Components {
    pixel::Raster<int> id; // by px, numbered in the order they are met row by row
    std::vector<std::uint8_t> label;
    std::vector<std::size_t> pixels;
};
// By runs of equal labels, joined from row to row with union and find (Tarjan 1975). One pass, linear but for the joins.
Components componentsOf(const Labels& labels);

} // namespace softrope::tone
