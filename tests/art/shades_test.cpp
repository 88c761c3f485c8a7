// Shades in a document: made, following their area and the light, worn looks, what ignores the light, and what is kept in a file.
#include "art/edits.h"
#include "art/inks.h"
#include "art/lights.h"
#include "art/live.h"
#include "art/looks.h"
#include "art/shades.h"
#include "art/tree.h"

#include <catch2/catch.hpp>

#include <cmath>

using namespace softrope;
using namespace softrope::art;
using curve::Vec2;

namespace {

double areaOf(const Item& i)
{
    double sum = 0;
    for (const curve::Path& p : i.artwork()->paths) sum += curve::area(p);
    return std::abs(sum);
}

struct Shelf {
    Document d = newDocument();
    Id disc = 0, other = 0;

    Shelf()
    {
        disc = area(curve::circle({300, 300}, 100), {40, 120, 110});
        other = area(curve::circle({600, 300}, 100), {180, 60, 40});
    }
    Id area(curve::Path p, Colour c)
    {
        Item i;
        Artwork a;
        a.setPaths({std::move(p)});
        a.fill.colour = c;
        a.stroke.colour.reset();
        i.is = std::move(a);
        const Added added = withItem(d, 0, std::move(i));
        d = added.document;
        return added.id;
    }
    const Item& shade(Id id) const { return *d.item(id); }
    std::vector<Id> crescents(const std::vector<Id>& areas, Crescent how = {}, Ready look = Ready::rim)
    {
        const Added l = withReadyLook(d, look);
        const Taken t = withCrescents(l.document, areas, how, l.id, "Edge light");
        d = t.document;
        return t.items;
    }
};

std::vector<Id> staleIds(const Document& d)
{
    std::vector<Id> out;
    for (const Shade& s : staleShades(d)) out.push_back(s.item->id);
    return out;
}

} // namespace

TEST_CASE("one act gives every picked area its own crescent, inside it, in the look")
{
    Shelf s;
    const auto made = s.crescents({s.disc, s.other});
    REQUIRE(made.size() == 2);
    CHECK(s.d.parentOf(made[0])->id == s.disc);
    CHECK(s.d.parentOf(made[1])->id == s.other);
    const Item& one = s.shade(made[0]);
    CHECK(one.blend == Blend::screen);
    CHECK(one.blur == 6);
    CHECK(one.look == s.d.looks.front().id);
    CHECK(*one.artwork()->fill.colour == warmOf(s.d.light));
    // The lens of two circles 12 px apart is what it lost (handbook).
    const double lens = 2e4 * std::acos(0.06) - 6 * std::sqrt(4e4 - 144);
    CHECK(areaOf(one) == Approx(curve::pi * 1e4 - lens).epsilon(3e-3));
    // The light comes from the upper left.
    CHECK(curve::bounds(one.artwork()->paths).centre().x < 300);
    CHECK(staleShades(s.d).empty());
    // Locked, a guide, not there: passed over and said.
    CHECK(withCrescents(withTraits(s.d, {s.disc}, {.locked = true}).document, {s.disc}, {}, 0, "x").why == Refusal::locked);
    CHECK(withCrescents(s.d, {424242}, {}, 0, "x").why == Refusal::nothingPicked);
}

TEST_CASE("crescents follow their area, the light, and what casts them, and set ones do not")
{
    Shelf s;
    const auto made = s.crescents({s.disc, s.other});
    const auto middle = [&](Id id) { return curve::bounds(s.shade(id).artwork()->paths).centre(); };
    // Moved with its area it stays the same crescent.
    const double before = areaOf(s.shade(made[0]));
    s.d = transformed(s.d, {s.disc}, curve::translation({0, 200}));
    CHECK(areaOf(s.shade(made[0])) == Approx(before));
    CHECK(middle(made[0]).y > 400);
    s.d = withShadesFollowed(s.d);
    CHECK(areaOf(s.shade(made[0])) == Approx(before).epsilon(1e-6));
    // Its area drawn anew: another crescent.
    s.d = withPaths(s.d, s.disc, {curve::rectangle({200, 400}, {400, 600})});
    CHECK(staleIds(s.d) == std::vector<Id>{made[0]});
    s.d = withShadesFollowed(s.d);
    const double k = 12 / std::sqrt(2.0);
    CHECK(areaOf(s.shade(made[0])) == Approx(2 * 200 * k - k * k).epsilon(1e-6));
    // The light turned.
    Light l = s.d.light;
    l.angle = 0;
    s.d = withShadesFollowed(withLight(s.d, l));
    CHECK(middle(made[1]).x > 600);
    CHECK(areaOf(s.shade(made[0])) == Approx(12 * 200).epsilon(1e-6));
    // Set, it is a shape that stays.
    s.d = withSet(s.d, {made[1]});
    l.angle = curve::pi;
    s.d = withShadesFollowed(withLight(s.d, l));
    CHECK(middle(made[1]).x > 600);
    CHECK(curve::bounds(s.shade(made[0]).artwork()->paths).max.x == Approx(212));
}

TEST_CASE("what one thing casts on another follows both, and stays when its source is gone")
{
    Shelf s;
    const Id post = s.area(curve::rectangle({560, 240}, {580, 300}), {0, 0, 0});
    Crescent c;
    c.kind = Crescent::Kind::cast;
    c.byLight = false;
    c.angle = curve::pi; // falls to the right
    c.width = 30;
    c.source = post;
    const Added look = withReadyLook(s.d, Ready::shadow);
    const Taken t = withCrescents(look.document, {s.other, post}, c, look.id, "Cast");
    REQUIRE(t.items.size() == 1); // nothing casts on itself
    s.d = t.document;
    CHECK(areaOf(s.shade(t.items[0])) == Approx(20 * 60));
    CHECK(curve::bounds(s.shade(t.items[0]).artwork()->paths).min.x == Approx(590));
    s.d = withShadesFollowed(transformed(s.d, {post}, curve::translation({10, 0})));
    CHECK(curve::bounds(s.shade(t.items[0]).artwork()->paths).min.x == Approx(600));
    // By the light it is the longer the lower that stands.
    s.d = withCrescentsChanged(s.d, t.items, [](Crescent& k) { k.byLight = true; });
    Light l = s.d.light;
    l.angle = curve::pi;
    l.height = 0.25;
    s.d = withShadesFollowed(withLight(s.d, l));
    CHECK(curve::bounds(s.shade(t.items[0]).artwork()->paths).min.x == Approx(570 + 45));
    const Document before = s.d;
    s.d = withShadesFollowed(withoutItems(s.d, {post}));
    CHECK(s.shade(t.items[0]).artwork()->paths == before.item(t.items[0])->artwork()->paths);
}

TEST_CASE("a look changed once changes everything that wears it, and what is changed by itself lets go")
{
    Shelf s;
    const auto made = s.crescents({s.disc, s.other});
    const Id look = s.d.looks.front().id;
    CHECK(wearersOf(s.d, look) == made);
    s.d = withLookChanged(s.d, look, [](NamedLook& l) {
        l.opacity = 0.3;
        l.blend = Blend::overlay;
    });
    for (const Id id : made) {
        CHECK(s.shade(id).opacity == 0.3);
        CHECK(s.shade(id).blend == Blend::overlay);
    }
    // Opacity never changes the mode; changed by hand, the thing is its own.
    s.d = withTraits(s.d, {made[0]}, {.opacity = 0.9});
    CHECK(s.shade(made[0]).blend == Blend::overlay);
    CHECK(s.shade(made[0]).look == 0);
    CHECK(s.shade(made[1]).look == look);
    s.d = withLookChanged(s.d, look, [](NamedLook& l) { l.opacity = 0.1; });
    CHECK(s.shade(made[0]).opacity == 0.9);
    CHECK(s.shade(made[1]).opacity == 0.1);
    // What is none of its looks leaves it: a name, a move.
    s.d = withTraits(s.d, {made[1]}, {.name = "Rim of the lid"});
    s.d = transformed(s.d, {made[1]}, curve::translation({1, 0}));
    CHECK(s.shade(made[1]).look == look);
    // The way back, and the look gone.
    s.d = withLook(s.d, {made[0]}, look);
    CHECK(s.shade(made[0]).opacity == 0.1);
    s.d = withoutLook(s.d, look);
    CHECK(s.d.looks.empty());
    CHECK(s.shade(made[0]).opacity == 0.1);
    CHECK(s.shade(made[0]).look == 0);
}

TEST_CASE("a look of some parts serves shades of many colours, and one of one's own is kept by name")
{
    Shelf s;
    const Added kept = withLookKept(s.d, s.disc, "Glass", {.blend = true, .opacity = true, .blur = false, .fill = false, .line = false});
    REQUIRE(kept.id);
    s.d = withLookChanged(kept.document, kept.id, [](NamedLook& l) { l.opacity = 0.4; });
    CHECK_FALSE(s.d.look(kept.id)->fill);
    s.d = withLook(s.d, {s.other}, kept.id);
    CHECK(*s.d.item(s.other)->artwork()->fill.colour == Colour{180, 60, 40});
    CHECK(s.d.item(s.other)->opacity == 0.4);
    CHECK(withLookKept(s.d, s.other, "Glass").document.looks.back().name == "Glass 2");
    CHECK(withLookKept(s.d, 999, "x").why == Refusal::nothingPicked);
}

TEST_CASE("the light's colours are carried through what is lit by it, by its inks too, and fade with its strength")
{
    Shelf s;
    const auto made = s.crescents({s.disc}, {}, Ready::shadow);
    const Added ink = withInk(s.d, "Night", {60, 40, 120});
    s.d = ink.document;
    Light l = s.d.light;
    l.cool = {60, 40, 120};
    l.coolInk = {ink.id, 0};
    s.d = withLight(s.d, l);
    CHECK(*s.shade(made[0]).artwork()->fill.colour == Colour{60, 40, 120});
    CHECK(s.shade(made[0]).look == s.d.looks.front().id); // it wears the look still
    s.d = withInkColour(s.d, ink.id, {10, 90, 30});
    CHECK(s.d.light.cool == Colour{10, 90, 30});
    CHECK(*s.shade(made[0]).artwork()->fill.colour == Colour{10, 90, 30});
    l = s.d.light;
    l.strength = 0;
    s.d = withLight(s.d, l);
    CHECK(*s.shade(made[0]).artwork()->fill.colour == Colour{255, 255, 255}); // multiplies to nothing
    // Painted by hand it is its own colour.
    s.d = withPaint(s.d, {made[0]}, {Colour{1, 2, 3}, {}}, Part::area);
    s.d = withLight(s.d, Light{});
    CHECK(*s.shade(made[0]).artwork()->fill.colour == Colour{1, 2, 3});
}

TEST_CASE("gradients by the light lie along it, and a fade is the shade's own colour running out")
{
    Shelf s;
    s.d = withGradient(s.d, {s.disc}, Gradient::Kind::linear, {0, 0}, {1, 0}, {{0, {255, 255, 255}, 1, {}}, {1, {0, 0, 0}, 1, {}}});
    s.d = withGradientsByLight(s.d, {s.disc}, true);
    Light l;
    l.angle = 0;
    s.d = withLight(s.d, l);
    const auto place = [&](Id id) { return s.d.item(id)->artwork()->fill.gradient; };
    CHECK(distance(gradientStart(*place(s.disc)), {400, 300}) < 0.1);
    CHECK(distance(gradientEnd(*place(s.disc)), {200, 300}) < 0.1);
    s.d = withGradientsByLight(s.d, {s.disc}, false);
    l.angle = 2;
    s.d = withLight(s.d, l);
    CHECK(distance(gradientStart(*place(s.disc)), {400, 300}) < 0.1);
    const auto made = s.crescents({s.other}, {}, Ready::shadow);
    const Colour was = *s.shade(made[0]).artwork()->fill.colour;
    s.d = withFade(s.d, made, FadeWay{{500, 300}, {700, 300}});
    REQUIRE(place(made[0]));
    CHECK(place(made[0])->stops.front().colour == was);
    CHECK(place(made[0])->stops.front().opacity == 1);
    CHECK(place(made[0])->stops.back().opacity == 0);
    CHECK(distance(gradientEnd(*place(made[0])), {700, 300}) < 1e-9);
    s.d = withFade(s.d, made, std::nullopt);
    CHECK(place(made[0])->byLight);
}

TEST_CASE("what ignores the light is found, and crescents among it are turned")
{
    Shelf s;
    Crescent wrong;
    wrong.byLight = false;
    wrong.angle = 0.3; // a light rim on the right, the light comes from the upper left
    const auto rim = s.crescents({s.disc}, wrong, Ready::rim);
    Crescent right = wrong;
    right.angle = curve::pi / 4 + 0.3; // a shadow at the lower right
    const auto shadow = s.crescents({s.other}, right, Ready::shadow);
    CHECK(againstLight(s.d) == rim);
    s.d = withShadesFollowed(withTurnedToLight(s.d, rim));
    CHECK(againstLight(s.d).empty());
    CHECK(curve::bounds(s.shade(rim[0]).artwork()->paths).centre().x < 300);
    CHECK_FALSE(s.shade(rim[0]).artwork()->crescent()->against);
    // A drawn shadow on the lit side counts too; in the middle it has no side.
    const Added look = withReadyLook(s.d, Ready::shadow);
    Taken drawn = withStrokeInside(look.document, {s.disc}, curve::polyline({{300, 150}, {180, 400}}, false), false, look.id, "Shade");
    REQUIRE(drawn.items.size() == 1);
    CHECK(againstLight(drawn.document) == drawn.items);
    CHECK(againstLight(withStrokeInside(s.d, {s.disc}, curve::polyline({{300, 150}, {180, 400}}, false), false, 0, "Leaf").document).empty()); // no shade
    drawn = withStrokeInside(look.document, {s.disc}, curve::circle({300, 300}, 20), false, look.id, "Spot");
    CHECK(againstLight(drawn.document).empty());
    CHECK(withTurnedToLight(drawn.document, drawn.items).why == Refusal::doesNotFit);
}

TEST_CASE("a stroke over several areas is cut into each, staying one edge where they meet")
{
    Shelf s;
    const Id left = s.area(curve::rectangle({0, 500}, {200, 700}), {1, 1, 1}), right = s.area(curve::rectangle({200, 500}, {400, 700}), {2, 2, 2});
    const Taken t = withStrokeInside(s.d, {left, right}, curve::polyline({{-10, 650}, {410, 650}}, false), false, 0, "Band");
    REQUIRE(t.items.size() == 2);
    for (const Id id : t.items) {
        const curve::Box b = curve::bounds(t.document.item(id)->artwork()->paths);
        CHECK(b.min.y == Approx(650));
        CHECK(b.max.y == Approx(700));
    }
    CHECK(areaOf(*t.document.item(t.items[0])) == Approx(200 * 50));
    const Taken other = withStrokeInside(s.d, {left}, curve::polyline({{-10, 650}, {410, 650}}, false), true, 0, "Band");
    CHECK(areaOf(*other.document.item(other.items[0])) == Approx(200 * 150));
    // Things put inside: one area takes the thing, several a copy each.
    const Id bar = s.area(curve::rectangle({-50, 550}, {450, 570}), {9, 9, 9});
    const Taken in = withPutInside(s.d, {bar}, {left, right, s.disc});
    CHECK(in.items.size() == 2); // the disc is not met
    CHECK_FALSE(in.document.item(bar));
    const Taken one = withPutInside(s.d, {bar}, {left});
    CHECK(one.items == std::vector<Id>{bar});
    CHECK(one.document.parentOf(bar)->id == left);
    CHECK(withPutInside(s.d, {bar}, {}).why == Refusal::nothingPicked);
}

TEST_CASE("scatter stays the same under moves of its area, and comes anew when its area or seed is another")
{
    Shelf s;
    shade::Scatter how;
    how.turn = shade::Turn::fixed;
    const Taken t = withScatter(s.d, {s.disc}, how, {Colour{5, 5, 5}, {}}, "Grain");
    REQUIRE(t.items.size() == 1);
    CHECK(staleIds(t.document) == t.items);
    s.d = withShadesFollowed(t.document);
    const std::size_t marks = s.shade(t.items[0]).artwork()->paths->size();
    CHECK(marks > 100);
    const Document moved = transformed(s.d, {s.disc}, curve::translation({33.3, 7}) * curve::about({300, 300}, curve::rotation(0.5)));
    CHECK(staleShades(moved).empty());
    CHECK(derivedAnew(moved, {}).item(t.items[0])->artwork()->paths->size() == marks);
    const Document seeded = withShadesFollowed(withScatterChanged(s.d, t.items, [](shade::Scatter& k) { k.seed = 9; }));
    CHECK_FALSE(seeded.item(t.items[0])->artwork()->paths == s.shade(t.items[0]).artwork()->paths);
    CHECK(staleIds(withPaths(s.d, s.disc, {curve::circle({300, 300}, 50)})) == t.items);
    CHECK(withScatterChanged(s.d, {s.disc}, [](shade::Scatter&) {}).why == Refusal::doesNotFit);
}

TEST_CASE("a crescent that is moved without its area stays where it was put")
{
    Shelf s;
    const auto rim = s.crescents({s.disc}, {}, Ready::rim);
    const Document together = transformed(s.d, {s.disc, rim[0]}, curve::translation({50, 0}));
    CHECK(together.item(rim[0])->artwork()->crescent());
    CHECK(staleIds(withShadesFollowed(together)).empty());
    const Document alone = transformed(s.d, rim, curve::translation({5, 0}));
    CHECK_FALSE(alone.item(rim[0])->artwork()->crescent());
    CHECK(curve::bounds(derivedAnew(alone, {}).item(rim[0])->artwork()->paths).min.x == Approx(curve::bounds(s.shade(rim[0]).artwork()->paths).min.x + 5));
}

TEST_CASE("a shade in a shade follows in turn, and copies keep their own source")
{
    Shelf s;
    const auto outer = s.crescents({s.disc});
    const auto inner = s.crescents(outer, {.width = 5, .against = true});
    REQUIRE(inner.size() == 1);
    const curve::Box before = curve::bounds(s.shade(inner[0]).artwork()->paths);
    s.d = withShadesFollowed(withCrescentsChanged(s.d, outer, [](Crescent& c) { c.width = 40; }));
    CHECK(staleShades(s.d).empty());
    CHECK(curve::bounds(s.shade(inner[0]).artwork()->paths).centre().x > before.centre().x + 5);
    const Taken copy = withCopies(s.d, {s.disc});
    CHECK(staleShades(copy.document).empty());
    CHECK(derivedAnew(copy.document, {}) == copy.document);
}

TEST_CASE("a cool colour and a backdrop are proposed from the warm one: darker, of the far hue")
{
    const Colour warm{255, 214, 130}, cool = coolFor(warm);
    CHECK(cool.b > cool.r);
    CHECK(cool.r + cool.g + cool.b < 330);
    Light l;
    const Backdrop b = backdropFor(l);
    CHECK(b.light.r + b.light.g + b.light.b > b.dark.r + b.dark.g + b.dark.b);
    Shelf s;
    const Added added = withBackdrop(s.d, b, "Backdrop");
    REQUIRE(added.document.layers.size() == 2);
    CHECK(added.document.layers.front()->items.front()->id == added.id);
    CHECK(added.document.item(added.id)->artwork()->fill.gradient->byLight);
}
