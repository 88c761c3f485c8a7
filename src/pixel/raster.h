// Plain rasters: rows from the top, no padding. The centre of the first pixel is at (0.5, 0.5).
#pragma once

#include <cstddef>
#include <cstdint>
#include <vector>

namespace softrope::pixel {

template <class T> struct Raster {
    int width = 0;
    int height = 0;
    std::vector<T> data;

    Raster() = default;
    Raster(int w, int h, T fill = {}) : width(w), height(h), data(static_cast<std::size_t>(w) * static_cast<std::size_t>(h), fill) {}
    bool empty() const { return data.empty(); }
    T* row(int y) { return data.data() + static_cast<std::size_t>(y) * static_cast<std::size_t>(width); }
    const T* row(int y) const { return data.data() + static_cast<std::size_t>(y) * static_cast<std::size_t>(width); }
    T& at(int x, int y) { return row(y)[x]; }
    const T& at(int x, int y) const { return row(y)[x]; }
    bool inside(int x, int y) const { return x >= 0 && y >= 0 && x < width && y < height; }
    friend bool operator==(const Raster&, const Raster&) = default;
};

// 0 = black, 255 = white.
using Grey = Raster<std::uint8_t>;

// Straight (not premultiplied) sRGB.
struct Rgba {
    std::uint8_t r = 0, g = 0, b = 0, a = 255;
    friend bool operator==(const Rgba&, const Rgba&) = default;
};
using Picture = Raster<Rgba>;

// Luma of ITU-R BT.601 on white: what transparent parts of a picture look like on the sheet.
Grey greyOf(const Picture& picture);

} // namespace softrope::pixel
