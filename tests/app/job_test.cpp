// The main job end to end: scan, straighten, dim, trace half the moth, bend, reduce, save, kill, recover, export.
#include <catch2/catch.hpp>

#include "app/canvas/replay.h"
#include "app/hand.h"
#include "app/tools/place/place_acts.h"
#include "demo/scanner.h"
#include "files/recovery.h"
#include "files/svg.h"

#include <QDir>
#include <QProcess>
#include <QSettings>
#include <QTemporaryDir>

#include <csignal>

using namespace softrope;
using curve::Vec2;
using hand::Hand;
using hand::settle;

namespace {

const art::Item& theReference(const art::Document& d)
{
    return *app::referenceInHand(d, {});
}

// Points along a line as a careful hand makes them: every few px, half a px off.
std::vector<Vec2> handAlong(const curve::Path& p, double scale)
{
    std::vector<Vec2> out;
    int k = 0;
    for (std::size_t i = 0; i < p.pieceCount(); ++i) {
        const curve::Cubic c = p.piece(i);
        const int n = std::max(6, static_cast<int>(curve::arcLength(c) / 5));
        for (int j = i == 0 ? 0 : 1; j <= n; ++j, ++k)
            out.push_back(curve::at(c, double(j) / n) + curve::perpendicular(curve::tangentAt(c, double(j) / n)) * (0.6 * scale * std::sin(k * 0.9)));
    }
    return out;
}

} // namespace

TEST_CASE("from a crooked scan to exported lines that lie on the true ones")
{
    app::Window w;
    Hand h(w);
    constexpr quint64 seed = 7;
    w.scanPage("moth-half", 150, seed);
    REQUIRE(hand::waitFor([&] { return !w.busy(); }));
    REQUIRE(theReference(h.document()).reference());
    CHECK(theReference(h.document()).reference()->dim == 0.5);

    // Straighten by itself, flatten the light, lift the paper.
    REQUIRE(w.run("straighten-auto"));
    REQUIRE(hand::waitFor([&] { return theReference(h.document()).reference()->turn != 0; }));
    demo::ScanOptions o;
    o.seed = seed;
    const demo::Scan truth = demo::scan(demo::page("moth-half"), o);
    const art::Reference r = *theReference(h.document()).reference();
    CHECK(std::abs(curve::degrees(r.turn + truth.turn)) < 0.25);

    // Where everything truly lies on the sheet: page -> picture -> sheet.
    const curve::Affine toSheet = art::placement(r) * truth.fromPage;
    const double scale = curve::meanScale(toSheet);
    std::vector<curve::Path> lines;
    for (const curve::Path& p : demo::mothHalf()) lines.push_back(curve::transformed(p, toSheet));

    h.key(Qt::Key_2);
    h.key(Qt::Key_0);
    // Wings, antenna and an eye spot by hand.
    h.key(Qt::Key_D);
    for (const std::size_t k : {0U, 1U, 4U, 7U}) h.stroke(handAlong(lines[k], scale));
    REQUIRE(h.lines().size() == 4);
    CHECK(h.path(3).closed);
    for (std::size_t i = 0; i < 4; ++i) CHECK(h.path(i).nodes.size() <= 14);

    // Body and head by the pen: drags set the handles where the true nodes have them.
    h.key(Qt::Key_S);
    for (const std::size_t k : {2U, 3U}) {
        h.held = Qt::ControlModifier; // no snapping onto the wings
        for (const curve::Node& n : lines[k].nodes) {
            if (n.kind == curve::NodeKind::smooth && n.out != n.at)
                h.drag(n.at, n.out);
            else if (n.out != n.at)
                h.drag(n.at, n.out);
            else
                h.click(n.at);
        }
        h.held = Qt::NoModifier;
        h.key(Qt::Key_Return);
    }
    REQUIRE(h.lines().size() == 6);

    // A vein as a straight, then bent in its middle.
    h.key(Qt::Key_F);
    h.held = Qt::ControlModifier;
    h.click(lines[6].nodes.front().at);
    h.click(lines[6].nodes.back().at);
    h.held = Qt::NoModifier;
    h.key(Qt::Key_Return);
    REQUIRE(h.lines().size() == 7);
    h.key(Qt::Key_G);
    h.held = Qt::ControlModifier;
    const Vec2 from = curve::at(h.path(6).piece(0), 0.5), to = curve::at(lines[6].piece(0), 0.5);
    h.drag(from, to);
    h.held = Qt::NoModifier;
    CHECK_FALSE(curve::isStraight(h.path(6).piece(0)));

    // Fewer nodes on the first wing, on its card.
    h.key(Qt::Key_Escape);
    h.key(Qt::Key_Escape);
    w.session().pickItems({h.lines()[0]->id});
    settle();
    auto* slack = hand::shown<app::Slider>(w, "Slack");
    QTest::mouseClick(slack, Qt::LeftButton, {}, {slack->width() / 4, 12});
    CHECK(h.lines()[0]->artwork()->hand()->slack == Approx(2).margin(0.6));

    // Save, close, reopen: the same document.
    hand::idle(w);
    QTemporaryDir folder;
    const QString path = folder.filePath("moth.svg");
    REQUIRE(hand::saved(w.session(), path).isEmpty());
    const art::Document saved = h.document();
    app::Window again;
    REQUIRE(hand::opened(again, path));
    CHECK(again.session().document() == saved);

    // Export, and compare with the truth.
    for (const char* name : {"out.svg", "out.pdf", "out.png"}) CHECK(hand::exported(w, folder.filePath(name)).isEmpty());
    QFile svg(folder.filePath("out.svg"));
    REQUIRE(svg.open(QIODevice::ReadOnly));
    const files::SvgResult exported = files::readSvg(svg.readAll().toStdString());
    REQUIRE(exported.ok());
    long near = 0, all = 0;
    for (const auto& l : exported.document.layers)
        for (const auto& i : l->items)
            for (const curve::Path& p : i->artwork()->paths)
                for (const Vec2 q : curve::flatten(p, 0.05)) {
                    double d = 1e9;
                    for (const curve::Path& t : lines)
                        if (const auto n = curve::nearest(t, q)) d = std::min(d, n->distance);
                    near += d <= 3;
                    ++all;
                }
    REQUIRE(all > 200);
    INFO(near << " of " << all << " points within 3 px");
    CHECK(static_cast<double>(near) >= 0.95 * static_cast<double>(all));
}

TEST_CASE("killed in the middle of work, nothing older than ten seconds is lost, and the next start offers it")
{
    QTemporaryDir folder;
    std::vector<std::vector<art::HandSample>> strokes(2);
    for (int i = 0; i <= 50; ++i) {
        strokes[0].push_back({{200.0 + 10 * i, 300.0 + 30 * std::sin(i * 0.2)}, 0.5F, 0, 0, static_cast<float>(i) / 300});
        strokes[1].push_back({{200.0 + 10 * i, 600.0 + 30 * std::cos(i * 0.2)}, 0.5F, 0, 0, static_cast<float>(i) / 300});
    }
    QFile file(folder.filePath("strokes.json"));
    REQUIRE(file.open(QIODevice::WriteOnly));
    file.write(app::writeRecording(strokes));
    file.close();
    const QByteArray stateBefore = qgetenv("XDG_STATE_HOME");
    qputenv("XDG_STATE_HOME", folder.filePath("state").toUtf8());
    QProcess program;
    QProcessEnvironment env = QProcessEnvironment::systemEnvironment();
    env.insert("QT_QPA_PLATFORM", "offscreen");
    env.insert("XDG_CONFIG_HOME", folder.filePath("config"));
    QSettings settings(folder.filePath("config/soft-rope/soft-rope.ini"), QSettings::IniFormat);
    settings.setValue("keep/seconds", 1);
    settings.sync();
    program.setProcessEnvironment(env);
    program.start(SOFT_ROPE_APP, {"--run", "tool-freehand", "--replay", file.fileName()});
    REQUIRE(program.waitForStarted());
    // Two strokes of a fifth of a second; then, kept every second here (every four as it comes), they are soon in the folder.
    const auto kept = [&] {
        for (const QFileInfo& entry : QDir(folder.filePath("state/soft-rope/recovery")).entryInfoList(QDir::Dirs | QDir::NoDotAndDotDot)) {
            QFile piece(entry.filePath() + "/piece.svg");
            if (piece.open(QIODevice::ReadOnly) && QFile::exists(entry.filePath() + "/about.json") && piece.readAll().count("<path") == 2) return true;
        }
        return false;
    };
    REQUIRE(hand::waitFor(kept, 10000));
    REQUIRE(program.state() == QProcess::Running);
    ::kill(static_cast<pid_t>(program.processId()), SIGKILL);
    program.waitForFinished();
    const auto left = files::leftBehind();
    REQUIRE(left.size() == 1);
    CHECK_FALSE(left[0].picture.empty());

    app::Window w;
    Hand h(w);
    w.offerRecovered();
    settle();
    auto* panel = w.findChild<QWidget*>("recovered");
    REQUIRE(panel);
    hand::push(*panel, "Open it");
    REQUIRE(hand::waitFor([&] { return h.lines().size() == 2 && files::leftBehind().empty(); }));
    CHECK(w.session().changed());
    w.session().keeper().forget();
    qputenv("XDG_STATE_HOME", stateBefore);
}
