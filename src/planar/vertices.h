// Where a map has its vertices: corners, ends, touches and crossings that come within reach of one another are one.
#pragma once

#include "curve/vec.h"

#include <cstdint>
#include <vector>

namespace softrope::planar {

// Of corners, ends and touches within `touch` px of one another the first stays where it is; they take in clear crossings within touch as
// well. Two clear crossings are one only when rounding alone tells them apart: curves that cross exactly need no help, and moving such points
// could break the order round them.
class Vertices {
public:
    // Room for so many.
    Vertices(double touch, std::size_t expected);

    // The vertex at p: one that is known, or a new one.
    int at(curve::Vec2 p, bool crossing);
    // The vertices of these clear crossings, of which a drawing may have hundreds of thousands: on all processors, and numbered strip by strip
    // over the sheet. What lies together there then lies together in memory, which halves the time of all that follows. The same whatever
    // the number of processors. They are the last that are asked for.
    std::vector<int> atCrossings(const std::vector<curve::Vec2>& points);
    std::vector<curve::Vec2> points() const;

private:
    struct Known {
        curve::Vec2 point;
        int before; // in its cell
        bool crossing;
    };
    struct Found {
        int vertex = -1;
        double squared = 0; // distance
    };
    Found find(curve::Vec2 p, bool crossing) const;
    int add(curve::Vec2 p, bool crossing);
    std::size_t slot(std::int64_t x, std::int64_t y) const;
    std::int64_t cellOf(double v) const;

    double touch_, same_, cell_;
    std::vector<int> heads_;
    std::vector<Known> all_;
};

} // namespace softrope::planar
