// Closing the hairline between two areas: the border of the one becomes that of the other.
#pragma once

#include "curve/path.h"

#include <optional>

namespace softrope::proof {

// The outline of `moved` along the strip from `from` over `middle` to `to` (places in it) is replaced by the pieces of `kept` there, so
// that both share them exactly; where the strip ends near nodes, it ends at these. Nothing when the outlines are not such.
// `unit`: sheet px that count as one (finding.h).
std::optional<curve::Paths> withSliverClosed(const curve::Paths& moved, const curve::Paths& kept, curve::Vec2 from, curve::Vec2 middle, curve::Vec2 to,
                                             double unit = 1);

} // namespace softrope::proof
