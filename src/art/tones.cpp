#include "art/tones.h"

#include "art/edits.h"
#include "art/tree.h"
#include "pixel/colour_space.h"
#include "words/said.h"

#include <algorithm>
#include <cmath>

namespace softrope::art {

namespace {

Edited withTones(const Document& d, Id stack, const std::function<void(Item&, Group&, ToneStack&)>& act)
{
    Refusal why = Refusal::nothingPicked;
    Document out = rebuilt(d, [&](const ItemPtr& i, const Where& w) {
        if (i->id != stack) return Rebuild::below();
        // Its own lock is for clicks; what is round it counts.
        if (w.layer->locked || (w.parent && w.parent->locked)) {
            why = Refusal::locked;
            return Rebuild::stay();
        }
        Item next = *i;
        Group* g = std::get_if<Group>(&next.is);
        if (!g || !g->tones()) {
            why = Refusal::doesNotFit;
            return Rebuild::stay();
        }
        why = Refusal::none;
        ToneStack t = *g->tones();
        act(next, *g, t);
        g->setDerived(std::vector<ItemPtr>(g->items), shared(std::move(t)), g->made);
        return Rebuild::by(shared(std::move(next)));
    });
    return {std::move(out), why};
}

} // namespace

Added withToneStack(const Document& d, Id reference, const tone::Stack& stack)
{
    const Layer* under = d.layerOf(reference);
    if (!under) return {d, 0, Refusal::nothingPicked};
    const Added layer = withNewLayer(d, words::said("Tone stack"), under->id);
    Group g;
    g.setDerived({}, shared(ToneStack{reference, stack, false}));
    Item i;
    i.name = "Tones";
    i.locked = true;
    i.is = std::move(g);
    return withItem(layer.document, layer.id, std::move(i));
}

Edited withStack(const Document& d, Id stack, const tone::Stack& to)
{
    return withTones(d, stack, [&](Item&, Group&, ToneStack& t) { t.stack = to; });
}

Key toneKey(const ToneStack& tones, const Reference& r)
{
    Hash h;
    const auto add = [&h](const std::vector<curve::Vec2>& way, double radius, double last) {
        for (const curve::Vec2 v : way) h.add(v);
        h.add(radius);
        h.add(last);
    };
    const tone::Stack& s = tones.stack;
    for (const double c : s.cuts) h.add(c);
    for (const pixel::Rgba c : s.colours) h.add(c.r * 65536.0 + c.g * 256.0 + c.b);
    for (const auto& p : s.paint) h.add(p ? p->r * 65536.0 + p->g * 256.0 + p->b : -1.0);
    for (const double v : {s.slack, s.smallest}) h.add(v);
    h.add(s.bound);
    for (const tone::Patch& p : s.patches) {
        h.add(p.outline);
        h.add(p.strength);
        h.add(p.soft);
    }
    for (const tone::Push& p : s.pushes) add(p.way, p.radius, p.tone);
    for (const tone::Sweep& p : s.sweeps) add(p.way, p.radius, -1);
    h.add(r.centre);
    for (const double v : {r.scale, r.turn, r.flattenLight, r.liftPaper, static_cast<double>(tones.reference)}) h.add(v);
    if (!r.crop.empty()) {
        h.add(r.crop.min);
        h.add(r.crop.max);
    }
    if (r.picture) {
        h.add(static_cast<double>(r.picture->bytes.size()) + r.picture->width * 1e-6);
        if (r.paper)
            for (const pixel::Corner& c : *r.paper) {
                h.add(c.x);
                h.add(c.y);
            }
        // The ends of a file tell compressed pictures apart.
        const std::size_t n = std::min<std::size_t>(4096, r.picture->bytes.size());
        h.add(r.picture->bytes.data(), n);
        h.add(r.picture->bytes.data() + r.picture->bytes.size() - n, n);
    }
    return h.key();
}

const Reference* wantsTones(const Document& d, const Item& stack)
{
    const ToneStack* t = stack.group() ? stack.group()->tones() : nullptr;
    if (!t || t->set) return nullptr;
    const Item* i = d.item(t->reference);
    const Reference* r = i ? i->reference() : nullptr;
    return r && r->picture && toneKey(*t, *r) != stack.group()->made ? r : nullptr;
}

ShownPixels shownPixels(const std::shared_ptr<const pixel::Picture>& picture, const Reference& r)
{
    const pixel::Picture& p = *picture;
    const curve::Box box = shownPart(r);
    const int x0 = std::clamp(static_cast<int>(std::floor(box.min.x)), 0, p.width), y0 = std::clamp(static_cast<int>(std::floor(box.min.y)), 0, p.height);
    const int x1 = std::clamp(static_cast<int>(std::ceil(box.max.x)), x0, p.width), y1 = std::clamp(static_cast<int>(std::ceil(box.max.y)), y0, p.height);
    ShownPixels out{{}, {static_cast<double>(x0), static_cast<double>(y0)}};
    if (x0 == 0 && y0 == 0 && x1 == p.width && y1 == p.height) {
        out.pixels = picture;
        return out;
    }
    auto part = std::make_shared<pixel::Picture>(x1 - x0, y1 - y0);
    for (int y = y0; y < y1; ++y) std::copy(p.row(y) + x0, p.row(y) + x1, part->row(y - y0));
    out.pixels = std::move(part);
    return out;
}

std::vector<Item> toneShapes(const ToneStack& tones, const Reference& r, const std::shared_ptr<const pixel::Picture>& picture,
                             const tone::TonesOptions& options)
{
    const ShownPixels part = shownPixels(picture, r);
    const tone::Tones t = tone::separate(*part.pixels, tone::shifted(tones.stack, -part.offset), options);
    return itemsOf(t, placement(r) * curve::translation(part.offset));
}

Edited withTonesSet(const Document& d, Id stack)
{
    return withTones(d, stack, [](Item& i, Group&, ToneStack& t) {
        t.set = true;
        i.locked = false;
    });
}

Edited withTonesLive(const Document& d, Id stack)
{
    return withTones(d, stack, [](Item& i, Group& g, ToneStack& t) {
        t.set = false;
        i.locked = true;
        g.setDerived(std::vector<ItemPtr>(g.items), GroupRecipe(g.live), 0);
    });
}

Id stackOf(const Document& d, Id item)
{
    const auto isStack = [](const Item* i) { return i && i->group() && i->group()->tones(); };
    if (isStack(d.item(item))) return item;
    const Item* parent = d.parentOf(item);
    return isStack(parent) ? parent->id : 0;
}

Id topmostStack(const Document& d)
{
    Id last = 0;
    eachItem(d, {true, true, false, false}, [&](const Item& i, const Where&) {
        if (i.group() && i.group()->tones()) last = i.id;
    });
    return last;
}

std::optional<Ends> toneEnds(const Group& stack)
{
    std::optional<Ends> out;
    const auto light = [](Colour c) { return pixel::labOf({c.r, c.g, c.b, 255}).l; };
    for (const ItemPtr& i : stack.items) {
        const Artwork* a = i->artwork();
        if (!a || !a->fill.colour) continue;
        if (!out) out = Ends{*a->fill.colour, *a->fill.colour};
        if (light(*a->fill.colour) < light(out->dark)) out->dark = *a->fill.colour;
        if (light(*a->fill.colour) > light(out->light)) out->light = *a->fill.colour;
    }
    return out;
}

} // namespace softrope::art
