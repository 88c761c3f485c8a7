// Acts on references that tools, card and menu share.
#pragma once

#include "app/canvas/tool.h"
#include "app/services/in_hand.h"
#include "art/page.h"

#include <functional>

namespace softrope::app {

// Changes a reference even on a locked layer: locks guard against accidents, not against these acts.
art::Document withReferenceChanged(const art::Document& d, art::Id item, const std::function<void(art::Reference&)>& change);
// Turns the picture about its own middle, radians.
void turnBy(art::Reference& r, double by);
// In one act: square to the paper (straight at least, where its edges are not seen), cropped to it, light evened, paper lifted to white.
// In the background; each part can be changed afterwards.
void cleanPage(Bench& bench, art::Id item);
// The corners alone.
void findPaper(Bench& bench, art::Id item);
// Finds the turn from the picture itself.
void straightenByItself(Bench& bench, art::Id item);

} // namespace softrope::app
