// Variants beyond the plain case: groups, insides, mirrored layers, abutting areas of two inks, nothing at all.
#include "deliver/variants.h"

#include "art/arrange.h"
#include "art/mirrored.h"
#include "art/pieces.h"
#include "art/shades.h"
#include "curve/strokes.h"
#include "render/render.h"

using namespace pieces;

namespace {

const Colour dark{30, 42, 66}, other{70, 20, 30}, light{246, 236, 214};
const deliver::Inking how;

bool printed(const Document& d, Vec2 p)
{
    render::Options o;
    o.background = false;
    const pixel::Picture picture = render::renderSheet(d, static_cast<int>(d.sheet.width), o);
    return picture.at(static_cast<int>(p.x), static_cast<int>(p.y)).a > 127;
}
std::size_t itemsIn(const Document& d)
{
    return everyId(d).size();
}

} // namespace

TEST_CASE("two dark areas of different inks are kept apart, two of one ink become one")
{
    const auto pair = [](Colour second) {
        Document d = newDocument();
        return withItems(d, d.layers[0]->id, {square({100, 100}, 300, dark), square({300, 200}, 300, second), square({700, 700}, 200, light)}).document;
    };
    const Document apart = deliver::variantOf(pair(other), deliver::Variant::oneInk, how);
    CHECK(printed(apart, {200, 200}));
    CHECK(printed(apart, {500, 400}));
    CHECK_FALSE(printed(apart, {299, 300})); // the gap beside the upper one
    CHECK_FALSE(printed(apart, {800, 800}));
    const Document one = deliver::variantOf(pair(dark), deliver::Variant::oneInk, how);
    CHECK(printed(one, {299, 300}));
    CHECK(itemsIn(one) == 1);
}

TEST_CASE("what lies inside an area is cut by it, shades are left out")
{
    Document d = withItem(newDocument(), 0, square({100, 100}, 400, light)).document;
    const Id area = d.layers[0]->items[0]->id;
    Item blot = shapeOf({curve::circle({500, 300}, 100)}, dark);
    const Added put = withItem(d, 0, blot);
    d = withPutInside(put.document, {put.id}, {area}).document;
    Item shade = shapeOf({curve::circle({300, 300}, 80)}, dark);
    shade.blend = Blend::multiply;
    const Added under = withItem(d, 0, shade);
    d = withPutInside(under.document, {under.id}, {area}).document;
    deliver::Inking cut = how;
    cut.cut = 0.6;
    const Document one = deliver::variantOf(d, deliver::Variant::oneInk, cut);
    CHECK(printed(one, {460, 300}));
    CHECK_FALSE(printed(one, {540, 300})); // beyond the area
    CHECK_FALSE(printed(one, {300, 300})); // a shade is no shape
}

TEST_CASE("groups and both halves of a mirrored layer are there, hidden things and guides are not")
{
    Document d = newDocument();
    d = withItems(d, d.layers[0]->id, {square({100, 100}, 200, dark), square({100, 500}, 200, dark), square({100, 800}, 100, dark)}).document;
    const auto ids = everyId(d);
    d = withGroup(d, {ids[0], ids[1]}).document;
    d = withTraits(d, {ids[2]}, {.shown = false});
    d = withMirror(d, d.layers[0]->id, mirror::Axis{{540, 540}, curve::pi / 2});
    Item guide = square({450, 450}, 100, dark);
    std::get<Artwork>(guide.is).guide = true;
    d = withItem(d, 0, guide).document;
    deliver::Inking set = how;
    set.cut = 0.6;
    for (const deliver::Variant v : {deliver::Variant::oneInk, deliver::Variant::lineOnly, deliver::Variant::flat}) {
        INFO(deliver::idOf(v));
        const Document one = deliver::variantOf(d, v, set);
        for (const LayerPtr& l : one.layers) CHECK_FALSE(l->mirror);
        const auto at = [&](double x, double y) { return v == deliver::Variant::lineOnly ? printed(one, {x - 100, y}) : printed(one, {x, y}); };
        CHECK(at(200, 200));
        CHECK(at(200, 600));
        CHECK(printed(one, v == deliver::Variant::lineOnly ? Vec2{980, 200} : Vec2{880, 200}));
        CHECK_FALSE(printed(one, {150, 850}));
        CHECK_FALSE(printed(one, {500, 500}));
    }
}

TEST_CASE("the cut between dark and light lies between the two, whatever the order, and can be set")
{
    strokes::Random r(5);
    for (int turn = 0; turn < 20; ++turn) {
        Document d = newDocument();
        std::vector<Item> items;
        for (int k = 0; k < 6; ++k) {
            const auto v = static_cast<std::uint8_t>(k % 2 ? 20 + r.below(60) : 190 + r.below(60));
            items.push_back(square({r.between(0, 900), r.between(0, 900)}, r.between(40, 160), {v, v, v}));
        }
        d = withItems(d, d.layers[0]->id, items).document;
        const double cut = deliver::cutOf(d);
        CHECK(cut > 0.35); // OKLab lightness of grey 80 is about 0.43
        CHECK(cut < 0.83); // that of 190 about 0.79
    }
    const Document grey = withItem(newDocument(), 0, square({100, 100}, 300, {120, 120, 120})).document;
    CHECK(deliver::cutOf(grey) == 0.6);
    deliver::Inking dim = how;
    dim.cut = 0.3;
    CHECK_FALSE(printed(deliver::variantOf(grey, deliver::Variant::oneInk, dim), {200, 200}));
    dim.cut = 0.9;
    CHECK(printed(deliver::variantOf(grey, deliver::Variant::oneInk, dim), {200, 200}));
}

TEST_CASE("variants of nothing are nothing, and working one out can be stopped")
{
    for (const deliver::Variant v : deliver::variants) {
        INFO(deliver::idOf(v));
        CHECK(itemsIn(deliver::variantOf(newDocument(), v, how)) == 0);
        CHECK(deliver::variantFrom(deliver::idOf(v)) == v);
        CHECK_FALSE(deliver::nameOf(v).empty());
        const Document d = withItem(newDocument(), 0, square({100, 100}, 300, dark)).document;
        CHECK_NOTHROW(deliver::variantOf(d, v, how, [] { return true; }));
        CHECK(deliver::variantOf(d, v, how).stages.empty());
    }
    CHECK_FALSE(deliver::variantFrom("blue"));
}
