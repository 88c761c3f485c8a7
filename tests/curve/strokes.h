// Rows of points for the fitting tests: known shapes, sampled and shaken by a seeded generator.
#pragma once

#include "curve/curve.h"

#include <cstdint>
#include <vector>

namespace strokes {

using softrope::curve::Vec2;

// xorshift64*: the same numbers on every machine (Vigna 2016).
struct Random {
    std::uint64_t state;
    explicit Random(std::uint64_t seed) : state(seed * 2685821657736338717ULL + 1) {}
    double unit()
    {
        state ^= state >> 12;
        state ^= state << 25;
        state ^= state >> 27;
        return static_cast<double>((state * 2685821657736338717ULL) >> 11) / 9007199254740992.0;
    }
    double between(double a, double b) { return a + (b - a) * unit(); }
    int below(int n) { return static_cast<int>(unit() * n); }
};

inline std::vector<Vec2> shaken(std::vector<Vec2> line, double by, std::uint64_t seed)
{
    Random r(seed);
    for (Vec2& p : line) p += Vec2{r.between(-by, by), r.between(-by, by)};
    return line;
}

inline std::vector<Vec2> arc(Vec2 centre, double radius, double from, double to, int n)
{
    std::vector<Vec2> line;
    for (int i = 0; i <= n; ++i) line.push_back(centre + softrope::curve::direction(from + (to - from) * i / n) * radius);
    return line;
}

inline std::vector<Vec2> along(const std::vector<Vec2>& corners, double step)
{
    std::vector<Vec2> line{corners.front()};
    for (std::size_t i = 1; i < corners.size(); ++i) {
        const int n = std::max(1, static_cast<int>(distance(corners[i - 1], corners[i]) / step));
        for (int k = 1; k <= n; ++k) line.push_back(lerp(corners[i - 1], corners[i], static_cast<double>(k) / n));
    }
    return line;
}

// A slow sine, as a hand draws it.
inline std::vector<Vec2> wave(int n = 300)
{
    std::vector<Vec2> line;
    for (int i = 0; i <= n; ++i)
        line.push_back({600.0 * i / n, 60 * std::sin(4 * softrope::curve::pi * i / n) + 12 * std::sin(9 * softrope::curve::pi * i / n)});
    return line;
}

// A loop written in one go, crossing itself.
inline std::vector<Vec2> loop(int n = 260)
{
    std::vector<Vec2> line;
    for (int i = 0; i <= n; ++i) {
        const double t = 2 * softrope::curve::pi * i / n;
        line.push_back({40 * t + 70 * std::sin(2 * t), 90 * std::cos(2 * t)});
    }
    return line;
}

} // namespace strokes
