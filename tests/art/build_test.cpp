// Edits of the Build step.
#include "art/build.h"
#include "art/drops.h"
#include "art/facets.h"
#include "art/inks.h"
#include "art/touch.h"

#include <catch2/catch.hpp>

using namespace softrope;
using namespace softrope::art;
using curve::Path;
using curve::Paths;
using curve::Vec2;

namespace {

Document withPath(const Document& d, const Path& p, std::optional<Colour> fill = {}, Id* id = nullptr)
{
    Item i;
    Artwork a;
    a.setPaths({p});
    a.stroke.colour = Colour{0, 0, 0};
    a.stroke.width = 4;
    a.fill.colour = fill;
    i.is = a;
    const Added added = withItem(d, d.layers.back()->id, i);
    if (id) *id = added.id;
    return added.document;
}
double areaOf(const Item& i)
{
    double sum = 0;
    for (const Path& p : i.artwork()->paths) sum += curve::area(p);
    return sum;
}

} // namespace

TEST_CASE("A live combination follows its parts, changes its operation, and can be taken apart")
{
    Id a = 0, b = 0;
    Document d = withPath(newDocument(), curve::rectangle({0, 0}, {100, 100}), Colour{9, 9, 9}, &a);
    d = withPath(d, curve::rectangle({50, 50}, {150, 150}), Colour{9, 9, 9}, &b);
    const CombinedShapes c = withCombined(d, {b, a}, planar::Operation::unite, true);
    REQUIRE(c.item != 0);
    CHECK(areaOf(*c.document.item(c.item)) == Approx(17500));
    CHECK(c.document.item(a) == nullptr);
    // The lowest is the first, whatever the order of picking.
    const Document less = withOperation(c.document, c.item, planar::Operation::difference);
    CHECK(areaOf(*less.item(c.item)) == Approx(7500));
    const Document moved = withPartTransformed(less, c.item, 1, curve::translation({25, 25}));
    CHECK(areaOf(*moved.item(c.item)) == Approx(10000 - 25 * 25));
    // Moving the whole moves the parts.
    const Document away = transformed(moved, {c.item}, curve::translation({500, 0}));
    const Taken apart = withTakenApart(away, c.item);
    REQUIRE(apart.items.size() == 2);
    CHECK(curve::bounds(apart.document.item(apart.items[0])->artwork()->paths).min == Vec2{500, 0});
    CHECK(withSet(moved, {c.item}).document.item(c.item)->artwork()->combined() == nullptr);
}

TEST_CASE("a live combination takes other shapes in as parts and gives parts up again")
{
    Id a = 0, b = 0, c = 0;
    Document d = withPath(newDocument(), curve::rectangle({0, 0}, {100, 100}), Colour{9, 9, 9}, &a);
    d = withPath(d, curve::rectangle({50, 0}, {150, 100}), Colour{200, 9, 9}, &b);
    d = withPath(d, curve::rectangle({140, 0}, {200, 100}), Colour{9, 9, 200}, &c);
    const CombinedShapes live = withCombined(d, {a, b}, planar::Operation::unite, true);
    REQUIRE(areaOf(*live.document.item(live.item)) == Approx(15000));
    const Edited taken = withPartsTaken(live.document, live.item, {live.item, c});
    REQUIRE(taken.done());
    CHECK(areaOf(*taken.document.item(live.item)) == Approx(20000));
    CHECK_FALSE(taken.document.item(c));
    CHECK(taken.document.item(live.item)->artwork()->combined()->parts.size() == 3);
    CHECK(withPartsTaken(live.document, live.item, {live.item}).why == Refusal::tooFew);
    CHECK(withPartsTaken(live.document, c, {live.item}).why == Refusal::doesNotFit);
    // Given up: a thing of its own, with its own look, above what is left.
    const Taken given = withPartGivenUp(taken.document, live.item, 1);
    REQUIRE(given.items.size() == 2);
    CHECK(areaOf(*given.document.item(given.items[0])) == Approx(16000));
    CHECK(areaOf(*given.document.item(given.items[1])) == Approx(10000));
    CHECK(*given.document.item(given.items[1])->artwork()->fill.colour == Colour{200, 9, 9});
    CHECK(given.document.layers.back()->items.back()->id == given.items[1]);
    // The last one left is plain.
    const Taken alone = withPartGivenUp(given.document, given.items[0], 1);
    REQUIRE(alone.items.size() == 2);
    CHECK_FALSE(alone.document.item(alone.items[0])->artwork()->combined());
    CHECK(areaOf(*alone.document.item(alone.items[0])) == Approx(10000));
    CHECK(withPartGivenUp(alone.document, alone.items[0], 0).why == Refusal::doesNotFit);
    CHECK(withPartGivenUp(taken.document, live.item, 9).why == Refusal::doesNotFit);
}

TEST_CASE("Splitting and outlines apart")
{
    Id a = 0, b = 0;
    Document d = withPath(newDocument(), curve::rectangle({0, 0}, {100, 100}), Colour{9, 9, 9}, &a);
    d = withPath(d, curve::rectangle({20, 20}, {80, 80}), Colour{9, 9, 9}, &b);
    const CombinedShapes ring = withCombined(d, {a, b}, planar::Operation::exclude, false);
    REQUIRE(ring.document.item(ring.item)->artwork()->paths.size() == 2);
    CHECK(areaOf(*ring.document.item(ring.item)) == Approx(6400));
    CHECK(withOutlinesApart(ring.document, ring.item).items.size() == 2);
    CHECK(withSplit(d, {a, b}).items.size() == 2);
}

TEST_CASE("Areas come under the lines, largest first, and leave them as they are")
{
    Document d = withPath(newDocument(), curve::circle({300, 300}, 100));
    d = withPath(d, curve::circle({420, 300}, 80));
    const planar::MapPtr map = planar::build(drawnLines(d).paths);
    const Added a = withAreasUnderLines(d, *map);
    REQUIRE(a.document.layers.size() == 2);
    CHECK(a.document.layers.front()->id == a.id);
    CHECK(a.document.layers.front()->items.size() == 3);
    CHECK(*a.document.layers.back() == *d.layers.back());
    CHECK(areaOf(*a.document.layers.front()->items[0]) > areaOf(*a.document.layers.front()->items[2]));
    CHECK(a.document.layers.front()->items[0]->artwork()->fill.overlap > 0);
}

TEST_CASE("Trimming takes a stub, the middle of a line, or opens a closed one")
{
    Id line = 0, round = 0;
    Document d = withPath(newDocument(), curve::polyline({{0, 100}, {300, 100}}, false), {}, &line);
    d = withPath(d, curve::circle({150, 100}, 50), {}, &round);
    const auto stub = stretchAt(d, line, {40, 101});
    REQUIRE(stub);
    CHECK(stub->shown.nodes.front().at.x == Approx(0));
    CHECK(stub->shown.nodes.back().at.x == Approx(100).margin(1e-6));
    const Document cut = withoutStretch(d, *stub);
    CHECK(curve::bounds(cut.item(line)->artwork()->paths).min.x == Approx(100).margin(1e-6));
    const auto middle = stretchAt(d, line, {150, 99});
    REQUIRE(middle);
    const Document halves = withoutStretch(d, *middle);
    CHECK(halves.layers.back()->items.size() == 3);
    const auto arc = stretchAt(d, round, {150, 51});
    REQUIRE(arc);
    const Document opened = withoutStretch(d, *arc);
    const Path& left = opened.item(round)->artwork()->paths.front();
    CHECK_FALSE(left.closed);
    CHECK(curve::bounds(left).min.y == Approx(100).margin(1e-6));
    CHECK(curve::bounds(left).max.y == Approx(150).margin(1e-6));
    // A line that nothing crosses goes whole.
    Id lone = 0;
    const Document more = withPath(d, curve::polyline({{0, 500}, {50, 500}}, false), {}, &lone);
    CHECK(withoutStretch(more, *stretchAt(more, lone, {20, 500})).document.item(lone) == nullptr);
}

TEST_CASE("Trimming a closed line over its own start")
{
    // Crossings on either side of the circle's first node: the stretch between them runs over it.
    Id round = 0;
    Document d = withPath(newDocument(), curve::circle({150, 100}, 50), {}, &round);
    d = withPath(d, curve::polyline({{180, 0}, {180, 300}}, false));
    const auto arc = stretchAt(d, round, {200, 100});
    REQUIRE(arc);
    CHECK(curve::bounds(arc->shown).min.x == Approx(180).margin(1e-6));
    CHECK(curve::bounds(arc->shown).max.x == Approx(200).margin(1e-3));
    const Document left = withoutStretch(d, *arc);
    CHECK(curve::bounds(left.item(round)->artwork()->paths).max.x == Approx(180).margin(1e-6));
}

TEST_CASE("Offsets go out and in by the distance, with round or mitred corners")
{
    const Path square = curve::rectangle({100, 100}, {200, 200});
    const auto sum = [](const Paths& p) {
        double s = 0;
        for (const Path& one : p) s += curve::area(one);
        return s;
    };
    // Steiner's formula for convex shapes: A + P d + pi d^2.
    CHECK(sum(offset({square}, 10, false)) == Approx(10000 + 400 * 10 + curve::pi * 100).epsilon(2e-4));
    CHECK(sum(offset({square}, 10, true)) == Approx(14400).epsilon(2e-4));
    CHECK(sum(offset({square}, -10, false)) == Approx(6400).epsilon(2e-4));
    CHECK(offset({square}, -60, false).empty());
}

TEST_CASE("Welding a layer keeps the halves and makes whole what was mirrored")
{
    Id half = 0;
    Document d = withPath(newDocument(), curve::polyline({{501, 200}, {700, 300}, {502, 600}}, false), {}, &half);
    const Id layer = d.layers.back()->id;
    d = withMirror(d, layer, mirror::Axis{{500, 0}, curve::pi / 2});
    CHECK(mirroredItems(*d.layer(layer)).size() == 1);
    CHECK(drawnLines(d).paths.size() == 2);
    const Welded w = withWeld(d, layer, 4);
    CHECK(w.seams == 2);
    CHECK_FALSE(w.document.layer(layer)->mirror);
    CHECK(w.document.item(half)->artwork()->paths.front().closed);
    const auto kept = std::find_if(w.document.layers.begin(), w.document.layers.end(), [](const LayerPtr& l) { return !l->shown; });
    REQUIRE(kept != w.document.layers.end());
    CHECK((*kept)->mirror);
    CHECK((*kept)->locked);
}

TEST_CASE("Even spaces between things")
{
    std::vector<Id> ids(3);
    Document d = newDocument();
    const double at[3] = {0, 60, 400};
    for (int k = 0; k < 3; ++k) d = withPath(d, curve::rectangle({at[k], 0}, {at[k] + 40, 40}), {}, &ids[static_cast<std::size_t>(k)]);
    const Document even = distributed(d, ids, Along::across);
    CHECK(curve::bounds(even.item(ids[1])->artwork()->paths).min.x == Approx(200));
    CHECK(distributed(d, {ids[0], ids[1]}, Along::across) == d);
}

TEST_CASE("paint survives building: inks, tints and gradients go with the shape that gives the look")
{
    const Added kiln = withInk(newDocument(), "Kiln", {166, 63, 43});
    Id a = 0, b = 0;
    Document d = withPath(kiln.document, curve::rectangle({0, 0}, {100, 100}), Colour{9, 9, 9}, &a);
    d = withPath(d, curve::rectangle({50, 0}, {150, 100}), Colour{9, 9, 9}, &b);
    d = withPaint(d, {a}, paintOf(d, {kiln.id, 1}), Part::area);
    d = withPaint(d, {a}, {}, Part::line);
    const auto fillOfItem = [](const Document& of, Id id) { return of.item(id)->artwork()->fill; };
    SECTION("the union takes the lowest one's ink, and changes with it")
    {
        for (const bool live : {false, true}) {
            const CombinedShapes c = withCombined(d, {a, b}, planar::Operation::unite, live);
            REQUIRE(c.item);
            CHECK(fillOfItem(c.document, c.item).ink == InkUse{kiln.id, 1});
            const Document mixed = withInkColour(c.document, kiln.id, {10, 20, 200});
            CHECK(*fillOfItem(mixed, c.item).colour == tintOf({10, 20, 200}, 1));
            if (live) CHECK(mixed.item(c.item)->artwork()->combined()->parts[0].fill.colour == tintOf({10, 20, 200}, 1));
        }
    }
    SECTION("pieces of a split keep it")
    {
        const Taken t = withSplit(d, {a, b});
        REQUIRE(t.items.size() >= 3);
        int inked = 0;
        for (const Id id : t.items) inked += fillOfItem(t.document, id).ink.ink == kiln.id;
        CHECK(inked >= 1);
    }
    SECTION("a line becomes a shape in the line's ink")
    {
        d = withPaint(d, {b}, paintOf(d, {kiln.id, -2}), Part::line);
        const Document shapes = withLinesAsShapes(d, {b});
        bool found = false;
        for (const LayerPtr& l : shapes.layers)
            for (const ItemPtr& i : l->items) found = found || (i->artwork() && i->artwork()->fill.ink == InkUse{kiln.id, -2});
        CHECK(found);
    }
    SECTION("a gradient is mirrored with its shape")
    {
        d = withGradient(d, {a}, Gradient::Kind::linear, {10, 20}, {60, 40}, {{0, {1, 2, 3}, 1, {}}, {1, {200, 1, 1}, 1, {}}});
        const Taken t = withMirroredCopies(d, {a}, mirror::Axis{{200, 0}, curve::pi / 2});
        REQUIRE(t.items.size() == 1);
        const Gradient& g = *fillOfItem(t.document, t.items.front()).gradient;
        CHECK(distance(gradientStart(g), {390, 20}) < 1e-9);
        CHECK(distance(gradientEnd(g), {340, 40}) < 1e-9);
        // On a mirrored layer the other half has it too.
        const Document mirrored = withMirror(d, d.layers.back()->id, mirror::Axis{{200, 0}, curve::pi / 2});
        bool other = false;
        for (const ItemPtr& i : mirroredItems(*mirrored.layers.back()))
            other = other || (i->artwork()->fill.gradient && distance(gradientStart(*i->artwork()->fill.gradient), {390, 20}) < 1e-9);
        CHECK(other);
    }
    SECTION("copies are of the same ink, sized ones keep their gradient in place")
    {
        d = withGradient(d, {a}, Gradient::Kind::radial, {50, 50}, {100, 50}, {{0, {1, 2, 3}, 1, {kiln.id, 0}}, {1, {200, 1, 1}, 1, {}}});
        const Taken c = withCopies(d, {a});
        const Document sized = art::transformed(c.document, c.items, curve::scaling(2, 0.5));
        const Gradient& g = *fillOfItem(sized, c.items.front()).gradient;
        CHECK(gradientStart(g) == Vec2{100, 25});
        CHECK(g.place * Vec2{0, 1} == Vec2{100, 50});
        CHECK_FALSE(*fillOfItem(withInkColour(sized, kiln.id, {7, 7, 7}), c.items.front()).gradient == g);
    }
}

TEST_CASE("areas under lines leave out what pictures gave: live tones, facets, drops")
{
    Id ring = 0;
    Document d = withPath(newDocument(), curve::circle({200, 200}, 100), {}, &ring);
    const std::size_t before = drawnLines(d).paths.size();
    tone::Mesh mesh;
    mesh.points = {{0, 0}, {100, 0}, {0, 100}};
    mesh.faces = {{0, 1, 2}};
    mesh.colours = {{9, 9, 9, 255}};
    d = withMesh(d, mesh, 0, false).document;
    planar::BuildOptions o;
    const planar::MapPtr map = planar::build(drawnLines(d).paths, o);
    d = withDrop(d, *map, drawnLines(d), {200, 200}, {Colour{1, 2, 3}, {}}).document;
    CHECK(drawnLines(d).paths.size() == before);
    CHECK(drawnLines(d).items == std::vector<Id>{ring});
    const Added areas = withAreasUnderLines(d, *map);
    CHECK(areas.document.layer(areas.id)->items.size() == 1);
}
