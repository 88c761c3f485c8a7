#include "proof/near.h"

#include "proof/close.h"

#include <algorithm>
#include <cmath>

namespace softrope::proof {

using curve::Vec2;

namespace {

// A sample of one outline and the nearest place that faces it on another.
struct Facing {
    int thing = 0, contour = 0; // the other
    int sample = 0;
    double along = 0, otherAlong = 0;
    double clear = 0; // px between what is painted; negative where it overlaps
    Vec2 at, other;
};

struct Sample {
    Vec2 at, tangent;
    double along;
};

std::vector<Sample> samplesOf(const Contour& c, double step)
{
    std::vector<Sample> out;
    for (std::size_t i = 0; i + 1 < c.points.size(); ++i) {
        const Vec2 a = c.points[i], d = c.points[i + 1] - a, u = unit(d);
        const double l = c.along[i + 1] - c.along[i];
        if (l <= 0) continue;
        // Just beside the ends: at a corner both sides are heard, and never the point itself twice.
        const int n = std::max(1, static_cast<int>(std::ceil(l / step)));
        for (int k = 0; k < n; ++k) {
            const double t = (k + 0.5) / n;
            out.push_back({a + t * d, u, c.along[i] + t * l});
        }
    }
    return out;
}

double roundTheWay(double from, double to, const Contour& c)
{
    const double d = std::abs(to - from);
    return c.closed ? std::min(d, c.length() - d) : d;
}

// A stretch of samples after one another that face the same outline.
struct Run {
    const Facing* first;
    const Facing* last; // included
    double length = 0;
    std::size_t count() const { return static_cast<std::size_t>(last - first) + 1; }
    const Facing& middle() const { return first[count() / 2]; }
    double least() const
    {
        double d = first->clear;
        for (const Facing* f = first; f <= last; ++f) d = std::min(d, f->clear);
        return d;
    }
    const Facing& narrowest() const
    {
        return *std::min_element(first, last + 1, [](const Facing& a, const Facing& b) { return a.clear < b.clear; });
    }
    double mean() const
    {
        double d = 0;
        for (const Facing* f = first; f <= last; ++f) d += f->clear;
        return d / static_cast<double>(count());
    }
};

class Looking {
public:
    Looking(const std::vector<Thing>& things, std::size_t thing, const std::vector<std::size_t>& about, const Limits& l)
        : things_(things), me_(thing), about_(about), limits_(l), shape_(*things[thing].shape)
    {
    }

    std::vector<Finding> found;

    void take(int contour, std::vector<Facing>& faced, double step)
    {
        std::stable_sort(faced.begin(), faced.end(),
                         [](const Facing& a, const Facing& b) { return std::tie(a.thing, a.contour, a.sample) < std::tie(b.thing, b.contour, b.sample); });
        const Contour& mine = shape_.contours[static_cast<std::size_t>(contour)];
        for (std::size_t i = 0; i < faced.size();) {
            std::size_t k = i + 1;
            while (k < faced.size() && faced[k].thing == faced[i].thing && faced[k].contour == faced[i].contour && faced[k].sample == faced[k - 1].sample + 1 &&
                   !jumps(faced[k - 1], faced[k]))
                ++k;
            const bool own = faced[i].thing == static_cast<int>(me_);
            look(mine, &faced[i], &faced[k - 1], step, own, own && faced[i].contour == contour);
            i = k;
        }
    }

private:
    const std::vector<Thing>& things_;
    std::size_t me_;
    const std::vector<std::size_t>& about_;
    const Limits& limits_;
    const Shape& shape_;

    // The other side goes on where it was.
    bool jumps(const Facing& a, const Facing& b) const
    {
        const Contour& c = things_[static_cast<std::size_t>(b.thing)].shape->contours[static_cast<std::size_t>(b.contour)];
        return roundTheWay(a.otherAlong, b.otherAlong, c) > 4 * std::abs(b.along - a.along) + 2 * limits_.sizes.unit;
    }

    static std::vector<Run> runsWhere(const Facing* first, const Facing* last, double step, const std::function<bool(const Facing&)>& is)
    {
        std::vector<Run> out;
        for (const Facing* f = first; f <= last;) {
            if (!is(*f)) {
                ++f;
                continue;
            }
            const Facing* g = f;
            while (g < last && is(g[1])) ++g;
            out.push_back({f, g, g->along - f->along + step});
            f = g + 1;
        }
        return out;
    }

    // Whether nothing is painted between the two places, by two of three.
    bool bare(const Run& r) const
    {
        int open = 0;
        for (const std::size_t k : {r.count() / 4, r.count() / 2, 3 * r.count() / 4}) {
            const Vec2 p = lerp(r.first[k].at, r.first[k].other, shareOf(r.first[k]));
            bool covered = shape_.covers(p);
            for (const std::size_t t : about_)
                if (!covered) covered = things_[t].shape->covers(p);
            open += !covered;
        }
        return open >= 2;
    }
    // Whether it is the thing itself that lies between.
    bool solid(const Run& r) const
    {
        int in = 0;
        for (const std::size_t k : {r.count() / 4, r.count() / 2, 3 * r.count() / 4}) in += shape_.covers(lerp(r.first[k].at, r.first[k].other, 0.5));
        return in >= 2;
    }
    // The middle of the clear way, which is not that of the outlines where their lines differ in width.
    double shareOf(const Facing& f) const
    {
        const double d = distance(f.at, f.other);
        return d > 0 ? (shape_.half + 0.5 * f.clear) / d : 0.5;
    }

    Finding& add(Fault kind, const Run& r, double size, double wanted, Mending mending)
    {
        Finding f;
        f.kind = kind;
        const Facing& m = kind == Fault::narrowGap || kind == Fault::thinPart ? r.narrowest() : r.middle();
        f.at = lerp(m.at, m.other, 0.5);
        for (const Facing* p : {r.first, &r.first[r.count() / 4], &r.first[3 * r.count() / 4], r.last}) f.on.push_back(lerp(p->at, p->other, 0.5));
        f.size = size;
        f.wanted = wanted;
        f.mending = mending;
        f.items = {things_[me_].item->id};
        if (const auto other = static_cast<std::size_t>(m.thing); other != me_) f.items.push_back(things_[other].item->id);
        found.push_back(std::move(f));
        return found.back();
    }

    void look(const Contour& mine, const Facing* first, const Facing* last, double step, bool own, bool ownContour)
    {
        const Thing &me = things_[me_], &other = things_[static_cast<std::size_t>(first->thing)];
        if (ownContour && first->along + last->along > first->otherAlong + last->otherAlong) return; // the same seen from the other side
        const bool areas = shape_.area && other.shape->area;
        if (own && areas && limits_.line > 0) {
            for (const Run& r : runsWhere(first, last, step, [&](const Facing& f) { return thickness(f) < limits_.line; })) {
                if (r.length < limits_.sizes.unit || !solid(r)) continue;
                double least = 1e300;
                for (const Facing* f = r.first; f <= r.last; ++f) least = std::min(least, thickness(*f));
                // Tips are thin by nature, long blades are not.
                const Facing& narrow = r.narrowest();
                const bool tip = ownContour && roundTheWay(narrow.along, narrow.otherAlong, mine) < 12 * limits_.line;
                if (tip && r.length < 24 * limits_.line) continue;
                if (least < limits_.sizes.abuts) least = r.mean() > 0 ? r.mean() : least;
                add(Fault::thinPart, r, std::max(least, 0.0), limits_.line, Mending::none);
            }
        }
        if (areas && !ownContour) {
            for (const Run& r : runsWhere(first, last, step, [&](const Facing& f) { return f.clear < limits_.sizes.sliverWidth; })) {
                if (r.length <= limits_.sizes.sliverLength || r.mean() <= limits_.sizes.abuts || r.least() < -limits_.sizes.abuts || !bare(r)) continue;
                // A wedge that opens is the end of a gap that was meant, unless it is very long.
                const bool opens = r.first->clear > 0.8 * limits_.sizes.sliverWidth || r.last->clear > 0.8 * limits_.sizes.sliverWidth;
                const bool even = r.mean() > 0.7 * limits_.sizes.sliverWidth && r.least() > 0.5 * limits_.sizes.sliverWidth;
                if (opens && !even && r.length < 5 * limits_.sizes.sliverLength) continue;
                if (gapGoesOn(r, first, last)) continue;
                double most = 0;
                for (const Facing* f = r.first; f <= r.last; ++f) most = std::max(most, f->clear);
                Finding& f = add(Fault::sliver, r, most, 0, Mending::none);
                orderForMending(f);
                if (me.plain && other.plain && me.workable && other.workable && !own &&
                    withSliverClosed(other.artwork->paths, me.artwork->paths, f.on.front(), f.at, f.on.back(), limits_.sizes.unit))
                    f.mending = Mending::safe;
            }
        }
        if (limits_.gap > 0 && !(own && !areas) && shape_.colour == other.shape->colour && (areas || !own)) {
            for (const Run& r : runsWhere(first, last, step, [&](const Facing& f) { return f.clear < limits_.gap; })) {
                const double least = r.least();
                if (least < limits_.sizes.sliverWidth || r.length < std::min(limits_.sizes.unit, 0.5 * limits_.gap) || !bare(r)) continue;
                if (ownContour && r.length < 2 * limits_.gap) continue; // the inside of a sharp bend
                add(Fault::narrowGap, r, least, limits_.gap, Mending::none);
            }
        }
        if (limits_.overlap > 0 && areas && !own && !(shape_.colour == other.shape->colour) && shape_.half == 0 && other.shape->half == 0 &&
            me.artwork->fill.overlap < 0.5 * limits_.overlap && other.artwork->fill.overlap < 0.5 * limits_.overlap) {
            for (const Run& r : runsWhere(first, last, step, [&](const Facing& f) { return std::abs(f.clear) <= limits_.sizes.abuts; })) {
                if (r.length <= limits_.sizes.sliverLength) continue;
                // Both sides of the border are painted by these two: else one lies wholly on the other.
                const Vec2 n = perpendicular(unit(r.middle().at - r.first[r.count() / 2 > 0 ? r.count() / 2 - 1 : 0].at)), p = r.middle().at;
                const bool a = shape_.covers(p + 5 * limits_.sizes.abuts * n), b = shape_.covers(p - 5 * limits_.sizes.abuts * n),
                           c = other.shape->covers(p + 5 * limits_.sizes.abuts * n), d = other.shape->covers(p - 5 * limits_.sizes.abuts * n);
                if (a == b || c == d || a == c) continue;
                Finding& f = add(Fault::seam, r, r.length, 0, me.workable ? Mending::safe : Mending::none);
                f.wanted = limits_.overlap;
            }
        }
    }

    // Within one area the line round it adds to it.
    double thickness(const Facing& f) const { return f.clear + 4 * shape_.half; }
    // What is narrower than a sliver for a while, and a proper gap on both sides of that, is a gap.
    bool gapGoesOn(const Run& r, const Facing* first, const Facing* last) const
    {
        return r.first > first && r.last < last && r.first[-1].clear >= limits_.sizes.sliverWidth && r.last[1].clear >= limits_.sizes.sliverWidth &&
               r.least() > 0.6 * limits_.sizes.sliverWidth;
    }
    // The upper one moves, being drawn against the lower.
    void orderForMending(Finding& f) const
    {
        if (f.items.size() == 2) std::swap(f.items[0], f.items[1]);
    }
};

} // namespace

constexpr double mostSamples = 200000; // of one contour

double reachOf(const Limits& l)
{
    return std::max({l.gap, l.line, l.sizes.sliverWidth, l.sizes.mostOvershoot});
}

std::vector<Finding> nearFaults(const std::vector<Thing>& things, std::size_t thing, const std::vector<std::size_t>& about, const Grid& grid, const Limits& l)
{
    const Shape& shape = *things[thing].shape;
    Looking looking(things, thing, about, l);
    const double least = std::max({l.gap, l.line, l.sizes.sliverWidth}), step = std::clamp(0.7 * least, 0.8 * l.sizes.unit, 3 * l.sizes.unit);
    double widest = 0;
    for (const std::size_t t : about) widest = std::max(widest, things[t].shape->half);
    for (std::size_t k = 0; k < shape.contours.size(); ++k) {
        const Contour& c = shape.contours[k];
        // Of what is longer than any drawing a part has to do.
        const double apart = std::max(step, c.length() / mostSamples);
        const std::vector<Sample> samples = samplesOf(c, apart);
        std::vector<Facing> faced, here;
        for (std::size_t i = 0; i < samples.size(); ++i) {
            const Sample& s = samples[i];
            here.clear();
            const double reach = least + shape.half + widest;
            grid.near(s.at, reach, [&](const Grid::Straight& g) {
                const bool own = g.thing == static_cast<int>(thing);
                if (g.thing < static_cast<int>(thing) || (own && (g.contour < static_cast<int>(k) || !shape.area))) return;
                const Vec2 d = g.b - g.a;
                const double l2 = squaredLength(d);
                if (l2 <= 0) return;
                const double t = std::clamp(dot(s.at - g.a, d) / l2, 0.0, 1.0);
                const Vec2 foot = g.a + t * d, way = foot - s.at;
                const double off = length(way), halves = shape.half + (own ? shape.half : things[static_cast<std::size_t>(g.thing)].shape->half);
                if (off > least + halves) return;
                if (own && g.contour == static_cast<int>(k)) {
                    // The outline itself going on is no other side.
                    const double round = roundTheWay(s.along, g.along + t * std::sqrt(l2), c);
                    if (round < 4 * off + 0.5 * l.sizes.unit) return;
                }
                // It faces: the way there leaves squarely, and the other side runs along.
                if (off > 0.05 * l.sizes.unit && std::abs(dot(way, s.tangent)) > 0.7 * off) return;
                if (std::abs(dot(d, s.tangent)) < 0.6 * std::sqrt(l2)) return;
                const Facing f{g.thing, g.contour, static_cast<int>(i), s.along, g.along + t * std::sqrt(l2), off - halves, s.at, foot};
                for (Facing& h : here)
                    if (h.thing == f.thing && h.contour == f.contour) {
                        if (f.clear < h.clear) h = f;
                        return;
                    }
                here.push_back(f);
            });
            faced.insert(faced.end(), here.begin(), here.end());
        }
        if (!faced.empty()) looking.take(static_cast<int>(k), faced, apart);
    }
    // One thing thin in many places is one finding, where it is thinnest.
    std::vector<Finding>& found = looking.found;
    const auto thin = [](const Finding& f) { return f.kind == Fault::thinPart; };
    if (const auto first = std::find_if(found.begin(), found.end(), thin); first != found.end()) {
        const Finding worst = *std::min_element(found.begin(), found.end(), [&](const Finding& a, const Finding& b) {
            return std::make_pair(!thin(a), a.size) < std::make_pair(!thin(b), b.size);
        });
        found.erase(std::remove_if(found.begin(), found.end(), thin), found.end());
        found.push_back(worst);
    }
    return std::move(found);
}

} // namespace softrope::proof
