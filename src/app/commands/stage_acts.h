// Stages of the work: keeping one, and comparing one with now.
#pragma once

#include "app/canvas/canvas.h"

namespace softrope::app {

// What it is called, and when it was kept.
QString stageName(const art::Stage& s);
QString stageTime(const art::Stage& s);
// A stage of the document as it is now, under the next number; said.
void keepStage(Bench& bench);
// The stage beside the work as it is now, until it is asked for again.
void compareStage(Canvas& canvas, art::Id stage);
void compareLastStage(Canvas& canvas);

} // namespace softrope::app
