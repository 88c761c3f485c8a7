// The graph of a skeleton: branches between places where they end or meet.
//
// Branches that only reach a little beyond the disc of the place they leave say something about the edge, not about the
// line, and are taken away (protrusion: how far the tip's disc reaches out of the base's disc).
#pragma once

#include "curve/vec.h"
#include "trace/thinning.h"

#include <vector>

namespace softrope::trace {

struct Meeting {
    curve::Vec2 at;
    double radius = 0;         // px: the disc that fits into the region here
    std::vector<int> branches; // index of each branch that begins or ends here; a loop stands here twice
};

struct Branch {
    std::vector<curve::Vec2> points; // px, from the first meeting to the second, both included
    std::vector<float> radius;       // one for each point
    int from = -1, to = -1;          // meetings; -1 for a ring that meets nothing
    bool gone = false;
    bool ring() const { return from < 0; }
};

struct SkeletonGraph {
    std::vector<Meeting> meetings;
    std::vector<Branch> branches;

    // A line stops there, or begins.
    bool free(int meeting) const { return meetings[static_cast<std::size_t>(meeting)].branches.size() < 2; }
};

SkeletonGraph graphOf(const Skeleton& skeleton);

// Takes away branches of less than `atLeast` px or `share` of their base's radius of protrusion, shortest first, and joins what then only
// passes through a place.
void prune(SkeletonGraph& graph, double atLeast, double share);

// Makes one place of two whose discs cover most of the branch between them.
void drawTogether(SkeletonGraph& graph, double share);

double lengthOf(const std::vector<curve::Vec2>& points);

} // namespace softrope::trace
