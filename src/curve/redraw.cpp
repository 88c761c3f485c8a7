#include "curve/redraw.h"

#include "curve/fit.h"

#include <algorithm>
#include <cmath>

namespace softrope::curve {

namespace {

double order(const Place& p)
{
    return static_cast<double>(p.piece) + p.t;
}

// The path from one place to another in the direction of its nodes, as an open path; past the start of a closed one.
Path between(const Path& path, const Place& from, const Place& to)
{
    Path out;
    const std::size_t n = path.pieceCount();
    const bool wraps = order(to) < order(from);
    const std::size_t last = to.piece + (wraps ? n : 0);
    for (std::size_t k = from.piece; k <= last; ++k) {
        const double t0 = k == from.piece ? from.t : 0, t1 = k == last ? to.t : 1;
        if (t1 - t0 < 1e-9) continue;
        const Cubic c = part(path.piece(k % n), t0, t1);
        if (out.nodes.empty())
            out.nodes.push_back({c.p0, c.p0, c.p1, NodeKind::corner});
        else
            out.nodes.back().out = c.p1;
        // Inner nodes keep what they were.
        const bool inner = k < last && t1 == 1;
        out.nodes.push_back({c.p3, c.p2, c.p3, inner ? path.nodes[(k + 1) % path.nodes.size()].kind : NodeKind::corner});
    }
    return out;
}

double meanDistance(const Path& part, const std::vector<Vec2>& stroke)
{
    double sum = 0;
    std::size_t n = 0;
    const std::size_t stride = std::max<std::size_t>(1, stroke.size() / 60);
    for (std::size_t i = 0; i < stroke.size(); i += stride, ++n)
        if (const auto p = nearest(part, stroke[i])) sum += p->distance;
    return n > 0 ? sum / static_cast<double>(n) : 0;
}

// Of a closed path either way round may be meant: the one that lies nearer to the stroke, and is shorter.
bool goesForwards(const Path& path, const Place& from, const Place& to, const std::vector<Vec2>& stroke)
{
    if (!path.closed) return order(from) <= order(to);
    const Path ahead = between(path, from, to), back = between(path, to, from);
    if (ahead.nodes.size() < 2) return false;
    if (back.nodes.size() < 2) return true;
    double drawn = 0;
    for (std::size_t i = 1; i < stroke.size(); ++i) drawn += distance(stroke[i - 1], stroke[i]);
    const auto cost = [&](const Path& p) { return meanDistance(p, stroke) + 0.3 * std::abs(arcLength(p) - drawn); };
    return cost(ahead) <= cost(back);
}

void appendTo(Path& path, const Path& more)
{
    if (more.nodes.empty()) return;
    if (path.nodes.empty()) {
        path = more;
        return;
    }
    path.nodes.back().out = more.nodes.front().out;
    path.nodes.insert(path.nodes.end(), more.nodes.begin() + 1, more.nodes.end());
}

// Turns the handle into the old path's direction; the samples already leave that way, so it moves little.
void turnInto(Node& n, Vec2 oldTangent, bool newLeaves)
{
    const Vec2 other = newLeaves ? n.out - n.at : n.at - n.in;
    if (length(other) < 1e-9) return;
    if (newLeaves)
        n.out = n.at + oldTangent * length(other);
    else
        n.in = n.at - oldTangent * length(other);
    n.kind = NodeKind::smooth;
}

// What the hand did where it left the path. Tuned by eye on strokes that meet a straight and a bow at 5 to 80 degrees.
namespace tuned {
constexpr double corner = 35; // degrees: from here on the hand made a corner
constexpr double bend = 8;    // degrees: below, the stroke itself can take up the difference without being seen to swing
} // namespace tuned

// The place so far along the path before (negative) or after another; nothing when the path ends or has a corner on the way.
std::optional<Place> along(const Path& path, const Place& from, double by)
{
    Place p = from;
    const std::size_t n = path.pieceCount();
    double left = std::abs(by);
    for (std::size_t guard = 0; guard <= n; ++guard) {
        const Cubic piece = path.piece(p.piece);
        const Cubic rest = by < 0 ? part(piece, 0, p.t) : part(piece, p.t, 1);
        const double length = arcLength(rest);
        if (left <= length) {
            double lo = by < 0 ? 0 : p.t, hi = by < 0 ? p.t : 1;
            for (int k = 0; k < 40; ++k) {
                const double mid = 0.5 * (lo + hi);
                const bool tooMuch = arcLength(by < 0 ? part(piece, mid, p.t) : part(piece, p.t, mid)) > left;
                (tooMuch == (by < 0) ? lo : hi) = mid;
            }
            p.t = 0.5 * (lo + hi);
            p.point = at(piece, p.t);
            return p;
        }
        left -= length;
        const bool first = p.piece == 0, last = p.piece + 1 == n;
        if (!path.closed && (by < 0 ? first : last)) return std::nullopt;
        const std::size_t node = by < 0 ? p.piece : (p.piece + 1) % path.nodes.size();
        if (path.nodes[node].kind == NodeKind::corner) return std::nullopt;
        p.piece = by < 0 ? (p.piece + n - 1) % n : (p.piece + 1) % n;
        p.t = by < 0 ? 1 : 0;
    }
    return std::nullopt;
}

// Where the row of points is going over its first stretch of that length, the tremor of its very start left out.
Vec2 goesAt(const std::vector<Vec2>& line, double stretch)
{
    double walked = 0;
    std::size_t from = 0, to = 1;
    for (std::size_t k = 1; k < line.size() && walked < stretch; ++k) {
        walked += distance(line[k - 1], line[k]);
        if (walked < 0.25 * stretch) from = k;
        to = k;
    }
    return unit(line[std::max(to, from + 1 < line.size() ? from + 1 : to)] - line[from]);
}

// Takes the first `cut` px off the row.
void shorten(std::vector<Vec2>& line, double cut)
{
    std::size_t k = 0;
    double walked = 0;
    while (k + 2 < line.size() && walked < cut) {
        walked += distance(line[k], line[k + 1]);
        ++k;
    }
    line.erase(line.begin(), line.begin() + static_cast<long>(k));
}

// The first stretch of the row becomes an arc that leaves `from` along `tangent`, where the stroke goes about that way anyway;
// tells whether it does.
bool leadIn(std::vector<Vec2>& line, Vec2 from, Vec2 tangent, double blend)
{
    std::size_t k = 0;
    double walked = 0;
    while (k + 1 < line.size() && walked < blend) {
        walked += distance(line[k], line[k + 1]);
        ++k;
    }
    const std::size_t ahead = std::min(line.size() - 1, k + std::max<std::size_t>(1, k / 2));
    const Vec2 on = unit(line[ahead] - line[k > 1 ? k - k / 2 : 0]);
    const bool smooth = std::abs(turn(tangent, line[k] - from)) < radians(tuned::corner) && std::abs(turn(tangent, on)) < radians(60);
    std::vector<Vec2> start;
    const double reach = distance(from, line[k]) / 3;
    const Cubic c = smooth ? Cubic{from, from + tangent * reach, line[k] - on * reach, line[k]} : straight(from, line[k]);
    const int n = std::max(2, static_cast<int>(k));
    if (smooth)
        for (int i = 0; i < n; ++i) start.push_back(at(c, static_cast<double>(i) / n));
    else {
        // Led onto the path without a change of its shape.
        const Vec2 off = from - line.front();
        for (std::size_t i = 0; i < k; ++i) start.push_back(line[i] + off * (1 - static_cast<double>(i) / static_cast<double>(k)));
    }
    line.erase(line.begin(), line.begin() + static_cast<long>(k));
    line.insert(line.begin(), start.begin(), start.end());
    return smooth;
}

} // namespace

std::vector<Vec2> partToGo(const Path& path, const Place& from, const Place& to, const std::vector<Vec2>& stroke)
{
    const bool forwards = goesForwards(path, from, to, stroke);
    return flatten(forwards ? between(path, from, to) : between(path, to, from), 0.5);
}

std::optional<Redrawn> redrawn(const Path& path, const std::vector<Vec2>& stroke, const RedrawOptions& options)
{
    if (stroke.size() < 2 || path.pieceCount() == 0) return std::nullopt;
    const auto start = nearest(path, stroke.front()), end = nearest(path, stroke.back());
    if (!start || !end || start->distance > options.reach || end->distance > options.reach) return std::nullopt;
    if (std::abs(order(*start) - order(*end)) < 1e-9) return std::nullopt;
    Redrawn out;
    const bool forwards = goesForwards(path, *start, *end, stroke);
    Place a = forwards ? *start : *end, b = forwards ? *end : *start;
    // The stroke, led onto the path at both ends over a short stretch.
    std::vector<Vec2> line = stroke;
    if (!forwards) std::reverse(line.begin(), line.end());
    double length = 0;
    for (std::size_t i = 1; i < line.size(); ++i) length += distance(line[i - 1], line[i]);
    const double blend = std::min(options.blend, length / 3);
    // Where the stroke meets the path at an angle between none and a corner, one even bend takes both: it begins on the path before the
    // stroke does. To bend in the stroke alone it would have to swing out and back.
    const auto bendInto = [&](Place& p, bool leaving) {
        const Vec2 tangent = tangentAt(path.piece(p.piece), p.t) * (leaving ? 1.0 : -1.0);
        const double angle = std::abs(turn(tangent, goesAt(line, 1.5 * blend)));
        if (angle < radians(tuned::bend) || angle > radians(tuned::corner)) return false;
        const auto before = along(path, p, leaving ? -blend : blend);
        if (!before) return false;
        shorten(line, blend);
        p = *before;
        return true;
    };
    const bool bentStart = bendInto(a, true);
    std::reverse(line.begin(), line.end());
    const bool bentEnd = bendInto(b, false);
    std::reverse(line.begin(), line.end());
    out.from = a;
    out.to = b;
    const Vec2 tangentA = tangentAt(path.piece(a.piece), a.t), tangentB = tangentAt(path.piece(b.piece), b.t);
    const bool keepsBefore = path.closed || order(a) > 1e-9, keepsAfter = path.closed || order(b) < static_cast<double>(path.pieceCount()) - 1e-9;
    out.smoothStart = (bentStart || leadIn(line, a.point, tangentA, blend)) && keepsBefore;
    std::reverse(line.begin(), line.end());
    out.smoothEnd = (bentEnd || leadIn(line, b.point, -tangentB, blend)) && keepsAfter;
    std::reverse(line.begin(), line.end());
    FitOptions fitting;
    fitting.slack = options.slack;
    fitting.grain = 2 * options.grain;
    fitting.rounding = fitting.grain;
    fitting.spacing = std::max(options.grain, 0.25 * options.slack);
    fitting.cornerFrom = radians(35);
    Path fresh = fit(line, false, fitting).path;
    if (fresh.nodes.size() < 2) return std::nullopt;
    // The bends are pieces of their own: fitted with the rest they would swing as far as the slack lets them.
    if (bentStart) {
        const Vec2 way = startTangent(fresh.piece(0));
        Node& n = fresh.nodes.front();
        const double reach = distance(a.point, n.at) / 3;
        n.in = n.at - way * reach;
        n.kind = NodeKind::smooth;
        fresh.nodes.insert(fresh.nodes.begin(), Node{a.point, a.point, a.point + tangentA * reach, NodeKind::corner});
    }
    if (bentEnd) {
        const Vec2 way = endTangent(fresh.piece(fresh.pieceCount() - 1));
        Node& n = fresh.nodes.back();
        const double reach = distance(b.point, n.at) / 3;
        n.out = n.at + way * reach;
        n.kind = NodeKind::smooth;
        fresh.nodes.push_back(Node{b.point, b.point - tangentB * reach, b.point, NodeKind::corner});
    }
    fresh.nodes.front().at = a.point;
    fresh.nodes.back().at = b.point;
    if (out.smoothStart) turnInto(fresh.nodes.front(), tangentA, true);
    if (out.smoothEnd) turnInto(fresh.nodes.back(), tangentB, false);

    if (path.closed) {
        // The part that stays runs from b on to a; the fresh one closes the ring.
        Path kept = between(path, b, a);
        if (kept.nodes.size() < 2) return std::nullopt;
        kept.nodes.front().in = fresh.nodes.back().in;
        kept.nodes.front().kind = out.smoothEnd ? NodeKind::smooth : NodeKind::corner;
        kept.nodes.back().out = fresh.nodes.front().out;
        kept.nodes.back().kind = out.smoothStart ? NodeKind::smooth : NodeKind::corner;
        kept.nodes.insert(kept.nodes.end(), fresh.nodes.begin() + 1, fresh.nodes.end() - 1);
        kept.closed = true;
        out.path = std::move(kept);
        return out;
    }
    const Place first{0, 0, path.nodes.front().at, 0}, last{path.pieceCount() - 1, 1, path.nodes.back().at, 0};
    Path whole = between(path, first, a);
    appendTo(whole, fresh);
    if (keepsBefore && out.smoothStart)
        for (Node& n : whole.nodes)
            if (n.at == a.point) n.kind = NodeKind::smooth;
    const std::size_t join = whole.nodes.size() - 1;
    const Path tail = between(path, b, last);
    appendTo(whole, tail);
    whole.nodes[join].kind = out.smoothEnd ? NodeKind::smooth : NodeKind::corner;
    out.path = std::move(whole);
    return out;
}

} // namespace softrope::curve
