// Parts on the sheet: put there, brought up to what they are copies of, given to it.
#pragma once

#include "app/canvas/tool.h"
#include "app/services/acts.h"

namespace softrope::app {

// The part of that id on the layer drawn on, its middle there; said when it cannot be.
void putPart(Acts& acts, Bench& bench, const QString& id, curve::Vec2 middle);
// The picked uses as their parts are now; all uses of these parts for `all`.
void updateUses(Acts& acts, Bench& bench, bool all);
// The picked use becomes its part; what the part was is kept. Other uses are told of.
void giveToPart(Bench& bench);

} // namespace softrope::app
