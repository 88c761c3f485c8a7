#include "trace/medium.h"

#include "trace/distance_map.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdlib>
#include <iterator>
#include <utility>

namespace softrope::trace {

namespace {

// The value that `share` of them lie below. Not for none.
template <class T> T quantile(std::vector<T>& v, double share)
{
    const auto place = v.begin() + static_cast<long>(share * static_cast<double>(v.size() - 1));
    std::nth_element(v.begin(), place, v.end());
    return *place;
}

// The middles of marks, with their distance from the edge, px.
struct Middle {
    float radius;
    int x, y;
};
std::vector<Middle> middlesOf(const cv::Mat& mask)
{
    std::vector<Middle> middles;
    alongRidge(distanceMap(mask), 0.9F, [&](int x, int y, float d) { middles.push_back({d, x, y}); });
    return middles;
}

// The grey value at a place, by a binomial filter of 5 x 5: where a thin line lies on the pixels is not to count.
double softened(const pixel::Grey& grey, int x, int y)
{
    constexpr std::array<int, 5> share{1, 4, 6, 4, 1};
    int sum = 0;
    for (int j = 0; j < 5; ++j)
        for (int i = 0; i < 5; ++i) {
            const int across = std::clamp(x + i - 2, 0, grey.width - 1), down = std::clamp(y + j - 2, 0, grey.height - 1);
            sum += share[static_cast<std::size_t>(i)] * share[static_cast<std::size_t>(j)] * grey.at(across, down);
        }
    return sum / 256.0;
}

} // namespace

std::vector<float> besideDarkest(const std::vector<LinePlace>& places, int reach)
{
    if (places.empty()) return {};
    const auto column = [reach](const LinePlace& p) { return p.x / reach; };
    const auto row = [reach](const LinePlace& p) { return p.y / reach; };
    int left = column(places[0]), right = left, top = row(places[0]), bottom = top;
    for (const LinePlace& p : places) {
        left = std::min(left, column(p));
        right = std::max(right, column(p));
        top = std::min(top, row(p));
        bottom = std::max(bottom, row(p));
    }
    cv::Mat cells(bottom - top + 1, right - left + 1, CV_32F, cv::Scalar(0)), darkest;
    for (const LinePlace& p : places) {
        float& cell = cells.at<float>(row(p) - top, column(p) - left);
        cell = std::max(cell, p.dark);
    }
    cv::dilate(cells, darkest, cv::getStructuringElement(cv::MORPH_RECT, {3, 3}));
    std::vector<float> shares;
    shares.reserve(places.size());
    for (const LinePlace& p : places) {
        const float most = darkest.at<float>(row(p) - top, column(p) - left);
        shares.push_back(most > 0 ? p.dark / most : 1);
    }
    return shares;
}

std::vector<float> besideBothSides(const std::vector<LinePlace>& places, int reach)
{
    // In cells of that size, row by row: what is near lies in three runs of them, however many places there are.
    using Cell = std::pair<int, int>; // row, column
    const auto cellOf = [reach](const LinePlace& p) { return Cell{p.y / reach, p.x / reach}; };
    std::vector<LinePlace> inCells = places;
    const auto before = [&](const LinePlace& p, Cell c) { return cellOf(p) < c; };
    const auto after = [&](Cell c, const LinePlace& p) { return c < cellOf(p); };
    std::sort(inCells.begin(), inCells.end(), [&](const LinePlace& a, const LinePlace& b) { return cellOf(a) < cellOf(b); });
    std::vector<float> shares;
    shares.reserve(places.size());
    std::vector<LinePlace> near;
    for (const LinePlace& p : places) {
        const auto [row, column] = cellOf(p);
        near.clear();
        for (int r = row - 1; r <= row + 1; ++r) {
            const auto from = std::lower_bound(inCells.begin(), inCells.end(), Cell{r, column - 1}, before);
            const auto to = std::upper_bound(from, inCells.end(), Cell{r, column + 1}, after);
            std::copy_if(from, to, std::back_inserter(near), [&](const LinePlace& q) { return std::abs(q.x - p.x) <= reach && std::abs(q.y - p.y) <= reach; });
        }
        const LinePlace darkest = *std::max_element(near.begin(), near.end(), [](const LinePlace& a, const LinePlace& b) { return a.dark < b.dark; });
        float other = p.dark; // beyond the place, seen from the darkest
        for (const LinePlace& q : near)
            if ((q.x - p.x) * (darkest.x - p.x) + (q.y - p.y) * (darkest.y - p.y) < 0) other = std::max(other, q.dark);
        shares.push_back(other > 0 ? p.dark / other : 1);
    }
    return shares;
}

Medium mediumOf(const pixel::Grey& even, const pixel::Levels& l, bool scanned)
{
    const cv::Mat g(even.height, even.width, CV_8U, const_cast<std::uint8_t*>(even.data.data()));
    const std::vector<Middle> middles = middlesOf(g < l.cut);
    if (middles.size() < 20) return l.dark > 0.27 * l.light ? Medium::pencil : Medium::ink;
    std::vector<float> radii, values;
    for (const Middle& m : middles) radii.push_back(m.radius);
    const float narrow = quantile(radii, 0.2), limit = 3 * narrow;
    std::vector<LinePlace> places;
    for (const Middle& m : middles) {
        if (m.radius > limit) continue;
        const std::uint8_t v = even.at(m.x, m.y);
        values.push_back(v);
        places.push_back({m.x, m.y, static_cast<float>(l.light - softened(even, m.x, m.y))});
    }
    // In the middle of the thin marks pencil is nearer to grey than to black; pressed hard it is black too, but not everywhere.
    constexpr float blurred = 1.5F; // px from the middle, that a lens leaves of a mark that has no width
    const bool pale = quantile(values, 0.5) > 0.27 * l.light && !(scanned && narrow <= blurred);
    std::vector<float> shares = besideDarkest(places, std::max(8, static_cast<int>(std::lround(limit))));
    return quantile(shares, 0.25) < (pale ? steadyPaleInk : steadyInk) ? Medium::pencil : Medium::ink;
}

} // namespace softrope::trace
