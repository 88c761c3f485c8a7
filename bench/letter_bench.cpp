// Laying out and outlining long texts, straight and on arcs; typing one letter among them.
#include "art/lettering.h"

#include <benchmark/benchmark.h>

using namespace softrope;

namespace {

std::string text(long letters)
{
    const std::string some = "Saltglass night market, stall seven: jars, lamps and moths. ";
    std::string out;
    while (static_cast<long>(out.size()) < letters) out += some;
    out.resize(static_cast<std::size_t>(letters));
    for (std::size_t k = 60; k < out.size(); k += 60) out[k] = '\n';
    return out;
}

art::Lettering words(long letters)
{
    art::Lettering l;
    l.words = text(letters);
    l.type.family = "Roboto Slab";
    return l;
}

void laidOut(benchmark::State& s)
{
    const art::Lettering l = words(s.range(0));
    for (auto _ : s) benchmark::DoNotOptimize(letter::layout(l.words, l.type));
}
BENCHMARK(laidOut)->Arg(20)->Arg(2000)->Unit(benchmark::kMillisecond);

void outlined(benchmark::State& s)
{
    art::Lettering l = words(s.range(0));
    l.way = static_cast<art::Lettering::Way>(s.range(1));
    for (auto _ : s) benchmark::DoNotOptimize(art::letteringPaths(l, curve::circle({}, 3000)));
}
BENCHMARK(outlined)->ArgsProduct({{20, 2000}, {0, 1, 2}})->Unit(benchmark::kMillisecond);

void letterTyped(benchmark::State& s)
{
    art::Fill black;
    black.colour = art::Colour{0, 0, 0};
    const art::Document empty = art::newDocument();
    const art::Added d = art::withLettering(empty, empty.layers.back()->id, words(s.range(0)), black);
    for (auto _ : s) benchmark::DoNotOptimize(art::withLetteringChanged(d.document, {d.id}, [](art::Lettering& l) { l.words += 'x'; }));
}
BENCHMARK(letterTyped)->Arg(20)->Arg(2000)->Unit(benchmark::kMillisecond);

} // namespace

BENCHMARK_MAIN();
