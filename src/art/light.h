// The one light on the sheet.
#pragma once

#include "art/paint.h"

namespace softrope::art {

struct Light {
    double angle = -3 * 0.78539816339744831; // radians: the way towards the light; y runs down, so this is the upper left
    double height = 0.4;                     // 0 grazing .. 1 from straight above: how short what is cast falls
    double strength = 1;                     // 0..1: how far its colours are from doing nothing
    Colour warm{255, 214, 130}, cool{74, 68, 134};
    InkUse warmInk, coolInk; // where the colours are from
    friend bool operator==(const Light&, const Light&) = default;
};

} // namespace softrope::art
