#include "art/build.h"
#include "art/edits.h"

#include <algorithm>

namespace softrope::art {

using curve::Affine;
using curve::Paths;

namespace {

Paths outlineOf(const Combined& c)
{
    std::vector<planar::Shape> shapes;
    for (const Artwork& a : c.parts) shapes.push_back({a.paths, a.fill.evenOdd});
    return planar::combine(shapes, c.operation);
}

// The picked artworks, lowest first, on layers that can be changed.
std::vector<ItemPtr> inOrder(const Document& d, const std::vector<Id>& items)
{
    std::vector<ItemPtr> found;
    for (const LayerPtr& l : d.layers)
        if (!l->locked)
            for (const ItemPtr& i : l->items)
                if (i->artwork() && std::find(items.begin(), items.end(), i->id) != items.end()) found.push_back(i);
    return found;
}

// The items in place of one of the layer.
Taken replaced(const Document& d, Id item, const std::vector<Item>& with)
{
    Taken out{d, {}};
    const Layer* at = d.layerOf(item);
    if (!at || at->locked) return out;
    out.document = withLayer(d, at->id, [&](Layer& l) {
        const auto here = std::find_if(l.items.begin(), l.items.end(), [&](const ItemPtr& i) { return i->id == item; });
        auto place = l.items.erase(here);
        for (const Item& i : with) {
            auto fresh = std::make_shared<Item>(i);
            fresh->id = out.document.nextId++;
            out.items.push_back(fresh->id);
            place = l.items.insert(place, std::move(fresh)) + 1;
        }
    });
    out.document.nextId = std::max(out.document.nextId, d.nextId + with.size());
    return out;
}

Document withCombination(const Document& d, Id item, const Combined& c)
{
    return withItemChanged(d, item, [&](Item& i) {
        Artwork& a = std::get<Artwork>(i.is);
        a.paths = outlineOf(c);
        a.combined = std::make_shared<const Combined>(c);
    });
}

} // namespace

CombinedShapes withCombined(const Document& d, const std::vector<Id>& items, planar::Operation operation, bool live)
{
    const std::vector<ItemPtr> parts = inOrder(d, items);
    if (parts.size() < 2) return {d, 0};
    Combined c{operation, {}};
    for (const ItemPtr& i : parts) c.parts.push_back(*i->artwork());
    Item one = *parts.front();
    Artwork a = *one.artwork();
    a.paths = outlineOf(c);
    a.fill.evenOdd = false;
    forgetSources(a);
    const bool left = !a.paths.empty();
    if (live) a.combined = std::make_shared<const Combined>(c);
    one.is = std::move(a);
    std::vector<Id> rest;
    for (const ItemPtr& i : parts)
        if (i != parts.front()) rest.push_back(i->id);
    Document out = withoutItems(d, rest);
    if (!left && !live) return {withoutItems(out, {parts.front()->id}), 0};
    const Taken t = replaced(out, parts.front()->id, {one});
    return {t.document, t.items.empty() ? 0 : t.items.front()};
}

Document withOperation(const Document& d, Id item, planar::Operation operation)
{
    const Item* i = d.item(item);
    if (!i || !i->artwork() || !i->artwork()->combined) return d;
    Combined c = *i->artwork()->combined;
    c.operation = operation;
    return withCombination(d, item, c);
}

Document withPartTransformed(const Document& d, Id item, std::size_t part, const Affine& m)
{
    const Item* i = d.item(item);
    if (!i || !i->artwork() || !i->artwork()->combined || part >= i->artwork()->combined->parts.size()) return d;
    Combined c = *i->artwork()->combined;
    c.parts[part] = transformed(std::move(c.parts[part]), m);
    return withCombination(d, item, c);
}

Document withSet(const Document& d, Id item)
{
    return withItemChanged(d, item, [](Item& i) {
        if (Artwork* a = std::get_if<Artwork>(&i.is)) a->combined.reset();
    });
}

Taken withTakenApart(const Document& d, Id item)
{
    const Item* i = d.item(item);
    if (!i || !i->artwork() || !i->artwork()->combined) return {d, {}};
    std::vector<Item> parts;
    for (const Artwork& a : i->artwork()->combined->parts) {
        Item part = *i;
        part.is = a;
        parts.push_back(std::move(part));
    }
    return replaced(d, item, parts);
}

Taken withSplit(const Document& d, const std::vector<Id>& items)
{
    const std::vector<ItemPtr> shapes = inOrder(d, items);
    if (shapes.empty()) return {d, {}};
    std::vector<planar::Shape> input;
    for (const ItemPtr& i : shapes) input.push_back({i->artwork()->paths, i->artwork()->fill.evenOdd});
    std::vector<Item> parts;
    for (planar::Part& p : planar::splitApart(input)) {
        // A part looks like the topmost shape it lies in.
        Item one = *shapes[static_cast<std::size_t>(p.shapes.back())];
        Artwork a = *one.artwork();
        a.paths = std::move(p.outline);
        a.fill.evenOdd = false;
        forgetSources(a);
        one.is = std::move(a);
        one.name = one.name.empty() ? "Part" : one.name + " part";
        parts.push_back(std::move(one));
    }
    if (parts.size() < 2) return {d, {}};
    std::vector<Id> rest;
    for (std::size_t k = 1; k < shapes.size(); ++k) rest.push_back(shapes[k]->id);
    return replaced(withoutItems(d, rest), shapes.front()->id, parts);
}

Taken withOutlinesApart(const Document& d, Id item)
{
    const Item* i = d.item(item);
    if (!i || !i->artwork() || i->artwork()->paths.size() < 2) return {d, {}};
    std::vector<Item> parts;
    for (const curve::Path& p : i->artwork()->paths) {
        Item one = *i;
        Artwork a = *i->artwork();
        a.paths = {p};
        forgetSources(a);
        one.is = std::move(a);
        parts.push_back(std::move(one));
    }
    return replaced(d, item, parts);
}

} // namespace softrope::art
