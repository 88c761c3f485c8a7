// The acts of the Build step on a document that nests: trim, join, offset, mirror, areas, aligning.
#include "art/pieces.h"

#include "mirror/axis.h"

using namespace pieces;

namespace {

double sizeOf(const Item& i)
{
    double sum = 0;
    for (const curve::Path& p : i.artwork()->paths) sum += curve::area(p);
    return std::abs(sum);
}
// The drawing with that thing in a group of its own with a square far off.
struct Grouped {
    Document d;
    Id thing = 0, group = 0;
};
Grouped inGroup(const Document& from, Id thing)
{
    const Added far = withItem(from, 0, square({900, 900}, 20));
    const Added g = withGroup(far.document, {thing, far.id});
    return {g.document, thing, g.id};
}

} // namespace

// -- trim -------------------------------------------------------------------------------------------------------------------------

TEST_CASE("a stub goes up to its crossing, a middle leaves two lines, in a group as on a layer")
{
    Document d = newDocument();
    const Added across = withItem(d, 0, line({{0, 50}, {100, 50}})), down = withItem(across.document, 0, line({{30, 0}, {30, 100}})),
                other = withItem(down.document, 0, line({{70, 0}, {70, 100}}));
    for (const bool grouped : {false, true}) {
        const Grouped g = grouped ? inGroup(other.document, across.id) : Grouped{other.document, across.id, 0};
        const auto stub = stretchAt(g.d, across.id, {10, 50});
        REQUIRE(stub);
        const Document trimmed = withoutStretch(g.d, *stub);
        CHECK(trimmed.item(across.id)->artwork()->paths[0].nodes.front().at.x == Approx(30).margin(0.02));
        const auto middle = stretchAt(g.d, across.id, {50, 50});
        REQUIRE(middle);
        CHECK(curve::arcLength(middle->shown) == Approx(40).margin(0.05));
        const Document two = withoutStretch(g.d, *middle);
        CHECK(allEnds(two).size() == allEnds(g.d).size() + 2);
        // The one that is new lies right above the other, wherever that lies.
        const Item* parent = two.parentOf(across.id);
        CHECK((parent != nullptr) == grouped);
        const std::vector<ItemPtr>& list = parent ? childrenOf(*parent) : two.layers[0]->items;
        const auto at = std::find_if(list.begin(), list.end(), [&](const ItemPtr& i) { return i->id == across.id; });
        REQUIRE(list.end() - at >= 2);
        CHECK(curve::arcLength((*at)->artwork()->paths[0]) == Approx(30).margin(0.05));
        CHECK(curve::arcLength((*(at + 1))->artwork()->paths[0]) == Approx(30).margin(0.05));
        CHECK((*(at + 1))->artwork()->stroke == (*at)->artwork()->stroke);
        CHECK(two.layers[0]->items.size() == g.d.layers[0]->items.size() + (grouped ? 0 : 1));
    }
    // Both crossings on one straight of a closed outline: what lies between them goes, no more.
    const Added box = withItem(newDocument(), 0, line({{0, 0}, {100, 0}, {100, 80}, {0, 80}}, true)),
                left = withItem(box.document, 0, line({{30, -20}, {30, 20}})), right = withItem(left.document, 0, line({{70, -20}, {70, 20}}));
    const auto gap = stretchAt(right.document, box.id, {50, 0});
    REQUIRE(gap);
    const Document opened = withoutStretch(right.document, *gap);
    const curve::Path& rest = opened.item(box.id)->artwork()->paths[0];
    CHECK(curve::arcLength(rest) == Approx(320).margin(0.05));
    CHECK(rest.nodes.front().at.x == Approx(70).margin(0.02));
    CHECK(rest.nodes.back().at.x == Approx(30).margin(0.02));
    // Locked, nothing goes, and why is said.
    const Document held = withTraits(other.document, {across.id}, {.locked = true});
    const auto stub = stretchAt(held, across.id, {10, 50});
    REQUIRE(stub);
    const Edited e = withoutStretch(held, *stub);
    CHECK(e.why == Refusal::locked);
    CHECK(e.document == held);
}

TEST_CASE("what lies inside an outline of two rings stays, once, when one of them is trimmed open")
{
    Item rings = shapeOf({curve::rectangle({0, 0}, {100, 100}), curve::rectangle({200, 0}, {300, 100})});
    rings.name = "Rings";
    const Added two = withItem(newDocument(), 0, rings), shade = withItem(two.document, 0, square({20, 20}, 30)),
                across = withItem(shade.document, 0, line({{230, -20}, {230, 20}})), other = withItem(across.document, 0, line({{270, -20}, {270, 20}}));
    const Document d = moved(other.document, {shade.id}, {.layer = 0, .parent = two.id});
    REQUIRE(d.item(two.id)->artwork()->inside.size() == 1);
    const auto gap = stretchAt(d, two.id, {250, 0});
    REQUIRE(gap);
    const Document out = withoutStretch(d, *gap);
    CHECK(out.layers[0]->items.size() == 4);
    CHECK(out.item(two.id)->artwork()->inside.size() == 1);
    CHECK(out.parentOf(shade.id)->id == two.id);
    const Item& opened = *out.layers[0]->items[1];
    CHECK(opened.name == "Rings");
    CHECK(opened.artwork()->inside.empty());
    CHECK_FALSE(opened.artwork()->paths[0].closed);
    CHECK(curve::arcLength(opened.artwork()->paths[0]) == Approx(360).margin(0.05));
    CHECK(out.item(two.id)->artwork()->paths[0].closed);
}

TEST_CASE("a line that crosses nothing is one stretch: trimmed, it goes")
{
    const Added lone = withItem(newDocument(), 0, line({{0, 0}, {100, 0}}));
    const auto all = stretchAt(lone.document, lone.id, {50, 0});
    REQUIRE(all);
    CHECK(all->whole);
    CHECK_FALSE(withoutStretch(lone.document, *all).document.item(lone.id));
    CHECK_FALSE(stretchAt(lone.document, 4711, {0, 0}));
}

// -- join -------------------------------------------------------------------------------------------------------------------------

TEST_CASE("all ends within the tolerance join, nearest first, across groups, locked ones are passed over")
{
    Document d = newDocument();
    const Added a = withItem(d, 0, line({{0, 0}, {100, 0}})), b = withItem(a.document, 0, line({{102, 0}, {200, 0}})),
                c = withItem(b.document, 0, line({{203, 1}, {300, 0}}));
    CHECK(endPairCount(c.document, 4) == 2);
    const Joined all = withAllEndsJoined(c.document, 4);
    CHECK(all.pairs == 2);
    CHECK(openEnds(all.document).size() == 2);
    const Grouped g = inGroup(c.document, b.id);
    CHECK(withAllEndsJoined(g.d, 4).pairs == 2);
    const Document held = withTraits(c.document, {c.id}, {.locked = true});
    CHECK(withAllEndsJoined(held, 4).pairs == 1);
    CHECK(withAllEndsJoined(c.document, 1).document == c.document);
}

// -- offset -----------------------------------------------------------------------------------------------------------------------

TEST_CASE("offsets of a circle and a square have the handbook areas, too far in, nothing is left")
{
    // Steiner: A + P d + pi d^2 outwards with round corners; mitred, a square stays a square.
    const double r = 60, side = 100;
    for (const double by : {5.0, 20.0, -15.0}) {
        double sum = 0;
        for (const curve::Path& p : offset({curve::circle({0, 0}, r)}, by, false)) sum += curve::area(p);
        CHECK(std::abs(sum) == Approx(curve::pi * (r + by) * (r + by)).epsilon(2e-3));
    }
    double round = 0, mitred = 0;
    for (const curve::Path& p : offset({curve::rectangle({0, 0}, {side, side})}, 10, false)) round += curve::area(p);
    for (const curve::Path& p : offset({curve::rectangle({0, 0}, {side, side})}, 10, true)) mitred += curve::area(p);
    CHECK(std::abs(round) == Approx(side * side + 4 * side * 10 + curve::pi * 100).epsilon(2e-3));
    CHECK(std::abs(mitred) == Approx((side + 20) * (side + 20)).epsilon(2e-3));
    const Added s = withItem(newDocument(), 0, square({0, 0}, 40));
    CHECK(withOffset(s.document, s.id, -25, false).why == Refusal::doesNotFit);
    const Added out = withOffset(s.document, s.id, 5, true);
    CHECK(sizeOf(*out.document.item(out.id)) == Approx(2500).epsilon(2e-3));
    CHECK(out.document.item(s.id)->artwork()->paths == s.document.item(s.id)->artwork()->paths);
}

// -- mirror -----------------------------------------------------------------------------------------------------------------------

TEST_CASE("the other side of a layer holds groups and what lies inside areas")
{
    Three t;
    const Document in = moved(t.d, {t.b}, {.layer = 0, .parent = t.a});
    const Added g = withGroup(in, {t.a, t.c});
    const Document d = withMirror(g.document, t.layer, mirror::Axis{{0, 0}, curve::pi / 2});
    const auto other = mirroredItems(*d.layers[0]);
    REQUIRE(other.size() == 1);
    REQUIRE(other[0]->group());
    CHECK(bounds(*other[0]).max.x == Approx(0).margin(1e-9));
    CHECK(bounds(*other[0]).min.x == Approx(-500));
    REQUIRE(other[0]->group()->items[0]->artwork()->inside.size() == 1);
    // Enclosing counts on both sides.
    const std::size_t lines = drawnLines(d).paths.size();
    CHECK(lines == 2 * drawnLines(g.document).paths.size());
}

TEST_CASE("a weld makes halves whole in groups, keeps them with their ids beside, and mirrors what lies inside")
{
    Document d = newDocument();
    const Id layer = d.layers[0]->id;
    const Added half = withItem(d, layer, line({{500, 100}, {300, 200}, {500, 300}})), shade = withItem(half.document, layer, square({350, 180}, 60));
    Document in = moved(shade.document, {shade.id}, {.layer = 0, .parent = half.id});
    const Grouped g = inGroup(in, half.id);
    const Document mirrored = withMirror(g.d, layer, mirror::Axis{{500, 0}, curve::pi / 2});
    const Welded w = withWeld(mirrored, layer, 4);
    CHECK(w.seams == 2);
    const Artwork& whole = *w.document.item(half.id)->artwork();
    REQUIRE(whole.paths.size() == 1);
    CHECK(whole.paths[0].closed);
    CHECK(curve::bounds(whole.paths).centre().x == Approx(500));
    CHECK(whole.inside.size() == 2);
    CHECK(w.document.parentOf(half.id)->id == g.group);
    REQUIRE(w.document.layers.size() == 2);
    const Layer& kept = *w.document.layers[0];
    CHECK(kept.locked);
    CHECK_FALSE(kept.shown);
    CHECK(kept.mirror);
    std::vector<Id> ids = everyId(w.document);
    std::sort(ids.begin(), ids.end());
    CHECK(std::adjacent_find(ids.begin(), ids.end()) == ids.end());
    CHECK(withWeld(g.d, layer, 4).why == Refusal::doesNotFit);
    CHECK(withWeld(withLayer(mirrored, layer, [](Layer& l) { l.locked = true; }), layer, 4).why == Refusal::locked);
}

TEST_CASE("the axis of a drawing is found from its picture first, else from its lines")
{
    Document d = newDocument();
    for (const double side : {-1.0, 1.0})
        for (const Vec2 at : {Vec2{120, 200}, Vec2{200, 500}, Vec2{60, 760}})
            d = withItem(d, 0, shapeOf({curve::ellipse({540 + side * at.x, at.y}, 70, 40 + at.y / 20)})).document;
    const auto none = [](const Reference&) { return std::shared_ptr<const pixel::Picture>(); };
    const auto found = axesOf(d, none);
    REQUIRE_FALSE(found.empty());
    CHECK(std::abs(std::remainder(found[0].axis.angle - curve::pi / 2, curve::pi)) < curve::radians(1));
    CHECK(std::abs(mirror::offsetFrom(found[0].axis, {540, 500})) < 5);
    // What is hidden is not looked at, and things in groups are.
    std::vector<Id> all = everyId(d);
    const Added g = withGroup(d, all);
    CHECK_FALSE(axesOf(g.document, none).empty());
    CHECK(axesOf(withTraits(g.document, {g.id}, {.shown = false}), none).empty());
}

// -- areas ------------------------------------------------------------------------------------------------------------------------

TEST_CASE("areas come from lines in groups, not from shades inside areas, drops or worked out pieces")
{
    Document d = newDocument();
    const Id layer = d.layers[0]->id;
    const Added frame = withItem(d, layer, line({{0, 0}, {200, 0}, {200, 100}, {0, 100}}, true)),
                split = withItem(frame.document, layer, line({{100, -10}, {100, 110}}));
    const auto areas = [](const Document& doc) { return planar::build(drawnLines(doc).paths)->areas().size(); };
    CHECK(areas(split.document) == 2);
    CHECK(areas(inGroup(split.document, split.id).d) == 3); // with the square beside it
    CHECK(areas(withTraits(split.document, {split.id}, {.shown = false})) == 1);
    const Document inside = moved(split.document, {split.id}, {.layer = 0, .parent = frame.id});
    CHECK(areas(inside) == 1);
    // As shapes: largest first, under the lines, each reaching under its neighbours.
    const planar::MapPtr map = planar::build(drawnLines(split.document).paths);
    const Added under = withAreasUnderLines(split.document, *map);
    CHECK(under.document.layers[0]->id == under.id);
    REQUIRE(under.document.layers[0]->items.size() == 2);
    CHECK(under.document.layers[0]->items[0]->artwork()->fill.overlap > 0);
    CHECK(areaShapes(*map)[0].artwork()->fill.overlap == 0);
}

TEST_CASE("the lines a shape came from stay, become guides that are not delivered, or go")
{
    Three t;
    CHECK(withLeftover(t.d, {t.a}, Leftover::stay).document == t.d);
    const Document guides = withLeftover(t.d, {t.a, t.b}, Leftover::guides);
    CHECK(guides.item(t.a)->artwork()->guide);
    CHECK(openEnds(guides).size() == openEnds(t.d).size());
    CHECK_FALSE(withLeftover(t.d, {t.a}, Leftover::go).document.item(t.a));
}

// -- places -----------------------------------------------------------------------------------------------------------------------

TEST_CASE("groups are aligned and spread as one thing")
{
    Three t;
    const Added g = withGroup(t.d, {t.a, t.b}); // 300 wide
    const Document right = alignedToSheet(g.document, {g.id}, Side::right);
    CHECK(bounds(*right.item(t.b)).max.x == Approx(1080));
    CHECK(bounds(*right.item(t.a)).min.x == Approx(780)); // together
    const Document each = alignedToEachOther(g.document, {g.id, t.c}, Side::left);
    CHECK(bounds(*each.item(t.c)).min.x == Approx(0));
    const Added far = withItem(g.document, t.layer, square({900, 0}, 100));
    const Document spread = distributed(far.document, {g.id, t.c, far.id}, Along::across);
    CHECK(bounds(*spread.item(t.c)).min.x - bounds(*spread.item(g.id)).max.x == Approx(bounds(*spread.item(far.id)).min.x - bounds(*spread.item(t.c)).max.x));
    CHECK(distributed(g.document, {g.id, t.c}, Along::across).why == Refusal::tooFew);
    CHECK(alignedToSheet(withTraits(g.document, {g.id}, {.locked = true}), {g.id}, Side::top).why == Refusal::locked);
    CHECK(alignedToSheet(g.document, {4711}, Side::top).why == Refusal::nothingPicked);
}

// -- snapping ---------------------------------------------------------------------------------------------------------------------

TEST_CASE("things snap to what lies in groups and inside areas, not to what is hidden or being moved with its group")
{
    Three t;
    const Added g = withGroup(t.d, {t.a, t.b});
    SnapRequest r;
    r.point = {202, 2};
    CHECK(snapped(g.document, r).item == t.b);
    r.without = {g.id};
    CHECK(snapped(g.document, r).reason == SnapReason::none);
    r.without.clear();
    CHECK(snapped(withTraits(g.document, {g.id}, {.shown = false}), r).reason == SnapReason::none);
    // A crossing of two straights, where the two-point form has it.
    const Added one = withItem(newDocument(), 0, line({{0, 0}, {300, 100}})), two = withItem(one.document, 0, line({{0, 90}, {300, 10}}));
    r.point = {147, 52};
    r.toNodes = false;
    const Snap s = snapped(two.document, r);
    CHECK(s.reason == SnapReason::crossing);
    CHECK(distance(s.point, {150, 50}) < 1e-6);
}

TEST_CASE("what crosses the axis of a mirrored layer shows once: cut for the eye, whole in the document")
{
    Document d = newDocument();
    Item i;
    Artwork a;
    a.setPaths({curve::polyline({{400, 300}, {540, 300}}, false)});
    a.stroke.colour = Colour{0, 0, 0};
    i.is = a;
    const Added line = withItem(d, 0, i);
    const Id layer = line.document.layers.back()->id;
    const Document mirrored = withMirror(line.document, layer, mirror::Axis{{500, 0}, curve::pi / 2});
    const auto half = shownHalf(*mirrored.layers.back()), other = mirroredItems(*mirrored.layers.back());
    REQUIRE(half.size() == 1);
    REQUIRE(other.size() == 1);
    CHECK(curve::bounds(half.front()->artwork()->paths).max.x == Approx(500).margin(0.5));
    CHECK(curve::bounds(other.front()->artwork()->paths).min.x == Approx(500).margin(0.5));
    CHECK(curve::bounds(other.front()->artwork()->paths).max.x == Approx(600));
    CHECK(mirrored.item(line.id)->artwork()->paths == line.document.item(line.id)->artwork()->paths);
    // In a group too; a layer without a mirror shows what is there.
    const Added g = withGroup(mirrored, {line.id});
    CHECK(curve::bounds(shownHalf(*g.document.layers.back()).front()->group()->items->front()->artwork()->paths).max.x == Approx(500).margin(0.5));
    CHECK(shownHalf(*line.document.layers.back()).front().same(line.document.layers.back()->items.front()));
}
