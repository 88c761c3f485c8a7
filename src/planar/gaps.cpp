#include "planar/gaps.h"

#include <algorithm>
#include <set>
#include <tuple>

namespace softrope::planar {

using namespace curve;

namespace {

struct FreeEnd {
    int strand = 0;
    bool last = false;
    Vec2 at;
    bool used = false;
};

struct Place {
    double distance = 1e300;
    Vec2 point;
};

// Nearest point of the strand within `reach`.
Place nearestOn(const Strand& s, Vec2 p, double reach)
{
    Place best;
    for (const Span& v : s.spans) {
        if (!v.box.grown(std::min(reach, best.distance)).contains(p)) continue;
        const NearestOnCubic n = nearest(v.curve, p);
        if (n.distance < best.distance && n.distance <= reach) best = {n.distance, n.point};
    }
    return best;
}

// The same on a strand from its own end, without the part up to four times as far along it.
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

struct Closer {
    const std::vector<const Strand*>& strands;
    const std::vector<Between>& meetings;
    double gap, touch;
    std::vector<FreeEnd> ends{};
    std::vector<Bridge> found{};
    std::set<std::pair<int, int>> meeting{};

    void findEnds()
    {
        std::vector<char> closedOff(strands.size() * 2, 0);
        const auto note = [&](int strand, int piece, double t, Vec2 at, int node) {
            const Strand& s = *strands[static_cast<std::size_t>(strand)];
            if (s.closed || s.pieces.empty()) return;
            const int last = static_cast<int>(s.pieces.size());
            if (node == 0 || stub(s, piece, t, at, false)) closedOff[static_cast<std::size_t>(2 * strand)] = 1;
            if (node == last || stub(s, piece, t, at, true)) closedOff[static_cast<std::size_t>(2 * strand + 1)] = 1;
        };
        for (const Between& m : meetings) {
            if (strands[static_cast<std::size_t>(m.i)]->closed && strands[static_cast<std::size_t>(m.j)]->closed) meeting.insert({m.i, m.j});
            for (const Contact& c : m.what->contacts) {
                note(m.i, c.a, c.s, c.at, c.nodeA);
                note(m.j, c.b, c.t, c.at, c.nodeB);
            }
        }
        for (std::size_t k = 0; k < strands.size(); ++k) {
            const Strand& s = *strands[k];
            if (s.closed || s.pieces.empty()) continue;
            for (const bool last : {false, true})
                if (!closedOff[2 * k + (last ? 1 : 0)])
                    ends.push_back({static_cast<int>(k), last, last ? s.pieces.back().curve.p3 : s.pieces.front().curve.p0});
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
                if (d > gap) continue;
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
            Place best = nearestOnOwnFarPart(*strands[static_cast<std::size_t>(e.strand)], e, gap);
            for (std::size_t k = 0; k < strands.size(); ++k) {
                if (static_cast<int>(k) == e.strand || !strands[k]->box.grown(gap).contains(e.at)) continue;
                const Place p = nearestOn(*strands[k], e.at, gap);
                if (p.distance < best.distance) best = p;
            }
            if (best.distance > gap || best.distance <= touch) continue;
            e.used = true;
            found.push_back({e.at, best.point, best.distance});
        }
    }

    void closedToClosed()
    {
        for (std::size_t i = 0; i < strands.size(); ++i)
            for (std::size_t j = i + 1; j < strands.size(); ++j) {
                const Strand &a = *strands[i], &b = *strands[j];
                if (!a.closed || !b.closed || !a.box.grown(gap).meets(b.box) || meeting.count({static_cast<int>(i), static_cast<int>(j)})) continue;
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

std::vector<Bridge> bridges(const std::vector<const Strand*>& strands, const std::vector<Between>& meetings, double gap, double touch)
{
    Closer c{strands, meetings, gap, touch};
    c.findEnds();
    c.endToEnd();
    c.endToPath();
    c.closedToClosed();
    return std::move(c.found);
}

} // namespace softrope::planar
