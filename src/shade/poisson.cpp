#include "shade/poisson.h"

#include "curve/vec.h"

#include <algorithm>
#include <cmath>

namespace softrope::shade {

using curve::Vec2;

namespace {

// Cells that hold one point at most: their diagonal is the distance.
class Cells {
public:
    Cells(const curve::Box& box, double distance)
        : origin_(box.min), apart_(distance), side_(distance / std::sqrt(2.0)), wide_(static_cast<int>(box.width() / side_) + 1),
          high_(static_cast<int>(box.height() / side_) + 1), taken_(static_cast<std::size_t>(wide_) * static_cast<std::size_t>(high_), -1)
    {
    }
    static double cellsFor(const curve::Box& box, double distance) { return 2 * box.width() * box.height() / (distance * distance); }

    bool isFree(Vec2 p, const std::vector<Vec2>& points) const
    {
        const auto [x, y] = cellOf(p);
        for (int v = std::max(0, y - 2); v <= std::min(high_ - 1, y + 2); ++v)
            for (int u = std::max(0, x - 2); u <= std::min(wide_ - 1, x + 2); ++u)
                if (const int k = taken_[index(u, v)]; k >= 0 && squaredLength(points[static_cast<std::size_t>(k)] - p) < apart_ * apart_) return false;
        return true;
    }
    void take(Vec2 p, int point)
    {
        const auto [x, y] = cellOf(p);
        taken_[index(x, y)] = point;
    }

private:
    Vec2 origin_;
    double apart_, side_;
    int wide_, high_;
    std::vector<int> taken_;

    std::pair<int, int> cellOf(Vec2 p) const
    {
        return {std::clamp(static_cast<int>((p.x - origin_.x) / side_), 0, wide_ - 1), std::clamp(static_cast<int>((p.y - origin_.y) / side_), 0, high_ - 1)};
    }
    std::size_t index(int x, int y) const { return static_cast<std::size_t>(y) * static_cast<std::size_t>(wide_) + static_cast<std::size_t>(x); }
};

} // namespace

std::vector<Vec2> poissonDisc(const curve::Box& box, double distance, std::uint32_t seed, const std::function<bool(Vec2)>& inside, std::size_t most)
{
    constexpr double mostCells = 4e6; // of a box far larger than what may be scattered in it
    constexpr int darts = 30;         // as in the paper
    std::vector<Vec2> points;
    if (!(distance > 0) || box.empty() || !isFinite(box.min) || !isFinite(box.max)) return points;
    if (Cells::cellsFor(box, distance) > mostCells) distance = std::sqrt(2 * box.width() * box.height() / mostCells);
    Chance chance(seed);
    Cells cells(box, distance);
    std::vector<std::size_t> active;
    const auto put = [&](Vec2 p) {
        cells.take(p, static_cast<int>(points.size()));
        active.push_back(points.size());
        points.push_back(p);
    };
    const auto spread = [&] {
        while (!active.empty() && points.size() < most) {
            const auto which = static_cast<std::size_t>(chance() * static_cast<double>(active.size()));
            const Vec2 from = points[active[which]];
            bool found = false;
            for (int k = 0; k < darts && !found; ++k) {
                // Even over the ring from one distance to two.
                const double r = distance * std::sqrt(chance(1, 4));
                const Vec2 p = from + r * curve::direction(chance(0, 2 * curve::pi));
                found = box.contains(p) && cells.isFree(p, points) && inside(p);
                if (found) put(p);
            }
            if (!found) {
                active[which] = active.back();
                active.pop_back();
            }
        }
        active.clear();
    };
    // Every place of the grid is within the distance of some point in the end; the first one begins, and so does each part that is apart.
    const double step = distance / 3;
    const int wide = static_cast<int>(box.width() / step) + 1, high = static_cast<int>(box.height() / step) + 1;
    for (int y = 0; y < high; ++y)
        for (int x = 0; x < wide; ++x) {
            if (points.size() >= most) return points;
            const Vec2 p = box.min + Vec2{(x + chance()) * step, (y + chance()) * step};
            if (!box.contains(p) || !cells.isFree(p, points) || !inside(p)) continue;
            put(p);
            spread();
        }
    return points;
}

} // namespace softrope::shade
