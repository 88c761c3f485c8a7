// Exact figures and tangency.
#pragma once

#include "curve/path.h"

namespace softrope::curve {

// A circle with nodes at the given angles (radians) and no arc longer than a quarter turn; at its nodes and half-way between
// them it is exact, so what touches it at a node touches it exactly. Cubics by (4/3) tan(a / 4), Goldapp 1991.
Path circleWithNodes(Vec2 centre, double radius, std::vector<double> angles);
// Corners on a circle, the first at `angle`; 3 sides at least.
Path regularPolygon(Vec2 centre, double radius, int sides, double angle = -pi / 2);
// Two arcs of equal circles from tip to tip, `width` px across at the widest (at most the length).
Path leaf(Vec2 tip, Vec2 other, double width);

// A place where a curve is touched.
struct Touch {
    std::size_t which = 0; // of the neighbours
    Vec2 at;
};
struct TangentCircle {
    Vec2 centre;
    double radius = 0;
    std::vector<Touch> touches;
};
// The circle that touches the neighbours nearest to where the given one nearly does: three of them fix centre and radius
// (the problem of Apollonius), two the centre when the radius is held, one moves the circle straight to it; with the centre
// held, the nearest fixes the radius. Inside a closed neighbour it touches from within; where it holds one whole, it touches the
// far side. Newton's iteration on the distances from the centre to the curves, to 1e-10 px.
// Nothing when there is no such circle near the given one.
enum class Held { nothing, radius, centre };
std::optional<TangentCircle> tangentCircle(const Paths& neighbours, Vec2 centre, double radius, Held held);

// Where the straight from p touches the path, nearest to `near`; to 1e-10 px. Nothing when it touches nowhere within
// `reach` px of it.
std::optional<Vec2> tangentFrom(const Path& path, Vec2 p, Vec2 near, double reach);
// The straight that touches both paths nearest to the two given points.
struct TangentLine {
    Vec2 from, to;
};
std::optional<TangentLine> commonTangent(const Path& a, Vec2 nearA, const Path& b, Vec2 nearB, double reach);

} // namespace softrope::curve
