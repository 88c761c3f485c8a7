#include "cli/areas.h"

#include "art/edits.h"
#include "cli/streams.h"
#include "files/pictures.h"
#include "mirror/mirror.h"
#include "planar/planar.h"
#include "render/render.h"

#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <iostream>
#include <optional>

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

// "x=540" or "x1,y1,x2,y2".
std::optional<mirror::Axis> axisFrom(const std::string& text)
{
    std::vector<double> v;
    const bool upright = text.rfind("x=", 0) == 0;
    const char* p = text.c_str() + (upright ? 2 : 0);
    while (true) {
        char* end = nullptr;
        const double n = std::strtod(p, &end);
        if (end == p || !std::isfinite(n)) return std::nullopt;
        v.push_back(n);
        if (*end == 0) break;
        if (*end != ',') return std::nullopt;
        p = end + 1;
    }
    if (upright) return v.size() == 1 ? std::optional(mirror::Axis{{v[0], 0}, curve::pi / 2}) : std::nullopt;
    if (v.size() != 4 || (v[0] == v[2] && v[1] == v[3])) return std::nullopt;
    return mirror::Axis{{v[0], v[1]}, curve::angleOf(curve::Vec2{v[2] - v[0], v[3] - v[1]})};
}

// From the reference's edges where there is one, else from the lines themselves; on the sheet.
std::optional<mirror::FoundAxis> symmetryOf(const art::Document& d)
{
    for (const art::LayerPtr& l : d.layers)
        for (const art::ItemPtr& i : l->items) {
            const art::Reference* r = i->reference();
            if (!r || !r->picture) continue;
            const files::PictureResult p = files::readPicture(r->picture->bytes, i->name);
            if (!p.ok()) continue;
            if (const auto found = mirror::findAxis(mirror::edgePoints(pixel::greyOf(p.picture)), art::placement(*r))) return found;
        }
    curve::Paths lines;
    for (const art::Artwork* w : artworkOf(d)) lines.insert(lines.end(), w->paths.begin(), w->paths.end());
    return mirror::findAxis(mirror::edgePoints(lines));
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
    if (a.out != "-") std::cerr << found.size() << " areas, " << map->bridges().size() << " gaps closed, " << map->slivers().size() << " slivers absorbed\n";
    return write(a.out, files::writeCleanSvg(withShapes(r.document, "Areas", std::move(shapes)), decimalsFor(r.document)));
}

int mirror(const MirrorArgs& a)
{
    namespace mirror = softrope::mirror;
    const std::optional<mirror::Axis> given = a.axis == "auto" ? std::nullopt : axisFrom(a.axis);
    if (a.axis != "auto" && !given) return fail(badUse, "--axis takes auto, x=PX or X1,Y1,X2,Y2 (two different points), not '" + a.axis + "'.");
    const files::SvgResult r = readDrawing(a.in);
    if (!r.ok()) return fail(badInput, r.problem);
    mirror::Axis axis;
    if (given) {
        axis = *given;
    } else {
        const std::optional<mirror::FoundAxis> found = symmetryOf(r.document);
        if (!found || found->confidence < mirror::leastConfidence)
            return fail(badInput, "no symmetry was found" +
                                      (found ? " (confidence " + std::to_string(std::lround(100 * found->confidence)) + " %)" : std::string()) +
                                      "; say where the axis is with --axis.");
        axis = found->axis;
        std::cerr << "axis through " << axis.through.x << "," << axis.through.y << " at " << curve::degrees(axis.angle) << " degrees, confidence "
                  << std::lround(100 * found->confidence) << " %\n";
    }
    mirror::WeldOptions o;
    o.tolerance = a.weld;
    curve::Paths all;
    std::vector<art::Id> owner;
    for (const art::LayerPtr& l : r.document.layers)
        for (const art::ItemPtr& i : l->items)
            if (i->artwork() && l->shown)
                for (const curve::Path& p : i->artwork()->paths) {
                    all.push_back(p);
                    owner.push_back(i->id);
                }
    const mirror::Welded w = mirror::weld(all, axis, o);
    art::Document d = r.document;
    for (const art::LayerPtr& l : r.document.layers)
        for (const art::ItemPtr& i : l->items) {
            if (!i->artwork() || !l->shown) continue;
            curve::Paths own;
            for (std::size_t k = 0; k < w.paths.size(); ++k)
                if (owner[w.sources[k]] == i->id) own.push_back(w.paths[k]);
            d = own.empty() ? art::withoutItems(d, {i->id}) : art::withPaths(d, i->id, std::move(own));
        }
    if (a.out != "-") std::cerr << w.joined << " seams welded, " << w.copied << " paths copied, " << w.dropped << " were there already\n";
    return write(a.out, files::writeCleanSvg(d, decimalsFor(r.document)));
}

} // namespace softrope::cli
