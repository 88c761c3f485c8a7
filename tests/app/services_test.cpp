// The services behind the window: work that is begun anew, acts that land where they belong, the survey; and the main job by keys alone.
#include "hand.h"

#include "app/services/survey.h"
#include "art/edits.h"
#include "files/svg.h"

#include <QFileDialog>
#include <QLineEdit>
#include <QPainter>
#include <QTemporaryDir>
#include <QTimer>

#pragma push_macro("emit") // Qt's, which is a name in there
#undef emit
#include <tbb/parallel_for.h>
#pragma pop_macro("emit")

#include <mutex>
#include <set>
#include <sys/resource.h>
#include <thread>

using namespace softrope;
using curve::Vec2;
using hand::Hand;
using hand::waitFor;

namespace {

void rest(int ms)
{
    std::this_thread::sleep_for(std::chrono::milliseconds(ms));
}

art::Item lineOf(std::vector<Vec2> points)
{
    art::Item i;
    art::Artwork a;
    a.setPaths({curve::polyline(std::move(points), false)});
    a.stroke.colour = art::Colour{0, 0, 0};
    a.stroke.width = 4;
    i.is = a;
    return i;
}

// Types into the file dialog that comes up next and confirms it.
void answerWith(const QString& path)
{
    auto* timer = new QTimer(qApp);
    QObject::connect(timer, &QTimer::timeout, timer, [timer, path, tries = 0]() mutable {
        auto* dialog = qobject_cast<QFileDialog*>(QApplication::activeModalWidget());
        if (!dialog) {
            if (tries > 0) timer->deleteLater(); // it was answered
            return;
        }
        // A list of completions may have taken the Return: once more, and at last it is left.
        if (++tries > 200) {
            dialog->reject();
            return;
        }
        auto* field = dialog->findChild<QLineEdit*>("fileNameEdit");
        REQUIRE(field);
        field->selectAll();
        QTest::keyClicks(field, path);
        QTest::keyClick(field, Qt::Key_Return);
    });
    timer->start(150);
}

} // namespace

TEST_CASE("of work that is begun anew the newest wish alone is told, and the same wish is not begun twice")
{
    app::Jobs jobs;
    QObject owner;
    app::Latest<int, int> latest(jobs, &owner);
    std::atomic<int> begun{0};
    std::vector<int> told;
    int over = 0;
    const auto want = [&](int key) {
        latest.want(
            key,
            [&, key](const app::Progress& p) {
                ++begun;
                for (int k = 0; k < 40 && !p.cancelled(); ++k) rest(2);
                return key;
            },
            [&](int v) { told.push_back(v); }, [&] { ++over; });
    };
    want(1);
    want(1); // the very same
    REQUIRE(waitFor([&] { return begun == 1; }));
    for (int k = 2; k <= 9; ++k) want(k);
    CHECK(latest.working());
    REQUIRE(waitFor([&] { return !latest.busy(); }));
    CHECK(told == std::vector<int>{9});
    CHECK(begun == 2); // those between never began
    // Dropped: nothing is told but that it is over.
    want(10);
    REQUIRE(waitFor([&] { return begun == 3; }));
    latest.drop();
    CHECK_FALSE(latest.working());
    REQUIRE(waitFor([&] { return !latest.busy(); }));
    CHECK(told.size() == 1);
    CHECK(over == 1);
    // A throw is over as well, and the next wish works.
    latest.want(
        11, [](const app::Progress&) -> int { throw std::runtime_error("no"); }, [&](int v) { told.push_back(v); }, [&] { ++over; });
    REQUIRE(waitFor([&] { return !latest.busy(); }));
    CHECK(over == 2);
    want(12);
    REQUIRE(waitFor([&] { return told.size() == 2; }));
    CHECK(told.back() == 12);
}

TEST_CASE("an owner that is gone is not told, and work that had not begun does not begin after a stop")
{
    app::Jobs jobs;
    auto owner = std::make_unique<QObject>();
    std::atomic<bool> begun{false}, go{false}, ended{false};
    jobs.run<int>(
        app::Lane::keeping, owner.get(),
        [&](const app::Progress&) {
            begun = true;
            while (!go) rest(1);
            ended = true;
            return 1;
        },
        [](const std::optional<int>&) { FAIL("told"); });
    std::atomic<bool> second{false};
    QObject other;
    jobs.run<int>(
        app::Lane::keeping, &other,
        [&](const app::Progress&) {
            second = true;
            return 1;
        },
        [](const std::optional<int>&) {});
    REQUIRE(waitFor([&] { return begun.load(); }));
    owner.reset();
    jobs.stop();
    go = true;
    REQUIRE(jobs.waitForAll(5000));
    CHECK(ended);
    CHECK_FALSE(second);
    hand::settle(20);
}

TEST_CASE("work that is begun anew whenever it was stopped ends all the same when everything is stopped")
{
    app::Jobs jobs;
    QObject owner;
    app::Latest<int, int> latest(jobs, &owner);
    std::atomic<int> begun{0};
    std::function<void()> want = [&] {
        latest.want(
            1,
            [&](const app::Progress& p) {
                ++begun;
                while (!p.cancelled()) rest(1);
                return 1;
            },
            [](int) {}, [&] { want(); });
    };
    want();
    REQUIRE(waitFor([&] { return begun == 1; }));
    jobs.stop();
    REQUIRE(jobs.waitForAll(5000));
    hand::settle(30); // what came of it is told, and asks for more
    CHECK(jobs.waitForAll(0));
    CHECK(begun == 1);
}

TEST_CASE("an act whose document changes under it is made from the new one, and another is refused meanwhile")
{
    app::Session session;
    app::Acts acts(session);
    QStringList said;
    QObject::connect(&acts, &app::Acts::said, &acts, [&](const QString& t) { said << t; });
    std::atomic<int> runs{0};
    const auto work = [&](const art::Document& d, const art::Selection&) {
        ++runs;
        rest(60);
        art::Document out = d;
        out.title = "act on " + std::to_string(art::nodeCount(d));
        return app::Outcome{out, {}, {}};
    };
    acts.run("Name it", app::Acts::atOnce + 1, work);
    REQUIRE(waitFor([&] { return runs == 1; }));
    acts.run("Another", 1, work);
    REQUIRE(said.size() == 1);
    CHECK(said[0].contains("Name it"));
    session.take(art::withItem(session.document(), session.drawingLayer(), lineOf({{0, 0}, {10, 0}, {20, 5}})).document, "Draw");
    REQUIRE(waitFor([&] { return !acts.working(); }));
    CHECK(runs == 2);
    CHECK(session.document().title == "act on 3");
    CHECK(session.history().length() == 2);
    // Stopped, nothing lands.
    acts.run("Name it", app::Acts::atOnce + 1, work);
    acts.stop();
    REQUIRE(waitFor([&] { return !acts.working(); }));
    CHECK(session.history().length() == 2);
    session.keeper().forget();
}

TEST_CASE("the survey of a large piece comes from the background and tells the same")
{
    app::Session session;
    app::Survey survey(session);
    CHECK(survey.upToDate());
    art::Document d = session.document();
    for (int k = 0; k < 700; ++k) {
        std::vector<Vec2> points;
        for (int i = 0; i < 10; ++i) points.push_back({20.0 + 1.4 * k + 0.1 * i, 40.0 + 90 * i + (k % 7)});
        d = art::withItem(d, session.drawingLayer(), lineOf(points)).document;
    }
    session.take(d, "Many");
    REQUIRE(art::nodeCount(d) > app::Survey::atOnce);
    REQUIRE(waitFor([&] { return survey.upToDate(); }));
    const app::Findings f = app::findingsIn(d);
    CHECK(survey.now().lines == 700);
    CHECK(survey.now().nodes == f.nodes);
    CHECK(survey.now().ends.size() == f.ends.size());
    REQUIRE(f.gap);
    REQUIRE(survey.now().gap);
    CHECK(survey.now().gap->width == f.gap->width);
    // The nearest two, told by hand.
    double least = 1e300;
    for (std::size_t i = 0; i < f.ends.size(); ++i)
        for (std::size_t k = i + 1; k < f.ends.size(); ++k) least = std::min(least, distance(f.ends[i].at, f.ends[k].at));
    CHECK(f.gap->width == Approx(least));
    session.keeper().forget();
}

TEST_CASE("from a picture to an exported drawing by keys alone")
{
    QTemporaryDir folder;
    QImage sketch(600, 600, QImage::Format_RGB32);
    sketch.fill(Qt::white);
    {
        QPainter p(&sketch);
        p.setRenderHint(QPainter::Antialiasing);
        p.setPen(QPen(Qt::black, 7));
        p.drawEllipse(QPointF(300, 300), 180, 140);
        p.drawEllipse(QPointF(300, 300), 60, 60);
    }
    REQUIRE(sketch.save(folder.filePath("lamp.png")));
    app::Window w;
    Hand h(w);
    answerWith(folder.filePath("lamp.png"));
    h.key(Qt::Key_I, Qt::ControlModifier);
    REQUIRE(waitFor([&] { return !w.busy() && w.survey().now().pictures == 1; }));
    w.activateWindow(); // the dialog was
    REQUIRE(waitFor([&] { return w.isActiveWindow(); }));
    w.canvas().setFocus();
    h.key(Qt::Key_L, Qt::ControlModifier);
    REQUIRE(w.tracer().active());
    REQUIRE(waitFor([&] { return !w.tracer().working() && w.tracer().wantedCount() > 0; }));
    const std::size_t found = w.tracer().wantedCount();
    CHECK(found == 2);
    h.key(Qt::Key_Return, Qt::ControlModifier);
    REQUIRE(h.lines().size() == found);
    // Every part of the window is reached.
    std::set<QString> parts;
    for (int k = 0; k < 6; ++k) {
        h.key(Qt::Key_F6);
        for (QWidget* at = QApplication::focusWidget(); at; at = at->parentWidget())
            for (const auto& [name, is] : {std::pair{QString("course"), qobject_cast<app::Course*>(at) != nullptr},
                                           {"bench", at == &w.canvas()},
                                           {"tray", qobject_cast<app::Tray*>(at) != nullptr},
                                           {"card", qobject_cast<app::Card*>(at) != nullptr},
                                           {"layers", qobject_cast<app::LayerList*>(at) != nullptr}})
                if (is) parts.insert(name);
    }
    CHECK(parts.size() == 5);
    w.canvas().setFocus();
    h.key(Qt::Key_B, Qt::ShiftModifier);
    hand::idle(w);
    REQUIRE(w.survey().now().filled >= 2);
    // All areas picked, moved by arrows, and painted in a new ink.
    h.key(Qt::Key_Escape);
    h.key(Qt::Key_A, Qt::ControlModifier);
    const double x = art::bounds(h.document(), w.session().selection().items).min.x;
    h.key(Qt::Key_Right);
    h.key(Qt::Key_Right, Qt::ShiftModifier);
    h.key(Qt::Key_Right, Qt::AltModifier);
    CHECK(art::bounds(h.document(), w.session().selection().items).min.x == Approx(x + 11.1));
    h.key(Qt::Key_5);
    REQUIRE(w.step() == app::StepId::colour);
    h.key(Qt::Key_I, Qt::ControlModifier | Qt::AltModifier);
    REQUIRE(h.document().inks.size() == 1);
    h.key(Qt::Key_1, Qt::ShiftModifier);
    CHECK(w.survey().now().bare == 0);
    const QString out = folder.filePath("lamp-clean.svg");
    answerWith(out);
    h.key(Qt::Key_E, Qt::ControlModifier);
    REQUIRE(waitFor([&] { return !w.busy() && QFile::exists(out); }));
    const files::SvgResult r = files::readSvg(files::readText(out.toStdString()).text);
    REQUIRE(r.ok());
    int filled = 0;
    art::eachArtwork(r.document, {}, [&](const art::Item&, const art::Artwork& a, const art::Where&) {
        filled += a.fill.colour && *a.fill.colour == h.document().inks[0].colour;
    });
    CHECK(filled >= 2);
}

TEST_CASE("drawing, long work and the threads they share their work with give way to the interface")
{
    app::Window w;
    for (const app::Lane lane : {app::Lane::drawing, app::Lane::working}) {
        struct Seen {
            int own = 0;
            std::set<int> workers;
        };
        std::optional<Seen> seen;
        w.session().jobs().run<Seen>(
            lane, &w,
            [](const app::Progress&) {
                Seen out;
                out.own = ::getpriority(PRIO_PROCESS, 0);
                const auto mine = std::this_thread::get_id();
                std::mutex mutex;
                tbb::parallel_for(0, 400, [&](int) {
                    rest(1);
                    if (std::this_thread::get_id() == mine) return;
                    const std::lock_guard lock(mutex);
                    out.workers.insert(::getpriority(PRIO_PROCESS, 0));
                });
                return out;
            },
            [&](const std::optional<Seen>& s) { seen = s; }, app::Jobs::For::anyPiece);
        REQUIRE(waitFor([&] { return seen.has_value(); }));
        CHECK(seen->own >= 5);
        for (const int nice : seen->workers) CHECK(nice >= 5);
    }
    CHECK(::getpriority(PRIO_PROCESS, 0) == 0);
}
