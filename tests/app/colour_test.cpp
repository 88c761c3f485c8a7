// Colour, done by hand: drops on the moth that follow a moved line, inks, taking colours, gradients, alike, palettes, the shelf.
#include "app/commands/palettes.h"
#include "app/hand.h"
#include "app/tone_pieces.h"

#include "app/tools/colour/ink_hand.h"
#include "app/window/shelf_dialog.h"
#include "art/drops.h"
#include "art/inks.h"
#include "demo/night_market.h"
#include "files/palettes.h"
#include "files/svg.h"

#include <catch2/catch.hpp>

#include <QDir>
#include <QFile>
#include <QLineEdit>
#include <QListWidget>
#include <QTemporaryDir>

using namespace softrope;
using curve::Vec2;
using hand::Hand;
using hand::withSquare;

namespace {

std::vector<const art::Item*> drops(const art::Document& d)
{
    std::vector<const art::Item*> out;
    for (const art::LayerPtr& l : d.layers)
        for (const art::ItemPtr& i : l->items)
            if (i->artwork() && i->artwork()->drop()) out.push_back(i.get());
    return out;
}

double areaOf(const art::Item& i)
{
    double sum = 0;
    for (const curve::Path& p : i.artwork()->paths) sum += curve::area(p);
    return std::abs(sum);
}

art::Document withLine(const art::Document& d, curve::Path p, art::Id* id = nullptr)
{
    art::Item i;
    art::Artwork a;
    a.setPaths({std::move(p)});
    a.stroke.colour = art::Colour{0, 0, 0};
    a.stroke.width = 6;
    i.is = std::move(a);
    const art::Added added = art::withItem(d, 0, std::move(i));
    if (id) *id = added.id;
    return added.document;
}

} // namespace

TEST_CASE("drops on the moth follow when a line is moved, across undo and redo, and say when they leak")
{
    app::Window w;
    Hand h(w);
    w.session().start(demo::nightMarketInks(), {});
    h.canvas().fitSheet();
    w.setStep(app::StepId::colour);
    REQUIRE(hand::waitFor([&] { return w.areas().upToDate(); }));
    const std::size_t there = drops(h.document()).size();
    REQUIRE(there >= 10);
    REQUIRE(w.session().history().length() == 0); // opening worked nothing out anew
    // Another ink on the upper right wing: the third by its key, a click in the area.
    h.canvas().setFocus();
    h.key(Qt::Key_A);
    w.run("ink-3");
    const Vec2 wing{700, 330};
    h.click(wing);
    const art::Id id = art::dropAt(h.document(), wing);
    REQUIRE(id);
    CHECK(h.document().item(id)->artwork()->fill.ink.ink == h.document().inks[2].id);
    CHECK(drops(h.document()).size() == there); // the drop that lay there took the ink
    // The wing's outline made larger: the fill goes with it.
    const double before = areaOf(*h.document().item(id));
    art::Id outline = 0;
    double largest = 0;
    for (const art::LineSide& s : h.document().item(id)->artwork()->drop()->lines) {
        const double n = art::bounds(*h.document().item(s.line)).width() * art::bounds(*h.document().item(s.line)).height();
        if (n > largest) {
            largest = n;
            outline = s.line;
        }
    }
    REQUIRE(outline);
    w.session().pickItems({outline});
    w.setStep(app::StepId::trace);
    h.key(Qt::Key_H); // nodes
    // The outermost node dragged further out (left and right wing may be two paths of one line).
    Vec2 node{-1e9, 0};
    for (const curve::Path& p : h.document().item(outline)->artwork()->paths)
        for (const curve::Node& n : p.nodes)
            if (n.at.x > node.x) node = n.at;
    h.drag(node, node + Vec2{60, -20});
    REQUIRE(w.session().history().length() == 2);
    REQUIRE(hand::waitFor([&] { return areaOf(*h.document().item(id)) > before + 500; }, 3000));
    CHECK(w.session().history().length() == 2); // following is no step of its own
    w.run("undo");
    CHECK(areaOf(*h.document().item(id)) == Approx(before));
    w.run("redo");
    CHECK(areaOf(*h.document().item(id)) > before + 500);
    // Its line gone: the fill stays and the leak is shown.
    w.session().take(art::withoutItems(h.document(), {outline}), "Delete");
    REQUIRE(hand::waitFor([&] { return !art::leaks(h.document()).empty(); }));
    CHECK(areaOf(*h.document().item(id)) > before);
    CHECK(w.lastSaid().contains("open"));
    // Kept in the file.
    const files::SvgResult r = files::readSvg(files::writeWorkingSvg(h.document()));
    CHECK(r.document == h.document());
}

TEST_CASE("the area under a pointer that rests is still shown when the areas were worked out anew")
{
    app::Window w;
    Hand h(w);
    art::Document d = art::withInk(art::newDocument(), "Kiln", {168, 66, 44}).document;
    d = withLine(d, curve::rectangle({200, 300}, {800, 500}));
    w.session().start(d, {});
    h.canvas().fitSheet();
    w.setStep(app::StepId::colour);
    REQUIRE(hand::waitFor([&] { return w.areas().upToDate() && w.areas().map()->areas().size() == 1; }));
    const auto inside = [&] { return h.canvas().grab(QRect(h.on({600, 330}).toPoint(), h.on({760, 470}).toPoint())).toImage(); };
    const QImage plain = inside();
    h.canvas().setFocus();
    h.key(Qt::Key_A);
    w.run("ink-1");
    h.move({300, 400}, false);
    const QImage shown = inside();
    REQUIRE(shown != plain);
    w.session().take(withLine(h.document(), curve::rectangle({100, 700}, {300, 800})), "Rectangle");
    REQUIRE(hand::waitFor([&] { return w.areas().upToDate() && w.areas().map()->areas().size() == 2; }));
    CHECK(inside() == shown);
}

TEST_CASE("drops follow while a line is in hand, and flow on where the line between them goes, once that is answered")
{
    app::Window w;
    Hand h(w);
    art::Id wall = 0;
    art::Document d = withLine(art::newDocument(), curve::rectangle({200, 300}, {800, 500}));
    d = withLine(d, curve::polyline({{400, 280}, {400, 520}}, false), &wall);
    w.session().start(d, {});
    h.canvas().fitSheet();
    w.setStep(app::StepId::colour);
    REQUIRE(hand::waitFor([&] { return w.areas().upToDate() && w.areas().map()->areas().size() == 2; }));
    for (const auto& [at, c] : {std::pair{Vec2{300, 400}, art::Colour{200, 30, 30}}, {Vec2{600, 400}, art::Colour{30, 30, 200}}})
        w.session().take(art::withDrop(h.document(), *w.areas().map(), w.areas().lines(), at, {c, {}}).document, "Drop");
    hand::idle(w);
    const auto seenAt = [&](Vec2 p) { return h.canvas().grab().toImage().pixelColor(h.on(p).toPoint()); };
    const QColor red = seenAt({300, 400}), blue = seenAt({600, 400});
    REQUIRE(red != blue);
    REQUIRE(seenAt({480, 400}) == blue);
    // Held beyond the place: the colour goes along, and the document stays.
    const art::Document before = h.document();
    h.canvas().setFocus();
    h.key(Qt::Key_Escape);
    w.session().pickItems({wall});
    h.move({400, 330}, false);
    h.press({400, 330});
    for (int k = 1; k <= 6; ++k) h.move({400 + 20.0 * k, 330});
    CHECK(hand::waitFor([&] { return seenAt({480, 400}) == red; }));
    CHECK(h.document() == before);
    // Given up: as it was.
    h.canvas().dropStroke();
    CHECK(hand::waitFor([&] { return seenAt({480, 400}) == blue; }));
    CHECK(h.document() == before);
    // Landed: no look in between goes back to the old place.
    h.press({400, 330});
    for (int k = 1; k <= 6; ++k) h.move({400 + 20.0 * k, 330});
    REQUIRE(hand::waitFor([&] { return seenAt({480, 400}) == red; }));
    h.lift({520, 330});
    for (int k = 0; k < 20; ++k) {
        hand::settle(5);
        CHECK(seenAt({480, 400}) == red);
    }
    hand::idle(w);

    // The wall goes: asked once, answered, done.
    w.canvas().setSetting(app::settings::dropsFlow, 0);
    w.areas().setFlows(false);
    w.session().take(art::withoutItems(h.document(), {wall}), "Delete");
    REQUIRE(hand::waitFor([&] { return w.notices().text().contains("flow on"); }));
    hand::push(w.notices(), "Flow on");
    CHECK(w.notices().count() == 0);
    hand::idle(w);
    CHECK(art::leaks(h.document()).empty());
    CHECK(seenAt({300, 400}) == seenAt({700, 400}));
    CHECK(w.canvas().setting(app::settings::dropsFlow) == 1);
    w.run("undo");
    hand::idle(w);
    CHECK(seenAt({300, 400}) == red);
    w.session().take(art::withoutItems(h.document(), {wall}), "Delete");
    hand::idle(w);
    CHECK(w.notices().count() == 0); // remembered
    CHECK(seenAt({300, 400}) == seenAt({700, 400}));
    w.canvas().setSetting(app::settings::dropsFlow, 0);
}

TEST_CASE("a drag fills several areas in one step, nothing fills what is not enclosed, dragged again takes the new ink")
{
    app::Window w;
    Hand h(w);
    art::Document d = art::withInk(art::newDocument(), "Kiln", {168, 66, 44}).document;
    d = art::withInk(d, "Oat", {236, 221, 182}).document;
    d = withLine(d, curve::rectangle({200, 300}, {800, 500}));
    for (const double x : {350.0, 500.0, 650.0}) d = withLine(d, curve::polyline({{x, 280}, {x, 520}}, false));
    w.session().start(d, {});
    h.canvas().fitSheet();
    w.setStep(app::StepId::colour);
    REQUIRE(hand::waitFor([&] { return w.areas().upToDate() && w.areas().map()->areas().size() == 4; }));
    h.canvas().setFocus();
    h.key(Qt::Key_A);
    w.run("ink-1");
    h.drag({270, 400}, {730, 400}, 20);
    CHECK(drops(h.document()).size() == 4);
    CHECK(w.lastSaid().startsWith("Filled 4"));
    CHECK(w.session().history().length() == 1);
    h.click({100, 100});
    CHECK(hand::waitFor([&] { return w.lastSaid().contains("No line encloses"); }));
    CHECK(drops(h.document()).size() == 4);
    w.run("ink-2");
    REQUIRE(hand::waitFor([&] { return w.areas().upToDate(); }));
    h.click({270, 400});
    CHECK(h.document().item(art::dropAt(h.document(), {270, 400}))->artwork()->fill.ink.ink == h.document().inks[1].id);
    // An ink mixed anew changes what it painted.
    w.session().take(art::withInkColour(h.document(), h.document().inks[1].id, {1, 2, 3}), "Mix ink");
    CHECK(*h.document().item(art::dropAt(h.document(), {270, 400}))->artwork()->fill.colour == art::Colour{1, 2, 3});
    // Set on request.
    std::vector<art::Id> all;
    for (const art::Item* i : drops(h.document())) all.push_back(i->id);
    w.session().pickItems(all);
    w.run("set-drops");
    CHECK(drops(h.document()).empty());
}

TEST_CASE("colours are taken from artwork with their ink, from the ground as they are, and kept with Shift")
{
    app::Window w;
    Hand h(w);
    art::Added ink = art::withInk(art::newDocument(), "Lamp", {222, 160, 60});
    art::Document d = withSquare(ink.document, {100, 100}, {222, 160, 60}, {ink.id, 0});
    d = withSquare(d, {500, 100}, {10, 200, 90});
    d = withSquare(d, {500, 500}, {0, 0, 0});
    w.session().start(d, {});
    h.canvas().fitSheet();
    w.setStep(app::StepId::colour);
    h.canvas().setFocus();
    h.key(Qt::Key_S);
    h.click({200, 200});
    CHECK(app::paintInHand(h.canvas()).ink.ink == ink.id);
    h.click({600, 200});
    CHECK(app::paintInHand(h.canvas()).colour == art::Colour{10, 200, 90});
    CHECK(app::paintInHand(h.canvas()).ink.ink == 0);
    h.held = Qt::ShiftModifier;
    h.click({600, 200});
    h.held = Qt::NoModifier;
    REQUIRE(h.document().inks.size() == 2);
    CHECK(h.document().inks[1].colour == art::Colour{10, 200, 90});
    // The mean of a disc across the border of black and white is grey.
    h.canvas().setSetting(app::settings::loupeMean, 30);
    h.click({500, 600});
    const art::Paint mean = app::paintInHand(h.canvas());
    h.canvas().setSetting(app::settings::loupeMean, 0);
    REQUIRE(mean.colour);
    CHECK(mean.colour->r > 60);
    CHECK(mean.colour->r < 200);
}

TEST_CASE("a gradient is dragged over a shape, its end moved, its stops changed, and laid across several")
{
    app::Window w;
    Hand h(w);
    art::Added ink = art::withInk(art::newDocument(), "Lamp", {222, 160, 60});
    art::Document d = withSquare(ink.document, {100, 100}, {222, 160, 60}, {ink.id, 0});
    d = withSquare(d, {500, 100}, {10, 200, 90});
    w.session().start(d, {});
    h.canvas().fitSheet();
    w.setStep(app::StepId::colour);
    h.canvas().setSetting(app::settings::gradientRadial, 0);
    h.canvas().setFocus();
    h.key(Qt::Key_D);
    w.run("ink-1");
    h.drag({110, 200}, {290, 200});
    const art::Id first = h.lines()[0]->id, second = h.lines()[1]->id;
    const auto gradient = [&](art::Id id) { return h.document().item(id)->artwork()->fill.gradient; };
    REQUIRE(gradient(first));
    CHECK(distance(art::gradientStart(*gradient(first)), {110, 200}) < 1.5);
    CHECK(distance(art::gradientEnd(*gradient(first)), {290, 200}) < 1.5);
    CHECK(gradient(first)->stops[0].ink.ink == ink.id);
    // Its end dragged on.
    h.drag(art::gradientEnd(*gradient(first)), {290, 290});
    CHECK(distance(art::gradientEnd(*gradient(first)), {290, 290}) < 1.5);
    CHECK(distance(art::gradientStart(*gradient(first)), {110, 200}) < 1.5);
    // Round, and one across two shapes.
    h.canvas().setSetting(app::settings::gradientRadial, 1);
    w.session().pickItems({first, second});
    w.session().take(art::withoutGradient(h.document(), {first}), "Flat");
    h.drag({400, 210}, {700, 210});
    REQUIRE(gradient(second));
    CHECK(gradient(first));
    CHECK(*gradient(first) == *gradient(second));
    CHECK(gradient(second)->kind == art::Gradient::Kind::radial);
    w.run("undo");
    CHECK_FALSE(gradient(second));
}

TEST_CASE("alike, swap and the picked things' paint, by tool and by key")
{
    app::Window w;
    Hand h(w);
    art::Added ink = art::withInk(art::newDocument(), "Lamp", {222, 160, 60});
    art::Document d = withSquare(ink.document, {50, 50}, {222, 160, 60}, {ink.id, 0});
    d = withSquare(d, {350, 50}, {222, 160, 60}, {ink.id, 0});
    d = withSquare(d, {650, 50}, {9, 9, 9});
    w.session().start(d, {});
    h.canvas().fitSheet();
    w.setStep(app::StepId::colour);
    h.canvas().setFocus();
    h.key(Qt::Key_G);
    h.click({150, 150});
    CHECK(w.session().selection().items.size() == 2);
    CHECK(w.lastSaid().startsWith("2 with the same fill"));
    w.run("swap-paint");
    CHECK_FALSE(h.lines()[0]->artwork()->fill.colour);
    CHECK(h.lines()[0]->artwork()->stroke.ink.ink == ink.id);
    w.run("undo");
    h.click({750, 150});
    CHECK(w.session().selection().items.size() == 1);
    h.canvas().setSetting(app::settings::paintWhere, 0);
    w.run("ink-1");
    CHECK(h.lines()[2]->artwork()->fill.ink.ink == ink.id);
    w.run("alike-fill");
    CHECK(w.session().selection().items.size() == 3);
}

TEST_CASE("palettes go out and come back through files, broken ones say what is wrong")
{
    QTemporaryDir folder;
    app::Window w;
    Hand h(w);
    art::Document d = art::newDocument();
    for (const auto& [n, c] : {std::pair<const char*, art::Colour>{"Brine", {46, 107, 102}}, {"Night sky", {20, 24, 51}}}) d = art::withInk(d, n, c).document;
    w.session().start(art::withWorkingInks(d), {});
    for (const char* name : {"inks.css", "inks.json"}) {
        const QString path = folder.filePath(name);
        REQUIRE(app::savePalette(w.commandDesk(), path).isEmpty());
        w.session().start(art::newDocument(), {});
        app::loadPalette(w.commandDesk(), path);
        REQUIRE(h.document().inks.size() == 2); // working colours stay at home
        CHECK(h.document().inks[1].name == "Night sky");
        CHECK(h.document().inks[1].colour == art::Colour{20, 24, 51});
    }
    QFile broken(folder.filePath("broken.json"));
    REQUIRE(broken.open(QIODevice::WriteOnly));
    broken.write("{ \"a\": [");
    broken.close();
    const art::Document before = h.document();
    app::loadPalette(w.commandDesk(), broken.fileName());
    CHECK(h.document() == before);
    CHECK(w.lastSaid().contains("broken"));
    app::loadPalette(w.commandDesk(), folder.filePath("nowhere.css"));
    CHECK(h.document() == before);
    CHECK_FALSE(app::savePalette(w.commandDesk(), "/nowhere/at/all/inks.css").isEmpty());
}

TEST_CASE("the shelf finds by words, tells origin and licence, and brings a picture in")
{
    app::Window w;
    Hand h(w);
    app::ShelfDialog shelf(w.session().jobs(), &w);
    shelf.show();
    auto* field = shelf.findChild<QLineEdit*>();
    auto* list = shelf.findChild<QListWidget*>();
    CHECK(list->count() == static_cast<int>(demo::shelf().size()));
    field->setText("Moth LIGHT");
    REQUIRE(list->count() == 1);
    QString told;
    for (const QLabel* l : shelf.findChildren<QLabel*>()) told += l->text();
    CHECK(told.contains("Licence: CC0"));
    CHECK(told.contains("ray-marched"));
    field->setText("nothing like this");
    CHECK(list->count() == 0);
    shelf.close();
    w.bringFromShelf("jar", 120);
    REQUIRE(hand::waitFor([&] { return !w.busy(); }, 60000));
    const art::Item* found = nullptr;
    for (const art::LayerPtr& l : h.document().layers)
        for (const art::ItemPtr& i : l->items)
            if (i->reference()) found = i.get();
    REQUIRE(found);
    CHECK(found->reference()->picture->format == "jpeg");
    w.run("palette-picture");
    REQUIRE(hand::waitFor([&] { return !w.busy(); }));
    CHECK(h.document().inks.size() == 6);
}
