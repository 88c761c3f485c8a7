#include "trace/strokes.h"

#include "curve/cubic.h"
#include "curve/samples.h"
#include "trace/ink_field.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace softrope::trace {

namespace {

using curve::Vec2;

double medianOf(std::vector<double> v, double otherwise)
{
    if (v.empty()) return otherwise;
    const auto mid = v.begin() + static_cast<long>(v.size() / 2);
    std::nth_element(v.begin(), mid, v.end());
    return *mid;
}

// A place and a direction of travel.
struct Ray {
    Vec2 at, along;
};

// Where a row of points is going at its last one, from as many points as a few widths.
Ray leaving(const std::vector<Vec2>& p, double width)
{
    const long n = static_cast<long>(p.size());
    if (n == 0) return {};
    if (n == 1) return {p[0], {}};
    const long span = std::min(n, std::clamp(static_cast<long>(std::lround(2.2 * width)), 7L, 40L));
    curve::Samples s;
    s.points.assign(p.end() - span, p.end());
    s.step = std::max(1e-6, lengthOf(s.points) / static_cast<double>(span - 1));
    const bool bent = span >= 12;
    const curve::LocalFit f =
        bent ? curve::localParabola(s, 0, span - 1, static_cast<double>(span - 1)) : curve::localLine(s, 0, span - 1, static_cast<double>(span - 1));
    Vec2 along = f.tangent;
    if (dot(along, s.points.back() - s.points.front()) < 0) along = -along;
    return {f.point, along};
}
Ray entering(const std::vector<Vec2>& p, double width)
{
    const Ray r = leaving({p.rbegin(), p.rend()}, width);
    return {r.at, -r.along};
}

// Where two rays cross, as distances along the first and (backwards) along the second; nothing for parallel ones.
std::optional<std::pair<double, double>> crossingOf(Ray a, Ray b)
{
    const double d = cross(a.along, b.along);
    if (std::abs(d) < 0.05) return std::nullopt;
    const Vec2 gap = b.at - a.at;
    return std::pair{cross(gap, b.along) / d, -cross(gap, a.along) / d};
}

// Points on the straight from a to b, both left out, about 1 px apart.
void along(Vec2 a, Vec2 b, std::vector<Vec2>& into)
{
    const int n = static_cast<int>(distance(a, b));
    for (int i = 1; i <= n; ++i) into.push_back(lerp(a, b, static_cast<double>(i) / (n + 1)));
}

// Points from a to b, both left out: round a corner where the directions cross ahead, else along a smooth arc.
std::vector<Vec2> bridge(Ray a, Ray b, double width)
{
    std::vector<Vec2> out;
    const double gap = distance(a.at, b.at);
    const double turned = std::abs(curve::turn(a.along, b.along));
    const auto cross = crossingOf(a, b);
    if (cross && turned > 0.5 && cross->first > -0.3 * width && cross->second > -0.3 * width && cross->first + cross->second < 1.6 * gap + width) {
        const Vec2 corner = a.at + a.along * cross->first;
        along(a.at, corner, out);
        out.push_back(corner);
        along(corner, b.at, out);
        return out;
    }
    const curve::Cubic c{a.at, a.at + a.along * (gap / 3), b.at - b.along * (gap / 3), b.at};
    const int n = static_cast<int>(gap);
    for (int i = 1; i <= n; ++i) out.push_back(at(c, static_cast<double>(i) / (n + 1)));
    return out;
}

// Leads `line` on to the beginning of `next`, by way of a known corner if there is one.
void connect(std::vector<Vec2>& line, const std::vector<Vec2>& next, const std::optional<Vec2>& corner, double width)
{
    if (corner) {
        along(line.back(), *corner, line);
        line.push_back(*corner);
        along(*corner, next.front(), line);
        return;
    }
    const std::vector<Vec2> over = bridge(leaving(line, width), entering(next, width), width);
    line.insert(line.end(), over.begin(), over.end());
}

// One branch, measured, with what cannot be trusted at its ends cut off.
struct Measured {
    std::vector<Vec2> points;
    std::vector<double> widths;
    double width = 1;
};

struct Arm {
    int branch = -1;
    bool atEnd = false; // the branch's last point lies at the meeting
    friend bool operator==(const Arm&, const Arm&) = default;
};

class Assembly {
public:
    Assembly(const SkeletonGraph& g, const pixel::Raster<float>& field, const StrokeOptions& options) : g_(g), field_(field), options_(options)
    {
        measure();
        next_.assign(2 * g.branches.size(), Arm{});
        via_.resize(2 * g.branches.size());
        swallowed_.assign(g.branches.size(), 0);
        done_.assign(g.meetings.size(), 0);
        for (std::size_t i = 0; i < g.branches.size(); ++i) crossOver(static_cast<int>(i));
        for (std::size_t m = 0; m < g.meetings.size(); ++m)
            if (!done_[m]) pairUp(static_cast<int>(m));
    }

    std::vector<RawStroke> strokes()
    {
        std::vector<RawStroke> out;
        std::vector<char> used(g_.branches.size(), 0);
        for (std::size_t i = 0; i < g_.branches.size(); ++i) {
            if (g_.branches[i].gone || used[i] || swallowed_[i]) continue;
            if (g_.branches[i].ring()) {
                used[i] = 1;
                out.push_back(ringOf(i));
                continue;
            }
            // Back to where the line begins, or once round.
            Arm first{static_cast<int>(i), false};
            for (Arm before = nextOf(first); before.branch >= 0;) {
                const Arm start{before.branch, !before.atEnd};
                if (start == Arm{static_cast<int>(i), false}) break;
                first = start;
                before = nextOf(first);
                if (first.branch == static_cast<int>(i)) break;
            }
            out.push_back(follow(first, used));
        }
        if (options_.pass > 0) joinBroken(out);
        runInto(out);
        return out;
    }

private:
    static std::size_t indexOf(Arm a) { return 2 * static_cast<std::size_t>(a.branch) + (a.atEnd ? 1 : 0); }
    Arm& nextOf(Arm a) { return next_[indexOf(a)]; }

    bool free(int meeting) const { return g_.meetings[static_cast<std::size_t>(meeting)].branches.size() < 2; }

    void measure()
    {
        measured_.resize(g_.branches.size());
        for (std::size_t i = 0; i < g_.branches.size(); ++i) {
            const Branch& b = g_.branches[i];
            if (b.gone) continue;
            const std::vector<CentrePoint> c = centred(b.points, b.radius, b.ring(), field_);
            std::vector<double> seen;
            for (std::size_t k = 0; k < c.size(); ++k)
                if (c[k].measured && clearOfMeetings(b, c[k].at, 1.0)) seen.push_back(c[k].width);
            if (seen.size() < 3) {
                seen.clear();
                for (const CentrePoint& p : c)
                    if (p.measured) seen.push_back(p.width);
            }
            Measured& m = measured_[i];
            m.width = medianOf(seen, 2 * medianOf({b.radius.begin(), b.radius.end()}, 0.5));
            std::size_t first = 0, last = c.size();
            if (!b.ring()) {
                first = cutOff(b, c, m.width, false);
                last = c.size() - cutOff(b, c, m.width, true);
                if (last < first + 2) { // nothing to be sure of: the middle and its neighbours
                    const std::size_t mid = c.size() / 2;
                    first = mid > 0 ? mid - 1 : 0;
                    last = std::min(c.size(), mid + 1);
                }
            }
            fill(m, b, c, first, last);
        }
    }

    bool clearOfMeetings(const Branch& b, Vec2 p, double share) const
    {
        for (const int m : {b.from, b.to}) {
            if (m < 0) continue;
            const Meeting& meet = g_.meetings[static_cast<std::size_t>(m)];
            if (distance(p, meet.at) < share * meet.radius) return false;
        }
        return true;
    }

    // How many points at an end are to be left out: inside a meeting's disc and as long as the line is wider than usual;
    // at a free end the last half width, where the skeleton may turn into a corner of the end.
    std::size_t cutOff(const Branch& b, const std::vector<CentrePoint>& c, double width, bool atEnd) const
    {
        const int meeting = atEnd ? b.to : b.from;
        const Meeting& meet = g_.meetings[static_cast<std::size_t>(meeting)];
        const std::size_t most = c.size() / 2;
        const auto point = [&](std::size_t k) { return c[atEnd ? c.size() - 1 - k : k]; };
        std::size_t k = 0;
        if (free(meeting)) {
            const double tip = edgeAlong(field_, meet.at, unit(meet.at - point(std::min<std::size_t>(most, 4)).at), 3 * width);
            while (k < most && distance(point(k).at, meet.at) + std::max(0.0, tip) < 0.55 * width + 0.5) ++k;
            while (k < most && !point(k).measured) ++k;
            return k;
        }
        while (k < most && distance(point(k).at, meet.at) < 0.8 * meet.radius) ++k;
        const double far = 3.5 * meet.radius + 4;
        while (k < most && distance(point(k).at, meet.at) < far && (!point(k).measured || point(k).width > 1.13 * width + 0.4)) ++k;
        return k;
    }

    // Keeps what was measured and bridges what was not, and where the section is much longer than the line is thick
    // (round corners it does not lie across).
    void fill(Measured& m, const Branch& b, const std::vector<CentrePoint>& c, std::size_t first, std::size_t last) const
    {
        const auto plain = [&](std::size_t k) { return c[k].measured && c[k].width < 1.4 * 2 * b.radius[k] + 1; };
        std::size_t k = first;
        while (k < last) {
            if (plain(k)) {
                m.points.push_back(c[k].at);
                m.widths.push_back(c[k].width);
                ++k;
                continue;
            }
            std::size_t to = k;
            std::vector<Vec2> after;
            while (to < last && !plain(to)) ++to;
            for (std::size_t i = to; i < std::min(last, to + 24) && c[i].measured; ++i) after.push_back(c[i].at);
            if (m.points.size() > 3 && after.size() > 3) {
                const std::vector<Vec2> over = bridge(leaving(m.points, m.width), entering(after, m.width), m.width);
                m.points.insert(m.points.end(), over.begin(), over.end());
            } else {
                for (; k < to; ++k) m.points.push_back(c[k].at);
            }
            k = to;
        }
    }

    // The ray with which an arm comes out of its branch into the meeting.
    Ray rayOf(Arm a) const
    {
        const Measured& m = measured_[static_cast<std::size_t>(a.branch)];
        if (a.atEnd) return leaving(m.points, m.width);
        const Ray r = entering(m.points, m.width);
        return {r.at, -r.along};
    }

    // The whole turn of a line that comes in along a, crosses to b and leaves along it backwards.
    static double turnThrough(Ray a, Ray b)
    {
        const Vec2 chord = b.at - a.at;
        const double whole = std::abs(curve::turn(a.along, -b.along));
        if (length(chord) < 1.5) return whole;
        return std::max(whole, std::abs(curve::turn(a.along, chord)) + std::abs(curve::turn(chord, -b.along)));
    }

    std::vector<Arm> armsOf(int meeting) const
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
    void crossOver(int bridge)
    {
        const Branch& b = g_.branches[static_cast<std::size_t>(bridge)];
        if (b.gone || b.ring() || b.from == b.to || done_[static_cast<std::size_t>(b.from)] || done_[static_cast<std::size_t>(b.to)]) return;
        const double radius = std::max(g_.meetings[static_cast<std::size_t>(b.from)].radius, g_.meetings[static_cast<std::size_t>(b.to)].radius);
        if (lengthOf(b.points) > 7 * radius) return;
        std::vector<Arm> near = armsOf(b.from), far = armsOf(b.to);
        const auto others = [&](std::vector<Arm>& arms) {
            arms.erase(std::remove_if(arms.begin(), arms.end(), [&](Arm a) { return a.branch == bridge; }), arms.end());
            return arms.size() == 2 && arms[0].branch != arms[1].branch;
        };
        if (!others(near) || !others(far)) return;
        for (const bool swapped : {false, true}) {
            const Arm a = far[swapped ? 1 : 0], c = far[swapped ? 0 : 1];
            if (turnThrough(rayOf(near[0]), rayOf(a)) > 0.35 || turnThrough(rayOf(near[1]), rayOf(c)) > 0.35) continue;
            for (const auto& [p, q] : {std::pair{near[0], a}, std::pair{near[1], c}}) {
                nextOf(p) = q;
                nextOf(q) = p;
            }
            swallowed_[static_cast<std::size_t>(bridge)] = 1;
            done_[static_cast<std::size_t>(b.from)] = done_[static_cast<std::size_t>(b.to)] = 1;
            return;
        }
    }

    void pairUp(int meeting)
    {
        const Meeting& m = g_.meetings[static_cast<std::size_t>(meeting)];
        if (m.branches.size() < 2) return;
        const std::vector<Arm> arms = armsOf(meeting);
        if (arms.size() == 3 && sharpCorner(m, arms)) return;
        std::vector<char> taken(arms.size(), 0);
        for (;;) {
            double least = options_.joinWithin;
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
            nextOf(arms[bi]) = arms[bj];
            nextOf(arms[bj]) = arms[bi];
        }
    }

    // Two lines that meet in a sharp corner lie on one another before they part: the skeleton has a stem there that is
    // no line. Recognised by the stem's free tip lying where the two lines cross.
    bool sharpCorner(const Meeting& m, const std::vector<Arm>& arms)
    {
        for (std::size_t s = 0; s < 3; ++s) {
            const Branch& stem = g_.branches[static_cast<std::size_t>(arms[s].branch)];
            const int other = arms[s].atEnd ? stem.from : stem.to;
            if (!free(other)) continue;
            const Arm a = arms[(s + 1) % 3], b = arms[(s + 2) % 3];
            if (a.branch == b.branch) continue;
            const double width = std::max(measured_[static_cast<std::size_t>(a.branch)].width, measured_[static_cast<std::size_t>(b.branch)].width);
            if (lengthOf(stem.points) > 8 * width) continue;
            const Ray ra = rayOf(a), rb = rayOf(b);
            if (std::abs(curve::turn(ra.along, rb.along)) > 1.4) continue;
            // Both lines head for the stem's tip, and the stem grows from a line's width into two side by side.
            const Meeting& tip = g_.meetings[static_cast<std::size_t>(other)];
            if (std::abs(curve::turn(ra.along, tip.at - ra.at)) > 0.35 || std::abs(curve::turn(rb.along, tip.at - rb.at)) > 0.35) continue;
            if (m.radius < 1.15 * tip.radius || tip.radius > 0.75 * width) continue;
            via_[indexOf(a)] = via_[indexOf(b)] = tip.at;
            swallowed_[static_cast<std::size_t>(arms[s].branch)] = 1;
            nextOf(a) = b;
            nextOf(b) = a;
            return true;
        }
        return false;
    }

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
                connect(s.points, p, via_[indexOf(at)], width);
                s.points.insert(s.points.end(), p.begin(), p.end());
            }
            if (at.atEnd)
                widths.insert(widths.end(), measured_[i].widths.rbegin(), measured_[i].widths.rend());
            else
                widths.insert(widths.end(), measured_[i].widths.begin(), measured_[i].widths.end());
            const Arm leave{at.branch, !at.atEnd};
            const Arm next = nextOf(leave);
            if (next.branch < 0) {
                finish(s, leave, false);
                break;
            }
            at = next;
            if (at == first) {
                s.closed = true;
                connect(s.points, pointsOf(first), via_[indexOf(first)], width);
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
        if (!free(meeting)) {
            (atStart ? s.startMeets : s.endMeets) = true;
            return;
        }
        if (s.points.size() < 2) return;
        std::vector<Vec2> p = s.points;
        if (atStart) std::reverse(p.begin(), p.end());
        const Ray r = leaving(p, width);
        const double tip = edgeAlong(field_, r.at, r.along, 4 * width + 4);
        if (tip < 0) return;
        const double cap = options_.pass > 0 ? std::min(width, options_.pass) : width;
        double roundness = 0.5;
        if (cap > 4.5) {
            const Vec2 near = r.at + r.along * (tip - 0.175 * cap), side = perpendicular(r.along);
            const double left = edgeAlong(field_, near, side, cap), right = edgeAlong(field_, near, -side, cap);
            if (left >= 0 && right >= 0) roundness = std::clamp((0.97 - (left + right) / width) / 0.2, 0.0, 1.0);
        }
        s.roundness = s.roundness == 0.5 ? roundness : (s.roundness + roundness) / 2;
        const double on = tip - (roundness > 0.4 ? cap / 2 : 0);
        const Vec2 end = r.at + r.along * on;
        // Take back what lies beyond, or go on to it.
        while (p.size() > 2 && dot(p.back() - end, r.along) > -0.5) p.pop_back();
        along(Vec2{p.back()}, end, p);
        p.push_back(end);
        if (atStart) std::reverse(p.begin(), p.end());
        s.points = std::move(p);
    }

    // The paper's grain breaks a pencil line: ends that face each other over a short gap are one line.
    void joinBroken(std::vector<RawStroke>& strokes) const
    {
        struct End {
            std::size_t stroke;
            bool atStart;
            Ray ray;
        };
        const auto reversedOf = [](RawStroke s) {
            std::reverse(s.points.begin(), s.points.end());
            std::reverse(s.widths.begin(), s.widths.end());
            std::swap(s.startMeets, s.endMeets);
            return s;
        };
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
                    const double gap = distance(a.ray.at, b.ray.at), reach = 3 * options_.pass;
                    if (gap > reach || (a.stroke == b.stroke && lengthOf(strokes[a.stroke].points) < 4 * reach)) continue;
                    const double turned = turnThrough(a.ray, b.ray);
                    if (turned > 0.6) continue;
                    if (const double cost = 0.5 * gap / reach + 0.5 * turned / 0.6; cost < least) {
                        least = cost;
                        first = &a;
                        second = &b;
                    }
                }
            if (!first) return;
            RawStroke& a = strokes[first->stroke];
            if (first->atStart) a = reversedOf(std::move(a));
            if (first->stroke == second->stroke) {
                connect(a.points, a.points, std::nullopt, a.width);
                a.closed = true;
                continue;
            }
            RawStroke b = second->atStart ? strokes[second->stroke] : reversedOf(strokes[second->stroke]);
            connect(a.points, b.points, std::nullopt, a.width);
            a.points.insert(a.points.end(), b.points.begin(), b.points.end());
            a.widths.insert(a.widths.end(), b.widths.begin(), b.widths.end());
            a.width = medianOf(a.widths, a.width);
            a.endMeets = b.endMeets;
            strokes.erase(strokes.begin() + static_cast<long>(second->stroke));
        }
    }

    // Ends at meetings go on until they lie on the line they run into.
    void runInto(std::vector<RawStroke>& strokes)
    {
        struct End {
            std::size_t stroke;
            bool atStart;
            Ray ray;
        };
        std::vector<End> ends;
        for (std::size_t i = 0; i < strokes.size(); ++i) {
            const RawStroke& s = strokes[i];
            if (s.startMeets) ends.push_back({i, true, leaving({s.points.rbegin(), s.points.rend()}, s.width)});
            if (s.endMeets) ends.push_back({i, false, leaving(s.points, s.width)});
        }
        std::vector<Vec2> targets(ends.size());
        for (std::size_t e = 0; e < ends.size(); ++e) targets[e] = targetOf(ends[e].ray, ends[e].stroke, strokes);
        for (std::size_t e = 0; e < ends.size(); ++e) {
            std::vector<Vec2>& p = strokes[ends[e].stroke].points;
            if (ends[e].atStart) std::reverse(p.begin(), p.end());
            along(Vec2{p.back()}, targets[e], p);
            p.push_back(targets[e]);
            if (ends[e].atStart) std::reverse(p.begin(), p.end());
        }
    }

    // Crossing of the ray with another stroke, or the meeting nearest to the ray's way.
    Vec2 targetOf(Ray ray, std::size_t self, const std::vector<RawStroke>& strokes) const
    {
        double reach = 3 * strokes[self].width + 4;
        const Meeting* near = nullptr;
        double nearest = 1e9;
        for (const Meeting& m : g_.meetings)
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
                if (distance(a, ray.at) > reach + 4) continue;
                if (k == self && distance(a, ray.at) < 0.6 * nearest + 2) continue;
                const double d = cross(ray.along, b - a);
                if (std::abs(d) < 1e-9) continue;
                const double s = cross(a - ray.at, b - a) / d, t = cross(a - ray.at, ray.along) / d;
                if (t < -1e-9 || t > 1 + 1e-9 || s < 0.2 || s > best) continue;
                best = s;
                hit = true;
            }
        }
        if (hit) return ray.at + ray.along * best;
        return near ? near->at : ray.at;
    }

    const SkeletonGraph& g_;
    const pixel::Raster<float>& field_;
    StrokeOptions options_;
    std::vector<Measured> measured_;
    std::vector<Arm> next_;
    std::vector<std::optional<Vec2>> via_; // a corner that lies between an arm and the next
    std::vector<char> swallowed_, done_;
};

} // namespace

std::vector<RawStroke> strokesOf(const SkeletonGraph& graph, const pixel::Raster<float>& field, const StrokeOptions& options)
{
    return Assembly(graph, field, options).strokes();
}

} // namespace softrope::trace
