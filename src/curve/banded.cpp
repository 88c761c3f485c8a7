#include "curve/banded.h"

#include "curve/wide.h"

#include <algorithm>
#include <cmath>

namespace softrope::curve {

void BandedEquations::reset(std::size_t size, std::size_t reach)
{
    reach_ = reach;
    stride_ = reach + 1 + overhang;
    normal_.assign(size * stride_, 0);
    gradient_.assign(size, 0);
    column_.assign(stride_, 0);
}

SOFT_ROPE_WIDE bool BandedEquations::solve(double damping, std::vector<double>& step)
{
    const std::size_t n = size(), reach = reach_;
    factor_ = normal_;
    step = gradient_;
    for (std::size_t i = 0; i < n; ++i) {
        double& d = factor_[i * stride_ + reach];
        d += damping * (d + 1e-6) + 1e-9;
    }
    double* column = column_.data();
    for (std::size_t j = 0; j < n; ++j) {
        const double d = factor_[j * stride_ + reach];
        if (!(d > 0)) return false;
        const std::size_t below = std::min(reach, n - 1 - j);
        for (std::size_t i = 1; i <= below; ++i) column[i] = factor_[(j + i) * stride_ + reach - i];
        const double forward = step[j];
        for (std::size_t i = 1; i <= below; ++i) {
            if (column[i] == 0) continue; // the band is fuller at some rows than at others
            const double share = column[i] / d;
            double* row = &factor_[(j + i) * stride_ + reach - i];
            *row = share;
            const std::size_t whole = (i + overhang) / (overhang + 1) * (overhang + 1);
            for (std::size_t k = 0; k < whole; ++k) row[k + 1] -= share * column[k + 1];
            step[j + i] -= share * forward;
        }
    }
    for (std::size_t i = 0; i < n; ++i) step[i] /= factor_[i * stride_ + reach];
    for (std::size_t j = n; j-- > 0;) {
        const double here = step[j];
        if (!std::isfinite(here)) return false;
        const std::size_t before = std::min(reach, j);
        const double* row = &factor_[j * stride_ + reach - before];
        for (std::size_t k = 0; k < before; ++k) step[j - before + k] -= row[k] * here;
    }
    return true;
}

} // namespace softrope::curve
