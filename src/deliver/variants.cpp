#include "deliver/variants.h"

#include "art/edits.h"
#include "art/flatten.h"
#include "art/mirrored.h"
#include "art/tree.h"
#include "pixel/colour_space.h"
#include "pixel/threshold.h"
#include "planar/combine.h"
#include "words/said.h"

#include <algorithm>
#include <cmath>

namespace softrope::deliver {

using art::Artwork;
using art::Colour;
using art::Document;
using art::Item;

namespace {

double lightness(Colour c)
{
    return pixel::okLabOf({c.r, c.g, c.b, 255}).l;
}

double areaOf(const curve::Paths& paths)
{
    double sum = 0;
    for (const curve::Path& p : paths) sum += std::abs(curve::area(p));
    return sum;
}

// What is worked with: what is shown, without what only tints something else.
struct Shown {
    const Item* item;
    const Artwork* artwork;
    bool inside = false;
};
bool tints(const Item& i, const Artwork& a)
{
    return a.crescent() || a.scatter() || i.blend != art::Blend::normal || i.opacity < 0.5 || i.blur > 0 || a.fill.lit != art::Lit::none;
}
void walk(const std::vector<art::ItemPtr>& items, bool inside, const std::function<void(const Shown&)>& act)
{
    for (const art::ItemPtr& i : items) {
        if (!i->shown) continue;
        if (const Artwork* a = i->artwork()) {
            if (a->guide || tints(*i, *a)) continue;
            act({i.get(), a, inside});
            continue;
        }
        if (i->group() && i->blend == art::Blend::normal && i->opacity >= 0.5) walk(i->group()->items, inside, act);
    }
}

Item drawn(const curve::Paths& paths, std::optional<Colour> fill, const art::Stroke* line, Colour lineColour, double width)
{
    Artwork a;
    a.setPaths(paths);
    a.fill.colour = fill;
    if (line) a.stroke = *line;
    a.stroke.colour.reset();
    if (width > 0) {
        a.stroke.colour = lineColour;
        a.stroke.width = width;
        a.stroke.opacity = 1;
        a.stroke.ink = {};
        a.stroke.behind = false;
    }
    Item i;
    i.is = std::move(a);
    return i;
}

// The drawing in two colours: `on` is printed, `off` is not.
class Inked {
public:
    // What becomes of the lines of reversed: painted against what lies under them, in a colour of their own to be told by, or left out.
    enum class Lines { against, key, none };
    Inked(const Document& d, const Inking& how, bool reversed, Lines lines = Lines::against)
        : how_(how), reversed_(reversed), linesAre_(lines), cut_(how.cut >= 0 ? how.cut : cutOf(d))
    {
        on_ = reversed ? how.paper : how.ink;
        off_ = reversed ? how.ink : how.paper;
        for (const art::LayerPtr& l : d.layers)
            if (l->shown) walk(l->items, false, [&](const Shown& s) { take(s, out_); });
        flush();
    }
    std::vector<Item> items()
    {
        std::vector<Item> all = std::move(rims_);
        all.insert(all.end(), std::make_move_iterator(out_.begin()), std::make_move_iterator(out_.end()));
        return all;
    }
    Colour on() const { return on_; }
    Colour off() const { return off_; }
    // Neither of the two.
    Colour key() const
    {
        for (const Colour c : {Colour{255, 0, 255}, Colour{0, 255, 255}})
            if (!(c == on_) && !(c == off_)) return c;
        return {255, 255, 0};
    }

private:
    const Inking& how_;
    bool reversed_;
    Lines linesAre_;
    double cut_;
    Colour on_, off_;
    std::vector<Item> out_;
    std::vector<Item> halos_, lines_; // of lines that follow one another: a gap beside one never cuts another

    // What has been painted so far, bottom first.
    struct Area {
        curve::Paths paths;
        bool evenOdd = false, printed = false;
        curve::Box box;
        Colour colour;
    };
    std::vector<Area> areas_;
    std::vector<Item> rims_;

    // Words, and marks on the ground so thin that a rim would leave nothing of them, with nothing drawn inside: they are reversed as lines are.
    bool actsAsLine(const Artwork& a) const
    {
        constexpr double thin = 8; // rims
        bool plain = true;
        walk(a.inside, true, [&](const Shown&) { plain = false; });
        if (!plain) return false;
        if (a.lettering()) return true;
        const curve::Box box = curve::bounds(a.paths);
        if (std::any_of(areas_.begin(), areas_.end(), [&](const Area& under) { return !under.printed && under.box.meets(box); })) return false;
        double border = 0;
        for (const curve::Path& p : a.paths) border += curve::arcLength(p);
        return 2 * deliver::areaOf(a.paths) < thin * how_.weight * border;
    }
    static Item lineOf(const Artwork& a, Colour c) { return drawn(a.paths, {}, &a.stroke, c, a.stroke.width); }
    static Item areaOf(const Artwork& a, Colour c)
    {
        Item area = drawn(a.paths, c, nullptr, c, 0);
        std::get<Artwork>(area.is).fill.evenOdd = a.fill.evenOdd;
        return area;
    }

    // What stands off from whatever lies under it: light on the ground, dark on what is light. Its line, or its area.
    void against(const Artwork& a, Item (*as)(const Artwork&, Colour))
    {
        if (linesAre_ == Lines::key) lines_.push_back(as(a, key()));
        if (linesAre_ != Lines::against) return;
        lines_.push_back(as(a, on_));
        const curve::Box box = curve::bounds(a.paths).grown(a.stroke.width);
        bool turned = false;
        for (const Area& under : areas_) {
            if (!under.box.meets(box) || (!under.printed && !turned)) continue;
            turned = true;
            Item clip = drawn(under.paths, {}, nullptr, on_, 0);
            auto& artwork = std::get<Artwork>(clip.is);
            artwork.fill.evenOdd = under.evenOdd;
            artwork.inside = {art::shared(as(a, under.printed ? off_ : on_))};
            lines_.push_back(std::move(clip));
        }
    }

    bool prints(Colour c) const { return (lightness(c) < cut_) != reversed_; }

    void flush()
    {
        for (auto* list : {&halos_, &lines_}) {
            out_.insert(out_.end(), std::make_move_iterator(list->begin()), std::make_move_iterator(list->end()));
            list->clear();
        }
    }
    void take(const Shown& s, std::vector<Item>&)
    {
        const Artwork& a = *s.artwork;
        const bool filled = a.fill.colour && a.fill.opacity >= 0.5;
        const bool lined = a.stroke.colour && a.stroke.width > 0 && a.stroke.opacity >= 0.5;
        // A line on what is printed stays a line; a light line cuts, as it does in the drawing.
        const bool inked = lined && prints(*a.stroke.colour);
        if (reversed_ && filled && !lined && !prints(*a.fill.colour) && actsAsLine(a)) {
            against(a, areaOf);
            return;
        }
        if (filled) {
            flush();
            const bool printed = prints(*a.fill.colour);
            Item area = areaOf(a, printed ? on_ : off_);
            std::vector<art::ItemPtr> inside;
            walk(a.inside, true, [&](const Shown& in) {
                const Artwork& b = *in.artwork;
                const bool f = b.fill.colour && b.fill.opacity >= 0.5, l = b.stroke.colour && b.stroke.opacity >= 0.5 && b.stroke.width > 0;
                Item one = drawn(b.paths, f ? std::optional(prints(*b.fill.colour) ? on_ : off_) : std::nullopt, &b.stroke,
                                 l && prints(*b.stroke.colour) ? on_ : off_, l ? b.stroke.width : 0);
                std::get<Artwork>(one.is).fill.evenOdd = b.fill.evenOdd;
                inside.push_back(art::shared(std::move(one)));
            });
            std::get<Artwork>(area.is).inside = std::move(inside);
            const curve::Box box = curve::bounds(a.paths);
            // On what is printed in another colour it would be lost: a gap keeps it apart.
            const auto apart = [&](const Area& under) { return under.printed && !(under.colour == *a.fill.colour) && under.box.meets(box.grown(how_.gap)); };
            if (printed && how_.gap > 0 && std::any_of(areas_.begin(), areas_.end(), apart)) out_.push_back(drawn(a.paths, {}, nullptr, off_, 2 * how_.gap));
            out_.push_back(std::move(area));
            areas_.push_back({a.paths, a.fill.evenOdd, printed, box, *a.fill.colour});
            if (reversed_) {
                // Under all else: of it only what stands out into the ground is seen.
                if (!lined && !printed) rims_.push_back(drawn(a.paths, {}, nullptr, on_, 2 * how_.weight));
            }
        }
        if (!lined) return;
        if (reversed_ && filled && prints(*a.fill.colour)) {
            lines_.push_back(drawn(a.paths, {}, &a.stroke, off_, a.stroke.width)); // a light area stands off by itself
        } else if (reversed_) {
            against(a, lineOf);
        } else if (inked) {
            if (how_.gap > 0) halos_.push_back(drawn(a.paths, {}, &a.stroke, off_, a.stroke.width + 2 * how_.gap));
            lines_.push_back(drawn(a.paths, {}, &a.stroke, on_, a.stroke.width));
        } else {
            lines_.push_back(drawn(a.paths, {}, &a.stroke, off_, a.stroke.width));
        }
    }
};

Document emptied(const Document& d)
{
    Document out = art::newDocument(d.sheet);
    out.title = d.title;
    out.about = d.about;
    out.sheet.hasBackground = false;
    return out;
}

// What is seen of the colour, as plain areas.
curve::Paths seenOf(const Document& d, std::vector<Item> items, Colour colour, Colour ground, const std::function<bool()>& cancelled)
{
    Document painted = emptied(d);
    painted = art::withItems(painted, painted.layers.front()->id, std::move(items)).document;
    art::FlattenOptions o;
    o.overlap = 0;
    o.steps = 2;
    o.ground = ground;
    o.cancelled = cancelled;
    const art::Flattened flat = art::flattened(painted, o);
    curve::Paths all;
    art::eachArtwork(flat.document, {}, [&](const Item&, const Artwork& a, const art::Where&) {
        if (a.fill.colour == colour) all.insert(all.end(), a.paths.begin(), a.paths.end());
    });
    return all;
}

Document inked(const Document& d, const Inking& how, bool reversed, const std::function<bool()>& cancelled)
{
    Inked work(d, how, reversed, reversed ? Inked::Lines::key : Inked::Lines::against);
    curve::Paths all;
    if (!reversed) {
        all = seenOf(d, work.items(), work.on(), work.off(), cancelled);
    } else {
        // A line stands off from what is under it: what is light or line, but not both.
        Inked bare(d, how, true, Inked::Lines::none);
        const curve::Paths lines = seenOf(d, work.items(), work.key(), work.off(), cancelled),
                           light = seenOf(d, bare.items(), bare.on(), bare.off(), cancelled);
        if (cancelled && cancelled()) return {};
        all = lines.empty() ? light : light.empty() ? lines : planar::combine({{light, false}, {lines, false}}, planar::Operation::exclude);
    }
    Document out = emptied(d);
    if (reversed) {
        out.sheet.hasBackground = true;
        out.sheet.background = work.off();
    }
    if (!all.empty()) {
        Item one = drawn(all, work.on(), nullptr, {}, 0);
        one.name = nameOf(reversed ? Variant::reversed : Variant::oneInk);
        out = art::withItem(out, out.layers.front()->id, std::move(one)).document;
    }
    return out;
}

Document linesOnly(const Document& d, const Inking& how)
{
    Document out = emptied(d);
    std::vector<Item> items;
    for (const art::LayerPtr& l : d.layers)
        if (l->shown)
            walk(l->items, false, [&](const Shown& s) {
                const Artwork& a = *s.artwork;
                art::Stroke line = a.stroke;
                line.swell.reset();
                Item one = drawn(a.paths, a.fill.colour ? std::optional(how.paper) : std::nullopt, &line, how.ink, how.weight);
                auto& artwork = std::get<Artwork>(one.is);
                artwork.fill.evenOdd = a.fill.evenOdd;
                std::vector<art::ItemPtr> inside;
                walk(a.inside, true,
                     [&](const Shown& in) { inside.push_back(art::shared(drawn(in.artwork->paths, {}, &in.artwork->stroke, how.ink, how.weight))); });
                artwork.inside = std::move(inside);
                one.name = s.item->name;
                items.push_back(std::move(one));
            });
    return art::withItems(out, out.layers.front()->id, std::move(items)).document;
}

const art::Stage* correctedOf(const Document& d, Variant v)
{
    if (v == Variant::full) return nullptr;
    const std::string name = nameOf(v);
    for (auto s = d.stages.rbegin(); s != d.stages.rend(); ++s)
        if ((*s)->name == name) return s->get();
    return nullptr;
}

} // namespace

const char* idOf(Variant v)
{
    switch (v) {
    case Variant::full: return "full";
    case Variant::oneInk: return "one-ink";
    case Variant::reversed: return "reversed";
    case Variant::lineOnly: return "line-only";
    case Variant::flat: return "flat";
    }
    return "full";
}

std::optional<Variant> variantFrom(const std::string& id)
{
    for (const Variant v : variants)
        if (id == idOf(v)) return v;
    return std::nullopt;
}

std::string nameOf(Variant v)
{
    switch (v) {
    case Variant::full: return words::said("Full colour");
    case Variant::oneInk: return words::said("One ink");
    case Variant::reversed: return words::said("Reversed");
    case Variant::lineOnly: return words::said("Line only");
    case Variant::flat: return words::said("Flat");
    }
    return {};
}

double cutOf(const Document& d)
{
    pixel::Histogram covered{};
    art::eachArtwork(d, art::seen, [&](const Item& i, const Artwork& a, const art::Where&) {
        if (a.guide || !a.fill.colour || tints(i, a)) return;
        const int bin = std::clamp(static_cast<int>(std::lround(255 * lightness(*a.fill.colour))), 0, 255);
        covered[static_cast<std::size_t>(bin)] += 1 + static_cast<std::uint64_t>(areaOf(a.paths));
    });
    // All of one lightness: dark or light as a whole.
    if (std::count_if(covered.begin(), covered.end(), [](std::uint64_t n) { return n > 0; }) < 2) return 0.6;
    return (pixel::otsu(covered) + 0.5) / 255;
}

bool isCorrected(const Document& d, Variant v)
{
    return correctedOf(d, v) != nullptr;
}

Document paintedVariant(const Document& d, Variant v, const Inking& how)
{
    if (v == Variant::flat && !isCorrected(d, v)) return variantOf(d, Variant::full, how);
    if ((v != Variant::oneInk && v != Variant::reversed) || isCorrected(d, v)) return variantOf(d, v, how);
    Inked work(art::withBothHalves(d), how, v == Variant::reversed);
    Document out = emptied(d);
    out.sheet.hasBackground = true;
    out.sheet.background = work.off();
    return art::withItems(out, out.layers.front()->id, work.items()).document;
}

Document variantOf(const Document& d, Variant v, const Inking& how, const std::function<bool()>& cancelled)
{
    Document out;
    if (const art::Stage* s = correctedOf(d, v)) {
        static_cast<art::Content&>(out) = s->content;
        out.nextId = d.nextId;
    } else {
        const Document whole = art::withBothHalves(d);
        switch (v) {
        case Variant::full: out = whole; break;
        case Variant::oneInk: out = inked(whole, how, false, cancelled); break;
        case Variant::reversed: out = inked(whole, how, true, cancelled); break;
        case Variant::lineOnly: out = linesOnly(whole, how); break;
        case Variant::flat: {
            art::FlattenOptions o;
            o.overlap = 1.5; // small pictures of it show no hairlines either
            o.cancelled = cancelled;
            out = art::flattened(whole, o).document;
            break;
        }
        }
    }
    out.stages.clear();
    return out;
}

} // namespace softrope::deliver
