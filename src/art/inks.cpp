#include "art/inks.h"

#include "art/edits.h"
#include "art/facets.h"
#include "art/lights.h"
#include "art/live.h"
#include "art/tree.h"

#include "pixel/ink_colours.h"
#include "words/said.h"

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

// Every paint of the document, on locked and hidden layers, in recipes and in what they gave.
Document withEveryPaint(const Document& d, const PaintVisitor& act)
{
    Document out = d;
    const auto plain = [&](Colour& c, InkUse& use) {
        std::optional<Colour> one = c;
        act(one, use);
        c = one.value_or(c);
    };
    plain(out.light.warm, out.light.warmInk);
    plain(out.light.cool, out.light.coolInk);
    for (NamedLook& l : out.looks) {
        if (l.fill) eachPaint(*l.fill, act);
        if (l.line) act(l.line->colour, l.line->ink);
    }
    if (!(out.light == d.light)) out = withLight(out, out.light); // what is lit has its colours from there
    for (LayerPtr& l : out.layers) {
        Layer copy = *l;
        for (ItemPtr& i : copy.items) {
            Item next = withEachPaint(*i, act);
            if (!(next == *i)) i = shared(std::move(next));
        }
        if (!(copy == *l)) l = shared(std::move(copy));
    }
    return out;
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
    Document out = withEveryPaint(d, [&](std::optional<Colour>& c, InkUse& use) {
        if (use.ink == ink && c) c = tintOf(colour, use.tint);
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
    Document out = withEveryPaint(d, [&](std::optional<Colour>&, InkUse& use) {
        if (use.ink == ink) use = {};
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
    eachArtwork(d, seen, [&](const Item&, const Artwork& a, const Where&) {
        if (a.guide) return;
        if (InkShare* s = a.stroke.colour ? place(a.stroke.ink.ink) : nullptr) ++s->lines;
        if (!a.fill.colour) return;
        const double size = fillArea(a);
        all += size;
        if (InkShare* s = place(a.fill.ink.ink)) {
            ++s->areas;
            s->share += size;
        }
    });
    if (all > 0)
        for (InkShare& s : out) s.share /= all;
    return out;
}

std::vector<Id> withoutInkYet(const Document& d)
{
    std::vector<Id> out;
    if (d.inks.empty()) return out;
    // The tones of a stack have colours of their own, set or not.
    const auto ofStack = [](const Where& w) { return w.parent && w.parent->group() && w.parent->group()->tones(); };
    eachArtwork(d, seen, [&](const Item& i, const Artwork& a, const Where& w) {
        const bool lit = a.fill.lit != Lit::none || a.crescent(); // the light's
        if (!a.guide && !lit && a.fill.colour && a.fill.ink.ink == 0 && !a.fill.gradient && !ofStack(w)) out.push_back(i.id);
    });
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

Edited withFills(const Document& d, const std::vector<Id>& items, const std::function<void(Fill&)>& change)
{
    Edited out = withArtworkChanged(d, items, [&](Artwork& a) { change(a.fill); });
    Refusal why = out.why;
    for (const Id id : items) {
        const Edited piece = withPieceFilled(out.document, id, change);
        if (!piece.done()) continue;
        out = piece;
        why = Refusal::none;
    }
    out.why = why;
    return out;
}

namespace {

void put(Fill& f, const Paint& paint)
{
    f.lit = Lit::none;
    f.colour = paint.colour;
    f.ink = paint.ink;
    f.gradient.reset();
}

} // namespace

Edited withPaint(const Document& d, const std::vector<Id>& items, const Paint& paint, Part where)
{
    Edited out = d;
    if (where != Part::line) out = withFills(d, items, [&](Fill& f) { put(f, paint); });
    if (where == Part::area) return out;
    Edited lines = withArtworkChanged(out.document, items, [&](Artwork& a) {
        a.stroke.colour = paint.colour;
        a.stroke.ink = paint.ink;
        a.stroke.gradient.reset();
    });
    if (where == Part::both && out.done()) lines.why = Refusal::none;
    return lines;
}

Edited withPaintsSwapped(const Document& d, const std::vector<Id>& items)
{
    return withArtworkChanged(d, items, [](Artwork& a) {
        const Paint area = fillOf(a), line = lineOf(a);
        Shared<Gradient> ofLine = a.stroke.gradient, ofArea = a.fill.gradient;
        put(a.fill, line);
        a.fill.gradient = std::move(ofLine);
        a.stroke.colour = area.colour;
        a.stroke.ink = area.ink;
        a.stroke.gradient = std::move(ofArea);
    });
}

std::vector<Id> alike(const Document& d, Id item, Alike in)
{
    const Item* to = d.item(item);
    const Artwork* like = to ? to->artwork() : nullptr;
    std::vector<Id> out;
    if (!like) return out;
    const auto sameStops = [](const Shared<Gradient>& a, const Shared<Gradient>& b) {
        return (!a && !b) || (a && b && a->kind == b->kind && a->stops == b->stops);
    };
    // Pieces of live groups can be painted too.
    eachArtwork(d, {false, false, true, true}, [&](const Item& i, const Artwork& a, const Where&) {
        const bool same = in == Alike::fill ? fillOf(a) == fillOf(*like) && sameStops(a.fill.gradient, like->fill.gradient)
                          : in == Alike::line
                              ? lineOf(a) == lineOf(*like) && sameStops(a.stroke.gradient, like->stroke.gradient)
                              : a.stroke.colour.has_value() == like->stroke.colour.has_value() && std::abs(a.stroke.width - like->stroke.width) < 1e-6;
        if (same) out.push_back(i.id);
    });
    return out;
}

Document withPaintReplaced(const Document& d, const Paint& from, const Paint& to, Part where)
{
    std::vector<Id> areas, lines;
    eachArtwork(d, {}, [&](const Item& i, const Artwork& a, const Where&) {
        const auto& stops = a.fill.gradient ? a.fill.gradient->stops : std::vector<GradientStop>{};
        const bool inStops =
            from.colour && std::any_of(stops.begin(), stops.end(), [&](const GradientStop& s) { return s.colour == *from.colour && s.ink == from.ink; });
        if (fillOf(a) == from || inStops) areas.push_back(i.id);
        if (lineOf(a) == from) lines.push_back(i.id);
    });
    Document out = d;
    if (where != Part::line)
        out = withFills(out, areas, [&](Fill& f) {
            if (f.colour == from.colour && f.ink == from.ink && !f.gradient) put(f, to);
            if (!f.gradient || !from.colour || !to.colour) return;
            Gradient g = *f.gradient;
            for (GradientStop& s : g.stops)
                if (s.colour == *from.colour && s.ink == from.ink) {
                    s.colour = *to.colour;
                    s.ink = to.ink;
                }
            f.colour = colourAt(g, 0.5).colour;
            f.gradient = shared(std::move(g));
        });
    if (where != Part::area) out = withPaint(out, lines, to, Part::line);
    return out;
}

// -- gradients ----------------------------------------------------------------------------------------------------------------

namespace {

void put(Fill& f, const Shared<Gradient>& g)
{
    f.gradient = g;
    f.colour = colourAt(*g, 0.5).colour;
    f.ink = {};
}

bool earlier(const GradientStop& a, const GradientStop& b)
{
    return a.at < b.at;
}

} // namespace

Edited withGradient(const Document& d, const std::vector<Id>& items, Gradient::Kind kind, Vec2 from, Vec2 to, const std::vector<GradientStop>& stops)
{
    if (stops.empty() || !isFinite(from) || !isFinite(to) || distance(from, to) < 1e-6) return {d, Refusal::doesNotFit};
    Gradient g;
    g.kind = kind;
    const Vec2 way = to - from;
    g.place = {way.x, way.y, -way.y, way.x, from.x, from.y};
    g.stops = stops;
    std::stable_sort(g.stops.begin(), g.stops.end(), earlier);
    const Shared<Gradient> one = shared(std::move(g));
    return withFills(d, items, [&](Fill& f) {
        if (!f.gradient || f.gradient->kind != kind || f.gradient->focus == Vec2{}) {
            put(f, one);
            return;
        }
        Gradient own = *one;
        own.focus = f.gradient->focus; // moved, it keeps it
        put(f, shared(std::move(own)));
    });
}

Edited withGradientFocus(const Document& d, const std::vector<Id>& items, Vec2 focus)
{
    constexpr double rim = 0.98;
    if (!isFinite(focus)) return {d, Refusal::doesNotFit};
    if (length(focus) > rim) focus = rim * unit(focus);
    return withFills(d, items, [&](Fill& f) {
        if (!f.gradient || f.gradient->kind != Gradient::Kind::radial) return;
        Gradient g = *f.gradient;
        g.focus = focus;
        put(f, shared(std::move(g)));
    });
}

Edited withGradientStops(const Document& d, const std::vector<Id>& items, std::vector<GradientStop> stops)
{
    if (stops.empty()) return {d, Refusal::doesNotFit};
    std::stable_sort(stops.begin(), stops.end(), earlier);
    return withFills(d, items, [&](Fill& f) {
        if (!f.gradient) return;
        Gradient g = *f.gradient;
        g.stops = stops;
        put(f, shared(std::move(g)));
    });
}

Edited withoutGradient(const Document& d, const std::vector<Id>& items)
{
    return withFills(d, items, [](Fill& f) {
        if (!f.gradient) return;
        const GradientStop first = f.gradient->stops.front();
        put(f, Paint{first.colour, first.ink});
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
    if (!workingInk(out, Meaning::willBeDark)) out = withInk(out, words::said("Will be dark"), {126, 44, 232}, Meaning::willBeDark).document;
    if (!workingInk(out, Meaning::willBeLight)) out = withInk(out, words::said("Will be light"), {80, 226, 60}, Meaning::willBeLight).document;
    return out;
}

Turned withWorkingColoursTurned(const Document& d, const Paint& dark, const Paint& light)
{
    Turned out{d, 0};
    const Id will[] = {workingInk(d, Meaning::willBeDark), workingInk(d, Meaning::willBeLight)};
    const auto turn = [&](std::optional<Colour>& c, InkUse& use) {
        for (const int k : {0, 1})
            if (will[k] != 0 && use.ink == will[k] && c) {
                const Paint& to = k == 0 ? dark : light;
                c = to.colour;
                use = to.ink;
                return true;
            }
        return false;
    };
    eachArtwork(d, {}, [&](const Item&, const Artwork& a, const Where&) {
        Artwork copy = a;
        bool turned = false;
        eachPaint(copy, [&](std::optional<Colour>& c, InkUse& use) { turned = turn(c, use) || turned; });
        out.items += turned;
    });
    out.document = withEveryPaint(d, [&](std::optional<Colour>& c, InkUse& use) { turn(c, use); });
    return out;
}

} // namespace softrope::art
