#include "planar/gaps.h"

#include <algorithm>
#include <tuple>

namespace softrope::planar {

using namespace curve;

namespace {

// Where a line may go on over a gap: an end that meets nothing; one that sticks out past a crossing, which may have been drawn towards
// something; or a sharp corner of an open line, as two strokes leave it that run on as one. The latter two only lead on ahead.
struct FreeEnd {
    int strand = 0;
    int node = 0;
    bool last = false; // of the strand; false for corners
    Vec2 at;
    bool used = false;
    Vec2 out{}; // where it points
    bool ahead = false;
    bool corner = false;
};

constexpr double aheadWithin = 0.5;   // cosine of 60 degrees
constexpr double sideways = 0.2;      // cosine of 78 degrees
constexpr double passed = 3;          // gaps: a crossing no further from the end was just passed
const double sharpFrom = radians(60); // a corner that turns more points somewhere

bool leadsTo(const FreeEnd& e, Vec2 p)
{
    return !e.ahead || dot(unit(p - e.at), e.out) >= aheadWithin;
}

// The nearest point on a strand from its own end, without the part up to four times as far along it.
Place nearestOnOwnFarPart(const Strand& s, const FreeEnd& end, double reach)
{
    Place best;
    double along = 0;
    const std::size_t n = s.spans.size();
    for (std::size_t k = 0; k < n; ++k) {
        const Span& v = s.spans[end.last ? n - 1 - k : k];
        const double from = along;
        along += distance(v.curve.p0, v.curve.p3);
        if (from < 4 * reach || !v.box.grown(std::min(reach, best.distance)).contains(end.at)) continue;
        const NearestOnCubic m = nearest(v.curve, end.at);
        if (m.distance < best.distance && m.distance <= reach) best = {m.distance, m.point};
    }
    return best;
}

// A set that is filled first, and asked then.
class Pairs {
public:
    void add(int a, int b) { all.emplace_back(a, b); }
    void close() { std::sort(all.begin(), all.end()); }
    bool has(int a, int b) const { return std::binary_search(all.begin(), all.end(), std::pair{a, b}); }

private:
    std::vector<std::pair<int, int>> all;
};

struct Closer {
    const std::vector<const Strand*>& strands;
    const std::vector<Between>& meetings;
    double gap, touch;
    KeptReaches& reaches;
    std::vector<FreeEnd> ends{};
    std::vector<Bridge> found{};
    Pairs meeting{};
    Pairs crossed{}; // an end (2 strand + last) and a strand that it has just crossed: it does not go back to that

    void findEnds()
    {
        std::vector<char> closedOff(strands.size() * 2, 0);
        Pairs met; // strand and node
        // Most contacts lie far from all ends: there are hundreds of thousands in a crowded drawing.
        struct Ends {
            bool open = false;
            Vec2 first{}, last{};
        };
        std::vector<Ends> endsOf(strands.size());
        for (std::size_t k = 0; k < strands.size(); ++k)
            if (const Strand& s = *strands[k]; !s.closed && !s.pieces.empty()) endsOf[k] = {true, s.pieces.front().curve.p0, s.pieces.back().curve.p3};
        const double reach = passed * gap * passed * gap;
        const auto note = [&](int strand, int other, int piece, double t, Vec2 at, int node) {
            const Ends& e = endsOf[static_cast<std::size_t>(strand)];
            if (!e.open) return;
            if (node >= 0) met.add(strand, node); // what lies on another line leads nowhere
            const bool nearFirst = squaredLength(at - e.first) <= reach, nearLast = squaredLength(at - e.last) <= reach;
            if (nearFirst) crossed.add(2 * strand, other);
            if (nearLast) crossed.add(2 * strand + 1, other);
            if (!nearFirst && !nearLast) return;
            const Strand& s = *strands[static_cast<std::size_t>(strand)];
            const int last = static_cast<int>(s.pieces.size());
            if (node == 0 || stub(s, piece, t, at, false)) closedOff[static_cast<std::size_t>(2 * strand)] = 1;
            if (node == last || stub(s, piece, t, at, true)) closedOff[static_cast<std::size_t>(2 * strand + 1)] = 1;
        };
        for (const Between& m : meetings) {
            if (strands[static_cast<std::size_t>(m.i)]->closed && strands[static_cast<std::size_t>(m.j)]->closed) meeting.add(m.i, m.j);
            for (const Contact& c : m.contacts) {
                note(m.i, m.j, c.a, c.s, c.at, c.nodeA);
                note(m.j, m.i, c.b, c.t, c.at, c.nodeB);
            }
        }
        met.close();
        meeting.close();
        crossed.close();
        for (std::size_t k = 0; k < strands.size(); ++k) {
            const Strand& s = *strands[k];
            if (s.closed || s.pieces.empty()) continue;
            const int strand = static_cast<int>(k);
            for (const bool last : {false, true}) {
                const int node = last ? static_cast<int>(s.pieces.size()) : 0;
                if (met.has(strand, node)) continue;
                const Cubic& c = last ? s.pieces.back().curve : s.pieces.front().curve;
                ends.push_back({strand, node, last, last ? c.p3 : c.p0, false, last ? unit(tangentAt(c, 1)) : -unit(tangentAt(c, 0)),
                                closedOff[2 * k + (last ? 1 : 0)] != 0, false});
            }
            for (std::size_t i = 0; i + 1 < s.pieces.size(); ++i) {
                const Vec2 in = unit(tangentAt(s.pieces[i].curve, 1)), on = unit(tangentAt(s.pieces[i + 1].curve, 0));
                const int node = static_cast<int>(i) + 1;
                if (std::abs(turn(in, on)) > sharpFrom && !met.has(strand, node))
                    ends.push_back({strand, node, false, s.pieces[i].curve.p3, false, unit(in - on), true, true});
            }
        }
    }

    // The contact lies on the end piece (or the one before a short one) and near its end.
    bool stub(const Strand& s, int piece, double t, Vec2 at, bool last) const
    {
        const int n = static_cast<int>(s.pieces.size());
        const Vec2 end = last ? s.pieces.back().curve.p3 : s.pieces.front().curve.p0;
        if (distance(at, end) > gap) return false;
        double along = 0;
        if (last) {
            along = arcLength(part(s.pieces[static_cast<std::size_t>(piece)].curve, t, 1));
            for (int k = piece + 1; k < n && along <= 1.5 * gap; ++k) along += arcLength(s.pieces[static_cast<std::size_t>(k)].curve);
        } else {
            along = arcLength(part(s.pieces[static_cast<std::size_t>(piece)].curve, 0, t));
            for (int k = piece - 1; k >= 0 && along <= 1.5 * gap; --k) along += arcLength(s.pieces[static_cast<std::size_t>(k)].curve);
        }
        return along <= 1.5 * gap;
    }

    void endToEnd()
    {
        struct Pair {
            double distance;
            std::size_t a, b;
        };
        std::vector<Pair> pairs;
        std::vector<std::size_t> byX(ends.size());
        for (std::size_t k = 0; k < byX.size(); ++k) byX[k] = k;
        std::sort(byX.begin(), byX.end(), [&](std::size_t a, std::size_t b) { return ends[a].at.x < ends[b].at.x; });
        for (std::size_t i = 0; i < byX.size(); ++i)
            for (std::size_t j = i + 1; j < byX.size() && ends[byX[j]].at.x - ends[byX[i]].at.x <= gap; ++j) {
                const FreeEnd &a = ends[byX[i]], &b = ends[byX[j]];
                const double d = distance(a.at, b.at);
                if (d > gap || a.used || b.used || !leadsTo(a, b.at) || !leadsTo(b, a.at) || d <= touch) continue;
                if (a.strand == b.strand && (a.corner || b.corner)) continue;
                // The two ends of one short mark do not close it.
                const Strand& s = *strands[static_cast<std::size_t>(a.strand)];
                if (a.strand == b.strand && std::max(s.box.width(), s.box.height()) < 3 * gap) continue;
                pairs.push_back({d, byX[i], byX[j]});
            }
        std::sort(pairs.begin(), pairs.end(), [](const Pair& a, const Pair& b) { return std::tie(a.distance, a.a, a.b) < std::tie(b.distance, b.a, b.b); });
        for (const Pair& p : pairs) {
            if (ends[p.a].used || ends[p.b].used) continue;
            ends[p.a].used = ends[p.b].used = true;
            found.push_back({ends[p.a].at, ends[p.b].at, p.distance});
        }
    }

    void endToPath()
    {
        for (FreeEnd& e : ends) {
            if (e.used) continue;
            Place best = e.corner ? Place{} : nearestOnOwnFarPart(*strands[static_cast<std::size_t>(e.strand)], e, gap);
            if (best.distance <= gap && !leadsTo(e, best.point)) best = {};
            // Of two as near the first counts.
            for (const auto& [strand, p] : reaches.of(strands, e.strand, e.node)) {
                if (p.distance >= best.distance || (e.ahead && !leadsTo(e, p.point))) continue;
                // Not back to what it has just crossed.
                if (!e.ahead && dot(unit(p.point - e.at), e.out) < sideways && crossed.has(2 * e.strand + (e.last ? 1 : 0), strand)) continue;
                best = p;
            }
            if (best.distance > gap || best.distance <= touch) continue;
            e.used = true;
            found.push_back({e.at, best.point, best.distance});
        }
    }

    void closedToClosed()
    {
        // Those whose boxes come within the gap of each other, by a sweep along x.
        std::vector<std::size_t> rings;
        for (std::size_t k = 0; k < strands.size(); ++k)
            if (strands[k]->closed && !strands[k]->box.empty()) rings.push_back(k);
        std::sort(rings.begin(), rings.end(), [&](std::size_t a, std::size_t b) { return strands[a]->box.min.x < strands[b]->box.min.x; });
        std::vector<std::pair<std::size_t, std::size_t>> near;
        for (std::size_t u = 0; u < rings.size(); ++u)
            for (std::size_t v = u + 1; v < rings.size() && strands[rings[v]]->box.min.x <= strands[rings[u]]->box.max.x + gap; ++v)
                near.push_back(std::minmax(rings[u], rings[v]));
        std::sort(near.begin(), near.end());
        for (const auto& [i, j] : near) {
            const Strand &a = *strands[i], &b = *strands[j];
            if (!a.box.grown(gap).meets(b.box) || meeting.has(static_cast<int>(i), static_cast<int>(j))) continue;
            Vec2 on, off;
            double least = 1e300;
            for (const Span& u : a.spans) {
                if (!u.box.grown(gap).meets(b.box)) continue;
                for (const double w : {0.0, 0.33, 0.67}) {
                    const Vec2 p = at(u.curve, w);
                    const Place q = nearestOn(b, p, gap + std::max(u.box.width(), u.box.height()));
                    if (q.distance >= least) continue;
                    least = q.distance;
                    on = p;
                    off = q.point;
                }
            }
            for (int k = 0; k < 60 && least < 1e300; ++k) {
                const Place back = nearestOn(a, off, least + touch);
                if (back.distance > least) break;
                on = back.point;
                const Place forth = nearestOn(b, on, least + touch);
                const bool still = forth.distance > least - 1e-12;
                if (forth.distance <= least) off = forth.point;
                least = std::min(least, forth.distance);
                if (still) break;
            }
            if (least <= gap && least > touch) found.push_back({on, off, least});
        }
    }
};

} // namespace

std::vector<Bridge> bridges(const std::vector<const Strand*>& strands, const std::vector<Between>& meetings, double gap, double touch, KeptReaches* kept)
{
    KeptReaches own;
    if (!kept) own.update(strands, {{}, std::vector<char>(strands.size(), 1)}, gap);
    Closer c{strands, meetings, gap, touch, kept ? *kept : own};
    c.findEnds();
    c.endToEnd();
    c.endToPath();
    c.closedToClosed();
    return std::move(c.found);
}

} // namespace softrope::planar
