#include "planar/vertices.h"

#include "curve/box.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>

namespace softrope::planar {

using namespace curve;

namespace {

constexpr double rounding = 1e-5; // of touch: crossings as near are one

// Strips of the sheet with about as many points each, whose borders no point lies near: none of two strips are one then.
class Strips {
public:
    Strips(const std::vector<Vec2>& points, std::size_t count, double near)
    {
        Box all;
        for (const Vec2 p : points) all.add(p);
        from_ = all.min.y;
        scale_ = all.height() > 0 ? bins / all.height() : 0;
        std::array<std::size_t, bins> filled{};
        std::array<bool, bins + 1> crowded{};
        for (const Vec2 p : points) {
            const double y = (p.y - from_) * scale_;
            const std::size_t bin = binOf(p);
            ++filled[bin];
            if (y - static_cast<double>(bin) <= near * scale_) crowded[bin] = true;
            if (static_cast<double>(bin + 1) - y <= near * scale_) crowded[bin + 1] = true;
        }
        std::size_t here = 0;
        int strip = 0;
        for (std::size_t bin = 0; bin < bins; ++bin) {
            if (here * count >= points.size() && !crowded[bin]) {
                ++strip;
                here = 0;
            }
            of_[bin] = strip;
            here += filled[bin];
        }
        start_.assign(static_cast<std::size_t>(strip) + 2, 0);
        for (std::size_t bin = 0; bin < bins; ++bin) start_[static_cast<std::size_t>(of_[bin]) + 1] += filled[bin];
        std::partial_sum(start_.begin(), start_.end(), start_.begin());
        order_.resize(points.size());
        std::vector<std::size_t> fill(start_.begin(), start_.end() - 1);
        for (std::size_t k = 0; k < points.size(); ++k) order_[fill[static_cast<std::size_t>(of_[binOf(points[k])])]++] = static_cast<int>(k);
    }
    std::size_t count() const { return start_.size() - 1; }
    // Points of a strip, in the order in which they came.
    std::size_t start(std::size_t strip) const { return start_[strip]; }
    std::vector<int>& order() { return order_; }

private:
    static constexpr std::size_t bins = 4096;
    double from_ = 0, scale_ = 0;
    std::array<int, bins> of_{}; // strips, by bin
    std::vector<std::size_t> start_;
    std::vector<int> order_;
    std::size_t binOf(Vec2 p) const { return std::min(bins - 1, static_cast<std::size_t>((p.y - from_) * scale_)); }
};

} // namespace

Vertices::Vertices(double touch, std::size_t expected) : touch_(touch), same_(rounding * touch), cell_(16 * touch)
{
    std::size_t n = 64;
    while (n < expected * 2) n *= 2;
    heads_.assign(n, -1);
    all_.reserve(expected);
}

std::size_t Vertices::slot(std::int64_t x, std::int64_t y) const
{
    const auto h = static_cast<std::uint64_t>(x) * 0x9E3779B97F4A7C15ull ^ static_cast<std::uint64_t>(y) * 0xC2B2AE3D27D4EB4Full;
    return static_cast<std::size_t>(h >> 17) & (heads_.size() - 1);
}

std::int64_t Vertices::cellOf(double v) const
{
    return static_cast<std::int64_t>(std::floor(v / cell_));
}

Vertices::Found Vertices::find(Vec2 p, bool crossing) const
{
    // Most look at one cell only.
    const std::int64_t left = cellOf(p.x - touch_), right = cellOf(p.x + touch_), top = cellOf(p.y - touch_), bottom = cellOf(p.y + touch_);
    Found best{-1, touch_ * touch_};
    for (std::int64_t y = top; y <= bottom; ++y)
        for (std::int64_t x = left; x <= right; ++x)
            for (int k = heads_[slot(x, y)]; k >= 0; k = all_[static_cast<std::size_t>(k)].before) {
                const Known& known = all_[static_cast<std::size_t>(k)];
                const double d = squaredLength(known.point - p);
                if (d > best.squared || (d == best.squared && best.vertex >= 0)) continue;
                if (crossing && known.crossing && d > same_ * same_) continue;
                best = {k, d};
            }
    return best;
}

int Vertices::add(Vec2 p, bool crossing)
{
    int& head = heads_[slot(cellOf(p.x), cellOf(p.y))];
    all_.push_back({p, head, crossing});
    head = static_cast<int>(all_.size()) - 1;
    return head;
}

int Vertices::at(Vec2 p, bool crossing)
{
    const Found known = find(p, crossing);
    return known.vertex >= 0 ? known.vertex : add(p, crossing);
}

std::vector<int> Vertices::atCrossings(const std::vector<Vec2>& points)
{
    constexpr std::size_t many = 5000, inAColumn = 8;
    std::vector<int> out(points.size());
    if (points.size() < many) {
        for (std::size_t k = 0; k < points.size(); ++k) out[k] = at(points[k], true);
        return out;
    }
    Strips strips(points, static_cast<std::size_t>(std::sqrt(static_cast<double>(points.size() / inAColumn))), 2 * same_);
    std::vector<int>& order = strips.order();
    std::vector<std::vector<Vec2>> fresh(strips.count()); // the new vertices, from left to right
    tbb::parallel_for(std::size_t{0}, strips.count(), [&](std::size_t strip) {
        const auto from = order.begin() + static_cast<std::ptrdiff_t>(strips.start(strip)),
                   to = order.begin() + static_cast<std::ptrdiff_t>(strips.start(strip + 1));
        const auto pointOf = [&](int k) { return points[static_cast<std::size_t>(k)]; };
        // A new vertex is told by ~its number among those of the strip, for the time being.
        const auto vertexOf = [&](int k) -> int& { return out[static_cast<std::size_t>(k)]; };
        const auto apart = [&](int a, int b) { return squaredLength(pointOf(a) - pointOf(b)); };
        std::stable_sort(from, to, [&](int a, int b) { return pointOf(a).x < pointOf(b).x; });
        // One to the left that is the same but for rounding; else itself.
        const auto sameAs = [&](auto k) {
            for (auto left = k; left != from && pointOf(*k).x - pointOf(*(left - 1)).x <= same_;)
                if (--left; vertexOf(*left) < 0 && apart(*left, *k) <= same_ * same_) return left;
            return k;
        };
        std::vector<int> first; // of each new vertex the point that came first
        for (auto k = from; k != to; ++k) {
            const Found known = find(pointOf(*k), true);
            const auto same = sameAs(k);
            if (known.vertex >= 0 && (same == k || known.squared <= apart(*same, *k))) {
                vertexOf(*k) = known.vertex;
            } else if (same != k) {
                vertexOf(*k) = vertexOf(*same);
                int& earliest = first[static_cast<std::size_t>(~vertexOf(*k))];
                earliest = std::min(earliest, *k);
            } else {
                vertexOf(*k) = ~static_cast<int>(first.size());
                first.push_back(*k);
            }
        }
        for (const int k : first) fresh[strip].push_back(pointOf(k));
    });
    std::vector<int> before(strips.count());
    for (std::size_t strip = 0; strip < strips.count(); ++strip) {
        before[strip] = static_cast<int>(all_.size());
        for (const Vec2 p : fresh[strip]) all_.push_back({p, -1, true}); // in no cell: nothing more is looked for
    }
    tbb::parallel_for(std::size_t{0}, strips.count(), [&](std::size_t strip) {
        for (std::size_t n = strips.start(strip); n < strips.start(strip + 1); ++n)
            if (int& vertex = out[static_cast<std::size_t>(order[n])]; vertex < 0) vertex = before[strip] + ~vertex;
    });
    return out;
}

std::vector<Vec2> Vertices::points() const
{
    std::vector<Vec2> out;
    out.reserve(all_.size());
    for (const Known& k : all_) out.push_back(k.point);
    return out;
}

} // namespace softrope::planar
