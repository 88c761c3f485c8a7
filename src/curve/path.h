// A path: nodes joined by cubic pieces, open or closed. The only path type of the program.
//
// Conventions: a node carries its two handles as points of the sheet; a handle that lies on its node is "no
// handle". Piece i runs from node i to node i + 1 (a closed path's last piece returns to node 0). A piece whose two
// handles lie on their nodes is a straight. A smooth node keeps its handles on one line through it; nothing enforces
// that for values made by hand, `smoothed` restores it.
#pragma once

#include "curve/affine.h"
#include "curve/cubic.h"

#include <cstddef>
#include <optional>
#include <vector>

namespace softrope::curve {

enum class NodeKind { corner, smooth };

struct Node {
    Vec2 at;
    Vec2 in;
    Vec2 out;
    NodeKind kind = NodeKind::corner;

    friend bool operator==(const Node&, const Node&) = default;
};

inline Node cornerAt(Vec2 p)
{
    return {p, p, p, NodeKind::corner};
}

struct Path {
    std::vector<Node> nodes;
    bool closed = false;

    bool empty() const { return nodes.empty(); }
    std::size_t pieceCount() const
    {
        if (nodes.size() < 2) return closed && nodes.size() == 1 ? 1 : 0;
        return closed ? nodes.size() : nodes.size() - 1;
    }
    Cubic piece(std::size_t i) const
    {
        const Node& a = nodes[i];
        const Node& b = nodes[(i + 1) % nodes.size()];
        return {a.at, a.out, b.in, b.at};
    }
    friend bool operator==(const Path&, const Path&) = default;
};

using Paths = std::vector<Path>;

Path transformed(const Path& path, const Affine& m);
Path reversed(const Path& path);
Box bounds(const Path& path);
Box bounds(const Paths& paths);
double arcLength(const Path& path);
// Signed area by Green's theorem on the curves; an open path is closed by its chord. Positive when the path runs
// clockwise on screen.
double area(const Path& path);
bool isFinite(const Path& path);
// The polyline within `tolerance` px; a closed path repeats its first point.
std::vector<Vec2> flatten(const Path& path, double tolerance);
std::size_t nodeCount(const Paths& paths);

// A place on a path: piece index and parameter in [0, 1].
struct Place {
    std::size_t piece = 0;
    double t = 0;
    Vec2 point;
    double distance = 0;
};
// Nothing for a path without pieces.
std::optional<Place> nearest(const Path& path, Vec2 p);
Vec2 pointAt(const Path& path, const Place& place);

// The path through `corners` in straights.
Path polyline(const std::vector<Vec2>& corners, bool closed);
// The circle by four cubics, kappa 0.5522847: radial error below 2.73e-4 of the radius (Goldapp 1991; Riskus 2006).
Path circle(Vec2 centre, double radius);
Path ellipse(Vec2 centre, double rx, double ry);
Path rectangle(Vec2 min, Vec2 max);
constexpr double circleKappa = 0.5522847498307936;

} // namespace softrope::curve
