#include "trace/redrawn.h"

#include "curve/box.h"

#include <algorithm>
#include <limits>
#include <optional>

namespace softrope::trace {

namespace {

using curve::Vec2;

// Tuned on the pencil pages of docs/quality.md. Lengths in widths of the line.
namespace tuned {
constexpr double apart = 2.75;   // passes further from one another are two lines
constexpr double longest = 6;    // so are longer ones
constexpr double drawnOut = 1.5; // a second pass is longer by so much than it stands out; a loop is not
} // namespace tuned

constexpr double beyondAll = std::numeric_limits<double>::max();

// The point of p nearest to `from`; nothing further than `reach`.
std::optional<std::size_t> footOn(const std::vector<Vec2>& p, Vec2 from, double reach)
{
    constexpr double step = 1.5; // px: points are no further apart, and many are passed over
    std::optional<std::size_t> best;
    for (std::size_t i = 0; i < p.size();) {
        const double d = distance(p[i], from);
        if (d < reach) {
            best = i;
            reach = d;
        }
        i += static_cast<std::size_t>(std::max(1.0, (d - reach) / step));
    }
    return best;
}

// `second` leaves `first` and comes back to it: the feet of its points there, else nothing.
std::vector<std::size_t> feetOf(const RawStroke& second, const RawStroke& first)
{
    const double reach = tuned::apart * first.width;
    std::vector<std::size_t> feet;
    double out = 0;
    for (const Vec2 p : second.points) {
        const auto foot = footOn(first.points, p, reach);
        if (!foot) return {};
        out = std::max(out, distance(first.points[*foot], p));
        feet.push_back(*foot);
    }
    const auto [from, to] = std::minmax_element(feet.begin(), feet.end());
    // The seam of a closed line is not looked over.
    const double beside = distance(first.points[*from], first.points[*to]);
    return beside > tuned::drawnOut * out && lengthOf(second.points) < 2 * beside ? feet : std::vector<std::size_t>{};
}

} // namespace

void gatherRedrawn(std::vector<RawStroke>& strokes)
{
    std::vector<double> lengths;
    std::vector<curve::Box> boxes;
    for (const RawStroke& s : strokes) {
        lengths.push_back(lengthOf(s.points));
        curve::Box& box = boxes.emplace_back();
        for (const Vec2 p : s.points) box.add(p);
    }
    std::vector<char> gone(strokes.size(), 0);
    for (std::size_t i = 0; i < strokes.size(); ++i) {
        const RawStroke& second = strokes[i];
        if (second.closed || !second.startMeets || !second.endMeets) continue;
        for (std::size_t k = 0; k < strokes.size() && !gone[i]; ++k) {
            const double width = strokes[k].width;
            if (k == i || gone[k] || lengths[i] > tuned::longest * width || lengths[k] < 2 * lengths[i]) continue;
            if (!boxes[k].grown(tuned::apart * width).contains(second.points.front())) continue;
            const std::vector<std::size_t> feet = feetOf(second, strokes[k]);
            if (feet.empty()) continue;
            std::vector<Vec2>& p = strokes[k].points;
            const auto [from, to] = std::minmax_element(feet.begin(), feet.end());
            for (std::size_t q = *from; q <= *to; ++q) p[q] = lerp(p[q], second.points[footOn(second.points, p[q], beyondAll).value_or(0)], 0.5);
            gone[i] = 1;
        }
    }
    std::vector<RawStroke> kept;
    for (std::size_t i = 0; i < strokes.size(); ++i)
        if (!gone[i]) kept.push_back(std::move(strokes[i]));
    strokes = std::move(kept);
}

} // namespace softrope::trace
