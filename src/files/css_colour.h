// Colours as CSS writes them (CSS Color Level 4, 4 to 7): what art/colour.h reads, and those with an opacity.
#pragma once

#include "art/colour.h"

#include <optional>
#include <string_view>

namespace softrope::files {

struct CssColour {
    art::Colour colour;
    double opacity = 1; // 0..1
};
// #rgb, #rgba, #rrggbb, #rrggbbaa, rgb() and rgba(), hsl() and hsla() with commas or blanks, keywords, "transparent". Nothing when it is none.
std::optional<CssColour> cssColourFrom(std::string_view text);

} // namespace softrope::files
