#include "art/layer_index.h"

#include "art/per_layer.h"

#include <optional>
#include <unordered_map>

namespace softrope::art {

namespace {

using Places = std::unordered_map<Id, Place>;

Place found(const std::vector<ItemPtr>& in, const Item* parent, Id id)
{
    for (const ItemPtr& i : in) {
        if (i->id == id) return {&i, parent};
        const std::vector<ItemPtr>& below = childrenOf(*i);
        if (below.empty()) continue;
        if (const Place there = found(below, i.get(), id); there.item) return there;
    }
    return {};
}

void list(const std::vector<ItemPtr>& in, const Item* parent, Places& to)
{
    for (const ItemPtr& i : in) {
        to.try_emplace(i->id, Place{&i, parent}); // the first of two, as a walk finds it
        list(childrenOf(*i), i.get(), to);
    }
}

struct Known {
    unsigned asked = 0;
    std::optional<Places> places;
};

} // namespace

Place placeOn(const LayerPtr& layer, Id item)
{
    constexpr unsigned worthIt = 8; // questions: a walk costs less than a tenth of making the list
    static thread_local PerLayer<Known> known;
    Known& mine = known.of(layer);
    if (!mine.places) {
        if (++mine.asked <= worthIt) return found(layer->items, nullptr, item);
        mine.places.emplace();
        list(layer->items, nullptr, *mine.places);
    }
    const auto at = mine.places->find(item);
    return at == mine.places->end() ? Place{} : at->second;
}

} // namespace softrope::art
