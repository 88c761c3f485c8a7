#include "trace/pairing.h"

#include "curve/samples.h"
#include "trace/centre_line.h"
#include "trace/hairpin.h"

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
constexpr double gathered = 1.1;     // between two lines that run on side by side
constexpr double blunt = 1.4;        // between the two lines: wider corners have no stem
constexpr double standLength = 3;    // widths: the tip of a V that stands on a line
constexpr double standThick = 1.15;  // widths: of its stem half way
constexpr double touches = 0.9;      // of its way to the line
constexpr double standAngle = 1.25;  // between its two lines
constexpr double groundBent = 0.8;   // of the line it stands on, whose own ink the V has pulled about
constexpr double standAside = 0.8;   // by how much either may miss the stem's foot
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

// The stem is no line: `a` goes on as `b` by the way round it.
void Pairing::swallow(int stem, Arm a, Arm b, std::vector<Vec2> way)
{
    swallowed_[static_cast<std::size_t>(stem)] = 1;
    pair(a, b);
    via_[indexOf(a)].assign(way.rbegin(), way.rend());
    via_[indexOf(b)] = std::move(way);
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
    if (arms.size() == 3 && stemOfTwo(m, arms)) return;
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

// Two lines that come together at their ends lie on one another before they part: the skeleton has a stem there that is no line.
bool Pairing::stemOfTwo(const Meeting& m, const std::vector<Arm>& arms)
{
    for (std::size_t s = 0; s < 3; ++s) {
        const Arm stem = arms[s], a = arms[(s + 1) % 3], b = arms[(s + 2) % 3];
        if (a.branch == b.branch) continue;
        const Branch& branch = g_.branches[static_cast<std::size_t>(stem.branch)];
        if (g_.free(stem.atEnd ? branch.from : branch.to) ? sharpCorner(m, stem, a, b) || hairpin(stem, a, b) : standing(m, stem, a, b)) return true;
    }
    return false;
}

double Pairing::widthOf(Arm a, Arm b) const
{
    return std::max(measured_[static_cast<std::size_t>(a.branch)].width, measured_[static_cast<std::size_t>(b.branch)].width);
}

// Recognised by the stem's free tip lying where the two lines cross.
bool Pairing::sharpCorner(const Meeting& m, Arm stem, Arm a, Arm b)
{
    const Branch& branch = g_.branches[static_cast<std::size_t>(stem.branch)];
    const Meeting& tip = g_.meetings[static_cast<std::size_t>(stem.atEnd ? branch.from : branch.to)];
    const double width = widthOf(a, b), length = lengthOf(branch.points) / width;
    // Half way down two lines side by side have begun to part, a line has not.
    const bool parting = !branch.radius.empty() && branch.radius[branch.radius.size() / 2] >= tuned::halfWay * tip.radius;
    if (length > (parting ? tuned::partingLength : tuned::stemLength)) return false;
    const Ray ra = rayOf(a), rb = rayOf(b);
    if (std::abs(curve::turn(ra.along, rb.along)) > tuned::blunt) return false;
    // Both lines head for the stem's tip, and the stem grows from a line's width into two side by side.
    if (std::abs(curve::turn(ra.along, tip.at - ra.at)) > tuned::straightOn || std::abs(curve::turn(rb.along, tip.at - rb.at)) > tuned::straightOn)
        return false;
    if (m.radius < tuned::growth * tip.radius || tip.radius > tuned::tipRadius * width) return false;
    // The skeleton's last pixel is somewhere in the cap.
    const Vec2 up = unit(tip.at - m.at);
    const double cap = edgeAlong(field_, tip.at, up, 2 * width);
    swallow(stem.branch, a, b, {cap < 0 ? tip.at : tip.at + up * (cap - std::max(width / 2, tip.radius))});
    return true;
}

// A blade with a round head, drawn round in one go.
bool Pairing::hairpin(Arm stem, Arm a, Arm b)
{
    const Branch& branch = g_.branches[static_cast<std::size_t>(stem.branch)];
    const double width = widthOf(a, b);
    const Ray ra = rayOf(a), rb = rayOf(b);
    if (std::abs(curve::turn(ra.along, rb.along)) > tuned::gathered || lengthOf(branch.points) > tuned::partingLength * width) return false;
    std::vector<Vec2> way = roundHairpin(branch, stem.atEnd, width, field_);
    if (way.empty()) return false;
    const double so = distance(ra.at, way.front()) + distance(rb.at, way.back());
    if (so > distance(ra.at, way.back()) + distance(rb.at, way.front())) std::reverse(way.begin(), way.end());
    swallow(stem.branch, a, b, std::move(way));
    return true;
}

// The tip of a V that stands on another line: the ink of both lines has run together above it.
bool Pairing::standing(const Meeting& m, Arm stem, Arm a, Arm b)
{
    const Branch& branch = g_.branches[static_cast<std::size_t>(stem.branch)];
    const int foot = stem.atEnd ? branch.from : branch.to;
    const double width = widthOf(a, b);
    if (branch.from == branch.to) return false; // a loop stands on nothing
    if (lengthOf(branch.points) > tuned::standLength * width || branch.radius.empty()) return false;
    const double thinner = std::min(measured_[static_cast<std::size_t>(a.branch)].width, measured_[static_cast<std::size_t>(b.branch)].width);
    if (2 * branch.radius[branch.radius.size() / 2] < tuned::standThick * thinner) return false;
    const Vec2 at = g_.meetings[static_cast<std::size_t>(foot)].at;
    const Ray ra = rayOf(a), rb = rayOf(b);
    if (std::abs(curve::turn(ra.along, rb.along)) > tuned::standAngle) return false;
    for (const Ray& r : {ra, rb})
        if (std::abs(curve::turn(r.along, at - r.at)) > tuned::standAside) return false;
    std::vector<Arm> ground = armsOf(foot);
    const Arm lower{stem.branch, !stem.atEnd};
    ground.erase(std::remove(ground.begin(), ground.end(), lower), ground.end());
    if (ground.size() != 2 || ground[0].branch == ground[1].branch || next(lower).branch >= 0) return false;
    if (turnThrough(rayOf(ground[0]), rayOf(ground[1])) > tuned::groundBent) return false;
    const Vec2 down = at - m.at;
    const auto cross = crossingOf(ra, rb);
    const double share = cross ? dot(ra.at + ra.along * cross->first - m.at, down) / dot(down, down) : 1;
    // A tip that all but touches the line does: areas are enclosed there.
    swallow(stem.branch, a, b, {share > tuned::touches ? at : m.at + down * std::max(share, 0.0)});
    return true;
}

} // namespace softrope::trace
