// Least-squares equations of a row of unknowns of which each meets only those near it: normal * step = gradient.
//
// Source: band Cholesky as L D L^T (Golub and Van Loan 2013, Matrix Computations, 4th ed., 4.3.5). Beside a dense solver of a general
// library it saves two thirds of the time for the 20 to 50 unknowns of a window of pieces, and the memory taken anew for each step.
#pragma once

#include <cstddef>
#include <vector>

namespace softrope::curve {

class BandedEquations {
public:
    // All zero. `reach`: the largest difference between the places of two unknowns that share a term.
    void reset(std::size_t size, std::size_t reach);

    std::size_t size() const { return gradient_.size(); }
    // Of the symmetric matrix, at or below the diagonal: column <= row <= column + reach.
    double& normal(std::size_t row, std::size_t column) { return normal_[row * stride_ + (column + reach_ - row)]; }
    double& gradient(std::size_t row) { return gradient_[row]; }
    // A term that grows with the unknown alone.
    void addAlone(std::size_t place, double weight, double residual)
    {
        normal(place, place) += weight;
        gradient(place) += weight * residual;
    }

    // The step of the equations whose diagonal has grown by its share `damping` (Marquardt 1963), and by a little that keeps unknowns
    // without any term in place; false where it has none, or none that is finite.
    bool solve(double damping, std::vector<double>& step);

private:
    // A row holds what is left of the diagonal, and it; and room for loops that take four at once to run over.
    static constexpr std::size_t overhang = 3;
    std::size_t reach_ = 0, stride_ = 1 + overhang;
    std::vector<double> normal_, gradient_;
    std::vector<double> factor_, column_;
};

} // namespace softrope::curve
