// Faults of nearness: slivers, narrow gaps, thin parts, seams. Found along the outlines: at each sample the nearest place on every
// other outline that faces it, runs of such places, and what lies between.
#pragma once

#include "proof/things.h"

namespace softrope::proof {

// How far from a thing others matter to it, px.
double reachOf(const Limits& l);
// Of the thing against those after it in the list, and within itself. `about`: those that may cover what lies between, by place in
// the list.
std::vector<Finding> nearFaults(const std::vector<Thing>& things, std::size_t thing, const std::vector<std::size_t>& about, const Grid& grid, const Limits& l);

} // namespace softrope::proof
