// Acts on references that tools, card and menu share.
#pragma once

#include "app/canvas/tool.h"
#include "app/services/in_hand.h"

#include <functional>

namespace softrope::app {

// Changes a reference even on a locked layer: locks guard against accidents, not against these acts.
art::Document withReferenceChanged(const art::Document& d, art::Id item, const std::function<void(art::Reference&)>& change);
// Turns the picture about its own middle, radians.
void turnBy(art::Reference& r, double by);
// `part` in picture px; empty = all of it. What is kept stays where it lies on the sheet.
void cropTo(art::Reference& r, const curve::Box& part);
// Finds the turn from the picture itself.
void straightenByItself(Bench& bench, art::Id item);

} // namespace softrope::app
