// From the branches of a skeleton to strokes as a hand drew them.
//
// At a meeting the two branches that run on with the least turn become one stroke, then the next two; what is left over
// ends there, on the stroke it runs into. Inside a meeting, and wherever the cross-section says nothing, the stroke is led
// on from both sides: as a smooth arc when they face each other, round the corner where their directions cross when not.
#pragma once

#include "trace/centre_line.h"
#include "trace/skeleton_graph.h"

#include <vector>

namespace softrope::trace {

struct RawStroke {
    std::vector<curve::Vec2> points; // about 1 px apart
    std::vector<double> widths;      // px, one for each measured place, in order along the stroke
    double width = 1;                // px, median
    bool closed = false;
    double roundness = 0.5;                    // of its free ends: 0 = cut square, 1 = round, 0.5 = cannot be seen
    bool startMeets = false, endMeets = false; // that end runs into another stroke,
    bool startThere = false, endThere = false; // and lies on it already
};

struct StrokeOptions {
    double joinWithin = 1.25; // radians: largest turn through a meeting
    double pass = 0;          // px: width of one pass where several were gathered into a line; 0 = lines are single
};

// Dots are left to the caller: branches that are rings or longer than their width only.
std::vector<RawStroke> strokesOf(const SkeletonGraph& graph, const pixel::Raster<float>& field, const StrokeOptions& options);

} // namespace softrope::trace
