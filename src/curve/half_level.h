// The half level of a blurred region along its edge: how far a point lies from it, and how that changes as the edge moves.
//
// For a Gaussian, the share of a region seen from p is 1 inside and 0 outside, less the integral of exp(-r^2 / 2 sigma^2) d(angle) / 2 pi along
// its edge (the radial part of the Gaussian of two dimensions integrates in closed form). A piece of the edge that moves sideways takes from it
// what the blur weighs the piece with.
#pragma once

#include "curve/vec.h"

#include <array>
#include <cmath>
#include <cstddef>
#include <vector>

namespace softrope::curve {

constexpr double levelReach = 4; // sigmas from a point that its level is summed over

// How far p lies from the half level of what is left of the line, blurred by a Gaussian of standard deviation sigma (px); px, positive to the
// left, right within a few hundredths of sigma as long as it is less than half of sigma. The line's points lie at most a third of sigma apart.
double offHalfLevel(const std::vector<Vec2>& line, Vec2 p, double sigma);

// A line and what each of N parameters does to it.
template <std::size_t N> class SweptLine {
public:
    using Slopes = std::array<double, N>;

    explicit SweptLine(const std::vector<Vec2>& line) : line_(line), swept_(line.size()) {}
    // With parameter p larger by `by` the line is `there`, point by point.
    void move(std::size_t p, const std::vector<Vec2>& there, double by)
    {
        for (std::size_t i = 0; i + 1 < line_.size(); ++i)
            swept_[i][p] = cross(line_[i + 1] - line_[i], (there[i] + there[i + 1] - line_[i] - line_[i + 1]) * 0.5) / by;
    }
    // Of offHalfLevel there, for each parameter.
    Slopes slopes(Vec2 at, double sigma) const
    {
        const double far = levelReach * sigma, k = -1 / (2 * sigma * sigma), scale = -1 / (std::sqrt(2 * pi) * sigma);
        Slopes sum{};
        for (std::size_t q = 0; q + 1 < line_.size(); ++q) {
            const double r2 = squaredLength((line_[q] + line_[q + 1]) * 0.5 - at);
            if (r2 > far * far) continue;
            const double weight = std::exp(k * r2);
            for (std::size_t p = 0; p < N; ++p) sum[p] += weight * swept_[q][p];
        }
        for (double& s : sum) s *= scale;
        return sum;
    }

private:
    const std::vector<Vec2>& line_;
    std::vector<Slopes> swept_; // by piece, px^2 for each unit of the parameter, to the left
};

} // namespace softrope::curve
