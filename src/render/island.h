// How islands are painted: by librsvg, which is given the drawing and nothing else. It loads nothing that lies elsewhere.
#pragma once

#include "art/document.h"

#include <optional>
#include <string>

typedef struct _cairo cairo_t; // NOLINT(bugprone-reserved-identifier): Cairo's own name

namespace softrope::render {

// What the drawing paints, in its own units; empty when it paints nothing, nothing at all when it cannot be drawn. Filters paint beyond
// shapes: such drawings are looked at as pixels. `sheet` is where it probably lies: a good guess saves time, a bad one costs none.
std::optional<curve::Box> islandBox(const std::string& xml, const curve::Box& sheet = {});

// In sheet px. On a PDF surface vectors stay vectors; what of it are pixels (masks, filters) becomes a picture of 300 px to the inch.
void paintIsland(cairo_t* cr, const art::Island& island);

} // namespace softrope::render
