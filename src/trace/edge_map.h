// Where a picture has edges, or dark lines: what the rope lies on.
//
// Edge: the gradient of the picture as a vector image (Di Zenzo 1986, A note on the gradient of a multi-image) in OKLab, so that
// colours of one lightness are told apart, at two scales of which the clearer counts (Lindeberg 1998, Edge detection with automatic scale
// selection). Line: the larger curvature of the lightness across a dark line, taken at two widths. Both are scaled so that a clear edge
// of the picture counts as 1.
#pragma once

#include "curve/vec.h"
#include "pixel/raster.h"

#include <functional>
#include <memory>

namespace softrope::trace {

enum class Follow { edge, line };

// A colour in OKLab; black to white is 255 of the lightness.
struct SoftColour {
    static constexpr double scale = 64; // whole numbers for each of those 255
    std::int16_t l = 0, a = 0, b = 0, none = 0;
};

struct EdgeMap {
    Follow follow = Follow::edge;
    pixel::Raster<std::uint8_t> strength; // 0 = nothing, 255 = as clear as the clearest of the picture
    pixel::Raster<SoftColour> soft;       // the picture without its grain
    double contrast = 1;                  // what a clear edge changes by in a px
};

struct EdgeMapOptions {
    Follow follow = Follow::edge;
    double width = 1.5; // px: detail finer than this counts as grain
    std::function<bool()> cancelled;
    std::function<void(double)> progress; // 0..1
};

// Nothing for an empty picture or when cancelled. What is transparent counts as white.
std::shared_ptr<const EdgeMap> edgeMap(const pixel::Picture& picture, const EdgeMapOptions& options);

// The softened colour at a place, in those 255ths, bilinear; the border's beyond it.
struct Colour3 {
    double l = 0, a = 0, b = 0;
    friend Colour3 operator+(Colour3 x, Colour3 y) { return {x.l + y.l, x.a + y.a, x.b + y.b}; }
    friend Colour3 operator-(Colour3 x, Colour3 y) { return {x.l - y.l, x.a - y.a, x.b - y.b}; }
    friend Colour3 operator*(Colour3 x, double k) { return {x.l * k, x.a * k, x.b * k}; }
    friend double dot(Colour3 x, Colour3 y) { return x.l * y.l + x.a * y.a + x.b * y.b; }
};
Colour3 colourAt(const EdgeMap& map, curve::Vec2 p);

// Strength at a place, 0..1; 0 outside.
double strengthAt(const EdgeMap& map, curve::Vec2 p);
// The strongest place within `reach` px of p, nearer ones preferred; p itself where there is nothing.
curve::Vec2 strongestNear(const EdgeMap& map, curve::Vec2 p, double reach);

} // namespace softrope::trace
