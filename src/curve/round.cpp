#include "curve/round.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <optional>

namespace softrope::curve {

namespace {

// Parameters on the pieces before and after a corner where the arc touches them.
struct Touch {
    double before = 1, after = 0;
};

// The unit normal that points to the inside of the corner's bend.
Vec2 inward(Vec2 tangent, double side)
{
    return perpendicular(tangent) * side;
}

std::optional<Touch> touchOf(const Cubic& a, const Cubic& b, double radius, double aLeast, double bMost)
{
    const Vec2 ta = endTangent(a), tb = startTangent(b);
    const double bend = turn(ta, tb);
    const double side = bend > 0 ? 1 : -1;
    const double cut = radius * std::tan(std::abs(bend) / 2);
    // As if both were straight; parameters by their lengths, then Newton.
    const double la = std::max(1e-9, arcLength(a)), lb = std::max(1e-9, arcLength(b));
    double s = std::clamp(1 - cut / la, 0.0, 1.0), t = std::clamp(cut / lb, 0.0, 1.0);
    const auto gap = [&](double u, double v) {
        return (at(a, u) + inward(tangentAt(a, u), side) * radius) - (at(b, v) + inward(tangentAt(b, v), side) * radius);
    };
    for (int i = 0; i < 40; ++i) {
        const Vec2 f = gap(s, t);
        if (length(f) < 1e-10 * (1 + radius)) {
            if (s < aLeast - 1e-9 || t > bMost + 1e-9 || s > 1 + 1e-9 || t < -1e-9) return std::nullopt;
            return Touch{std::min(1.0, s), std::max(0.0, t)};
        }
        constexpr double h = 1e-6;
        const Vec2 ds = (gap(s + h, t) - gap(s - h, t)) / (2 * h), dt = (gap(s, t + h) - gap(s, t - h)) / (2 * h);
        const double det = cross(ds, dt);
        if (std::abs(det) < 1e-14) return std::nullopt;
        const double du = cross(f, dt) / det, dv = cross(ds, f) / det;
        const double k = std::min(1.0, 0.3 / std::max(1e-12, std::max(std::abs(du), std::abs(dv))));
        s -= k * du;
        t -= k * dv;
        if (s < -0.5 || s > 1.5 || t < -0.5 || t > 1.5) return std::nullopt;
    }
    return std::nullopt;
}

struct Fitted {
    Touch touch;
    double radius = 0;
};

// The largest radius up to `wanted` for which the arc finds room.
std::optional<Fitted> largest(const Cubic& a, const Cubic& b, double wanted, double aLeast, double bMost)
{
    if (const auto t = touchOf(a, b, wanted, aLeast, bMost)) return Fitted{*t, wanted};
    double good = 0, bad = wanted;
    std::optional<Touch> best;
    for (int i = 0; i < 40; ++i) {
        const double mid = (good + bad) / 2;
        if (const auto t = touchOf(a, b, mid, aLeast, bMost)) {
            best = t;
            good = mid;
        } else {
            bad = mid;
        }
    }
    if (!best || good < 1e-6 * wanted) return std::nullopt;
    return Fitted{*best, good};
}

// Cubics of the arc from p to q, tangent to u at p, of at most a quarter turn each.
void appendArc(Path& path, Vec2 p, Vec2 u, Vec2 q, double bend, double radius)
{
    const int parts = std::max(1, static_cast<int>(std::ceil(std::abs(bend) / (pi / 2) - 1e-9)));
    const double each = bend / parts, reach = radius * 4.0 / 3 * std::tan(std::abs(each) / 4);
    const Vec2 centre = p + perpendicular(u) * (bend > 0 ? radius : -radius);
    Vec2 along = u;
    path.nodes.back().out = p + along * reach;
    for (int i = 1; i <= parts; ++i) {
        const double angle = each * i;
        const Vec2 from = p - centre;
        Vec2 at = centre + Vec2{from.x * std::cos(angle) - from.y * std::sin(angle), from.x * std::sin(angle) + from.y * std::cos(angle)};
        if (i == parts) at = q;
        along = {u.x * std::cos(angle) - u.y * std::sin(angle), u.x * std::sin(angle) + u.y * std::cos(angle)};
        path.nodes.push_back({at, at - along * reach, at + along * reach, NodeKind::smooth});
    }
    path.nodes.back().out = path.nodes.back().at;
}

double turnAt(const Path& path, std::size_t node)
{
    const std::size_t n = path.nodes.size();
    if (!path.closed && (node == 0 || node + 1 == n)) return 0;
    return turn(endTangent(path.piece((node + path.pieceCount() - 1) % path.pieceCount())), startTangent(path.piece(node)));
}

} // namespace

std::vector<std::size_t> cornerNodes(const Path& path)
{
    std::vector<std::size_t> out;
    if (path.pieceCount() < 2) return out;
    for (std::size_t k = 0; k < path.nodes.size(); ++k)
        if (path.nodes[k].kind == NodeKind::corner && std::abs(turnAt(path, k)) > radians(1) && std::abs(turnAt(path, k)) < radians(179.5)) out.push_back(k);
    return out;
}

RoundedPath withRoundCorners(const Path& path, const std::vector<CornerRadius>& corners)
{
    RoundedPath out;
    const std::size_t n = path.nodes.size(), pieces = path.pieceCount();
    std::map<std::size_t, double> wanted;
    for (const std::size_t k : cornerNodes(path))
        for (const CornerRadius& c : corners)
            if (c.node == k && c.radius > 0 && std::isfinite(c.radius)) wanted[k] = c.radius;
    std::map<std::size_t, Fitted> fitted;
    for (const auto& [k, radius] : wanted) {
        const std::size_t before = (k + pieces - 1) % pieces;
        const bool sharedBefore = wanted.count(before) > 0, sharedAfter = wanted.count((k + 1) % n) > 0;
        if (const auto f = largest(path.piece(before), path.piece(k), radius, sharedBefore ? 0.5 : 0, sharedAfter ? 0.5 : 1)) {
            fitted[k] = *f;
            out.used.push_back({k, f->radius});
        }
    }
    if (fitted.empty()) {
        out.path = path;
        return out;
    }
    Path& p = out.path;
    p.closed = path.closed;
    for (std::size_t k = 0; k < n; ++k) {
        const bool last = !path.closed && k + 1 == n;
        const auto here = fitted.find(k), next = fitted.find((k + 1) % n);
        if (p.nodes.empty()) {
            p.nodes.push_back(path.nodes[k]);
            if (here != fitted.end()) { // only a closed path begins with a rounded corner
                const Vec2 from = at(path.piece((k + pieces - 1) % pieces), here->second.touch.before);
                p.nodes.back() = {from, from, from, NodeKind::smooth};
            }
        }
        if (here != fitted.end()) {
            const Cubic a = path.piece((k + pieces - 1) % pieces), b = path.piece(k);
            p.nodes.back().kind = NodeKind::smooth;
            appendArc(p, p.nodes.back().at, tangentAt(a, here->second.touch.before), at(b, here->second.touch.after),
                      turn(tangentAt(a, here->second.touch.before), tangentAt(b, here->second.touch.after)), here->second.radius);
        }
        if (last) break;
        const double t0 = here != fitted.end() ? here->second.touch.after : 0, t1 = next != fitted.end() ? next->second.touch.before : 1;
        const Cubic c = part(path.piece(k), t0, t1);
        // Where two roundings share all of a piece, one arc goes straight over into the next.
        constexpr double nothing = 1e-5; // px: how near the radii are searched for
        if (p.nodes.size() > 1 && distance(c.p0, c.p3) < nothing) {
            if (path.closed && k + 1 == n) {
                p.nodes.front().in = p.nodes.back().in;
                p.nodes.pop_back();
            }
            continue;
        }
        const bool flat = isStraight(path.piece(k));
        p.nodes.back().out = flat ? p.nodes.back().at : c.p1;
        if (path.closed && k + 1 == n) {
            // Back at the first node of the result.
            p.nodes.front().in = flat ? p.nodes.front().at : c.p2;
        } else {
            Node node = path.nodes[(k + 1) % n];
            node.at = c.p3;
            node.in = flat ? c.p3 : c.p2;
            node.out = next != fitted.end() ? c.p3 : node.out;
            p.nodes.push_back(node);
        }
    }
    return out;
}

} // namespace softrope::curve
