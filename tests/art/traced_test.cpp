#include "art/traced.h"

#include "art/edits.h"

#include <catch2/catch.hpp>

using namespace softrope;
using namespace softrope::art;

TEST_CASE("traced lines come to the sheet with their widths scaled, dots and areas filled")
{
    trace::Lines l;
    trace::Stroke s;
    s.path = curve::polyline({{10, 10}, {50, 10}}, false);
    s.width = 4;
    s.roundEnds = false;
    for (int i = 0; i <= 20; ++i) s.widths.push_back(2 + 0.2 * i);
    l.strokes = {s};
    l.dots = {curve::circle({80, 80}, 3)};
    l.areas = {{curve::rectangle({0, 0}, {5, 5}), curve::rectangle({1, 1}, {2, 2})}};
    const curve::Affine twice = curve::scaling(2, 2);
    const Colour ink{1, 2, 3};
    const auto items = itemsOf(l, twice, ink);
    REQUIRE(items.size() == 3);
    const Artwork &area = *items[0].artwork(), &line = *items[1].artwork(), &dot = *items[2].artwork();
    CHECK(area.paths.size() == 2);
    CHECK(area.fill.colour == ink);
    CHECK(line.stroke.width == 8);
    CHECK(line.stroke.cap == Cap::flat);
    CHECK(line.stroke.colour == ink);
    CHECK_FALSE(line.stroke.swell);
    CHECK(line.paths[0].nodes[1].at == curve::Vec2{100, 20});
    CHECK(dot.fill.colour == ink);
    // With swell, the width follows what was measured.
    const auto swelled = itemsOf(l, twice, ink, true);
    const auto& swell = swelled[1].artwork()->stroke.swell;
    REQUIRE(swell);
    CHECK(8 * curve::widthAt(*swell, 0) == Approx(4).margin(0.8));
    CHECK(8 * curve::widthAt(*swell, 1) == Approx(12).margin(1.2));
}

TEST_CASE("items land on their layer with ids of their own, and on no layer not at all")
{
    Document d = newDocument();
    const Id layer = d.layers[0]->id, next = d.nextId;
    trace::Outline o;
    o.silhouettes = {{{curve::circle({5, 5}, 4)}}, {{curve::circle({50, 50}, 4)}}};
    const Taken landed = withItems(d, layer, itemsOf(o, {}, {}));
    CHECK(landed.items == std::vector<Id>{next, next + 1});
    CHECK(landed.document.nextId == next + 2);
    CHECK(landed.document.layers[0]->items.size() == 2);
    CHECK(withItems(d, 9999, itemsOf(o, {}, {})).items.empty());
}
