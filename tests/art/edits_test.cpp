// Edits one by one: what they change, what they leave, and what they refuse.
#include "art/art.h"

#include <catch2/catch.hpp>

using namespace softrope;
using namespace softrope::art;
using curve::Vec2;

namespace {

Item closedLine()
{
    Item i;
    i.name = "Lantern";
    Artwork a;
    a.setPaths({curve::rectangle({10, 10}, {110, 60})});
    a.stroke.colour = Colour{};
    a.fill.colour = Colour{200, 180, 90};
    i.is = a;
    return i;
}

struct Made {
    Document d;
    Id id;
};
Made made()
{
    const Added a = withItem(newDocument(), 0, closedLine());
    return {a.document, a.id};
}

} // namespace

TEST_CASE("ids are never used twice, even after things are gone")
{
    const Added first = withItem(newDocument(), 0, closedLine());
    const Added second = withItem(withoutItems(first.document, {first.id}), 0, closedLine());
    CHECK(second.id != first.id);
    CHECK(withNewLayer(second.document, "x").id > second.id);
}

TEST_CASE("layers are added above the one named, moved within bounds, and taken away")
{
    Document d = newDocument();
    const Id bottom = d.layers[0]->id;
    d = withNewLayer(d, "Top").document;
    const Added middle = withNewLayer(d, "Middle", bottom);
    CHECK(middle.document.layers[1]->id == middle.id);
    CHECK(withLayerMoved(middle.document, bottom, 9).layers[2]->id == bottom);
    CHECK(withLayerMoved(middle.document, bottom, -3) == middle.document);
    CHECK(withLayerMoved(middle.document, 777, 1) == middle.document);
    CHECK(withoutLayer(middle.document, middle.id).document.layers.size() == 2);
    CHECK(withoutLayer(middle.document, 777) == middle.document);
}

TEST_CASE("an item with no layer named goes on the topmost unlocked one")
{
    Document d = withNewLayer(newDocument(), "Locked").document;
    d = withLayer(d, d.layers[1]->id, [](Layer& l) { l.locked = true; });
    const Added a = withItem(d, 0, closedLine());
    CHECK(a.document.layers[0]->items.size() == 1);
}

TEST_CASE("changing nothing gives an equal document that shares everything")
{
    const Made m = made();
    const Document same = withItemChanged(m.d, m.id, [](Item&) {});
    CHECK(same.layers[0] == m.d.layers[0]);
    CHECK(withItemChanged(m.d, 999, [](Item& i) { i.name = "never"; }) == m.d);
}

TEST_CASE("an edit cannot change an item's id")
{
    const Made m = made();
    const Document d = withItemChanged(m.d, m.id, [](Item& i) {
        i.id = 4711;
        i.opacity = 0.5;
    });
    REQUIRE(d.item(m.id));
    CHECK(d.item(m.id)->opacity == 0.5);
}

TEST_CASE("turning a reference turns its placement, and uneven scaling keeps its shape")
{
    auto file = std::make_shared<PictureFile>();
    file->width = 200;
    file->height = 100;
    Added a = withReference(newDocument(), file, "Photo");
    const Document open = withLayer(a.document, a.document.layers[0]->id, [](Layer& l) { l.locked = false; });
    const Document turned = transformed(open, {a.id}, curve::about({540, 540}, curve::rotation(0.5)));
    CHECK(turned.item(a.id)->reference()->turn == Approx(0.5));
    CHECK(turned.item(a.id)->reference()->centre == Vec2{540, 540});
    const Document wide = transformed(open, {a.id}, curve::scaling(4, 1));
    CHECK(wide.item(a.id)->reference()->scale == Approx(2 * a.document.item(a.id)->reference()->scale));
}

TEST_CASE("copies lie above their originals and are things of their own")
{
    const Made m = made();
    const Taken c = withCopies(m.d, {m.id});
    REQUIRE(c.items.size() == 1);
    CHECK(c.document.layers[0]->items.back()->id == c.items[0]);
    const Document moved = transformed(c.document, c.items, curve::translation({50, 0}));
    CHECK(*moved.item(m.id) == *m.d.item(m.id));
}

TEST_CASE("joining refuses what cannot be joined")
{
    const Made m = made();
    const OpenEnd none{m.id, 0, true, {}};
    CHECK(withEndsJoined(m.d, none, none) == m.d);
    CHECK(withEndsJoined(m.d, {m.id, 7, true, {}}, none) == m.d);
    CHECK(withEndsJoined(m.d, {999, 0, true, {}}, none) == m.d);
}

TEST_CASE("the sheet keeps sane sizes, and the artwork does not move when it changes")
{
    const Made m = made();
    Sheet s = m.d.sheet;
    s.width = std::nan("");
    s.height = -5;
    const Document d = withSheet(m.d, s);
    CHECK(d.sheet.width == 1080);
    CHECK(d.sheet.height == 1);
    CHECK(*d.item(m.id) == *m.d.item(m.id));
    s.width = 1e12;
    CHECK(withSheet(m.d, s).sheet.width == 100000);
}

TEST_CASE("open ends are those of open paths on layers that can be worked on")
{
    Item open;
    Artwork a;
    a.setPaths({curve::polyline({{0, 0}, {10, 0}}, false), curve::rectangle({0, 20}, {5, 25}), curve::polyline({{7, 7}}, false)});
    open.is = a;
    const Added added = withItem(newDocument(), 0, open);
    CHECK(openEnds(added.document).size() == 3); // a lone node is one end
    const Id layer = added.document.layers[0]->id;
    CHECK(openEnds(withLayer(added.document, layer, [](Layer& l) { l.locked = true; })).empty());
    CHECK(openEnds(withLayer(added.document, layer, [](Layer& l) { l.shown = false; })).empty());
}

TEST_CASE("a selection loses what the document no longer holds")
{
    const Made m = made();
    Selection s;
    s.items = {m.id, 555};
    s.layer = 888;
    CHECK(pruned(s, m.d).items == std::vector<Id>{m.id});
    CHECK(pruned(s, m.d).layer == m.d.layers[0]->id);
    s.items = {m.id};
    s.nodes = {{0, 2}, {0, 9}, {4, 0}};
    CHECK(pruned(s, m.d).nodes == std::vector<NodeRef>{{0, 2}});
}

TEST_CASE("bounds count the line's width, and hidden layers do not count")
{
    const Made m = made();
    CHECK(bounds(m.d).width() == Approx(110)); // 100 and half of 10 on either side
    CHECK(bounds(withLayer(m.d, m.d.layers[0]->id, [](Layer& l) { l.shown = false; })).empty());
    CHECK(nodeCount(m.d) == 4);
}

TEST_CASE("documents are equal by content, not by where they come from")
{
    const Made a = made(), b = made();
    CHECK(a.d == b.d);
    CHECK(a.d != withTitle(a.d, "Other"));
    CHECK(a.d != withGuide(a.d, {1, 2}, 0).document);
    const Added guide = withGuide(a.d, {1, 2}, 0);
    CHECK(withoutGuide(guide.document, guide.id) == a.d);
}
