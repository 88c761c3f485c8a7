#include "curve/figures.h"

#include "curve/foot.h"

#include <algorithm>

namespace softrope::curve {

namespace {

double turned(double a)
{
    a = std::fmod(a, 2 * pi);
    return a < 0 ? a + 2 * pi : a;
}

// Foot of the distance from p on the path, to rounding.
struct Foot {
    Vec2 at;
    double distance = 0;
};
std::optional<Foot> footOf(const Path& path, Vec2 p)
{
    const auto n = nearest(path, p);
    if (!n) return std::nullopt;
    const Cubic c = path.piece(n->piece);
    const Vec2 q = at(c, footNear(c, p, n->t, 0, 1, 30));
    return Foot{q, distance(p, q)};
}

// The place of a closed path that is furthest from p, to rounding: where a circle round the whole of it touches.
std::optional<Foot> furthestOf(const Path& path, Vec2 p)
{
    if (!path.closed) return std::nullopt;
    constexpr int parts = 16; // a piece
    std::optional<Foot> best;
    for (std::size_t k = 0; k < path.pieceCount(); ++k) {
        const Cubic c = path.piece(k);
        const auto grows = [&](double t) { return dot(at(c, t) - p, derivative(c, t)) > 0; };
        for (int m = 0; m < parts; ++m) {
            double lo = static_cast<double>(m) / parts, hi = static_cast<double>(m + 1) / parts;
            if (grows(lo) && !grows(hi))
                for (int i = 0; i < 60; ++i) {
                    const double mid = 0.5 * (lo + hi);
                    (grows(mid) ? lo : hi) = mid;
                }
            const Vec2 q = at(c, lo);
            if (const double d = distance(p, q); !best || d > best->distance) best = Foot{q, d};
        }
    }
    return best;
}

// Solves the n x n system (n <= 3) by elimination with pivots; false when it has no single answer.
bool solve(double (&m)[3][4], int n)
{
    for (int k = 0; k < n; ++k) {
        int best = k;
        for (int r = k + 1; r < n; ++r)
            if (std::abs(m[r][k]) > std::abs(m[best][k])) best = r;
        if (std::abs(m[best][k]) < 1e-9) return false;
        for (int c = 0; c < 4; ++c) std::swap(m[k][c], m[best][c]);
        for (int r = 0; r < n; ++r) {
            if (r == k) continue;
            const double f = m[r][k] / m[k][k];
            for (int c = k; c < 4; ++c) m[r][c] -= f * m[k][c];
        }
    }
    for (int k = 0; k < n; ++k) m[k][3] /= m[k][k];
    return true;
}

} // namespace

Path circleWithNodes(Vec2 o, double r, std::vector<double> angles)
{
    for (double& a : angles) a = turned(a);
    std::sort(angles.begin(), angles.end());
    angles.erase(std::unique(angles.begin(), angles.end(), [](double a, double b) { return b - a < 1e-6; }), angles.end());
    if (angles.size() > 1 && angles.front() + 2 * pi - angles.back() < 1e-6) angles.pop_back();
    if (angles.empty()) angles.push_back(0);
    std::vector<double> all;
    for (std::size_t k = 0; k < angles.size(); ++k) {
        const double from = angles[k], to = k + 1 < angles.size() ? angles[k + 1] : angles.front() + 2 * pi;
        const int parts = std::max(1, static_cast<int>(std::ceil((to - from) / (pi / 2) - 1e-9)));
        for (int m = 0; m < parts; ++m) all.push_back(from + (to - from) * m / parts);
    }
    Path p;
    p.closed = true;
    const std::size_t n = all.size();
    const auto reach = [&](double arc) { return 4.0 / 3 * std::tan(arc / 4) * r; };
    for (std::size_t k = 0; k < n; ++k) {
        const double before = k == 0 ? all[0] + 2 * pi - all[n - 1] : all[k] - all[k - 1], after = k + 1 < n ? all[k + 1] - all[k] : all[0] + 2 * pi - all[k];
        const Vec2 d = direction(all[k]), t = perpendicular(d), at = o + r * d;
        p.nodes.push_back({at, at - reach(before) * t, at + reach(after) * t, NodeKind::smooth});
    }
    return p;
}

Path regularPolygon(Vec2 o, double r, int sides, double angle)
{
    sides = std::clamp(sides, 3, 1000);
    std::vector<Vec2> corners;
    for (int k = 0; k < sides; ++k) corners.push_back(o + r * direction(angle + 2 * pi * k / sides));
    return polyline(corners, true);
}

Path leaf(Vec2 a, Vec2 b, double width)
{
    const double length_ = distance(a, b);
    if (length_ == 0) return polyline({a}, true);
    const double sagitta = std::clamp(width / 2, 1e-6 * length_, length_ / 2);
    // Half the arc's angle from chord and sagitta; two cubics an arc keep it within 1e-4.
    const double half = 2 * std::atan(2 * sagitta / length_), r = length_ / (2 * std::sin(half));
    const Vec2 u = (b - a) / length_, n = perpendicular(u), middle = 0.5 * (a + b);
    const double reach = 4.0 / 3 * std::tan(half / 4) * r;
    const auto tip = [&](double side, double way) { return way * (std::cos(half) * u) + side * std::sin(half) * n; };
    Path p;
    p.closed = true;
    const Vec2 top = middle + sagitta * n, bottom = middle - sagitta * n;
    p.nodes = {{a, a + reach * tip(-1, 1), a + reach * tip(1, 1), NodeKind::corner},
               {top, top - reach * u, top + reach * u, NodeKind::smooth},
               {b, b + reach * tip(1, -1), b + reach * tip(-1, -1), NodeKind::corner},
               {bottom, bottom + reach * u, bottom - reach * u, NodeKind::smooth}};
    return p;
}

std::optional<TangentCircle> tangentCircle(const Paths& neighbours, Vec2 centre, double radius, Held held)
{
    struct Near {
        std::size_t which;
        double off;
        bool around = false; // the circle holds the neighbour and touches its far side
    };
    std::vector<Near> near;
    for (std::size_t k = 0; k < neighbours.size(); ++k) {
        const auto f = footOf(neighbours[k], centre), far = furthestOf(neighbours[k], centre);
        if (!f) continue;
        const double off = std::abs(f->distance - radius), around = far ? std::abs(far->distance - radius) : off;
        near.push_back({k, std::min(off, around), around < off});
    }
    std::sort(near.begin(), near.end(), [](const Near& a, const Near& b) { return a.off < b.off; });
    const std::size_t most = held == Held::nothing ? 3 : held == Held::radius ? 2 : 1;
    if (near.size() > most) near.resize(most);
    if (near.empty()) return std::nullopt;
    TangentCircle c{centre, radius, {}};
    const int count = static_cast<int>(near.size());
    const double start = radius;
    for (int step = 0; step < 60; ++step) {
        double m[3][4] = {};
        double worst = 0;
        c.touches.clear();
        for (int k = 0; k < count; ++k) {
            const Near& n = near[static_cast<std::size_t>(k)];
            const auto f = n.around ? furthestOf(neighbours[n.which], c.centre) : footOf(neighbours[n.which], c.centre);
            if (!f || f->distance < 1e-9) return std::nullopt;
            c.touches.push_back({n.which, f->at});
            const Vec2 g = (c.centre - f->at) / f->distance;
            const double gap = f->distance - c.radius;
            worst = std::max(worst, std::abs(gap));
            m[k][0] = g.x;
            m[k][1] = g.y;
            m[k][2] = -1;
            m[k][3] = -gap;
        }
        if (worst < 1e-11 * (1 + c.radius)) break;
        if (step == 59) return std::nullopt;
        if (held == Held::centre) {
            c.radius -= m[0][3];
            continue;
        }
        if (count == 3) {
            if (!solve(m, 3)) return std::nullopt;
            c.centre += Vec2{m[0][3], m[1][3]};
            c.radius += m[2][3];
        } else if (count == 2) {
            m[0][2] = m[1][2] = 0; // the radius is held
            if (!solve(m, 2)) return std::nullopt;
            c.centre += Vec2{m[0][3], m[1][3]};
        } else {
            c.centre += m[0][3] * Vec2{m[0][0], m[0][1]};
        }
        if (!(c.radius > 0) || c.radius > 100 * (start + 1) || !isFinite(c.centre)) return std::nullopt;
    }
    return c;
}

std::optional<Vec2> tangentFrom(const Path& path, Vec2 p, Vec2 near, double reach)
{
    std::optional<Vec2> best;
    double least = reach;
    for (std::size_t k = 0; k < path.pieceCount(); ++k) {
        const Cubic c = path.piece(k);
        if (isStraight(c)) continue;
        // Sign changes of (B - p) x B' along the piece.
        const auto f = [&](double t) { return cross(at(c, t) - p, derivative(c, t)); };
        constexpr int parts = 16;
        for (int m = 0; m < parts; ++m) {
            double lo = static_cast<double>(m) / parts, hi = static_cast<double>(m + 1) / parts;
            const double a = f(lo), b = f(hi);
            if ((a < 0) == (b < 0)) continue;
            for (int i = 0; i < 100; ++i) {
                const double mid = 0.5 * (lo + hi);
                ((f(mid) < 0) == (a < 0) ? lo : hi) = mid;
            }
            const Vec2 q = at(c, 0.5 * (lo + hi));
            if (const double d = distance(q, near); d < least) {
                least = d;
                best = q;
            }
        }
    }
    return best;
}

std::optional<TangentLine> commonTangent(const Path& a, Vec2 nearA, const Path& b, Vec2 nearB, double reach)
{
    TangentLine line{nearA, nearB};
    for (int k = 0; k < 200; ++k) {
        const auto q = tangentFrom(b, line.from, line.to, k == 0 ? reach : 2 * reach);
        if (!q) return std::nullopt;
        const auto p = tangentFrom(a, *q, line.from, k == 0 ? reach : 2 * reach);
        if (!p) return std::nullopt;
        const double moved = distance(*p, line.from) + distance(*q, line.to);
        line = {*p, *q};
        if (moved < 1e-12) break;
    }
    return line;
}

} // namespace softrope::curve
