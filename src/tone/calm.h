// What a picture goes through before it is cut: transparency, colour space, noise.
#pragma once

#include "tone/palette.h"

namespace softrope::tone {

// Straight colours on white: what transparent parts look like on the sheet.
pixel::Picture opaque(const pixel::Picture& p);
LabPicture labPicture(const pixel::Picture& p);
// Noise goes, edges stay (Tomasi and Manduchi 1998; a median for large pictures). `noise` as noiseOf gives it.
pixel::Picture calmed(const pixel::Picture& p, double noise, bool flat);

} // namespace softrope::tone
