// Crescents: what a shape loses when its own copy, shifted, is taken from it. A lit rim or a core shade; two of them make a band.
#pragma once

#include "planar/combine.h"

namespace softrope::shade {

constexpr double sliverWidth = 0.3; // px: outlines that are thinner throughout are left out

// The part of the shape along its edge on the side that `towards` (any length) points to: the shape without itself shifted `width` px
// away from there. All of it when the shift is larger than the shape; nothing for widths of 0 and less, or what is not finite.
curve::Paths crescent(const planar::Shape& shape, curve::Vec2 towards, double width);
// The crescent of `width` without that of `from` px (0 <= from < width): a shade that leaves a thin edge.
curve::Paths band(const planar::Shape& shape, curve::Vec2 towards, double from, double width);
// The source shifted by so much, as far as it falls on the shape.
curve::Paths cast(const planar::Shape& source, curve::Vec2 by, const planar::Shape& on);

} // namespace softrope::shade
