// Settling a window of a chain: distances, weak pulls and evenness brought to their least together (chain.h).
#include "curve/evenness.h"
#include "curve/powers.h"
#include "curve/unknowns.h"

#include <Eigen/Cholesky>

#include <algorithm>

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
    struct Point {
        Vec2 at;
        std::size_t piece = 0;
        double t = 0;
        double weight = 1;
        double t0 = 0; // foot before the step that is being tried
    };

    Unknowns window_;
    const ChainSource& source_;
    const Fairness* fairness_;
    std::vector<Point> points_;
    std::vector<Vec2> anchor_; // where the nodes stood at the start
    Equations equations_;

    // Takes a step that lowers the cost, damped until it does; gives the share of it that was gained, 0 when none does.
    double improve(double& lambda, double& cost)
    {
        for (int attempt = 0; attempt < 5; ++attempt) {
            Eigen::MatrixXd a = equations_.normal;
            for (int i = 0; i < window_.size(); ++i) a(i, i) += lambda * (equations_.normal(i, i) + 1e-6) + 1e-9;
            const Eigen::LLT<Eigen::MatrixXd> solved(a);
            const Eigen::VectorXd step = solved.solve(equations_.gradient);
            if (solved.info() != Eigen::Success || !step.allFinite()) {
                lambda *= 10;
                continue;
            }
            const Unknowns::Saved before = window_.save();
            window_.apply(step);
            const double now = measure();
            if (now < cost) {
                const double gain = (cost - now) / (cost + 1e-12);
                cost = now;
                lambda = std::max(1e-7, lambda * 0.3);
                return gain;
            }
            window_.restore(before);
            for (Point& p : points_) p.t = p.t0;
            lambda *= 6;
        }
        return 0;
    }

    void gather()
    {
        const Samples& s = source_.samples;
        for (std::size_t j = 0; j < window_.pieces(); ++j) {
            const Run run = runOf(window_.chain(), window_.index(j), s);
            const long n = run.last - run.first;
            const long stride = std::max(1L, n / 24);
            const Powers c(window_.cubic(j));
            for (long i = run.first; i <= run.last; i += stride) {
                const double w = source_.weight[static_cast<std::size_t>(s.wrapped(i))];
                if (w == 0) continue;
                Point p;
                p.piece = j;
                p.weight = w * static_cast<double>(stride);
                p.at = s[i];
                p.t = n > 0 ? static_cast<double>(i - run.first) / static_cast<double>(n) : 0.5;
                if (!window_.piece(j).line) p.t = foot(c, s[i], p.t, 8);
                points_.push_back(p);
            }
        }
    }

    // Moves the feet to the curve as it is now and sums the squared distances.
    double measure()
    {
        window_.alignLines();
        double sum = 0;
        for (std::size_t k = 0; k < points_.size();) {
            const std::size_t j = points_[k].piece;
            const Cubic c = window_.cubic(j);
            const Powers powers(c);
            const Vec2 along = unit(c.p3 - c.p0);
            const bool line = window_.piece(j).line;
            for (; k < points_.size() && points_[k].piece == j; ++k) {
                Point& p = points_[k];
                p.t0 = p.t;
                if (line) {
                    const double d = cross(along, p.at - c.p0);
                    sum += p.weight * d * d;
                } else {
                    p.t = foot(powers, p.at, p.t, 2);
                    sum += p.weight * squaredLength(p.at - powers.at(p.t));
                }
            }
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

    void assemble()
    {
        equations_.normal.setZero(window_.size(), window_.size());
        equations_.gradient.setZero(window_.size());
        std::size_t at = 0;
        while (at < points_.size()) {
            const std::size_t j = points_[at].piece;
            double h[movers][movers] = {}, g[movers] = {};
            const Cubic c = window_.cubic(j);
            const Powers powers(c);
            const bool line = window_.piece(j).line;
            const Vec2 uo = direction(window_.node(j).out), ui = direction(window_.node(j + 1).in);
            const Vec2 turnOut = perpendicular(uo) * window_.piece(j).a, turnIn = perpendicular(ui) * window_.piece(j).b;
            const Vec2 v = c.p3 - c.p0;
            const double len2 = std::max(squaredLength(v), 1e-12);
            const Vec2 across = perpendicular(v / std::sqrt(len2));
            for (; at < points_.size() && points_[at].piece == j; ++at) {
                const Point& p = points_[at];
                const Vec2 s = p.at;
                double row[movers];
                double residual = 0;
                if (line) {
                    const double t = dot(s - c.p0, v) / len2;
                    residual = dot(across, s - c.p0);
                    row[x0] = across.x * (1 - t);
                    row[y0] = across.y * (1 - t);
                    row[x3] = across.x * t;
                    row[y3] = across.y * t;
                    row[handleA] = row[handleB] = row[angleOut] = row[angleIn] = 0;
                } else {
                    const double t = p.t, u = 1 - t;
                    const Vec2 along = powers.first(t);
                    const double speed = quickLength(along);
                    Vec2 n = speed > 0 ? perpendicular(along / speed) : Vec2{};
                    const Vec2 off = s - powers.at(t);
                    if (t <= 0 || t >= 1) {
                        const double far = length(off);
                        if (far > 1e-9) n = off / far;
                    }
                    residual = dot(n, off);
                    const double b0 = u * u * u, b1 = 3 * u * u * t, b2 = 3 * u * t * t, b3 = t * t * t;
                    row[x0] = n.x * (b0 + b1);
                    row[y0] = n.y * (b0 + b1);
                    row[x3] = n.x * (b2 + b3);
                    row[y3] = n.y * (b2 + b3);
                    row[handleA] = b1 * dot(n, uo);
                    row[handleB] = -b2 * dot(n, ui);
                    row[angleOut] = b1 * dot(n, turnOut);
                    row[angleIn] = -b2 * dot(n, turnIn);
                }
                for (int a = 0; a < movers; ++a) {
                    const double wa = p.weight * row[a];
                    g[a] += wa * residual;
                    for (int b = 0; b < movers; ++b) h[a][b] += wa * row[b]; // both halves: a loop of one length is done by twos
                }
            }
            const Links links = window_.linksOf(j);
            for (std::size_t a = 0; a < movers; ++a)
                for (int k = 0; k < links[a].count; ++k) {
                    const int row = links[a].slot[k];
                    equations_.gradient(row) += links[a].factor[k] * g[a];
                    for (std::size_t b = 0; b < movers; ++b)
                        for (int m = 0; m < links[b].count; ++m) equations_.normal(row, links[b].slot[m]) += links[a].factor[k] * links[b].factor[m] * h[a][b];
                }
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
