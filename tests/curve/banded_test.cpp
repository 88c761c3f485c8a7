#include "curve/banded.h"

#include <Eigen/Cholesky>

#include <catch2/catch.hpp>

#include <random>

using namespace softrope::curve;

TEST_CASE("a banded system is solved as a dense solver of a general library solves it")
{
    // Sums of squares of terms that reach over up to `reach` unknowns, as least-squares equations are; Eigen as the reference.
    std::mt19937 random(3);
    std::uniform_real_distribution<double> any(-1, 1);
    for (const std::size_t reach : {1U, 4U, 7U, 12U, 13U})
        for (const std::size_t size : {1U, 2U, 9U, 41U, 60U}) {
            BandedEquations banded;
            banded.reset(size, reach);
            const auto n = static_cast<Eigen::Index>(size);
            Eigen::MatrixXd dense = Eigen::MatrixXd::Zero(n, n);
            Eigen::VectorXd gradient(n);
            for (std::size_t from = 0; from < size; ++from) {
                const std::size_t to = std::min(size, from + reach + 1);
                for (int term = 0; term < 2; ++term) {
                    std::vector<double> slope(to - from);
                    for (double& s : slope) s = any(random);
                    for (std::size_t a = from; a < to; ++a)
                        for (std::size_t b = from; b < to; ++b) {
                            const double share = slope[a - from] * slope[b - from];
                            dense(static_cast<Eigen::Index>(a), static_cast<Eigen::Index>(b)) += share;
                            if (b <= a) banded.normal(a, b) += share;
                        }
                }
            }
            for (std::size_t k = 0; k < size; ++k) gradient(static_cast<Eigen::Index>(k)) = banded.gradient(k) = any(random);
            const double damping = 0.01;
            dense.diagonal() += damping * (dense.diagonal().array() + 1e-6).matrix();
            dense.diagonal().array() += 1e-9;
            const Eigen::VectorXd wanted = dense.llt().solve(gradient);
            std::vector<double> step;
            REQUIRE(banded.solve(damping, step));
            double worst = 0;
            for (std::size_t k = 0; k < size; ++k) worst = std::max(worst, std::abs(step[k] - wanted(static_cast<Eigen::Index>(k))));
            INFO("reach " << reach << ", size " << size);
            CHECK(worst <= 1e-10 * (1 + wanted.lpNorm<Eigen::Infinity>()));
        }
}

TEST_CASE("equations that are not positive definite, or not finite, have no step")
{
    BandedEquations e;
    std::vector<double> step;
    e.reset(3, 1);
    for (std::size_t k = 0; k < 3; ++k) e.normal(k, k) = 1;
    e.normal(1, 0) = 2;
    CHECK_FALSE(e.solve(0.1, step));
    e.normal(1, 0) = 0.5;
    CHECK(e.solve(0.1, step));
    e.gradient(2) = std::numeric_limits<double>::quiet_NaN();
    CHECK_FALSE(e.solve(0.1, step));
}
