#include "tone/palette.h"

#include "tone/flat_palette.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <unordered_map>

namespace softrope::tone {

using pixel::Lab;
using pixel::squaredDistance;

namespace {

struct Bin {
    double l = 0, a = 0, b = 0, flat = 0, all = 0; // sums by flat weight and by count

    Lab mean() const { return {static_cast<float>(l / all), static_cast<float>(a / all), static_cast<float>(b / all)}; }
};

// How much a pixel differs from its neighbours, at most.
float rangeAt(const LabPicture& p, int x, int y)
{
    const Lab c = p.at(x, y);
    float most = 0;
    for (const auto& [dx, dy] : {std::pair{1, 0}, {-1, 0}, {0, 1}, {0, -1}}) {
        const int u = std::clamp(x + dx, 0, p.width - 1), v = std::clamp(y + dy, 0, p.height - 1);
        most = std::max(most, squaredDistance(c, p.at(u, v)));
    }
    return most;
}

struct Cluster {
    std::vector<Lab> centres;
    double cost = 0; // weighted mean squared distance
};

Cluster lloyd(const std::vector<Lab>& at, const std::vector<double>& weight, std::vector<Lab> centres, bool lightnessOnly)
{
    const auto distance = [&](Lab x, Lab y) { return lightnessOnly ? (x.l - y.l) * (x.l - y.l) : squaredDistance(x, y); };
    Cluster c;
    double total = 0;
    for (const double w : weight) total += w;
    double before = std::numeric_limits<double>::infinity();
    for (int step = 0; step < 60; ++step) {
        struct Sum {
            double l = 0, a = 0, b = 0, w = 0;
        };
        std::vector<Sum> sums(centres.size());
        double cost = 0;
        for (std::size_t k = 0; k < at.size(); ++k) {
            if (weight[k] <= 0) continue;
            std::size_t best = 0;
            float least = std::numeric_limits<float>::infinity();
            for (std::size_t m = 0; m < centres.size(); ++m)
                if (const float d = distance(at[k], centres[m]); d < least) {
                    least = d;
                    best = m;
                }
            Sum& s = sums[best];
            s.l += weight[k] * at[k].l;
            s.a += weight[k] * at[k].a;
            s.b += weight[k] * at[k].b;
            s.w += weight[k];
            cost += weight[k] * least;
        }
        for (std::size_t m = 0; m < centres.size(); ++m)
            if (sums[m].w > 0)
                centres[m] = {static_cast<float>(sums[m].l / sums[m].w), static_cast<float>(sums[m].a / sums[m].w), static_cast<float>(sums[m].b / sums[m].w)};
        c.cost = cost / std::max(total, 1e-9);
        if (before - c.cost < 1e-5 * c.cost) break;
        before = c.cost;
    }
    c.centres = std::move(centres);
    return c;
}

// The heaviest first, then always the one that is farthest for its weight^power.
std::vector<Lab> farthestSeeds(const std::vector<Lab>& at, const std::vector<double>& weight, int count, double power)
{
    std::vector<Lab> seeds;
    std::vector<float> least(at.size(), 1e12F);
    std::size_t next = static_cast<std::size_t>(std::max_element(weight.begin(), weight.end()) - weight.begin());
    for (int k = 0; k < count; ++k) {
        seeds.push_back(at[next]);
        double best = -1;
        for (std::size_t m = 0; m < at.size(); ++m) {
            least[m] = std::min(least[m], squaredDistance(at[m], seeds.back()));
            const double score = weight[m] > 0 ? std::pow(weight[m], power) * least[m] : 0;
            if (score > best) {
                best = score;
                next = m;
            }
        }
        if (best <= 1e-6) break;
    }
    return seeds;
}

} // namespace

namespace {

template <class Lightness> double noiseBy(int width, int height, const Lightness& at)
{
    std::vector<float> off;
    const int step = std::max(1, static_cast<int>(std::sqrt(static_cast<double>(width) * height / 60000.0)));
    for (int y = 1; y + 1 < height; y += step)
        for (int x = 1; x + 1 < width; x += step) {
            const float mean = 0.25F * (at(x - 1, y) + at(x + 1, y) + at(x, y - 1) + at(x, y + 1));
            off.push_back(std::abs(at(x, y) - mean));
        }
    if (off.empty()) return 0;
    std::nth_element(off.begin(), off.begin() + static_cast<std::ptrdiff_t>(off.size() / 2), off.end());
    return off[off.size() / 2] / 0.6745 / 1.118; // median to sigma; the mean of four has its own noise
}

} // namespace

double noiseOf(const LabPicture& p)
{
    return noiseBy(p.width, p.height, [&](int x, int y) { return p.at(x, y).l; });
}

double noiseOf(const pixel::Raster<float>& lightness, float perUnit)
{
    return noiseBy(lightness.width, lightness.height, [&](int x, int y) { return lightness.at(x, y) / perUnit; });
}

namespace {

Palette paletteOf(const LabPicture& p, int count, bool lightnessOnly, bool flatOnly)
{
    count = std::clamp(count, 1, 64);
    const double noise = noiseOf(p);
    const auto still = static_cast<float>(std::pow(2.5 + 3.5 * noise, 2));
    const int step = std::max(1, static_cast<int>(std::sqrt(static_cast<double>(p.width) * p.height / 1.5e6)));
    const int columns = (p.width + step - 1) / step, rows = (p.height + step - 1) / step;
    pixel::Raster<std::uint8_t> stands(columns, rows);
    pixel::Raster<std::uint32_t> keys(columns, rows);
    tbb::parallel_for(0, rows, [&](int v) {
        for (int u = 0; u < columns; ++u) {
            const Lab c = p.at(u * step, v * step);
            stands.at(u, v) = rangeAt(p, u * step, v * step) < still;
            keys.at(u, v) =
                static_cast<std::uint32_t>(c.l / 1.5F) << 16 | static_cast<std::uint32_t>((c.a + 128) / 2) << 8 | static_cast<std::uint32_t>((c.b + 128) / 2);
        }
    });
    std::unordered_map<std::uint32_t, Bin> bins;
    double flatShare = 0, seen = 0;
    // Neighbours mostly fall in one bin.
    std::uint32_t last = 0;
    Bin* in = nullptr;
    for (int v = 0; v < rows; ++v)
        for (int u = 0; u < columns; ++u) {
            const Lab c = p.at(u * step, v * step);
            if (const std::uint32_t key = keys.at(u, v); !in || key != last) {
                in = &bins[key];
                last = key;
            }
            Bin& b = *in;
            const bool flat = stands.at(u, v) != 0;
            b.l += c.l;
            b.a += c.a;
            b.b += c.b;
            b.all += 1;
            b.flat += flat ? 1 : 0.01;
            flatShare += flat ? 1 : 0;
            seen += 1;
        }
    flatShare /= std::max(1.0, seen);
    std::vector<std::pair<std::uint32_t, Bin>> sorted(bins.begin(), bins.end());
    std::sort(sorted.begin(), sorted.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
    std::vector<Lab> at;
    std::vector<double> flatWeight, allWeight;
    for (const auto& [key, b] : sorted) {
        at.push_back(b.mean());
        flatWeight.push_back(b.flat);
        allWeight.push_back(b.all);
    }
    // A picture of few colours: what is still lies close to one of them, and they lie far apart for that.
    Palette result;
    const Cluster few = lloyd(at, flatWeight, farthestSeeds(at, flatWeight, count, 0.45), false);
    double close = 0, total = 0;
    const double reach = std::pow(5 + 3 * noise, 2);
    for (std::size_t k = 0; k < at.size(); ++k) {
        float least = 1e12F;
        for (const Lab c : few.centres) least = std::min(least, squaredDistance(at[k], c));
        total += flatWeight[k];
        if (least < reach) close += flatWeight[k];
    }
    std::vector<float> apart;
    for (const Lab c : few.centres) {
        float least = 1e12F;
        for (const Lab o : few.centres)
            if (!(o == c)) least = std::min(least, squaredDistance(c, o));
        apart.push_back(std::sqrt(least));
    }
    std::sort(apart.begin(), apart.end());
    const double spread = std::sqrt(few.cost);
    result.flat = flatShare > 0.5 && close > 0.97 * total && (few.centres.size() < 2 || spread < 0.2 * apart[apart.size() / 2]);
    if (result.flat && !lightnessOnly) {
        result.colours = few.centres;
        result.spread = spread;
        return result;
    }
    if (!result.flat && flatOnly) return result;
    constexpr std::array powers{0.3, 0.5, 0.75, 1.0};
    std::array<Cluster, powers.size()> tried;
    tbb::parallel_for(std::size_t{0}, powers.size(),
                      [&](std::size_t k) { tried[k] = lloyd(at, allWeight, farthestSeeds(at, allWeight, count, powers[k]), lightnessOnly); });
    const Cluster& best = *std::min_element(tried.begin(), tried.end(), [](const Cluster& a, const Cluster& b) { return a.cost < b.cost; });
    result.colours = best.centres;
    result.spread = std::sqrt(best.cost);
    if (lightnessOnly) std::sort(result.colours.begin(), result.colours.end(), [](Lab a, Lab b) { return a.l < b.l; });
    return result;
}

} // namespace

Palette findPalette(const LabPicture& picture, int count, bool lightnessOnly)
{
    return paletteOf(picture, count, lightnessOnly, false);
}

Palette flatPalette(const LabPicture& picture, int count, bool lightnessOnly)
{
    return paletteOf(picture, count, lightnessOnly, true);
}

int countNeeded(const LabPicture& picture, bool lightnessOnly)
{
    constexpr int most = 16;
    const double enough = 6 + 1.5 * noiseOf(picture);
    double before = 1e9;
    int gradual = most;
    for (int k = 2; k <= most; ++k) {
        const Palette p = findPalette(picture, k, lightnessOnly);
        if (p.flat) return static_cast<int>(std::max<std::size_t>(2, p.colours.size()));
        if (gradual == most && (p.spread <= enough || p.spread > 0.9 * before)) gradual = p.spread <= enough ? k : k - 1;
        before = p.spread;
    }
    return std::max(2, gradual);
}

} // namespace softrope::tone
