// The paint in hand in the Colour step: an ink with a step of its tints, or a loose colour; and what it is put on.
#pragma once

#include "app/canvas/tool.h"
#include "art/inks.h"

namespace softrope::app {

class Canvas;

// Nothing in hand (the document has no such ink, no loose colour was taken): the paint is none.
art::Paint paintInHand(Bench& bench);
void takeInk(Canvas& canvas, art::InkUse use);
void takeLooseColour(Canvas& canvas, art::Colour c);
art::Part whereInHand(Bench& bench);
// "Lamp", "Lamp, 1 lighter", "#dea03c".
QString paintName(const art::Document& d, const art::Paint& paint);
// 0 when the paint is of no ink of the document.
const art::Ink* inkInHand(Bench& bench);

} // namespace softrope::app
