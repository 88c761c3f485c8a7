// Parts used in a document: in its inks, turned and sized with it, brought up to date both ways.
#include "art/parts.h"

#include "art/pieces.h"

using namespace pieces;
using curve::Affine;

namespace {

// A part of one square in the ink Glass, its middle on the middle of a sheet of 60 px.
Document part(Colour c = {70, 140, 150}, double side = 60)
{
    Document d = newDocument({60, 60});
    d.title = "Bead";
    const Added glass = withInk(d, "Glass", c);
    const Added s = withItem(glass.document, 0, square({30 - side / 2, 30 - side / 2}, side));
    return withPaint(s.document, {s.id}, paintOf(s.document, {glass.id, 0}), Part::area);
}

Colour fillOf(const Document& d, Id use)
{
    return *d.item(use)->group()->items->front()->artwork()->fill.colour;
}

} // namespace

TEST_CASE("a part lies where it is put, its ink is that of the same name, and one mix recolours all its uses")
{
    Document d = newDocument();
    const Added own = withInk(d, "Glass", {200, 20, 20});
    const Id layer = own.document.layers.back()->id;
    Taken one = withPart(own.document, part(), "bead", {300, 400}, {layer});
    REQUIRE(one.items.size() == 1);
    const Taken two = withPart(one.document, part(), "bead", {500, 400}, {layer});
    CHECK(distance(bounds(two.document, one.items).centre(), {300, 400}) < 1e-9);
    CHECK(two.document.inks.size() == 1);
    CHECK(fillOf(two.document, one.items[0]) == Colour{200, 20, 20});
    const Document mixed = withInkColour(two.document, own.id, {1, 200, 1});
    for (const Id use : {one.items[0], two.items[0]}) CHECK(fillOf(mixed, use) == Colour{1, 200, 1});
    // In a group, inks by other numbers than in the part.
    const Added more = withInk(withInk(newDocument(), "A", {1, 1, 1}).document, "B", {2, 2, 2});
    const Taken other = withPart(more.document, part(), "bead", {0, 0}, {more.document.layers.back()->id});
    CHECK(other.document.item(other.items[0])->group()->items->front()->artwork()->fill.ink.ink == other.document.inks.back().id);
    CHECK(usesOf(mixed, "bead") == std::vector<Id>{one.items[0], two.items[0]});
    CHECK(mixed.item(one.items[0])->name == "Bead");
    // An ink it does not know comes along; nothing is made of nothing.
    CHECK(withPart(d, part(), "bead", {0, 0}, {layer}).document.inks.size() == 1);
    CHECK(withPart(d, newDocument(), "none", {0, 0}, {layer}).why == Refusal::doesNotFit);
}

TEST_CASE("brought up to its part, a use stays where and as it lies, and given to the part it is turned back")
{
    Document d = newDocument();
    const Taken one = withPart(d, part(), "bead", {300, 400}, {d.layers.back()->id});
    const Id use = one.items[0];
    const Affine m = curve::about({100, 100}, curve::rotation(0.7) * curve::scaling(2, 2));
    d = transformed(one.document, {use}, m);
    const Edited up = withUsesUpdated(d, {use}, part({70, 140, 150}, 30));
    REQUIRE(up.done());
    const Item& now = *up.document.item(use);
    CHECK(distance(curve::bounds(now.group()->items->front()->artwork()->paths).centre(), m * Vec2{300, 400}) < 1e-9);
    CHECK(std::abs(curve::area(now.group()->items->front()->artwork()->paths->at(0))) == Approx(4 * 30 * 30));
    CHECK(now.group()->use()->part == "bead");
    CHECK(up.document.inks == d.inks);
    // A hand's change goes the other way.
    const Document painted = withPaint(d, {d.item(use)->group()->items->front()->id}, {Colour{9, 9, 9}, {}}, Part::area);
    CHECK(painted.item(use)->group()->use());
    const Document back = partFromUse(painted, use);
    CHECK(back.sheet.width == Approx(60).margin(1));
    const Artwork& square = *back.layers[0]->items[0]->artwork();
    CHECK(square.fill.colour == Colour{9, 9, 9});
    CHECK(curve::bounds(square.paths).width() == Approx(60));
    CHECK(withUsesUpdated(d, {}, part()).why == Refusal::nothingPicked);
    // Set or ungrouped, it knows its part no more.
    CHECK(usesOf(withSet(d, {use}), "bead").empty());
}

TEST_CASE("a part is made of what is picked, on a sheet of its size, with its inks alone")
{
    Document d = newDocument();
    const Added glass = withInk(d, "Glass", {1, 2, 3}), other = withInk(glass.document, "Rust", {9, 2, 3});
    const Added a = withItem(other.document, 0, square({200, 300}, 50)), b = withItem(a.document, 0, square({260, 300}, 50));
    const Document painted = withPaint(b.document, {a.id}, paintOf(b.document, {glass.id, 0}), Part::area);
    const Document made = partFrom(painted, {a.id, b.id}, "Pair");
    CHECK(made.title == "Pair");
    CHECK(made.sheet.width == 110);
    CHECK(made.sheet.height == 50);
    REQUIRE(made.inks.size() == 1);
    CHECK(made.inks[0].name == "Glass");
    CHECK(distance(bounds(made).centre(), {55, 25}) < 1e-9);
}
