// Swell: width along a line, and the outline of a line drawn with it.
//
// The width follows beads joined by a monotone cubic (Fritsch and Carlson 1980, Monotone piecewise cubic interpolation):
// it never overshoots a bead. Each end can taper off apart from the rest. The outline is the envelope of the discs with the
// width as diameter that move along the line: where the radius r changes with arc length s, the edge point lies off the
// normal by the angle asin(dr/ds). Edge points that fall inside other discs near by (tight bends) are left out.
#pragma once

#include "curve/path.h"

#include <vector>

namespace softrope::curve {

struct SwellBead {
    double along = 0; // 0..1 of the length
    double width = 1; // share of the line's weight, 0..4
    friend bool operator==(const SwellBead&, const SwellBead&) = default;
};

struct Swell {
    std::vector<SwellBead> beads;        // in order along the line, one at least
    double taperStart = 0, taperEnd = 0; // 0..1 of the length over which an end runs out to a point
    friend bool operator==(const Swell&, const Swell&) = default;
};

constexpr std::size_t mostBeads = 8;

// Sorted, clamped to their ranges, at most `mostBeads`, no two at one place; a swell without beads gets one of width 1.
Swell tidied(Swell s);
// Share of the weight at a place, 0..1 of the length.
double widthAt(const Swell& s, double along);

// Closed outlines (nonzero winding) of the line drawn with `weight` px times the swell; flat or round ends. Fitted within
// `slack` px: carefully, or in one pass with about one node more in ten (quick_fit.h). A closed line gives its outer and its inner edge. Nothing for a path
// without length.
Paths swelledOutline(const Path& line, double weight, const Swell& swell, bool roundEnds, double slack = 0.1, bool quick = false);

// A swell of few beads from widths measured evenly along a line (pen pressure, a traced ink line), as shares of `weight`.
Swell swellOf(const std::vector<double>& widths, double weight);

} // namespace softrope::curve
