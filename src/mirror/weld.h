// Two mirrored halves made one.
#pragma once

#include "mirror/axis.h"

namespace softrope::mirror {

struct WeldOptions {
    double tolerance = 3;                      // px: ends this near the axis are put on it
    double smoothWithin = curve::radians(35);  // how far from square to the axis a curve may meet it and still be made smooth
    double straightWithin = curve::radians(3); // the same for straights, which stay straight else
    std::vector<Seam> chosen;                  // seams within tolerance of these are as said
};

struct Welded {
    curve::Paths paths;               // symmetric to rounding: every path is its own mirror image or has one among the others
    std::vector<std::size_t> sources; // which of the given paths each came from
    std::size_t joined = 0;           // seams: places where two halves became one path
    std::vector<Seam> seams;          // the same, one by one
    std::size_t smooth = 0;           // of these, made smooth
    std::size_t copied = 0;           // paths wholly on one side
    std::size_t cut = 0;              // crossings cut at the axis
    std::size_t axisLines = 0;        // lines drawn as the axis itself, left out
    std::size_t dropped = 0;          // lines that were there on both sides already
};

// Paths that cross the axis are cut there and keep the side on which most of them lies; ends within tolerance go onto the
// axis; a stretch of a closed path that runs along the axis within tolerance goes, and so does a line that was drawn as the axis
// (half_axis.h). At a seam the handle is turned square to
// the axis (which makes curvature continuous too, by symmetry) unless it stands off by more than `smoothWithin`, or the end piece is a
// straight: then the corner stays. A node at a smooth seam goes where one piece draws the same curve within 0.01 px. Where both sides are drawn
// already, lines of the emptier side that lie within tolerance of another's mirror image are left out.
Welded weld(const curve::Paths& paths, const Axis& axis, const WeldOptions& options = {});

// What a weld would keep of a path that crosses the axis: its parts on the side where most of it lies, each end that was cut running
// `beyond` px over the axis, so that a half and its mirror image show no hairline between them. A path that does not cross stays.
curve::Paths keptSide(const curve::Path& path, const Axis& axis, double beyond);

// Without welding: the mirror images alone.
curve::Paths mirrored(const curve::Paths& paths, const Axis& axis);

} // namespace softrope::mirror
