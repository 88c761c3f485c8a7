// Seeded shapes for the tests and benchmarks of the planar map.
#pragma once

#include "curve/path.h"

#include <cmath>
#include <random>

namespace shapes {

using namespace softrope::curve;

struct Random {
    explicit Random(unsigned seed) : engine(seed) {}
    double operator()(double from, double to) { return from + (to - from) * (static_cast<double>(engine()) / 4294967296.0); }
    std::mt19937 engine;
};

// A smooth closed shape of n nodes whose radius wavers round r.
inline Path blob(Random& random, Vec2 o, double r, int n)
{
    std::vector<Vec2> p;
    for (int k = 0; k < n; ++k) p.push_back(o + direction(2 * pi * (k + random(-0.2, 0.2)) / n) * (r * random(0.6, 1.3)));
    Path path;
    path.closed = true;
    for (int k = 0; k < n; ++k) {
        const Vec2 t = (p[static_cast<std::size_t>((k + 1) % n)] - p[static_cast<std::size_t>((k + n - 1) % n)]) / 6;
        const Vec2 at = p[static_cast<std::size_t>(k)];
        path.nodes.push_back({at, at - t, at + t, NodeKind::smooth});
    }
    return path;
}

inline Paths blobs(unsigned seed, int count, double sheet = 1000)
{
    Random random(seed);
    Paths all;
    const double r = sheet / std::sqrt(static_cast<double>(count)) * 0.7;
    for (int k = 0; k < count; ++k) all.push_back(blob(random, {random(r, sheet - r), random(r, sheet - r)}, r, 6 + k % 4));
    return all;
}

// Long wavering open strokes across the sheet.
inline Path stroke(Random& random, double sheet)
{
    Path p;
    const Vec2 from{random(0, sheet), random(0, sheet)}, to{random(0, sheet), random(0, sheet)};
    constexpr int n = 4;
    for (int k = 0; k <= n; ++k) {
        const Vec2 at = lerp(from, to, static_cast<double>(k) / n) + Vec2{random(-30, 30), random(-30, 30)};
        const Vec2 t = (to - from) / (3.0 * n) + Vec2{random(-10, 10), random(-10, 10)};
        p.nodes.push_back({at, at - t, at + t, NodeKind::smooth});
    }
    return p;
}

inline Paths strokes(unsigned seed, int count, double sheet = 1000)
{
    Random random(seed);
    Paths all;
    for (int k = 0; k < count; ++k) all.push_back(stroke(random, sheet));
    return all;
}

} // namespace shapes
