#include "pixel/skew.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <cmath>

namespace softrope::pixel {

namespace {

struct Mark {
    float x, y, weight;
};

// Sum of squares of both projections of the marks onto axes turned by the angle.
double sharpness(const std::vector<Mark>& along, const std::vector<Mark>& across, double angle, double reach)
{
    const double c = std::cos(angle), s = std::sin(angle);
    const auto bins = static_cast<std::size_t>(2 * reach + 4);
    double sum = 0;
    std::vector<double> profile(bins);
    for (const auto* marks : {&along, &across}) {
        std::fill(profile.begin(), profile.end(), 0);
        for (const Mark& m : *marks) {
            const double u = (marks == &along ? -s * m.x + c * m.y : c * m.x + s * m.y) + reach;
            const auto i = static_cast<std::size_t>(std::clamp(u, 0.0, static_cast<double>(bins) - 2));
            const double f = u - static_cast<double>(i);
            profile[i] += m.weight * (1 - f);
            profile[i + 1] += m.weight * f;
        }
        for (const double v : profile) sum += v * v;
    }
    return sum;
}

} // namespace

Skew skewOf(const Grey& grey, double limit)
{
    Skew skew;
    if (grey.width < 16 || grey.height < 16) return skew;
    const cv::Mat whole(grey.height, grey.width, CV_8U, const_cast<std::uint8_t*>(grey.data.data()));
    const double scale = std::min(1.0, 900.0 / std::max(grey.width, grey.height));
    cv::Mat small, gx, gy;
    cv::resize(whole, small, {}, scale, scale, cv::INTER_AREA);
    cv::GaussianBlur(small, small, cv::Size(0, 0), 1.2);
    cv::Sobel(small, gx, CV_32F, 1, 0);
    cv::Sobel(small, gy, CV_32F, 0, 1);
    std::vector<Mark> along, across; // marks of nearly level and nearly upright edges
    const double cx = small.cols / 2.0, cy = small.rows / 2.0;
    for (int y = 1; y < small.rows - 1; ++y)
        for (int x = 1; x < small.cols - 1; ++x) {
            const float u = gx.at<float>(y, x), v = gy.at<float>(y, x);
            const float size = std::hypot(u, v);
            if (size < 40) continue;
            const float lean = std::min(std::abs(u), std::abs(v)) / std::max(std::abs(u), std::abs(v));
            if (lean > std::tan(limit) * 1.3F) continue;
            (std::abs(v) > std::abs(u) ? along : across).push_back({static_cast<float>(x - cx), static_cast<float>(y - cy), std::min(size, 200.0F)});
        }
    if (along.size() + across.size() < 50) return skew;
    const double reach = std::hypot(cx, cy) + 2;
    double best = 0, sum = 0;
    int n = 0;
    const double step = 0.25 * CV_PI / 180;
    for (double a = -limit; a <= limit + 1e-9; a += step) {
        const double v = sharpness(along, across, a, reach);
        sum += v;
        ++n;
        if (v > best) {
            best = v;
            skew.angle = a;
        }
    }
    const double mean = sum / n;
    for (double width = step; width > 0.0004; width /= 2)
        for (const double a : {skew.angle - width / 2, skew.angle + width / 2}) {
            const double v = sharpness(along, across, a, reach);
            if (v > best) {
                best = v;
                skew.angle = a;
            }
        }
    skew.confidence = std::clamp((best / mean - 1) / 1.5, 0.0, 1.0);
    return skew;
}

} // namespace softrope::pixel
