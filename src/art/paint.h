// Paint: colours, the inks they come from, gradients, fills, strokes, and how things are laid over each other.
//
// A fill or line keeps its colour as it is to be seen, and beside it the ink and tint it was taken from; a change of the ink
// is carried through by an edit (inks.h). So a renderer needs to know nothing of inks.
#pragma once

#include "art/colour.h"
#include "art/shared.h"
#include "curve/affine.h"
#include "curve/swell.h"

#include <cstdint>
#include <optional>
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
    friend bool operator==(const Ink&, const Ink&) = default;
};

// Where a colour was taken from: an ink and a step of its tint scale, -3 (dark) .. 3 (light), 0 = as mixed.
struct InkUse {
    Id ink = 0; // 0 = no ink
    int tint = 0;
    friend bool operator==(const InkUse&, const InkUse&) = default;
};

struct GradientStop {
    double at = 0; // 0..1
    Colour colour;
    double opacity = 1;
    InkUse ink;
    friend bool operator==(const GradientStop&, const GradientStop&) = default;
};

// Colours between stops are mixed in sRGB, as SVG has it.
struct Gradient {
    enum class Kind { linear, radial };
    enum class Spread { pad, reflect, repeat }; // beyond the first and last stop: their colours, the way back and forth, or again
    Kind kind = Kind::linear;
    // Maps the unit gradient to the sheet: linear runs from (0, 0) to (1, 0) and is even across; radial is the circle of
    // radius 1 round (0, 0).
    curve::Affine place;
    std::vector<GradientStop> stops; // by place; at least one
    curve::Vec2 focus;               // of a radial one, in its unit: where the first stop is; beyond the circle of radius 1 they make a cone
    Spread spread = Spread::pad;
    bool byLight = false; // laid along the sheet's light (lights.h)
    friend bool operator==(const Gradient&, const Gradient&) = default;
};

enum class Cap { round, flat, square }; // square ends reach half the width beyond the line
enum class Join { round, mitre, bevel };

struct Stroke {
    std::optional<Colour> colour; // nothing = no line
    InkUse ink;                   // where the colour is from
    double width = 10;            // px
    double opacity = 1;
    Cap cap = Cap::round;
    Join join = Join::round;
    double mitreLimit = 4;             // of mitred corners: longer tips, in widths, are bevelled; 1 or more
    std::vector<double> dashes;        // px drawn, left out, drawn ... in turn; empty = an even line
    double dashFrom = 0;               // px into that sequence at which a path begins
    Shared<Gradient> gradient;         // in place of the colour, which stands for it where one is wanted
    bool keepsWidth = false;           // the width stays when the item is scaled
    bool behind = false;               // painted before the fill: only what lies outside is seen
    std::optional<curve::Swell> swell; // shares of the width along each path; nothing = even
    friend bool operator==(const Stroke&, const Stroke&) = default;
};

// Whose colour a fill has: its own, or the warm or cool one of the light (lights.h).
enum class Lit { none, warm, cool };

struct Fill {
    std::optional<Colour> colour; // nothing = no fill; with a gradient the colour that stands for it where one is wanted
    InkUse ink;                   // where the colour is from
    double opacity = 1;
    bool evenOdd = false;
    double overlap = 0;        // px the fill reaches beyond its border, under its neighbours, so that no hairline shows between them
    Shared<Gradient> gradient; // in place of the colour
    Lit lit = Lit::none;
    friend bool operator==(const Fill&, const Fill&) = default;
};

// The blend modes of the W3C's Compositing and Blending Level 1 (section 10), in its order.
enum class Blend {
    normal,
    multiply,
    screen,
    overlay,
    darken,
    lighten,
    colourDodge,
    colourBurn,
    hardLight,
    softLight,
    difference,
    exclusion,
    hue,
    saturation,
    colour,
    luminosity
};
constexpr int blends = 16;
// The CSS name ("color-dodge"), and the mode of a name; nothing when it is none.
const char* cssName(Blend b);
std::optional<Blend> blendFrom(std::string_view cssName);

constexpr double mostBlur = 200; // px

} // namespace softrope::art
