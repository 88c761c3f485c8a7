// Which branch goes on as which at the meetings of a skeleton.
#pragma once

#include "trace/measured.h"

#include <vector>

namespace softrope::trace {

// One end of a branch.
struct Arm {
    int branch = -1;
    bool atEnd = false; // the branch's last point lies at the meeting
    friend bool operator==(const Arm&, const Arm&) = default;
};

class Pairing {
public:
    // `joinWithin` in radians: the largest turn through a meeting.
    Pairing(const SkeletonGraph& graph, const std::vector<Measured>& measured, const pixel::Raster<float>& field, double joinWithin);

    // The arm that goes on where `a` comes in; its branch is -1 where the line ends.
    Arm next(Arm a) const { return next_[indexOf(a)]; }
    // What lies between the arm before and this one: a corner, or the way round a stem.
    const std::vector<curve::Vec2>& via(Arm a) const { return via_[indexOf(a)]; }
    // The branch is no line of its own: two lines lie on one another there.
    bool swallowed(std::size_t branch) const { return swallowed_[branch] != 0; }

private:
    static std::size_t indexOf(Arm a) { return 2 * static_cast<std::size_t>(a.branch) + (a.atEnd ? 1 : 0); }
    void pair(Arm a, Arm b);
    Ray rayOf(Arm a) const;
    std::vector<Arm> armsOf(int meeting) const;
    void crossOver(int bridge);
    void pairUp(int meeting);
    bool stemOfTwo(const Meeting& m, const std::vector<Arm>& arms);
    double widthOf(Arm a, Arm b) const;
    bool sharpCorner(const Meeting& m, Arm stem, Arm a, Arm b);
    bool hairpin(Arm stem, Arm a, Arm b);
    bool standing(const Meeting& m, Arm stem, Arm a, Arm b);
    void swallow(int stem, Arm a, Arm b, std::vector<curve::Vec2> way);

    const SkeletonGraph& g_;
    const std::vector<Measured>& measured_;
    const pixel::Raster<float>& field_;
    double joinWithin_;
    std::vector<Arm> next_;
    std::vector<std::vector<curve::Vec2>> via_;
    std::vector<char> swallowed_, done_;
};

} // namespace softrope::trace
