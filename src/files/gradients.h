// Gradients of SVG (1.1, 13.2), ours and those of others.
#pragma once

#include "art/document.h"
#include "files/svg_style.h"

#include <string>

namespace softrope::files {

class Named;

// The gradient of that name on a shape with these bounds (sheet px), `toSheet` mapping the shape's user space to the sheet. Nothing when
// there is none of that name, or it has no stops.
art::Shared<art::Gradient> gradientOf(const Named& named, const std::string& name, const curve::Box& bounds, const curve::Affine& toSheet, const Style& style);

} // namespace softrope::files
