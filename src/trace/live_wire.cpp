#include "trace/live_wire.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

namespace softrope::trace {

namespace {

using curve::Vec2;

constexpr std::array<int, 8> stepX{1, 1, 0, -1, -1, -1, 0, 1};
constexpr std::array<int, 8> stepY{0, 1, 1, 1, 0, -1, -1, -1};

// A pixel on a clear edge costs 4, on nothing 124: a way round of thirty is taken to stay on the edge. Squared, so that
// half an edge is much dearer than a whole one. Slanting steps are longer by the root of two.
std::array<std::array<std::uint32_t, 2>, 256> stepCosts()
{
    std::array<std::array<std::uint32_t, 2>, 256> costs{};
    for (std::size_t s = 0; s < 256; ++s) {
        const double weak = 1 - static_cast<double>(s) / 255;
        const double cost = 4 + 120 * weak * weak;
        costs[s] = {static_cast<std::uint32_t>(std::lround(cost)), static_cast<std::uint32_t>(std::lround(cost * std::sqrt(2.0)))};
    }
    return costs;
}

} // namespace

LiveWire::LiveWire(std::shared_ptr<const EdgeMap> map, Vec2 from, std::shared_ptr<const SideColours> sides, std::optional<Vec2> aim)
    : map_(std::move(map)), sides_(std::move(sides)), from_(from), aim_(aim), buckets_(bucketCount)
{
    const int x = static_cast<int>(std::floor(from.x)), y = static_cast<int>(std::floor(from.y));
    if (!map_ || !map_->strength.inside(x, y)) return;
    Tile& t = tile(x, y);
    t.cost[within(x, y)] = 0;
    t.back[within(x, y)] = 8;
    buckets_[0].push_back({x, y, 0});
    waiting_ = 1;
}

LiveWire::Tile& LiveWire::tile(int x, int y)
{
    const auto key = (static_cast<std::uint64_t>(static_cast<std::uint32_t>(y / tileSide)) << 32) | static_cast<std::uint32_t>(x / tileSide);
    std::unique_ptr<Tile>& t = tiles_[key];
    if (!t) {
        t = std::make_unique<Tile>();
        std::fill(std::begin(t->cost), std::end(t->cost), std::numeric_limits<std::uint32_t>::max());
        std::fill(std::begin(t->settled), std::end(t->settled), false);
    }
    return *t;
}

// Of the edge at a pixel that is reached by a step.
std::uint8_t LiveWire::clearness(int x, int y, std::size_t step) const
{
    const std::uint8_t s = map_->strength.at(x, y);
    constexpr std::uint8_t hardly = 12;
    if (!sides_ || s < hardly) return s;
    constexpr double out = 4; // px to either side
    const double scale = step % 2 == 0 ? out : out / std::sqrt(2.0);
    const int dx = static_cast<int>(std::lround(-stepY[step] * scale)), dy = static_cast<int>(std::lround(stepX[step] * scale));
    const auto seen = [&](int u, int v) {
        const SoftColour& c = map_->soft.at(std::clamp(u, 0, map_->soft.width - 1), std::clamp(v, 0, map_->soft.height - 1));
        return sides_->leftness(Colour3{c.l / SoftColour::scale, c.a / SoftColour::scale, c.b / SoftColour::scale});
    };
    const double alike = (seen(x - dx, y - dy) - seen(x + dx, y + dy)) / 2; // -1 the wrong way round, 1 as the rope so far
    return static_cast<std::uint8_t>(std::lround(s * std::clamp(0.4 + 0.75 * alike, 0.0, 1.0)));
}

std::uint32_t LiveWire::astray(int x, int y) const
{
    if (!aim_) return 0;
    constexpr double most = 60; // half of what a pixel without any edge costs
    const Vec2 p{x + 0.5, y + 0.5}, d = *aim_ - from_;
    const double t = std::clamp(dot(p - from_, d) / std::max(1e-9, dot(d, d)), 0.0, 1.0);
    return static_cast<std::uint32_t>(std::min(most, distance(p, lerp(from_, *aim_, t))));
}

void LiveWire::grow(std::size_t budget, int toX, int toY)
{
    static const auto costs = stepCosts();
    const auto& strength = map_->strength;
    while (budget > 0 && waiting_ > 0) {
        std::vector<Pixel>& bucket = buckets_[at_ % bucketCount];
        if (bucket.empty()) {
            ++at_;
            continue;
        }
        const Pixel p = bucket.back();
        bucket.pop_back();
        --waiting_;
        Tile& t = tile(p.x, p.y);
        const std::size_t i = within(p.x, p.y);
        if (t.settled[i] || p.cost != t.cost[i]) continue;
        t.settled[i] = true;
        --budget;
        for (std::size_t k = 0; k < 8; ++k) {
            const int x = p.x + stepX[k], y = p.y + stepY[k];
            if (!strength.inside(x, y)) continue;
            Tile& n = x / tileSide == p.x / tileSide && y / tileSide == p.y / tileSide ? t : tile(x, y);
            const std::size_t j = within(x, y);
            const std::uint32_t cost = p.cost + astray(x, y) + costs[clearness(x, y, k)][k % 2];
            if (n.settled[j] || cost >= n.cost[j]) continue;
            n.cost[j] = cost;
            n.back[j] = static_cast<std::uint8_t>(k);
            buckets_[cost % bucketCount].push_back({x, y, cost});
            ++waiting_;
        }
        if (p.x == toX && p.y == toY) return;
    }
}

std::optional<std::vector<Vec2>> LiveWire::to(Vec2 to, std::size_t budget)
{
    int x = static_cast<int>(std::floor(to.x)), y = static_cast<int>(std::floor(to.y));
    if (!map_ || tiles_.empty() || !map_->strength.inside(x, y)) return std::nullopt;
    if (!tile(x, y).settled[within(x, y)]) grow(budget, x, y);
    if (!tile(x, y).settled[within(x, y)]) return std::nullopt;
    std::vector<Vec2> way;
    for (;;) {
        way.push_back({x + 0.5, y + 0.5});
        const std::uint8_t k = tile(x, y).back[within(x, y)];
        if (k > 7) break;
        x -= stepX[k];
        y -= stepY[k];
    }
    std::reverse(way.begin(), way.end());
    return way;
}

} // namespace softrope::trace
