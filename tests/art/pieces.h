// Pieces that the tests of the document share.
#pragma once

#include "art/art.h"
#include "art/build.h"
#include "art/drops.h"
#include "art/facets.h"
#include "art/inks.h"
#include "art/tones.h"
#include "curve/figures.h"

#include <catch2/catch.hpp>

namespace pieces {

using namespace softrope;
using namespace softrope::art;
using curve::Vec2;

inline Item shapeOf(curve::Paths paths, Colour fill = {200, 100, 50}, const std::string& name = "Shape")
{
    Artwork a;
    a.setPaths(std::move(paths));
    a.fill.colour = fill;
    a.stroke.colour.reset();
    Item i;
    i.name = name;
    i.is = std::move(a);
    return i;
}
inline Item square(Vec2 at, double side, Colour fill = {200, 100, 50}, const std::string& name = "Square")
{
    return shapeOf({curve::rectangle(at, at + Vec2{side, side})}, fill, name);
}
inline Item line(const std::vector<Vec2>& points, bool closed = false)
{
    Artwork a;
    a.setPaths({curve::polyline(points, closed)});
    a.stroke.colour = Colour{0, 0, 0};
    Item i;
    i.name = "Line";
    i.is = std::move(a);
    return i;
}
// Ids of all items, at every depth, bottom first.
inline std::vector<Id> everyId(const Document& d)
{
    std::vector<Id> out;
    eachItem(d, {}, [&](const Item& i, const Where&) { out.push_back(i.id); });
    return out;
}
inline std::vector<Id> idsOf(const std::vector<ItemPtr>& items)
{
    std::vector<Id> out;
    for (const ItemPtr& i : items) out.push_back(i->id);
    return out;
}
// Three squares on one layer.
struct Three {
    Document d = newDocument();
    Id layer = d.layers[0]->id;
    Id a = add({0, 0}), b = add({200, 0}), c = add({400, 0});
    Id add(Vec2 at)
    {
        const Added done = withItem(d, layer, square(at, 100));
        d = done.document;
        return done.id;
    }
};

} // namespace pieces
