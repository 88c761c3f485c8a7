// Nothing is lost: saving, keeping, work that comes too late, what is thrown.
#include "bench.h"

#include "app/services/guard.h"
#include "files/pictures.h"
#include "files/recovery.h"

#include <QDialog>
#include <QFileDialog>
#include <QLineEdit>
#include <QMessageBox>
#include <QPushButton>
#include <QSettings>
#include <QTemporaryDir>
#include <QTimer>

#include <thread>

using namespace softrope;
using curve::Vec2;
using hand::Hand;
using hand::waitFor;

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
