#include "art/edits.h"

#include "curve/curve.h"

#include <catch2/catch.hpp>

using namespace softrope;
using namespace softrope::art;

namespace {

Document withSquare(Id& id)
{
    Item i;
    Artwork a;
    a.setPaths({curve::polyline({{0, 0}, {100, 0}, {100, 100}, {0, 100}}, true)});
    a.stroke.colour = Colour{0, 0, 0};
    i.is = a;
    const Added added = withItem(newDocument(), 0, i);
    id = added.id;
    return added.document;
}

const Artwork& workOf(const Document& d, Id id)
{
    return *d.item(id)->artwork();
}

} // namespace

TEST_CASE("round corners stay live: another radius starts from the sharp corners, none gives them back")
{
    Id id = 0;
    const Document sharp = withSquare(id);
    const Rounded ten = withRoundCorners(sharp, id, {}, 10), thirty = withRoundCorners(ten.document, id, {}, 30);
    CHECK(ten.corners == 4);
    CHECK(cornerRadiusOf(workOf(thirty.document, id), {}) == 30);
    CHECK(std::abs(curve::area(workOf(thirty.document, id).paths[0])) == Approx(10000 - 4 * 900 * (1 - curve::pi / 4)).epsilon(1e-3));
    const Rounded none = withRoundCorners(thirty.document, id, {}, 0);
    CHECK(workOf(none.document, id).paths == workOf(sharp, id).paths);
    CHECK_FALSE(workOf(none.document, id).rounding());
}

TEST_CASE("one corner has a radius of its own, and is found again by its arc")
{
    Id id = 0;
    const Document square = withSquare(id);
    const Document d = withRoundCorners(square, id, {{0, 2}}, 20).document;
    REQUIRE(workOf(d, id).paths[0].nodes.size() == 5);
    CHECK(cornerRadiusOf(workOf(d, id), {}) == 20);
    std::size_t onArc = 0;
    for (std::size_t k = 0; k < 5; ++k)
        if (distance(workOf(d, id).paths[0].nodes[k].at, {100, 80}) < 1e-6) onArc = k;
    CHECK(cornerRadiusOf(workOf(d, id), {{0, onArc}}) == 20);
    const Document more = withRoundCorners(d, id, {{0, onArc}}, 35).document;
    CHECK(workOf(more, id).paths[0].nodes.size() == 5);
    CHECK(cornerRadiusOf(workOf(more, id), {}) == 35);
}

TEST_CASE("radii too large are said to be limited, and other edits end the rounding")
{
    Id id = 0;
    const Document square = withSquare(id);
    const Rounded r = withRoundCorners(square, id, {}, 400);
    CHECK(r.limited == 4);
    const Document moved = transformed(r.document, {id}, curve::scaling(2, 2));
    REQUIRE(workOf(moved, id).rounding());
    CHECK(cornerRadiusOf(workOf(moved, id), {}) == 800);
    const Document edited = withPaths(moved, id, {curve::circle({0, 0}, 5)});
    CHECK_FALSE(workOf(edited, id).rounding());
}

TEST_CASE("a line with a swell becomes a shape of the same outline")
{
    Item i;
    Artwork a;
    a.setPaths({curve::polyline({{0, 0}, {200, 0}}, false)});
    a.stroke.colour = Colour{10, 20, 30};
    a.stroke.width = 20;
    a.stroke.swell = curve::Swell{{{0, 0.5}, {1, 1}}, 0, 0};
    i.is = a;
    const Added added = withItem(newDocument(), 0, i);
    const curve::Paths outline = swelledOutlines(workOf(added.document, added.id));
    REQUIRE(outline.size() == 1);
    const Document shaped = withLinesAsShapes(added.document, {added.id});
    CHECK(workOf(shaped, added.id).paths == outline);
    CHECK(workOf(shaped, added.id).fill.colour == Colour{10, 20, 30});
    CHECK_FALSE(workOf(shaped, added.id).stroke.colour);
}
