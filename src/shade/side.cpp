#include "shade/side.h"

#include "planar/build.h"

#include <algorithm>
#include <cmath>

namespace softrope::shade {

using curve::Path;
using curve::Paths;
using curve::Vec2;

namespace {

double sizeOf(const planar::Map& map, const std::vector<char>& chosen)
{
    double sum = 0;
    for (std::size_t f = 1; f < chosen.size(); ++f)
        if (chosen[f]) sum += map.faces()[f].area;
    return sum;
}

} // namespace

Paths cutOff(const planar::Shape& shape, const Path& stroke, bool other)
{
    if (!isFinite(stroke) || stroke.pieceCount() == 0 || !(arcLength(stroke) > 0)) return {};
    if (stroke.closed) {
        const planar::Shape inner{{stroke}, false};
        return planar::combine({shape, inner}, other ? planar::Operation::difference : planar::Operation::intersection);
    }
    // The outlines, the stroke, and its two ends gone on beyond everything.
    Paths all = shape.contours;
    for (Path& p : all) p.closed = true;
    const auto strokeAt = static_cast<int>(all.size());
    all.push_back(stroke);
    curve::Box box = curve::bounds(all);
    const double far = 2 * std::hypot(box.width(), box.height());
    const Vec2 start = stroke.nodes.front().at, end = stroke.nodes.back().at;
    const Vec2 before = -startTangent(stroke.piece(0)), after = endTangent(stroke.piece(stroke.pieceCount() - 1));
    all.push_back(curve::polyline({start, start + far * before}, false));
    all.push_back(curve::polyline({end, end + far * after}, false));
    const planar::MapPtr map = planar::build(all);

    // Faces of the shape, by its rule.
    const std::size_t faces = map->faces().size();
    std::vector<char> within(faces, 0);
    std::vector<int> winding(all.size(), 0);
    map->walk([&](int path, int step) { winding[static_cast<std::size_t>(path)] += step; },
              [&](int face) {
                  int sum = 0, odd = 0;
                  for (int k = 0; k < strokeAt; ++k) {
                      sum += winding[static_cast<std::size_t>(k)];
                      odd += winding[static_cast<std::size_t>(k)];
                  }
                  within[static_cast<std::size_t>(face)] = shape.evenOdd ? odd % 2 != 0 : sum != 0;
              });
    // Those beside the stroke itself, and whatever hangs together with them without crossing it.
    std::vector<char> left(faces, 0), right(faces, 0);
    const planar::Graph& g = map->graph();
    const auto runs = [&](std::size_t edge) {
        // -1 none of the stroke and its ends; 0 an end; 1 along it, 2 against it.
        int found = -1;
        for (int k = 0; k < g.edges[edge].count; ++k) {
            const planar::Source& s = g.source(g.edges[edge], k);
            const int path = g.piece(s).path;
            if (path == strokeAt) return s.t0 < s.t1 ? 1 : 2;
            if (path > strokeAt) found = 0;
        }
        return found;
    };
    std::vector<int> kind(g.edges.size());
    for (std::size_t e = 0; e < g.edges.size(); ++e) {
        kind[e] = runs(e);
        if (kind[e] < 1) continue;
        const auto a = static_cast<std::size_t>(map->faceOf(static_cast<int>(2 * e))), b = static_cast<std::size_t>(map->faceOf(static_cast<int>(2 * e + 1)));
        (kind[e] == 1 ? left : right)[a] |= within[a];
        (kind[e] == 1 ? right : left)[b] |= within[b];
    }
    for (std::vector<char>* side : {&left, &right})
        for (bool again = true; again;) {
            again = false;
            for (std::size_t e = 0; e < g.edges.size(); ++e) {
                if (kind[e] >= 0) continue;
                const auto a = static_cast<std::size_t>(map->faceOf(static_cast<int>(2 * e))),
                           b = static_cast<std::size_t>(map->faceOf(static_cast<int>(2 * e + 1)));
                if (!within[a] || !within[b] || (*side)[a] == (*side)[b]) continue;
                (*side)[a] = (*side)[b] = 1;
                again = true;
            }
        }
    for (std::size_t f = 0; f < faces; ++f)
        if (left[f] && right[f]) return {}; // it parts nothing
    const double l = sizeOf(*map, left), r = sizeOf(*map, right);
    if (!(l > 0) || !(r > 0)) return {};
    return map->outline(((l <= r) != other) ? left : right);
}

} // namespace softrope::shade
