#include "proof/close.h"

#include "curve/edit.h"

#include <algorithm>

namespace softrope::proof {

using curve::Path;
using curve::Vec2;

namespace {

constexpr double nodeNear = 3; // px: a strip that ends this near a node ends at it
constexpr double across = 1;   // px: further off it is not the border of the strip

std::optional<std::size_t> pathAt(const curve::Paths& paths, Vec2 p)
{
    std::optional<std::size_t> best;
    double least = across;
    for (std::size_t k = 0; k < paths.size(); ++k)
        if (const auto n = curve::nearest(paths[k], p); n && n->distance < least) {
            least = n->distance;
            best = k;
        }
    return best;
}

struct Ended {
    Path path;
    std::size_t node = 0;
};
// With a node where the strip ends.
Ended endedAt(const Path& path, Vec2 p)
{
    std::optional<std::size_t> best;
    double least = nodeNear;
    for (std::size_t i = 0; i < path.nodes.size(); ++i)
        if (const double d = distance(path.nodes[i].at, p); d < least) {
            least = d;
            best = i;
        }
    if (best) return {path, *best};
    const auto place = curve::nearest(path, p);
    if (!place) return {path, 0};
    const curve::Inserted in = curve::withNodeAt(path, *place);
    return {in.path, in.node};
}

// From node to node in the direction of travel.
Path stretch(const Path& path, std::size_t from, std::size_t to)
{
    Path out;
    for (std::size_t k = from;; k = (k + 1) % path.nodes.size()) {
        out.nodes.push_back(path.nodes[k]);
        if (k == to && out.nodes.size() > 1) break;
        if (out.nodes.size() > path.nodes.size()) break;
    }
    return out;
}

double offBy(const Path& path, Vec2 p)
{
    const auto n = curve::nearest(path, p);
    return n ? n->distance : 1e300;
}

} // namespace

std::optional<curve::Paths> withSliverClosed(const curve::Paths& moved, const curve::Paths& kept, Vec2 from, Vec2 middle, Vec2 to)
{
    const auto mk = pathAt(moved, middle), kk = pathAt(kept, middle);
    if (!mk || !kk || !moved[*mk].closed || !kept[*kk].closed || distance(from, to) < nodeNear) return std::nullopt;
    // Both with nodes at the ends of the strip.
    Ended m0 = endedAt(moved[*mk], from);
    const Vec2 mFrom = m0.path.nodes[m0.node].at;
    Ended m1 = endedAt(m0.path, to);
    const Path mine = m1.path;
    const Vec2 mTo = mine.nodes[m1.node].at;
    Ended k0 = endedAt(kept[*kk], mFrom);
    const Vec2 kFrom = k0.path.nodes[k0.node].at;
    Ended k1 = endedAt(k0.path, mTo);
    const Path theirs = k1.path;
    const auto indexOf = [](const Path& p, Vec2 at) {
        return static_cast<std::size_t>(
            std::min_element(p.nodes.begin(), p.nodes.end(), [&](const auto& a, const auto& b) { return distance(a.at, at) < distance(b.at, at); }) -
            p.nodes.begin());
    };
    const std::size_t a = indexOf(mine, mFrom), b = m1.node, c = indexOf(theirs, kFrom), d = k1.node;
    if (a == b || c == d || distance(mine.nodes[a].at, theirs.nodes[c].at) > across || distance(mine.nodes[b].at, theirs.nodes[d].at) > across)
        return std::nullopt;

    Path border = stretch(theirs, c, d);
    if (const Path other = curve::reversed(stretch(theirs, d, c)); offBy(other, middle) < offBy(border, middle)) border = other;
    // What stays of the moved one runs from the end of the strip back to its start.
    Path rest = stretch(mine, b, a);
    if (offBy(stretch(mine, a, b), middle) > offBy(rest, middle)) {
        // Travelled the other way.
        rest = curve::reversed(stretch(mine, a, b));
    }
    const auto put = [](curve::Node& n, Vec2 at) {
        const Vec2 by = at - n.at;
        n.at += by;
        n.in += by;
        n.out += by;
    };
    put(rest.nodes.front(), border.nodes.back().at);
    put(rest.nodes.back(), border.nodes.front().at);
    Path out;
    out.closed = true;
    out.nodes = border.nodes;
    out.nodes.back().out = rest.nodes.front().out;
    out.nodes.front().in = rest.nodes.back().in;
    out.nodes.insert(out.nodes.end(), rest.nodes.begin() + 1, rest.nodes.end() - 1);
    for (const std::size_t k : {std::size_t{0}, border.nodes.size() - 1}) {
        curve::Node& n = out.nodes[k];
        n.kind = n.in != n.at && n.out != n.at && std::abs(turn(n.at - n.in, n.out - n.at)) < curve::radians(0.5) ? curve::NodeKind::smooth
                                                                                                                  : curve::NodeKind::corner;
    }
    curve::Paths all = moved;
    all[*mk] = std::move(out);
    return all;
}

} // namespace softrope::proof
