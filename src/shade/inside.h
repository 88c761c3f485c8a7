// Whether points lie in an area, for many points: its edges in rows. Inner to the room.
#pragma once

#include "curve/polygon.h"

#include <cstdint>
#include <vector>

namespace softrope::shade {

class Inside {
public:
    Inside(const curve::Paths& area, curve::Rule rule);
    bool operator()(curve::Vec2 p) const;
    const curve::Box& box() const { return box_; }
    // The nearest place of the outline, and its direction there.
    struct Near {
        double distance = 0;
        curve::Vec2 along;
    };
    Near nearest(curve::Vec2 p) const;

private:
    struct Edge {
        curve::Vec2 a, b;
    };
    std::vector<Edge> edges_;
    std::vector<std::vector<std::uint32_t>> rows_;
    curve::Box box_;
    double rowHeight_ = 1;
    bool nonzero_ = true;
};

} // namespace softrope::shade
