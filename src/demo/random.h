// Seeded random numbers that are the same on every machine: xorshift64* (Vigna 2016).
#pragma once

#include <cmath>
#include <cstdint>

namespace softrope::demo {

class Random {
public:
    explicit Random(std::uint64_t seed) : state_(seed * 0x9E3779B97F4A7C15ULL + 0x632BE59BD9B4E019ULL) {}
    double unit()
    {
        state_ ^= state_ >> 12;
        state_ ^= state_ << 25;
        state_ ^= state_ >> 27;
        return static_cast<double>((state_ * 0x2545F4914F6CDD1DULL) >> 11) / 9007199254740992.0;
    }
    double between(double a, double b) { return a + (b - a) * unit(); }
    // Standard normal, by the sum of uniforms: good to three standard deviations, and quick.
    double normal()
    {
        double s = 0;
        for (int i = 0; i < 6; ++i) s += unit();
        return (s - 3) * 1.41421356;
    }

private:
    std::uint64_t state_;
};

} // namespace softrope::demo
