// A rope being laid: from hold to hold, by the cheapest way or by hand, and settled as one.
#pragma once

#include "trace/rope.h"

namespace softrope::trace {

// From one hold to the next, both included; picture px.
struct RopeWay {
    std::vector<curve::Vec2> points;
    bool byHand = false;
};

// The straight from a to b, both included, about 1 px apart.
std::vector<curve::Vec2> straightWay(curve::Vec2 a, curve::Vec2 b);
// The cheapest way along the edges; the straight where there is none or `budget` pixels were looked at.
RopeWay wayBetween(const std::shared_ptr<const EdgeMap>& map, curve::Vec2 a, curve::Vec2 b, std::shared_ptr<const SideColours> sides = nullptr,
                   std::size_t budget = 3000000);

// All ways as one row, without the spurs that holds beside the edge make. Where `closed`, the last one ends where the first begins and the
// row does not say that place twice.
struct LaidWay {
    std::vector<curve::Vec2> points;
    std::vector<char> byHand; // one for each point
};
LaidWay joined(const std::vector<RopeWay>& ways, bool closed);

// What lies left and right of the row's last stretch: it trains the wire that goes on from there. Nothing for a row too short to say.
std::shared_ptr<const SideColours> learntAtEnd(const EdgeMap& map, const std::vector<curve::Vec2>& row);

// The rope as it lies in the end: each way that is not by hand laid again by what lies at both sides of its two holds, all settled and
// refined. Some tenths of a second for each thousand px.
std::vector<RopePoint> laidRope(const std::shared_ptr<const EdgeMap>& map, std::vector<RopeWay> ways, bool closed);

// The rope through these holds, as clicks without any other help lay it; each is first put on the clearest edge within `snap` px.
std::vector<RopePoint> ropeThrough(const std::shared_ptr<const EdgeMap>& map, std::vector<curve::Vec2> holds, bool closed, double snap);

} // namespace softrope::trace
