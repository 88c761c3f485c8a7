// How far shapes that are painted one over the other reach under those painted later.
//
// A shape has to end where it meets one painted earlier; where it meets later ones it may go on under them, and every border it leaves out
// there has nodes to be saved. Where two shapes merely meet, though, what lies under both shows through the pixels each covers in part, by a
// quarter at most: a hair, which is seen if it is not a mixture of the colours beside it. The least of nodes and hairs together is a minimum
// cut (Ford and Fulkerson 1956; found by Dinic 1970): the shape's own regions on one side, all that was painted earlier on the other.
// The ground never shows.
#pragma once

#include "tone/painting_order.h"

namespace softrope::tone {

enum class Meeting {
    mayShow, // a hair between two shapes weighs as much as the nodes it saves
    under    // every shape reaches under all later ones beside it, so that no border lies on another one's
};

// For each group of the order all regions its shape covers, its own first. `colours`: by label.
std::vector<std::vector<int>> reachesUnder(const RegionMap& map, const std::vector<pixel::Lab>& colours, const PaintingOrder& order, Meeting meeting);

// The order with neighbours in it changed over wherever that costs less, again and again.
PaintingOrder changedOver(const RegionMap& map, const std::vector<pixel::Lab>& colours, const PaintingOrder& order);

} // namespace softrope::tone
