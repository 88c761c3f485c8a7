// Where the pieces of the strands are cut, and the vertices at the cuts.
#pragma once

#include "planar/arrange.h"

namespace softrope::planar {

struct Cut {
    int piece = 0; // of the graph
    double t = 0;
    int vertex = 0;
};

// The cuts of piece p, in order of t, are those from start[p] up to start[p + 1]; every piece has one at either end.
struct Cuts {
    std::vector<Cut> all;
    std::vector<int> start;
};

// Fills pieces, origin and vertices of the graph. A vertex on one of two pieces that run together cuts the other as well.
Cuts cutUp(const std::vector<const Strand*>& strands, const std::vector<Between>& meetings, const Tolerances& tol, Graph& g);

} // namespace softrope::planar
