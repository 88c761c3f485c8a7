#include "trace/hairpin.h"

#include "trace/centre_line.h"
#include "trace/ray.h"
#include "trace/strip.h"

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
    std::vector<Vec2> centre;
    Strip<double> halves(middle.size(), 0); // from the middle to the line on either side
    for (std::size_t i = 0; i < middle.size(); ++i) {
        centre.push_back(middle[i].at);
        halves.row(i)[0] = std::max(0.0, (middle[i].width - width) / 2);
    }
    centre = softened(centre, false, static_cast<long>(reach));
    halves = meanAlong(halves, false, static_cast<long>(reach));
    // Inside the head the skeleton runs to where the edge is nearest, which says nothing of where the lines went.
    const double usual = medianOf({radius.begin(), radius.end()}, width);
    const std::size_t n = centre.size() - std::min(centre.size() - 3, static_cast<std::size_t>(tuned::inHead * usual));
    std::vector<Vec2> up, down;
    for (std::size_t i = 0; i < n; ++i) {
        const Vec2 side = perpendicular(unit(centre[std::min(n - 1, i + reach)] - centre[i - std::min(i, reach)]));
        up.push_back(centre[i] + side * halves.row(i)[0]);
        down.push_back(centre[i] - side * halves.row(i)[0]);
    }
    // Round the head, half a line's width inside its edge.
    const Vec2 end = centre[n - 1], on = unit(end - centre[n - 1 - std::min(n - 1, 2 * reach)]), side = perpendicular(on);
    const double half = halves.row(n - 1)[0], cap = edgeAlong(field, end, on, 4 * usual);
    const Vec2 middleOfHead = end + on * std::max(0.0, cap - width / 2 - half);
    for (int k = 0; k <= tuned::headParts; ++k) {
        const double turn = std::numbers::pi * k / tuned::headParts;
        up.push_back(middleOfHead + (side * std::cos(turn) + on * std::sin(turn)) * half);
    }
    up.insert(up.end(), down.rbegin(), down.rend());
    return up;
}

} // namespace softrope::trace
