// Colours that go together: tint scales, harmonies and contrast, in OKLCH, brought back into sRGB by lowering the chroma.
#pragma once

#include "pixel/colour_space.h"

#include <vector>

namespace softrope::pixel {

// OKLab in polar form: lightness 0..1, chroma 0..about 0.37, hue in radians (0 for greys).
struct OkLch {
    double l = 0, c = 0, h = 0;
};
OkLch okLchOf(Rgba c);
// The nearest colour of sRGB of that lightness and hue: the chroma is lowered until the colour can be shown (as in CSS Color
// Module Level 4, 13.2, without its last step of clipping, so that hues stay).
Rgba shown(OkLch c);
// Whether the colour can be shown as it is, to within rounding.
bool inGamut(OkLch c);

// The tint scale of a colour: `step` -3 .. 3, 0 = the colour itself. Lightness goes in even steps towards 0.16 (dark) and 0.97
// (light); chroma fades towards the ends. Common practice, no source.
Rgba tint(Rgba colour, int step);
constexpr int tintSteps = 3; // on either side

enum class Harmony { complement, neighbours, triad, split, square };
// Hues at the angles of the harmony, same lightness and chroma as far as they can be shown; the colour itself first.
std::vector<Rgba> harmony(Rgba colour, Harmony kind);

// Contrast ratio 1..21 (WCAG 2.2, "contrast ratio" and "relative luminance").
double contrastRatio(Rgba a, Rgba b);

} // namespace softrope::pixel
