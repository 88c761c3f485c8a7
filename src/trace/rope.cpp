#include "trace/rope.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace softrope::trace {

namespace {

using curve::Vec2;

constexpr int reach = 8; // steps to either side
constexpr double step = 0.5;
constexpr std::size_t offsets = 2 * reach + 1;
using Profile = std::array<double, offsets>;

double grey(const pixel::Grey& g, Vec2 p)
{
    const double x = std::clamp(p.x - 0.5, 0.0, g.width - 1.001), y = std::clamp(p.y - 0.5, 0.0, g.height - 1.001);
    const int i = std::max(0, static_cast<int>(x)), j = std::max(0, static_cast<int>(y));
    const double fx = x - i, fy = y - j;
    const int i1 = std::min(i + 1, g.width - 1), j1 = std::min(j + 1, g.height - 1);
    return (g.at(i, j) * (1 - fx) + g.at(i1, j) * fx) * (1 - fy) + (g.at(i, j1) * (1 - fx) + g.at(i1, j1) * fx) * fy;
}

std::vector<Vec2> softened(const std::vector<Vec2>& p, bool closed, long window)
{
    const long n = static_cast<long>(p.size());
    std::vector<Vec2> out(p.size());
    for (long i = 0; i < n; ++i) {
        const long k = closed ? std::min(window, (n - 1) / 2) : std::min({window, i, n - 1 - i});
        Vec2 sum;
        for (long j = -k; j <= k; ++j) sum += p[static_cast<std::size_t>(((i + j) % n + n) % n)];
        out[static_cast<std::size_t>(i)] = sum / static_cast<double>(2 * k + 1);
    }
    return out;
}

// How much of an edge lies at each offset across the line; signed: towards lighter is positive.
Profile edgeProfile(const EdgeMap& map, Vec2 at, Vec2 across)
{
    std::array<double, offsets + 4> v{};
    for (std::size_t k = 0; k < v.size(); ++k) v[k] = grey(map.soft, at + across * (step * (static_cast<double>(k) - reach - 2)));
    Profile p{};
    for (std::size_t k = 0; k < offsets; ++k) p[k] = (v[k + 4] - v[k]) / (4 * step);
    return p;
}

// How much of a dark line's middle: the darkness about each offset, over a window as wide as a line, so that the two edges of a broad
// line do not draw the rope to themselves. A clear line counts as the map's contrast.
Profile lineProfile(const EdgeMap& map, Vec2 at, Vec2 across)
{
    constexpr std::size_t window = 6; // steps to either side
    std::array<double, offsets + 2 * window> v{};
    double light = 0, dark = 255;
    for (std::size_t k = 0; k < v.size(); ++k) {
        v[k] = grey(map.soft, at + across * (step * (static_cast<double>(k) - reach - static_cast<double>(window))));
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

Profile profileAt(const EdgeMap& map, Vec2 at, Vec2 across)
{
    return map.follow == Follow::edge ? edgeProfile(map, at, across) : lineProfile(map, at, across);
}

// Most clearness with least bending to and fro: Viterbi over the offsets.
std::vector<int> bestOffsets(const std::vector<Profile>& clear, double stiffness)
{
    const std::size_t n = clear.size();
    std::vector<std::array<double, offsets>> sum(n);
    std::vector<std::array<std::int8_t, offsets>> from(n);
    sum[0] = clear[0];
    for (std::size_t i = 1; i < n; ++i)
        for (int k = 0; k < static_cast<int>(offsets); ++k) {
            double best = -1e300;
            int by = k;
            for (int d = -2; d <= 2; ++d) {
                const int j = k + d;
                if (j < 0 || j >= static_cast<int>(offsets)) continue;
                const double v = sum[i - 1][static_cast<std::size_t>(j)] - stiffness * d * d;
                if (v > best) {
                    best = v;
                    by = j;
                }
            }
            sum[i][static_cast<std::size_t>(k)] = best + clear[i][static_cast<std::size_t>(k)];
            from[i][static_cast<std::size_t>(k)] = static_cast<std::int8_t>(by);
        }
    std::vector<int> out(n);
    out[n - 1] = static_cast<int>(std::max_element(sum[n - 1].begin(), sum[n - 1].end()) - sum[n - 1].begin());
    for (std::size_t i = n - 1; i > 0; --i) out[i - 1] = from[i][static_cast<std::size_t>(out[i])];
    return out;
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
        std::vector<Vec2> base = line, across(n);
        std::vector<Profile> signedAt(n), clear(n);
        for (std::size_t i = 0; i < n; ++i) {
            const long k = 4, m = static_cast<long>(n), at = static_cast<long>(i);
            const auto place = [&](long j) { return static_cast<std::size_t>(closed ? ((j % m) + m) % m : std::clamp(j, 0L, m - 1)); };
            across[i] = perpendicular(unit(base[place(at + k)] - base[place(at - k)]));
            signedAt[i] = profileAt(map, base[i], across[i]);
        }
        // An edge keeps its lighter side over a stretch: the sign that wins round about counts in full, the other little.
        constexpr long about = 12;
        for (std::size_t i = 0; i < n; ++i) {
            double side = 0;
            for (long d = -about; d <= about; ++d) {
                const long j = static_cast<long>(i) + d;
                if (j < 0 || j >= static_cast<long>(n)) continue;
                for (std::size_t k = offsets / 4; k < 3 * offsets / 4 + 1; ++k) side += signedAt[static_cast<std::size_t>(j)][k];
            }
            for (std::size_t k = 0; k < offsets; ++k) {
                const double v = signedAt[i][k] * (map.follow == Follow::line || side >= 0 ? 1 : -1);
                clear[i][k] = std::clamp(v / least, -0.2, 4.0) - 0.004 * std::abs(static_cast<double>(k) - reach);
                if (hand(i)) clear[i][k] = k == static_cast<std::size_t>(reach) ? 10 : 0;
            }
        }
        const std::vector<int> offset = bestOffsets(clear, 0.12);
        for (std::size_t i = 0; i < n; ++i) {
            const auto k = static_cast<std::size_t>(offset[i]);
            double fine = 0;
            if (k > 0 && k + 1 < offsets && !hand(i)) {
                const double a = clear[i][k - 1], b = clear[i][k], c = clear[i][k + 1], bend = a - 2 * b + c;
                if (bend < -1e-9) fine = std::clamp(0.5 * (a - c) / bend, -1.0, 1.0);
            }
            out[i].at = base[i] + across[i] * (step * (static_cast<double>(k) + fine - reach));
            out[i].strength = std::clamp(clear[i][k], 0.0, 1.0);
            if (hand(i)) out[i].at = way[i];
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
    o.rounding = 3.6;
    o.strict = false;
    o.even = 0.4;
    o.quick = quick;
    return curve::fit(points, closed, o);
}

} // namespace softrope::trace
