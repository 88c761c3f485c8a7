// Nothing is lost: saving, keeping, strokes that are interrupted, work that comes too late, what is thrown.
#include "hand.h"

#include "app/commands/keys_page.h"
#include "app/services/guard.h"
#include "app/tools/table.h"
#include "art/edits.h"
#include "art/ends.h"
#include "files/pictures.h"
#include "files/recovery.h"

#include <QAccessible>
#include <QDialog>
#include <QFileDialog>
#include <QHeaderView>
#include <QKeySequenceEdit>
#include <QLineEdit>
#include <QMessageBox>
#include <QPushButton>
#include <QScrollArea>
#include <QSettings>
#include <QSplitter>
#include <QTabletEvent>
#include <QTemporaryDir>
#include <QTimer>
#include <QTreeWidget>

#include <thread>

using namespace softrope;
using curve::Vec2;
using hand::Hand;
using hand::waitFor;

namespace {

struct Bench {
    app::Window w;
    Hand h{w};

    art::Id line(Vec2 a, Vec2 b)
    {
        art::Item i;
        art::Artwork art;
        art.setPaths({curve::polyline({a, b}, false)});
        art.stroke.colour = art::Colour{0, 0, 0};
        art.stroke.width = 6;
        i.is = art;
        return put(i);
    }
    art::Id circle(Vec2 c, double r)
    {
        art::Item i;
        art::Artwork art;
        art.setPaths({curve::circle(c, r)});
        art.stroke.colour = art::Colour{0, 0, 0};
        art.stroke.width = 4;
        i.is = art;
        return put(i);
    }
    art::Id put(const art::Item& i)
    {
        const art::Added a = art::withItem(w.session().document(), w.session().selection().layer, i);
        w.session().take(a.document, "Draw");
        return a.id;
    }
    const curve::Path& path(art::Id id) { return w.session().document().item(id)->artwork()->paths->front(); }
};

// A pen on a tablet, in sheet px.
void pen(Hand& h, QEvent::Type type, QPointF at, Qt::MouseButton button)
{
    static const QPointingDevice device("pen", 7, QInputDevice::DeviceType::Stylus, QPointingDevice::PointerType::Pen, QInputDevice::Capability::Pressure, 1,
                                        2);
    QTabletEvent e(type, &device, at, h.canvas().mapToGlobal(at), 0.6, 0, 0, 0, 0, 0, {}, button,
                   type == QEvent::TabletRelease ? Qt::NoButton : Qt::LeftButton);
    QCoreApplication::sendEvent(&h.canvas(), &e);
}

} // namespace

TEST_CASE("a first save adds the ending before it asks, so that it asks about the file that would be written over")
{
    Bench b;
    b.line({100, 100}, {300, 120});
    QTemporaryDir folder;
    const QString path = folder.filePath("moth.svg");
    QFile file(path);
    REQUIRE(file.open(QIODevice::WriteOnly));
    file.write("precious");
    file.close();
    QSettings().setValue("folder", folder.path());
    bool asked = false;
    // The dialog, then its question, then both are left.
    QTimer::singleShot(300, [&] {
        auto* dialog = qobject_cast<QFileDialog*>(QApplication::activeModalWidget());
        REQUIRE(dialog);
        CHECK(dialog->defaultSuffix() == "svg");
        CHECK_FALSE(dialog->selectedFiles().value(0).endsWith("moth.svg"));
        dialog->findChild<QLineEdit*>()->setText("moth");
        QTimer::singleShot(300, [&, dialog] {
            auto* question = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
            asked = question != nullptr;
            if (question) question->button(QMessageBox::No)->click();
            QTimer::singleShot(100, dialog, [dialog] { dialog->reject(); });
        });
        dialog->findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Save)->click();
    });
    REQUIRE(b.w.run("save"));
    CHECK(asked);
    REQUIRE(file.open(QIODevice::ReadOnly));
    CHECK(file.readAll() == "precious");
    CHECK(b.w.session().path().isEmpty());
}

TEST_CASE("a piece is called after its title or its picture when it is saved first")
{
    Bench b;
    QString suggested;
    const auto look = [&] {
        QTimer::singleShot(300, [&] {
            auto* dialog = qobject_cast<QFileDialog*>(QApplication::activeModalWidget());
            REQUIRE(dialog);
            suggested = QFileInfo(dialog->selectedFiles().value(0)).fileName();
            dialog->reject();
        });
        b.w.run("save-as");
    };
    art::Document d = b.w.session().document();
    d.title = "Paper Lantern, No. 2";
    b.w.session().take(d, "Title");
    look();
    CHECK(suggested == "paper-lantern-no-2.svg");
}

TEST_CASE("what keeping and saving do never overtakes: after a save nothing older is offered")
{
    QTemporaryDir state, folder;
    const QByteArray before = qgetenv("XDG_STATE_HOME");
    qputenv("XDG_STATE_HOME", state.path().toUtf8());
    {
        Bench b;
        b.line({100, 100}, {300, 120});
        bool kept = false;
        b.w.session().keeper().keep([&](bool safe) { kept = safe; }); // under way while the save is asked for
        CHECK(hand::saved(b.w.session(), folder.filePath("a.svg")).isEmpty());
        REQUIRE(waitFor([&] { return kept; }));
        CHECK_FALSE(b.w.session().changed());
        CHECK(QDir(state.filePath("soft-rope/recovery")).entryList(QDir::Dirs | QDir::NoDotAndDotDot).isEmpty());
        // Another change is kept again, at little cost to the hand.
        b.line({100, 200}, {300, 220});
        kept = false;
        b.w.session().keeper().keep([&](bool safe) { kept = safe; });
        CHECK(b.w.session().keeper().lastCost() < 20);
        REQUIRE(waitFor([&] { return kept; }));
        CHECK(b.w.session().keeper().lastWritten() < 2'000'000);
        b.w.session().keeper().forget();
    }
    qputenv("XDG_STATE_HOME", before);
}

TEST_CASE("a kept piece that holds only a picture shows it on the card that offers it")
{
    QTemporaryDir state;
    const QByteArray before = qgetenv("XDG_STATE_HOME");
    qputenv("XDG_STATE_HOME", state.path().toUtf8());
    Bench b;
    pixel::Picture dark(200, 200, pixel::Rgba{20, 40, 60, 255});
    art::PictureFile page;
    page.bytes = files::writePng(dark);
    page.format = "png";
    page.width = page.height = 200;
    const auto file = std::make_shared<const art::PictureFile>(page);
    b.w.session().pictures().put(file, std::make_shared<pixel::Picture>(dark));
    b.w.session().take(art::withReference(b.w.session().document(), file, "Page").document, "Bring in");
    bool kept = false;
    b.w.session().keeper().keep([&](bool safe) { kept = safe; });
    REQUIRE(waitFor([&] { return kept; }));
    const QStringList entries = QDir(state.filePath("soft-rope/recovery")).entryList(QDir::Dirs | QDir::NoDotAndDotDot);
    REQUIRE(entries.size() == 1);
    const QImage small(state.filePath("soft-rope/recovery/" + entries[0] + "/piece.png"));
    REQUIRE_FALSE(small.isNull());
    CHECK(qGray(small.pixel(small.width() / 2, small.height() / 2)) < 200);
    b.w.session().keeper().forget();
    qputenv("XDG_STATE_HOME", before);
}

TEST_CASE("a circle that touched goes on free with Ctrl, and nothing else becomes it")
{
    Bench b;
    b.w.setStep(app::StepId::build);
    b.circle({300, 500}, 100);
    const art::Id other = b.circle({700, 500}, 80);
    b.h.canvas().takeTool("pick");
    b.h.canvas().fitSheet();
    const Vec2 grip{700 + 80, 500};
    // Dragged until it touches, then on with Ctrl to somewhere else.
    b.h.move(grip, false);
    b.h.press(grip);
    b.h.move(grip + Vec2{-100, 0});
    b.h.move(grip + Vec2{-218, 0});
    b.h.held = Qt::ControlModifier;
    b.h.move(grip + Vec2{-100, 200});
    b.h.lift(grip + Vec2{-100, 200});
    b.h.held = {};
    const curve::Box at = curve::bounds(b.path(other));
    CHECK(at.centre().x == Approx(600).margin(3));
    CHECK(at.centre().y == Approx(700).margin(3));
    // Dragged until it touches and given up: another shape that is sized stays itself.
    const Vec2 now = at.centre() + Vec2{80, 0};
    b.h.press(now);
    b.h.move(now + Vec2{-20, -100});
    b.h.move(now + Vec2{-118, -200});
    b.h.key(Qt::Key_Escape);
    b.h.lift(now + Vec2{-118, -200});
    CHECK(curve::bounds(b.path(other)).centre() == at.centre());
    const art::Id box = b.line({100, 900}, {300, 960});
    b.w.session().pickItems({box});
    const curve::Box frame = art::bounds(b.w.session().document(), {box}).grown(b.h.canvas().px(10));
    b.h.drag(frame.max, frame.max + Vec2{60, 40});
    CHECK(b.path(box).nodes.size() == 2);
}

TEST_CASE("undo in the middle of a drag gives the stroke up, and the next change builds on what is there")
{
    Bench b;
    b.w.setStep(app::StepId::trace);
    const art::Id id = b.line({200, 300}, {600, 320});
    b.w.session().take(art::transformed(b.w.session().document(), {id}, curve::translation({0, 100})), "Move");
    b.w.session().pickItems({id});
    b.h.canvas().takeTool("nodes");
    b.h.move({200, 400}, false);
    b.h.press({200, 400});
    b.h.move({180, 380});
    b.h.move({150, 350});
    REQUIRE(b.h.canvas().inStroke());
    b.w.run("undo");
    CHECK_FALSE(b.h.canvas().inStroke());
    b.h.move({100, 330});
    b.h.lift({100, 330});
    CHECK(b.path(id).nodes[0].at == Vec2{200, 300});
    b.w.session().pickItems({id});
    b.h.drag({600, 320}, {640, 340});
    CHECK(b.path(id).nodes[0].at == Vec2{200, 300});
    CHECK(b.path(id).nodes[1].at.x == Approx(640).margin(1));
}

TEST_CASE("a second button gives the stroke up, losing the keyboard ends it and lets every held key go")
{
    Bench b;
    b.w.setStep(app::StepId::trace);
    const art::Id id = b.line({200, 300}, {600, 320});
    b.w.session().pickItems({id});
    b.h.canvas().takeTool("pick");
    b.h.press({400, 310});
    b.h.move({420, 360});
    b.h.move({440, 410});
    b.h.send(QEvent::MouseButtonPress, b.h.on({440, 410}), Qt::RightButton, Qt::LeftButton | Qt::RightButton);
    b.h.lift({440, 410});
    CHECK(b.path(id).nodes[0].at == Vec2{200, 300});
    // A borrowed tool, a peek, a squint, Space and Z, and then the window is left.
    QTest::keyPress(&b.h.canvas(), Qt::Key_S, Qt::NoModifier);
    REQUIRE(b.h.canvas().tool()->id() == "pen");
    QTest::qWait(app::HeldKeys::tap + 20);
    QTest::keyPress(&b.h.canvas(), Qt::Key_W);
    QTest::keyPress(&b.h.canvas(), Qt::Key_Q);
    QTest::keyPress(&b.h.canvas(), Qt::Key_Space);
    CHECK(b.h.canvas().view().peekReference);
    CHECK(b.h.canvas().view().squint);
    QDialog elsewhere;
    elsewhere.show();
    REQUIRE(QTest::qWaitForWindowExposed(&elsewhere));
    elsewhere.activateWindow();
    REQUIRE(waitFor([&] { return !b.w.isActiveWindow(); }));
    CHECK_FALSE(b.h.canvas().view().peekReference);
    CHECK_FALSE(b.h.canvas().view().squint);
    CHECK(b.h.canvas().tool()->id() == "pick");
    elsewhere.close();
    b.w.activateWindow();
    REQUIRE(waitFor([&] { return b.w.isActiveWindow(); }));
    b.h.canvas().setFocus();
    const Vec2 centre = b.h.canvas().view().centre;
    b.h.drag({800, 800}, {860, 860});
    CHECK(b.h.canvas().view().centre == centre); // Space is not held any more
}

TEST_CASE("a pen pans with Space held, zooms with Z, and draws else")
{
    Bench b;
    b.w.setStep(app::StepId::trace);
    b.h.canvas().takeTool("freehand");
    const auto drag = [&](QPointF from, QPointF to) {
        pen(b.h, QEvent::TabletPress, from, Qt::LeftButton);
        for (int k = 1; k <= 6; ++k) pen(b.h, QEvent::TabletMove, from + (to - from) * k / 6, Qt::NoButton);
        pen(b.h, QEvent::TabletRelease, to, Qt::LeftButton);
    };
    const app::View was = b.h.canvas().view();
    QTest::keyPress(&b.h.canvas(), Qt::Key_Space);
    drag({300, 300}, {380, 340});
    QTest::keyRelease(&b.h.canvas(), Qt::Key_Space);
    CHECK(b.h.canvas().view().centre.x == Approx(was.centre.x - 80 / was.zoom));
    CHECK(b.h.canvas().view().centre.y == Approx(was.centre.y - 40 / was.zoom));
    QTest::keyPress(&b.h.canvas(), Qt::Key_Z);
    drag({300, 300}, {300, 240});
    QTest::keyRelease(&b.h.canvas(), Qt::Key_Z);
    CHECK(b.h.canvas().view().zoom > 1.2 * was.zoom);
    CHECK(b.h.lines().empty());
    drag({300, 300}, {420, 380});
    CHECK(b.h.lines().size() == 1);
}

TEST_CASE("one drag of Trim is one step back")
{
    Bench b;
    b.w.setStep(app::StepId::build);
    b.line({100, 300}, {900, 300});
    for (const double x : {200.0, 400.0, 600.0}) b.line({x, 100}, {x, 500});
    const art::Document whole = b.w.session().document();
    b.h.canvas().takeTool("trim");
    b.h.stroke({{150, 250}, {150, 280}, {150, 320}, {300, 330}, {300, 280}, {500, 270}, {500, 330}});
    REQUIRE_FALSE(b.w.session().document() == whole);
    b.w.run("undo");
    CHECK(b.w.session().document() == whole);
}

TEST_CASE("M mirrors at the layer's last axis, a picked line becomes one only when asked to")
{
    Bench b;
    b.w.setStep(app::StepId::build);
    const art::Id id = b.line({700, 100}, {700, 500});
    b.w.session().pickItems({id});
    b.h.key(Qt::Key_M);
    const auto axis = [&] { return b.w.session().document().layer(b.w.session().selection().layer)->mirror; };
    REQUIRE(axis());
    CHECK(axis()->through.x == Approx(540));
    REQUIRE(b.w.run("make-axis"));
    CHECK(axis()->through.x == Approx(700));
    b.h.key(Qt::Key_M);
    CHECK_FALSE(axis());
    b.w.session().pickItems({});
    b.h.key(Qt::Key_M);
    REQUIRE(axis());
    CHECK(axis()->through.x == Approx(700));
}

TEST_CASE("rings at open ends are for drawing and building, elsewhere only what is picked has them, and not what was meant")
{
    Bench b;
    const art::Id id = b.line({300, 300}, {700, 300});
    const auto ringed = [&] {
        b.h.canvas().repaint();
        QTest::qWait(60);
        const QImage shot = b.h.canvas().grab().toImage();
        const QPoint at = b.h.on({700, 300}).toPoint();
        int found = 0;
        const QColor ring = app::marks().openEnd;
        for (int y = -9; y <= 9; ++y)
            for (int x = 5; x <= 11; ++x) {
                const QColor c = shot.pixelColor(at + QPoint(x, y));
                found += std::abs(c.red() - ring.red()) + std::abs(c.green() - ring.green()) + std::abs(c.blue() - ring.blue()) < 90;
            }
        return found > 3;
    };
    b.w.session().pickItems({});
    b.w.setStep(app::StepId::trace);
    CHECK(ringed());
    b.w.setStep(app::StepId::colour);
    CHECK_FALSE(ringed());
    b.w.setStep(app::StepId::trace);
    b.w.session().take(art::withItemChanged(b.w.session().document(), id, [](art::Item& i) { std::get<art::Artwork>(i.is).openMeant = true; }),
                       "Leave it open");
    CHECK_FALSE(ringed());
    CHECK(b.w.survey().now().ends.empty());
}

TEST_CASE("a click between two nodes and Delete opens a circle there, and the pen goes on")
{
    Bench b;
    b.w.setStep(app::StepId::trace);
    const art::Id id = b.circle({500, 500}, 200);
    b.w.session().pickItems({id});
    b.h.canvas().takeTool("nodes");
    b.h.click(Vec2{500, 500} + 200 * curve::direction(curve::radians(45)));
    b.h.key(Qt::Key_Delete);
    REQUIRE(b.path(id).pieceCount() == 3);
    CHECK_FALSE(b.path(id).closed);
    b.h.canvas().takeTool("pen");
    b.h.click(b.path(id).nodes.back().at);
    b.h.click({900, 900});
    b.h.key(Qt::Key_Return);
    CHECK(b.path(id).nodes.size() == 5);
}

TEST_CASE("what is thrown, wherever, becomes a notice and the piece stays as it was")
{
    Bench b;
    const art::Id id = b.line({100, 100}, {300, 120});
    const art::Document before = b.w.session().document();
    // In a slot.
    QTimer::singleShot(0, [] { throw std::bad_alloc(); });
    REQUIRE(waitFor([&] { return b.w.notices().text().contains("memory"); }));
    b.w.notices().seen();
    // In a job of each lane.
    for (const app::Lane lane : {app::Lane::drawing, app::Lane::keeping, app::Lane::working}) {
        bool told = false;
        b.w.session().jobs().run<int>(
            lane, &b.w, [](const app::Progress&) -> int { throw std::runtime_error("the moth flew off"); }, [&](const std::optional<int>& r) { told = !r; });
        REQUIRE(waitFor([&] { return told; }));
        CHECK(b.w.notices().text().contains("the moth flew off"));
        b.w.notices().seen();
    }
    // In a paint.
    b.h.canvas().setPreview([](app::Marks&) { throw std::runtime_error("no paint"); });
    b.h.canvas().repaint();
    REQUIRE(waitFor([&] { return b.w.notices().text().contains("no paint"); }));
    b.h.canvas().setPreview({});
    CHECK(b.w.session().document() == before);
    CHECK(b.path(id).nodes.size() == 2);
    b.h.canvas().takeTool("pick");
    b.h.click({200, 110});
    CHECK(b.w.session().selection().items == std::vector<art::Id>{id});
}

TEST_CASE("what comes back for another piece is dropped, drawing and keeping do not wait for long work, and quitting stops it")
{
    QElapsedTimer quit;
    {
        Bench b;
        app::Jobs& jobs = b.w.session().jobs();
        std::atomic<int> running{0}, ended{0};
        for (int k = 0; k < 12; ++k) // more than there are threads
            jobs.run<int>(
                app::Lane::working, &b.w,
                [&](const app::Progress& p) {
                    ++running;
                    while (!p.cancelled()) std::this_thread::sleep_for(std::chrono::milliseconds(2));
                    ++ended;
                    return 1;
                },
                [](const std::optional<int>& r) { CHECK_FALSE(r); });
        REQUIRE(waitFor([&] { return running > 1; }));
        bool kept = false, drawn = false;
        jobs.run<int>(
            app::Lane::keeping, &b.w, [](const app::Progress&) { return 1; }, [&](const std::optional<int>& r) { kept = r.has_value(); });
        jobs.run<int>(
            app::Lane::drawing, &b.w, [](const app::Progress&) { return 1; }, [&](const std::optional<int>& r) { drawn = r.has_value(); });
        REQUIRE(waitFor([&] { return kept && drawn; }, 2000));
        b.w.session().start(art::newDocument(), {});
        REQUIRE(waitFor([&] { return ended == running.load(); }));
        // More of it, and then the window goes.
        running = 0;
        jobs.run<int>(
            app::Lane::working, &b.w,
            [&](const app::Progress& p) {
                ++running;
                while (!p.cancelled()) std::this_thread::sleep_for(std::chrono::milliseconds(2));
                return 1;
            },
            [](const std::optional<int>&) { FAIL("told after the end"); }, app::Jobs::For::anyPiece);
        REQUIRE(waitFor([&] { return running > 0; }));
        quit.start();
    }
    CHECK(quit.elapsed() < 1000);
}

TEST_CASE("decoded pictures are let go by least use above the limit, and only one is decoded however many ask")
{
    Bench b;
    app::PictureStore& store = b.w.session().pictures();
    store.setLimit(3 * 400 * 400 * 4 + 1000);
    std::vector<art::Reference> all(6);
    for (std::size_t k = 0; k < all.size(); ++k) {
        art::PictureFile page;
        page.bytes = files::writePng(pixel::Picture(400, 400, pixel::Rgba{static_cast<std::uint8_t>(40 * k), 0, 0, 255}));
        page.format = "png";
        page.width = page.height = 400;
        all[k].picture = std::make_shared<const art::PictureFile>(page);
    }
    for (const art::Reference& r : all) {
        std::vector<app::PictureStore::Picture> got(3);
        std::vector<std::thread> asking;
        for (auto& g : got) asking.emplace_back([&store, &r, &g] { g = store.wait(r); });
        for (std::thread& t : asking) t.join();
        CHECK(got[0] == got[1]);
        CHECK(got[1] == got[2]);
        CHECK(store.bytes() <= 3 * 400 * 400 * 4 + 1000);
    }
    // The latest is still there, the first is decoded again.
    CHECK(store.exact(all.back()));
    CHECK_FALSE(store.exact(all.front()));
    REQUIRE(waitFor([&] { return store.exact(all.front()) != nullptr; }));
    // Another light is not taken for the one that is wanted.
    art::Reference lit = all.front();
    lit.liftPaper = 0.5;
    CHECK(store.get(lit) != nullptr);
    CHECK(store.exact(lit) == nullptr);
    REQUIRE(waitFor([&] { return store.exact(lit) != nullptr; }));
}

TEST_CASE("failures stay until they are seen, one after the other")
{
    Bench b;
    CHECK_FALSE(hand::opened(b.w, "/nowhere/at/all.svg"));
    CHECK_FALSE(hand::exported(b.w, "/proc/nowhere/out.svg").isEmpty());
    REQUIRE(b.w.notices().count() == 2);
    CHECK(b.w.notices().text().contains("no file"));
    CHECK(b.w.notices().isVisible());
    app::Pill* seen = b.w.notices().findChild<app::Pill*>();
    REQUIRE(seen);
    QTest::mouseClick(seen, Qt::LeftButton);
    CHECK(b.w.notices().text().contains("not saved"));
    QTest::mouseClick(seen, Qt::LeftButton);
    CHECK_FALSE(b.w.notices().isVisible());
}

TEST_CASE("a piece opens in the step, view and zoom in which it was left")
{
    QTemporaryDir folder;
    const QString path = folder.filePath("a.svg");
    app::View left;
    {
        Bench b;
        b.line({100, 100}, {300, 120});
        b.w.setStep(app::StepId::colour);
        left = b.h.canvas().view();
        left.zoom = 2.5;
        left.centre = {321, 432};
        left.show = app::Show::alone;
        b.h.canvas().setView(left);
        REQUIRE(hand::saved(b.w.session(), path).isEmpty());
        b.w.close();
    }
    Bench again;
    REQUIRE(hand::opened(again.w, path));
    CHECK(again.w.step() == app::StepId::colour);
    CHECK(again.h.canvas().view().zoom == Approx(2.5));
    CHECK(again.h.canvas().view().centre == left.centre);
    CHECK(again.h.canvas().view().show == app::Show::alone);
    // An unknown one begins where lines are drawn.
    REQUIRE(QFile::copy(path, folder.filePath("b.svg")));
    REQUIRE(hand::opened(again.w, folder.filePath("b.svg")));
    CHECK(again.w.step() == app::StepId::trace);
}

TEST_CASE("a large union goes on in the background, lands as one step, and can be stopped")
{
    Bench b;
    art::Document d = b.w.session().document();
    std::vector<art::Id> ids;
    for (int k = 0; k < 1200; ++k) {
        art::Item i;
        art::Artwork a;
        a.setPaths({curve::circle({40.0 + 27 * (k % 40), 40.0 + 30 * (k / 40)}, 18)});
        a.fill.colour = art::Colour{90, 20, 20};
        i.is = a;
        const art::Added added = art::withItem(d, b.w.session().selection().layer, i);
        d = added.document;
        ids.push_back(added.id);
    }
    b.w.session().take(d, "Many");
    b.w.session().pickItems(ids);
    REQUIRE(b.w.run("union"));
    CHECK(b.w.session().document() == d); // not yet
    REQUIRE(waitFor([&] { return !b.w.working(); }, 60000));
    CHECK(b.h.lines().size() == 1);
    b.w.run("undo");
    CHECK(b.w.session().document() == d);
}

TEST_CASE("keys can be given to other commands, conflicts are told, and all can be as they came")
{
    Bench b;
    app::Commands& commands = b.w.commands();
    const auto keysOf = [&](const char* id) { return commands.keysOf(*commands.find(id)); };
    app::KeysPage page(commands, &b.w);
    page.show();
    auto* tree = page.findChild<QTreeWidget*>();
    const auto button = [&](const QString& text) {
        for (QPushButton* p : page.findChildren<QPushButton*>())
            if (p->text() == text) return p;
        return static_cast<QPushButton*>(nullptr);
    };
    const auto row = [&](const QString& name) {
        const auto found = tree->findItems(name, Qt::MatchExactly | Qt::MatchRecursive);
        REQUIRE(found.size() == 1);
        tree->setCurrentItem(found.front());
    };
    // It never scrolls sideways.
    CHECK(tree->header()->length() <= tree->viewport()->width());
    row("Duplicate");
    auto* field = page.findChild<QKeySequenceEdit*>();
    field->setKeySequence(QKeySequence("Ctrl+G"));
    bool warned = false;
    for (QLabel* l : page.findChildren<QLabel*>()) warned = warned || l->text().contains("Group");
    CHECK(warned);
    button("Give it this key")->click();
    CHECK(keysOf("duplicate") == "Ctrl+G");
    CHECK(keysOf("group").isEmpty());
    // The key does it at once, and no longer groups.
    const art::Id id = b.line({200, 200}, {400, 220});
    b.w.session().pickItems({id});
    page.close();
    b.w.activateWindow();
    REQUIRE(waitFor([&] { return b.w.isActiveWindow(); }));
    b.h.canvas().setFocus();
    b.h.key(Qt::Key_G, Qt::ControlModifier);
    CHECK(b.h.lines().size() == 2);
    // A key of the tray cannot be taken away, nor given.
    commands.setKeys("duplicate", commands.find("tool-pen")->keys);
    CHECK(keysOf("duplicate") == "Ctrl+G");
    commands.setKeys("tool-pen", "Ctrl+J");
    CHECK(keysOf("tool-pen") == commands.find("tool-pen")->keys);
    button("All as they came")->click();
    CHECK(keysOf("duplicate") == "Ctrl+D");
    CHECK(keysOf("group") == "Ctrl+G");
}

TEST_CASE("a half-bead tells what the weld makes of its seam, and a click turns it over")
{
    Bench b;
    b.w.setStep(app::StepId::build);
    b.line({540, 200}, {300, 260}); // fourteen degrees off square
    b.h.key(Qt::Key_M);
    b.h.canvas().takeTool("pick");
    b.w.session().pickItems({});
    b.h.canvas().fitSheet();
    CHECK(b.w.session().seams.empty());
    b.h.click({540, 200});
    REQUIRE(b.w.session().seams.size() == 1);
    CHECK(b.w.session().seams[0].smooth);
    b.h.click({540, 200});
    CHECK_FALSE(b.w.session().seams[0].smooth);
    REQUIRE(b.w.run("weld"));
    REQUIRE(b.h.lines().size() >= 1);
    for (const art::Item* i : b.h.lines())
        if (i->artwork()->paths[0].nodes.size() == 3) CHECK(curve::isStraight(i->artwork()->paths[0].piece(0)));
}

TEST_CASE("every tool of the table is made, stands in its tray, and its picture came with the program")
{
    Bench b;
    for (const app::ToolEntry& e : app::toolTable()) {
        INFO(e.id);
        const app::Tool* t = b.h.canvas().toolNamed(e.id);
        REQUIRE(t);
        CHECK(t->id() == e.id);
        CHECK(QFile::exists(":/icons/" + t->icon() + ".svg"));
        CHECK_FALSE(t->hint().isEmpty());
        if (!e.step) continue;
        CHECK(app::step(*e.step).keyOf(e.id).size() == 1);
        b.w.setStep(*e.step);
        REQUIRE(b.w.run(QString("tool-") + e.id));
        CHECK(b.w.step() == *e.step);
        CHECK(b.h.canvas().tool() == t);
    }
}

TEST_CASE("every control of every step has a name, and those that are painted by us a role and a value")
{
    Bench b;
    const art::Id id = b.line({200, 300}, {600, 320});
    const auto walk = [&](const QString& where) {
        hand::settle(60);
        int seen = 0;
        for (QWidget* w : b.w.findChildren<QWidget*>()) {
            auto* told = dynamic_cast<app::Told*>(w);
            const bool control = w->focusPolicy() & Qt::TabFocus && !qobject_cast<QScrollArea*>(w) && !qobject_cast<QSplitter*>(w);
            if (!w->isVisible() || (!control && !told)) continue;
            QAccessibleInterface* i = QAccessible::queryAccessibleInterface(w);
            INFO(where.toStdString() << ": " << w->metaObject()->className() << ", tool tip " << w->toolTip().toStdString());
            REQUIRE(i);
            CHECK_FALSE(i->text(QAccessible::Name).isEmpty());
            ++seen;
            if (!told) continue;
            CHECK(i->role() == told->toldRole());
            CHECK_FALSE(i->text(QAccessible::Value).isEmpty());
            CHECK((i->valueInterface() != nullptr) == told->toldNumber().has_value());
        }
        CHECK(seen > 15);
    };
    for (const auto& s : app::steps()) {
        b.w.setStep(s->id);
        b.w.session().pickItems({});
        walk(QString("step ") + s->key);
        b.w.session().pickItems({id});
        walk(QString("a line in step ") + s->key);
        for (const QString& tool : s->tools()) {
            b.w.session().pickItems({});
            b.h.canvas().takeTool(tool);
            walk("tool " + tool);
        }
        b.h.canvas().takeTool("pick");
    }
}

TEST_CASE("an assistive program reads a slider's figure and moves it as the hand would")
{
    Bench b;
    b.w.setStep(app::StepId::build);
    hand::settle(60);
    app::Slider* gaps = nullptr;
    for (app::Slider* s : b.w.findChildren<app::Slider*>())
        if (s->isVisible() && s->accessibleName() == "Gaps that close") gaps = s;
    REQUIRE(gaps);
    QAccessibleInterface* i = QAccessible::queryAccessibleInterface(gaps);
    REQUIRE(i->valueInterface());
    i->valueInterface()->setCurrentValue(4.0);
    CHECK(b.w.areas().gap() == Approx(4).margin(0.1));
    const double before = i->valueInterface()->currentValue().toDouble();
    i->actionInterface()->doAction(QAccessibleActionInterface::increaseAction());
    CHECK(i->valueInterface()->currentValue().toDouble() > before);
    b.w.areas().setGap(2);
}

TEST_CASE("a long stroke lands at once and is fitted with care behind the hand, as one step")
{
    Bench b;
    b.w.setStep(app::StepId::trace);
    b.h.canvas().takeTool("freehand");
    std::vector<Vec2> stroke;
    for (int k = 0; k < 1500; ++k) stroke.push_back({100 + 0.55 * k, 500 + 120 * std::sin(k * 0.012) + 0.3 * std::sin(k * 1.7)});
    const art::Document before = b.w.session().document();
    b.h.stroke(stroke);
    REQUIRE(b.h.lines().size() == 1);
    hand::idle(b.w);
    const art::Id id = b.h.lines()[0]->id;
    CHECK(b.w.session().document() == art::withSlack(b.w.session().document(), id, b.h.lines()[0]->artwork()->hand()->slack).document);
    b.w.run("undo");
    CHECK(b.w.session().document() == before);
}
