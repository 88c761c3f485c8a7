// The pieces of the demo that show light and shade: the moth lit by a paper lantern, a lidded jar.
#include "art/arrange.h"
#include "art/edits.h"
#include "art/inks.h"
#include "art/lights.h"
#include "art/looks.h"
#include "art/shades.h"
#include "art/tree.h"
#include "curve/figures.h"
#include "demo/night_market.h"
#include "demo/painting.h"

#include <cmath>

namespace softrope::demo {

using curve::Vec2;

namespace {

art::Id area(art::Document& d, const char* name, curve::Paths paths, art::Id ink, int tint = 0)
{
    return demo::area(d, name, std::move(paths), filled(d, ink, tint), 4);
}

art::Id ready(art::Document& d, art::Ready look)
{
    const art::Added added = art::withReadyLook(d, look);
    d = added.document;
    return added.id;
}

void crescents(art::Document& d, const std::vector<art::Id>& areas, double width, bool against, art::Id look, const char* name)
{
    art::Crescent c;
    c.width = width;
    c.against = against;
    d = art::withCrescents(d, areas, c, look, name).document;
}

curve::Path smooth(std::vector<curve::Node> nodes)
{
    curve::Path p;
    p.closed = true;
    p.nodes = std::move(nodes);
    return p;
}

curve::Paths acrossMiddle(const curve::Path& p, double middle)
{
    return {curve::transformed(p, curve::Affine{-1, 0, 0, 1, 2 * middle, 0})};
}

} // namespace

art::Document nightMarketLitMoth()
{
    art::Sheet sheet;
    sheet.width = sheet.height = 1080;
    art::Document d = art::newDocument(sheet);
    d.title = "Moth by lantern light";
    d = art::withLayer(d, d.layers.front()->id, [](art::Layer& l) { l.name = "Moth areas"; });
    const art::Id wing = ink(d, "Brine", {46, 107, 102}), low = ink(d, "Oat", {236, 221, 182}), ember = ink(d, "Kiln", {168, 66, 44}),
                  lamp = ink(d, "Lamp", {222, 160, 60}), soot = ink(d, "Soot", {36, 48, 46});
    const Vec2 o{540, 540};
    // Half of it; the other half is its mirror image.
    const curve::Path upper = smooth({{{570, 480}, {566, 540}, {640, 360}, curve::NodeKind::corner},
                                      {{930, 190}, {830, 200}, {980, 196}, curve::NodeKind::smooth},
                                      {{920, 470}, {960, 360}, {896, 540}, curve::NodeKind::smooth},
                                      {{700, 540}, {800, 566}, {640, 524}, curve::NodeKind::smooth}});
    const curve::Path lower = smooth({{{566, 540}, {562, 590}, {640, 520}, curve::NodeKind::corner},
                                      {{820, 640}, {790, 550}, {842, 704}, curve::NodeKind::smooth},
                                      {{690, 830}, {780, 830}, {624, 830}, curve::NodeKind::smooth}});
    std::vector<art::Id> uppers, lowers, eyes;
    uppers.push_back(area(d, "Upper wing, right", {upper}, wing));
    uppers.push_back(area(d, "Upper wing, left", acrossMiddle(upper, o.x), wing));
    lowers.push_back(area(d, "Lower wing, right", {lower}, low));
    lowers.push_back(area(d, "Lower wing, left", acrossMiddle(lower, o.x), low));
    for (const double side : {1.0, -1.0}) {
        eyes.push_back(area(d, "Eye", {curve::circle({o.x + side * 250, 360}, 52)}, ember));
        eyes.push_back(area(d, "Pupil", {curve::circle({o.x + side * 250, 360}, 22)}, wing, 2));
        eyes.push_back(area(d, "Spot", {curve::circle({o.x + side * 150, 690}, 46)}, lamp));
    }
    const art::Id body = area(d, "Body", {curve::ellipse({540, 600}, 34, 170)}, ember);
    const art::Id head = area(d, "Head", {curve::circle({540, 408}, 40)}, soot);

    art::Light light;
    light.angle = -3 * curve::pi / 4;
    light.height = 0.35;
    light.warm = {255, 214, 130};
    light.cool = art::coolFor(light.warm);
    d = art::withLight(d, light);
    const art::Id rim = ready(d, art::Ready::rim), shadow = ready(d, art::Ready::shadow);
    std::vector<art::Id> large = uppers;
    large.insert(large.end(), lowers.begin(), lowers.end());
    crescents(d, large, 16, false, rim, "Edge light");
    crescents(d, large, 44, true, shadow, "Core shade");
    crescents(d, eyes, 8, false, rim, "Edge light");
    crescents(d, {body, head}, 12, false, rim, "Edge light");
    crescents(d, {body, head}, 22, true, shadow, "Core shade");
    // What the body and the eyes throw on the wings.
    art::Crescent cast;
    cast.kind = art::Crescent::Kind::cast;
    cast.width = 34;
    cast.source = body;
    d = art::withCrescents(d, large, cast, shadow, "Cast by the body").document;
    for (std::size_t k = 0; k < eyes.size(); k += 3) {
        cast.width = 16;
        cast.source = eyes[k];
        d = art::withCrescents(d, {uppers[k == 0 ? 0 : 1]}, cast, shadow, "Cast by the eye").document;
        cast.source = eyes[k + 2];
        d = art::withCrescents(d, {lowers[k == 0 ? 0 : 1]}, cast, shadow, "Cast by the spot").document;
    }
    return art::withShadesFollowed(art::withBackdrop(d, art::backdropFor(d.light), "Backdrop").document);
}

art::Document nightMarketJar()
{
    art::Sheet sheet;
    sheet.width = 900;
    sheet.height = 1080;
    art::Document d = art::newDocument(sheet);
    d.title = "Moss jar";
    d = art::withLayer(d, d.layers.front()->id, [](art::Layer& l) { l.name = "Jar"; });
    const art::Id glass = ink(d, "Jar", {196, 226, 220}), moss = ink(d, "Moss", {130, 154, 70}), peat = ink(d, "Peat", {62, 52, 36}),
                  cork = ink(d, "Cork", {196, 150, 98}), stool = ink(d, "Toadstool", {190, 74, 58}), down = ink(d, "Down", {244, 236, 216});
    const curve::Path pot = smooth({{{300, 300}, {360, 300}, {240, 340}, curve::NodeKind::corner},
                                    {{190, 520}, {190, 420}, {190, 760}, curve::NodeKind::smooth},
                                    {{320, 930}, {200, 930}, {450, 930}, curve::NodeKind::smooth},
                                    {{580, 930}, {450, 930}, {700, 930}, curve::NodeKind::smooth},
                                    {{710, 520}, {710, 760}, {710, 420}, curve::NodeKind::smooth},
                                    {{600, 300}, {660, 340}, {540, 300}, curve::NodeKind::corner}});
    const art::Id jar = area(d, "Jar", {pot}, glass);
    const art::Id ground = area(d, "Ground", {curve::rectangle({150, 760}, {760, 960})}, peat);
    const art::Id mound = area(d, "Moss", {curve::ellipse({430, 790}, 230, 120)}, moss);
    const art::Id stem = area(d, "Stem", {curve::rectangle({470, 600}, {500, 720})}, down);
    const art::Id cap = area(d, "Cap", {curve::ellipse({486, 596}, 74, 44)}, stool);
    const art::Id lid = area(d, "Lid", {curve::rectangle({280, 230}, {620, 306})}, cork);
    // What grows in it lies inside it, the ground below.
    d = art::moved(d, {ground, mound, stem, cap}, {.layer = 0, .parent = jar}).document;

    art::Light light;
    light.angle = -curve::pi / 4;
    light.height = 0.6;
    light.warm = {255, 236, 190};
    light.cool = art::coolFor(light.warm);
    d = art::withLight(d, light);
    const art::Id rim = ready(d, art::Ready::rim), shadow = ready(d, art::Ready::shadow), glow = ready(d, art::Ready::light);
    shade::Scatter grain;
    grain.mark = shade::Mark::strokes;
    grain.spacing = 9;
    grain.least = 3;
    grain.most = 6;
    grain.turn = shade::Turn::outline;
    grain.fall = shade::Fall::light;
    d = art::withScatter(d, {mound}, grain, art::paintOf(d, {moss, -2}), "Blades").document;
    grain.mark = shade::Mark::grain;
    grain.spacing = 7;
    grain.turn = shade::Turn::anyhow;
    grain.fall = shade::Fall::none;
    grain.least = 1.5;
    grain.most = 3.5;
    d = art::withScatter(d, {ground}, grain, art::paintOf(d, {cork, -1}), "Crumbs").document;
    grain.mark = shade::Mark::dots;
    grain.spacing = 22;
    grain.least = 7;
    grain.most = 13;
    d = art::withScatter(d, {cap}, grain, art::paintOf(d, {down, 0}), "Spots").document;
    grain.mark = shade::Mark::grain;
    grain.spacing = 8;
    grain.least = 1;
    grain.most = 3;
    grain.fall = shade::Fall::edge;
    grain.fade = 0.5;
    d = art::withScatter(d, {lid}, grain, art::paintOf(d, {peat, 1}), "Pores").document;
    crescents(d, {mound, cap, stem}, 18, true, shadow, "Core shade");
    crescents(d, {jar, lid, cap}, 12, false, rim, "Edge light");
    crescents(d, {jar}, 60, true, shadow, "Core shade");
    art::Crescent cast;
    cast.kind = art::Crescent::Kind::cast;
    cast.width = 60;
    cast.source = lid;
    d = art::withCrescents(d, {jar}, cast, shadow, "Cast by the lid").document;
    cast.width = 40;
    cast.source = cap;
    d = art::withCrescents(d, {mound}, cast, shadow, "Cast by the cap").document;
    // A shine down the glass that runs out.
    const art::Taken shine = art::withStrokeInside(d, {jar}, curve::ellipse({612, 470}, 24, 120), false, glow, "Shine");
    d = art::withFade(shine.document, shine.items, art::FadeWay{{612, 370}, {606, 580}}).document;
    d.sheet.hasBackground = true;
    d.sheet.background = {236, 228, 214};
    return art::withShadesFollowed(d);
}

} // namespace softrope::demo
