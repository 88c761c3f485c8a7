// What a drawing paints, made ready for measuring: outlines of areas and middles of lines as short straights, found by place.
#pragma once

#include "proof/finding.h"

#include <memory>

namespace softrope::proof {

// How far a curve may lie from its straights, px: 0.01, of very large ones a millionth of their size.
double chordOf(const curve::Box& box);

// One outline or line, in straights.
struct Contour {
    std::vector<curve::Vec2> points; // of a closed one the first is repeated
    std::vector<double> along;       // px from the start, one a point
    bool closed = false;
    double length() const { return along.empty() ? 0 : along.back(); }
};
// What one artwork paints. An area reaches `half` beyond its outline where it has a line.
struct Shape {
    std::vector<Contour> contours;
    bool area = false; // else lines
    bool evenOdd = false;
    double half = 0; // px: half the width of the line
    art::Colour colour;
    curve::Box box;                 // with the line
    std::vector<std::size_t> paths; // by contour: which path of the artwork it is; nothing for lines that swell
    // Whether it is painted there.
    bool covers(curve::Vec2 p) const;
};
Shape shapeOf(const art::Artwork& a);

struct Thing {
    const art::Item* item = nullptr;
    const art::Artwork* artwork = nullptr;
    art::Id parent = 0; // what it lies inside of, or its group
    bool workable = false;
    bool plain = false; // its paths are drawn or were made so: nodes may be changed
    std::shared_ptr<const Shape> shape;
};

// All straights of the shapes, by place.
class Grid {
public:
    struct Straight {
        curve::Vec2 a, b;
        double along = 0; // of a
        int thing = 0, contour = 0;
    };
    Grid(const std::vector<Thing>& things, double reach);
    // Tells each straight whose box comes within `reach` of the point, some more than once.
    template <class Act> void near(curve::Vec2 p, double reach, Act&& act) const
    {
        if (cells_ == 0) return;
        const auto [x0, y0] = cellOf({p.x - reach, p.y - reach});
        const auto [x1, y1] = cellOf({p.x + reach, p.y + reach});
        for (int y = y0; y <= y1; ++y)
            for (int x = x0; x <= x1; ++x) {
                const std::size_t c = static_cast<std::size_t>(y) * static_cast<std::size_t>(wide_) + static_cast<std::size_t>(x);
                for (std::uint32_t k = start_[c]; k < start_[c + 1]; ++k) act(straights_[held_[k]]);
            }
    }

private:
    std::vector<Straight> straights_;
    std::vector<std::uint32_t> start_, held_;
    curve::Box all_;
    double side_ = 1;
    int wide_ = 0, high_ = 0;
    std::size_t cells_ = 0;
    std::pair<int, int> cellOf(curve::Vec2 p) const;
    template <class Act> void eachCell(const Straight& s, Act&& act) const;
};

} // namespace softrope::proof
