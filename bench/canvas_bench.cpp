// Frames of the interface thread with 20,000 nodes on the sheet: panning, zooming, dragging a node. Run it offscreen:
//   QT_QPA_PLATFORM=offscreen build/release/bench_canvas
#include "app/theme/theme.h"
#include "app/window/window.h"

#include <QApplication>
#include <QMouseEvent>
#include <QTemporaryDir>
#include <QWheelEvent>

#include <algorithm>
#include <cmath>
#include <cstdio>

using namespace softrope;
using curve::Vec2;

namespace {

void report(const char* name, std::vector<double>& ms)
{
    std::sort(ms.begin(), ms.end());
    std::printf("%-12s %4zu frames   median %6.2f ms   95th percentile %6.2f ms   worst %6.2f ms\n", name, ms.size(), ms[ms.size() / 2],
                ms[ms.size() * 95 / 100], ms.back());
}

} // namespace

int main(int argc, char** argv)
{
    const QTemporaryDir home;
    qputenv("XDG_CONFIG_HOME", home.path().toUtf8());
    qputenv("XDG_STATE_HOME", home.path().toUtf8());
    QApplication application(argc, argv);
    app::applyTheme(app::Theme::day);
    app::Window window;
    window.resize(1280, 800);
    window.show();
    art::Document d = art::newDocument();
    constexpr int lines = 1000;
    d = art::withLayer(d, d.layers[0]->id, [&](art::Layer& l) {
        for (int i = 0; i < lines; ++i) {
            auto item = std::make_shared<art::Item>();
            item->id = static_cast<art::Id>(i) + 100;
            art::Artwork a;
            curve::Path p;
            for (int k = 0; k < 20; ++k) {
                const Vec2 at{33.0 * (i % 32) + 1.6 * k + 8, 33.0 * (i / 32) + 12 * std::sin(k * 0.9 + i) + 16};
                p.nodes.push_back({at, at - Vec2{0.5, 0.3}, at + Vec2{0.5, 0.3}, curve::NodeKind::smooth});
            }
            a.setPaths({p});
            a.stroke.colour = art::Colour{20, 40, 40};
            a.stroke.width = 1.5;
            item->is = a;
            l.items.push_back(item);
        }
    });
    d.nextId = 5000;
    window.session().start(d, {});
    window.setStep(app::StepId::trace);
    app::Canvas& canvas = window.canvas();
    std::printf("%zu nodes on the sheet\n", art::nodeCount(window.session().document()));
    const auto frame = [&](const std::function<void()>& act) {
        QElapsedTimer t;
        t.start();
        act();
        QApplication::sendPostedEvents();
        canvas.repaint();
        const double ms = static_cast<double>(t.nsecsElapsed()) / 1e6;
        QApplication::processEvents();
        return ms;
    };
    const auto send = [&](QEvent::Type type, QPointF at, Qt::MouseButton b, Qt::MouseButtons bs) {
        QMouseEvent e(type, at, canvas.mapToGlobal(at), b, bs, Qt::NoModifier);
        QApplication::sendEvent(&canvas, &e);
    };
    for (int i = 0; i < 20; ++i) frame([] {});

    std::vector<double> pan, zoom, drag;
    send(QEvent::MouseButtonPress, {400, 300}, Qt::MiddleButton, Qt::MiddleButton);
    for (int i = 0; i < 200; ++i)
        pan.push_back(frame([&] { send(QEvent::MouseMove, {400 + 60 * std::sin(i / 9.0), 300 + 40 * std::cos(i / 7.0)}, Qt::NoButton, Qt::MiddleButton); }));
    send(QEvent::MouseButtonRelease, {400, 300}, Qt::MiddleButton, Qt::NoButton);
    report("pan", pan);
    for (int i = 0; i < 120; ++i)
        zoom.push_back(frame([&] {
            const QPointF at(450, 330);
            QWheelEvent e(at, canvas.mapToGlobal(at), {}, {0, i % 40 < 20 ? 60 : -60}, Qt::NoButton, Qt::NoModifier, Qt::NoScrollPhase, false);
            QApplication::sendEvent(&canvas, &e);
        }));
    report("zoom", zoom);
    canvas.fitSheet();
    canvas.takeTool("nodes");
    window.session().pickItems({600});
    const Vec2 node = window.session().document().item(600)->artwork()->paths[0].nodes[10].at;
    const QPointF from = canvas.toWidget(node);
    send(QEvent::MouseButtonPress, from, Qt::LeftButton, Qt::LeftButton);
    for (int i = 0; i < 200; ++i)
        drag.push_back(frame([&] { send(QEvent::MouseMove, from + QPointF(50 * std::sin(i / 9.0), 30 * std::sin(i / 5.0)), Qt::NoButton, Qt::LeftButton); }));
    send(QEvent::MouseButtonRelease, from, Qt::LeftButton, Qt::NoButton);
    report("node drag", drag);
    window.session().keeper().forget();
    return 0;
}
