// Lightness in levels: of a picture, counted, cut, and changed by patches.
#include "tone/stack.h"

#include "curve/polygon.h"
#include "pixel/colour_space.h"
#include "pixel/shrink.h"
#include "tone/calm.h"
#include "tone/fill.h"
#include "tone/level_matrix.h"

#include <opencv2/imgproc.hpp>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>

namespace softrope::tone {

using curve::Vec2;
using pixel::Picture;
using pixel::Raster;

Levels levelsOf(const Picture& given, double most)
{
    Levels out;
    if (given.empty()) return out;
    const double pixels = static_cast<double>(given.width) * given.height;
    const int step = std::max(1, static_cast<int>(std::ceil(std::sqrt(pixels / std::max(1.0, most)))));
    out.shrink = step;
    out.colours = step == 1 ? opaque(given) : opaque(pixel::shrunk(given, step));
    out.level = Raster<float>(out.colours.width, out.colours.height);
    tbb::parallel_for(0, out.level.height, [&](int y) {
        for (int x = 0; x < out.level.width; ++x) out.level.at(x, y) = perL * pixel::quickLabOf(out.colours.at(x, y)).l;
    });
    return out;
}

LevelCounts countsOf(const Raster<float>& level, const Raster<std::uint8_t>* within)
{
    LevelCounts c{};
    for (std::size_t k = 0; k < level.data.size(); ++k)
        if (!within || within->data[k]) c[static_cast<std::size_t>(std::clamp(level.data[k] + 0.5F, 0.0F, 255.0F))] += 1;
    return c;
}

std::vector<double> cutsFor(const LevelCounts& counts, int tones)
{
    constexpr std::size_t n = 256;
    std::array<double, n + 1> mass{}, first{}, second{};
    std::size_t used = 0;
    for (std::size_t v = 0; v < n; ++v) {
        const auto x = static_cast<double>(v);
        mass[v + 1] = mass[v] + counts[v];
        first[v + 1] = first[v] + counts[v] * x;
        second[v + 1] = second[v] + counts[v] * x * x;
        used += counts[v] > 0;
    }
    const auto groups = static_cast<std::size_t>(std::clamp(tones, 1, static_cast<int>(std::max<std::size_t>(1, used))));
    const auto spread = [&](std::size_t a, std::size_t b) { // of levels a .. b - 1
        const double m = mass[b] - mass[a];
        if (m <= 0) return 0.0;
        const double s = first[b] - first[a];
        return second[b] - second[a] - s * s / m;
    };
    std::vector<std::array<double, n + 1>> least(groups + 1);
    std::vector<std::array<std::size_t, n + 1>> from(groups + 1);
    least[0].fill(1e300);
    least[0][0] = 0;
    for (std::size_t g = 1; g <= groups; ++g)
        for (std::size_t b = 0; b <= n; ++b) {
            least[g][b] = 1e300;
            for (std::size_t a = 0; a < b; ++a)
                if (least[g - 1][a] < 1e299)
                    if (const double c = least[g - 1][a] + spread(a, b); c < least[g][b]) {
                        least[g][b] = c;
                        from[g][b] = a;
                    }
        }
    std::vector<double> cuts;
    for (std::size_t g = groups, b = n; g > 1; --g) {
        b = from[g][b];
        // The middle of the levels that nothing lies on.
        std::size_t low = b, high = b;
        while (low > 0 && counts[low - 1] <= 0) --low;
        while (high + 1 < n && counts[high] <= 0) ++high;
        cuts.push_back((static_cast<double>(low) + static_cast<double>(high)) / 2 - 0.5);
    }
    std::reverse(cuts.begin(), cuts.end());
    return cuts;
}

double cutForShare(const LevelCounts& counts, double share)
{
    double total = 0;
    for (const double c : counts) total += c;
    if (total <= 0) return 127.5;
    const double wanted = std::clamp(share, 0.0, 1.0) * total;
    double sum = 0;
    for (std::size_t v = 0; v < 256; ++v) {
        if (sum + counts[v] >= wanted && counts[v] > 0) return std::clamp(static_cast<double>(v) - 0.5 + (wanted - sum) / counts[v], 0.0, 255.0);
        sum += counts[v];
    }
    return 255;
}

double darkShare(const LevelCounts& counts, double cut)
{
    double total = 0, dark = 0;
    for (std::size_t v = 0; v < 256; ++v) {
        total += counts[v];
        // Each count is spread evenly over the levels it was rounded from.
        dark += counts[v] * std::clamp(cut - (static_cast<double>(v) - 0.5), 0.0, 1.0);
    }
    return total > 0 ? dark / total : 0;
}

Raster<std::uint8_t> maskOf(const Levels& levels, const curve::Paths& outline)
{
    Raster<std::uint8_t> mask(levels.level.width, levels.level.height, 0);
    std::vector<std::vector<Vec2>> rings;
    for (const curve::Path& p : outline) {
        if (!curve::isFinite(p)) continue;
        std::vector<Vec2> ring = curve::flatten(p, 0.25 * levels.shrink);
        for (Vec2& v : ring) v = v / levels.shrink;
        if (ring.size() > 2) rings.push_back(std::move(ring));
    }
    if (rings.empty() || mask.empty()) return mask;
    eachInside(rings, mask.width, mask.height, [&](int x, int y) { mask.at(x, y) = 255; });
    return mask;
}

Raster<float> patched(const Levels& levels, const Stack& stack)
{
    return patched(levels.level, levels, stack);
}

Raster<float> patched(Raster<float> out, const Levels& levels, const Stack& stack)
{
    for (const Patch& p : stack.patches) {
        if (p.strength == 0 || p.outline.nodes.size() < 2) continue;
        Raster<std::uint8_t> mask = maskOf(levels, {p.outline});
        const curve::Box b = curve::bounds(p.outline);
        const cv::Rect all(0, 0, out.width, out.height);
        const cv::Rect part = cv::Rect(static_cast<int>(b.min.x / levels.shrink) - 2, static_cast<int>(b.min.y / levels.shrink) - 2,
                                       static_cast<int>(b.width() / levels.shrink) + 5, static_cast<int>(b.height() / levels.shrink) + 5) &
                              all;
        if (part.empty()) continue;
        cv::Mat far;
        cv::distanceTransform(matOf(mask, CV_8U)(part), far, cv::DIST_L2, 3);
        const double soft = std::max(1e-3, p.soft / levels.shrink);
        tbb::parallel_for(0, part.height, [&](int y) {
            const float* row = far.ptr<float>(y);
            float* to = out.row(part.y + y) + part.x;
            for (int x = 0; x < part.width; ++x) {
                if (row[x] <= 0) continue;
                const double t = std::clamp(static_cast<double>(row[x]) / soft, 0.0, 1.0);
                to[x] = std::clamp(to[x] + static_cast<float>(p.strength * t * t * (3 - 2 * t)), 0.0F, 255.0F);
            }
        });
    }
    return out;
}

} // namespace softrope::tone
