// Frames of the interface thread with many nodes on the sheet: panning, zooming, dragging a node, moving the pointer, clicking.
//   QT_QPA_PLATFORM=offscreen build/release/bench_canvas [nodes, 20000] [busy]
// "busy": two pages of 9 megapixels are traced over and over meanwhile.
#include "interface.h"

#include "trace/lines.h"

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

// A page full of strokes, so that tracing it takes seconds.
pixel::Grey page()
{
    pixel::Grey g(3000, 3000, 255);
    for (int y = 0; y < g.height; ++y)
        for (int x = 0; x < g.width; ++x)
            if (std::fmod(y + 14 * std::sin(x / 40.0 + y / 300), 30.0) < 5) g.at(x, y) = 20;
    return g;
}

} // namespace

int main(int argc, char** argv)
{
    bench::Interface program(argc, argv, {1280, 800});
    app::Window& window = program.window();
    const int wanted = argc > 1 ? std::max(1000, std::atoi(argv[1])) : 20000;
    const bool busy = argc > 2;
    art::Document d = art::newDocument();
    const int lines = wanted / 20, across = static_cast<int>(std::ceil(std::sqrt(lines)));
    const double cell = 1056.0 / across;
    d = art::withLayer(d, d.layers[0]->id, [&](art::Layer& l) {
        for (int i = 0; i < lines; ++i) {
            auto item = std::make_shared<art::Item>();
            item->id = static_cast<art::Id>(i) + 100;
            art::Artwork a;
            curve::Path p;
            for (int k = 0; k < 20; ++k) {
                const Vec2 at{cell * (i % across + 0.048 * k) + 8, cell * (i / across + 0.36 * std::sin(k * 0.9 + i)) + 16};
                p.nodes.push_back({at, at - Vec2{0.5, 0.3}, at + Vec2{0.5, 0.3}, curve::NodeKind::smooth});
            }
            a.setPaths({p});
            a.stroke.colour = art::Colour{20, 40, 40};
            a.stroke.width = 1.5;
            item->is = a;
            l.items.push_back(item);
        }
    });
    d.nextId = static_cast<art::Id>(lines) + 200;
    window.session().start(d, {});
    window.setStep(app::StepId::trace);
    app::Canvas& canvas = window.canvas();
    std::printf("%zu nodes on the sheet\n", art::nodeCount(window.session().document()));
    const auto frame = [&](const std::function<void()>& act) {
        QElapsedTimer t;
        t.start();
        act();
        QApplication::processEvents(); // it is painted once, as on a screen
        const double ms = static_cast<double>(t.nsecsElapsed()) / 1e6;
        return ms;
    };
    const auto send = [&](QEvent::Type type, QPointF at, Qt::MouseButton b, Qt::MouseButtons bs) { bench::send(canvas, type, at, b, bs); };
    for (int i = 0; i < 20; ++i) frame([] {});
    if (busy)
        for (int k = 0; k < 2; ++k)
            window.session().jobs().run<bool>(
                app::Lane::working, &window,
                [](const app::Progress& p) {
                    const pixel::Grey g = page();
                    while (!p.cancelled()) {
                        trace::LinesOptions o;
                        o.cancelled = [&p] { return p.cancelled(); };
                        trace::lines(g, o);
                    }
                    return true;
                },
                [](const std::optional<bool>&) {}, app::Jobs::For::anyPiece);

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
    const art::Id middle = 100 + static_cast<art::Id>(lines) / 2;
    window.session().pickItems({middle});
    const Vec2 node = window.session().document().item(middle)->artwork()->paths[0].nodes[10].at;
    const QPointF from = canvas.toWidget(node);
    send(QEvent::MouseButtonPress, from, Qt::LeftButton, Qt::LeftButton);
    for (int i = 0; i < 200; ++i)
        drag.push_back(frame([&] { send(QEvent::MouseMove, from + QPointF(50 * std::sin(i / 9.0), 30 * std::sin(i / 5.0)), Qt::NoButton, Qt::LeftButton); }));
    send(QEvent::MouseButtonRelease, from, Qt::LeftButton, Qt::NoButton);
    report("node drag", drag);
    canvas.takeTool("pick");
    std::vector<double> move, click;
    for (int i = 0; i < 300; ++i)
        move.push_back(frame([&] { send(QEvent::MouseMove, {450 + 200 * std::sin(i / 11.0), 330 + 150 * std::cos(i / 7.0)}, Qt::NoButton, Qt::NoButton); }));
    report("pointer move", move);
    for (int i = 0; i < 100; ++i) {
        const art::Id id = static_cast<art::Id>(100 + (i * 37) % lines);
        const QPointF at = canvas.toWidget(window.session().document().item(id)->artwork()->paths[0].nodes[10].at);
        click.push_back(frame([&] {
            send(QEvent::MouseButtonPress, at, Qt::LeftButton, Qt::LeftButton);
            send(QEvent::MouseButtonRelease, at, Qt::LeftButton, Qt::NoButton);
        }));
    }
    report("click", click);
    return 0;
}
