// What lies within reach of the free ends of strands, kept from one call to the next.
#pragma once

#include "planar/box_index.h"
#include "planar/kept.h"

#include <optional>

namespace softrope::planar {

struct Place {
    double distance = 1e300;
    curve::Vec2 point;
};

// Nearest point of the strand within `reach`.
Place nearestOn(const Strand& s, curve::Vec2 p, double reach);

class KeptReaches {
public:
    struct Reach {
        int strand = 0;
        Place place;
    };
    // Brings up to date what is kept: these are the strands now. Another gap than the last one lets everything go.
    void update(const std::vector<const Strand*>& strands, const Change& change, double gap);
    void clear() { all.clear(); }
    // The nearest places of other strands within the gap of a node of a strand, in order of the strands; valid until the next call.
    // `strands` are those of the last update.
    const std::vector<Reach>& of(const std::vector<const Strand*>& strands, int strand, int node);

private:
    struct End {
        int node;
        std::vector<Reach> within;
    };
    std::vector<std::vector<End>> all; // by strand
    double gap = 0;
    std::optional<BoxIndex> boxed; // of the strands, when it is first asked for
};

} // namespace softrope::planar
