#include "cli/areas.h"

#include "art/edits.h"
#include "cli/streams.h"
#include "planar/planar.h"

#include <algorithm>
#include <cmath>
#include <iostream>

namespace softrope::cli {

namespace {

// Digits after the point that leave nothing to be seen at the size of the work.
int decimalsFor(const art::Document& d)
{
    const curve::Box box = art::bounds(d);
    const double size = std::max(box.width(), box.height());
    return size > 0 ? std::clamp(7 - static_cast<int>(std::ceil(std::log10(size))), 2, 12) : 3;
}

std::vector<const art::Artwork*> artworkOf(const art::Document& d)
{
    std::vector<const art::Artwork*> all;
    for (const art::LayerPtr& l : d.layers)
        if (l->shown)
            for (const art::ItemPtr& i : l->items)
                if (i->artwork()) all.push_back(i->artwork());
    return all;
}

// The drawing with one layer of these shapes in place of its own.
art::Document withShapes(const art::Document& d, const std::string& layerName, std::vector<std::pair<curve::Paths, std::string>> shapes)
{
    art::Document out = d;
    out.layers.clear();
    const art::Added layer = art::withNewLayer(out, layerName);
    out = layer.document;
    for (auto& [paths, name] : shapes) {
        art::Artwork a;
        a.paths = std::move(paths);
        a.stroke.colour.reset();
        a.fill.colour = art::Colour{136, 136, 136};
        art::Item item;
        item.name = name;
        item.is = std::move(a);
        out = art::withItem(out, layer.id, std::move(item)).document;
    }
    return out;
}

} // namespace

int combine(const CombineArgs& a)
{
    const files::SvgResult r = readDrawing(a.in);
    if (!r.ok()) return fail(badInput, r.problem);
    std::vector<planar::Shape> shapes;
    for (const art::Artwork* w : artworkOf(r.document)) shapes.push_back({w->paths, w->fill.evenOdd});
    using planar::Operation;
    const Operation op = a.operation == "union"          ? Operation::unite
                         : a.operation == "difference"   ? Operation::difference
                         : a.operation == "intersection" ? Operation::intersection
                                                         : Operation::exclude;
    curve::Paths one = planar::combine(shapes, op);
    if (a.out != "-") std::cerr << shapes.size() << " shapes -> " << one.size() << " contours, " << curve::nodeCount(one) << " nodes\n";
    std::vector<std::pair<curve::Paths, std::string>> result;
    if (!one.empty()) result.emplace_back(std::move(one), a.operation);
    return write(a.out, files::writeCleanSvg(withShapes(r.document, "Combined", std::move(result)), decimalsFor(r.document)));
}

int areas(const AreasArgs& a)
{
    const files::SvgResult r = readDrawing(a.in);
    if (!r.ok()) return fail(badInput, r.problem);
    curve::Paths lines;
    for (const art::Artwork* w : artworkOf(r.document)) lines.insert(lines.end(), w->paths.begin(), w->paths.end());
    planar::BuildOptions o;
    o.gap = a.gap;
    const planar::MapPtr map = planar::build(lines, o);
    const std::vector<int> found = map->areas();
    std::vector<curve::Paths> outlines = map->outlines(found);
    std::vector<std::pair<curve::Paths, std::string>> shapes;
    for (std::size_t k = 0; k < outlines.size(); ++k) shapes.emplace_back(std::move(outlines[k]), "Area " + std::to_string(k + 1));
    if (a.out != "-")
        std::cerr << found.size() << " areas, " << map->bridges().size() << " gaps closed, " << map->slivers().size() << " slivers absorbed\n";
    return write(a.out, files::writeCleanSvg(withShapes(r.document, "Areas", std::move(shapes)), decimalsFor(r.document)));
}

} // namespace softrope::cli
