#include "curve/evenness.h"

#include "curve/gradient.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace softrope::curve {

namespace {

// The piece as it lies, with what its moves do to its control points.
struct Bend {
    Cubic here;
    Vec2 out, in; // directions of travel at its ends, unit
    double a = 0, b = 0;
    double mass = 0;  // samples that it stands for: what its terms weigh
    double share = 1; // of the weights
    Links links{};
};

using Moves = std::array<double, movers>;
Moves movesOf(const Bend& p, const Gradient& g)
{
    const auto& [g0, g1, g2, g3] = g.by;
    return {g0.x + g1.x,
            g0.y + g1.y,
            g2.x + g3.x,
            g2.y + g3.y,
            dot(g1, p.out),
            -dot(g2, p.in),
            p.a * dot(g1, perpendicular(p.out)),
            -p.b * dot(g2, perpendicular(p.in))};
}

// How a term grows with each unknown.
class Row {
public:
    void add(const Bend& p, const Moves& slope, double factor)
    {
        for (std::size_t m = 0; m < movers; ++m)
            for (int k = 0; k < p.links[m].count; ++k) entries_[count_++] = {p.links[m].slot[k], factor * p.links[m].factor[k] * slope[m]};
    }
    void putInto(Equations& to, double value, double weight) const
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
        int slot;
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
        Bend last;
        for (std::size_t j = 0; j < window_.pieces(); ++j) {
            if (window_.piece(j).line) continue;
            const Bend p = bendOf(j);
            if (!fairness_.side.empty() && fairness_.side[window_.index(j)] != 0) sum += sides(p, fairness_.side[window_.index(j)]);
            if (fairness_.change > 0) sum += changes(p);
            if (fairness_.jump > 0) sum += crests(p);
            if (fairness_.jump > 0 && j > 0 && window_.node(j).smooth && !window_.piece(j - 1).line) sum += jumps(last, p);
            last = p;
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
        const ChainNode &u = window_.node(j), &v = window_.node(j + 1);
        Bend p;
        p.out = direction(u.out);
        p.in = direction(v.in);
        p.a = window_.piece(j).a;
        p.b = window_.piece(j).b;
        p.here = {u.at, u.at + p.out * p.a, v.at - p.in * p.b, v.at};
        const Run run = runOf(window_.chain(), window_.index(j), samples_);
        p.mass = static_cast<double>(run.last - run.first + 1);
        if (!fairness_.share.empty()) p.share = fairness_.share[window_.index(j)];
        if (to_) p.links = window_.linksOf(j);
        return p;
    }

    // A term that ought to be zero.
    double term(const Bend& p, double value, double weight, const Gradient& gradient)
    {
        if (to_) {
            Row row;
            row.add(p, movesOf(p, gradient), 1);
            row.putInto(*to_, value, weight);
        }
        return weight * value * value;
    }

    // How far the piece is from bending to one side alone, px.
    double sides(const Bend& p, int side)
    {
        constexpr double firm = 40;    // samples' worth for each of the piece's own
        constexpr double clear = 2e-3; // of the chord: a handle is to stand out by this
        double sum = 0;
        const Reading chord = chordReading(p.here);
        const std::array<double, 4> heights = convexity(p.here);
        for (std::size_t k = 0; k < heights.size(); ++k) {
            const double lacking = clear * chord.value - side * heights[k];
            if (lacking <= 0) continue;
            Gradient g;
            if (to_) g = chord.gradient * clear + convexityReading(p.here, k).gradient * -side;
            sum += term(p, lacking, firm * p.mass, g);
        }
        return sum;
    }

    // By how much the curvature changes from each look along the piece to the next, times the chord.
    double changes(const Bend& p)
    {
        constexpr std::size_t looks = 6;
        double sum = 0;
        const double firm = p.share * fairness_.change;
        const Reading chord = chordReading(p.here);
        const auto look = [&](std::size_t k) {
            const double t = static_cast<double>(k) / looks;
            return to_ ? curvatureReading(p.here, t) : Reading{curvature(p.here, t), {}};
        };
        Reading before = look(0);
        for (std::size_t k = 1; k <= looks; ++k) {
            const Reading after = look(k);
            const double change = after.value - before.value;
            Gradient g;
            if (to_) g = (after.gradient + before.gradient * -1) * (firm * chord.value) + chord.gradient * (firm * change);
            sum += term(p, firm * chord.value * change, p.mass / looks, g);
            before = after;
        }
        return sum;
    }

    // Curvature that falls towards the end at which it is greatest: its crest belongs into the node.
    double crests(const Bend& p)
    {
        constexpr double inside = 0.12;
        const Cubic& c = p.here;
        const double k0 = curvature(c, 0), k1 = curvature(c, 1), atEnd = std::max(std::abs(k0), std::abs(k1));
        const double end = std::abs(k0) > std::abs(k1) ? 0 : 1, near = end == 0 ? inside : 1 - inside;
        const double nearBy = curvature(c, near);
        if (!(std::abs(nearBy) > atEnd)) return 0;
        const double scale = p.share * fairness_.jump / (std::abs(nearBy) + atEnd + flatCurvature(distance(c.p0, c.p3)));
        Gradient g;
        if (to_) {
            const auto steeper = [&](double t, double k) { return curvatureReading(c, t).gradient * std::copysign(scale, k); };
            g = steeper(near, nearBy) + steeper(end, end == 0 ? k0 : k1) * -1;
        }
        return term(p, scale * (std::abs(nearBy) - atEnd), p.mass, g);
    }

    // At the smooth node between two pieces.
    double jumps(const Bend& before, const Bend& after)
    {
        const double least = std::min(distance(before.here.p0, before.here.p3), distance(after.here.p0, after.here.p3));
        const double k0 = curvature(before.here, 1), k1 = curvature(after.here, 0);
        const double scale = std::min(before.share, after.share) * fairness_.jump / (std::abs(k0) + std::abs(k1) + flatCurvature(least));
        const double value = scale * (k1 - k0), weight = std::min(before.mass, after.mass);
        if (to_) {
            Row row;
            row.add(after, movesOf(after, curvatureReading(after.here, 0).gradient), scale);
            row.add(before, movesOf(before, curvatureReading(before.here, 1).gradient), -scale);
            row.putInto(*to_, value, weight);
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
