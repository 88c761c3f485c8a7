#include "trace/stroke_ends.h"

#include "trace/ray.h"

#include <algorithm>
#include <cmath>

namespace softrope::trace {

using curve::Vec2;

namespace {

// Tuned on the pencil pages of docs/quality.md. Lengths in widths of a pass or of the line, angles in radians.
namespace tuned {
constexpr double gap = 3;          // passes: wider gaps are between lines
constexpr double onward = 0.6;     // the most a line turns over a gap
constexpr double ringFromGaps = 4; // a line shorter than so many gaps is not closed into a ring
constexpr double runReach = 3;     // widths, and
constexpr double runPixels = 4;    // px: how far an end looks for the line it runs into
constexpr double ownShare = 0.6;   // of the way to the meeting: its own last points are no target
constexpr double leastRun = 0.2;   // px: nearer crossings are where it starts
} // namespace tuned

struct End {
    std::size_t stroke;
    bool atStart;
    Ray ray;
};

// Crossing of the ray with another stroke, or the meeting nearest to the ray's way.
Vec2 targetOf(Ray ray, std::size_t self, const std::vector<RawStroke>& strokes, const SkeletonGraph& graph)
{
    double reach = tuned::runReach * strokes[self].width + tuned::runPixels;
    const Meeting* near = nullptr;
    double nearest = 1e9;
    for (const Meeting& m : graph.meetings)
        if (m.branches.size() > 2 && distance(m.at, ray.at) < nearest) {
            nearest = distance(m.at, ray.at);
            near = &m;
        }
    if (near) reach = std::max(reach, 2 * nearest + 2);
    double best = reach;
    bool hit = false;
    for (std::size_t k = 0; k < strokes.size(); ++k) {
        const std::vector<Vec2>& p = strokes[k].points;
        for (std::size_t i = 1; i < p.size() + (strokes[k].closed ? 1 : 0); ++i) {
            const Vec2 a = p[i - 1], b = p[i % p.size()];
            if (distance(a, ray.at) > reach + tuned::runPixels) continue;
            if (k == self && distance(a, ray.at) < tuned::ownShare * nearest + 2) continue;
            const double d = cross(ray.along, b - a);
            if (std::abs(d) < 1e-9) continue;
            const double s = cross(a - ray.at, b - a) / d, t = cross(a - ray.at, ray.along) / d;
            if (t < -1e-9 || t > 1 + 1e-9 || s < tuned::leastRun || s > best) continue;
            best = s;
            hit = true;
        }
    }
    if (hit) return ray.at + ray.along * best;
    return near ? near->at : ray.at;
}

} // namespace

RawStroke reversedOf(RawStroke s)
{
    std::reverse(s.points.begin(), s.points.end());
    std::reverse(s.widths.begin(), s.widths.end());
    std::swap(s.startMeets, s.endMeets);
    std::swap(s.startThere, s.endThere);
    return s;
}

void joinBroken(std::vector<RawStroke>& strokes, double pass)
{
    for (;;) {
        std::vector<End> ends;
        for (std::size_t i = 0; i < strokes.size(); ++i) {
            const RawStroke& s = strokes[i];
            if (s.closed || s.points.size() < 4) continue;
            if (!s.startMeets) ends.push_back({i, true, leaving({s.points.rbegin(), s.points.rend()}, s.width)});
            if (!s.endMeets) ends.push_back({i, false, leaving(s.points, s.width)});
        }
        double least = 1;
        const End *first = nullptr, *second = nullptr;
        for (std::size_t i = 0; i < ends.size(); ++i)
            for (std::size_t k = i + 1; k < ends.size(); ++k) {
                const End &a = ends[i], &b = ends[k];
                const double gap = distance(a.ray.at, b.ray.at), reach = tuned::gap * pass;
                if (gap > reach || (a.stroke == b.stroke && lengthOf(strokes[a.stroke].points) < tuned::ringFromGaps * reach)) continue;
                const double turned = turnThrough(a.ray, b.ray);
                if (turned > tuned::onward) continue;
                if (const double cost = 0.5 * gap / reach + 0.5 * turned / tuned::onward; cost < least) {
                    least = cost;
                    first = &a;
                    second = &b;
                }
            }
        if (!first) return;
        RawStroke& a = strokes[first->stroke];
        if (first->atStart) a = reversedOf(std::move(a));
        if (first->stroke == second->stroke) {
            connect(a.points, a.points, {}, a.width);
            a.closed = true;
            continue;
        }
        RawStroke b = second->atStart ? strokes[second->stroke] : reversedOf(strokes[second->stroke]);
        connect(a.points, b.points, {}, a.width);
        a.points.insert(a.points.end(), b.points.begin(), b.points.end());
        a.widths.insert(a.widths.end(), b.widths.begin(), b.widths.end());
        a.width = medianOf(a.widths, a.width);
        a.endMeets = b.endMeets;
        strokes.erase(strokes.begin() + static_cast<long>(second->stroke));
    }
}

void runInto(std::vector<RawStroke>& strokes, const SkeletonGraph& graph)
{
    std::vector<End> ends;
    for (std::size_t i = 0; i < strokes.size(); ++i) {
        const RawStroke& s = strokes[i];
        if (s.startMeets && !s.startThere) ends.push_back({i, true, leaving({s.points.rbegin(), s.points.rend()}, s.width)});
        if (s.endMeets && !s.endThere) ends.push_back({i, false, leaving(s.points, s.width)});
    }
    std::vector<Vec2> targets(ends.size());
    for (std::size_t e = 0; e < ends.size(); ++e) targets[e] = targetOf(ends[e].ray, ends[e].stroke, strokes, graph);
    for (std::size_t e = 0; e < ends.size(); ++e) {
        std::vector<Vec2>& p = strokes[ends[e].stroke].points;
        if (ends[e].atStart) std::reverse(p.begin(), p.end());
        along(Vec2{p.back()}, targets[e], p);
        p.push_back(targets[e]);
        if (ends[e].atStart) std::reverse(p.begin(), p.end());
    }
}

} // namespace softrope::trace
