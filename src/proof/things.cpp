#include "proof/things.h"

#include "art/edits.h"

#include <algorithm>
#include <cmath>

namespace softrope::proof {

using curve::Vec2;

double chordOf(const curve::Box& box)
{
    return std::max(0.01, 1e-6 * std::max(box.width(), box.height()));
}

namespace {

Contour contourOf(const curve::Path& p)
{
    Contour c;
    c.closed = p.closed;
    c.points = curve::flatten(p, chordOf(curve::bounds(p)));
    if (p.closed && !c.points.empty() && c.points.front() != c.points.back()) c.points.push_back(c.points.front());
    c.along.reserve(c.points.size());
    double sum = 0;
    for (std::size_t i = 0; i < c.points.size(); ++i) {
        if (i) sum += distance(c.points[i - 1], c.points[i]);
        c.along.push_back(sum);
    }
    return c;
}

double offStraight(Vec2 a, Vec2 b, Vec2 p)
{
    const Vec2 d = b - a;
    const double l2 = squaredLength(d), t = l2 > 0 ? std::clamp(dot(p - a, d) / l2, 0.0, 1.0) : 0;
    return distance(a + t * d, p);
}

} // namespace

Shape shapeOf(const art::Artwork& a)
{
    Shape s;
    const bool filled = a.fill.colour.has_value(), lined = a.stroke.colour && a.stroke.width > 0 && a.stroke.opacity > 0;
    const auto take = [&](const curve::Paths& paths, bool numbered) {
        for (std::size_t k = 0; k < paths.size(); ++k) {
            if (paths[k].nodes.size() < 2 || !curve::isFinite(paths[k])) continue;
            s.contours.push_back(contourOf(paths[k]));
            if (numbered) s.paths.push_back(k);
        }
    };
    if (!filled && !lined) return s;
    if (!filled && a.stroke.swell) {
        take(art::swelledOutlines(a), false);
        s.area = true;
        s.colour = *a.stroke.colour;
    } else {
        take(a.paths, true);
        s.area = filled;
        s.evenOdd = a.fill.evenOdd;
        s.half = lined ? 0.5 * a.stroke.width : 0;
        s.colour = lined ? *a.stroke.colour : *a.fill.colour;
    }
    for (const Contour& c : s.contours)
        for (const Vec2 p : c.points) s.box.add(p);
    s.box = s.box.grown(s.half);
    return s;
}

bool Shape::covers(Vec2 p) const
{
    if (!box.contains(p)) return false;
    int winding = 0;
    for (const Contour& c : contours) {
        for (std::size_t i = 0; i + 1 < c.points.size(); ++i) {
            const Vec2 a = c.points[i], b = c.points[i + 1];
            if (half > 0 && std::min(a.x, b.x) - half <= p.x && std::max(a.x, b.x) + half >= p.x && offStraight(a, b, p) <= half) return true;
            if (!area || (a.y > p.y) == (b.y > p.y)) continue;
            if (p.x < a.x + (b.x - a.x) * (p.y - a.y) / (b.y - a.y)) winding += b.y > a.y ? 1 : -1;
        }
        if (!area || c.closed || c.points.size() < 2) continue;
        // An open outline is filled to its chord.
        const Vec2 a = c.points.back(), b = c.points.front();
        if ((a.y > p.y) != (b.y > p.y) && p.x < a.x + (b.x - a.x) * (p.y - a.y) / (b.y - a.y)) winding += b.y > a.y ? 1 : -1;
    }
    return area && (evenOdd ? winding % 2 != 0 : winding != 0);
}

Grid::Grid(const std::vector<Thing>& things, double reach)
{
    for (std::size_t t = 0; t < things.size(); ++t)
        for (std::size_t k = 0; k < things[t].shape->contours.size(); ++k) {
            const Contour& c = things[t].shape->contours[k];
            for (std::size_t i = 0; i + 1 < c.points.size(); ++i) {
                straights_.push_back({c.points[i], c.points[i + 1], c.along[i], static_cast<int>(t), static_cast<int>(k)});
                all_.add(c.points[i]);
                all_.add(c.points[i + 1]);
            }
        }
    if (straights_.empty()) return;
    // About one straight a cell, and no cell smaller than what is asked for.
    const double area = std::max(1.0, all_.width() * all_.height());
    side_ = std::max({2 * reach, std::sqrt(area / static_cast<double>(straights_.size())), std::max(all_.width(), all_.height()) / 4000, 1.0});
    wide_ = static_cast<int>(all_.width() / side_) + 1;
    high_ = static_cast<int>(all_.height() / side_) + 1;
    cells_ = static_cast<std::size_t>(wide_) * static_cast<std::size_t>(high_);
    start_.assign(cells_ + 1, 0);
    for (const Straight& s : straights_) eachCell(s, [&](std::size_t c) { ++start_[c + 1]; });
    for (std::size_t c = 0; c < cells_; ++c) start_[c + 1] += start_[c];
    held_.resize(start_[cells_]);
    std::vector<std::uint32_t> next(start_.begin(), start_.end() - 1);
    for (std::size_t k = 0; k < straights_.size(); ++k) eachCell(straights_[k], [&](std::size_t c) { held_[next[c]++] = static_cast<std::uint32_t>(k); });
}

std::pair<int, int> Grid::cellOf(Vec2 p) const
{
    return {std::clamp(static_cast<int>(std::floor((p.x - all_.min.x) / side_)), 0, wide_ - 1),
            std::clamp(static_cast<int>(std::floor((p.y - all_.min.y) / side_)), 0, high_ - 1)};
}

// Row by row: of a long straight only the cells along it.
template <class Act> void Grid::eachCell(const Straight& s, Act&& act) const
{
    const auto [ax, ay] = cellOf(s.a);
    const auto [bx, by] = cellOf(s.b);
    const int y0 = std::min(ay, by), y1 = std::max(ay, by);
    for (int y = y0; y <= y1; ++y) {
        int x0 = std::min(ax, bx), x1 = std::max(ax, bx);
        if (y0 != y1 && x0 != x1) {
            const double top = all_.min.y + y * side_, bottom = top + side_;
            const auto xAt = [&](double yy) { return s.a.x + (s.b.x - s.a.x) * std::clamp((yy - s.a.y) / (s.b.y - s.a.y), 0.0, 1.0); };
            const double u = xAt(top), v = xAt(bottom);
            x0 = std::max(x0, cellOf({std::min(u, v), top}).first);
            x1 = std::min(x1, cellOf({std::max(u, v), top}).first);
        }
        for (int x = x0; x <= x1; ++x) act(static_cast<std::size_t>(y) * static_cast<std::size_t>(wide_) + static_cast<std::size_t>(x));
    }
}

} // namespace softrope::proof
