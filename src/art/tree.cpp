#include "art/tree.h"

#include <algorithm>
#include <map>
#include <unordered_set>

namespace softrope::art {

namespace {

Where below(const Where& at, const Item& item)
{
    Where w = at;
    w.parent = &item;
    ++w.depth;
    w.shown = at.shown && item.shown;
    w.locked = at.locked || item.locked;
    w.inside = at.inside || item.artwork() != nullptr;
    w.derived = at.derived || (item.group() && item.group()->derived());
    return w;
}

Where on(const Layer& l)
{
    Where w;
    w.layer = &l;
    w.shown = l.shown;
    w.locked = l.locked;
    return w;
}

// Where an item lies, its own show and lock counted.
Where of(const Where& at, const Item& item)
{
    Where w = at;
    w.shown = at.shown && item.shown;
    w.locked = at.locked || item.locked;
    return w;
}

void walkIn(const std::vector<ItemPtr>& items, const Where& at, Walk walk, const std::function<void(const Item&, const Where&)>& act)
{
    for (const ItemPtr& i : items) {
        const Where w = of(at, *i);
        if ((!walk.hidden && !w.shown) || (!walk.locked && w.locked)) continue;
        act(*i, w);
        const std::vector<ItemPtr>& children = childrenOf(*i);
        if (children.empty()) continue;
        const Where next = below(at, *i);
        if ((!walk.derived && next.derived) || (!walk.inside && next.inside)) continue;
        walkIn(children, next, walk, act);
    }
}

// Nothing when all stays as it is.
std::optional<std::vector<ItemPtr>> rebuiltIn(const std::vector<ItemPtr>& items, const Where& at, const Rebuilder& act)
{
    std::optional<std::vector<ItemPtr>> out;
    const auto begin = [&](std::size_t k) {
        if (out) return;
        out.emplace();
        out->reserve(items.size());
        out->insert(out->end(), items.begin(), items.begin() + static_cast<std::ptrdiff_t>(k));
    };
    for (std::size_t k = 0; k < items.size(); ++k) {
        Rebuild r = act(items[k], of(at, *items[k]));
        const bool changed = r.act == Rebuild::Act::change && !r.with.front().same(items[k]);
        const ItemPtr i = changed ? r.with.front() : items[k];
        if (r.act == Rebuild::Act::replace) {
            if (r.with.size() == 1 && r.with.front().same(i)) {
                if (out) out->push_back(i);
                continue;
            }
            begin(k);
            for (ItemPtr& one : r.with) out->push_back(std::move(one));
            continue;
        }
        if (changed) begin(k);
        if (r.act != Rebuild::Act::stay && !childrenOf(*i).empty())
            if (auto children = rebuiltIn(childrenOf(*i), below(at, *i), act)) {
                begin(k);
                out->push_back(shared(withChildren(*i, std::move(*children))));
                continue;
            }
        if (out) out->push_back(i);
    }
    return out;
}

} // namespace

void eachItem(const Document& d, Walk walk, const std::function<void(const Item&, const Where&)>& act)
{
    for (const LayerPtr& l : d.layers)
        if ((walk.hidden || l->shown) && (walk.locked || !l->locked)) walkIn(l->items, on(*l), walk, act);
}

void eachArtwork(const Document& d, Walk walk, const std::function<void(const Item&, const Artwork&, const Where&)>& act)
{
    eachItem(d, walk, [&act](const Item& i, const Where& w) {
        if (const Artwork* a = i.artwork()) act(i, *a, w);
    });
}

std::vector<const Item*> itemsOf(const Document& d, const std::vector<Id>& ids)
{
    std::vector<const Item*> out;
    if (ids.empty()) return out; // the whole sheet need not be walked for that
    if (ids.size() == 1) {
        if (const Item* i = d.item(ids.front())) out.push_back(i);
        return out;
    }
    const std::unordered_set<Id> wanted(ids.begin(), ids.end());
    eachItem(d, {}, [&](const Item& i, const Where&) {
        if (wanted.count(i.id)) out.push_back(&i);
    });
    return out;
}

std::vector<ItemPtr> itemPtrsOf(const Document& d, const std::vector<Id>& ids)
{
    const std::unordered_set<Id> wanted(ids.begin(), ids.end());
    std::vector<ItemPtr> out;
    const std::function<void(const std::vector<ItemPtr>&)> gather = [&](const std::vector<ItemPtr>& in) {
        for (const ItemPtr& i : in) {
            if (wanted.count(i->id)) out.push_back(i);
            gather(childrenOf(*i));
        }
    };
    for (const LayerPtr& l : d.layers) gather(l->items);
    return out;
}

std::vector<Id> outermost(const Document& d, const std::vector<Id>& ids)
{
    const std::unordered_set<Id> wanted(ids.begin(), ids.end());
    std::unordered_set<Id> covered;
    eachItem(d, {}, [&](const Item& i, const Where& w) {
        if (w.parent && (wanted.count(w.parent->id) || covered.count(w.parent->id))) covered.insert(i.id);
    });
    std::vector<Id> out;
    for (const Id id : ids)
        if (!covered.count(id)) out.push_back(id);
    return out;
}

Item withChildren(const Item& item, std::vector<ItemPtr> children)
{
    Item out = item;
    std::visit(Each{[&](Artwork& a) { a.inside = std::move(children); }, [](Reference&) {}, [](Island&) {},
                    [&](Group& g) {
                        GroupRecipe r = g.live;
                        g.setDerived(std::move(children), std::move(r), g.made);
                    }},
               out.is);
    return out;
}

Document rebuilt(const Document& d, const Rebuilder& act)
{
    Document out = d;
    for (LayerPtr& l : out.layers)
        if (auto items = rebuiltIn(l->items, on(*l), act)) {
            auto copy = std::make_shared<Layer>(*l);
            copy->items = std::move(*items);
            l = copy;
        }
    return out;
}

Document withItemsReplaced(const Document& d, const std::vector<ItemPtr>& items)
{
    std::map<Id, const ItemPtr*> by;
    for (const ItemPtr& i : items) by[i->id] = &i;
    return rebuilt(d, [&](const ItemPtr& i, const Where&) {
        const auto other = by.find(i->id);
        return other == by.end() ? Rebuild::below() : Rebuild::by(*other->second);
    });
}

} // namespace softrope::art
