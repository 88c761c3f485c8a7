// Repeats against trigonometry, and all following one.
#include "art/repeat.h"

#include "art/followers.h"
#include "art/lights.h"
#include "art/live.h"
#include "art/mirrored.h"
#include "art/pieces.h"
#include "art/shades.h"
#include "curve/curve.h"

#include <cmath>
#include <set>

using namespace pieces;
using curve::Affine;
using curve::Box;

namespace {

constexpr double pi = curve::pi;

// A square of 40 px, its middle 200 px to the right of (500, 400).
struct Wreath {
    Document d = newDocument();
    Id square = 0, repeat = 0;
    explicit Wreath(Repeat r = {})
    {
        const Added s = withItem(d, d.layers.back()->id, pieces::square({680, 380}, 40));
        square = s.id;
        if (r.place == Affine{}) r.place = curve::translation({500, 400});
        const Added made = withRepeat(s.document, {square}, r);
        REQUIRE(made.id);
        d = made.document;
        repeat = made.id;
    }
    const Group& group() const { return *d.item(repeat)->group(); }
    std::size_t count() const { return group().items.size(); }
    const Item& at(std::size_t k) const { return *group().items[k]; }
    Vec2 middle(std::size_t k) const { return curve::bounds(at(k).artwork()->paths).centre(); }
    Vec2 corner(std::size_t k) const { return at(k).artwork()->paths->at(0).nodes[0].at; }
    void change(const std::function<void(Repeat&)>& act)
    {
        const Edited e = withRepeatChanged(d, repeat, act);
        REQUIRE(e.done());
        d = e;
    }
    void settle() { d = withRepeatsFollowed(d); }
};

Added lineFrom(const Document& d, const curve::Path& p)
{
    Item i;
    Artwork a;
    a.setPaths({p});
    a.stroke.colour = Colour{0, 0, 0};
    i.is = a;
    return withItem(d, d.layers.back()->id, i);
}

void near(Vec2 p, Vec2 q, double by = 1e-9)
{
    INFO(p.x << ", " << p.y << " against " << q.x << ", " << q.y);
    CHECK(distance(p, q) <= by);
}

} // namespace

TEST_CASE("copies lie round the centre where the cosine and sine of their share of the turn say, for every count")
{
    for (const int n : {2, 3, 5, 8, 12, 97, 360}) {
        Repeat r;
        r.count = n;
        const Wreath w(r);
        REQUIRE(w.count() == static_cast<std::size_t>(n));
        for (int k = 0; k < n; ++k) {
            const double a = 2 * pi * k / n;
            near(w.middle(static_cast<std::size_t>(k)), {500 + 200 * std::cos(a), 400 + 200 * std::sin(a)});
            // Its first corner lay 20 px up and to the left of the middle, and turns with it.
            const Vec2 c{500 + 180 * std::cos(a) + 20 * std::sin(a), 400 + 180 * std::sin(a) - 20 * std::cos(a)};
            near(w.corner(static_cast<std::size_t>(k)), c);
        }
        CHECK(radiusOf(*w.group().repeat(), w.at(0)) == Approx(200));
    }
}

TEST_CASE("part of a turn is shared from the first to the last, upright copies only move, every second one is mirrored")
{
    Repeat r;
    r.count = 4;
    r.angle = pi / 2;
    Wreath w(r);
    near(w.middle(3), {500, 600});
    near(w.middle(1), {500 + 200 * std::cos(pi / 6), 400 + 200 * std::sin(pi / 6)});
    w.change([](Repeat& x) { x.angle = -pi / 2; });
    near(w.middle(3), {500, 200});
    w.change([](Repeat& x) { x.upright = true; });
    for (std::size_t k = 0; k < 4; ++k) near(w.corner(k), w.middle(k) - Vec2{20, 20});
    w.change([](Repeat& x) {
        x.upright = false;
        x.alternate = true;
        x.angle = 2 * pi;
    });
    // The first corner of the second, mirrored across the ray: on the other side of it.
    near(w.corner(1), Vec2{500, 400} + curve::rotation(pi / 2) * Vec2{180, 20});
    CHECK(curve::area(w.at(1).artwork()->paths->at(0)) == Approx(-curve::area(w.at(0).artwork()->paths->at(0))));
    w.change([](Repeat& x) { x.count = 100000; });
    CHECK(w.count() == 360);
    w.change([](Repeat& x) {
        x.count = -4;
        x.angle = std::nan("");
    });
    CHECK(w.count() == 2);
    near(w.middle(1), {300, 400});
}

TEST_CASE("rows and columns lie their steps apart, staggered by half of one, along the axes of a turned group too")
{
    Repeat r;
    r.way = Repeat::Way::grid;
    r.columns = 4;
    r.rows = 3;
    r.step = {60, 50};
    r.stagger = true;
    Wreath w(r);
    REQUIRE(w.count() == 12);
    for (int row = 0; row < 3; ++row)
        for (int column = 0; column < 4; ++column)
            near(w.middle(static_cast<std::size_t>(row * 4 + column)), {700 + 60 * (column + (row == 1 ? 0.5 : 0)), 400 + 50.0 * row});
    const Affine turn = curve::about({100, 100}, curve::rotation(0.4) * curve::scaling(1.5, 1.5));
    const Vec2 was = w.middle(11);
    w.d = derived(transformed(w.d, {w.repeat}, turn), {});
    near(w.middle(11), turn * was, 1e-7);
    w.change([](Repeat& x) { x.columns = 5; });
    near(w.middle(4), turn * Vec2{700 + 240, 400}, 1e-7);
}

TEST_CASE("copies stand evenly along a line by its length, turned with it, follow it when it is changed and outlive it")
{
    // A quarter of a circle of radius 300 round (200, 700), from (500, 700) to (200, 400).
    const double k = 4.0 / 3 * (std::sqrt(2.0) - 1) * 300;
    curve::Path arc;
    arc.nodes = {{{500, 700}, {500, 700}, {500, 700 - k}}, {{200, 400}, {200 + k, 400}, {200, 400}}};
    Document d = newDocument();
    const Added line = lineFrom(d, arc);
    const Added s = withItem(line.document, line.document.layers.back()->id, square({0, 0}, 20));
    Repeat r;
    r.way = Repeat::Way::along;
    r.line = line.id;
    r.count = 7;
    const Added made = withRepeat(s.document, {s.id}, r);
    REQUIRE(made.id);
    d = made.document;
    const auto middle = [&](std::size_t n) { return curve::bounds(d.item(made.id)->group()->items[n]->artwork()->paths).centre(); };
    // A cubic is that close to the circle (radial error 0.027 %, Goldapp 1991); its length within 0.05 px.
    for (std::size_t n = 0; n < 7; ++n) {
        const double a = -pi / 2 * static_cast<double>(n) / 6;
        near(middle(n), Vec2{200, 700} + curve::direction(a) * 300, 0.2);
    }
    // Moved alone, it stands beside the line; the line moved, it goes along.
    d = derived(transformed(d, {made.id}, curve::translation({15, -5})), {});
    near(middle(3), Vec2{215, 695} + curve::direction(-pi / 4) * 300, 0.2);
    d = derived(transformed(d, {line.id}, curve::translation({100, 0})), {});
    near(middle(3), Vec2{315, 695} + curve::direction(-pi / 4) * 300, 0.2);
    near(middle(0), {615, 695}, 1e-6);
    // Both together: as if painted on one sheet.
    const Affine turn = curve::about({300, 300}, curve::rotation(1.1));
    const Vec2 was = middle(5);
    d = derived(transformed(d, {line.id, made.id}, turn), {});
    near(middle(5), turn * was, 1e-6);
    const Document there = d;
    d = derived(withoutItems(d, {line.id}), {});
    near(middle(5), turn * was, 1e-6);
    CHECK(d.item(made.id)->group()->repeat());
    // Closed, there is none at the seam twice.
    d = derived(withPaths(there, line.id, {curve::circle({500, 500}, 100)}).document, {});
    CHECK(distance(middle(0), middle(6)) > 50);
    // Not along itself, nor along nothing.
    r.line = s.id;
    CHECK_FALSE(withRepeat(s.document, {s.id}, r).id);
    r.line = 9999;
    CHECK_FALSE(withRepeat(s.document, {s.id}, r).id);
}

TEST_CASE("whichever is changed by hand, all follow: moved, painted, redrawn, put inside")
{
    Wreath w;
    const auto all = [&](const std::function<void(std::size_t)>& check) {
        for (std::size_t k = 0; k < w.count(); ++k) check(k);
    };
    const auto on = [&](std::size_t k, double radius) {
        near(w.middle(k), Vec2{500, 400} + curve::direction(2 * pi * static_cast<double>(k) / 8) * radius, 1e-7);
    };
    // The third is pulled outward by 50 px.
    w.d = derived(transformed(w.d, {w.at(2).id}, curve::translation({0, 50})), {});
    all([&](std::size_t k) { on(k, 250); });
    const std::vector<ItemPtr> before = w.group().items;
    w.d = derived(withPaint(w.d, {w.at(5).id}, {Colour{1, 2, 3}, {}}, Part::area), {});
    all([&](std::size_t k) {
        CHECK(w.at(k).artwork()->fill.colour == Colour{1, 2, 3});
        CHECK(w.at(k).id == before[k]->id);
        CHECK(w.at(k).artwork()->paths == before[k]->artwork()->paths);
    });
    // Redrawn: a node more.
    curve::Paths p = w.at(4).artwork()->paths;
    p[0].nodes.push_back({{260, 400}, {260, 400}, {260, 400}});
    w.d = derived(withPaths(w.d, w.at(4).id, p), {});
    all([&](std::size_t k) { CHECK(w.at(k).artwork()->paths->at(0).nodes.size() == 5); });
    near(w.at(0).artwork()->paths->at(0).nodes[4].at, {740, 400}, 1e-7);
    // Something inside the seventh is in all of them, each with an id of its own.
    const Added dot = withItem(w.d, w.d.layers.back()->id, shapeOf({curve::circle(w.middle(6), 5)}, {9, 9, 9}, "Dot"));
    w.d = derived(moved(dot.document, {dot.id}, {.layer = 0, .parent = w.at(6).id, .at = 0}), {});
    std::set<Id> ids;
    all([&](std::size_t k) {
        REQUIRE(w.at(k).artwork()->inside.size() == 1);
        CHECK(ids.insert(w.at(k).artwork()->inside[0]->id).second);
        near(curve::bounds(w.at(k).artwork()->inside[0]->artwork()->paths).centre(),
             Vec2{500, 400} + curve::direction(2 * pi * static_cast<double>(k) / 8) * 250, 1e-6);
    });
    CHECK(derived(w.d, {}) == w.d);
    // What is a copy's own stays its own.
    w.d = derived(withTraits(w.d, {w.at(3).id}, {.shown = false, .name = "Gap"}), {});
    w.d = derived(withRepeatRadius(w.d, w.repeat, 100), {});
    CHECK_FALSE(w.at(3).shown);
    CHECK(w.at(3).name == "Gap");
    CHECK(w.at(4).shown);
    on(7, 100);
}

TEST_CASE("a repeat is copied, pasted, grouped and repeated again with all in it, set, and ends when one is taken away")
{
    Wreath w;
    const Taken copies = withCopies(w.d, {w.repeat});
    const Document two = derived(transformed(copies.document, copies.items, curve::translation({0, 300})), {});
    const Group& other = *two.item(copies.items.front())->group();
    REQUIRE(other.repeat());
    CHECK(derived(two, {}) == two);
    near(curve::bounds(other.items[4]->artwork()->paths).centre(), {300, 700}, 1e-7);
    CHECK(bounds(two, {w.repeat}).centre().y == Approx(400));
    // A repeat of repeats: the inner one changed, all are.
    Repeat row;
    row.way = Repeat::Way::grid;
    row.columns = 3;
    row.rows = 1;
    row.step = {30, 0};
    const Added nested = withRepeat(w.d, {w.repeat}, row);
    REQUIRE(nested.id);
    Document d = withRepeatChanged(nested.document, w.repeat, [](Repeat& r) { r.count = 5; });
    const Group& outer = *d.item(nested.id)->group();
    REQUIRE(outer.items.size() == 3);
    for (const ItemPtr& i : outer.items) CHECK(i->group()->items.size() == 5);
    CHECK(derived(d, {}) == d);
    near(bounds(*outer.items[2]).centre() - bounds(*outer.items[0]).centre(), {60, 0}, 1e-6);
    // A copy of the inner one changed.
    d = derived(transformed(d, {outer.items[1]->group()->items[2]->id}, curve::translation({3, 4})), {});
    const Group& now = *d.item(nested.id)->group();
    near(curve::bounds(now.items[2]->group()->items[2]->artwork()->paths).centre() - curve::bounds(now.items[0]->group()->items[2]->artwork()->paths).centre(),
         {60, 0}, 1e-6);
    CHECK(derived(d, {}) == d);
    // Set, it is a group like any other; with one less, too.
    const Document set = withSet(w.d, {w.repeat});
    CHECK_FALSE(set.item(w.repeat)->group()->repeat());
    CHECK(set.item(w.repeat)->group()->items == w.group().items);
    const Document less = derived(withoutItems(w.d, {w.at(3).id}), {});
    CHECK_FALSE(less.item(w.repeat)->group()->repeat());
    CHECK(less.item(w.repeat)->group()->items.size() == 7);
}

TEST_CASE("in a repeat, shades keep to the light and all is still as one")
{
    Wreath w;
    w.d = derived(withPaths(w.d, w.square, {curve::circle({700, 400}, 30)}).document, {});
    Crescent k;
    k.width = 8;
    const Added look = withReadyLook(w.d, readyLooks[0]);
    const Taken shaded = withCrescents(look.document, {w.at(0).id}, k, look.id, "Shade");
    w.d = derived(shaded.document, {});
    for (std::size_t n = 0; n < w.count(); ++n) {
        REQUIRE(w.at(n).artwork()->inside.size() == 1);
        REQUIRE(w.at(n).artwork()->inside[0]->artwork()->crescent());
        // On the side of the light of each, not turned with it.
        const Vec2 side = curve::bounds(w.at(n).artwork()->inside[0]->artwork()->paths).centre() - w.middle(n);
        CHECK(dot(side, curve::direction(w.d.light.angle)) > 0);
    }
    CHECK(derived(w.d, {}) == w.d);
    Light l = w.d.light;
    l.angle += 1.3;
    w.d = derived(withLight(w.d, l), {});
    CHECK(derived(w.d, {}) == w.d);
    CHECK(w.group().repeat());
}

TEST_CASE("while things are held, what follows them is held as well, as it would be")
{
    Wreath w;
    const Followers f = followersIn(w.d);
    REQUIRE(f.all.size() == 1);
    const Item moved = transformed(w.at(3), curve::translation({10, 0}));
    const std::vector<ItemPtr> held = withFollowers(w.d, f, {shared(moved)});
    REQUIRE(held.size() == 1);
    CHECK(held[0]->id == w.repeat);
    CHECK(held[0]->group()->items.size() == w.count());
    near(curve::bounds(held[0]->group()->items[3]->artwork()->paths).centre(), w.middle(3) + Vec2{10, 0}, 1e-7);
    CHECK(distance(curve::bounds(held[0]->group()->items[5]->artwork()->paths).centre(), w.middle(5)) == Approx(10).margin(1e-6));
    // What nothing follows is held alone; so is the repeat itself.
    const Added other = withItem(w.d, w.d.layers.back()->id, square({0, 0}, 9));
    CHECK(withFollowers(other.document, f, {other.document.itemPtr(other.id)}).size() == 1);
    CHECK(withFollowers(w.d, f, {w.d.itemPtr(w.repeat)}).front()->id == w.repeat);
    // On a line, copies go along with it.
    const Added line = lineFrom(w.d, curve::polyline({{100, 900}, {900, 900}}, false));
    Repeat r;
    r.way = Repeat::Way::along;
    r.line = line.id;
    r.count = 4;
    const Added s = withItem(line.document, line.document.layers.back()->id, square({0, 0}, 20));
    const Added row = withRepeat(s.document, {s.id}, r);
    const Item lifted = transformed(*row.document.item(line.id), curve::translation({0, -50}));
    const std::vector<ItemPtr> both = withFollowers(row.document, followersIn(row.document), {shared(lifted)});
    REQUIRE(both.size() == 2);
    CHECK(bounds(*both[0]).centre().y == Approx(850));
}

TEST_CASE("mirrored and welded, a repeat is there on both sides, live on both")
{
    Wreath w;
    const Id layer = w.d.layerOf(w.repeat)->id;
    const mirror::Axis axis{{900, 0}, pi / 2};
    const Document on = withMirror(w.d, layer, axis);
    REQUIRE(mirroredItems(*on.layer(layer)).size() == 1);
    const Welded welded = withWeld(on, layer, 2);
    const Document d = derived(welded.document, {});
    std::vector<const Item*> repeats;
    eachItem(d, {false, true, true, true}, [&](const Item& i, const Where& at) {
        if (at.shown && i.group() && i.group()->repeat()) repeats.push_back(&i);
    });
    REQUIRE(repeats.size() == 2);
    for (const Item* r : repeats) CHECK(r->group()->items.size() == 8);
    CHECK(bounds(*repeats[0]).centre().x + bounds(*repeats[1]).centre().x == Approx(1800));
    const Document five = withRepeatChanged(d, repeats[1]->id, [](Repeat& r) { r.count = 5; });
    CHECK(five.item(repeats[1]->id)->group()->items.size() == 5);
    CHECK(five.item(repeats[0]->id)->group()->items.size() == 8);
}
