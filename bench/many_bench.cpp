// What the hand waits for with many items on the sheet, and how it grows: picking all, moving them, letting go, one moved, a pen hovering.
//   QT_QPA_PLATFORM=offscreen build/release/bench_many [items, 100 1000 10000] [--json]
// A figure is what the interface thread works from the event until it is idle and the frame is painted, ms of its own time, so that it stands
// on a busy machine too. The growth is the power of the number
// of items that the last two rows differ by: 1 is in proportion.
#include "interface.h"

#include "files/svg.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <map>
#include <string>
#include <vector>

#include <ctime>

using namespace softrope;
using curve::Vec2;

namespace {

constexpr double side = 1056; // px of the sheet that are filled

Vec2 placeOf(int i, int across)
{
    const double cell = side / across;
    return {cell * (i % across + 0.5) + 12, cell * (i / across + 0.5) + 12};
}

art::Document scattered(int items, int across)
{
    art::Document d = art::newDocument();
    auto layer = std::make_shared<art::Layer>(*d.layers.front());
    for (int i = 0; i < items; ++i) {
        auto item = std::make_shared<art::Item>();
        item->id = static_cast<art::Id>(i) + 100;
        art::Artwork a;
        a.setPaths({curve::ellipse(placeOf(i, across), 0.35 * side / across, 0.3 * side / across)});
        a.fill.colour = art::Colour{static_cast<std::uint8_t>(40 + i % 160), 120, 110};
        a.stroke.colour = art::Colour{20, 40, 40};
        a.stroke.width = std::min(2.0, 0.05 * side / across);
        item->is = std::move(a);
        layer->items.push_back(item);
    }
    d.layers.front() = layer;
    d.nextId = static_cast<art::Id>(items) + 200;
    return d;
}

class Bench {
public:
    Bench(app::Window& window, int items) : window_(window), canvas_(window.canvas()), items_(items), across_(static_cast<int>(std::ceil(std::sqrt(items)))) {}

    std::map<std::string, double> run()
    {
        const art::Document d = scattered(items_, across_);
        const std::string text = files::writeCleanSvg(d);
        time("open its file", 1, [&](int) { files::readSvg(text); });
        window_.session().start(d, {});
        window_.setStep(app::StepId::build);
        canvas_.fitSheet();
        canvas_.takeTool("pick");
        idle();
        time("pick all", 5, [&](int k) {
            if (k > 0) window_.session().pickItems({});
            QApplication::processEvents();
            restart();
            window_.run("pick-all");
        });
        const QPointF at = canvas_.toWidget(placeOf(0, across_));
        send(QEvent::MouseMove, at, {});
        send(QEvent::MouseButtonPress, at, Qt::LeftButton);
        time("move all", 40, [&](int k) { move(at + QPointF(20 + 15 * std::sin(k / 3.0), 10 + 9 * std::cos(k / 4.0)), true); });
        time("let all go", 1, [&](int) { send(QEvent::MouseButtonRelease, at + QPointF(20, 10), Qt::LeftButton); });
        idle();
        time("undo", 1, [&](int) { window_.run("undo"); });
        idle();
        window_.session().pickItems({});
        idle();
        time("click one", 10, [&](int k) {
            const QPointF one = canvas_.toWidget(placeOf(items_ / 2 + k, across_));
            send(QEvent::MouseButtonPress, one, Qt::LeftButton);
            send(QEvent::MouseButtonRelease, one, Qt::LeftButton);
        });
        const QPointF one = canvas_.toWidget(placeOf(items_ / 2, across_));
        send(QEvent::MouseButtonPress, one, Qt::LeftButton);
        time("move one", 40, [&](int k) { move(one + QPointF(6 + 5 * std::sin(k / 3.0), 6), true); });
        time("let one go", 1, [&](int) { send(QEvent::MouseButtonRelease, one + QPointF(6, 6), Qt::LeftButton); });
        idle();
        canvas_.takeTool("pen");
        time("pen hovers", 100, [&](int k) { move({450 + 200 * std::sin(k / 11.0), 330 + 150 * std::cos(k / 7.0)}, false); });
        canvas_.takeTool("pick");
        const double before = static_cast<double>(window_.session().history().bytes());
        for (int k = 0; k < 200; ++k) {
            const art::Id id = static_cast<art::Id>(100 + (k * 37) % items_);
            const art::Edited e = art::transformed(window_.session().document(), {id}, curve::translation({0.5, 0}));
            window_.session().take(e, "Move");
        }
        figures_["bytes a step"] = (static_cast<double>(window_.session().history().bytes()) - before) / 200;
        idle();
        return figures_;
    }

private:
    app::Window& window_;
    app::Canvas& canvas_;
    int items_, across_;
    std::map<std::string, double> figures_;
    double from_ = 0;

    static double worked()
    {
        timespec t{};
        clock_gettime(CLOCK_THREAD_CPUTIME_ID, &t);
        return 1e3 * static_cast<double>(t.tv_sec) + 1e-6 * static_cast<double>(t.tv_nsec);
    }
    void restart() { from_ = worked(); }
    void idle()
    {
        while (!window_.session().jobs().waitForAll(5) || window_.working()) QApplication::processEvents();
        for (int k = 0; k < 5; ++k) QApplication::processEvents();
    }
    void send(QEvent::Type type, QPointF at, Qt::MouseButtons down)
    {
        bench::send(canvas_, type, at, type == QEvent::MouseMove ? Qt::NoButton : Qt::LeftButton, type == QEvent::MouseButtonRelease ? Qt::NoButton : down);
    }
    void move(QPointF at, bool down) { send(QEvent::MouseMove, at, down ? Qt::MouseButtons(Qt::LeftButton) : Qt::MouseButtons()); }

    // The 95th percentile of so many, ms.
    template <class Act> void time(const char* name, int times, const Act& act)
    {
        std::vector<double> ms;
        for (int k = 0; k < times; ++k) {
            restart();
            act(k);
            QApplication::processEvents();
            QApplication::processEvents(); // what that has put off
            ms.push_back(worked() - from_);
        }
        std::sort(ms.begin(), ms.end());
        figures_[name] = ms[ms.size() * 95 / 100];
    }
};

} // namespace

int main(int argc, char** argv)
{
    bench::Interface program(argc, argv, {1280, 800});
    app::Window& window = program.window();
    std::vector<int> sizes;
    bool json = false;
    for (int k = 1; k < argc; ++k) {
        if (std::string(argv[k]) == "--json")
            json = true;
        else
            sizes.push_back(std::max(10, std::atoi(argv[k])));
    }
    if (sizes.empty()) sizes = {100, 1000, 10000};
    std::vector<std::map<std::string, double>> all;
    for (const int n : sizes) all.push_back(Bench(window, n).run());
    if (json) std::printf("{\"rows\": [\n");
    bool first = true;
    for (const auto& [name, last] : all.back()) {
        const double growth =
            all.size() > 1 ? std::log(last / all[all.size() - 2].at(name)) / std::log(static_cast<double>(sizes.back()) / sizes[sizes.size() - 2]) : 0;
        if (json) {
            std::printf("%s{\"name\": \"%s\", \"growth\": %.2f, \"ms\": {", first ? "" : ",\n", name.c_str(), growth);
            for (std::size_t k = 0; k < all.size(); ++k) std::printf("%s\"%d\": %.3f", k ? ", " : "", sizes[k], all[k].at(name));
            std::printf("}}");
        } else {
            std::printf("%-14s", name.c_str());
            for (std::size_t k = 0; k < all.size(); ++k) std::printf("  %7d: %9.2f", sizes[k], all[k].at(name));
            std::printf("   growth %.2f\n", growth);
        }
        first = false;
    }
    if (json) std::printf("\n]}\n");
    return 0;
}
