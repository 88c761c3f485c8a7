#include "deliver/plan.h"

#include "words/said.h"

#include <nlohmann/json.hpp>

#include <algorithm>

namespace softrope::deliver {

namespace {

using Json = nlohmann::ordered_json;

const char* idOf(Scope s)
{
    return s == Scope::picked ? "picked" : s == Scope::layers ? "layers" : "sheet";
}

} // namespace

const char* idOf(Format f)
{
    switch (f) {
    case Format::svg: return "svg";
    case Format::svgText: return "svg-text";
    case Format::pdf: return "pdf";
    case Format::eps: return "eps";
    case Format::png: return "png";
    }
    return "svg";
}

std::string planText(const Plan& p)
{
    Json j;
    j["variants"] = Json::array();
    for (const Variant v : p.variants) j["variants"].push_back(idOf(v));
    j["formats"] = Json::array();
    for (const Format f : p.formats) j["formats"].push_back(idOf(f));
    j["scope"] = idOf(p.scope);
    j["png_px"] = p.pngWidths;
    j["icons_px"] = p.iconSizes;
    j["ground"] = p.ground;
    j["bleed_mm"] = p.bleed;
    j["crop_marks"] = p.cropMarks;
    j["sheet"] = p.sheet;
    j["names"] = p.names;
    j["ink"] = art::text(p.inking.ink);
    j["paper"] = art::text(p.inking.paper);
    if (p.inking.cut >= 0) j["cut"] = p.inking.cut;
    j["gap_px"] = p.inking.gap;
    j["weight_px"] = p.inking.weight;
    return j.dump(1, ' ', false, Json::error_handler_t::replace);
}

PlanResult readPlan(std::string_view json, const std::string& name)
{
    PlanResult out;
    Plan& p = out.plan;
    const Json j = Json::parse(json, nullptr, false);
    const auto broken = [&](const std::string& what) {
        if (out.problem.empty()) out.problem = words::said("%1 is no delivery plan: %2", {name, what});
    };
    if (!j.is_object()) {
        broken(words::said("it is not a JSON object."));
        return out;
    }
    const auto strings = [&](const char* key, const std::function<bool(const std::string&)>& take) {
        if (!j.contains(key)) return;
        if (!j[key].is_array()) return broken(words::said("%1 must be a list.", {key}));
        for (const auto& v : j[key])
            if (!v.is_string() || !take(v.get<std::string>())) broken(words::said("%1 does not know %2.", {key, v.dump()}));
    };
    if (j.contains("variants")) p.variants.clear();
    strings("variants", [&](const std::string& id) {
        const auto v = variantFrom(id);
        if (v && std::find(p.variants.begin(), p.variants.end(), *v) == p.variants.end()) p.variants.push_back(*v);
        return v.has_value();
    });
    if (j.contains("formats")) p.formats.clear();
    strings("formats", [&](const std::string& id) {
        for (const Format f : formats)
            if (id == idOf(f)) {
                if (std::find(p.formats.begin(), p.formats.end(), f) == p.formats.end()) p.formats.push_back(f);
                return true;
            }
        return false;
    });
    const auto sizes = [&](const char* key, std::vector<int>& into, int most) {
        if (!j.contains(key)) return;
        into.clear();
        if (!j[key].is_array()) return broken(words::said("%1 must be a list.", {key}));
        for (const auto& v : j[key]) {
            if (!v.is_number() || v.get<double>() < 1 || v.get<double>() > most || into.size() >= 32) {
                broken(words::said("%1 holds sizes from 1 to %2 px, at most 32.", {key, std::to_string(most)}));
                return;
            }
            into.push_back(v.get<int>());
        }
    };
    sizes("png_px", p.pngWidths, 20000);
    sizes("icons_px", p.iconSizes, 2048);
    if (j.contains("scope")) {
        const std::string s = j["scope"].is_string() ? j["scope"].get<std::string>() : std::string();
        if (s == "sheet" || s == "picked" || s == "layers")
            p.scope = s == "picked" ? Scope::picked : s == "layers" ? Scope::layers : Scope::sheet;
        else
            broken(words::said("%1 does not know %2.", {"scope", j["scope"].dump()}));
    }
    const auto flag = [&](const char* key, bool& into) {
        if (j.contains(key) && j[key].is_boolean()) into = j[key].get<bool>();
    };
    flag("ground", p.ground);
    flag("crop_marks", p.cropMarks);
    flag("sheet", p.sheet);
    const auto number = [&](const char* key, double& into, double least, double most) {
        if (!j.contains(key)) return;
        if (j[key].is_number() && j[key].get<double>() >= least && j[key].get<double>() <= most)
            into = j[key].get<double>();
        else
            broken(words::said("%1 is out of range.", {key}));
    };
    number("bleed_mm", p.bleed, 0, 100);
    number("cut", p.inking.cut, 0, 1);
    number("gap_px", p.inking.gap, 0, 1000);
    number("weight_px", p.inking.weight, 0.01, 1000);
    if (j.contains("names") && j["names"].is_string() && !j["names"].get<std::string>().empty()) p.names = j["names"].get<std::string>();
    const auto colour = [&](const char* key, art::Colour& into) {
        if (!j.contains(key)) return;
        const auto c = j[key].is_string() ? art::colourFrom(j[key].get<std::string>()) : std::nullopt;
        if (c)
            into = *c;
        else
            broken(words::said("%1 is no colour.", {key}));
    };
    colour("ink", p.inking.ink);
    colour("paper", p.inking.paper);
    if (!out.ok()) p = {};
    return out;
}

Plan planOf(const art::Document& d)
{
    return d.proofing.plan.empty() ? Plan{} : readPlan(d.proofing.plan, {}).plan;
}

} // namespace softrope::deliver
