#include "deliver/seen.h"

#include "art/edits.h"
#include "art/tree.h"
#include "pixel/colour_blindness.h"
#include "pixel/colour_space.h"
#include "render/blur.h"
#include "render/render.h"
#include "words/said.h"

#include <algorithm>
#include <cmath>

namespace softrope::deliver {

using art::Colour;
using art::Document;
using curve::Affine;
using curve::Vec2;

namespace {

// Seen through the view, blurred by so many px, on the ground; opaque.
pixel::Picture shown(const Document& d, const Affine& view, int side, Colour ground, const std::function<bool()>& cancelled, double blurred = 0)
{
    render::Options o;
    o.references = false;
    o.cancelled = cancelled;
    render::Surface s = render::renderView(d, view, side, side, o);
    if (blurred > 0 && !s.pixels.empty()) render::blur(s.pixels.data(), s.width, s.height, s.width, blurred);
    pixel::Picture p(side, side, pixel::Rgba{ground.r, ground.g, ground.b, 255});
    for (std::size_t k = 0; k < s.pixels.size() && k < p.data.size(); ++k) {
        const std::uint32_t c = s.pixels[k], rest = 255 - (c >> 24);
        const auto over = [&](std::uint32_t v, std::uint8_t g) { return static_cast<std::uint8_t>(std::min(255U, v + (g * rest + 127) / 255)); };
        p.data[k] = {over((c >> 16) & 255, ground.r), over((c >> 8) & 255, ground.g), over(c & 255, ground.b), 255};
    }
    return p;
}

// The sheet in the middle of a square, `share` of it.
Affine fitted(const Document& d, double side, double share = 1, Vec2 middle = {0.5, 0.5})
{
    const double k = share * side / std::max(d.sheet.width, d.sheet.height);
    return curve::translation(Vec2{middle.x * side, middle.y * side}) * curve::scaling(k, k) * curve::translation({-d.sheet.width / 2, -d.sheet.height / 2});
}

art::Item plain(curve::Paths paths, std::optional<Colour> fill, std::optional<Colour> line = {}, double width = 0)
{
    art::Artwork a;
    a.setPaths(std::move(paths));
    a.fill.colour = fill;
    a.stroke.colour = line;
    a.stroke.width = width;
    art::Item i;
    i.is = std::move(a);
    return i;
}

curve::Path smooth(std::vector<curve::Node> nodes)
{
    curve::Path p;
    p.nodes = std::move(nodes);
    p.closed = true;
    return p;
}

// Mock-ups, on a unit of 1000 px. What the piece is put on, where its middle lies and how large it is there.
struct Mock {
    Document thing;
    Colour ground;
    Vec2 middle{0.5, 0.5};
    double share = 0.5;
    std::optional<curve::Path> cut; // the piece ends there
};
Document of(std::vector<art::Item> items)
{
    art::Sheet s;
    s.width = s.height = 1000;
    const Document d = art::newDocument(s);
    return art::withItems(d, d.layers.front()->id, std::move(items)).document;
}
Mock shirt(Colour cloth)
{
    const auto at = [](double x, double y) { return curve::cornerAt({x, y}); };
    const Colour seam{static_cast<std::uint8_t>(cloth.r * 0.8), static_cast<std::uint8_t>(cloth.g * 0.8), static_cast<std::uint8_t>(cloth.b * 0.8)};
    const curve::Path body = smooth({{{360, 90}, {360, 90}, {410, 190}},
                                     {{640, 90}, {590, 190}, {640, 90}},
                                     at(800, 160),
                                     at(940, 380),
                                     at(820, 450),
                                     at(760, 370),
                                     {{770, 960}, {765, 700}, {770, 960}},
                                     {{230, 960}, {230, 960}, {235, 700}},
                                     at(240, 370),
                                     at(180, 450),
                                     at(60, 380),
                                     at(200, 160)});
    curve::Path neck;
    neck.nodes = {{{360, 90}, {360, 90}, {410, 190}}, {{640, 90}, {590, 190}, {640, 90}}};
    curve::Path left = curve::polyline({{240, 370}, {262, 250}}, false), right = curve::polyline({{760, 370}, {738, 250}}, false);
    art::Item collar = plain({neck}, {}, seam, 14);
    std::get<art::Artwork>(collar.is).stroke.cap = art::Cap::flat;
    Mock m{of({plain({body}, cloth, seam, 6), collar, plain({left, right}, {}, seam, 5)}), {0xe9, 0xe4, 0xd8}, {0.5, 0.5}, 0.42, {}};
    return m;
}
Mock badge(Colour rim)
{
    const curve::Path round = curve::circle({500, 500}, 400);
    Mock m{of({plain({curve::circle({512, 530}, 430)}, Colour{0xc9, 0xc2, 0xb2}), plain({curve::circle({500, 500}, 430)}, rim),
               plain({round}, Colour{0xff, 0xff, 0xff})}),
           {0xde, 0xd8, 0xca},
           {0.5, 0.5},
           0.74,
           round};
    return m;
}
Mock screen()
{
    const Colour frame{0x2a, 0x2e, 0x2d}, bar{0xee, 0xec, 0xe6}, face{0xff, 0xff, 0xff}, soft{0xd9, 0xd5, 0xcb};
    std::vector<art::Item> items{plain({curve::rectangle({60, 160}, {940, 820})}, frame), plain({curve::rectangle({90, 190}, {910, 790})}, face),
                                 plain({curve::rectangle({90, 190}, {910, 270})}, bar), plain({curve::rectangle({420, 820}, {580, 900})}, frame),
                                 plain({curve::rectangle({320, 890}, {680, 920})}, frame)};
    for (const double y : {420.0, 490.0, 560.0, 630.0, 700.0}) items.push_back(plain({curve::rectangle({470, y}, {y > 600 ? 700.0 : 860.0, y + 26})}, soft));
    return {of(std::move(items)), {0xde, 0xd8, 0xca}, {0.28, 0.53}, 0.3, {}};
}

// Of the inks, and a plain dark and a plain light cloth, the one that what is painted stands off from best.
Colour clothOf(const Document& d)
{
    std::vector<Colour> cloths{{0x2c, 0x36, 0x44}, {0xf2, 0xee, 0xe4}};
    for (const art::Ink& k : d.inks) cloths.push_back(k.colour);
    std::vector<std::pair<pixel::Lab, double>> painted;
    art::eachArtwork(d, art::seen, [&](const art::Item&, const art::Artwork& a, const art::Where&) {
        if (a.guide || !a.fill.colour) return;
        double covers = 0;
        for (const curve::Path& p : a.paths) covers += std::abs(curve::area(p));
        painted.emplace_back(pixel::labOf({a.fill.colour->r, a.fill.colour->g, a.fill.colour->b, 255}), covers);
    });
    Colour best = cloths.front();
    double most = -1;
    for (const Colour c : cloths) {
        double apart = 0;
        for (const auto& [lab, covers] : painted) apart += covers * std::min(50.0, pixel::ciede2000(lab, pixel::labOf({c.r, c.g, c.b, 255})));
        if (apart > most) {
            most = apart;
            best = c;
        }
    }
    return best;
}

pixel::Picture onMock(const Document& d, const Mock& m, int side, const SeenOptions& o)
{
    Document scene = m.thing;
    const double k = m.share * 1000 / std::max(d.sheet.width, d.sheet.height);
    const Affine place =
        curve::translation(Vec2{m.middle.x * 1000, m.middle.y * 1000}) * curve::scaling(k, k) * curve::translation({-d.sheet.width / 2, -d.sheet.height / 2});
    std::vector<art::ItemPtr> mark;
    for (const art::LayerPtr& l : d.layers)
        if (l->shown)
            for (const art::ItemPtr& i : l->items)
                if (i->shown && !i->reference()) mark.push_back(art::shared(art::transformed(*i, place)));
    art::Item put;
    if (m.cut) {
        put = plain({*m.cut}, {});
        std::get<art::Artwork>(put.is).inside = std::move(mark);
    } else {
        art::Group g;
        g.setItems(std::move(mark));
        put.is = std::move(g);
    }
    scene = art::withItem(scene, scene.layers.front()->id, std::move(put)).document;
    return shown(scene, curve::scaling(side / 1000.0, side / 1000.0), side, m.ground, o.cancelled);
}

} // namespace

const char* idOf(Seen s)
{
    constexpr const char* ids[] = {"one-ink", "reversed", "on-ink", "shirt", "badge", "screen", "squint", "grey", "protanopia", "deuteranopia", "tritanopia"};
    return ids[static_cast<std::size_t>(s)];
}

std::string nameOf(Seen s, const std::string& inkName)
{
    switch (s) {
    case Seen::oneInk: return words::said("One ink");
    case Seen::reversed: return words::said("Reversed");
    case Seen::onInk: return inkName.empty() ? words::said("On an ink") : words::said("On %1", {inkName});
    case Seen::shirt: return words::said("On a shirt");
    case Seen::badge: return words::said("On a badge");
    case Seen::screen: return words::said("On a screen");
    case Seen::squint: return words::said("Squint");
    case Seen::grey: return words::said("Grey");
    case Seen::protanopia: return words::said("No red cones");
    case Seen::deuteranopia: return words::said("No green cones");
    case Seen::tritanopia: return words::said("No blue cones");
    }
    return {};
}

std::optional<art::Ink> groundInk(const Document& d, Colour ink)
{
    constexpr double clear = 35; // CIEDE2000
    const auto lab = [](Colour c) { return pixel::labOf({c.r, c.g, c.b, 255}); };
    std::optional<art::Ink> best;
    double most = -1;
    for (const art::Ink& k : d.inks) {
        const pixel::Lab c = lab(k.colour);
        const double apart = pixel::ciede2000(c, lab(ink));
        const double worth = apart >= clear ? 1000 + std::hypot(c.a, c.b) : apart;
        if (worth > most) {
            most = worth;
            best = k;
        }
    }
    return best;
}

pixel::Picture seenAs(const Document& d, Seen how, int side, const SeenOptions& o)
{
    const Affine view = fitted(d, side);
    switch (how) {
    case Seen::oneInk:
    case Seen::reversed: {
        const Document v = paintedVariant(d, how == Seen::oneInk ? Variant::oneInk : Variant::reversed, o.inking);
        return shown(v, view, side, how == Seen::oneInk ? o.inking.paper : o.inking.ink, o.cancelled);
    }
    case Seen::onInk: {
        const auto ink = groundInk(d, o.inking.ink);
        Inking on = o.inking;
        on.paper = ink ? ink->colour : Colour{0xdf, 0xa0, 0x3c};
        return shown(paintedVariant(d, Variant::oneInk, on), view, side, on.paper, o.cancelled);
    }
    case Seen::shirt: return onMock(d, shirt(clothOf(d)), side, o);
    case Seen::badge: return onMock(d, badge(o.inking.ink), side, o);
    case Seen::screen: return onMock(d, screen(), side, o);
    default: break;
    }
    pixel::Picture p = shown(d, view, side, d.sheet.hasBackground ? d.sheet.background : o.paper, o.cancelled, how == Seen::squint ? side / 36.0 : 0);
    if (how == Seen::grey)
        for (pixel::Rgba& c : p.data) c = pixel::greyed(c);
    if (how == Seen::protanopia) pixel::seenBy(pixel::Sight::protanopia, p);
    if (how == Seen::deuteranopia) pixel::seenBy(pixel::Sight::deuteranopia, p);
    if (how == Seen::tritanopia) pixel::seenBy(pixel::Sight::tritanopia, p);
    return p;
}

pixel::Picture atSize(const Document& d, int width, const SeenOptions& o)
{
    render::Options r;
    r.references = false;
    r.cancelled = o.cancelled;
    pixel::Picture p = render::renderSheet(d, width, r);
    for (pixel::Rgba& c : p.data) {
        const auto over = [&](int v, int g) { return static_cast<std::uint8_t>((v * c.a + g * (255 - c.a) + 127) / 255); };
        c = {over(c.r, o.paper.r), over(c.g, o.paper.g), over(c.b, o.paper.b), 255};
    }
    return p;
}

} // namespace softrope::deliver
