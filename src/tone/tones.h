// Tone and colour separation: a picture becomes few flat shapes.
#pragma once

#include "curve/path.h"
#include "pixel/raster.h"

#include <functional>
#include <vector>

namespace softrope::tone {

struct TonesOptions {
    int count = 8;          // colours, 2..16; 0 = as many as the picture needs
    double slack = 1;       // px: how far a border may stray
    double smallest = -1;   // px2: smaller areas go to a neighbour; negative = by the picture
    double crisp = -1;      // gradual pictures: 0 calm, few large areas, to 1 crisp, all that differs; negative = by the picture's grain
    bool quick = false;     // borders in one pass, with more nodes: for previews
    bool lightness = false; // tones only: cluster by lightness
    std::function<bool()> cancelled;
    std::function<void(double)> progress; // 0..1
};

struct ToneShape {
    pixel::Rgba colour;
    curve::Paths outline;
};

struct Tones {
    std::vector<pixel::Rgba> colours;
    std::vector<double> shares;    // of the picture, by colour
    std::vector<ToneShape> shapes; // in the order of painting
    std::size_t nodes = 0, regions = 0;
    bool flat = false; // the picture is made of flat colours
};

// Empty for an empty picture or when cancelled. Pictures of gradual tones are looked at with little over a megapixel at most, whatever they have:
// what is seen decides the number of nodes, not the camera.
Tones separate(const pixel::Picture& picture, const TonesOptions& options);

} // namespace softrope::tone
