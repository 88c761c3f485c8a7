// Every named tolerance of the program, in one place. Sheet px unless said otherwise; there is no global epsilon.
#pragma once

namespace softrope::curve {

constexpr double defaultSlack = 1.5; // freehand: how far a fitted curve may stray
constexpr double snapReach = 9;      // screen px
constexpr double nodeReach = 9;      // screen px: hit radius of a node
constexpr double nodeReachPen = 12;  // screen px: with a tablet pen
constexpr double joinReach = 3;      // ends nearer than this count as "almost joined"

} // namespace softrope::curve
