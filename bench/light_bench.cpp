// Frames while the light is turned over areas with a crescent each, and while blurred shades are panned.
//   QT_QPA_PLATFORM=offscreen build/release/bench_light [followers, 200]
// For the light: the time from a move of the pointer to the picture that shows it, and the share of it on the interface thread.
#include "interface.h"

#include "art/looks.h"
#include "art/shades.h"
#include "curve/figures.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <thread>

using namespace softrope;
using curve::Vec2;

namespace {

void report(const char* name, std::vector<double>& ms)
{
    std::sort(ms.begin(), ms.end());
    std::printf("%-34s median %6.2f ms   95th percentile %6.2f ms   worst %6.2f ms\n", name, ms[ms.size() / 2], ms[ms.size() * 95 / 100], ms.back());
}

// Areas in rows, each with a crescent in the look.
art::Document shaded(int count, art::Ready ready, double blur)
{
    art::Document d = art::newDocument();
    const int across = static_cast<int>(std::ceil(std::sqrt(count)));
    const double cell = 1040.0 / across;
    std::vector<art::Item> all;
    for (int k = 0; k < count; ++k) {
        art::Item i;
        art::Artwork a;
        a.setPaths({curve::ellipse({20 + cell * (k % across + 0.5), 20 + cell * (k / across + 0.5)}, 0.45 * cell, 0.4 * cell)});
        a.fill.colour = art::Colour{static_cast<std::uint8_t>(60 + k % 120), 120, 110};
        a.stroke.colour.reset();
        i.is = std::move(a);
        all.push_back(std::move(i));
    }
    const art::Taken put = art::withItems(d, d.layers[0]->id, std::move(all));
    const art::Added look = art::withReadyLook(put.document, ready);
    art::Crescent c;
    c.width = 0.12 * cell;
    c.against = ready == art::Ready::shadow;
    d = art::withCrescents(look.document, put.items, c, look.id, "Shade").document;
    return art::withLookChanged(d, look.id, [blur](art::NamedLook& l) { l.blur = blur; });
}

} // namespace

int main(int argc, char** argv)
{
    bench::Interface program(argc, argv, {1400, 1000});
    app::Window& window = program.window();
    const int followers = argc > 1 ? std::max(1, std::atoi(argv[1])) : 200;
    app::Canvas& canvas = window.canvas();
    const auto send = [&](QEvent::Type type, QPointF at, Qt::MouseButton b, Qt::MouseButtons bs) { bench::send(canvas, type, at, b, bs); };
    const auto settle = [&] {
        while (!canvas.settled() || !window.session().jobs().waitForAll(0)) QApplication::processEvents();
    };
    window.session().start(shaded(followers, art::Ready::shadow, 0), {});
    window.setStep(app::StepId::shade);
    canvas.zoomTo(1);
    canvas.takeTool("light");
    for (int k = 0; k < 20; ++k) {
        QApplication::processEvents();
        canvas.repaint();
    }
    settle();
    std::printf("%d followers on a sheet of 1080 px at 100 %%\n", followers);
    std::vector<double> whole, thread;
    int shown = 0; // pictures made behind the interface
    const auto counting = QObject::connect(&canvas, &app::Canvas::refined, [&] { ++shown; });
    send(QEvent::MouseButtonPress, {700, 300}, Qt::LeftButton, Qt::LeftButton);
    settle();
    for (int k = 0; k < 120; ++k) {
        QElapsedTimer t;
        t.start();
        const double a = 0.05 * k;
        const int before = shown;
        send(QEvent::MouseMove, {600 + 300 * std::cos(a), 450 + 300 * std::sin(a)}, Qt::NoButton, Qt::LeftButton);
        double mine = static_cast<double>(t.nsecsElapsed()) / 1e6;
        // Until the picture shows it; what the interface thread does meanwhile counts as its own.
        do {
            QElapsedTimer turn;
            turn.start();
            QApplication::processEvents(); // painting included
            const double ms = static_cast<double>(turn.nsecsElapsed()) / 1e6;
            mine = std::max(mine, ms);
            if (ms < 0.05) std::this_thread::sleep_for(std::chrono::microseconds(100)); // as the interface rests, leaving the cores to the rest
        } while (shown == before || !canvas.settled() || !window.session().jobs().waitForAll(0));
        whole.push_back(static_cast<double>(t.nsecsElapsed()) / 1e6);
        thread.push_back(mine);
    }
    send(QEvent::MouseButtonRelease, {700, 300}, Qt::LeftButton, Qt::NoButton);
    QObject::disconnect(counting);
    report("light turned, until it is seen", whole);
    report("  longest on the interface thread", thread);

    window.session().start(shaded(10, art::Ready::rim, 12), {});
    canvas.zoomTo(1);
    settle();
    for (int k = 0; k < 20; ++k) {
        canvas.repaint();
        settle();
    }
    std::vector<double> pan;
    send(QEvent::MouseButtonPress, {400, 300}, Qt::MiddleButton, Qt::MiddleButton);
    for (int k = 0; k < 200; ++k) {
        QElapsedTimer t;
        t.start();
        send(QEvent::MouseMove, {400 + 60 * std::sin(k / 9.0), 300 + 40 * std::cos(k / 7.0)}, Qt::NoButton, Qt::MiddleButton);
        QApplication::sendPostedEvents();
        canvas.repaint();
        pan.push_back(static_cast<double>(t.nsecsElapsed()) / 1e6);
        QApplication::processEvents();
    }
    send(QEvent::MouseButtonRelease, {400, 300}, Qt::MiddleButton, Qt::NoButton);
    report("ten blurred by 12 px, panned", pan);
    return 0;
}
