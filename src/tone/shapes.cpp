#include "tone/shapes.h"

#include <algorithm>
#include <numeric>

namespace softrope::tone {

using curve::Path;
using pixel::Rgba;

namespace {

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

} // namespace

std::size_t nodesOf(const std::vector<ToneShape>& shapes)
{
    std::size_t n = 0;
    for (const ToneShape& s : shapes) n += curve::nodeCount(s.outline);
    return n;
}

std::vector<ToneShape> shapesOf(const RegionMap& map, const std::vector<Rgba>& colours, bool gradual)
{
    std::vector<ToneShape> shapes = stacked(map, colours, !gradual || map.regions.size() < 20000);
    if (gradual) {
        std::vector<ToneShape> layers = layered(map, colours);
        if (nodesOf(layers) < nodesOf(shapes)) shapes = std::move(layers);
    }
    return shapes;
}

} // namespace softrope::tone
