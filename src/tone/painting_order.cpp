#include "tone/painting_order.h"

#include <algorithm>
#include <numeric>

namespace softrope::tone {

namespace {

// Nodes on the borders between any two groups.
using Shared = std::vector<std::vector<double>>;

Shared sharedBy(const RegionMap& map, const PaintingOrder& order)
{
    std::vector<std::size_t> groupOf(map.regions.size(), 0);
    for (std::size_t g = 0; g < order.size(); ++g)
        for (const int r : order[g]) groupOf[static_cast<std::size_t>(r)] = g;
    Shared shared(order.size(), std::vector<double>(order.size(), 0));
    for (const Border& b : map.borders) {
        if (b.left == beyond || b.right == beyond) continue;
        const std::size_t x = groupOf[static_cast<std::size_t>(b.left)], y = groupOf[static_cast<std::size_t>(b.right)];
        shared[x][y] += static_cast<double>(nodesOf(b));
        shared[y][x] += static_cast<double>(nodesOf(b));
    }
    return shared;
}

double costOf(const Shared& shared, const std::vector<std::size_t>& order)
{
    double sum = 0;
    for (std::size_t a = 0; a < order.size(); ++a)
        for (std::size_t b = a + 1; b < order.size(); ++b) sum += shared[order[a]][order[b]] * static_cast<double>(b - a);
    return sum;
}

} // namespace

std::size_t nodesOf(const Border& border)
{
    const std::size_t n = border.path.nodes.size();
    return border.from < 0 ? n : std::max<std::size_t>(n, 2) - 1;
}

PaintingOrder byExtent(const RegionMap& map)
{
    const std::size_t n = map.regions.size();
    const auto bordersOf = bordersByRegion(map);
    std::vector<char> in(n, 0);
    std::vector<double> covers(n, 0);
    PaintingOrder order(n);
    for (std::size_t r = 0; r < n; ++r) {
        in[r] = 1;
        for (const curve::Path& p : outlineOf(map, in, bordersOf, {static_cast<int>(r)})) covers[r] += std::max(0.0, curve::area(p)); // (holes are below 0)
        in[r] = 0;
        order[r] = {static_cast<int>(r)};
    }
    std::stable_sort(order.begin(), order.end(),
                     [&](const auto& a, const auto& b) { return covers[static_cast<std::size_t>(a.front())] > covers[static_cast<std::size_t>(b.front())]; });
    return order;
}

PaintingOrder byLight(const RegionMap& map, const std::vector<pixel::Lab>& colours)
{
    PaintingOrder order(colours.size());
    for (std::size_t r = 0; r < map.regions.size(); ++r) order[map.regions[r].label].push_back(static_cast<int>(r));
    order.erase(std::remove_if(order.begin(), order.end(), [](const auto& g) { return g.empty(); }), order.end());
    const auto light = [&](const std::vector<int>& g) { return colours[map.regions[static_cast<std::size_t>(g.front())].label].l; };
    std::stable_sort(order.begin(), order.end(), [&](const auto& a, const auto& b) { return light(a) > light(b); });
    return order;
}

PaintingOrder neighboursTogether(const RegionMap& map, PaintingOrder order)
{
    const Shared shared = sharedBy(map, order);
    std::vector<std::size_t> now(order.size());
    std::iota(now.begin(), now.end(), std::size_t{0});
    double best = costOf(shared, now);
    const auto n = static_cast<std::ptrdiff_t>(now.size());
    for (bool better = true; better;) {
        better = false;
        for (std::ptrdiff_t from = 0; from < n; ++from)
            for (std::ptrdiff_t to = from + 1; to < n; ++to)
                for (const bool turned : {false, true})
                    for (std::ptrdiff_t middle = from + 1; middle <= (turned ? from + 1 : to); ++middle) {
                        std::vector<std::size_t> moved = now;
                        if (turned)
                            std::reverse(moved.begin() + from, moved.begin() + to + 1);
                        else
                            std::rotate(moved.begin() + from, moved.begin() + middle, moved.begin() + to + 1);
                        if (const double cost = costOf(shared, moved); cost < best) {
                            best = cost;
                            now = std::move(moved);
                            better = true;
                        }
                    }
    }
    PaintingOrder out;
    for (const std::size_t k : now) out.push_back(std::move(order[k]));
    return out;
}

} // namespace softrope::tone
