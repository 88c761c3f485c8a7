// Which px a polygon covers: those whose centres lie inside it (even-odd).
#pragma once

#include "curve/vec.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace softrope::tone {

// Acts on each px (x, y) of a raster of that size. Rings are closed from their last point to their first; points must be finite.
template <class Act> void eachInside(const std::vector<std::vector<curve::Vec2>>& rings, int width, int height, Act act)
{
    double top = 1e9, bottom = -1e9;
    for (const auto& ring : rings)
        for (const curve::Vec2 p : ring) {
            top = std::min(top, p.y);
            bottom = std::max(bottom, p.y);
        }
    const int first = static_cast<int>(std::clamp(std::floor(top - 0.5), 0.0, static_cast<double>(height)));
    const int last = static_cast<int>(std::clamp(std::floor(bottom), -1.0, height - 1.0));
    // Each side is entered at the first row it reaches, so that long outlines cost their length and not more.
    struct Side {
        curve::Vec2 from, to; // downwards
    };
    std::vector<Side> sides;
    for (const auto& ring : rings)
        for (std::size_t i = 0, j = ring.size() - 1; i < ring.size(); j = i++)
            if (ring[i].y != ring[j].y) sides.push_back(ring[i].y < ring[j].y ? Side{ring[i], ring[j]} : Side{ring[j], ring[i]});
    std::sort(sides.begin(), sides.end(), [](const Side& a, const Side& b) { return a.from.y < b.from.y; });
    std::vector<Side> open;
    std::vector<double> cuts;
    std::size_t next = 0;
    for (int y = first; y <= last; ++y) {
        const double level = y + 0.5;
        while (next < sides.size() && sides[next].from.y <= level) open.push_back(sides[next++]);
        open.erase(std::remove_if(open.begin(), open.end(), [level](const Side& s) { return s.to.y <= level; }), open.end());
        cuts.clear();
        for (const Side& s : open) cuts.push_back(s.from.x + (s.to.x - s.from.x) * (level - s.from.y) / (s.to.y - s.from.y));
        std::sort(cuts.begin(), cuts.end());
        const auto px = [width](double x) { return static_cast<int>(std::clamp(std::ceil(x - 0.5), 0.0, static_cast<double>(width))); };
        for (std::size_t k = 0; k + 1 < cuts.size(); k += 2)
            for (int x = px(cuts[k]); x < px(cuts[k + 1]); ++x) act(x, y);
    }
}

} // namespace softrope::tone
