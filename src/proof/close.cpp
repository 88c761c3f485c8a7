#include "proof/close.h"

#include "curve/edit.h"

#include <algorithm>

namespace softrope::proof {

using curve::Path;
using curve::Vec2;

namespace {

constexpr double endNear = 3; // px: a strip that ends this near a node ends at it
constexpr double across = 1;  // px: further off it is not the border of the strip

std::optional<std::size_t> pathAt(const curve::Paths& paths, Vec2 p, double unit)
{
    std::optional<std::size_t> best;
    double least = across * unit;
    for (std::size_t k = 0; k < paths.size(); ++k)
        if (const auto n = curve::nearest(paths[k], p); n && n->distance < least) {
            least = n->distance;
            best = k;
        }
    return best;
}

std::optional<std::size_t> nodeNear(const Path& path, Vec2 p, double unit)
{
    std::optional<std::size_t> best;
    double least = endNear * unit;
    for (std::size_t i = 0; i < path.nodes.size(); ++i)
        if (const double d = distance(path.nodes[i].at, p); d < least) {
            least = d;
            best = i;
        }
    return best;
}

// The node nearest to p, made there when the nearest is further than where a strip ends.
std::size_t withNodeNear(Path& path, Vec2 p, double unit)
{
    if (const auto node = nodeNear(path, p, unit)) return *node;
    const auto place = curve::nearest(path, p);
    if (!place) return 0;
    const curve::Inserted in = curve::withNodeAt(path, *place);
    path = in.path;
    return in.node;
}

// Both outlines with a node at that end of the strip: at a node of the one that moves, else at one of the other, else where it was
// found. Where the nodes lie now.
std::pair<Vec2, Vec2> endBoth(Path& mine, Path& theirs, Vec2 end, double unit)
{
    if (!nodeNear(mine, end, unit))
        if (const auto node = nodeNear(theirs, end, unit)) end = theirs.nodes[*node].at;
    const Vec2 at = mine.nodes[withNodeNear(mine, end, unit)].at;
    return {at, theirs.nodes[withNodeNear(theirs, at, unit)].at};
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

std::optional<curve::Paths> withSliverClosed(const curve::Paths& moved, const curve::Paths& kept, Vec2 from, Vec2 middle, Vec2 to, double unit)
{
    const auto mk = pathAt(moved, middle, unit), kk = pathAt(kept, middle, unit);
    if (!mk || !kk || !moved[*mk].closed || !kept[*kk].closed || distance(from, to) < endNear * unit) return std::nullopt;
    Path mine = moved[*mk], theirs = kept[*kk];
    const auto [mFrom, kFrom] = endBoth(mine, theirs, from, unit);
    const auto [mTo, kTo] = endBoth(mine, theirs, to, unit);
    const auto indexOf = [](const Path& p, Vec2 at) {
        return static_cast<std::size_t>(
            std::min_element(p.nodes.begin(), p.nodes.end(), [&](const auto& a, const auto& b) { return distance(a.at, at) < distance(b.at, at); }) -
            p.nodes.begin());
    };
    const std::size_t a = indexOf(mine, mFrom), b = indexOf(mine, mTo), c = indexOf(theirs, kFrom), d = indexOf(theirs, kTo);
    if (a == b || c == d || distance(mine.nodes[a].at, theirs.nodes[c].at) > across * unit || distance(mine.nodes[b].at, theirs.nodes[d].at) > across * unit)
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
