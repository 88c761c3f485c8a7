#include "tone/tones.h"

#include "tone/region_map.h"

#include <opencv2/imgproc.hpp>
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

// Straight colours on white: what transparent parts look like on the sheet.
Picture opaque(const Picture& p)
{
    Picture out(p.width, p.height);
    for (std::size_t k = 0; k < p.data.size(); ++k) {
        const Rgba c = p.data[k];
        const auto mix = [&](std::uint8_t v) { return static_cast<std::uint8_t>((v * c.a + 255 * (255 - c.a) + 127) / 255); };
        out.data[k] = c.a == 255 ? c : Rgba{mix(c.r), mix(c.g), mix(c.b), 255};
    }
    return out;
}

LabPicture labPicture(const Picture& p)
{
    LabPicture out(p.width, p.height);
    tbb::parallel_for(0, p.height, [&](int y) {
        for (int x = 0; x < p.width; ++x) out.at(x, y) = pixel::quickLabOf(p.at(x, y));
    });
    return out;
}

// Noise goes, edges stay (Tomasi and Manduchi 1998).
Picture calmed(const Picture& p, double noise, bool flat)
{
    cv::Mat rgb(p.height, p.width, CV_8UC3), out;
    const cv::Mat four(p.height, p.width, CV_8UC4, const_cast<Rgba*>(p.data.data()));
    cv::cvtColor(four, rgb, cv::COLOR_RGBA2RGB);
    if (static_cast<double>(p.width) * p.height > 4e6) {
        cv::medianBlur(rgb, out, 5);
    } else {
        // Noise is in CIELAB units; a step of one is about 2.5 of 255.
        cv::bilateralFilter(rgb, out, flat ? 5 : 7, flat ? std::clamp(12 * noise, 15.0, 60.0) : 10.0, flat ? 1.5 : 2.2);
        if (flat && noise > 0.6) {
            cv::Mat again;
            cv::bilateralFilter(out, again, 5, std::clamp(8 * noise, 12.0, 45.0), 1.5);
            out = again;
        }
    }
    Picture calm(p.width, p.height);
    cv::Mat to(p.height, p.width, CV_8UC4, calm.data.data());
    cv::cvtColor(out, to, cv::COLOR_RGB2RGBA);
    return calm;
}

// What each label truly looks like: the median of its inner pixels for flat colours, the mean in CIELAB for gradual ones.
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
    for (std::size_t k = 0; k < count; ++k) {
        const Sum& s = sums[k];
        if (s.n == 0) continue;
        if (!flat) {
            out[k] = pixel::rgbOf(Lab{static_cast<float>(s.l / s.n), static_cast<float>(s.a / s.n), static_cast<float>(s.b / s.n)});
            continue;
        }
        const auto median = [](const std::vector<std::uint32_t>& c) {
            const auto total = std::accumulate(c.begin(), c.end(), std::uint64_t{0});
            std::uint64_t sum = 0;
            for (std::size_t v = 0; v < 256; ++v)
                if (2 * (sum += c[v]) >= total) return static_cast<std::uint8_t>(v);
            return std::uint8_t{255};
        };
        out[k] = {median(s.counts[0]), median(s.counts[1]), median(s.counts[2]), 255};
    }
    return out;
}

// Regions as shapes, those that enclose others first and without holes for them. `exact`: a shape reaches under later
// neighbours as a whole, so that no border moves; else by a narrow overlap.
std::vector<ToneShape> stacked(const RegionMap& map, const std::vector<Rgba>& colours, bool exact)
{
    const std::size_t n = map.regions.size();
    const auto bordersOf = bordersByRegion(map);
    std::vector<char> in(n, 0);
    std::vector<curve::Paths> outer(n);
    std::vector<double> covers(n, 0);
    for (std::size_t r = 0; r < n; ++r) {
        in[r] = 1;
        outer[r] = outlineOf(map, in, bordersOf, {static_cast<int>(r)}, [](int) { return true; });
        in[r] = 0;
        for (const Path& p : outer[r]) covers[r] += curve::area(p);
    }
    std::vector<int> order(n), place(n);
    std::iota(order.begin(), order.end(), 0);
    std::sort(order.begin(), order.end(), [&](int a, int b) {
        const double x = covers[static_cast<std::size_t>(a)], y = covers[static_cast<std::size_t>(b)];
        return x != y ? x > y : a < b;
    });
    for (std::size_t k = 0; k < n; ++k) place[static_cast<std::size_t>(order[k])] = static_cast<int>(k);
    std::vector<ToneShape> shapes;
    for (const int r : order) {
        ToneShape s;
        s.colour = colours[map.regions[static_cast<std::size_t>(r)].label];
        s.outline = outer[static_cast<std::size_t>(r)];
        if (exact) {
            // Later neighbours along its outer border; those it encloses lie on it anyway.
            std::vector<int> members{r};
            in[static_cast<std::size_t>(r)] = 1;
            for (const int k : bordersOf[static_cast<std::size_t>(r)]) {
                const Border& b = map.borders[static_cast<std::size_t>(k)];
                const int other = b.left == r ? b.right : b.left;
                if (other == beyond || in[static_cast<std::size_t>(other)] || place[static_cast<std::size_t>(other)] < place[static_cast<std::size_t>(r)])
                    continue;
                in[static_cast<std::size_t>(other)] = 1;
                members.push_back(other);
            }
            if (members.size() > 1)
                s.outline =
                    outlineOf(map, in, bordersOf, members, [&](int m) { return place[static_cast<std::size_t>(m)] > place[static_cast<std::size_t>(r)]; });
            for (const int m : members) in[static_cast<std::size_t>(m)] = 0;
        } else {
            s.overlap = 0.35;
        }
        if (!s.outline.empty()) shapes.push_back(std::move(s));
    }
    return shapes;
}

// Gradual tones as a stack: from light to dark, each shape everything that is at least as dark. Borders between neighbouring
// tones are drawn once, and nothing shows between them.
std::vector<ToneShape> layered(const RegionMap& map, const std::vector<Rgba>& colours)
{
    const auto bordersOf = bordersByRegion(map);
    std::vector<std::size_t> byLight(colours.size()), rank(colours.size());
    std::iota(byLight.begin(), byLight.end(), std::size_t{0});
    std::sort(byLight.begin(), byLight.end(), [&](std::size_t a, std::size_t b) { return pixel::labOf(colours[a]).l > pixel::labOf(colours[b]).l; });
    for (std::size_t k = 0; k < byLight.size(); ++k) rank[byLight[k]] = k;
    std::vector<ToneShape> shapes;
    std::vector<char> in(map.regions.size(), 1);
    for (std::size_t level = 0; level < byLight.size(); ++level) {
        std::vector<int> members;
        for (std::size_t r = 0; r < map.regions.size(); ++r) {
            in[r] = rank[map.regions[r].label] >= level;
            if (in[r]) members.push_back(static_cast<int>(r));
        }
        ToneShape s;
        s.colour = colours[byLight[level]];
        s.outline = outlineOf(map, in, bordersOf, members, [](int) { return false; });
        if (!s.outline.empty()) shapes.push_back(std::move(s));
    }
    return shapes;
}

std::size_t nodesOf(const std::vector<ToneShape>& shapes)
{
    std::size_t n = 0;
    for (const ToneShape& s : shapes) n += curve::nodeCount(s.outline);
    return n;
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
    const Picture source = opaque(given);
    const double pixels = static_cast<double>(source.width) * source.height;
    const bool large = pixels > 3e6;
    const LabPicture sourceLab = labPicture(source);
    LabPicture lab = sourceLab;
    const double noise = noiseOf(lab);
    Palette palette = findPalette(lab, options.count, options.lightness);
    tell(0.2);
    Picture picture = source;
    if (noise > 0.35 || !palette.flat) {
        // What looks gradual through noise may be flat once it is calm.
        picture = calmed(source, noise, true);
        lab = labPicture(picture);
        if (!large) palette = findPalette(lab, options.count, options.lightness);
        if (!palette.flat && !large) {
            picture = calmed(source, noise, false);
            lab = labPicture(picture);
            palette = findPalette(lab, options.count, options.lightness);
            palette.flat = false;
        }
    }
    result.flat = palette.flat;
    if (stopped()) return {};
    tell(0.35);
    const double calmNoise = noiseOf(lab);
    Labels labels = palette.flat ? grownLabels(lab, palette.colours, calmNoise) : nearestLabels(lab, palette.colours, options.lightness);
    if (!palette.flat) settleLabels(labels, lab, palette.colours, settlingFor(palette.colours), large ? 2 : 4, options.lightness);
    const double smallest = options.smallest >= 0 ? options.smallest : palette.flat ? (noise > 0.35 ? 20 : 6) : std::max(8.0, pixels / 40000);
    sweepSpecks(labels, lab, palette.colours, smallest);
    if (stopped()) return {};
    tell(0.6);
    result.colours = coloursOf(labels, palette.flat ? picture : source, palette.flat ? lab : sourceLab, palette.colours.size(), palette.flat);
    result.shares.assign(palette.colours.size(), 0);
    for (const std::uint8_t k : labels.data) result.shares[k] += 1 / pixels;
    RegionMapOptions o;
    o.slack = (palette.flat ? 1.0 : 1.5) * options.slack;
    o.blur = palette.flat && noise <= 0.35 ? 0.5 : 1.0;
    o.gradual = !palette.flat;
    o.quick = large; // the careful fit takes half the nodes, and ten times as long
    o.cancelled = options.cancelled;
    const RegionMap map = mapRegions(labels, picture, result.colours, o);
    if (stopped()) return {};
    tell(0.9);
    result.regions = map.regions.size();
    result.shapes = stacked(map, result.colours, palette.flat || map.regions.size() < 20000);
    if (!palette.flat) {
        std::vector<ToneShape> layers = layered(map, result.colours);
        if (nodesOf(layers) < nodesOf(result.shapes)) result.shapes = std::move(layers);
    }
    result.nodes = nodesOf(result.shapes);
    tell(1);
    return result;
}

} // namespace softrope::tone
