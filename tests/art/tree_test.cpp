// The tree: what lies in what, what a lock reaches, and that edits touch nothing else.
#include "art/pieces.h"

using namespace pieces;

TEST_CASE("a group is one thing: moved, locked and deleted with what is in it")
{
    Three t;
    const Added g = withGroup(t.d, {t.a, t.b});
    REQUIRE(g.id);
    const Document& d = g.document;
    REQUIRE(d.layers[0]->items.size() == 2);
    CHECK(d.parentOf(t.a)->id == g.id);
    CHECK(d.layerOf(t.a)->id == t.layer);
    CHECK(bounds(*d.item(g.id)).width() == Approx(300));
    const Document moved = transformed(d, {g.id}, curve::translation({0, 50}));
    CHECK(bounds(*moved.item(t.b)).min.y == Approx(50));
    // A thing and the group round it are moved once.
    const Document once = transformed(d, {g.id, t.a}, curve::translation({0, 50}));
    CHECK(bounds(*once.item(t.a)).min.y == Approx(50));
    const Document locked = withTraits(d, {g.id}, {.locked = true});
    CHECK(transformed(locked, {t.a}, curve::translation({5, 5})).why == Refusal::locked);
    CHECK(withoutItems(locked, {t.a}).document == locked);
    CHECK(lockedBy(locked, t.a) == g.id);
    const Document hidden = withTraits(d, {g.id}, {.shown = false});
    CHECK(bounds(hidden).width() == Approx(100));
    // The last thing gone, the group goes too.
    Document left = withoutItems(d, {t.a});
    CHECK(left.item(g.id));
    left = withoutItems(left, {t.b});
    CHECK_FALSE(left.item(g.id));
    // Ungrouped it is as it was.
    const Taken apart = withoutGroups(d, {g.id});
    CHECK(apart.document == t.d);
    CHECK(apart.items == std::vector<Id>{t.a, t.b});
}

TEST_CASE("groups take their place at the topmost of their things, from whatever layer")
{
    Three t;
    const Added over = withNewLayer(t.d, "Over", t.layer);
    const Added top = withItem(over.document, over.id, square({0, 300}, 50));
    const Added g = withGroup(top.document, {top.id, t.a});
    CHECK(g.document.layerOf(g.id)->id == over.id);
    CHECK(idsOf(childrenOf(*g.document.item(g.id))) == std::vector<Id>{t.a, top.id});
    CHECK(idsOf(g.document.layer(t.layer)->items) == std::vector<Id>{t.b, t.c});
    // A locked layer gives nothing away.
    const Document held = withLayer(top.document, t.layer, [](Layer& l) { l.locked = true; });
    CHECK(withGroup(held, {top.id, t.a}).why == Refusal::locked);
    CHECK(withGroup(held, {}).why == Refusal::nothingPicked);
}

TEST_CASE("order within what things lie in, one step or all the way")
{
    Three t;
    const auto order = [&](const Document& d) { return idsOf(d.layers[0]->items); };
    CHECK(order(withOrder(t.d, {t.a}, Way::up)) == std::vector<Id>{t.b, t.a, t.c});
    CHECK(order(withOrder(t.d, {t.a}, Way::top)) == std::vector<Id>{t.b, t.c, t.a});
    CHECK(order(withOrder(t.d, {t.c}, Way::down)) == std::vector<Id>{t.a, t.c, t.b});
    CHECK(order(withOrder(t.d, {t.c, t.b}, Way::bottom)) == std::vector<Id>{t.b, t.c, t.a});
    // Two that stand at the end stay as they are, among themselves too.
    CHECK(order(withOrder(t.d, {t.b, t.c}, Way::up)) == std::vector<Id>{t.a, t.b, t.c});
    const Added g = withGroup(t.d, {t.a, t.b});
    CHECK(idsOf(childrenOf(*withOrder(g.document, {t.a}, Way::up).document.item(g.id))) == std::vector<Id>{t.b, t.a});
}

TEST_CASE("things go inside an area and come out beside it, nothing goes into itself")
{
    Three t;
    const Document in = moved(t.d, {t.b}, {.layer = 0, .parent = t.a});
    CHECK(in.layers[0]->items.size() == 2);
    CHECK(in.item(t.a)->artwork()->inside.size() == 1);
    // It goes with its parent, and shows only within it.
    const Document away = transformed(in, {t.a}, curve::translation({7, 0}));
    CHECK(bounds(*away.item(t.b)).min.x == Approx(207));
    CHECK(bounds(*in.item(t.a)).width() == Approx(100));
    CHECK(moved(in, {t.a}, {.layer = 0, .parent = t.b}).why == Refusal::doesNotFit);
    CHECK(moved(in, {t.a}, {.layer = 0, .parent = t.a}).why == Refusal::doesNotFit);
    const Document out = movedOut(in, {t.b});
    CHECK(idsOf(out.layers[0]->items) == std::vector<Id>{t.a, t.b, t.c}); // just above what it lay in
    CHECK(movedOut(out, {t.b}).why == Refusal::doesNotFit);
    // Deep: out one level at a time.
    const Document deep = moved(in, {t.c}, {.layer = 0, .parent = t.b});
    CHECK(deep.ancestorsOf(t.c).size() == 2);
    CHECK(movedOut(deep, {t.c}).document.parentOf(t.c)->id == t.a);
    // Pictures do not go inside areas.
    auto file = std::make_shared<PictureFile>();
    file->width = file->height = 4;
    const Added photo = withReference(t.d, file, "Photo");
    const Document free = withLayer(photo.document, photo.document.layerOf(photo.id)->id, [](Layer& l) { l.locked = false; });
    CHECK(moved(free, {photo.id}, {.layer = 0, .parent = t.a}).why == Refusal::doesNotFit);
}

TEST_CASE("a place in the order is kept when things move within one list")
{
    Three t;
    const auto at = [&](Id what, std::size_t place) { return idsOf(moved(t.d, {what}, {t.layer, 0, place}).document.layers[0]->items); };
    CHECK(at(t.a, 3) == std::vector<Id>{t.b, t.c, t.a});
    CHECK(at(t.a, 2) == std::vector<Id>{t.b, t.a, t.c});
    CHECK(at(t.c, 0) == std::vector<Id>{t.c, t.a, t.b});
    CHECK(at(t.b, 1) == std::vector<Id>{t.a, t.b, t.c});
}

TEST_CASE("copies have ids of their own at every depth, and what lies in a group is copied there")
{
    Three t;
    const Document in = moved(t.d, {t.b}, {.layer = 0, .parent = t.a});
    const Added g = withGroup(in, {t.a, t.c});
    const Taken copies = withCopies(g.document, {g.id});
    REQUIRE(copies.items.size() == 1);
    std::vector<Id> ids = everyId(copies.document);
    std::sort(ids.begin(), ids.end());
    CHECK(std::adjacent_find(ids.begin(), ids.end()) == ids.end());
    CHECK(ids.size() == 8);
    CHECK(ids.back() < copies.document.nextId);
    const Taken inner = withCopies(g.document, {t.c});
    CHECK(inner.document.parentOf(inner.items.front())->id == g.id);
}

TEST_CASE("a click picks the outermost, the next one goes in, and one level up leads out")
{
    Three t;
    const Added g = withGroup(t.d, {t.a, t.b});
    const Added outer = withGroup(g.document, {g.id, t.c});
    const Document& d = outer.document;
    CHECK(thingAt(d, {50, 50}, 2)->id == t.a);
    CHECK(pickedBy(d, t.a, {}) == outer.id);
    CHECK(pickedBy(d, t.a, {outer.id}) == g.id);
    CHECK(pickedBy(d, t.a, {g.id}) == t.a);
    CHECK(pickedBy(d, t.a, {t.b}) == t.a); // one is in there already
    CHECK(levelUp(d, {t.a}) == g.id);
    CHECK(levelUp(d, {outer.id}) == 0);
    // Topmost first, what is inside an area above its fill.
    const Added over = withItem(t.d, t.layer, square({40, 40}, 20, {1, 2, 3}));
    const Document in = moved(over.document, {over.id}, {.layer = 0, .parent = t.a});
    const auto there = thingsAt(in, {50, 50}, 1);
    REQUIRE(there.size() == 2);
    CHECK(there[0]->id == over.id);
    CHECK(there[1]->id == t.a);
    // Beyond the border of its parent it is not there.
    const Document beyond = transformed(in, {over.id}, curve::translation({300, 0}));
    CHECK(thingAt(beyond, {350, 50}, 0) == nullptr);
}

TEST_CASE("a locked layer is not deleted, and the last one stays")
{
    Three t;
    CHECK(withoutLayer(t.d, t.layer).why == Refusal::tooFew);
    const Document two = withNewLayer(t.d, "Two").document;
    const Document held = withLayer(two, t.layer, [](Layer& l) { l.locked = true; });
    CHECK(withoutLayer(held, t.layer).why == Refusal::locked);
    CHECK(withoutLayer(two, t.layer).document.layers.size() == 1);
    CHECK(withoutLayer(two, 4711).why == Refusal::nothingPicked);
}

TEST_CASE("an edit of one thing shares all others, and looks at nothing twice")
{
    Document d = newDocument();
    std::vector<Item> many;
    for (int k = 0; k < 10000; ++k) many.push_back(square({static_cast<double>(k % 100), static_cast<double>(k / 100)}, 1));
    d = withItems(d, d.layers[0]->id, std::move(many)).document;
    const Id one = d.layers[0]->items[5000]->id;
    std::size_t asked = 0;
    const Document next = withItemChanged(d, one, [&](Item& i) {
        ++asked;
        i.opacity = 0.5;
    });
    CHECK(asked == 1);
    std::size_t shared = 0;
    for (std::size_t k = 0; k < 10000; ++k) shared += next.layers[0]->items[k].same(d.layers[0]->items[k]);
    CHECK(shared == 9999);
}

// -- between documents --------------------------------------------------------------------------------------------------------------

TEST_CASE("what is pasted brings its inks: the same name and colour is used, another one is added, none is taken by chance")
{
    Three from;
    const Added brine = withInk(from.d, "Brine", {46, 107, 102}), kiln = withInk(brine.document, "Kiln", {168, 66, 44}),
                unused = withInk(kiln.document, "Unused", {1, 1, 1});
    from.d = withPaint(unused.document, {from.a}, paintOf(unused.document, {brine.id, -1}), Part::area);
    from.d = withPaint(from.d, {from.b}, paintOf(from.d, {kiln.id, 0}), Part::both);
    const Document fragment = fragmentOf(from.d, {from.a, from.b});
    CHECK(fragment.inks.size() == 2);
    CHECK(fragment.layers.size() == 1);

    // The other document has other inks under the same ids, and one that is the same.
    Document to = newDocument();
    to = withInk(to, "Oat", {236, 221, 182}).document;
    for (int k = 0; k < 5; ++k) to = withInk(to, "Filler " + std::to_string(k), {9, 9, 9}).document;
    const Added same = withInk(to, "Kiln", {168, 66, 44});
    const Taken t = withPasted(same.document, fragment, {same.document.layers[0]->id});
    REQUIRE(t.items.size() == 2);
    CHECK(t.document.inks.size() == same.document.inks.size() + 1);
    const Artwork &a = *t.document.item(t.items[0])->artwork(), &b = *t.document.item(t.items[1])->artwork();
    CHECK(t.document.ink(a.fill.ink.ink)->name == "Brine");
    CHECK(a.fill.ink.tint == -1);
    CHECK(b.fill.ink.ink == same.id);
    CHECK(b.stroke.ink.ink == same.id);
    // Mixing the inks of this document leaves what came alone but for its own.
    const Document mixed = withInkColour(t.document, t.document.inks[0].id, {0, 0, 0});
    CHECK(mixed.item(t.items[0])->artwork()->fill == a.fill);
    // A locked layer takes nothing.
    const Document held = withLayer(to, to.layers[0]->id, [](Layer& l) { l.locked = true; });
    CHECK(withPasted(held, fragment, {held.layers[0]->id}).why == Refusal::locked);
}

TEST_CASE("live parts travel with what they are made from, or are set when that stays behind")
{
    Document d = newDocument();
    const Id layer = d.layers[0]->id;
    const Added one = withItem(d, layer, line({{0, 0}, {100, 0}, {100, 100}, {0, 100}}, true));
    const DrawnLines lines = drawnLines(one.document);
    const planar::MapPtr map = planar::build(lines.paths);
    const Added drop = withDrop(one.document, *map, lines, {50, 50}, {Colour{9, 9, 200}, {}});
    REQUIRE(drop.id);
    const auto dropOf = [](const Document& doc, Id id) { return doc.item(id)->artwork()->drop(); };
    // Both: the copy follows the copied line, here and elsewhere.
    const Taken copies = withCopies(drop.document, {one.id, drop.id});
    REQUIRE(copies.items.size() == 2);
    const Id copiedDrop = dropOf(copies.document, copies.items[0]) ? copies.items[0] : copies.items[1];
    const Id copiedLine = copiedDrop == copies.items[0] ? copies.items[1] : copies.items[0];
    REQUIRE(dropOf(copies.document, copiedDrop));
    CHECK(dropOf(copies.document, copiedDrop)->lines[0].line == copiedLine);
    // A copy of the drop alone follows the same line.
    const Taken alone = withCopies(drop.document, {drop.id});
    CHECK(dropOf(alone.document, alone.items[0])->lines[0].line == one.id);
    // In another document it has no line: it is a plain shape.
    const Document other = newDocument();
    const Taken left = withPasted(other, fragmentOf(drop.document, {drop.id}), {other.layers[0]->id});
    CHECK(dropOf(left.document, left.items[0]) == nullptr);
    CHECK_FALSE(left.document.item(left.items[0])->artwork()->paths.empty());
    const Taken both = withPasted(other, fragmentOf(drop.document, {one.id, drop.id}), {other.layers[0]->id});
    int live = 0;
    for (const Id id : both.items)
        if (const Drop* p = dropOf(both.document, id)) {
            ++live;
            CHECK(std::find(both.items.begin(), both.items.end(), p->lines[0].line) != both.items.end());
        }
    CHECK(live == 1);
}
