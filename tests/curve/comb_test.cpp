// Curvature made visible and countable, and lines that are bent more evenly.
#include "curve/comb.h"

#include "curve/figures.h"
#include "curve/reduce.h"
#include "strokes.h"

#include <catch2/catch.hpp>

using namespace softrope::curve;

TEST_CASE("the comb of a circle is as long everywhere as its radius says, and stands outside")
{
    const Vec2 centre{100, 80};
    const Path ring = circle(centre, 50);
    for (std::size_t k = 0; k < ring.pieceCount(); ++k) {
        const auto row = combOf(ring.piece(k), 2);
        CHECK(row.size() > 30);
        for (const Whisker& w : row) {
            CHECK(w.bend == Approx(1.0 / 50).epsilon(0.025)); // a cubic comes that near
            CHECK(dot(w.out, unit(w.at - centre)) == Approx(1).margin(0.01));
        }
    }
    CHECK(combOf(straight({0, 0}, {10, 0}), 1).empty());
}

TEST_CASE("inflections are counted where a path turns over, not at corners and straights")
{
    CHECK(inflectionsOf(circle({0, 0}, 40)).empty());
    Path ess;
    ess.nodes = {{{0, 0}, {0, 0}, {40, -40}, NodeKind::corner}, {{100, 0}, {60, 40}, {100, 0}, NodeKind::corner}};
    const auto found = inflectionsOf(ess);
    REQUIRE(found.size() == 1);
    CHECK(distance(found[0], {50, 0}) < 4); // it is looked for in steps
    CHECK(inflectionsOf(polyline({{0, 0}, {50, 20}, {100, 0}, {150, 30}}, false)).empty());
}

TEST_CASE("a lumpy arc becomes one bend within its slack, and corners, straights and ends stay")
{
    // A half circle whose nodes were set by a shaky hand.
    Path lumpy;
    strokes::Random r(4);
    for (int k = 0; k <= 8; ++k) {
        const double a = pi * k / 8;
        const Vec2 at = direction(a) * (100 + r.between(-0.25, 0.25)), way = perpendicular(direction(a + r.between(-0.12, 0.12)));
        const double h = 100 * pi / 8 / 3;
        lumpy.nodes.push_back({at, at - way * h, at + way * h, k == 0 || k == 8 ? NodeKind::corner : NodeKind::smooth});
    }
    lumpy.nodes.front().in = lumpy.nodes.front().at;
    lumpy.nodes.back().out = lumpy.nodes.back().at;
    REQUIRE(inflectionsOf(lumpy).size() >= 1);
    const Fairer f = fairer(lumpy, 1);
    CHECK(f.before == inflectionsOf(lumpy).size());
    CHECK(f.after == 0);
    CHECK(inflectionsOf(f.path).empty());
    CHECK(f.furthest <= 1);
    CHECK(f.path.nodes.front().at == lumpy.nodes.front().at);
    CHECK(f.path.nodes.back().at == lumpy.nodes.back().at);
    // Asked again and again it settles instead of wandering.
    Path last = f.path;
    int presses = 0;
    for (; presses < 20; ++presses) {
        const Path next = fairer(last, 1).path;
        if (next == last) break;
        last = next;
    }
    CHECK(presses < 4);
    const Path box = polyline({{0, 0}, {100, 0}, {100, 60}, {0, 60}}, true);
    CHECK(fairer(box, 1).path == box);
    CHECK(fairer(Path{}, 1).path == Path{});
}
