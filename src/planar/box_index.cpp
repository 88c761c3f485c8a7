#include "planar/box_index.h"

#include <algorithm>
#include <cmath>

namespace softrope::planar {

using curve::Box;
using curve::Vec2;

namespace {

constexpr int finest = 10; // 1024 cells a side

} // namespace

std::pair<int, int> BoxIndex::cellOf(Vec2 p, int side) const
{
    const auto cell = [side](double at, double from, double size) {
        return size > 0 ? std::clamp(static_cast<int>((at - from) / size * side), 0, side - 1) : 0;
    };
    return {cell(p.x, all_.min.x, all_.width()), cell(p.y, all_.min.y, all_.height())};
}

BoxIndex::BoxIndex(const std::vector<Box>& boxes) : boxes_(boxes)
{
    for (const Box& b : boxes_) all_.add(b);
    if (all_.empty()) return;
    // As many levels as leave about a box a cell in the finest.
    const int deepest = std::clamp(static_cast<int>(std::log2(std::sqrt(static_cast<double>(boxes_.size())))) + 1, 0, finest);
    std::vector<std::vector<int>> byLevel(static_cast<std::size_t>(deepest) + 1);
    const double size = std::max(all_.width(), all_.height());
    for (std::size_t k = 0; k < boxes_.size(); ++k) {
        if (boxes_[k].empty()) continue;
        const double own = std::max(boxes_[k].width(), boxes_[k].height());
        const int level = own > 0 ? std::clamp(static_cast<int>(std::floor(std::log2(size / own))), 0, deepest) : deepest;
        byLevel[static_cast<std::size_t>(level)].push_back(static_cast<int>(k));
    }
    for (std::size_t l = 0; l < byLevel.size(); ++l) {
        Level level;
        level.side = 1 << l;
        const auto side = static_cast<std::size_t>(level.side);
        level.start.assign(side * side + 1, 0);
        const auto each = [&](int box, const auto& act) {
            const auto [x0, y0] = cellOf(boxes_[static_cast<std::size_t>(box)].min, level.side);
            const auto [x1, y1] = cellOf(boxes_[static_cast<std::size_t>(box)].max, level.side);
            for (int y = y0; y <= y1; ++y)
                for (int x = x0; x <= x1; ++x) act(static_cast<std::size_t>(y) * side + static_cast<std::size_t>(x));
        };
        for (const int b : byLevel[l]) each(b, [&](std::size_t c) { ++level.start[c + 1]; });
        for (std::size_t c = 1; c < level.start.size(); ++c) level.start[c] += level.start[c - 1];
        level.boxes.resize(static_cast<std::size_t>(level.start.back()));
        std::vector<int> at(level.start.begin(), level.start.end() - 1);
        for (const int b : byLevel[l]) each(b, [&](std::size_t c) { level.boxes[static_cast<std::size_t>(at[c]++)] = b; });
        levels_.push_back(std::move(level));
    }
}

void BoxIndex::at(Vec2 p, const std::function<void(int)>& act) const
{
    if (!all_.contains(p)) return;
    for (const Level& level : levels_) {
        const auto [x, y] = cellOf(p, level.side);
        const auto cell = static_cast<std::size_t>(y) * static_cast<std::size_t>(level.side) + static_cast<std::size_t>(x);
        for (int k = level.start[cell]; k < level.start[cell + 1]; ++k) {
            const int b = level.boxes[static_cast<std::size_t>(k)];
            if (boxes_[static_cast<std::size_t>(b)].contains(p)) act(b);
        }
    }
}

void BoxIndex::meeting(const Box& box, const std::function<void(int)>& act) const
{
    if (!all_.meets(box)) return;
    for (const Level& level : levels_) {
        const auto [x0, y0] = cellOf(box.min, level.side);
        const auto [x1, y1] = cellOf(box.max, level.side);
        for (int y = y0; y <= y1; ++y)
            for (int x = x0; x <= x1; ++x) {
                const auto cell = static_cast<std::size_t>(y) * static_cast<std::size_t>(level.side) + static_cast<std::size_t>(x);
                for (int k = level.start[cell]; k < level.start[cell + 1]; ++k) {
                    const int b = level.boxes[static_cast<std::size_t>(k)];
                    const Box& one = boxes_[static_cast<std::size_t>(b)];
                    // Of the cells that both share the first one tells it.
                    const Vec2 first{std::max(one.min.x, box.min.x), std::max(one.min.y, box.min.y)};
                    if (one.meets(box) && cellOf(first, level.side) == std::pair{x, y}) act(b);
                }
            }
    }
}

} // namespace softrope::planar
