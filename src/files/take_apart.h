// Islands taken apart: what of them can be read becomes items.
#pragma once

#include "art/document.h"

#include <string>
#include <vector>

namespace softrope::files {

struct TakenApart {
    std::vector<art::Item> items;     // bottom first, on the sheet; ids are their own
    std::vector<std::string> leftOut; // as svg.h says it
};
// Nothing among the items when nothing of it can be read.
TakenApart takenApart(const art::Island& island);

} // namespace softrope::files
