// Whether a picture is made of few flat colours: what separating asks first, of each picture up to three times.
#pragma once

#include "tone/palette.h"

namespace softrope::tone {

// As findPalette, but a gradual picture is only said to be one: it gets no colours.
Palette flatPalette(const LabPicture& picture, int count, bool lightnessOnly);

} // namespace softrope::tone
