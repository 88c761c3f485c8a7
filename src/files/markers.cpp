#include "files/markers.h"

#include <cmath>

namespace softrope::files {

using curve::Path;
using curve::Vec2;

namespace {

// Of travel into and out of a node; zero where there is none.
struct Ways {
    Vec2 in, out;
};

Ways waysAt(const Path& p, std::size_t node)
{
    const std::size_t n = p.nodes.size(), pieces = p.pieceCount();
    Ways w;
    // A piece without length has the direction of the next one that has some (SVG 1.1, appendix F.5).
    for (std::size_t k = 0; k < pieces && w.out == Vec2{}; ++k) {
        if (!p.closed && node + k >= pieces) break;
        w.out = startTangent(p.piece((node + k) % pieces));
    }
    for (std::size_t k = 1; k <= pieces && w.in == Vec2{}; ++k) {
        if (!p.closed && node < k) break;
        w.in = endTangent(p.piece((node + n - k) % n));
    }
    return w;
}

double angleOf(const Ways& w)
{
    if (w.in == Vec2{} && w.out == Vec2{}) return 0;
    const Vec2 one = w.in == Vec2{} ? w.out : w.in, other = w.out == Vec2{} ? w.in : w.out;
    const double a = std::atan2(one.y, one.x), b = std::atan2(other.y, other.x);
    return a + 0.5 * std::remainder(b - a, 2 * curve::pi);
}

} // namespace

std::vector<MarkerPlace> markerPlaces(const curve::Paths& paths)
{
    std::vector<MarkerPlace> out;
    for (const Path& p : paths) {
        for (std::size_t k = 0; k < p.nodes.size(); ++k) out.push_back({MarkerPlace::At::middle, p.nodes[k].at, angleOf(waysAt(p, k))});
        if (p.closed && p.nodes.size() > 1) out.push_back({MarkerPlace::At::middle, p.nodes.front().at, angleOf(waysAt(p, 0))});
    }
    if (out.empty()) return out;
    out.front().at = MarkerPlace::At::start;
    if (out.size() > 1) {
        out.back().at = MarkerPlace::At::end;
    } else {
        out.push_back(out.front()); // a line of one point has all three
        out.back().at = MarkerPlace::At::end;
    }
    return out;
}

} // namespace softrope::files
