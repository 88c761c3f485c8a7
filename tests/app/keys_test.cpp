// Keys and commands: no two on one key, each reachable, and the cards of what can be picked.
#include "app/cards/card.h"
#include "app/hand.h"
#include "app/tone_pieces.h"
#include "art/arrange.h"
#include "art/facets.h"
#include "art/inks.h"

#include <QAction>
#include <QLineEdit>
#include <QMenuBar>

#include <map>

using namespace softrope;
using hand::Hand;

TEST_CASE("no key stands for two things, and every act of arranging is in a menu")
{
    app::Window w;
    Hand h(w);
    std::map<QString, QString> byKey;
    for (QAction* a : w.actions()) {
        const QString key = a->shortcut().toString();
        if (key.isEmpty()) continue;
        INFO(key.toStdString() << ": " << a->text().toStdString() << ", " << byKey[key].toStdString());
        CHECK(byKey[key].isEmpty());
        byKey[key] = a->text();
    }
    CHECK(byKey["Ctrl+G"] == "Group");
    CHECK(byKey["Ctrl+Shift+G"] == "Ungroup");
    CHECK(byKey.size() > 60);
    QStringList edit;
    for (QMenu* m : w.findChildren<QMenu*>())
        if (m->title() == "Edit")
            for (QAction* a : m->actions()) edit << a->text();
    for (const char* name : {"Cut", "Group", "Ungroup", "All the way up", "Lock what is picked", "Show everything that is hidden"}) {
        INFO(name);
        CHECK(edit.filter(name).size() >= 1);
    }
}

TEST_CASE("what was picked is acted on in groups too: paint, look, weight")
{
    app::Window w;
    Hand h(w);
    art::Document d = hand::withSquare(art::newDocument(), {100, 100}, {200, 60, 40});
    d = hand::withSquare(d, {400, 100}, {40, 120, 110});
    d = art::withInk(d, "Kiln", {168, 66, 44}).document;
    const art::Id a = d.layers[0]->items[0]->id, b = d.layers[0]->items[1]->id;
    const art::Added g = art::withGroup(d, {a, b});
    w.session().start(g.document, {});
    w.session().pickItems({g.id});
    // The first ink on all of it.
    w.setStep(app::StepId::colour);
    w.run("ink-1");
    for (const art::Id id : {a, b}) CHECK(h.document().item(id)->artwork()->fill.colour == art::Colour{168, 66, 44});
    CHECK(w.session().history().length() == 1);
    w.run("swap-paint");
    for (const art::Id id : {a, b}) CHECK(h.document().item(id)->artwork()->stroke.colour == art::Colour{168, 66, 44});
    h.canvas().look().width = 17;
    w.run("put-look");
    for (const art::Id id : {a, b}) CHECK(h.document().item(id)->artwork()->stroke.width == 17);
    w.run("undo");
    w.run("undo");
    w.run("undo");
    CHECK(h.document() == g.document);
}

TEST_CASE("each kind of thing has its card: group, live pieces, several, in every step")
{
    app::Window w;
    Hand h(w);
    art::Document d = hand::withSquare(art::newDocument(), {100, 100}, {200, 60, 40});
    d = hand::withSquare(d, {400, 100}, {40, 120, 110});
    const art::Id a = d.layers[0]->items[0]->id, b = d.layers[0]->items[1]->id;
    const art::Added g = art::withGroup(d, {a, b}, "Two lamps");
    tone::FacetPlan plan;
    plan.outline = {curve::rectangle({500, 500}, {900, 900})};
    plan.chords = {{{500, 500}, {900, 900}}};
    const art::Added facets = art::withFacets(g.document, a, plan, 0);
    w.session().start(facets.document, {});
    auto* card = w.findChild<app::Card*>();
    const auto says = [&](const QString& words) {
        for (QLabel* l : card->findChildren<QLabel*>())
            if (l->isVisible() && l->text().contains(words)) return true;
        for (QLineEdit* l : card->findChildren<QLineEdit*>())
            if (l->isVisible() && l->text().contains(words)) return true;
        return false;
    };
    for (int step = 0; step < 3; ++step) {
        INFO("step " << step);
        w.setStep(app::steps()[static_cast<std::size_t>(step)]->id);
        w.session().pickItems({g.id});
        hand::settle(60);
        CHECK(says("Two lamps"));
        CHECK(says("2 things"));
        w.session().pickItems({facets.id});
        hand::settle(60);
        CHECK(says("live"));
        CHECK(hand::seen(w, "Set"));
        w.session().pickItems({g.id, facets.id});
        hand::settle(60);
        CHECK(says("2 picked"));
    }
    // In Tone, the pieces have their own page.
    w.setStep(app::StepId::tone);
    h.canvas().takeTool("facets");
    w.session().pickItems({facets.id});
    hand::settle(60);
    CHECK(says("2 pieces"));
    // Set by the button of the card: plain shapes, which a hand may move.
    w.setStep(app::StepId::build);
    h.canvas().takeTool("pick");
    hand::settle(60);
    hand::push(w, "Set");
    CHECK_FALSE(h.document().item(facets.id)->group()->derived());
    const art::Id piece = h.document().item(facets.id)->group()->items[0]->id;
    CHECK(art::transformed(h.document(), {piece}, curve::translation({5, 5})).done());
}

TEST_CASE("a piece of a live part is not moved, and the strip says why")
{
    app::Window w;
    Hand h(w);
    art::Document d = hand::withSquare(art::newDocument(), {0, 0}, {1, 1, 1});
    tone::FacetPlan plan;
    plan.outline = {curve::rectangle({300, 300}, {900, 900})};
    plan.chords = {{{300, 300}, {900, 900}}};
    const art::Added facets = art::withFacets(d, d.layers[0]->items[0]->id, plan, 0);
    w.session().start(facets.document, {});
    h.canvas().fitSheet();
    h.canvas().takeTool("pick");
    h.canvas().setFocus();
    // The whole is picked first, and moves.
    h.click({700, 400});
    CHECK(w.session().selection().items == std::vector<art::Id>{facets.id});
    h.drag({700, 400}, {650, 400});
    CHECK(art::bounds(*h.document().item(facets.id)).min.x == Approx(250).margin(2));
    // Then one piece: it can be picked and painted, not moved.
    h.click({650, 400});
    REQUIRE(w.session().selection().items.size() == 1);
    const art::Id piece = w.session().selection().items.front();
    CHECK(h.document().parentOf(piece)->id == facets.id);
    const art::Document before = h.document();
    h.drag({650, 400}, {500, 500});
    CHECK(h.document() == before);
    CHECK(w.lastSaid().contains("worked out"));
    w.session().take(art::withPaint(h.document(), {piece}, {art::Colour{9, 200, 9}, {}}, art::Part::area), "Paint");
    w.session().take(art::withFacetsShuffled(h.document(), facets.id, 8), "Shuffle");
    int green = 0;
    for (const art::ItemPtr& i : h.document().item(facets.id)->group()->items) green += i->artwork()->fill.colour == art::Colour{9, 200, 9};
    CHECK(green == 1);
}

TEST_CASE("Follow keeps to the lines of the map it began on, leaves them as guides, and counts what it took")
{
    app::Window w;
    Hand h(w);
    art::Document d = art::newDocument();
    for (const auto& [from, to] :
         {std::pair{curve::Vec2{200, 300}, curve::Vec2{800, 300}}, {{700, 200}, {700, 800}}, {{800, 700}, {200, 700}}, {{300, 800}, {300, 200}}}) {
        art::Item i;
        art::Artwork a;
        a.setPaths({curve::polyline({from, to}, false)});
        a.stroke.colour = art::Colour{0, 0, 0};
        i.is = a;
        d = art::withItem(d, 0, i).document;
    }
    std::vector<art::Id> lines;
    for (const art::ItemPtr& i : d.layers[0]->items) lines.push_back(i->id);
    w.session().start(d, {});
    h.canvas().fitSheet();
    w.setStep(app::StepId::build);
    h.canvas().takeTool("follow");
    h.canvas().setFocus();
    h.canvas().setSetting(app::settings::leftover, static_cast<double>(art::Leftover::guides));
    REQUIRE(hand::waitFor([&] { return w.areas().upToDate(); }));
    h.move({350, 302}, false);
    h.press({350, 302});
    // Round the square between the crossings.
    for (const curve::Vec2 corner : {curve::Vec2{690, 304}, {698, 690}, {310, 698}, {302, 310}, {345, 300}, {380, 300}}) {
        const curve::Vec2 from = h.canvas().pointerOnSheet();
        for (int k = 1; k <= 12; ++k) h.move(lerp(from, corner, k / 12.0));
    }
    h.lift({380, 300});
    h.key(Qt::Key_Return);
    REQUIRE(h.document().layers[0]->items.size() == 5);
    CHECK(w.lastSaid().contains("Took a shape with 4 nodes"));
    CHECK(w.lastSaid().contains("guides"));
    for (const art::Id id : lines) {
        REQUIRE(h.document().item(id));
        CHECK(h.document().item(id)->artwork()->guide);
    }
    // Guides are not delivered.
    CHECK_FALSE(h.document().layers[0]->items.back()->artwork()->guide);
    w.run("undo");
    CHECK(h.document() == d);
}
