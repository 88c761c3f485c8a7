#include "curve/fair_span.h"

#include "curve/evenness.h"
#include "curve/fibres.h"

#include <algorithm>
#include <cmath>

namespace softrope::curve {

namespace {

class Balance {
public:
    Balance(const Samples& s, Run run, Vec2 from, double fromAngle, Vec2 to, double toAngle, const Meeting& meeting, Vec2 least)
        : from_(from), to_(to), out_(direction(fromAngle)), in_(direction(toAngle)),
          chord_(distance(from, to)), least_{std::clamp(least.x, 0.02 * chord_, chord_), std::clamp(least.y, 0.02 * chord_, chord_)}, meeting_(meeting)
    {
        constexpr long most = 32;
        const long n = run.last - run.first, stride = std::max(1L, n / most);
        fibres_ = Fibres(static_cast<std::size_t>(n / stride + 1));
        for (long i = run.first; i <= run.last; i += stride) {
            fibres_.add(s[i], n > 0 ? static_cast<double>(i - run.first) / static_cast<double>(n) : 0.5, 1);
        }
    }

    double meanSquare(double a, double b)
    {
        const Powers c(cubic(a, b));
        constexpr int steps = 2; // from where the feet were for handles much alike
        moveFeet(c, fibres_, steps);
        return weighedSquares(c, fibres_) / static_cast<double>(fibres_.count());
    }

    // Of both ends, each from 0 (none) to 1 (to the other side, or from none).
    double jumps(double a, double b) const
    {
        const double flat = flatCurvature(chord_);
        const Cubic c = cubic(a, b);
        double sum = 0;
        const auto add = [&](const std::optional<double>& there, double here) {
            if (!there) return;
            const double jump = (here - *there) / (std::abs(here) + std::abs(*there) + flat);
            sum += jump * jump;
        };
        add(meeting_.before, curvature(c, 0));
        add(meeting_.after, curvature(c, 1));
        return sum;
    }

    // From the handles as they are, to where distance and jumps together are least, a jump of all counting for `weight` px: along the axes, by
    // steps that shrink.
    void settle(double& a, double& b, double weight)
    {
        const auto cost = [&](double u, double v) { return meanSquare(u, v) + weight * weight * jumps(u, v); };
        const auto within = [&](double& u, double& v) {
            u = std::clamp(u, least_.x, chord_);
            v = std::clamp(v, least_.y, chord_);
        };
        within(a, b);
        double best = cost(a, b);
        for (double step = 0.1 * chord_; step > 5e-4 * chord_; step /= 2) {
            bool better = true;
            for (int round = 0; better && round < 8; ++round) {
                better = false;
                for (const auto& [da, db] : {Vec2{step, 0}, Vec2{-step, 0}, Vec2{0, step}, Vec2{0, -step}, Vec2{step, -step}, Vec2{-step, step}}) {
                    double u = a + da, v = b + db;
                    within(u, v);
                    if (const double there = cost(u, v); there < best) {
                        best = there;
                        a = u;
                        b = v;
                        better = true;
                    }
                }
            }
        }
    }

private:
    Vec2 from_, to_, out_, in_;
    double chord_;
    Vec2 least_; // of the handles, px
    Meeting meeting_;
    Fibres fibres_;

    Cubic cubic(double a, double b) const { return {from_, from_ + out_ * a, to_ - in_ * b, to_}; }
};

} // namespace

Meeting meetingOf(const Path& path, std::size_t from, std::size_t to)
{
    const std::size_t pieces = path.pieceCount();
    const auto bend = [&](std::size_t node, std::size_t piece, double end) -> std::optional<double> {
        const Cubic c = path.piece(piece % pieces);
        if (path.nodes[node].kind != NodeKind::smooth || isStraight(c)) return std::nullopt;
        return curvature(c, end);
    };
    Meeting m;
    if (path.closed || from > 0) m.before = bend(from, from + pieces - 1, 1);
    if (path.closed || to < pieces) m.after = bend(to, to, 0);
    return m;
}

SpanFit fairSpan(const Samples& s, Run run, Vec2 from, double fromAngle, Vec2 to, double toAngle, const Meeting& meeting, double slack, Vec2 least)
{
    SpanFit nearest = fitSpan(s, run, from, fromAngle, to, toAngle);
    if (run.last - run.first < 3 || !(distance(from, to) > 0)) return nearest;
    constexpr double worse = 1.1, room = 0.1;
    Balance balance(s, run, from, fromAngle, to, toAngle, meeting, least);
    if (nearest.a < least.x || nearest.b < least.y) balance.settle(nearest.a, nearest.b, 0);
    if (!meeting.before && !meeting.after) return nearest;
    balance.meanSquare(nearest.a, nearest.b); // brings the feet there
    const double most = worse * worse * balance.meanSquare(nearest.a, nearest.b) + room * room * slack * slack;
    // The most evenness that does not cost more.
    for (double weight = 32 * slack; weight > 0.02 * slack; weight /= 6) {
        SpanFit f = nearest;
        balance.settle(f.a, f.b, weight);
        if (balance.meanSquare(f.a, f.b) <= most) return f;
    }
    return nearest;
}

} // namespace softrope::curve
