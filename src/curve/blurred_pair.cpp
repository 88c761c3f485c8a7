#include "curve/blurred_pair.h"

#include "curve/marquardt.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace softrope::curve {

namespace {

// As for single corners (blurred_corner.cpp), where nothing else is said.
namespace tuned {
constexpr double step = 0.3;     // sigmas between the points of the line
constexpr double reach = 7.5;    // sigmas between the tips at most
constexpr double apart = 1.5;    // and at least: nearer ones are one
constexpr double outwards = 0.6; // sigmas that the tips are taken to lie beyond the samples at first,
constexpr double sideways = 0.4; // and apart from one another
constexpr double calm = 4.2;     // of the samples' noise: what a px of bend over the whole side weighs like
constexpr int rounds = 12;       // of the fit
constexpr double enough = 1e-3;  // of the squares: a round that gains less was the last
constexpr long leastSamples = 8; // of each outer side
} // namespace tuned

using Slopes = Eigen::Matrix<double, Eigen::Dynamic, 8>;
using Parameters = Eigen::Matrix<double, 8, 1>; // tips, directions, bends
constexpr std::array<double, 8> little{0.01, 0.01, 0.01, 0.01, 0.002, 0.002, 0.0005, 0.0005};

class PairFitter {
public:
    PairFitter(const Samples& s, const Corner& first, const Corner& second, const Blur& blur, long before, long after)
        : s_(s), sigma_(blur.sigma), from_(first.index), to_(second.index), before_(before), after_(after), calm_(tuned::calm * blur.noise)
    {
        if (to_ < from_) to_ += s.count();
        const Vec2 apart = unit(s[to_] - s[from_]) * (tuned::sideways * sigma_),
                   out = unit(direction(first.inAngle) - direction(second.outAngle)) * (tuned::outwards * sigma_);
        const Vec2 one = s[from_] + out - apart, other = s[to_] + out + apart;
        at_ << one.x, one.y, other.x, other.y, first.inAngle, second.outAngle, 0, 0;
    }

    std::optional<BlurredPair> run()
    {
        const std::vector<double> e = marquardt<8>(
            at_, tuned::rounds, tuned::enough, [this](const Parameters& p) { return errors(p); }, [this](const Parameters& p) { return slopes(p); },
            [](const Parameters& p, const Parameters& step) { return std::optional<Parameters>(p + step); },
            [](const Parameters&, const Parameters&) { return -1; });
        const double now = squares(e);
        BlurredPair pair{tip(at_, 0), tip(at_, 1), at_(4), at_(5), at_(6), at_(7), std::sqrt(now / static_cast<double>(e.size()))};
        if (!std::isfinite(pair.rms) || distance(pair.first, pair.second) < tuned::apart * sigma_) return std::nullopt;
        const auto nearestTo = [&](Vec2 p) {
            long best = from_ - before_;
            for (long i = from_ - before_; i <= to_ + after_; ++i)
                if (distance(s_[i], p) < distance(s_[best], p)) best = i;
            return best;
        };
        pair.from = nearestTo(pair.first);
        pair.to = nearestTo(pair.second);
        pair.before = pair.from - (from_ - before_);
        pair.after = to_ + after_ - pair.to;
        if (pair.from >= pair.to || pair.before < 1 || pair.after < 1) return std::nullopt;
        return pair;
    }

private:
    const Samples& s_;
    double sigma_;
    long from_, to_, before_, after_;
    double calm_;
    Parameters at_;

    static Vec2 tip(const Parameters& p, Eigen::Index k) { return {p(2 * k), p(2 * k + 1)}; }

    // The sides of the pair, ready to be asked.
    struct Sides {
        Vec2 first, second, in, out, between;
        double bendIn, bendOut;
        explicit Sides(const Parameters& p)
            : first(tip(p, 0)), second(tip(p, 1)), in(direction(p(4))), out(direction(p(5))), between(unit(second - first)), bendIn(p(6)), bendOut(p(7))
        {
        }
        double off(Vec2 p, int side) const
        {
            const Vec2 q = p - (side > 0 ? second : first), way = side < 0 ? in : side > 0 ? out : between;
            const double bend = side < 0 ? bendIn : side > 0 ? bendOut : 0, along = dot(q, way);
            return (cross(way, q) - bend * along * along / 2) / std::sqrt(1 + bend * bend * along * along);
        }
    };
    double blunt() const { return pairNear * sigma_; }
    bool isNear(Vec2 p, const Sides& s) const { return std::min(distance(p, s.first), distance(p, s.second)) < blunt(); }
    int sideOf(long i) const { return i < from_ ? -1 : i > to_ ? 1 : 0; }
    double calm(long samples) const
    {
        const double reach = static_cast<double>(samples) * s_.step;
        return calm_ * reach * reach / 2;
    }
    // Pieces of the straight between the tips.
    int middleOf(const Parameters& p) const { return std::max(1, static_cast<int>(std::ceil(distance(tip(p, 0), tip(p, 1)) / (tuned::step * sigma_)))); }

    // Far from the tips the distance from the side, near them from the half level. The last two keep bends calm that no sample asks for.
    std::vector<double> errors(const Parameters& p) const
    {
        const Sides sides(p);
        const std::vector<Vec2> line = lineOf(p, middleOf(p));
        std::vector<double> all;
        all.reserve(static_cast<std::size_t>(to_ - from_ + before_ + after_ + 3));
        for (long i = from_ - before_; i <= to_ + after_; ++i)
            all.push_back(isNear(s_[i], sides) ? offHalfLevel(line, s_[i], sigma_) : sides.off(s_[i], sideOf(i)));
        all.push_back(calm(before_) * p(6));
        all.push_back(calm(after_) * p(7));
        return all;
    }
    // What they change by as each parameter does.
    Slopes slopes(const Parameters& at) const
    {
        const int middle = middleOf(at);
        const std::vector<Vec2> line = lineOf(at, middle);
        SweptLine<8> swept(line);
        const Sides here(at);
        std::vector<Sides> there;
        for (std::size_t p = 0; p < 8; ++p) {
            Parameters moved = at;
            moved(static_cast<Eigen::Index>(p)) += little[p];
            swept.move(p, lineOf(moved, middle), little[p]);
            there.emplace_back(moved);
        }
        const long count = to_ - from_ + before_ + after_ + 1;
        Slopes all = Slopes::Zero(count + 2, 8);
        for (long i = from_ - before_, row = 0; row < count; ++i, ++row) {
            const Vec2 q = s_[i];
            const bool near = isNear(q, here);
            const auto level = near ? swept.slopes(q, sigma_) : SweptLine<8>::Slopes{};
            const double off = near ? 0 : here.off(q, sideOf(i));
            for (std::size_t p = 0; p < 8; ++p) all(row, static_cast<Eigen::Index>(p)) = near ? level[p] : (there[p].off(q, sideOf(i)) - off) / little[p];
        }
        all(count, 6) = calm(before_);
        all(count + 1, 7) = calm(after_);
        return all;
    }
    std::vector<Vec2> lineOf(const Parameters& p, int middle) const
    {
        const Sides sides(p);
        const Vec2 bentIn = perpendicular(sides.in) * (sides.bendIn / 2), bentOut = perpendicular(sides.out) * (sides.bendOut / 2);
        const double step = tuned::step * sigma_;
        const int side = static_cast<int>((blunt() + levelReach * sigma_) / step);
        std::vector<Vec2> line;
        line.reserve(static_cast<std::size_t>(2 * side + middle + 1));
        for (int i = side; i > 0; --i) line.push_back(sides.first - sides.in * (i * step) + bentIn * (i * step * i * step));
        for (int i = 0; i <= middle; ++i) line.push_back(lerp(sides.first, sides.second, static_cast<double>(i) / middle));
        for (int i = 1; i <= side; ++i) line.push_back(sides.second + sides.out * (i * step) + bentOut * (i * step * i * step));
        return line;
    }
};

} // namespace

double pairReach(double sigma)
{
    return tuned::reach * sigma;
}

std::optional<BlurredPair> fitBlurredPair(const Samples& s, const Corner& first, const Corner& second, const Blur& blur, long before, long after)
{
    if (before < tuned::leastSamples || after < tuned::leastSamples || !(blur.sigma > 0)) return std::nullopt;
    return PairFitter(s, first, second, blur, before, after).run();
}

void sharpen(Samples& s, const BlurredPair& pair, double sigma)
{
    const auto put = [&](long k, Vec2 p) {
        if (s.closed || (k >= 0 && k < s.count())) s.points[static_cast<std::size_t>(s.wrapped(k))] = p;
    };
    const long reach = std::lround(pairNear * sigma / s.step), before = std::min(reach, pair.before), after = std::min(reach, pair.after);
    const Vec2 in = direction(pair.in), out = direction(pair.out);
    const double back = std::max(0.0, -dot(s[pair.from - before] - pair.first, in)), on = std::max(0.0, dot(s[pair.to + after] - pair.second, out));
    // Towards the ends over into the samples as they are, so that no step is left.
    const auto blended = [&](long k, double share, Vec2 to) { put(k, lerp(to, s[k], std::clamp(2 * share - 1, 0.0, 1.0))); };
    for (long k = 1; k <= before; ++k) {
        const double share = static_cast<double>(k) / static_cast<double>(before), along = back * share;
        blended(pair.from - k, share, pair.first - in * along + perpendicular(in) * (pair.bendIn * along * along / 2));
    }
    for (long k = 1; k <= after; ++k) {
        const double share = static_cast<double>(k) / static_cast<double>(after), along = on * share;
        blended(pair.to + k, share, pair.second + out * along + perpendicular(out) * (pair.bendOut * along * along / 2));
    }
    for (long k = pair.from; k <= pair.to; ++k)
        put(k, lerp(pair.first, pair.second, static_cast<double>(k - pair.from) / static_cast<double>(pair.to - pair.from)));
}

} // namespace softrope::curve
