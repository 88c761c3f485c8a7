// Uneven light on paper: found, and divided out.
//
// The picture is looked at in tiles; in each the level of the paper is the median of what a threshold calls light.
// Tiles without paper take theirs from their neighbours. The field is smoothed and the picture divided by it
// (homomorphic shading correction; Young 2000 gives the multiplicative model).
#pragma once

#include "pixel/raster.h"

namespace softrope::pixel {

// Level of the paper at every `tile` px, row by row.
struct PaperField {
    int tile = 32;
    Raster<float> level;
    double unevenness = 0;              // (highest - lowest) / highest
    float at(double x, double y) const; // bilinear, px of the picture
};
PaperField paperField(const Grey& grey, int tile = 32);

// The picture as under even light, paper at `paper`; `strength` 0..1 blends from the original.
Grey flattened(const Grey& grey, const PaperField& field, double strength = 1, double paper = 255);

// Paper lifted to white and ink deepened: values from `dark` to `light` are stretched to 0..255.
Grey stretched(const Grey& grey, double dark, double light);

} // namespace softrope::pixel
