// Things that touch: circles and lines that lock tangent to what is drawn around them.
#pragma once

#include "art/document.h"
#include "curve/figures.h"

namespace softrope::art {

// Centre and radius of a path that is a circle to one part in a thousand.
struct Round {
    curve::Vec2 centre;
    double radius = 0;
};
std::optional<Round> circleOf(const curve::Path& path);

// The circle that touches its neighbours exactly: those whose distance from being touched is within `reach` px. One neighbour
// changes the radius (or, with the radius held, moves the circle), two move it, three give both. Its path has nodes where it
// touches, since there it is an exact circle.
struct TouchingCircle {
    curve::TangentCircle circle;
    curve::Path path;
};
std::optional<TouchingCircle> touchingCircle(const Document& d, curve::Vec2 centre, double radius, bool radiusHeld, double reach,
                                             const std::vector<Id>& without);

// The straight from `from` near `to` that touches a line, at its end; with `bothEnds` the one that touches at its beginning
// too.
std::optional<curve::TangentLine> touchingLine(const Document& d, curve::Vec2 from, curve::Vec2 to, bool bothEnds, double reach);

} // namespace softrope::art
