// A fill in hand for what is closed next, and the shelf of ready palettes.
#include "app/hand.h"

#include "app/widgets/ink_widgets.h"
#include "app/widgets/widgets.h"
#include "art/inks.h"
#include "art/ready_palettes.h"

#include <cmath>

using namespace softrope;
using curve::Vec2;
using hand::Hand;

namespace {

std::vector<Vec2> round(Vec2 centre, double radius)
{
    std::vector<Vec2> out;
    for (int k = 0; k <= 60; ++k) out.push_back(centre + radius * curve::direction(2 * curve::pi * k / 60));
    return out;
}

} // namespace

TEST_CASE("a working colour in hand fills each shape as it closes: pen, straights, freehand and figures, until it is let go")
{
    app::Window w;
    Hand h(w);
    w.session().start(art::newDocument(), {});
    h.canvas().fitSheet();
    w.setStep(app::StepId::trace);
    h.canvas().setFocus();
    w.run("will-be-dark");
    const art::Id dark = art::workingInk(h.document(), art::Meaning::willBeDark);
    REQUIRE(dark);
    const auto last = [&] { return h.lines().back()->artwork()->fill; };

    h.key(Qt::Key_S); // pen
    for (const Vec2 p : {Vec2{100, 100}, {200, 100}, {150, 200}}) h.click(p);
    CHECK_FALSE(last().colour); // not closed yet
    h.click({100, 100});
    CHECK(last().ink.ink == dark);
    h.key(Qt::Key_F); // straights
    for (const Vec2 p : {Vec2{300, 100}, {400, 100}, {350, 200}, {300, 100}}) h.click(p);
    CHECK(last().ink.ink == dark);
    h.key(Qt::Key_D); // freehand
    h.stroke(round({550, 150}, 60));
    REQUIRE(h.lines().back()->artwork()->paths->front().closed);
    CHECK(last().ink.ink == dark);
    h.stroke({{700, 100}, {760, 130}, {820, 180}});
    CHECK_FALSE(last().colour); // open
    w.setStep(app::StepId::build);
    h.canvas().setFocus();
    h.key(Qt::Key_S); // rectangle
    h.drag({100, 400}, {200, 460});
    CHECK(last().ink.ink == dark);
    h.key(Qt::Key_D); // line
    h.drag({300, 400}, {400, 460});
    CHECK_FALSE(last().colour);

    // The ink is mixed anew: what comes next has it as it is now.
    w.session().take(art::withInkColour(h.document(), dark, {10, 20, 30}), "Mix ink");
    h.key(Qt::Key_A); // circle
    h.drag({600, 400}, {650, 400});
    CHECK(last().colour == art::Colour{10, 20, 30});
    w.run("let-fill-go");
    h.drag({800, 400}, {850, 400});
    CHECK_FALSE(last().colour);
    // One step a shape, its fill with it.
    w.run("undo");
    w.run("undo");
    CHECK(h.lines().size() == 6);
}

TEST_CASE("the key of an ink fills what is drawn next while a tool that draws is in hand")
{
    app::Window w;
    Hand h(w);
    art::Document d = art::newDocument();
    const art::Added ink = art::withInk(d, "Kiln", {166, 63, 43});
    w.session().start(ink.document, {});
    h.canvas().fitSheet();
    w.setStep(app::StepId::trace);
    h.canvas().setFocus();
    h.key(Qt::Key_F);
    w.run("ink-1");
    for (const Vec2 p : {Vec2{300, 100}, {400, 100}, {350, 200}, {300, 100}}) h.click(p);
    CHECK(h.lines().back()->artwork()->fill.ink.ink == ink.id);
    // Another piece starts with nothing in hand.
    w.session().start(ink.document, {});
    for (const Vec2 p : {Vec2{300, 100}, {400, 100}, {350, 200}, {300, 100}}) h.click(p);
    CHECK_FALSE(h.lines().back()->artwork()->fill.colour);
}

TEST_CASE("Colour begins with a shelf of palettes: pointed at, the drawing is seen in it, and clicked, its inks are there")
{
    app::Window w;
    Hand h(w);
    art::Document d = art::newDocument();
    for (const auto& [x, c] : {std::pair{100.0, art::Colour{240, 240, 240}}, {300.0, art::Colour{20, 20, 20}}}) {
        art::Item i;
        art::Artwork a;
        a.setPaths({curve::rectangle({x, 100}, {x + 150, 400})});
        a.fill.colour = c;
        a.stroke.colour.reset();
        i.is = std::move(a);
        d = art::withItem(d, 0, std::move(i)).document;
    }
    w.session().start(d, {});
    h.canvas().fitSheet();
    w.setStep(app::StepId::colour);
    hand::settle();
    const auto strips = [&] {
        std::vector<app::PaletteStrip*> out;
        for (app::PaletteStrip* s : w.findChildren<app::PaletteStrip*>())
            if (!s->isHidden()) out.push_back(s);
        return out;
    };
    REQUIRE(strips().size() == art::readyPalettes().size());
    const auto seenAt = [&](Vec2 p) {
        hand::idle(w);
        return w.canvas().grab().toImage().pixelColor(h.on(p).toPoint());
    };
    const QColor before = seenAt({375, 250});
    app::PaletteStrip* strip = strips()[1];
    QEnterEvent enter(QPointF(5, 5), QPointF(5, 5), strip->mapToGlobal(QPointF(5, 5)));
    QCoreApplication::sendEvent(strip, &enter);
    const QColor shown = seenAt({375, 250});
    CHECK(shown != before);
    CHECK(h.document() == d); // only looked at
    QEvent leave(QEvent::Leave);
    QCoreApplication::sendEvent(strip, &leave);
    CHECK(seenAt({375, 250}) == before);
    QTest::mouseClick(strip, Qt::LeftButton);
    CHECK(h.document().inks.size() == art::readyPalettes()[1].inks.size());
    CHECK(seenAt({375, 250}) == shown);
    hand::settle();
    CHECK(strips().empty()); // the inks stand there now
    w.run("undo");
    CHECK(h.document() == d);
    // Only loaded, and shown beside inks, when that is wanted.
    w.canvas().setSetting(app::settings::paletteLays, false);
    hand::settle();
    REQUIRE_FALSE(strips().empty());
    QTest::mouseClick(strips()[2], Qt::LeftButton);
    CHECK(*h.lines().front()->artwork()->fill.colour == art::Colour{240, 240, 240});
    CHECK(h.document().inks.size() == art::readyPalettes()[2].inks.size());
    w.run("palette-shelf");
    hand::settle();
    CHECK(strips().size() == art::readyPalettes().size());
    w.run("palette-shelf");
    hand::settle();
    CHECK(strips().empty());
    w.canvas().setSetting(app::settings::paletteLays, true);
}
