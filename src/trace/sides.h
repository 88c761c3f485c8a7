// What lies on either side of a line: the colours to its left and to its right, told apart place by place.
//
// Source: localised classifiers along a boundary (Bai, Wang, Simons and Sapiro 2009, Video SnapCut), each a pair of colour histograms as
// Boykov and Jolly 2001 take them from seeds inside and outside; OKLab. A classifier stands every few px and answers for its neighbourhood.
#pragma once

#include "trace/edge_map.h"

#include <cstddef>
#include <vector>

namespace softrope::trace {

// Tells the colours of two sides apart.
class SideColours {
public:
    SideColours() = default;
    SideColours(const std::vector<Colour3>& left, const std::vector<Colour3>& right);

    // How much more the colour is the left side's than the right's: -1 (right) to 1 (left); 0 for one seen on neither.
    double leftness(const Colour3& colour) const;

private:
    static constexpr int lightBins = 20, hueBins = 14;
    static constexpr std::size_t binCount = static_cast<std::size_t>(lightBins) * hueBins * hueBins;
    Colour3 least_, scale_; // bins = (colour - least) * scale
    std::vector<float> table_;

    std::size_t binOf(const Colour3& colour) const;
    std::vector<float> histogram(const std::vector<Colour3>& side) const;
};

// What may be of either side, and what is asked.
struct SideReach {
    double clear = 3; // px: nearer the line a colour may be of either side
    double wide = 18; // px: so far out it is asked
};
// Adds the colours left and right of a place of the line; `across`, of length one, points to the right.
void addSides(const EdgeMap& map, curve::Vec2 at, curve::Vec2 across, const SideReach& reach, std::vector<Colour3>& left, std::vector<Colour3>& right);

class Sides {
public:
    // `line`: places about 1 px apart; a classifier looks `along` px to either end.
    Sides(const EdgeMap& map, const std::vector<curve::Vec2>& line, const std::vector<curve::Vec2>& across, bool closed, const SideReach& reach, double along);

    // Leftness of a colour seen from the line's i-th place.
    double leftness(std::size_t i, const Colour3& colour) const;

private:
    std::vector<SideColours> classifiers_;
    double spacing_ = 20; // places of the line for each classifier
    bool closed_ = false;
};

} // namespace softrope::trace
