// Faults of open ends: such as nearly meet or meet unjoined, and such as run on over the line they meet.
#pragma once

#include "proof/things.h"

namespace softrope::proof {

// Lines that may be joined: drawn with the same line.
bool sameLine(const art::Artwork& a, const art::Artwork& b);
std::vector<Finding> endFaults(const art::Document& d, const std::vector<Thing>& things, const Grid& grid, const Sizes& sizes);
// The path cut off at the place near `at`, at its start or end.
curve::Path cutOffAt(const curve::Path& p, bool atStart, curve::Vec2 at);

} // namespace softrope::proof
