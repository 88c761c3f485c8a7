// Text of a drawing as lettering (SVG 1.1, chapter 10): its lines, each where it stands.
#pragma once

#include "art/recipe.h"
#include "files/svg_reading.h"
#include "files/svg_style.h"

#include <optional>
#include <vector>

namespace softrope::files {

struct TextLine {
    art::Lettering lettering; // with its place on the sheet; set in a typeface of this machine
    Style style;              // its paint
    bool standsIn = false;    // its typeface is not the one asked for
};
enum class Typefaces {
    asked,  // those asked for alone: what comes of it looks as it was meant
    nearest // else those that the machine puts in their place
};
// `n` is a text element that has the style, its user space mapped to the sheet by `m`. Empty where there is nothing to be seen. Nothing when
// a typeface is not here, or lettering cannot be set so: letters placed one by one, text on a path or from top to bottom, stretched to a
// length, underlined, painted by gradients, or running from right to left unless it is centred.
std::optional<std::vector<TextLine>> textLines(pugi::xml_node n, const Style& style, const curve::Affine& m, Typefaces by);

} // namespace softrope::files
