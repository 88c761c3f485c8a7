// A rope laid a second time, without what the picture holds between the holds: from a smooth line through them. Where the way that the
// picture led to lies beside the edge, along a grain or a fold of the subject, the smooth line settles on the edge itself.
#pragma once

#include "trace/laying.h"

namespace softrope::trace {

// As `refined`, of a settled rope that was laid by `ways`: each way that the smooth line's rope parts more clearly, the colours to the left
// from those to the right, takes that. What was drawn by hand stays. Ways that lie near the smooth line anyhow cost nothing more.
std::vector<RopePoint> refinedTwice(const EdgeMap& map, const std::vector<RopePoint>& rope, const std::vector<RopeWay>& ways, bool closed);

} // namespace softrope::trace
