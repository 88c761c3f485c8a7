#include "curve/arcs.h"

#include "curve/round.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace softrope::curve {

namespace {

struct Circle {
    Vec2 centre;
    double radius = 0;
};

// x^2 + y^2 + a x + b y + c = 0 by least squares, about the points' mean.
std::optional<Circle> circleThrough(const std::vector<Vec2>& points)
{
    Vec2 mean;
    for (const Vec2 p : points) mean += p;
    mean = mean / static_cast<double>(points.size());
    double xx = 0, xy = 0, yy = 0, xz = 0, yz = 0, z = 0;
    for (const Vec2 q : points) {
        const Vec2 p = q - mean;
        const double s = squaredLength(p);
        xx += p.x * p.x;
        xy += p.x * p.y;
        yy += p.y * p.y;
        xz += p.x * s;
        yz += p.y * s;
        z += s;
    }
    const double det = xx * yy - xy * xy;
    if (!(std::abs(det) > 1e-12 * (xx + yy) * (xx + yy))) return std::nullopt;
    const Vec2 c{0.5 * (xz * yy - yz * xy) / det, 0.5 * (yz * xx - xz * xy) / det};
    return Circle{c + mean, std::sqrt(squaredLength(c) + z / static_cast<double>(points.size()))};
}

double furthestFrom(const Circle& c, const std::vector<Vec2>& points)
{
    double worst = 0;
    for (const Vec2 p : points) worst = std::max(worst, std::abs(distance(p, c.centre) - c.radius));
    return worst;
}

// A run of pieces: `count` from `first` on, wrapping.
struct Stretch {
    std::size_t first = 0, count = 0;
};

std::vector<Vec2> along(const Path& path, Stretch s)
{
    std::vector<Vec2> out;
    for (std::size_t k = 0; k < s.count; ++k) {
        const Cubic c = path.piece((s.first + k) % path.pieceCount());
        for (int i = k == 0 ? 0 : 1; i <= 16; ++i) out.push_back(at(c, i / 16.0));
    }
    return out;
}

double sweepOf(const Path& path, Stretch s)
{
    double sum = 0;
    for (std::size_t k = 0; k < s.count; ++k) {
        const Cubic c = path.piece((s.first + k) % path.pieceCount());
        Vec2 last = startTangent(c);
        for (int i = 1; i <= 8; ++i) {
            const Vec2 now = tangentAt(c, i / 8.0);
            sum += turn(last, now);
            last = now;
        }
    }
    return sum;
}

// Nodes of the arc from a to b about the centre; the first and last carry only the handles inside.
std::vector<Node> arcNodes(Vec2 a, Vec2 b, Vec2 centre, double sweep)
{
    const int parts = std::max(1, static_cast<int>(std::ceil(std::abs(sweep) / (pi / 2) - 0.02)));
    const double each = sweep / parts, reach = 4.0 / 3 * std::tan(each / 4);
    std::vector<Node> out;
    for (int i = 0; i <= parts; ++i) {
        const double angle = each * i;
        const Vec2 r = a - centre;
        const Vec2 p = i == parts ? b - centre : Vec2{r.x * std::cos(angle) - r.y * std::sin(angle), r.x * std::sin(angle) + r.y * std::cos(angle)};
        const Vec2 off = perpendicular(p) * reach, at = centre + p;
        out.push_back({at, i == 0 ? at : at - off, i == parts ? at : at + off, i == 0 || i == parts ? NodeKind::corner : NodeKind::smooth});
    }
    return out;
}

// The circle through a and b that lies nearest to the points (algebraic distance; one unknown, the centre's place on the
// bisector).
std::optional<Circle> circleThrough(Vec2 a, Vec2 b, const std::vector<Vec2>& points)
{
    const Vec2 middle = (a + b) * 0.5, up = unit(perpendicular(b - a));
    const double h2 = squaredLength(b - a) / 4;
    double above = 0, below = 0;
    for (const Vec2 p : points) {
        const Vec2 q = p - middle;
        const double u = dot(q, up);
        above += u * (squaredLength(q) - h2);
        below += 2 * u * u;
    }
    if (!(below > 0) || length(up) == 0) return std::nullopt;
    const double t = above / below;
    return Circle{middle + up * t, std::sqrt(t * t + h2)};
}

bool isCurve(const Path& path, std::size_t piece)
{
    return !isStraight(path.piece(piece % path.pieceCount()));
}

// Replaces the stretch's pieces by new nodes; its first and last node keep their outer handles. A stretch of a closed path may
// end at its node 0 but does not run past it.
void replace(Path& path, Stretch s, const std::vector<Node>& fresh)
{
    const std::size_t n = path.nodes.size(), end = (s.first + s.count) % n;
    Node& from = path.nodes[s.first];
    Node& to = path.nodes[end];
    from.at = fresh.front().at;
    from.out = fresh.front().out;
    to.at = fresh.back().at;
    to.in = fresh.back().in;
    path.nodes.erase(path.nodes.begin() + static_cast<long>(s.first) + 1, path.nodes.begin() + static_cast<long>(s.first + s.count));
    path.nodes.insert(path.nodes.begin() + static_cast<long>(s.first) + 1, fresh.begin() + 1, fresh.end() - 1);
}

// The run of curved pieces with smooth nodes between them that begins with `piece`.
Stretch stretchFrom(const Path& path, std::size_t piece)
{
    Stretch s{piece, 1};
    while (piece + s.count < path.pieceCount() && path.nodes[piece + s.count].kind == NodeKind::smooth && isCurve(path, piece + s.count)) ++s.count;
    return s;
}

// Whether a stretch can begin at the node: a corner, or the end of a straight.
bool begins(const Path& path, std::size_t node)
{
    return path.nodes[node].kind == NodeKind::corner || !isCurve(path, node) || !isCurve(path, node + path.pieceCount() - 1);
}

bool makeArc(Path& path, Stretch s, double within)
{
    const std::size_t n = path.nodes.size(), m = path.pieceCount();
    const double sweep = sweepOf(path, s);
    if (std::abs(sweep) < radians(25) || std::abs(sweep) > radians(350)) return false;
    const std::vector<Vec2> points = along(path, s);
    const auto c = circleThrough(points);
    if (!c || furthestFrom(*c, points) > within) return false;
    const Vec2 a = path.nodes[s.first].at, b = path.nodes[(s.first + s.count) % n].at;
    const bool lineBefore = (path.closed || s.first > 0) && path.nodes[s.first].kind == NodeKind::smooth && !isCurve(path, s.first + m - 1);
    const bool lineAfter =
        (path.closed || s.first + s.count < m) && path.nodes[(s.first + s.count) % n].kind == NodeKind::smooth && !isCurve(path, s.first + s.count);
    if (!lineBefore && !lineAfter) {
        if (distance(a, b) < 0.05 * c->radius) return false;
        const auto through = circleThrough(a, b, points);
        if (!through || furthestFrom(*through, points) > within) return false;
        const Vec2 centre = through->centre;
        double turned = turn(a - centre, b - centre);
        if (turned * sweep < 0) turned += sweep > 0 ? 2 * pi : -2 * pi;
        if (std::abs(turned - sweep) > radians(20)) return false;
        replace(path, s, arcNodes(a, b, centre, turned));
        return true;
    }
    if (!lineBefore || !lineAfter || s.count + 2 > m || std::abs(sweep) > radians(170)) return false;
    // A round corner: both straights are led on to where they cross, and the corner is rounded with the circle's radius.
    const std::size_t before = (s.first + m - 1) % m, after = (s.first + s.count) % m;
    if (before == after) return false;
    const Vec2 p = path.nodes[before].at, q = path.nodes[(after + 1) % n].at, u = a - p, v = b - q;
    const double d = cross(u, v);
    if (std::abs(d) < 1e-9) return false;
    const Vec2 corner = p + u * (cross(q - p, v) / d);
    const RoundedPath round = withRoundCorners(polyline({p, corner, q}, false), {{1, c->radius}});
    if (round.used.size() != 1 || round.used[0].radius < 0.99 * c->radius) return false;
    for (const Vec2 x : points)
        if (nearest(round.path, x)->distance > within) return false;
    std::vector<Node> fresh(round.path.nodes.begin() + 1, round.path.nodes.end() - 1);
    fresh.front().in = fresh.front().at;
    fresh.back().out = fresh.back().at;
    if (distance(fresh.front().at, a) > 6 * within + 0.1 * c->radius || distance(fresh.back().at, b) > 6 * within + 0.1 * c->radius) return false;
    path.nodes[s.first].in = fresh.front().at; // the straights stay straights
    path.nodes[(s.first + s.count) % n].out = fresh.back().at;
    replace(path, s, fresh);
    return true;
}

} // namespace

WithArcs withExactArcs(const Path& path, double within, const std::function<bool(const Path&)>& accept)
{
    WithArcs out{path, 0};
    if (path.pieceCount() == 0) return out;
    const bool ring = path.closed && std::all_of(path.nodes.begin(), path.nodes.end(), [](const Node& n) { return n.kind == NodeKind::smooth; }) && [&] {
        for (std::size_t k = 0; k < path.pieceCount(); ++k)
            if (!isCurve(path, k)) return false;
        return true;
    }();
    if (ring) {
        const std::vector<Vec2> points = along(path, {0, path.pieceCount()});
        const auto c = circleThrough(points);
        if (c && std::abs(std::abs(sweepOf(path, {0, path.pieceCount()})) - 2 * pi) < 0.1 && furthestFrom(*c, points) <= within) {
            Path whole = circle(c->centre, c->radius);
            if (area(whole) * area(path) < 0) whole = reversed(whole);
            if (!accept || accept(whole)) {
                out.path = whole;
                out.arcs = 1;
            }
        }
        return out;
    }
    // A closed path is begun where a stretch can begin.
    Path& whole = out.path;
    if (whole.closed) {
        std::size_t start = 0;
        while (start < whole.nodes.size() && !begins(whole, start)) ++start;
        if (start == whole.nodes.size()) return out;
        std::rotate(whole.nodes.begin(), whole.nodes.begin() + static_cast<long>(start), whole.nodes.end());
    }
    for (std::size_t k = 0; k < whole.pieceCount();) {
        if (!isCurve(whole, k)) {
            ++k;
            continue;
        }
        const Stretch s = stretchFrom(whole, k);
        Path candidate = whole;
        const std::size_t had = whole.nodes.size();
        if (makeArc(candidate, s, within) && (!accept || accept(candidate))) {
            whole = std::move(candidate);
            ++out.arcs;
        }
        k += s.count + whole.nodes.size() - had;
    }
    if (out.arcs == 0) whole = path;
    return out;
}

Path withNodesAtExtremes(const Path& path, double shortest)
{
    Path out;
    out.closed = path.closed;
    if (path.pieceCount() == 0) return path;
    out.nodes.push_back(path.nodes.front());
    for (std::size_t k = 0; k < path.pieceCount(); ++k) {
        Cubic rest = path.piece(k);
        std::vector<double> cuts = isStraight(rest) ? std::vector<double>{} : extremes(rest);
        std::sort(cuts.begin(), cuts.end());
        const double whole = arcLength(rest);
        double done = 0;
        for (const double t : cuts) {
            const double u = (t - done) / (1 - done);
            if (!(u > 0 && u < 1)) continue;
            const Halves h = split(rest, u);
            if (whole < shortest || arcLength(h.first) < shortest / 2 || arcLength(h.second) < shortest / 2) continue;
            out.nodes.back().out = h.first.p1;
            out.nodes.push_back({h.first.p3, h.first.p2, h.second.p1, NodeKind::smooth});
            rest = h.second;
            done = t;
        }
        out.nodes.back().out = rest.p1;
        if (path.closed && k + 1 == path.pieceCount())
            out.nodes.front().in = rest.p2;
        else {
            Node n = path.nodes[(k + 1) % path.nodes.size()];
            n.in = rest.p2;
            out.nodes.push_back(n);
        }
    }
    return out;
}

} // namespace softrope::curve
