#include "shade/crescent.h"

#include <algorithm>
#include <cmath>

namespace softrope::shade {

using curve::Paths;
using curve::Vec2;
using planar::Operation;
using planar::Shape;

namespace {

Shape shifted(Shape shape, Vec2 by)
{
    for (curve::Path& p : shape.contours) p = transformed(p, curve::translation(by));
    return shape;
}

// Outlines with their holes, without what is too thin to be seen: twice the area by the perimeter is the mean width.
Paths withoutSlivers(Paths outlines)
{
    std::erase_if(outlines, [](const curve::Path& p) {
        const double round = arcLength(p);
        return !(round > 0) || 2 * std::abs(area(p)) / round < sliverWidth;
    });
    return outlines;
}

// Extent of the shape along the way.
double extent(const Shape& shape, Vec2 way)
{
    double least = 0, most = 0;
    bool first = true;
    for (const curve::Path& p : shape.contours)
        for (const curve::Node& n : p.nodes)
            for (const Vec2 q : {n.at, n.in, n.out}) {
                const double d = dot(q, way);
                least = first ? d : std::min(least, d);
                most = first ? d : std::max(most, d);
                first = false;
            }
    return most - least;
}

bool usable(const Shape& shape, Vec2 v)
{
    return isFinite(v) && std::all_of(shape.contours.begin(), shape.contours.end(), [](const curve::Path& p) { return isFinite(p); });
}

} // namespace

Paths crescent(const Shape& shape, Vec2 towards, double width)
{
    return band(shape, towards, 0, width);
}

Paths band(const Shape& shape, Vec2 towards, double from, double width)
{
    const Vec2 way = unit(towards);
    if (!(width > 0) || !std::isfinite(width) || way == Vec2{} || !usable(shape, towards)) return {};
    from = std::clamp(std::isfinite(from) ? from : 0.0, 0.0, width);
    const double size = extent(shape, way);
    const bool whole = width >= size;
    if (from <= 0)
        return withoutSlivers(whole ? planar::combine({shape}, Operation::unite)
                                    : planar::combine({shape, shifted(shape, -width * way)}, Operation::difference));
    if (from >= size || width - from < 1e-9) return {};
    const Shape rest{planar::combine({shape, shifted(shape, -from * way)}, Operation::intersection), false};
    return withoutSlivers(whole ? rest.contours : planar::combine({rest, shifted(shape, -width * way)}, Operation::difference));
}

Paths cast(const Shape& source, Vec2 by, const Shape& on)
{
    if (!usable(source, by) || !usable(on, {})) return {};
    return withoutSlivers(planar::combine({on, shifted(source, by)}, Operation::intersection));
}

} // namespace softrope::shade
