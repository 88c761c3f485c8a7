// Several windows, one piece each: opening, closing, quitting, and further calls of a program that runs.
#include "bench.h"

#include "app/services/recent.h"
#include "app/window/one_instance.h"
#include "app/window/windows.h"
#include "files/bytes.h"
#include "files/svg.h"

#include <QFileDialog>
#include <QListWidget>
#include <QMessageBox>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTimer>

#include <thread>

using namespace softrope;
using curve::Vec2;
using hand::waitFor;

namespace {

struct Desk {
    QTemporaryDir folder;
    app::Windows windows;
    app::Window& first = windows.another();
    Desk()
    {
        first.resize(1200, 780);
        first.show();
        REQUIRE(QTest::qWaitForWindowExposed(&first));
    }
    // A drawing with one circle, saved there.
    QString drawing(const char* name) const
    {
        art::Document d = art::newDocument();
        hand::put(d, curve::circle({500, 500}, 200), {40, 80, 120});
        const QString path = folder.filePath(name);
        REQUIRE(files::saveAtomically(path.toStdString(), files::writeWorkingSvg(d)).ok());
        return path;
    }
    void settled() const
    {
        for (int round = 0; round < 3; ++round)
            for (app::Window* w : windows.all()) hand::idle(*w);
    }
    QStringList open() const
    {
        QStringList names;
        for (app::Window* w : windows.all()) names << QFileInfo(w->session().path()).fileName();
        names.sort();
        return names;
    }
};

void draw(app::Window& w)
{
    art::Document d = w.session().document();
    hand::put(d, curve::circle({300, 300}, 50), {200, 40, 40});
    w.session().take(d, "Draw");
}

// Presses that button of the next question.
void answer(const char* words)
{
    auto* timer = new QTimer;
    QObject::connect(timer, &QTimer::timeout, [timer, words] {
        auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
        if (!box) return;
        for (QAbstractButton* b : box->buttons())
            if (b->text() == words) {
                timer->deleteLater();
                b->click();
                return;
            }
    });
    timer->start(10);
}

} // namespace

TEST_CASE("drawings open beside one another, the first in an empty window, none twice")
{
    Desk desk;
    const QString a = desk.drawing("a.svg"), b = desk.drawing("b.svg");
    desk.first.openFiles({a, b});
    desk.settled();
    REQUIRE(desk.windows.all().size() == 2);
    CHECK(desk.open() == QStringList{"a.svg", "b.svg"});
    CHECK(desk.first.session().path() == a);
    // What is open comes to the front.
    desk.first.openDrawing(b);
    desk.settled();
    CHECK(desk.windows.all().size() == 2);
    desk.windows.open({desk.drawing("c.svg"), a});
    desk.settled();
    CHECK(desk.open() == QStringList{"a.svg", "b.svg", "c.svg"});
}

TEST_CASE("a piece cannot be saved over one that is open in another window")
{
    Desk desk;
    const QString a = desk.drawing("a.svg");
    const std::string before = files::readText(a.toStdString()).text;
    desk.first.openFiles({a});
    desk.settled();
    app::Window& other = desk.windows.shown();
    draw(other);
    // Its name is given in the dialog, and writing over it is meant.
    auto* timer = new QTimer(&other);
    QObject::connect(timer, &QTimer::timeout, [a, given = false]() mutable {
        QWidget* asked = QApplication::activeModalWidget();
        if (auto* box = qobject_cast<QMessageBox*>(asked)) {
            if (box->button(QMessageBox::Yes)) box->button(QMessageBox::Yes)->click();
        } else if (auto* dialog = qobject_cast<QFileDialog*>(asked); dialog && !given) {
            given = true;
            // (Typed: what is selected is lost again when the folder's list comes in late.)
            auto* name = dialog->findChild<QLineEdit*>("fileNameEdit");
            REQUIRE(name);
            name->setText(a);
            QMetaObject::invokeMethod(dialog, "accept", Qt::QueuedConnection); // it asks in its turn, and this timer answers
        }
    });
    timer->start(30);
    REQUIRE(other.run("save-as"));
    timer->stop();
    desk.settled();
    CHECK(other.session().path().isEmpty());
    CHECK(other.session().changed());
    CHECK(other.lastSaid().contains("another window"));
    CHECK(files::readText(a.toStdString()).text == before);
}

TEST_CASE("a drawing that is open is brought to the front from any window, and no empty one is left")
{
    Desk desk;
    const QString a = desk.drawing("a.svg");
    desk.first.openFiles({a});
    desk.settled();
    app::Window& other = desk.windows.shown();
    draw(other);
    other.openFiles({a});
    desk.settled();
    CHECK(desk.windows.all().size() == 2);
}

TEST_CASE("quitting asks window by window, one that stays ends it, and what was open is offered the next time")
{
    Desk desk;
    const QString a = desk.drawing("a.svg"), b = desk.drawing("b.svg");
    desk.first.openFiles({a, b});
    desk.settled();
    for (app::Window* w : desk.windows.all()) draw(*w);
    answer("Stay here");
    desk.windows.quit();
    hand::settle(60);
    CHECK(desk.windows.all().size() == 2);
    CHECK(app::openLastTime().size() == 2);
    // Closing one by itself leaves the other.
    answer("Go on without saving");
    desk.windows.all().back()->close();
    REQUIRE(waitFor([&] { return desk.windows.all().size() == 1; }));
    answer("Save");
    desk.windows.quit();
    REQUIRE(waitFor([&] { return desk.windows.all().empty(); }));
    CHECK(files::readText((app::openLastTime().front()).toStdString()).text.size() > 400);
    REQUIRE(waitFor([&] { return desk.windows.workEnded(0); }));
}

TEST_CASE("a file that another program changed is asked about before it is written over")
{
    Desk desk;
    const QString a = desk.drawing("a.svg");
    desk.first.openFiles({a});
    desk.settled();
    draw(desk.first);
    REQUIRE(desk.first.run("save"));
    desk.settled();
    draw(desk.first);
    REQUIRE(files::saveAtomically(a.toStdString(), "somebody else's").ok());
    answer("Stay here");
    desk.first.run("save");
    desk.settled();
    CHECK(files::readText(a.toStdString()).text == "somebody else's");
    CHECK(desk.first.session().changed());
    answer("Save over it");
    desk.first.run("save");
    desk.settled();
    CHECK(files::readSvg(files::readText(a.toStdString()).text).ok());
    CHECK_FALSE(desk.first.session().changed());
    // Its folder is gone: a message that stays, and nothing is lost.
    draw(desk.first);
    QDir(desk.folder.path()).removeRecursively();
    desk.first.run("save");
    desk.settled();
    CHECK(desk.first.session().changed());
    CHECK(desk.first.lastSaid().contains("a.svg"));
}

TEST_CASE("a new window and a template begin beside what is drawn")
{
    Desk desk;
    REQUIRE(desk.first.run("template-badge"));
    REQUIRE(desk.windows.all().size() == 1); // it was empty
    CHECK(desk.first.session().document().proofing.width == 58);
    CHECK(desk.first.untouched());
    draw(desk.first);
    REQUIRE(desk.first.run("template-icon"));
    REQUIRE(desk.windows.all().size() == 2);
    app::Window& icon = *desk.windows.all().back();
    CHECK(icon.session().document().sheet.width == 24);
    CHECK(icon.canvas().look().width == 1.5);
    CHECK(desk.first.session().document().sheet.width == 1080);
    REQUIRE(icon.run("new-window"));
    CHECK(desk.windows.all().size() == 3);
}

TEST_CASE("the theme changes in all windows at once")
{
    Desk desk;
    app::Window& other = desk.windows.shown();
    REQUIRE(desk.first.run("theme-evening"));
    hand::settle();
    CHECK(other.grab().toImage().pixelColor(2, 200).lightness() < 100);
    REQUIRE(other.run("theme-day"));
    hand::settle();
    CHECK(desk.first.grab().toImage().pixelColor(2, 200).lightness() > 150);
}

TEST_CASE("a further call of the program hands its files over; one that hangs is not waited for")
{
    const QTemporaryDir folder;
    const QString name = folder.filePath("call.socket");
    const app::OneInstance early(name);
    CHECK_FALSE(early.handOver({{"/a.svg"}, {}}, 300)); // nobody is there
    app::OneInstance running(name);
    REQUIRE(running.listen());
    std::vector<app::Call> calls;
    QObject::connect(&running, &app::OneInstance::called, [&](const app::Call& c) { calls.push_back(c); });
    bool taken = false;
    std::thread caller([&] { taken = app::OneInstance(name).handOver({{"/x/ä b.svg", "not/whole.svg"}, "badge"}); });
    REQUIRE(waitFor([&] { return !calls.empty(); }));
    caller.join();
    CHECK(taken);
    CHECK(calls[0].files == QStringList{"/x/ä b.svg"});
    CHECK(calls[0].newFrom == "badge");
    // Without an event loop nobody answers: the caller gives up in time.
    QElapsedTimer clock;
    clock.start();
    bool late = true;
    std::thread waiting([&] { late = app::OneInstance(name).handOver({{"/y.svg"}, {}}, 400); });
    waiting.join();
    CHECK_FALSE(late);
    CHECK(clock.elapsed() < 5000);
    hand::settle();
    // One that was killed leaves its socket behind: the next one takes its place.
    QFile left(folder.filePath("left.socket"));
    REQUIRE(left.open(QIODevice::WriteOnly));
    left.close();
    app::OneInstance after(left.fileName());
    CHECK(after.listen());
}

TEST_CASE("recent pieces stand on the first page with their pictures, and can be forgotten")
{
    app::forgetRecent();
    Desk desk;
    const QString a = desk.drawing("lamp.svg");
    desk.first.openFiles({a});
    desk.settled();
    REQUIRE(app::recentPieces().size() == 1);
    CHECK(app::recentPieces()[0].path == a);
    const QImage picture = app::recentPicture(a, {120, 90});
    REQUIRE_FALSE(picture.isNull());
    CHECK(picture.height() == 90);
    CHECK(picture.pixelColor(picture.width() / 2, 45) == QColor(40, 80, 120));
    app::Window& other = desk.windows.shown();
    auto* tile = hand::shown(other, "lamp");
    REQUIRE(waitFor([&] {
        const QImage seen = tile->grab().toImage();
        return std::abs(seen.pixelColor(seen.width() / 2, 36).red() - 40) < 6; // the circle's colour
    }));
    hand::push(other, "lamp");
    desk.settled();
    // It is open already: the first window comes to the front, and this one stays empty.
    CHECK(other.untouched());
    QFile::remove(a);
    CHECK(app::recentPieces().empty());
    CHECK(app::recentPicture(a, {120, 90}).isNull());
    REQUIRE(other.run("forget-recent"));
    hand::settle();
    CHECK_FALSE(hand::seen(other, "lamp"));
}

TEST_CASE("the history lists every state, and a click goes there and forward again")
{
    Bench b;
    for (int k = 0; k < 4; ++k) b.circle({200.0 + 100 * k, 300}, 30);
    REQUIRE(b.w.run("history"));
    auto* list = hand::shown<QListWidget>(b.w, "History");
    REQUIRE(list->count() == 5);
    CHECK(list->currentRow() == 4);
    REQUIRE(waitFor([&] { return !list->item(4)->icon().isNull() && list->item(2)->icon().cacheKey() != list->item(4)->icon().cacheKey(); }));
    list->setCurrentRow(1);
    hand::settle();
    CHECK(b.h.lines().size() == 1);
    list->setCurrentRow(3);
    hand::settle();
    CHECK(b.h.lines().size() == 3);
    CHECK(list->count() == 5);
    b.circle({800, 800}, 20);
    hand::settle();
    CHECK(list->count() == 5); // what was ahead is gone
    CHECK(list->currentRow() == 4);
    CHECK(b.h.lines().size() == 4);
}
