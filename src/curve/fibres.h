// The samples of a piece and their feet on it, and what they say about where the piece ought to move: the inner loops of settling.
#pragma once

#include "curve/powers.h"

#include <algorithm>
#include <array>
#include <cstddef>
#include <vector>

namespace softrope::curve {

// The samples of one piece and their feet on it: rows of plain numbers, so that the compiler works on several at once. They are filled up
// to a whole number of lanes with samples that weigh nothing.
class Fibres {
public:
    static constexpr std::size_t lanes = 4;
    static constexpr std::size_t whole(std::size_t count) { return (count + lanes - 1) / lanes * lanes; }

    // For `most` samples.
    explicit Fibres(std::size_t most = 0) : room_(whole(most)), rows_(5 * room_) {}
    void add(Vec2 sample, double foot, double weight)
    {
        if (count_ % lanes == 0)
            for (std::size_t k = count_ + 1; k < count_ + lanes; ++k) put(k, sample, foot, 0);
        put(count_++, sample, foot, weight);
    }
    std::size_t count() const { return count_; }
    std::size_t size() const { return whole(count_); } // with what fills up
    const double* x() const { return rows_.data(); }
    const double* y() const { return rows_.data() + room_; }
    const double* weight() const { return rows_.data() + 2 * room_; }
    const double* feet() const { return rows_.data() + 3 * room_; }
    double* feet() { return rows_.data() + 3 * room_; }
    // Where the feet are, against a step that is taken back.
    void keepFeet() { std::copy_n(feet(), size(), rows_.data() + 4 * room_); }
    void giveFeetBack() { std::copy_n(rows_.data() + 4 * room_, size(), feet()); }

private:
    std::size_t room_, count_ = 0;
    std::vector<double> rows_;
    void put(std::size_t k, Vec2 sample, double foot, double weight)
    {
        double* row = rows_.data() + k;
        row[0] = sample.x;
        row[room_] = sample.y;
        row[2 * room_] = weight;
        row[3 * room_] = foot;
    }
};

// `steps` Newton steps of each of n feet, as foot() (powers.h) takes them. The rows are filled up to a whole number of lanes.
void moveFeet(const Powers& c, const double* x, const double* y, double* t, std::size_t n, int steps);
inline void moveFeet(const Powers& c, Fibres& f, int steps)
{
    moveFeet(c, f.x(), f.y(), f.feet(), f.size(), steps);
}
// From each foot to its sample, likewise.
void squaredDistances(const Powers& c, const double* x, const double* y, const double* t, std::size_t n, double* out);
// Of the distances from the feet to their samples.
double weighedSquares(const Powers& c, const Fibres& f);

// What a sample tells of its piece: by how much the piece's moves carry its foot along the normal n is the share of each of four
// bases times n's part in the direction of the move. So sums over pairs of bases and pairs of coordinates hold all that the samples say.
struct Moments {
    static constexpr std::size_t bases = 4;  // of the two ends with their handles, and of each handle alone
    static constexpr std::size_t pairs = 10; // of bases (i, j) with i <= j, row by row
    std::array<double, pairs> xx{}, xy{}, yy{};
    std::array<Vec2, bases> pulls{};

    // For moves of basis i along u and of basis j <= i along v.
    double between(std::size_t i, Vec2 u, std::size_t j, Vec2 v) const
    {
        const std::size_t k = j * (7 - j) / 2 + i;
        return u.x * (xx[k] * v.x + xy[k] * v.y) + u.y * (xy[k] * v.x + yy[k] * v.y);
    }
    double pull(std::size_t i, Vec2 u) const { return dot(pulls[i], u); }
};

// Of a cubic, and of an exact straight, whose feet need not be known.
Moments momentsOf(const Powers& c, const Fibres& f);
Moments momentsOfStraight(const Cubic& c, const Fibres& f);

} // namespace softrope::curve
