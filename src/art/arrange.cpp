#include "art/arrange.h"

#include "art/edits.h"
#include "art/inks.h"
#include "art/live.h"
#include "art/tree.h"

#include <algorithm>
#include <map>
#include <unordered_set>

namespace softrope::art {

using curve::Box;
using curve::Vec2;

namespace {

// Ids to be asked for one by one.
struct Ids {
    std::unordered_set<Id> all;
    explicit Ids(const std::vector<Id>& ids) : all(ids.begin(), ids.end()) {}
    bool hold(Id id) const { return all.count(id) != 0; }
};

// Every list of things, on layers and in items, told what holds it.
using ListChange = std::function<void(Id holder, std::vector<ItemPtr>&)>;

std::optional<std::vector<ItemPtr>> withListsIn(const std::vector<ItemPtr>& items, Id holder, const ListChange& change)
{
    std::vector<ItemPtr> list = items;
    for (ItemPtr& c : list)
        if (!c->reference() && !c->island())
            if (auto children = withListsIn(childrenOf(*c), c->id, change)) c = shared(withChildren(*c, std::move(*children)));
    change(holder, list);
    const bool same =
        list.size() == items.size() && std::equal(list.begin(), list.end(), items.begin(), [](const ItemPtr& x, const ItemPtr& y) { return x.same(y); });
    if (same) return std::nullopt;
    return list;
}

Document withLists(const Document& d, const ListChange& change)
{
    Document out = d;
    for (LayerPtr& l : out.layers)
        if (auto list = withListsIn(l->items, l->id, change)) {
            Layer copy = *l;
            copy.items = std::move(*list);
            l = shared(std::move(copy));
        }
    return out;
}

} // namespace

// -- groups -----------------------------------------------------------------------------------------------------------------------

Added withGroup(const Document& d, const std::vector<Id>& items, const std::string& name)
{
    const std::vector<Id> picked = outermost(d, items);
    if (const Refusal why = refusalOf(d, picked); why != Refusal::none) return {d, 0, why};
    const std::vector<ItemPtr> members = itemPtrsOf(d, picked);
    const Id top = members.back()->id;
    const Ids in(picked);
    Item one;
    one.id = d.nextId;
    one.name = name;
    Group g;
    g.setItems(members);
    one.is = std::move(g);
    Document out = rebuilt(d, [&](const ItemPtr& i, const Where&) {
        if (i->id == top) return Rebuild::by(shared(one));
        return in.hold(i->id) ? Rebuild::gone() : Rebuild::below();
    });
    out.nextId = d.nextId + 1;
    return {std::move(out), one.id};
}

Taken withoutGroups(const Document& d, const std::vector<Id>& groups)
{
    Taken out{d, {}, Refusal::nothingPicked};
    std::vector<Id> members;
    const Ids wanted(groups);
    out.document = rebuilt(d, [&](const ItemPtr& i, const Where& w) {
        if (!wanted.hold(i->id)) return Rebuild::below();
        if (w.locked || w.derived) {
            out.why = w.locked ? Refusal::locked : Refusal::derived;
            return Rebuild::stay();
        }
        if (!i->group()) {
            if (members.empty()) out.why = Refusal::doesNotFit;
            return Rebuild::stay();
        }
        std::vector<ItemPtr> items;
        for (const ItemPtr& c : i->group()->items) {
            Item one = *c;
            one.opacity *= i->opacity;
            if (one.blend == Blend::normal) one.blend = i->blend;
            one.shown = one.shown && i->shown;
            members.push_back(one.id);
            items.push_back(one == *c ? c : shared(std::move(one)));
        }
        return Rebuild::by(std::move(items));
    });
    if (!members.empty()) out.why = Refusal::none;
    out.items = std::move(members);
    return out;
}

// -- order ------------------------------------------------------------------------------------------------------------------------

Edited withOrder(const Document& d, const std::vector<Id>& items, Way way)
{
    if (const Refusal why = refusalOf(d, items); why != Refusal::none) return {d, why};
    const std::unordered_set<Id> wanted(items.begin(), items.end());
    const auto picked = [&](const ItemPtr& i) { return wanted.count(i->id) != 0; };
    return withLists(d, [&](Id, std::vector<ItemPtr>& list) {
        if (std::none_of(list.begin(), list.end(), picked)) return;
        const auto other = [&](const ItemPtr& i) { return !picked(i); };
        const std::size_t n = list.size();
        switch (way) {
        case Way::top: std::stable_partition(list.begin(), list.end(), other); break;
        case Way::bottom: std::stable_partition(list.begin(), list.end(), picked); break;
        case Way::up:
            for (std::size_t k = n - 1; k-- > 0;)
                if (picked(list[k]) && other(list[k + 1])) std::swap(list[k], list[k + 1]);
            break;
        case Way::down:
            for (std::size_t k = 1; k < n; ++k)
                if (picked(list[k]) && other(list[k - 1])) std::swap(list[k], list[k - 1]);
            break;
        }
    });
}

Edited moved(const Document& d, const std::vector<Id>& items, const Target& to)
{
    const std::vector<Id> picked = outermost(d, items);
    if (const Refusal why = refusalOf(d, picked); why != Refusal::none) return {d, why};
    const std::vector<ItemPtr> moving = itemPtrsOf(d, picked);
    const Ids in(picked);
    const Id holder = to.parent ? to.parent : to.layer;
    if (to.parent) {
        const Item* parent = d.item(to.parent);
        if (!parent || parent->reference() || parent->island()) return {d, parent ? Refusal::doesNotFit : Refusal::nothingPicked};
        if (parent->group() && parent->group()->derived()) return {d, Refusal::derived};
        const bool pictures = parent->artwork() && std::any_of(moving.begin(), moving.end(), [](const ItemPtr& i) { return i->reference() != nullptr; });
        if (pictures || in.hold(to.parent)) return {d, Refusal::doesNotFit};
        for (const Item* a : d.ancestorsOf(to.parent))
            if (in.hold(a->id)) return {d, Refusal::doesNotFit};
        if (const Refusal why = refusalOf(d, {to.parent}); why != Refusal::none) return {d, why};
    } else {
        const Layer* l = d.layer(to.layer);
        if (!l) return {d, Refusal::nothingPicked};
        if (l->locked) return {d, Refusal::locked};
    }
    Document out = withLists(d, [&](Id at, std::vector<ItemPtr>& list) {
        std::size_t place = std::min(to.at, list.size());
        if (at == holder)
            place -= static_cast<std::size_t>(
                std::count_if(list.begin(), list.begin() + static_cast<std::ptrdiff_t>(place), [&](const ItemPtr& i) { return in.hold(i->id); }));
        std::erase_if(list, [&](const ItemPtr& i) { return in.hold(i->id); });
        if (at == holder) list.insert(list.begin() + static_cast<std::ptrdiff_t>(place), moving.begin(), moving.end());
    });
    return out;
}

Edited movedOut(const Document& d, const std::vector<Id>& items)
{
    Edited out = d;
    out.why = Refusal::doesNotFit;
    for (const Id id : outermost(d, items)) {
        const std::vector<const Item*> way = out.document.ancestorsOf(id);
        if (way.empty()) continue;
        const Item* from = way.back();
        const Item* round = way.size() > 1 ? way[way.size() - 2] : nullptr;
        const Layer* l = out.document.layerOf(id);
        const std::vector<ItemPtr>& beside = round ? childrenOf(*round) : l->items;
        const auto place = std::find_if(beside.begin(), beside.end(), [&](const ItemPtr& i) { return i->id == from->id; }) - beside.begin();
        const Edited next = moved(out.document, {id}, {round ? 0 : l->id, round ? round->id : 0, static_cast<std::size_t>(place) + 1});
        if (next.done())
            out = next;
        else if (!out.done())
            out.why = next.why;
    }
    return out;
}

// -- other documents ----------------------------------------------------------------------------------------------------------------

Document withSheetAt(const Document& d, const curve::Box& box)
{
    Document out = rebuilt(d, [&](const ItemPtr& i, const Where&) { return Rebuild::by(shared(transformed(*i, curve::translation(-box.min)))); });
    out.sheet.width = std::max(1.0, box.width());
    out.sheet.height = std::max(1.0, box.height());
    return out;
}

Document fragmentOf(const Document& d, const std::vector<Id>& items)
{
    const std::vector<Id> picked = outermost(d, items);
    const std::unordered_set<Id> wanted(picked.begin(), picked.end());
    std::map<Id, Id> layerOf;
    eachItem(d, {}, [&](const Item& i, const Where& w) {
        if (wanted.count(i.id)) layerOf[i.id] = w.layer->id;
    });
    std::map<Id, std::vector<ItemPtr>> byLayer;
    for (const ItemPtr& i : itemPtrsOf(d, picked)) byLayer[layerOf.at(i->id)].push_back(i);
    Document out;
    out.sheet = d.sheet;
    out.nextId = d.nextId;
    std::unordered_set<Id> used;
    for (const LayerPtr& l : d.layers) {
        const auto mine = byLayer.find(l->id);
        if (mine == byLayer.end()) continue;
        Layer copy = *l;
        copy.items = std::move(mine->second);
        copy.shown = true;
        copy.locked = false;
        copy.mirror.reset();
        for (const ItemPtr& i : copy.items) withEachPaint(*i, [&](std::optional<Colour>&, InkUse& use) { used.insert(use.ink); });
        out.layers.push_back(shared(std::move(copy)));
    }
    for (const Ink& i : d.inks)
        if (used.count(i.id)) out.inks.push_back(i);
    return out;
}

Taken withPasted(const Document& d, const Document& fragment, const Target& to)
{
    Taken out{d, {}};
    if (to.parent) {
        if (const Refusal why = refusalOf(d, {to.parent}); why != Refusal::none) return {d, {}, why};
        if (!d.item(to.parent)->artwork() && !d.item(to.parent)->group()) return {d, {}, Refusal::doesNotFit};
    } else {
        const Layer* l = d.layer(to.layer);
        if (!l) return {d, {}, Refusal::nothingPicked};
        if (l->locked) return {d, {}, Refusal::locked};
    }
    Remap ids;
    ids.elsewhere = true;
    for (const Ink& ink : fragment.inks) {
        const auto same = std::find_if(d.inks.begin(), d.inks.end(), [&](const Ink& i) { return i.name == ink.name && i.colour == ink.colour; });
        if (same != d.inks.end()) {
            ids.inks[ink.id] = same->id;
            continue;
        }
        Added added = withInk(out.document, ink.name, ink.colour, ink.meaning);
        ids.inks[ink.id] = added.id;
        out.document = std::move(added.document);
    }
    std::vector<ItemPtr> items;
    for (const LayerPtr& l : fragment.layers)
        for (const ItemPtr& i : l->items) items.push_back(shared(withIdsOf(*i, out.document.nextId, ids)));
    for (ItemPtr& i : items) {
        i = shared(withSourcesOf(*i, ids));
        out.items.push_back(i->id);
    }
    const Id holder = to.parent ? to.parent : to.layer;
    const Id next = out.document.nextId;
    out.document = withLists(out.document, [&](Id at, std::vector<ItemPtr>& list) {
        if (at == holder) list.insert(list.begin() + static_cast<std::ptrdiff_t>(std::min(to.at, list.size())), items.begin(), items.end());
    });
    out.document.nextId = next;
    return out;
}

// -- places -----------------------------------------------------------------------------------------------------------------------

Edited alignedTo(const Document& d, const std::vector<Id>& items, const Box& to, Side side)
{
    Edited out = d;
    Refusal why = Refusal::nothingPicked;
    bool any = false;
    for (const Id id : outermost(d, items)) {
        const Item* i = out.document.item(id);
        if (!i) continue;
        const Box b = bounds(*i);
        if (b.empty()) continue;
        Vec2 by;
        switch (side) {
        case Side::left: by.x = to.min.x - b.min.x; break;
        case Side::centre: by.x = to.centre().x - b.centre().x; break;
        case Side::right: by.x = to.max.x - b.max.x; break;
        case Side::top: by.y = to.min.y - b.min.y; break;
        case Side::middle: by.y = to.centre().y - b.centre().y; break;
        case Side::bottom: by.y = to.max.y - b.max.y; break;
        }
        out = transformed(out.document, {id}, curve::translation(by));
        any = any || out.done();
        if (!out.done()) why = out.why;
    }
    out.why = any ? Refusal::none : why;
    return out;
}

Edited alignedToSheet(const Document& d, const std::vector<Id>& items, Side side)
{
    return alignedTo(d, items, {{0, 0}, {d.sheet.width, d.sheet.height}}, side);
}

Edited alignedToEachOther(const Document& d, const std::vector<Id>& items, Side side)
{
    return alignedTo(d, items, bounds(d, items), side);
}

Edited distributed(const Document& d, const std::vector<Id>& items, Along direction)
{
    struct Box1 {
        Id id;
        double from, to;
    };
    std::vector<Box1> all;
    for (const Id id : outermost(d, items))
        if (const Item* i = d.item(id)) {
            const curve::Box b = bounds(*i);
            if (!b.empty()) all.push_back(direction == Along::across ? Box1{id, b.min.x, b.max.x} : Box1{id, b.min.y, b.max.y});
        }
    if (all.size() < 3) return {d, Refusal::tooFew};
    std::sort(all.begin(), all.end(), [](const Box1& a, const Box1& b) { return a.from + a.to < b.from + b.to; });
    double inside = 0;
    for (const Box1& b : all) inside += b.to - b.from;
    const double space = (all.back().to - all.front().from - inside) / static_cast<double>(all.size() - 1);
    Edited out = d;
    double at = all.front().from;
    for (const Box1& b : all) {
        const double by = at - b.from;
        if (by != 0) out = transformed(out.document, {b.id}, curve::translation(direction == Along::across ? Vec2{by, 0} : Vec2{0, by}));
        at += b.to - b.from + space;
    }
    return out.document == d ? out : Edited(out.document);
}

} // namespace softrope::art
