#include "trace/stair_tips.h"

#include <algorithm>
#include <cmath>

namespace softrope::trace {

namespace {

using curve::Vec2;

// Tuned on the letters of docs/quality.md in two values. Lengths in px.
namespace tuned {
constexpr double sharpest = 30; // degrees between the sides: blunter tips lose little
constexpr double nearSide = 8;  // from the tip, between which its sides
constexpr double farSide = 28;  // say where it points
constexpr double aside = 0.8;   // from the axis: px further off are not the needle's
constexpr double gap = 2.5;     // in its row of px: a wider one ends it
constexpr double reach = 40;
constexpr double sure = 1.5; // standard deviations by which the row goes beyond the tip
} // namespace tuned

// How far a row of px along the axis from a place goes on; they have the value of the px at `within`.
double rowOf(const pixel::Grey& picture, double cut, Vec2 from, Vec2 axis, Vec2 within)
{
    const auto dark = [&](int x, int y) { return picture.at(x, y) < cut; };
    const bool ink = dark(std::clamp(static_cast<int>(within.x), 0, picture.width - 1), std::clamp(static_cast<int>(within.y), 0, picture.height - 1));
    double last = 0;
    for (double s = 0.5; s < std::min(tuned::reach, last + tuned::gap); s += 0.5) {
        const Vec2 p = from + axis * s;
        const int x0 = static_cast<int>(std::floor(p.x)), y0 = static_cast<int>(std::floor(p.y));
        for (int y = std::max(0, y0 - 1); y <= std::min(picture.height - 1, y0 + 1); ++y)
            for (int x = std::max(0, x0 - 1); x <= std::min(picture.width - 1, x0 + 1); ++x) {
                const Vec2 off = Vec2{x + 0.5, y + 0.5} - from;
                if (dark(x, y) == ink && std::abs(cross(axis, off)) < tuned::aside) last = std::max(last, dot(axis, off));
            }
    }
    return last;
}

// Where a piece is as far as that from its beginning, going on from there.
Vec2 placeOn(const curve::Cubic& c, double far)
{
    double low = 0, high = 1;
    for (int k = 0; k < 40; ++k) (distance(at(c, (low + high) / 2), c.p0) < far ? low : high) = (low + high) / 2;
    return at(c, low);
}

} // namespace

void followTips(curve::Path& path, const pixel::Grey& picture, double cut)
{
    const std::size_t pieces = path.pieceCount();
    for (std::size_t k = 0; k < path.nodes.size(); ++k) {
        if (!path.closed && (k == 0 || k + 1 == path.nodes.size())) continue;
        const curve::Cubic in = path.piece((k + pieces - 1) % pieces), out = path.piece(k);
        if (curve::pi - std::abs(curve::turn(endTangent(in), startTangent(out))) > curve::radians(tuned::sharpest)) continue;
        // Its sides as they come from where smoothing has not moved them.
        const double far = std::min({tuned::farSide, 0.9 * distance(in.p0, in.p3), 0.9 * distance(out.p0, out.p3)}), near = tuned::nearSide;
        if (far < 2 * near) continue;
        const Vec2 inNear = placeOn(reversed(in), near), inFar = placeOn(reversed(in), far), outNear = placeOn(out, near), outFar = placeOn(out, far);
        const Vec2 middle = lerp(inNear, outNear, 0.5), axis = unit(middle - lerp(inFar, outFar, 0.5));
        const double angle = (distance(inFar, outFar) - distance(inNear, outNear)) / (far - near); // radians between the sides
        if (!(angle > 0.02)) continue;
        curve::Node& tip = path.nodes[k];
        const double row = rowOf(picture, cut, middle, axis, lerp(inFar, outFar, 0.5));
        // At s px from its tip a px of the row is there with a chance of angle * s: so far off does the last one lie on the whole, and by so much
        // does that vary (the Rayleigh distribution's mean and standard deviation).
        const double beyond = row + std::sqrt(curve::pi / (2 * angle)), varies = std::sqrt((2 - curve::pi / 2) / angle);
        if (beyond - dot(tip.at - middle, axis) > tuned::sure * varies) tip.at = middle + axis * beyond;
    }
}

} // namespace softrope::trace
