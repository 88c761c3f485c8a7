#include "trace/sides.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>

namespace softrope::trace {

using curve::Vec2;

SideColours::SideColours(const std::vector<Colour3>& left, const std::vector<Colour3>& right)
{
    if (left.empty() || right.empty()) return;
    Colour3 most{-1e9, -1e9, -1e9};
    least_ = {1e9, 1e9, 1e9};
    for (const auto* side : {&left, &right})
        for (const Colour3& v : *side) {
            least_ = {std::min(least_.l, v.l), std::min(least_.a, v.a), std::min(least_.b, v.b)};
            most = {std::max(most.l, v.l), std::max(most.a, v.a), std::max(most.b, v.b)};
        }
    // Bins no finer than what can be told apart.
    static constexpr double finest = 4;
    const auto scaleOf = [](double low, double high, int count) { return 1 / std::max(finest, (high - low) / count); };
    scale_ = Colour3{scaleOf(least_.l, most.l, lightBins), scaleOf(least_.a, most.a, hueBins), scaleOf(least_.b, most.b, hueBins)};
    table_ = histogram(left);
    const std::vector<float> other = histogram(right);
    constexpr float hardly = 0.002F; // of all: rarer colours say little
    for (std::size_t i = 0; i < binCount; ++i) table_[i] = (table_[i] - other[i]) / (table_[i] + other[i] + 2 * hardly);
}

std::size_t SideColours::binOf(const Colour3& colour) const
{
    const auto bin = [](double v, double least, double scale, int count) { return std::clamp(static_cast<int>((v - least) * scale), 0, count - 1); };
    const int l = bin(colour.l, least_.l, scale_.l, lightBins), a = bin(colour.a, least_.a, scale_.a, hueBins), b = bin(colour.b, least_.b, scale_.b, hueBins);
    return (static_cast<std::size_t>(l) * hueBins + static_cast<std::size_t>(a)) * hueBins + static_cast<std::size_t>(b);
}

std::vector<float> SideColours::histogram(const std::vector<Colour3>& side) const
{
    std::vector<float> h(binCount, 0), t(binCount);
    for (const Colour3& v : side) h[binOf(v)] += 1;
    // Softened by 1-2-1 along each axis: neighbours in colour speak for one another.
    const auto soften = [&](std::size_t stride, std::size_t length) {
        for (std::size_t i = 0; i < binCount; ++i) {
            const std::size_t at = (i / stride) % length;
            t[i] = 0.5F * h[i] + 0.25F * (at > 0 ? h[i - stride] : h[i]) + 0.25F * (at + 1 < length ? h[i + stride] : h[i]);
        }
        h.swap(t);
    };
    soften(1, hueBins);
    soften(hueBins, hueBins);
    soften(static_cast<std::size_t>(hueBins) * hueBins, lightBins);
    for (float& v : h) v /= static_cast<float>(side.size());
    return h;
}

double SideColours::leftness(const Colour3& colour) const
{
    return table_.empty() ? 0 : static_cast<double>(table_[binOf(colour)]);
}

void addSides(const EdgeMap& map, Vec2 at, Vec2 across, const SideReach& reach, std::vector<Colour3>& left, std::vector<Colour3>& right)
{
    for (double d = reach.clear; d <= reach.wide; d += 1) {
        left.push_back(colourAt(map, at - across * d));
        right.push_back(colourAt(map, at + across * d));
    }
}

Sides::Sides(const EdgeMap& map, const std::vector<Vec2>& line, const std::vector<Vec2>& across, bool closed, const SideReach& reach, double along)
    : closed_(closed)
{
    const long n = static_cast<long>(line.size());
    if (n == 0) return;
    const std::size_t count = std::max<std::size_t>(1, static_cast<std::size_t>(std::lround(static_cast<double>(n) / spacing_)));
    spacing_ = static_cast<double>(n) / static_cast<double>(count);
    classifiers_.resize(count);
    tbb::parallel_for(std::size_t{0}, count, [&](std::size_t k) {
        const long middle = std::lround((static_cast<double>(k) + 0.5) * spacing_), about = std::lround(along);
        std::vector<Colour3> left, right;
        for (long j = middle - about; j <= middle + about; j += 2) {
            if (!closed && (j < 0 || j >= n)) continue;
            const auto at = static_cast<std::size_t>((j % n + n) % n);
            addSides(map, line[at], across[at], reach, left, right);
        }
        classifiers_[k] = SideColours(left, right);
    });
}

double Sides::leftness(std::size_t i, const Colour3& colour) const
{
    if (classifiers_.empty()) return 0;
    // Between the two nearest classifiers.
    const double at = static_cast<double>(i) / spacing_ - 0.5;
    const long low = static_cast<long>(std::floor(at)), count = static_cast<long>(classifiers_.size());
    const double share = at - static_cast<double>(low);
    const auto one = [&](long k) {
        return classifiers_[static_cast<std::size_t>(closed_ ? (k % count + count) % count : std::clamp(k, 0L, count - 1))].leftness(colour);
    };
    return (1 - share) * one(low) + share * one(low + 1);
}

} // namespace softrope::trace
