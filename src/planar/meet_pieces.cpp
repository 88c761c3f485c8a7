#include "planar/touches.h"

#include "curve/foot.h"

#include <algorithm>
#include <tuple>

namespace softrope::planar {

using namespace curve;

namespace {

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

// Two that run side by side further than `touch` apart. With both at the same share t, A(t) - B(t) lies between the differences of their
// control points; a nearer place of B at another share lies on along B, which goes aside from u's chord by no more than its turn allows.
bool sideBySide(const Span& u, const Span& v, double touch)
{
    const bool against = dot(u.along, v.along) < 0;
    const double aside = std::abs(turn(u.along, against ? -v.along : v.along)) + v.turn;
    if (!(aside < 0.5)) return false;
    const Cubic b = against ? Cubic{v.curve.p3, v.curve.p2, v.curve.p1, v.curve.p0} : v.curve;
    const Vec2 between[4] = {u.curve.p0 - b.p0, u.curve.p1 - b.p1, u.curve.p2 - b.p2, u.curve.p3 - b.p3}, n = perpendicular(u.along);
    double least = 1e300, most = -1e300, shift = 0;
    for (const Vec2 d : between) {
        least = std::min(least, dot(d, n));
        most = std::max(most, dot(d, n));
        shift = std::max(shift, std::abs(dot(d, u.along)));
    }
    const double enough = touch + std::tan(aside) * (touch + shift);
    return least > enough || -most > enough;
}

// Crossings and nearly parallel stretches of one pair of pieces after the other.
class PieceSearch {
public:
    explicit PieceSearch(Encounter& e_) : e(e_) {}

    // All spans of one pair of pieces, from `from` on; gives the first that belongs to another pair.
    std::size_t search(const std::vector<SpanPair>& pairs, std::size_t from)
    {
        const int i = pairs[from].first->piece, j = pairs[from].second->piece;
        budget = 200000;
        for (; from < pairs.size() && pairs[from].first->piece == i && pairs[from].second->piece == j; ++from)
            look(*pairs[from].first, *pairs[from].second, 60);
        takeTouches(e, i, j, stretches);
        return from;
    }

private:
    Encounter& e;
    std::vector<Near> stretches; // nearly parallel places of the pair of pieces in hand, within touch
    int budget = 0;              // how many more pairs of spans are looked at, against pathological input

    // Two spans: apart, crossing clearly, near enough to be one place, or to be cut up further.
    void look(const Span& u, const Span& v, int depth)
    {
        if (!u.box.grown(e.touch).meets(v.box) || --budget < 0) return;
        if (within(u, v)) return;
        const double c = std::abs(cross(u.along, v.along));
        if (u.turn + v.turn < 1.4 && c > u.turn + v.turn + 1e-7 && c > 1e-6) {
            crossing(u, v, depth);
            return;
        }
        if (apart(u, v, e.touch) || apart(v, u, e.touch) || sideBySide(u, v, e.touch) || sideBySide(v, u, e.touch)) return;
        const double lu = u.box.width() + u.box.height(), lv = v.box.width() + v.box.height();
        const bool flatU = u.turn * lu < e.touch, flatV = v.turn * lv < e.touch; // sagitta below a quarter of touch
        if ((flatU && flatV) || depth == 0) {
            leaf(u, v);
            return;
        }
        if (runsAlong(u, v)) return;
        halve(u, v, (lu >= lv && !flatU) || flatV, depth);
    }

    // The spans' ranges of direction lie apart: they cross once or not at all.
    void crossing(const Span& u, const Span& v, int depth)
    {
        const Vec2 du = u.curve.p3 - u.curve.p0, dv = v.curve.p3 - v.curve.p0, r = v.curve.p0 - u.curve.p0;
        const double den = cross(du, dv);
        double x = cross(r, dv) / den, y = cross(r, du) / den;
        const Piece &pa = e.pieceA(u.piece), &pb = e.pieceB(v.piece);
        constexpr double eps = 1e-11;
        if (pa.line && pb.line) {
            if (x < -eps || x > 1 + eps || y < -eps || y > 1 + eps) return;
            x = std::clamp(x, 0.0, 1.0);
            y = std::clamp(y, 0.0, 1.0);
            e.add(u.piece, v.piece, u.t0 + (u.t1 - u.t0) * x, v.t0 + (v.t1 - v.t0) * y, u.curve.p0 + x * du);
            return;
        }
        if (apart(u, v, 1e-9) || apart(v, u, 1e-9)) return;
        double s = u.t0 + (u.t1 - u.t0) * std::clamp(x, 0.0, 1.0), t = v.t0 + (v.t1 - v.t0) * std::clamp(y, 0.0, 1.0);
        const double ea = eps + 1e-9 * (u.t1 - u.t0), eb = eps + 1e-9 * (v.t1 - v.t0);
        if (settle(pa.curve, pb.curve, s, t) && s >= u.t0 - ea && s <= u.t1 + ea && t >= v.t0 - eb && t <= v.t1 + eb) {
            s = std::clamp(s, 0.0, 1.0);
            t = std::clamp(t, 0.0, 1.0);
            e.add(u.piece, v.piece, s, t, at(pa.curve, s));
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
        const Piece& piece = first ? e.pieceA(u.piece) : e.pieceB(v.piece);
        for (const Span& half : {spanOf(piece, w.piece, w.t0, mid), spanOf(piece, w.piece, mid, w.t1)})
            first ? look(half, v, depth - 1) : look(u, half, depth - 1);
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
            const NearestOnCubic onB = nearBy(e.pieceB(v.piece).curve, v, p), onA = nearBy(e.pieceA(u.piece).curve, u, q);
            offer(s, onB.t, onB.distance, 0.5 * (p + onB.point));
            if (onA.t >= u.t0 && onA.t <= u.t1) offer(onA.t, t, onA.distance, 0.5 * (q + onA.point));
        }
        if (best.distance <= e.touch) stretches.push_back(best);
    }

    // All of u stays within touch of v's piece: one leaf, without cutting it up.
    bool runsAlong(const Span& u, const Span& v)
    {
        if (u.turn > 0.3) return false;
        Near best{0, 0, 1e300, {}, u.t0, u.t1};
        for (const double w : {0.0, 1.0, 0.5, 0.25, 0.75}) {
            const Vec2 p = at(u.curve, w);
            const NearestOnCubic n = nearBy(e.pieceB(v.piece).curve, v, p);
            if (n.distance > e.touch) return false;
            if (n.distance < best.distance) {
                best.distance = n.distance;
                best.s = u.t0 + (u.t1 - u.t0) * w;
                best.t = n.t;
                best.at = 0.5 * (p + n.point);
            }
        }
        stretches.push_back(best);
        return true;
    }

    // Both stretches belong to one common run.
    bool within(const Span& u, const Span& v) const
    {
        for (const Run& r : e.found.runs) {
            if (r.a != u.piece || r.b != v.piece) continue;
            const double lo = std::min(r.t0, r.t1), hi = std::max(r.t0, r.t1);
            if (u.t0 >= r.s0 - 1e-9 && u.t1 <= r.s1 + 1e-9 && v.t0 >= lo - 1e-9 && v.t1 <= hi + 1e-9) return true;
        }
        return false;
    }
};

} // namespace

void meetPieces(Encounter& e, std::vector<SpanPair>& pairs)
{
    std::sort(pairs.begin(), pairs.end(),
              [](const auto& x, const auto& y) { return std::tie(x.first->piece, x.second->piece) < std::tie(y.first->piece, y.second->piece); });
    PieceSearch one(e);
    for (std::size_t k = 0; k < pairs.size();) k = one.search(pairs, k);
}

} // namespace softrope::planar
