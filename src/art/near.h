// Which artwork of a layer lies near a place, asked for with every move of the hand.
#pragma once

#include "art/document.h"

#include <functional>

namespace softrope::art {

// Told every artwork that is seen on the layer, at whatever depth, whose paths' bounds come within `reach` sheet px of the point, bottom
// first; and the ids of the items it lies in and its own, outermost first. The first question of a layer walks over it and makes an index,
// which the asking thread keeps for the layers and the reach it asked about last: the next ones look at what lies near only.
void eachNear(const LayerPtr& layer, curve::Vec2 p, double reach, const std::function<void(const Item&, const std::vector<Id>& way)>& act);

} // namespace softrope::art
