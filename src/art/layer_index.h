// Where the items of a layer lie, for those who ask for many of them one by one.
#pragma once

#include "art/document.h"

namespace softrope::art {

struct Place {
    const ItemPtr* item = nullptr; // in the list that holds it; nothing when it is not on the layer
    const Item* parent = nullptr;  // nothing on the layer itself
};
// By a walk for the first few questions about a layer, then from a list of all that lies on it, which is made once. Each thread keeps those
// of the layers it asked about last; layers never change, so that they stay right. What is found lives as long as the layer.
Place placeOn(const LayerPtr& layer, Id item);

} // namespace softrope::art
