#include "art/shades.h"

#include "art/arrange.h"
#include "art/edits.h"
#include "art/inks.h"
#include "art/lights.h"
#include "art/live.h"
#include "art/tree.h"
#include "curve/polygon.h"
#include "pixel/colour_space.h"
#include "shade/shade.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

namespace softrope::art {

using curve::Paths;
using curve::Vec2;

namespace {

planar::Shape shapeOf(const Artwork& a)
{
    return {a.paths, a.fill.evenOdd};
}

bool isArea(const Item& i)
{
    const Artwork* a = i.artwork();
    return a && !a->guide && !a->paths->empty();
}

void walk(const ItemPtr& item, const Item* area, bool shown, bool locked, const std::function<void(const Shade&)>& act)
{
    shown = shown && item->shown;
    locked = locked || item->locked;
    if (area) act({item.get(), area, shown, locked});
    const Item* below = item->artwork() ? item.get() : area;
    for (const ItemPtr& c : childrenOf(*item)) walk(c, below, shown, locked, act);
}

} // namespace

void eachShade(const Document& d, const std::function<void(const Shade&)>& act)
{
    for (const LayerPtr& l : d.layers)
        for (const ItemPtr& i : l->items) walk(i, nullptr, l->shown, l->locked, act);
}

// -- made ---------------------------------------------------------------------------------------------------------------------------

namespace {

// A thing of its own on top of what lies in each of the areas for which `make` gives one.
Taken withInsides(const Document& d, const std::vector<Id>& areas, const std::function<std::optional<Item>(const Item& area)>& make)
{
    Taken out{d, {}, Refusal::nothingPicked};
    Id next = d.nextId;
    const std::set<Id> wanted(areas.begin(), areas.end());
    std::map<Id, Id> made; // by area
    out.document = rebuilt(d, [&](const ItemPtr& i, const Where& w) {
        if (!wanted.count(i->id)) return Rebuild::below();
        if (w.locked || w.derived) {
            out.why = w.locked ? Refusal::locked : Refusal::derived;
            return Rebuild::stay();
        }
        if (!isArea(*i)) {
            out.why = Refusal::doesNotFit;
            return Rebuild::below();
        }
        std::optional<Item> one = make(*i);
        if (!one) {
            if (made.empty()) out.why = Refusal::doesNotFit;
            return Rebuild::stay();
        }
        one->id = next++;
        made[i->id] = one->id;
        Item area = *i;
        std::get<Artwork>(area.is).inside.push_back(shared(std::move(*one)));
        return Rebuild::by(shared(std::move(area)));
    });
    out.document.nextId = next;
    // In the order they were asked for.
    for (const Id a : areas)
        if (const auto shade = made.extract(a)) out.items.push_back(shade.mapped());
    if (!out.items.empty()) out.why = Refusal::none;
    return out;
}

Item shadeItem(const Document& d, Artwork a, Id look, const std::string& name)
{
    Item i;
    i.name = name;
    a.stroke.colour.reset();
    if (!a.fill.colour) a.fill.colour = Colour{0, 0, 0};
    i.is = std::move(a);
    if (const NamedLook* l = d.look(look)) i = dressed(std::move(i), *l, d.light);
    return i;
}

} // namespace

Paths crescentPaths(const Document& d, const Crescent& c, const Artwork& area)
{
    const double side = sideOf(c, d.light);
    switch (c.kind) {
    case Crescent::Kind::rim: return shade::crescent(shapeOf(area), curve::direction(side), c.width);
    case Crescent::Kind::band: return shade::band(shapeOf(area), curve::direction(side), c.from, c.width);
    case Crescent::Kind::cast: break;
    }
    const Item* source = d.item(c.source);
    if (!source || !source->artwork()) return {};
    return shade::cast(shapeOf(*source->artwork()), -c.width * reachOf(c, d.light) * curve::direction(side), shapeOf(area));
}

namespace {

// On a grid fine enough for every eye, so that rounding by moves changes nothing.
Paths settledLocally(const Artwork& area, const curve::Affine& back)
{
    const auto snapped = [](double v) { return std::round(v * 4096) / 4096; };
    Paths local;
    for (const curve::Path& p : area.paths) {
        local.push_back(transformed(p, back));
        for (curve::Node& n : local.back().nodes)
            for (Vec2* v : {&n.at, &n.in, &n.out}) *v = {snapped(v->x), snapped(v->y)};
    }
    return local;
}

Paths scatterPaths(const Document& d, const shade::Scatter& s, const Artwork& area)
{
    const auto back = curve::inverse(s.frame);
    if (!back) return {};
    shade::Scatter local = s;
    local.frame = {};
    const Vec2 light = linear(*back, curve::direction(d.light.angle));
    Paths out = shade::scattered({settledLocally(area, *back), area.fill.evenOdd}, local, curve::angleOf(light));
    for (curve::Path& p : out) p = transformed(p, s.frame);
    return out;
}

} // namespace

Taken withCrescents(const Document& d, const std::vector<Id>& areas, const Crescent& how, Id look, const std::string& name)
{
    return withInsides(d, areas, [&](const Item& area) -> std::optional<Item> {
        if (how.kind == Crescent::Kind::cast && area.id == how.source) return std::nullopt;
        Artwork a;
        a.setDerived(crescentPaths(d, how, *area.artwork()), shared(Crescent(how)));
        a.made = shadeKey(d, a, *area.artwork());
        return shadeItem(d, std::move(a), look, name);
    });
}

Taken withScatter(const Document& d, const std::vector<Id>& areas, const shade::Scatter& how, const Paint& paint, const std::string& name)
{
    return withInsides(d, areas, [&](const Item&) -> std::optional<Item> {
        Artwork a;
        a.setDerived({}, shared(shade::Scatter(how)));
        a.fill.colour = paint.colour.value_or(Colour{0, 0, 0});
        a.fill.ink = paint.ink;
        return shadeItem(d, std::move(a), 0, name);
    });
}

Taken withStrokeInside(const Document& d, const std::vector<Id>& areas, const curve::Path& stroke, bool other, Id look, const std::string& name)
{
    Taken cut = withInsides(d, areas, [&](const Item& area) -> std::optional<Item> {
        // What is drawn round a place stays as drawn, to be edited beyond the border; a stroke across is closed along it.
        Paths part = stroke.closed ? curve::bounds(stroke).meets(curve::bounds(area.artwork()->paths)) ? Paths{stroke} : Paths{}
                                   : shade::cutOff(shapeOf(*area.artwork()), stroke, other);
        if (part.empty()) return std::nullopt;
        Artwork a;
        a.setPaths(std::move(part));
        return shadeItem(d, std::move(a), look, name);
    });
    if (!cut.items.empty() || areas.empty() || cut.why == Refusal::locked) return cut;
    return withInsides(d, {areas.front()}, [&](const Item&) -> std::optional<Item> {
        Artwork a;
        curve::Path whole = stroke;
        whole.closed = true;
        a.setPaths({std::move(whole)});
        return shadeItem(d, std::move(a), look, name);
    });
}

Taken withPutInside(const Document& d, const std::vector<Id>& items, const std::vector<Id>& areas)
{
    if (areas.empty() || items.empty()) return {d, {}, Refusal::nothingPicked};
    Taken out{d, {}, Refusal::none};
    for (const Id id : items) {
        const ItemPtr item = out.document.itemPtr(id);
        if (!item || item->reference()) continue;
        std::vector<Id> met;
        for (const Id a : areas)
            if (const Item* area = out.document.item(a); a != id && area && area->artwork() && bounds(*area).meets(bounds(*item))) met.push_back(a);
        if (areas.size() == 1) met = areas;
        if (met.size() == 1) {
            const Edited in = moved(out.document, {id}, {.layer = 0, .parent = met.front()});
            if (!in.done()) {
                out.why = in.why;
                continue;
            }
            out.document = in.document;
            out.items.push_back(id);
            continue;
        }
        if (met.empty()) {
            out.why = Refusal::doesNotFit;
            continue;
        }
        Taken copies = withInsides(out.document, met, [&](const Item&) -> std::optional<Item> { return *item; });
        if (copies.items.empty()) {
            out.why = copies.why;
            continue;
        }
        const Edited gone = withoutItems(copies.document, {id});
        if (!gone.done()) {
            out.why = gone.why;
            continue;
        }
        out.document = gone.document;
        out.items.insert(out.items.end(), copies.items.begin(), copies.items.end());
    }
    if (!out.items.empty()) out.why = Refusal::none;
    return out;
}

// -- changed ------------------------------------------------------------------------------------------------------------------------

Edited withCrescentsChanged(const Document& d, const std::vector<Id>& items, const std::function<void(Crescent&)>& change)
{
    bool any = false;
    Edited out = withItemsChanged(d, items, [&](Item& i) {
        Artwork* a = std::get_if<Artwork>(&i.is);
        const Crescent* now = a ? a->crescent() : nullptr;
        if (!now) return;
        Crescent c = *now;
        change(c);
        c.width = std::clamp(std::isfinite(c.width) ? c.width : now->width, 0.0, 1e5);
        c.from = std::clamp(std::isfinite(c.from) ? c.from : now->from, 0.0, c.width);
        any = true;
        if (!(c == *now)) a->setDerived(Paths(a->paths), shared(std::move(c)), 0);
    });
    if (!any && out.done()) out.why = Refusal::doesNotFit;
    return out;
}

Edited withScatterChanged(const Document& d, const std::vector<Id>& items, const std::function<void(shade::Scatter&)>& change)
{
    bool any = false;
    Edited out = withItemsChanged(d, items, [&](Item& i) {
        Artwork* a = std::get_if<Artwork>(&i.is);
        const shade::Scatter* now = a ? a->scatter() : nullptr;
        if (!now) return;
        shade::Scatter s = *now;
        change(s);
        any = true;
        if (!(s == *now)) a->setDerived(Paths(a->paths), shared(std::move(s)), 0);
    });
    if (!any && out.done()) out.why = Refusal::doesNotFit;
    return out;
}

Edited withFade(const Document& d, const std::vector<Id>& items, const std::optional<FadeWay>& way)
{
    return withArtworkChanged(d, items, [&](Artwork& a) {
        if (!a.fill.colour) return;
        const GradientStop full{0, *a.fill.colour, 1, a.fill.ink};
        Gradient g;
        g.stops = {full, full};
        g.stops[1].at = 1;
        g.stops[1].opacity = 0;
        if (way && !(way->from == way->to)) {
            const Vec2 v = way->to - way->from, n = perpendicular(v);
            g.place = {v.x, v.y, n.x, n.y, way->from.x, way->from.y};
        } else {
            g = alongLight(std::move(g), curve::bounds(a.paths), d.light);
        }
        a.fill.gradient = shared(std::move(g));
    });
}

// -- the light ----------------------------------------------------------------------------------------------------------------------

double sideOf(const Crescent& c, const Light& light)
{
    if (!c.byLight) return c.angle;
    // A cast falls away from the light whatever it is painted with.
    return light.angle + (c.against && c.kind != Crescent::Kind::cast ? curve::pi : 0.0);
}

double reachOf(const Crescent& c, const Light& light)
{
    return c.kind == Crescent::Kind::cast && c.byLight ? 2 * (1 - light.height) : 1;
}

namespace {

// Whether what is painted so lightens what lies under it.
bool lightens(const Item& shade, const Artwork& area)
{
    switch (shade.blend) {
    case Blend::multiply:
    case Blend::darken:
    case Blend::colourBurn: return false;
    case Blend::screen:
    case Blend::lighten:
    case Blend::colourDodge: return true;
    default: break;
    }
    const auto light = [](const std::optional<Colour>& c) { return c ? pixel::okLabOf({c->r, c->g, c->b, 255}).l : 1.0; };
    const Artwork* a = shade.artwork();
    return a && light(a->fill.colour) > light(area.fill.colour);
}

// The middle of what is enclosed, by the trapezoid rule on flattened outlines.
std::optional<Vec2> middleOf(const Paths& paths)
{
    double sum = 0;
    Vec2 m;
    for (const curve::Path& p : paths) {
        const std::vector<Vec2> ring = curve::flatten(p, 0.5);
        for (std::size_t k = 0; k < ring.size(); ++k) {
            const Vec2 a = ring[k], b = ring[(k + 1) % ring.size()];
            const double c = cross(a, b);
            sum += c;
            m += c / 3 * (a + b);
        }
    }
    if (std::abs(sum) < 1e-6) return std::nullopt;
    return m / sum;
}

} // namespace

std::vector<Id> againstLight(const Document& d)
{
    const double within = curve::radians(30);
    std::vector<Id> out;
    eachShade(d, [&](const Shade& s) {
        const Artwork* a = s.item->artwork();
        const Artwork& area = *s.area->artwork();
        if (!s.shown || !a || a->guide || a->scatter() || a->paths->empty()) return;
        const Crescent* c = a->crescent();
        if (c && c->byLight) return;
        // A thing that merely lies in an area shades nothing.
        if (!c && s.item->blend == Blend::normal && s.item->look == 0 && a->fill.lit == Lit::none) return;
        double side = 0;
        if (c) {
            side = c->angle;
        } else {
            const auto mine = middleOf(a->paths), all = middleOf(area.paths);
            const curve::Box b = curve::bounds(area.paths);
            if (!mine || !all || distance(*mine, *all) < 0.06 * (b.width() + b.height())) return;
            side = curve::angleOf(*mine - *all);
        }
        const bool towards = c && c->kind == Crescent::Kind::cast ? true : lightens(*s.item, area);
        const double wanted = d.light.angle + (towards ? 0.0 : curve::pi);
        if (std::abs(std::remainder(side - wanted, 2 * curve::pi)) > within) out.push_back(s.item->id);
    });
    return out;
}

Edited withTurnedToLight(const Document& d, const std::vector<Id>& items)
{
    std::map<Id, bool> lighten;
    eachShade(d, [&](const Shade& s) { lighten[s.item->id] = lightens(*s.item, *s.area->artwork()); });
    bool any = false;
    Edited out = withItemsChanged(d, items, [&](Item& i) {
        Artwork* a = std::get_if<Artwork>(&i.is);
        if (!a || !a->crescent()) return;
        Crescent c = *a->crescent();
        c.byLight = true;
        c.against = !lighten[i.id];
        any = true;
        a->setDerived(Paths(a->paths), shared(std::move(c)), 0);
    });
    if (!any && out.done()) out.why = Refusal::doesNotFit;
    return out;
}

// -- worked out -----------------------------------------------------------------------------------------------------------------------

Key shadeKey(const Document& d, const Artwork& shade, const Artwork& area)
{
    Hash h;
    if (const Crescent* c = shade.crescent()) {
        if (c->kind == Crescent::Kind::cast) {
            const Item* source = d.item(c->source);
            if (!source || !source->artwork()) return 0; // what cast it is gone: it stays
            for (const curve::Path& p : source->artwork()->paths) h.add(p);
            h.add(static_cast<double>(source->artwork()->fill.evenOdd));
            if (c->byLight) h.add(d.light.height);
        }
        for (const curve::Path& p : area.paths) h.add(p);
        for (const double v : {static_cast<double>(area.fill.evenOdd), static_cast<double>(c->kind), c->width, c->from, sideOf(*c, d.light)}) h.add(v);
        return h.key();
    }
    const auto* s = shade.scatter();
    const auto back = s ? curve::inverse(s->frame) : std::nullopt;
    if (!back) return 0;
    for (const curve::Path& p : settledLocally(area, *back)) h.add(p);
    for (const double v : {static_cast<double>(area.fill.evenOdd), static_cast<double>(s->mark), s->spacing, s->least, s->most, static_cast<double>(s->turn),
                           s->angle, static_cast<double>(s->fall), s->fade, static_cast<double>(s->seed)})
        h.add(v);
    for (const curve::Path& p : s->own) h.add(p);
    if (s->turn == shade::Turn::light || s->fall == shade::Fall::light) h.add(std::round(curve::angleOf(linear(*back, curve::direction(d.light.angle))) * 1e6));
    return h.key();
}

namespace {

bool isWorkedOut(const Item& i)
{
    return i.artwork() && (i.artwork()->crescent() || i.artwork()->scatter());
}

// In a document where nothing is worked out this costs a look at each inside, no more.
std::vector<std::pair<Shade, Key>> waiting(const Document& d)
{
    std::vector<std::pair<Shade, Key>> out;
    eachShade(d, [&](const Shade& s) {
        if (!isWorkedOut(*s.item)) return;
        const Key key = shadeKey(d, *s.item->artwork(), *s.area->artwork());
        if (key && key != s.item->artwork()->made) out.emplace_back(s, key);
    });
    return out;
}

} // namespace

std::vector<Shade> staleShades(const Document& d)
{
    std::vector<Shade> out;
    for (const auto& [shade, key] : waiting(d)) out.push_back(shade);
    return out;
}

Document withShadesFollowed(const Document& d, const std::function<bool()>& cancelled)
{
    constexpr int deepest = 16; // shades in shades: each round settles what lies in the last
    Document out = d;
    for (int round = 0; round < deepest; ++round) {
        const auto stale = waiting(out);
        if (stale.empty() || (cancelled && cancelled())) return out;
        std::vector<Paths> made(stale.size());
        tbb::parallel_for(std::size_t{0}, stale.size(), [&](std::size_t k) {
            if (cancelled && cancelled()) return;
            const Artwork &a = *stale[k].first.item->artwork(), &area = *stale[k].first.area->artwork();
            made[k] = a.crescent() ? crescentPaths(out, *a.crescent(), area) : scatterPaths(out, *a.scatter(), area);
        });
        if (cancelled && cancelled()) return out;
        std::map<Id, std::size_t> at;
        for (std::size_t k = 0; k < stale.size(); ++k) at[stale[k].first.item->id] = k;
        // Locked things too: what follows is not what a hand does.
        out = rebuilt(out, [&](const ItemPtr& i, const Where&) {
            const auto mine = at.find(i->id);
            if (mine == at.end()) return Rebuild::below();
            Item changed = *i;
            Artwork& a = std::get<Artwork>(changed.is);
            a.setDerived(std::move(made[mine->second]), Recipe(a.live), stale[mine->second].second);
            if (a.fill.gradient && a.fill.gradient->byLight) a.fill.gradient = shared(alongLight(*a.fill.gradient, curve::bounds(a.paths), out.light));
            return Rebuild::changed(shared(std::move(changed)));
        });
    }
    return out;
}

} // namespace softrope::art
