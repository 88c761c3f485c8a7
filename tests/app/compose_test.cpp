// Composing by the card: sizes typed for several, a frame behind them, and all fitted in and clipped.
#include "app/hand.h"

#include "app/widgets/widgets.h"
#include "art/edits.h"

using namespace softrope;
using curve::Vec2;
using hand::Hand;

namespace {

art::Item square(Vec2 at, double side)
{
    art::Item i;
    art::Artwork a;
    a.setPaths({curve::rectangle(at, at + Vec2{side, side})});
    a.fill.colour = art::Colour{168, 66, 44};
    a.stroke.colour.reset();
    i.is = std::move(a);
    return i;
}

} // namespace

TEST_CASE("a shelf of things gets its sizes, a round frame behind it and goes into it, each one step back")
{
    app::Window w;
    Hand h(w);
    art::Document d = art::newDocument();
    const art::Added a = art::withItem(d, 0, square({100, 100}, 60)), b = art::withItem(a.document, 0, square({400, 100}, 120));
    w.session().start(b.document, {});
    h.canvas().fitSheet();
    w.setStep(app::StepId::build);
    hand::settle();
    h.canvas().setSetting(app::settings::sizeEvenly, true);
    h.canvas().setSetting(app::settings::sizeEach, false);
    h.canvas().setSetting(app::settings::fitThen, 1);
    h.canvas().setSetting(app::settings::frameMargin, 24);
    w.session().pickItems({a.id, b.id});
    hand::settle(60);
    const auto number = [&](const QString& name, const QString& value) { hand::enter(w, name, value); };
    const auto width = [&](art::Id id) { return art::bounds(w.session().document(), {id}).width(); };
    number("Width of all", "840");
    CHECK(width(a.id) == Approx(120));
    hand::shown(w, "Each by itself")->click();
    number("Width of all", "90");
    CHECK(width(a.id) == Approx(90));
    CHECK(width(b.id) == Approx(90));
    hand::push(w, "Round");
    hand::settle(60);
    REQUIRE(w.session().selection().items.size() == 3);
    const art::Id frame = w.session().selection().items.front();
    CHECK(h.document().layers[0]->items[0]->id == frame);
    const double before = width(frame);
    w.session().take(art::transformed(h.document(), {frame}, curve::about({500, 500}, curve::scaling(0.5, 0.5))).document, "Smaller");
    hand::push(w, "Fit in");
    hand::settle(60);
    CHECK(h.document().parentOf(a.id)->id == frame);
    CHECK(h.document().parentOf(b.id)->id == frame);
    CHECK(width(frame) == Approx(before / 2));
    CHECK(w.session().selection().items == std::vector<art::Id>{frame});
    w.run("undo");
    CHECK_FALSE(h.document().parentOf(a.id));
    // One thing alone is not fitted into anything.
    w.session().pickItems({a.id});
    w.run("fit-in");
    CHECK_FALSE(h.document().parentOf(a.id));
}
