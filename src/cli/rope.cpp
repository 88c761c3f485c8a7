#include "cli/command.h"
#include "cli/facts.h"
#include "cli/output.h"
#include "cli/streams.h"
#include "trace/laying.h"

#include <CLI/CLI.hpp>
#include <nlohmann/json.hpp>

#include <memory>
#include <optional>

namespace softrope::cli {

namespace {

using curve::Vec2;

struct Holds {
    std::vector<Vec2> at; // picture px
    bool closed = true;
};

// {"holds": [[x, y], ...], "closed": true}.
std::optional<Holds> holdsFrom(const std::string& text)
{
    const nlohmann::json all = nlohmann::json::parse(text, nullptr, false);
    if (!all.is_object() || !all.contains("holds") || !all["holds"].is_array()) return std::nullopt;
    Holds out;
    for (const auto& h : all["holds"]) {
        if (!h.is_array() || h.size() != 2 || !h[0].is_number() || !h[1].is_number()) return std::nullopt;
        const Vec2 at{h[0].get<double>(), h[1].get<double>()};
        if (!isFinite(at)) return std::nullopt;
        out.at.push_back(at);
    }
    if (const auto closed = all.find("closed"); closed != all.end() && closed->is_boolean()) out.closed = closed->get<bool>();
    return out;
}

struct RopeArgs {
    std::string in, holds, out, follow = "edge";
    double slack = curve::defaultSlack; // px
};

int rope(const RopeArgs& a)
{
    const files::PictureResult p = readPicture(a.in);
    if (!p.ok()) return fail(badInput, p.problem);
    const files::TextResult text = readAll(a.holds);
    if (!text.ok()) return fail(badInput, text.problem);
    const auto holds = holdsFrom(text.text);
    if (!holds) return fail(badInput, a.holds + " does not list holds as {\"holds\": [[x, y], ...], \"closed\": true}.");
    if (holds->at.size() < (holds->closed ? 3U : 2U)) return fail(badInput, a.holds + " has too few holds: a closed rope takes three, an open one two.");
    for (const Vec2 h : holds->at)
        if (h.x < 0 || h.y < 0 || h.x >= p.picture.width || h.y >= p.picture.height) return fail(badInput, a.holds + " has holds beyond the picture.");
    trace::EdgeMapOptions o;
    o.follow = a.follow == "line" ? trace::Follow::line : trace::Follow::edge;
    const auto map = trace::edgeMap(p.picture, o);
    const auto laid = trace::ropeThrough(map, holds->at, holds->closed, curve::snapReach);
    if (laid.size() < 4) return fail(badInput, "the holds lie too near one another for a rope.");
    art::Item i;
    i.name = "Rope line";
    art::Artwork w;
    w.setPaths({trace::ropeCurve(*map, laid, holds->closed, a.slack).path});
    tell("nodes", curve::nodeCount(w.paths));
    i.is = std::move(w);
    return writeOnPicture(a.out, p.picture.width, p.picture.height, "Rope", {std::move(i)});
}

} // namespace

void addRope(CLI::App& app, Work& work)
{
    const auto a = std::make_shared<RopeArgs>();
    CLI::App* c = app.add_subcommand("rope", "A rope laid through holds, as clicks of the Rope tool lay it");
    c->add_option("picture", a->in, "PNG, JPEG, WebP, TIFF, BMP or GIF; - reads standard input")->required();
    c->add_option("--holds", a->holds, "JSON: {\"holds\": [[x, y], ...], \"closed\": true}, px of the picture")->required();
    addSvgOut(*c, a->out)->required();
    c->add_option("--follow", a->follow, "edge, or line: the middle of dark lines")->capture_default_str()->check(CLI::IsMember({"edge", "line"}));
    c->add_option("--slack", a->slack, "how far a curve may stray, px")->capture_default_str()->check(CLI::Range(0.01, 100.0));
    c->callback([a, &work] { work = [a] { return rope(*a); }; });
}

} // namespace softrope::cli
