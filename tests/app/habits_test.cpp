// Habits of hands: a turned view, the pen's other end and its button, wheels; and what is said of a piece.
#include "bench.h"

#include "app/services/pens.h"
#include "app/theme/text_size.h"
#include "app/theme/theme.h"
#include "app/window/about_dialog.h"
#include "app/window/pages_dialog.h"
#include "app/window/pen_dialog.h"
#include "files/bytes.h"
#include "render/page.h"

#include <QComboBox>
#include <QDropEvent>
#include <QJsonDocument>
#include <QJsonObject>
#include <QListWidget>
#include <QMimeData>
#include <QPointingDevice>
#include <QScreen>
#include <QTabletEvent>
#include <QTemporaryDir>
#include <QTimer>

using namespace softrope;
using curve::Vec2;
using hand::waitFor;

namespace {

void wheel(app::Canvas& canvas, QPointF at, QPoint angle, Qt::KeyboardModifiers with = Qt::NoModifier)
{
    QWheelEvent e(at, canvas.mapToGlobal(at), {}, angle, Qt::NoButton, with, Qt::NoScrollPhase, false);
    QApplication::sendEvent(&canvas, &e);
}

void pen(app::Canvas& canvas, QEvent::Type type, QPointF at, QPointingDevice::PointerType end, Qt::MouseButton button)
{
    static const QPointingDevice tip("pen", 7, QInputDevice::DeviceType::Stylus, QPointingDevice::PointerType::Pen, QInputDevice::Capability::Pressure, 1, 2),
        rubber("pen", 8, QInputDevice::DeviceType::Stylus, QPointingDevice::PointerType::Eraser, QInputDevice::Capability::Pressure, 1, 2);
    const bool down = type != QEvent::TabletRelease;
    QTabletEvent e(type, end == QPointingDevice::PointerType::Eraser ? &rubber : &tip, at, canvas.mapToGlobal(at), down ? 0.5 : 0, 0, 0, 0, 0, 0,
                   Qt::NoModifier, type == QEvent::TabletMove ? Qt::NoButton : button, down ? button : Qt::NoButton);
    QApplication::sendEvent(&canvas, &e);
}

} // namespace

TEST_CASE("the view turns as paper does, about the pointer, and a hand draws where it points")
{
    Bench b;
    app::Canvas& canvas = b.h.canvas();
    const QPointF at(300, 260);
    const Vec2 held = canvas.view().toSheet(canvas.rect(), at);
    wheel(canvas, at, {0, 240}, Qt::ShiftModifier);
    CHECK(curve::degrees(canvas.view().turn) == Approx(10));
    CHECK(distance(canvas.view().toSheet(canvas.rect(), at), held) < 1e-6);
    REQUIRE(b.w.run("turn-right"));
    CHECK(curve::degrees(canvas.view().turn) == Approx(25));
    // Way and back.
    const Vec2 place{321, 654};
    CHECK(distance(canvas.view().toSheet(canvas.rect(), canvas.toWidget(place)), place) < 1e-6);
    canvas.takeTool("straights");
    b.h.click({200, 300});
    b.h.click({700, 420});
    b.h.key(Qt::Key_Return);
    REQUIRE(b.h.lines().size() == 1);
    CHECK(distance(b.h.path(0).nodes.front().at, {200, 300}) < 1);
    CHECK(distance(b.h.path(0).nodes.back().at, {700, 420}) < 1);
    // Panning follows the hand, the whole sheet fits whichever way it lies.
    const Vec2 before = canvas.view().toSheet(canvas.rect(), {400, 300});
    canvas.letKeysGo();
    b.h.send(QEvent::MouseButtonPress, {400, 300}, Qt::MiddleButton, Qt::MiddleButton);
    b.h.send(QEvent::MouseMove, {460, 330}, Qt::NoButton, Qt::MiddleButton);
    b.h.send(QEvent::MouseButtonRelease, {460, 330}, Qt::MiddleButton, Qt::NoButton);
    CHECK(distance(canvas.view().toSheet(canvas.rect(), {460, 330}), before) < 1e-6);
    canvas.fitSheet();
    for (const Vec2 corner : {Vec2{0, 0}, Vec2{1080, 0}, Vec2{1080, 1080}, Vec2{0, 1080}}) CHECK(QRectF(canvas.rect()).contains(canvas.toWidget(corner)));
    hand::idle(b.w);
    // What is painted lies where it is pointed at.
    const QImage seen = canvas.grab().toImage();
    const QPoint middle = canvas.toWidget({450, 360}).toPoint();
    CHECK(seen.pixelColor(middle).lightness() < 160);
    REQUIRE(b.w.run("upright"));
    CHECK(canvas.view().turn == 0);
}

TEST_CASE("a frame picks in a turned view, and brackets size what is picked")
{
    Bench b;
    const art::Id id = b.circle({500, 500}, 100);
    b.h.canvas().turnBy(curve::radians(30));
    REQUIRE(b.w.run("snapping")); // off
    b.h.drag({350, 350}, {650, 650});
    CHECK(b.w.session().selection().items == std::vector<art::Id>{id});
    const double reach = 10 / b.h.canvas().view().zoom;
    b.h.drag({600 + reach, 600 + reach}, {700 + reach, 700 + reach});
    // About the bracket across from the one that is dragged.
    CHECK(curve::bounds(b.path(id)).width() == Approx(200 * (300 + 2 * reach) / (200 + 2 * reach)).margin(1));
}

TEST_CASE("the wheel across moves across, up and down it zooms")
{
    Bench b;
    app::Canvas& canvas = b.h.canvas();
    const auto view = canvas.view();
    wheel(canvas, {300, 300}, {120, 0});
    CHECK(canvas.view().zoom == view.zoom);
    CHECK(canvas.view().centre.x < view.centre.x);
    wheel(canvas, {300, 300}, {0, 120});
    CHECK(canvas.view().zoom == Approx(view.zoom * 1.2));
}

TEST_CASE("the pen's other end rubs a stub out, its button picks, and the tool in hand comes back")
{
    Bench b;
    const art::Id level = b.line({200, 500}, {900, 500});
    const art::Id upright = b.line({500, 300}, {500, 800});
    app::Canvas& canvas = b.h.canvas();
    canvas.takeTool("freehand");
    const QPointF stub = canvas.toWidget({500, 700});
    pen(canvas, QEvent::TabletMove, stub, QPointingDevice::PointerType::Eraser, Qt::NoButton);
    pen(canvas, QEvent::TabletPress, stub, QPointingDevice::PointerType::Eraser, Qt::LeftButton);
    CHECK(canvas.tool()->id() == "trim");
    pen(canvas, QEvent::TabletRelease, stub, QPointingDevice::PointerType::Eraser, Qt::LeftButton);
    hand::idle(b.w);
    CHECK(canvas.tool()->id() == "freehand");
    CHECK(curve::bounds(b.path(upright)).max.y == Approx(500).margin(1));
    const QPointF line = canvas.toWidget({300, 500});
    pen(canvas, QEvent::TabletMove, line, QPointingDevice::PointerType::Pen, Qt::NoButton);
    pen(canvas, QEvent::TabletPress, line, QPointingDevice::PointerType::Pen, Qt::RightButton);
    pen(canvas, QEvent::TabletRelease, line, QPointingDevice::PointerType::Pen, Qt::RightButton);
    CHECK(b.w.session().selection().items == std::vector<art::Id>{level});
    CHECK(canvas.tool()->id() == "freehand");
}

TEST_CASE("each pen has a touch of its own, which shapes what the canvas hears of it")
{
    CHECK(app::shapedPressure(0, 1) == 0);
    CHECK(app::shapedPressure(1, -1) == 1);
    CHECK(app::shapedPressure(0.25, -1) == Approx(0.5));
    CHECK(app::shapedPressure(0.5, 1) == Approx(0.25));
    Bench b;
    app::Canvas& canvas = b.h.canvas();
    const qint64 id = [&] {
        pen(canvas, QEvent::TabletMove, {300, 300}, QPointingDevice::PointerType::Pen, Qt::NoButton);
        return app::lastPen().id;
    }();
    CHECK(app::lastPen().pressure == Approx(0.5));
    app::PenDialog dialog(&b.w);
    dialog.show();
    auto* touch = hand::shown<app::Slider>(dialog, "Touch");
    QTest::mouseClick(touch, Qt::LeftButton, Qt::NoModifier, QPoint(touch->width() - 9, touch->height() / 2));
    CHECK(app::touchOf(id) == Approx(1).margin(0.02));
    hand::push(dialog, "As it comes");
    CHECK(app::touchOf(id) == 0);
    CHECK(app::touchOf(id + 12345) == 0);
}

TEST_CASE("number fields take lengths in any unit, and sums of them")
{
    using F = app::NumberField;
    CHECK(F::evaluate("20 mm", "px") == Approx(20 * 96 / 25.4));
    CHECK(F::evaluate("1in + 4", "px") == Approx(100));
    CHECK(F::evaluate("96 px", "mm") == Approx(25.4));
    CHECK(F::evaluate("2*(1 cm + 5 mm)", "mm") == Approx(30));
    CHECK(F::evaluate("72pt", "in") == Approx(1));
    CHECK(F::evaluate("12 px", "px") == Approx(12));
    CHECK(F::evaluate("45 %", "%") == Approx(45)); // no length: as before
    CHECK(F::evaluate("30\u00b0", "\u00b0") == Approx(30));
    CHECK_FALSE(F::evaluate("3 ells", "px"));
    CHECK_FALSE(F::evaluate("mm", "px"));
    Bench b;
    b.w.setStep(app::StepId::place);
    hand::enter(b.w, "Sheet width", "210 mm");
    CHECK(b.h.document().sheet.width == Approx(210 * 96 / 25.4));
}

TEST_CASE("a picture dropped without a file comes in as a reference")
{
    Bench b;
    QImage picture(60, 40, QImage::Format_RGB32);
    picture.fill(QColor(30, 90, 150));
    auto* mime = new QMimeData;
    mime->setImageData(picture);
    mime->setUrls({QUrl("https://pictures.example.org/moth.png")});
    QDragEnterEvent enter(QPoint(200, 200), Qt::CopyAction, mime, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&b.h.canvas(), &enter);
    CHECK(enter.isAccepted());
    QDropEvent drop(QPointF(200, 200), Qt::CopyAction, mime, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&b.h.canvas(), &drop);
    hand::idle(b.w);
    int references = 0;
    for (const auto& l : b.h.document().layers)
        for (const auto& i : l->items)
            if (const art::Reference* r = i->reference()) {
                ++references;
                CHECK(r->picture->width == 60);
            }
    CHECK(references == 1);
    delete mime;
}

TEST_CASE("the pages of a PDF that are chosen in its strip of pictures come in as references")
{
    Bench b;
    QTemporaryDir folder;
    art::Document page = art::newDocument();
    hand::put(page, curve::circle({500, 500}, 300), {30, 60, 90});
    const QString path = folder.filePath("pages.pdf");
    REQUIRE(files::saveAtomically(path.toStdString(), render::renderPdf(std::vector<art::Document>{page, page, page}, render::Options{})).ok());
    auto* timer = new QTimer;
    QObject::connect(timer, &QTimer::timeout, [timer] {
        auto* dialog = qobject_cast<app::PagesDialog*>(QApplication::activeModalWidget());
        if (!dialog) return;
        auto* list = dialog->findChild<QListWidget*>("pages");
        if (list->item(2)->icon().cacheKey() == list->item(1)->icon().cacheKey()) return;
        timer->deleteLater();
        CHECK(list->count() == 3);
        list->clearSelection();
        list->item(0)->setSelected(true);
        list->item(2)->setSelected(true);
        dialog->accept();
    });
    timer->start(20);
    b.w.openFiles({path});
    hand::idle(b.w);
    QStringList names;
    for (const auto& l : b.h.document().layers)
        for (const auto& i : l->items)
            if (const art::Reference* r = i->reference()) {
                names << QString::fromStdString(i->name);
                CHECK(r->picture->width == 3375); // 1080 px at 300 dots an inch
            }
    CHECK(names == QStringList{"pages, page 1", "pages, page 3"});
}

TEST_CASE("card and layers can stand at the left hand")
{
    Bench b;
    const int right = b.h.canvas().mapTo(&b.w, QPoint()).x();
    REQUIRE(b.w.run("side-left"));
    hand::settle();
    CHECK(b.h.canvas().mapTo(&b.w, QPoint()).x() > 200);
    CHECK(b.h.canvas().width() > 700);
    REQUIRE(b.w.run("side-left"));
    hand::settle();
    CHECK(b.h.canvas().mapTo(&b.w, QPoint()).x() == right);
}

TEST_CASE("what is said of a piece is a step, and is kept for the next piece of the same hand")
{
    Bench b;
    {
        app::AboutDialog dialog(b.w.session(), &b.w);
        dialog.findChild<QLineEdit*>("title")->setText("Lantern");
        dialog.findChild<QLineEdit*>("author")->setText("Ida Saltglass");
        dialog.findChild<QComboBox*>("licence")->setCurrentText("https://creativecommons.org/licenses/by/4.0/");
        dialog.accept();
    }
    CHECK(b.h.document().title == "Lantern");
    CHECK(b.h.document().about.author == "Ida Saltglass");
    b.w.session().undo();
    CHECK(b.h.document().about.author.empty());
    app::AboutDialog again(b.w.session(), &b.w);
    CHECK(again.findChild<QLineEdit*>("author")->text() == "Ida Saltglass");
}

TEST_CASE("who draws with the left hand has the tools' keys under the right one")
{
    Bench b;
    const auto press = [&](Qt::Key key) { QTest::keyClick(&b.h.canvas(), key); };
    b.w.setStep(app::StepId::trace);
    press(Qt::Key_A);
    const QString first = b.h.canvas().tool()->id();
    press(Qt::Key_J);
    const QString last = b.h.canvas().tool()->id();
    REQUIRE(first != last);
    b.h.canvas().takeTool("pick");
    REQUIRE(b.w.run("draw-left"));
    press(Qt::Key_A);
    CHECK(b.h.canvas().tool()->id() == "pick");
    press(Qt::Key_L);
    CHECK(b.h.canvas().tool()->id() == first);
    press(Qt::Key_D);
    CHECK(b.h.canvas().tool()->id() == last);
    QTest::keyPress(&b.h.canvas(), Qt::Key_P);
    CHECK(b.h.canvas().view().squint);
    QTest::keyRelease(&b.h.canvas(), Qt::Key_P);
    CHECK_FALSE(b.h.canvas().view().squint);
    REQUIRE(b.w.run("draw-left"));
    QTest::keyPress(&b.h.canvas(), Qt::Key_Q);
    CHECK(b.h.canvas().view().squint);
    QTest::keyRelease(&b.h.canvas(), Qt::Key_Q);
}

TEST_CASE("arrows move what is picked as the screen shows it, in a turned view too")
{
    Bench b;
    const art::Id id = b.circle({400, 400}, 100);
    b.w.session().pick({{id}, {}, b.w.session().selection().layer});
    b.h.canvas().takeTool("pick");
    const curve::Box was = curve::bounds(b.path(id));
    b.h.canvas().turnBy(curve::pi / 2); // clockwise: what lies to the right on the screen is up on the sheet
    QTest::keyClick(&b.h.canvas(), Qt::Key_Right, Qt::ShiftModifier);
    const curve::Box now = curve::bounds(b.path(id));
    CHECK(now.min.x == Approx(was.min.x).margin(1e-9));
    CHECK(now.min.y == Approx(was.min.y - 10));
}

TEST_CASE("high contrast is as high as the guidelines ask for, by day and in the evening, and ordinary is readable")
{
    // Contrast of two colours (WCAG 2.2, relative luminance and contrast ratio); 7:1 for text is its criterion 1.4.6, 4.5:1 its 1.4.3,
    // 3:1 for parts of controls its 1.4.11.
    const auto luminance = [](const QColor& c) {
        const auto part = [](double v) { return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
        return 0.2126 * part(c.redF()) + 0.7152 * part(c.greenF()) + 0.0722 * part(c.blueF());
    };
    const auto ratio = [&](const QColor& a, const QColor& b) {
        const double la = luminance(a), lb = luminance(b);
        return (std::max(la, lb) + 0.05) / (std::min(la, lb) + 0.05);
    };
    CHECK(ratio(Qt::black, Qt::white) == Approx(21));
    QFile file(":/tokens.json");
    REQUIRE(file.open(QIODevice::ReadOnly));
    const QJsonObject all = QJsonDocument::fromJson(file.readAll()).object()["colour"].toObject();
    for (const auto& [name, text, parts] : {std::tuple{"day", 4.5, 3.0}, {"evening", 4.5, 3.0}, {"contrast-day", 7.0, 4.5}, {"contrast-evening", 7.0, 4.5}}) {
        const QJsonObject p = all[name].toObject();
        const auto colour = [&](const char* of) { return QColor(p[of].toString()); };
        for (const char* ground : {"desk", "card", "card-inset"}) {
            INFO(name << " on " << ground);
            CHECK(ratio(colour("text"), colour(ground)) >= text);
            CHECK(ratio(colour("text-muted"), colour(ground)) >= text);
            CHECK(ratio(colour("line-strong"), colour(ground)) >= parts);
            CHECK(ratio(colour("focus-ring"), colour(ground)) >= parts);
            CHECK(ratio(colour("accent"), colour(ground)) >= parts);
        }
        CHECK(ratio(colour("on-accent"), colour("accent")) >= text);
    }
    Bench b;
    REQUIRE(b.w.run("theme-contrast"));
    CHECK(app::colours().text == QColor(all["contrast-day"].toObject()["text"].toString()));
    REQUIRE(b.w.run("theme-day"));
}

TEST_CASE("text and all that holds it take the size that was chosen, at the next start, if the screen has room for it")
{
    // A window of 1000 x 600 at least: on 1280 x 800 there is room for 125 % (1250 x 750), on 1920 x 1080 for all.
    CHECK(app::largestTextSize({1280, 800}, {1000, 600}) == 125);
    CHECK(app::largestTextSize({1920, 1080}, {1000, 600}) == 150);
    CHECK(app::largestTextSize({800, 600}, {1000, 600}) == 90);
    Bench b;
    CHECK(app::textSize() == 100);
    REQUIRE(b.w.run("text-90"));
    CHECK(app::textSize() == 90);
    if (app::largestTextSize(b.w.screen()->availableSize(), b.w.minimumSizeHint()) < 150) {
        REQUIRE(b.w.run("text-150"));
        CHECK(app::textSize() == 90);
    }
    const QByteArray was = qgetenv("QT_SCALE_FACTOR");
    qputenv("QT_SCALE_FACTOR", "2"); // what the environment says stays
    app::useTextSize();
    CHECK(qgetenv("QT_SCALE_FACTOR") == "2");
    qunsetenv("QT_SCALE_FACTOR");
    app::useTextSize();
    CHECK(qgetenv("QT_SCALE_FACTOR").toDouble() == 0.9);
    // In force now: 125 % of what was is 139 % of this.
    CHECK(app::largestTextSize({1280, 800}, {1000, 600}) == 110);
    app::setTextSize(100);
    qunsetenv("QT_SCALE_FACTOR");
    app::useTextSize();
    if (!was.isEmpty()) qputenv("QT_SCALE_FACTOR", was);
}
