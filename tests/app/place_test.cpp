// The Place step and the parts around the bench, by pointer and keys.
#include <catch2/catch.hpp>

#include "app/hand.h"
#include "app/tools/place/place_acts.h"
#include "art/edits.h"
#include "files/recovery.h"
#include "files/svg.h"

#include <QImage>
#include <QTemporaryDir>

#include <set>

using namespace softrope;
using curve::Vec2;
using hand::Hand;
using hand::settle;

namespace {

// A picture of 400 x 200 px on the sheet, locked as it comes.
art::Id withPicture(Hand& h)
{
    QTemporaryDir folder;
    QImage image(400, 200, QImage::Format_RGB32);
    image.fill(QColor(200, 190, 170));
    const QString path = folder.filePath("lantern.png");
    REQUIRE(image.save(path));
    h.window.bringPictures({path});
    REQUIRE(hand::waitFor([&] { return !h.window.busy(); }));
    settle();
    return app::referenceInHand(h.document(), {})->id;
}

const art::Reference& reference(Hand& h, art::Id id)
{
    return *h.document().item(id)->reference();
}

void type(QWidget* into, const QString& text)
{
    into->setFocus();
    QTest::keyClick(into, Qt::Key_A, Qt::ControlModifier);
    QTest::keyClicks(into, text);
    QTest::keyClick(into, Qt::Key_Return);
    settle();
}

} // namespace

TEST_CASE("a picture is locked as it comes, unlocked, it is moved, sized and turned, dim and lock puts it back")
{
    app::Window w;
    Hand h(w);
    const art::Id id = withPicture(h);
    CHECK(reference(h, id).scale == Approx(2.7));
    const art::Document before = h.document();
    h.drag({540, 540}, {700, 600});
    CHECK(h.document() == before);
    hand::push(w, "Unlock");
    settle();
    CHECK(w.session().selection().items == std::vector<art::Id>{id});
    CHECK(h.canvas().tool()->id() == "place");
    w.canvas().setSnapping(false);
    h.drag({540, 540}, {600, 560});
    CHECK(distance(reference(h, id).centre, {600, 560}) < 2);
    settle();
    // A bracket, dragged half-way in, halves it about the far corner.
    const curve::Box box = art::bounds(*h.document().item(id));
    const double gap = 10 / w.canvas().view().zoom;
    const Vec2 corner = box.max + Vec2{gap, gap}, far = box.centre() * 2 - corner;
    h.drag(corner, lerp(far, corner, 0.5));
    CHECK(reference(h, id).scale == Approx(1.35).epsilon(0.02));
    settle();
    const curve::Box now = art::bounds(*h.document().item(id));
    const Vec2 outside = now.max + Vec2{2.2 * gap, 2.2 * gap}, middle = now.centre();
    const Vec2 turned = middle + curve::rotation(0.3) * (outside - middle);
    h.drag(outside, turned);
    CHECK(reference(h, id).turn == Approx(0.3).margin(0.02));
    hand::push(w, "Dim and lock");
    settle();
    CHECK(h.document().layerOf(id)->locked);
    w.canvas().setSnapping(true);
}

TEST_CASE("typed values place the picture, sums are understood, Escape leaves the field as it was")
{
    app::Window w;
    Hand h(w);
    const art::Id id = withPicture(h);
    type(hand::shown<app::NumberField>(w, "Turn"), "90/4");
    CHECK(curve::degrees(reference(h, id).turn) == Approx(22.5));
    type(hand::shown<app::NumberField>(w, "Size"), "150");
    CHECK(reference(h, id).scale == Approx(1.5));
    app::NumberField* size = hand::shown<app::NumberField>(w, "Size");
    size->setFocus();
    QTest::keyClicks(size, "99");
    QTest::keyClick(size, Qt::Key_Escape);
    CHECK(reference(h, id).scale == Approx(1.5));
    hand::push(w, "Fit to sheet");
    settle();
    CHECK(reference(h, id).scale == Approx(2.7));
    // The whole burst of typing one field is told apart from the next field.
    w.run("undo");
    CHECK(reference(h, id).scale == Approx(1.5));
}

TEST_CASE("straighten: a line that should be level becomes level, one that should stand becomes upright")
{
    app::Window w;
    Hand h(w);
    const art::Id id = withPicture(h);
    h.key(Qt::Key_S);
    REQUIRE(h.canvas().tool()->id() == "straighten");
    h.drag({300, 500}, {700, 540});
    CHECK(reference(h, id).turn == Approx(-std::atan2(40, 400)).margin(0.005));
    h.drag({500, 300}, {520, 700});
    CHECK(reference(h, id).turn == Approx(-std::atan2(40, 400) + std::atan2(20, 400)).margin(0.01));
    // Too short a line means nothing.
    const art::Document before = h.document();
    h.drag({500, 500}, {510, 505});
    CHECK(h.document() == before);
}

TEST_CASE("a crooked scan is cleaned in one act, taken back by one undo, and its corners can be moved afterwards")
{
    app::Window w;
    Hand h(w);
    w.scanPage("lantern", 150, 2);
    REQUIRE(hand::waitFor([&] { return !w.busy(); }));
    const art::Id id = w.session().document().layers.back()->items.empty() ? w.session().document().layers.front()->items.front()->id
                                                                           : w.session().document().layers.back()->items.front()->id;
    REQUIRE(h.document().item(id)->reference());
    const art::Reference before = reference(h, id);
    REQUIRE(w.run("clean-page"));
    REQUIRE(hand::waitFor([&] { return w.lastSaid().startsWith("Cleaned"); }));
    const art::Reference clean = reference(h, id);
    REQUIRE(clean.paper);
    CHECK(clean.turn == 0);
    CHECK(clean.flattenLight == 1);
    CHECK(clean.liftPaper > 0.5);
    // The square page lies on the square sheet.
    const auto frame = art::frame(clean);
    CHECK(distance(frame[0], {0, 0}) < 8);
    CHECK(distance(frame[2], {1080, 1080}) < 8);
    h.key(Qt::Key_Z, Qt::ControlModifier);
    CHECK(reference(h, id) == before);
    h.key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    CHECK(reference(h, id).paper);
    hand::idle(w);
    // A corner of the paper is drawn inwards.
    h.key(Qt::Key_1);
    h.key(Qt::Key_E, Qt::ShiftModifier);
    REQUIRE(h.canvas().tool()->id() == "corners");
    const auto corner = art::placement(clean) * Vec2{0, 0};
    h.drag(corner, corner + Vec2{40, 30});
    const art::Reference moved = reference(h, id);
    REQUIRE(moved.paper);
    CHECK(std::hypot((*moved.paper)[0].x - (*clean.paper)[0].x, (*moved.paper)[0].y - (*clean.paper)[0].y) > 20);
    CHECK((*moved.paper)[2] == (*clean.paper)[2]);
    // Inside out is refused.
    const auto now = art::placement(moved) * Vec2{0, 0};
    h.drag(now, {1500, 1500});
    CHECK(reference(h, id) == moved);
    // And a double click finds them again.
    h.doubleClick({540, 540});
    REQUIRE(hand::waitFor([&] { return w.lastSaid().contains("square to the paper"); }));
    CHECK(std::hypot((*reference(h, id).paper)[0].x - (*clean.paper)[0].x, (*reference(h, id).paper)[0].y - (*clean.paper)[0].y) < 1);
}

TEST_CASE("crop keeps the rest in place, and a double click brings the whole picture back")
{
    app::Window w;
    Hand h(w);
    const art::Id id = withPicture(h);
    const art::Reference before = reference(h, id);
    h.key(Qt::Key_D);
    h.drag({200, 400}, {800, 700});
    const art::Reference after = reference(h, id);
    CHECK(after.crop.width() == Approx(600 / 2.7).margin(2));
    CHECK(distance(art::placement(after) * Vec2{200, 100}, art::placement(before) * Vec2{200, 100}) < 1e-6);
    CHECK(art::frame(after)[0].x == Approx(200).margin(2));
    h.doubleClick({500, 500});
    CHECK(reference(h, id).crop.empty());
    CHECK(distance(reference(h, id).centre, before.centre) < 1e-6);
}

TEST_CASE("guides are drawn at any angle, moved, snapped to and dropped")
{
    app::Window w;
    Hand h(w);
    h.key(Qt::Key_F);
    REQUIRE(h.canvas().tool()->id() == "guide");
    h.held = Qt::ShiftModifier;
    h.drag({200, 300}, {700, 330});
    h.held = Qt::NoModifier;
    REQUIRE(h.document().guides.size() == 1);
    CHECK(h.document().guides[0].angle == Approx(0).margin(1e-9));
    const double y = h.document().guides[0].through.y;
    h.drag({400, y}, {400, y + 100});
    CHECK(h.document().guides[0].through.y == Approx(y + 100).margin(2));
    // A line drawn near it lies on it.
    h.key(Qt::Key_2);
    h.key(Qt::Key_F);
    h.click({300, h.document().guides[0].through.y + 6});
    CHECK(h.path(0).nodes[0].at.y == Approx(h.document().guides[0].through.y));
    h.key(Qt::Key_Escape);
    h.key(Qt::Key_1);
    h.key(Qt::Key_F);
    h.move({600, h.document().guides[0].through.y}, false);
    h.key(Qt::Key_Delete);
    CHECK(h.document().guides.empty());
}

TEST_CASE("the sheet's size and unit are set by preset and by figures, without touching the artwork")
{
    app::Window w;
    Hand h(w);
    hand::push(w, "A4");
    settle();
    CHECK(h.document().sheet.width == Approx(210 * 96 / 25.4));
    CHECK(h.document().sheet.unit == art::Unit::mm);
    app::NumberField* width = hand::shown<app::NumberField>(w, "Sheet width");
    REQUIRE(width);
    CHECK(width->text() == "210");
    type(width, "100");
    CHECK(h.document().sheet.width == Approx(100 * 96 / 25.4));
    hand::push(w, "Wide");
    settle();
    CHECK(h.document().sheet.width == 1920);
    CHECK(h.document().sheet.unit == art::Unit::px);
}

TEST_CASE("scanning can be stopped, and leaves nothing then")
{
    app::Window w;
    Hand h(w);
    const art::Document before = h.document();
    w.scanPage("moth", 300, 3);
    hand::push(w, "Stop");
    REQUIRE(hand::waitFor([&] { return !w.busy(); }));
    CHECK(h.document() == before);
    CHECK(w.lastSaid().startsWith("Stopped"));
}

TEST_CASE("the light of a page is flattened and its paper lifted by the card's sliders, one step a slide")
{
    app::Window w;
    Hand h(w);
    const art::Id id = withPicture(h);
    const std::size_t steps = w.session().history().length();
    auto* s = hand::shown<app::Slider>(w, "Lift paper to white");
    QTest::mousePress(s, Qt::LeftButton, {}, {10, 12});
    for (int x = 20; x < s->width() - 10; x += 25) QTest::mouseMove(s, {x, 12});
    QTest::mouseRelease(s, Qt::LeftButton, {}, {s->width() - 12, 12});
    CHECK(reference(h, id).liftPaper > 0.7);
    CHECK(w.session().history().length() == steps + 1);
    // The last good picture stays until the new one is ready, and the new one is whiter.
    REQUIRE(hand::waitFor([&] {
        const auto p = w.session().pictures().get(reference(h, id));
        return p && p->at(100, 100).r > 240;
    }));
}

TEST_CASE("layers: add, draw on, hide and lock by a click on their rows, order by keys")
{
    app::Window w;
    Hand h(w);
    auto* list = w.findChild<app::LayerList*>();
    REQUIRE(list);
    hand::push(*list, "Add");
    settle();
    REQUIRE(h.document().layers.size() == 2);
    const art::Id top = h.document().layers[1]->id;
    CHECK(w.session().selection().layer == top);
    app::LayerTree& tree = list->tree();
    const art::Id lines = h.document().layers[0]->id;
    const QRect row = tree.rowBox(lines);
    REQUIRE(row.isValid());
    QTest::mouseClick(tree.viewport(), Qt::LeftButton, {}, tree.showBox(row).center());
    CHECK_FALSE(h.document().layers[0]->shown);
    QTest::mouseClick(tree.viewport(), Qt::LeftButton, {}, tree.lockBox(row).center());
    CHECK(h.document().layers[0]->locked);
    QTest::mouseClick(tree.viewport(), Qt::LeftButton, {}, row.center());
    CHECK(w.session().selection().layer == h.document().layers[0]->id);
    // Nothing is drawn on a hidden, locked layer; the reason is said.
    h.canvas().setFocus();
    h.key(Qt::Key_2);
    h.key(Qt::Key_D);
    h.stroke({{100, 100}, {200, 150}, {300, 100}});
    CHECK(h.lines().empty());
    CHECK(w.lastSaid().contains("locked"));
    h.canvas().setFocus();
    w.run("layer-up");
    CHECK(h.document().layers[0]->id == top);
}

TEST_CASE("the course leads to steps by a click, and its states follow the work")
{
    app::Window w;
    Hand h(w);
    auto* course = w.findChild<app::Course*>();
    REQUIRE(course);
    const int n = static_cast<int>(app::steps().size());
    for (int k = 0; k < n; ++k) {
        QTest::mouseClick(course, Qt::LeftButton, {}, {(2 * k + 1) * course->width() / (2 * n), 20});
        CHECK(w.step() == app::steps()[static_cast<std::size_t>(k)]->id);
    }
    QTest::keyClick(course, Qt::Key_Left);
    CHECK(w.step() == app::steps()[static_cast<std::size_t>(n) - 2]->id);
    const art::Document before = h.document();
    w.setStep(app::StepId::trace);
    CHECK(h.document() == before);
    CHECK(course->accessibleDescription().contains("not begun"));
    h.canvas().setFocus();
    h.key(Qt::Key_F);
    h.click({200, 200});
    h.click({500, 200});
    h.key(Qt::Key_Return);
    settle();
    CHECK(course->accessibleDescription().contains("1 line, 2 open ends"));
}

TEST_CASE("two open ends near each other are offered for joining on the card, one click closes the gap")
{
    app::Window w;
    Hand h(w);
    w.setStep(app::StepId::trace);
    w.canvas().setSnapping(false);
    h.key(Qt::Key_F);
    h.click({200, 200});
    h.click({500, 200});
    h.key(Qt::Key_Return);
    h.held = Qt::ControlModifier;
    h.click({508, 204});
    h.click({500, 500});
    h.held = Qt::NoModifier;
    h.key(Qt::Key_Return);
    h.key(Qt::Key_Escape);
    settle();
    hand::push(w, "Close gap");
    settle();
    CHECK(h.lines().size() == 1);
    CHECK(h.path(0).nodes.size() == 3);
    CHECK(w.lastSaid().contains("Joined 2 ends"));
    w.canvas().setSnapping(true);
}

TEST_CASE("undo is named on its button, takes back with the selection, and redo returns")
{
    app::Window w;
    Hand h(w);
    w.setStep(app::StepId::trace);
    h.key(Qt::Key_F);
    h.click({200, 200});
    h.click({500, 200});
    h.key(Qt::Key_Return);
    h.key(Qt::Key_Escape);
    w.session().pickItems({h.lines()[0]->id});
    h.key(Qt::Key_Delete);
    settle();
    CHECK(h.lines().empty());
    auto* undo = hand::shown(w, "Undo: Delete");
    REQUIRE(undo);
    QTest::mouseClick(undo, Qt::LeftButton);
    settle();
    REQUIRE(h.lines().size() == 1);
    CHECK(w.session().selection().items == std::vector<art::Id>{h.lines()[0]->id});
    h.canvas().setFocus();
    h.key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    CHECK(h.lines().empty());
}

TEST_CASE("a foreign drawing opens with a list of what was left out, and is not overwritten by the first save")
{
    app::Window w;
    Hand h(w);
    QTemporaryDir folder;
    const QString path = folder.filePath("foreign.svg");
    QFile f(path);
    REQUIRE(f.open(QIODevice::WriteOnly));
    f.write("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 100 100'><text>hi</text><circle cx='50' cy='50' r='40'/></svg>");
    f.close();
    REQUIRE(hand::opened(w, path));
    CHECK(w.lastSaid().contains("kept whole: text"));
    CHECK(w.session().path().isEmpty());
    CHECK(h.lines().size() == 1);
    CHECK_FALSE(hand::opened(w, folder.filePath("none.svg")));
    CHECK(w.lastSaid().contains("no file"));
    CHECK(h.lines().size() == 1);
}

TEST_CASE("a save that fails says why and loses nothing")
{
    app::Window w;
    Hand h(w);
    w.setStep(app::StepId::trace);
    h.key(Qt::Key_F);
    h.click({200, 200});
    h.click({500, 200});
    h.key(Qt::Key_Return);
    const art::Document before = h.document();
    CHECK_FALSE(hand::saved(w.session(), "/proc/nowhere/moth.svg").isEmpty());
    CHECK(w.session().changed());
    CHECK(h.document() == before);
    CHECK_FALSE(hand::exported(w, "/proc/nowhere/out.png").isEmpty());
    CHECK(hand::exported(w, "out.xyz").contains("must end"));
}

TEST_CASE("copy and paste carry lines over, looks and all")
{
    app::Window w;
    Hand h(w);
    w.setStep(app::StepId::trace);
    w.canvas().look().width = 17;
    h.key(Qt::Key_F);
    h.click({200, 200});
    h.click({500, 200});
    h.key(Qt::Key_Return);
    h.key(Qt::Key_Escape);
    w.session().pickItems({h.lines()[0]->id});
    h.key(Qt::Key_C, Qt::ControlModifier);
    h.key(Qt::Key_V, Qt::ControlModifier);
    REQUIRE(h.lines().size() == 2);
    CHECK(h.lines()[1]->artwork()->stroke.width == 17);
    CHECK(h.path(1).nodes[0].at == h.path(0).nodes[0].at + Vec2{12, 12});
}

TEST_CASE("what was recovered can be put aside")
{
    QTemporaryDir state;
    const QByteArray before = qgetenv("XDG_STATE_HOME");
    qputenv("XDG_STATE_HOME", state.path().toUtf8());
    files::Recovery old("9999999-1-0");
    REQUIRE(old.write(art::newDocument(), "", {}).ok());
    // The note names this process as its owner: another one is put in its place.
    QFile about(state.filePath("soft-rope/recovery/9999999-1-0/about.json"));
    REQUIRE(about.open(QIODevice::ReadWrite));
    QByteArray text = about.readAll();
    text.replace(QByteArray::number(QCoreApplication::applicationPid()), "9999999");
    about.resize(0);
    about.seek(0);
    about.write(text);
    about.close();
    app::Window w;
    Hand h(w);
    w.offerRecovered();
    settle();
    REQUIRE(w.findChild<QWidget*>("recovered"));
    hand::push(*w.findChild<QWidget*>("recovered"), "Put it aside");
    settle();
    CHECK(files::leftBehind().empty());
    // It is still there, and File opens it again.
    REQUIRE(files::aside(QDateTime::currentSecsSinceEpoch()).size() == 1);
    QTimer::singleShot(100, [] {
        auto* pieces = QApplication::activeModalWidget()->findChild<QListWidget*>("pieces");
        REQUIRE(pieces);
        CHECK(pieces->count() == 1);
        emit pieces->itemActivated(pieces->item(0));
    });
    const quint64 piece = w.session().piece();
    REQUIRE(w.run("open-aside"));
    REQUIRE(hand::waitFor([&] { return w.session().piece() != piece; }));
    CHECK(w.session().changed());
    w.session().keeper().forget();
    qputenv("XDG_STATE_HOME", before);
}

TEST_CASE("the theme changes at once, and sheet colours stay true")
{
    app::Window w;
    Hand h(w);
    const QImage day = w.grab().toImage();
    w.run("theme-evening");
    settle(60);
    const QImage evening = w.grab().toImage();
    CHECK(qGray(day.pixel(5, 60)) > 180);
    CHECK(qGray(evening.pixel(5, 60)) < 80);
    CHECK(app::marks().nodePicked == QColor("#A02638"));
    w.run("theme-day");
}

TEST_CASE("all parts of the window are reached by F6")
{
    app::Window w;
    Hand h(w);
    std::set<QString> reached;
    for (int i = 0; i < 6; ++i) {
        h.key(Qt::Key_F6);
        for (QWidget* p = QApplication::focusWidget(); p; p = p->parentWidget())
            if (p->metaObject()->className() != QString("QWidget")) reached.insert(p->metaObject()->className());
    }
    for (const char* part : {"softrope::app::Course", "softrope::app::Canvas", "softrope::app::Tray", "softrope::app::Card", "softrope::app::LayerList"}) {
        INFO(part);
        CHECK(reached.count(part) == 1);
    }
}
