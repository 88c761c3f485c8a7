// reduce, fit, export and info: what is done with one drawing, or with recorded strokes.
#include "art/edits.h"
#include "art/tree.h"
#include "cli/command.h"
#include "cli/facts.h"
#include "cli/output.h"
#include "cli/streams.h"
#include "cli/written.h"
#include "curve/tolerances.h"
#include "files/strokes.h"

#include <CLI/CLI.hpp>
#include <nlohmann/json.hpp>

#include <cmath>
#include <iostream>
#include <memory>

namespace softrope::cli {

namespace {

struct FitArgs {
    std::string in, out;
    double slack = curve::defaultSlack, steadying = art::Hand{}.steadying;
};

// Recorded strokes as the Freehand tool takes them at a scale of 1 : 1.
int fitStrokes(const FitArgs& a)
{
    const files::TextResult text = readAll(a.in);
    if (!text.ok()) return fail(badInput, text.problem);
    const files::StrokesResult read = files::readStrokes(text.text, a.in);
    if (!read.ok()) return fail(badInput, read.problem);
    art::Document d = art::newDocument();
    std::vector<art::Item> items;
    curve::Box all;
    for (const auto& stroke : read.strokes) {
        art::Hand drawn;
        drawn.samples = stroke;
        drawn.slack = a.slack;
        drawn.steadying = a.steadying;
        art::FittedStroke f = art::fitStroke(drawn, art::closesItself(stroke, art::closingReach));
        if (f.path.nodes.size() < 2) continue;
        for (const art::HandSample& s : stroke) all.add(s.at);
        art::Item i;
        i.name = "Line";
        art::Artwork w;
        w.setPaths({std::move(f.path)});
        i.is = std::move(w);
        items.push_back(std::move(i));
    }
    constexpr double margin = 20; // px round the strokes
    d.sheet.width = std::max(d.sheet.width, all.empty() ? 0 : all.max.x + margin);
    d.sheet.height = std::max(d.sheet.height, all.empty() ? 0 : all.max.y + margin);
    const art::Id layer = d.layers.front()->id;
    return write(a.out, files::writeCleanSvg(art::withItems(d, layer, std::move(items)).document));
}

struct ReduceArgs {
    std::string in, out;
    double slack = 0.5; // units of the drawing
};

int reduce(const ReduceArgs& a)
{
    const files::TextResult text = readDrawingText(a.in);
    if (!text.ok()) return fail(badInput, text.problem);
    const files::ReducedSvg r = files::reduceSvg(text.text, a.slack);
    if (!r.ok()) return fail(badInput, r.problem);
    if (a.out != "-")
        say(std::to_string(r.nodesBefore) + " -> " + std::to_string(r.nodesAfter) + " nodes, largest move " +
            Json(std::round(1000 * r.furthest) / 1000).dump() + " px");
    tell("nodes_before", r.nodesBefore);
    tell("nodes", r.nodesAfter);
    tell("furthest", r.furthest);
    return write(a.out, r.text);
}

struct ExportArgs {
    std::string in, out, format;
    int width = 0;
    bool references = false, text = false;
};

int exportTo(const ExportArgs& a)
{
    const std::string format = formatOf(a.format.empty() ? a.out : "drawing." + a.format);
    if (format.empty()) return fail(badUse, "the output must end in .svg, .pdf or .png, or --format must name one of them.");
    const files::SvgResult r = readDrawing(a.in);
    if (!r.ok()) return fail(badInput, r.problem);
    for (const std::string& what : r.leftOut) say("different: " + what);
    tell("left_out", r.leftOut);
    const std::string content = writtenAs(r.document, format, {a.width, a.references, a.text});
    if (content.empty()) return fail(badOutput, "the picture could not be made: there is not enough memory.");
    return write(a.out, content);
}

int info(const std::string& in)
{
    const files::SvgResult r = readDrawing(in);
    if (!r.ok()) return fail(badInput, r.problem);
    Json j;
    j["title"] = r.document.title;
    j["sheet"] = {{"width", r.document.sheet.width}, {"height", r.document.sheet.height}};
    std::size_t paths = 0, nodes = 0, open = 0, closed = 0, references = 0, islands = 0;
    j["layers"] = Json::array();
    for (const art::LayerPtr& l : r.document.layers) {
        std::size_t layerPaths = 0, layerNodes = 0;
        art::Document only = r.document;
        only.layers = {l};
        art::eachItem(only, {}, [&](const art::Item& i, const art::Where&) {
            if (i.reference()) ++references;
            if (i.island()) ++islands;
            if (!i.artwork()) return;
            for (const curve::Path& p : i.artwork()->paths) {
                ++layerPaths;
                layerNodes += p.nodes.size();
                ++(p.closed ? closed : open);
            }
        });
        j["layers"].push_back(
            {{"name", l->name}, {"shown", l->shown}, {"locked", l->locked}, {"items", l->items.size()}, {"paths", layerPaths}, {"nodes", layerNodes}});
        paths += layerPaths;
        nodes += layerNodes;
    }
    j["paths"] = paths;
    j["nodes"] = nodes;
    j["open"] = open;
    j["closed"] = closed;
    j["references"] = references;
    j["islands"] = islands;
    j["left_out"] = r.leftOut;
    if (asJson()) {
        for (const auto& [name, value] : j.items()) tell(name, value);
        return done;
    }
    std::cout << j.dump(2, ' ', false, nlohmann::json::error_handler_t::replace) << '\n';
    return done;
}

} // namespace

void addFit(CLI::App& app, Work& work)
{
    const auto a = std::make_shared<FitArgs>();
    CLI::App* c = app.add_subcommand("fit", "Recorded strokes become smooth lines, as the Freehand tool draws them");
    c->add_option("strokes", a->in, "JSON of recorded strokes; - reads standard input")->required();
    addSvgOut(*c, a->out)->required();
    c->add_option("--slack", a->slack, "how far a curve may stray from what was drawn, px")->capture_default_str()->check(CLI::Range(0.01, 100.0));
    c->add_option("--steadying", a->steadying, "how far the hand's tremor is calmed, 0-1")->capture_default_str()->check(CLI::Range(0.0, 1.0));
    c->callback([a, &work] { work = [a] { return fitStrokes(*a); }; });
}

void addExport(CLI::App& app, Work& work)
{
    const auto a = std::make_shared<ExportArgs>();
    CLI::App* c = app.add_subcommand("export", "A drawing as clean SVG, PDF or PNG");
    c->add_option("drawing", a->in, "SVG; - reads standard input")->required();
    writesFile(c->add_option("-o,--out", a->out, "file to write: .svg, .pdf or .png"))->required();
    c->add_option("--format", a->format, "svg, pdf or png, where the name does not say");
    c->add_option("--width", a->width, "width of the PNG, px")->check(CLI::Range(1, 30000));
    c->add_flag("--references", a->references, "with the reference pictures");
    c->add_flag("--text", a->text, "words in SVG as text instead of outlines");
    c->callback([a, &work] { work = [a] { return exportTo(*a); }; });
}

void addReduce(CLI::App& app, Work& work)
{
    const auto a = std::make_shared<ReduceArgs>();
    CLI::App* c = app.add_subcommand("reduce", "The same paths with fewer nodes");
    c->add_option("drawing", a->in, "SVG; - reads standard input")->required();
    addSvgOut(*c, a->out)->required();
    c->add_option("--slack", a->slack, "how far a curve may stray, units of the drawing")->capture_default_str()->check(CLI::Range(1e-6, 1e6));
    c->callback([a, &work] { work = [a] { return reduce(*a); }; });
}

void addInfo(CLI::App& app, Work& work)
{
    const auto in = std::make_shared<std::string>();
    CLI::App* c = app.add_subcommand("info", "Layers, paths and nodes of a drawing, as JSON");
    c->add_option("drawing", *in, "SVG; - reads standard input")->required();
    c->callback([in, &work] { work = [in] { return info(*in); }; });
}

} // namespace softrope::cli
