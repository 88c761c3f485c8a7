// Edits of the sheet's light, and of what follows it: colours that are the light's, gradients that lie along it. Crescents, casts and
// scatter follow by being worked out anew (shades.h).
#pragma once

#include "art/edited.h"

namespace softrope::art {

// The light is another: its colours are carried through everything lit by it (locked and hidden things and named looks too), gradients by
// the light are laid anew.
Document withLight(const Document& d, const Light& light);

// The warm and cool colour as they act, weakened by the light's strength: warm towards black, which screens to nothing, cool towards
// white, which multiplies to nothing.
Colour warmOf(const Light& light);
Colour coolOf(const Light& light);
// The fill with the light's colour where it is lit by it.
Fill litBy(Fill fill, const Light& light);

// The gradient along the light over the bounds: linear from the lit side to the far one, round with its middle towards the light.
Gradient alongLight(Gradient g, const curve::Box& bounds, const Light& light);
// Gradients of the things that go by the light, laid anew over where they are now.
Edited withGradientsByLight(const Document& d, const std::vector<Id>& items, bool on);

// A cool shadow colour for a warm light: the opposite hue drawn towards blue-violet, darker and less colourful (OKLCH; common practice, no
// source).
Colour coolFor(Colour warm);
// Two stops for a ground that sets the light off: the lighter, towards the light, and the darker.
struct Backdrop {
    Colour light, dark;
};
Backdrop backdropFor(const Light& light);
// A rectangle over the sheet with that gradient, on a layer of its own under everything.
Added withBackdrop(const Document& d, const Backdrop& backdrop, const std::string& name);

} // namespace softrope::art
