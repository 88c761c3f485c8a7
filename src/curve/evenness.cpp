#include "curve/evenness.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace softrope::curve {

namespace {

class Terms {
public:
    Terms(const Unknowns& window, const Fairness& fairness, const Samples& samples, Equations* to)
        : window_(window), fairness_(fairness), samples_(samples), to_(to)
    {
    }

    double sum()
    {
        double sum = 0;
        Around last{};
        for (std::size_t j = 0; j < window_.pieces(); ++j) {
            if (window_.piece(j).line) continue;
            const Around p = aroundOf(j, to_ != nullptr);
            if (!fairness_.side.empty() && fairness_.side[window_.index(j)] != 0) sum += sides(j, p, fairness_.side[window_.index(j)]);
            if (fairness_.change > 0) sum += changes(j, p);
            if (fairness_.jump > 0) sum += crests(j, p);
            if (fairness_.jump > 0 && j > 0 && window_.node(j).smooth && !window_.piece(j - 1).line) sum += jumps(j, last, p);
            last = p;
        }
        return sum;
    }

private:
    const Unknowns& window_;
    const Fairness& fairness_;
    const Samples& samples_;
    Equations* to_;

    // Samples that a piece stands for: what its terms weigh.
    double mass(std::size_t j) const
    {
        const Run run = runOf(window_.chain(), window_.index(j), samples_);
        return static_cast<double>(run.last - run.first + 1);
    }

    using Moves = std::array<double, movers>;
    Moves movesOf(std::size_t j) const
    {
        const ChainNode &u = window_.node(j), &v = window_.node(j + 1);
        return {u.at.x, u.at.y, v.at.x, v.at.y, window_.piece(j).a, window_.piece(j).b, u.out, v.in};
    }
    static Cubic cubicOf(const Moves& m)
    {
        const Vec2 p0{m[x0], m[y0]}, p3{m[x3], m[y3]};
        return {p0, p0 + direction(m[angleOut]) * m[handleA], p3 - direction(m[angleIn]) * m[handleB], p3};
    }
    // The piece, and the piece after a small move of each of the things it moves with.
    struct Around {
        Cubic here;
        std::array<Cubic, movers> moved{};
    };
    static double moveBy(std::size_t k) { return k >= angleOut ? 1e-5 : 1e-4; }
    Around aroundOf(std::size_t j, bool withMoves) const
    {
        Around out{window_.cubic(j), {}};
        if (!withMoves) return out;
        const Moves m = movesOf(j);
        out.here = cubicOf(m);
        for (std::size_t k = 0; k < movers; ++k) {
            Moves moved = m;
            moved[k] += moveBy(k);
            out.moved[k] = cubicOf(moved);
        }
        return out;
    }
    // What of(cubic) is, and how it changes with the piece's moves, by small differences.
    template <class Of> static double differentiate(const Around& p, Of of, Moves* slope)
    {
        const double value = of(p.here);
        if (slope)
            for (std::size_t k = 0; k < movers; ++k) (*slope)[k] = (of(p.moved[k]) - value) / moveBy(k);
        return value;
    }

    void scatter(std::size_t j, const Moves& slope, double factor, std::vector<std::pair<int, double>>& row)
    {
        const Links links = window_.linksOf(j);
        for (std::size_t a = 0; a < movers; ++a)
            for (int k = 0; k < links[a].count; ++k) row.emplace_back(links[a].slot[k], factor * links[a].factor[k] * slope[a]);
    }
    // A term that ought to be zero.
    double term(double value, double weight, const std::vector<std::pair<int, double>>& row)
    {
        if (to_)
            for (const auto& [a, ra] : row) {
                to_->gradient(a) -= weight * ra * value;
                for (const auto& [b, rb] : row) to_->normal(a, b) += weight * ra * rb;
            }
        return weight * value * value;
    }

    static constexpr double flatBend = 0.05; // px of sagitta: what bends less counts as straight

    // How far the piece is from bending to one side alone, px.
    double sides(std::size_t j, const Around& p, int side)
    {
        constexpr double firm = 40; // samples' worth for each of the piece's own
        double sum = 0;
        for (std::size_t k = 0; k < 4; ++k) {
            const auto lacking = [side, k](const Cubic& c) { return 2e-3 * distance(c.p0, c.p3) - side * convexity(c)[k]; };
            Moves slope;
            const double off = differentiate(p, lacking, to_ ? &slope : nullptr);
            if (off <= 0) continue;
            std::vector<std::pair<int, double>> row;
            if (to_) scatter(j, slope, 1, row);
            sum += term(off, firm * mass(j), row);
        }
        return sum;
    }

    static constexpr std::size_t looks = 6; // along a piece
    // By how much the curvature changes from each look to the next, times the chord.
    static std::array<double, looks> changesOf(const Cubic& c)
    {
        const double chord = distance(c.p0, c.p3);
        std::array<double, looks> out{};
        double before = curvature(c, 0);
        for (std::size_t k = 0; k < looks; ++k) {
            const double after = curvature(c, static_cast<double>(k + 1) / looks);
            out[k] = chord * (after - before);
            before = after;
        }
        return out;
    }
    double changes(std::size_t j, const Around& p)
    {
        double sum = 0;
        const double weight = mass(j) / looks;
        const auto here = changesOf(p.here);
        std::array<std::array<double, looks>, movers> moved{};
        if (to_)
            for (std::size_t k = 0; k < movers; ++k) moved[k] = changesOf(p.moved[k]);
        for (std::size_t k = 0; k < looks; ++k) {
            std::vector<std::pair<int, double>> row;
            if (to_) {
                Moves slope;
                for (std::size_t m = 0; m < movers; ++m) slope[m] = (moved[m][k] - here[k]) / moveBy(m);
                scatter(j, slope, fairness_.change, row);
            }
            sum += term(fairness_.change * here[k], weight, row);
        }
        return sum;
    }

    // Curvature that falls towards the end at which it is greatest: its crest belongs into the node.
    double crests(std::size_t j, const Around& p)
    {
        constexpr double inside = 0.12;
        const Cubic& c = p.here;
        const double k0 = std::abs(curvature(c, 0)), k1 = std::abs(curvature(c, 1));
        const double end = k0 > k1 ? 0 : 1, near = k0 > k1 ? inside : 1 - inside;
        const double chord = std::max(1.0, distance(c.p0, c.p3));
        const double scale = fairness_.jump / (std::abs(curvature(c, near)) + std::max(k0, k1) + 8 * flatBend / (chord * chord));
        const auto over = [end, near](const Cubic& q) { return std::abs(curvature(q, near)) - std::abs(curvature(q, end)); };
        Moves slope;
        const double value = scale * differentiate(p, over, to_ ? &slope : nullptr);
        if (value <= 0) return 0;
        std::vector<std::pair<int, double>> row;
        if (to_) scatter(j, slope, scale, row);
        return term(value, mass(j), row);
    }

    double jumps(std::size_t j, const Around& last, const Around& p) // at the node between pieces j - 1 and j
    {
        const double least = std::min(distance(window_.node(j - 1).at, window_.node(j).at), distance(window_.node(j).at, window_.node(j + 1).at));
        const double flat = 8 * flatBend / std::max(1.0, least * least);
        Moves before, after;
        const double k0 = differentiate(
            last, [](const Cubic& c) { return curvature(c, 1); }, to_ ? &before : nullptr);
        const double k1 = differentiate(
            p, [](const Cubic& c) { return curvature(c, 0); }, to_ ? &after : nullptr);
        const double scale = fairness_.jump / (std::abs(k0) + std::abs(k1) + flat);
        std::vector<std::pair<int, double>> row;
        if (to_) {
            scatter(j, after, scale, row);
            scatter(j - 1, before, -scale, row);
        }
        return term(scale * (k1 - k0), std::min(mass(j - 1), mass(j)), row);
    }
};

} // namespace

double evenness(const Unknowns& window, const Fairness& fairness, const Samples& samples, Equations* to)
{
    return Terms(window, fairness, samples, to).sum();
}

} // namespace softrope::curve
