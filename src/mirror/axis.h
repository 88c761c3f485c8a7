// A mirror axis, and finding it in a drawing.
#pragma once

#include "curve/path.h"
#include "pixel/raster.h"

#include <optional>
#include <vector>

namespace softrope::mirror {

struct Axis {
    curve::Vec2 through;
    double angle = curve::pi / 2; // radians; a line has no sense of direction: angle and angle + pi are one axis
    friend bool operator==(const Axis&, const Axis&) = default;
};

inline curve::Vec2 along(const Axis& a)
{
    return curve::direction(a.angle);
}
// Signed distance, px: positive on the side that a quarter turn from the axis' direction points to.
inline double offsetFrom(const Axis& a, curve::Vec2 p)
{
    return curve::cross(along(a), p - a.through);
}
inline curve::Vec2 footOn(const Axis& a, curve::Vec2 p)
{
    return a.through + curve::dot(p - a.through, along(a)) * along(a);
}
// x' = x - 2 n (n . (x - a)): its own inverse.
curve::Affine reflection(const Axis& a);
// The angle as a line's, in (-pi/2, pi/2].
double lineAngle(double angle);

// A place on the axis where two halves become one path.
struct Seam {
    curve::Vec2 at;      // on the axis
    bool smooth = false; // else a corner
    friend bool operator==(const Seam&, const Seam&) = default;
};

// A stretch of edge or line at a point.
struct EdgePoint {
    curve::Vec2 at;
    double angle = 0; // radians, of the edge; modulo pi
    double weight = 1;
};
// Edges of a picture, strongest first, at most `most`; positions in picture px.
std::vector<EdgePoint> edgePoints(const pixel::Grey& picture, std::size_t most = 4000);
// Points along drawn lines, evenly spaced.
std::vector<EdgePoint> edgePoints(const curve::Paths& paths, std::size_t most = 4000);

// `confidence`, 0..1: how much of the edges finds an edge of the right direction on the other side (1 = all of them; a
// lopsided drawing stays below about 0.4).
enum class FoundAs { symmetry, drawnLine, openEnds }; // both halves there; a straight drawn as the axis; ends in a row (half_axis.h)
struct FoundAxis {
    Axis axis;
    double confidence = 0;
    FoundAs as = FoundAs::symmetry;
};
constexpr double leastConfidence = 0.45;
// The best axis by voting over all directions and offsets, then refined. Nothing without edges; ask `confidence` whether
// what was found is a symmetry. Several equal ones: the one nearest to upright.
// After Loy and Eklundh (2006), "Detecting symmetry and symmetric constellations of features", with correlation of
// doubled edge angles in place of point pairs.
std::optional<FoundAxis> findAxis(const std::vector<EdgePoint>& edges);
// The same for edges that an even map (turn, scale, shift) lays on the sheet; the axis on the sheet.
std::optional<FoundAxis> findAxis(std::vector<EdgePoint> edges, const curve::Affine& toSheet);

} // namespace softrope::mirror
