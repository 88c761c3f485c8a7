#include "curve/comb.h"

#include "curve/fit.h"
#include "curve/reduce.h"
#include "curve/samples.h"

#include <algorithm>
#include <cmath>

namespace softrope::curve {

std::vector<Whisker> combOf(const Cubic& c, double step)
{
    std::vector<Whisker> row;
    if (isStraight(c)) return row;
    const int n = std::clamp(static_cast<int>(distance(c.p0, c.p3) / std::max(step, 1e-6)), 6, 400);
    for (int i = 0; i <= n; ++i) {
        const double t = static_cast<double>(i) / n, bend = curvature(c, t);
        if (!std::isfinite(bend)) continue;
        const Vec2 side = perpendicular(unit(derivative(c, t)));
        row.push_back({at(c, t), bend > 0 ? -side : side, std::abs(bend)});
    }
    return row;
}

std::vector<Vec2> inflectionsOf(const Path& path, double flat)
{
    constexpr int looks = 32;
    std::vector<Vec2> found;
    double last = 0;
    for (std::size_t k = 0; k < path.pieceCount(); ++k) {
        const Cubic c = path.piece(k);
        if (k > 0 && path.nodes[k].kind == NodeKind::corner) last = 0;
        if (isStraight(c)) {
            last = 0;
            continue;
        }
        const double chord = std::max(1e-6, distance(c.p0, c.p3));
        const double least = 8 * flat / (chord * chord);
        for (int i = 0; i <= looks; ++i) {
            const double t = 0.01 + 0.98 * i / looks, bend = curvature(c, t);
            if (!(std::abs(bend) > least)) continue;
            if (last * bend < 0) found.push_back(at(c, t));
            last = bend;
        }
    }
    return found;
}

namespace {

bool isTurn(const Path& path, std::size_t k)
{
    const std::size_t n = path.nodes.size();
    if (!path.closed && (k == 0 || k + 1 == n)) return true;
    return path.nodes[k].kind == NodeKind::corner && std::abs(turn(endTangent(path.piece((k + n - 1) % n)), startTangent(path.piece(k)))) > radians(4);
}

// How much the curvature changes along the stretch, in all: 0 for a straight and an arc.
double unevenness(const Path& part)
{
    constexpr int looks = 32;
    double sum = 0, last = 0;
    for (std::size_t k = 0; k < part.pieceCount(); ++k)
        for (int i = 0; i <= looks; ++i) {
            const double bend = curvature(part.piece(k), 0.01 + 0.98 * i / looks);
            if (!std::isfinite(bend)) continue;
            if (k + static_cast<std::size_t>(i) > 0) sum += std::abs(bend - last);
            last = bend;
        }
    return sum;
}

// One stretch between corners, fitted anew; as it was where that is no better.
Path evened(const Path& part, double slack)
{
    bool bends = false;
    for (std::size_t k = 0; k < part.pieceCount(); ++k) bends = bends || !isStraight(part.piece(k));
    if (!bends) return part;
    FitOptions o;
    o.slack = slack;
    o.grain = std::max(0.5, slack);
    o.rounding = 0.1;
    o.cornerFrom = radians(170); // its ends are all the corners there are
    o.spacing = std::clamp(arcLength(part) / 4e4, 0.4, 4.0);
    std::vector<Vec2> line = flatten(part, 0.02);
    if (part.closed && line.size() > 1) line.pop_back();
    Path made = fit(evenly(line, part.closed, o.spacing).points, part.closed, o).path;
    if (made.nodes.size() < 2) return part;
    if (!part.closed) {
        // The ends are not the fit's to move.
        const auto shift = [](Node& n, Vec2 to) {
            const Vec2 by = to - n.at;
            n.at += by;
            n.in += by;
            n.out += by;
        };
        shift(made.nodes.front(), part.nodes.front().at);
        shift(made.nodes.back(), part.nodes.back().at);
    }
    const double off = std::max(furthestFrom(part, made), furthestFrom(made, part));
    const std::size_t before = inflectionsOf(part).size(), after = inflectionsOf(made).size();
    if (off > slack || after > before) return part;
    // Each time it is asked for there is slack anew: without a gain worth it the line would wander.
    constexpr double gain = 0.9;
    const bool better = after < before || made.nodes.size() < part.nodes.size() || unevenness(made) < gain * unevenness(part);
    return better ? made : part;
}

} // namespace

Fairer fairer(const Path& path, double slack)
{
    Fairer out{path, 0, inflectionsOf(path).size(), 0};
    out.after = out.before;
    const std::size_t n = path.nodes.size();
    if (n < 2 || !isFinite(path) || !(slack > 0)) return out;
    std::vector<std::size_t> cuts;
    for (std::size_t k = 0; k < n; ++k)
        if (isTurn(path, k)) cuts.push_back(k);
    Path made;
    made.closed = path.closed;
    if (cuts.empty()) {
        made = evened(path, slack);
    } else {
        if (path.closed) cuts.push_back(cuts.front() + n);
        for (std::size_t i = 0; i + 1 < cuts.size(); ++i) {
            Path part;
            for (std::size_t k = cuts[i]; k <= cuts[i + 1]; ++k) part.nodes.push_back(path.nodes[k % n]);
            part = evened(part, slack);
            if (made.nodes.empty()) {
                made.nodes = part.nodes;
            } else {
                made.nodes.back().out = part.nodes.front().out;
                made.nodes.back().kind = NodeKind::corner;
                made.nodes.insert(made.nodes.end(), part.nodes.begin() + 1, part.nodes.end());
            }
        }
        if (path.closed && made.nodes.size() > 1) {
            made.nodes.front().in = made.nodes.back().in;
            made.nodes.front().kind = NodeKind::corner;
            made.nodes.pop_back();
        } else if (!path.closed) {
            made.nodes.front().in = path.nodes.front().in;
            made.nodes.back().out = path.nodes.back().out;
        }
    }
    out.furthest = std::max(furthestFrom(path, made), furthestFrom(made, path));
    if (out.furthest > slack) return {path, 0, out.before, out.before};
    out.after = inflectionsOf(made).size();
    out.path = std::move(made);
    return out;
}

} // namespace softrope::curve
