// Borders that go on through a junction: where three regions meet, one of the lines mostly goes straight on and the third ends on it. Drawn as
// one curve it has neither a bend nor a node there.
#pragma once

#include "tone/region_map.h"

#include <functional>
#include <optional>
#include <vector>

namespace softrope::tone {

struct BorderRun {
    struct Part {
        int border = 0;
        bool back = false; // walked from its end to its start
    };
    std::vector<Part> parts; // in order; more than one where it goes on through junctions
    bool closed = false;     // comes back to where it began
};

// Every border that has regions on both sides, each in one run. Two borders go on into one another when they are the two that bend least at
// their junction, and `alike` says they may be drawn as one.
std::vector<BorderRun> runsOf(const RegionMap& map, const std::function<bool(const Border&, const Border&)>& alike);

// The path in as many parts as there are places on it and one more, or as many for a closed one; nothing where the places do not follow one another
// along it. A place next to a node is the node; `near`: px.
std::vector<curve::Path> partsAt(const curve::Path& path, const std::vector<curve::Vec2>& places, double near);

// The piece that two are the halves of; nothing where they are not.
std::optional<curve::Cubic> whole(const curve::Cubic& first, const curve::Cubic& second);

} // namespace softrope::tone
