#include "art/lettering.h"
#include "cli/command.h"
#include "cli/facts.h"
#include "cli/output.h"
#include "cli/streams.h"
#include "letter/faces.h"

#include <CLI/CLI.hpp>
#include <nlohmann/json.hpp>

#include <cmath>
#include <iostream>
#include <memory>
#include <sstream>

namespace softrope::cli {

namespace {

struct Arc {
    curve::Vec2 centre;
    double radius, degrees;
};
std::optional<Arc> arcFrom(std::string text)
{
    for (char& c : text)
        if (c == ',') c = ' ';
    std::istringstream in(text);
    Arc a{};
    std::string more;
    if (!(in >> a.centre.x >> a.centre.y >> a.radius >> a.degrees) || in >> more) return std::nullopt;
    if (!isFinite(a.centre) || !std::isfinite(a.radius + a.degrees) || !(a.radius > 0)) return std::nullopt;
    return a;
}

// A new line is written as \n on a command line.
std::string withLines(const std::string& text)
{
    std::string out;
    for (std::size_t k = 0; k < text.size(); ++k) {
        const bool line = text[k] == '\\' && k + 1 < text.size() && text[k + 1] == 'n';
        out += line ? '\n' : text[k];
        k += line;
    }
    return out;
}

struct LetterArgs {
    std::string words, face, out;
    double size = 96, weight = 400, tracking = 0, leading = 1.2;
    bool italic = false, inside = false, smallCaps = false, working = false;
    std::string arc; // "CX,CY,R,START": px, START in degrees, 0 at the right, clockwise; empty = straight
    std::string align = "start";
};

int letter(const LetterArgs& a)
{
    art::Lettering l;
    l.words = withLines(a.words);
    l.type.family = a.face;
    l.type.size = a.size;
    l.type.weight = a.weight;
    l.type.tracking = a.tracking;
    l.type.leading = a.leading;
    l.type.italic = a.italic;
    l.type.smallCaps = a.smallCaps;
    l.type.align = a.align == "centre" ? letter::Align::centre : a.align == "end" ? letter::Align::end : letter::Align::start;
    l.over = a.inside;
    if (!a.arc.empty()) {
        const auto arc = arcFrom(a.arc);
        if (!arc) return fail(badUse, "--arc takes four numbers, CX,CY,R,START, with R above 0.");
        l.way = art::Lettering::Way::arc;
        l.place = curve::translation(arc->centre);
        l.radius = arc->radius;
        l.angle = curve::radians(arc->degrees);
    }
    if (!art::hasTypeface(l)) return fail(badInput, "the typeface \"" + a.face + "\" is not on this machine; soft-rope-cli faces lists those that are.");
    art::Document d = art::newDocument();
    art::Fill fill;
    fill.colour = art::Colour{0, 0, 0};
    const art::Added made = art::withLettering(d, d.layers.back()->id, l, fill);
    const auto laid = art::layoutOf(l, {});
    const art::Item* words = made.document.item(made.id);
    if (!words || !laid || words->artwork()->paths->empty()) return fail(badInput, "the words show nothing.");
    if (!laid->missing.empty()) say("soft-rope-cli: no typeface here has " + std::to_string(laid->missing.size()) + " of the characters.");
    tell("missing", laid->missing.size());
    // Straight words stand at the sheet's corner; on an arc they lie where they were put.
    d = made.document;
    curve::Box b = curve::bounds(words->artwork()->paths);
    if (a.arc.empty()) {
        d = art::transformed(d, {made.id}, curve::translation(-b.min));
        b = {{0, 0}, b.max - b.min};
    }
    d.sheet.width = std::max(1.0, std::ceil(b.max.x));
    d.sheet.height = std::max(1.0, std::ceil(b.max.y));
    return write(a.out, a.working ? files::writeWorkingSvg(d) : files::writeCleanSvg(d));
}

int faces()
{
    Json all = Json::array();
    for (const letter::Family& f : letter::families()) {
        Json one{{"family", f.name}, {"faces", Json::array()}};
        for (const letter::Listed& face : f.faces) one["faces"].push_back(face.style.empty() ? "variable" : face.style);
        all.push_back(std::move(one));
        if (asJson()) continue;
        std::cout << f.name;
        for (const letter::Listed& face : f.faces) std::cout << '\t' << (face.style.empty() ? "variable" : face.style);
        std::cout << '\n';
    }
    tell("families", std::move(all));
    return std::cout.flush() ? done : badOutput;
}

} // namespace

void addLetter(CLI::App& app, Work& work)
{
    const auto a = std::make_shared<LetterArgs>();
    CLI::App* c = app.add_subcommand("letter", "Words become the outlines of their letters, straight or on an arc");
    c->add_option("words", a->words, "what is set; \\n begins a new line")->required();
    c->add_option("--face", a->face, "the typeface's family; left out, the first that ships");
    addSvgOut(*c, a->out)->required();
    c->add_option("--size", a->size, "px of the em")->capture_default_str()->check(CLI::Range(0.5, 20000.0));
    c->add_option("--weight", a->weight, "100 thin, 400 regular, 700 bold, 900 black; the nearest that the family has")
        ->capture_default_str()
        ->check(CLI::Range(1.0, 1000.0));
    c->add_option("--tracking", a->tracking, "space between letters, 1/1000 em")->capture_default_str()->check(CLI::Range(-500.0, 5000.0));
    c->add_option("--leading", a->leading, "from line to line, times the size")->capture_default_str()->check(CLI::Range(0.1, 10.0));
    c->add_option("--align", a->align, "start, centre or end")->capture_default_str()->check(CLI::IsMember({"start", "centre", "end"}));
    c->add_option("--arc", a->arc, "CX,CY,R,START: round a centre; START in degrees, 0 at the right, clockwise, -90 on top");
    c->add_flag("--inside", a->inside, "on the inside of the arc, running the other way");
    c->add_flag("--italic", a->italic, "the slanted face");
    c->add_flag("--small-caps", a->smallCaps, "small capitals, where the face has them");
    c->add_flag("--working", a->working, "a working file that keeps the words, not outlines alone");
    c->callback([a, &work] { work = [a] { return letter(*a); }; });
}

void addFaces(CLI::App& app, Work& work)
{
    CLI::App* c = app.add_subcommand("faces", "The typefaces that words can be set in, one family a line");
    c->callback([&work] { work = faces; });
}

} // namespace softrope::cli
