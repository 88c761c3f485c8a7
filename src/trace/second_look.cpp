#include "trace/second_look.h"

#include "trace/sides.h"
#include "trace/strip.h"

#include <tbb/parallel_invoke.h>

#include <algorithm>
#include <cmath>

namespace softrope::trace {

namespace {

using curve::Vec2;

// Tuned on shapes with known outlines in photo-like pictures, four sets of holds each (docs/quality.md); any of them may be half or twice that.
namespace tuned {
constexpr double astray = 6;          // px from the smooth line: nearer ones were not led astray
constexpr double apart = 4;           // px: nearer ones are the same way
constexpr double clearer = 0.01;      // of what fully parted sides have
constexpr SideReach beside = {2, 14}; // what the two sides are
} // namespace tuned

std::vector<Vec2> holdsOf(const std::vector<RopeWay>& ways, bool closed)
{
    std::vector<Vec2> holds;
    for (const RopeWay& w : ways) holds.push_back(w.points.front());
    if (!closed) holds.push_back(ways.back().points.back());
    return holds;
}

// The smooth line through the holds: a centripetal Catmull-Rom spline (Yuksel, Schaefer and Keyser 2011), about 1 px apart. What was drawn by
// hand is in it as drawn.
std::vector<RopePoint> smoothLine(const std::vector<RopeWay>& ways, const std::vector<Vec2>& holds, bool closed)
{
    const auto hold = [&](std::size_t w, long off) { return holds[placeAt(static_cast<long>(w) + off, holds.size(), closed)]; };
    const auto knot = [](Vec2 a, Vec2 b) { return std::sqrt(std::max(1e-6, distance(a, b))); };
    std::vector<RopePoint> line;
    for (std::size_t w = 0; w < ways.size(); ++w) {
        if (ways[w].byHand) {
            for (std::size_t i = 0; i + 1 < ways[w].points.size(); ++i) line.push_back({ways[w].points[i], 0, true});
            continue;
        }
        const Vec2 before = hold(w, -1), a = hold(w, 0), b = hold(w, 1), after = hold(w, 2);
        const double k0 = knot(before, a), k1 = knot(a, b), k2 = knot(b, after);
        const Vec2 atA = k1 * ((a - before) / k0 - (b - before) / (k0 + k1)) + (b - a), atB = k1 * ((after - b) / k2 - (after - a) / (k1 + k2)) + (b - a);
        const int steps = std::max(1, static_cast<int>(distance(a, b)));
        for (int i = 0; i < steps; ++i) line.push_back({curve::at({a, a + atA / 3, b - atB / 3, b}, static_cast<double>(i) / steps), 0, false});
    }
    if (!closed) line.push_back({holds.back(), 0, ways.back().byHand});
    return line;
}

// A rope, and where along it the holds lie: way w runs from holds[w] up to holds[w + 1], round again where closed.
struct Laid {
    const std::vector<RopePoint>& rope;
    std::vector<Vec2> line, across;
    std::vector<std::size_t> holds;
    bool closed;

    Laid(const std::vector<RopePoint>& r, const std::vector<RopeWay>& ways, const std::vector<Vec2>& at, bool closed_) : rope(r), closed(closed_)
    {
        for (const RopePoint& p : r) line.push_back(p.at);
        across = acrossOf(line, closed);
        // One after the other: a rope may come by a hold twice.
        const auto nearest = [&](Vec2 p, std::size_t from, std::size_t count) {
            std::size_t best = from;
            for (std::size_t k = 0; k < count; ++k)
                if (const std::size_t i = placeAt(static_cast<long>(from + k), line.size(), closed); distance(line[i], p) < distance(line[best], p)) best = i;
            return best;
        };
        holds.push_back(closed ? nearest(at.front(), 0, line.size()) : 0);
        for (std::size_t w = 1; w < at.size(); ++w) {
            const std::size_t from = holds.back(), left = closed ? (holds.front() + line.size() - from - 1) % line.size() + 1 : line.size() - from;
            holds.push_back(nearest(at[w], from, std::min(left, 2 * ways[w - 1].points.size() + 40)));
        }
        if (closed)
            holds.push_back(holds.front());
        else
            holds.back() = line.size() - 1;
    }
    std::size_t places(std::size_t w) const { return (holds[w + 1] + line.size() - holds[w]) % line.size(); }
    std::size_t place(std::size_t w, std::size_t k) const { return (holds[w] + k) % line.size(); }

    // How well it parts what lies beside it, 0..1.
    double parts(const EdgeMap& map, std::size_t w) const
    {
        const long about = std::lround(2 * tuned::beside.wide);
        // Inside a corner a place lies nearer to another part of the line, and may be of either side.
        const auto ofBoth = [&](Vec2 p, double out, std::size_t i) {
            for (long k = -about; k <= about; ++k)
                if (distance(p, line[placeAt(static_cast<long>(i) + k, line.size(), closed)]) < 0.75 * out) return true;
            return false;
        };
        std::vector<Colour3> left, right;
        for (std::size_t k = 0; k < places(w); ++k) {
            const std::size_t i = place(w, k);
            const Vec2 at = line[i], aside = across[i];
            for (double out = tuned::beside.clear; out <= tuned::beside.wide; out += 1) {
                if (!ofBoth(at - aside * out, out, i)) left.push_back(colourAt(map, at - aside * out));
                if (!ofBoth(at + aside * out, out, i)) right.push_back(colourAt(map, at + aside * out));
            }
        }
        const SideColours sides(left, right);
        double sum = 0;
        for (const Colour3& c : left) sum += sides.leftness(c);
        for (const Colour3& c : right) sum -= sides.leftness(c);
        return left.empty() && right.empty() ? 0 : sum / static_cast<double>(left.size() + right.size());
    }
    // How far a way strays from that of another rope.
    double apart(const Laid& other, std::size_t w) const
    {
        double most = 0;
        for (std::size_t k = 0; k < places(w); ++k) {
            double least = 1e300;
            for (std::size_t m = 0; m <= other.places(w); ++m) least = std::min(least, distance(line[place(w, k)], other.line[other.place(w, m)]));
            most = std::max(most, least);
        }
        return most;
    }
};

} // namespace

std::vector<RopePoint> refinedTwice(const EdgeMap& map, const std::vector<RopePoint>& rope, const std::vector<RopeWay>& ways, bool closed)
{
    if (ways.empty()) return refined(map, rope, closed);
    const std::vector<Vec2> holds = holdsOf(ways, closed);
    const std::vector<RopePoint> smooth = smoothLine(ways, holds, closed);
    if (rope.size() < 2 || smooth.size() < 2) return refined(map, rope, closed);
    std::vector<char> doubtful(ways.size(), 0);
    const Laid asLaid(rope, ways, holds, closed), asSmooth(smooth, ways, holds, closed);
    for (std::size_t w = 0; w < ways.size(); ++w) doubtful[w] = asLaid.apart(asSmooth, w) > tuned::astray ? 1 : 0;
    if (std::find(doubtful.begin(), doubtful.end(), 1) == doubtful.end()) return refined(map, rope, closed);

    std::vector<RopePoint> one, other;
    tbb::parallel_invoke([&] { one = refined(map, rope, closed); }, [&] { other = refined(map, smooth, closed); });
    const Laid first(one, ways, holds, closed), second(other, ways, holds, closed);
    std::vector<RopePoint> out;
    bool taken = false;
    for (std::size_t w = 0; w < ways.size(); ++w) {
        const bool takes = doubtful[w] && first.apart(second, w) > tuned::apart && second.parts(map, w) > first.parts(map, w) + tuned::clearer;
        const Laid& from = takes ? second : first;
        for (std::size_t k = 0; k < from.places(w); ++k) out.push_back(from.rope[from.place(w, k)]);
        taken = taken || takes;
    }
    if (!taken) return one;
    if (!closed) out.push_back(one.back());
    return refined(map, out, closed);
}

} // namespace softrope::trace
