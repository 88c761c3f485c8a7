// A stroke drawn across a shape, closed along the shape's own border.
#pragma once

#include "planar/combine.h"

namespace softrope::shade {

// The part of the shape that the stroke cuts off: of the two sides the one with less area, or `other`. Ends that do not reach the
// border go on straight until they do. A closed stroke cuts off what it encloses. Nothing where the stroke does not part the shape
// (it lies beside it, or has no length).
curve::Paths cutOff(const planar::Shape& shape, const curve::Path& stroke, bool other = false);

} // namespace softrope::shade
