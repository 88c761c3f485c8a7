// Acts on mirrored layers that tools, card and commands share.
#pragma once

#include "app/canvas/axis_marks.h"
#include "app/canvas/canvas.h"
#include "mirror/axis.h"

namespace softrope::app {

class Acts;

// On, along the upright through the sheet's middle or where the axis last was; off, it is only taken away.
void toggleMirror(Bench& bench);
// The one picked straight becomes the axis of the layer drawn on; false, and said, when there is none.
bool pickedLineAsAxis(Bench& bench);
// Looks for the axis of the reference (of the artwork where there is none) in the background and sets the likeliest, unless it is less
// sure than `mirror::leastConfidence`; says how sure it is, and when there is none. The others can be gone through.
void findAxisInBackground(QObject* owner, Bench& bench);
// While the found axes are still to be chosen among: takes the next, as part of the same step. False when there is no other.
bool takeNextAxis(Bench& bench, int by);
// A click on a half-bead: what the weld makes of that seam, smooth or a corner, is turned over and said. False when there is none.
bool turnSeamOver(Bench& bench, curve::Vec2 at);
// Welds the layer drawn on.
// What that would make of the layer drawn on, for the bench to show; nothing without a mirror or where it is too much to see at once.
std::optional<Canvas::Foreseen> weldForeseen(Bench& bench);
void weldLayer(Bench& bench, Acts& acts);

} // namespace softrope::app
