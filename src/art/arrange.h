// Arranging: groups, order, what lies in what, aligning, even spaces.
#pragma once

#include "art/edited.h"

namespace softrope::art {

// -- groups -----------------------------------------------------------------------------------------------------------------------
// The things become one, where the topmost of them lies; those from other layers or groups come along. One thing can be a group.
Added withGroup(const Document& d, const std::vector<Id>& items, const std::string& name = "Group");
// What lies in the groups takes their place; a group's opacity and blend are carried over where that looks the same, and lost where
// its items overlap. Live groups are set.
Taken withoutGroups(const Document& d, const std::vector<Id>& groups);

// -- order ------------------------------------------------------------------------------------------------------------------------
enum class Way { up, down, top, bottom };
// Within what they lie in. Things that lie beside each other keep their order among themselves.
Edited withOrder(const Document& d, const std::vector<Id>& items, Way way);
// Where things can be put: on a layer, in a group or inside an area, at a place from the bottom (past the end = on top).
struct Target {
    Id layer = 0; // 0 when `parent` is given
    Id parent = 0;
    std::size_t at = static_cast<std::size_t>(-1);
};
// Nothing goes into itself, nor into what a live part gives; pictures do not go inside areas.
Edited moved(const Document& d, const std::vector<Id>& items, const Target& to);
// Beside what they lie in, just above it, in the same place on the sheet.
Edited movedOut(const Document& d, const std::vector<Id>& items);

// -- other documents ----------------------------------------------------------------------------------------------------------------
// A document of its own with only these things, the inks they use, and the layers they lie on.
Document fragmentOf(const Document& d, const std::vector<Id>& items);
// Everything moved so that the box's corner is that of the sheet, and the sheet is as large as the box (1 px at least). For delivery:
// axes and guides stay where they were.
Document withSheetAt(const Document& d, const curve::Box& box);
// Its things on the layer (with fresh ids), or in the group or area. An ink of the same name and colour is used, another one is
// added. What the things were made from and was left behind: they are set.
Taken withPasted(const Document& d, const Document& fragment, const Target& to);

// -- places -----------------------------------------------------------------------------------------------------------------------
enum class Side { left, centre, right, top, middle, bottom };
// Moves each item so that its bounds touch that side (or middle) of the sheet.
Edited alignedToSheet(const Document& d, const std::vector<Id>& items, Side side);
// The same with the bounds of all of them together.
Edited alignedToEachOther(const Document& d, const std::vector<Id>& items, Side side);
Edited alignedTo(const Document& d, const std::vector<Id>& items, const curve::Box& to, Side side);
enum class Along { across, down };
// Even spaces between the bounds of three or more things.
Edited distributed(const Document& d, const std::vector<Id>& items, Along direction);

} // namespace softrope::art
