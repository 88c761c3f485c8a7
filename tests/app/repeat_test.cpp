// Repeat by pointer and keys: a wreath by one click, lamps along a line, rows by a drag, and all follow one.
#include "app/hand.h"

#include "app/widgets/widgets.h"
#include "art/edits.h"
#include "art/inks.h"
#include "art/repeat.h"

using namespace softrope;
using curve::Vec2;
using hand::Hand;

namespace {

struct Yard {
    app::Window w;
    Hand h{w};
    art::Id bead = 0;
    Yard()
    {
        art::Document d = art::newDocument();
        d = art::withItem(d, 0, shape(curve::circle({540, 300}, 30), art::Colour{168, 66, 44})).document;
        bead = d.layers[0]->items[0]->id;
        w.session().start(d, {});
        h.canvas().fitSheet();
        h.canvas().setSnapping(false);
        w.setStep(app::StepId::colour);
        hand::settle();
        h.canvas().setSetting(app::settings::repeatWay, 0);
        h.canvas().setSetting(app::settings::repeatCount, 8);
        h.click({540, 300});
        h.key(Qt::Key_J);
        hand::settle();
    }
    ~Yard() { h.canvas().setSnapping(true); }
    static art::Item shape(curve::Path p, std::optional<art::Colour> fill)
    {
        art::Item i;
        art::Artwork a;
        a.setPaths({std::move(p)});
        a.fill.colour = fill;
        if (fill) a.stroke.colour.reset();
        i.is = std::move(a);
        return i;
    }
    const art::Document& d() { return w.session().document(); }
    const art::Item& repeat()
    {
        REQUIRE(w.session().selection().items.size() == 1);
        const art::Item* i = d().item(w.session().selection().items.front());
        REQUIRE((i && i->group() && i->group()->repeat()));
        return *i;
    }
    std::size_t count() { return repeat().group()->items.size(); }
    Vec2 middle(std::size_t k) { return art::bounds(*repeat().group()->items[k]).centre(); }
    void number(const QString& name, const QString& value) { hand::enter(w, name, value); }
};

} // namespace

TEST_CASE("a wreath of beads is one click, its count a key, its radius and angle on the card, its centre a bead to drag")
{
    Yard y;
    REQUIRE(y.h.canvas().tool()->id() == "repeats");
    y.h.click({540, 540});
    REQUIRE(y.count() == 8);
    CHECK(distance(y.middle(4), {540, 780}) < 1);
    y.h.key(Qt::Key_Up);
    y.h.key(Qt::Key_Up);
    CHECK(y.count() == 10);
    y.number("Radius", "300");
    CHECK(distance(y.middle(0), {540, 240}) < 1);
    y.number("Angle", "90");
    CHECK(distance(y.middle(9), {840, 540}) < 1);
    y.number("Count", "3");
    CHECK(y.count() == 3);
    const Vec2 first = y.middle(0);
    y.h.drag({540, 540}, {600, 600});
    CHECK(distance(y.middle(0), first) < 1e-6);
    CHECK(distance(art::centreOf(*y.repeat().group()->repeat()), {600, 600}) < 1.5);
    for (int k = 0; k < 12; ++k) y.w.run("undo");
    CHECK(y.d().item(y.bead));
    CHECK(y.d().layers[0]->items.size() == 1);
}

TEST_CASE("one of them is picked by a second click, moved and painted, and all follow; Set makes them plain")
{
    Yard y;
    y.h.click({540, 540});
    REQUIRE(y.count() == 8);
    const art::Id wreath = y.repeat().id;
    y.h.key(Qt::Key_Escape);
    y.h.key(Qt::Key_Escape);
    // The one at the bottom: first the wreath, then the bead.
    y.h.click({540, 780});
    y.h.click({540, 780});
    REQUIRE(y.w.session().selection().items != std::vector<art::Id>{wreath});
    y.h.drag({540, 780}, {540, 740});
    y.w.session().take(art::withPaint(y.d(), y.w.session().selection().items, {art::Colour{1, 2, 3}, {}}, art::Part::area), "Paint");
    const art::Group& g = *y.d().item(wreath)->group();
    REQUIRE(g.repeat());
    for (const art::ItemPtr& i : *g.items) {
        CHECK(i->artwork()->fill.colour == art::Colour{1, 2, 3});
        CHECK(distance(art::bounds(*i).centre(), {540, 540}) == Approx(200).margin(1.5));
    }
    y.w.session().pickItems({wreath});
    hand::push(y.w, "Set");
    CHECK_FALSE(y.d().item(wreath)->group()->repeat());
    CHECK(y.d().item(wreath)->group()->items->size() == 8);
}

TEST_CASE("lamps stand along the line that is clicked and go with it, rows are dragged out of the thing")
{
    Yard y;
    const art::Added line = art::withItem(y.d(), 0, Yard::shape(curve::polyline({{200, 700}, {900, 700}}, false), std::nullopt));
    y.w.session().take(line.document, "Line");
    y.w.session().pickItems({y.bead});
    hand::push(y.w, "Along");
    hand::settle();
    y.h.click({400, 400}); // no line there
    CHECK(y.w.session().selection().items == std::vector<art::Id>{y.bead});
    y.h.click({500, 700});
    REQUIRE(y.count() == 8);
    CHECK(distance(y.middle(0), {200, 700}) < 1);
    CHECK(distance(y.middle(7), {900, 700}) < 1);
    y.w.session().take(art::transformed(y.d(), {line.id}, curve::translation({0, 50})), "Move");
    CHECK(distance(y.middle(3), {500, 750}) < 1);
    // Rows, from another bead.
    const art::Added other = art::withItem(y.d(), 0, Yard::shape(curve::circle({200, 200}, 20), art::Colour{9, 9, 9}));
    y.w.session().take(other.document, "Bead");
    y.w.session().pickItems({other.id});
    hand::push(y.w, "Rows");
    hand::settle();
    y.h.drag({200, 200}, {400, 300});
    REQUIRE(y.count() == 9);
    CHECK(distance(y.middle(8), {400, 300}) < 2);
    CHECK(distance(y.middle(1), {300, 200}) < 2);
    y.h.drag(y.middle(1), {320, 200});
    CHECK(distance(y.middle(2), {440, 200}) < 3);
}
