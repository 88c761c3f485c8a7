#include "art/inks.h"

#include "pixel/ink_colours.h"

#include <algorithm>
#include <cmath>
#include <functional>

namespace softrope::art {

using curve::Vec2;

namespace {

pixel::Rgba rgba(Colour c)
{
    return {c.r, c.g, c.b, 255};
}

// Every artwork of the document, locked or not, parts of live shapes included.
Document withEveryArtwork(const Document& d, const std::function<void(Artwork&)>& change)
{
    const std::function<void(Artwork&)> deep = [&](Artwork& a) {
        change(a);
        if (!a.combined) return;
        auto c = std::make_shared<Combined>(*a.combined);
        for (Artwork& part : c->parts) deep(part);
        if (!(*c == *a.combined)) a.combined = c;
    };
    Document out = d;
    for (LayerPtr& l : out.layers) {
        std::shared_ptr<Layer> copy;
        for (std::size_t k = 0; k < l->items.size(); ++k) {
            if (!l->items[k]->artwork()) continue;
            Artwork a = *l->items[k]->artwork();
            deep(a);
            if (a == *l->items[k]->artwork()) continue;
            auto item = std::make_shared<Item>(*l->items[k]);
            item->is = std::move(a);
            if (!copy) copy = std::make_shared<Layer>(*l);
            copy->items[k] = item;
        }
        if (copy) l = copy;
    }
    return out;
}

// Each paint of an artwork, stops included.
void eachPaint(Artwork& a, const std::function<void(std::optional<Colour>&, InkUse&)>& act)
{
    act(a.fill.colour, a.fill.ink);
    act(a.stroke.colour, a.stroke.ink);
    if (!a.fill.gradient) return;
    auto g = std::make_shared<Gradient>(*a.fill.gradient);
    for (GradientStop& s : g->stops) {
        std::optional<Colour> c = s.colour;
        act(c, s.ink);
        s.colour = c.value_or(s.colour);
    }
    if (!(*g == *a.fill.gradient)) a.fill.gradient = g;
}

// The area a fill covers by itself, px2.
double fillArea(const Artwork& a)
{
    double sum = 0;
    for (const curve::Path& p : a.paths) sum += curve::area(p);
    return std::abs(sum);
}

std::string freeName(const Document& d, const std::string& name)
{
    const auto taken = [&](const std::string& n) { return std::any_of(d.inks.begin(), d.inks.end(), [&](const Ink& i) { return i.name == n; }); };
    if (!name.empty() && !taken(name)) return name;
    const std::string base = name.empty() ? "Ink" : name;
    for (int k = name.empty() ? 1 : 2;; ++k)
        if (const std::string n = base + ' ' + std::to_string(k); !taken(n)) return n;
}

} // namespace

Added withInk(const Document& d, const std::string& name, Colour colour, Meaning meaning)
{
    Added out{d, d.nextId};
    out.document.inks.push_back({out.document.nextId++, freeName(d, name), colour, meaning});
    return out;
}

Colour tintOf(Colour ink, int step)
{
    const pixel::Rgba c = pixel::tint(rgba(ink), step);
    return {c.r, c.g, c.b};
}

Document withInkColour(const Document& d, Id ink, Colour colour)
{
    if (!d.ink(ink)) return d;
    Document out = withEveryArtwork(d, [&](Artwork& a) {
        eachPaint(a, [&](std::optional<Colour>& c, InkUse& use) {
            if (use.ink == ink && c) c = tintOf(colour, use.tint);
        });
    });
    for (Ink& i : out.inks)
        if (i.id == ink) i.colour = colour;
    return out;
}

Document withInkName(const Document& d, Id ink, const std::string& name)
{
    Document out = d;
    const Ink* now = d.ink(ink);
    if (!now || name.empty() || now->name == name) return d;
    for (Ink& i : out.inks)
        if (i.id == ink) i.name = freeName(d, name);
    return out;
}

Document withoutInk(const Document& d, Id ink)
{
    Document out = withEveryArtwork(d, [&](Artwork& a) {
        eachPaint(a, [&](std::optional<Colour>&, InkUse& use) {
            if (use.ink == ink) use = {};
        });
    });
    out.inks.erase(std::remove_if(out.inks.begin(), out.inks.end(), [&](const Ink& i) { return i.id == ink; }), out.inks.end());
    return out;
}

Document withInkMoved(const Document& d, Id ink, int steps)
{
    Document out = d;
    const auto at = std::find_if(out.inks.begin(), out.inks.end(), [&](const Ink& i) { return i.id == ink; });
    if (at == out.inks.end()) return d;
    const Ink moved = *at;
    const auto to = std::clamp<std::ptrdiff_t>(at - out.inks.begin() + steps, 0, static_cast<std::ptrdiff_t>(out.inks.size()) - 1);
    out.inks.erase(at);
    out.inks.insert(out.inks.begin() + to, moved);
    return out;
}

std::vector<art::InkShare> inkShares(const Document& d)
{
    std::vector<art::InkShare> out(d.inks.size());
    const auto place = [&](Id ink) -> InkShare* {
        for (std::size_t k = 0; k < d.inks.size(); ++k)
            if (ink != 0 && d.inks[k].id == ink) return &out[k];
        return nullptr;
    };
    double all = 0;
    for (const LayerPtr& l : d.layers) {
        if (!l->shown) continue;
        for (const ItemPtr& i : l->items) {
            const Artwork* a = i->artwork();
            if (!a || a->guide) continue;
            if (InkShare* s = a->stroke.colour ? place(a->stroke.ink.ink) : nullptr) ++s->lines;
            if (!a->fill.colour) continue;
            const double size = fillArea(*a);
            all += size;
            if (InkShare* s = place(a->fill.ink.ink)) {
                ++s->areas;
                s->share += size;
            }
        }
    }
    if (all > 0)
        for (InkShare& s : out) s.share /= all;
    return out;
}

std::vector<Id> withoutInkYet(const Document& d)
{
    std::vector<Id> out;
    if (d.inks.empty()) return out;
    for (const LayerPtr& l : d.layers) {
        if (!l->shown || l->tones) continue;
        for (const ItemPtr& i : l->items)
            if (const Artwork* a = i->artwork(); a && !a->guide && a->fill.colour && a->fill.ink.ink == 0 && !a->fill.gradient) out.push_back(i->id);
    }
    return out;
}

Paint fillOf(const Artwork& a)
{
    return {a.fill.colour, a.fill.ink};
}
Paint lineOf(const Artwork& a)
{
    return {a.stroke.colour, a.stroke.ink};
}

Paint paintOf(const Document& d, InkUse use)
{
    const Ink* ink = d.ink(use.ink);
    if (!ink) return {};
    return {tintOf(ink->colour, use.tint), use};
}

Document withPaint(const Document& d, const std::vector<Id>& items, const Paint& paint, Where where)
{
    return withItemsChanged(d, items, [&](Item& i) {
        Artwork* a = std::get_if<Artwork>(&i.is);
        if (!a) return;
        if (where != Where::line) {
            a->fill.colour = paint.colour;
            a->fill.ink = paint.ink;
            a->fill.gradient.reset();
        }
        if (where != Where::area) {
            a->stroke.colour = paint.colour;
            a->stroke.ink = paint.ink;
        }
    });
}

Document withPaintsSwapped(const Document& d, const std::vector<Id>& items)
{
    return withItemsChanged(d, items, [](Item& i) {
        if (Artwork* a = std::get_if<Artwork>(&i.is)) {
            std::swap(a->fill.colour, a->stroke.colour);
            std::swap(a->fill.ink, a->stroke.ink);
            a->fill.gradient.reset(); // a line carries none
        }
    });
}

std::vector<Id> alike(const Document& d, Id item, Alike in)
{
    const Item* to = d.item(item);
    const Artwork* like = to ? to->artwork() : nullptr;
    std::vector<Id> out;
    if (!like) return out;
    const auto sameStops = [](const std::shared_ptr<const Gradient>& a, const std::shared_ptr<const Gradient>& b) {
        return (!a && !b) || (a && b && a->kind == b->kind && a->stops == b->stops);
    };
    for (const LayerPtr& l : d.layers) {
        if (!l->shown || l->locked) continue;
        for (const ItemPtr& i : l->items) {
            const Artwork* a = i->artwork();
            if (!a) continue;
            const bool same = in == Alike::fill ? fillOf(*a) == fillOf(*like) && sameStops(a->fill.gradient, like->fill.gradient)
                              : in == Alike::line
                                  ? lineOf(*a) == lineOf(*like)
                                  : a->stroke.colour.has_value() == like->stroke.colour.has_value() && std::abs(a->stroke.width - like->stroke.width) < 1e-6;
            if (same) out.push_back(i->id);
        }
    }
    return out;
}

Document withPaintReplaced(const Document& d, const Paint& from, const Paint& to, Where where)
{
    return withEveryArtwork(d, [&](Artwork& a) {
        if (where != Where::line && fillOf(a) == from) {
            a.fill.colour = to.colour;
            a.fill.ink = to.ink;
        }
        if (where != Where::line && a.fill.gradient && from.colour && to.colour) {
            auto g = std::make_shared<Gradient>(*a.fill.gradient);
            for (GradientStop& s : g->stops)
                if (s.colour == *from.colour && s.ink == from.ink) {
                    s.colour = *to.colour;
                    s.ink = to.ink;
                }
            if (!(*g == *a.fill.gradient)) a.fill.gradient = g;
        }
        if (where != Where::area && lineOf(a) == from) {
            a.stroke.colour = to.colour;
            a.stroke.ink = to.ink;
        }
    });
}

// -- gradients ----------------------------------------------------------------------------------------------------------------

Document withGradient(const Document& d, const std::vector<Id>& items, Gradient::Kind kind, Vec2 from, Vec2 to, const std::vector<GradientStop>& stops)
{
    if (stops.empty() || !isFinite(from) || !isFinite(to) || distance(from, to) < 1e-6) return d;
    auto g = std::make_shared<Gradient>();
    g->kind = kind;
    const Vec2 way = to - from;
    g->place = {way.x, way.y, -way.y, way.x, from.x, from.y};
    g->stops = stops;
    std::stable_sort(g->stops.begin(), g->stops.end(), [](const GradientStop& a, const GradientStop& b) { return a.at < b.at; });
    const GradientStop middle = colourAt(*g, 0.5);
    return withItemsChanged(d, items, [&](Item& i) {
        Artwork* a = std::get_if<Artwork>(&i.is);
        if (!a) return;
        a->fill.gradient = g;
        a->fill.colour = middle.colour;
        a->fill.ink = {};
    });
}

Document withGradientStops(const Document& d, const std::vector<Id>& items, std::vector<GradientStop> stops)
{
    if (stops.empty()) return d;
    std::stable_sort(stops.begin(), stops.end(), [](const GradientStop& a, const GradientStop& b) { return a.at < b.at; });
    return withItemsChanged(d, items, [&](Item& i) {
        Artwork* a = std::get_if<Artwork>(&i.is);
        if (!a || !a->fill.gradient) return;
        auto g = std::make_shared<Gradient>(*a->fill.gradient);
        g->stops = stops;
        a->fill.colour = colourAt(*g, 0.5).colour;
        a->fill.gradient = g;
    });
}

Document withoutGradient(const Document& d, const std::vector<Id>& items)
{
    return withItemsChanged(d, items, [](Item& i) {
        Artwork* a = std::get_if<Artwork>(&i.is);
        if (!a || !a->fill.gradient) return;
        const GradientStop first = a->fill.gradient->stops.front();
        a->fill.colour = first.colour;
        a->fill.ink = first.ink;
        a->fill.gradient.reset();
    });
}

GradientStop colourAt(const Gradient& g, double t)
{
    if (g.stops.empty()) return {};
    if (t <= g.stops.front().at) return g.stops.front();
    for (std::size_t k = 1; k < g.stops.size(); ++k) {
        const GradientStop &a = g.stops[k - 1], &b = g.stops[k];
        if (t > b.at) continue;
        const double u = b.at > a.at ? (t - a.at) / (b.at - a.at) : 1;
        const auto mix = [u](std::uint8_t x, std::uint8_t y) { return static_cast<std::uint8_t>(std::lround(x + u * (y - x))); };
        return {t, {mix(a.colour.r, b.colour.r), mix(a.colour.g, b.colour.g), mix(a.colour.b, b.colour.b)}, a.opacity + u * (b.opacity - a.opacity), {}};
    }
    return g.stops.back();
}

Vec2 gradientStart(const Gradient& g)
{
    return g.place * Vec2{0, 0};
}
Vec2 gradientEnd(const Gradient& g)
{
    return g.place * Vec2{1, 0};
}

// -- working colours ------------------------------------------------------------------------------------------------------------

Id workingInk(const Document& d, Meaning meaning)
{
    for (const Ink& i : d.inks)
        if (i.meaning == meaning) return i.id;
    return 0;
}

Document withWorkingInks(const Document& d)
{
    Document out = d;
    if (!workingInk(out, Meaning::willBeDark)) out = withInk(out, "Will be dark", {126, 44, 232}, Meaning::willBeDark).document;
    if (!workingInk(out, Meaning::willBeLight)) out = withInk(out, "Will be light", {80, 226, 60}, Meaning::willBeLight).document;
    return out;
}

Turned withWorkingColoursTurned(const Document& d, const Paint& dark, const Paint& light)
{
    Turned out{d, 0};
    const Id will[] = {workingInk(d, Meaning::willBeDark), workingInk(d, Meaning::willBeLight)};
    out.document = withEveryArtwork(d, [&](Artwork& a) {
        bool turned = false;
        eachPaint(a, [&](std::optional<Colour>& c, InkUse& use) {
            for (const int k : {0, 1})
                if (will[k] != 0 && use.ink == will[k] && c) {
                    const Paint& to = k == 0 ? dark : light;
                    c = to.colour;
                    use = to.ink;
                    turned = true;
                    break;
                }
        });
        out.items += turned;
    });
    return out;
}

} // namespace softrope::art
