// Edits of islands: parts of foreign drawings kept whole.
#pragma once

#include "art/edited.h"

#include <vector>

namespace softrope::art {

// The items, which lie where the island lies, take its place: one group with its name, its opacity, blend and blur. Their ids are made new.
Taken withIslandApart(const Document& d, Id island, const std::vector<Item>& items);

// A picture of it to be traced, in its place on the sheet, as a reference on a layer of its own; it is hidden itself. `density`: px of the
// picture to one px of the sheet.
Added withIslandTraced(const Document& d, Id island, Shared<PictureFile> picture, double density);

} // namespace softrope::art
