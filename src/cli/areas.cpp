#include "cli/areas.h"

#include "art/build.h"
#include "art/flatten.h"
#include "art/tree.h"
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

// What is shown, at any depth.
std::vector<const art::Artwork*> artworkOf(const art::Document& d)
{
    std::vector<const art::Artwork*> all;
    art::eachArtwork(d, art::seen, [&](const art::Item&, const art::Artwork& a, const art::Where&) { all.push_back(&a); });
    return all;
}

// The drawing with one layer of these shapes in place of its own.
art::Document withShapes(const art::Document& d, const std::string& layerName, std::vector<art::Item> shapes)
{
    art::Document out = d;
    out.layers.clear();
    const art::Added layer = art::withNewLayer(out, layerName);
    return art::withItems(layer.document, layer.id, std::move(shapes)).document;
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
    std::vector<art::Item> result;
    if (!one.empty()) {
        art::Artwork shape;
        shape.setPaths(std::move(one));
        shape.stroke.colour.reset();
        shape.fill.colour = art::Colour{136, 136, 136};
        art::Item item;
        item.name = a.operation;
        item.is = std::move(shape);
        result.push_back(std::move(item));
    }
    return write(a.out, files::writeCleanSvg(withShapes(r.document, "Combined", std::move(result)), decimalsFor(r.document)));
}

int areas(const AreasArgs& a)
{
    const files::SvgResult r = readDrawing(a.in);
    if (!r.ok()) return fail(badInput, r.problem);
    planar::BuildOptions o;
    o.gap = a.gap;
    const planar::MapPtr map = planar::build(art::drawnLines(r.document).paths, o);
    std::vector<art::Item> shapes = art::areaShapes(*map);
    if (a.out != "-") std::cerr << shapes.size() << " areas, " << map->bridges().size() << " gaps closed, " << map->slivers().size() << " slivers absorbed\n";
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
        const std::vector<mirror::FoundAxis> found = art::axesOf(r.document, pictureOf);
        if (found.empty() || found[0].confidence < mirror::leastConfidence)
            return fail(badInput, "no axis was found" +
                                      (found.empty() ? std::string() : " (confidence " + std::to_string(std::lround(100 * found[0].confidence)) + " %)") +
                                      "; say where it is with --axis.");
        axis = found[0].axis;
        std::cerr << "axis through " << axis.through.x << "," << axis.through.y << " at " << curve::degrees(axis.angle) << " degrees, confidence "
                  << std::lround(100 * found[0].confidence) << " %\n";
    }
    std::vector<art::Id> shown;
    for (const art::LayerPtr& l : r.document.layers)
        if (l->shown) shown.push_back(l->id);
    const art::Welded w = art::withWelded(r.document, shown, axis, a.weld);
    if (a.out != "-")
        std::cerr << w.seams << " seams welded, " << w.copied << " paths copied, " << w.dropped << " were there already, " << w.axisLines
                  << " drawn as the axis left out\n";
    return write(a.out, files::writeCleanSvg(w.document, decimalsFor(r.document)));
}

int flatten(const FlattenArgs& a)
{
    const files::SvgResult r = readDrawing(a.in);
    if (!r.ok()) return fail(badInput, r.problem);
    art::FlattenOptions o;
    o.steps = a.steps;
    o.inks = a.inks;
    o.slack = a.slack;
    o.overlap = a.overlap;
    if (o.inks && r.document.inks.empty()) return fail(badInput, "the drawing has no inks to take colours from.");
    const art::Flattened flat = art::flattened(r.document, o);
    if (a.out != "-") {
        std::cerr << flat.areas << " areas in " << flat.colours << " colours\n";
        for (const std::string& n : flat.notes) std::cerr << n << '\n';
        for (const std::string& n : r.leftOut) std::cerr << n << '\n';
    }
    return write(a.out, files::writeCleanSvg(flat.document, std::max(3, decimalsFor(r.document))));
}

} // namespace softrope::cli
