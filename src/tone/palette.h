// The colours of a picture: clusters in CIELAB, found on the pixels that are no edge.
#pragma once

#include "pixel/colour_space.h"

#include <vector>

namespace softrope::tone {

using LabPicture = pixel::Raster<pixel::Lab>;

struct Palette {
    std::vector<pixel::Lab> colours;
    bool flat = false; // the picture is made of few colours and their edges, not of gradual tones
    double spread = 0; // CIELAB: how far pixels are from their colour, root mean square
};

// At most `count` colours (2..64), by weighted k-means (Lloyd 1982) on a histogram, started from the colours farthest from
// those taken already, each by its weight. `lightnessOnly` clusters by L alone.
Palette findPalette(const LabPicture& picture, int count, bool lightnessOnly = false);
// As many colours as the picture needs, 2..16: the fewest of which it is made if it is flat, else those that leave a spread of no
// more than 6 (beyond its noise) or gain less than a tenth by one more.
int countNeeded(const LabPicture& picture, bool lightnessOnly = false);
// Noise of the picture: typical difference of a pixel from the mean of its neighbours where nothing else happens, CIELAB units.
double noiseOf(const LabPicture& picture);
// The same of lightness alone, given in steps of which `perUnit` make one of L*.
double noiseOf(const pixel::Raster<float>& lightness, float perUnit);

} // namespace softrope::tone
