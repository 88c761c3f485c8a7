// The command that sets words as outlines.
#pragma once

#include <optional>
#include <string>

namespace softrope::cli {

struct LetterArgs {
    std::string words, face, out;
    double size = 96, weight = 400, tracking = 0, leading = 1.2;
    bool italic = false, inside = false, smallCaps = false, working = false;
    std::string arc; // "CX,CY,R,START": px, START in degrees, 0 at the right, clockwise; empty = straight
    std::string align = "start";
};
int letter(const LetterArgs& a);
// One family a line.
int faces();

} // namespace softrope::cli
