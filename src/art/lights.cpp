#include "art/lights.h"

#include "art/edits.h"
#include "art/inks.h"
#include "art/live.h"
#include "art/tree.h"
#include "pixel/ink_colours.h"
#include "words/said.h"

#include <algorithm>
#include <cmath>

namespace softrope::art {

using curve::Vec2;

namespace {

Colour mixed(Colour from, Colour to, double share)
{
    const auto one = [&](std::uint8_t a, std::uint8_t b) {
        return static_cast<std::uint8_t>(std::lround(static_cast<double>(a) + share * (static_cast<double>(b) - static_cast<double>(a))));
    };
    return {one(from.r, to.r), one(from.g, to.g), one(from.b, to.b)};
}

pixel::OkLch lchOf(Colour c)
{
    return pixel::okLchOf({c.r, c.g, c.b, 255});
}
Colour colourOf(pixel::OkLch c)
{
    const pixel::Rgba q = pixel::shown(c);
    return {q.r, q.g, q.b};
}

// The hue turned by a share of the way to another, the shorter way round.
double towards(double hue, double other, double share)
{
    return hue + share * std::remainder(other - hue, 2 * curve::pi);
}

const double blueViolet = curve::radians(285); // OKLCH hue

// What of the artwork goes by the light.
bool lit(const Artwork& a)
{
    return a.fill.lit != Lit::none || (a.fill.gradient && a.fill.gradient->byLight);
}

} // namespace

Colour warmOf(const Light& light)
{
    return mixed({0, 0, 0}, light.warm, std::clamp(light.strength, 0.0, 1.0));
}

Colour coolOf(const Light& light)
{
    return mixed({255, 255, 255}, light.cool, std::clamp(light.strength, 0.0, 1.0));
}

Fill litBy(Fill fill, const Light& light)
{
    if (fill.lit == Lit::none) return fill;
    const bool warm = fill.lit == Lit::warm;
    const Colour c = warm ? warmOf(light) : coolOf(light);
    fill.colour = c;
    fill.ink = {};
    if (fill.gradient) {
        Gradient g = *fill.gradient;
        for (GradientStop& s : g.stops) s.colour = c;
        fill.gradient = shared(std::move(g));
    }
    return fill;
}

Gradient alongLight(Gradient g, const curve::Box& b, const Light& light)
{
    g.byLight = true;
    if (b.empty()) return g;
    const Vec2 way = curve::direction(light.angle);
    const double half = std::max(1e-6, 0.5 * (std::abs(way.x) * b.width() + std::abs(way.y) * b.height()));
    if (g.kind == Gradient::Kind::linear) {
        // From the lit side away.
        const Vec2 from = b.centre() + half * way, to = b.centre() - half * way, v = to - from, n = perpendicular(v);
        g.place = {v.x, v.y, n.x, n.y, from.x, from.y};
    } else {
        const double r = std::max(1e-6, std::hypot(b.width(), b.height()) * 0.5);
        const Vec2 o = b.centre() + 0.35 * half * way;
        g.place = {r, 0, 0, r, o.x, o.y};
    }
    return g;
}

Document withLight(const Document& d, const Light& light)
{
    Document out = d;
    out.light = light;
    out.light.height = std::clamp(light.height, 0.0, 1.0);
    out.light.strength = std::clamp(light.strength, 0.0, 1.0);
    if (!std::isfinite(out.light.angle)) out.light.angle = d.light.angle;
    for (NamedLook& l : out.looks)
        if (l.fill) l.fill = litBy(*l.fill, out.light);
    return rebuilt(out, [&](const ItemPtr& i, const Where&) {
        if (!i->artwork() || !lit(*i->artwork())) return Rebuild::below();
        Item next = *i;
        Artwork& a = std::get<Artwork>(next.is);
        a.fill = litBy(std::move(a.fill), out.light);
        if (a.fill.gradient && a.fill.gradient->byLight) a.fill.gradient = shared(alongLight(*a.fill.gradient, curve::bounds(a.paths), out.light));
        return next == *i ? Rebuild::below() : Rebuild::changed(shared(std::move(next)));
    });
}

Edited withGradientsByLight(const Document& d, const std::vector<Id>& items, bool on)
{
    return withArtworkChanged(d, items, [&](Artwork& a) {
        if (!a.fill.gradient) return;
        Gradient g = *a.fill.gradient;
        if (on)
            g = alongLight(std::move(g), curve::bounds(a.paths), d.light);
        else
            g.byLight = false;
        a.fill.gradient = shared(std::move(g));
    });
}

Colour coolFor(Colour warm)
{
    const pixel::OkLch w = lchOf(warm);
    return colourOf({std::clamp(0.42 * w.l, 0.22, 0.45), std::clamp(0.85 * w.c, 0.05, 0.12), towards(w.h + curve::pi, blueViolet, 0.5)});
}

Backdrop backdropFor(const Light& light)
{
    const pixel::OkLch w = lchOf(light.warm);
    const double hue = towards(w.h + curve::pi, blueViolet, 0.35);
    return {colourOf({0.40, 0.07, hue}), colourOf({0.22, 0.05, hue + 0.12})};
}

Added withBackdrop(const Document& d, const Backdrop& backdrop, const std::string& name)
{
    Document out = d;
    auto layer = std::make_shared<Layer>();
    layer->id = out.nextId++;
    layer->name = name;
    Item item;
    item.id = out.nextId++;
    item.name = name;
    Artwork a;
    a.setPaths({curve::rectangle({0, 0}, {d.sheet.width, d.sheet.height})});
    a.stroke.colour.reset();
    Gradient g;
    g.stops = {{0, backdrop.light, 1, {}}, {1, backdrop.dark, 1, {}}};
    g = alongLight(std::move(g), curve::bounds(a.paths), d.light);
    a.fill.colour = colourAt(g, 0.5).colour;
    a.fill.gradient = shared(std::move(g));
    item.is = std::move(a);
    const Id id = item.id;
    layer->items.push_back(shared(std::move(item)));
    // Under the artwork, over pictures that lie below it.
    auto at = out.layers.begin();
    const auto holdsArtwork = [](const LayerPtr& l) { return std::any_of(l->items.begin(), l->items.end(), [](const ItemPtr& i) { return !i->reference(); }); };
    while (at != out.layers.end() && !(*at)->items.empty() && !holdsArtwork(*at)) ++at;
    out.layers.insert(at, layer);
    return {std::move(out), id};
}

} // namespace softrope::art
