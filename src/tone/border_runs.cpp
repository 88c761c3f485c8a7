#include "tone/border_runs.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

namespace softrope::tone {

using curve::Cubic;
using curve::Node;
using curve::NodeKind;
using curve::Path;
using curve::Vec2;

namespace {

constexpr double straightOn = 30;      // degrees that a line may turn at a junction and still go on
constexpr std::size_t lookAhead = 6;   // crossings, which say where a border is going
constexpr std::size_t leastPoints = 6; // of a border that goes anywhere

struct End {
    int border = -1;
    bool atEnd = false;
};

bool isInner(const Border& b)
{
    return b.left != beyond && b.right != beyond;
}

Vec2 leaving(const Border& b, bool atEnd)
{
    const std::size_t n = b.points.size(), far = std::min(lookAhead, n - 1);
    return atEnd ? unit(b.points[n - 1 - far] - b.points[n - 1]) : unit(b.points[far] - b.points[0]);
}

// Whether all of a piece is farther from a place than that: it lies within the box of its control points.
bool beyondHull(const Cubic& c, Vec2 p, double distance)
{
    const auto [left, right] = std::minmax({c.p0.x, c.p1.x, c.p2.x, c.p3.x});
    const auto [top, bottom] = std::minmax({c.p0.y, c.p1.y, c.p2.y, c.p3.y});
    return std::max({left - p.x, p.x - right, top - p.y, p.y - bottom}) > distance;
}

// From one node of a path on to another, both included.
Path between(const std::vector<Node>& nodes, std::size_t first, std::size_t last)
{
    Path p;
    for (std::size_t k = first; k <= last; ++k) p.nodes.push_back(nodes[k % nodes.size()]);
    p.nodes.front().in = p.nodes.front().at;
    p.nodes.back().out = p.nodes.back().at;
    return p;
}

} // namespace

std::vector<BorderRun> runsOf(const RegionMap& map, const std::function<bool(const Border&, const Border&)>& alike)
{
    const auto border = [&](int k) -> const Border& { return map.borders[static_cast<std::size_t>(k)]; };
    std::vector<std::vector<End>> ends(map.junctions.size());
    for (std::size_t k = 0; k < map.borders.size(); ++k) {
        const Border& b = map.borders[k];
        if (b.from < 0) continue;
        ends[static_cast<std::size_t>(b.from)].push_back({static_cast<int>(k), false});
        ends[static_cast<std::size_t>(b.to)].push_back({static_cast<int>(k), true});
    }
    // By border, at its start and its end: what it goes on as.
    std::vector<std::array<End, 2>> on(map.borders.size());
    for (const std::vector<End>& here : ends) {
        double least = curve::radians(straightOn);
        std::pair<End, End> best;
        for (std::size_t i = 0; i < here.size(); ++i)
            for (std::size_t j = i + 1; j < here.size(); ++j) {
                const Border &a = border(here[i].border), &b = border(here[j].border);
                if (!isInner(a) || !isInner(b) || here[i].border == here[j].border || a.points.size() < leastPoints || b.points.size() < leastPoints ||
                    !alike(a, b))
                    continue;
                const double turned = std::abs(curve::turn(-leaving(a, here[i].atEnd), leaving(b, here[j].atEnd)));
                if (turned < least) {
                    least = turned;
                    best = {here[i], here[j]};
                }
            }
        if (best.first.border < 0) continue;
        on[static_cast<std::size_t>(best.first.border)][best.first.atEnd] = best.second;
        on[static_cast<std::size_t>(best.second.border)][best.second.atEnd] = best.first;
    }
    std::vector<BorderRun> runs;
    std::vector<char> used(map.borders.size(), 0);
    const auto walk = [&](int from, bool back, bool ring) {
        BorderRun run;
        run.closed = ring;
        for (End at{from, !back}; at.border >= 0 && !used[static_cast<std::size_t>(at.border)];) {
            used[static_cast<std::size_t>(at.border)] = 1;
            run.parts.push_back({at.border, !at.atEnd});
            const End next = on[static_cast<std::size_t>(at.border)][at.atEnd];
            at = {next.border, !next.atEnd};
        }
        runs.push_back(std::move(run));
    };
    for (std::size_t k = 0; k < map.borders.size(); ++k) {
        if (!isInner(map.borders[k]) || used[k]) continue;
        if (on[k][0].border < 0)
            walk(static_cast<int>(k), false, false);
        else if (on[k][1].border < 0)
            walk(static_cast<int>(k), true, false);
    }
    for (std::size_t k = 0; k < map.borders.size(); ++k) // what is left goes round
        if (isInner(map.borders[k]) && !used[k]) walk(static_cast<int>(k), false, map.borders[k].from >= 0);
    return runs;
}

std::vector<Path> partsAt(const Path& path, const std::vector<Vec2>& places, double near)
{
    Path cut = path; // with a node at every place
    std::vector<Node>& nodes = cut.nodes;
    std::vector<std::size_t> cuts;
    for (const Vec2 p : places) {
        std::optional<curve::Place> best;
        for (std::size_t k = cuts.empty() ? 0 : cuts.back(); k < cut.pieceCount(); ++k) {
            const Cubic piece = cut.piece(k);
            if (best && beyondHull(piece, p, best->distance)) continue;
            const curve::NearestOnCubic n = curve::nearest(piece, p);
            if (!best || n.distance < best->distance) best = curve::Place{k, n.t, n.point, n.distance};
        }
        if (!best) return {};
        const std::size_t k = best->piece, next = (k + 1) % nodes.size();
        const bool firstOfRing = path.closed && cuts.empty();
        std::size_t at = k + 1;
        if (distance(best->point, nodes[k].at) < near) {
            at = k;
        } else if (distance(best->point, nodes[next].at) < near) {
            at = firstOfRing ? next : k + 1;
        } else {
            const curve::Halves h = curve::split(cut.piece(k), best->t);
            nodes[k].out = h.first.p1;
            nodes[next].in = h.second.p2;
            nodes.insert(nodes.begin() + static_cast<std::ptrdiff_t>(k) + 1, Node{h.first.p3, h.first.p2, h.second.p1, NodeKind::smooth});
        }
        if (firstOfRing) { // it begins at its first place
            std::rotate(nodes.begin(), nodes.begin() + static_cast<std::ptrdiff_t>(at), nodes.end());
            at = 0;
        } else if (at >= nodes.size() || (!path.closed && (at == 0 || at + 1 == nodes.size())) || (!cuts.empty() && at <= cuts.back())) {
            return {};
        }
        cuts.push_back(at);
    }
    std::vector<Path> parts;
    if (path.closed) {
        for (std::size_t k = 0; k < cuts.size(); ++k) parts.push_back(between(nodes, cuts[k], k + 1 < cuts.size() ? cuts[k + 1] : cuts.front() + nodes.size()));
        return parts;
    }
    for (std::size_t k = 0; k <= cuts.size(); ++k) parts.push_back(between(nodes, k > 0 ? cuts[k - 1] : 0, k < cuts.size() ? cuts[k] : nodes.size() - 1));
    return parts;
}

std::optional<Cubic> whole(const Cubic& first, const Cubic& second)
{
    const double a = distance(first.p2, first.p3), b = distance(second.p0, second.p1);
    if (!(a > 0) || !(b > 0)) return std::nullopt;
    // De Casteljau's construction, read backwards.
    const double t = a / (a + b);
    const Cubic c{first.p0, first.p0 + (first.p1 - first.p0) / t, second.p3 + (second.p2 - second.p3) / (1 - t), second.p3};
    const curve::Halves h = curve::split(c, t);
    constexpr double same = 1e-6; // px
    for (const auto& [x, y] : {std::pair{h.first.p2, first.p2}, {h.first.p3, first.p3}, {h.second.p1, second.p1}})
        if (!(distance(x, y) < same)) return std::nullopt;
    return c;
}

} // namespace softrope::tone
