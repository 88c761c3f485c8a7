// Gaussian blur of premultiplied pixels, as SVG's feGaussianBlur has it (Filter Effects Module Level 1, 9.14): a kernel of its own
// below a deviation of 2 px, three box blurs from there on. Beyond the edge is nothing.
#pragma once

#include <cstdint>

namespace softrope::render {

// In place; `stride` in pixels. `sigma`: px, 0 or less leaves all as it is.
void blur(std::uint32_t* pixels, int width, int height, int stride, double sigma);

} // namespace softrope::render
