// Looking at the sheet, and the commands of the menus.
#include <catch2/catch.hpp>

#include "app/canvas/replay.h"
#include "app/hand.h"
#include "art/edits.h"

#include <QDropEvent>
#include <QImage>
#include <QMimeData>
#include <QTemporaryDir>
#include <QTimer>

using namespace softrope;
using curve::Vec2;
using hand::Hand;
using hand::settle;

namespace {

void straight(Hand& h, Vec2 a, Vec2 b)
{
    h.window.setStep(app::StepId::trace);
    h.canvas().setFocus();
    h.key(Qt::Key_F);
    h.held = Qt::ControlModifier;
    h.click(a);
    h.click(b);
    h.held = Qt::NoModifier;
    h.key(Qt::Key_Return);
    h.key(Qt::Key_Escape);
}

QColor at(Hand& h, Vec2 sheet)
{
    return h.canvas().grab().toImage().pixelColor(h.on(sheet).toPoint());
}

} // namespace

TEST_CASE("what is drawn is on the screen where it was drawn")
{
    app::Window w;
    Hand h(w);
    w.canvas().look().width = 20;
    straight(h, {200, 300}, {800, 300});
    w.session().pickItems({});
    REQUIRE(hand::waitFor([&] { return at(h, {500, 300}).lightness() < 80; }, 3000));
    CHECK(at(h, {500, 340}).lightness() > 240);
    // Moved in the view, it is still where it should be, at once.
    app::View v = w.canvas().view();
    v.centre += Vec2{90, -40};
    w.canvas().setView(v);
    CHECK(at(h, {500, 300}).lightness() < 80);
    v.zoom *= 3;
    v.centre = {500, 300};
    w.canvas().setView(v);
    CHECK(at(h, {500, 300}).lightness() < 80);
    CHECK(at(h, {500, 330}).lightness() > 240);
}

TEST_CASE("alone and hidden references leave the artwork, the veil thins the reference")
{
    app::Window w;
    Hand h(w);
    QTemporaryDir folder;
    QImage black(100, 100, QImage::Format_RGB32);
    black.fill(Qt::black);
    REQUIRE(black.save(folder.filePath("black.png")));
    w.bringPictures({folder.filePath("black.png")});
    REQUIRE(hand::waitFor([&] { return !w.busy(); }));
    REQUIRE(hand::waitFor([&] { return at(h, {300, 300}).lightness() < 150; }, 3000));
    const int dimmed = at(h, {300, 300}).lightness();
    CHECK(dimmed > 100); // 50 %
    for (int i = 0; i < 10; ++i) h.key(Qt::Key_BracketLeft);
    REQUIRE(hand::waitFor([&] { return at(h, {300, 300}).lightness() > dimmed + 30; }, 3000));
    h.key(Qt::Key_X);
    REQUIRE(hand::waitFor([&] { return at(h, {300, 300}).lightness() > 245; }, 3000));
    h.key(Qt::Key_X);
    REQUIRE(hand::waitFor([&] { return at(h, {300, 300}).lightness() < 245; }, 3000));
    hand::push(w, "Alone");
    REQUIRE(hand::waitFor([&] { return at(h, {300, 300}).lightness() > 245; }, 3000));
}

TEST_CASE("side by side, the same place lies under the pointer in both panes, and drawing works in either")
{
    app::Window w;
    Hand h(w);
    w.setStep(app::StepId::trace);
    hand::push(w, "Beside");
    h.canvas().setFocus();
    h.key(Qt::Key_0);
    h.key(Qt::Key_F);
    // The right pane starts at the middle; a point of the left one lies half the width to its left.
    const QPointF right = h.on({500, 500}), half(h.canvas().width() / 2.0 + 1, 0);
    for (const QPointF p : {right - half, right - half + QPointF(80, 0)}) {
        h.send(QEvent::MouseMove, p, Qt::NoButton, Qt::NoButton);
        h.send(QEvent::MouseButtonPress, p, Qt::LeftButton, Qt::LeftButton);
        h.send(QEvent::MouseButtonRelease, p, Qt::LeftButton, Qt::NoButton);
    }
    h.key(Qt::Key_Return);
    REQUIRE(h.lines().size() == 1);
    CHECK(distance(h.path(0).nodes[0].at, {500, 500}) < 6);
    // The divider is dragged, and a double click brings the halves back.
    const QPointF divider(h.canvas().width() / 2.0, 300);
    h.send(QEvent::MouseButtonPress, divider, Qt::LeftButton, Qt::LeftButton);
    h.send(QEvent::MouseMove, divider + QPointF(120, 0), Qt::NoButton, Qt::LeftButton);
    h.send(QEvent::MouseButtonRelease, divider + QPointF(120, 0), Qt::LeftButton, Qt::NoButton);
    CHECK(h.on({500, 500}).x() > right.x() + 30);
    h.send(QEvent::MouseButtonDblClick, divider + QPointF(120, 0), Qt::LeftButton, Qt::LeftButton);
    CHECK(h.on({500, 500}).x() == Approx(right.x()).margin(3));
}

TEST_CASE("whole sheet, what is picked, and 100 % by keys, zoom stays within its limits")
{
    app::Window w;
    Hand h(w);
    straight(h, {100, 100}, {140, 120});
    w.session().pickItems({h.lines()[0]->id});
    h.key(Qt::Key_9);
    CHECK(w.canvas().view().zoom > 5);
    CHECK(distance(w.canvas().view().centre, {120, 110}) < 3);
    h.key(Qt::Key_8);
    CHECK(w.canvas().view().zoom == Approx(1));
    h.key(Qt::Key_0);
    CHECK(w.canvas().view().zoom == Approx(0.5).margin(0.08));
    for (int i = 0; i < 60; ++i) w.run("zoom-in");
    CHECK(w.canvas().view().zoom == app::View::most);
    for (int i = 0; i < 90; ++i) w.run("zoom-out");
    CHECK(w.canvas().view().zoom == app::View::least);
}

TEST_CASE("the last look carries on, is taken from a line, and given to others")
{
    app::Window w;
    Hand h(w);
    straight(h, {100, 100}, {300, 100});
    w.session().pickItems({h.lines()[0]->id});
    settle();
    app::NumberField* weight = nullptr;
    for (app::NumberField* f : w.findChildren<app::NumberField*>())
        if (f->accessibleName() == "Weight" && f->isVisible()) weight = f;
    REQUIRE(weight);
    weight->setFocus();
    QTest::keyClick(weight, Qt::Key_A, Qt::ControlModifier);
    QTest::keyClicks(weight, "3*5");
    QTest::keyClick(weight, Qt::Key_Return);
    CHECK(h.lines()[0]->artwork()->stroke.width == 15);
    straight(h, {100, 200}, {300, 200});
    CHECK(h.lines()[1]->artwork()->stroke.width == 15);
    w.canvas().look().width = 4;
    straight(h, {100, 300}, {300, 300});
    w.session().pickItems({h.lines()[0]->id});
    REQUIRE(w.run("copy-look"));
    w.session().pickItems({h.lines()[2]->id});
    REQUIRE(w.run("put-look"));
    CHECK(h.lines()[2]->artwork()->stroke.width == 15);
}

TEST_CASE("all ends that nearly meet are joined at once, with a count, far ones are left")
{
    app::Window w;
    Hand h(w);
    straight(h, {100, 100}, {300, 100});
    straight(h, {302, 101}, {300, 300});
    straight(h, {299, 302}, {100, 300});
    straight(h, {700, 700}, {800, 800});
    REQUIRE(w.run("join-near"));
    CHECK(h.lines().size() == 2);
    CHECK(w.lastSaid().contains("Joined 2 pairs"));
    REQUIRE(w.run("join-near"));
    CHECK(w.lastSaid().contains("No two open ends"));
    h.key(Qt::Key_Z, Qt::ControlModifier);
    CHECK(h.lines().size() == 4);
}

TEST_CASE("commands on what is picked: align, close, turn round, without a pick they cannot be run")
{
    app::Window w;
    Hand h(w);
    CHECK_FALSE(w.run("align-left"));
    CHECK_FALSE(w.run("duplicate"));
    straight(h, {300, 300}, {500, 380});
    const art::Id id = h.lines()[0]->id;
    w.session().pickItems({id});
    REQUIRE(w.run("align-left"));
    CHECK(art::bounds(*h.document().item(id)).min.x == Approx(0).margin(1e-9));
    REQUIRE(w.run("align-middle"));
    CHECK(art::bounds(*h.document().item(id)).centre().y == Approx(540));
    const Vec2 start = h.path(0).nodes.front().at;
    REQUIRE(w.run("reverse"));
    CHECK(h.path(0).nodes.back().at == start);
    REQUIRE(w.run("close-line"));
    CHECK_FALSE(h.path(0).closed); // two nodes enclose nothing
    CHECK_FALSE(w.run("no-such-command"));
}

TEST_CASE("the message about a locked layer unlocks it by its button")
{
    app::Window w;
    Hand h(w);
    straight(h, {300, 300}, {500, 300});
    const art::Id layer = h.document().layers[0]->id;
    w.session().take(art::withLayer(h.document(), layer, [](art::Layer& l) { l.locked = true; }), "Lock layer");
    h.click({400, 300});
    auto* strip = w.findChild<app::ReadingStrip*>();
    REQUIRE(strip);
    settle();
    strip->grab(); // painted once, so that the button has its place
    for (int x = 20; x < strip->width() && h.document().layer(layer)->locked; x += 12) QTest::mouseClick(strip, Qt::LeftButton, {}, {x, 14});
    CHECK_FALSE(h.document().layer(layer)->locked);
    CHECK(strip->said().size() >= 1);
}

TEST_CASE("files dropped on the bench come in, other things are told what is wanted")
{
    app::Window w;
    Hand h(w);
    QTemporaryDir folder;
    QImage image(60, 40, QImage::Format_RGB32);
    image.fill(Qt::blue);
    REQUIRE(image.save(folder.filePath("drop.png")));
    QMimeData files;
    files.setUrls({QUrl::fromLocalFile(folder.filePath("drop.png"))});
    const auto drop = [&](const QMimeData& mime) {
        QDragEnterEvent enter({100, 100}, Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
        QCoreApplication::sendEvent(&h.canvas(), &enter);
        CHECK(enter.isAccepted());
        QDropEvent let({100, 100}, Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
        QCoreApplication::sendEvent(&h.canvas(), &let);
    };
    drop(files);
    REQUIRE(hand::waitFor([&] { return !w.busy(); }));
    CHECK(h.document().layers.size() == 2);
    QMimeData elsewhere;
    elsewhere.setUrls({QUrl("https://example.org/a.png")});
    drop(elsewhere);
    CHECK(w.lastSaid().contains("on this computer"));
}

TEST_CASE("the stand-in can be stopped in the middle of a stroke, which ends where the pen was")
{
    app::Window w;
    Hand h(w);
    w.setStep(app::StepId::trace);
    h.canvas().setFocus();
    h.key(Qt::Key_D);
    app::Recording r;
    r.strokes.resize(1);
    for (int i = 0; i < 400; ++i) r.strokes[0].push_back({{100.0 + 2 * i, 500 + 60 * std::sin(i * 0.05)}, 0.5F, 0, 0, static_cast<float>(i) / 25});
    w.replay().start(r, 1, 0);
    REQUIRE(hand::waitFor([&] { return h.canvas().pointerOnSheet().x > 160; }));
    REQUIRE(w.replay().running());
    w.replay().stop();
    CHECK_FALSE(w.replay().running());
    REQUIRE(h.lines().size() == 1);
    CHECK(h.path(0).nodes.back().at.x < 700);
}

TEST_CASE("settings of tools are remembered from one start to the next")
{
    {
        app::Window w;
        w.canvas().setSetting(app::settings::freehandSlack, 3.25);
        w.canvas().setSnapping(false);
    }
    app::Window again;
    CHECK(again.canvas().setting(app::settings::freehandSlack) == 3.25);
    CHECK_FALSE(again.canvas().snapping());
    again.canvas().setSnapping(true);
    again.canvas().setSetting(app::settings::freehandSlack, curve::defaultSlack);
}

TEST_CASE("Tab walks the things on the sheet, arrows move picked nodes by 1, 10 and a tenth")
{
    app::Window w;
    Hand h(w);
    straight(h, {100, 100}, {300, 100});
    straight(h, {100, 200}, {300, 200});
    w.session().pickItems({});
    h.key(Qt::Key_Tab);
    CHECK(w.session().selection().items == std::vector<art::Id>{h.lines()[0]->id});
    h.key(Qt::Key_Tab);
    CHECK(w.session().selection().items == std::vector<art::Id>{h.lines()[1]->id});
    h.key(Qt::Key_Backtab, Qt::ShiftModifier);
    CHECK(w.session().selection().items == std::vector<art::Id>{h.lines()[0]->id});
    h.key(Qt::Key_H);
    h.click(h.path(0).nodes[0].at);
    const Vec2 start = h.path(0).nodes[0].at;
    h.key(Qt::Key_Right);
    h.key(Qt::Key_Down, Qt::ShiftModifier);
    h.key(Qt::Key_Left, Qt::AltModifier);
    CHECK(distance(h.path(0).nodes[0].at, start + Vec2{0.9, 10}) < 1e-9);
    // The burst of nudges is one step.
    h.key(Qt::Key_Z, Qt::ControlModifier);
    CHECK(h.path(0).nodes[0].at == start);
}

TEST_CASE("open ends are visited one after the other")
{
    app::Window w;
    Hand h(w);
    straight(h, {100, 100}, {900, 100});
    const Vec2 before = w.canvas().view().centre;
    h.key(Qt::Key_Period);
    const Vec2 first = w.canvas().view().centre;
    h.key(Qt::Key_Period);
    CHECK(first != before);
    CHECK(distance(first, w.canvas().view().centre) == Approx(800).margin(2));
}

TEST_CASE("a new piece asks before unsaved work is left, and goes on without a question when all is saved")
{
    app::Window w;
    Hand h(w);
    straight(h, {100, 100}, {300, 100});
    QTemporaryDir folder;
    REQUIRE(hand::saved(w.session(), folder.filePath("a.svg")).isEmpty());
    REQUIRE(w.run("new"));
    CHECK(h.lines().empty());
    CHECK(w.session().path().isEmpty());
    straight(h, {100, 100}, {300, 100});
    QTimer::singleShot(200, [] {
        if (QWidget* asked = QApplication::activeModalWidget()) QTest::keyClick(asked, Qt::Key_Escape);
    });
    REQUIRE(w.run("new"));
    CHECK(h.lines().size() == 1);
}
