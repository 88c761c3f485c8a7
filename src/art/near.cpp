#include "art/near.h"

#include "art/tree.h"
#include "planar/box_index.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <memory>

namespace softrope::art {

namespace {

struct Entry {
    const Item* item;
    int parent; // among the entries; -1 on the layer itself
};

struct Index {
    std::weak_ptr<const Layer> layer; // it alone tells whether another one has come to lie at the same place
    const Layer* at = nullptr;
    double reach = 0;
    std::vector<Entry> entries;
    planar::BoxIndex boxes;
};

void make(Index& index)
{
    Document only;
    only.layers = {index.layer.lock()};
    std::vector<curve::Box> boxes;
    std::vector<int> round; // of each depth, the entry that holds what comes
    eachItem(only, seen, [&](const Item& i, const Where& w) {
        round.resize(static_cast<std::size_t>(w.depth));
        index.entries.push_back({&i, round.empty() ? -1 : round.back()});
        round.push_back(static_cast<int>(index.entries.size()) - 1);
        boxes.push_back(i.artwork() ? i.artwork()->extent->grown(index.reach) : curve::Box{});
    });
    index.boxes = planar::BoxIndex(boxes);
}

} // namespace

void eachNear(const LayerPtr& layer, curve::Vec2 p, double reach, const std::function<void(const Item&, const std::vector<Id>&)>& act)
{
    if (!(reach > 0) || !std::isfinite(reach)) return;
    // Zooming changes the reach little by little: one index serves up to twice as far.
    const double wide = std::exp2(std::ceil(std::log2(reach)));
    static thread_local std::array<Index, 6> known;
    static thread_local std::size_t next = 0;
    auto mine = std::find_if(known.begin(), known.end(), [&](const Index& i) { return i.at == layer.get() && i.reach == wide && !i.layer.expired(); });
    if (mine == known.end()) {
        mine = known.begin() + static_cast<std::ptrdiff_t>(next++ % known.size());
        *mine = {};
        mine->layer = layer.pointer();
        mine->at = layer.get();
        mine->reach = wide;
        make(*mine);
    }
    std::vector<int> found;
    mine->boxes.at(p, [&](int k) { found.push_back(k); });
    std::sort(found.begin(), found.end());
    std::vector<Id> way;
    for (const int k : found) {
        const Item& i = *mine->entries[static_cast<std::size_t>(k)].item;
        if (!i.artwork()->extent->grown(reach).contains(p)) continue;
        way.clear();
        for (int e = k; e >= 0; e = mine->entries[static_cast<std::size_t>(e)].parent) way.push_back(mine->entries[static_cast<std::size_t>(e)].item->id);
        std::reverse(way.begin(), way.end());
        act(i, way);
    }
}

} // namespace softrope::art
