// The piece of the demo that shows lettering: the market's round badge, its words on two arcs.
#include "art/arrange.h"
#include "art/lettering.h"
#include "art/repeat.h"
#include "curve/figures.h"
#include "demo/night_market.h"
#include "demo/painting.h"
#include "render/render.h"

#include <cmath>

namespace softrope::demo {

using curve::Vec2;

namespace {

constexpr Vec2 centre{540, 540};

// A band of waves across the badge whose crests lie at that height.
curve::Path waves(double height, double shift)
{
    constexpr double step = 73, swing = 22;
    curve::Path out;
    for (double x = 170 + shift; x < 930; x += step) {
        const bool crest = out.nodes.size() % 2 == 0;
        const Vec2 at{x, height + (crest ? 0 : swing)};
        out.nodes.push_back({at, at - Vec2{step / 2.2, 0}, at + Vec2{step / 2.2, 0}, curve::NodeKind::smooth});
    }
    for (const Vec2 corner : {Vec2{940, 960}, Vec2{140, 960}}) out.nodes.push_back(curve::cornerAt(corner));
    out.closed = true;
    return out;
}

void words(art::Document& d, const char* text, double radius, double angle, bool inside, double tracking, const art::Fill& fill)
{
    art::Lettering l;
    l.words = text;
    l.type.family = "Roboto Slab";
    l.type.weight = 700;
    l.type.size = 84;
    l.type.tracking = tracking;
    l.way = art::Lettering::Way::arc;
    l.place = curve::translation(centre);
    l.radius = radius;
    l.angle = angle;
    l.over = inside;
    d = art::withLettering(d, d.layers.back()->id, l, fill).document;
}

} // namespace

art::Document nightMarketBadge()
{
    art::Document d = art::newDocument();
    d.title = "Market badge";
    d = art::withLayer(d, d.layers.front()->id, [](art::Layer& l) { l.name = "Badge"; });
    const art::Id night = ink(d, "Night", {30, 42, 66}), tide = ink(d, "Tide", {52, 116, 118}), glow = ink(d, "Lantern", {242, 172, 74}),
                  paper = ink(d, "Paper", {246, 236, 214}), rust = ink(d, "Rust", {178, 72, 52});
    area(d, "Ground", {curve::circle(centre, 480)}, filled(d, night));
    area(d, "Rim", {curve::circle(centre, 466), curve::reversed(curve::circle(centre, 456))}, filled(d, paper));
    const art::Id water = area(d, "Evening", {curve::circle(centre, 330)}, filled(d, tide, 2));
    const art::Id far = area(d, "Far waves", {waves(690, 30)}, filled(d, tide)), near = area(d, "Near waves", {waves(752, -6)}, filled(d, tide, -2));
    d = art::moved(d, {far, near}, {.layer = 0, .parent = water}).document;
    // A ring of glass beads, one of them drawn.
    const art::Id bead = area(d, "Bead", {curve::circle(centre - Vec2{0, 345}, 6)}, filled(d, glow));
    art::Repeat ring;
    ring.count = 60;
    ring.place = curve::translation(centre);
    d = art::withRepeat(d, {bead}, ring, "Beads").document;
    // The lantern: hook, caps, a body with its ribs inside.
    area(d, "Cord", {curve::rectangle({535, 236}, {545, 330})}, filled(d, night));
    const art::Id body = area(d, "Paper", {curve::ellipse({540, 470}, 128, 138)}, filled(d, glow));
    std::vector<art::Id> ribs;
    for (const double half : {44.0, 92.0})
        ribs.push_back(
            area(d, "Rib", {curve::ellipse({540, 470}, half + 3, 142), curve::reversed(curve::ellipse({540, 470}, half - 3, 138))}, filled(d, rust)));
    d = art::moved(d, ribs, {.layer = 0, .parent = body}).document;
    for (const double y : {320.0, 592.0}) area(d, "Cap", {curve::rectangle({478, y}, {602, y + 28})}, filled(d, rust));
    area(d, "Tassel", {curve::polyline({{528, 620}, {552, 620}, {560, 690}, {520, 690}}, true)}, filled(d, rust));
    words(d, "SALTGLASS", 362, -curve::pi / 2, false, 190, filled(d, paper));
    words(d, "NIGHT MARKET", 422, curve::pi / 2, true, 90, filled(d, paper));
    for (const double side : {-1.0, 1.0}) {
        const Vec2 at = centre + Vec2{side * 393, 0};
        area(d, "Spark", {curve::polyline({at - Vec2{0, 30}, at + Vec2{12, 0}, at + Vec2{0, 30}, at - Vec2{12, 0}}, true)}, filled(d, glow));
    }
    return d;
}

pixel::Picture tongsPicture(int size)
{
    art::Document d = art::newDocument({900, 900});
    d.sheet.hasBackground = true;
    d.sheet.background = {252, 250, 246};
    const art::Fill dark = [] {
        art::Fill f;
        f.colour = art::Colour{38, 36, 40};
        return f;
    }();
    // Two arms from the spring at the top to flat jaws, each widest at the middle.
    for (const double side : {-1.0, 1.0}) {
        curve::Path arm;
        const auto at = [&](double x, double y) { return Vec2{450 + side * x, y}; };
        arm.nodes = {{at(0, 110), at(0, 110), at(70, 90), curve::NodeKind::corner},
                     {at(150, 330), at(158, 220), at(146, 420), curve::NodeKind::smooth},
                     {at(86, 620), at(110, 540), at(76, 660), curve::NodeKind::smooth},
                     {at(96, 780), at(92, 720), at(96, 780), curve::NodeKind::corner},
                     {at(40, 790), at(40, 790), at(34, 740), curve::NodeKind::corner},
                     {at(44, 600), at(30, 660), at(72, 520), curve::NodeKind::smooth},
                     {at(96, 330), at(104, 420), at(88, 240), curve::NodeKind::smooth},
                     {at(0, 160), at(50, 150), at(0, 160), curve::NodeKind::corner}};
        arm.closed = true;
        area(d, "Arm", {arm}, dark);
    }
    area(d, "Spring", {curve::circle({450, 140}, 46)}, dark);
    pixel::Picture p = render::renderSheet(d, size, {});
    // Lit from the upper left.
    for (int y = 0; y < p.height; ++y)
        for (int x = 0; x < p.width; ++x) {
            pixel::Rgba& c = p.at(x, y);
            const double light = 1 - 0.03 * (x + y) / (p.width + p.height);
            for (std::uint8_t* v : {&c.r, &c.g, &c.b}) *v = static_cast<std::uint8_t>(std::lround(*v * light));
        }
    return p;
}

} // namespace softrope::demo
