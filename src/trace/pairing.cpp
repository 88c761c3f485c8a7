#include "trace/pairing.h"

#include "curve/samples.h"
#include "trace/centre_line.h"

#include <algorithm>
#include <cmath>

namespace softrope::trace {

using curve::Vec2;

// Tuned on the centre lines of docs/quality.md (icons drawn clean, inked and in pencil): strokes that come out as one, and none
// that is not there. Lengths are in radii of the meeting or widths of the line, angles in radians.
namespace tuned {
constexpr double bridgeLength = 7;   // radii: lines that cross at about 16 degrees lie on one another for so long
constexpr double straightOn = 0.35;  // a line that turns by more went somewhere else
constexpr double stemLength = 8;     // widths: longer stems are lines,
constexpr double halfWay = 1.15;     // unless they are thicker than their tip by so much half way,
constexpr double partingLength = 16; // or longer than this
constexpr double blunt = 1.4;        // between the two lines: wider corners have no stem
constexpr double growth = 1.15;      // the stem's root over its tip, radii: two lines side by side are thicker than one
constexpr double tipRadius = 0.75;   // widths: the tip is one line thick
} // namespace tuned

Pairing::Pairing(const SkeletonGraph& graph, const std::vector<Measured>& measured, const pixel::Raster<float>& field, double joinWithin)
    : g_(graph), measured_(measured), field_(field), joinWithin_(joinWithin), next_(2 * graph.branches.size()), via_(2 * graph.branches.size()),
      swallowed_(graph.branches.size(), 0), done_(graph.meetings.size(), 0)
{
    for (std::size_t i = 0; i < g_.branches.size(); ++i) crossOver(static_cast<int>(i));
    for (std::size_t m = 0; m < g_.meetings.size(); ++m)
        if (!done_[m]) pairUp(static_cast<int>(m));
}

void Pairing::pair(Arm a, Arm b)
{
    next_[indexOf(a)] = b;
    next_[indexOf(b)] = a;
}

// The ray with which an arm comes out of its branch into the meeting.
Ray Pairing::rayOf(Arm a) const
{
    const Measured& m = measured_[static_cast<std::size_t>(a.branch)];
    if (a.atEnd) return leaving(m.points, m.width);
    const Ray r = entering(m.points, m.width);
    return {r.at, -r.along};
}

std::vector<Arm> Pairing::armsOf(int meeting) const
{
    std::vector<Arm> arms;
    for (const int i : g_.meetings[static_cast<std::size_t>(meeting)].branches) {
        const Branch& b = g_.branches[static_cast<std::size_t>(i)];
        if (b.from == meeting && std::find(arms.begin(), arms.end(), Arm{i, false}) == arms.end()) arms.push_back({i, false});
        if (b.to == meeting && std::find(arms.begin(), arms.end(), Arm{i, true}) == arms.end()) arms.push_back({i, true});
    }
    return arms;
}

// Lines that cross at a small angle lie on one another for a while: the skeleton has a bridge there between two
// meetings. It is none of its own when both lines run on straight to the other side.
void Pairing::crossOver(int bridge)
{
    const Branch& b = g_.branches[static_cast<std::size_t>(bridge)];
    if (b.gone || b.ring() || b.from == b.to || done_[static_cast<std::size_t>(b.from)] || done_[static_cast<std::size_t>(b.to)]) return;
    const double radius = std::max(g_.meetings[static_cast<std::size_t>(b.from)].radius, g_.meetings[static_cast<std::size_t>(b.to)].radius);
    if (lengthOf(b.points) > tuned::bridgeLength * radius) return;
    std::vector<Arm> near = armsOf(b.from), far = armsOf(b.to);
    const auto others = [&](std::vector<Arm>& arms) {
        arms.erase(std::remove_if(arms.begin(), arms.end(), [&](Arm a) { return a.branch == bridge; }), arms.end());
        return arms.size() == 2 && arms[0].branch != arms[1].branch;
    };
    if (!others(near) || !others(far)) return;
    for (const bool swapped : {false, true}) {
        const Arm a = far[swapped ? 1 : 0], c = far[swapped ? 0 : 1];
        if (turnThrough(rayOf(near[0]), rayOf(a)) > tuned::straightOn || turnThrough(rayOf(near[1]), rayOf(c)) > tuned::straightOn) continue;
        pair(near[0], a);
        pair(near[1], c);
        swallowed_[static_cast<std::size_t>(bridge)] = 1;
        done_[static_cast<std::size_t>(b.from)] = done_[static_cast<std::size_t>(b.to)] = 1;
        return;
    }
}

void Pairing::pairUp(int meeting)
{
    const Meeting& m = g_.meetings[static_cast<std::size_t>(meeting)];
    if (m.branches.size() < 2) return;
    const std::vector<Arm> arms = armsOf(meeting);
    if (arms.size() == 3 && sharpCorner(m, arms)) return;
    std::vector<char> taken(arms.size(), 0);
    for (;;) {
        double least = joinWithin_;
        std::size_t bi = 0, bj = 0;
        for (std::size_t i = 0; i < arms.size(); ++i)
            for (std::size_t j = i + 1; j < arms.size(); ++j) {
                if (taken[i] || taken[j]) continue;
                const double t = turnThrough(rayOf(arms[i]), rayOf(arms[j]));
                if (t < least) {
                    least = t;
                    bi = i;
                    bj = j;
                }
            }
        if (bi == bj) return;
        taken[bi] = taken[bj] = 1;
        pair(arms[bi], arms[bj]);
    }
}

// Two lines that meet in a sharp corner lie on one another before they part: the skeleton has a stem there that is
// no line. Recognised by the stem's free tip lying where the two lines cross.
bool Pairing::sharpCorner(const Meeting& m, const std::vector<Arm>& arms)
{
    for (std::size_t s = 0; s < 3; ++s) {
        const Branch& stem = g_.branches[static_cast<std::size_t>(arms[s].branch)];
        const int other = arms[s].atEnd ? stem.from : stem.to;
        if (!g_.free(other)) continue;
        const Arm a = arms[(s + 1) % 3], b = arms[(s + 2) % 3];
        if (a.branch == b.branch) continue;
        const double width = std::max(measured_[static_cast<std::size_t>(a.branch)].width, measured_[static_cast<std::size_t>(b.branch)].width);
        const double length = lengthOf(stem.points) / width;
        // Half way down two lines side by side have begun to part, a line has not.
        const bool parting =
            !stem.radius.empty() && stem.radius[stem.radius.size() / 2] >= tuned::halfWay * g_.meetings[static_cast<std::size_t>(other)].radius;
        if (length > (parting ? tuned::partingLength : tuned::stemLength)) continue;
        const Ray ra = rayOf(a), rb = rayOf(b);
        if (std::abs(curve::turn(ra.along, rb.along)) > tuned::blunt) continue;
        // Both lines head for the stem's tip, and the stem grows from a line's width into two side by side.
        const Meeting& tip = g_.meetings[static_cast<std::size_t>(other)];
        if (std::abs(curve::turn(ra.along, tip.at - ra.at)) > tuned::straightOn || std::abs(curve::turn(rb.along, tip.at - rb.at)) > tuned::straightOn)
            continue;
        if (m.radius < tuned::growth * tip.radius || tip.radius > tuned::tipRadius * width) continue;
        // The skeleton's last pixel is somewhere in the cap.
        const Vec2 up = unit(tip.at - m.at);
        const double cap = edgeAlong(field_, tip.at, up, 2 * width);
        via_[indexOf(a)] = via_[indexOf(b)] = cap < 0 ? tip.at : tip.at + up * (cap - std::max(width / 2, tip.radius));
        swallowed_[static_cast<std::size_t>(arms[s].branch)] = 1;
        pair(a, b);
        return true;
    }
    return false;
}

} // namespace softrope::trace
