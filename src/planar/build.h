// Builds planar maps, and keeps what it worked out so that a change of few paths costs little.
#pragma once

#include "planar/map.h"

#include <memory>

namespace softrope::planar {

struct BuildOptions {
    double gap = 0;                // px: ends and closed paths that come this near count as meeting
    std::vector<Bridge> closed;    // wider gaps that are to be closed too: those about where these are (WiderGap::bridges)
    std::vector<Bridge> open;      // gaps that stay open although they are narrow enough: those about where these are
    std::vector<curve::Vec2> kept; // thin areas that stay areas: those with the middle of their box about here
    double sliverWidth = 0;        // px: thinner areas join a neighbour; 0 = the least that can be told
    bool closePaths = false;       // open paths are closed by their chords, as filling does
};

// Keeps strands and their meetings by content: paths that are equal to some of the last call are not looked at again.
// One thread at a time.
class Builder {
public:
    Builder();
    ~Builder();
    Builder(Builder&&) noexcept;
    Builder& operator=(Builder&&) noexcept;
    // Never fails: what cannot be used (no length, not finite) takes no part.
    MapPtr build(const curve::Paths& paths, const BuildOptions& options = {});

private:
    struct Store;
    std::unique_ptr<Store> store;
};

MapPtr build(const curve::Paths& paths, const BuildOptions& options = {});

} // namespace softrope::planar
