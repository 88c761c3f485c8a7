#include "planar/combine.h"

#include "planar/build.h"

namespace softrope::planar {

using namespace curve;

namespace {

// Winding numbers and how many shapes they fill, kept up to date along a walk.
struct Counts {
    const std::vector<Shape>& shapes;
    std::vector<int> shapeOf; // of each path
    std::vector<int> winding; // of each shape
    int inside = 0;

    bool full(int shape) const
    {
        const int w = winding[static_cast<std::size_t>(shape)];
        return shapes[static_cast<std::size_t>(shape)].evenOdd ? (w & 1) != 0 : w != 0;
    }
    void cross(int path, int step)
    {
        const int shape = shapeOf[static_cast<std::size_t>(path)];
        const bool before = full(shape);
        winding[static_cast<std::size_t>(shape)] += step;
        inside += static_cast<int>(full(shape)) - static_cast<int>(before);
    }
};

struct Filled {
    MapPtr map;
    Counts counts;
};

Filled fill(const std::vector<Shape>& shapes)
{
    Filled f{nullptr, {shapes, {}, std::vector<int>(shapes.size(), 0)}};
    Paths all;
    for (std::size_t s = 0; s < shapes.size(); ++s)
        for (const Path& p : shapes[s].contours) {
            all.push_back(p);
            f.counts.shapeOf.push_back(static_cast<int>(s));
        }
    BuildOptions o;
    o.closePaths = true;
    f.map = build(all, o);
    return f;
}

} // namespace

Paths combine(const std::vector<Shape>& shapes, Operation operation)
{
    if (shapes.empty()) return {};
    Filled f = fill(shapes);
    const int n = static_cast<int>(shapes.size());
    std::vector<char> chosen(f.map->faces().size(), 0);
    Counts& c = f.counts;
    f.map->walk([&](int path, int step) { c.cross(path, step); },
                [&](int face) {
                    bool in = false;
                    switch (operation) {
                    case Operation::unite: in = c.inside > 0; break;
                    case Operation::difference: in = c.full(0) && c.inside == 1; break;
                    case Operation::intersection: in = c.inside == n; break;
                    case Operation::exclude: in = (c.inside & 1) != 0; break;
                    }
                    chosen[static_cast<std::size_t>(face)] = in;
                });
    return f.map->outline(chosen);
}

std::vector<Part> splitApart(const std::vector<Shape>& shapes)
{
    if (shapes.empty()) return {};
    Filled f = fill(shapes);
    Counts& c = f.counts;
    std::vector<std::vector<int>> in(f.map->faces().size());
    f.map->walk([&](int path, int step) { c.cross(path, step); },
                [&](int face) {
                    for (std::size_t s = 0; s < shapes.size(); ++s)
                        if (c.full(static_cast<int>(s))) in[static_cast<std::size_t>(face)].push_back(static_cast<int>(s));
                });
    std::vector<int> kept;
    for (const int a : f.map->areas())
        if (!in[static_cast<std::size_t>(a)].empty()) kept.push_back(a);
    std::vector<Paths> outlines = f.map->outlines(kept);
    std::vector<Part> parts;
    for (std::size_t k = 0; k < kept.size(); ++k) parts.push_back({std::move(outlines[k]), std::move(in[static_cast<std::size_t>(kept[k])])});
    return parts;
}

} // namespace softrope::planar
