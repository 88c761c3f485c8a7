#include "trace/wedges.h"

#include "trace/centre_line.h"
#include "trace/ray.h"
#include "trace/stroke_ends.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace softrope::trace {

namespace {

using curve::Vec2;

// Tuned on the centre lines of docs/quality.md and on wedges drawn in the tests. Lengths in widths of the drawing's lines.
namespace tuned {
constexpr double reach = 2;                       // an edge further from the middle than this is of something else
constexpr double bent = 0.35;                     // radians: the line turns by more where the wedge has ended
constexpr double stepped = 0.12;                  // a width that changes by so much within a point has run into another line
constexpr double shrunk = 0.2;                    // a wedge does not grow narrower again
constexpr double shortest = 2;                    // length
constexpr double tipLeast = 0.75, tipMost = 1.25; // the tip is one line thick
constexpr double capTo = 1.25;                    // from there on an edge is no longer the cap's
constexpr double tipDoubt = 0.5;                  // between the cap's middle and where the lines cross
constexpr double uneven = 0.1;                    // rms about an even growth
constexpr double footOver = 1.2;                  // of the ninth tenth of all widths: lines of a drawing are not thicker by chance
constexpr double footWay = 4.5;                   // how far beyond the wedge the line across its foot begins
constexpr double ownWidth = 1.15;                 // a section wider than this is not the line's own
constexpr double feetApart = 0.5;                 // nearer feet are one
constexpr double straightTo = 0.06;               // an edge straighter than this is straight
constexpr std::size_t fewest = 6;                 // points that say where a line goes
} // namespace tuned

struct Usual {
    double width = 0; // the median
    double own = 0;   // a section up to here is a line's own: three quarters are no thicker
    double thick = 0; // nine tenths are no thicker
};

Usual usualOf(const std::vector<RawStroke>& strokes)
{
    std::vector<double> all;
    for (const RawStroke& s : strokes) all.insert(all.end(), s.widths.begin(), s.widths.end());
    if (all.empty()) return {};
    std::sort(all.begin(), all.end());
    const double width = all[all.size() / 2];
    return {width, std::max(all[all.size() * 3 / 4], tuned::ownWidth * width), all[all.size() * 9 / 10]};
}

struct Section {
    Vec2 at, left, right;
    double width = 0;
};

// The line of least squares through points that are (along, across): across = c0 + c1 along + c2 along^2.
struct Bow {
    double c0 = 0, c1 = 0, c2 = 0;
    double at(double s) const { return c0 + s * (c1 + s * c2); }
    double slope(double s) const { return c1 + 2 * s * c2; }
};

Bow lineThrough(const std::vector<Vec2>& p)
{
    double n = 0, sx = 0, sy = 0, sxx = 0, sxy = 0;
    for (const Vec2 q : p) n += 1, sx += q.x, sy += q.y, sxx += q.x * q.x, sxy += q.x * q.y;
    const double d = n * sxx - sx * sx, c1 = d > 1e-9 ? (n * sxy - sx * sy) / d : 0;
    return {(sy - c1 * sx) / n, c1, 0};
}

double rmsOf(const std::vector<Vec2>& p, const Bow& b)
{
    double sum = 0;
    for (const Vec2 q : p) sum += (q.y - b.at(q.x)) * (q.y - b.at(q.x));
    return std::sqrt(sum / static_cast<double>(p.size()));
}

// A line's rest is a parabola: the straight, and what two terms orthogonal on it (discrete Legendre) leave.
Bow bowThrough(const std::vector<Vec2>& p, double straightTo)
{
    const Bow straight = lineThrough(p);
    if (rmsOf(p, straight) < straightTo) return straight;
    std::vector<Vec2> squares = p;
    for (Vec2& q : squares) q.y = q.x * q.x;
    const Bow under = lineThrough(squares);
    double num = 0, den = 0;
    for (const Vec2 q : p) {
        const double e = q.x * q.x - under.at(q.x);
        num += e * (q.y - straight.at(q.x));
        den += e * e;
    }
    const double c2 = den > 1e-9 ? num / den : 0;
    return {straight.c0 - c2 * under.c0, straight.c1 - c2 * under.c1, c2};
}

void lead(std::vector<Vec2>& line, Vec2 to)
{
    along(Vec2{line.back()}, to, line);
    line.push_back(to);
}

class Wedge {
public:
    // `p` begins at the wedge's tip.
    Wedge(const std::vector<Vec2>& p, const pixel::Raster<float>& field, Usual usual) : p_(p), field_(field), usual_(usual) { walk(); }

    // The two lines, from the tip down to where the ink no longer tells them apart.
    std::optional<std::pair<std::vector<Vec2>, std::vector<Vec2>>> parted() const
    {
        if (sections_.size() < 2 * tuned::fewest) return std::nullopt;
        const Vec2 from = sections_.front().at, axis = unit(sections_.back().at - from), side = perpendicular(axis);
        if (dot(sections_.back().at - from, axis) < tuned::shortest * usual_.width) return std::nullopt;
        const Vec2 up = unit(from - sections_[tuned::fewest].at); // a bowed blade's tip lies off its axis
        const double toTip = edgeAlong(field_, from, up, 2 * usual_.width);
        if (toTip < 0) return std::nullopt;
        std::vector<Vec2> widths, left, right;
        for (const Section& s : sections_) {
            widths.push_back({dot(s.at - from, axis) + toTip, s.width});
            left.push_back({dot(s.left - from, axis), dot(s.left - from, side)});
            right.push_back({dot(s.right - from, axis), dot(s.right - from, side)});
        }
        const Bow growth = lineThrough(widths);
        // The cap's middle lies half a width behind its edge, and the growth begins there.
        const double width = growth.c0 / (1 - growth.c1 / 2);
        if (growth.c1 <= 0 || width < tuned::tipLeast * usual_.width || width > tuned::tipMost * usual_.width) return std::nullopt;
        if (rmsOf(widths, growth) > tuned::uneven * usual_.width || growth.at(widths.back().x) < tuned::footOver * usual_.thick) return std::nullopt;
        Vec2 tip = from + up * (toTip - width / 2);
        const auto line = [&](const std::vector<Vec2>& edge, double towards) {
            const Bow b = bowThrough(edge, tuned::straightTo * usual_.width);
            std::vector<Vec2> out;
            for (double s = tuned::capTo * width; s < edge.back().x; s += 1) {
                const Vec2 inward = unit(Vec2{-b.slope(s), 1}) * towards;
                const Vec2 q = Vec2{s, b.at(s)} + inward * (width / 2);
                out.push_back(from + axis * q.x + side * q.y);
            }
            return out;
        };
        auto out = std::pair{line(left, -1), line(right, 1)};
        // Where the two lines cross says more of the tip than the cap does, when both mean the same.
        const Ray a = leaving({out.first.rbegin(), out.first.rend()}, width), b = leaving({out.second.rbegin(), out.second.rend()}, width);
        if (const auto cross = crossingOf(a, b))
            if (const Vec2 at = a.at + a.along * cross->first; distance(at, tip) < tuned::tipDoubt * width) tip = at;
        for (std::vector<Vec2>* l : {&out.first, &out.second}) {
            std::vector<Vec2> way{tip};
            along(tip, l->front(), way);
            l->insert(l->begin(), way.begin(), way.end());
        }
        return out;
    }

    std::size_t end() const { return end_; }

    std::optional<Section> sectionAt(std::size_t i) const
    {
        const auto span = static_cast<std::size_t>(std::max(2.0, usual_.width / 2));
        const Vec2 along = unit(p_[std::min(p_.size() - 1, i + span)] - p_[i - std::min(i, span)]), across = perpendicular(along);
        const double left = edgeAlong(field_, p_[i], across, tuned::reach * usual_.width);
        const double right = edgeAlong(field_, p_[i], -across, tuned::reach * usual_.width);
        if (left <= 0 || right <= 0) return std::nullopt;
        return Section{p_[i], p_[i] + across * left, p_[i] - across * right, left + right};
    }

private:
    void walk()
    {
        const auto span = static_cast<std::size_t>(std::max(2.0, usual_.width / 2));
        double widest = 0;
        std::optional<double> before;
        for (end_ = span; end_ + span < p_.size(); ++end_) {
            const double turned = std::abs(curve::turn(p_[end_] - p_[end_ - span], p_[end_ + span] - p_[end_]));
            if (turned > tuned::bent) break;
            const auto s = sectionAt(end_);
            if (!s || s->width < widest - tuned::shrunk * usual_.width) break;
            if (before && s->width > *before + tuned::stepped * usual_.width) break;
            widest = std::max(widest, s->width);
            before = s->width;
            sections_.push_back(*s);
        }
    }

    const std::vector<Vec2>& p_;
    const pixel::Raster<float>& field_;
    Usual usual_;
    std::vector<Section> sections_;
    std::size_t end_ = 0;
};

// Where a ray runs into one of the strokes, within `reach`.
struct Hit {
    double way = 0;
    std::size_t stroke = 0;
};
std::optional<Hit> firstHit(Ray ray, double reach, const std::vector<RawStroke>& strokes, std::size_t self)
{
    std::optional<Hit> best;
    for (std::size_t k = 0; k < strokes.size(); ++k) {
        if (k == self) continue;
        const std::vector<Vec2>& p = strokes[k].points;
        for (std::size_t i = 1; i < p.size(); ++i) {
            if (distance(p[i], ray.at) > reach + 2) continue;
            const Vec2 step = p[i] - p[i - 1];
            const double d = cross(ray.along, step);
            if (std::abs(d) < 1e-9) continue;
            const double s = cross(p[i - 1] - ray.at, step) / d, t = cross(p[i - 1] - ray.at, ray.along) / d;
            if (t < 0 || t > 1 || s < 0 || s > reach || (best && s >= best->way)) continue;
            best = Hit{s, k};
        }
    }
    return best;
}

// The stroke begins with the wedge. True when it was parted.
bool partAtStart(RawStroke& s, std::size_t self, const std::vector<RawStroke>& strokes, const pixel::Raster<float>& field, Usual usual)
{
    const double reach = tuned::footWay * usual.width;
    // The stroke was cut off where it grew thick: what lies between there and the meeting is looked at as well.
    std::vector<Vec2> way = s.points;
    if (const Ray on = leaving(way, usual.width); s.endMeets) lead(way, on.at + on.along * reach);
    const Wedge wedge(way, field, usual);
    auto lines = wedge.parted();
    if (!lines) return false;
    const Ray first = leaving(lines->first, usual.width), second = leaving(lines->second, usual.width);

    // On beyond the foot: the line's own sections say where it goes.
    const std::size_t most = std::min(s.points.size(), wedge.end() + static_cast<std::size_t>(reach) + 1);
    std::size_t from = std::min(wedge.end(), s.points.size());
    const auto itsOwn = [&](std::size_t i) {
        const auto section = wedge.sectionAt(i);
        return section && section->width < usual.own;
    };
    while (from < most && !itsOwn(from)) ++from;
    std::size_t to = from;
    while (to < s.points.size() && itsOwn(to)) ++to;
    if (from < most && to - from >= tuned::fewest) {
        const std::vector<Vec2> sure(s.points.begin() + static_cast<long>(from), s.points.begin() + static_cast<long>(to));
        const Ray rest = entering(sure, usual.width), back{rest.at, -rest.along};
        const auto a = crossingOf(first, rest), b = crossingOf(second, rest);
        const auto fits = [&](const std::optional<std::pair<double, double>>& c) {
            return c && c->first > -usual.width && c->first < reach && c->second > -usual.width && c->second < reach;
        };
        if (!fits(a) || !fits(b) || std::abs(a->second - b->second) < tuned::feetApart * usual.width) return false;
        // The one further off turns the corner into the rest, the other ends on it.
        auto &outer = a->second > b->second ? lines->first : lines->second, &inner = a->second > b->second ? lines->second : lines->first;
        const Vec2 corner = back.at + back.along * std::max(a->second, b->second), foot = back.at + back.along * std::min(a->second, b->second);
        std::vector<Vec2> p{foot};
        along(foot, inner.back(), p);
        p.insert(p.end(), inner.rbegin(), inner.rend());
        p.insert(p.end(), outer.begin() + 1, outer.end());
        lead(p, corner);
        lead(p, sure.front());
        p.insert(p.end(), s.points.begin() + static_cast<long>(from) + 1, s.points.end());
        s.points = std::move(p);
        s.startMeets = s.startThere = true;
        return true;
    }
    // Or the stroke ends at its foot, on a line across.
    if (to < s.points.size() || !s.endMeets) return false;
    const auto a = firstHit(first, reach, strokes, self), b = firstHit(second, reach, strokes, self);
    if (!a || !b || a->stroke != b->stroke) return false;
    const Vec2 footA = first.at + first.along * a->way, footB = second.at + second.along * b->way;
    if (distance(footA, footB) < tuned::feetApart * usual.width) return false;
    std::vector<Vec2> p{footA};
    along(footA, lines->first.back(), p);
    p.insert(p.end(), lines->first.rbegin(), lines->first.rend());
    p.insert(p.end(), lines->second.begin() + 1, lines->second.end());
    lead(p, footB);
    s.points = std::move(p);
    s.startMeets = s.endMeets = s.startThere = s.endThere = true;
    return true;
}

} // namespace

void partWedges(std::vector<RawStroke>& strokes, const pixel::Raster<float>& field)
{
    const Usual usual = usualOf(strokes);
    if (usual.width < 3) return; // px: thinner lines leave no edges to go by
    for (std::size_t i = 0; i < strokes.size(); ++i)
        for (const bool atStart : {true, false}) {
            RawStroke& s = strokes[i];
            if (s.closed || (atStart ? s.startMeets : s.endMeets)) continue;
            if (!atStart) s = reversedOf(std::move(s));
            const bool parted = partAtStart(s, i, strokes, field, usual);
            if (!atStart) s = reversedOf(std::move(s));
            if (!parted) continue;
            // What was measured across the wedge says nothing of its lines.
            std::vector<double> own = s.widths;
            own.erase(std::remove_if(own.begin(), own.end(), [&](double w) { return w > usual.own; }), own.end());
            s.width = medianOf(own, usual.width);
            s.widths.clear();
        }
}

} // namespace softrope::trace
