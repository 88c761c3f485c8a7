// What services found, as marks on the sheet.
#pragma once

#include "app/canvas/marks.h"

namespace softrope::app {

class FarOff;
class Tracer;

// The preview of what was traced.
void paintTrace(Marks& m, const Tracer& t);
// How the picked line bends: whiskers as long as it is bent, on the side away from the bend, and a dot at every inflection.
void paintComb(Marks& m, const FarOff& f, const art::Artwork* picked);
// How far a line is off, as colours along it, with the largest place marked.
void paintFarOff(Marks& m, const FarOff& f);

} // namespace softrope::app
