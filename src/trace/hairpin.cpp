#include "trace/hairpin.h"

#include "trace/centre_line.h"
#include "trace/ray.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace softrope::trace {

namespace {

using curve::Vec2;

// Tuned on the centre lines of docs/quality.md, in pencil.
namespace tuned {
constexpr double thicker = 1.35; // widths: so thick, on the whole, are two lines and no single one
constexpr double inHead = 0.75;  // radii from its end where the skeleton is not followed
constexpr int headParts = 6;     // of the half circle round the head
} // namespace tuned

// Mean over neighbours within `reach`, fewer towards the ends.
std::vector<double> softened(const std::vector<double>& v, std::size_t reach)
{
    std::vector<double> sums{0}, out;
    for (const double x : v) sums.push_back(sums.back() + x);
    for (std::size_t i = 0; i < v.size(); ++i) {
        const std::size_t k = std::min({reach, i, v.size() - 1 - i});
        out.push_back((sums[i + k + 1] - sums[i - k]) / static_cast<double>(2 * k + 1));
    }
    return out;
}

} // namespace

std::vector<Vec2> roundHairpin(const Branch& stem, bool rootAtEnd, double width, const pixel::Raster<float>& field)
{
    std::vector<Vec2> rough = stem.points;
    std::vector<float> radius = stem.radius;
    if (rootAtEnd) {
        std::reverse(rough.begin(), rough.end());
        std::reverse(radius.begin(), radius.end());
    }
    if (rough.size() < 3 || radius.size() != rough.size()) return {};
    double thick = 0;
    for (const float r : radius) thick += 2 * static_cast<double>(r);
    if (thick < tuned::thicker * width * static_cast<double>(radius.size())) return {};

    const std::vector<CentrePoint> middle = centred(rough, radius, false, field);
    const auto reach = static_cast<std::size_t>(std::max(2.0, width / 2));
    std::vector<double> xs, ys, halves; // a half: from the middle to the line on either side
    for (const CentrePoint& c : middle) {
        xs.push_back(c.at.x);
        ys.push_back(c.at.y);
        halves.push_back(std::max(0.0, (c.width - width) / 2));
    }
    xs = softened(xs, reach);
    ys = softened(ys, reach);
    halves = softened(halves, reach);
    // Inside the head the skeleton runs to where the edge is nearest, which says nothing of where the lines went.
    const double usual = medianOf({radius.begin(), radius.end()}, width);
    const std::size_t n = xs.size() - std::min(xs.size() - 3, static_cast<std::size_t>(tuned::inHead * usual));
    const auto at = [&](std::size_t i) { return Vec2{xs[i], ys[i]}; };
    std::vector<Vec2> up, down;
    for (std::size_t i = 0; i < n; ++i) {
        const Vec2 side = perpendicular(unit(at(std::min(n - 1, i + reach)) - at(i - std::min(i, reach))));
        up.push_back(at(i) + side * halves[i]);
        down.push_back(at(i) - side * halves[i]);
    }
    // Round the head, half a line's width inside its edge.
    const Vec2 end = at(n - 1), on = unit(end - at(n - 1 - std::min(n - 1, 2 * reach))), side = perpendicular(on);
    const double half = halves[n - 1], cap = edgeAlong(field, end, on, 4 * usual);
    const Vec2 middleOfHead = end + on * std::max(0.0, cap - width / 2 - half);
    for (int k = 0; k <= tuned::headParts; ++k) {
        const double turn = std::numbers::pi * k / tuned::headParts;
        up.push_back(middleOfHead + (side * std::cos(turn) + on * std::sin(turn)) * half);
    }
    up.insert(up.end(), down.rbegin(), down.rend());
    return up;
}

} // namespace softrope::trace
