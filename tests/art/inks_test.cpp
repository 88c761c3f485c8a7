// Inks, paint, gradients, things painted alike, working colours.
#include "art/facets.h"
#include "art/inks.h"
#include "art/tones.h"
#include "pixel/ink_colours.h"

#include <catch2/catch.hpp>

using namespace softrope;
using namespace softrope::art;
using curve::Vec2;

namespace {

Document withSquare(const Document& d, Vec2 at, double size, const Paint& fill, const Paint& line = {}, double weight = 4)
{
    Item i;
    Artwork a;
    a.setPaths({curve::rectangle(at, at + Vec2{size, size})});
    a.fill.colour = fill.colour;
    a.fill.ink = fill.ink;
    a.stroke.colour = line.colour;
    a.stroke.ink = line.ink;
    a.stroke.width = weight;
    i.is = std::move(a);
    return withItem(d, 0, std::move(i)).document;
}

const Artwork& work(const Document& d, std::size_t k)
{
    return *d.layers.front()->items.at(k)->artwork();
}
Id idOf(const Document& d, std::size_t k)
{
    return d.layers.front()->items.at(k)->id;
}

constexpr Colour kiln{166, 63, 43}, brine{46, 107, 100};

// Two inks; a square in each, one in a tint, one in no ink.
struct Bench {
    Document d = newDocument();
    Id one = 0, two = 0;
    Bench()
    {
        Added a = withInk(d, "Kiln", kiln);
        one = a.id;
        a = withInk(a.document, "Brine", brine);
        two = a.id;
        d = a.document;
        d = withSquare(d, {0, 0}, 100, paintOf(d, {one, 0}), paintOf(d, {two, 0}));
        d = withSquare(d, {200, 0}, 100, paintOf(d, {one, 2}));
        d = withSquare(d, {400, 0}, 100, paintOf(d, {two, 0}));
        d = withSquare(d, {600, 0}, 100, {kiln, {}});
    }
};

} // namespace

TEST_CASE("changing an ink changes everything painted with it and its tints, and nothing else")
{
    Bench b;
    // On a locked layer, as part of a live shape, and as a stop of a gradient too.
    Document d = withGradient(b.d, {idOf(b.d, 2)}, Gradient::Kind::linear, {400, 0}, {500, 0}, {{0, kiln, 1, {b.one, 0}}, {1, brine, 1, {b.two, 0}}});
    d = withLayer(d, d.layers.front()->id, [](Layer& l) { l.locked = true; });
    const Colour fresh{20, 60, 200};
    const Document after = withInkColour(d, b.one, fresh);
    CHECK(after.ink(b.one)->colour == fresh);
    CHECK(*work(after, 0).fill.colour == fresh);
    CHECK(*work(after, 0).stroke.colour == brine);
    CHECK(*work(after, 1).fill.colour == tintOf(fresh, 2));
    CHECK(work(after, 2).fill.gradient->stops[0].colour == fresh);
    CHECK(work(after, 2).fill.gradient->stops[1].colour == brine);
    CHECK(*work(after, 3).fill.colour == kiln); // the same colour, but from no ink
    CHECK(withInkColour(d, 999, fresh) == d);
    // Back again: equal to the start.
    CHECK(withInkColour(after, b.one, kiln) == d);
}

TEST_CASE("inks: names stay different, order can be changed, a dropped ink leaves the colours")
{
    Bench b;
    CHECK(withInk(b.d, "Kiln", kiln).document.inks.back().name == "Kiln 2");
    CHECK(withInkName(b.d, b.two, "Kiln").ink(b.two)->name == "Kiln 2");
    CHECK(withInkName(b.d, b.two, "") == b.d);
    CHECK(withInkMoved(b.d, b.two, -1).inks.front().id == b.two);
    CHECK(withInkMoved(b.d, b.two, 50) == b.d);
    const Document gone = withoutInk(b.d, b.one);
    CHECK(gone.inks.size() == 1);
    CHECK(*work(gone, 0).fill.colour == kiln);
    CHECK(work(gone, 0).fill.ink == InkUse{});
    CHECK(work(gone, 0).stroke.ink == InkUse{b.two, 0});
}

TEST_CASE("shares of inks and what has none yet")
{
    Bench b;
    const auto shares = inkShares(b.d);
    REQUIRE(shares.size() == 2);
    CHECK(shares[0].areas == 2);
    CHECK(shares[0].share == Approx(0.5));
    CHECK(shares[1].areas == 1);
    CHECK(shares[1].lines == 1);
    CHECK(shares[1].share == Approx(0.25));
    CHECK(withoutInkYet(b.d) == std::vector<Id>{idOf(b.d, 3)});
    CHECK(withoutInkYet(newDocument()).empty());
}

TEST_CASE("paint goes on area, line or both, swaps and is taken away")
{
    Bench b;
    const Paint two = paintOf(b.d, {b.two, -1});
    CHECK(*two.colour == tintOf(brine, -1));
    Document d = withPaint(b.d, {idOf(b.d, 1)}, two, Part::both);
    CHECK(fillOf(work(d, 1)) == two);
    CHECK(lineOf(work(d, 1)) == two);
    d = withPaint(b.d, {idOf(b.d, 0)}, {}, Part::line);
    CHECK_FALSE(work(d, 0).stroke.colour);
    CHECK(work(d, 0).fill.colour);
    d = withPaintsSwapped(b.d, {idOf(b.d, 0)});
    CHECK(*work(d, 0).fill.colour == brine);
    CHECK(*work(d, 0).stroke.colour == kiln);
    CHECK(work(d, 0).fill.ink == InkUse{b.two, 0});
    CHECK(withPaintsSwapped(d, {idOf(d, 0)}) == b.d);
    CHECK_FALSE(paintOf(b.d, {77, 0}).colour);
}

TEST_CASE("alike in fill, line and weight, and replaced in one act")
{
    Bench b;
    Document d = withSquare(b.d, {800, 0}, 50, paintOf(b.d, {b.one, 0}), paintOf(b.d, {b.one, 0}), 4);
    CHECK(alike(d, idOf(d, 0), Alike::fill) == std::vector<Id>{idOf(d, 0), idOf(d, 4)}); // the tint and the plain colour are others
    CHECK(alike(d, idOf(d, 3), Alike::fill) == std::vector<Id>{idOf(d, 3)});
    CHECK(alike(d, idOf(d, 0), Alike::line) == std::vector<Id>{idOf(d, 0)});
    CHECK(alike(d, idOf(d, 0), Alike::weight) == std::vector<Id>{idOf(d, 0), idOf(d, 4)}); // of the others none has a line
    CHECK(alike(d, 12345, Alike::fill).empty());
    const Paint from = paintOf(d, {b.one, 0}), to = paintOf(d, {b.two, 0});
    d = withPaintReplaced(d, from, to, Part::both);
    CHECK(fillOf(work(d, 0)) == to);
    CHECK(lineOf(work(d, 4)) == to);
    CHECK(fillOf(work(d, 3)).colour == kiln);
}

TEST_CASE("a gradient is placed by its ends, moves with the shape and can lie across several")
{
    Bench b;
    const std::vector<GradientStop> stops{{1, brine, 0.5, {}}, {0, kiln, 1, {}}};
    const std::vector<Id> both{idOf(b.d, 0), idOf(b.d, 1)};
    Document d = withGradient(b.d, both, Gradient::Kind::linear, {0, 50}, {300, 50}, stops);
    const Gradient& g = *work(d, 0).fill.gradient;
    CHECK(g == *work(d, 1).fill.gradient);
    CHECK(g.stops[0].colour == kiln); // sorted
    CHECK(gradientStart(g) == Vec2{0, 50});
    CHECK(gradientEnd(g) == Vec2{300, 50});
    CHECK(colourAt(g, 0.5).colour == Colour{106, 85, 72}); // the mean in sRGB, rounded
    CHECK(colourAt(g, 0.5).opacity == Approx(0.75));
    CHECK(colourAt(g, -3).colour == kiln);
    CHECK(colourAt(g, 3).colour == brine);
    d = transformed(d, both, curve::translation({10, 20}));
    CHECK(gradientStart(*work(d, 1).fill.gradient) == Vec2{10, 70});
    d = withGradientStops(d, both, {{0.3, brine, 1, {}}});
    CHECK(colourAt(*work(d, 0).fill.gradient, 0.9).colour == brine);
    CHECK(withoutGradient(d, both).document.layers.front()->items[0]->artwork()->fill.gradient == nullptr);
    CHECK(withGradient(b.d, both, Gradient::Kind::radial, {5, 5}, {5, 5}, stops) == b.d);
    CHECK(withGradient(b.d, both, Gradient::Kind::radial, {5, 5}, {9, 5}, {}) == b.d);
}

TEST_CASE("working colours: a loud pair that one act turns into the real tones")
{
    Bench b;
    Document d = withWorkingInks(b.d);
    CHECK(withWorkingInks(d) == d);
    const Id dark = workingInk(d, Meaning::willBeDark), light = workingInk(d, Meaning::willBeLight);
    REQUIRE(dark != 0);
    REQUIRE(light != 0);
    CHECK(pixel::contrastRatio({126, 44, 232, 255}, {80, 226, 60, 255}) > 3); // told apart without colour too
    d = withSquare(d, {0, 300}, 10, paintOf(d, {dark, 0}));
    d = withSquare(d, {0, 400}, 10, paintOf(d, {light, 0}), paintOf(d, {dark, 0}));
    const Turned t = withWorkingColoursTurned(d, {Colour{10, 10, 10}, {}}, paintOf(d, {b.two, 2}));
    CHECK(t.items == 2);
    CHECK(*work(t.document, 4).fill.colour == Colour{10, 10, 10});
    CHECK(work(t.document, 5).fill.ink == InkUse{b.two, 2});
    CHECK(*work(t.document, 5).stroke.colour == Colour{10, 10, 10});
    CHECK(work(t.document, 0) == work(d, 0));
    CHECK(withWorkingColoursTurned(t.document, {}, {}).items == 0);
}

// -- tone layers ----------------------------------------------------------------------------------------------------------------

namespace {

Document withPhoto(Id& reference)
{
    auto file = std::make_shared<PictureFile>();
    file->bytes.assign(100, std::byte{7});
    file->format = "png";
    file->width = 40;
    file->height = 30;
    const Added a = withReference(newDocument(), file, "Photo");
    reference = a.id;
    // The id of the picture itself, whichever of layer and item is given back.
    for (const LayerPtr& l : a.document.layers)
        for (const ItemPtr& i : l->items)
            if (i->reference()) reference = i->id;
    return a.document;
}

} // namespace

TEST_CASE("a tone stack is live until set, and there is a way back")
{
    Id photo = 0;
    Document d = withPhoto(photo);
    tone::Stack s;
    s.cuts = {100};
    const Added added = withToneStack(d, photo, s);
    d = added.document;
    const Item* l = d.item(added.id);
    REQUIRE(l);
    CHECK(l->locked);
    CHECK(l->group()->derived());
    CHECK_FALSE(d.layerOf(l->id)->locked);
    const Reference* r = wantsTones(d, *l);
    REQUIRE(r);
    const std::uint64_t key = toneKey(*l->group()->tones(), *r);
    Item shape;
    Artwork a;
    a.setPaths({curve::rectangle({0, 0}, {5, 5})});
    a.fill.colour = Colour{1, 2, 3};
    shape.is = a;
    CHECK(withMade(d, {added.id, key + 1, {shape}}) == d); // made from another recipe
    Document made = withMade(d, {added.id, key, {shape}});
    CHECK(made.item(added.id)->group()->items.size() == 1);
    CHECK_FALSE(wantsTones(made, *made.item(added.id)));
    // Another cut: to be made anew, the last shapes stay until then.
    s.cuts = {120};
    const Document cut = withStack(made, added.id, s);
    CHECK(wantsTones(cut, *cut.item(added.id)));
    CHECK(cut.item(added.id)->group()->items.size() == 1);
    // A moved picture too.
    const Document moved = withItemChanged(withLayer(made, made.layerOf(photo)->id, [](Layer& on) { on.locked = false; }), photo,
                                           [](Item& i) { std::get<Reference>(i.is).centre.x += 3; });
    CHECK(wantsTones(moved, *moved.item(added.id)));
    const Document set = withTonesSet(made, added.id);
    CHECK_FALSE(set.item(added.id)->locked);
    CHECK_FALSE(wantsTones(withStack(set, added.id, s), *withStack(set, added.id, s).document.item(added.id)));
    const Document back = withTonesLive(set, added.id);
    CHECK(wantsTones(back, *back.item(added.id)));
    CHECK(back.item(added.id)->locked);
    // The picture gone: the shapes stay.
    const Id under = made.layerOf(photo)->id;
    const Document lost = withoutLayer(withLayer(made, under, [](Layer& on) { on.locked = false; }), under);
    CHECK_FALSE(wantsTones(lost, *lost.item(added.id)));
    CHECK(lost.item(added.id)->group()->items.size() == 1);
    CHECK(withToneStack(d, 4711, s).id == 0);
    const auto ends = toneEnds(*made.item(added.id)->group());
    REQUIRE(ends);
    CHECK(ends->dark == Colour{1, 2, 3});
}

// -- facets -----------------------------------------------------------------------------------------------------------------------

TEST_CASE("facets of a shape: gradients from tints two steps apart, changed by ink, shuffled but for locked ones")
{
    Bench b;
    tone::FacetPlan plan;
    plan.outline = work(b.d, 0).paths;
    plan.chords = tone::proposeChords(plan.outline, 8, 1);
    const Added made = withFacets(b.d, idOf(b.d, 0), plan, b.one);
    const Document& d = made.document;
    const Group* l = d.item(made.id)->group();
    REQUIRE(l);
    const auto pieces = facetsOf(*l);
    REQUIRE(l->items.size() == pieces.size());
    for (std::size_t k = 0; k < pieces.size(); ++k) {
        const Fill& f = l->items[k]->artwork()->fill;
        REQUIRE(f.gradient);
        const int from = f.gradient->stops[0].ink.tint, to = f.gradient->stops[1].ink.tint;
        CHECK(to - from == 2); // common practice, no source
        CHECK(f.gradient->stops[0].colour == tintOf(kiln, from));
        CHECK(f.gradient->stops[0].ink.ink == b.one);
    }
    // The gradient runs across the piece in its direction: its ends lie on the piece's two sides.
    const Gradient& g = *l->items[0]->artwork()->fill.gradient;
    const Vec2 way = gradientEnd(g) - gradientStart(g);
    CHECK(std::atan2(way.y, way.x) == Approx(pieces[0].turn).margin(1e-9));
    // Ids stay through a change.
    const Document shuffled = withFacetsShuffled(d, made.id, 9);
    for (std::size_t k = 0; k < pieces.size(); ++k) CHECK(shuffled.item(made.id)->group()->items[k]->id == l->items[k]->id);
    CHECK(shuffled != d);
    // One by hand: the others stay.
    const int other = (pieces[2].shade + 1) % 3;
    Document held = withFacetHeld(d, made.id, 2, other, 1.0, true);
    for (std::size_t k = 0; k < pieces.size(); ++k)
        if (k != 2) CHECK(*held.item(made.id)->group()->items[k] == *l->items[k]);
    held = withFacetsShuffled(held, made.id, 33);
    CHECK(facetsOf(*held.item(made.id)->group())[2].shade == other);
    const Document inked = withFacetInk(d, made.id, b.two);
    CHECK(inked.item(made.id)->group()->items[0]->artwork()->fill.gradient->stops[0].ink.ink == b.two);
    // The ink's colour changed: the pieces follow.
    const Document recoloured = withInkColour(d, b.one, {10, 200, 10});
    const GradientStop stop = recoloured.item(made.id)->group()->items[0]->artwork()->fill.gradient->stops[0];
    CHECK(stop.colour == tintOf({10, 200, 10}, stop.ink.tint));
    CHECK(withFacets(b.d, 4711, plan, b.one).id == 0);
}

TEST_CASE("a mesh as one thing: pieces with even gaps, in the nearest inks, edited by corner")
{
    Bench b;
    tone::Mesh m;
    m.points = {{0, 0}, {100, 0}, {100, 100}, {0, 100}, {50, 50}};
    m.faces = {{0, 1, 4}, {1, 2, 4}, {2, 3, 4}, {3, 0, 4}};
    m.colours = {{160, 60, 50, 255}, {50, 110, 105, 255}, {170, 70, 40, 255}, {40, 100, 90, 255}};
    const Added made = withMesh(b.d, m, 4, true);
    const Group* l = made.document.item(made.id)->group();
    REQUIRE(l);
    REQUIRE(l->items.size() == 4);
    CHECK(l->items[0]->artwork()->fill.ink.ink == b.one);
    CHECK(l->items[1]->artwork()->fill.ink.ink == b.two);
    double covered = 0;
    for (const ItemPtr& i : l->items) covered += std::abs(curve::area(i->artwork()->paths[0]));
    CHECK(covered < 10000 - 4 * 50);
    const Document moved = withMeshChanged(made.document, made.id, tone::withPointMoved(l->mesh()->mesh, 4, {40, 60}), 0);
    double all = 0;
    for (const ItemPtr& i : moved.item(made.id)->group()->items) {
        all += std::abs(curve::area(i->artwork()->paths[0]));
        CHECK(i->artwork()->fill.ink.ink != 0); // paint put on by hand stays
    }
    CHECK(all == Approx(10000));
    CHECK(withMesh(b.d, {}, 0, false).id == 0);
    const tone::Mesh flipped = art::transformed(m, curve::scaling(-1, 1));
    CHECK(tone::faceAt(flipped, {-50, 10}) == 0);
}
