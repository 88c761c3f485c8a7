#include "art/packed.h"

#include "art/tree.h"
#include "art/weight.h"

#include <algorithm>
#include <optional>
#include <unordered_map>

namespace softrope::art {

namespace {

using List = Packed::List;
using Entry = Packed::Entry;

// Shorter lists are kept as they are.
constexpr std::size_t worthIt = 8;

Item without(const Item& i)
{
    return withChildren(i, {});
}

List packed(const std::vector<ItemPtr>& own, const std::vector<ItemPtr>& beside, Weight& weight)
{
    List out;
    std::optional<std::unordered_map<Id, std::size_t>> places; // only where the order differs
    const auto placeOf = [&](const Item& i, std::size_t expected) -> std::optional<std::size_t> {
        if (expected < beside.size() && beside[expected]->id == i.id) return expected;
        if (!places) {
            places.emplace();
            for (std::size_t k = 0; k < beside.size(); ++k) places->emplace(beside[k]->id, k);
        }
        const auto at = places->find(i.id);
        return at == places->end() ? std::nullopt : std::optional(at->second);
    };
    std::size_t next = 0;
    for (const ItemPtr& i : own) {
        const auto place = placeOf(*i, next);
        if (!place) {
            weight.add(i);
            out.entries.push_back({0, 0, i, {}});
            continue;
        }
        const ItemPtr& other = beside[*place];
        next = *place + 1;
        if (other.get() == i.get()) {
            if (!out.entries.empty() && out.entries.back().count > 0 && out.entries.back().from + out.entries.back().count == *place)
                ++out.entries.back().count;
            else
                out.entries.push_back({*place, 1, {}, {}});
        } else if (childrenOf(*i).size() > worthIt && childrenOf(*other).size() > worthIt) {
            const ItemPtr alone = shared(without(*i));
            weight.knowAlone(*other);
            weight.addAlone(*alone);
            out.entries.push_back({*place, 0, alone, std::make_shared<const List>(packed(childrenOf(*i), childrenOf(*other), weight))});
        } else {
            weight.know(other);
            weight.add(i);
            out.entries.push_back({*place, 0, i, {}});
        }
    }
    return out;
}

std::size_t bytesOf(const List& l)
{
    std::size_t n = l.entries.size() * sizeof(Entry);
    for (const Entry& e : l.entries)
        if (e.below) n += sizeof(List) + bytesOf(*e.below);
    return n;
}

std::vector<ItemPtr> unpacked(const List& l, const std::vector<ItemPtr>& beside)
{
    std::vector<ItemPtr> out;
    for (const Entry& e : l.entries) {
        if (e.count > 0)
            out.insert(out.end(), beside.begin() + static_cast<std::ptrdiff_t>(e.from), beside.begin() + static_cast<std::ptrdiff_t>(e.from + e.count));
        else if (e.below)
            out.push_back(shared(withChildren(*e.own, unpacked(*e.below, childrenOf(*beside[e.from])))));
        else
            out.push_back(e.own);
    }
    return out;
}

} // namespace

Packed::Packed(const Document& d, const Document& beside) : rest_(d)
{
    rest_.layers.clear();
    Weight weight;
    for (const Shared<Stage>& s : beside.stages) weight.know(s);
    weight.knowLayers(beside);
    std::size_t lists = 0;
    for (const LayerPtr& l : d.layers) {
        PackedLayer p;
        const auto other = std::find_if(beside.layers.begin(), beside.layers.end(), [&](const LayerPtr& b) { return b->id == l->id; });
        if (other == beside.layers.end() || other->get() == l.get()) {
            weight.add(l); // costs nothing when it is the very same
            p.whole = l;
        } else {
            auto alone = std::make_shared<Layer>(Layer{l->id, l->name, l->shown, l->locked, l->opacity, {}, l->mirror});
            p.alone = std::move(alone);
            p.beside = static_cast<std::size_t>(other - beside.layers.begin());
            p.items = packed(l->items, (*other)->items, weight);
            lists += sizeof(Layer) + bytesOf(p.items);
        }
        layers_.push_back(std::move(p));
    }
    for (const Shared<Stage>& s : d.stages) weight.add(s);
    bytes_ = sizeof(Packed) + layers_.size() * sizeof(PackedLayer) + d.inks.size() * sizeof(Ink) + d.guides.size() * sizeof(Guide) + lists + weight.bytes();
}

Document Packed::unpacked(const Document& beside) const
{
    Document out = rest_;
    for (const PackedLayer& p : layers_) {
        if (p.whole) {
            out.layers.push_back(p.whole);
            continue;
        }
        Layer l = *p.alone;
        l.items = art::unpacked(p.items, beside.layers[p.beside]->items);
        out.layers.push_back(shared(std::move(l)));
    }
    return out;
}

} // namespace softrope::art
