// The document: what an edit, a step of history and the working out of live parts cost.
#include "art/art.h"
#include "art/combine.h"
#include "art/drops.h"
#include "art/facets.h"
#include "art/flatten.h"
#include "art/lights.h"
#include "art/looks.h"
#include "art/repeat.h"
#include "art/shades.h"
#include "art/stages.h"
#include "art/weight.h"
#include "curve/figures.h"
#include "shade/shade.h"

#include <benchmark/benchmark.h>

#include <cmath>

using namespace softrope;
using art::Document;
using art::Id;
using curve::Vec2;

namespace {

art::Item bead(Vec2 at, double r)
{
    art::Artwork a;
    a.setPaths({curve::circle(at, r)});
    a.fill.colour = art::Colour{200, 90, 40};
    art::Item i;
    i.is = std::move(a);
    return i;
}

Document beads(int count)
{
    Document d = art::newDocument();
    std::vector<art::Item> all;
    for (int k = 0; k < count; ++k) all.push_back(bead({11.0 * (k % 100), 11.0 * (k / 100)}, 5));
    return art::withItems(d, d.layers[0]->id, std::move(all)).document;
}

void editOneAmong(benchmark::State& state)
{
    const Document d = beads(static_cast<int>(state.range(0)));
    const Id one = d.layers[0]->items[d.layers[0]->items.size() / 2]->id;
    for (auto _ : state) benchmark::DoNotOptimize(art::transformed(d, {one}, curve::translation({1, 0})).document.nextId);
}
BENCHMARK(editOneAmong)->Arg(100)->Arg(1000)->Arg(10000)->Unit(benchmark::kMicrosecond);

void stepOfHistoryAmong(benchmark::State& state)
{
    const Document d = beads(static_cast<int>(state.range(0)));
    const Id one = d.layers[0]->items[5]->id;
    art::History h({d, {}});
    for (auto _ : state) h.take({art::transformed(h.now().document, {one}, curve::translation({1, 0})), {}}, "Move");
    state.counters["bytes a step"] = h.length() ? static_cast<double>(h.bytes()) / static_cast<double>(h.length()) : 0;
}
BENCHMARK(stepOfHistoryAmong)->Arg(100)->Arg(1000)->Arg(10000)->Unit(benchmark::kMicrosecond);

// What ten thousand steps of one among so many things hold; the memory is the process's.
void tenThousandSteps(benchmark::State& state)
{
    const Document d = beads(static_cast<int>(state.range(0)));
    const Id one = d.layers[0]->items[5]->id;
    for (auto _ : state) {
        art::History h({d, {}});
        for (int k = 0; k < 10000; ++k) h.take({art::transformed(h.now().document, {one}, curve::translation({1, 0})), {}}, "Move");
        state.counters["steps kept"] = static_cast<double>(h.length());
        state.counters["MiB"] = static_cast<double>(h.bytes()) / (1 << 20);
    }
}
BENCHMARK(tenThousandSteps)->Arg(100)->Arg(1000)->Arg(10000)->Iterations(1)->Unit(benchmark::kMillisecond);

// A stage kept beside so many things of four nodes each.
void keepStageOf(benchmark::State& state)
{
    const Document d = beads(static_cast<int>(state.range(0)));
    for (auto _ : state) benchmark::DoNotOptimize(art::withStage(d, "Stage", 1).id);
}
BENCHMARK(keepStageOf)->Arg(1000)->Arg(25000)->Unit(benchmark::kMicrosecond);

// One of so many beads round a centre moved: all follow.
void repeatFollows(benchmark::State& state)
{
    Document d = beads(1);
    art::Repeat r;
    r.count = static_cast<int>(state.range(0));
    r.place = curve::translation({500, 500});
    const art::Added made = art::withRepeat(d, {d.layers[0]->items[0]->id}, r);
    const Id one = made.document.item(made.id)->group()->items[static_cast<std::size_t>(r.count) / 2]->id;
    const Document moved = art::transformed(made.document, {one}, curve::translation({1, 0}));
    for (auto _ : state) benchmark::DoNotOptimize(art::withRepeatsFollowed(moved).nextId);
}
BENCHMARK(repeatFollows)->Arg(8)->Arg(60)->Arg(360)->Unit(benchmark::kMicrosecond);

// The light turned over so many areas with a crescent each: all of them worked out anew.
void lightTurnedOver(benchmark::State& state)
{
    const Document plain = art::withReadyLook(beads(static_cast<int>(state.range(0))), art::Ready::shadow).document;
    std::vector<Id> all;
    for (const art::ItemPtr& i : plain.layers[0]->items) all.push_back(i->id);
    art::Crescent c;
    c.width = 2;
    const Document d = art::withCrescents(plain, all, c, plain.looks.front().id, "Shade").document;
    art::Light l = d.light;
    for (auto _ : state) {
        l.angle += 0.05;
        benchmark::DoNotOptimize(art::withShadesFollowed(art::withLight(d, l)).nextId);
    }
}
BENCHMARK(lightTurnedOver)->Arg(20)->Arg(200)->Arg(2000)->Unit(benchmark::kMillisecond);

void marksScattered(benchmark::State& state)
{
    shade::Scatter s;
    s.spacing = 1000 / std::sqrt(static_cast<double>(state.range(0)) / 0.68); // about so many
    s.least = 1;
    s.most = 2;
    std::size_t marks = 0;
    for (auto _ : state) marks = shade::scattered({{curve::rectangle({0, 0}, {1000, 1000})}, false}, s, 0).size();
    state.counters["marks"] = static_cast<double>(marks);
}
BENCHMARK(marksScattered)->Arg(200)->Arg(2000)->Arg(20000)->Unit(benchmark::kMillisecond);

// Overlapping discs, half clear and blended.
void flattenDiscs(benchmark::State& state)
{
    const int count = static_cast<int>(state.range(0));
    Document d = art::newDocument();
    std::vector<art::Item> all;
    unsigned seed = 7;
    const auto chance = [&seed](double from, double to) {
        seed = seed * 1664525U + 1013904223U;
        return from + (to - from) * (seed >> 8) / 16777216.0;
    };
    for (int k = 0; k < count; ++k) {
        art::Item i = bead({chance(60, 1020), chance(60, 1020)}, chance(0.3, 1.0) * 900 / std::sqrt(count));
        std::get<art::Artwork>(i.is).fill.colour = art::Colour{static_cast<std::uint8_t>(chance(0, 255)), static_cast<std::uint8_t>(chance(0, 255)), 120};
        std::get<art::Artwork>(i.is).stroke.colour.reset();
        i.opacity = chance(0.3, 1);
        i.blend = static_cast<art::Blend>(k % 4);
        all.push_back(std::move(i));
    }
    d = art::withItems(d, d.layers[0]->id, std::move(all)).document;
    std::size_t areas = 0;
    for (auto _ : state) areas = art::flattened(d).areas;
    state.counters["areas"] = static_cast<double>(areas);
}
BENCHMARK(flattenDiscs)->Arg(30)->Arg(300)->Arg(3000)->Unit(benchmark::kMillisecond);

void thingUnderPointerAmong(benchmark::State& state)
{
    const Document d = beads(static_cast<int>(state.range(0)));
    for (auto _ : state) benchmark::DoNotOptimize(art::thingAt(d, {505, 500}, 6));
}
BENCHMARK(thingUnderPointerAmong)->Arg(100)->Arg(1000)->Arg(10000)->Unit(benchmark::kMicrosecond);

// Combinations, round corners and facets: each from its own recipe, none from another.
void deriveIndependent(benchmark::State& state)
{
    const int count = static_cast<int>(state.range(0));
    Document d = art::newDocument();
    for (int k = 0; k < count; ++k) {
        const Vec2 at{50.0 * (k % 20), 50.0 * (k / 20)};
        if (k % 2) {
            const art::Added a = art::withItem(d, 0, bead(at, 20)), b = art::withItem(a.document, 0, bead(at + Vec2{12, 0}, 20));
            d = art::withCombined(b.document, {a.id, b.id}, planar::Operation::difference, true).document;
        } else {
            art::Item i = bead(at, 20);
            std::get<art::Artwork>(i.is).setPaths({curve::rectangle(at, at + Vec2{40, 40})});
            const art::Added a = art::withItem(d, 0, i);
            d = art::withRoundCorners(a.document, a.id, {}, 6).document;
        }
    }
    for (auto _ : state) benchmark::DoNotOptimize(art::derivedAnew(d, {}).nextId);
}
BENCHMARK(deriveIndependent)->Arg(20)->Arg(200)->Arg(2000)->Unit(benchmark::kMillisecond);

void bytesApart(benchmark::State& state)
{
    const Document d = beads(static_cast<int>(state.range(0)));
    const Document next = art::transformed(d, {d.layers[0]->items[3]->id}, curve::translation({1, 0}));
    for (auto _ : state) benchmark::DoNotOptimize(art::bytesApart(next, d));
}
BENCHMARK(bytesApart)->Arg(100)->Arg(10000)->Unit(benchmark::kMicrosecond);

// What a lifted pen waits for: a trembling bow of so many samples, by the quick fit (1) or the careful one (0).
void strokeLifted(benchmark::State& state)
{
    art::Hand drawn;
    drawn.slack = 1;
    const auto n = static_cast<double>(state.range(0));
    for (int k = 0; k < state.range(0); ++k) {
        const double a = 5 * k / n, tremor = 0.6 * std::sin(k * 2.1) + 0.4 * std::sin(k * 0.71);
        art::HandSample sample;
        sample.at = Vec2{400, 400} + curve::direction(a) * (200 + 40 * std::sin(3 * a) + tremor);
        drawn.samples.push_back(sample);
    }
    for (auto _ : state) benchmark::DoNotOptimize(art::fitStroke(drawn, false, state.range(1) == 1));
}
BENCHMARK(strokeLifted)->ArgsProduct({{100, 250, 450, 2000}, {0, 1}})->Unit(benchmark::kMillisecond);

} // namespace

BENCHMARK_MAIN();
