#include "files/gradients.h"

#include "files/named.h"
#include "files/path_data.h"
#include "files/xml.h"

#include <algorithm>
#include <cmath>

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

} // namespace

art::Shared<Gradient> gradientOf(const Named& named, const std::string& name, const curve::Box& bounds, const Affine& toSheet, const Style& style)
{
    // What a gradient does not say it takes from the one it refers to, and so on.
    std::vector<pugi::xml_node> chain;
    for (pugi::xml_node n = named.find(name); isGradient(n) && std::find(chain.begin(), chain.end(), n) == chain.end(); n = named.referredBy(n)) {
        if (chain.size() >= longestChain) break;
        chain.push_back(n);
    }
    if (chain.empty()) return nullptr;
    const bool linear = localName(chain.front()) == "linearGradient";
    const auto value = [&](const char* attribute) -> std::string {
        for (const pugi::xml_node n : chain)
            if (n.attribute(attribute)) return n.attribute(attribute).value();
        return {};
    };
    auto g = std::make_shared<Gradient>();
    g->byLight = flagged(chain.front(), "rope:by-light");
    g->kind = linear ? Gradient::Kind::linear : Gradient::Kind::radial;
    for (const pugi::xml_node n : chain) {
        double last = 0;
        for (const pugi::xml_node s : n.children()) {
            if (localName(s) != "stop") continue;
            art::GradientStop stop;
            stop.at = last = std::clamp(share(s.attribute("offset").value()).value_or(0), last, 1.0);
            const std::string colour = propertyOf(s, "stop-color", style.sheet);
            stop.colour = colour == "currentColor" ? style.current : art::colourFrom(colour).value_or(art::Colour{0, 0, 0});
            stop.opacity = std::clamp(share(propertyOf(s, "stop-opacity", style.sheet)).value_or(1), 0.0, 1.0);
            stop.ink = inkUse(s.attribute("rope:ink").value());
            g->stops.push_back(stop);
        }
        if (!g->stops.empty()) break;
    }
    if (g->stops.empty()) return nullptr;
    const bool own = value("gradientUnits") == "userSpaceOnUse";
    const auto at = [&](const char* attribute, double otherwise) { return share(value(attribute)).value_or(otherwise); };
    Affine unit;
    if (linear) {
        const Vec2 from{at("x1", 0), at("y1", 0)}, to{at("x2", 1), at("y2", 0)}, way = to - from;
        unit = {way.x, way.y, -way.y, way.x, from.x, from.y};
    } else {
        const double r = at("r", 0.5);
        const Vec2 centre{at("cx", 0.5), at("cy", 0.5)}, focus{at("fx", centre.x), at("fy", centre.y)};
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
        g->place = Affine{bounds.width(), 0, 0, bounds.height(), bounds.min.x, bounds.min.y} * turned;
    }
    for (const double v : {g->place.a, g->place.b, g->place.c, g->place.d, g->place.e, g->place.f})
        if (!std::isfinite(v)) return nullptr;
    return art::Shared<Gradient>(g);
}

} // namespace softrope::files
