// Palettes in open formats: CSS custom properties, and the W3C community's design tokens (JSON, colour module).
#pragma once

#include "art/paint.h"

#include <string>
#include <string_view>
#include <vector>

namespace softrope::files {

struct NamedColour {
    std::string name;
    art::Colour colour;
    friend bool operator==(const NamedColour&, const NamedColour&) = default;
};
struct PaletteResult {
    std::vector<NamedColour> colours;
    std::vector<std::string> leftOut; // entries that are no colours we can show, by name
    std::string problem;              // a sentence for the user; then there are no colours
    bool ok() const { return problem.empty(); }
};
constexpr std::size_t mostInks = 512; // a file with more is cut off there, and says so

// By what the text looks like: JSON when it begins with a brace, else CSS.
PaletteResult readPalette(std::string_view text);
// Declarations of custom properties (CSS Custom Properties for Cascading Variables Level 1) whose value is a colour: hex, rgb(),
// hsl(), oklch(), a keyword, or var() of another one. Names come back as words: "--night-sky" is "Night sky".
PaletteResult readCssPalette(std::string_view text);
// Design Tokens Format Module: tokens of $type "color", in nested groups, with inherited types and aliases; $value as an object of
// colorSpace srgb, oklch or hsl with components, or (earlier drafts) as a hex text.
PaletteResult readTokenPalette(std::string_view text);

std::string writeCssPalette(const std::vector<NamedColour>& colours);
std::string writeTokenPalette(const std::vector<NamedColour>& colours);

} // namespace softrope::files
