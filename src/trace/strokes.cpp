#include "trace/strokes.h"

#include "trace/ink_field.h"
#include "trace/pairing.h"
#include "trace/redrawn.h"
#include "trace/stroke_ends.h"
#include "trace/wedges.h"

#include <algorithm>

namespace softrope::trace {

namespace {

using curve::Vec2;

// Tuned on the centre lines of docs/quality.md: where a free end's cap begins, and whether it is round.
namespace tuned {
constexpr double tipReach = 4;       // widths, and as many px: how far ahead of the trusted points a line's edge is looked for
constexpr double seenFrom = 4.5;     // px: the shape of thinner caps cannot be seen
constexpr double capSection = 0.175; // of the cap behind its tip: a round one is 0.76 as wide there as the line, a square one 1
constexpr double squareFrom = 0.97;  // of the width: a cap as wide as this is square,
constexpr double roundBelow = 0.2;   // and one narrower by this is round
constexpr double halfRound = 0.4;    // from here on the line ends in the middle of its cap, not at the edge
} // namespace tuned

// Follows the branches from one to the next where they go on.
class Assembly {
public:
    Assembly(const SkeletonGraph& g, const pixel::Raster<float>& field, const StrokeOptions& options)
        : g_(g), field_(field), options_(options), measured_(measureBranches(g, field)), pairing_(g, measured_, field, options.joinWithin)
    {
    }

    std::vector<RawStroke> strokes()
    {
        std::vector<RawStroke> out;
        std::vector<char> used(g_.branches.size(), 0);
        for (std::size_t i = 0; i < g_.branches.size(); ++i) {
            if (g_.branches[i].gone || used[i] || pairing_.swallowed(i)) continue;
            if (g_.branches[i].ring()) {
                used[i] = 1;
                out.push_back(ringOf(i));
                continue;
            }
            // Back to where the line begins, or once round.
            Arm first{static_cast<int>(i), false};
            for (Arm before = pairing_.next(first); before.branch >= 0;) {
                const Arm start{before.branch, !before.atEnd};
                if (start == Arm{static_cast<int>(i), false}) break;
                first = start;
                before = pairing_.next(first);
                if (first.branch == static_cast<int>(i)) break;
            }
            out.push_back(follow(first, used));
        }
        if (options_.pass > 0) joinBroken(out, options_.pass);
        partWedges(out, field_);
        runInto(out, g_);
        if (options_.pass > 0) gatherRedrawn(out);
        return out;
    }

private:
    std::vector<Vec2> pointsOf(Arm start) const
    {
        const Measured& m = measured_[static_cast<std::size_t>(start.branch)];
        return start.atEnd ? std::vector<Vec2>{m.points.rbegin(), m.points.rend()} : m.points;
    }

    RawStroke ringOf(std::size_t i) const
    {
        const Measured& m = measured_[i];
        RawStroke s;
        s.points = m.points;
        s.closed = true;
        s.widths = m.widths;
        s.width = medianOf(m.widths, m.width);
        return s;
    }

    RawStroke follow(Arm first, std::vector<char>& used)
    {
        RawStroke s;
        Arm at = first;
        std::vector<double> widths;
        double width = measured_[static_cast<std::size_t>(first.branch)].width;
        for (;;) {
            const auto i = static_cast<std::size_t>(at.branch);
            used[i] = 1;
            const std::vector<Vec2> p = pointsOf(at);
            width = std::max(width, measured_[i].width);
            if (s.points.empty()) {
                s.points = p;
            } else {
                connect(s.points, p, pairing_.via(at), width);
                s.points.insert(s.points.end(), p.begin(), p.end());
            }
            if (at.atEnd)
                widths.insert(widths.end(), measured_[i].widths.rbegin(), measured_[i].widths.rend());
            else
                widths.insert(widths.end(), measured_[i].widths.begin(), measured_[i].widths.end());
            const Arm leave{at.branch, !at.atEnd};
            const Arm next = pairing_.next(leave);
            if (next.branch < 0) {
                finish(s, leave, false);
                break;
            }
            at = next;
            if (at == first) {
                s.closed = true;
                connect(s.points, pointsOf(first), pairing_.via(first), width);
                break;
            }
            if (used[static_cast<std::size_t>(at.branch)]) break;
        }
        s.widths = widths;
        s.width = medianOf(widths, measured_[static_cast<std::size_t>(first.branch)].width);
        if (!s.closed) finish(s, first, true);
        return s;
    }

    // Leads an open end to where it stops: at a free end to the middle of its cap, at a meeting left to runInto.
    void finish(RawStroke& s, Arm arm, bool atStart)
    {
        const Branch& b = g_.branches[static_cast<std::size_t>(arm.branch)];
        const int meeting = arm.atEnd ? b.to : b.from;
        const double width = measured_[static_cast<std::size_t>(arm.branch)].width;
        if (!g_.free(meeting)) {
            (atStart ? s.startMeets : s.endMeets) = true;
            return;
        }
        if (s.points.size() < 2) return;
        std::vector<Vec2> p = s.points;
        if (atStart) std::reverse(p.begin(), p.end());
        const Ray r = leaving(p, width);
        const double tip = edgeAlong(field_, r.at, r.along, tuned::tipReach * (width + 1));
        if (tip < 0) return;
        const double cap = options_.pass > 0 ? std::min(width, options_.pass) : width;
        double roundness = 0.5;
        if (cap > tuned::seenFrom) {
            const Vec2 near = r.at + r.along * (tip - tuned::capSection * cap), side = perpendicular(r.along);
            const double left = edgeAlong(field_, near, side, cap), right = edgeAlong(field_, near, -side, cap);
            if (left >= 0 && right >= 0) roundness = std::clamp((tuned::squareFrom - (left + right) / width) / tuned::roundBelow, 0.0, 1.0);
        }
        s.roundness = s.roundness == 0.5 ? roundness : (s.roundness + roundness) / 2;
        const double on = tip - (roundness > tuned::halfRound ? cap / 2 : 0);
        const Vec2 end = r.at + r.along * on;
        // Take back what lies beyond, or go on to it.
        while (p.size() > 2 && dot(p.back() - end, r.along) > -0.5) p.pop_back();
        along(Vec2{p.back()}, end, p);
        p.push_back(end);
        if (atStart) std::reverse(p.begin(), p.end());
        s.points = std::move(p);
    }

    const SkeletonGraph& g_;
    const pixel::Raster<float>& field_;
    StrokeOptions options_;
    std::vector<Measured> measured_;
    Pairing pairing_;
};

} // namespace

std::vector<RawStroke> strokesOf(const SkeletonGraph& graph, const pixel::Raster<float>& field, const StrokeOptions& options)
{
    return Assembly(graph, field, options).strokes();
}

} // namespace softrope::trace
