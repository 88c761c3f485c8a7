// Least squares of a few parameters by Levenberg's and Marquardt's method (Marquardt 1963, An algorithm for least-squares estimation of
// nonlinear parameters).
#pragma once

#include <Eigen/Cholesky>
#include <Eigen/Core>

#include <optional>
#include <vector>

namespace softrope::curve {

inline double squares(const std::vector<double>& e)
{
    double sum = 0;
    for (const double v : e) sum += v * v;
    return sum;
}

// Moves `at` until no round lowers the sum of squares by more than its share `enough`, and gives the errors there.
//   errorsOf(state)       the errors
//   slopesOf(state)       how each grows with each of the N parameters, a matrix of as many rows
//   moved(state, step)    the state a step further, or nothing where it has no sense
//   held(state, step)     a parameter that is not to take part in the step after all, or -1
template <int N, class State, class ErrorsOf, class SlopesOf, class Moved, class Held>
std::vector<double> marquardt(State& at, int rounds, double enough, ErrorsOf errorsOf, SlopesOf slopesOf, Moved moved, Held held)
{
    std::vector<double> e = errorsOf(at);
    double now = squares(e), lambda = 1e-3;
    for (int round = 0; round < rounds; ++round) {
        const Eigen::Matrix<double, Eigen::Dynamic, N> j = slopesOf(at);
        const Eigen::Map<const Eigen::VectorXd> r(e.data(), static_cast<Eigen::Index>(e.size()));
        Eigen::Matrix<double, N, N> a = j.transpose() * j;
        for (int p = 0; p < N; ++p) a(p, p) = a(p, p) * (1 + lambda) + 1e-12;
        Eigen::Matrix<double, N, 1> g = j.transpose() * r, back = a.ldlt().solve(g);
        if (const int p = held(at, Eigen::Matrix<double, N, 1>(-back)); p >= 0) {
            a.row(p).setZero();
            a.col(p).setZero();
            a(p, p) = 1;
            g(p) = 0;
            back = a.ldlt().solve(g);
        }
        if (!back.allFinite()) break;
        const std::optional<State> next = moved(at, Eigen::Matrix<double, N, 1>(-back));
        if (!next) break;
        std::vector<double> there = errorsOf(*next);
        const double then = squares(there);
        if (!(then < now)) {
            lambda = 10 * lambda + 1e-3;
            if (lambda > 1e4) break;
            continue;
        }
        const bool settled = now - then < enough * now;
        at = *next;
        e = std::move(there);
        now = then;
        lambda *= 0.2;
        if (settled) break;
    }
    return e;
}

} // namespace softrope::curve
