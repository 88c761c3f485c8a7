#include "planar/wider_gaps.h"

#include <algorithm>
#include <cmath>

namespace softrope::planar {

using namespace curve;

namespace {

constexpr double same = 0.5; // px: bridges that near are one

bool among(const std::vector<Bridge>& all, const Bridge& b)
{
    return std::any_of(all.begin(), all.end(), [&](const Bridge& o) {
        return (distance(o.from, b.from) < same && distance(o.to, b.to) < same) || (distance(o.from, b.to) < same && distance(o.to, b.from) < same);
    });
}

// Areas of `map` that were no areas before: no area of the other map covers about the same place. What is not much larger than the gap is no
// area that somebody meant.
std::vector<int> newAreas(const Map& map, const Map& before, double gap)
{
    constexpr double meant = 4; // gaps squared
    std::vector<int> out;
    const std::vector<int> old = before.areas();
    for (const int f : map.areas()) {
        const Face& face = map.faces()[static_cast<std::size_t>(f)];
        if (face.area < meant * gap * gap) continue;
        const bool known = std::any_of(old.begin(), old.end(), [&](int o) {
            const Face& other = before.faces()[static_cast<std::size_t>(o)];
            constexpr double alike = 0.2; // of the area
            return std::abs(other.area - face.area) <= alike * face.area && other.box.grown(1).contains(face.box.min) &&
                   other.box.grown(1).contains(face.box.max);
        });
        if (!known) out.push_back(f);
    }
    return out;
}

} // namespace

std::vector<WiderGap> widerGaps(const Paths& paths, const BuildOptions& now, double most, std::size_t count, const std::function<bool()>& cancelled)
{
    constexpr std::size_t mostWidths = 8;
    std::vector<WiderGap> out;
    if (!(most > now.gap) || paths.empty()) return out;
    Builder builder;
    MapPtr last = builder.build(paths, now);
    BuildOptions o = now;
    o.gap = most;
    std::vector<double> widths;
    const MapPtr wide = builder.build(paths, o);
    for (const Bridge& b : wide->bridges())
        if (b.width > now.gap) widths.push_back(std::min(most, std::ceil(2 * b.width + 0.2) / 2)); // half px, a little more than is needed
    std::sort(widths.begin(), widths.end());
    widths.erase(std::unique(widths.begin(), widths.end()), widths.end());
    if (widths.size() > mostWidths) {
        // The narrowest ones, and the widest.
        widths[mostWidths - 1] = widths.back();
        widths.resize(mostWidths);
    }
    for (const double w : widths) {
        if (cancelled && cancelled()) break;
        o.gap = w;
        const MapPtr map = builder.build(paths, o);
        const std::vector<int> more = newAreas(*map, *last, w);
        if (more.empty() || map->areas().size() <= last->areas().size()) continue;
        WiderGap g;
        g.gap = w;
        g.areas = static_cast<int>(more.size());
        for (const Bridge& b : map->bridges())
            if (!among(last->bridges(), b)) g.bridges.push_back(b);
        g.outlines = map->outlines(more);
        out.push_back(std::move(g));
        last = map;
        if (out.size() == count) break;
    }
    return out;
}

} // namespace softrope::planar
