// The widgets of Tone and Colour by pointer and keys: cuts, stops, ink rows, steps, tones.
#include "app/hand.h"

#include "app/theme/theme.h"
#include "app/widgets/cut_bars.h"
#include "app/widgets/ink_widgets.h"

#include <QLineEdit>
#include <QSignalSpy>

using namespace softrope;
using app::ColourSteps;
using app::CutBars;
using app::InkRow;
using app::StopBand;
using app::ToneRows;

namespace {

template <class W> void shown(W& w, QSize size)
{
    w.resize(size);
    w.show();
    REQUIRE(QTest::qWaitForWindowExposed(&w));
}

art::Gradient blackToWhite()
{
    art::Gradient g;
    g.stops = {{0, {0, 0, 0}, 1, {}}, {1, {255, 255, 255}, 1, {}}};
    return g;
}

} // namespace

TEST_CASE("cuts are dragged, kept apart, added by a double click, taken away by a key")
{
    CutBars bars;
    shown(bars, {275, 112});
    bars.setCuts({64, 128, 192});
    std::vector<double> last;
    bool done = false;
    QObject::connect(&bars, &CutBars::moved, [&](const std::vector<double>& cuts, bool d) {
        last = cuts;
        done = d;
    });
    const auto at = [&](double level) { return QPoint(static_cast<int>(std::lround(10 + 255 * level / 255)), 95); };
    QTest::mousePress(&bars, Qt::LeftButton, {}, at(128));
    QTest::mouseMove(&bars, at(150));
    CHECK(last[1] == Approx(150).margin(1.5));
    CHECK_FALSE(done);
    QTest::mouseMove(&bars, at(250)); // over its neighbour: it stops beside it
    CHECK(last[1] == Approx(191).margin(0.1));
    QTest::mouseRelease(&bars, Qt::LeftButton, {}, at(250));
    CHECK(done);
    CHECK(bars.picked() == 1);
    QTest::keyClick(&bars, Qt::Key_Up);
    CHECK(bars.picked() == 2);
    QTest::keyClick(&bars, Qt::Key_Right, Qt::ShiftModifier);
    CHECK(last[2] == Approx(202));
    QTest::keyClick(&bars, Qt::Key_Left, Qt::AltModifier);
    CHECK(last[2] == Approx(201.9));
    QTest::mouseDClick(&bars, Qt::LeftButton, {}, at(30));
    REQUIRE(last.size() == 4);
    CHECK(last[0] == Approx(30).margin(1.5));
    QTest::keyClick(&bars, Qt::Key_Delete);
    CHECK(last.size() == 3);
    // The last cut cannot be taken away: one tone is no separation.
    bars.setCuts({100});
    QTest::keyClick(&bars, Qt::Key_Delete);
    CHECK(bars.cuts().size() == 1);
    CHECK(bars.accessibleDescription().contains("100 of 255"));
    bars.setCuts({});
    QTest::keyClick(&bars, Qt::Key_Left); // nothing to move, nothing happens
    CHECK(bars.cuts().empty());
}

TEST_CASE("stops of a gradient are dragged along, added on the band, dropped off it")
{
    StopBand band;
    shown(band, {218, 46});
    band.setGradient(blackToWhite());
    std::vector<art::GradientStop> last;
    QObject::connect(&band, &StopBand::changed, [&](const std::vector<art::GradientStop>& s, bool) { last = s; });
    const auto x = [](double t) { return static_cast<int>(std::lround(9 + 200 * t)); };
    QTest::mouseClick(&band, Qt::LeftButton, {}, QPoint(x(0.5), 10));
    REQUIRE(last.size() == 3);
    CHECK(last[1].at == Approx(0.5).margin(0.01));
    CHECK(last[1].colour.r == Approx(128).margin(3)); // the colour that was there: nothing jumps
    CHECK(band.picked() == 1);
    QTest::mousePress(&band, Qt::LeftButton, {}, QPoint(x(0.5), 34));
    QTest::mouseMove(&band, QPoint(x(0.75), 34));
    CHECK(last[1].at == Approx(0.75).margin(0.01));
    QTest::mouseRelease(&band, Qt::LeftButton, {}, QPoint(x(0.75), 34));
    QTest::keyClick(&band, Qt::Key_Left, Qt::ShiftModifier);
    CHECK(last[1].at == Approx(0.65).margin(0.01));
    // Off the band it goes; two always stay.
    QTest::mousePress(&band, Qt::LeftButton, {}, QPoint(x(0.65), 34));
    QTest::mouseMove(&band, QPoint(x(0.65), 90));
    QTest::mouseRelease(&band, Qt::LeftButton, {}, QPoint(x(0.65), 90));
    CHECK(last.size() == 2);
    QTest::keyClick(&band, Qt::Key_Delete);
    CHECK(last.size() == 2);
}

TEST_CASE("an ink row takes in hand by a click or Return, and is renamed in place")
{
    InkRow row;
    shown(row, {260, 38});
    row.setInk({7, "Lamp", {222, 160, 60}, art::Meaning::paint}, {2, 0, 0.25}, true, "1");
    CHECK(row.accessibleName() == "Lamp");
    CHECK(row.accessibleDescription().contains("2 areas"));
    CHECK(row.accessibleDescription().contains("in hand"));
    QSignalSpy clicked(&row, &QAbstractButton::clicked), renamed(&row, &InkRow::renamed);
    QTest::mouseClick(&row, Qt::LeftButton, {}, QPoint(120, 12));
    CHECK(clicked.count() == 1);
    QTest::keyClick(&row, Qt::Key_Return);
    CHECK(clicked.count() == 2);
    for (const bool byKey : {true, false}) {
        if (byKey)
            QTest::keyClick(&row, Qt::Key_F2);
        else
            QTest::mouseDClick(&row, Qt::LeftButton, {}, QPoint(120, 12));
        auto* field = row.findChild<QLineEdit*>();
        REQUIRE(field);
        field->setText(byKey ? "Amber" : "   ");
        QTest::keyClick(field, Qt::Key_Return);
        hand::settle(); // the field goes
    }
    REQUIRE(renamed.count() == 1); // an empty name is none
    CHECK(renamed.first().first().toString() == "Amber");
}

TEST_CASE("steps of a scale are taken by a click or keys, kept as inks with Shift")
{
    ColourSteps steps("Tints");
    shown(steps, {210, 26});
    steps.setColours({Qt::black, Qt::gray, Qt::white}, {"1 darker", "as mixed", "1 lighter"}, 1);
    QSignalSpy taken(&steps, &ColourSteps::taken), kept(&steps, &ColourSteps::kept);
    QTest::mouseClick(&steps, Qt::LeftButton, {}, QPoint(180, 12));
    REQUIRE(taken.count() == 1);
    CHECK(taken.last().first().toInt() == 2);
    QTest::mouseClick(&steps, Qt::LeftButton, Qt::ShiftModifier, QPoint(10, 12));
    CHECK(kept.last().first().toInt() == 0);
    steps.setFocus();
    QTest::keyClick(&steps, Qt::Key_Right);
    QTest::keyClick(&steps, Qt::Key_Return);
    CHECK(taken.last().first().toInt() == 1);
    steps.setColours({}, {}, -1);
    QTest::mouseClick(&steps, Qt::LeftButton, {}, QPoint(10, 12)); // nothing there
    CHECK(taken.count() == 2);
}

TEST_CASE("tones show their share, a click beside the swatch presses one, Shift on the swatch goes back to the mean")
{
    ToneRows rows;
    rows.setRows({{Qt::black, "Dark", 0.6, true}, {Qt::white, "Light", 0.4, false}});
    shown(rows, rows.sizeHint());
    QSignalSpy mixed(&rows, &ToneRows::mixed), pressed(&rows, &ToneRows::pressed);
    QTest::mouseClick(&rows, Qt::LeftButton, {}, QPoint(80, 30));
    REQUIRE(pressed.count() == 1);
    CHECK(pressed.first().first().toInt() == 1);
    QTest::mouseClick(&rows, Qt::LeftButton, Qt::ShiftModifier, QPoint(10, 10));
    REQUIRE(mixed.count() == 1);
    CHECK(mixed.first().at(0).toInt() == 0);
    CHECK_FALSE(mixed.first().at(1).value<QColor>().isValid());
    // All of it is painted: the bar of the larger share is longer.
    const QImage image = rows.grab().toImage();
    const auto bar = [&](int y) {
        int n = 0;
        for (int x = 0; x < image.width(); ++x) n += image.pixelColor(x, y) == app::colours().hemp;
        return n;
    };
    CHECK(bar(10) > bar(31));
    CHECK(bar(31) > 10);
}
