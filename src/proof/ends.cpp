#include "proof/ends.h"

#include "art/ends.h"
#include "curve/edit.h"
#include "proof/nodes.h"

#include <algorithm>
#include <cmath>
#include <unordered_map>

namespace softrope::proof {

using art::OpenEnd;
using curve::Vec2;

namespace {

const curve::Path& pathOf(const Thing& t, const OpenEnd& e)
{
    return t.artwork->paths[e.path];
}

// The way the line leaves its end.
Vec2 outwards(const curve::Path& p, bool atStart)
{
    return atStart ? -startTangent(p.piece(0)) : endTangent(p.piece(p.pieceCount() - 1));
}

std::size_t nodeOf(const curve::Path& p, bool atStart)
{
    return atStart ? 0 : p.nodes.size() - 1;
}

// The last stretch of the path up to its end, as points from the end inwards.
std::vector<Vec2> tail(const Contour& c, bool atStart, double reach)
{
    std::vector<Vec2> out;
    const std::size_t n = c.points.size();
    for (std::size_t i = 0; i < n; ++i) {
        const std::size_t k = atStart ? i : n - 1 - i;
        out.push_back(c.points[k]);
        if (std::abs(c.along[k] - (atStart ? 0 : c.length())) > reach) break;
    }
    return out;
}

const Contour* contourOf(const Thing& t, std::size_t path)
{
    const auto& paths = t.shape->paths;
    const auto at = std::find(paths.begin(), paths.end(), path);
    return at == paths.end() ? nullptr : &t.shape->contours[static_cast<std::size_t>(at - paths.begin())];
}

class Overshoots {
public:
    Overshoots(const std::vector<Thing>& things, const Grid& grid, const Sizes& sizes) : things_(things), grid_(grid), sizes_(sizes) {}

    std::optional<Finding> of(std::size_t thing, const OpenEnd& e) const
    {
        const Thing& me = things_[thing];
        const Contour* c = contourOf(me, e.path);
        // A short mark that crosses a line is one that crosses it.
        if (!c || c->length() < 4 * sizes_.leastOvershoot + sizes_.kinkPiece || !me.artwork->stroke.colour || me.artwork->stroke.swell) return std::nullopt;
        const std::vector<Vec2> points = tail(*c, e.atStart, sizes_.mostOvershoot);
        double gone = 0;
        for (std::size_t i = 0; i + 1 < points.size(); ++i) {
            const Vec2 a = points[i], b = points[i + 1];
            double best = 2;
            Vec2 across;
            double half = 0;
            int with = -1;
            grid_.near(lerp(a, b, 0.5), 0.5 * distance(a, b) + 0.1 * sizes_.unit, [&](const Grid::Straight& s) {
                const auto other = static_cast<std::size_t>(s.thing);
                const Thing& t = things_[other];
                if (!t.artwork->stroke.colour || t.artwork->guide) return;
                if (other == thing && t.shape->paths.size() > static_cast<std::size_t>(s.contour) &&
                    t.shape->paths[static_cast<std::size_t>(s.contour)] == e.path) {
                    // Of its own line only what lies far along it.
                    const double here = e.atStart ? 0 : c->length();
                    if (std::abs(s.along - here) < 3 * sizes_.mostOvershoot) return;
                }
                const Vec2 u = b - a, v = s.b - s.a;
                const double x = cross(u, v);
                if (std::abs(x) < 0.2 * length(u) * length(v)) return; // nearly along it
                const double tt = cross(s.a - a, v) / x, ss = cross(s.a - a, u) / x;
                if (tt < 0 || tt > 1 || ss < 0 || ss > 1 || tt >= best) return;
                best = tt;
                across = v;
                half = t.shape->half;
                with = s.thing;
            });
            if (best <= 1) {
                const double over = gone + best * distance(a, b);
                if (over < sizes_.leastOvershoot || over > sizes_.mostOvershoot || c->length() < 4 * over) return std::nullopt;
                // What stays under the other line is not seen.
                const double sine = std::abs(cross(unit(b - a), unit(across)));
                const double reach = over * sine + (me.artwork->stroke.cap == art::Cap::round ? me.shape->half : 0);
                if (reach <= half + 0.25 * sizes_.unit) return std::nullopt;
                Finding f;
                f.kind = Fault::overshoot;
                f.at = e.at;
                f.on = {lerp(a, b, best)};
                f.size = over;
                f.items = {e.item};
                if (const art::Id id = things_[static_cast<std::size_t>(with)].item->id; id != e.item) f.items.push_back(id);
                f.path = e.path;
                f.node = nodeOf(pathOf(me, e), e.atStart);
                f.mending = Mending::safe;
                return f;
            }
            gone += distance(a, b);
        }
        return std::nullopt;
    }

private:
    const std::vector<Thing>& things_;
    const Grid& grid_;
    const Sizes& sizes_;
};

// Whether the end lies on a drawn line, within half its width: it was drawn to it. Borders of areas without a line do not count, for
// colour lies under every line of a coloured drawing; nor does what lies beside another end, which is a gap.
bool onLine(const std::vector<Thing>& things, const Grid& grid, double widest, std::size_t thing, const OpenEnd& e)
{
    bool on = false;
    grid.near(e.at, widest, [&](const Grid::Straight& s) {
        const Thing& t = things[static_cast<std::size_t>(s.thing)];
        const double half = t.shape->half;
        if (on || !t.artwork->stroke.colour || half <= 0) return;
        const Vec2 d = s.b - s.a;
        const double l2 = squaredLength(d), u = l2 > 0 ? std::clamp(dot(e.at - s.a, d) / l2, 0.0, 1.0) : 0;
        if (distance(s.a + u * d, e.at) > half) return;
        const Contour& c = t.shape->contours[static_cast<std::size_t>(s.contour)];
        const double along = s.along + u * std::sqrt(l2);
        if (!c.closed && (along <= half || along >= c.length() - half)) return;
        const auto& paths = t.shape->paths;
        if (static_cast<std::size_t>(s.thing) == thing && static_cast<std::size_t>(s.contour) < paths.size() &&
            paths[static_cast<std::size_t>(s.contour)] == e.path && std::abs(along - (e.atStart ? 0 : c.length())) < 4 * half)
            return;
        on = true;
    });
    return on;
}

} // namespace

bool sameLine(const art::Artwork& a, const art::Artwork& b)
{
    const art::Stroke &s = a.stroke, &t = b.stroke;
    return s.colour && s.colour == t.colour && std::abs(s.width - t.width) < 1e-6 && s.opacity == t.opacity && s.cap == t.cap && !s.swell && !t.swell &&
           a.fill.colour == b.fill.colour;
}

std::vector<Finding> endFaults(const art::Document& d, const std::vector<Thing>& things, const Grid& grid, const Sizes& sizes)
{
    std::vector<Finding> found;
    std::unordered_map<art::Id, std::size_t> by;
    for (std::size_t i = 0; i < things.size(); ++i) by[things[i].item->id] = i;
    const auto thingOf = [&](art::Id id) { return by.find(id); };

    const Overshoots overshoots(things, grid, sizes);
    for (const OpenEnd& e : art::allEnds(d))
        if (const auto t = thingOf(e.item); t != by.end() && !things[t->second].artwork->openMeant && things[t->second].plain)
            if (auto f = overshoots.of(t->second, e)) found.push_back(std::move(*f));

    double widest = 0;
    for (const Thing& t : things) widest = std::max(widest, t.shape->half);
    std::vector<OpenEnd> ends = art::allEnds(d);
    ends.erase(std::remove_if(ends.begin(), ends.end(),
                              [&](const OpenEnd& e) {
                                  const auto t = thingOf(e.item);
                                  if (t == by.end() || !things[t->second].plain || things[t->second].artwork->openMeant) return true;
                                  if (things[t->second].shape->contours.empty()) return true; // not seen, or under its double
                                  const curve::Path& p = pathOf(things[t->second], e);
                                  return p.nodes.size() < 2 || withoutLength(p) || onLine(things, grid, widest, t->second, e);
                              }),
               ends.end());
    std::sort(ends.begin(), ends.end(), [](const OpenEnd& a, const OpenEnd& b) { return a.at.x < b.at.x; });
    // Of each end the nearest others, by a sweep along x.
    struct Near {
        std::size_t end = 0;
        double off = 1e300, next = 1e300;
    };
    std::vector<Near> nearest(ends.size());
    const auto offer = [&](std::size_t i, std::size_t k, double off) {
        Near& n = nearest[i];
        if (off < n.off) {
            n.next = n.off;
            n.off = off;
            n.end = k;
        } else {
            n.next = std::min(n.next, off);
        }
    };
    for (std::size_t i = 0; i < ends.size(); ++i)
        for (std::size_t k = i + 1; k < ends.size() && ends[k].at.x - ends[i].at.x <= 2 * sizes.nearlyMeet; ++k) {
            const double off = distance(ends[i].at, ends[k].at);
            offer(i, k, off);
            offer(k, i, off);
        }
    for (std::size_t i = 0; i < ends.size(); ++i) {
        const Near& n = nearest[i];
        if (n.off > sizes.nearlyMeet || n.end < i || nearest[n.end].end != i) continue;
        const OpenEnd &a = ends[i], &b = ends[n.end];
        const Thing &ta = things[thingOf(a.item)->second], &tb = things[thingOf(b.item)->second];
        const curve::Path &pa = pathOf(ta, a), &pb = pathOf(tb, b);
        // Three ends in one place are a fork.
        if (std::min(n.next, nearest[n.end].next) < 1.5 * std::max(n.off, sizes.doubled)) continue;
        if (a.item == b.item && a.path == b.path && curve::arcLength(pa) < 4 * n.off) continue;
        if (!sameLine(*ta.artwork, *tb.artwork)) continue;
        const bool together = n.off <= sizes.samePlace;
        if (!together) {
            // They look at one another: lines side by side that end alike were drawn so.
            const Vec2 way = (b.at - a.at) / n.off;
            if (std::max(dot(outwards(pa, a.atStart), way), -dot(outwards(pb, b.atStart), way)) < 0.25) continue;
        }
        Finding f;
        f.kind = together ? Fault::endsUnjoined : Fault::endsApart;
        f.at = lerp(a.at, b.at, 0.5);
        f.on = {a.at, b.at};
        f.size = n.off;
        f.items = {a.item};
        if (b.item != a.item) f.items.push_back(b.item);
        f.path = a.path;
        f.node = nodeOf(pa, a.atStart);
        f.mending = ta.workable && tb.workable ? Mending::safe : Mending::none;
        found.push_back(std::move(f));
    }
    return found;
}

curve::Path cutOffAt(const curve::Path& p, bool atStart, Vec2 at)
{
    const auto place = curve::nearest(p, at);
    if (!place) return p;
    const curve::Inserted cut = curve::withNodeAt(p, *place);
    curve::Path out = cut.path;
    const auto k = static_cast<std::ptrdiff_t>(cut.node);
    if (atStart) {
        out.nodes.erase(out.nodes.begin(), out.nodes.begin() + k);
        if (!out.nodes.empty()) out.nodes.front().in = out.nodes.front().at;
    } else {
        out.nodes.erase(out.nodes.begin() + k + 1, out.nodes.end());
        if (!out.nodes.empty()) out.nodes.back().out = out.nodes.back().at;
    }
    return out.nodes.size() < 2 ? p : out;
}

} // namespace softrope::proof
