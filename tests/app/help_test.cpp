// Told where it is needed: the job page, the act that is shown, the trade's other words.
#include "bench.h"

#include "app/commands/next_acts.h"
#include "app/commands/other_words.h"
#include "app/commands/search.h"
#include "app/services/explaining.h"
#include "app/window/demonstration.h"
#include "app/window/tool_films.h"
#include "app/window/tray.h"
#include "app/window/windows.h"
#include "files/bytes.h"
#include "files/path_data.h"
#include "files/svg.h"

#include <QDirIterator>
#include <QFile>
#include <QKeyEvent>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QSettings>
#include <QTextBrowser>

using namespace softrope;
using hand::waitFor;

TEST_CASE("the job page has seven steps with a picture, and finds steps and commands by any word")
{
    Bench b;
    REQUIRE(b.w.run("job"));
    auto* page = b.w.findChild<app::JobPage*>();
    REQUIRE(page);
    auto* list = page->findChild<QListWidget*>("job-steps");
    auto* text = page->findChild<QTextBrowser*>();
    REQUIRE(list->count() == 7);
    for (int row = 0; row < 7; ++row) {
        list->setCurrentRow(row);
        INFO(list->item(row)->text().toStdString());
        CHECK(text->toPlainText().size() > 300);
        REQUIRE(waitFor([&] { return text->toHtml().contains("step.png"); }));
    }
    auto* field = page->findChild<QLineEdit*>("job-search");
    const auto found = [&](const char* word, const char* name) {
        field->setText(word);
        for (int row = 0; row < list->count(); ++row)
            if (list->item(row)->text().contains(name)) return true;
        return false;
    };
    CHECK(found("posterize", "Tone"));
    CHECK(found("flip", "Mirror"));
    CHECK(found("perspective", "Clean the page"));
    field->setText("zzqx");
    CHECK(list->count() == 0);
    CHECK(text->toPlainText().contains("another word"));
    // A command is done from there.
    field->setText("posterize");
    for (int row = 0; row < list->count(); ++row)
        if (list->item(row)->text().contains("Golden")) FAIL("found what is not meant");
    field->setText("whole sheet");
    list->setCurrentRow(0);
    hand::push(*page, "Do it");
}

TEST_CASE("F1 on the page of keys leads to the job")
{
    Bench b;
    QTimer::singleShot(50, [] { QTest::keyClick(QApplication::activeModalWidget(), Qt::Key_F1); });
    REQUIRE(b.w.run("keys"));
    CHECK(b.w.findChild<app::JobPage*>());
}

TEST_CASE("the search knows the trade's other words")
{
    Bench b;
    for (const auto& [word, id] : {std::pair{"flip", "mirror"},
                                   {"unite", "union"},
                                   {"posterize", "trace-tones"},
                                   {"smooth", "fairer"},
                                   {"simplify", "flatten"},
                                   {"divide", "split"},
                                   {"subtract", "difference"},
                                   {"metadata", "about-piece"}}) {
        INFO(word);
        const app::Command* wanted = b.w.commands().find(id);
        REQUIRE(wanted);
        app::CommandSearch search(b.w.commands(), &b.w);
        search.findChild<QLineEdit*>()->setText(word);
        auto* list = search.findChild<QListWidget*>();
        bool found = false;
        for (int row = 0; row < list->count(); ++row) found = found || list->item(row)->text() == wanted->name;
        CHECK(found);
    }
    // They lead to commands there are.
    int with = 0;
    for (const app::Command& c : b.w.commands()) with += !app::otherWords(c.id).isEmpty();
    CHECK(with >= 45);
}

TEST_CASE("every act is played on a copy of the demo, changes it there, and nothing else")
{
    REQUIRE_FALSE(app::demoFile("saltglass-moth.svg").isEmpty());
    for (const app::JobStep& step : app::jobSteps()) {
        INFO(step.title.toStdString());
        app::Windows windows;
        app::Window& own = windows.another();
        own.resize(1200, 780);
        own.show();
        art::Document d = own.session().document();
        hand::put(d, curve::circle({300, 300}, 60), {10, 20, 30});
        own.session().take(d, "Draw");
        CHECK_FALSE(app::demoFile(step.picture).isEmpty());
        const std::string file = app::demoFile(step.piece).toStdString();
        REQUIRE((step.piece.isEmpty() || !file.empty()));
        files::SvgResult piece;
        piece.document = art::newDocument();
        if (!file.empty()) piece = files::readSvg(files::readText(file).text);
        REQUIRE(piece.ok());
        // Every command of it is one, and every tool.
        for (const app::Move& m : step.act) {
            if (m.kind == app::Move::Kind::run) CHECK(own.commands().find(m.text));
            if (m.kind == app::Move::Kind::tool) CHECK(own.canvas().toolNamed(m.text));
        }
        app::Window& stage = windows.shown();
        stage.play(piece.document, step, 40);
        auto* shown = stage.findChild<app::Demonstration*>();
        REQUIRE(shown);
        bool changed = false;
        QObject::connect(&stage.session(), &app::Session::documentChanged, [&] { changed = true; });
        REQUIRE(waitFor([&] { return windows.all().size() == 1; }));
        CHECK(changed);
        CHECK(own.session().document() == d);
        if (!file.empty()) CHECK(files::readSvg(files::readText(file).text).document == piece.document);
        REQUIRE(waitFor([&] { return windows.workEnded(0); }));
    }
}

TEST_CASE("the job page shows an act in a window of its own, which goes when it is stopped")
{
    app::Windows windows;
    app::Window& own = windows.shown();
    own.resize(1200, 780);
    REQUIRE(own.run("job"));
    auto* page = own.findChild<app::JobPage*>();
    page->showStep(app::StepId::build);
    hand::push(*page, "Show me");
    REQUIRE(waitFor([&] { return windows.all().size() == 2; }));
    app::Window& stage = *windows.all().back();
    CHECK(stage.findChild<app::Demonstration*>());
    CHECK(stage.session().document().title == "Moth emblem");
    // What a hand does there meanwhile, the window system's own events, is let go; its file is nobody's.
    CHECK(stage.session().path().isEmpty());
    hand::push(stage, "Stop");
    REQUIRE(waitFor([&] { return windows.all().size() == 1; }));
    CHECK(own.untouched());
}

TEST_CASE("an act can be stopped at once")
{
    app::Windows windows;
    app::Window& stage = windows.shown();
    stage.resize(1200, 780);
    stage.play(art::newDocument(), app::jobSteps().front(), 0.2);
    hand::settle();
    hand::push(stage, "Stop");
    REQUIRE(waitFor([&] { return windows.all().empty(); }));
}

TEST_CASE("every tool has a film of what it does, shown while the pointer rests on its tile, and none where they are not wanted")
{
    Bench b;
    for (const auto& tool : b.h.canvas().tools()) {
        if (tool->id() == "part" || tool->id() == "corners") continue; // they have no tile
        INFO(tool->id().toStdString());
        const app::Film* film = app::filmOf(tool->id());
        REQUIRE(film);
        bool acts = false;
        for (const app::FilmPath& p : film->paths) {
            const files::ParsedPaths read = files::parsePathData(p.data);
            CHECK_FALSE(read.fault);
            const curve::Box box = curve::bounds(read.paths);
            CHECK(box.min.x >= 0);
            CHECK(box.max.x <= app::filmWidth);
            CHECK(box.min.y >= 0);
            CHECK(box.max.y <= app::filmHeight);
            acts = acts || p.when != app::FilmPath::When::stays;
        }
        CHECK(acts);
    }
    b.w.setStep(app::StepId::build);
    auto* tile = hand::shown<app::Tile>(b.w, "Trim");
    auto* film = b.w.findChild<QWidget*>("tool-film");
    REQUIRE(film);
    const auto enter = [&] {
        QEnterEvent e(QPointF(5, 5), QPointF(5, 5), tile->mapToGlobal(QPointF(5, 5)));
        QApplication::sendEvent(tile, &e);
    };
    const auto leave = [&] {
        QEvent e(QEvent::Leave);
        QApplication::sendEvent(tile, &e);
    };
    enter();
    CHECK_FALSE(film->isVisible()); // not at once
    REQUIRE(waitFor([&] { return film->isVisible(); }));
    CHECK(b.w.rect().contains(film->geometry()));
    leave();
    CHECK_FALSE(film->isVisible());
    enter();
    leave();
    hand::settle(900); // longer than the pointer would have to rest
    CHECK_FALSE(film->isVisible());
    REQUIRE(b.w.run("explain"));
    enter();
    hand::settle(900);
    CHECK_FALSE(film->isVisible());
    REQUIRE(b.w.run("explain"));
}

TEST_CASE("after five pieces nothing is explained unasked, and asked for it is")
{
    QSettings().remove("hints");
    const auto hinted = [](Bench& b) {
        const QList<QLabel*> labels = b.w.findChild<app::Tray*>()->findChildren<QLabel*>();
        return std::any_of(labels.begin(), labels.end(), [&](const QLabel* l) { return l->isVisible() && l->text() == b.h.canvas().tool()->hint(); });
    };
    for (int piece = 0; piece < app::piecesExplained; ++piece) {
        Bench b;
        b.w.resize(1500, 900);
        b.h.canvas().takeTool("pen");
        hand::settle();
        INFO("piece " << piece);
        CHECK(app::explains());
        CHECK(hinted(b));
        b.line({100, 100}, {300, 300});
        b.line({100, 200}, {300, 400}); // the same piece
    }
    Bench b;
    b.w.resize(1500, 900);
    b.h.canvas().takeTool("pen");
    hand::settle();
    CHECK_FALSE(app::explains());
    CHECK_FALSE(hinted(b));
    REQUIRE(b.w.run("explain"));
    hand::settle();
    CHECK(hinted(b));
    QSettings().remove("hints");
}

TEST_CASE("what could not be done says the act that helps, as a button")
{
    Bench b;
    for (const QString& said : app::sentencesWithActs()) {
        INFO(said.toStdString());
        CHECK(b.w.commands().find(app::actAfter(said)));
    }
    CHECK(app::actAfter("Copied.").isEmpty());
    b.w.setStep(app::StepId::trace);
    REQUIRE(b.w.run("flatten"));
    hand::idle(b.w);
    REQUIRE(b.w.run("do-offered"));
    CHECK(b.w.step() == app::StepId::colour);
}

TEST_CASE("every sentence with an act is said somewhere")
{
    QString all;
    QDirIterator files(SOFT_ROPE_SOURCE "/src", {"*.cpp"}, QDir::Files, QDirIterator::Subdirectories);
    while (files.hasNext()) {
        const QString name = files.next();
        if (name.endsWith("next_acts.cpp")) continue;
        QFile file(name);
        REQUIRE(file.open(QIODevice::ReadOnly));
        all += QString::fromUtf8(file.readAll());
    }
    for (const QString& said : app::sentencesWithActs()) {
        INFO(said.toStdString());
        CHECK(all.contains('"' + said + '"'));
    }
}
