// Which pixel belongs to which colour.
#pragma once

#include "tone/palette.h"

#include <cstdint>

namespace softrope::tone {

using Labels = pixel::Raster<std::uint8_t>;

// Every pixel the nearest colour: for pictures of gradual tones.
Labels nearestLabels(const LabPicture& picture, const std::vector<pixel::Lab>& colours, bool lightnessOnly = false);
// For flat pictures: pixels that are surely of a colour first; the half-tones between them, which may look like a third
// colour, are given by growing from their neighbours, best match first (seeded region growing, Adams and Bischof 1994).
Labels grownLabels(const LabPicture& picture, const std::vector<pixel::Lab>& colours, double noise);
// Ragged borders calm down: each pixel takes the colour that costs least, its squared distance in CIELAB plus `price` for every
// neighbour of another colour (a corner's counts 0.7); a few sweeps (iterated conditional modes, Besag 1986).
void settleLabels(Labels& labels, const LabPicture& picture, const std::vector<pixel::Lab>& colours, double price, int sweeps, bool lightnessOnly = false);
// Islands smaller than `smallest` px go to the neighbour that surrounds and resembles them most.
void sweepSpecks(Labels& labels, const LabPicture& picture, const std::vector<pixel::Lab>& colours, double smallest);
// The same by lightness alone, given in steps of which `perUnit` make one of L*.
void sweepSpecks(Labels& labels, const pixel::Raster<float>& lightness, float perUnit, const std::vector<pixel::Lab>& colours, double smallest);

} // namespace softrope::tone
