// How colours look to eyes that lack one kind of cone.
//
// Machado, Oliveira and Fernandes (2009), "A physiologically-based model for simulation of color vision deficiency", IEEE TVCG 15(6):
// the matrices of severity 1.0 in its table of precomputed ones, on linear sRGB.
#pragma once

#include "pixel/raster.h"

namespace softrope::pixel {

enum class Sight { protanopia, deuteranopia, tritanopia };

// Alpha stays.
Rgba seenBy(Sight sight, Rgba c);
void seenBy(Sight sight, Picture& picture);
// In the grey of its CIE lightness (Y of linear sRGB).
Rgba greyed(Rgba c);

} // namespace softrope::pixel
