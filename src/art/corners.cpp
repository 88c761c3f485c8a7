#include "art/edits.h"

#include <algorithm>

namespace softrope::art {

namespace {

std::size_t nearestCorner(const curve::Path& path, const std::vector<std::size_t>& corners, curve::Vec2 p)
{
    std::size_t best = corners.front();
    for (const std::size_t k : corners)
        if (distance(path.nodes[k].at, p) < distance(path.nodes[best].at, p)) best = k;
    return best;
}

// The paths with sharp corners, and the radii so far.
Rounding basisOf(const Artwork& a)
{
    if (a.rounding()) return *a.rounding();
    Rounding r;
    r.before = a.paths;
    r.radii.resize(a.paths.size());
    return r;
}

double radiusAt(const std::vector<curve::CornerRadius>& radii, std::size_t node)
{
    for (const curve::CornerRadius& c : radii)
        if (c.node == node) return c.radius;
    return 0;
}

} // namespace

Rounded withRoundCorners(const Document& d, Id item, const std::vector<NodeRef>& nodes, double radius)
{
    Rounded out{d};
    const Item* i = d.item(item);
    const Artwork* a = i ? i->artwork() : nullptr;
    if (!a || !(radius >= 0)) return out;
    Rounding r = basisOf(*a);
    for (std::size_t p = 0; p < r.before.size(); ++p) {
        const std::vector<std::size_t> corners = curve::cornerNodes(r.before[p]);
        if (corners.empty()) continue;
        std::vector<std::size_t> meant;
        if (nodes.empty()) meant = corners;
        for (const NodeRef n : nodes)
            if (n.path == p && n.node < a->paths[p].nodes.size()) meant.push_back(nearestCorner(r.before[p], corners, a->paths[p].nodes[n.node].at));
        for (const std::size_t k : meant) {
            auto& radii = r.radii[p];
            radii.erase(std::remove_if(radii.begin(), radii.end(), [&](const curve::CornerRadius& c) { return c.node == k; }), radii.end());
            if (radius > 0) radii.push_back({k, radius});
        }
    }
    curve::Paths paths;
    bool any = false;
    for (std::size_t p = 0; p < r.before.size(); ++p) {
        const curve::RoundedPath rounded = curve::withRoundCorners(r.before[p], r.radii[p]);
        out.corners += rounded.used.size();
        for (const curve::CornerRadius& c : rounded.used) out.limited += c.radius < radiusAt(r.radii[p], c.node) * (1 - 1e-6) ? 1 : 0;
        any = any || !r.radii[p].empty();
        paths.push_back(rounded.path);
    }
    const Edited e = any ? withDerived(d, item, std::move(paths), shared(std::move(r))) : withDerived(d, item, std::move(paths), {});
    out.document = e.document;
    out.why = e.why;
    return out;
}

double cornerRadiusOf(const Artwork& a, const std::vector<NodeRef>& nodes)
{
    if (!a.rounding()) return 0;
    const Rounding& r = *a.rounding();
    double most = 0;
    for (std::size_t p = 0; p < r.before.size(); ++p) {
        if (nodes.empty())
            for (const curve::CornerRadius& c : r.radii[p]) most = std::max(most, c.radius);
        const std::vector<std::size_t> corners = curve::cornerNodes(r.before[p]);
        if (corners.empty()) continue;
        for (const NodeRef n : nodes)
            if (n.path == p && n.node < a.paths[p].nodes.size())
                most = std::max(most, radiusAt(r.radii[p], nearestCorner(r.before[p], corners, a.paths[p].nodes[n.node].at)));
    }
    return most;
}

} // namespace softrope::art
