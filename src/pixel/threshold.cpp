#include "pixel/threshold.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_reduce.h>

namespace softrope::pixel {

Histogram histogram(const Grey& grey)
{
    using Range = tbb::blocked_range<std::size_t>;
    return tbb::parallel_reduce(
        Range(0, grey.data.size(), 1 << 18), Histogram{},
        [&](const Range& some, Histogram h) {
            for (std::size_t k = some.begin(); k < some.end(); ++k) ++h[grey.data[k]];
            return h;
        },
        [](Histogram a, const Histogram& b) {
            for (std::size_t v = 0; v < a.size(); ++v) a[v] += b[v];
            return a;
        });
}

int otsu(const Histogram& h)
{
    double total = 0, sum = 0;
    for (std::size_t v = 0; v < 256; ++v) {
        total += static_cast<double>(h[v]);
        sum += static_cast<double>(v) * static_cast<double>(h[v]);
    }
    double below = 0, belowSum = 0, best = 0;
    int first = 127, last = 127;
    for (int v = 0; v < 255; ++v) {
        const auto n = static_cast<double>(h[static_cast<std::size_t>(v)]);
        below += n;
        belowSum += v * n;
        if (below == 0 || below == total) continue;
        const double gap = belowSum / below - (sum - belowSum) / (total - below);
        const double between = below * (total - below) * gap * gap;
        if (between > best * (1 + 1e-12)) {
            best = between;
            first = last = v;
        } else if (between >= best * (1 - 1e-12) && best > 0) {
            last = v;
        }
    }
    return (first + last) / 2;
}

namespace {

// Value at the given share of the counts in [from, to].
double quantile(const Histogram& h, int from, int to, double share)
{
    std::uint64_t total = 0;
    for (int v = from; v <= to; ++v) total += h[static_cast<std::size_t>(v)];
    const double wanted = share * static_cast<double>(total);
    double seen = 0;
    for (int v = from; v <= to; ++v) {
        const auto n = static_cast<double>(h[static_cast<std::size_t>(v)]);
        if (seen + n >= wanted && n > 0) return v + (n > 0 ? (wanted - seen) / n - 0.5 : 0.0);
        seen += n;
    }
    return 0.5 * (from + to);
}

} // namespace

Levels levels(const Histogram& h, int cut)
{
    Levels l;
    l.dark = quantile(h, 0, cut, 0.5);
    l.light = quantile(h, cut + 1, 255, 0.5);
    if (h[0] > 0 && l.dark < 0.5) l.dark = 0;
    if (h[255] > 0 && l.light > 254.4) l.light = 255;
    l.cut = 0.5 * (l.dark + l.light);
    return l;
}

} // namespace softrope::pixel
