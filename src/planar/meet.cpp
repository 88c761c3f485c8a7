#include "planar/meet.h"

#include "curve/foot.h"

#include <algorithm>
#include <optional>
#include <tuple>

namespace softrope::planar {

using namespace curve;

namespace {

// A stretch of the first piece, s0 to s1, within touch of the second, and the nearest place found on it.
struct Near {
    double s, t, distance;
    Vec2 at;
    double s0 = 0, s1 = 0;
};

// Nearest point of a piece to p, from the point on a chord of it.
NearestOnCubic nearBy(const Cubic& piece, const Span& chord, Vec2 p)
{
    const Vec2 d = chord.curve.p3 - chord.curve.p0;
    const double q = squaredLength(d);
    double t = chord.t0 + (chord.t1 - chord.t0) * (q > 0 ? std::clamp(dot(p - chord.curve.p0, d) / q, 0.0, 1.0) : 0.0);
    t = footNear(piece, p, t, 0, 1, 4);
    const Vec2 at_ = at(piece, t);
    return {t, at_, std::sqrt(squaredLength(at_ - p))};
}

bool apart(const Span& u, const Span& v, double touch)
{
    // Strips along u's chord: farther apart across it than `touch`?
    if (u.along == Vec2{}) return false;
    const Vec2 n = perpendicular(u.along);
    const auto range = [&](const Cubic& c) {
        const double d[4] = {dot(c.p0 - u.curve.p0, n), dot(c.p1 - u.curve.p0, n), dot(c.p2 - u.curve.p0, n), dot(c.p3 - u.curve.p0, n)};
        return std::minmax({d[0], d[1], d[2], d[3]});
    };
    const auto a = range(u.curve), b = range(v.curve);
    return a.first > b.second + touch || b.first > a.second + touch;
}

// Newton on A(s) - B(t) = 0; true when it settles.
bool settle(const Cubic& a, const Cubic& b, double& s, double& t)
{
    for (int k = 0; k < 12; ++k) {
        const Vec2 r = at(a, s) - at(b, t), da = derivative(a, s), db = derivative(b, t);
        const double den = cross(da, db);
        if (!(std::abs(den) > 1e-14 * (squaredLength(da) + squaredLength(db)))) return false;
        const double ds = -cross(r, db) / den, dt = -cross(r, da) / den;
        s += ds;
        t += dt;
        if (!(std::abs(s) < 4 && std::abs(t) < 4)) return false;
        if (std::abs(ds) + std::abs(dt) < 1e-14) return true;
    }
    const double size = std::abs(at(a, s).x) + std::abs(at(a, s).y);
    return distance(at(a, s), at(b, t)) < 1e-12 * size + 1e-9;
}

struct Search {
    const Strand &a, &b;
    double touch;
    bool itself;
    Meeting found{};
    std::vector<Near> leaves{}; // nearly parallel places of the pair of pieces in hand, within touch
    int budget = 0;

    const Piece& pieceA(int i) const { return a.pieces[static_cast<std::size_t>(i)]; }
    const Piece& pieceB(int i) const { return b.pieces[static_cast<std::size_t>(i)]; }

    // -- clear crossings ---------------------------------------------------------------------------------------------
    // The spans' ranges of direction lie apart: they cross once or not at all.
    void crossing(const Span& u, const Span& v, int depth)
    {
        const Vec2 du = u.curve.p3 - u.curve.p0, dv = v.curve.p3 - v.curve.p0, r = v.curve.p0 - u.curve.p0;
        const double den = cross(du, dv);
        double x = cross(r, dv) / den, y = cross(r, du) / den;
        const Piece &pa = pieceA(u.piece), &pb = pieceB(v.piece);
        constexpr double eps = 1e-11;
        if (pa.line && pb.line) {
            if (x < -eps || x > 1 + eps || y < -eps || y > 1 + eps) return;
            x = std::clamp(x, 0.0, 1.0);
            y = std::clamp(y, 0.0, 1.0);
            add(u.piece, v.piece, u.t0 + (u.t1 - u.t0) * x, v.t0 + (v.t1 - v.t0) * y, u.curve.p0 + x * du);
            return;
        }
        if (apart(u, v, 1e-9) || apart(v, u, 1e-9)) return;
        double s = u.t0 + (u.t1 - u.t0) * std::clamp(x, 0.0, 1.0), t = v.t0 + (v.t1 - v.t0) * std::clamp(y, 0.0, 1.0);
        const double ea = eps + 1e-9 * (u.t1 - u.t0), eb = eps + 1e-9 * (v.t1 - v.t0);
        if (settle(pa.curve, pb.curve, s, t) && s >= u.t0 - ea && s <= u.t1 + ea && t >= v.t0 - eb && t <= v.t1 + eb) {
            s = std::clamp(s, 0.0, 1.0);
            t = std::clamp(t, 0.0, 1.0);
            add(u.piece, v.piece, s, t, at(pa.curve, s));
            return;
        }
        // Newton went elsewhere: cut up until the hulls are apart or the chords decide.
        const double lu = length(du), lv = length(dv);
        if (depth == 0 || (u.turn * lu < 1e-7 && v.turn * lv < 1e-7)) return;
        halve(u, v, lu * u.turn >= lv * v.turn, depth);
    }

    void halve(const Span& u, const Span& v, bool first, int depth)
    {
        const Span& w = first ? u : v;
        const double mid = 0.5 * (w.t0 + w.t1);
        const Piece& piece = first ? pieceA(u.piece) : pieceB(v.piece);
        for (const Span& half : {spanOf(piece, w.piece, w.t0, mid), spanOf(piece, w.piece, mid, w.t1)})
            first ? look(half, v, depth - 1) : look(u, half, depth - 1);
    }

    void add(int i, int j, double s, double t, Vec2 p, bool touches = false)
    {
        if (itself && sameJoint(i, j, p)) return;
        found.contacts.push_back({i, j, s, t, p, -1, -1, touches});
    }

    // The joint of two pieces that follow each other is no contact.
    bool sameJoint(int i, int j, Vec2 p) const
    {
        const int n = static_cast<int>(a.pieces.size());
        const auto follows = [&](int k, int l) { return l == k + 1 || (a.closed && k == n - 1 && l == 0); };
        return (follows(i, j) && distance(pieceA(i).curve.p3, p) < touch) || (follows(j, i) && distance(pieceA(i).curve.p0, p) < touch);
    }

    // -- nearly parallel stretches -----------------------------------------------------------------------------------
    void look(const Span& u, const Span& v, int depth)
    {
        if (!u.box.grown(touch).meets(v.box) || --budget < 0) return;
        if (within(u, v)) return;
        const double c = std::abs(cross(u.along, v.along));
        if (u.turn + v.turn < 1.4 && c > u.turn + v.turn + 1e-7 && c > 1e-6) {
            crossing(u, v, depth);
            return;
        }
        if (apart(u, v, touch) || apart(v, u, touch)) return;
        const double lu = u.box.width() + u.box.height(), lv = v.box.width() + v.box.height();
        const bool flatU = u.turn * lu < touch, flatV = v.turn * lv < touch; // sagitta below a quarter of touch
        if ((flatU && flatV) || depth == 0) {
            leaf(u, v);
            return;
        }
        if (runsAlong(u, v)) return;
        halve(u, v, (lu >= lv && !flatU) || flatV, depth);
    }

    // Two short stretches: their nearest places, measured on the curves themselves.
    void leaf(const Span& u, const Span& v)
    {
        Near best{0, 0, 1e300, {}, u.t0, u.t1};
        const auto offer = [&](double s, double t, double d, Vec2 p) {
            if (d >= best.distance) return;
            best.s = s;
            best.t = t;
            best.distance = d;
            best.at = p;
        };
        for (const double w : {0.0, 0.5, 1.0}) {
            const double s = u.t0 + (u.t1 - u.t0) * w, t = v.t0 + (v.t1 - v.t0) * w;
            const Vec2 p = at(u.curve, w), q = at(v.curve, w);
            const NearestOnCubic onB = nearBy(pieceB(v.piece).curve, v, p), onA = nearBy(pieceA(u.piece).curve, u, q);
            offer(s, onB.t, onB.distance, 0.5 * (p + onB.point));
            if (onA.t >= u.t0 && onA.t <= u.t1) offer(onA.t, t, onA.distance, 0.5 * (q + onA.point));
        }
        if (best.distance <= touch) leaves.push_back(best);
    }

    // All of u stays within touch of v's piece: one leaf, without cutting it up.
    bool runsAlong(const Span& u, const Span& v)
    {
        if (u.turn > 0.3) return false;
        Near best{0, 0, 1e300, {}, u.t0, u.t1};
        for (const double w : {0.0, 1.0, 0.5, 0.25, 0.75}) {
            const Vec2 p = at(u.curve, w);
            const NearestOnCubic n = nearBy(pieceB(v.piece).curve, v, p);
            if (n.distance > touch) return false;
            if (n.distance < best.distance) {
                best.distance = n.distance;
                best.s = u.t0 + (u.t1 - u.t0) * w;
                best.t = n.t;
                best.at = 0.5 * (p + n.point);
            }
        }
        leaves.push_back(best);
        return true;
    }

    // Both stretches belong to one common run.
    bool within(const Span& u, const Span& v) const
    {
        for (const Run& r : found.runs) {
            if (r.a != u.piece || r.b != v.piece) continue;
            const double lo = std::min(r.t0, r.t1), hi = std::max(r.t0, r.t1);
            if (u.t0 >= r.s0 - 1e-9 && u.t1 <= r.s1 + 1e-9 && v.t0 >= lo - 1e-9 && v.t1 <= hi + 1e-9) return true;
        }
        return false;
    }

    // Leaves that follow each other are one place where the strands touch; it is kept at its nearest point, unless an end
    // or a run already stands for it.
    void takeLeaves(int i, int j)
    {
        if (leaves.empty()) return;
        std::sort(leaves.begin(), leaves.end(), [](const Near& x, const Near& y) { return std::tie(x.s0, x.s1) < std::tie(y.s0, y.s1); });
        for (std::size_t from = 0; from < leaves.size();) {
            std::size_t to = from, best = from;
            double end = leaves[from].s1;
            const auto follows = [&](const Near& n) {
                return n.s0 <= end + 1e-9 || distance(at(pieceA(i).curve, n.s0), at(pieceA(i).curve, end)) < 20 * touch;
            };
            while (to + 1 < leaves.size() && follows(leaves[to + 1])) {
                ++to;
                end = std::max(end, leaves[to].s1);
                if (leaves[to].distance < leaves[best].distance) best = to;
            }
            if (!crossingsAlong(i, j, from, to) && !known(i, j, leaves[from].s0, end, at(pieceA(i).curve, leaves[from].s0), at(pieceA(i).curve, end))) {
                Near n = leaves[best];
                refine(i, j, n);
                add(i, j, n.s, n.t, n.at, true);
            }
            from = to + 1;
        }
        leaves.clear();
    }

    // Where the two change sides within such a place: shallow crossings. Sides are told only where the distance is well above
    // rounding.
    bool crossingsAlong(int i, int j, std::size_t from, std::size_t to)
    {
        const Cubic &ca = pieceA(i).curve, &cb = pieceB(j).curve;
        struct Side {
            double s, t, side;
        };
        const auto sideAt = [&](double s, double t) {
            const Vec2 p = at(ca, s);
            t = footNear(cb, p, t);
            const Vec2 off = p - at(cb, t), v = derivative(cb, t);
            // Beyond an end of the other piece there is no side.
            if (std::abs(dot(off, v)) > 0.01 * std::sqrt(squaredLength(off) * squaredLength(v)) + 1e-12) return Side{s, t, 0};
            return Side{s, t, cross(v, off) / std::sqrt(squaredLength(v) + 1e-300)};
        };
        bool found_ = false;
        std::optional<Side> last;
        for (std::size_t k = from; k <= to; ++k)
            for (const double w : {0.0, 0.5, 1.0}) {
                const Side here = sideAt(leaves[k].s0 + (leaves[k].s1 - leaves[k].s0) * w, leaves[k].t);
                if (std::abs(here.side) < 0.02 * touch) continue;
                if (last && here.s > last->s && (here.side > 0) != (last->side > 0)) {
                    Side lo = *last, hi = here;
                    for (int m = 0; m < 60 && hi.s - lo.s > 1e-14; ++m) {
                        const Side mid = sideAt(0.5 * (lo.s + hi.s), 0.5 * (lo.t + hi.t));
                        ((mid.side > 0) == (lo.side > 0) ? lo : hi) = mid;
                    }
                    add(i, j, hi.s, hi.t, at(ca, hi.s), true);
                    found_ = true;
                }
                last = here;
            }
        return found_;
    }

    bool known(int i, int j, double s0, double s1, Vec2 from, Vec2 to) const
    {
        const double reach = 2 * touch;
        const auto inside = [&](double s, Vec2 p) { return (s >= s0 - 1e-9 && s <= s1 + 1e-9) || distance(p, from) < reach || distance(p, to) < reach; };
        for (const Contact& c : found.contacts) {
            if (c.a == i && c.b == j && inside(c.s, c.at)) return true;
            if ((c.nodeA >= 0 || c.nodeB >= 0) && (distance(c.at, from) < reach || distance(c.at, to) < reach)) return true;
        }
        for (const Run& r : found.runs)
            if (r.a == i && r.b == j && r.s0 <= s1 + 1e-9 && r.s1 >= s0 - 1e-9) return true;
        return itself && (sameJoint(i, j, from) || sameJoint(i, j, to));
    }

    // The least distance: steps along both until the difference is square to both tangents, or a crossing is met.
    void refine(int i, int j, Near& n) const
    {
        const Cubic &ca = pieceA(i).curve, &cb = pieceB(j).curve;
        Near m = n;
        if (settle(ca, cb, m.s, m.t) && m.s >= 0 && m.s <= 1 && m.t >= 0 && m.t <= 1 && distance(at(ca, m.s), n.at) < 50 * touch) {
            n = m;
            n.distance = 0;
            n.at = at(ca, n.s);
            return;
        }
        for (int k = 0; k < 30; ++k) {
            const NearestOnCubic onB = nearest(cb, at(ca, n.s));
            const NearestOnCubic onA = nearest(ca, onB.point);
            const bool still = std::abs(onA.t - n.s) < 1e-13;
            n.s = onA.t;
            n.t = onB.t;
            if (still) break;
        }
        n.at = 0.5 * (at(ca, n.s) + at(cb, n.t));
    }

    // -- ends and corners on the other strand --------------------------------------------------------------------------
    void nodesOfA()
    {
        for (int k = 0; k < a.nodeCount(); ++k) {
            const Vec2 p = a.node(k);
            if (!b.box.grown(touch).contains(p)) continue;
            const bool last = k == static_cast<int>(a.pieces.size());
            const int i = last ? k - 1 : k;
            eachPlace(b, p, [&](int j, double t, int node) {
                if (itself && (j == i || sameJoint(i, j, p) || (!last && j == (k + a.nodeCount() - 1) % a.nodeCount()))) return;
                const double s = last ? 1.0 : 0.0;
                found.contacts.push_back(itself && j < i ? Contact{j, i, t, s, p, node, k} : Contact{i, j, s, t, p, k, node});
            });
        }
    }
    void nodesOfB()
    {
        for (int k = 0; k < b.nodeCount(); ++k) {
            const Vec2 p = b.node(k);
            if (!a.box.grown(touch).contains(p)) continue;
            const bool last = k == static_cast<int>(b.pieces.size());
            const int j = last ? k - 1 : k;
            eachPlace(a, p, [&](int i, double s, int node) { found.contacts.push_back({i, j, s, last ? 1.0 : 0.0, p, node, k}); });
        }
    }

    // Places of the strand within touch of p, one a piece.
    template <class Take> void eachPlace(const Strand& on, Vec2 p, Take take) const
    {
        int done = -1;
        for (const Span& v : on.spans) {
            if (v.piece == done || !v.box.grown(touch).contains(p)) continue;
            const Piece& piece = on.pieces[static_cast<std::size_t>(v.piece)];
            const NearestOnCubic n = piece.line ? onLine(piece.curve, p) : nearest(piece.curve, p);
            if (n.distance > touch) continue;
            done = v.piece;
            int node = -1;
            const int after = v.piece + 1 < on.nodeCount() ? v.piece + 1 : 0;
            if (distance(piece.curve.p0, p) <= touch)
                node = v.piece;
            else if (distance(piece.curve.p3, p) <= touch)
                node = after;
            take(v.piece, node == v.piece ? 0.0 : (node == after ? 1.0 : n.t), node);
        }
    }

    static NearestOnCubic onLine(const Cubic& c, Vec2 p)
    {
        const Vec2 d = c.p3 - c.p0;
        const double x = std::clamp(dot(p - c.p0, d) / squaredLength(d), 0.0, 1.0);
        const Vec2 q = c.p0 + x * d;
        return {x, q, distance(p, q)};
    }

    // -- common runs -----------------------------------------------------------------------------------------------------
    // Two places that a pair of pieces shares, with nothing but touch between: they run together.
    void commonRuns()
    {
        std::vector<Contact> byPair = found.contacts;
        std::sort(byPair.begin(), byPair.end(), [](const Contact& x, const Contact& y) { return std::tie(x.a, x.b, x.s) < std::tie(y.a, y.b, y.s); });
        for (std::size_t k = 0; k + 1 < byPair.size(); ++k) {
            const Contact &x = byPair[k], &y = byPair[k + 1];
            if (x.a != y.a || x.b != y.b || (itself && x.a == x.b)) continue;
            if (distance(x.at, y.at) < 4 * touch && std::abs(x.s - y.s) < 0.5) continue;
            if (std::abs(x.s - y.s) < 1e-9 || std::abs(x.t - y.t) < 1e-9) continue;
            const Cubic &ca = pieceA(x.a).curve, &cb = pieceB(x.b).curve;
            bool together = true;
            if (!(pieceA(x.a).line && pieceB(x.b).line)) {
                const double lo = std::min(x.t, y.t), hi = std::max(x.t, y.t);
                for (int m = 1; m <= 5 && together; ++m) {
                    const Vec2 p = at(ca, x.s + (y.s - x.s) * m / 6.0);
                    together = nearIn(cb, p, x.t + (y.t - x.t) * m / 6.0, lo, hi);
                }
            }
            if (together) found.runs.push_back({x.a, x.b, x.s, y.s, x.t, y.t});
        }
    }

    // Within touch of the curve between two parameters: a few Newton steps from a good guess, else a full search.
    bool nearIn(const Cubic& c, Vec2 p, double t, double lo, double hi) const
    {
        t = footNear(c, p, t, lo, hi, 6);
        if (distance(at(c, t), p) <= touch) return true;
        const NearestOnCubic n = nearest(c, p);
        return n.distance <= touch && n.t >= lo - 1e-6 && n.t <= hi + 1e-6;
    }

    // -- all of it ---------------------------------------------------------------------------------------------------------
    void pairOfPieces(std::vector<std::pair<const Span*, const Span*>>& pairs)
    {
        std::sort(pairs.begin(), pairs.end(),
                  [](const auto& x, const auto& y) { return std::tie(x.first->piece, x.second->piece) < std::tie(y.first->piece, y.second->piece); });
        for (std::size_t k = 0; k < pairs.size();) {
            const int i = pairs[k].first->piece, j = pairs[k].second->piece;
            budget = 200000;
            for (; k < pairs.size() && pairs[k].first->piece == i && pairs[k].second->piece == j; ++k) look(*pairs[k].first, *pairs[k].second, 60);
            takeLeaves(i, j);
        }
    }
};

// Spans of the two lists whose boxes meet, by a sweep along x.
template <class Take> void eachPair(std::vector<const Span*>& us, std::vector<const Span*>& vs, double touch, Take take)
{
    if (us.size() * vs.size() <= 64) {
        for (const Span* u : us)
            for (const Span* v : vs)
                if (u->box.grown(touch).meets(v->box)) take(u, v);
        return;
    }
    const auto byLeft = [](const Span* x, const Span* y) { return x->box.min.x < y->box.min.x; };
    std::sort(us.begin(), us.end(), byLeft);
    std::sort(vs.begin(), vs.end(), byLeft);
    std::vector<const Span*> openU, openV;
    const auto against = [&](std::vector<const Span*>& open, const Span* s, bool first) {
        for (std::size_t k = 0; k < open.size();) {
            if (open[k]->box.max.x + touch < s->box.min.x) {
                open[k] = open.back();
                open.pop_back();
                continue;
            }
            if (open[k]->box.min.y <= s->box.max.y + touch && s->box.min.y <= open[k]->box.max.y + touch) first ? take(s, open[k]) : take(open[k], s);
            ++k;
        }
    };
    for (std::size_t i = 0, j = 0; i < us.size() || j < vs.size();) {
        if (j == vs.size() || (i < us.size() && us[i]->box.min.x <= vs[j]->box.min.x)) {
            against(openV, us[i], true);
            openU.push_back(us[i++]);
        } else {
            against(openU, vs[j], false);
            openV.push_back(vs[j++]);
        }
    }
}

std::vector<const Span*> spansIn(const Strand& s, const Box& box)
{
    std::vector<const Span*> in;
    for (const Span& v : s.spans)
        if (v.box.meets(box)) in.push_back(&v);
    return in;
}

// The second span begins where the first ends and goes on in much the same direction: they meet nowhere else.
bool goesOn(const Span& first, const Span& second)
{
    return first.curve.p3 == second.curve.p0 && first.t1 == 1 && second.t0 == 0 && dot(first.along, second.along) > 0.5 && first.turn + second.turn < 0.5;
}

// The double point of a cubic that crosses itself: with B = a t^3 + b t^2 + c t + d and u = s + t, v = s t, the equation
// B(s) = B(t) becomes a (u^2 - v) + b u + c = 0, two linear equations after one elimination.
void doublePoint(const Piece& piece, int i, Meeting& found)
{
    if (piece.line) return;
    const Cubic& k = piece.curve;
    const Vec2 c = 3 * (k.p1 - k.p0), b = 3 * (k.p2 - 2 * k.p1 + k.p0), a = k.p3 - 3 * k.p2 + 3 * k.p1 - k.p0;
    const double ab = cross(a, b);
    if (ab == 0) return;
    const double u = -cross(a, c) / ab;
    const double v = u * u + (dot(a, b) * u + dot(a, c)) / squaredLength(a);
    const double d = u * u - 4 * v;
    if (!(d > 1e-12)) return;
    const double s = 0.5 * (u - std::sqrt(d)), t = 0.5 * (u + std::sqrt(d));
    if (s < 0 || t > 1 || (s < 1e-9 && t > 1 - 1e-9)) return;
    found.contacts.push_back({i, i, s, t, 0.5 * (at(k, s) + at(k, t))});
}

} // namespace

Meeting meet(const Strand& a, const Strand& b, double touch)
{
    if (!a.box.grown(touch).meets(b.box)) return {};
    std::vector<const Span*> us = spansIn(a, b.box.grown(touch)), vs = spansIn(b, a.box.grown(touch));
    if (us.empty() || vs.empty()) return {};
    Search search{a, b, touch, false};
    std::vector<std::pair<const Span*, const Span*>> pairs;
    eachPair(us, vs, touch, [&](const Span* u, const Span* v) { pairs.push_back({u, v}); });
    if (pairs.empty()) return {};
    search.nodesOfA();
    search.nodesOfB();
    search.commonRuns();
    search.pairOfPieces(pairs);
    return std::move(search.found);
}

Meeting meetItself(const Strand& strand, double touch)
{
    Search search{strand, strand, touch, true};
    search.nodesOfA();
    search.commonRuns();
    std::vector<std::pair<const Span*, const Span*>> pairs;
    std::vector<const Span*> all = spansIn(strand, strand.box);
    const auto byLeft = [](const Span* x, const Span* y) { return x->box.min.x < y->box.min.x; };
    std::sort(all.begin(), all.end(), byLeft);
    std::vector<const Span*> open;
    for (const Span* s : all) {
        for (std::size_t k = 0; k < open.size();) {
            const Span* o = open[k];
            if (o->box.max.x + touch < s->box.min.x) {
                open[k] = open.back();
                open.pop_back();
                continue;
            }
            ++k;
            if (o->piece == s->piece || o->box.min.y > s->box.max.y + touch || s->box.min.y > o->box.max.y + touch) continue;
            const Span *first = o->piece < s->piece ? o : s, *second = first == o ? s : o;
            if (!goesOn(*first, *second) && !goesOn(*second, *first)) pairs.push_back({first, second});
        }
        open.push_back(s);
    }
    search.pairOfPieces(pairs);
    for (std::size_t i = 0; i < strand.pieces.size(); ++i) doublePoint(strand.pieces[i], static_cast<int>(i), search.found);
    return std::move(search.found);
}

} // namespace softrope::planar
