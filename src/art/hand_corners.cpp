#include "art/hand_corners.h"

#include "curve/corners.h"
#include "curve/samples.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace softrope::art {

using curve::Vec2;

namespace {

// Tuned on recorded strokes with a known intent (figures in docs/quality.md). Lengths are in grains, the rest as said.
namespace tuned {
constexpr double cornerGrain = 2.5;    // CornerSearch::grain: the tremor bends the line over that much
constexpr double cornerRounding = 3;   // CornerSearch::rounding: the hand rounds a corner off by that much
constexpr double smallestCorner = 28;  // degrees
constexpr double tremorSpan = 48;      // over which the tremor is read
constexpr double straightFurthest = 5; // tremors that a straight's samples may lie off ...
constexpr double straightGrain = 0.8;  // ... or so much, where the hand is very calm
constexpr double straightBow = 2;      // tremors of sagitta; a bow beyond that was meant ...
constexpr double bowOfLength = 0.004;  // ... or that share of its length
constexpr double runFurthest = 4;      // the same of a straight that runs into a bend
constexpr double runBow = 1.2;
constexpr double leastRun = 60;
constexpr double runOfWhole = 0.2; // of the stretch
constexpr double runGivesUp = 0.1; // of the run: the last of it may belong to the bend
constexpr double roundedOff = 5;   // to either side of a corner
constexpr double shortest = 12;    // straights are longer
constexpr double cornerReach = 8;  // that a corner may move to where the sides meet
constexpr double seam = 30;        // to either side of a closing stroke's start the hand misses
constexpr double seamLook = 40;    // whence the two ways are drawn on to it
constexpr double tip = 60;         // degrees: what they turn by at a tip
} // namespace tuned

// Line of total least squares through the samples, and how far they lie off.
struct Straight {
    Vec2 from, to;
    double rms = 0, furthest = 0, bow = 0; // px; bow: sagitta of the parabola through them
    double length() const { return distance(from, to); }
};

Straight straightThrough(const std::vector<Vec2>& row, double grain)
{
    Straight out;
    const curve::Samples s = curve::evenly(row, false, grain);
    if (s.count() < 3) return {row.front(), row.back(), 0, 0, 0};
    const curve::LineSums::Line l = curve::LineSums(s).over(0, s.count() - 1);
    const auto onto = [&](Vec2 q) { return l.centre + l.along * dot(q - l.centre, l.along); };
    out.from = onto(row.front());
    out.to = onto(row.back());
    out.rms = l.rms;
    for (const Vec2 q : s.points) out.furthest = std::max(out.furthest, std::abs(cross(l.along, q - l.centre)));
    const curve::LocalFit f = curve::localParabola(s, 0, s.count() - 1, 0.5 * static_cast<double>(s.count() - 1));
    const double length = distance(out.from, out.to);
    out.bow = std::abs(f.bend) * length * length / 8;
    return out;
}

// Where a closing stroke ends beside its start the hand misses by some px: whether the two ways, drawn on to the middle, meet in a tip.
bool tipAtSeam(const std::vector<Vec2>& line, double grain)
{
    const curve::Samples s = curve::evenly(line, false, grain);
    const long n = s.count(), span = std::min(n / 3, std::lround(tuned::seamLook));
    const double half = 0.5 * distance(line.front(), line.back()) / s.step;
    const Vec2 in = curve::localParabola(s, n - 1 - span, n - 1, static_cast<double>(n - 1) + half).tangent;
    const Vec2 out = curve::localParabola(s, 0, span, -half).tangent;
    return std::abs(turn(in, out)) > curve::radians(tuned::tip);
}

// Stretches that lie along a straight as near as the tremor allows become one, and meet their neighbours where the sides cross.
void straighten(HandCorners& c, bool closes, double tremor, double grain)
{
    std::vector<std::optional<Straight>> lines;
    for (HandCorners::Stretch& part : c.stretches) {
        // Near a corner the hand rounds it off.
        std::vector<Vec2> row;
        for (const HandSample& h : part.samples)
            if (std::min(distance(h.at, part.samples.front().at), distance(h.at, part.samples.back().at)) > tuned::roundedOff * grain) row.push_back(h.at);
        if (row.size() < 3) {
            lines.emplace_back();
            continue;
        }
        const Straight l = straightThrough(row, grain);
        const double most = std::max(tuned::straightFurthest * tremor, tuned::straightGrain * grain);
        part.straight =
            l.length() > tuned::shortest * grain && l.furthest <= most && l.bow <= std::max(tuned::straightBow * tremor, tuned::bowOfLength * l.length());
        lines.push_back(part.straight ? std::optional(l) : std::nullopt);
    }
    const auto onto = [](const Straight& l, Vec2 p) {
        const Vec2 u = unit(l.to - l.from);
        return l.from + u * dot(p - l.from, u);
    };
    const std::size_t n = c.stretches.size();
    for (std::size_t k = 0; k < n; ++k) {
        HandCorners::Stretch& part = c.stretches[k];
        if (!lines[k]) continue;
        if (!closes && k == 0) part.samples.front().at = onto(*lines[k], part.samples.front().at);
        if (!closes && k + 1 == n) part.samples.back().at = onto(*lines[k], part.samples.back().at);
    }
    for (std::size_t k = 0; k < n; ++k) {
        if (!closes && k + 1 == n) break;
        const std::size_t next = (k + 1) % n;
        Vec2 at = c.stretches[k].samples.back().at;
        if (lines[k] && lines[next]) {
            const Vec2 u = unit(lines[k]->to - lines[k]->from), v = unit(lines[next]->to - lines[next]->from);
            const double den = cross(u, v);
            if (std::abs(den) > 0.15) {
                const Vec2 x = lines[k]->from + u * (cross(lines[next]->from - lines[k]->from, v) / den);
                if (distance(x, at) < tuned::cornerReach * grain) at = x;
            }
        } else if (lines[k]) {
            at = onto(*lines[k], at);
        } else if (lines[next]) {
            at = onto(*lines[next], at);
        }
        c.stretches[k].samples.back().at = c.stretches[next].samples.front().at = at;
    }
}

// A straight that runs into a bend: the samples at that end of the stretch are laid exactly along it.
void layStraightRun(std::vector<HandSample>& part, double tremor, double grain)
{
    std::vector<Vec2> row;
    for (const HandSample& h : part) row.push_back(h.at);
    double whole = 0;
    for (std::size_t i = 1; i < row.size(); ++i) whole += distance(row[i - 1], row[i]);
    const auto run = [&](std::size_t count) { return straightThrough({row.begin(), row.begin() + static_cast<long>(count)}, grain); };
    const auto lies = [&](std::size_t count) {
        const Straight l = run(count);
        return l.furthest <= std::max(tuned::runFurthest * tremor, 0.5 * tuned::straightGrain * grain) &&
               l.bow <= std::max(tuned::runBow * tremor, tuned::bowOfLength * l.length());
    };
    std::size_t good = 4;
    if (row.size() < 8) return;
    for (std::size_t k = 8; k <= row.size(); k += 4)
        if (lies(k)) good = k;
    const Straight l = run(good);
    if (l.length() < std::max(tuned::leastRun * grain, tuned::runOfWhole * whole)) return;
    const Vec2 along = unit(l.to - l.from);
    const double held = (1 - tuned::runGivesUp) * l.length(); // the last of it may belong to the bend
    for (std::size_t i = 0; i < good; ++i) {
        const double t = dot(row[i] - l.from, along);
        if (t <= held) part[i].at = l.from + along * t;
    }
}

} // namespace

HandCorners handCorners(const Hand& drawn, bool closes)
{
    HandCorners out;
    std::vector<HandSample> stroke;
    for (const HandSample& s : drawn.samples)
        if (isFinite(s.at) && (stroke.empty() || stroke.back().at != s.at)) stroke.push_back(s);
    if (stroke.size() < 12) return out;
    std::vector<Vec2> line;
    for (const HandSample& s : stroke) line.push_back(s.at);
    const double grain = std::max(drawn.grain, 1e-3);
    const curve::Samples s = curve::evenly(line, closes, grain);
    const double tremor = out.tremor = curve::noiseOf(s, tuned::tremorSpan * grain);
    curve::CornerSearch search;
    search.grain = tuned::cornerGrain * grain;
    search.rounding = tuned::cornerRounding * grain;
    search.smallest = curve::radians(tuned::smallestCorner);
    std::vector<curve::Corner> corners = curve::findCorners(s, search);
    if (closes) {
        const auto atSeam = [&](const curve::Corner& c) { return s.step * static_cast<double>(std::min(c.index, s.count() - c.index)) < tuned::seam * grain; };
        const bool tip = tipAtSeam(line, grain);
        // One tip is one corner, however the hand missed its start.
        const auto sharpest = std::max_element(corners.begin(), corners.end(), [&](const curve::Corner& x, const curve::Corner& y) {
            return (atSeam(x) ? x.turn : -1) < (atSeam(y) ? y.turn : -1);
        });
        const long kept = tip && sharpest != corners.end() && atSeam(*sharpest) ? sharpest->index : -1;
        std::erase_if(corners, [&](const curve::Corner& c) { return atSeam(c) && c.index != kept; });
    }
    if (corners.empty() && closes) return out;

    // From places along the even row to samples of the stroke.
    std::vector<double> along(line.size(), 0);
    for (std::size_t i = 1; i < line.size(); ++i) along[i] = along[i - 1] + distance(line[i - 1], line[i]);
    std::vector<std::size_t> cuts;
    for (const curve::Corner& c : corners) {
        const double at = s.step * static_cast<double>(c.index);
        const auto i = static_cast<std::size_t>(std::lower_bound(along.begin(), along.end(), at) - along.begin());
        cuts.push_back(std::min(i, line.size() - 1));
        out.corners.push_back(c.point);
    }
    const std::size_t n = cuts.size();
    const auto add = [&](std::size_t from, std::size_t to, std::optional<Vec2> first, std::optional<Vec2> last, bool wraps) {
        HandCorners::Stretch part;
        if (wraps) {
            part.samples.assign(stroke.begin() + static_cast<long>(from), stroke.end());
            part.samples.insert(part.samples.end(), stroke.begin(), stroke.begin() + static_cast<long>(to) + 1);
        } else {
            part.samples.assign(stroke.begin() + static_cast<long>(from), stroke.begin() + static_cast<long>(to) + 1);
        }
        if (part.samples.size() < 2) part.samples.push_back(part.samples.front());
        if (first) part.samples.front().at = *first;
        if (last) part.samples.back().at = *last;
        out.stretches.push_back(std::move(part));
    };
    if (closes) {
        for (std::size_t k = 0; k + 1 < n; ++k) add(cuts[k], cuts[k + 1], out.corners[k], out.corners[k + 1], false);
        add(cuts[n - 1], cuts[0], out.corners[n - 1], out.corners[0], true);
    } else {
        for (std::size_t k = 0; k <= n; ++k)
            add(k == 0 ? 0 : cuts[k - 1], k == n ? line.size() - 1 : cuts[k], k == 0 ? std::nullopt : std::optional(out.corners[k - 1]),
                k == n ? std::nullopt : std::optional(out.corners[k]), false);
    }
    straighten(out, closes, tremor, grain);
    for (HandCorners::Stretch& part : out.stretches) {
        if (part.straight) continue;
        const Vec2 first = part.samples.front().at, last = part.samples.back().at;
        for (int end = 0; end < 2; ++end) {
            layStraightRun(part.samples, tremor, grain);
            std::reverse(part.samples.begin(), part.samples.end());
        }
        if (closes || &part != &out.stretches.front()) part.samples.front().at = first;
        if (closes || &part != &out.stretches.back()) part.samples.back().at = last;
    }
    return out;
}

} // namespace softrope::art
