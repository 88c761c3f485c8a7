// Where two strands, or one and itself, meet: crossings, ends and corners on the other, touches, and common runs.
//
// Clear crossings are polished by Newton steps to rounding; where two strands come within `touch` of each other without
// crossing clearly, the nearest place is one shared point, and a stretch along which they stay that near is a common run.
#pragma once

#include "planar/strand.h"
#include "planar/tolerances.h"

namespace softrope::planar {

// A point that both share: parameters on piece `a` of the first and piece `b` of the second strand.
struct Contact {
    int a = 0, b = 0;
    double s = 0, t = 0;
    curve::Vec2 at;
    int nodeA = -1, nodeB = -1; // the point is this node of the first or second strand
    bool touches = false;       // nearly parallel there, or no crossing at all: the place stands for all within touch
};

// The two pieces stay within `touch` between these parameters; t0 > t1 when they run against each other.
struct Run {
    int a = 0, b = 0;
    double s0 = 0, s1 = 0, t0 = 0, t1 = 0;
};

struct Meeting {
    std::vector<Contact> contacts;
    std::vector<Run> runs;
};

Meeting meet(const Strand& a, const Strand& b, double touch);
// The strand with itself: its own joints are no contacts, the double point of a loop is.
Meeting meetItself(const Strand& strand, double touch);

} // namespace softrope::planar
