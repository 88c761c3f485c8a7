// Colour drops follow the lines round them.
#include "art/drops.h"
#include "planar/planar.h"

#include <catch2/catch.hpp>

#include <cmath>

using namespace softrope;
using namespace softrope::art;
using curve::Vec2;

namespace {

struct Table {
    Document d = newDocument();
    double gap = 2;

    Id line(curve::Path p)
    {
        Item i;
        Artwork a;
        a.setPaths({std::move(p)});
        a.stroke.colour = Colour{0, 0, 0};
        i.is = std::move(a);
        const Added added = withItem(d, d.layers.back()->id, std::move(i));
        d = added.document;
        return added.id;
    }
    DrawnLines lines() const { return drawnLines(d); }
    planar::MapPtr map() const
    {
        planar::BuildOptions o;
        o.gap = gap;
        return planar::build(lines().paths, o);
    }
    Id drop(Vec2 at, Colour c = {200, 30, 30})
    {
        const Added a = withDrop(d, *map(), lines(), at, {c, {}});
        d = a.document;
        return a.id;
    }
    FollowedDrops follow()
    {
        const FollowedDrops f = withDropsFollowed(d, *map(), lines(), gap);
        d = f.document;
        return f;
    }
    double area(Id id) const
    {
        double sum = 0;
        for (const curve::Path& p : d.item(id)->artwork()->paths) sum += curve::area(p);
        return std::abs(sum);
    }
    void move(Id id, Vec2 by) { d = transformed(d, {id}, curve::translation(by)); }
    const Drop& recipe(Id id) const { return *d.item(id)->artwork()->drop(); }
};

curve::Path straight(Vec2 a, Vec2 b)
{
    return curve::polyline({a, b}, false);
}

} // namespace

TEST_CASE("a drop lies under the lines and over areas that were made under them")
{
    Table t;
    t.line(curve::rectangle({10, 10}, {90, 90}));
    t.d = withAreasUnderLines(t.d, *t.map()).document;
    const Id drop = t.drop({50, 50});
    REQUIRE(drop);
    REQUIRE(t.d.layers.size() == 3);
    CHECK(t.d.layers[1]->id == t.d.layerOf(drop)->id);
    CHECK(t.d.layers[2]->items.front()->artwork()->stroke.colour);
}

TEST_CASE("a drop fills the area it falls in, under the lines, and takes new paint in the same place")
{
    Table t;
    t.line(curve::circle({200, 200}, 100));
    const Id line = t.line(straight({200, 60}, {200, 340}));
    const Id id = t.drop({150, 200});
    REQUIRE(id);
    CHECK(t.area(id) == Approx(curve::pi * 5000).epsilon(1e-3));
    CHECK(t.recipe(id).lines.size() == 2);
    CHECK(t.d.layerOf(id)->name == "Colour drops");
    CHECK(t.d.layers.front()->id == t.d.layerOf(id)->id); // below the lines
    CHECK(t.drop({160, 210}, {1, 2, 3}) == id);
    CHECK(*t.d.item(id)->artwork()->fill.colour == Colour{1, 2, 3});
    const Id other = t.drop({250, 200});
    CHECK(other != id);
    CHECK(t.d.layerOf(other) == t.d.layerOf(id));
    CHECK(t.drop({20, 20}) == 0); // nothing encloses this
    CHECK(dropAt(t.d, {150, 200}) == id);
    CHECK(dropAt(t.d, {20, 20}) == 0);
    // Drops are no lines themselves.
    CHECK(t.lines().items.size() == 2);
    CHECK(t.d.item(line));
}

TEST_CASE("the fill follows when lines move, a little or all the way")
{
    Table t;
    const Id circle = t.line(curve::circle({200, 200}, 100));
    const Id line = t.line(straight({200, 60}, {200, 340}));
    const Id left = t.drop({150, 200}), right = t.drop({250, 200});
    t.move(line, {40, 0});
    CHECK(t.follow().moved == 2);
    CHECK(t.area(left) + t.area(right) == Approx(curve::pi * 10000).epsilon(1e-3));
    // A segment of a circle beyond a chord at 0.4 of the radius: handbook.
    const double segment = 10000 * (std::acos(0.4) - 0.4 * std::sqrt(1 - 0.16));
    CHECK(t.area(right) == Approx(segment).epsilon(2e-3));
    // Beyond the seed of the left one: still the same two halves.
    t.move(line, {-110, 0});
    t.follow();
    CHECK(t.area(left) < t.area(right));
    CHECK(curve::bounds(t.d.item(left)->artwork()->paths).centre().x < curve::bounds(t.d.item(right)->artwork()->paths).centre().x);
    // Everything far away: by the lines round it.
    for (const Id id : {circle, line}) t.move(id, {600, 300});
    t.follow();
    CHECK(t.area(left) + t.area(right) == Approx(curve::pi * 10000).epsilon(1e-3));
    CHECK(curve::bounds(t.d.item(left)->artwork()->paths).min.x == Approx(700).margin(1));
    CHECK(t.follow().moved == 0);
}

TEST_CASE("a drop whose area opens stays, and says where it leaks, and closed again it follows again")
{
    Table t;
    const Id box = t.line(curve::polyline({{0, 0}, {300, 0}, {300, 100}, {0, 100}}, true));
    const Id wall = t.line(straight({100, 0}, {100, 100}));
    CHECK(box != wall);
    const Id id = t.drop({50, 50});
    const double before = t.area(id);
    // The wall comes off the ceiling by more than the gap that counts as closed.
    t.d = withPaths(t.d, wall, {straight({100, 20}, {100, 100})});
    const FollowedDrops opened = t.follow();
    CHECK(opened.opened == 1);
    CHECK(t.area(id) == Approx(before));
    REQUIRE(t.recipe(id).leaks.size() >= 1);
    CHECK(distance(t.recipe(id).leaks[0], {100, 10}) < 4);
    CHECK(leaks(t.d).size() == t.recipe(id).leaks.size());
    CHECK(t.follow().opened == 0); // told once
    // A gap within the tolerance closes it.
    t.d = withPaths(t.d, wall, {straight({110, 1.5}, {110, 100})});
    const FollowedDrops closed = t.follow();
    CHECK(closed.closed == 1);
    CHECK(t.recipe(id).leaks.empty());
    CHECK(t.area(id) == Approx(11000).epsilon(0.01));
    // The wall gone altogether.
    t.d = withoutItems(t.d, {wall});
    CHECK(t.follow().opened == 1);
    CHECK(t.area(id) == Approx(11000).epsilon(0.01));
}

TEST_CASE("an outline that opens to the outside leaks there, a new line across takes its part")
{
    Table t;
    const Id ring = t.line(curve::circle({200, 200}, 100));
    const Id id = t.drop({200, 200});
    const Id cut = t.line(straight({80, 230}, {320, 230}));
    CHECK(t.follow().opened == 0);
    CHECK(t.area(id) < curve::pi * 10000);
    CHECK(t.area(id) > 0.5 * curve::pi * 10000); // the part its seed lies in
    t.d = withoutItems(t.d, {cut});
    t.follow();
    // The line went and the area grew: it stays as it is, open along the line that went.
    CHECK_FALSE(t.recipe(id).leaks.empty());
    CHECK(t.recipe(id).leaks[0].y == Approx(230).margin(2));
    // Dropped on again, it takes what is there.
    t.d = withSet(t.d, {id});
    CHECK_FALSE(t.d.item(id)->artwork()->drop());
    CHECK(leaks(t.d).empty());
    t.d = withoutItems(t.d, {id});
    const Id again = t.drop({200, 200});
    curve::Path open = t.d.item(ring)->artwork()->paths[0];
    open.closed = false;
    t.d = withPaths(t.d, ring, {open});
    CHECK(t.follow().opened == 1);
    CHECK(t.area(again) == Approx(curve::pi * 10000).epsilon(1e-3));
}

TEST_CASE("two areas round the same two lines are told apart")
{
    Table t;
    const Id a = t.line(curve::circle({200, 200}, 100)), b = t.line(curve::circle({300, 200}, 100));
    const Id lens = t.drop({250, 200}), left = t.drop({140, 200}), right = t.drop({360, 200});
    for (const Id id : {a, b}) t.move(id, {0, 15});
    t.follow();
    for (const Id id : {a, b}) t.move(id, {400, 0});
    t.follow();
    // Lens of two circles of radius 100 at distance 100: handbook.
    const double lensArea = 2 * 10000 * std::acos(0.5) - 50 * std::sqrt(4 * 10000 - 10000.0);
    CHECK(t.area(lens) == Approx(lensArea).epsilon(2e-3));
    CHECK(t.area(left) == Approx(curve::pi * 10000 - lensArea).epsilon(2e-3));
    CHECK(t.area(right) == Approx(t.area(left)).epsilon(1e-3));
}

TEST_CASE("drops without any line, and edits on a drop")
{
    Table t;
    const Id ring = t.line(curve::circle({200, 200}, 100));
    const Id id = t.drop({200, 200});
    t.d = withoutItems(t.d, {ring});
    CHECK(t.follow().opened == 1);
    CHECK(t.area(id) > 0);
    // Its paths edited by hand: a plain shape.
    t.d = withPaths(t.d, id, {curve::circle({50, 50}, 10)});
    CHECK_FALSE(t.d.item(id)->artwork()->drop());
    CHECK(t.follow().moved == 0);
}

TEST_CASE("where the line between two colours is deleted one of them may flow on, and both are back when the line is")
{
    Table t;
    t.line(curve::polyline({{0, 0}, {300, 0}, {300, 100}, {0, 100}}, true));
    const Id wall = t.line(straight({100, 0}, {100, 100}));
    const Id small = t.drop({50, 50}), large = t.drop({200, 50}, {30, 30, 200});
    const Document before = t.d;
    t.d = withoutItems(t.d, {wall});
    // Not asked to: both stay, and it is said that a line had parted them.
    const FollowedDrops stays = withDropsFollowed(t.d, *t.map(), t.lines(), t.gap);
    CHECK(stays.opened == 2);
    CHECK(stays.parted == 2);
    const FollowedDrops flows = withDropsFollowed(t.d, *t.map(), t.lines(), t.gap, true);
    CHECK(flows.opened == 0);
    CHECK(leaks(flows.document).empty());
    const auto areaIn = [&](const Document& d, Id id) {
        double sum = 0;
        for (const curve::Path& p : d.item(id)->artwork()->paths) sum += curve::area(p);
        return std::abs(sum);
    };
    CHECK(areaIn(flows.document, large) == Approx(30000).epsilon(1e-6)); // the one on top
    CHECK(areaIn(flows.document, small) == Approx(10000).epsilon(1e-6));
    CHECK(withDropsFollowed(flows.document, *t.map(), t.lines(), t.gap, true).moved == 0);
    // Asked only later, when they are open already.
    const FollowedDrops later = withDropsFollowed(stays.document, *t.map(), t.lines(), t.gap, true);
    CHECK(areaIn(later.document, large) == Approx(30000).epsilon(1e-6));
    CHECK(later.closed >= 1);
    // A line there again: two areas, two colours.
    t.d = flows.document;
    t.line(straight({100, 0}, {100, 100}));
    t.follow();
    CHECK(t.area(small) == Approx(10000).epsilon(1e-6));
    CHECK(t.area(large) == Approx(20000).epsilon(1e-6));
    CHECK(before.item(small)->artwork()->fill == t.d.item(small)->artwork()->fill);
    // A wall that only leaks is not gone: nothing flows through it.
    t.d = before;
    t.d = withPaths(t.d, wall, {straight({100, 20}, {100, 100})});
    const FollowedDrops leaking = withDropsFollowed(t.d, *t.map(), t.lines(), t.gap, true);
    CHECK(leaking.opened == 2);
    CHECK(leaking.parted == 0);
}
