#include "art/build.h"
#include "art/flatten.h"
#include "art/tree.h"
#include "cli/command.h"
#include "cli/facts.h"
#include "cli/output.h"
#include "cli/streams.h"
#include "files/pictures.h"
#include "mirror/mirror.h"
#include "planar/planar.h"
#include "render/render.h"

#include <CLI/CLI.hpp>
#include <nlohmann/json.hpp>

#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <memory>
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

struct CombineArgs {
    std::string in, out, operation;
};

struct AreasArgs {
    std::string in, out;
    double gap = 0; // px
};

struct MirrorArgs {
    std::string in, out, axis = "auto";
    double weld = 3; // px
};

struct FlattenArgs {
    std::string in, out;
    int steps = 12;
    bool inks = false;
    double slack = 0.3, overlap = 0.6; // px
};

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
    if (a.out != "-") say(amountOf(shapes.size(), "shape") + " -> " + amountOf(one.size(), "contour") + ", " + amountOf(curve::nodeCount(one), "node"));
    tell("shapes", shapes.size());
    tell("contours", one.size());
    tell("nodes", curve::nodeCount(one));
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
    // Without a gap only what meets meets; with one, an end within half a line's width of it does as well.
    const planar::MapPtr map = planar::build((a.gap > 0 ? art::drawnLines(r.document) : art::linesAsDrawn(r.document)).paths, o);
    std::vector<art::Item> shapes = art::areaShapes(*map);
    if (a.out != "-")
        say(amountOf(shapes.size(), "area") + ", " + amountOf(map->bridges().size(), "gap") + " closed, " + amountOf(map->slivers().size(), "sliver") +
            " absorbed");
    tell("areas", shapes.size());
    tell("gaps_closed", map->bridges().size());
    tell("slivers", map->slivers().size());
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
        const auto short3 = [](double v) { return Json(std::round(v * 1000) / 1000).dump(); };
        say("axis through " + short3(axis.through.x) + "," + short3(axis.through.y) + " at " + short3(curve::degrees(axis.angle)) + " degrees, confidence " +
            std::to_string(std::lround(100 * found[0].confidence)) + " %");
        tell("confidence", found[0].confidence);
    }
    std::vector<art::Id> shown;
    for (const art::LayerPtr& l : r.document.layers)
        if (l->shown) shown.push_back(l->id);
    const art::Welded w = art::withWelded(r.document, shown, axis, a.weld);
    if (a.out != "-")
        say(amountOf(w.seams, "seam") + " welded, " + amountOf(w.copied, "path") + " copied, " + std::to_string(w.dropped) + " were there already, " +
            std::to_string(w.axisLines) + " drawn as the axis left out");
    tell("axis", {{"x", axis.through.x}, {"y", axis.through.y}, {"degrees", curve::degrees(axis.angle)}});
    tell("seams", w.seams);
    tell("copied", w.copied);
    tell("dropped", w.dropped);
    tell("axis_lines", w.axisLines);
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
        say(amountOf(flat.areas, "area") + " in " + amountOf(flat.colours, "colour"));
        for (const std::string& n : flat.notes) say(n);
        for (const std::string& n : r.leftOut) say(n);
    }
    tell("areas", flat.areas);
    tell("colours", flat.colours);
    tell("notes", flat.notes);
    tell("left_out", r.leftOut);
    return write(a.out, files::writeCleanSvg(flat.document, std::max(3, decimalsFor(r.document))));
}

} // namespace

void addCombine(CLI::App& app, Work& work)
{
    const auto a = std::make_shared<CombineArgs>();
    CLI::App* c = app.add_subcommand("combine", "All shapes of a drawing become one");
    c->add_option("drawing", a->in, "SVG; - reads standard input")->required();
    addSvgOut(*c, a->out)->required();
    c->add_option("--op", a->operation, "difference: the first without the others; exclude: where an odd number lie")
        ->required()
        ->check(CLI::IsMember({"union", "difference", "intersection", "exclude"}));
    c->callback([a, &work] { work = [a] { return combine(*a); }; });
}

void addAreas(CLI::App& app, Work& work)
{
    const auto a = std::make_shared<AreasArgs>();
    CLI::App* c = app.add_subcommand("areas", "Every area that the lines of a drawing enclose becomes a shape");
    c->add_option("drawing", a->in, "SVG; - reads standard input")->required();
    addSvgOut(*c, a->out)->required();
    c->add_option("--gap", a->gap,
                  "ends that come this near count as meeting, px; 0 leaves all as it lies, more takes ends within the width of a line for meeting it as well")
        ->capture_default_str()
        ->check(CLI::Range(0.0, 1000.0));
    c->callback([a, &work] { work = [a] { return areas(*a); }; });
}

void addMirror(CLI::App& app, Work& work)
{
    const auto a = std::make_shared<MirrorArgs>();
    CLI::App* c = app.add_subcommand("mirror", "A half-drawn drawing becomes whole: mirrored and welded at the axis");
    c->add_option("drawing", a->in, "SVG; - reads standard input")->required();
    addSvgOut(*c, a->out)->required();
    c->add_option("--axis", a->axis, "auto (found from the picture or the lines), x=PX, or two points X1,Y1,X2,Y2")->capture_default_str();
    c->add_option("--weld", a->weld, "ends this near the axis are put on it, px")->capture_default_str()->check(CLI::Range(0.0, 1000.0));
    c->callback([a, &work] { work = [a] { return mirror(*a); }; });
}

void addFlatten(CLI::App& app, Work& work)
{
    const auto a = std::make_shared<FlattenArgs>();
    CLI::App* c = app.add_subcommand("flatten", "Blends, opacity, gradients and blur become opaque areas that abut");
    c->add_option("drawing", a->in, "SVG; - reads standard input")->required();
    addSvgOut(*c, a->out)->required();
    c->add_option("--steps", a->steps, "flat steps of each gradient and blur")->capture_default_str()->check(CLI::Range(2, 64));
    c->add_flag("--inks", a->inks, "every area takes the nearest ink of the drawing");
    c->add_option("--slack", a->slack, "how far the steps of a blur may stray, px")->capture_default_str()->check(CLI::Range(0.01, 100.0));
    c->add_option("--overlap", a->overlap, "how far an area reaches under the next, px")->capture_default_str()->check(CLI::Range(0.0, 100.0));
    c->callback([a, &work] { work = [a] { return flatten(*a); }; });
}

} // namespace softrope::cli
