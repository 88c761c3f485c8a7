// The region map: connected regions of equal label and the borders between them.
//
// Borders run through the lattice of pixel centres: between two neighbouring pixels of different regions lies one crossing,
// placed by how far the picture has gone over from one colour to the other. Crossings chain up to borders; where three or
// more regions meet there is a junction, which all borders there share. Each border is fitted once; so regions abut without gap
// or overlap by construction. The picture's edge is a border like others, exactly straight.
#pragma once

#include "curve/path.h"
#include "pixel/raster.h"
#include "tone/labels.h"

#include <functional>

namespace softrope::tone {

constexpr int beyond = -1; // outside the picture

struct Region {
    std::uint8_t label = 0;
    std::size_t pixels = 0;
};

struct Border {
    int left = beyond, right = beyond; // regions beside it; left is where a quarter turn from x to y points
    int from = -1, to = -1;            // junctions; -1 for a border that closes on itself
    std::vector<curve::Vec2> points;   // from junction to junction
    curve::Path path;                  // fitted; closed when it closes on itself
};

struct RegionMap {
    int width = 0, height = 0;
    std::vector<Region> regions;
    std::vector<Border> borders;
    std::vector<curve::Vec2> junctions;
};

struct RegionMapOptions {
    double slack = 1;     // px
    double blur = 0.6;    // px: how soft the picture's edges are
    bool gradual = false; // borders between colours that are much alike may stray farther, as nobody sees them: up to three times
    bool quick = false;   // one-pass fitting, for very many borders
    bool subpixel = true;
    // Where the border crosses between two px, 0..1 of the way from the first to the second; nothing = by their colours.
    std::function<double(int x0, int y0, int x1, int y1)> crossing;
    std::function<bool()> cancelled;
};
// `colours` are the labels' colours as sRGB; mixtures along edges are taken to be linear in sRGB, as renderers draw them.
RegionMap mapRegions(const Labels& labels, const pixel::Picture& picture, const std::vector<pixel::Rgba>& colours, const RegionMapOptions& options);

// Closed paths round a set of regions (`in` by region; `members` lists them), made of the borders, the set at the left.
curve::Paths outlineOf(const RegionMap& map, const std::vector<char>& in, const std::vector<std::vector<int>>& bordersOf, const std::vector<int>& members);
// Borders of each region.
std::vector<std::vector<int>> bordersByRegion(const RegionMap& map);

} // namespace softrope::tone
