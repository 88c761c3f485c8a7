// Points scattered evenly and at random: no two nearer than a distance, and no room left for one more.
#pragma once

#include "curve/box.h"

#include <cstdint>
#include <functional>
#include <vector>

namespace softrope::shade {

// Numbers that are the same everywhere: the standard's distributions are not.
class Chance {
public:
    explicit Chance(std::uint32_t seed) : state_(seed * 2654435769U + 0x9E3779B9U) {}
    // 0 <= x < 1 (xorshift, Marsaglia 2003).
    double operator()()
    {
        state_ ^= state_ << 13;
        state_ ^= state_ >> 17;
        state_ ^= state_ << 5;
        return static_cast<double>(state_) / 4294967296.0;
    }
    double operator()(double from, double to) { return from + (to - from) * (*this)(); }

private:
    std::uint32_t state_;
};

// Points in the box for which `inside` holds, no two nearer than `distance` px (> 0), `most` at most. Poisson-disc sampling by darts
// round what is there already (Bridson 2007, "Fast Poisson disk sampling in arbitrary dimensions"), begun anew where a part of the area
// is reached from nowhere; a last look over a grid of a third of the distance fills what was left. The same seed gives the same points.
std::vector<curve::Vec2> poissonDisc(const curve::Box& box, double distance, std::uint32_t seed, const std::function<bool(curve::Vec2)>& inside,
                                     std::size_t most);

} // namespace softrope::shade
