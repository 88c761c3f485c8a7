// Undo and redo, and the property that undoing everything gives back the first document, for thousands of random edits.
#include "art/art.h"
#include "curve/edit.h"
#include "curve/strokes.h"

#include <catch2/catch.hpp>

#include <set>

using namespace softrope;
using namespace softrope::art;
using curve::Vec2;

namespace {

Item someLine(strokes::Random& r)
{
    Item i;
    Artwork a;
    std::vector<Vec2> points;
    for (int k = 0, n = 2 + r.below(6); k < n; ++k) points.push_back({r.between(0, 1000), r.between(0, 1000)});
    a.setPaths({curve::polyline(points, r.unit() < 0.5)});
    a.stroke.colour = Colour{static_cast<std::uint8_t>(r.below(256)), 0, 0};
    i.name = "Line " + std::to_string(r.below(1000));
    i.is = a;
    return i;
}

std::vector<Id> allItems(const Document& d)
{
    std::vector<Id> ids;
    for (const LayerPtr& l : d.layers)
        for (const ItemPtr& i : l->items) ids.push_back(i->id);
    return ids;
}

// One random edit; some of them change nothing, as in life.
Document edited(const Document& d, strokes::Random& r)
{
    const auto ids = allItems(d);
    const Id any = ids.empty() ? 0 : ids[static_cast<std::size_t>(r.below(static_cast<int>(ids.size())))];
    const Id layer = d.layers.empty() ? 0 : d.layers[static_cast<std::size_t>(r.below(static_cast<int>(d.layers.size())))]->id;
    const Item* item = d.item(any);
    switch (r.below(14)) {
    case 0:
    case 1:
    case 2: return withItem(d, layer, someLine(r)).document;
    case 3: return transformed(d, {any}, curve::about({500, 500}, curve::rotation(r.between(-1, 1))));
    case 4: return withoutItems(d, {any});
    case 5: return withNewLayer(d, "L" + std::to_string(r.below(99)), layer).document;
    case 6: return withoutLayer(d, layer);
    case 7: return withLayer(d, layer, [&](Layer& l) { l.locked = !l.locked; });
    case 8: return withLayerMoved(d, layer, r.below(5) - 2);
    case 9: return withCopies(d, {any}).document;
    case 10:
        if (item && item->artwork() && !item->artwork()->paths.empty()) {
            curve::Paths p = item->artwork()->paths;
            p[0] = curve::bent(p[0], static_cast<std::size_t>(r.below(4)), 0.5, {r.between(0, 1000), r.between(0, 1000)});
            return withPaths(d, any, p);
        }
        return d;
    case 11: {
        const auto ends = openEnds(d);
        if (ends.size() < 2) return d;
        const auto pick = [&] { return ends[static_cast<std::size_t>(r.below(static_cast<int>(ends.size())))]; };
        return withEndsJoined(d, pick(), pick());
    }
    case 12: return withGuide(d, {r.between(0, 1000), 3}, r.unit()).document;
    default: {
        Sheet s = d.sheet;
        s.width = r.between(100, 3000);
        return withSheet(d, s);
    }
    }
}

} // namespace

TEST_CASE("steps have names, undo restores the selection, redo comes back")
{
    strokes::Random r(1);
    History h({newDocument(), {}});
    const Added a = withItem(h.now().document, 0, someLine(r));
    h.take({a.document, {{a.id}, {}, 0}}, "Draw line");
    CHECK(h.undoName() == "Draw line");
    h.take({withoutItems(a.document, {a.id}), {}}, "Delete");
    CHECK(h.now().selection.items.empty());
    REQUIRE(h.undo());
    CHECK(h.now().selection.items == std::vector<Id>{a.id});
    CHECK(h.redoName() == "Delete");
    REQUIRE(h.redo());
    CHECK_FALSE(h.redo());
    CHECK(h.now().document.item(a.id) == nullptr);
}

TEST_CASE("a burst of one adjustment is one step, a pause or another kind starts anew")
{
    strokes::Random r(2);
    const Added a = withItem(newDocument(), 0, someLine(r));
    History h({a.document, {}});
    for (int i = 0; i < 5; ++i) h.take({transformed(h.now().document, {a.id}, curve::translation({1, 0})), {}}, "Move", "move 1");
    CHECK(h.length() == 1);
    h.endBurst();
    h.take({transformed(h.now().document, {a.id}, curve::translation({1, 0})), {}}, "Move", "move 1");
    CHECK(h.length() == 2);
    h.undo();
    h.undo();
    CHECK(h.now().document == a.document);
}

TEST_CASE("an edit that changes nothing is no step")
{
    History h({newDocument(), {}});
    h.take({h.now().document, {}}, "Nothing");
    CHECK_FALSE(h.canUndo());
}

TEST_CASE("undoing everything gives back the first document, redoing everything the last, 6,000 random edits")
{
    for (const std::uint64_t seed : {11U, 12U, 13U}) {
        strokes::Random r(seed);
        const Document first = newDocument();
        History h({first, {}});
        std::vector<Document> passed{first};
        for (int i = 0; i < 2000; ++i) {
            if (r.unit() < 0.1 && h.canUndo()) {
                h.undo();
                passed.pop_back();
                CHECK(h.now().document == passed.back());
                continue;
            }
            const Document next = edited(h.now().document, r);
            const std::size_t before = h.length();
            const bool same = next == h.now().document;
            h.take({next, {}}, "Edit " + std::to_string(i));
            if (!same) passed.push_back(next);
            REQUIRE((same || h.length() <= before + 1));
        }
        const Document last = h.now().document;
        const std::size_t steps = passed.size() - 1;
        for (std::size_t k = passed.size(); k-- > 1;) {
            REQUIRE(h.now().document == passed[k]);
            REQUIRE(h.undo());
        }
        CHECK_FALSE(h.canUndo());
        CHECK(h.now().document == first);
        for (std::size_t k = 0; k < steps; ++k) REQUIRE(h.redo());
        CHECK(h.now().document == last);
    }
}

TEST_CASE("what live parts work out is no step: undo and redo go past it, and what could be redone still can")
{
    strokes::Random r(5);
    const Document first = withItem(newDocument(), 0, someLine(r)).document;
    History h({newDocument(), {}});
    h.take({first, {}}, "Line");
    h.take({withItem(first, 0, someLine(r)).document, {}}, "Line");
    const Document last = h.now().document;
    REQUIRE(h.undo());
    const Document derived = withTitle(h.now().document, "derived");
    h.derive(derived);
    CHECK(h.now().document == derived);
    CHECK(h.length() == 2);
    REQUIRE(h.canRedo());
    REQUIRE(h.redo());
    CHECK(h.now().document == last);
    REQUIRE(h.undo());
    CHECK(h.now().document == derived);
    // A pick of what is gone is let go.
    Selection s;
    s.items = allItems(derived);
    h.pick(s);
    h.derive(newDocument());
    CHECK(h.now().selection.items.empty());
}

TEST_CASE("a step among many things, in groups and areas too, costs what it changed, and comes back exactly")
{
    strokes::Random r(7);
    Document d = newDocument();
    std::vector<Item> many;
    for (int k = 0; k < 3000; ++k) many.push_back(someLine(r));
    d = withItems(d, d.layers[0]->id, std::move(many)).document;
    std::vector<Id> half = allItems(d);
    half.resize(1500);
    d = withGroup(d, half).document;
    History h({d, {}});
    std::vector<Document> was{d};
    for (int k = 0; k < 200; ++k) {
        const auto& now = h.now().document;
        const Item& group = *now.layers[0]->items.front();
        const std::vector<ItemPtr>& in = k % 2 ? now.layers[0]->items : childrenOf(group);
        const Id any = in[1 + static_cast<std::size_t>(r.below(1000))]->id;
        Document next = k % 10 == 9   ? Document(withOrder(now, {any}, Way::top).document)
                        : k % 10 == 8 ? Document(withoutItems(now, {any}).document)
                                      : Document(transformed(now, {any}, curve::translation({1, 0})).document);
        h.take({next, {}}, "Step");
        was.push_back(h.now().document);
    }
    CHECK(h.bytes() / h.length() < 5000); // the list alone has 24,000
    // A change by derivation in the middle reaches neither what came before nor what comes after.
    for (std::size_t k = was.size() - 1; k-- > 0;) {
        REQUIRE(h.undo());
        REQUIRE(h.now().document == was[k]);
    }
    for (std::size_t k = 1; k < 100; ++k) REQUIRE(h.redo());
    was[99] = withSheet(was[99], {100, 100});
    h.derive(was[99]);
    for (std::size_t k = 100; k < was.size(); ++k) {
        REQUIRE(h.redo());
        REQUIRE(h.now().document == was[k]);
    }
    for (std::size_t k = was.size() - 1; k-- > 0;) {
        REQUIRE(h.undo());
        REQUIRE(h.now().document == was[k]);
    }
    CHECK_FALSE(h.canUndo());
}

TEST_CASE("any state can be gone to and back, and each is known by a number of its own")
{
    art::Document d = art::newDocument();
    art::History h({d, {}});
    std::vector<art::Document> states{d};
    for (int k = 0; k < 6; ++k) {
        d = art::withTitle(d, "state " + std::to_string(k));
        h.take({d, {}}, "Step " + std::to_string(k));
        states.push_back(d);
    }
    const auto entries = h.entries();
    REQUIRE(entries.size() == 7);
    CHECK(entries[0].name.empty());
    CHECK(entries[3].name == "Step 2");
    std::set<std::uint64_t> serials;
    for (const auto& e : entries) serials.insert(e.serial);
    CHECK(serials.size() == 7);
    for (const std::size_t to : {2, 6, 0, 5, 5, 1}) {
        REQUIRE(h.goTo(to));
        CHECK(h.position() == to);
        CHECK(h.now().document == states[to]);
    }
    CHECK_FALSE(h.goTo(7));
    // Gone on from there, what was ahead is given up; the others keep their numbers.
    h.take({art::withTitle(h.now().document, "other"), {}}, "Other");
    CHECK(h.entries().size() == 3);
    CHECK(h.entries()[1].serial == entries[1].serial);
    CHECK_FALSE(serials.count(h.entries()[2].serial));
}
