// What the cards of Tone and Colour do by their buttons and fields, and what they say when something is missing.
#include "app/hand.h"
#include "app/tone_pieces.h"

#include "app/tools/colour/ink_hand.h"
#include "app/widgets/ink_widgets.h"
#include "app/widgets/widgets.h"
#include "art/inks.h"
#include "art/tones.h"
#include "files/pictures.h"

#include <QAbstractButton>

using namespace softrope;
using curve::Vec2;
using hand::Hand;
using hand::push;
using hand::shapesReady;
using hand::shown;
using hand::withSquare;

namespace {

// A picture of four grey fields with a few specks.
art::Document withFields()
{
    pixel::Picture p(160, 120, pixel::Rgba{30, 30, 30, 255});
    for (int y = 0; y < 120; ++y)
        for (int x = 0; x < 160; ++x) {
            const auto g = static_cast<std::uint8_t>(x < 80 ? (y < 60 ? 30 : 100) : (y < 60 ? 170 : 240));
            p.at(x, y) = {g, g, g, 255};
        }
    for (const auto& [x, y] : {std::pair{20, 20}, {50, 90}, {120, 30}})
        for (int v = 0; v < 5; ++v)
            for (int u = 0; u < 5; ++u) p.at(x + u, y + v) = {static_cast<std::uint8_t>(x < 80 ? 240 : 30), 120, 120, 255};
    auto file = std::make_shared<art::PictureFile>();
    file->bytes = files::writePng(p);
    file->format = "png";
    file->width = 160;
    file->height = 120;
    art::Sheet sheet;
    sheet.width = 160;
    sheet.height = 120;
    return art::withReference(art::newDocument(sheet), file, "Fields", 1).document;
}

} // namespace

TEST_CASE("without a picture the Tone card offers one, its acts say what is missing and change nothing")
{
    app::Window w;
    Hand h(w);
    w.setStep(app::StepId::tone);
    hand::settle();
    CHECK(shown(w, "Choose a picture"));
    CHECK(shown(w, "Picture shelf"));
    const art::Document before = h.document();
    w.run("tones-3");
    CHECK(w.lastSaid().contains("no picture"));
    w.run("facets-picture");
    CHECK(w.lastSaid().contains("no picture"));
    w.run("facets-outline");
    CHECK(w.lastSaid().contains("outline"));
    w.run("facets-shuffle");
    CHECK(w.lastSaid().contains("no facets"));
    w.run("palette-picture");
    CHECK(w.lastSaid().contains("no picture"));
    CHECK(h.document() == before);
}

TEST_CASE("four fields become four tones: shares, smallest piece, specks, paint of a tone, and the picture gone")
{
    app::Window w;
    Hand h(w);
    w.session().start(withFields(), {});
    h.canvas().fitSheet();
    w.setStep(app::StepId::tone);
    REQUIRE(hand::waitFor([&] { return w.desk().ready(); }));
    w.desk().begin(4);
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    REQUIRE(w.desk().shares().size() == 4);
    for (const double s : w.desk().shares()) CHECK(s == Approx(0.25).margin(0.02));
    // Small pieces count again: the specks come.
    const std::size_t swept = w.desk().item()->group()->items.size();
    auto* smallest = shown<app::NumberField>(w, "Smallest piece");
    REQUIRE(smallest);
    smallest->setText("4");
    QTest::keyClick(smallest, Qt::Key_Return);
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    CHECK(w.desk().stack()->smallest == Approx(4));
    // And are swept by the button: four times the smallest piece each time.
    push(w, "Sweep specks");
    CHECK(w.desk().stack()->smallest == Approx(16));
    push(w, "Sweep specks");
    CHECK(w.desk().stack()->smallest == Approx(64));
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    CHECK(w.desk().item()->group()->items.size() == swept);
    // A tone painted otherwise.
    tone::Stack s = *w.desk().stack();
    s.paint.resize(4);
    s.paint[0] = pixel::Rgba{90, 0, 0, 255};
    w.desk().take(s, "Paint");
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    bool red = false;
    for (const art::ItemPtr& i : w.desk().item()->group()->items) red = red || i->artwork()->fill.colour == art::Colour{90, 0, 0};
    CHECK(red);
    // Slack on the card; then the picture is deleted: the last shapes stay and the card says so.
    const art::Id stack = w.desk().item()->id;
    const std::size_t shapes = h.document().item(stack)->group()->items.size();
    const art::Layer* photo = h.document().layerOf(w.desk().tones()->reference);
    REQUIRE(photo);
    const art::Id on = photo->id;
    w.session().take(art::withoutLayer(art::withLayer(h.document(), on, [](art::Layer& l) { l.locked = false; }), on), "Delete");
    hand::settle(60);
    CHECK(h.document().item(stack)->group()->items.size() == shapes);
    CHECK_FALSE(w.desk().working());
    w.run("undo");
    hand::settle(60);
    CHECK(h.document().item(stack)->group()->items.size() == shapes);
}

TEST_CASE("the work on shapes can be stopped, and the next change takes it up again")
{
    app::Window w;
    Hand h(w);
    w.session().start(withFields(), {});
    w.setStep(app::StepId::tone);
    REQUIRE(hand::waitFor([&] { return w.desk().ready(); }));
    w.desk().begin(2);
    if (w.desk().working()) w.desk().stop();
    REQUIRE(hand::waitFor([&] { return !w.desk().working(); }));
    tone::Stack s = *w.desk().stack();
    s.cuts[0] += 3;
    w.desk().take(s, "Move cut 1");
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
}

TEST_CASE("paint of what is picked by the card: ink, tint, none, swap, opacity, like it")
{
    app::Window w;
    Hand h(w);
    art::Added ink = art::withInk(art::newDocument(), "Lamp", {222, 160, 60});
    art::Document d = withSquare(ink.document, {100, 100}, {9, 9, 9});
    d = withSquare(d, {500, 100}, {9, 9, 9});
    w.session().start(d, {});
    h.canvas().fitSheet();
    h.canvas().setSetting(app::settings::paintWhere, 0);
    w.setStep(app::StepId::colour);
    const art::Id first = h.lines()[0]->id;
    w.session().pickItems({first});
    hand::settle();
    auto* row = shown<app::InkRow>(w, "Lamp");
    REQUIRE(row);
    QTest::mouseClick(row, Qt::LeftButton, {}, QPoint(120, 12));
    CHECK(h.document().item(first)->artwork()->fill.ink.ink == ink.id);
    // A lighter tint of it.
    hand::settle();
    auto* tints = shown<app::ColourSteps>(w, "Tints");
    REQUIRE(tints);
    QTest::mouseClick(tints, Qt::LeftButton, {}, QPoint(tints->width() - 6, 12));
    CHECK(h.document().item(first)->artwork()->fill.ink == art::InkUse{ink.id, 3});
    CHECK(*h.document().item(first)->artwork()->fill.colour == art::tintOf({222, 160, 60}, 3));
    // Kept as an ink of its own by Shift.
    QTest::mouseClick(tints, Qt::LeftButton, Qt::ShiftModifier, QPoint(6, 12));
    CHECK(h.document().inks.size() == 2);
    w.session().pickItems({first});
    push(w, "Swap");
    CHECK_FALSE(h.document().item(first)->artwork()->fill.colour);
    push(w, "Swap");
    push(w, "No line");
    CHECK_FALSE(h.document().item(first)->artwork()->stroke.colour);
    auto* opacity = shown<app::NumberField>(w, "Opacity of the fill");
    REQUIRE(opacity);
    opacity->setText("100/4");
    QTest::keyClick(opacity, Qt::Key_Return);
    CHECK(h.document().item(first)->artwork()->fill.opacity == Approx(0.25));
    push(w, "No fill");
    CHECK_FALSE(h.document().item(first)->artwork()->fill.colour);
    // The other one: nothing is like it.
    w.session().pickItems({h.lines()[1]->id});
    push(w, "Like fill");
    CHECK(w.lastSaid().contains("Nothing else"));
}

TEST_CASE("the card leads to areas without an ink, one after the other")
{
    app::Window w;
    Hand h(w);
    art::Document d = art::withInk(art::newDocument(), "Lamp", {222, 160, 60}).document;
    d = withSquare(d, {100, 100}, {9, 9, 9});
    d = withSquare(d, {700, 700}, {9, 9, 9});
    w.session().start(d, {});
    h.canvas().fitSheet();
    w.setStep(app::StepId::colour);
    push(w, "Show next");
    REQUIRE(w.session().selection().items.size() == 1);
    const art::Id one = w.session().selection().items.front();
    push(w, "Show next");
    CHECK(w.session().selection().items.front() != one);
    h.canvas().setSetting(app::settings::paintWhere, 0);
    w.run("ink-1");
    CHECK(art::withoutInkYet(h.document()).size() == 1);
}
