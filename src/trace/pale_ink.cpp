#include "trace/pale_ink.h"

#include "trace/medium.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <cstddef>
#include <vector>

namespace softrope::trace {

namespace {

cv::Mat disc(int radius)
{
    return cv::getStructuringElement(cv::MORPH_ELLIPSE, {2 * radius + 1, 2 * radius + 1});
}

// Which connected parts are lines of one shade: long, lying apart from the dark, dark enough in the middle, and evenly so.
std::vector<char> evenLines(const cv::Mat& cover, const cv::Mat& besideDark, const cv::Mat& labels, const cv::Mat& stats)
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
    std::vector<char> even(n, 0);
    for (std::size_t k = 1; k < n; ++k) {
        const int area = stats.at<int>(static_cast<int>(k), cv::CC_STAT_AREA);
        if (area < smallest || touched[k] > touching * area || middles[k].empty()) continue;
        constexpr int reach = 8;
        std::vector<float> shares = besideDarkest(middles[k], reach);
        const auto quarter = [](std::vector<float>& v) {
            std::nth_element(v.begin(), v.begin() + static_cast<long>(v.size() / 4), v.end());
            return v[v.size() / 4];
        };
        std::vector<float> darkness;
        for (const LinePlace& p : middles[k]) darkness.push_back(p.dark);
        even[k] = quarter(darkness) >= least && quarter(shares) >= steadyInk;
    }
    return even;
}

} // namespace

void liftPaleInk(pixel::Raster<float>& cover, double noise)
{
    cv::Mat m(cover.height, cover.width, CV_32F, cover.data.data());
    constexpr int edge = 2; // px: about as far as the soft edge of a dark line is dark enough for a pale one
    cv::Mat shade, besideDark;
    cv::dilate(m > 0.7, shade, disc(edge));
    const cv::Mat pale = (m > std::max(0.15, 6 * noise)) & ~shade;
    if (cv::countNonZero(pale) == 0) return;
    cv::Mat labels, stats, centres;
    cv::connectedComponentsWithStats(pale, labels, stats, centres, 8, CV_32S);
    cv::dilate(shade, besideDark, disc(1));
    const std::vector<char> kept = evenLines(m, besideDark, labels, stats);
    if (std::find(kept.begin(), kept.end(), 1) == kept.end()) return;
    // How dark each of them is near by, carried over the edge of the dark lines it meets.
    cv::Mat middle(m.size(), CV_32F, cv::Scalar(0)), level;
    for (int y = 0; y < m.rows; ++y)
        for (int x = 0; x < m.cols; ++x)
            if (kept[static_cast<std::size_t>(labels.at<int>(y, x))]) middle.at<float>(y, x) = m.at<float>(y, x);
    cv::dilate(middle, level, disc(edge + 2));
    for (int y = 0; y < m.rows; ++y) {
        float* c = m.ptr<float>(y);
        const float* l = level.ptr<float>(y);
        for (int x = 0; x < m.cols; ++x)
            if (l[x] > 0) c[x] = std::max(c[x], std::min(1.0F, c[x] / l[x]));
    }
}

} // namespace softrope::trace
