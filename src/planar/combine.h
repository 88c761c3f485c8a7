// Union, difference, intersection and exclusion of shapes.
#pragma once

#include "planar/map.h"

namespace softrope::planar {

enum class Operation { unite, difference, intersection, exclude };

// One shape: its contours, filled by the nonzero rule or by even-odd. Open contours are closed by their chords.
struct Shape {
    curve::Paths contours;
    bool evenOdd = false;
};

// `difference`: the first minus all others; `exclude`: inside an odd number of them. Empty when nothing is left.
curve::Paths combine(const std::vector<Shape>& shapes, Operation operation);
// Every area of the arrangement that lies in some shape, each with the shapes it lies in (lowest first).
struct Part {
    curve::Paths outline;
    std::vector<int> shapes;
};
std::vector<Part> splitApart(const std::vector<Shape>& shapes);

} // namespace softrope::planar
