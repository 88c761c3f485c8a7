// What a picture goes through before it is cut: transparency, colour space, noise.
#pragma once

#include "tone/palette.h"

namespace softrope::tone {

// Straight colours on white: what transparent parts look like on the sheet.
pixel::Picture opaque(const pixel::Picture& p);
// Nothing shows through it.
bool isOpaque(const pixel::Picture& p);
LabPicture labPicture(const pixel::Picture& p);
// Smaller, so that it has about so many px; as it is when it has no more.
pixel::Picture seenAt(const pixel::Picture& p, double pixels);
// In a space in which equal distances look alike: CIELAB with lightness and chroma compressed by the weights of CIEDE2000 (Sharma, Wu and
// Dalal 2005), as DIN 6176 does it by logarithms. Lightness 0..about 70.
LabPicture evenly(const LabPicture& p);
// Noise goes, edges stay (Tomasi and Manduchi 1998; a median for large pictures). `noise` as noiseOf gives it.
pixel::Picture calmed(const pixel::Picture& p, double noise, bool flat);

} // namespace softrope::tone
