#include "curve/needle.h"

#include <algorithm>
#include <cmath>

namespace softrope::curve {

namespace {

// As for blurred corners (blurred_corner.cpp), on the same letters.
namespace tuned {
constexpr double skipped = 3;     // sigmas from the end where the sides are not read
constexpr double side = 6;        // px of them at least
constexpr double reach = 14;      // sigmas that they are drawn on at most
constexpr double step = 0.25;     // px, of looking for where they come nearest
constexpr double apart = 2.5;     // sigmas that one of them may be ahead of the other there
constexpr double unlike = 0.15;   // px: sides worse than this are none
constexpr double leastTurn = 120; // degrees: blunter ones are no needles
constexpr double doubt = 0.4;     // of what the blur eats of such a needle
} // namespace tuned

} // namespace

std::optional<BlurredCorner> drawnOn(const Samples& s, const Corner& found, double sigma, long before, long after)
{
    const long tip = found.index, skipped = std::lround(tuned::skipped * sigma / s.step);
    if (std::min(before, after) < skipped + std::lround(tuned::side / s.step)) return std::nullopt;
    const auto side = [&](bool first, double ahead) {
        const double at = ahead / s.step;
        return first ? localParabola(s, tip - before, tip - skipped, static_cast<double>(tip) + at)
                     : localParabola(s, tip + skipped, tip + after, static_cast<double>(tip) - at);
    };
    double least = 1e300, best = 0;
    for (double ahead = 0; ahead <= tuned::reach * sigma; ahead += tuned::step)
        if (const double apart = distance(side(true, ahead).point, side(false, ahead).point); apart < least) {
            least = apart;
            best = ahead;
        }
    // (The sample in the middle need not lie in the middle of the end: one side may be ahead of the other by a little.)
    const LocalFit in = side(true, best), out = side(false, best);
    const double across = cross(in.tangent, out.tangent), ahead = across != 0 ? cross(out.point - in.point, out.tangent) / across : 1e300;
    if (best == 0 || std::abs(ahead) > tuned::apart * sigma || std::max(in.residual, out.residual) > tuned::unlike) return std::nullopt;
    BlurredCorner c;
    c.tip = in.point + in.tangent * ahead;
    c.in = angleOf(in.tangent);
    c.out = angleOf(out.tangent);
    c.bendIn = in.bend;
    c.bendOut = out.bend;
    const double eaten = recession(std::abs(c.turn())) * sigma, off = distance(c.tip, s[tip]);
    if (std::abs(c.turn()) < radians(tuned::leastTurn) || std::abs(off - eaten) > tuned::doubt * eaten) return std::nullopt;
    c.index = tip;
    c.before = before;
    c.after = after;
    return c;
}

} // namespace softrope::curve
