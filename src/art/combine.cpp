#include "art/combine.h"

#include "art/edits.h"
#include "art/tree.h"
#include "words/said.h"

#include <algorithm>
#include <unordered_set>

namespace softrope::art {

using curve::Affine;
using curve::Paths;

Paths outlineOf(const Combined& c)
{
    std::vector<planar::Shape> shapes;
    for (const Artwork& a : c.parts) shapes.push_back({a.paths, a.fill.evenOdd});
    return planar::combine(shapes, c.operation);
}

namespace {

// The picked artworks, lowest first, that can be changed.
std::vector<ItemPtr> inOrder(const Document& d, const std::vector<Id>& items)
{
    const std::unordered_set<Id> picked(items.begin(), items.end());
    std::vector<Id> found;
    eachArtwork(d, {true, false, false, true}, [&](const Item& i, const Artwork&, const Where&) {
        if (picked.count(i.id)) found.push_back(i.id);
    });
    return itemPtrsOf(d, found);
}

// The items in place of one, where it lies.
Taken replaced(const Document& d, Id item, const std::vector<Item>& with)
{
    Taken out{d, {}, Refusal::nothingPicked};
    Id next = d.nextId;
    out.document = rebuilt(d, [&](const ItemPtr& i, const Where& w) {
        if (i->id != item) return Rebuild::below();
        if (w.locked || w.derived) {
            out.why = w.locked ? Refusal::locked : Refusal::derived;
            return Rebuild::stay();
        }
        out.why = Refusal::none;
        std::vector<ItemPtr> fresh;
        for (const Item& one : with) {
            fresh.push_back(shared(withFreshIds(one, next)));
            out.items.push_back(fresh.back()->id);
        }
        return Rebuild::by(std::move(fresh));
    });
    out.document.nextId = next;
    return out;
}

Edited withCombination(const Document& d, Id item, Combined c)
{
    Paths paths = outlineOf(c);
    return withDerived(d, item, std::move(paths), shared(std::move(c)));
}

const Combined* combinedOf(const Document& d, Id item)
{
    const Item* i = d.item(item);
    return i && i->artwork() ? i->artwork()->combined() : nullptr;
}

} // namespace

CombinedShapes withCombined(const Document& d, const std::vector<Id>& items, planar::Operation operation, bool live)
{
    const std::vector<ItemPtr> parts = inOrder(d, items);
    if (parts.size() < 2) return {d, 0, Refusal::tooFew};
    Combined c{operation, {}};
    for (const ItemPtr& i : parts) c.parts.push_back(*i->artwork());
    Item one = *parts.front();
    Artwork a = *one.artwork();
    Paths outline = outlineOf(c);
    a.fill.evenOdd = false;
    const bool left = !outline.empty();
    if (live)
        a.setDerived(std::move(outline), shared(std::move(c)));
    else
        a.setDerived(std::move(outline), {});
    one.is = std::move(a);
    std::vector<Id> rest;
    for (const ItemPtr& i : parts)
        if (!i.same(parts.front())) rest.push_back(i->id);
    // The lowest takes its new place first: a group round all of them must not be empty on the way.
    if (!left && !live) {
        rest.push_back(parts.front()->id);
        return {withoutItems(d, rest), 0};
    }
    const Taken t = replaced(d, parts.front()->id, {one});
    if (t.items.empty()) return {d, 0, t.why};
    return {withoutItems(t.document, rest), t.items.front()};
}

Edited withOperation(const Document& d, Id item, planar::Operation operation)
{
    const Combined* now = combinedOf(d, item);
    if (!now) return {d, Refusal::doesNotFit};
    Combined c = *now;
    c.operation = operation;
    return withCombination(d, item, std::move(c));
}

Edited withPartTransformed(const Document& d, Id item, std::size_t part, const Affine& m)
{
    const Combined* now = combinedOf(d, item);
    if (!now || part >= now->parts.size()) return {d, Refusal::doesNotFit};
    Combined c = *now;
    c.parts[part] = transformed(std::move(c.parts[part]), m);
    return withCombination(d, item, std::move(c));
}

Edited withPartsTaken(const Document& d, Id item, const std::vector<Id>& others)
{
    const Combined* now = combinedOf(d, item);
    if (!now) return {d, Refusal::doesNotFit};
    Combined c = *now;
    std::vector<Id> gone;
    for (const ItemPtr& i : inOrder(d, others)) {
        if (i->id == item) continue;
        c.parts.push_back(*i->artwork());
        gone.push_back(i->id);
    }
    if (gone.empty()) return {d, Refusal::tooFew};
    Edited out = withCombination(d, item, std::move(c));
    if (!out.done()) return out;
    return withoutItems(out.document, gone);
}

Taken withPartGivenUp(const Document& d, Id item, std::size_t part)
{
    const Combined* now = combinedOf(d, item);
    if (!now || part >= now->parts.size() || now->parts.size() < 2) return {d, {}, Refusal::doesNotFit};
    Combined c = *now;
    Item given = *d.item(item), rest = given;
    given.is = c.parts[part];
    c.parts.erase(c.parts.begin() + static_cast<std::ptrdiff_t>(part));
    Artwork a = *rest.artwork();
    if (c.parts.size() == 1) {
        // The look of the shape, the outline of what is left.
        a.setPaths(c.parts.front().paths);
        a.fill.evenOdd = c.parts.front().fill.evenOdd;
    } else {
        Paths outline = outlineOf(c);
        a.setDerived(std::move(outline), shared(std::move(c)));
    }
    rest.is = std::move(a);
    return replaced(d, item, {rest, given});
}

Taken withTakenApart(const Document& d, Id item)
{
    const Combined* c = combinedOf(d, item);
    if (!c) return {d, {}, Refusal::doesNotFit};
    std::vector<Item> parts;
    for (const Artwork& a : c->parts) {
        Item part = *d.item(item);
        part.is = a;
        parts.push_back(std::move(part));
    }
    return replaced(d, item, parts);
}

Taken withSplit(const Document& d, const std::vector<Id>& items)
{
    const std::vector<ItemPtr> shapes = inOrder(d, items);
    if (shapes.empty()) return {d, {}, Refusal::nothingPicked};
    std::vector<planar::Shape> input;
    for (const ItemPtr& i : shapes) input.push_back({i->artwork()->paths, i->artwork()->fill.evenOdd});
    std::vector<Item> parts;
    for (planar::Part& p : planar::splitApart(input)) {
        // A part looks like the topmost shape it lies in.
        Item one = *shapes[static_cast<std::size_t>(p.shapes.back())];
        Artwork a = *one.artwork();
        a.setPaths(std::move(p.outline));
        a.fill.evenOdd = false;
        a.set();
        one.is = std::move(a);
        one.name = one.name.empty() ? words::said("Part") : words::said("%1 part", {one.name});
        parts.push_back(std::move(one));
    }
    if (parts.size() < 2) return {d, {}, Refusal::tooFew};
    std::vector<Id> rest;
    for (std::size_t k = 1; k < shapes.size(); ++k) rest.push_back(shapes[k]->id);
    const Taken t = replaced(d, shapes.front()->id, parts);
    return {withoutItems(t.document, rest), t.items, t.why};
}

Taken withOutlinesApart(const Document& d, Id item)
{
    const Item* i = d.item(item);
    if (!i || !i->artwork() || i->artwork()->paths.size() < 2) return {d, {}, Refusal::doesNotFit};
    std::vector<Item> parts;
    for (const curve::Path& p : i->artwork()->paths) {
        Item one = *i;
        Artwork a = *i->artwork();
        a.setPaths({p});
        a.inside.clear();
        one.is = std::move(a);
        parts.push_back(std::move(one));
    }
    return replaced(d, item, parts);
}

} // namespace softrope::art
