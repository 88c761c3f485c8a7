// The rope read again by its two sides.
//
// In the strip along the rope the best line parts left from right: what an offset gains is the leftness of all that lies left of it and the
// rightness of all right of it, beside the edge itself. The strip lies along a curve fitted to the rope, which is fair and keeps its
// corners; each time it is narrower.
#include "curve/curve.h"
#include "curve/fit.h"
#include "curve/samples.h"
#include "trace/rope.h"
#include "trace/sides.h"
#include "trace/strip.h"

#include <cmath>

namespace softrope::trace {

namespace {

using curve::Vec2;

// Tuned on shapes with known outlines in photo-like pictures: hard and soft edges, edges of hue alone, busy grounds (docs/quality.md).
namespace tuned {
struct Round {
    double reach; // px of the strip to either side
    SideReach sides;
    double fit;        // px: slack of the curve the strip lies along
    double sidesShare; // weight of what lies on the two sides
    double edge;       // weight of the edge; one edge of the stretch's own clearness gains as much at each place
    double linear;     // share of the sides' mean colours, the rest by the classifiers
};
constexpr Round rounds[] = {{22, {4, 26}, 6, 1.5, 1, 0},   {14, {4, 22}, 4, 1.5, 1, 0},   {14, {4, 22}, 4, 1.5, 1, 0},    {10, {3, 18}, 3, 1.5, 1, 0},
                            {6, {3, 16}, 2, 0.12, 4, 0.5}, {5, {3, 16}, 2, 0.25, 4, 0.5}, {4, {2.5, 16}, 2, 0.12, 4, 0.5}};
constexpr long texture = 8;      // places to either side over which colours are averaged along the line
constexpr long stretch = 20;     // places to either side that share their two colours,
constexpr long clearness = 16;   // and how clear their edge is
constexpr double along = 40;     // px to either end that a classifier learns from
constexpr double stiffness = 3;  // of the line, in edges
constexpr long calm = 10;        // places over which offsets from a fitted curve are averaged
constexpr double clear = 0.15;   // px: a rope that trembles less by itself is in a clear picture
constexpr double weakest = 0.15; // of a clear edge of the picture: weaker ones do not count as the stretch's own
constexpr double rounding = 5;   // px that corners of the rope are rounded by
} // namespace tuned

// Places 1 px apart, and which of them were drawn by hand.
struct Line {
    std::vector<Vec2> at;
    std::vector<char> byHand;
};

Line evenLine(const Line& p, bool closed)
{
    Line out;
    const std::size_t n = p.at.size(), pieces = closed ? n : n - 1;
    double rest = 0;
    for (std::size_t i = 0; i < pieces; ++i) {
        const Vec2 a = p.at[i], b = p.at[(i + 1) % n];
        const double length = distance(a, b);
        for (; rest < length; rest += 1) {
            out.at.push_back(lerp(a, b, rest / length));
            out.byHand.push_back(p.byHand[i] && (rest == 0 || p.byHand[(i + 1) % n]) ? 1 : 0);
        }
        rest -= length;
    }
    if (!closed) {
        out.at.push_back(p.at.back());
        out.byHand.push_back(p.byHand.back());
    }
    return out;
}

// The curve through the line, as a line; what was drawn by hand stays.
Line fittedLine(const Line& line, bool closed, double slack)
{
    curve::FitOptions o;
    o.slack = slack;
    o.grain = 2 * slack;
    o.rounding = tuned::rounding;
    o.strict = false;
    o.even = 0.4;
    const curve::Path path = curve::fit(line.at, closed, o).path;
    if (path.nodes.size() < 2) return line;
    const bool hand = std::find(line.byHand.begin(), line.byHand.end(), 1) != line.byHand.end();
    if (hand) {
        Line out = line;
        const std::vector<curve::Place> on = curve::placesAlong(line.at, path, 4 * slack);
        for (std::size_t i = 0; i < out.at.size(); ++i)
            if (!out.byHand[i] && std::isfinite(on[i].distance)) out.at[i] = on[i].point;
        return out;
    }
    Line out;
    out.at = curve::evenly(flatten(path, 0.05), false, 1).points;
    if (closed && out.at.size() > 2) out.at.pop_back();
    out.byHand.assign(out.at.size(), 0);
    return out;
}

// The mean colour of the left and of the right side of each place's stretch.
struct TwoColours {
    Colour3 left, right;
};
std::vector<TwoColours> twoColours(const Strip<Colour3>& colours, bool closed, double clear)
{
    const int from = static_cast<int>(clear / stripStep);
    std::vector<TwoColours> each(colours.places), out(colours.places);
    for (std::size_t i = 0; i < colours.places; ++i)
        for (int d = from; d <= colours.reach; ++d) {
            each[i].left = each[i].left + colours.row(i)[colours.reach - d];
            each[i].right = each[i].right + colours.row(i)[colours.reach + d];
        }
    for (std::size_t i = 0; i < colours.places; ++i) {
        const long k = closed ? std::min(tuned::stretch, (static_cast<long>(colours.places) - 1) / 2) : tuned::stretch;
        double count = 0;
        for (long j = static_cast<long>(i) - k; j <= static_cast<long>(i) + k; ++j) {
            const TwoColours& c = each[placeAt(j, colours.places, closed)];
            out[i] = {out[i].left + c.left, out[i].right + c.right};
            count += colours.reach - from + 1;
        }
        out[i] = {out[i].left * (1 / count), out[i].right * (1 / count)};
    }
    return out;
}

// How clear the edge is at each offset, towards the right side's colour; the stretch's own clearest counts as one.
Strip<double> edgesOf(const Strip<Colour3>& even, const std::vector<TwoColours>& two, bool closed, double contrast)
{
    constexpr std::size_t half = 3; // offsets
    Strip<double> edges(even.places, even.reach * stripStep);
    const std::size_t offsets = even.offsets();
    for (std::size_t i = 0; i < even.places; ++i) {
        const Colour3 d = two[i].right - two[i].left;
        const double much = std::sqrt(dot(d, d));
        if (much < 1e-9) continue;
        for (std::size_t k = 0; k < offsets; ++k) {
            const std::size_t a = k >= half ? k - half : 0, b = std::min(offsets - 1, k + half);
            edges.row(i)[k] = dot(even.row(i)[b] - even.row(i)[a], d) / much / (static_cast<double>(b - a) * stripStep);
        }
    }
    const Strip<double> about = meanAlong(edges, closed, tuned::clearness);
    for (std::size_t i = 0; i < even.places; ++i) {
        const double own = std::max(tuned::weakest * contrast, *std::max_element(about.row(i), about.row(i) + offsets));
        for (std::size_t k = 0; k < offsets; ++k) edges.row(i)[k] = std::clamp(edges.row(i)[k] / own, -0.5, 1.5);
    }
    return edges;
}

Strip<float> gainsOf(const EdgeMap& map, const Line& line, const std::vector<Vec2>& across, bool closed, const tuned::Round& r)
{
    const std::size_t n = line.at.size();
    Strip<Colour3> colours(n, r.reach);
    for (std::size_t i = 0; i < n; ++i)
        for (std::size_t k = 0; k < colours.offsets(); ++k) colours.row(i)[k] = colourAt(map, line.at[i] + across[i] * colours.px(k));
    const Sides sides(map, line.at, across, closed, r.sides, tuned::along);
    const Strip<Colour3> even = meanAlong(colours, closed, tuned::texture);
    const std::vector<TwoColours> two = twoColours(colours, closed, std::min(r.sides.clear, r.reach - 2));
    const Strip<double> edges = edgesOf(even, two, closed, std::max(1.0, map.contrast));
    Strip<float> gain(n, r.reach);
    for (std::size_t i = 0; i < n; ++i) {
        const Colour3 d = two[i].right - two[i].left;
        const double much = dot(d, d);
        double parted = 0; // leftness of what lies left of the offset
        for (std::size_t k = 0; k < gain.offsets(); ++k) {
            const double seen = sides.leftness(i, colours.row(i)[k]);
            const double mean = much > 1e-9 && r.linear > 0 ? std::clamp(1 - 2 * dot(even.row(i)[k] - two[i].left, d) / much, -1.0, 1.0) : 0;
            const double l = r.sidesShare * ((1 - r.linear) * seen + r.linear * mean) * stripStep;
            gain.row(i)[k] = static_cast<float>(parted + l / 2 + r.edge * edges.row(i)[k]);
            parted += l;
            if (line.byHand[i]) gain.row(i)[k] = k == static_cast<std::size_t>(gain.reach) ? 10 : 0;
        }
    }
    return gain;
}

// Where the picture is clear, the rope as it settles by itself is sharper, corners most of all; where that trembles, the calm line stays.
std::vector<Vec2> sharpened(const EdgeMap& map, const Line& line, bool closed)
{
    const std::vector<RopePoint> sharp = settled(map, line.at, line.byHand, closed);
    const std::size_t n = line.at.size();
    Strip<double> trembling(n, 0);
    constexpr long apart = 3;
    for (std::size_t i = 0; i < n; ++i) {
        const long at = static_cast<long>(i);
        const Vec2 way = sharp[i].at - line.at[i], about = 0.5 * ((sharp[placeAt(at - apart, n, closed)].at - line.at[placeAt(at - apart, n, closed)]) +
                                                                  (sharp[placeAt(at + apart, n, closed)].at - line.at[placeAt(at + apart, n, closed)]));
        trembling.row(i)[0] = length(way - about);
    }
    const Strip<double> local = meanAlong(trembling, closed, tuned::clearness);
    Strip<double> share(n, 0);
    for (std::size_t i = 0; i < n; ++i) share.row(i)[0] = local.row(i)[0] < tuned::clear ? 1 : 0;
    share = meanAlong(share, closed, tuned::clearness / 2);
    std::vector<Vec2> out(n);
    for (std::size_t i = 0; i < n; ++i) out[i] = line.byHand[i] ? line.at[i] : lerp(line.at[i], sharp[i].at, share.row(i)[0]);
    return out;
}

} // namespace

std::vector<RopePoint> refined(const EdgeMap& map, const std::vector<RopePoint>& rope, bool closed)
{
    constexpr std::size_t fewest = 12;
    if (map.follow != Follow::edge || rope.size() < fewest) return rope;
    Line line;
    for (const RopePoint& p : rope) {
        line.at.push_back(p.at);
        line.byHand.push_back(p.byHand ? 1 : 0);
    }
    for (const tuned::Round& r : tuned::rounds) {
        line = fittedLine(line, closed, r.fit);
        line = evenLine(line, closed);
        if (line.at.size() < fewest) return rope;
        const std::vector<Vec2> across = acrossOf(line.at, closed);
        const Strip<float> gain = gainsOf(map, line, across, closed, r);
        const std::vector<int> best = bestOffsets(gain, tuned::stiffness, closed);
        Strip<double> off(line.at.size(), 0);
        for (std::size_t i = 0; i < line.at.size(); ++i) off.row(i)[0] = fineOffset(gain, i, best[i]);
        off = meanAlong(off, closed, tuned::calm);
        for (std::size_t i = 0; i < line.at.size(); ++i)
            if (!line.byHand[i]) line.at[i] += across[i] * off.row(i)[0];
    }
    line.at = sharpened(map, line, closed);
    std::vector<RopePoint> out(line.at.size());
    for (std::size_t i = 0; i < out.size(); ++i) out[i] = {line.at[i], strengthAt(map, line.at[i]), line.byHand[i] != 0};
    return out;
}

} // namespace softrope::trace
