// The strip along a line: what each offset across it gains at each place, and the row of offsets that gains most.
#pragma once

#include "curve/vec.h"

#include <algorithm>
#include <cstddef>
#include <vector>

namespace softrope::trace {

constexpr double stripStep = 0.5; // px between offsets

// One value for each place and offset; the middle offset lies on the line, the last on the side that `across` points to.
template <class T> struct Strip {
    std::size_t places = 0;
    int reach = 0; // offsets to either side
    std::vector<T> values;

    Strip(std::size_t n, double px) : places(n), reach(static_cast<int>(px / stripStep)), values(n * offsets()) {}
    std::size_t offsets() const { return static_cast<std::size_t>(2 * reach + 1); }
    double px(std::size_t k) const { return stripStep * (static_cast<double>(k) - reach); }
    T* row(std::size_t i) { return values.data() + i * offsets(); }
    const T* row(std::size_t i) const { return values.data() + i * offsets(); }
};

// The i-th of n places, round again where closed, the ends again where not.
inline std::size_t placeAt(long i, std::size_t n, bool closed)
{
    const long m = static_cast<long>(n);
    return static_cast<std::size_t>(closed ? (i % m + m) % m : std::clamp(i, 0L, m - 1));
}
// How many places to either side there are to be had of `about`: as many on both, so that a mean stays where it is.
inline long evenWindow(std::size_t i, std::size_t n, bool closed, long about)
{
    const long at = static_cast<long>(i), m = static_cast<long>(n);
    return closed ? std::min(about, (m - 1) / 2) : std::min({about, at, m - 1 - at});
}

// Each place with its neighbours' mean.
std::vector<curve::Vec2> softened(const std::vector<curve::Vec2>& line, bool closed, long about);
// Unit vectors across the line.
std::vector<curve::Vec2> acrossOf(const std::vector<curve::Vec2>& line, bool closed);

// Along the line, the mean of the rows round about: texture does not go with the line, an edge does.
template <class T> Strip<T> meanAlong(const Strip<T>& s, bool closed, long about)
{
    Strip<T> out = s;
    for (std::size_t i = 0; i < s.places; ++i) {
        const long k = evenWindow(i, s.places, closed, about);
        T* to = out.row(i);
        for (std::size_t o = 0; o < s.offsets(); ++o) to[o] = T{};
        for (long j = static_cast<long>(i) - k; j <= static_cast<long>(i) + k; ++j) {
            const T* from = s.row(placeAt(j, s.places, closed));
            for (std::size_t o = 0; o < s.offsets(); ++o) to[o] = to[o] + from[o];
        }
        for (std::size_t o = 0; o < s.offsets(); ++o) to[o] = to[o] * (1.0 / static_cast<double>(2 * k + 1));
    }
    return out;
}

// Most gain for least bending to and fro: exactly, by dynamic programming (Amini, Weymouth and Jain 1990). A step of d offsets from one
// place to the next costs `stiffness` d squared. Where closed, it ends as it begins.
std::vector<int> bestOffsets(const Strip<float>& gain, double stiffness, bool closed);
// Where, between the neighbours of the best offset, the gain is greatest; px from the line.
double fineOffset(const Strip<float>& gain, std::size_t place, int best);

} // namespace softrope::trace
