#include "trace/edge_map.h"

#include "pixel/colour_space.h"

#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>

namespace softrope::trace {

namespace {

constexpr double coarser = 2; // the second scale, times the first

SoftColour softColour(pixel::Rgba c)
{
    constexpr double k = 255 * SoftColour::scale;
    const auto whole = [](double v) { return static_cast<std::int16_t>(std::lround(v * k)); };
    const pixel::OkLab lab = pixel::quickOkLabOf(c);
    return {whole((0.299 * c.r + 0.587 * c.g + 0.114 * c.b) / 255), whole(lab.a), whole(lab.b), 0};
}

cv::Mat view(pixel::Raster<SoftColour>& s)
{
    return {s.height, s.width, CV_16SC4, s.data.data()};
}

// Length of the gradient, by Sobel's weights: the larger eigenvalue of Di Zenzo's tensor. Keeps the larger of it, times `weight`, and what
// is there.
void gradients(const pixel::Raster<SoftColour>& s, float weight, cv::Mat& best)
{
    constexpr float unit = 1 / (8 * static_cast<float>(SoftColour::scale));
    tbb::parallel_for(0, s.height, [&](int y) {
        const SoftColour *up = s.row(std::max(0, y - 1)), *at = s.row(y), *down = s.row(std::min(s.height - 1, y + 1));
        float* o = best.ptr<float>(y);
        for (int x = 0; x < s.width; ++x) {
            const int w = std::max(0, x - 1), e = std::min(s.width - 1, x + 1);
            float xx = 0, xy = 0, yy = 0;
            for (const auto c : {&SoftColour::l, &SoftColour::a, &SoftColour::b}) {
                const auto gx = static_cast<float>(up[e].*c - up[w].*c + 2 * (at[e].*c - at[w].*c) + down[e].*c - down[w].*c) * unit;
                const auto gy = static_cast<float>(down[w].*c - up[w].*c + 2 * (down[x].*c - up[x].*c) + down[e].*c - up[e].*c) * unit;
                xx += gx * gx;
                xy += gx * gy;
                yy += gy * gy;
            }
            const float mean = (xx + yy) / 2, apart = std::sqrt((xx - yy) * (xx - yy) / 4 + xy * xy);
            o[x] = std::max(o[x], weight * std::sqrt(mean + apart));
        }
    });
}

// Scales so that a clear edge becomes 255. What stands well out of the grain (four times the median) is an edge; three in
// four of the edges are to count as less than clear.
void scaled(const cv::Mat& value, double least, pixel::Raster<std::uint8_t>& out, double& full)
{
    constexpr std::size_t bins = 8192;
    double top = 0;
    cv::minMaxLoc(value, nullptr, &top);
    top = std::max(top, least);
    std::vector<std::size_t> h(bins, 0);
    for (int y = 0; y < value.rows; ++y) {
        const float* v = value.ptr<float>(y);
        for (int x = 0; x < value.cols; ++x) ++h[static_cast<std::size_t>(std::clamp(v[x] / top * (bins - 1), 0.0, bins - 1.0))];
    }
    const auto valueAt = [&](std::size_t from, double share) {
        std::size_t all = 0, k = from, sum = 0;
        for (std::size_t i = from; i < bins; ++i) all += h[i];
        while (k + 1 < bins && static_cast<double>(sum + h[k]) < share * static_cast<double>(all)) sum += h[k++];
        return k;
    };
    const std::size_t grain = valueAt(0, 0.5);
    const auto floor = static_cast<std::size_t>(least / top * (bins - 1));
    const std::size_t edges = std::min(bins - 1, std::max(4 * grain, floor));
    full = std::max(least, top * (static_cast<double>(valueAt(edges, 0.75)) + 0.5) / bins);
    tbb::parallel_for(0, value.rows, [&](int y) {
        const float* v = value.ptr<float>(y);
        std::uint8_t* o = out.row(y);
        for (int x = 0; x < value.cols; ++x) o[x] = static_cast<std::uint8_t>(std::clamp(255 * v[x] / full, 0.0, 255.0));
    });
}

// The larger principal curvature of the grey values, where it is positive: dark lines on light.
void ridges(const cv::Mat& soft, double scale, cv::Mat& best)
{
    cv::Mat f, xx, xy, yy;
    cv::GaussianBlur(soft, f, {0, 0}, scale);
    cv::Sobel(f, xx, CV_32F, 2, 0, 3, scale * scale / 4);
    cv::Sobel(f, yy, CV_32F, 0, 2, 3, scale * scale / 4);
    cv::Sobel(f, xy, CV_32F, 1, 1, 3, scale * scale / 4);
    tbb::parallel_for(0, soft.rows, [&](int y) {
        const float *a = xx.ptr<float>(y), *b = xy.ptr<float>(y), *c = yy.ptr<float>(y);
        float* o = best.ptr<float>(y);
        for (int x = 0; x < soft.cols; ++x) {
            const float mean = (a[x] + c[x]) / 2, gap = std::hypot((a[x] - c[x]) / 2, b[x]);
            o[x] = std::max(o[x], mean + gap);
        }
    });
}

} // namespace

std::shared_ptr<const EdgeMap> edgeMap(const pixel::Picture& picture, const EdgeMapOptions& options)
{
    if (picture.empty()) return nullptr;
    const int width = picture.width, height = picture.height;
    const auto stopped = [&] { return options.cancelled && options.cancelled(); };
    const auto tell = [&](double s) {
        if (options.progress) options.progress(s);
    };
    auto map = std::make_shared<EdgeMap>();
    map->follow = options.follow;
    map->soft = pixel::Raster<SoftColour>(width, height);
    map->strength = pixel::Raster<std::uint8_t>(width, height);
    tbb::parallel_for(0, height, [&](int y) {
        const pixel::Rgba* from = picture.row(y);
        SoftColour* to = map->soft.row(y);
        for (int x = 0; x < width; ++x) {
            const auto on = [a = static_cast<unsigned>(from[x].a)](std::uint8_t v) { return static_cast<std::uint8_t>(255 - (255 - v) * a / 255); };
            to[x] = softColour({on(from[x].r), on(from[x].g), on(from[x].b), 255});
        }
    });
    tell(0.2);
    if (stopped()) return nullptr;
    const double fine = std::max(0.5, options.width);
    cv::Mat soft = view(map->soft);
    cv::GaussianBlur(soft, soft, {0, 0}, fine, 0, cv::BORDER_REPLICATE);
    tell(0.4);
    if (stopped()) return nullptr;
    cv::Mat value(height, width, CV_32F, cv::Scalar(0));
    if (options.follow == Follow::edge) {
        gradients(map->soft, 1, value);
        // A soft edge is clearer at a coarser scale; gradients are compared by the root of the scale (Lindeberg's gamma of a half).
        pixel::Raster<SoftColour> coarse = map->soft;
        cv::Mat blurred = view(coarse);
        const double wide = coarser * fine;
        cv::GaussianBlur(blurred, blurred, {0, 0}, std::sqrt(wide * wide - fine * fine), 0, cv::BORDER_REPLICATE);
        if (stopped()) return nullptr;
        gradients(coarse, static_cast<float>(std::sqrt(coarser)), value);
    } else {
        cv::Mat light;
        cv::extractChannel(soft, light, 0);
        light.convertTo(light, CV_32F, 1 / SoftColour::scale);
        for (const double scale : {1.2, 2.6}) ridges(light, scale, value);
    }
    tell(0.8);
    if (stopped()) return nullptr;
    scaled(value, 3, map->strength, map->contrast);
    tell(1);
    return map;
}

Colour3 colourAt(const EdgeMap& map, curve::Vec2 p)
{
    const auto& s = map.soft;
    const double x = std::clamp(p.x - 0.5, 0.0, s.width - 1.001), y = std::clamp(p.y - 0.5, 0.0, s.height - 1.001);
    const int i = std::max(0, static_cast<int>(x)), j = std::max(0, static_cast<int>(y));
    const double fx = x - i, fy = y - j;
    const int i1 = std::min(i + 1, s.width - 1), j1 = std::min(j + 1, s.height - 1);
    const SoftColour &c00 = s.at(i, j), &c10 = s.at(i1, j), &c01 = s.at(i, j1), &c11 = s.at(i1, j1);
    const auto mix = [&](std::int16_t SoftColour::*c) {
        return ((c00.*c * (1 - fx) + c10.*c * fx) * (1 - fy) + (c01.*c * (1 - fx) + c11.*c * fx) * fy) / SoftColour::scale;
    };
    return {mix(&SoftColour::l), mix(&SoftColour::a), mix(&SoftColour::b)};
}

double strengthAt(const EdgeMap& map, curve::Vec2 p)
{
    const int x = static_cast<int>(std::floor(p.x)), y = static_cast<int>(std::floor(p.y));
    return map.strength.inside(x, y) ? map.strength.at(x, y) / 255.0 : 0;
}

curve::Vec2 strongestNear(const EdgeMap& map, curve::Vec2 p, double reach)
{
    const int r = static_cast<int>(std::ceil(reach)), cx = static_cast<int>(std::floor(p.x)), cy = static_cast<int>(std::floor(p.y));
    double best = 0.12; // weaker than this is no edge to snap to
    curve::Vec2 at = p;
    for (int y = cy - r; y <= cy + r; ++y)
        for (int x = cx - r; x <= cx + r; ++x) {
            const curve::Vec2 q{x + 0.5, y + 0.5};
            const double d = distance(p, q);
            if (d > reach || !map.strength.inside(x, y)) continue;
            const double v = map.strength.at(x, y) / 255.0 * (1 - 0.35 * d / std::max(1.0, reach));
            if (v > best) {
                best = v;
                at = q;
            }
        }
    return at;
}

} // namespace softrope::trace
