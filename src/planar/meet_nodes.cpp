#include "planar/encounter.h"

#include "curve/foot.h"

#include <algorithm>
#include <tuple>

namespace softrope::planar {

using namespace curve;

namespace {

NearestOnCubic onLine(const Cubic& c, Vec2 p)
{
    const Vec2 d = c.p3 - c.p0;
    const double x = std::clamp(dot(p - c.p0, d) / squaredLength(d), 0.0, 1.0);
    const Vec2 q = c.p0 + x * d;
    return {x, q, distance(p, q)};
}

// Places of the strand within touch of p, one a piece.
template <class Take> void eachPlace(const Strand& on, double touch, Vec2 p, Take take)
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

void nodesOfA(Encounter& e)
{
    for (int k = 0; k < e.a.nodeCount(); ++k) {
        const Vec2 p = e.a.node(k);
        if (!e.b.box.grown(e.touch).contains(p)) continue;
        const bool last = k == static_cast<int>(e.a.pieces.size());
        const int i = last ? k - 1 : k;
        eachPlace(e.b, e.touch, p, [&](int j, double t, int node) {
            if (e.itself && (j == i || e.sameJoint(i, j, p) || (!last && j == (k + e.a.nodeCount() - 1) % e.a.nodeCount()))) return;
            const double s = last ? 1.0 : 0.0;
            e.found.contacts.push_back(e.itself && j < i ? Contact{j, i, t, s, p, node, k} : Contact{i, j, s, t, p, k, node});
        });
    }
}

void nodesOfB(Encounter& e)
{
    for (int k = 0; k < e.b.nodeCount(); ++k) {
        const Vec2 p = e.b.node(k);
        if (!e.a.box.grown(e.touch).contains(p)) continue;
        const bool last = k == static_cast<int>(e.b.pieces.size());
        const int j = last ? k - 1 : k;
        eachPlace(e.a, e.touch, p, [&](int i, double s, int node) { e.found.contacts.push_back({i, j, s, last ? 1.0 : 0.0, p, node, k}); });
    }
}

// Within touch of the curve between two parameters: a few Newton steps from a good guess, else a full search.
bool nearIn(const Cubic& c, Vec2 p, double touch, double t, double lo, double hi)
{
    t = footNear(c, p, t, lo, hi, 6);
    if (distance(at(c, t), p) <= touch) return true;
    const NearestOnCubic n = nearest(c, p);
    return n.distance <= touch && n.t >= lo - 1e-6 && n.t <= hi + 1e-6;
}

} // namespace

void meetNodes(Encounter& e)
{
    nodesOfA(e);
    if (!e.itself) nodesOfB(e);
}

void findRuns(Encounter& e)
{
    std::vector<Contact> byPair = e.found.contacts;
    std::sort(byPair.begin(), byPair.end(), [](const Contact& x, const Contact& y) { return std::tie(x.a, x.b, x.s) < std::tie(y.a, y.b, y.s); });
    for (std::size_t k = 0; k + 1 < byPair.size(); ++k) {
        const Contact &x = byPair[k], &y = byPair[k + 1];
        if (x.a != y.a || x.b != y.b || (e.itself && x.a == x.b)) continue;
        if (distance(x.at, y.at) < 4 * e.touch && std::abs(x.s - y.s) < 0.5) continue;
        if (std::abs(x.s - y.s) < 1e-9 || std::abs(x.t - y.t) < 1e-9) continue;
        const Cubic &ca = e.pieceA(x.a).curve, &cb = e.pieceB(x.b).curve;
        bool together = true;
        if (!(e.pieceA(x.a).line && e.pieceB(x.b).line)) {
            const double lo = std::min(x.t, y.t), hi = std::max(x.t, y.t);
            for (int m = 1; m <= 5 && together; ++m) {
                const Vec2 p = at(ca, x.s + (y.s - x.s) * m / 6.0);
                together = nearIn(cb, p, e.touch, x.t + (y.t - x.t) * m / 6.0, lo, hi);
            }
        }
        if (together) e.found.runs.push_back({x.a, x.b, x.s, y.s, x.t, y.t});
    }
}

} // namespace softrope::planar
