// Walking the tree of a document, and building the next one from it. The one loop over layers and items that all edits,
// queries and writers share.
#pragma once

#include "art/document.h"

#include <functional>

namespace softrope::art {

// For std::visit: one function a kind.
template <class... F> struct Each : F... {
    using F::operator()...;
};
template <class... F> Each(F...) -> Each<F...>;

// Where an item lies.
struct Where {
    const Layer* layer = nullptr;
    const Item* parent = nullptr; // nothing on the layer itself
    int depth = 0;
    bool shown = true;    // by itself and all round it
    bool locked = false;  // by itself or anything round it
    bool derived = false; // what a live group round it gives
    bool inside = false;  // inside an area, at whatever depth
};

// What a walk comes to: everything, or not what is hidden, locked, worked out by a live group, or inside areas.
struct Walk {
    bool hidden = true, locked = true, derived = true, inside = true;
};
// Bottom first, a parent before what lies in it.
void eachItem(const Document& d, Walk walk, const std::function<void(const Item&, const Where&)>& act);
void eachArtwork(const Document& d, Walk walk, const std::function<void(const Item&, const Artwork&, const Where&)>& act);
// The walk of what is seen and can be worked on by hand, the commonest.
inline constexpr Walk workable{false, false, false, true};
inline constexpr Walk seen{false, true, true, true};

// Those with these ids, bottom first in the order of the tree; each once.
std::vector<const Item*> itemsOf(const Document& d, const std::vector<Id>& ids);
// The same to be held.
std::vector<ItemPtr> itemPtrsOf(const Document& d, const std::vector<Id>& ids);
// Without those that lie in another one of them, which goes with that.
std::vector<Id> outermost(const Document& d, const std::vector<Id>& ids);

// -- building ---------------------------------------------------------------------------------------------------------------------

// What becomes of an item: goes on below it (the children are asked next), stays as it is with all that lies in it, is another (or none,
// when it goes) with all that lies in that, or is changed, and what lies in it is asked next.
struct Rebuild {
    enum class Act { goOn, stay, replace, change } act = Act::goOn;
    std::vector<ItemPtr> with; // for replace and change
    static Rebuild below() { return {}; }
    static Rebuild stay() { return {Act::stay, {}}; }
    static Rebuild by(ItemPtr one) { return {Act::replace, {std::move(one)}}; }
    static Rebuild by(std::vector<ItemPtr> some) { return {Act::replace, std::move(some)}; }
    static Rebuild changed(ItemPtr one) { return {Act::change, {std::move(one)}}; }
    static Rebuild gone() { return {Act::replace, {}}; }
};
using Rebuilder = std::function<Rebuild(const ItemPtr&, const Where&)>;
// Recipes on the way down stay: whoever changes what lies in a live group answers for it. Shares all that stays.
Document rebuilt(const Document& d, const Rebuilder& act);
// Each of the items in place of the one with its id, whatever is locked: for showing what is not there yet. Others are passed over.
Document withItemsReplaced(const Document& d, const std::vector<ItemPtr>& items);

// The item with other children. A group's recipe stays with them.
Item withChildren(const Item& item, std::vector<ItemPtr> children);

} // namespace softrope::art
