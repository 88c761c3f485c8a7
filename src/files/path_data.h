// SVG path data (SVG 1.1, section 8.3): text to paths and back.
#pragma once

#include "curve/path.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace softrope::files {

// All commands of the grammar; quadratics are raised to cubics, arcs become cubics of at most a quarter turn
// (SVG 1.1 appendix F.6). Reading stops at the first fault, as the standard asks: what came before is kept and
// `fault` says where. Handles that lie on one line through their node make it smooth.
struct ParsedPaths {
    curve::Paths paths;
    std::optional<std::size_t> fault; // offset in the text
};
ParsedPaths parsePathData(std::string_view d);

// Absolute M, L, C, Z with at most `decimals` digits after the point; exact = as many as bring back the same double.
constexpr int exact = -1;
std::string pathData(const curve::Paths& paths, int decimals = 3);
std::string number(double v, int decimals = 3);
// All finite numbers of a text, whatever stands between them.
std::vector<double> numbers(const char* text);

} // namespace softrope::files
