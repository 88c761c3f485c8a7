// The curve-level engine: the graph straight from the meetings of the curves, without flattening.
//
// Fast, and exact where curves cross clearly. The order of edges round a vertex is taken by tangents and, where these are
// nearly alike, at a common distance from the vertex. Its topology is checked by Euler's count; where that fails the
// snapped engine (snap.h) answers.
#pragma once

#include "planar/graph.h"

#include <span>

namespace softrope::planar {

// What strands i <= j share.
struct Between {
    int i = 0, j = 0;
    std::span<const Contact> contacts;
    std::span<const Run> runs;
};

struct Arranged {
    Graph graph;
    bool planar = false; // Euler's count holds
};
Arranged arrange(const std::vector<const Strand*>& strands, const std::vector<Between>& meetings, const Tolerances& tol);

} // namespace softrope::planar
