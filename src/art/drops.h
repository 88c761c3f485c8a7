// Colour drops: a colour placed in an area that lines enclose. The fill follows the lines when they move; when its area opens
// it stays as it was last, and knows where.
#pragma once

#include "art/areas.h"
#include "art/edits.h"
#include "art/inks.h"
#include "art/live.h"

namespace softrope::art {

// The sides of lines that border each face of the map, by face. Lines with the same face on both sides enclose nothing.
std::vector<std::vector<LineSide>> linesByFace(const planar::Map& map, const DrawnLines& lines);
// Those of one face.
std::vector<LineSide> linesRound(const planar::Map& map, const DrawnLines& lines, int face);

// The colour in the area at that place, on a layer for drops under the lines. A drop that is there already takes the new paint.
// 0 when nothing encloses the place, or the layer is locked.
Added withDrop(const Document& d, const planar::Map& map, const DrawnLines& lines, curve::Vec2 at, const Paint& paint);
// The drop whose area holds the place, topmost; nothing = 0.
Id dropAt(const Document& d, curve::Vec2 at);

struct FollowedDrops {
    Document document;
    int moved = 0, opened = 0, closed = 0; // drops that changed; whose area is open since; that is closed again
    int parted = 0;                        // of those opened, the ones that a line which is no longer there had parted from the rest
};
// All drops on the map of what is drawn now. A drop goes to the area that lies on the same sides of the same lines, wherever
// those went, or else to the one its seed lies in; when lines that enclosed it no longer do and the area has run out into a
// larger one, it stays and marks its leaks.
// `gap`: px that counts as closed, as the map was built with. `flows`: where a line that bordered it was deleted, a drop flows on into the
// larger area; of several that would, the topmost does, and the others stay as they were, under it.
FollowedDrops withDropsFollowed(const Document& d, const planar::Map& map, const DrawnLines& lines, double gap, bool flows = false);
// What drops are made from: all lines, and the gap that counts as closed. Never 0.
Key linesKey(const DrawnLines& lines, double gap);
// Drops that are open, and where.
struct Leak {
    Id item = 0;
    curve::Vec2 at; // px
};
std::vector<Leak> leaks(const Document& d);

} // namespace softrope::art
