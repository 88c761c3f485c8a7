// Live parts: their two doors, what is worked out and what a hand may change.
#include "art/pieces.h"

using namespace pieces;

namespace {

struct Crystal {
    Document d = newDocument();
    Id ink = 0, outline = 0, facets = 0;
    Crystal()
    {
        const Added kiln = withInk(d, "Kiln", {168, 66, 44});
        ink = kiln.id;
        const Added shape = withItem(kiln.document, 0, square({100, 100}, 400));
        outline = shape.id;
        tone::FacetPlan plan;
        plan.outline = shape.document.item(shape.id)->artwork()->paths;
        plan.chords = {{{100, 100}, {500, 500}}, {{500, 100}, {100, 500}}};
        const Added made = withFacets(shape.document, shape.id, plan, ink);
        d = made.document;
        facets = made.id;
    }
    const Group& group(const Document& doc) const { return *doc.item(facets)->group(); }
    tone::FacetPlan plan() const { return group(d).facets()->plan; }
};

} // namespace

TEST_CASE("what is drawn on the layer of facets or pieces stays when they are worked out anew")
{
    Crystal c;
    const Id layer = c.d.layerOf(c.facets)->id;
    const Added drawn = withItem(c.d, layer, line({{0, 0}, {50, 50}}));
    REQUIRE(drawn.id);
    tone::FacetPlan plan = c.plan();
    plan.chords.pop_back();
    const Document next = withFacetPlan(drawn.document, c.facets, plan);
    CHECK(next.item(drawn.id));
    CHECK(c.group(next).items.size() == 2);
    // Nor can anything be put among the pieces.
    CHECK(moved(drawn.document, {drawn.id}, {.layer = 0, .parent = c.facets}).why == Refusal::derived);
    CHECK(withoutItems(next, {c.group(next).items[0]->id}).why == Refusal::derived);
    CHECK(transformed(next, {c.group(next).items[0]->id}, curve::translation({9, 9})).document == next);
}

TEST_CASE("an ink that changes carries the shades of facets along, so that the next click keeps them")
{
    Crystal c;
    const Document mixed = withInkColour(c.d, c.ink, {20, 180, 60});
    const GradientStop first = c.group(mixed).items[0]->artwork()->fill.gradient->stops[0];
    CHECK(first.colour == tintOf({20, 180, 60}, first.ink.tint));
    // The next change works the pieces out from the recipe.
    const Document shuffled = withFacetsShuffled(mixed, c.facets, c.plan().seed);
    for (const ItemPtr& i : c.group(shuffled).items)
        for (const GradientStop& s : i->artwork()->fill.gradient->stops) CHECK(s.colour == tintOf({20, 180, 60}, s.ink.tint));
    CHECK(shuffled == mixed);
    // An ink that is dropped leaves the shades as they look.
    const Document dropped = withoutInk(c.d, c.ink);
    CHECK(c.group(dropped).facets()->ink == 0);
    CHECK(withFacetsShuffled(dropped, c.facets, c.plan().seed).document == dropped);
}

TEST_CASE("a paint given to a piece is kept by its recipe")
{
    Crystal c;
    const Id piece = c.group(c.d).items[1]->id;
    const Document painted = withPaint(c.d, {piece}, {Colour{1, 2, 3}, {}}, Part::area);
    CHECK(painted.item(piece)->artwork()->fill.colour == Colour{1, 2, 3});
    const Document shuffled = withFacetsShuffled(painted, c.facets, 77);
    int kept = 0;
    for (const ItemPtr& i : c.group(shuffled).items) kept += i->artwork()->fill.colour == Colour{1, 2, 3} && !i->artwork()->fill.gradient;
    CHECK(kept == 1);
    // Moved and turned as a whole, it stays on its piece.
    const Document turned = withFacetsShuffled(transformed(painted, {c.facets}, curve::about({300, 300}, curve::rotation(1.1))), c.facets, 3);
    kept = 0;
    for (const ItemPtr& i : c.group(turned).items) kept += i->artwork()->fill.colour == Colour{1, 2, 3};
    CHECK(kept == 1);
    // A shade chosen for it afterwards goes over it.
    const Document shaded = withFacetHeld(painted, c.facets, 1, 0, 0.5, false);
    CHECK(c.group(shaded).facets()->painted.empty());
}

TEST_CASE("a hand that changes the paths ends what they were made from, whatever it does")
{
    const Added sharp = withItem(newDocument(), 0, line({{0, 0}, {100, 0}, {100, 100}, {0, 80}}));
    const Document round = withRoundCorners(sharp.document, sharp.id, {}, 10).document;
    REQUIRE(round.item(sharp.id)->artwork()->rounding());
    // Closed with live round corners: another radius must not open it again.
    const Document closed = withLinesClosed(round, {sharp.id});
    REQUIRE(closed.item(sharp.id)->artwork()->paths[0].closed);
    CHECK_FALSE(closed.item(sharp.id)->artwork()->rounding());
    const Document again = withRoundCorners(closed, sharp.id, {}, 20).document;
    CHECK(again.item(sharp.id)->artwork()->paths[0].closed);
    CHECK_FALSE(withLinesTurnedRound(round, {sharp.id}).document.item(sharp.id)->artwork()->rounding());
    CHECK_FALSE(withPaths(round, sharp.id, {curve::polyline({{0, 0}, {9, 9}}, false)}).document.item(sharp.id)->artwork()->rounding());
    // The same paths put down again are no change.
    CHECK(withPaths(round, sharp.id, round.item(sharp.id)->artwork()->paths).document == round);
    // Set: the paths as they are, of no recipe.
    const Document set = withSet(round, {sharp.id});
    CHECK(set.item(sharp.id)->artwork()->paths == round.item(sharp.id)->artwork()->paths);
    CHECK_FALSE(set.item(sharp.id)->artwork()->rounding());
}

TEST_CASE("paint goes through one door: a colour picked by hand is of no ink and no gradient")
{
    Three t;
    const Added ink = withInk(t.d, "Brine", {46, 107, 102});
    Document d = withPaint(ink.document, {t.a}, paintOf(ink.document, {ink.id, 1}), Part::both);
    d = withPaint(d, {t.a}, {Colour{250, 1, 1}, {}}, Part::both);
    CHECK(withInkColour(d, ink.id, {0, 0, 0}).item(t.a)->artwork()->fill.colour == Colour{250, 1, 1});
    CHECK(withInkColour(d, ink.id, {0, 0, 0}).item(t.a)->artwork()->stroke.colour == Colour{250, 1, 1});
    d = withGradient(d, {t.a}, Gradient::Kind::linear, {0, 0}, {100, 0}, {{0, {0, 0, 0}, 1, {}}, {1, {255, 255, 255}, 1, {}}});
    d = withPaint(d, {t.a}, {Colour{7, 7, 7}, {}}, Part::area);
    CHECK_FALSE(d.item(t.a)->artwork()->fill.gradient);
    // Groups are painted through.
    const Added g = withGroup(d, {t.a, t.b});
    const Document all = withPaint(g.document, {g.id}, {Colour{3, 4, 5}, {}}, Part::area);
    CHECK(all.item(t.b)->artwork()->fill.colour == Colour{3, 4, 5});
}

TEST_CASE("live combinations inside live combinations stay true through moves, mirrors and copies")
{
    Three t;
    Document d = transformed(t.d, {t.b}, curve::translation({-150, 20})).document;
    d = transformed(d, {t.c}, curve::translation({-340, 60})).document;
    const CombinedShapes two = withCombined(d, {t.a, t.b}, planar::Operation::unite, true);
    const CombinedShapes three = withCombined(two.document, {two.item, t.c}, planar::Operation::difference, true);
    REQUIRE(three.item);
    const Combined& outer = *three.document.item(three.item)->artwork()->combined();
    REQUIRE(outer.parts[0].combined()); // it is still live inside
    const curve::Affine m = curve::about({3, 9}, curve::rotation(0.7)) * curve::scaling(-1.5, 1.5);
    const Document there = transformed(three.document, {three.item}, m);
    const Taken copies = withCopies(there, {three.item});
    for (const Id id : {three.item, copies.items.front()}) {
        const Artwork& a = *copies.document.item(id)->artwork();
        REQUIRE(a.combined());
        REQUIRE(a.combined()->parts[0].combined());
        // Worked out anew from its parts it covers what it covered, moved.
        double before = 0, after = 0;
        for (const curve::Path& p : three.document.item(three.item)->artwork()->paths) before += curve::area(p);
        for (const curve::Path& p : outlineOf(*a.combined())) after += curve::area(p);
        CHECK(std::abs(after) == Approx(std::abs(before) * 2.25).epsilon(1e-6));
        CHECK(curve::nodeCount(outlineOf(*a.combined())) == curve::nodeCount(a.paths));
    }
    const Document back = transformed(there, {three.item}, *curve::inverse(m));
    const curve::Box b = bounds(*back.item(three.item)), was = bounds(*three.document.item(three.item));
    CHECK(distance(b.min, was.min) < 1e-9);
    CHECK(distance(b.max, was.max) < 1e-9);
}

TEST_CASE("a stack in a group follows its picture, not the group")
{
    auto file = std::make_shared<PictureFile>();
    file->width = file->height = 40;
    file->format = "png";
    const Added photo = withReference(newDocument(), file, "Photo");
    tone::Stack s;
    s.cuts = {100};
    const Added stack = withToneStack(photo.document, photo.id, s);
    const Key key = keyOf(stack.document, *stack.document.item(stack.id));
    REQUIRE(key);
    const Document made = withMade(stack.document, {stack.id, key, {square({0, 0}, 10)}});
    CHECK(stale(made).empty());
    CHECK(stale(stack.document) == std::vector<Id>{stack.id});
    const Document free = withTraits(made, {stack.id}, {.locked = false});
    CHECK(transformed(free, {stack.id}, curve::translation({50, 0})).document == free);
    // Its picture left behind, it is shapes.
    const Document other = newDocument();
    const Taken pasted = withPasted(other, fragmentOf(free, {stack.id}), {other.layers[0]->id});
    REQUIRE(pasted.items.size() == 1);
    CHECK_FALSE(pasted.document.item(pasted.items[0])->group()->tones());
    CHECK(childrenOf(*pasted.document.item(pasted.items[0])).size() == 1);
}

TEST_CASE("history keeps steps up to its limit, counts what states do not share, and says what it dropped")
{
    Document d = newDocument();
    std::vector<Item> many;
    for (int k = 0; k < 1000; ++k) many.push_back(square({static_cast<double>(k), 0}, 1));
    d = withItems(d, d.layers[0]->id, std::move(many)).document;
    History h({d, {}});
    CHECK(h.bytes() == 0);
    const Id one = d.layers[0]->items[3]->id;
    h.take({transformed(d, {one}, curve::translation({1, 0})), {}}, "Move");
    // One item, whatever lies beside it.
    const std::size_t step = h.bytes();
    CHECK(step > sizeof(Item));
    CHECK(step < 4000);
    h.setLimit(20 * step);
    for (int k = 0; k < 100; ++k) h.take({transformed(h.now().document, {one}, curve::translation({1, 0})), {}}, "Move");
    CHECK(h.bytes() <= 20 * step);
    CHECK(h.length() >= 15);
    CHECK(h.length() <= 20);
    CHECK(h.dropped() == 101 - h.length());
    const std::size_t left = h.length();
    for (std::size_t k = 0; k < left; ++k) REQUIRE(h.undo());
    CHECK_FALSE(h.canUndo());
    for (std::size_t k = 0; k < left; ++k) REQUIRE(h.redo());
    // Never less than one step, however large.
    h.setLimit(1);
    CHECK(h.canUndo());
}
