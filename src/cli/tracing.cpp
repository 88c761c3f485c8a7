#include "cli/tracing.h"

#include "art/traced.h"

#include <CLI/CLI.hpp>
#include <nlohmann/json.hpp>

#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <optional>
#include <set>
#include <tuple>

namespace softrope::cli {

namespace {

// Ranges, for options and recipes alike.
struct Range {
    double least, most;
};
constexpr Range slackRange{0.01, 100}, areaRange{0, 1e9}, gatherRange{0, 3}, lengthRange{0, 1e6}, countRange{0, 16}, crispRange{0, 1};

CLI::Range checked(Range r)
{
    return {r.least, r.most};
}

std::optional<double> cutOf(const std::string& text)
{
    char* end = nullptr;
    const double cut = std::strtod(text.c_str(), &end);
    return end != text.c_str() && *end == 0 && cut >= 0 && cut <= 255 ? std::optional(cut) : std::nullopt;
}
std::string thresholdProblem(const std::string& text)
{
    return text == "auto" || cutOf(text) ? std::string() : "takes auto or a number from 0 to 255, not '" + text + "'";
}

// Reads members of an object into knobs, and knows which it has not met.
class Reader {
public:
    explicit Reader(const Json& from) : from_(from) {}
    void number(const char* name, double& into, Range r)
    {
        const Json* v = member(name);
        if (!v) return;
        if (!v->is_number() || !(v->get<double>() >= r.least && v->get<double>() <= r.most))
            problem_ = std::string(name) + " must be a number from " + Json(r.least).dump() + " to " + Json(r.most).dump() + ".";
        else
            into = v->get<double>();
    }
    void flag(const char* name, bool& into)
    {
        const Json* v = member(name);
        if (!v) return;
        if (v->is_boolean())
            into = v->get<bool>();
        else
            problem_ = std::string(name) + " must be true or false.";
    }
    void text(const char* name, std::string& into, const std::function<std::string(const std::string&)>& check)
    {
        const Json* v = member(name);
        if (!v) return;
        const std::string given = v->is_string() ? v->get<std::string>() : v->dump();
        if (const std::string wrong = check(given); !wrong.empty())
            problem_ = std::string(name) + " " + wrong + ".";
        else
            into = given;
    }
    std::string problem() const
    {
        if (!problem_.empty()) return problem_;
        for (const auto& [name, value] : from_.items())
            if (std::find(met_.begin(), met_.end(), name) == met_.end()) return "\"" + name + "\" is not known here.";
        return {};
    }

private:
    const Json* member(const char* name)
    {
        met_.push_back(name);
        const auto at = from_.find(name);
        return at == from_.end() ? nullptr : &*at;
    }
    const Json& from_;
    std::vector<std::string> met_;
    std::string problem_;
};

} // namespace

const char* nameOf(As as)
{
    return as == As::shapes ? "shapes" : as == As::lines ? "lines" : "tones";
}

const char* layerOf(As as)
{
    return as == As::shapes ? "Shapes" : as == As::lines ? "Lines" : "Tones";
}

double slackOf(As as)
{
    return as == As::shapes ? trace::OutlineOptions{}.slack : as == As::lines ? trace::LinesOptions{}.slack : tone::TonesOptions{}.slack;
}

void addSlack(CLI::App& c, Knobs& k, As as)
{
    k.slack = slackOf(as);
    c.add_option("--slack", k.slack, as == As::tones ? "how far a border may stray, px" : "how far a curve may stray, px")
        ->capture_default_str()
        ->check(checked(slackRange));
}

void addShapeKnobs(CLI::App& c, Knobs& k)
{
    c.add_option("--threshold", k.threshold, "auto, or 0-255: darker is inside")->capture_default_str()->check([](const std::string& t) {
        return thresholdProblem(t);
    });
    c.add_option("--smallest-speck", k.speck, "smaller dark islands are left out, px2")->capture_default_str()->check(checked(areaRange));
    c.add_option("--smallest-hole", k.hole, "smaller light holes are filled, px2")->capture_default_str()->check(checked(areaRange));
    c.add_flag("--light-on-dark", k.lightOnDark, "trace the light parts");
    c.add_flag("--extremes", k.extremes, "nodes where a shape is furthest left, right, up and down");
}

void addLineKnobs(CLI::App& c, Knobs& k)
{
    c.add_option("--medium", k.medium, "auto, ink (paler lines are left out) or pencil")->capture_default_str()->check(CLI::IsMember({"auto", "ink", "pencil"}));
    c.add_option("--gather", k.gather, "how far apart passes of one pencil line may lie, 0-3")->capture_default_str()->check(checked(gatherRange));
    c.add_option("--shortest", k.shortest, "shorter marks are left out, px")->capture_default_str()->check(checked(lengthRange));
    c.add_flag("--swell", k.swell, "lines whose width varies become shapes that follow it");
}

void addToneKnobs(CLI::App& c, Knobs& k)
{
    c.add_option("--count", k.count, "colours, 2-16; 0 = as many as it needs")->capture_default_str()->check(checked(countRange));
    c.add_option("--crisp", k.crisp, "0 calm, few large areas, to 1 crisp; left out, by the picture's grain")->check(checked(crispRange));
    c.add_option("--smallest", k.smallest, "smaller areas go to a neighbour, px2; left out, the picture decides")->check(checked(areaRange));
    c.add_flag("--lightness", k.lightness, "by lightness alone");
}

Json toJson(As as, const Knobs& k)
{
    Json j;
    j["slack"] = k.slack < 0 ? slackOf(as) : k.slack;
    if (as == As::shapes) {
        j["threshold"] = k.threshold;
        j["smallest-speck"] = k.speck;
        j["smallest-hole"] = k.hole;
        j["light-on-dark"] = k.lightOnDark;
        j["extremes"] = k.extremes;
    } else if (as == As::lines) {
        j["medium"] = k.medium;
        j["gather"] = k.gather;
        j["shortest"] = k.shortest;
        j["swell"] = k.swell;
    } else {
        j["count"] = k.count;
        if (k.crisp >= 0) j["crisp"] = k.crisp;
        if (k.smallest >= 0) j["smallest"] = k.smallest;
        j["lightness"] = k.lightness;
    }
    return j;
}

std::string readKnobs(const Json& from, As as, Knobs& k)
{
    Reader r(from);
    r.number("slack", k.slack, slackRange);
    if (as == As::shapes) {
        r.text("threshold", k.threshold, thresholdProblem);
        r.number("smallest-speck", k.speck, areaRange);
        r.number("smallest-hole", k.hole, areaRange);
        r.flag("light-on-dark", k.lightOnDark);
        r.flag("extremes", k.extremes);
    } else if (as == As::lines) {
        r.text("medium", k.medium,
               [](const std::string& t) { return t == "auto" || t == "ink" || t == "pencil" ? std::string() : "takes auto, ink or pencil, not '" + t + "'"; });
        r.number("gather", k.gather, gatherRange);
        r.number("shortest", k.shortest, lengthRange);
        r.flag("swell", k.swell);
    } else {
        double count = k.count;
        r.number("count", count, countRange);
        k.count = static_cast<int>(count);
        r.number("crisp", k.crisp, crispRange);
        r.number("smallest", k.smallest, areaRange);
        r.flag("lightness", k.lightness);
    }
    return r.problem();
}

Traced traced(pixel::Picture picture, As as, const Knobs& k, const std::function<bool()>& cancelled, const curve::Affine& toSheet)
{
    Traced out;
    const double slack = k.slack < 0 ? slackOf(as) : k.slack;
    const art::Colour black{0, 0, 0};
    const auto greys = [&picture] {
        pixel::Grey grey = pixel::greyOf(picture);
        picture = {};
        return grey;
    };
    if (as == As::shapes) {
        trace::OutlineOptions o;
        o.slack = slack;
        o.smallestSpeck = k.speck;
        o.smallestHole = k.hole;
        o.lightOnDark = k.lightOnDark;
        o.extremes = k.extremes;
        o.cut = cutOf(k.threshold);
        o.cancelled = cancelled;
        const trace::Outline found = trace::outline(greys(), o);
        out.items = art::itemsOf(found, toSheet, black);
        out.furthest = found.furthest;
    } else if (as == As::lines) {
        trace::LinesOptions o;
        o.slack = slack;
        o.gather = k.gather;
        o.shortest = k.shortest;
        o.medium = k.medium == "ink" ? trace::Medium::ink : k.medium == "pencil" ? trace::Medium::pencil : trace::Medium::find;
        o.cancelled = cancelled;
        const trace::Lines found = trace::lines(greys(), o);
        out.items = art::itemsOf(found, toSheet, black, k.swell);
        for (const trace::Stroke& s : found.strokes) out.furthest = std::max(out.furthest, s.furthest);
    } else {
        tone::TonesOptions o;
        o.slack = slack;
        o.count = k.count;
        o.smallest = k.smallest;
        o.crisp = k.crisp;
        o.lightness = k.lightness;
        o.cancelled = cancelled;
        const tone::Tones found = tone::separate(picture, o);
        out.items = art::itemsOf(found, toSheet);
        std::set<std::tuple<int, int, int>> seen; // what stands in the palette may be nowhere in the picture
        for (const art::Item& i : out.items)
            if (const art::Artwork* w = i.artwork(); w && w->fill.colour) seen.emplace(w->fill.colour->r, w->fill.colour->g, w->fill.colour->b);
        out.colours = seen.size();
    }
    if (cancelled && cancelled()) return {};
    for (const art::Item& i : out.items)
        if (const art::Artwork* w = i.artwork()) {
            out.paths += w->paths->size();
            out.nodes += curve::nodeCount(w->paths);
        }
    return out;
}

} // namespace softrope::cli
