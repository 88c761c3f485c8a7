// The corners of a line as they were before a blur: measured one by one (blurred_corner.h), two at once (blurred_pair.h) or drawn on to (needle.h),
// and told from small rounds.
//
// Near the blur's own size one corner says little about whether it was round. All of a line say more: who rounds one corner of a letter or an
// emblem rounds its others alike (common practice, no source). So the radii are measured first, and where most are more than a corner's by itself
// may seem, smaller ones count as rounds too.
#pragma once

#include "curve/blurred_corner.h"

#include <functional>
#include <vector>

namespace softrope::curve {

// Those that turn out to be rounds (of smallestRound px and more, and more than that where they turn little) or bends are gone, the others lie
// where their sides meet. The samples beside them are moved to where the edge was. What cannot be told stays as it was found.
// Cancelled, it returns what it has.
std::vector<Corner> beforeBlur(Samples& s, const std::vector<Corner>& found, const Blur& blur, double smallestTurn, double smallestRound,
                               const std::function<bool()>& cancelled = {});

} // namespace softrope::curve
