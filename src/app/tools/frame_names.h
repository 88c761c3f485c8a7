// What frames are called.
#pragma once

#include "app/theme/words.h"
#include "art/frames.h"

namespace softrope::app {

inline QString frameName(art::Frame f)
{
    switch (f) {
    case art::Frame::circle: return tr("Round frame");
    case art::Frame::dome: return tr("Dome");
    case art::Frame::shield: return tr("Shield");
    case art::Frame::square: return tr("Square frame");
    }
    return {};
}

} // namespace softrope::app
