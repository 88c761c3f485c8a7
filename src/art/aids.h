// Composition aids: lines over the sheet that help to arrange what lies on it. Never part of a piece, and never delivered.
#pragma once

#include "art/document.h"

#include <array>

namespace softrope::art {

enum class Aid { thirds, centre, diagonals, margins, spiral, round, square };
inline constexpr std::array allAids{Aid::thirds, Aid::centre, Aid::diagonals, Aid::margins, Aid::spiral, Aid::round, Aid::square};

struct Aids {
    unsigned shown = 0;   // a bit an aid: 1 << Aid
    double margin = 0.06; // of the sheet's shorter side, 0..0.45
    int position = 0;     // of the golden spiral: 0..7, from the four corners along the sheet, then across it
    bool shows(Aid a) const { return (shown >> static_cast<unsigned>(a)) & 1U; }
    friend bool operator==(const Aids&, const Aids&) = default;
};

struct AidLines {
    curve::Paths lines;
    std::vector<curve::Vec2> points; // where they cross, and their ends and middles that one would aim at
};
// Sheet px. The spiral is the logarithmic one whose radius falls by the golden ratio each quarter turn (r = a phi^(-2 t / pi)), in the
// largest golden rectangle that the sheet holds, about that rectangle's pole; it runs through the corners that its squares leave (Livio,
// The Golden Ratio, 2002, chapter 5). Drawn within 1e-4 of its radius.
AidLines aidLines(const Sheet& sheet, const Aids& aids);

// The pole of the golden spiral and the corner it comes from.
struct GoldenSpiral {
    curve::Vec2 pole, from;
    double turn; // radians a quarter: pi/2 clockwise on the screen, or -pi/2
};
GoldenSpiral goldenSpiral(const Sheet& sheet, int position);

} // namespace softrope::art
