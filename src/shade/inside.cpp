#include "shade/inside.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace softrope::shade {

using curve::Vec2;

Inside::Inside(const curve::Paths& area, curve::Rule rule) : nonzero_(rule == curve::Rule::nonzero)
{
    for (const curve::Path& p : area) {
        const std::vector<Vec2> ring = curve::flatten(p, 0.1);
        for (std::size_t k = 0; k < ring.size(); ++k) {
            const Vec2 a = ring[k], b = ring[(k + 1) % ring.size()];
            if (a == b || !isFinite(a) || !isFinite(b)) continue;
            edges_.push_back({a, b});
            box_.add(a);
        }
    }
    if (edges_.empty()) return;
    const std::size_t rows = std::clamp<std::size_t>(edges_.size() / 2, 1, 4096);
    rowHeight_ = std::max(box_.height() / static_cast<double>(rows), 1e-9);
    rows_.resize(rows);
    const auto rowOf = [&](double y) { return static_cast<std::size_t>(std::clamp((y - box_.min.y) / rowHeight_, 0.0, static_cast<double>(rows - 1))); };
    for (std::size_t k = 0; k < edges_.size(); ++k) {
        const auto [low, high] = std::minmax(edges_[k].a.y, edges_[k].b.y);
        for (std::size_t r = rowOf(low); r <= rowOf(high); ++r) rows_[r].push_back(static_cast<std::uint32_t>(k));
    }
}

bool Inside::operator()(Vec2 p) const
{
    if (rows_.empty() || !box_.contains(p)) return false;
    const auto row = static_cast<std::size_t>(std::clamp((p.y - box_.min.y) / rowHeight_, 0.0, static_cast<double>(rows_.size() - 1)));
    int winding = 0, crossings = 0;
    for (const std::uint32_t k : rows_[row]) {
        const auto& [a, b] = edges_[k];
        if ((a.y <= p.y) == (b.y <= p.y)) continue;
        const double x = a.x + (p.y - a.y) / (b.y - a.y) * (b.x - a.x);
        if (x <= p.x) continue;
        ++crossings;
        winding += a.y <= p.y ? 1 : -1;
    }
    return nonzero_ ? winding != 0 : crossings % 2 != 0;
}

Inside::Near Inside::nearest(Vec2 p) const
{
    Near out{std::numeric_limits<double>::infinity(), {1, 0}};
    for (const auto& [a, b] : edges_) {
        const Vec2 d = b - a;
        const double t = std::clamp(dot(p - a, d) / squaredLength(d), 0.0, 1.0), off = squaredLength(a + t * d - p);
        if (off < out.distance) out = {off, d};
    }
    out.distance = std::sqrt(out.distance);
    out.along = unit(out.along);
    return out;
}

} // namespace softrope::shade
