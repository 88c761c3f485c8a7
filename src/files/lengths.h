// Lengths of SVG and CSS, and what they are measured by.
#pragma once

#include <optional>
#include <string_view>
#include <vector>

namespace softrope::files {

// "12", "3mm", "1in", "2pt", "5pc", "1cm", "2.5Q", "10px"; nothing for percentages, em and what is no length. In px (CSS: 96 to the inch).
std::optional<double> lengthPx(std::string_view text);

// What a length may be a share of: the view it lies in, and the size of the typeface (SVG 1.1, 7.10).
struct Lengths {
    double width = 100, height = 100, font = 16; // px

    std::optional<double> across(std::string_view text) const { return of(text, width); }
    std::optional<double> down(std::string_view text) const { return of(text, height); }
    // Neither across nor down: percentages are of the diagonal over the root of two.
    std::optional<double> other(std::string_view text) const;
    // Percentages of `whole`.
    std::optional<double> of(std::string_view text, double whole) const;
};
// Lengths parted by commas and blanks; nothing when one of them is none.
std::optional<std::vector<double>> lengthsIn(std::string_view text, const Lengths& by);

} // namespace softrope::files
