// Two whole jobs by pointer: the market's round badge from nothing to a PDF, and a mirrored moth for a shirt with words under it.
#include "app/hand.h"

#include "app/tone_pieces.h"
#include "app/widgets/widgets.h"
#include "art/arrange.h"
#include "art/lettering.h"
#include "art/mirrored.h"
#include "art/tree.h"
#include "demo/night_market.h"
#include "demo/pages.h"
#include "files/bytes.h"
#include "files/pictures.h"
#include "render/render.h"

#include <QTemporaryDir>

#include <map>

using namespace softrope;
using curve::Vec2;
using hand::Hand;

namespace {

struct Bench {
    app::Window w;
    Hand h{w};
    QTemporaryDir folder;
    Bench()
    {
        w.session().start(art::newDocument(), {});
        h.canvas().fitSheet();
        h.canvas().setSnapping(false);
        h.canvas().setSetting(app::settings::wordsWay, 0);
        h.canvas().setSetting(app::settings::wordsInside, false);
        hand::settle();
    }
    ~Bench()
    {
        h.canvas().setSnapping(true);
        h.canvas().setSetting(app::settings::wordsWay, 0);
        h.canvas().setSetting(app::settings::wordsInside, false);
    }
    const art::Document& d() { return w.session().document(); }
    art::Id picked(int line = __builtin_LINE())
    {
        INFO("asked at line " << line << ", said " << w.lastSaid().toStdString());
        REQUIRE(w.session().selection().items.size() == 1);
        return w.session().selection().items.front();
    }
    void number(const QString& name, const QString& value) { hand::enter(w, name, value); }
    void type(const QString& text)
    {
        for (const QChar c : text) {
            QKeyEvent e(QEvent::KeyPress, static_cast<Qt::Key>(c.unicode()), Qt::NoModifier, QString(c));
            QApplication::sendEvent(&h.canvas(), &e);
        }
        hand::settle(5);
        h.key(Qt::Key_Escape);
    }
    void rest()
    {
        h.key(Qt::Key_Escape);
        h.key(Qt::Key_Escape);
        w.session().pickItems({});
        hand::settle(60);
    }
    Vec2 middle(art::Id id) { return art::bounds(d(), {id}).centre(); }
};

} // namespace

TEST_CASE("the market's round badge is made by pointer and keys, centred by what is seen, and goes out as a PDF")
{
    Bench b;
    Hand& h = b.h;
    // Two circles round one centre.
    b.w.setStep(app::StepId::build);
    hand::settle();
    h.key(Qt::Key_A);
    h.drag({540, 540}, {540, 60});
    const art::Id outer = b.picked();
    h.drag({540, 540}, {540, 180});
    const art::Id inner = b.picked();
    CHECK(distance(b.middle(outer), b.middle(inner)) < 1.5);

    // A row of stall roofs, straight from corner to corner, 20 px heavy with sharp corners, and the beam below.
    b.rest();
    b.w.setStep(app::StepId::trace);
    hand::settle(60);
    h.key(Qt::Key_F);
    hand::settle(60);
    b.number("Weight", "20");
    hand::push(b.w, "Sharp");
    h.canvas().setFocus();
    for (int k = 0; k < 9; ++k) h.click({260 + 70.0 * k, k % 2 ? 620.0 : 700.0});
    h.key(Qt::Key_Return);
    const art::Id roofs = b.picked();
    CHECK(b.d().item(roofs)->artwork()->stroke.width == 20);
    CHECK(b.d().item(roofs)->artwork()->stroke.join == art::Join::mitre);
    h.click({215, 712});
    h.click({865, 712});
    h.key(Qt::Key_Return);
    const art::Id beam = b.picked();
    b.rest();
    b.w.session().pickItems({roofs, beam});
    h.key(Qt::Key_L, Qt::ShiftModifier);
    hand::idle(b.w);
    b.w.session().pickItems({roofs, beam});
    REQUIRE(b.d().item(roofs)->artwork()->fill.colour);
    h.canvas().setSetting(app::settings::combineLive, false);
    b.w.run("union");
    hand::idle(b.w);
    const art::Id stalls = b.picked();
    h.canvas().setSetting(app::settings::combineLive, true);

    // Cut off below a guide.
    b.rest();
    b.w.setStep(app::StepId::place);
    h.key(Qt::Key_F);
    REQUIRE(h.canvas().tool()->id() == "guide");
    h.drag({100, 716}, {980, 716});
    b.rest();
    b.w.session().pickItems({stalls});
    b.w.run("cut-at-guide");
    const double level = b.d().guides.at(0).through.y;
    CHECK(art::bounds(b.d(), {stalls}).max.y == Approx(level).margin(1e-6));
    b.w.run("drop-guides");

    // The tongs, traced as shapes at a cut of 240.
    b.rest();
    const QString picture = b.folder.filePath("glass-tongs.png");
    REQUIRE(files::saveAtomically(picture.toStdString(), files::writePng(demo::tongsPicture(600))).ok());
    b.w.bringPictures({picture});
    REQUIRE(hand::waitFor([&] { return !b.w.busy(); }));
    b.w.setStep(app::StepId::tone);
    REQUIRE(hand::waitFor([&] { return b.w.desk().ready(); }));
    hand::push(b.w, "2");
    REQUIRE(hand::waitFor([&] { return hand::shapesReady(b.w); }));
    b.number("Cut at", "240");
    REQUIRE(hand::waitFor([&] { return hand::shapesReady(b.w) && b.w.desk().stack()->cuts.at(0) == 240; }));
    hand::push(b.w, "Make areas");
    const art::Id stack = b.w.desk().item()->id;
    // The light half of the picture is not wanted.
    std::vector<art::Id> light;
    art::Id tongs = 0;
    double darkest = 1e300;
    for (const art::ItemPtr& i : *b.d().item(stack)->group()->items) {
        const double level_ = i->artwork()->fill.colour->g;
        if (level_ < darkest) std::tie(tongs, darkest) = std::pair(i->id, level_);
    }
    for (const art::ItemPtr& i : *b.d().item(stack)->group()->items)
        if (i->id != tongs) light.push_back(i->id);
    b.w.session().pickItems(light);
    b.w.run("delete");
    b.w.session().pickItems({tongs});
    b.w.run("take-out");

    // Smaller, turned, mirrored and so crossed.
    b.w.setStep(app::StepId::build);
    hand::settle(60);
    b.w.session().pickItems({tongs});
    hand::settle(60);
    b.number("Turn by", "28");
    b.w.session().pickItems({tongs, inner});
    b.w.run("align-each-centre");
    b.w.session().pickItems({tongs});
    b.w.run("copy-across");
    const art::Id other = b.picked();
    b.w.session().pickItems({tongs, other});
    b.w.run("group");
    const art::Id crossed = b.picked();
    hand::settle(60);
    b.number("Width of all", "300");
    b.w.run("centre-sheet");
    CHECK(distance(b.middle(crossed), {540, 540}) < 0.01);

    // Two lines of words: straight with a tracking of 190, and on the arc.
    b.rest();
    b.w.setStep(app::StepId::colour);
    h.key(Qt::Key_H);
    h.click({540, 800});
    b.type("GLASS");
    const art::Id straight = b.picked();
    b.number("Tracking", "190");
    CHECK(b.d().item(straight)->artwork()->lettering()->type.tracking == 190);
    b.rest();
    h.key(Qt::Key_H);
    h.canvas().setSetting(app::settings::wordsWay, 1);
    h.drag({540, 540}, {540, 160});
    b.type("SALTGLASS NIGHT MARKET");
    const art::Id arc = b.picked();
    b.number("Spread over", "150");
    CHECK(b.d().item(arc)->artwork()->lettering()->spread == Approx(curve::radians(150)));

    // All centred on the axis of the sheet, each by its ink.
    b.rest();
    for (const art::Id id : {outer, inner, stalls, straight, arc}) {
        b.w.session().pickItems({id});
        b.w.run("align-centre");
    }
    for (const art::Id id : {outer, inner, stalls, straight, crossed}) CHECK(b.middle(id).x == Approx(540).margin(0.01));
    CHECK(b.middle(arc).x == Approx(540).margin(1.5));
    const QString pdf = b.folder.filePath("badge.pdf");
    REQUIRE(hand::exported(b.w, pdf).isEmpty());
    const std::string text = files::readText(pdf.toStdString()).text;
    CHECK(text.rfind("%PDF", 0) == 0);
    CHECK(text.size() > 3000);
    // And all of it is seen: words, roofs and tongs are dark on the sheet.
    const pixel::Picture seen = render::renderSheet(b.d(), 540, {});
    const auto dark = [&](const curve::Box& box) {
        std::size_t n = 0;
        for (int y = static_cast<int>(box.min.y / 2); y < box.max.y / 2; ++y)
            for (int x = static_cast<int>(box.min.x / 2); x < box.max.x / 2; ++x) n += seen.at(x, y).g < 120;
        return n;
    };
    for (const art::Id id : {stalls, straight, arc, crossed}) CHECK(dark(art::bounds(b.d(), {id})) > 200);
    // Tidying up: every step that neither draws, types nor combines.
    std::map<std::string, int> steps;
    for (; b.w.session().history().canUndo(); b.w.run("undo")) ++steps[b.w.session().history().undoName()];
    int tidied = 0;
    for (const auto& [name, times] : steps) {
        UNSCOPED_INFO(times << " x " << name);
        if (name == "Delete" || name == "Take out" || name == "Drop guides" || name == "Turn" || name == "Size" || name == "Group" || name == "Cut off" ||
            name == "Centre on sheet" || name.rfind("Align", 0) == 0 || name.rfind("Move", 0) == 0)
            tidied += times;
    }
    CHECK(tidied > 8);
    CHECK(tidied <= 20);
}

TEST_CASE("half a moth becomes a whole one on a shirt front, with words under it centred by their ink")
{
    Bench b;
    art::Document shirt = art::newDocument({1080, 1440});
    std::vector<art::Item> half;
    for (const curve::Path& p : demo::mothHalf()) {
        art::Item i;
        art::Artwork a;
        a.setPaths({p});
        a.stroke.colour = art::Colour{20, 24, 30};
        a.stroke.width = 9;
        i.is = std::move(a);
        half.push_back(std::move(i));
    }
    const art::Id layer = shirt.layers.back()->id;
    shirt = art::withItems(shirt, layer, std::move(half)).document;
    b.w.session().start(shirt, {});
    b.h.canvas().fitSheet();
    b.w.setStep(app::StepId::build);
    hand::settle(60);
    b.w.run("mirror");
    REQUIRE(b.d().layer(layer)->mirror);
    b.w.run("weld");
    hand::idle(b.w);
    REQUIRE_FALSE(b.d().layer(layer)->mirror);
    const curve::Box moth = art::bounds(b.d());
    CHECK(moth.centre().x == Approx(540).margin(0.1));
    b.rest();
    b.w.setStep(app::StepId::colour);
    b.h.key(Qt::Key_H);
    b.h.click({400, moth.max.y + 200});
    b.type("Night Moth");
    const art::Id words = b.picked();
    b.number("Wide as seen", "640");
    CHECK(art::bounds(b.d(), {words}).width() == Approx(640).margin(1));
    b.w.run("align-centre");
    CHECK(b.middle(words).x == Approx(540).margin(0.01));
    // Left and right of the axis the sheet is the same but for the words.
    const pixel::Picture seen = render::renderSheet(b.d(), 540, {});
    int differ = 0, marks = 0;
    for (int y = 0; y < static_cast<int>(moth.max.y / 2); ++y)
        for (int x = 0; x < 269; ++x) {
            marks += seen.at(x, y).g < 128;
            differ += std::abs(seen.at(x, y).g - seen.at(539 - x, y).g) > 60;
        }
    CHECK(marks > 1000);
    CHECK(differ < marks / 100);
    REQUIRE(hand::exported(b.w, b.folder.filePath("shirt.svg")).isEmpty());
    CHECK(files::readText(b.folder.filePath("shirt.svg").toStdString()).text.find("<path") != std::string::npos);
}
