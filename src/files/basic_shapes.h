// Paths and the basic shapes of SVG.
#pragma once

#include "curve/path.h"
#include "files/lengths.h"

#include <optional>

namespace pugi {
class xml_node;
}

namespace softrope::files {

// The outline of a path, rect, circle, ellipse, line, polyline or polygon (SVG 1.1, 8 and 9) in its user space: no paths for one without
// extent, nothing for elements of other kinds. `fault` is set when path data broke off. Lengths are
// measured `by` the view around.
std::optional<curve::Paths> pathsOfShape(pugi::xml_node n, const Lengths& by, bool* fault = nullptr);

} // namespace softrope::files
