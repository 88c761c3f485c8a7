#include "art/document.h"

#include "art/layer_index.h"
#include "art/tree.h"
#include "words/said.h"

#include <algorithm>
#include <unordered_set>

namespace softrope::art {

using curve::Affine;
using curve::Box;
using curve::Vec2;

// -- doors ------------------------------------------------------------------------------------------------------------------------

void Artwork::setPaths(curve::Paths p)
{
    if (p == paths.value_) return;
    paths.value_ = std::move(p);
    extent.value_ = curve::bounds(paths.value_);
    set();
}

void Artwork::setDerived(curve::Paths p, Recipe r, Key key)
{
    paths.value_ = std::move(p);
    extent.value_ = curve::bounds(paths.value_);
    live.value_ = std::move(r);
    made = key;
}

void Artwork::set()
{
    live.value_ = {};
    made = 0;
}

namespace {

template <class T, class Variant> const T* recipeOf(const Variant& live)
{
    const auto* r = std::get_if<Shared<T>>(&live);
    return r ? r->get() : nullptr;
}

} // namespace

const Hand* Artwork::hand() const
{
    return recipeOf<Hand>(*live);
}
const Rounding* Artwork::rounding() const
{
    return recipeOf<Rounding>(*live);
}
const Combined* Artwork::combined() const
{
    return recipeOf<Combined>(*live);
}
const Drop* Artwork::drop() const
{
    return recipeOf<Drop>(*live);
}

const Crescent* Artwork::crescent() const
{
    return recipeOf<Crescent>(*live);
}
const Lettering* Artwork::lettering() const
{
    return recipeOf<Lettering>(*live);
}
const shade::Scatter* Artwork::scatter() const
{
    return recipeOf<shade::Scatter>(*live);
}

void Group::setItems(std::vector<ItemPtr> i)
{
    if (i == items.value_) return;
    items.value_ = std::move(i);
    if (derived()) set();
}

void Group::setDerived(std::vector<ItemPtr> i, GroupRecipe r, Key key)
{
    items.value_ = std::move(i);
    live.value_ = std::move(r);
    made = key;
}

void Group::set()
{
    live.value_ = {};
    made = 0;
}

const ToneStack* Group::tones() const
{
    return recipeOf<ToneStack>(*live);
}
const Facets* Group::facets() const
{
    return recipeOf<Facets>(*live);
}
const MeshPieces* Group::mesh() const
{
    return recipeOf<MeshPieces>(*live);
}

const Repeat* Group::repeat() const
{
    return recipeOf<Repeat>(*live);
}

const PartUse* Group::use() const
{
    return recipeOf<PartUse>(*live);
}

bool Group::derived() const
{
    if (const ToneStack* t = tones()) return !t->set;
    if (repeat() || use()) return false;
    return !std::holds_alternative<std::monostate>(*live);
}

// -- pictures ---------------------------------------------------------------------------------------------------------------------

pixel::PageSize pictureSize(const Reference& r)
{
    if (!r.picture) return {};
    if (r.paper && pixel::isPage(*r.paper)) return pixel::squareSize(*r.paper, r.picture->width, r.picture->height);
    return {r.picture->width, r.picture->height};
}

Box shownPart(const Reference& r)
{
    const pixel::PageSize size = pictureSize(r);
    const Box all{{0, 0}, {static_cast<double>(size.width), static_cast<double>(size.height)}};
    if (r.crop.empty()) return all;
    return {{std::max(all.min.x, r.crop.min.x), std::max(all.min.y, r.crop.min.y)}, {std::min(all.max.x, r.crop.max.x), std::min(all.max.y, r.crop.max.y)}};
}

Affine placement(const Reference& r)
{
    return curve::translation(r.centre) * curve::rotation(r.turn) * curve::scaling(r.scale, r.scale) * curve::translation(-shownPart(r).centre());
}

std::vector<Vec2> frame(const Reference& r)
{
    const Box b = shownPart(r);
    const Affine m = placement(r);
    return {m * b.min, m * Vec2{b.max.x, b.min.y}, m * b.max, m * Vec2{b.min.x, b.max.y}};
}

std::vector<Vec2> frame(const Island& island)
{
    const Box& b = island.source->box;
    if (b.empty()) return {};
    return {island.place * b.min, island.place * Vec2{b.max.x, b.min.y}, island.place * b.max, island.place * Vec2{b.min.x, b.max.y}};
}

// -- finding ----------------------------------------------------------------------------------------------------------------------

const std::vector<ItemPtr>& childrenOf(const Item& item)
{
    static const std::vector<ItemPtr> none;
    return std::visit(
        Each{[](const Artwork& a) -> const std::vector<ItemPtr>& { return a.inside; }, [](const Reference&) -> const std::vector<ItemPtr>& { return none; },
             [](const Group& g) -> const std::vector<ItemPtr>& { return *g.items; }, [](const Island&) -> const std::vector<ItemPtr>& { return none; }},
        item.is);
}

const Layer* Document::layer(Id id) const
{
    for (const LayerPtr& l : layers)
        if (l->id == id) return l.get();
    return nullptr;
}

namespace {

// Where it lies, and on which layer.
std::pair<const Layer*, Place> placeOf(const Document& d, Id id)
{
    if (id != 0)
        for (const LayerPtr& l : d.layers)
            if (const Place p = placeOn(l, id); p.item) return {l.get(), p};
    return {};
}

} // namespace

ItemPtr Document::itemPtr(Id id) const
{
    const ItemPtr* i = placeOf(*this, id).second.item;
    return i ? *i : nullptr;
}

const Item* Document::item(Id id) const
{
    const ItemPtr* i = placeOf(*this, id).second.item;
    return i ? i->get() : nullptr;
}

const Layer* Document::layerOf(Id item) const
{
    return placeOf(*this, item).first;
}

std::vector<const Item*> Document::ancestorsOf(Id item) const
{
    std::vector<const Item*> way;
    for (const Item* i = parentOf(item); i; i = parentOf(i->id)) way.push_back(i);
    std::reverse(way.begin(), way.end());
    return way;
}

const Item* Document::parentOf(Id item) const
{
    return placeOf(*this, item).second.parent;
}

const NamedLook* Document::look(Id id) const
{
    const auto at = std::find_if(looks.begin(), looks.end(), [id](const NamedLook& l) { return id != 0 && l.id == id; });
    return at == looks.end() ? nullptr : &*at;
}
const Ink* Document::ink(Id id) const
{
    for (const Ink& i : inks)
        if (i.id == id) return &i;
    return nullptr;
}

bool Selection::has(Id id) const
{
    return std::find(items.begin(), items.end(), id) != items.end();
}
bool Selection::has(NodeRef n) const
{
    return std::find(nodes.begin(), nodes.end(), n) != nodes.end();
}

Selection pruned(const Selection& s, const Document& d)
{
    Selection out;
    if (s.items.size() < 4) {
        for (const Id id : s.items)
            if (d.item(id)) out.items.push_back(id);
    } else {
        std::unordered_set<Id> there;
        eachItem(d, {}, [&](const Item& i, const Where&) { there.insert(i.id); });
        for (const Id id : s.items)
            if (there.count(id)) out.items.push_back(id);
    }
    if (out.items.size() == 1) {
        if (const Artwork* a = d.item(out.items.front())->artwork())
            for (const NodeRef n : s.nodes)
                if (n.path < a->paths.size() && n.node < a->paths[n.path].nodes.size()) out.nodes.push_back(n);
    }
    out.layer = d.layer(s.layer) ? s.layer : (d.layers.empty() ? 0 : d.layers.back()->id);
    return out;
}

// -- measures ---------------------------------------------------------------------------------------------------------------------

Box bounds(const Item& item)
{
    const Box b = std::visit(Each{[](const Artwork& a) {
                                      const Box& own = a.extent;
                                      return a.stroke.colour ? own.grown(a.stroke.width / 2 * (a.stroke.cap == Cap::square ? std::sqrt(2.0) : 1)) : own;
                                  },
                                  [](const Reference& r) {
                                      Box own;
                                      for (const Vec2 p : frame(r)) own.add(p);
                                      return own;
                                  },
                                  [](const Group& g) {
                                      Box all;
                                      for (const ItemPtr& i : g.items)
                                          if (i->shown) all.add(bounds(*i));
                                      return all;
                                  },
                                  [](const Island& k) {
                                      Box own;
                                      for (const Vec2 p : frame(k)) own.add(p);
                                      return own;
                                  }},
                             item.is);
    return b.grown(3 * item.blur);
}

Box bounds(const Document& d)
{
    Box b;
    for (const LayerPtr& l : d.layers)
        if (l->shown)
            for (const ItemPtr& i : l->items)
                if (i->shown) b.add(bounds(*i));
    return b;
}

Box bounds(const Document& d, const std::vector<Id>& items)
{
    Box b;
    for (const Item* i : itemsOf(d, items)) b.add(bounds(*i));
    return b;
}

std::size_t nodeCount(const Item& item)
{
    std::size_t n = item.artwork() ? curve::nodeCount(item.artwork()->paths) : 0;
    for (const ItemPtr& i : childrenOf(item)) n += nodeCount(*i);
    return n;
}

std::size_t nodeCount(const Document& d)
{
    std::size_t n = 0;
    for (const LayerPtr& l : d.layers)
        for (const ItemPtr& i : l->items) n += nodeCount(*i);
    return n;
}

Document newDocument(Sheet sheet)
{
    Document d;
    d.sheet = sheet;
    auto layer = std::make_shared<Layer>();
    layer->id = d.nextId++;
    layer->name = words::said("Lines");
    d.layers.push_back(layer);
    return d;
}

} // namespace softrope::art
