// The samples of a piece and their feet on it, and what they say about where the piece ought to move: the inner loops of settling.
#pragma once

#include "curve/powers.h"

#include <array>
#include <cstddef>
#include <vector>

namespace softrope::curve {

// The samples of one piece and their feet on it. Rows of plain numbers, so that the compiler works on several at once.
struct Fibres {
    std::vector<double> x, y, weight;
    std::vector<double> t, before; // feet, and where they were before the step that is being tried
    std::size_t size() const { return x.size(); }
};

// One Newton step of each foot, as foot() (powers.h) takes it.
void moveFeet(const Powers& c, Fibres& f);
// Of the distances from the feet to their samples.
double weighedSquares(const Powers& c, const Fibres& f);

// What a sample tells of its piece: by how much the piece's moves carry its foot along the normal n is the share of each of four
// bases times n's part in the direction of the move. So sums over pairs of bases and pairs of coordinates hold all that the samples say.
class Moments {
public:
    enum Basis { start, end, first, second, bases }; // of the two ends with their handles, and of each handle alone
    void add(const std::array<double, bases>& basis, Vec2 n, double weight, double residual)
    {
        const double xx = n.x * n.x, xy = n.x * n.y, yy = n.y * n.y;
        std::array<double, pairs> by;
        std::size_t k = 0;
        for (std::size_t i = 0; i < bases; ++i) {
            const double b = weight * basis[i];
            pull_[i] += n * (b * residual);
            for (std::size_t j = i; j < bases; ++j) by[k++] = b * basis[j];
        }
        for (k = 0; k < pairs; ++k) xx_[k] += xx * by[k];
        for (k = 0; k < pairs; ++k) xy_[k] += xy * by[k];
        for (k = 0; k < pairs; ++k) yy_[k] += yy * by[k];
    }
    // For moves of basis i along u and of basis j along v.
    double between(std::size_t i, Vec2 u, std::size_t j, Vec2 v) const
    {
        const std::size_t k = i < j ? i * (7 - i) / 2 + j : j * (7 - j) / 2 + i;
        return u.x * (xx_[k] * v.x + xy_[k] * v.y) + u.y * (xy_[k] * v.x + yy_[k] * v.y);
    }
    double pull(std::size_t i, Vec2 u) const { return dot(pull_[i], u); }

private:
    static constexpr std::size_t pairs = 10; // (i, j) with i <= j, row by row
    std::array<double, pairs> xx_{}, xy_{}, yy_{};
    std::array<Vec2, bases> pull_{};
};

// Of a cubic, and of an exact straight, whose feet need not be known.
Moments momentsOf(const Powers& c, const Fibres& f);
Moments momentsOfStraight(const Cubic& c, const Fibres& f);

} // namespace softrope::curve
