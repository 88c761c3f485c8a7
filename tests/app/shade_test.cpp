// The Shade step by pointer and keys: three jobs from bare areas to light and shadow, each counting its acts.
#include "app/hand.h"

#include "app/widgets/light_dial.h"
#include "app/widgets/widgets.h"
#include "art/arrange.h"
#include "art/inks.h"
#include "art/lights.h"
#include "art/looks.h"
#include "art/mirrored.h"
#include "art/shades.h"
#include "art/tree.h"
#include "files/svg.h"

#include <cmath>

using namespace softrope;
using curve::Vec2;
using hand::Hand;

using hand::put;

namespace {

const std::vector<art::ItemPtr>& insideOf(const art::Document& d, art::Id area)
{
    return d.item(area)->artwork()->inside;
}

void shadeStep(Hand& h)
{
    h.window.setStep(app::StepId::shade);
    h.canvas().fitSheet();
    h.canvas().setFocus();
    hand::idle(h.window);
}

QColor seenAt(Hand& h, Vec2 p)
{
    hand::idle(h.window);
    return h.canvas().grab().toImage().pixelColor(h.on(p).toPoint());
}

} // namespace

TEST_CASE("a paper lantern: edge lights and shadows in all its parts in one act each, a band over them, the light turned, a backdrop")
{
    app::Window w;
    Hand h(w);
    art::Document d = art::newDocument();
    const art::Id body = put(d, curve::ellipse({540, 520}, 200, 240), {206, 74, 52}, "Body");
    const art::Id cap = put(d, curve::rectangle({470, 250}, {610, 300}), {60, 44, 40}, "Cap");
    const art::Id base = put(d, curve::rectangle({480, 745}, {600, 790}), {60, 44, 40}, "Base");
    const art::Id left = put(d, curve::ellipse({430, 520}, 20, 220), {170, 54, 44}, "Rib");
    const art::Id right = put(d, curve::ellipse({650, 520}, 20, 220), {170, 54, 44}, "Rib 2");
    w.session().start(d, {});
    shadeStep(h);
    const std::vector<art::Id> parts{body, cap, base, left, right};
    // Edge lights on five parts: one act.
    w.session().pickItems(parts);
    h.key(Qt::Key_F3);
    CHECK(w.session().history().length() == 1);
    for (const art::Id p : parts) {
        REQUIRE(insideOf(h.document(), p).size() == 1);
        CHECK(insideOf(h.document(), p).front()->blur == 6);
        CHECK(insideOf(h.document(), p).front()->artwork()->crescent()->byLight);
    }
    // The far rims too: one more.
    w.session().pickItems(parts);
    h.key(Qt::Key_F3, Qt::ShiftModifier);
    CHECK(w.session().history().length() == 2);
    CHECK(insideOf(h.document(), body).size() == 2);
    CHECK(insideOf(h.document(), body).back()->blend == art::Blend::multiply);
    // A shadow band by hand over all of them: cut into each it meets.
    w.session().pickItems(parts);
    h.key(Qt::Key_F);
    REQUIRE(h.canvas().tool()->id() == "freehand");
    std::vector<Vec2> stroke;
    for (int k = 0; k <= 40; ++k) stroke.push_back({320 + 11.0 * k, 640 + 6 * std::sin(k / 8.0)});
    h.stroke(stroke);
    CHECK(w.session().history().length() == 3);
    CHECK(insideOf(h.document(), body).size() == 3);
    CHECK(insideOf(h.document(), left).size() == 3);
    CHECK(insideOf(h.document(), cap).size() == 2); // it does not reach there
    const curve::Box band = curve::bounds(insideOf(h.document(), body).back()->artwork()->paths);
    CHECK(band.min.y > 600);

    // The light turned by its dial and by the tool: what follows, follows; one step each.
    const Vec2 lit{540 - 190, 520}, far{540 + 190, 520};
    const QColor before = seenAt(h, far);
    h.key(Qt::Key_Escape);
    h.key(Qt::Key_Escape);
    w.session().pickItems({});
    h.key(Qt::Key_A);
    REQUIRE(h.canvas().tool()->id() == "light");
    const art::Document unturned = h.document();
    h.move({900, 540}, false);
    h.press({900, 540});
    h.move({940, 540});
    CHECK(hand::waitFor([&] { return seenAt(h, far) != before; })); // seen at once
    CHECK(h.document() == unturned);                                // and nothing changed yet
    h.lift({940, 540});
    CHECK(w.session().history().length() == 4);
    CHECK(std::abs(h.document().light.angle) < 0.02);
    CHECK(insideOf(h.document(), body).front()->artwork()->paths->front().nodes.size() >= 4);
    CHECK(curve::bounds(insideOf(h.document(), body).front()->artwork()->paths).max.x == Approx(740).margin(0.5));
    CHECK(curve::bounds(insideOf(h.document(), body)[1]->artwork()->paths).min.x == Approx(340).margin(0.5));
    h.press({200, 200});
    h.canvas().escape(); // given up: as it was
    h.lift({200, 200});
    CHECK(std::abs(h.document().light.angle) < 0.02);

    w.run("light-backdrop");
    CHECK(h.document().layers.size() == 2);
    CHECK(h.document().layers.front()->items.front()->artwork()->fill.gradient->byLight);
    // Kept in the file, live.
    const files::SvgResult again = files::readSvg(files::writeWorkingSvg(h.document()));
    CHECK(again.document == h.document());
    CHECK(art::staleShades(again.document).empty());
    (void)lit;
}

TEST_CASE("a moth at rest: three shadows in one look, a light by screen at 5 %, and the look changed once for all")
{
    app::Window w;
    Hand h(w);
    art::Document d = art::newDocument();
    const art::Id wing = put(d, curve::ellipse({420, 500}, 240, 160), {120, 96, 70}, "Wing");
    w.session().start(d, {});
    shadeStep(h);
    w.session().pickItems({wing});
    // Pen strokes across, each a shade with its look: two acts at most, here the drag and Enter are one.
    h.key(Qt::Key_D);
    REQUIRE(h.canvas().tool()->id() == "pen");
    for (const double y : {580.0, 610.0, 635.0}) {
        w.session().pickItems({wing});
        h.click({150, y});
        h.click({700, y + 10});
        h.key(Qt::Key_Return);
    }
    REQUIRE(insideOf(h.document(), wing).size() == 3);
    const art::Id look = h.document().looks.front().id;
    for (const art::ItemPtr& s : insideOf(h.document(), wing)) CHECK(s->look == look);
    CHECK(h.document().layers.back()->items.size() == 1); // no line was left behind
    // The look changed once.
    w.session().take(art::withLookChanged(h.document(), look, [](art::NamedLook& l) { l.opacity = 0.35; }), "Change look");
    for (const art::ItemPtr& s : insideOf(h.document(), wing)) CHECK(s->opacity == 0.35);
    // One highlight, screen, at 5 %; opacity does not change the mode.
    h.canvas().takeTool("crescent");
    w.session().pickItems({wing});
    h.drag({250, 390}, {275, 410});
    REQUIRE(insideOf(h.document(), wing).size() == 4);
    const art::Id light = insideOf(h.document(), wing).back()->id;
    CHECK(h.document().item(light)->blend == art::Blend::screen);
    w.session().take(art::withTraits(h.document(), {light}, {.opacity = 0.05}), "Opacity");
    CHECK(h.document().item(light)->blend == art::Blend::screen);
    CHECK(h.document().item(light)->look == 0); // its own now
    w.session().pickItems({light});
    w.run("look-rim"); // the way back
    CHECK(h.document().item(light)->opacity == 0.8);
    w.run("pick-look");
    CHECK(w.session().selection().items == std::vector<art::Id>{light});
}

TEST_CASE("a crescent is one drag: as wide as the drag, by the light when it is near it, and its bead changes it")
{
    app::Window w;
    Hand h(w);
    art::Document d = art::newDocument();
    const art::Id jar = put(d, curve::circle({540, 540}, 200), {90, 150, 150}, "Jar");
    w.session().start(d, {});
    shadeStep(h);
    h.key(Qt::Key_S);
    REQUIRE(h.canvas().tool()->id() == "crescent");
    // From the upper left inwards: by the light.
    const Vec2 in = curve::direction(curve::pi / 4 + 0.1);
    const Vec2 edge = Vec2{540, 540} - 200 * in;
    h.drag(edge, edge + 30 * in);
    REQUIRE(insideOf(h.document(), jar).size() == 1);
    const art::Id shade = insideOf(h.document(), jar).front()->id;
    const auto crescent = [&] { return *h.document().item(shade)->artwork()->crescent(); };
    CHECK(crescent().byLight);
    CHECK(crescent().width == Approx(30).margin(1));
    CHECK(w.session().history().length() == 1);
    CHECK(w.lastSaid().contains("by the light"));
    // Its bead, a third of the way in from the edge, dragged further in.
    const Vec2 way = curve::direction(h.document().light.angle);
    const Vec2 bead = Vec2{540, 540} + 170 * way;
    h.drag(bead, bead - 20 * way);
    CHECK(crescent().width == Approx(50).margin(1.5));
    CHECK(w.session().history().length() == 2); // one drag, one step
    // With Ctrl to a side of its own, and back by its card.
    const Vec2 now = Vec2{540, 540} + 150 * way;
    h.held = Qt::ControlModifier;
    h.drag(now, {640, 540});
    h.held = Qt::NoModifier;
    CHECK_FALSE(crescent().byLight);
    CHECK(art::againstLight(h.document()).size() == 1);
    w.run("next-against");
    CHECK(w.lastSaid().contains("ignore"));
    w.run("turn-to-light");
    CHECK(crescent().byLight);
    // A click with Shift: a core shade of the last width.
    w.session().pickItems({jar});
    h.held = Qt::ShiftModifier;
    h.click({540, 540});
    h.held = Qt::NoModifier;
    REQUIRE(insideOf(h.document(), jar).size() == 2);
    CHECK(insideOf(h.document(), jar).back()->artwork()->crescent()->against);
    // Nothing there: said.
    h.key(Qt::Key_Escape);
    h.key(Qt::Key_Escape);
    h.key(Qt::Key_S);
    h.click({60, 60});
    CHECK(w.lastSaid().contains("no area"));
}

TEST_CASE("what one thing casts on another, put inside and taken out, scatter and fades, by hand")
{
    app::Window w;
    Hand h(w);
    art::Document d = art::newDocument();
    const art::Id face = put(d, curve::circle({500, 540}, 220), {236, 210, 170}, "Face");
    const art::Id eye = put(d, curve::circle({460, 500}, 40), {60, 60, 80}, "Eye");
    const art::Id bar = put(d, curve::rectangle({560, 420}, {820, 460}), {200, 80, 60}, "Bar");
    w.session().start(d, {});
    shadeStep(h);
    w.canvas().setSetting(app::settings::crescentKind, 2);
    h.key(Qt::Key_S);
    h.held = Qt::ControlModifier; // its own way
    h.drag({460, 500}, {500, 530});
    h.held = Qt::NoModifier;
    REQUIRE(insideOf(h.document(), face).size() == 1);
    const art::Artwork& cast = *insideOf(h.document(), face).front()->artwork();
    CHECK(cast.crescent()->source == eye);
    CHECK(curve::bounds(cast.paths).centre().x == Approx(500).margin(1));
    // The eye moved: its shade goes along.
    w.session().take(art::transformed(h.document(), {eye}, curve::translation({30, 0})), "Move");
    hand::idle(w);
    CHECK(curve::bounds(insideOf(h.document(), face).front()->artwork()->paths).centre().x == Approx(530).margin(1));
    w.canvas().setSetting(app::settings::crescentKind, 0);

    // The bar dragged into the face, and out with Alt.
    h.key(Qt::Key_Escape);
    h.key(Qt::Key_Escape);
    h.key(Qt::Key_G);
    REQUIRE(h.canvas().tool()->id() == "inside");
    h.drag({780, 440}, {440, 640});
    CHECK(h.document().parentOf(bar)->id == face);
    h.held = Qt::AltModifier;
    h.click({600, 440});
    h.held = Qt::NoModifier;
    CHECK(h.document().parentOf(bar) == nullptr);

    // Scatter: a drag thins it out that way; the card's seed shuffles it.
    h.key(Qt::Key_Escape);
    w.session().pickItems({face});
    h.key(Qt::Key_J);
    REQUIRE(h.canvas().tool()->id() == "scatter");
    h.drag({400, 600}, {400, 700});
    const art::ItemPtr grain = insideOf(h.document(), face).back();
    REQUIRE(grain->artwork()->scatter());
    CHECK(grain->artwork()->scatter()->fall == shade::Fall::side);
    CHECK(grain->artwork()->paths->size() > 200);
    // Fade along the light, in one act.
    w.run("fade");
    CHECK(h.document().item(grain->id)->artwork()->fill.gradient->stops.back().opacity == 0);
    w.run("undo");
    CHECK_FALSE(h.document().item(grain->id)->artwork()->fill.gradient);
}

TEST_CASE("a half-drawn glass jar: bowed straights, mirrored, shade and light inside, all still to be edited")
{
    app::Window w;
    Hand h(w);
    w.session().start(art::newDocument(), {});
    h.canvas().fitSheet();
    w.setStep(app::StepId::trace);
    h.canvas().setFocus();
    // Half of it by straights, its side bowed out; then the other half.
    h.key(Qt::Key_F);
    for (const Vec2 p : {Vec2{540, 250}, {660, 250}, {660, 800}, {540, 800}}) h.click(p);
    h.key(Qt::Key_Return);
    h.key(Qt::Key_G);
    REQUIRE(h.canvas().tool()->id() == "bow");
    h.drag({660, 525}, {760, 525});
    const art::Id layer = w.session().selection().layer;
    w.session().take(art::withMirror(h.document(), layer, mirror::Axis{{540, 0}, curve::pi / 2}), "Mirror");
    w.run("weld");
    REQUIRE(hand::waitFor([&] { return !h.document().layer(layer)->mirror; }));
    const art::Id jar = h.document().layer(layer)->items.front()->id;
    const art::Artwork& whole = *h.document().item(jar)->artwork();
    REQUIRE(whole.paths->size() == 1);
    CHECK(whole.paths->front().closed);
    const curve::Box b = curve::bounds(whole.paths);
    CHECK(b.centre().x == Approx(540).margin(1));
    w.session().pickItems({jar});
    w.session().take(art::withPaint(h.document(), {jar}, {art::Colour{180, 214, 208}, {}}, art::Part::area), "Fill");
    // Shade and light inside: one act each.
    shadeStep(h);
    w.session().pickItems({jar});
    const std::size_t before = w.session().history().length();
    h.key(Qt::Key_F3);
    w.session().pickItems({jar});
    h.key(Qt::Key_F3, Qt::ShiftModifier);
    CHECK(w.session().history().length() == before + 2);
    REQUIRE(insideOf(h.document(), jar).size() == 2);
    // A node of the jar moved: its shades follow; a width typed on the card; the light turned.
    const double was = curve::bounds(insideOf(h.document(), jar)[1]->artwork()->paths).max.x;
    w.setStep(app::StepId::trace);
    w.session().pickItems({jar});
    h.canvas().takeTool("nodes");
    Vec2 node;
    for (const curve::Node& n : h.document().item(jar)->artwork()->paths->front().nodes)
        if (n.at.x > 600 && n.at.y > 700) node = n.at;
    h.drag(node, node + Vec2{60, 10});
    hand::idle(w);
    CHECK(curve::bounds(insideOf(h.document(), jar)[1]->artwork()->paths).max.x > was + 5);
    CHECK(art::staleShades(h.document()).empty());
    CHECK(h.document().item(jar)->artwork()->inside.size() == 2);
}

TEST_CASE("the dial turns the light by pointer and keys, and flattening leaves what it was made from")
{
    app::Window w;
    Hand h(w);
    art::Document d = art::newDocument();
    const art::Id jar = put(d, curve::circle({540, 540}, 200), {90, 150, 150}, "Jar");
    w.session().start(d, {});
    shadeStep(h);
    auto* dial = w.findChild<app::LightDial*>();
    REQUIRE(dial);
    QTest::mousePress(dial, Qt::LeftButton, {}, {70, 38});
    CHECK(h.document().light == art::Light{}); // only shown
    QTest::mouseRelease(dial, Qt::LeftButton, {}, {70, 38});
    CHECK(std::abs(h.document().light.angle) < 0.1);
    CHECK(w.session().history().length() == 1);
    const double before = h.document().light.angle;
    dial = w.findChild<app::LightDial*>();
    dial->setFocus();
    QTest::keyClick(dial, Qt::Key_Right);
    CHECK(h.document().light.angle == Approx(before + curve::radians(3)));
    w.session().pickItems({jar});
    w.run("edge-light");
    const art::Document shaded = h.document();
    w.run("flatten");
    REQUIRE(hand::waitFor([&] { return !w.busy() && !(h.document() == shaded); }));
    CHECK_FALSE(h.document().layers.front()->shown);
    CHECK(h.document().layers.back()->items.size() > 3);
    CHECK(w.lastSaid().contains("flat areas"));
    w.run("undo");
    CHECK(h.document() == shaded);
    // Another step: strokes are lines again.
    w.setStep(app::StepId::trace);
    w.session().pickItems({jar});
    h.key(Qt::Key_D);
    h.stroke({{300, 200}, {400, 260}, {520, 300}});
    CHECK(h.document().layers.back()->items.size() == 2);
}
