// The tools of the Tone step, and what the card needs to know of them.
#pragma once

#include "app/canvas/tool.h"

namespace softrope::app {

class ToneDesk;

// The facets or mesh in hand: picked (itself or one of its pieces), or on the layer drawn on, else the topmost; nothing when there is none.
const art::Item* piecesInHand(const art::Document& d, const art::Selection& s);

} // namespace softrope::app
