// What services found, as marks on the sheet.
#pragma once

#include "app/canvas/marks.h"

namespace softrope::app {

class FarOff;
class Tracer;

// The preview of what was traced.
void paintTrace(Marks& m, const Tracer& t);
// How far a line is off, as colours along it, with the largest place marked.
void paintFarOff(Marks& m, const FarOff& f);

} // namespace softrope::app
