// Settling a window of a chain: distances, weak pulls and evenness brought to their least together (chain.h).
#include "curve/evenness.h"
#include "curve/fibres.h"
#include "curve/unknowns.h"

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
        window_.handAnglesBack();
        for (std::size_t j = 1; j < window_.pieces(); ++j) reassign(j);
    }

private:
    Unknowns window_;
    const ChainSource& source_;
    const Fairness* fairness_;
    std::vector<Fibres> fibres_; // by piece
    std::vector<Vec2> anchor_;   // where the nodes stood at the start
    Equations equations_;
    std::vector<double> step_;
    Unknowns::Saved before_;

    // Takes a step that lowers the cost, damped until it does; gives the share of it that was gained, 0 when none does.
    double improve(double& lambda, double& cost)
    {
        for (int attempt = 0; attempt < 5; ++attempt) {
            if (!equations_.all.solve(lambda, step_)) {
                lambda *= 10;
                continue;
            }
            window_.save(before_);
            for (Fibres& f : fibres_) f.keepFeet();
            window_.apply(step_);
            const double now = measure();
            if (now < cost) {
                const double gain = (cost - now) / (cost + 1e-12);
                cost = now;
                lambda = std::max(1e-7, lambda * 0.3);
                return gain;
            }
            window_.restore(before_);
            for (Fibres& f : fibres_) f.giveFeetBack();
            lambda *= 6;
        }
        return 0;
    }

    void gather()
    {
        constexpr long perPiece = 24; // samples at least, where there are so many
        constexpr int findFoot = 6;   // steps from an even guess
        const Samples& s = source_.samples;
        window_.lay();
        fibres_.reserve(window_.pieces());
        for (std::size_t j = 0; j < window_.pieces(); ++j) {
            const Run run = runOf(window_.chain(), window_.index(j), s);
            const long n = run.last - run.first;
            const long stride = std::max(1L, n / perPiece);
            Fibres f(static_cast<std::size_t>(n / stride + 1));
            for (long i = run.first; i <= run.last; i += stride) {
                const auto k = static_cast<std::size_t>(s.wrapped(i));
                if (source_.weight[k] == 0) continue;
                f.add(s.points[k], n > 0 ? static_cast<double>(i - run.first) / static_cast<double>(n) : 0.5, source_.weight[k] * static_cast<double>(stride));
            }
            fibres_.push_back(std::move(f));
            if (window_.piece(j).line) continue;
            const Powers c(window_.shape(j).here);
            moveFeet(c, fibres_.back(), findFoot);
        }
    }

    // Moves the feet to the curve as it is now and sums the squared distances.
    double measure()
    {
        window_.lay();
        double sum = 0;
        for (std::size_t j = 0; j < window_.pieces(); ++j) {
            Fibres& f = fibres_[j];
            const Cubic& c = window_.shape(j).here;
            if (window_.shape(j).line) {
                const Vec2 along = unit(c.p3 - c.p0);
                for (std::size_t i = 0; i < f.count(); ++i) {
                    const double d = cross(along, Vec2{f.x()[i], f.y()[i]} - c.p0);
                    sum += f.weight()[i] * d * d;
                }
                continue;
            }
            const Powers powers(c);
            moveFeet(powers, f, 2);
            sum += weighedSquares(powers, f);
        }
        return sum + priors(nullptr) + (fairness_ ? evenness(window_, *fairness_, source_.samples, nullptr) : 0);
    }

    // Weak pulls that keep the handles of nearly straight pieces from drifting, with a weight far below a sample's.
    double priors(BandedEquations* to)
    {
        const auto add = [to](int place, double weight, double residual) {
            if (to) to->addAlone(static_cast<std::size_t>(place), weight, residual);
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
            const Shape& p = window_.shape(j);
            if (p.line) continue;
            const double third = distance(p.here.p0, p.here.p3) / 3;
            constexpr double pull = 2e-4;
            for (int side = 0; side < 2; ++side) {
                const double off = (side == 0 ? p.a : p.b) - third;
                sum += pull * off * off;
                add(window_.handlesOf(j) + side, pull, -off);
            }
        }
        return sum;
    }

    // What a piece's samples say of its moves.
    static void fill(PieceEquations& to, const Shape& p, const Moments& m)
    {
        // Two ways for each basis, as Mover has them.
        const std::array<Vec2, movers> ways{{{1, 0}, {0, 1}, {1, 0}, {0, 1}, p.out, perpendicular(p.out) * p.a, -p.in, perpendicular(p.in) * -p.b}};
        for (std::size_t a = 0; a < movers; ++a) {
            to.gradient[a] = m.pull(a / 2, ways[a]);
            for (std::size_t b = 0; b <= a; ++b) to.normal[a][b] = m.between(a / 2, ways[a], b / 2, ways[b]);
        }
    }

    void assemble()
    {
        window_.begin(equations_, fairness_ && fairness_->jump > 0);
        for (std::size_t j = 0; j < window_.pieces(); ++j) {
            const Shape& p = window_.shape(j);
            fill(equations_.pieces[j], p, p.line ? momentsOfStraight(p.here, fibres_[j]) : momentsOf(Powers(p.here), fibres_[j]));
        }
        priors(&equations_.all);
        if (fairness_) evenness(window_, *fairness_, source_.samples, &equations_);
        window_.gather(equations_);
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
