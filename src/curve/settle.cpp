// Settling a window of a chain: distances, weak pulls and evenness brought to their least together (chain.h).
#include "curve/evenness.h"
#include "curve/fibres.h"
#include "curve/unknowns.h"

#include <Eigen/Cholesky>

#include <algorithm>
#include <array>
#include <cmath>

namespace softrope::curve {

namespace {

class Settler {
public:
    Settler(Chain& chain, std::size_t first, std::size_t count, const ChainSource& source, const Fairness* fairness)
        : window_(chain, first, count), source_(source), fairness_(fairness)
    {
        for (std::size_t j = 0; j <= count; ++j) anchor_.push_back(window_.node(j).at);
    }

    void run(int rounds)
    {
        if (window_.size() == 0) return;
        gather();
        double lambda = 1e-3;
        double cost = measure();
        constexpr double settled = 5e-4; // of the cost: a round that gains less was the last
        for (int round = 0; round < rounds; ++round) {
            assemble();
            if (improve(lambda, cost) < settled) break;
        }
        for (std::size_t j = 1; j < window_.pieces(); ++j) reassign(j);
    }

private:
    Unknowns window_;
    const ChainSource& source_;
    const Fairness* fairness_;
    std::vector<Fibres> fibres_; // by piece
    std::vector<Vec2> anchor_;   // where the nodes stood at the start
    Equations equations_;
    Eigen::MatrixXd damped_;
    Eigen::LLT<Eigen::MatrixXd> solver_;
    Unknowns::Saved before_;

    // Takes a step that lowers the cost, damped until it does; gives the share of it that was gained, 0 when none does.
    double improve(double& lambda, double& cost)
    {
        for (int attempt = 0; attempt < 5; ++attempt) {
            damped_ = equations_.normal;
            for (int i = 0; i < window_.size(); ++i) damped_(i, i) += lambda * (equations_.normal(i, i) + 1e-6) + 1e-9;
            solver_.compute(damped_);
            const Eigen::VectorXd step = solver_.solve(equations_.gradient);
            if (solver_.info() != Eigen::Success || !step.allFinite()) {
                lambda *= 10;
                continue;
            }
            window_.save(before_);
            for (Fibres& f : fibres_) f.before = f.t;
            window_.apply(step);
            const double now = measure();
            if (now < cost) {
                const double gain = (cost - now) / (cost + 1e-12);
                cost = now;
                lambda = std::max(1e-7, lambda * 0.3);
                return gain;
            }
            window_.restore(before_);
            for (Fibres& f : fibres_) f.t = f.before;
            lambda *= 6;
        }
        return 0;
    }

    void gather()
    {
        constexpr long perPiece = 24; // samples at least, where there are so many
        constexpr int findFoot = 8;   // steps from an even guess
        const Samples& s = source_.samples;
        fibres_.resize(window_.pieces());
        for (std::size_t j = 0; j < window_.pieces(); ++j) {
            const Run run = runOf(window_.chain(), window_.index(j), s);
            const long n = run.last - run.first;
            const long stride = std::max(1L, n / perPiece);
            Fibres& f = fibres_[j];
            for (long i = run.first; i <= run.last; i += stride) {
                const double w = source_.weight[static_cast<std::size_t>(s.wrapped(i))];
                if (w == 0) continue;
                f.weight.push_back(w * static_cast<double>(stride));
                f.x.push_back(s[i].x);
                f.y.push_back(s[i].y);
                f.t.push_back(n > 0 ? static_cast<double>(i - run.first) / static_cast<double>(n) : 0.5);
            }
            if (window_.piece(j).line) continue;
            const Powers c(window_.cubic(j));
            for (int k = 0; k < findFoot; ++k) moveFeet(c, f);
        }
    }

    // Moves the feet to the curve as it is now and sums the squared distances.
    double measure()
    {
        window_.alignLines();
        double sum = 0;
        for (std::size_t j = 0; j < window_.pieces(); ++j) {
            Fibres& f = fibres_[j];
            const Cubic c = window_.cubic(j);
            if (window_.piece(j).line) {
                const Vec2 along = unit(c.p3 - c.p0);
                for (std::size_t i = 0; i < f.size(); ++i) {
                    const double d = cross(along, Vec2{f.x[i], f.y[i]} - c.p0);
                    sum += f.weight[i] * d * d;
                }
                continue;
            }
            const Powers powers(c);
            for (int k = 0; k < 2; ++k) moveFeet(powers, f);
            sum += weighedSquares(powers, f);
        }
        return sum + priors(nullptr) + (fairness_ ? evenness(window_, *fairness_, source_.samples, nullptr) : 0);
    }

    // Weak pulls that keep the handles of nearly straight pieces from drifting, with a weight far below a sample's.
    double priors(Equations* to)
    {
        const auto add = [to](int slot, double weight, double residual) {
            if (!to) return;
            to->normal(slot, slot) += weight;
            to->gradient(slot) += weight * residual;
        };
        double sum = 0;
        for (std::size_t j = 1; j < window_.pieces(); ++j) {
            if (window_.placeOf(j) < 0) continue;
            // A corner whose sides are nearly in line has no place of its own but where it was found.
            // Evenness is not to move it either.
            const double pull = window_.node(j).smooth ? 1e-3 : fairness_ ? 5 : 0.03;
            const Vec2 off = window_.node(j).at - anchor_[j];
            sum += pull * squaredLength(off);
            add(window_.placeOf(j), pull, -off.x);
            add(window_.placeOf(j) + 1, pull, -off.y);
        }
        for (std::size_t j = 0; j < window_.pieces(); ++j) {
            if (window_.piece(j).line) continue;
            const Cubic c = window_.cubic(j);
            const double third = distance(c.p0, c.p3) / 3;
            constexpr double pull = 2e-4;
            for (int side = 0; side < 2; ++side) {
                const double off = (side == 0 ? window_.piece(j).a : window_.piece(j).b) - third;
                sum += pull * off * off;
                add(window_.handlesOf(j) + side, pull, -off);
            }
        }
        return sum;
    }

    // How one of a piece's moves carries its samples' feet.
    struct Move {
        Moments::Basis basis;
        Vec2 way;
    };

    // (The lower half alone: that is all the solver looks at.)
    void scatter(const Links& links, const Moments& m, const std::array<Move, movers>& moves)
    {
        for (std::size_t a = 0; a < movers; ++a) {
            if (links[a].count == 0) continue;
            const double pull = m.pull(moves[a].basis, moves[a].way);
            for (int k = 0; k < links[a].count; ++k) equations_.gradient(links[a].slot[k]) += links[a].factor[k] * pull;
            for (std::size_t b = 0; b <= a; ++b) {
                if (links[b].count == 0) continue;
                const double h = m.between(moves[a].basis, moves[a].way, moves[b].basis, moves[b].way);
                for (int k = 0; k < links[a].count; ++k)
                    for (int l = 0; l < links[b].count; ++l) {
                        const int row = links[a].slot[k], column = links[b].slot[l];
                        if (a == b && row < column) continue;
                        const double share = links[a].factor[k] * links[b].factor[l] * h;
                        equations_.normal(std::max(row, column), std::min(row, column)) += a != b && row == column ? 2 * share : share;
                    }
            }
        }
    }

    void assemble()
    {
        equations_.normal.setZero(window_.size(), window_.size());
        equations_.gradient.setZero(window_.size());
        for (std::size_t j = 0; j < window_.pieces(); ++j) {
            const Cubic c = window_.cubic(j);
            const bool line = window_.piece(j).line;
            const Moments m = line ? momentsOfStraight(c, fibres_[j]) : momentsOf(Powers(c), fibres_[j]);
            const Vec2 out = direction(window_.node(j).out), in = direction(window_.node(j + 1).in);
            const std::array<Move, movers> moves{{{Moments::start, {1, 0}},
                                                  {Moments::start, {0, 1}},
                                                  {Moments::end, {1, 0}},
                                                  {Moments::end, {0, 1}},
                                                  {Moments::first, out},
                                                  {Moments::second, -in},
                                                  {Moments::first, perpendicular(out) * window_.piece(j).a},
                                                  {Moments::second, perpendicular(in) * -window_.piece(j).b}}};
            scatter(window_.linksOf(j), m, moves);
        }
        priors(&equations_);
        if (fairness_) evenness(window_, *fairness_, source_.samples, &equations_);
    }

    // A node that has moved along the line takes over the sample nearest to it.
    void reassign(std::size_t j)
    {
        ChainNode& n = window_.node(j);
        if (!n.smooth) return;
        const Samples& s = source_.samples;
        const Run before = runOf(window_.chain(), window_.index(j - 1), s), after = runOf(window_.chain(), window_.index(j), s);
        long best = before.last;
        double d = distance(s[best], n.at);
        for (const long dir : {-1L, 1L})
            for (long i = before.last + dir; i > before.first && i - before.last < after.last - after.first; i += dir) {
                const double e = distance(s[i], n.at);
                if (e < d) {
                    d = e;
                    best = i;
                } else if (e > d + 4 * s.step) {
                    break;
                }
            }
        n.sample = window_.chain().closed ? s.wrapped(best) : best;
    }
};

} // namespace

void settle(Chain& chain, std::size_t first, std::size_t count, const ChainSource& source, int rounds, const Fairness* fairness)
{
    if (chain.pieces.empty() || count == 0) return;
    Settler(chain, first, std::min(count, chain.pieces.size()), source, fairness).run(rounds);
}

} // namespace softrope::curve
