// Very many things in hand: what is done to them is what is done to few.
#include "app/hand.h"
#include "art/edits.h"

#include "app/services/frame_meter.h"
#include "app/widgets/frame_strip.h"

using namespace softrope;
using hand::Hand;

namespace {

constexpr int across = 30;
curve::Vec2 placeOf(int k)
{
    return {40.0 + 30 * (k % across), 40.0 + 30 * (k / across)};
}

// 900 squares, 3,600 nodes: more than are painted one by one while they move.
art::Document squares()
{
    art::Document d = art::newDocument();
    std::vector<art::Item> all;
    for (int k = 0; k < across * across; ++k) {
        art::Item i;
        art::Artwork a;
        a.setPaths({curve::rectangle(placeOf(k), placeOf(k) + curve::Vec2{16, 16})});
        a.fill.colour = art::Colour{168, 66, 44};
        a.stroke.colour.reset();
        i.is = std::move(a);
        all.push_back(std::move(i));
    }
    return art::withItems(d, d.layers[0]->id, std::move(all)).document;
}

// The colour that is seen on the bench at a place of the sheet.
QColor seenAt(Hand& h, curve::Vec2 p)
{
    const QImage now = h.canvas().grab().toImage();
    return now.pixelColor((h.canvas().toWidget(p) * now.devicePixelRatio()).toPoint());
}

bool isSquare(const QColor& c)
{
    return std::abs(c.red() - 168) < 12 && std::abs(c.green() - 66) < 12 && std::abs(c.blue() - 44) < 12;
}

} // namespace

TEST_CASE("many things are picked, moved by their picture, let go, copied and taken back like few")
{
    app::Window w;
    Hand h(w);
    const art::Document d = squares();
    w.session().start(d, {});
    w.setStep(app::StepId::build);
    h.canvas().fitSheet();
    hand::idle(w);
    h.key(Qt::Key_A, Qt::ControlModifier);
    REQUIRE(w.session().selection().items.size() == across * across);
    hand::idle(w);
    const curve::Vec2 grip = placeOf(0) + curve::Vec2{8, 8}, by{15, 120};
    h.held = Qt::NoModifier;
    w.canvas().setSnapping(false);
    h.move(grip, false);
    h.press(grip);
    for (int k = 1; k <= 5; ++k) h.move(grip + by * (k / 5.0));
    // The document is as it was; on the bench they have moved, into the gaps between where they were.
    CHECK(h.document() == d);
    const curve::Vec2 last = placeOf(across * across - 1) + curve::Vec2{8, 8};
    CHECK(hand::waitFor([&] {
        QCoreApplication::processEvents();
        return isSquare(seenAt(h, last + by)) && !isSquare(seenAt(h, grip));
    }));
    h.lift(grip + by);
    const auto cornerOf = [](const art::Document& of, std::size_t k) { return art::bounds(*of.layers[0]->items[k]).min; };
    for (std::size_t k = 0; k < d.layers[0]->items.size(); ++k) REQUIRE(distance(cornerOf(h.document(), k), cornerOf(d, k) + by) < 0.01);
    hand::idle(w);
    CHECK(isSquare(seenAt(h, last + by)));
    CHECK_FALSE(isSquare(seenAt(h, grip)));
    // Given up in the middle, nothing has happened.
    const art::Document moved = h.document();
    h.move(grip + by, false);
    h.press(grip + by);
    h.move(grip + by * 2);
    h.key(Qt::Key_Escape);
    h.lift(grip + by * 2);
    CHECK(h.document() == moved);
    hand::idle(w);
    CHECK(hand::waitFor([&] {
        QCoreApplication::processEvents();
        return isSquare(seenAt(h, last + by));
    }));
    w.run("undo");
    CHECK(h.document() == d);
    CHECK(w.session().selection().items.size() == across * across);
    w.run("group");
    REQUIRE(h.document().layers[0]->items.size() == 1);
    w.run("ungroup");
    CHECK(h.document().layers[0]->items.size() == across * across);
    w.run("delete");
    CHECK(h.document().layers[0]->items.empty());
}

TEST_CASE("the frame meter tells what frames were spent on, and is off unless asked for")
{
    app::Window w;
    Hand h(w);
    CHECK(w.findChild<app::FrameMeter*>() != nullptr);
    auto& meter = *w.findChild<app::FrameMeter*>();
    CHECK_FALSE(meter.watching());
    REQUIRE(w.run("frame-meter"));
    CHECK(meter.watching());
    w.session().start(squares(), {});
    const auto painted = [&] {
        return std::any_of(meter.frames().begin(), meter.frames().end(), [](const app::FrameMeter::Frame& f) {
            return std::any_of(f.spent.begin(), f.spent.end(), [](const auto& s) { return std::string(s.what) == "painting" && s.ms > 0; });
        });
    };
    CHECK(hand::waitFor([&] {
        h.canvas().update();
        return painted();
    }));
    // What has a name is never more than the whole.
    for (const app::FrameMeter::Frame& f : meter.frames()) {
        double sum = 0;
        for (const auto& s : f.spent) sum += s.ms;
        CHECK(sum <= f.ms + 0.01);
    }
    CHECK(meter.frames().size() <= app::FrameMeter::kept);
    REQUIRE(w.run("frame-meter"));
    CHECK_FALSE(meter.watching());
    CHECK(meter.frames().empty());
}
