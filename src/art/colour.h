// Colours as they are written in files: straight sRGB, 8 bits a channel. Opacity is kept apart.
#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>

namespace softrope::art {

struct Colour {
    std::uint8_t r = 0, g = 0, b = 0;
    friend bool operator==(const Colour&, const Colour&) = default;
    friend bool operator!=(Colour a, Colour b) { return !(a == b); }
};

// "#rrggbb".
std::string text(Colour c);
// #rgb, #rrggbb, rgb(r, g, b) with numbers or percentages, and the 147 keywords of SVG 1.1 (4.4). Nothing when it is none.
std::optional<Colour> colourFrom(std::string_view text);

} // namespace softrope::art
