// What is looked up by an index is what a walk over everything finds, at every depth, and stays so when the document changes.
#include "art/arrange.h"
#include "art/art.h"
#include "art/near.h"
#include "art/tree.h"
#include "curve/strokes.h"

#include <catch2/catch.hpp>

using namespace softrope;
using namespace softrope::art;
using curve::Vec2;

namespace {

Item spot(Vec2 at, double size)
{
    Item i;
    Artwork a;
    a.setPaths({curve::rectangle(at, at + Vec2{size, size})});
    a.fill.colour = Colour{30, 90, 80};
    i.is = std::move(a);
    return i;
}

// Spots on two layers, some in groups, some inside others, some hidden.
Document nested(strokes::Random& r, int count)
{
    Document d = newDocument();
    const Added second = withNewLayer(d, "Above", d.layers[0]->id);
    d = second.document;
    for (const Id layer : {d.layers[0]->id, second.id}) {
        std::vector<Item> some;
        for (int k = 0; k < count; ++k) some.push_back(spot({r.between(0, 1000), r.between(0, 1000)}, r.between(1, 60)));
        d = withItems(d, layer, std::move(some)).document;
        const auto at = [&](std::size_t k) { return d.layer(layer)->items[k]->id; };
        const Added inner = withGroup(d, {at(0), at(1), at(2)});
        const Added outer = withGroup(inner.document, {inner.id, inner.document.layer(layer)->items[1]->id});
        d = outer.document;
        Target in;
        in.parent = d.layer(layer)->items[3]->id;
        d = moved(d, {d.layer(layer)->items[4]->id, d.layer(layer)->items[5]->id}, in).document;
        d = withTraits(d, {d.layer(layer)->items[6]->id}, {.shown = false}).document;
    }
    return d;
}

using Found = std::vector<std::pair<Id, std::vector<Id>>>;

Found byWalk(const Document& d, Vec2 p, double reach)
{
    Found out;
    eachArtwork(d, seen, [&](const Item& i, const Artwork& a, const Where&) {
        if (!a.extent->grown(reach).contains(p)) return;
        std::vector<Id> way;
        for (const Item* round : d.ancestorsOf(i.id)) way.push_back(round->id);
        way.push_back(i.id);
        out.emplace_back(i.id, way);
    });
    return out;
}

} // namespace

TEST_CASE("what lies near is found by an index as a walk finds it, while the document changes and the reach with it")
{
    strokes::Random r(3);
    Document d = nested(r, 60);
    for (int round = 0; round < 300; ++round) {
        const Vec2 p{r.between(-20, 1020), r.between(-20, 1020)};
        const double reach = r.between(0.5, 40);
        Found found;
        for (const LayerPtr& l : d.layers)
            if (l->shown) eachNear(l, p, reach, [&](const Item& i, const std::vector<Id>& way) { found.emplace_back(i.id, way); });
        REQUIRE(found == byWalk(d, p, reach));
        if (round % 7 == 0) {
            const auto& items = d.layers[static_cast<std::size_t>(r.below(2))]->items;
            d = transformed(d, {items[static_cast<std::size_t>(r.below(static_cast<int>(items.size())))]->id}, curve::translation({r.between(-90, 90), 5}));
        }
    }
    eachNear(d.layers[0], {0, 0}, 0, [](const Item&, const std::vector<Id>&) { FAIL(); });
}

TEST_CASE("things are found by their ids at every depth, however often they are asked for")
{
    strokes::Random r(5);
    Document d = nested(r, 40);
    for (int round = 0; round < 20; ++round) {
        struct Place {
            ItemPtr item;
            Id parent, layer;
        };
        std::vector<Place> all;
        eachItem(d, {}, [&](const Item& i, const Where& w) { all.push_back({itemPtrsOf(d, {i.id}).front(), w.parent ? w.parent->id : 0, w.layer->id}); });
        for (const Place& p : all) {
            REQUIRE(d.itemPtr(p.item->id).get() == p.item.get());
            REQUIRE(d.item(p.item->id) == p.item.get());
            REQUIRE(d.layerOf(p.item->id)->id == p.layer);
            const Item* parent = d.parentOf(p.item->id);
            REQUIRE((parent ? parent->id : 0) == p.parent);
            const auto way = d.ancestorsOf(p.item->id);
            REQUIRE((way.empty() ? 0 : way.back()->id) == p.parent);
            if (!way.empty()) REQUIRE(d.parentOf(way.front()->id) == nullptr);
        }
        REQUIRE(d.item(0) == nullptr);
        REQUIRE(d.item(d.nextId) == nullptr);
        const Id gone = all[static_cast<std::size_t>(r.below(static_cast<int>(all.size())))].item->id;
        d = withoutItems(d, {gone});
        REQUIRE(d.item(gone) == nullptr);
    }
}
