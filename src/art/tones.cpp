#include "art/tones.h"

#include "pixel/colour_space.h"

#include <algorithm>
#include <cstring>

namespace softrope::art {

namespace {

// FNV-1a (Fowler, Noll, Vo) over the values.
struct Hash {
    std::uint64_t h = 14695981039346656037ULL;
    void add(const void* p, std::size_t n)
    {
        const auto* b = static_cast<const unsigned char*>(p);
        for (std::size_t k = 0; k < n; ++k) h = (h ^ b[k]) * 1099511628211ULL;
    }
    void add(double v) { add(&v, sizeof v); }
    void add(curve::Vec2 v)
    {
        add(v.x);
        add(v.y);
    }
    void add(const curve::Path& p)
    {
        for (const curve::Node& n : p.nodes)
            for (const curve::Vec2 v : {n.at, n.in, n.out}) add(v);
        add(static_cast<double>(p.nodes.size()) + 0.5 * p.closed);
    }
    void add(const std::vector<curve::Vec2>& way, double radius, double last)
    {
        for (const curve::Vec2 v : way) add(v);
        add(radius);
        add(last);
    }
};

Document withTones(const Document& d, Id layer, const std::function<void(Layer&, ToneLayer&)>& act)
{
    return withLayer(d, layer, [&](Layer& l) {
        if (!l.tones) return;
        auto t = std::make_shared<ToneLayer>(*l.tones);
        act(l, *t);
        l.tones = t;
    });
}

} // namespace

Added withToneLayer(const Document& d, Id reference, const tone::Stack& stack)
{
    const Layer* under = d.layerOf(reference);
    if (!under) return {d, 0};
    Added out = withNewLayer(d, "Tone stack", under->id);
    out.document = withLayer(out.document, out.id, [&](Layer& l) {
        l.locked = true;
        auto t = std::make_shared<ToneLayer>();
        t->reference = reference;
        t->stack = stack;
        l.tones = t;
    });
    return out;
}

Document withStack(const Document& d, Id layer, const tone::Stack& stack)
{
    return withTones(d, layer, [&](Layer&, ToneLayer& t) { t.stack = stack; });
}

std::uint64_t toneKey(const ToneLayer& tones, const Reference& r)
{
    Hash h;
    const tone::Stack& s = tones.stack;
    for (const double c : s.cuts) h.add(c);
    for (const auto& p : s.paint) h.add(p ? p->r * 65536.0 + p->g * 256.0 + p->b : -1.0);
    for (const double v : {s.slack, s.smallest}) h.add(v);
    h.add(s.bound);
    for (const tone::Patch& p : s.patches) {
        h.add(p.outline);
        h.add(p.strength);
        h.add(p.soft);
    }
    for (const tone::Push& p : s.pushes) h.add(p.way, p.radius, p.tone);
    for (const tone::Sweep& p : s.sweeps) h.add(p.way, p.radius, -1);
    h.add(r.centre);
    for (const double v : {r.scale, r.turn, r.flattenLight, r.liftPaper, static_cast<double>(tones.reference)}) h.add(v);
    if (!r.crop.empty()) {
        h.add(r.crop.min);
        h.add(r.crop.max);
    }
    if (r.picture) {
        h.add(static_cast<double>(r.picture->bytes.size()) + r.picture->width * 1e-6);
        // The ends of a file tell compressed pictures apart.
        const std::size_t n = std::min<std::size_t>(4096, r.picture->bytes.size());
        h.add(r.picture->bytes.data(), n);
        h.add(r.picture->bytes.data() + r.picture->bytes.size() - n, n);
    }
    return h.h ? h.h : 1;
}

const Reference* wantsTones(const Document& d, const Layer& layer)
{
    if (!layer.tones || layer.tones->set) return nullptr;
    const Item* i = d.item(layer.tones->reference);
    const Reference* r = i ? i->reference() : nullptr;
    return r && r->picture && toneKey(*layer.tones, *r) != layer.tones->made ? r : nullptr;
}

Document withTonesMade(const Document& d, Id layer, std::vector<Item> items, std::uint64_t key)
{
    const Layer* now = d.layer(layer);
    const Reference* r = now ? wantsTones(d, *now) : nullptr;
    if (!r || toneKey(*now->tones, *r) != key) return d;
    Document out = withTones(d, layer, [&](Layer& l, ToneLayer& t) {
        t.made = key;
        l.items.clear();
    });
    return withItems(out, layer, std::move(items)).document;
}

Document withTonesSet(const Document& d, Id layer)
{
    return withTones(d, layer, [](Layer& l, ToneLayer& t) {
        t.set = true;
        l.locked = false;
    });
}

Document withTonesLive(const Document& d, Id layer)
{
    return withTones(d, layer, [](Layer& l, ToneLayer& t) {
        t.set = false;
        t.made = 0;
        l.locked = true;
    });
}

Document withLock(const Document& d, Id layer, bool locked)
{
    const Layer* l = d.layer(layer);
    if (l && !locked && l->tones && !l->tones->set) return withTonesSet(d, layer);
    return withLayer(d, layer, [locked](Layer& changed) { changed.locked = locked; });
}

std::optional<Ends> toneEnds(const Layer& layer)
{
    std::optional<Ends> out;
    const auto light = [](Colour c) { return pixel::labOf({c.r, c.g, c.b, 255}).l; };
    for (const ItemPtr& i : layer.items) {
        const Artwork* a = i->artwork();
        if (!a || !a->fill.colour) continue;
        if (!out) out = Ends{*a->fill.colour, *a->fill.colour};
        if (light(*a->fill.colour) < light(out->dark)) out->dark = *a->fill.colour;
        if (light(*a->fill.colour) > light(out->light)) out->light = *a->fill.colour;
    }
    return out;
}

} // namespace softrope::art
