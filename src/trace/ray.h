// Rows of points about 1 px apart, where they are going, and how one is led on to another.
#pragma once

#include "curve/vec.h"

#include <optional>
#include <utility>
#include <vector>

namespace softrope::trace {

// A place and a direction of travel.
struct Ray {
    curve::Vec2 at, along;
};

// Middle one of the values, or `otherwise` when there are none.
double medianOf(std::vector<double> v, double otherwise);

// Where a row of points is going at its last one, from as many points as a few widths. No direction from a single point.
Ray leaving(const std::vector<curve::Vec2>& p, double width);
// How it comes in at its first one.
Ray entering(const std::vector<curve::Vec2>& p, double width);

// Where two rays cross, as distances along the first and (backwards) along the second; nothing for parallel ones.
std::optional<std::pair<double, double>> crossingOf(Ray a, Ray b);
// The whole turn, in radians, of a line that comes in along a, crosses to b and leaves along it backwards.
double turnThrough(Ray a, Ray b);

// Adds points on the straight from a to b, both left out, about 1 px apart.
void along(curve::Vec2 a, curve::Vec2 b, std::vector<curve::Vec2>& into);
// Points from a to b, both left out: round a corner where the directions cross ahead, else along a smooth arc.
std::vector<curve::Vec2> bridge(Ray a, Ray b, double width);
// Leads `line` on to the beginning of `next`, by way of known points if there are any.
void connect(std::vector<curve::Vec2>& line, const std::vector<curve::Vec2>& next, const std::vector<curve::Vec2>& way, double width);

} // namespace softrope::trace
