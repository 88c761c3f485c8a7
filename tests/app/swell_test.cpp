// Swell and round corners on the card, by pointer and keys.
#include <catch2/catch.hpp>

#include "hand.h"

#include "app/widgets/swell_curve.h"
#include "art/art.h"

#include <QComboBox>

using namespace softrope;
using hand::Hand;
using softrope::app::Window;

namespace {

struct Picked {
    Window window;
    Hand hand{window};
    Picked()
    {
        art::Item i;
        art::Artwork a;
        a.setPaths({curve::polyline({{200, 300}, {800, 300}, {800, 700}}, false)});
        a.stroke.colour = art::Colour{0, 0, 0};
        a.stroke.width = 20;
        i.is = a;
        const art::Added added = art::withItem(art::newDocument(), 0, i);
        window.session().start(added.document, {});
        window.setStep(app::StepId::trace);
        window.session().pickItems({added.id});
        hand::settle(60);
    }
    const art::Artwork& line() { return *hand.lines().at(0)->artwork(); }
};

} // namespace

TEST_CASE("a swell is chosen by name, shaped by a bead, and taken back in one step")
{
    Picked p;
    auto* names = hand::shown<QComboBox>(p.window, "Swell");
    REQUIRE(names);
    names->setCurrentIndex(1);
    emit names->activated(1);
    REQUIRE(p.line().stroke.swell);
    hand::settle(60);
    auto* shape = hand::shown<app::SwellCurve>(p.window, "Swell");
    REQUIRE(shape);
    const auto before = *p.line().stroke.swell;
    REQUIRE(before.beads.size() == 3);
    p.window.session().endBurst();
    const QPointF bead = shape->beadAt(1);
    QTest::mousePress(shape, Qt::LeftButton, {}, bead.toPoint());
    for (int k = 1; k <= 5; ++k) QTest::mouseMove(shape, (bead + QPointF(0, 3 * k)).toPoint());
    QTest::mouseRelease(shape, Qt::LeftButton, {}, (bead + QPointF(0, 15)).toPoint());
    CHECK(p.line().stroke.swell->beads[1].width < before.beads[1].width - 0.3);
    p.hand.window.run("undo");
    CHECK(*p.line().stroke.swell == before);
}

TEST_CASE("corners are rounded live with the slider's keys, and a line becomes a shape")
{
    Picked p;
    auto* slider = hand::shown<app::Slider>(p.window, "Round corners");
    REQUIRE(slider);
    slider->setFocus();
    for (int k = 0; k < 6; ++k) QTest::keyClick(slider, Qt::Key_Right, Qt::ShiftModifier);
    CHECK(p.line().rounding());
    CHECK(p.line().paths[0].nodes.size() == 4);
    hand::settle(50);
    p.window.session().pickItems({p.hand.lines().at(0)->id});
    p.window.canvas().setFocus();
    p.hand.key(Qt::Key_L, Qt::ShiftModifier);
    CHECK(p.line().fill.colour);
    CHECK(p.line().paths[0].closed);
}

TEST_CASE("pen pressure becomes the swell of the line")
{
    Window window;
    Hand hand(window);
    window.session().start(art::newDocument(), {});
    window.setStep(app::StepId::trace);
    window.run("tool-freehand");
    app::Tool* tool = window.canvas().tool();
    app::Pointer at;
    at.pen = true;
    for (int i = 0; i <= 80; ++i) {
        at.sheet = {200 + i * 8.0, 500 + 60 * std::sin(i * 0.05)};
        at.pressure = static_cast<float>(0.1 + 0.8 * std::sin(curve::pi * i / 80));
        at.time = i * 0.01;
        if (i == 0)
            tool->press(at);
        else
            tool->drag(at);
    }
    tool->lift(at);
    REQUIRE(hand.lines().size() == 1);
    const auto& swell = hand.lines()[0]->artwork()->stroke.swell;
    REQUIRE(swell);
    CHECK(curve::widthAt(*swell, 0.5) > 2 * curve::widthAt(*swell, 0.02));
}

TEST_CASE("a swell kept by name is there for other lines until it is forgotten")
{
    const curve::Swell own = curve::tidied({{{0, 0.5}, {0.3, 1.7}, {1, 0.2}}, 0.1, 0});
    const auto named = [](const QString& name) {
        for (const app::NamedSwell& s : app::swellLibrary())
            if (s.name == name) return std::optional(s);
        return std::optional<app::NamedSwell>();
    };
    app::keepSwell("Moth feeler", own);
    REQUIRE(named("Moth feeler"));
    CHECK(named("Moth feeler")->own);
    CHECK(named("Moth feeler")->swell.beads[1].width == Approx(1.7));
    app::keepSwell("Moth feeler", curve::tidied({{{0, 1}}, 0, 0}));
    CHECK(named("Moth feeler")->swell.beads.size() == 1);
    app::dropSwell("Moth feeler");
    CHECK_FALSE(named("Moth feeler"));
    CHECK(named("Belly"));
}
