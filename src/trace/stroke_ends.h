// What becomes of the ends of strokes that do not stop there.
#pragma once

#include "trace/strokes.h"

namespace softrope::trace {

// The same stroke, drawn from its other end.
RawStroke reversedOf(RawStroke stroke);

// The paper's grain breaks a pencil line: ends that face each other over a short gap are one line. `pass` is the width of one
// pass of the pencil, px.
void joinBroken(std::vector<RawStroke>& strokes, double pass);

// Ends at meetings go on until they lie on the line they run into.
void runInto(std::vector<RawStroke>& strokes, const SkeletonGraph& graph);

} // namespace softrope::trace
