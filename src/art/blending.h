// Blending of one colour with another, exactly: the sixteen modes of the W3C's Compositing and Blending Level 1 (section 10), laid over
// each other as in its section 5.
#pragma once

#include "art/paint.h"

namespace softrope::art {

// A colour with how opaque it is, premultiplied; all 0..1.
struct Premixed {
    double r = 0, g = 0, b = 0, a = 0;
};
Premixed premixed(Colour c, double alpha);
// Over an opaque ground, as 8 bits.
Colour over(const Premixed& c, Colour ground);

// The blend function B(Cb, Cs) on plain colours 0..1.
struct Plain {
    double r = 0, g = 0, b = 0;
};
Plain blend(const Plain& backdrop, const Plain& source, Blend mode);
// The source, faded by `opacity`, blended with what is there and laid over it (source-over).
Premixed blended(const Premixed& backdrop, const Premixed& source, Blend mode, double opacity = 1);

} // namespace softrope::art
