#include "curve/apex.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace softrope::curve {

namespace {

// Tuned on outlines of typefaces and icons reduced (docs/quality.md).
namespace tuned {
constexpr double plainly = 1.4;   // times the curvature at either end
constexpr double tight = 1.0 / 3; // of the chord: wider rounds are what the piece is
constexpr double fromEnds = 0.6;  // radii of the round: nearer, the end's own node holds it
constexpr double hookMost = 0.1;  // of the handle that may run past
constexpr double hookRadius = 20; // slacks: wider swings are drawn ones
constexpr double hookTurn = 0.01; // 1/px: straighter, it does not swing to the other side
} // namespace tuned

std::optional<double> apexOf(const Cubic& c, double slack)
{
    constexpr int parts = 64;
    double best = 0, t = 0;
    for (int k = 1; k < parts; ++k)
        if (const double bend = std::abs(curvature(c, static_cast<double>(k) / parts)); bend > best) {
            best = bend;
            t = static_cast<double>(k) / parts;
        }
    if (!std::isfinite(best) || best * distance(c.p0, c.p3) * tuned::tight < 1) return std::nullopt;
    if (best < tuned::plainly * std::max(std::abs(curvature(c, 0)), std::abs(curvature(c, 1)))) return std::nullopt;
    // Between the neighbours by the golden section.
    double low = t - 1.0 / parts, high = t + 1.0 / parts;
    constexpr double golden = 0.6180339887498949;
    for (int k = 0; k < 40; ++k) {
        const double a = high - golden * (high - low), b = low + golden * (high - low);
        if (std::abs(curvature(c, a)) > std::abs(curvature(c, b)))
            high = b;
        else
            low = a;
    }
    t = (low + high) / 2;
    const Vec2 p = at(c, t);
    // (Nearer to an end than the line may stray it is no place of its own either.)
    return std::min(distance(c.p0, p), distance(p, c.p3)) < std::max(tuned::fromEnds / best, slack) ? std::nullopt : std::optional(t);
}

// Draws back p1, or p2 when the piece is looked at from its other end, to where the tangents cross.
Vec2 drawnBack(const Cubic& c, double slack)
{
    const Vec2 way = c.p1 - c.p0, end = c.p3 - c.p2;
    const double across = cross(way, end);
    if (across == 0) return c.p1;
    const double share = cross(c.p3 - c.p0, end) / across; // of the handle, up to the crossing
    constexpr double moved = 4.0 / 9;                      // a handle moves the curve by no more of its own way
    if (share >= 1 || share < 1 - tuned::hookMost || (1 - share) * length(way) * moved > slack) return c.p1;
    return c.p0 + way * share;
}

} // namespace

std::size_t hooks(const Path& path, double slack)
{
    constexpr int parts = 32;
    std::size_t count = 0;
    for (std::size_t i = 0; i < path.pieceCount(); ++i) {
        const Cubic c = path.piece(i);
        if (isStraight(c)) continue;
        double left = 0, right = 0;
        for (int k = 0; k <= parts; ++k) {
            const double bend = curvature(c, static_cast<double>(k) / parts);
            left = std::max(left, -bend);
            right = std::max(right, bend);
        }
        count += std::min(left, right) > tuned::hookTurn && std::max(left, right) * tuned::hookRadius * slack > 1;
    }
    return count;
}

Path withApexNodes(const Path& path, double slack)
{
    Path out;
    out.closed = path.closed;
    if (path.nodes.empty()) return path;
    out.nodes.push_back(path.nodes.front());
    const std::size_t pieces = path.pieceCount();
    for (std::size_t i = 0; i < pieces; ++i) {
        const Cubic whole = path.piece(i);
        std::vector<Cubic> parts{whole};
        if (const auto t = isStraight(whole) ? std::nullopt : apexOf(whole, slack)) {
            const Halves h = split(whole, *t);
            parts = {h.first, h.second};
        }
        for (std::size_t k = 0; k < parts.size(); ++k) {
            Cubic c = parts[k];
            if (!isStraight(c)) {
                c.p1 = drawnBack(c, slack);
                c.p2 = drawnBack(reversed(c), slack);
            }
            out.nodes.back().out = c.p1;
            Node next{c.p3, c.p2, c.p3, NodeKind::smooth};
            if (k + 1 == parts.size()) {
                next = path.nodes[(i + 1) % path.nodes.size()];
                next.in = c.p2;
            }
            out.nodes.push_back(next);
        }
    }
    if (path.closed && pieces > 0) {
        out.nodes.front().in = out.nodes.back().in;
        out.nodes.pop_back();
    }
    return out;
}

} // namespace softrope::curve
