// What a tool is made from: the bench it works on, and the services of the window it may ask.
#pragma once

#include "app/canvas/canvas.h"

namespace softrope::app {

class Acts;
class Areas;
class ToneDesk;
class Tracer;

struct Desk {
    Canvas& bench;
    Areas& areas;
    Tracer& tracer;
    ToneDesk& tones;
    Acts& acts;
};

} // namespace softrope::app
