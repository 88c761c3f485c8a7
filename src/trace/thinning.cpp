#include "trace/thinning.h"

#include "trace/distance_map.h"

#include <opencv2/core.hpp>

#include <algorithm>
#include <array>
#include <cmath>

namespace softrope::trace {

namespace {

// Neighbours in order round the pixel, from the right, clockwise on screen.
struct Ring {
    std::array<std::uint8_t, 8> on;
    int count() const
    {
        int n = 0;
        for (const std::uint8_t v : on) n += v;
        return n;
    }
    // Yokoi's connectivity number for an 8-connected figure: 1 where taking the pixel away changes nothing.
    int connectivity() const
    {
        int n = 0;
        for (std::size_t k = 0; k < 8; k += 2) {
            const int a = 1 - on[k], b = 1 - on[(k + 1) % 8], c = 1 - on[(k + 2) % 8];
            n += a - a * b * c;
        }
        return n;
    }
};

} // namespace

Skeleton thinned(const pixel::Raster<std::uint8_t>& region)
{
    Skeleton out;
    out.radius = pixel::Raster<float>(region.width, region.height);
    // A frame of one pixel spares every neighbour a test.
    const int w = region.width + 2, h = region.height + 2;
    out.on = pixel::Raster<std::uint8_t>(region.width, region.height);
    if (region.empty()) return out;
    cv::Mat figure(h, w, CV_8U, cv::Scalar(0));
    for (int y = 0; y < region.height; ++y)
        std::transform(region.row(y), region.row(y) + region.width, figure.ptr(y + 1) + 1, [](std::uint8_t v) { return static_cast<std::uint8_t>(v ? 1 : 0); });
    const cv::Mat far = distanceMap(figure);
    for (int y = 0; y < region.height; ++y) std::copy_n(far.ptr<float>(y + 1) + 1, region.width, out.radius.row(y));

    std::uint8_t* on = figure.data;
    const float* radius = far.ptr<float>();
    const std::array<long, 8> around{1, w + 1, w, w - 1, -1, -w - 1, -w, -w + 1};
    const auto ring = [&](long p) {
        Ring r{};
        for (std::size_t k = 0; k < 8; ++k) r.on[k] = on[p + around[k]];
        return r;
    };
    // A line two pixels wide that runs across the corners of the grid has ends of two neighbours; without this it would
    // be eaten up from there.
    const auto onRidge = [&](long p) { return std::all_of(around.begin(), around.end(), [&](long d) { return radius[p + d] <= radius[p] + 1e-3F; }); };
    constexpr double perPixel = 8;
    std::vector<std::vector<long>> layers;
    const auto layerOf = [&](long p) { return static_cast<std::size_t>(radius[p] * perPixel); };
    for (long p = 0; p < static_cast<long>(w) * h; ++p) {
        if (!on[p]) continue;
        const std::size_t k = layerOf(p);
        if (k >= layers.size()) layers.resize(k + 1);
        layers[k].push_back(p);
    }
    for (std::size_t k = 0; k < layers.size(); ++k) {
        // A pixel kept at first may become free when its neighbours go: those return to the layer at work.
        for (std::size_t i = 0; i < layers[k].size(); ++i) {
            const long p = layers[k][i];
            if (!on[p]) continue;
            const Ring r = ring(p);
            if (r.count() < 2 || r.connectivity() != 1 || (r.count() == 2 && onRidge(p))) continue;
            on[p] = 0;
            for (const long d : around)
                if (on[p + d] && layerOf(p + d) < k) layers[k].push_back(p + d);
        }
        layers[k].clear();
        layers[k].shrink_to_fit();
    }
    for (int y = 0; y < region.height; ++y) std::copy_n(figure.ptr(y + 1) + 1, region.width, out.on.row(y));
    return out;
}

} // namespace softrope::trace
