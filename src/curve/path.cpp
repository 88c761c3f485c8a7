#include "curve/path.h"

#include <algorithm>

namespace softrope::curve {

Path transformed(const Path& path, const Affine& m)
{
    Path moved = path;
    for (Node& n : moved.nodes) {
        n.at = m * n.at;
        n.in = m * n.in;
        n.out = m * n.out;
    }
    return moved;
}

Path reversed(const Path& path)
{
    Path back = path;
    std::reverse(back.nodes.begin(), back.nodes.end());
    for (Node& n : back.nodes) std::swap(n.in, n.out);
    return back;
}

Box bounds(const Path& path)
{
    Box b;
    for (const Node& n : path.nodes) b.add(n.at);
    for (std::size_t i = 0; i < path.pieceCount(); ++i) b.add(bounds(path.piece(i)));
    return b;
}

Box bounds(const Paths& paths)
{
    Box b;
    for (const Path& p : paths) b.add(bounds(p));
    return b;
}

double arcLength(const Path& path)
{
    double sum = 0;
    for (std::size_t i = 0; i < path.pieceCount(); ++i) sum += arcLength(path.piece(i));
    return sum;
}

double area(const Path& path)
{
    double sum = 0;
    for (std::size_t i = 0; i < path.pieceCount(); ++i) sum += areaUnder(path.piece(i));
    if (!path.closed && path.nodes.size() > 1) sum += areaUnder(straight(path.nodes.back().at, path.nodes.front().at));
    return sum;
}

bool isFinite(const Path& path)
{
    return std::all_of(path.nodes.begin(), path.nodes.end(), [](const Node& n) { return isFinite(n.at) && isFinite(n.in) && isFinite(n.out); });
}

std::vector<Vec2> flatten(const Path& path, double tolerance)
{
    std::vector<Vec2> line;
    if (path.empty()) return line;
    line.push_back(path.nodes.front().at);
    for (std::size_t i = 0; i < path.pieceCount(); ++i) flatten(path.piece(i), tolerance, line);
    return line;
}

std::size_t nodeCount(const Paths& paths)
{
    std::size_t n = 0;
    for (const Path& p : paths) n += p.nodes.size();
    return n;
}

std::optional<Place> nearest(const Path& path, Vec2 p)
{
    std::optional<Place> best;
    for (std::size_t i = 0; i < path.pieceCount(); ++i) {
        const Cubic c = path.piece(i);
        Box hull;
        for (const Vec2 q : {c.p0, c.p1, c.p2, c.p3}) hull.add(q);
        if (best && distance(hull, p) >= best->distance) continue;
        const NearestOnCubic n = nearest(c, p);
        if (!best || n.distance < best->distance) best = Place{i, n.t, n.point, n.distance};
    }
    return best;
}

Vec2 pointAt(const Path& path, const Place& place)
{
    return at(path.piece(place.piece), place.t);
}

Path polyline(const std::vector<Vec2>& corners, bool closed)
{
    Path path;
    path.closed = closed;
    path.nodes.reserve(corners.size());
    for (const Vec2 p : corners) path.nodes.push_back(cornerAt(p));
    return path;
}

Path ellipse(Vec2 o, double rx, double ry)
{
    const double kx = rx * circleKappa, ky = ry * circleKappa;
    Path path;
    path.closed = true;
    path.nodes = {{o + Vec2{rx, 0}, o + Vec2{rx, -ky}, o + Vec2{rx, ky}, NodeKind::smooth},
                  {o + Vec2{0, ry}, o + Vec2{kx, ry}, o + Vec2{-kx, ry}, NodeKind::smooth},
                  {o + Vec2{-rx, 0}, o + Vec2{-rx, ky}, o + Vec2{-rx, -ky}, NodeKind::smooth},
                  {o + Vec2{0, -ry}, o + Vec2{-kx, -ry}, o + Vec2{kx, -ry}, NodeKind::smooth}};
    return path;
}

Path circle(Vec2 centre, double radius)
{
    return ellipse(centre, radius, radius);
}

Path rectangle(Vec2 min, Vec2 max)
{
    return polyline({min, {max.x, min.y}, max, {min.x, max.y}}, true);
}

} // namespace softrope::curve
