// Paint: colours, the inks they come from, and gradients.
//
// A fill or line keeps its colour as it is to be seen, and beside it the ink and tint it was taken from; a change of the ink
// is carried through by an edit (inks.h). So a renderer needs to know nothing of inks.
#pragma once

#include "art/colour.h"
#include "curve/affine.h"

#include <cstdint>
#include <string>
#include <vector>

namespace softrope::art {

using Id = std::uint64_t; // 0 = none

// What a working colour stands for until the real tones are put in its place.
enum class Meaning { paint, willBeDark, willBeLight };

// A named paint of the document.
struct Ink {
    Id id = 0;
    std::string name;
    Colour colour;
    Meaning meaning = Meaning::paint;
    friend bool operator==(const Ink& a, const Ink& b) { return a.id == b.id && a.name == b.name && a.colour == b.colour && a.meaning == b.meaning; }
};

// Where a colour was taken from: an ink and a step of its tint scale, -3 (dark) .. 3 (light), 0 = as mixed.
struct InkUse {
    Id ink = 0; // 0 = no ink
    int tint = 0;
    friend bool operator==(InkUse a, InkUse b) { return a.ink == b.ink && a.tint == b.tint; }
    friend bool operator!=(InkUse a, InkUse b) { return !(a == b); }
};

struct GradientStop {
    double at = 0; // 0..1
    Colour colour;
    double opacity = 1;
    InkUse ink;
    friend bool operator==(const GradientStop& a, const GradientStop& b)
    {
        return a.at == b.at && a.colour == b.colour && a.opacity == b.opacity && a.ink == b.ink;
    }
};

// Colours between stops are mixed in sRGB, as SVG has it. Before the first and after the last stop the colour goes on.
struct Gradient {
    enum class Kind { linear, radial };
    Kind kind = Kind::linear;
    // Maps the unit gradient to the sheet: linear runs from (0, 0) to (1, 0) and is even across; radial is the circle of
    // radius 1 round (0, 0).
    curve::Affine place;
    std::vector<GradientStop> stops; // by place; at least one
    friend bool operator==(const Gradient& a, const Gradient& b) { return a.kind == b.kind && a.place == b.place && a.stops == b.stops; }
};

} // namespace softrope::art
