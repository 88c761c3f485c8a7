#include "cli/job.h"

#include "art/build.h"
#include "art/edits.h"
#include "art/inks.h"
#include "art/page.h"
#include "art/ready_palettes.h"
#include "art/tree.h"
#include "cli/output.h"
#include "cli/streams.h"
#include "cli/tracing.h"
#include "cli/written.h"
#include "files/palettes.h"
#include "files/process_cards.h"
#include "mirror/mirror.h"
#include "proof/mend.h"
#include "render/render.h"

#include <algorithm>
#include <chrono>
#include <cmath>
#include <filesystem>
#include <optional>

namespace softrope::cli {

namespace fs = std::filesystem;

namespace {

struct Problem {
    Exit code;
    std::string text;
};
[[noreturn]] void refuse(Exit code, const std::string& text)
{
    throw Problem{code, text};
}

// The members of a step, each read once; what is left over is told.
class Members {
public:
    Members(const Json& step, std::string where) : step_(step), where_(std::move(where)) { met_.push_back("do"); }
    std::string text(const char* name, const std::string& otherwise)
    {
        const Json* v = find(name);
        if (v && !v->is_string()) wrong(name, "must be a text");
        return v ? v->get<std::string>() : otherwise;
    }
    std::string needed(const char* name)
    {
        const std::string t = text(name, "");
        if (t.empty()) refuse(badInput, where_ + " needs \"" + name + "\".");
        return t;
    }
    double number(const char* name, double otherwise, double least, double most)
    {
        const Json* v = find(name);
        if (!v) return otherwise;
        if (!v->is_number() || !(v->get<double>() >= least && v->get<double>() <= most))
            wrong(name, "must be a number from " + Json(least).dump() + " to " + Json(most).dump());
        return v->get<double>();
    }
    bool flag(const char* name, bool otherwise)
    {
        const Json* v = find(name);
        if (v && !v->is_boolean()) wrong(name, "must be true or false");
        return v ? v->get<bool>() : otherwise;
    }
    const Json* find(const char* name)
    {
        met_.push_back(name);
        const auto at = step_.find(name);
        return at == step_.end() ? nullptr : &*at;
    }
    Json rest() const // what nobody asked for yet
    {
        Json left = Json::object();
        for (const auto& [name, value] : step_.items())
            if (std::find(met_.begin(), met_.end(), name) == met_.end()) left[name] = value;
        return left;
    }
    void end() const
    {
        const Json left = rest();
        for (const auto& [name, value] : left.items()) refuse(badInput, where_ + ": \"" + name + "\" is not known here.");
    }
    [[noreturn]] void wrong(const char* name, const std::string& why) const { refuse(badInput, where_ + ": \"" + name + "\" " + why + "."); }
    const std::string& where() const { return where_; }

private:
    const Json& step_;
    std::string where_;
    std::vector<std::string> met_;
};

struct Work {
    art::Document d;
    art::Id reference = 0;
    const JobAsked& asked;
    std::vector<fs::path> folders{}; // that steps are going to make
    std::string at(const std::string& name) const { return (fs::path(asked.folder) / name).lexically_normal().string(); }
    art::Reference seen() const { return *d.item(reference)->reference(); }
    void change(const std::function<void(art::Reference&)>& how)
    {
        d = art::rebuilt(d, [&](const art::ItemPtr& i, const art::Where&) {
            if (i->id != reference) return art::Rebuild::below();
            art::Item changed = *i;
            how(std::get<art::Reference>(changed.is));
            return art::Rebuild::by(art::shared(std::move(changed)));
        });
    }
    void needPicture(const std::string& where) const
    {
        if (!reference) refuse(badInput, where + " needs a picture, and the recipe names none.");
    }
    void mayWrite(const std::string& file) const
    {
        std::error_code e;
        if (!asked.replace && fs::exists(file, e)) refuse(badOutput, file + " is there already; --replace writes over it.");
    }
};

using Act = std::function<void(Work&, Json& found)>;

// `before` refuses what can be seen to fail before anything is done: nobody is to wait for a job whose last step cannot be.
struct Step {
    Act act;
    std::function<void(Work&)> before;
    Step(Act does, std::function<void(Work&)> looks = {}) : act(std::move(does)), before(std::move(looks)) {}
};

// -- the steps: each reads its members and gives what it will do -----------------------------------------------------------------
art::FoundPage pageOf(const Work& w)
{
    const files::PictureResult p = files::readPicture(w.seen().picture->bytes, "The picture");
    if (!p.ok()) refuse(badInput, p.problem);
    return art::findPage(p.picture);
}

void square(Work& w, Json& found)
{
    const art::FoundPage page = pageOf(w);
    w.change([&](art::Reference& r) { art::squareTo(r, page, w.d.sheet); });
    found["paper"] = page.corners.has_value();
    if (!page.corners) found["turned"] = curve::degrees(w.seen().turn);
}

Act straighten(Members& m)
{
    return [where = m.where()](Work& w, Json& found) {
        w.needPicture(where);
        square(w, found);
    };
}

Act lift(Members& m)
{
    const double light = m.number("light", art::cleanLight, 0, 1), paper = m.number("paper", art::cleanLift, 0, 1);
    return [where = m.where(), light, paper](Work& w, Json&) {
        w.needPicture(where);
        w.change([&](art::Reference& r) {
            r.flattenLight = light;
            r.liftPaper = paper;
        });
    };
}

Act clean(Members& m)
{
    return [where = m.where()](Work& w, Json& found) {
        w.needPicture(where);
        square(w, found);
        w.change([](art::Reference& r) {
            r.flattenLight = art::cleanLight;
            r.liftPaper = art::cleanLift;
        });
    };
}

Act trace(Members& m, As as)
{
    Knobs k;
    const Json knobs = m.rest();
    if (const std::string problem = readKnobs(knobs, as, k); !problem.empty()) refuse(badInput, m.where() + ": " + problem);
    for (const auto& [name, value] : knobs.items()) m.find(name.c_str());
    return [where = m.where(), as, k](Work& w, Json& found) {
        w.needPicture(where);
        const art::Reference r = w.seen();
        const auto picture = pictureOf(r);
        if (!picture) refuse(badInput, where + ": the picture cannot be read.");
        art::TracedPage page = art::tracedPage(render::lit(*picture, r.flattenLight, r.liftPaper), r);
        // Slack is meant on the sheet.
        Knobs here = k;
        here.slack = std::max(0.05, (k.slack < 0 ? slackOf(as) : k.slack) / std::max(1e-9, curve::meanScale(page.toSheet)));
        Traced t = traced(std::move(page.colours), as, here, w.asked.cancelled, page.toSheet);
        const art::Added layer = art::withNewLayer(w.d, layerOf(as));
        w.d = art::withItems(layer.document, layer.id, std::move(t.items)).document;
        found["paths"] = t.paths;
        found["nodes"] = t.nodes;
    };
}

Act mirrorStep(Members& m)
{
    const double weld = m.number("weld", 3, 0, 1000);
    std::optional<mirror::Axis> given;
    const Json* axis = m.find("axis");
    if (axis && *axis != "auto") {
        if (axis->is_array() && axis->size() == 4 && std::all_of(axis->begin(), axis->end(), [](const Json& n) { return n.is_number(); })) {
            const curve::Vec2 a{(*axis)[0].get<double>(), (*axis)[1].get<double>()}, b{(*axis)[2].get<double>(), (*axis)[3].get<double>()};
            if (!(distance(a, b) > 0)) m.wrong("axis", "needs two different points");
            given = mirror::Axis{a, curve::angleOf(b - a)};
        } else {
            m.wrong("axis", "takes \"auto\" or [x1, y1, x2, y2]");
        }
    }
    return [where = m.where(), weld, given](Work& w, Json& found) {
        std::optional<mirror::Axis> axisHere = given;
        if (!axisHere) {
            const std::vector<mirror::FoundAxis> all = art::axesOf(w.d, pictureOf);
            if (all.empty() || all[0].confidence < mirror::leastConfidence) refuse(badInput, where + ": no axis was found; say where it is.");
            axisHere = all[0].axis;
            found["confidence"] = all[0].confidence;
        }
        std::vector<art::Id> shown;
        for (const art::LayerPtr& l : w.d.layers)
            if (l->shown) shown.push_back(l->id);
        const art::Welded welded = art::withWelded(w.d, shown, *axisHere, weld);
        w.d = welded.document;
        found["axis"] = {{"x", axisHere->through.x}, {"y", axisHere->through.y}, {"degrees", curve::degrees(axisHere->angle)}};
        found["seams"] = welded.seams;
        found["copied"] = welded.copied;
        found["axis_lines"] = welded.axisLines;
    };
}

Act areasStep(Members& m)
{
    planar::BuildOptions o;
    o.gap = m.number("gap", 2, 0, 1000);
    return [o](Work& w, Json& found) {
        const planar::MapPtr map = planar::build(art::drawnLines(w.d).paths, o);
        const art::Added made = art::withAreasUnderLines(w.d, *map);
        w.d = made.document;
        found["areas"] = map->areas().size();
        found["gaps_closed"] = map->bridges().size();
    };
}

struct WantedInk {
    std::string name;
    art::Colour colour;
};

std::vector<WantedInk> inksAsked(Members& m, const std::string& folder)
{
    std::vector<WantedInk> wanted;
    if (const Json* list = m.find("inks")) {
        if (!list->is_object() || list->empty()) m.wrong("inks", "must be an object of names and colours, {\"Moss\": \"#4c6b3a\"}");
        for (const auto& [name, value] : list->items()) {
            const auto c = value.is_string() ? art::colourFrom(value.get<std::string>()) : std::nullopt;
            if (!c) m.wrong("inks", "has no colour for \"" + name + "\"");
            wanted.push_back({name, *c});
        }
    }
    if (const std::string name = m.text("palette", ""); !name.empty()) {
        const auto& ready = art::readyPalettes();
        const auto found = std::find_if(ready.begin(), ready.end(), [&](const art::ReadyPalette& p) { return name == p.name; });
        if (found != ready.end()) {
            for (const art::ReadyInk& i : found->inks) wanted.push_back({i.name, i.colour});
        } else {
            const files::TextResult text = files::readText((fs::path(folder) / name).string());
            std::string known;
            for (const art::ReadyPalette& p : ready) known += (known.empty() ? "" : ", ") + std::string(p.name);
            if (!text.ok()) m.wrong("palette", "is neither a file nor one of " + known);
            const files::PaletteResult p = files::readPalette(text.text);
            if (!p.ok()) refuse(badInput, m.where() + ": " + p.problem);
            for (const files::NamedColour& c : p.colours) wanted.push_back({c.name, c.colour});
        }
    }
    if (wanted.empty()) refuse(badInput, m.where() + " needs \"inks\" or \"palette\".");
    return wanted;
}

double sizeOf(const curve::Paths& paths)
{
    double size = 0;
    for (const curve::Path& p : paths) size += curve::area(p);
    return std::abs(size);
}

// Areas under lines take the inks in turn, largest first and pairs alike, or those named for their numbers; anything else painted takes the ink that keeps
// what is darker darker.
Act inksStep(Members& m, const std::string& folder)
{
    const std::vector<WantedInk> wanted = inksAsked(m, folder);
    std::vector<std::pair<std::string, std::size_t>> named; // "Area 3", place in inks
    if (const Json* areas = m.find("areas")) {
        if (!areas->is_object()) m.wrong("areas", "must be an object of numbers and inks, {\"1\": \"Moss\"}");
        for (const auto& [number, ink] : areas->items()) {
            const auto which = std::find_if(wanted.begin(), wanted.end(), [&name = ink](const WantedInk& i) { return name == i.name; });
            if (which == wanted.end()) m.wrong("areas", "names an ink that is not there: " + ink.dump());
            named.emplace_back("Area " + number, static_cast<std::size_t>(which - wanted.begin()));
        }
    }
    return [wanted, named](Work& w, Json& found) {
        std::vector<art::Id> ids;
        for (const WantedInk& i : wanted) {
            const art::Added a = art::withInk(w.d, i.name, i.colour);
            w.d = a.document;
            ids.push_back(a.id);
        }
        constexpr double alike = 0.03; // of their size: areas of a pair, as a mirrored half leaves them
        std::vector<std::pair<art::Id, std::size_t>> areas;
        double before = -1;
        std::size_t next = 0;
        for (const art::LayerPtr& l : w.d.layers)
            for (const art::ItemPtr& i : l->items) {
                if (!i->artwork() || i->name.rfind("Area ", 0) != 0) continue;
                const double size = sizeOf(i->artwork()->paths);
                const bool paired = before >= 0 && size >= (1 - alike) * before;
                if (before >= 0 && !paired) ++next;
                before = size;
                const auto own = std::find_if(named.begin(), named.end(), [&](const auto& n) { return n.first == i->name; });
                areas.emplace_back(i->id, own != named.end() ? own->second : paired ? areas.back().second : next % ids.size());
            }
        if (areas.empty()) {
            w.d = art::withPaletteLaid(w.d, ids);
        } else {
            for (std::size_t k = 0; k < ids.size(); ++k) {
                std::vector<art::Id> those;
                for (const auto& [id, ink] : areas)
                    if (ink == k) those.push_back(id);
                if (!those.empty()) w.d = art::withPaint(w.d, those, art::paintOf(w.d, {ids[k], 0}), art::Part::area).document;
            }
        }
        found["inks"] = ids.size();
        found["areas"] = areas.size();
    };
}

Act proofStep(Members& m)
{
    const std::string card = m.text("process", "");
    const bool mend = m.flag("mend", false);
    const double width = m.number("width", 0, 0, 100000);
    proof::Process process;
    if (!card.empty()) {
        const files::ProcessResult p = files::findProcess(card);
        if (!p.ok()) refuse(badInput, m.where() + ": " + p.problem);
        process = p.process;
    }
    return [process, mend, width](Work& w, Json& found) {
        if (width > 0) w.d.proofing.width = width;
        const proof::Limits limits = proof::limitsOf(w.d, process);
        if (mend) {
            const proof::Mended mended = proof::mendedWhole(w.d, limits, true, w.asked.cancelled);
            w.d = mended.document;
            found["mended"] = mended.total();
        }
        Json kinds = Json::object();
        for (const proof::Finding& f : proof::findings(w.d, limits)) kinds[proof::nameOf(f.kind)] = kinds.value(proof::nameOf(f.kind), 0) + 1;
        found["findings"] = std::move(kinds);
    };
}

Step saveStep(Members& m)
{
    const std::string out = m.needed("out");
    const bool working = fs::path(out).extension() == ".svg" && !m.flag("clean", false);
    const int width = static_cast<int>(m.number("width", 0, 0, 30000));
    if (formatOf(out).empty()) m.wrong("out", "must end in .svg, .pdf or .png");
    const auto before = [out](const Work& w) {
        w.mayWrite(w.at(out));
        const fs::path in = fs::path(w.at(out)).parent_path();
        const std::string why = noFolderFor(w.at(out));
        if (!why.empty() && std::find(w.folders.begin(), w.folders.end(), in) == w.folders.end()) refuse(badOutput, why);
    };
    const auto act = [out, working, width, before](Work& w, Json& found) {
        const std::string file = w.at(out);
        before(w);
        const std::string content = working ? files::writeWorkingSvg(w.d) : writtenAs(w.d, formatOf(out), {width, false, false});
        if (content.empty()) refuse(badOutput, "the picture could not be made: there is not enough memory.");
        if (const files::FileResult r = files::saveAtomically(file, content); !r.ok()) refuse(badOutput, r.problem);
        found["out"] = file;
        found["bytes"] = content.size();
    };
    return {act, before};
}

Step deliverStep(Members& m, const std::string& folder)
{
    const std::string out = m.needed("out");
    const double width = m.number("width", 0, 0, 100000);
    const std::string date = m.text("date", "");
    std::optional<deliver::Plan> plan;
    if (const Json* asked = m.find("plan")) {
        std::string text = asked->dump(), name = "the plan";
        if (asked->is_string()) {
            name = asked->get<std::string>();
            const files::TextResult read = files::readText((fs::path(folder) / name).string());
            if (!read.ok()) refuse(badInput, m.where() + ": " + read.problem);
            text = read.text;
        }
        const deliver::PlanResult read = deliver::readPlan(text, name);
        if (!read.ok()) refuse(badInput, m.where() + ": " + read.problem);
        plan = read.plan;
    }
    const auto before = [out, plan](Work& w) {
        const std::string why = w.asked.replace ? std::string() : inTheWay(w.d, plan.value_or(deliver::planOf(w.d)), w.at(out));
        if (!why.empty()) refuse(badOutput, why);
        // With all folders round it.
        fs::path in = w.at(out);
        if (!in.has_filename()) in = in.parent_path(); // it was said with a slash at its end
        for (; !in.empty() && in != in.root_path(); in = in.parent_path()) w.folders.push_back(in);
    };
    const auto act = [out, width, date, plan](Work& w, Json& found) {
        if (width > 0) w.d.proofing.width = width;
        const Delivered files = delivered(w.d, plan.value_or(deliver::planOf(w.d)), w.at(out), date, w.asked.replace);
        if (!files.problem.empty()) refuse(static_cast<Exit>(files.code), files.problem);
        found["folder"] = w.at(out);
        found["files"] = files.list;
    };
    return {act, before};
}

Step stepOf(Members& m, const std::string& kind, const std::string& folder)
{
    if (kind == "straighten") return straighten(m);
    if (kind == "lift") return lift(m);
    if (kind == "clean") return clean(m);
    for (const As as : {As::shapes, As::lines, As::tones})
        if (kind == nameOf(as)) return trace(m, as);
    if (kind == "mirror") return mirrorStep(m);
    if (kind == "areas") return areasStep(m);
    if (kind == "inks") return inksStep(m, folder);
    if (kind == "proof") return proofStep(m);
    if (kind == "save") return saveStep(m);
    if (kind == "deliver") return deliverStep(m, folder);
    std::string known;
    for (const StepKind& k : stepKinds()) known += (known.empty() ? "" : ", ") + k.name;
    refuse(badInput, m.where() + ": there is no \"" + kind + "\"; a step is one of " + known + ".");
}

// The sheet with the picture in its middle, as large as it fits.
void place(Work& w, const std::string& picture, const Json* sheet)
{
    const files::TextResult text = files::readText(picture);
    if (!text.ok()) refuse(badInput, text.problem);
    art::PictureFile file;
    file.bytes = files::bytesOf(text.text);
    const files::PictureResult p = files::readPicture(file.bytes, fs::path(picture).filename().string());
    if (!p.ok()) refuse(badInput, p.problem);
    if (!sheet) {
        w.d.sheet.width = p.picture.width;
        w.d.sheet.height = p.picture.height;
    }
    file.format = p.format;
    file.width = p.picture.width;
    file.height = p.picture.height;
    art::Reference r;
    r.picture = std::make_shared<const art::PictureFile>(std::move(file));
    r.centre = {w.d.sheet.width / 2, w.d.sheet.height / 2};
    r.scale = std::min(w.d.sheet.width / p.picture.width, w.d.sheet.height / p.picture.height);
    art::Item i;
    i.name = fs::path(picture).filename().string();
    i.is = std::move(r);
    w.d = art::withLayer(w.d, w.d.layers.front()->id, [](art::Layer& l) { l.name = "Picture"; });
    const art::Added added = art::withItem(w.d, w.d.layers.front()->id, std::move(i));
    w.d = added.document;
    w.reference = added.id;
}

} // namespace

const std::vector<StepKind>& stepKinds()
{
    static const std::vector<StepKind> kinds{
        {"straighten", "squares the picture to its paper and crops to it, or turns it upright where no edge of the paper is seen", {}},
        {"lift",
         "evens the light and lifts the paper to white",
         {{"light", "0-1, how far the light is evened; 1"}, {"paper", "0-1, how far the paper is lifted; 0.9"}}},
        {"clean", "straighten and lift in one", {}},
        {"shapes",
         "dark shapes become closed paths",
         {{"slack", "px of the sheet; 0.5"}, {"threshold, smallest-speck, smallest-hole, light-on-dark, extremes", "as the options of outline"}}},
        {"lines", "drawn lines become strokes", {{"slack", "px of the sheet; 1"}, {"medium, gather, shortest, swell", "as the options of lines"}}},
        {"tones", "the picture becomes flat colour areas", {{"slack", "px of the sheet; 1"}, {"count, crisp, smallest, lightness", "as the options of tones"}}},
        {"mirror",
         "a half drawing becomes whole, welded at its axis",
         {{"axis", "\"auto\", or [x1, y1, x2, y2]; auto"}, {"weld", "px from the axis within which ends are put on it; 3"}}},
        {"areas", "what the lines enclose becomes shapes under them: Area 1, the largest, Area 2, ...", {{"gap", "px that ends may be apart; 2"}}},
        {"inks",
         "inks come into the drawing, and it is painted with them",
         {{"inks", "names and colours, {\"Moss\": \"#4c6b3a\"}"},
          {"palette", "one that ships, by its name, or a palette file"},
          {"areas", "which ink for which area, {\"1\": \"Moss\"}; the others take them in turn, pairs of one size alike"}}},
        {"proof", "looks for faults", {{"process", "a process card"}, {"mend", "true: mends what can be mended"}, {"width", "real width of the sheet, mm"}}},
        {"save",
         "writes the drawing",
         {{"out", "a file: .svg (a working file), .pdf or .png"}, {"clean", "true: clean SVG without what the program keeps"}, {"width", "of a PNG, px"}}},
        {"deliver",
         "writes every file of a plan into a folder",
         {{"out", "the folder"}, {"plan", "a plan, or its file"}, {"width", "real width of the sheet, mm"}, {"date", "for the delivery sheet"}}}};
    return kinds;
}

JobDone runJob(const std::string& recipe, const std::string& name, const JobAsked& asked)
{
    JobDone out;
    try {
        const Json all = Json::parse(recipe, nullptr, false);
        if (!all.is_object()) refuse(badInput, name + " is no recipe: a JSON object is wanted.");
        Json top = all;
        top["do"] = "";
        Members m(top, name);
        Work w{art::newDocument(), 0, asked};
        const std::string picture = m.text("picture", ""), title = m.text("title", "");
        const Json* sheet = m.find("sheet");
        const Json* steps = m.find("steps");
        m.end();
        if (sheet) {
            Json size = *sheet;
            Members s(size, name + ", sheet");
            if (!size.is_object()) m.wrong("sheet", "must be {\"width\": px, \"height\": px}");
            w.d.sheet.width = s.number("width", w.d.sheet.width, 1, 1e5);
            w.d.sheet.height = s.number("height", w.d.sheet.height, 1, 1e5);
            s.end();
        }
        if (!steps || !steps->is_array() || steps->empty()) refuse(badInput, name + " needs \"steps\", a list.");
        std::vector<std::pair<std::string, Step>> todo;
        for (std::size_t k = 0; k < steps->size(); ++k) {
            const std::string where = "step " + std::to_string(k + 1);
            const Json& step = (*steps)[k];
            if (!step.is_object() || !step.contains("do") || !step["do"].is_string()) refuse(badInput, where + " needs \"do\", what it does.");
            Members members(step, where);
            const std::string kind = step["do"].get<std::string>();
            todo.emplace_back(kind, stepOf(members, kind, asked.folder));
            members.end();
        }
        if (asked.check) return out;
        w.d.title = title.empty() ? fs::path(picture).stem().string() : title;
        for (const auto& [kind, step] : todo)
            if (step.before) step.before(w);
        if (!picture.empty()) place(w, w.at(picture), sheet);
        for (const auto& [kind, step] : todo) {
            const auto begun = std::chrono::steady_clock::now();
            Json found{{"do", kind}};
            step.act(w, found);
            if (asked.cancelled && asked.cancelled()) refuse(stopped, "interrupted.");
            found["seconds"] = std::round(1000 * std::chrono::duration<double>(std::chrono::steady_clock::now() - begun).count()) / 1000;
            if (asked.told) asked.told(kind + ": " + found.dump());
            out.steps.push_back(std::move(found));
        }
    } catch (const Problem& p) {
        out.code = p.code;
        out.problem = p.text;
    }
    return out;
}

} // namespace softrope::cli
