// An element's paths and what is said of how they are painted, as artwork.
#pragma once

#include "curve/affine.h"
#include "files/recipes.h"
#include "files/svg_reading.h"
#include "files/svg_style.h"

namespace softrope::files {

// Of paths in the element's user space, which `m` maps to the sheet; the recipe of a live part too, but not what lies inside. `part` reads
// what recipes keep.
art::Artwork artworkOf(Reading& reading, pugi::xml_node n, curve::Paths paths, const Style& s, const curve::Affine& m, const recipes::PartReader& part);

} // namespace softrope::files
