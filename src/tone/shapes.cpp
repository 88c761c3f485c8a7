#include "tone/shapes.h"

#include "tone/painting_order.h"
#include "tone/reach_under.h"

#include <algorithm>

namespace softrope::tone {

namespace {

std::vector<ToneShape> painted(const RegionMap& map, const std::vector<pixel::Rgba>& colours, const std::vector<pixel::Lab>& labs, const PaintingOrder& order,
                               Meeting meeting)
{
    const auto bordersOf = bordersByRegion(map);
    std::vector<char> in(map.regions.size(), 0);
    std::vector<ToneShape> shapes;
    for (const std::vector<int>& all : reachesUnder(map, labs, order, meeting)) {
        for (const int r : all) in[static_cast<std::size_t>(r)] = 1;
        ToneShape s;
        s.colour = colours[map.regions[static_cast<std::size_t>(all.front())].label];
        s.outline = outlineOf(map, in, bordersOf, all);
        for (const int r : all) in[static_cast<std::size_t>(r)] = 0;
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

std::vector<ToneShape> shapesOf(const RegionMap& map, const std::vector<pixel::Rgba>& colours, bool gradual)
{
    std::vector<pixel::Lab> labs;
    for (const pixel::Rgba c : colours) labs.push_back(pixel::labOf(c));
    if (!gradual) return painted(map, colours, labs, byExtent(map), Meeting::under);
    const PaintingOrder light = byLight(map, labs);
    std::vector<ToneShape> best = painted(map, colours, labs, light, Meeting::mayShow);
    // Light to dark is what one expects, and a shape a tone is easier to work with than many: others are for a gain.
    constexpr double gain = 0.93;
    const auto offer = [&](const PaintingOrder& order) {
        std::vector<ToneShape> other = painted(map, colours, labs, order, Meeting::mayShow);
        if (static_cast<double>(nodesOf(other)) < gain * static_cast<double>(nodesOf(best))) best = std::move(other);
    };
    constexpr std::size_t many = 5000; // regions: nobody works with them one by one, and there is no end to trying
    if (map.regions.size() > many) return best;
    PaintingOrder together = neighboursTogether(map, light);
    offer(changedOver(map, labs, together));
    std::reverse(together.begin(), together.end());
    offer(changedOver(map, labs, together));
    offer(byExtent(map));
    return best;
}

} // namespace softrope::tone
