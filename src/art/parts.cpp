#include "art/parts.h"

#include "art/edits.h"
#include "art/inks.h"
#include "art/live.h"
#include "art/tree.h"

#include <algorithm>
#include <cmath>

namespace softrope::art {

using curve::Affine;
using curve::Box;
using curve::Vec2;

namespace {

// On one layer, with the sheet about it.
Document onOneSheet(Document d, const Affine& back)
{
    std::vector<ItemPtr> items;
    for (const LayerPtr& l : d.layers)
        for (const ItemPtr& i : l->items) items.push_back(shared(transformed(*i, back)));
    Layer one;
    one.id = d.layers.empty() ? d.nextId++ : d.layers.front()->id;
    one.items = std::move(items);
    d.layers = {shared(std::move(one))};
    d.guides.clear();
    d.looks.clear();
    d.stages.clear();
    const Box box = bounds(d);
    if (box.empty()) return d;
    constexpr double least = 1;
    d.sheet.width = std::max(least, std::ceil(box.width()));
    d.sheet.height = std::max(least, std::ceil(box.height()));
    d.sheet.hasBackground = false;
    Layer moved = *d.layers.front();
    const Vec2 by = Vec2{d.sheet.width / 2, d.sheet.height / 2} - box.centre();
    for (ItemPtr& i : moved.items) i = shared(transformed(*i, curve::translation(by)));
    d.layers = {shared(std::move(moved))};
    return d;
}

// Inks that the document knows by name are mixed as there.
Document withInksOf(const Document& part, const Document& d)
{
    Document out = part;
    for (const Ink& ink : part.inks) {
        const auto same = std::find_if(d.inks.begin(), d.inks.end(), [&](const Ink& i) { return i.name == ink.name; });
        if (same != d.inks.end() && same->colour != ink.colour) out = withInkColour(out, ink.id, same->colour);
    }
    return out;
}

// Pictures are no part of a part.
std::vector<ItemPtr> thingsOf(const Document& part)
{
    std::vector<ItemPtr> out;
    for (const LayerPtr& l : part.layers)
        for (const ItemPtr& i : l->items)
            if (!i->reference()) out.push_back(i);
    return out;
}

} // namespace

Document partFrom(const Document& d, const std::vector<Id>& items, const std::string& name)
{
    Document out = onOneSheet(fragmentOf(d, items), {});
    out.title = name;
    return out;
}

Document partFromUse(const Document& d, Id use)
{
    const Item* i = d.item(use);
    const PartUse* u = i && i->group() ? i->group()->use() : nullptr;
    if (!u) return {};
    Document out = fragmentOf(d, {use});
    // What lies in the group, without the group.
    Layer l = *out.layers.front();
    l.items = *i->group()->items;
    out.layers = {shared(std::move(l))};
    return onOneSheet(std::move(out), inverse(u->place).value_or(Affine{}));
}

Taken withPart(const Document& d, const Document& part, const std::string& id, Vec2 middle, const Target& to)
{
    Document fragment = withInksOf(part, d);
    std::vector<ItemPtr> things = thingsOf(fragment);
    if (things.empty()) return {d, {}, Refusal::doesNotFit};
    PartUse use;
    use.part = id;
    use.place = curve::translation(middle - Vec2{part.sheet.width / 2, part.sheet.height / 2});
    Group g;
    g.setItems(std::move(things));
    Item one;
    one.id = fragment.nextId++;
    one.name = part.title;
    one.is = std::move(g);
    one = transformed(std::move(one), use.place);
    Group& in = std::get<Group>(one.is);
    in.setDerived(in.items, shared(std::move(use)));
    Layer l;
    l.id = fragment.nextId++;
    l.items = {shared(std::move(one))};
    fragment.layers = {shared(std::move(l))};
    return withPasted(d, fragment, to);
}

Edited withUsesUpdated(const Document& d, const std::vector<Id>& uses, const Document& part)
{
    Edited out = d;
    out.why = Refusal::nothingPicked;
    for (const Id id : uses) {
        const Item* now = out.document.item(id);
        const PartUse* use = now && now->group() ? now->group()->use() : nullptr;
        if (!use) continue;
        // As if it were put there anew, and its things taken over.
        const PartUse kept = *use;
        const Layer* l = out.document.layerOf(id);
        const Taken fresh = withPart(out.document, part, kept.part, {part.sheet.width / 2, part.sheet.height / 2}, {l->id});
        if (fresh.items.empty()) {
            if (!out.done()) out.why = fresh.why;
            continue;
        }
        const std::vector<ItemPtr> things = *fresh.document.item(fresh.items.front())->group()->items;
        Document without = withoutItems(fresh.document, fresh.items);
        without.nextId = fresh.document.nextId;
        const Edited made = withItemsChanged(without, {id}, [&](Item& i) {
            Group& g = std::get<Group>(i.is);
            std::vector<ItemPtr> placed;
            for (const ItemPtr& t : things) placed.push_back(shared(transformed(*t, kept.place)));
            g.setDerived(std::move(placed), shared(kept));
        });
        if (made.done())
            out = made;
        else if (!out.done())
            out.why = made.why;
    }
    return out;
}

std::vector<Id> usesOf(const Document& d, const std::string& part)
{
    std::vector<Id> out;
    eachItem(d, {}, [&](const Item& i, const Where&) {
        if (i.group() && i.group()->use() && i.group()->use()->part == part) out.push_back(i.id);
    });
    return out;
}

} // namespace softrope::art
