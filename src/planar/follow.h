// Following: an outline collected along pieces of overlapping lines by a rough drag.
//
// The hand's way is matched to a chain of edges of the map: the chain whose points stay nearest to it, with a small price on
// turning at a vertex, found edge by edge (a shortest way through the map with the distance from the hand as cost). At a
// vertex where lines touch, the straightest way on is preferred. The collected chain closes when it comes back to its start.
#pragma once

#include "planar/map.h"

#include <optional>

namespace softrope::planar {

struct Followed {
    std::vector<int> halves; // half-edges in order of travel
    bool closed = false;
};

// The half-edge of a line that is nearest to p within `reach` px, in the direction given (zero = either).
std::optional<int> edgeNear(const Map& map, curve::Vec2 p, double reach, curve::Vec2 direction = {});
// The chain goes on to where the hand is: `hand` holds the points of the drag so far. Its last pieces beyond the first `fixed`
// (one at least) are chosen anew each time, so that a wrong turn at a vertex rights itself as the hand goes on, and going back
// takes back. Gives the chain back as it was when nothing suits within `reach` px.
Followed followOn(const Map& map, const Followed& chain, const std::vector<curve::Vec2>& hand, double reach, std::size_t fixed = 1);
// Where the chain would go next: the straightest edge at its end; nothing at a loose end.
std::optional<int> nextOf(const Map& map, const Followed& chain);
// Its curve: sub-curves of the inputs, joined where they continue one curve.
curve::Path pathOf(const Map& map, const Followed& chain);
// The same, but an open chain begins where its first piece is nearest to `from` and ends where its last is nearest to `to`, within
// those pieces; whole where nothing would be left.
curve::Path pathOf(const Map& map, const Followed& chain, std::optional<curve::Vec2> from, std::optional<curve::Vec2> to);

} // namespace softrope::planar
