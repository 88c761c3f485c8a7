#include "trace/edge_map.h"

#include <opencv2/imgproc.hpp>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>

namespace softrope::trace {

namespace {

cv::Mat view(pixel::Grey& g)
{
    return {g.height, g.width, CV_8U, g.data.data()};
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

std::shared_ptr<const EdgeMap> edgeMap(const pixel::Grey& grey, const EdgeMapOptions& options)
{
    if (grey.empty()) return nullptr;
    const auto stopped = [&] { return options.cancelled && options.cancelled(); };
    const auto tell = [&](double s) {
        if (options.progress) options.progress(s);
    };
    auto map = std::make_shared<EdgeMap>();
    map->follow = options.follow;
    map->soft = grey;
    map->strength = pixel::Raster<std::uint8_t>(grey.width, grey.height);
    const cv::Mat from(grey.height, grey.width, CV_8U, const_cast<std::uint8_t*>(grey.data.data()));
    cv::Mat soft = view(map->soft);
    cv::GaussianBlur(from, soft, {0, 0}, std::max(0.5, options.width), 0, cv::BORDER_REPLICATE);
    tell(0.3);
    if (stopped()) return nullptr;
    cv::Mat value(grey.height, grey.width, CV_32F, cv::Scalar(0));
    if (options.follow == Follow::edge) {
        cv::Mat gx, gy;
        cv::Sobel(soft, gx, CV_16S, 1, 0);
        cv::Sobel(soft, gy, CV_16S, 0, 1);
        tbb::parallel_for(0, grey.height, [&](int y) {
            const short *a = gx.ptr<short>(y), *b = gy.ptr<short>(y);
            float* o = value.ptr<float>(y);
            for (int x = 0; x < grey.width; ++x) o[x] = std::hypot(static_cast<float>(a[x]), static_cast<float>(b[x])) / 8;
        });
    } else {
        for (const double scale : {1.2, 2.6}) ridges(soft, scale, value);
    }
    tell(0.7);
    if (stopped()) return nullptr;
    scaled(value, 3, map->strength, map->contrast);
    tell(1);
    return map;
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
