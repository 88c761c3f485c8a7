#include "curve/evenness.h"

#include "curve/gradient.h"
#include "curve/powers.h"
#include "curve/wide.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace softrope::curve {

namespace {

double square(double x)
{
    return x * x;
}

// Where along a piece its curvature is looked at: evenly from end to end, and near each end.
constexpr std::size_t evenLooks = 7, nearStart = evenLooks, nearEnd = nearStart + 1, looks = 12; // a whole number of lanes
constexpr double inside = 0.12;
constexpr std::array<double, looks> lookAt{0, 1.0 / 6, 2.0 / 6, 3.0 / 6, 4.0 / 6, 5.0 / 6, 1, inside, 1 - inside};
using Curvatures = std::array<double, looks>;

SOFT_ROPE_WIDE void readCurvatures(const Powers& c, Curvatures& out)
{
    for (std::size_t k = 0; k < looks; ++k) {
        const double t = lookAt[k];
        const double fx = (3 * c.a.x * t + 2 * c.b.x) * t + c.c.x, fy = (3 * c.a.y * t + 2 * c.b.y) * t + c.c.y;
        const double sx = 6 * c.a.x * t + 2 * c.b.x, sy = 6 * c.a.y * t + 2 * c.b.y;
        const double squared = fx * fx + fy * fy;
        out[k] = (fx * sy - fy * sx) / (squared * std::sqrt(squared));
    }
}

// The piece as it lies, with what its terms weigh.
struct Bend {
    const Shape* shape = nullptr;
    PieceEquations* to = nullptr;
    double chord = 0; // px
    double mass = 0;  // samples that it stands for: what its terms weigh
    double share = 1; // of the weights
    Curvatures curvature{};
    const Cubic& here() const { return shape->here; }
};

Moves movesOf(const Shape& p, const Gradient& g)
{
    const auto& [g0, g1, g2, g3] = g.by;
    return {g0.x + g1.x,    g0.y + g1.y,
            g2.x + g3.x,    g2.y + g3.y,
            dot(g1, p.out), p.a * dot(g1, perpendicular(p.out)),
            -dot(g2, p.in), -p.b * dot(g2, perpendicular(p.in))};
}

// How a term of two pieces grows with each unknown.
class Row {
public:
    void add(const Links& links, const Moves& slope, double factor)
    {
        for (std::size_t m = 0; m < movers; ++m)
            for (int k = 0; k < links[m].count; ++k) entries_[count_++] = {static_cast<std::size_t>(links[m].slot[k]), factor * links[m].factor[k] * slope[m]};
    }
    void putInto(BandedEquations& to, double value, double weight) const
    {
        for (std::size_t i = 0; i < count_; ++i) {
            const auto [a, ra] = entries_[i];
            to.gradient(a) -= weight * ra * value;
            for (std::size_t j = 0; j < count_; ++j)
                if (entries_[j].slot <= a) to.normal(a, entries_[j].slot) += weight * ra * entries_[j].slope;
        }
    }

private:
    struct Entry {
        std::size_t slot;
        double slope;
    };
    static constexpr std::size_t most = 2 * movers * 4; // of two pieces
    std::array<Entry, most> entries_;
    std::size_t count_ = 0;
};

class Terms {
public:
    Terms(const Unknowns& window, const Fairness& fairness, const Samples& samples, Equations* to)
        : window_(window), fairness_(fairness), samples_(samples), to_(to)
    {
    }

    double sum()
    {
        double sum = 0;
        const Bend* last = nullptr; // the smooth neighbour before
        std::array<Bend, 2> bends;
        for (std::size_t j = 0; j < window_.pieces(); ++j) {
            if (window_.shape(j).line) {
                last = nullptr;
                continue;
            }
            Bend& p = bends[j % 2];
            p = bendOf(j);
            const signed char side = fairness_.side.empty() ? 0 : fairness_.side[window_.index(j)];
            if (side != 0) sum += sides(p, side);
            if (fairness_.change > 0) sum += changes(p);
            if (fairness_.jump > 0) sum += crests(p);
            if (fairness_.jump > 0 && last && window_.node(j).smooth) sum += jumps(j, *last, p);
            last = &p;
        }
        return sum;
    }

private:
    const Unknowns& window_;
    const Fairness& fairness_;
    const Samples& samples_;
    Equations* to_;

    Bend bendOf(std::size_t j) const
    {
        Bend p;
        p.shape = &window_.shape(j);
        if (to_) p.to = &to_->pieces[j];
        p.chord = distance(p.here().p0, p.here().p3);
        const Run run = runOf(window_.chain(), window_.index(j), samples_);
        p.mass = static_cast<double>(run.last - run.first + 1);
        if (!fairness_.share.empty()) p.share = fairness_.share[window_.index(j)];
        if (fairness_.change > 0 || fairness_.jump > 0) readCurvatures(Powers(p.here()), p.curvature);
        return p;
    }

    // A term that ought to be zero.
    static double term(const Bend& p, double value, double weight, const Gradient& gradient)
    {
        if (p.to) p.to->add(movesOf(*p.shape, gradient), value, weight);
        return weight * value * value;
    }

    // How far the piece is from bending to one side alone, px.
    static double sides(const Bend& p, int side)
    {
        constexpr double firm = 40;    // samples' worth for each of the piece's own
        constexpr double clear = 2e-3; // of the chord: a handle is to stand out by this
        double sum = 0;
        const std::array<double, 4> heights = convexity(p.here());
        for (std::size_t k = 0; k < heights.size(); ++k) {
            const double lacking = clear * p.chord - side * heights[k];
            if (lacking <= 0) continue;
            Gradient g;
            if (p.to) g = chordReading(p.here()).gradient * clear + convexityReading(p.here(), k).gradient * -side;
            sum += term(p, lacking, firm * p.mass, g);
        }
        return sum;
    }

    // By how much the curvature changes from each look along the piece to the next, times the chord.
    double changes(const Bend& p) const
    {
        constexpr std::size_t steps = evenLooks - 1;
        const double firm = p.share * fairness_.change, weight = p.mass / steps;
        double sum = 0;
        for (std::size_t k = 0; k < steps; ++k) sum += square(firm * p.chord * (p.curvature[k + 1] - p.curvature[k]));
        if (!p.to) return weight * sum;
        const Gradient chord = chordReading(p.here()).gradient;
        Gradient before = curvatureReading(p.here(), lookAt[0]).gradient;
        for (std::size_t k = 0; k < steps; ++k) {
            const Gradient after = curvatureReading(p.here(), lookAt[k + 1]).gradient;
            const double change = p.curvature[k + 1] - p.curvature[k];
            term(p, firm * p.chord * change, weight, (after + before * -1) * (firm * p.chord) + chord * (firm * change));
            before = after;
        }
        return weight * sum;
    }

    // Curvature that falls towards the end at which it is greatest: its crest belongs into the node.
    double crests(const Bend& p) const
    {
        const double k0 = p.curvature[0], k1 = p.curvature[evenLooks - 1], atEnd = std::max(std::abs(k0), std::abs(k1));
        const bool start = std::abs(k0) > std::abs(k1);
        const double nearBy = p.curvature[start ? nearStart : nearEnd];
        if (!(std::abs(nearBy) > atEnd)) return 0;
        const double scale = p.share * fairness_.jump / (std::abs(nearBy) + atEnd + flatCurvature(p.chord));
        Gradient g;
        if (p.to) {
            const auto steeper = [&](std::size_t look, double k) { return curvatureReading(p.here(), lookAt[look]).gradient * std::copysign(scale, k); };
            g = steeper(start ? nearStart : nearEnd, nearBy) + steeper(start ? 0 : evenLooks - 1, start ? k0 : k1) * -1;
        }
        return term(p, scale * (std::abs(nearBy) - atEnd), p.mass, g);
    }

    // At the smooth node that piece j begins with.
    double jumps(std::size_t j, const Bend& before, const Bend& after)
    {
        const double k0 = before.curvature[evenLooks - 1], k1 = after.curvature[0];
        const double scale =
            std::min(before.share, after.share) * fairness_.jump / (std::abs(k0) + std::abs(k1) + flatCurvature(std::min(before.chord, after.chord)));
        const double value = scale * (k1 - k0), weight = std::min(before.mass, after.mass);
        if (to_) {
            Row row;
            row.add(window_.linksOf(j), movesOf(*after.shape, curvatureReading(after.here(), 0).gradient), scale);
            row.add(window_.linksOf(j - 1), movesOf(*before.shape, curvatureReading(before.here(), 1).gradient), -scale);
            row.putInto(to_->all, value, weight);
        }
        return weight * value * value;
    }
};

} // namespace

double flatCurvature(double chord)
{
    constexpr double sagitta = 0.05; // px
    return 8 * sagitta / std::max(1.0, chord * chord);
}

double evenness(const Unknowns& window, const Fairness& fairness, const Samples& samples, Equations* to)
{
    return Terms(window, fairness, samples, to).sum();
}

} // namespace softrope::curve
