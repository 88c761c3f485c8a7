#include "tone/tones.h"

#include "tone/calm.h"
#include "tone/flat_palette.h"
#include "tone/merge.h"
#include "tone/region_map.h"
#include "tone/shapes.h"
#include "tone/stack.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>

namespace softrope::tone {

using curve::Path;
using pixel::Lab;
using pixel::Picture;
using pixel::Rgba;

namespace {

// What a pixel of ragged border may cost, CIELAB squared: less where the colours lie close together.
double settlingFor(const std::vector<Lab>& colours)
{
    std::vector<float> apart;
    for (const Lab c : colours) {
        float least = 1e12F;
        for (const Lab o : colours)
            if (!(o == c)) least = std::min(least, pixel::squaredDistance(c, o));
        apart.push_back(least);
    }
    std::sort(apart.begin(), apart.end());
    return apart.size() < 2 ? 0 : std::min(20.0, 0.15 * static_cast<double>(apart[apart.size() / 2]));
}

// The colour that a label's px differ from least, as seen: their mean, each weighted by how little it differs (Weiszfeld 1937, with
// CIEDE2000 for the distance).
Lab medianOf(const Labels& labels, const LabPicture& lab, std::uint8_t label, Lab start)
{
    constexpr std::size_t most = 8000;
    std::vector<Lab> px;
    for (std::size_t k = 0; k < labels.data.size(); ++k)
        if (labels.data[k] == label) px.push_back(lab.data[k]);
    const std::size_t every = std::max<std::size_t>(1, px.size() / most);
    Lab at = start;
    for (int round = 0; round < 6; ++round) {
        double l = 0, a = 0, b = 0, n = 0;
        for (std::size_t k = 0; k < px.size(); k += every) {
            const double w = 1 / std::max(0.5, pixel::ciede2000(px[k], at));
            l += w * static_cast<double>(px[k].l);
            a += w * static_cast<double>(px[k].a);
            b += w * static_cast<double>(px[k].b);
            n += w;
        }
        if (n > 0) at = {static_cast<float>(l / n), static_cast<float>(a / n), static_cast<float>(b / n)};
    }
    return at;
}

// CIELAB squared, evened, that a px of border may cost: from where all that differs stays to where only what stands out does.
double priceOf(double crisp)
{
    constexpr double middle = 20, range = 6;
    return middle * std::pow(range, 1 - 2 * std::clamp(crisp, 0.0, 1.0));
}
// Grain that would be kept only costs nodes.
double crispFor(double noise)
{
    return std::clamp(0.5 - 0.1 * (noise - 1), 0.35, 0.5);
}

// What each label truly looks like: the median of its inner pixels for flat colours, what its px differ from least for gradual ones.
std::vector<Rgba> coloursOf(const Labels& labels, const Picture& p, const LabPicture& lab, std::size_t count, bool flat)
{
    std::vector<Rgba> out(count);
    struct Sum {
        double l = 0, a = 0, b = 0, n = 0;
        std::array<std::vector<std::uint32_t>, 3> counts;
    };
    std::vector<Sum> sums(count);
    for (Sum& s : sums)
        for (auto& c : s.counts) c.assign(256, 0);
    for (int y = 0; y < labels.height; ++y)
        for (int x = 0; x < labels.width; ++x) {
            const std::uint8_t k = labels.at(x, y);
            Sum& s = sums[k];
            const Lab c = lab.at(x, y);
            s.l += c.l;
            s.a += c.a;
            s.b += c.b;
            s.n += 1;
            if (!flat) continue;
            bool inner = true;
            for (const auto& [dx, dy] : {std::pair{1, 0}, {-1, 0}, {0, 1}, {0, -1}})
                if (labels.inside(x + dx, y + dy) && labels.at(x + dx, y + dy) != k) inner = false;
            const Rgba q = p.at(x, y);
            const std::uint32_t weight = inner ? 64 : 1;
            s.counts[0][q.r] += weight;
            s.counts[1][q.g] += weight;
            s.counts[2][q.b] += weight;
        }
    tbb::parallel_for(std::size_t{0}, count, [&](std::size_t k) {
        const Sum& s = sums[k];
        if (s.n == 0) return;
        if (!flat) {
            const Lab mean{static_cast<float>(s.l / s.n), static_cast<float>(s.a / s.n), static_cast<float>(s.b / s.n)};
            out[k] = pixel::rgbOf(medianOf(labels, lab, static_cast<std::uint8_t>(k), mean));
            return;
        }
        const auto median = [](const std::vector<std::uint32_t>& c) {
            const auto total = std::accumulate(c.begin(), c.end(), std::uint64_t{0});
            std::uint64_t sum = 0;
            for (std::size_t v = 0; v < 256; ++v)
                if (2 * (sum += c[v]) >= total) return static_cast<std::uint8_t>(v);
            return std::uint8_t{255};
        };
        out[k] = {median(s.counts[0]), median(s.counts[1]), median(s.counts[2]), 255};
    });
    return out;
}

} // namespace

namespace {

// What was found in a smaller picture, at the size of the given one.
Tones scaledUp(const Picture& given, const Picture& smaller, const TonesOptions& options)
{
    const double wide = static_cast<double>(given.width) / smaller.width, high = static_cast<double>(given.height) / smaller.height,
                 scale = std::sqrt(wide * high);
    constexpr double finest = 0.7; // px of the smaller one: a border is not known better
    TonesOptions o = options;
    o.slack = std::max(finest, options.slack / scale);
    if (o.smallest > 0) o.smallest /= wide * high;
    Tones t = separate(smaller, o);
    for (ToneShape& s : t.shapes) {
        for (Path& p : s.outline) p = transformed(p, curve::scaling(wide, high));
    }
    return t;
}

// Whether a large picture may be one of few flat colours, by a smaller one of it. Most large pictures are photos, of which no more is needed.
bool mayBeFlat(const Picture& large, const TonesOptions& options)
{
    constexpr double enough = 3e6; // px
    const Picture calm = calmed(seenAt(large, enough), 1, true);
    const int count = options.count > 0 ? options.count : countNeeded(labPicture(levelsOf(calm, 3e5).colours), options.lightness);
    return flatPalette(labPicture(calm), count, options.lightness).flat;
}

} // namespace

Tones separate(const Picture& given, const TonesOptions& options)
{
    Tones result;
    if (given.empty()) return result;
    const auto stopped = [&] { return options.cancelled && options.cancelled(); };
    const auto tell = [&](double share) {
        if (options.progress) options.progress(share);
    };
    // Large pictures fill the memory: nothing of them is held twice.
    const Picture mixed = isOpaque(given) ? Picture{} : opaque(given);
    const Picture& source = mixed.empty() ? given : mixed;
    const double pixels = static_cast<double>(source.width) * source.height;
    constexpr double seen = 1.2e6; // px of what is gradual that are looked at
    const bool large = pixels > 3e6;
    if (large && !mayBeFlat(source, options)) return scaledUp(given, seenAt(source, seen), options);
    // Large pictures are looked at once, calmed: a median tells flat from gradual as well.
    Picture calm = large ? calmed(source, 1, true) : Picture{};
    LabPicture sourceLab = labPicture(large ? calm : source), calmLab;
    const auto picture = [&]() -> const Picture& { return calm.empty() ? source : calm; };
    const auto lab = [&]() -> const LabPicture& { return calmLab.empty() ? sourceLab : calmLab; };
    const double noise = noiseOf(lab());
    const int count = options.count > 0 ? options.count : countNeeded(labPicture(levelsOf(picture(), 3e5).colours), options.lightness);
    Palette palette = flatPalette(lab(), count, options.lightness);
    tell(0.2);
    if (!large && (noise > 0.35 || !palette.flat)) {
        // What looks gradual through noise may be flat once it is calm.
        calm = calmed(source, noise, true);
        calmLab = labPicture(calm);
        palette = flatPalette(lab(), count, options.lightness);
        if (!palette.flat) {
            calm = calmed(source, noise, false);
            calmLab = labPicture(calm);
            if (!options.lightness) calmLab = evenly(calmLab);
            palette = findPalette(lab(), count, options.lightness);
            palette.flat = false;
        }
    }
    result.flat = palette.flat;
    if (stopped()) return {};
    if (!palette.flat && pixels > 1.1 * seen) return scaledUp(given, seenAt(source, seen), options);
    tell(0.35);
    const double calmNoise = noiseOf(lab());
    Labels labels = palette.flat ? grownLabels(lab(), palette.colours, calmNoise) : nearestLabels(lab(), palette.colours, options.lightness);
    if (!palette.flat) settleLabels(labels, lab(), palette.colours, settlingFor(palette.colours), large ? 2 : 4, options.lightness);
    if (!palette.flat) {
        constexpr double each = 40; // px of border
        mergeRegions(labels, options.lightness ? sourceLab : evenly(sourceLab), palette.colours, priceOf(options.crisp >= 0 ? options.crisp : crispFor(noise)),
                     each);
    }
    const double smallest = options.smallest >= 0 ? options.smallest : palette.flat ? (noise > 0.35 ? 20 : 6) : 8;
    sweepSpecks(labels, lab(), palette.colours, smallest);
    if (stopped()) return {};
    tell(0.6);
    result.colours = coloursOf(labels, palette.flat ? picture() : source, palette.flat ? lab() : sourceLab, palette.colours.size(), palette.flat);
    result.shares.assign(palette.colours.size(), 0);
    for (const std::uint8_t k : labels.data) result.shares[k] += 1 / pixels;
    RegionMapOptions o;
    o.slack = (palette.flat ? 1.0 : 1.5) * options.slack;
    o.blur = palette.flat && noise <= 0.35 ? 0.5 : 1.0;
    o.gradual = !palette.flat;
    o.quick = large || options.quick; // the careful fit takes half the nodes, and ten times as long
    o.cancelled = options.cancelled;
    sourceLab = {};
    calmLab = {};
    const RegionMap map = mapRegions(labels, picture(), result.colours, o);
    if (stopped()) return {};
    tell(0.9);
    result.regions = map.regions.size();
    result.shapes = shapesOf(map, result.colours, !palette.flat);
    result.nodes = nodesOf(result.shapes);
    tell(1);
    return result;
}

} // namespace softrope::tone
