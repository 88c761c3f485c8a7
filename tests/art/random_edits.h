// Random edits of every kind, for what must hold whatever is done.
#pragma once

#include "art/lettering.h"
#include "art/lights.h"
#include "art/looks.h"
#include "art/pieces.h"
#include "art/repeat.h"
#include "art/shades.h"
#include "curve/strokes.h"

namespace pieces {

inline Document randomStart(strokes::Random& r)
{
    Document d = newDocument();
    d = withInk(d, "Brine", {46, 107, 102}).document;
    d = withInk(d, "Kiln", {168, 66, 44}).document;
    auto file = std::make_shared<PictureFile>();
    file->width = file->height = 64;
    file->format = "png";
    file->bytes.assign(9, std::byte{7});
    const Added photo = withReference(d, file, "Photo");
    tone::Stack s;
    s.cuts = {60 + r.between(0, 100)};
    d = withToneStack(photo.document, photo.id, s).document;
    return withNewLayer(d, "More").document;
}

// The tones of a picture that the test makes up: dark left, light right.
inline Ingredients ingredients()
{
    Ingredients from;
    from.picture = [](const Reference&) {
        auto p = std::make_shared<pixel::Picture>(64, 64, pixel::Rgba{240, 240, 240, 255});
        for (int y = 0; y < 64; ++y)
            for (int x = 0; x < 30; ++x) p->at(x, y) = {30, 30, 30, 255};
        return p;
    };
    return from;
}

inline Item someItem(strokes::Random& r)
{
    const Vec2 at{r.between(0, 900), r.between(0, 900)};
    const double size = r.between(20, 200);
    switch (r.below(7)) {
    case 0: return square(at, size, {static_cast<std::uint8_t>(r.below(256)), 9, 9});
    case 1: return shapeOf({curve::circle(at, size)});
    case 2: return line({at, at + Vec2{size, 5}, at + Vec2{size, size}}, r.unit() < 0.5);
    default: {
        Hand h;
        for (int k = 0; k < 24; ++k) h.samples.push_back({at + Vec2{k * size / 24, 12 * std::sin(k * 0.4)}, 1, 0, 0, 0.01F * static_cast<float>(k)});
        Artwork a;
        a.setDerived({fitStroke(h, false).path}, shared(h));
        a.stroke.colour = Colour{0, 0, 0};
        Item i;
        i.is = std::move(a);
        return i;
    }
    }
}

inline Id any(const Document& d, strokes::Random& r)
{
    const std::vector<Id> ids = everyId(d);
    return ids.empty() ? 0 : ids[static_cast<std::size_t>(r.below(static_cast<int>(ids.size())))];
}

inline Id anyArea(const Document& d, strokes::Random& r)
{
    std::vector<Id> ids;
    eachArtwork(d, workable, [&](const Item& i, const Artwork& a, const Where&) {
        if (a.fill.colour && !a.paths.empty()) ids.push_back(i.id);
    });
    return ids.empty() ? 0 : ids[static_cast<std::size_t>(r.below(static_cast<int>(ids.size())))];
}

inline Id anyLive(const Document& d, strokes::Random& r, bool mesh)
{
    std::vector<Id> ids;
    eachItem(d, {}, [&](const Item& i, const Where&) {
        if (i.group() && (mesh ? i.group()->mesh() != nullptr : i.group()->facets() != nullptr)) ids.push_back(i.id);
    });
    return ids.empty() ? 0 : ids[static_cast<std::size_t>(r.below(static_cast<int>(ids.size())))];
}

inline curve::Affine someMove(strokes::Random& r)
{
    const Vec2 c{r.between(0, 900), r.between(0, 900)};
    switch (r.below(7)) {
    case 0: return curve::translation({r.between(-60, 60), r.between(-60, 60)});
    case 1: return curve::about(c, curve::rotation(r.between(-2, 2)));
    case 2: return curve::about(c, curve::scaling(r.between(0.6, 1.5), r.between(0.6, 1.5)));
    default: return curve::about(c, curve::scaling(-1, 1));
    }
}

inline Document edited(const Document& d, strokes::Random& r)
{
    const Id layer = d.layers[static_cast<std::size_t>(r.below(static_cast<int>(d.layers.size())))]->id;
    const Id one = any(d, r), two = any(d, r), area = anyArea(d, r);
    const Colour c{static_cast<std::uint8_t>(r.below(256)), static_cast<std::uint8_t>(r.below(256)), 40};
    switch (r.below(54)) {
    case 0:
    case 1:
    case 2:
    case 3: return withItem(d, layer, someItem(r)).document;
    case 4: return withGroup(d, {one, two}).document;
    case 5: return withoutGroups(d, {one}).document;
    case 6: return transformed(d, {one, two}, someMove(r));
    case 7: return transformed(d, {one}, someMove(r));
    case 8: return everyId(d).size() > 30 ? withoutItems(d, {one}).document : d;
    case 9: return everyId(d).size() < 120 ? withCopies(d, {one, two}).document : d;
    case 10: return withTraits(d, {one}, {.shown = r.unit() < 0.8});
    case 11: return withTraits(d, {one}, {.locked = r.unit() < 0.3});
    case 12: return withTraits(d, {one}, {.opacity = r.unit(), .blend = static_cast<Blend>(r.below(blends)), .blur = r.between(0, 9)});
    case 13: return withOrder(d, {one, two}, static_cast<Way>(r.below(4)));
    case 14: return moved(d, {one}, {.layer = 0, .parent = area, .at = static_cast<std::size_t>(r.below(3))});
    case 15: return movedOut(d, {one});
    case 16: return moved(d, {one}, {layer, 0, static_cast<std::size_t>(r.below(5))});
    case 17: return d.layers.size() < 6 ? withNewLayer(d, "L").document : d;
    case 18: return r.unit() < 0.3 ? withoutLayer(d, layer).document : d;
    case 19: return withLayer(d, layer, [&](Layer& l) { l.locked = r.unit() < 0.2; });
    case 20: return withPaint(d, {one, two}, {c, {}}, static_cast<Part>(r.below(3)));
    case 21: return d.inks.empty() ? d : withPaint(d, {one}, paintOf(d, {d.inks.front().id, r.below(7) - 3}), Part::both).document;
    case 22: return d.inks.empty() ? d : withInkColour(d, d.inks[static_cast<std::size_t>(r.below(static_cast<int>(d.inks.size())))].id, c);
    case 23: return withGradient(d, {one}, Gradient::Kind::radial, {10, 10}, {200, 90}, {{0, c, 1, {}}, {1, {9, 9, 9}, 0.5, {}}});
    case 24: return withCombined(d, {area, anyArea(d, r)}, static_cast<planar::Operation>(r.below(4)), true).document;
    case 25: return withPartTransformed(d, one, static_cast<std::size_t>(r.below(2)), curve::translation({5, 5}));
    case 26: return withTakenApart(d, one).document;
    case 27: return withRoundCorners(d, one, {}, r.between(0, 20)).document;
    case 28: return withSlack(d, one, r.between(0.5, 4));
    case 29: return withLinesClosed(d, {one});
    case 30: return withLinesTurnedRound(d, {one});
    case 31: return withSet(d, {one});
    case 32: {
        const Item* i = d.item(area);
        if (!i || anyLive(d, r, false)) return d;
        tone::FacetPlan plan;
        plan.outline = i->artwork()->paths;
        plan.chords = tone::proposeChords(plan.outline, 4, 1);
        return withFacets(d, area, plan, d.inks.empty() ? 0 : d.inks.front().id).document;
    }
    case 33: return withFacetsShuffled(d, anyLive(d, r, false), static_cast<std::uint32_t>(r.below(99)));
    case 34: {
        if (anyLive(d, r, true)) return d;
        tone::Mesh m;
        m.points = {{0, 0}, {100, 0}, {100, 100}, {0, 100}, {50, 50}};
        m.faces = {{0, 1, 4}, {1, 2, 4}, {2, 3, 4}, {3, 0, 4}};
        m.colours.assign(4, pixel::Rgba{160, 60, 50, 255});
        return withMesh(d, m, r.below(2) * 2.0, r.unit() < 0.5).document;
    }
    case 35: {
        const DrawnLines lines = drawnLines(d);
        planar::BuildOptions o;
        o.gap = 2;
        o.sliverWidth = 1;
        return withDrop(d, *planar::build(lines.paths, o), lines, {r.between(0, 900), r.between(0, 900)}, {c, {}}).document;
    }
    case 36: {
        const Id stack = topmostStack(d);
        return (r.unit() < 0.5 ? withTonesSet(d, stack) : withTonesLive(d, stack)).document;
    }
    case 37: return withPasted(d, fragmentOf(d, {one, two}), {layer}).document;
    case 38: return withEndsJoined(d, openEnds(d).empty() ? OpenEnd{} : openEnds(d).front(), openEnds(d).empty() ? OpenEnd{} : openEnds(d).back());
    case 39:
    case 40: {
        Crescent k;
        k.kind = static_cast<Crescent::Kind>(r.below(3));
        k.width = r.between(1, 60);
        k.from = r.between(0, 0.9) * k.width;
        k.byLight = r.unit() < 0.7;
        k.against = r.unit() < 0.4;
        k.angle = r.between(-3, 3);
        k.source = k.kind == Crescent::Kind::cast ? anyArea(d, r) : 0;
        const Added look = withReadyLook(d, readyLooks[static_cast<std::size_t>(r.below(3))]);
        return everyId(d).size() < 120 ? withCrescents(look.document, {area, anyArea(d, r)}, k, look.id, "Shade").document : d;
    }
    case 41: {
        shade::Scatter s;
        s.mark = static_cast<shade::Mark>(r.below(5));
        s.spacing = r.between(15, 40);
        s.turn = static_cast<shade::Turn>(r.below(4));
        s.fall = static_cast<shade::Fall>(r.below(4));
        return everyId(d).size() < 120 ? withScatter(d, {area}, s, {c, {}}, "Scatter").document : d;
    }
    case 42: {
        Light l = d.light;
        l.angle += r.between(-2, 2);
        l.height = r.unit();
        l.strength = r.unit();
        if (r.unit() < 0.3) l.warm = c;
        return withLight(d, l);
    }
    case 43: return d.looks.empty() ? d : withLook(d, {one, two}, d.looks[static_cast<std::size_t>(r.below(static_cast<int>(d.looks.size())))].id).document;
    case 44: return d.looks.empty() ? d : withLookChanged(d, d.looks.back().id, [&](NamedLook& l) { l.opacity = r.unit(); });
    case 45: return r.unit() < 0.3 && !d.looks.empty() ? withoutLook(d, d.looks.back().id) : withLookKept(d, one, "Own").document;
    case 46: return withStrokeInside(d, {area}, curve::polyline({{r.between(0, 900), 0}, {r.between(0, 900), 1000}}, false), r.unit() < 0.5, 0, "Cut").document;
    case 47: return r.unit() < 0.5 ? withFade(d, {one}, std::nullopt).document : withGradientsByLight(d, {one}, r.unit() < 0.7).document;
    case 48: {
        Lettering l;
        l.words = "Jar";
        l.type.family = "DejaVu Sans";
        l.type.size = r.between(10, 200);
        l.way = static_cast<Lettering::Way>(r.below(3));
        l.place = curve::translation({r.between(0, 900), r.between(0, 900)});
        l.over = r.unit() < 0.5;
        l.spread = r.unit() < 0.3 ? r.unit() : 0;
        const Item* under = d.item(one);
        l.line = under && under->artwork() ? one : 0;
        if (l.way == Lettering::Way::along && (!l.line || under->artwork()->paths->empty())) l.way = Lettering::Way::straight;
        Fill f;
        f.colour = c;
        return everyId(d).size() < 120 ? withLettering(d, layer, l, f).document : d;
    }
    case 49: return withLetteringChanged(d, everyId(d), [&](Lettering& l) { l.words = r.unit() < 0.5 ? "Lamp\nhook" : "o"; }).document;
    case 50: return (r.unit() < 0.5 ? withLettersApart(d, {one}) : withLettersUnited(d, {one})).document;
    case 51: {
        Repeat row;
        row.way = static_cast<Repeat::Way>(r.below(3));
        row.count = 2 + r.below(4);
        row.angle = r.between(-7, 7);
        row.columns = 1 + r.below(3);
        row.rows = 1 + r.below(2);
        row.stagger = r.unit() < 0.5;
        row.upright = r.unit() < 0.5;
        row.alternate = r.unit() < 0.3;
        row.line = area;
        row.place = curve::translation({r.between(0, 900), r.between(0, 900)});
        return everyId(d).size() < 90 ? withRepeat(d, {one}, row).document : d;
    }
    case 52: {
        std::vector<Id> rows;
        eachItem(d, workable, [&](const Item& i, const Where&) {
            if (i.group() && i.group()->repeat()) rows.push_back(i.id);
        });
        if (rows.empty()) return d;
        const Id row = rows[static_cast<std::size_t>(r.below(static_cast<int>(rows.size())))];
        if (r.unit() < 0.3) return withRepeatRadius(d, row, r.between(0, 300));
        return withRepeatChanged(d, row, [&](Repeat& x) {
            x.count = 2 + r.below(3);
            x.rows = 1;
            x.upright = r.unit() < 0.5;
            x.step.x = r.between(-50, 200);
        });
    }
    default: return withPaths(d, one, {curve::circle({r.between(0, 900), r.between(0, 900)}, 30)});
    }
}

} // namespace pieces
