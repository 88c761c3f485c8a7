#include "files/gradients.h"

#include "files/css_colour.h"
#include "files/named.h"
#include "files/path_data.h"
#include "files/xml.h"

#include <algorithm>
#include <cmath>
#include <cstring>

namespace softrope::files {

using art::Gradient;
using curve::Affine;
using curve::Vec2;

namespace {

constexpr std::size_t longestChain = 64; // gradients that refer to gradients; more are a hostile file's

bool isGradient(pugi::xml_node n)
{
    const std::string name = localName(n);
    return name == "linearGradient" || name == "radialGradient";
}

// A number, or a percentage as a share; nothing when there is none.
std::optional<double> share(const std::string& text)
{
    const auto v = numbers(text.c_str());
    if (v.empty()) return std::nullopt;
    return text.find('%') != std::string::npos ? v[0] / 100 : v[0];
}

// What currentColor means where the stop stands: the gradient's own surroundings, not those of what it paints.
art::Colour currentAt(pugi::xml_node n, const StyleSheet* sheet)
{
    for (; n; n = n.parent())
        if (const auto c = cssColourFrom(propertyOf(n, "color", sheet))) return c->colour;
    return {0, 0, 0};
}

std::vector<art::GradientStop> stopsIn(pugi::xml_node n, const StyleSheet* sheet)
{
    std::vector<art::GradientStop> out;
    double last = 0;
    for (const pugi::xml_node s : n.children()) {
        if (localName(s) != "stop") continue;
        art::GradientStop stop;
        stop.at = last = std::clamp(share(s.attribute("offset").value()).value_or(0), last, 1.0);
        const std::string colour = propertyOf(s, "stop-color", sheet);
        const auto seen = colour == "currentColor" ? CssColour{currentAt(s, sheet), 1} : cssColourFrom(colour).value_or(CssColour{});
        stop.colour = seen.colour;
        stop.opacity = seen.opacity * std::clamp(share(propertyOf(s, "stop-opacity", sheet)).value_or(1), 0.0, 1.0);
        stop.ink = inkUse(s.attribute("rope:ink").value());
        out.push_back(stop);
    }
    return out;
}

} // namespace

struct Gradients::Said {
    bool linear = true, byLight = false;
    std::vector<art::GradientStop> stops;
    std::map<std::string, std::string> values; // of attributes, its own or of the one it refers to

    bool byBounds() const
    {
        const auto units = values.find("gradientUnits");
        return units == values.end() || units->second != "userSpaceOnUse";
    }
};

std::shared_ptr<const Gradients::Said> Gradients::gathered(const std::string& name, const StyleSheet* sheet) const
{
    // What a gradient does not say it takes from the one it refers to, and so on.
    std::vector<pugi::xml_node> chain;
    for (pugi::xml_node n = named_.find(name); isGradient(n) && std::find(chain.begin(), chain.end(), n) == chain.end(); n = named_.referredBy(n)) {
        if (chain.size() >= longestChain) break;
        chain.push_back(n);
    }
    if (chain.empty()) return nullptr;
    auto out = std::make_shared<Said>();
    out->linear = localName(chain.front()) == "linearGradient";
    out->byLight = flagged(chain.front(), "rope:by-light");
    for (const pugi::xml_node n : chain) {
        for (const pugi::xml_attribute a : n.attributes()) out->values.emplace(a.name(), a.value()); // the first stays
        if (out->stops.empty()) out->stops = stopsIn(n, sheet);
    }
    return out->stops.empty() ? nullptr : out;
}

bool Gradients::isByBounds(const std::string& name) const
{
    const auto known = said_.find(name);
    return known != said_.end() && known->second && known->second->byBounds();
}

art::Shared<Gradient> Gradients::of(const std::string& name, const curve::Box& bounds, const Affine& toSheet, const Style& style)
{
    auto known = said_.find(name);
    if (known == said_.end()) known = said_.emplace(name, gathered(name, style.sheet)).first;
    if (!known->second) return nullptr;
    const Said& said = *known->second;
    const auto value = [&](const char* attribute) {
        const auto at = said.values.find(attribute);
        return at == said.values.end() ? std::string() : at->second;
    };
    auto g = std::make_shared<Gradient>();
    g->byLight = said.byLight;
    g->kind = said.linear ? Gradient::Kind::linear : Gradient::Kind::radial;
    g->stops = said.stops;
    const bool own = !said.byBounds();
    const std::string spread = value("spreadMethod");
    g->spread = spread == "reflect" ? Gradient::Spread::reflect : spread == "repeat" ? Gradient::Spread::repeat : Gradient::Spread::pad;
    // Where nothing is said, a share of the view or of the bounds (SVG 1.1, 13.2.2).
    const Lengths& view = style.lengths;
    const double all = std::sqrt((view.width * view.width + view.height * view.height) / 2);
    const auto at = [&](const char* attribute, double otherwise) {
        const std::string text = value(attribute);
        const bool across = std::strchr(attribute, 'x') != nullptr, down = std::strchr(attribute, 'y') != nullptr;
        const double whole = !own ? 1 : across ? view.width : down ? view.height : all;
        return view.of(text, whole).value_or(otherwise * whole);
    };
    Affine unit;
    if (said.linear) {
        const Vec2 from{at("x1", 0), at("y1", 0)}, to{at("x2", 1), at("y2", 0)}, way = to - from;
        if (way == Vec2{}) g->stops.erase(g->stops.begin(), g->stops.end() - 1); // the last colour fills all (SVG 1.1, 13.2.2)
        unit = {way.x, way.y, -way.y, way.x, from.x, from.y};
    } else {
        const double r = at("r", 0.5);
        const Vec2 centre{at("cx", 0.5), at("cy", 0.5)};
        const Vec2 focus{value("fx").empty() ? centre.x : at("fx", 0), value("fy").empty() ? centre.y : at("fy", 0)};
        unit = {r, 0, 0, r, centre.x, centre.y};
        // One outside the circle makes a cone (SVG 2, 14.2.3).
        if (r > 0) g->focus = (focus - centre) / r;
        if (!isFinite(g->focus)) g->focus = {};
    }
    const Affine turned = transformOf(value("gradientTransform")) * unit;
    if (own) {
        g->place = toSheet * turned;
    } else {
        if (bounds.empty()) return nullptr;
        g->place = toSheet * Affine{bounds.width(), 0, 0, bounds.height(), bounds.min.x, bounds.min.y} * turned;
    }
    for (const double v : {g->place.a, g->place.b, g->place.c, g->place.d, g->place.e, g->place.f})
        if (!std::isfinite(v)) return nullptr;
    return art::Shared<Gradient>(g);
}

} // namespace softrope::files
