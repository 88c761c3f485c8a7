#include "art/followers.h"

#include "art/lettering.h"
#include "art/repeat.h"
#include "art/tree.h"

#include <algorithm>
#include <unordered_set>

namespace softrope::art {

namespace {

void collect(const Item& i, std::unordered_set<Id>& ids)
{
    ids.insert(i.id);
    for (const ItemPtr& c : childrenOf(i)) collect(*c, ids);
}

} // namespace

Followers followersIn(const Document& d)
{
    Followers out;
    eachItem(d, {}, [&](const Item& i, const Where&) {
        if (const Artwork* a = i.artwork(); a && a->lettering() && a->lettering()->way == Lettering::Way::along && a->lettering()->line)
            out.all.push_back({i.id, a->lettering()->line, false});
        if (i.group() && i.group()->repeat()) out.all.push_back({i.id, i.group()->repeat()->line, true});
    });
    return out;
}

std::vector<ItemPtr> withFollowers(const Document& d, const Followers& followers, const std::vector<ItemPtr>& held)
{
    if (followers.all.empty() || held.empty()) return held;
    std::unordered_set<Id> moved, round;
    for (const ItemPtr& i : held) {
        collect(*i, moved);
        for (const Item* a : d.ancestorsOf(i->id)) round.insert(a->id);
    }
    std::vector<Id> along;
    for (const Followers::One& f : followers.all)
        if (!moved.count(f.item) && (moved.count(f.line) || (f.all && round.count(f.item)))) along.push_back(f.item);
    if (along.empty()) return held;
    const Document then = withLetteringFollowed(withRepeatsFollowed(withItemsReplaced(d, held)));
    std::vector<ItemPtr> out;
    std::unordered_set<Id> taken;
    for (const Id id : outermost(then, along))
        if (const ItemPtr i = then.itemPtr(id)) {
            out.push_back(i);
            collect(*i, taken);
        }
    std::vector<ItemPtr> rest;
    std::copy_if(held.begin(), held.end(), std::back_inserter(rest), [&](const ItemPtr& i) { return !taken.count(i->id); });
    out.insert(out.end(), rest.begin(), rest.end());
    return out;
}

} // namespace softrope::art
