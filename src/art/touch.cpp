#include "art/touch.h"

#include "art/areas.h"

#include <algorithm>

namespace softrope::art {

using curve::Path;
using curve::Paths;
using curve::Vec2;

std::optional<Round> circleOf(const Path& path)
{
    if (!path.closed || path.nodes.size() < 2) return std::nullopt;
    // The middle of two opposite extremes, then even distances all round.
    const curve::Box b = curve::bounds(path);
    const Vec2 o = b.centre();
    const double r = 0.25 * (b.width() + b.height());
    if (!(r > 0) || std::abs(b.width() - b.height()) > 2e-3 * r) return std::nullopt;
    for (std::size_t k = 0; k < path.pieceCount(); ++k)
        for (const double t : {0.0, 0.25, 0.5, 0.75})
            if (std::abs(distance(curve::at(path.piece(k), t), o) - r) > 1e-3 * r) return std::nullopt;
    return Round{o, r};
}

std::optional<TouchingCircle> touchingCircle(const Document& d, Vec2 centre, double radius, bool radiusHeld, double reach, const std::vector<Id>& without)
{
    Paths near;
    const DrawnLines all = linesAsDrawn(d);
    for (std::size_t k = 0; k < all.paths.size(); ++k) {
        if (std::find(without.begin(), without.end(), all.items[k]) != without.end()) continue;
        const curve::Box b = curve::bounds(all.paths[k]);
        if (distance(b, centre) > radius + reach) continue;
        const auto touched = curve::tangentCircle({all.paths[k]}, centre, radius, curve::Held::centre);
        if (touched && std::abs(touched->radius - radius) <= reach) near.push_back(all.paths[k]);
    }
    if (near.empty()) return std::nullopt;
    using curve::Held;
    const Held held = radiusHeld ? Held::radius : near.size() >= 3 ? Held::nothing : near.size() == 2 ? Held::radius : Held::centre;
    auto c = curve::tangentCircle(near, centre, radius, held);
    // What it asks for may be far away; then the nearest neighbour alone.
    if (!c || distance(c->centre, centre) > 2 * reach || std::abs(c->radius - radius) > 2 * reach) {
        std::sort(near.begin(), near.end(), [&](const Path& a, const Path& b2) {
            const auto off = [&](const Path& p) { return std::abs(curve::tangentCircle({p}, centre, radius, curve::Held::centre)->radius - radius); };
            return off(a) < off(b2);
        });
        c = curve::tangentCircle({near.front()}, centre, radius, radiusHeld ? Held::radius : Held::centre);
        if (!c || distance(c->centre, centre) > 2 * reach || std::abs(c->radius - radius) > 2 * reach) return std::nullopt;
    }
    std::vector<double> angles;
    for (const curve::Touch& t : c->touches) angles.push_back(curve::angleOf(t.at - c->centre));
    return TouchingCircle{*c, curve::circleWithNodes(c->centre, c->radius, angles)};
}

std::optional<curve::TangentLine> touchingLine(const Document& d, Vec2 from, Vec2 to, bool bothEnds, double reach)
{
    const DrawnLines all = linesAsDrawn(d);
    const Path* first = nullptr;
    if (bothEnds)
        for (const Path& p : all.paths)
            if (const auto n = curve::nearest(p, from); n && n->distance <= reach) first = &p;
    std::optional<curve::TangentLine> best;
    double least = reach;
    for (const Path& p : all.paths) {
        if (&p == first) continue;
        const auto n = curve::nearest(p, to);
        if (!n || n->distance > reach) continue;
        std::optional<curve::TangentLine> line;
        if (first) line = curve::commonTangent(*first, from, p, to, 3 * reach);
        if (!line)
            if (const auto q = curve::tangentFrom(p, from, to, reach)) line = curve::TangentLine{from, *q};
        if (!line) continue;
        const double off = distance(line->to, to);
        if (off >= 3 * least) continue;
        least = std::max(1e-9, off / 3);
        best = line;
    }
    return best;
}

} // namespace softrope::art
