#include "trace/rope.h"

#include "trace/strip.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace softrope::trace {

namespace {

using curve::Vec2;

constexpr double reach = 4; // px to either side
constexpr std::size_t offsets = 17;
static_assert(offsets == static_cast<std::size_t>(2 * reach / stripStep) + 1);
using Profile = std::array<double, offsets>;
constexpr double middle = (offsets - 1) / 2.0;

// How the colour changes at each offset across the line, for each px.
using Changes = std::array<Colour3, offsets>;
Changes changesAt(const EdgeMap& map, Vec2 at, Vec2 across)
{
    std::array<Colour3, offsets + 4> v{};
    for (std::size_t k = 0; k < v.size(); ++k) v[k] = colourAt(map, at + across * (stripStep * (static_cast<double>(k) - middle - 2)));
    Changes c{};
    for (std::size_t k = 0; k < offsets; ++k) c[k] = (v[k + 4] - v[k]) * (1 / (4 * stripStep));
    return c;
}

// How much of an edge lies at each offset. An edge keeps its two colours over a stretch: what changes as the stretch does counts in full,
// the contrary little.
std::vector<Profile> edgeProfiles(const std::vector<Changes>& changes)
{
    constexpr long about = 12;
    const long n = static_cast<long>(changes.size());
    std::vector<Colour3> across(changes.size());
    for (std::size_t i = 0; i < changes.size(); ++i)
        for (std::size_t k = offsets / 4; k < 3 * offsets / 4 + 1; ++k) across[i] = across[i] + changes[i][k];
    std::vector<Profile> out(changes.size());
    for (long i = 0; i < n; ++i) {
        Colour3 side;
        for (long j = std::max(0L, i - about); j <= std::min(n - 1, i + about); ++j) side = side + across[static_cast<std::size_t>(j)];
        const double much = std::sqrt(dot(side, side));
        if (much < 1e-9) continue;
        const auto at = static_cast<std::size_t>(i);
        for (std::size_t k = 0; k < offsets; ++k) out[at][k] = dot(changes[at][k], side) / much;
    }
    return out;
}

// How much of a dark line's middle: the darkness about each offset, over a window as wide as a line, so that the two edges of a broad
// line do not draw the rope to themselves. A clear line counts as the map's contrast.
Profile lineProfile(const EdgeMap& map, Vec2 at, Vec2 across)
{
    constexpr std::size_t window = 6; // steps to either side
    std::array<double, offsets + 2 * window> v{};
    double light = 0, dark = 255;
    for (std::size_t k = 0; k < v.size(); ++k) {
        v[k] = colourAt(map, at + across * (stripStep * (static_cast<double>(k) - middle - static_cast<double>(window)))).l;
        light = std::max(light, v[k]);
        dark = std::min(dark, v[k]);
    }
    const double range = std::max(24.0, light - dark);
    Profile p{};
    for (std::size_t k = 0; k < offsets; ++k) {
        double sum = 0;
        for (std::size_t i = 0; i <= 2 * window; ++i) sum += light - v[k + i];
        p[k] = 2 * map.contrast * sum / (static_cast<double>(2 * window + 1) * range);
    }
    return p;
}

} // namespace

std::vector<RopePoint> settled(const EdgeMap& map, const std::vector<Vec2>& way, const std::vector<char>& byHand, bool closed)
{
    const std::size_t n = way.size();
    std::vector<RopePoint> out(n);
    const auto hand = [&](std::size_t i) { return i < byHand.size() && byHand[i]; };
    for (std::size_t i = 0; i < n; ++i) out[i] = {way[i], strengthAt(map, way[i]), hand(i)};
    if (n < 3) return out;
    std::vector<Vec2> line = softened(way, closed, 3);
    const double least = std::max(1.0, map.contrast);
    for (int round = 0; round < 2; ++round) {
        const std::vector<Vec2> base = line, across = acrossOf(base, closed);
        std::vector<Profile> clear(n);
        if (map.follow == Follow::edge) {
            std::vector<Changes> changes(n);
            for (std::size_t i = 0; i < n; ++i) changes[i] = changesAt(map, base[i], across[i]);
            clear = edgeProfiles(changes);
        } else {
            for (std::size_t i = 0; i < n; ++i) clear[i] = lineProfile(map, base[i], across[i]);
        }
        Strip<float> gain(n, reach);
        for (std::size_t i = 0; i < n; ++i)
            for (std::size_t k = 0; k < offsets; ++k) {
                const double off = static_cast<double>(k) - middle;
                gain.row(i)[k] = static_cast<float>(hand(i) ? (off == 0 ? 10 : 0) : std::clamp(clear[i][k] / least, -0.2, 4.0) - 0.004 * std::abs(off));
            }
        const std::vector<int> best = bestOffsets(gain, 0.12, false);
        for (std::size_t i = 0; i < n; ++i) {
            out[i].at = hand(i) ? way[i] : base[i] + across[i] * fineOffset(gain, i, best[i]);
            out[i].strength = std::clamp(static_cast<double>(gain.row(i)[best[i]]), 0.0, 1.0);
            line[i] = out[i].at;
        }
        if (round == 0) line = softened(line, closed, 2);
    }
    return out;
}

Retraced retraced(const std::vector<Vec2>& way, const std::vector<Vec2>& next)
{
    constexpr std::size_t most = 40;
    Retraced best;
    for (std::size_t i = 1; i <= most && i + 2 < way.size(); ++i)
        for (std::size_t k = 1; k <= most && k + 2 < next.size(); ++k)
            if (distance(way[way.size() - 1 - i], next[k]) <= 1.5 && i + k > 3 && i + k > best.fromEnd + best.fromStart) best = {i, k};
    return best;
}

std::vector<char> weakPlaces(const std::vector<RopePoint>& rope)
{
    const long n = static_cast<long>(rope.size());
    std::vector<char> out(rope.size(), 0);
    constexpr long about = 6;
    for (long i = 0; i < n; ++i) {
        double sum = 0, count = 0;
        for (long j = std::max(0L, i - about); j <= std::min(n - 1, i + about); ++j) {
            sum += rope[static_cast<std::size_t>(j)].strength;
            ++count;
        }
        out[static_cast<std::size_t>(i)] = sum / count < 0.18 && !rope[static_cast<std::size_t>(i)].byHand ? 1 : 0;
    }
    return out;
}

curve::Fit ropeCurve(const EdgeMap& map, const std::vector<RopePoint>& rope, bool closed, double slack, bool quick)
{
    std::vector<Vec2> points;
    points.reserve(rope.size());
    for (const RopePoint& p : rope)
        if (points.empty() || distance(points.back(), p.at) > 0.2) points.push_back(p.at);
    if (closed && points.size() > 2 && distance(points.front(), points.back()) < 0.5) points.pop_back();
    curve::FitOptions o;
    o.slack = slack;
    o.grain = map.follow == Follow::edge ? 2 : 2.5;
    o.rounding = 4.5;
    o.strict = false;
    o.even = 0.4;
    o.quick = quick;
    return curve::fit(points, closed, o);
}

} // namespace softrope::trace
