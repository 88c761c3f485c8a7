// What a page was drawn with. Ink is dark and as dark all along a line; pencil is pale, or at least paler here and darker there: it lets the
// paper's grain through and is pressed unevenly (common practice, no source).
#pragma once

#include "pixel/raster.h"
#include "pixel/threshold.h"

#include <cstddef>
#include <vector>

namespace softrope::trace {

enum class Medium { find, ink, pencil };

// A place in the middle of a line, and how dark it is there, in any unit, 0 = paper.
struct LinePlace {
    int x = 0, y = 0;
    float dark = 0;
};

// How dark each place is beside the darkest within one to two times `reach` px of it: 0..1, in the order given.
std::vector<float> besideDarkest(const std::vector<LinePlace>& places, int reach);

// How dark each place is beside the paler of the darkest to both of its sides, within `reach` px: 0..1, in the order given; 1 at an end. Of a line
// that grows paler evenly, as a stroke does that tapers, all are 1.
std::vector<float> besideBothSides(const std::vector<LinePlace>& places, int reach);

// Below this the paler quarter of what lies along a line is too pale for ink, beside the darkest near by. (Pages of ink measured for it have 0.88
// to 1, pages of pencil 0.53 to 0.85.) Where most lines are pale only what does not vary at all is ink: a picture drawn by a program.
constexpr float steadyInk = 0.87F, steadyPaleInk = 0.98F;

// Ink or pencil, from the middles of the thinnest marks: solid parts say nothing about the lines. The light has been evened out; the levels are
// those of the picture. `scanned`: a lens has blurred it, so that marks hardly wider than its blur are grey whatever they were drawn with. Where
// there is next to nothing: ink.
Medium mediumOf(const pixel::Grey& even, const pixel::Levels& levels, bool scanned);

} // namespace softrope::trace
