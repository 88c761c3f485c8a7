// The proof and what is seen of a piece: afresh, after an edit, and the pictures of the shelf.
#include "art/edits.h"
#include "deliver/seen.h"
#include "demo/night_market.h"
#include "proof/mend.h"

#include <benchmark/benchmark.h>

#include <cmath>
#include <random>

using namespace softrope;
using curve::Vec2;

namespace {

// Outlines of 25 nodes strewn over a sheet, two of three filled, many of them over one another.
art::Document strewn(int nodes)
{
    std::mt19937 random(4);
    std::uniform_real_distribution<double> unit(0, 1);
    art::Sheet sheet;
    sheet.width = sheet.height = 8000 * std::sqrt(nodes / 100000.0);
    art::Document d = art::newDocument(sheet);
    std::vector<art::Item> items;
    for (int k = 0; k < nodes / 25; ++k) {
        const Vec2 c{sheet.width * unit(random), sheet.height * unit(random)};
        const double radius = 30 + 60 * unit(random);
        std::vector<Vec2> at;
        for (int i = 0; i < 25; ++i) at.push_back(c + radius * (0.9 + 0.2 * unit(random)) * curve::direction(2 * curve::pi * i / 25));
        curve::Path p;
        p.closed = true;
        for (std::size_t i = 0; i < at.size(); ++i) {
            const Vec2 along = (at[(i + 1) % 25] - at[(i + 24) % 25]) / 6;
            p.nodes.push_back({at[i], at[i] - along, at[i] + along, curve::NodeKind::smooth});
        }
        art::Artwork a;
        a.setPaths({p});
        if (unit(random) < 0.66) {
            a.fill.colour = art::Colour{static_cast<std::uint8_t>(60 * (k % 3)), 90, 60};
            a.stroke.colour.reset();
        } else {
            a.stroke.colour = art::Colour{30, 30, 30};
            a.stroke.width = 3;
        }
        art::Item i;
        i.is = std::move(a);
        items.push_back(std::move(i));
    }
    return art::withItems(d, d.layers[0]->id, std::move(items)).document;
}

proof::Limits usual()
{
    proof::Limits l;
    l.gap = 1.5;
    l.line = 1;
    return l;
}

void proofOf(benchmark::State& state)
{
    const art::Document d = strewn(static_cast<int>(state.range(0)));
    std::size_t found = 0;
    for (auto _ : state) found = proof::findings(d, usual()).size();
    state.counters["findings"] = static_cast<double>(found);
}
BENCHMARK(proofOf)->Arg(20000)->Arg(100000)->Unit(benchmark::kMillisecond)->UseRealTime();

void proofAfterAnEdit(benchmark::State& state)
{
    art::Document d = strewn(static_cast<int>(state.range(0)));
    const art::Id one = d.layers[0]->items[d.layers[0]->items.size() / 2]->id;
    proof::Proofer kept;
    kept.findings(d, usual());
    for (auto _ : state) {
        d = art::transformed(d, {one}, curve::translation({0.5, 0}));
        benchmark::DoNotOptimize(kept.findings(d, usual()).size());
    }
}
BENCHMARK(proofAfterAnEdit)->Arg(20000)->Arg(100000)->Unit(benchmark::kMillisecond)->UseRealTime();

void mendingAll(benchmark::State& state)
{
    const art::Document d = strewn(static_cast<int>(state.range(0)));
    for (auto _ : state) benchmark::DoNotOptimize(proof::mendedWhole(d, usual(), false).total());
}
BENCHMARK(mendingAll)->Arg(20000)->Arg(100000)->Unit(benchmark::kMillisecond)->UseRealTime();

void realSizes(benchmark::State& state)
{
    const art::Document d = demo::nightMarketBadge();
    for (auto _ : state)
        for (const int px : {128, 64, 48, 32, 24, 16}) benchmark::DoNotOptimize(deliver::atSize(d, px).width);
}
BENCHMARK(realSizes)->Unit(benchmark::kMillisecond)->UseRealTime();

void otherWays(benchmark::State& state)
{
    const art::Document d = demo::nightMarketBadge();
    const auto way = deliver::ways[state.range(0)];
    state.SetLabel(deliver::idOf(way));
    for (auto _ : state) benchmark::DoNotOptimize(deliver::seenAs(d, way, 118).width);
}
BENCHMARK(otherWays)->DenseRange(0, 10)->Unit(benchmark::kMillisecond)->UseRealTime();

void variants(benchmark::State& state)
{
    const art::Document d = demo::nightMarketBadge();
    const auto v = deliver::variants[state.range(0)];
    state.SetLabel(deliver::idOf(v));
    for (auto _ : state) benchmark::DoNotOptimize(deliver::variantOf(d, v, {}).nextId);
}
BENCHMARK(variants)->DenseRange(1, 4)->Unit(benchmark::kMillisecond)->UseRealTime()->Iterations(1);

} // namespace

BENCHMARK_MAIN();
