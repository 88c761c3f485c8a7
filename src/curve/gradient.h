// Numbers read off a cubic together with how they grow as its control points move: what a least-squares step asks for.
#pragma once

#include "curve/cubic.h"

#include <array>
#include <cstddef>

namespace softrope::curve {

// Growth of a number for a move of each control point, per px.
struct Gradient {
    std::array<Vec2, 4> by{};

    friend Gradient operator+(Gradient a, const Gradient& b)
    {
        for (std::size_t i = 0; i < 4; ++i) a.by[i] += b.by[i];
        return a;
    }
    friend Gradient operator*(Gradient a, double k)
    {
        for (Vec2& v : a.by) v = v * k;
        return a;
    }
};

struct Reading {
    double value = 0;
    Gradient gradient;
};

// Signed curvature at t, 1/px, as curvature() (cubic.h) has it. Not finite where the cubic stands still.
Reading curvatureReading(const Cubic& c, double t);
// Length of the chord, px; no growth where it has none.
Reading chordReading(const Cubic& c);
// Heights of the handles over the chord, and over the other end's tangent, px: all above zero where the piece bends to one side alone
// (+), all below for the other.
std::array<double, 4> convexity(const Cubic& c);
// One of them.
Reading convexityReading(const Cubic& c, std::size_t which);

} // namespace softrope::curve
