#include "curve/reduce.h"

#include "curve/fit.h"
#include "curve/seed.h"

#include <algorithm>

namespace softrope::curve {

namespace {

// Points along the path about `step` px apart, nodes included.
std::vector<Vec2> sampled(const Path& path, double step)
{
    std::vector<Vec2> points;
    if (path.empty()) return points;
    points.push_back(path.nodes.front().at);
    for (std::size_t i = 0; i < path.pieceCount(); ++i) {
        const Cubic c = path.piece(i);
        if (isStraight(c)) {
            const int n = std::clamp(static_cast<int>(distance(c.p0, c.p3) / step), 1, 100000);
            for (int k = 1; k <= n; ++k) points.push_back(lerp(c.p0, c.p3, double(k) / n));
            continue;
        }
        const int n = std::clamp(static_cast<int>(arcLength(c) / step) + 1, 2, 100000);
        for (int k = 1; k <= n; ++k) points.push_back(at(c, double(k) / n));
    }
    if (path.closed && points.size() > 1) points.pop_back();
    return points;
}

// A polyline's vertices lie on the line that was meant; a node in the middle of a dense row does not shape it.
double typicalPiece(const Path& path)
{
    std::vector<double> lengths;
    for (std::size_t i = 0; i < path.pieceCount(); ++i) lengths.push_back(distance(path.piece(i).p0, path.piece(i).p3));
    if (lengths.empty()) return 1;
    std::nth_element(lengths.begin(), lengths.begin() + static_cast<long>(lengths.size() / 2), lengths.end());
    return lengths[lengths.size() / 2];
}

} // namespace

double furthestFrom(const Path& a, const Path& b, double step)
{
    double worst = 0;
    for (const Vec2 p : sampled(a, step))
        if (const auto n = nearest(b, p)) worst = std::max(worst, n->distance);
    return worst;
}

Reduced reduce(const Path& path, const ReduceOptions& options)
{
    Reduced same{path, 0};
    if (path.nodes.size() < 3 || !isFinite(path)) return same;
    const double length = arcLength(path);
    if (!(length > 0)) return same;
    FitOptions fitting;
    fitting.slack = options.slack;
    fitting.straights = options.straights;
    fitting.cancelled = options.cancelled;
    fitting.straightWithin = 0.6;
    fitting.strict = false; // measured below, both ways
    const double piece = typicalPiece(path);
    fitting.grain = std::clamp(0.3 * piece, 0.5, 2.0) * std::max(1.0, options.slack / 2);
    fitting.rounding = 0.6 * fitting.grain;
    fitting.spacing = std::clamp(length / 4e5, 0.4, 4.0);
    const std::vector<Vec2> points = sampled(path, fitting.spacing);
    double slack = options.slack;
    Reduced best = same;
    // What is promised is the distance both ways. Where a tip was taken for tremor, a finer look finds it.
    constexpr int attempts = 6;
    for (int attempt = 0; attempt < attempts; ++attempt) {
        fitting.slack = slack;
        Reduced r;
        r.path = fit(points, path.closed, fitting).path;
        r.furthest = std::max(furthestFrom(path, r.path), furthestFrom(r.path, path));
        if (r.path.nodes.size() >= path.nodes.size()) break;
        if (r.furthest <= options.slack) return r;
        slack *= 0.88;
        // Finer at first, for small shapes; at the end with the full window again, but nothing let off near corners.
        fitting.grain *= attempt + 2 < attempts ? 0.6 : 3;
        fitting.rounding = attempt + 2 < attempts ? 0.6 * fitting.grain : 0.1;
    }
    return best;
}

Path withoutNode(const Path& path, std::size_t i)
{
    Path out = path;
    const std::size_t n = path.nodes.size();
    if (n == 0 || i >= n) return path;
    out.nodes.erase(out.nodes.begin() + static_cast<long>(i));
    if (n < 3 || (!path.closed && (i == 0 || i + 1 == n))) {
        if (!out.closed && !out.nodes.empty()) {
            out.nodes.front().in = out.nodes.front().at;
            out.nodes.back().out = out.nodes.back().at;
        }
        return out;
    }
    const std::size_t before = (i + n - 1) % n;
    const Cubic a = path.piece(before), b = path.piece(i);
    Node& u = out.nodes[before > i ? before - 1 : before];
    Node& v = out.nodes[i % out.nodes.size()];
    if (isStraight(a) && isStraight(b)) return out;
    Path both;
    both.nodes = {path.nodes[before], path.nodes[i], path.nodes[(i + 1) % n]};
    const Samples s = evenly(sampled(both, std::max(arcLength(both) / 200, 1e-6)), false, std::max(arcLength(both) / 100, 1e-6));
    const double from = angleOf(startTangent(a)), to = angleOf(endTangent(b));
    const SpanFit f = fitSpan(s, {0, s.count() - 1}, u.at, from, v.at, to);
    u.out = u.at + direction(from) * f.a;
    v.in = v.at - direction(to) * f.b;
    return out;
}

} // namespace softrope::curve
