// How a reference's picture is painted.
#pragma once

#include "render/render.h"

namespace softrope::render {

// Opacity 0..1 on top of nothing else; the picture's own crop, place and turn are kept.
void paintReference(cairo_t* cr, const art::Reference& r, double opacity, const Options& o);

} // namespace softrope::render
