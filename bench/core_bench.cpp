// Speeds of the core: fitting, live refit, reducing, tracing, working files.
#include "art/art.h"
#include "curve/curve.h"
#include "files/svg.h"
#include "render/render.h"
#include "trace/lines.h"
#include "trace/outline.h"
#include "trace/rope.h"

#include <benchmark/benchmark.h>

#include <chrono>
#include <cmath>

using namespace softrope;
using curve::Vec2;

namespace {

// A long scribble with tremor; the same numbers each time.
std::vector<Vec2> scribble(int n)
{
    std::vector<Vec2> line;
    unsigned state = 12345;
    const auto random = [&] {
        state = state * 1664525u + 1013904223u;
        return static_cast<double>(state >> 8) / (1 << 24) - 0.5;
    };
    double angle = 0, turn = 0;
    Vec2 p{0, 0};
    for (int i = 0; i < n; ++i) {
        turn = 0.98 * turn + 0.004 * random();
        angle += turn;
        p += curve::direction(angle);
        line.push_back(p + Vec2{0.2 * random(), 0.2 * random()});
    }
    return line;
}

void fitSamples(benchmark::State& state)
{
    const auto line = scribble(static_cast<int>(state.range(0)));
    std::size_t nodes = 0;
    for (auto _ : state) nodes = curve::fit(line, false, {}).path.nodes.size();
    state.counters["nodes"] = static_cast<double>(nodes);
    state.counters["samples/s"] = benchmark::Counter(static_cast<double>(line.size()), benchmark::Counter::kIsIterationInvariantRate);
}
BENCHMARK(fitSamples)->Arg(200)->Arg(5000)->Arg(20000)->Unit(benchmark::kMillisecond);

void quickFitSamples(benchmark::State& state)
{
    const auto line = scribble(static_cast<int>(state.range(0)));
    curve::FitOptions o;
    o.quick = true;
    std::size_t nodes = 0;
    for (auto _ : state) nodes = curve::fit(line, false, o).path.nodes.size();
    state.counters["nodes"] = static_cast<double>(nodes);
}
BENCHMARK(quickFitSamples)->Arg(300)->Arg(5000)->Arg(50000)->Arg(1000000)->Unit(benchmark::kMillisecond);

void liveRefit(benchmark::State& state)
{
    art::Hand d;
    for (const Vec2 p : scribble(static_cast<int>(state.range(0)))) d.samples.push_back({p, 1, 0, 0, 0});
    d.slack = 1;
    std::size_t nodes = 0;
    for (auto _ : state) nodes = art::fitStroke(d, false, d.samples.size() > 600).path.nodes.size();
    state.counters["nodes"] = static_cast<double>(nodes);
}
BENCHMARK(liveRefit)->Arg(300)->Arg(5000)->Unit(benchmark::kMillisecond);

// Rings on white, as much line as a page of drawing has.
pixel::Grey rings(double megapixels)
{
    const int side = static_cast<int>(std::sqrt(megapixels * 1e6));
    pixel::Grey g(side, side, 255);
    const double cell = side / 12.0;
    for (int y = 0; y < side; ++y)
        for (int x = 0; x < side; ++x) {
            const double r = std::hypot(std::fmod(x, cell) - cell / 2, std::fmod(y, cell) - cell / 2) / cell;
            const double d = std::min(std::abs(r - 0.35), std::abs(r - 0.15)) * cell - 0.02 * cell;
            g.at(x, y) = static_cast<std::uint8_t>(std::clamp(127 + 127 * d, 0.0, 255.0));
        }
    return g;
}

pixel::Picture inColour(const pixel::Grey& g)
{
    pixel::Picture p(g.width, g.height);
    std::transform(g.data.begin(), g.data.end(), p.data.begin(), [](std::uint8_t v) { return pixel::Rgba{v, v, v, 255}; });
    return p;
}

void traceLines(benchmark::State& state)
{
    const pixel::Grey g = rings(static_cast<double>(state.range(0)));
    std::size_t nodes = 0;
    for (auto _ : state) {
        nodes = 0;
        for (const trace::Stroke& s : trace::lines(g, {}).strokes) nodes += s.path.nodes.size();
    }
    state.counters["nodes"] = static_cast<double>(nodes);
}
BENCHMARK(traceLines)->Arg(12)->Unit(benchmark::kMillisecond);

void ropePreparation(benchmark::State& state)
{
    const pixel::Grey g = rings(static_cast<double>(state.range(0)));
    const pixel::Picture p = inColour(g);
    for (auto _ : state) benchmark::DoNotOptimize(trace::edgeMap(p, {})->contrast);
}
BENCHMARK(ropePreparation)->Arg(12)->Unit(benchmark::kMillisecond);

// What one move of the pointer costs: the wire grown on, and its end settled.
void ropeMove(benchmark::State& state)
{
    const auto map = trace::edgeMap(inColour(rings(12)), {});
    const double cell = std::sqrt(12e6) / 12;
    const Vec2 centre{2.5 * cell, 2.5 * cell};
    double worst = 0;
    for (auto _ : state) {
        trace::LiveWire wire(map, centre + Vec2{0.37 * cell, 0});
        for (int k = 1; k <= 40; ++k) {
            const auto start = std::chrono::steady_clock::now();
            const Vec2 to = centre + curve::direction(k * 0.03) * (0.37 * cell + 5);
            if (const auto way = wire.to(trace::strongestNear(*map, to, 10))) benchmark::DoNotOptimize(trace::settled(*map, *way, {}, false).size());
            worst = std::max(worst, std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count());
        }
    }
    state.counters["worst move, ms"] = worst;
}
BENCHMARK(ropeMove)->Unit(benchmark::kMillisecond);

void traceLineArt(benchmark::State& state)
{
    // Rings and bars on white, as much outline as a page of lettering has.
    const int side = static_cast<int>(std::sqrt(static_cast<double>(state.range(0)) * 1e6));
    pixel::Grey g(side, side, 255);
    const double cell = side / 12.0;
    for (int y = 0; y < side; ++y)
        for (int x = 0; x < side; ++x) {
            const double u = std::fmod(x, cell) - cell / 2, v = std::fmod(y, cell) - cell / 2;
            const double r = std::hypot(u, v * (0.7 + 0.3 * std::sin(x / cell))) / cell;
            const double d = std::min(std::abs(r - 0.35), std::abs(r - 0.15)) * cell - 0.04 * cell;
            g.at(x, y) = static_cast<std::uint8_t>(std::clamp(127 + 127 * d, 0.0, 255.0));
        }
    std::size_t nodes = 0;
    for (auto _ : state) nodes = trace::outline(g, {}).nodes;
    state.counters["nodes"] = static_cast<double>(nodes);
}
BENCHMARK(traceLineArt)->Arg(12)->Unit(benchmark::kMillisecond);

art::Document many(int nodes)
{
    art::Document d = art::newDocument();
    const int lines = nodes / 20;
    d = art::withLayer(d, d.layers[0]->id, [&](art::Layer& l) {
        for (int i = 0; i < lines; ++i) {
            auto item = std::make_shared<art::Item>();
            item->id = static_cast<art::Id>(i) + 100;
            art::Artwork a;
            std::vector<Vec2> points;
            for (int k = 0; k < 20; ++k) points.push_back({1080.0 * (i % 32) / 32 + 1.5 * k, 1080.0 * (i / 32) / 32 + 10 * std::sin(k * 0.9 + i)});
            a.setPaths({curve::polyline(points, false)});
            a.stroke.colour = art::Colour{};
            a.stroke.width = 1.5;
            item->is = a;
            l.items.push_back(item);
        }
    });
    return d;
}

void saveWorkingFile(benchmark::State& state)
{
    const art::Document d = many(20000);
    for (auto _ : state) benchmark::DoNotOptimize(files::writeWorkingSvg(d).size());
}
BENCHMARK(saveWorkingFile)->Unit(benchmark::kMillisecond);

void openWorkingFile(benchmark::State& state)
{
    const std::string text = files::writeWorkingSvg(many(20000));
    for (auto _ : state) benchmark::DoNotOptimize(files::readSvg(text).document.layers.size());
}
BENCHMARK(openWorkingFile)->Unit(benchmark::kMillisecond);

void snapAmongNodes(benchmark::State& state)
{
    const art::Document d = many(20000);
    art::SnapRequest r;
    r.point = {512, 511};
    for (auto _ : state) benchmark::DoNotOptimize(art::snapped(d, r).reason);
}
BENCHMARK(snapAmongNodes)->Unit(benchmark::kMillisecond);

} // namespace

BENCHMARK_MAIN();
