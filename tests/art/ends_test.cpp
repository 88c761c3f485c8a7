// Open ends that count, and what lines that end on others close.
#include "art/areas.h"
#include "art/edits.h"
#include "art/ends.h"
#include "art/trim.h"
#include "planar/build.h"

#include <catch2/catch.hpp>

using namespace softrope;
using namespace softrope::art;
using curve::Vec2;

namespace {

Added drawn(const Document& d, std::vector<Vec2> points, double width = 6)
{
    Item i;
    Artwork a;
    a.setPaths({curve::polyline(std::move(points), false)});
    a.stroke.colour = Colour{0, 0, 0};
    a.stroke.width = width;
    i.is = a;
    return withItem(d, d.layers.front()->id, i);
}

} // namespace

TEST_CASE("an end on another line within half its width is no open end, one beside another end is")
{
    Added a = drawn(newDocument(), {{0, 0}, {100, 0}});
    CHECK(openEnds(a.document).size() == 2);
    // Down onto the middle of the first, 2 px short of its centre: half of 6 px is 3.
    Added b = drawn(a.document, {{50, 80}, {50, 2}});
    CHECK(openEnds(b.document).size() == 3);
    REQUIRE(endsOnLines(b.document).size() == 1);
    CHECK(endsOnLines(b.document)[0].foot == Vec2{50, 0});
    // 4 px off it is a gap.
    CHECK(openEnds(drawn(a.document, {{50, 80}, {50, 4}}).document).size() == 4);
    // Two ends side by side are still two that may want joining.
    CHECK(openEnds(drawn(a.document, {{101, 1}, {150, 60}}).document).size() == 4);
    // On its own further stretch: a six.
    CHECK(openEnds(drawn(newDocument(), {{0, 0}, {100, 0}, {100, 50}, {40, 50}, {40, 1}}).document).size() == 1);
    // Said to be meant, with the line.
    const Document meant = withItemChanged(a.document, a.id, [](Item& i) { std::get<Artwork>(i.is).openMeant = true; });
    CHECK(openEnds(meant).empty());
    CHECK(allEnds(meant).size() == 2);
}

TEST_CASE("areas and trimming take a line that ends on another, within half its width, as meeting it")
{
    // Three sides, and a lid that ends 2.5 px short of both posts.
    Added posts = drawn(newDocument(), {{0, 0}, {0, 100}, {100, 100}, {100, 0}});
    const Document d = drawn(posts.document, {{2.5, 40}, {97.5, 40}}).document;
    planar::BuildOptions o;
    o.gap = 0.1;
    const planar::MapPtr map = planar::build(drawnLines(d).paths, o);
    REQUIRE(map->areas().size() == 1);
    CHECK(map->faces()[static_cast<std::size_t>(map->areas()[0])].area == Approx(100 * 60).epsilon(0.001));
    CHECK(planar::build(linesAsDrawn(d).paths, o)->areas().empty());
    // The stub above the lid goes up to it, not to the next real crossing.
    const auto stub = stretchAt(d, posts.id, {0, 10});
    REQUIRE(stub);
    CHECK_FALSE(stub->whole);
    CHECK(curve::arcLength(stub->shown) == Approx(40).margin(0.05));
    const Document cut = withoutStretch(d, *stub);
    CHECK(cut.item(posts.id)->artwork()->paths[0].nodes.front().at.y == Approx(40).margin(0.02));
}

TEST_CASE("a piece between two nodes is taken out: a circle loses a quarter and stays open there")
{
    Item i;
    Artwork a;
    a.setPaths({curve::circle({50, 50}, 40)});
    i.is = a;
    const Document start = newDocument();
    const Added round = withItem(start, start.layers.front()->id, i);
    REQUIRE(round.document.item(round.id)->artwork()->paths[0].pieceCount() == 4);
    const Edited open = withoutPiece(round.document, round.id, 0, 1);
    REQUIRE(open.done());
    const curve::Path& p = open.document.item(round.id)->artwork()->paths[0];
    CHECK_FALSE(p.closed);
    CHECK(p.pieceCount() == 3);
    CHECK(curve::arcLength(p) == Approx(0.75 * 2 * curve::pi * 40).epsilon(0.001));
    CHECK(openEnds(open.document).size() == 2);
    CHECK_FALSE(withoutPiece(round.document, round.id, 0, 9).done());
    const Document locked = withTraits(round.document, {round.id}, {.locked = true});
    CHECK(withoutPiece(locked, round.id, 0, 1).why == Refusal::locked);
}
