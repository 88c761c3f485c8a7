// The cheapest way through a picture along its edges, from a fixed place to any other.
//
// Source: Mortensen and Barrett 1995, Intelligent scissors for image composition: shortest paths (Dijkstra 1959) on the
// grid of pixels, cheap along edges. Whole costs allow Dial's (1969) buckets for the queue. The search goes on from where it
// stopped, so that a pointer that moves on only pays for what is new; what it knows is kept in tiles made when reached.
//
// It may be trained (their section on training on the fly): told what lies left and right of the rope, an edge between other colours, or
// between these the wrong way round, counts as a weak one.
#pragma once

#include "trace/sides.h"

#include <cstdint>
#include <optional>
#include <unordered_map>
#include <vector>

namespace softrope::trace {

class LiveWire {
public:
    // `aim`: where it will lead, when that is known; a way is then dearer the further it lies off the straight.
    LiveWire(std::shared_ptr<const EdgeMap> map, curve::Vec2 from, std::shared_ptr<const SideColours> sides = nullptr,
             std::optional<curve::Vec2> aim = std::nullopt);

    // Centres of the pixels from the start to `to`. Looks at no more than `budget` pixels in this call; nothing when that did
    // not reach (call again), or when either place lies outside the picture.
    std::optional<std::vector<curve::Vec2>> to(curve::Vec2 to, std::size_t budget = 120000);
    curve::Vec2 from() const { return from_; }

private:
    static constexpr int tileSide = 64;
    static constexpr std::size_t bucketCount = 1024; // more than the dearest step
    struct Tile {
        std::uint32_t cost[tileSide * tileSide];
        std::uint8_t back[tileSide * tileSide]; // step that leads to the pixel; 8 = the start
        bool settled[tileSide * tileSide];
    };
    struct Pixel {
        std::int32_t x, y;
        std::uint32_t cost;
    };
    Tile& tile(int x, int y);
    static std::size_t within(int x, int y) { return static_cast<std::size_t>((y % tileSide) * tileSide + x % tileSide); }
    void grow(std::size_t budget, int toX, int toY);

    std::uint32_t astray(int x, int y) const;
    std::uint8_t clearness(int x, int y, std::size_t step) const;

    std::shared_ptr<const EdgeMap> map_;
    std::shared_ptr<const SideColours> sides_;
    curve::Vec2 from_;
    std::optional<curve::Vec2> aim_;
    std::unordered_map<std::uint64_t, std::unique_ptr<Tile>> tiles_;
    std::vector<std::vector<Pixel>> buckets_;
    std::uint32_t at_ = 0; // cost of the bucket at work
    std::size_t waiting_ = 0;
};

} // namespace softrope::trace
