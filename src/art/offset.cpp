#include "art/offset.h"

#include "art/edits.h"
#include "curve/edit.h"
#include "planar/combine.h"
#include "words/said.h"

#include <algorithm>

namespace softrope::art {

using curve::Path;
using curve::Paths;
using curve::Vec2;

Paths offset(const Paths& paths, double by, bool mitred)
{
    if (by == 0) return paths;
    planar::Shape shape{paths, false}, band;
    std::vector<planar::Shape> corners;
    const curve::Swell even = curve::tidied({});
    for (const Path& p : paths) {
        for (Path& o : curve::swelledOutline(p, 2 * std::abs(by), even, true, 0.02)) band.contours.push_back(std::move(o));
        if (!mitred || !p.closed) continue;
        // A mitre fills the corner up to where the two offset lines meet, unless that is farther than four times the distance.
        const double side = (curve::area(p) > 0 ? 1 : -1) * (by > 0 ? 1 : -1);
        for (const std::size_t k : curve::cornerNodes(p)) {
            const std::size_t n = p.nodes.size();
            const Vec2 in = curve::endTangent(p.piece((k + n - 1) % n)), out = curve::startTangent(p.piece(k));
            if (cross(in, out) * side <= 0) continue;
            const Vec2 a = -side * perpendicular(in), b = -side * perpendicular(out), half = unit(a + b);
            const double reach = std::abs(by) / std::max(1e-9, dot(half, a));
            if (reach > 4 * std::abs(by)) continue;
            const Vec2 at = p.nodes[k].at;
            corners.push_back({{curve::polyline({at, at + std::abs(by) * a, at + reach * half, at + std::abs(by) * b}, true)}, false});
        }
    }
    // Each corner fills by itself, whichever way it runs.
    corners.push_back(band);
    const planar::Shape ring{planar::combine(corners, planar::Operation::unite), false};
    Paths result = planar::combine({shape, ring}, by > 0 ? planar::Operation::unite : planar::Operation::difference);
    // Where the distance is more than the shape has room for, its inner edge turns inside out: such outlines lie too near.
    std::erase_if(result, [&](const Path& p) {
        for (std::size_t k = 0; k < p.pieceCount(); ++k) {
            const Vec2 q = curve::at(p.piece(k), 0.5);
            double least = 1e300;
            for (const Path& from : paths)
                if (const auto n = curve::nearest(from, q)) least = std::min(least, n->distance);
            if (least < 0.98 * std::abs(by) - 0.1) return true;
        }
        return false;
    });
    return result;
}

Added withOffset(const Document& d, Id item, double by, bool mitred)
{
    const Item* i = d.item(item);
    const Layer* l = d.layerOf(item);
    if (!i || !i->artwork() || !l) return {d, 0, Refusal::nothingPicked};
    if (l->locked) return {d, 0, Refusal::locked};
    Item copy = *i;
    Artwork a = *i->artwork();
    a.setDerived(offset(a.paths, by, mitred), {});
    a.inside.clear();
    a.fill.evenOdd = false;
    if (a.paths.empty()) return {d, 0, Refusal::doesNotFit};
    copy.is = std::move(a);
    copy.name = i->name.empty() ? words::said("Offset") : words::said("%1 offset", {i->name});
    return withItem(d, l->id, std::move(copy));
}

} // namespace softrope::art
