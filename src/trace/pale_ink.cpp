#include "trace/pale_ink.h"

#include "trace/distance_map.h"
#include "trace/medium.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <cmath>
#include <cstddef>
#include <vector>

namespace softrope::trace {

namespace {

cv::Mat disc(int radius)
{
    return cv::getStructuringElement(cv::MORPH_ELLIPSE, {2 * radius + 1, 2 * radius + 1});
}

constexpr int reach = 8; // px, within which darkness is compared

float quarterOf(std::vector<float> v)
{
    const auto quarter = v.begin() + static_cast<long>(v.size() / 4);
    std::nth_element(v.begin(), quarter, v.end());
    return *quarter;
}

// Which connected parts are lines of one shade: long, lying apart from the dark, dark enough in the middle, and evenly so. Those that are not even
// but go on from the end of a dark line may be that stroke thinning out.
struct PaleParts {
    std::vector<char> even, mayBeTips;
};
PaleParts partsOf(const cv::Mat& cover, const cv::Mat& besideDark, const cv::Mat& labels, const cv::Mat& stats)
{
    constexpr float least = 0.3F;    // in the middle
    constexpr int smallest = 30;     // px
    constexpr double touching = 0.2; // of its pixels: more is the edge of a dark line
    const auto n = static_cast<std::size_t>(stats.rows);
    std::vector<int> touched(n, 0);
    std::vector<std::vector<LinePlace>> middles(n);
    cv::Mat top;
    cv::dilate(cover, top, cv::getStructuringElement(cv::MORPH_RECT, {3, 3}));
    for (int y = 0; y < cover.rows; ++y) {
        const int* l = labels.ptr<int>(y);
        const float *c = cover.ptr<float>(y), *t = top.ptr<float>(y);
        const unsigned char* b = besideDark.ptr(y);
        for (int x = 0; x < cover.cols; ++x) {
            if (l[x] == 0) continue;
            const auto k = static_cast<std::size_t>(l[x]);
            touched[k] += b[x] != 0;
            if (c[x] >= t[x]) middles[k].push_back({x, y, c[x]});
        }
    }
    PaleParts parts{std::vector<char>(n, 0), std::vector<char>(n, 0)};
    for (std::size_t k = 1; k < n; ++k) {
        const int area = stats.at<int>(static_cast<int>(k), cv::CC_STAT_AREA);
        if (area < smallest || touched[k] > touching * area || middles[k].empty()) continue;
        std::vector<float> darkness;
        for (const LinePlace& p : middles[k]) darkness.push_back(p.dark);
        if (quarterOf(std::move(darkness)) < least) continue;
        parts.even[k] = quarterOf(besideDarkest(middles[k], reach)) >= steadyInk;
        parts.mayBeTips[k] = !parts.even[k] && touched[k] > 0;
    }
    return parts;
}

// Ends of strokes are thin all along, and grow paler without a dip. (Those of tapered strokes measured for it have 0.96 to 1, pencil as thin 0.76
// to 0.93.)
std::vector<char> tipsOf(const PaleParts& parts, const cv::Mat& cover, const cv::Mat& pale, const cv::Mat& labels)
{
    const std::size_t n = parts.even.size();
    std::vector<char> tips(n, 0);
    if (std::find(parts.mayBeTips.begin(), parts.mayBeTips.end(), 1) == parts.mayBeTips.end()) return tips;
    constexpr float steadyTip = 0.955F, widest = 3; // px from the middle
    cv::Mat soft;                                   // where a thin line lies on the pixels is not to count
    cv::GaussianBlur(cover, soft, {5, 5}, 1);
    std::vector<std::vector<LinePlace>> along(n);
    std::vector<char> wide(n, 0);
    alongRidge(distanceMap(pale), 0.9F, [&](int x, int y, float far) {
        const auto k = static_cast<std::size_t>(labels.at<int>(y, x));
        if (parts.mayBeTips[k]) along[k].push_back({x, y, soft.at<float>(y, x)});
        if (far > widest) wide[k] = 1;
    });
    for (std::size_t k = 1; k < n; ++k) tips[k] = !wide[k] && !along[k].empty() && quarterOf(besideBothSides(along[k], reach)) >= steadyTip;
    return tips;
}

} // namespace

pixel::Raster<std::uint8_t> liftPaleInk(pixel::Raster<float>& cover, double noise)
{
    cv::Mat m(cover.height, cover.width, CV_32F, cover.data.data());
    constexpr int edge = 2; // px: about as far as the soft edge of a dark line is dark enough for a pale one
    cv::Mat shade, besideDark;
    cv::dilate(m > 0.7, shade, disc(edge));
    const cv::Mat pale = (m > std::max(0.15, 6 * noise)) & ~shade;
    if (cv::countNonZero(pale) == 0) return {};
    cv::Mat labels, stats, centres;
    cv::connectedComponentsWithStats(pale, labels, stats, centres, 8, CV_32S);
    cv::dilate(shade, besideDark, disc(1));
    const PaleParts parts = partsOf(m, besideDark, labels, stats);
    std::vector<char> kept = tipsOf(parts, m, pale, labels);
    std::transform(kept.begin(), kept.end(), parts.even.begin(), kept.begin(), [](char tip, char even) { return static_cast<char>(tip || even); });
    if (std::find(kept.begin(), kept.end(), 1) == kept.end()) return {};
    // How dark each of them is near by, carried over the edge of the dark lines it meets.
    cv::Mat middle(m.size(), CV_32F, cv::Scalar(0)), level;
    for (int y = 0; y < m.rows; ++y)
        for (int x = 0; x < m.cols; ++x)
            if (kept[static_cast<std::size_t>(labels.at<int>(y, x))]) middle.at<float>(y, x) = m.at<float>(y, x);
    cv::dilate(middle, level, disc(edge + 2));
    pixel::Raster<std::uint8_t> lifted(cover.width, cover.height, 0);
    for (int y = 0; y < m.rows; ++y) {
        float* c = m.ptr<float>(y);
        const float* l = level.ptr<float>(y);
        std::uint8_t* was = lifted.row(y);
        for (int x = 0; x < m.cols; ++x) {
            if (l[x] <= 0) continue;
            c[x] = std::max(c[x], std::min(1.0F, c[x] / l[x]));
            was[x] = static_cast<std::uint8_t>(std::clamp(std::lround(255 * l[x]), 1L, 255L));
        }
    }
    return lifted;
}

} // namespace softrope::trace
