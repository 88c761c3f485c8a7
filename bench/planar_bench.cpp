// The planar map: set operations, all areas, and one line moved among many. Run with --benchmark_filter=... as needed.
#include "../tests/planar/shapes.h"

#include "planar/planar.h"

#include <benchmark/benchmark.h>

namespace {

using namespace softrope;
using namespace softrope::curve;

std::vector<planar::Shape> shapesOf(const Paths& paths)
{
    std::vector<planar::Shape> all;
    for (const Path& p : paths) all.push_back({{p}, false});
    return all;
}

void combine(benchmark::State& state, planar::Operation op)
{
    const auto all = shapesOf(shapes::blobs(7, static_cast<int>(state.range(0))));
    for (auto _ : state) benchmark::DoNotOptimize(planar::combine(all, op));
}
void unite(benchmark::State& state)
{
    combine(state, planar::Operation::unite);
}
void exclude(benchmark::State& state)
{
    combine(state, planar::Operation::exclude);
}
BENCHMARK(unite)->Arg(10)->Arg(100)->Arg(400)->Unit(benchmark::kMillisecond);
BENCHMARK(exclude)->Arg(100)->Unit(benchmark::kMillisecond);

void uniteNearDuplicates(benchmark::State& state)
{
    shapes::Random random(3);
    const Path one = shapes::blob(random, {500, 500}, 300, 10);
    Paths all;
    for (int k = 0; k < static_cast<int>(state.range(0)); ++k) all.push_back(transformed(one, translation({random(-0.02, 0.02), random(-0.02, 0.02)})));
    const auto input = shapesOf(all);
    for (auto _ : state) benchmark::DoNotOptimize(planar::combine(input, planar::Operation::unite));
}
BENCHMARK(uniteNearDuplicates)->Arg(2)->Arg(20)->Arg(200)->Unit(benchmark::kMillisecond);

void areasOfBlobs(benchmark::State& state)
{
    const Paths all = shapes::blobs(7, static_cast<int>(state.range(0)));
    std::size_t faces = 0;
    for (auto _ : state) {
        const planar::MapPtr map = planar::build(all);
        faces = map->areas().size();
    }
    state.counters["faces"] = static_cast<double>(faces);
}
BENCHMARK(areasOfBlobs)->Arg(100)->Arg(400)->Unit(benchmark::kMillisecond);

void areasOfStrokes(benchmark::State& state)
{
    const Paths all = shapes::strokes(5, static_cast<int>(state.range(0)));
    std::size_t faces = 0;
    for (auto _ : state) {
        const planar::MapPtr map = planar::build(all);
        faces = map->areas().size();
    }
    state.counters["faces"] = static_cast<double>(faces);
}
BENCHMARK(areasOfStrokes)->Arg(200)->Arg(300)->Unit(benchmark::kMillisecond);

// One of so many lines moves; map and areas are brought up to date. The lines are so long as a percentage of those that cross the sheet.
void moveOne(benchmark::State& state, int lines, double percent, double gap)
{
    Paths all = shapes::strokes(5, lines);
    for (Path& p : all) p = transformed(p, about(bounds(p).centre(), scaling(percent / 100, percent / 100)));
    planar::BuildOptions o;
    o.gap = gap;
    planar::Builder builder;
    builder.build(all, o);
    std::size_t faces = 0;
    for (auto _ : state) {
        all[7] = transformed(all[7], translation({0.7, 0.3}));
        const planar::MapPtr map = builder.build(all, o);
        faces = map->areas().size();
    }
    state.counters["faces"] = static_cast<double>(faces);
}

// Gap in px, length in percent.
void moveOneOfMany(benchmark::State& state)
{
    moveOne(state, 300, static_cast<double>(state.range(1)), static_cast<double>(state.range(0)));
}
BENCHMARK(moveOneOfMany)->Args({0, 100})->Args({2, 100})->Args({0, 70})->Args({2, 70})->Unit(benchmark::kMillisecond);

// How many, length in percent; a gap of 2 px.
void moveOneOfLines(benchmark::State& state)
{
    moveOne(state, static_cast<int>(state.range(0)), static_cast<double>(state.range(1)), 2);
}
BENCHMARK(moveOneOfLines)
    ->Args({10, 100})
    ->Args({100, 100})
    ->Args({1000, 100})
    ->Args({30, 15})
    ->Args({300, 15})
    ->Args({3000, 15})
    ->Unit(benchmark::kMillisecond);

// What Carve asks while a drag goes on: 2,000 points of a map of thousands of areas.
void areasUnderPoints(benchmark::State& state)
{
    const planar::MapPtr map = planar::build(shapes::strokes(5, static_cast<int>(state.range(0))));
    shapes::Random random(9);
    std::vector<Vec2> points;
    for (int k = 0; k < 2000; ++k) points.push_back({random(0, 1000), random(0, 1000)});
    for (auto _ : state)
        for (const Vec2 p : points) benchmark::DoNotOptimize(map->at(p));
    state.counters["faces"] = static_cast<double>(map->faces().size());
}
BENCHMARK(areasUnderPoints)->Arg(50)->Arg(100)->Arg(300)->Unit(benchmark::kMillisecond);

} // namespace

BENCHMARK_MAIN();
