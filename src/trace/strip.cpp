#include "trace/strip.h"

#include <cstdint>

namespace softrope::trace {

using curve::Vec2;

std::vector<Vec2> softened(const std::vector<Vec2>& line, bool closed, long about)
{
    std::vector<Vec2> out(line.size());
    for (std::size_t i = 0; i < line.size(); ++i) {
        const long k = evenWindow(i, line.size(), closed, about);
        Vec2 sum;
        for (long j = static_cast<long>(i) - k; j <= static_cast<long>(i) + k; ++j) sum += line[placeAt(j, line.size(), closed)];
        out[i] = sum / static_cast<double>(2 * k + 1);
    }
    return out;
}

std::vector<Vec2> acrossOf(const std::vector<Vec2>& line, bool closed)
{
    constexpr long about = 4; // places: the direction is the line's, not the last step's
    std::vector<Vec2> out(line.size());
    for (std::size_t i = 0; i < line.size(); ++i) {
        const long at = static_cast<long>(i);
        out[i] = perpendicular(unit(line[placeAt(at + about, line.size(), closed)] - line[placeAt(at - about, line.size(), closed)]));
    }
    return out;
}

namespace {

// `first`: the offset to begin and, within a step, to end with; none when negative.
std::vector<int> solved(const Strip<float>& gain, double stiffness, int first)
{
    constexpr int mostStep = 2;
    const std::size_t n = gain.places, offsets = gain.offsets();
    const int most = static_cast<int>(offsets);
    std::vector<float> sum(gain.row(0), gain.row(0) + offsets), next(offsets);
    if (first >= 0)
        for (int k = 0; k < most; ++k)
            if (k != first) sum[static_cast<std::size_t>(k)] = -1e9F;
    std::vector<std::int8_t> by(n * offsets, 0);
    for (std::size_t i = 1; i < n; ++i) {
        for (int k = 0; k < most; ++k) {
            float best = -1e30F;
            int from = 0;
            for (int d = -mostStep; d <= mostStep; ++d) {
                const int j = k + d;
                if (j < 0 || j >= most) continue;
                const float v = sum[static_cast<std::size_t>(j)] - static_cast<float>(stiffness * d * d);
                if (v > best) {
                    best = v;
                    from = d;
                }
            }
            next[static_cast<std::size_t>(k)] = best + gain.row(i)[k];
            by[i * offsets + static_cast<std::size_t>(k)] = static_cast<std::int8_t>(from);
        }
        sum.swap(next);
    }
    const int low = first < 0 ? 0 : std::max(0, first - mostStep), high = first < 0 ? most - 1 : std::min(most - 1, first + mostStep);
    std::vector<int> out(n);
    out[n - 1] = static_cast<int>(std::max_element(sum.begin() + low, sum.begin() + high + 1) - sum.begin());
    for (std::size_t i = n - 1; i > 0; --i) out[i - 1] = out[i] + by[i * offsets + static_cast<std::size_t>(out[i])];
    return out;
}

} // namespace

std::vector<int> bestOffsets(const Strip<float>& gain, double stiffness, bool closed)
{
    if (gain.places == 0) return {};
    std::vector<int> out = solved(gain, stiffness, -1);
    return closed ? solved(gain, stiffness, out.front()) : out;
}

double fineOffset(const Strip<float>& gain, std::size_t place, int best)
{
    const auto k = static_cast<std::size_t>(best);
    double fine = 0;
    if (best > 0 && k + 1 < gain.offsets()) {
        const float* g = gain.row(place);
        const double a = g[k - 1], b = g[k], c = g[k + 1], bend = a - 2 * b + c;
        if (bend < -1e-9) fine = std::clamp(0.5 * (a - c) / bend, -1.0, 1.0);
    }
    return gain.px(k) + stripStep * fine;
}

} // namespace softrope::trace
