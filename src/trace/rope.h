// The rope: a line laid loosely along an edge settles on it and becomes few-node curves.
//
// Between holds it takes the cheapest way along the edge (live_wire.h). It then settles like an active contour (Kass,
// Witkin and Terzopoulos 1988), found exactly by dynamic programming over offsets across the line (Amini, Weymouth and Jain
// 1990), and each place is read to a fraction of a pixel from the grey values across it. Parts drawn by hand stay as drawn.
#pragma once

#include "curve/fit.h"
#include "trace/live_wire.h"

#include <vector>

namespace softrope::trace {

struct RopePoint {
    curve::Vec2 at;      // picture px
    double strength = 0; // 0..1: how clear the edge is here
    bool byHand = false;
};

// `way`: places about 1 px apart, as `LiveWire::to` gives them, holds included; `byHand` (empty, or one for each) marks
// those that are not to move. Ends of an open row move like the rest.
std::vector<RopePoint> settled(const EdgeMap& map, const std::vector<curve::Vec2>& way, const std::vector<char>& byHand, bool closed);

// A settled rope, read again by what lies on its two sides (sides.h): it leaves edges that part nothing, and lies in the middle of soft
// ones. About 1 px apart again; for a rope as laid in the end, tens of ms for each thousand px.
std::vector<RopePoint> refined(const EdgeMap& map, const std::vector<RopePoint>& rope, bool closed);

// Few-node curves through a settled rope; `quick` for what changes under the pointer.
curve::Fit ropeCurve(const EdgeMap& map, const std::vector<RopePoint>& rope, bool closed, double slack, bool quick = false);

// How many points at the end of `way` and at the start of `next` are to be left out where both run out to a hold beside the edge
// and back from it along the same places, so that no spur stays there.
struct Retraced {
    std::size_t fromEnd = 0, fromStart = 0;
};
Retraced retraced(const std::vector<curve::Vec2>& way, const std::vector<curve::Vec2>& next);

// True where the edge is too weak to be trusted over some length around the point.
std::vector<char> weakPlaces(const std::vector<RopePoint>& rope);

} // namespace softrope::trace
