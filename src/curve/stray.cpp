#include "curve/stray.h"

#include <algorithm>

namespace softrope::curve {

std::vector<Place> placesAlong(const std::vector<Vec2>& samples, const Path& path, double expected)
{
    std::vector<Place> out;
    const std::size_t pieces = path.pieceCount();
    if (pieces == 0) return out;
    out.reserve(samples.size());
    std::vector<Cubic> cubics;
    std::vector<Box> boxes;
    for (std::size_t k = 0; k < pieces; ++k) {
        cubics.push_back(path.piece(k));
        boxes.push_back(bounds(cubics.back()));
    }
    Place last;
    last.distance = std::numeric_limits<double>::infinity();
    for (const Vec2 p : samples) {
        if (!isFinite(p)) {
            out.push_back(last);
            continue;
        }
        Place best;
        best.distance = std::numeric_limits<double>::infinity();
        const auto look = [&](std::size_t k) {
            if (distance(boxes[k], p) >= best.distance) return;
            const NearestOnCubic n = nearest(cubics[k], p);
            if (n.distance < best.distance) best = {k, n.t, n.point, n.distance};
        };
        look(last.piece);
        if (last.t > 0.7) look((last.piece + 1) % pieces);
        if (last.t < 0.3) look((last.piece + pieces - 1) % pieces);
        if (best.distance > expected)
            for (std::size_t k = 0; k < pieces; ++k) look(k);
        out.push_back(best);
        last = best;
    }
    return out;
}

} // namespace softrope::curve
