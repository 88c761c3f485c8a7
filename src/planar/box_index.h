// Which boxes hold a point or meet a box: a pile of grids, each twice as fine as the one before; a box lies in the finest grid whose cells are no
// smaller than it, so it touches four cells at most. Built in time linear in the boxes; a query looks at one cell a grid, and at the
// boxes that share it (about those near the point of about its size).
#pragma once

#include "curve/box.h"

#include <functional>
#include <vector>

namespace softrope::planar {

class BoxIndex {
public:
    BoxIndex() = default;
    explicit BoxIndex(const std::vector<curve::Box>& boxes);

    // Told the number of each box that holds the point, in no order.
    void at(curve::Vec2 p, const std::function<void(int)>& act) const;
    // Told the number of each that meets the box, once and in no order.
    void meeting(const curve::Box& box, const std::function<void(int)>& act) const;

private:
    struct Level {
        int side = 1;           // cells
        std::vector<int> start; // by cell, one more than cells: where its boxes begin
        std::vector<int> boxes;
    };
    std::vector<curve::Box> boxes_;
    curve::Box all_;
    std::vector<Level> levels_;

    std::pair<int, int> cellOf(curve::Vec2 p, int side) const;
};

} // namespace softrope::planar
