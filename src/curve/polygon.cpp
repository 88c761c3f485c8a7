#include "curve/polygon.h"

#include "curve/foot.h"

#include <algorithm>
#include <cmath>

namespace softrope::curve {

bool insidePolygon(const std::vector<Vec2>& ring, Vec2 p)
{
    bool in = false;
    for (std::size_t i = 0, j = ring.size() - 1; i < ring.size(); j = i++)
        if ((ring[i].y > p.y) != (ring[j].y > p.y) && p.x < (ring[j].x - ring[i].x) * (p.y - ring[i].y) / (ring[j].y - ring[i].y) + ring[i].x) in = !in;
    return in;
}

bool insidePaths(const Paths& paths, Vec2 p, Rule rule)
{
    int turns = 0;
    for (const Path& path : paths) {
        if (path.nodes.size() < 2 || !bounds(path).contains(p)) continue;
        const std::vector<Vec2> ring = flatten(path, 0.1);
        for (std::size_t i = 0, j = ring.size() - 1; i < ring.size(); j = i++) {
            if ((ring[i].y > p.y) == (ring[j].y > p.y)) continue;
            if (p.x < (ring[j].x - ring[i].x) * (p.y - ring[i].y) / (ring[j].y - ring[i].y) + ring[i].x) turns += ring[i].y > ring[j].y ? 1 : -1;
        }
    }
    return rule == Rule::nonzero ? turns != 0 : turns % 2 != 0;
}

double polygonArea(const std::vector<Vec2>& ring)
{
    double twice = 0;
    for (std::size_t i = 0, j = ring.size() - 1; i < ring.size(); j = i++) twice += cross(ring[j], ring[i]);
    return twice / 2;
}

Vec2 innerPoint(const Paths& paths)
{
    std::vector<std::vector<Vec2>> rings;
    Box box;
    for (const Path& p : paths) {
        if (p.empty() || !isFinite(p)) continue;
        const Box b = bounds(p);
        box.add(b);
        rings.push_back(flatten(p, std::max(0.05, 0.005 * (b.width() + b.height()))));
    }
    if (rings.empty()) return {};
    // How far inside, negative outside.
    const auto depth = [&](Vec2 q) {
        bool in = false;
        double least = 1e300;
        for (const auto& ring : rings) {
            in = in != insidePolygon(ring, q);
            for (std::size_t k = 1; k < ring.size(); ++k) least = std::min(least, distanceToSegment(q, ring[k - 1], ring[k]));
        }
        return in ? least : -least;
    };
    Vec2 best = box.centre();
    double most = depth(best);
    double w = box.width(), h = box.height();
    Vec2 centre = best;
    for (int round = 0; round < 4; ++round) {
        constexpr int steps = 12;
        for (int j = 0; j < steps; ++j)
            for (int i = 0; i < steps; ++i) {
                const Vec2 q{centre.x + ((i + 0.5) / steps - 0.5) * w, centre.y + ((j + 0.5) / steps - 0.5) * h};
                if (const double d = depth(q); d > most) {
                    most = d;
                    best = q;
                }
            }
        // Thin things may hide between the points of the grid: it stays large until one was met.
        if (most > 0) {
            w /= 5;
            h /= 5;
            centre = best;
        } else {
            w *= 0.97;
            h *= 0.93;
        }
    }
    if (most <= 0 && !rings.front().empty()) {
        // Across the middle of the longest stretch, a hair to either side.
        for (const auto& ring : rings)
            for (std::size_t k = 1; k < ring.size(); ++k) {
                const Vec2 ab = ring[k] - ring[k - 1], mid = 0.5 * (ring[k] + ring[k - 1]);
                const double n = length(ab);
                if (n <= 0) continue;
                for (const double side : {1e-3, -1e-3, 0.05, -0.05, 0.3, -0.3}) {
                    const Vec2 q = mid + side / n * Vec2{-ab.y, ab.x};
                    if (const double d = depth(q); d > most) {
                        most = d;
                        best = q;
                    }
                }
            }
    }
    return best;
}

} // namespace softrope::curve
