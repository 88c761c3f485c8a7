// Drops on a document that nests: lines and drops in groups, on mirrored layers, copied and carried along.
#include "art/pieces.h"

using namespace pieces;

namespace {

planar::MapPtr mapOf(const Document& d)
{
    planar::BuildOptions o;
    o.gap = 2;
    o.sliverWidth = 1;
    return planar::build(drawnLines(d).paths, o);
}
// A frame with a bar down its middle, and a drop in the left half.
struct Halves {
    Document d = newDocument();
    Id frame = 0, bar = 0, drop = 0;
    Halves()
    {
        const Added f = withItem(d, 0, line({{0, 0}, {200, 0}, {200, 100}, {0, 100}}, true)), b = withItem(f.document, 0, line({{100, -20}, {100, 120}}));
        frame = f.id;
        bar = b.id;
        const Added made = withDrop(b.document, *mapOf(b.document), drawnLines(b.document), {50, 50}, {Colour{10, 120, 90}, {}});
        d = made.document;
        drop = made.id;
    }
    double size(const Document& of) const
    {
        double sum = 0;
        for (const curve::Path& p : of.item(drop)->artwork()->paths) sum += curve::area(p);
        return std::abs(sum);
    }
};

} // namespace

TEST_CASE("a drop follows lines that lie in groups, and may lie in one itself")
{
    Halves h;
    REQUIRE(h.drop);
    CHECK(h.size(h.d) == Approx(10000).epsilon(1e-3));
    const Added g = withGroup(h.d, {h.bar, h.frame});
    const Document moved1 = transformed(g.document, {h.bar}, curve::translation({50, 0}));
    const FollowedDrops f = withDropsFollowed(moved1, *mapOf(moved1), drawnLines(moved1), 2);
    CHECK(f.moved == 1);
    CHECK(h.size(f.document) == Approx(15000).epsilon(1e-3));
    const Added all = withGroup(g.document, {g.id, h.drop});
    const Document moved2 = transformed(all.document, {h.bar}, curve::translation({-50, 0}));
    const FollowedDrops k = withDropsFollowed(moved2, *mapOf(moved2), drawnLines(moved2), 2);
    CHECK(h.size(k.document) == Approx(5000).epsilon(1e-3));
    CHECK(k.document.parentOf(h.drop)->id == all.id);
    // The whole moved: the drop goes with its lines, nothing opens.
    const Document away = transformed(all.document, {all.id}, curve::translation({300, 40}));
    const FollowedDrops w = withDropsFollowed(away, *mapOf(away), drawnLines(away), 2);
    CHECK(w.opened == 0);
    CHECK(bounds(*w.document.item(h.drop)).min.x == Approx(300).margin(0.1));
}

TEST_CASE("a group of lines and drop copied is a piece of its own")
{
    Halves h;
    const Added g = withGroup(h.d, {h.frame, h.bar, h.drop});
    const Taken copy = withCopies(g.document, {g.id});
    const Document apart = transformed(copy.document, copy.items, curve::translation({0, 300}));
    const FollowedDrops f = withDropsFollowed(apart, *mapOf(apart), drawnLines(apart), 2);
    CHECK(f.opened == 0);
    // The copy's bar moves: only the copy's drop follows.
    Id bar = 0, drop = 0;
    eachArtwork(f.document, {}, [&](const Item& i, const Artwork& a, const Where& w) {
        if (!w.parent || w.parent->id != copy.items[0]) return;
        if (a.drop()) drop = i.id;
        if (!a.drop() && a.paths[0].nodes.size() == 2) bar = i.id;
    });
    REQUIRE(bar);
    REQUIRE(drop);
    const Document moved = transformed(f.document, {bar}, curve::translation({40, 0}));
    const FollowedDrops k = withDropsFollowed(moved, *mapOf(moved), drawnLines(moved), 2);
    CHECK(bounds(*k.document.item(drop)).width() == Approx(140).margin(0.5));
    CHECK(bounds(*k.document.item(h.drop)).width() == Approx(100).margin(0.5));
}

TEST_CASE("a hidden group of lines lets its drop leak, shown again it closes")
{
    Halves h;
    const Added g = withGroup(h.d, {h.bar, h.frame});
    const Document hidden = withTraits(g.document, {g.id}, {.shown = false});
    const FollowedDrops open = withDropsFollowed(hidden, *mapOf(hidden), drawnLines(hidden), 2);
    CHECK(open.opened == 1);
    CHECK(h.size(open.document) == Approx(10000).epsilon(1e-3)); // it stays as it was
    CHECK_FALSE(leaks(open.document).empty());
    const Document shown = withTraits(open.document, {g.id}, {.shown = true});
    const FollowedDrops closed = withDropsFollowed(shown, *mapOf(shown), drawnLines(shown), 2);
    CHECK(closed.closed == 1);
    CHECK(leaks(closed.document).empty());
    // Nothing more to do.
    const FollowedDrops again = withDropsFollowed(closed.document, *mapOf(closed.document), drawnLines(closed.document), 2);
    CHECK(again.moved == 0);
    CHECK(again.document == closed.document);
}

TEST_CASE("stale drops are known by their lines, and derived in place they are not")
{
    Halves h;
    Ingredients from;
    from.gap = 2;
    CHECK(stale(h.d, 2) == std::vector<Id>{h.drop}); // never followed yet
    const Document now = derived(h.d, from);
    CHECK(stale(now, 2).empty());
    CHECK(stale(withTraits(now, {h.bar}, {.opacity = 0.5}), 2).empty()); // how a line looks does not matter
    const Document moved = transformed(now, {h.bar}, curve::translation({9, 0}));
    CHECK(stale(moved, 2).size() == 1);
    const Document then = derived(moved, from);
    CHECK(h.size(then) == Approx(10900).epsilon(1e-3));
    CHECK(derived(then, from) == then);
    // Another gap is another map.
    CHECK(stale(then, 5).size() == 1);
    // Locked, it follows all the same: that is not what a hand does.
    const Document held = withTraits(moved, {h.drop}, {.locked = true});
    CHECK(h.size(derived(held, from)) == Approx(10900).epsilon(1e-3));
}

TEST_CASE("a drop in an area that is a drop already takes the new paint, locked it stays")
{
    Halves h;
    const Added other = withDrop(h.d, *mapOf(h.d), drawnLines(h.d), {30, 30}, {Colour{250, 10, 10}, {}});
    CHECK(other.id == h.drop);
    CHECK(other.document.item(h.drop)->artwork()->fill.colour == Colour{250, 10, 10});
    const Added right = withDrop(h.d, *mapOf(h.d), drawnLines(h.d), {150, 50}, {Colour{250, 10, 10}, {}});
    CHECK(right.id != h.drop);
    CHECK(right.document.layerOf(right.id)->id == h.d.layerOf(h.drop)->id);
    CHECK(withDrop(h.d, *mapOf(h.d), drawnLines(h.d), {500, 500}, {Colour{1, 1, 1}, {}}).why == Refusal::doesNotFit);
    // Set, it is a plain shape; its layer is no layer of drops any more.
    const Document set = withSet(h.d, {h.drop});
    CHECK(dropAt(set, {50, 50}) == 0);
    CHECK(dropAt(h.d, {50, 50}) == h.drop);
}
