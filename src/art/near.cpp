#include "art/near.h"

#include "art/per_layer.h"
#include "art/tree.h"
#include "planar/box_index.h"

#include <algorithm>
#include <cmath>

namespace softrope::art {

namespace {

struct Entry {
    const Item* item;
    int parent; // among the entries; -1 on the layer itself
};

struct Index {
    double reach = 0; // none made yet
    std::vector<Entry> entries;
    planar::BoxIndex boxes;
};

void make(Index& index, const LayerPtr& layer, double reach)
{
    Document only;
    only.layers = {layer};
    std::vector<curve::Box> boxes;
    std::vector<int> round; // of each depth, the entry that holds what comes
    eachItem(only, seen, [&](const Item& i, const Where& w) {
        round.resize(static_cast<std::size_t>(w.depth));
        index.entries.push_back({&i, round.empty() ? -1 : round.back()});
        round.push_back(static_cast<int>(index.entries.size()) - 1);
        boxes.push_back(i.artwork() ? i.artwork()->extent->grown(reach) : curve::Box{});
    });
    index.boxes = planar::BoxIndex(boxes);
    index.reach = reach;
}

} // namespace

void eachNear(const LayerPtr& layer, curve::Vec2 p, double reach, const std::function<void(const Item&, const std::vector<Id>&)>& act)
{
    if (!(reach > 0) || !std::isfinite(reach)) return;
    // Zooming changes the reach little by little: one index serves up to twice as far.
    const double wide = std::exp2(std::ceil(std::log2(reach)));
    static thread_local PerLayer<Index> known;
    Index& mine = known.of(layer, [wide](const Index& i) { return i.reach == wide; });
    if (mine.reach != wide) make(mine, layer, wide);
    std::vector<int> found;
    mine.boxes.at(p, [&](int k) { found.push_back(k); });
    std::sort(found.begin(), found.end());
    std::vector<Id> way;
    for (const int k : found) {
        const Item& i = *mine.entries[static_cast<std::size_t>(k)].item;
        if (!i.artwork()->extent->grown(reach).contains(p)) continue;
        way.clear();
        for (int e = k; e >= 0; e = mine.entries[static_cast<std::size_t>(e)].parent) way.push_back(mine.entries[static_cast<std::size_t>(e)].item->id);
        std::reverse(way.begin(), way.end());
        act(i, way);
    }
}

} // namespace softrope::art
