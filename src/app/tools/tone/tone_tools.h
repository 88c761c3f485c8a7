// The tools of the Tone step, and what the card needs to know of them.
#pragma once

#include "app/canvas/tool.h"

namespace softrope::app {

class ToneDesk;

std::unique_ptr<Tool> makeBound(Bench&, ToneDesk&);
std::unique_ptr<Tool> makeCutHere(Bench&, ToneDesk&);
std::unique_ptr<Tool> makePatch(Bench&, ToneDesk&);
std::unique_ptr<Tool> makeEdge(Bench&, ToneDesk&);
std::unique_ptr<Tool> makeSweep(Bench&, ToneDesk&);
std::unique_ptr<Tool> makeFacetTool(Bench&);

// The facets or mesh in hand: picked (itself or one of its pieces), or on the layer drawn on, else the topmost; nothing when there is none.
const art::Item* piecesInHand(const art::Document& d, const art::Selection& s);

} // namespace softrope::app
