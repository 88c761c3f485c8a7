// Questions about what closed paths enclose, answered on their corners.
#pragma once

#include "curve/path.h"

#include <vector>

namespace softrope::curve {

// Even-odd; `ring` is closed from its last point to its first. Points on the border count by chance.
bool insidePolygon(const std::vector<Vec2>& ring, Vec2 p);
// Whether the closed paths enclose it, by that rule of filling; curves are flattened to 0.1 px. Open paths count as closed by their
// chords.
enum class Rule { evenOdd, nonzero };
bool insidePaths(const Paths& paths, Vec2 p, Rule rule = Rule::evenOdd);
// By the shoelace formula; positive when it turns from x to y.
double polygonArea(const std::vector<Vec2>& ring);
// A place well inside closed paths (even-odd): about the centre of the largest disc that fits, found on a grid that is refined
// (as in the search for the pole of inaccessibility, Garcia-Castellanos and Lombardo 2007). The middle of the bounds when
// nothing is enclosed.
Vec2 innerPoint(const Paths& paths);

} // namespace softrope::curve
