// Tones at 12 megapixels: separation by colour, the quick picture of a stack while a cut is dragged, its shapes; a mesh of pieces.
#include "demo/photo.h"
#include "tone/facets.h"
#include "tone/stack.h"

#include <benchmark/benchmark.h>

#include <sys/resource.h>

using namespace softrope;

namespace {

// The lantern photo, computed once at a fourth of the size and stretched with fresh grain.
const pixel::Picture& photo12()
{
    static const pixel::Picture p = [] {
        demo::PhotoOptions o;
        o.width = 775;
        o.grain = 0;
        const pixel::Picture small = demo::photo("lantern", o);
        pixel::Picture out(3100, 3875);
        std::uint32_t r = 1;
        for (int y = 0; y < out.height; ++y)
            for (int x = 0; x < out.width; ++x) {
                const double u = std::clamp((x + 0.5) / 4 - 0.5, 0.0, small.width - 1.001), v = std::clamp((y + 0.5) / 4 - 0.5, 0.0, small.height - 1.001);
                const int i = static_cast<int>(u), j = static_cast<int>(v);
                const double a = u - i, b = v - j;
                const auto mix = [&](std::uint8_t pixel::Rgba::*c) {
                    r = r * 1664525U + 1013904223U;
                    const double l = (small.at(i, j).*c * (1 - a) + small.at(i + 1, j).*c * a) * (1 - b) +
                                     (small.at(i, j + 1).*c * (1 - a) + small.at(i + 1, j + 1).*c * a) * b;
                    return static_cast<std::uint8_t>(std::clamp(l + static_cast<double>(r >> 28) - 7.5, 0.0, 255.0));
                };
                out.at(x, y) = {mix(&pixel::Rgba::r), mix(&pixel::Rgba::g), mix(&pixel::Rgba::b), 255};
            }
        return out;
    }();
    return p;
}

tone::Stack fiveTones()
{
    tone::Stack s;
    s.cuts = tone::cutsFor(tone::countsOf(tone::levelsOf(photo12(), 1e6).level), 5);
    s.slack = 3;
    s.smallest = 400;
    s.patches = {{curve::circle({1500, 900}, 500), 18, 90}};
    return s;
}

void separateByColour(benchmark::State& state)
{
    tone::TonesOptions o;
    o.count = 8;
    photo12();
    for (auto _ : state) benchmark::DoNotOptimize(tone::separate(photo12(), o));
    rusage use{};
    getrusage(RUSAGE_SELF, &use);
    state.counters["GB"] = static_cast<double>(use.ru_maxrss) / 1e6;
}
BENCHMARK(separateByColour)->Unit(benchmark::kMillisecond)->UseRealTime()->Iterations(2);

// What follows the hand: the tones of the smaller copy, and their paints.
void quickPicture(benchmark::State& state)
{
    const tone::Levels levels = tone::levelsOf(photo12(), 7e5);
    tone::Stack s = fiveTones();
    for (auto _ : state) {
        s.cuts[1] += 0.1;
        const tone::Labels t = tone::quickTones(levels, s);
        benchmark::DoNotOptimize(tone::paintsOf(levels, t, s));
        benchmark::DoNotOptimize(tone::countsOf(levels.level));
    }
}
BENCHMARK(quickPicture)->Unit(benchmark::kMillisecond)->UseRealTime();

void stackShapes(benchmark::State& state)
{
    const tone::Stack s = fiveTones();
    for (auto _ : state) benchmark::DoNotOptimize(tone::separate(photo12(), s));
}
BENCHMARK(stackShapes)->Unit(benchmark::kMillisecond)->UseRealTime()->Iterations(2);

void meshOfPieces(benchmark::State& state)
{
    tone::MeshOptions o;
    o.count = static_cast<int>(state.range(0));
    photo12();
    for (auto _ : state) benchmark::DoNotOptimize(tone::meshOf(photo12(), o));
}
BENCHMARK(meshOfPieces)->Arg(300)->Arg(3000)->Unit(benchmark::kMillisecond)->UseRealTime()->Iterations(2);

} // namespace

BENCHMARK_MAIN();
