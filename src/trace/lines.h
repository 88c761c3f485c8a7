// Centre lines: ink and pencil lines of a page become strokes with a width.
//
// The lines' field (ink_field.h) is thinned; the skeleton gives the connections, the places are measured again: across the
// line both edges are found to a fraction of a pixel, their middle is the centre, their distance the width. Where lines
// meet nothing can be measured; there the branches that run on most nearly straight become one line, led through the
// meeting smoothly or round a corner. Curves are then fitted (curve/fit.h).
#pragma once

#include "curve/path.h"
#include "trace/ink_field.h"

#include <functional>
#include <vector>

namespace softrope::trace {

struct LinesOptions {
    double slack = 1; // px
    Medium medium = Medium::find;
    double gather = 1;      // how far apart passes of a pencil line may lie, see ink_field.h
    double shortest = 6;    // px: shorter marks are left out, unless they are dots
    double smallestDot = 3; // px: diameter; smaller specks are left out
    double areaFrom = 2.6;  // parts this many times as thick as the drawing's lines are areas
    std::function<bool()> cancelled;
    std::function<void(double)> progress; // 0..1
};

struct Stroke {
    curve::Path path;
    double width = 1;           // px, mean
    std::vector<double> widths; // px, evenly along the length; empty where it does not vary
    bool roundEnds = true;      // how the ends looked
    double furthest = 0;        // px: largest distance of a measured centre from the path
};

struct Lines {
    std::vector<Stroke> strokes;
    curve::Paths dots;               // filled
    std::vector<curve::Paths> areas; // filled, each with its holes
    Medium medium = Medium::ink;
};

Lines lines(const pixel::Grey& grey, const LinesOptions& options);

} // namespace softrope::trace
