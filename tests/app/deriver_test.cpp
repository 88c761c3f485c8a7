// Live parts in the window: worked out behind the hand, never a step, never in the way of undo or another piece.
#include "app/hand.h"
#include "app/services/deriver.h"
#include "app/tone_pieces.h"
#include "art/inks.h"
#include "files/pictures.h"
#include "files/svg.h"

using namespace softrope;
using hand::Hand;
using hand::shapesReady;

namespace {

// A photo of a few flat fields.
void bringFields(app::Window& w)
{
    pixel::Picture p(160, 120, pixel::Rgba{240, 240, 236, 255});
    for (int y = 0; y < p.height; ++y)
        for (int x = 0; x < p.width; ++x)
            if ((x - 50) * (x - 50) + (y - 60) * (y - 60) < 1600)
                p.at(x, y) = {30, 34, 40, 255};
            else if (x > 110)
                p.at(x, y) = {130, 124, 118, 255};
    auto file = std::make_shared<art::PictureFile>();
    file->bytes = files::writePng(p);
    file->format = "png";
    file->width = p.width;
    file->height = p.height;
    w.session().start(art::withReference(art::newDocument(), file, "Fields", 1).document, {});
    w.canvas().fitSheet();
}

void layTones(app::Window& w, int count)
{
    w.setStep(app::StepId::tone);
    REQUIRE(hand::waitFor([&] { return w.desk().ready(); }));
    w.desk().begin(count);
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
}

} // namespace

TEST_CASE("a stack is one thing on a plain layer, locked while live, and its shapes are no step")
{
    app::Window w;
    Hand h(w);
    bringFields(w);
    layTones(w, 3);
    CHECK(w.session().history().length() == 1);
    const art::Item& stack = *w.desk().item();
    const art::Layer& layer = *h.document().layerOf(stack.id);
    CHECK(stack.locked);
    CHECK_FALSE(layer.locked);
    CHECK(layer.items.size() == 1);
    // A line drawn on its layer stays through a change of the cuts.
    const art::Id on = layer.id, id = stack.id;
    art::Selection s = w.session().selection();
    s.layer = on;
    w.session().pick(s);
    w.setStep(app::StepId::trace);
    h.canvas().takeTool("freehand");
    h.canvas().setFocus();
    h.stroke({{200, 200}, {300, 260}, {420, 220}});
    REQUIRE(h.document().layer(on)->items.size() == 2);
    const art::Id drawn = h.document().layer(on)->items.back()->id;
    tone::Stack cuts = *w.desk().stack();
    cuts.cuts[0] -= 20;
    w.desk().take(cuts, "Move cut");
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    CHECK(h.document().item(drawn));
    CHECK(h.document().item(id)->group()->items.size() >= 3);
    // Undo and redo find the shapes of their own state.
    w.run("undo");
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    CHECK(w.desk().stack()->cuts[0] == Approx(cuts.cuts[0] + 20));
    w.run("redo");
    CHECK(shapesReady(w)); // worked out before: at once
}

TEST_CASE("changes come faster than the shapes: only the last are put in, and nothing lands in another piece")
{
    app::Window w;
    Hand h(w);
    bringFields(w);
    w.setStep(app::StepId::tone);
    REQUIRE(hand::waitFor([&] { return w.desk().ready(); }));
    w.desk().begin(2);
    for (int k = 0; k < 12; ++k) {
        tone::Stack s = *w.desk().stack();
        s.cuts[0] = 60 + 10 * k;
        w.desk().take(s, "Cut");
    }
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    CHECK(w.desk().item()->group()->made == art::keyOf(h.document(), *w.desk().item()));
    tone::Stack s = *w.desk().stack();
    s.cuts[0] = 100;
    w.desk().take(s, "Cut");
    w.session().start(art::newDocument(), {});
    hand::idle(w);
    CHECK(art::nodeCount(h.document()) == 0);
    CHECK(w.desk().item() == nullptr);
    CHECK_FALSE(w.desk().working());
}

TEST_CASE("stopped, taken back and begun with another number, the shapes come")
{
    app::Window w;
    Hand h(w);
    bringFields(w);
    layTones(w, 2);
    w.desk().begin(3);
    REQUIRE(w.desk().working());
    w.desk().stop();
    w.run("undo");
    REQUIRE(w.desk().tones()->stack.cuts.size() == 1);
    w.desk().begin(3);
    REQUIRE(w.desk().tones()->stack.cuts.size() == 2);
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    CHECK(w.desk().item()->group()->made == art::keyOf(h.document(), *w.desk().item()));
    // And stopped a moment before it would have been ready.
    w.desk().begin(2);
    w.desk().stop();
    w.desk().begin(3);
    CHECK(w.desk().tones()->stack.cuts.size() == 2);
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
}

TEST_CASE("stopped by hand, shapes stay as they are until something is changed, and then come")
{
    app::Window w;
    Hand h(w);
    bringFields(w);
    w.setStep(app::StepId::tone);
    REQUIRE(hand::waitFor([&] { return w.desk().ready(); }));
    w.desk().begin(2);
    w.desk().stop();
    hand::waitFor([&] { return !w.desk().working(); });
    // Undone and another number chosen: they are worked out.
    w.run("undo");
    w.desk().begin(3);
    REQUIRE(hand::waitFor([&] { return shapesReady(w); }));
    CHECK(w.desk().stack()->cuts.size() == 2);
}

TEST_CASE("drops and tones follow side by side, each in its own time")
{
    app::Window w;
    Hand h(w);
    bringFields(w);
    layTones(w, 2);
    // A box with a drop in it, moved by a corner.
    const art::Id layer = h.document().layers.back()->id;
    art::Item box;
    art::Artwork a;
    a.setPaths({curve::rectangle({600, 600}, {800, 800})});
    a.stroke.colour = art::Colour{0, 0, 0};
    box.is = a;
    const art::Added added = art::withItem(h.document(), layer, box);
    const art::DrawnLines lines = art::drawnLines(added.document);
    const art::Added drop = art::withDrop(added.document, *planar::build(lines.paths), lines, {700, 700}, {art::Colour{200, 40, 40}, {}});
    REQUIRE(drop.id);
    w.session().take(drop.document, "Drop");
    REQUIRE(hand::waitFor([&] { return w.areas().upToDate(); }));
    tone::Stack s = *w.desk().stack();
    s.cuts[0] = 90;
    w.desk().take(s, "Cut");
    w.session().take(art::withPaths(h.document(), added.id, {curve::rectangle({600, 600}, {900, 800})}), "Wider");
    REQUIRE(hand::waitFor([&] { return shapesReady(w) && w.areas().upToDate() && art::bounds(*h.document().item(drop.id)).width() > 250; }));
    CHECK(art::bounds(*h.document().item(drop.id)).max.x == Approx(900).margin(1));
    CHECK(w.desk().stack()->cuts[0] == 90);
    // All is as its recipes give it: nothing is left to do, in the file either.
    CHECK(art::stale(h.document(), w.areas().gap()).empty());
    CHECK(art::stale(files::readSvg(files::writeWorkingSvg(h.document())).document, w.areas().gap()).empty());
}

TEST_CASE("history is bounded, the oldest steps go, and that is said once")
{
    app::Window w;
    Hand h(w);
    art::Document d = hand::withSquare(art::newDocument(), {100, 100}, {9, 9, 9});
    w.session().start(d, {});
    w.session().setHistoryLimit(40000);
    const art::Id one = d.layers[0]->items[0]->id;
    int told = 0;
    QObject::connect(&w.session(), &app::Session::problem, [&](const QString& t) { told += t.contains("oldest"); });
    for (int k = 0; k < 400; ++k) w.session().take(art::transformed(h.document(), {one}, curve::translation({1, 0})), "Move");
    CHECK(told == 1);
    CHECK(w.session().history().bytes() <= 40000);
    CHECK(w.session().history().length() > 5);
    CHECK(w.session().history().length() < 400);
    while (w.session().history().canUndo()) w.session().undo();
    CHECK(art::bounds(*h.document().item(one)).min.x > 100); // not all the way back
}
