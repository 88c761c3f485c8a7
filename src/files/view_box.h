// The view box of a drawing or of a view within it.
#pragma once

#include "curve/affine.h"

#include <optional>

namespace pugi {
class xml_node;
}

namespace softrope::files {

struct ViewBox {
    double x = 0, y = 0, width = 0, height = 0;
};
// Nothing where there is none, or one without extent.
std::optional<ViewBox> viewBoxOf(pugi::xml_node n);
// Lays the element's view box into a frame of that size at the origin, as its preserveAspectRatio asks (SVG 1.1, 7.7 and 7.8); the
// identity where it has none.
curve::Affine fittedView(pugi::xml_node n, double width, double height);

} // namespace softrope::files
