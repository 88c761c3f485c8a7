// Areas that lines enclose, as shapes.
#pragma once

#include "art/edited.h"
#include "planar/map.h"

namespace softrope::art {

// All paths that are to be seen (guides too), and whose they are. What is worked out from pictures encloses nothing, colour drops
// follow lines, and what lies inside an area shades it: they are none.
struct DrawnLines {
    curve::Paths paths;
    std::vector<Id> items;
    friend bool operator==(const DrawnLines&, const DrawnLines&) = default;
};
// A line that ends on another, within half that line's width, goes on to its middle: what is seen to be closed is closed.
DrawnLines drawnLines(const Document& d);
// Just as they are drawn.
DrawnLines linesAsDrawn(const Document& d);
// Every area of the map as a neutral shape, largest first, named. `overlap`: px they reach under each other.
std::vector<Item> areaShapes(const planar::Map& map, double overlap = 0);
// The same on a new layer under the lines, ready to be coloured; the shapes reach 0.6 px under each other. The lines stay untouched. Areas that are parts of
// filled shapes already there count as well.
Added withAreasUnderLines(const Document& d, const planar::Map& map);
// A closed shape in the given look on the layer.
Added withShape(const Document& d, Id layer, curve::Paths outline, const Stroke& stroke, const Fill& fill, const std::string& name);
// What becomes of the lines that a shape was carved or followed from.
enum class Leftover { stay, guides, go };
Edited withLeftover(const Document& d, const std::vector<Id>& lines, Leftover what);

} // namespace softrope::art
