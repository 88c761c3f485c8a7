// Parts by pointer: found, dropped on the sheet, kept from what is drawn, updated both ways; a shelf of jars in a round frame recoloured
// by one ink.
#include "app/hand.h"

#include "app/widgets/widgets.h"
#include "app/window/parts_dialog.h"
#include "art/edits.h"
#include "art/inks.h"
#include "art/parts.h"
#include "art/tree.h"

#include <QDropEvent>
#include <QListWidget>
#include <QMimeData>
#include <QTemporaryDir>

using namespace softrope;
using curve::Vec2;
using hand::Hand;

namespace {

struct Shelf {
    QTemporaryDir folder;
    std::unique_ptr<app::Window> window;
    std::unique_ptr<Hand> h;
    Shelf()
    {
        qputenv("XDG_DATA_HOME", folder.path().toUtf8());
        window = std::make_unique<app::Window>();
        h = std::make_unique<Hand>(*window);
        window->setStep(app::StepId::build);
        h->canvas().setSnapping(false);
        hand::settle();
    }
    ~Shelf()
    {
        h->canvas().setSnapping(true);
        qunsetenv("XDG_DATA_HOME");
    }
    app::Window& w() { return *window; }
    const art::Document& d() { return window->session().document(); }
    app::PartsDialog& dialog()
    {
        window->run("parts");
        hand::settle();
        auto* found = window->findChild<app::PartsDialog*>("parts");
        REQUIRE(found);
        return *found;
    }
    void drop(const char* part, Vec2 at)
    {
        QMimeData m;
        m.setData(app::partMime, part);
        const QPointF p = h->on(at);
        QDragEnterEvent enter(p.toPoint(), Qt::CopyAction, &m, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&h->canvas(), &enter);
        CHECK(enter.isAccepted());
        QDropEvent e(p, Qt::CopyAction, &m, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&h->canvas(), &e);
    }
};

} // namespace

TEST_CASE("parts are found by name and tag, dropped where the pointer is, and their pictures are in the list")
{
    Shelf s;
    app::PartsDialog& parts = s.dialog();
    auto* list = parts.findChild<QListWidget*>();
    CHECK(list->count() == 6);
    auto* search = hand::shown<QLineEdit>(parts, "Search the parts");
    QTest::keyClicks(search, "water");
    CHECK(list->count() == 2);
    search->clear();
    CHECK(hand::waitFor([&] {
        for (int k = 0; k < list->count(); ++k) {
            const QImage icon = list->item(k)->icon().pixmap(104, 92).toImage();
            if (icon.pixelColor(52, 46) == icon.pixelColor(1, 1) && list->item(k)->text() == "Glass bead") return false;
        }
        return true;
    }));
    s.drop("glass-bead", {300, 400});
    s.drop("no-such-part", {300, 400});
    REQUIRE(s.w().session().selection().items.size() == 1);
    const art::Id use = s.w().session().selection().items.front();
    CHECK(s.d().item(use)->group()->use()->part == "glass-bead");
    CHECK(distance(art::bounds(s.d(), {use}).centre(), {300, 400}) < 3);
    CHECK(s.d().inks.size() == 1);
    // By the button, in the middle of the view.
    list->setCurrentRow(5);
    hand::push(parts, "Put on the sheet");
    CHECK(art::usesOf(s.d(), list->item(5)->data(Qt::UserRole).toString().toStdString()).size() == 1);
    s.w().run("undo");
    s.w().run("undo");
    CHECK(art::usesOf(s.d(), "glass-bead").empty());
    parts.close();
}

TEST_CASE("what is drawn is kept as a part, changed on the sheet, given back to the part, and all its uses follow on demand")
{
    Shelf s;
    art::Item i;
    art::Artwork a;
    a.setPaths({curve::rectangle({300, 300}, {360, 380})});
    a.fill.colour = art::Colour{70, 140, 150};
    a.stroke.colour.reset();
    i.is = std::move(a);
    const art::Added made = art::withItem(s.d(), 0, std::move(i));
    s.w().session().take(made.document, "Jar");
    app::PartsDialog& parts = s.dialog();
    s.w().session().pickItems({});
    parts.keepPicked();
    CHECK(s.w().lastSaid().contains("Pick what is to be kept"));
    s.w().session().pickItems({made.id});
    REQUIRE(parts.keep("Squat jar", {"glass", "shelf"}));
    CHECK(parts.findChild<QListWidget*>()->count() == 7);
    s.drop("squat-jar", {500, 500});
    s.drop("squat-jar", {700, 500});
    const std::vector<art::Id> uses = art::usesOf(s.d(), "squat-jar");
    REQUIRE(uses.size() == 2);
    // One of them is changed by hand and given to the part.
    const art::Id square = s.d().item(uses[0])->group()->items->front()->id;
    s.w().session().take(art::withPaint(s.d(), {square}, {art::Colour{200, 40, 40}, {}}, art::Part::area), "Paint");
    s.w().session().pickItems({uses[0]});
    hand::push(s.w(), "Update the part from here");
    CHECK(s.w().lastSaid().contains("1 other use"));
    const auto colourOf = [&](art::Id use) { return *s.d().item(use)->group()->items->front()->artwork()->fill.colour; };
    CHECK(colourOf(uses[1]) == art::Colour{70, 140, 150});
    hand::push(s.w(), "All uses");
    CHECK(colourOf(uses[1]) == art::Colour{200, 40, 40});
    CHECK(distance(art::bounds(s.d(), {uses[1]}).centre(), {700, 500}) < 3);
    s.w().run("undo");
    CHECK(colourOf(uses[1]) == art::Colour{70, 140, 150});
    parts.close();
}

TEST_CASE("a shelf of jars from one part in a round frame is recoloured in one act")
{
    Shelf s;
    for (int k = 0; k < 5; ++k) s.drop("glass-bead", {260.0 + 140 * k, 500});
    const std::vector<art::Id> jars = art::usesOf(s.d(), "glass-bead");
    REQUIRE(jars.size() == 5);
    s.w().session().pickItems(jars);
    s.w().run("frame-circle");
    s.w().run("fit-in");
    const art::Item* frame = s.d().parentOf(jars[2]);
    REQUIRE(frame);
    for (const art::Id jar : jars) CHECK(s.d().parentOf(jar) == frame);
    REQUIRE(s.d().inks.size() == 1); // linked: five jars, one ink
    const std::size_t steps = s.w().session().history().length();
    s.w().session().take(art::withInkColour(s.d(), s.d().inks[0].id, {180, 90, 20}), "Mix");
    CHECK(s.w().session().history().length() == steps + 1);
    for (const art::Id jar : jars) CHECK(s.d().item(jar)->group()->items->front()->artwork()->fill.colour == art::Colour{180, 90, 20});
}
