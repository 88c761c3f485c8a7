// Tones and facets, done by hand: the lantern photo to five tones with one patch and half dark, half light; working colours; a facet
// emblem from an outline; pieces over a picture.
#include "app/hand.h"
#include "app/tone_pieces.h"

#include "app/cards/card.h"
#include "app/widgets/cut_bars.h"
#include "app/widgets/palette_field.h"
#include "art/facets.h"
#include "art/inks.h"
#include "art/tones.h"
#include "demo/photo.h"
#include "files/pictures.h"
#include "files/svg.h"

#include <catch2/catch.hpp>

#include <QAbstractButton>

using namespace softrope;
using curve::Vec2;
using hand::Hand;
using hand::shapesReady;

namespace {

void bringLantern(app::Window& w)
{
    static const std::shared_ptr<const art::PictureFile> file = [] {
        demo::PhotoOptions o;
        o.width = 320;
        o.seed = 3;
        auto made = std::make_shared<art::PictureFile>();
        const pixel::Picture p = demo::photo("lantern", o);
        made->bytes = files::writeJpeg(p, 82);
        made->format = "jpeg";
        made->width = p.width;
        made->height = p.height;
        return made;
    }();
    art::Sheet sheet;
    sheet.width = 640;
    sheet.height = 800;
    w.session().start(art::withReference(art::newDocument(sheet), file, "Lantern photo", 1).document, {});
    w.canvas().fitSheet();
}

} // namespace

TEST_CASE("the lantern photo becomes five tones by pointer: cuts, a patch, half dark and half light, set, and back")
{
    app::Window w;
    Hand h(w);
    bringLantern(w);
    w.setStep(app::StepId::tone);
    REQUIRE(hand::waitFor([&] { return w.desk().ready(); }));
    hand::settle(30);
    hand::push(w, "5");
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    REQUIRE(w.desk().stack()->cuts.size() == 4);
    const art::Id stack = w.desk().item()->id;
    CHECK(h.document().item(stack)->locked); // nothing drawn by accident on what is worked out
    CHECK(w.session().history().length() == 1);

    // A cut is dragged on the histogram: the quick picture follows at once, the shapes come behind, one step in all.
    auto* bars = w.findChild<app::CutBars*>();
    REQUIRE(bars);
    REQUIRE(bars->isVisible());
    const double before = w.desk().stack()->cuts[1];
    const double wide = bars->width() - 20;
    const QPoint flag(static_cast<int>(10 + wide * before / 255), bars->height() - 20);
    QTest::mousePress(bars, Qt::LeftButton, {}, flag);
    for (int k = 1; k <= 6; ++k) QTest::mouseMove(bars, flag + QPoint(2 * k, 0));
    CHECK(w.desk().stack()->cuts[1] > before + 5);
    CHECK(h.document().item(stack)->group()->tones()->stack.cuts[1] == before); // only shown so far
    QTest::mouseRelease(bars, Qt::LeftButton, {}, flag + QPoint(12, 0));
    CHECK(h.document().item(stack)->group()->tones()->stack.cuts[1] > before + 5);
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    CHECK(w.session().history().length() == 2);
    // By keys too.
    bars->setFocus();
    const double now = w.desk().stack()->cuts[1];
    QTest::keyClick(bars, Qt::Key_Right);
    QTest::keyClick(bars, Qt::Key_Right);
    CHECK(w.desk().stack()->cuts[1] == Approx(now + 2));
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));

    // Cut here: the nearest cut goes to the tone under the pointer.
    h.canvas().setFocus();
    h.key(Qt::Key_S);
    CHECK(h.canvas().tool()->id() == "cut-here");
    const Vec2 onPaper{320, 400};
    const auto level = w.desk().levelAt(onPaper);
    REQUIRE(level);
    h.click(onPaper);
    double nearest = 1e9;
    for (const double c : w.desk().stack()->cuts) nearest = std::min(nearest, std::abs(c - *level));
    CHECK(nearest < 1.5);
    h.key(Qt::Key_Z, Qt::ControlModifier);
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));

    // A patch drawn round the upper cap, then pulled down inside: darker.
    h.key(Qt::Key_D);
    std::vector<Vec2> round;
    for (int k = 0; k <= 40; ++k) round.push_back(Vec2{320, 170} + Vec2{110 * std::cos(k * curve::pi / 20), 60 * std::sin(k * curve::pi / 20)});
    h.stroke(round);
    REQUIRE(w.desk().stack()->patches.size() == 1);
    CHECK(w.desk().stack()->patches[0].strength == 18);
    const double zoom = h.canvas().view().zoom;
    // The shapes of the patch arrive while the hand pulls: it goes on.
    h.press({320, 170});
    h.move({320, 170 + 30 / zoom});
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    h.move({320, 170 + 80 / zoom});
    h.lift({320, 170 + 80 / zoom});
    CHECK(h.document().item(stack)->group()->tones()->stack.patches.at(0).strength == Approx(18 - 40).margin(2));
    CHECK(w.session().history().undoName() == "Patch strength");
    h.key(Qt::Key_Up);
    CHECK(w.desk().stack()->patches[0].strength == Approx(18 - 39).margin(2));
    // Its strength and soft edge are on the card, and it can be dropped and brought back.
    h.key(Qt::Key_Delete);
    CHECK(w.desk().stack()->patches.empty());
    h.key(Qt::Key_Z, Qt::ControlModifier);
    REQUIRE(w.desk().stack()->patches.size() == 1);
    h.key(Qt::Key_Escape);
    h.key(Qt::Key_Escape);

    // Bound to the lantern: beyond it nothing is cut.
    h.key(Qt::Key_A);
    round.clear();
    for (int k = 0; k <= 60; ++k) round.push_back(Vec2{320, 380} + Vec2{170 * std::cos(k * curve::pi / 30), 330 * std::sin(k * curve::pi / 30)});
    h.stroke(round);
    CHECK_FALSE(w.desk().stack()->bound.empty());
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    curve::Box box;
    for (const art::ItemPtr& i : h.document().item(stack)->group()->items) box.add(art::bounds(*i));
    CHECK(box.min.x > 140);
    CHECK(box.max.x < 500);

    // Half dark, half light within it.
    h.key(Qt::Key_Escape);
    hand::settle();
    hand::push(w, "Find the cut");
    const auto balance = w.desk().balance(0.5);
    REQUIRE(balance);
    CHECK(balance->dark == Approx(0.5).margin(0.01));
    CHECK(std::is_sorted(w.desk().stack()->cuts.begin(), w.desk().stack()->cuts.end()));
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));

    // Set: areas like any other, with a way back.
    const std::size_t areas = h.document().item(stack)->group()->items.size();
    hand::push(w, "Make areas");
    CHECK(h.document().item(stack)->group()->tones()->set);
    CHECK_FALSE(h.document().item(stack)->locked);
    w.session().take(art::withoutItems(h.document(), {h.document().item(stack)->group()->items.front()->id}), "Delete");
    CHECK(h.document().item(stack)->group()->items.size() == areas - 1);
    hand::settle();
    hand::push(w, "Live again");
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    CHECK(h.document().item(stack)->group()->items.size() == areas);

    // Kept in the file: read again it is equal and nothing has to be worked out anew.
    const files::SvgResult r = files::readSvg(files::writeWorkingSvg(h.document()));
    REQUIRE(r.ok());
    CHECK(r.document == h.document());
    CHECK_FALSE(art::wantsTones(r.document, *r.document.item(stack)));
}

TEST_CASE("edges are pushed, specks swept, and undo takes each back as one step")
{
    app::Window w;
    Hand h(w);
    bringLantern(w);
    w.setStep(app::StepId::tone);
    REQUIRE(hand::waitFor([&] { return w.desk().ready(); }));
    w.desk().begin(2);
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    h.canvas().setFocus();
    h.key(Qt::Key_F);
    // From the lit paper over its border into the night.
    const Vec2 in{320, 420}, out{560, 420};
    REQUIRE(w.desk().toneAt(in) == 1);
    h.drag(in, out, 20);
    REQUIRE(w.desk().stack()->pushes.size() == 1);
    CHECK(w.desk().stack()->pushes[0].tone == 1);
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    CHECK(w.desk().toneAt({540, 420}) == 1);
    h.key(Qt::Key_G);
    h.drag({60, 60}, {200, 90});
    CHECK(w.desk().stack()->sweeps.size() == 1);
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    h.key(Qt::Key_Z, Qt::ControlModifier);
    CHECK(w.desk().stack()->sweeps.empty());
    h.key(Qt::Key_Z, Qt::ControlModifier);
    CHECK(w.desk().stack()->pushes.empty());
    h.key(Qt::Key_Z, Qt::ControlModifier);
    CHECK(w.desk().item() == nullptr);
    // Tools without a stack say what to do.
    h.key(Qt::Key_D);
    h.click({300, 300});
    CHECK(w.lastSaid().contains("no tone stack"));
}

TEST_CASE("a patch is painted with Shift, and the picked one drawn anew with Alt")
{
    app::Window w;
    Hand h(w);
    bringLantern(w);
    w.setStep(app::StepId::tone);
    REQUIRE(hand::waitFor([&] { return w.desk().ready(); }));
    w.desk().begin(3);
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    h.canvas().setSetting(app::settings::patchBrush, 30);
    h.canvas().setFocus();
    h.key(Qt::Key_D);
    h.held = Qt::ShiftModifier;
    h.drag({200, 300}, {400, 300}, 20);
    REQUIRE(w.desk().stack()->patches.size() == 1);
    const auto onSheet = [&] { return curve::bounds(curve::transformed(w.desk().stack()->patches[0].outline, w.desk().toSheet())); };
    CHECK(onSheet().height() == Approx(60).margin(4)); // twice the brush
    CHECK(onSheet().width() == Approx(260).margin(8));
    CHECK(w.session().history().undoName() == "Patch");
    h.held = Qt::AltModifier;
    std::vector<Vec2> round;
    for (int k = 0; k <= 40; ++k) round.push_back(Vec2{320, 400} + 80.0 * curve::direction(k * curve::pi / 20));
    h.stroke(round);
    h.held = Qt::NoModifier;
    REQUIRE(w.desk().stack()->patches.size() == 1);
    CHECK(onSheet().centre().y == Approx(400).margin(6));
    CHECK(w.desk().stack()->patches[0].strength == 18);
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
}

TEST_CASE("messy zones are covered in working colours and turned into the tones in one act")
{
    app::Window w;
    Hand h(w);
    bringLantern(w);
    w.setStep(app::StepId::tone);
    REQUIRE(hand::waitFor([&] { return w.desk().ready(); }));
    w.desk().begin(3);
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    const auto ends = art::toneEnds(*w.desk().item()->group());
    REQUIRE(ends);
    // Two rectangles on the drawing layer, one in each working colour.
    w.setStep(app::StepId::build);
    h.canvas().setFocus();
    h.key(Qt::Key_S);
    h.drag({100, 100}, {180, 160});
    h.drag({400, 100}, {480, 160});
    const auto lines = h.lines();
    REQUIRE(lines.size() >= 2);
    const art::Id one = lines[lines.size() - 2]->id, two = lines.back()->id;
    w.session().pickItems({one});
    w.run("will-be-dark");
    w.session().pickItems({two});
    w.run("will-be-light");
    const art::Id dark = art::workingInk(h.document(), art::Meaning::willBeDark);
    REQUIRE(dark);
    CHECK(h.document().item(one)->artwork()->fill.ink.ink == dark);
    CHECK(h.document().item(two)->artwork()->fill.ink.ink == art::workingInk(h.document(), art::Meaning::willBeLight));
    w.run("turn-working");
    CHECK(*h.document().item(one)->artwork()->fill.colour == ends->dark);
    CHECK(*h.document().item(two)->artwork()->fill.colour == ends->light);
    CHECK(w.lastSaid().startsWith("2 shapes"));
    w.run("turn-working");
    CHECK(w.lastSaid().startsWith("Nothing"));
    w.run("undo");
    CHECK(h.document().item(one)->artwork()->fill.ink.ink == dark);
}

TEST_CASE("a facet emblem from an outline: proposed, cut by hand, shaded, turned, locked and shuffled")
{
    app::Window w;
    Hand h(w);
    art::Document d = art::newDocument();
    d = art::withInk(d, "Brine", {46, 107, 102}).document;
    art::Item i;
    art::Artwork a;
    a.setPaths({curve::polyline({{300, 200}, {700, 200}, {860, 540}, {700, 880}, {300, 880}, {140, 540}}, true)});
    a.fill.colour = d.inks.front().colour;
    a.fill.ink = {d.inks.front().id, 0};
    a.stroke.colour.reset();
    i.is = a;
    const art::Added made = art::withItem(d, 0, i);
    w.session().start(made.document, {});
    h.canvas().fitSheet();
    w.setStep(app::StepId::tone);
    w.session().pickItems({made.id});
    h.canvas().setFocus();
    h.key(Qt::Key_H);
    hand::settle();
    h.canvas().setSetting(app::settings::facetPieces, 5);
    hand::push(w, "Cut into facets");
    const auto facets = [&]() -> const art::Group& {
        for (const art::LayerPtr& l : h.document().layers)
            for (const art::ItemPtr& one : l->items)
                if (one->group() && one->group()->facets()) return *one->group();
        throw std::runtime_error("no facets");
    };
    const auto idOfFacets = [&] { return h.document().layers.back()->items.front()->id; };
    CHECK(facets().items.size() == 5);
    CHECK(h.canvas().tool()->id() == "facets");
    CHECK(facets().items[0]->artwork()->fill.gradient);
    CHECK(facets().items[0]->artwork()->fill.gradient->stops[0].ink.ink == d.inks.front().id);
    // All cuts dropped, one drawn by hand from corner to corner: two pieces.
    tone::FacetPlan plan = facets().facets()->plan;
    plan.chords.clear();
    w.session().take(art::withFacetPlan(h.document(), idOfFacets(), plan), "Clear");
    h.drag({303, 203}, {697, 877}); // a little beside the corners: they catch
    REQUIRE(facets().items.size() == 2);
    CHECK(facets().facets()->plan.chords.front().from == Vec2{300, 200});
    h.drag({700, 200}, {300, 880});
    REQUIRE(facets().items.size() == 4);
    // A small piece is flagged.
    h.drag({700, 200}, {860, 540}); // along the border: cuts nothing
    CHECK(facets().items.size() == 4);
    CHECK(w.lastSaid().contains("cuts no piece"));
    // A click changes the shade, a drag inside the direction.
    const auto pieces = art::facetsOf(facets());
    const Vec2 in = pieces[0].inner;
    h.click(in);
    auto now = art::facetsOf(facets());
    CHECK(now[0].shade == (pieces[0].shade + 1) % 3);
    for (std::size_t k = 1; k < now.size(); ++k) CHECK(now[k].shade == pieces[k].shade);
    h.drag(in, in + Vec2{0, 60});
    CHECK(art::facetsOf(facets())[0].turn == Approx(curve::pi / 2).margin(0.02));
    // Locked by Shift, it stays when the others are shuffled.
    h.held = Qt::ShiftModifier;
    h.click(in);
    h.held = Qt::NoModifier;
    const int kept = art::facetsOf(facets())[0].shade;
    for (int k = 0; k < 3; ++k) {
        w.run("facets-shuffle");
        CHECK(art::facetsOf(facets())[0].shade == kept);
        CHECK(art::facetsOf(facets())[0].turn == Approx(curve::pi / 2).margin(0.02));
    }
    // The ink changed: the facets follow.
    w.session().take(art::withInkColour(h.document(), d.inks.front().id, {200, 40, 40}), "Mix ink");
    const art::GradientStop stop = facets().items[1]->artwork()->fill.gradient->stops[0];
    CHECK(stop.colour == art::tintOf({200, 40, 40}, stop.ink.tint));
}

TEST_CASE("pieces over a picture: made in one act, then corners, cuts and merges by hand")
{
    app::Window w;
    Hand h(w);
    bringLantern(w);
    w.setStep(app::StepId::tone);
    h.canvas().setFocus();
    h.key(Qt::Key_H);
    h.canvas().setSetting(app::settings::meshPieces, 60);
    h.canvas().setSetting(app::settings::meshGap, 2);
    h.canvas().setSetting(app::settings::meshColour, 0);
    hand::settle();
    hand::push(w, "Make pieces");
    const auto pieces = [&]() -> const art::Group* {
        for (const art::LayerPtr& l : h.document().layers)
            for (const art::ItemPtr& one : l->items)
                if (one->group() && one->group()->mesh()) return one->group();
        return nullptr;
    };
    REQUIRE(hand::waitFor([&] { return pieces() != nullptr; }));
    const std::size_t n = pieces()->items.size();
    CHECK(n == Approx(60).epsilon(0.12));
    CHECK(pieces()->mesh()->gap == 2);
    // A corner well inside.
    int corner = -1;
    double least = 1e9;
    const auto& points = pieces()->mesh()->mesh.points;
    for (std::size_t k = 0; k < points.size(); ++k)
        if (distance(points[k], {320, 400}) < least) {
            least = distance(points[k], {320, 400});
            corner = static_cast<int>(k);
        }
    const Vec2 from = points[static_cast<std::size_t>(corner)];
    h.drag(from, from + Vec2{9, 7});
    CHECK(distance(pieces()->mesh()->mesh.points[static_cast<std::size_t>(corner)], from + Vec2{9, 7}) < 1.5);
    // Two pieces with a border in common are merged by a drag from one into the other.
    const tone::Mesh mesh = pieces()->mesh()->mesh;
    const auto middle = [&](std::size_t f) {
        Vec2 sum;
        for (const int p : mesh.faces[f]) sum += mesh.points[static_cast<std::size_t>(p)] / static_cast<double>(mesh.faces[f].size());
        return sum;
    };
    bool merged = false;
    for (std::size_t f = 0; f < mesh.faces.size() && !merged; ++f)
        for (std::size_t g = f + 1; g < mesh.faces.size() && !merged; ++g)
            if (tone::withFacesMerged(mesh, static_cast<int>(f), static_cast<int>(g)) != mesh && distance(middle(f), middle(g)) > 40) {
                h.drag(middle(f), middle(g), 12);
                merged = pieces()->items.size() == n - 1;
            }
    CHECK(merged);
    w.run("undo");
    CHECK(pieces()->items.size() == n);
}

TEST_CASE("a stack is cut by colour: beads dragged, merged, split, a colour added with the loupe, back to lightness")
{
    app::Window w;
    Hand h(w);
    bringLantern(w);
    w.setStep(app::StepId::tone);
    REQUIRE(hand::waitFor([&] { return w.desk().ready(); }));
    w.desk().begin(4);
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    const tone::Stack before = *w.desk().stack();
    hand::push(w, "Colour");
    REQUIRE(w.desk().byColour());
    CHECK(w.desk().stack()->colours.size() == 4);
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    hand::settle();
    auto* field = w.findChild<app::PaletteField*>();
    REQUIRE(field);
    REQUIRE(field->isVisible());
    // A bead dragged: shown while it moves, one step when it is let go.
    const std::size_t steps = w.session().history().length();
    const auto colours = [&] { return w.desk().stack()->colours; };
    const auto was = colours();
    const QPoint bead = field->beadAt(0).toPoint(), to = QPoint(field->width() / 2 + 20, field->height() - 16);
    QTest::mousePress(field, Qt::LeftButton, {}, bead);
    QTest::mouseMove(field, (bead + to) / 2);
    QTest::mouseMove(field, to);
    CHECK(w.session().history().length() == steps);
    QTest::mouseRelease(field, Qt::LeftButton, {}, to);
    if (colours().size() == was.size()) { // it may have met another bead
        CHECK_FALSE(colours() == was);
        CHECK(w.session().history().length() == steps + 1);
    }
    w.run("undo");
    CHECK(colours() == was);
    hand::settle();
    field = w.findChild<app::PaletteField*>();
    // Split by a double click, merged by dropping one on another.
    QTest::mouseDClick(field, Qt::LeftButton, {}, field->beadAt(3).toPoint());
    CHECK(colours().size() == 5);
    hand::settle();
    w.desk().mergeColours(0, 1);
    CHECK(colours().size() == 4);
    // The loupe: Shift on the sheet adds the colour there.
    h.canvas().setFocus();
    h.key(Qt::Key_S);
    REQUIRE(h.canvas().tool()->id() == "cut-here");
    h.held = Qt::ShiftModifier;
    h.click(w.desk().toSheet() * Vec2{40, 40});
    h.held = Qt::NoModifier;
    CHECK(colours().size() == 5);
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    w.desk().setByColour(false);
    CHECK(w.desk().stack()->colours.empty());
    CHECK(w.desk().stack()->cuts.size() == 4);
}

TEST_CASE("a patch's outline is edited by its nodes: moved, turned, added, taken out")
{
    app::Window w;
    Hand h(w);
    bringLantern(w);
    w.setStep(app::StepId::tone);
    REQUIRE(hand::waitFor([&] { return w.desk().ready(); }));
    w.desk().begin(3);
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    h.canvas().setFocus();
    h.key(Qt::Key_D);
    REQUIRE(h.canvas().tool()->id() == "patch");
    std::vector<Vec2> round;
    for (int k = 0; k <= 40; ++k) round.push_back(Vec2{540, 500} + 110.0 * curve::direction(2 * curve::pi * k / 40));
    h.stroke(round);
    REQUIRE(w.desk().patch() == 0);
    const auto outline = [&] { return curve::transformed(w.desk().stack()->patches[0].outline, w.desk().toSheet()); };
    const curve::Path before = outline();
    const Vec2 node = before.nodes[0].at;
    h.drag(node, node + Vec2{40, 10});
    CHECK(distance(outline().nodes[0].at, node + Vec2{40, 10}) < 2);
    CHECK(outline().nodes.size() == before.nodes.size());
    CHECK(w.desk().stack()->patches.size() == 1); // no other patch was drawn
    // A handle of the picked node.
    const Vec2 handle = outline().nodes[0].out;
    if (distance(handle, outline().nodes[0].at) > 20) {
        h.drag(handle, handle + Vec2{15, 15});
        CHECK(distance(outline().nodes[0].out, handle + Vec2{15, 15}) < 2);
    }
    // A node more by a double click on the outline, and out again by Delete.
    const curve::Path now = outline();
    h.doubleClick(curve::at(now.piece(1), 0.5));
    REQUIRE(outline().nodes.size() == now.nodes.size() + 1);
    h.key(Qt::Key_Delete);
    CHECK(outline().nodes.size() == now.nodes.size());
    CHECK(w.desk().stack()->patches.size() == 1);
    h.key(Qt::Key_Escape);
    h.key(Qt::Key_Delete); // nothing is picked: nothing goes
    w.run("undo");
    CHECK(w.desk().stack()->patches.size() == 1);
}
