// A path measured by length: places a given way along it, for what is laid along lines.
#pragma once

#include "curve/path.h"

#include <vector>

namespace softrope::curve {

struct OnWay {
    Vec2 at;      // px
    Vec2 tangent; // unit, of travel
};

class Measured {
public:
    // A path without length has none.
    explicit Measured(Path path);
    double length() const { return starts_.back(); }
    const Path& path() const { return path_; }
    // The place `along` px from the start, to within 1e-6 px of it (Newton steps on Gauss-Legendre lengths). A closed path goes round and
    // round; an open one goes on straight beyond its ends. A path without length gives its first node and the x axis.
    OnWay at(double along) const;
    // How far along a place of the path lies, px.
    double along(const Place& place) const;

private:
    Path path_;
    std::vector<double> starts_; // of each piece, and the length of all
};

} // namespace softrope::curve
