// outline, lines and tones: one picture becomes a drawing.
#include "cli/command.h"
#include "cli/output.h"
#include "cli/streams.h"
#include "cli/tracing.h"

#include <CLI/CLI.hpp>
#include <nlohmann/json.hpp>

#include <memory>

namespace softrope::cli {

namespace {

struct PictureArgs {
    std::string in, out;
    int page = 0; // of a PDF, from 1; 0 = its only one
    Knobs knobs;
};

int trace(const PictureArgs& a, As as)
{
    files::PictureResult p = readPicture(a.in, a.page);
    if (!p.ok()) return fail(badInput, p.problem);
    if (!p.partly.empty()) say(p.partly);
    const int width = p.picture.width, height = p.picture.height;
    Traced found = traced(std::move(p.picture), as, a.knobs);
    tell("width", width);
    tell("height", height);
    if (!p.partly.empty()) tell("partly", p.partly);
    if (as == As::tones) {
        tell("colours", found.colours);
        if (a.out != "-") say(amountOf(found.colours, "colour") + ", " + amountOf(found.items.size(), "area") + ", " + amountOf(found.nodes, "node"));
    }
    if (found.items.empty()) say(as == As::lines ? "no line was found: the drawing is empty." : "no shape was found: the drawing is empty.");
    tell("things", found.items.size());
    tell("paths", found.paths);
    tell("nodes", found.nodes);
    if (found.furthest >= 0) tell("furthest", found.furthest);
    return writeOnPicture(a.out, width, height, layerOf(as), std::move(found.items));
}

CLI::App* addOne(CLI::App& app, Work& work, const std::shared_ptr<PictureArgs>& a, As as, const char* name, const char* what)
{
    CLI::App* c = app.add_subcommand(name, what);
    c->add_option("picture", a->in, std::string("PDF, ") + pictureKinds)->required();
    c->add_option("--page", a->page, "of a PDF, from 1; drawn at 300 dots an inch")->check(CLI::Range(1, 100000));
    addSvgOut(*c, a->out)->required();
    addSlack(*c, a->knobs, as);
    c->callback([a, as, &work] { work = [a, as] { return trace(*a, as); }; });
    return c;
}

} // namespace

void addOutline(CLI::App& app, Work& work)
{
    const auto a = std::make_shared<PictureArgs>();
    addShapeKnobs(*addOne(app, work, a, As::shapes, "outline", "Dark shapes on light ground become closed paths"), a->knobs);
}

void addLines(CLI::App& app, Work& work)
{
    const auto a = std::make_shared<PictureArgs>();
    addLineKnobs(*addOne(app, work, a, As::lines, "lines", "Ink and pencil lines become strokes along their middle"), a->knobs);
}

void addTones(CLI::App& app, Work& work)
{
    const auto a = std::make_shared<PictureArgs>();
    addToneKnobs(*addOne(app, work, a, As::tones, "tones", "A photo or flat picture becomes few flat colour regions that abut"), a->knobs);
}

} // namespace softrope::cli
