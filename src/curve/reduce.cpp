#include "curve/reduce.h"

#include "curve/apex.h"
#include "curve/fair_span.h"
#include "curve/fit.h"

#include <algorithm>
#include <limits>
#include <optional>

namespace softrope::curve {

namespace {

namespace tuned {
constexpr double finer = 0.6; // of the slack, where the whole of it makes hooks,
constexpr int finerLooks = 2; // so often
constexpr double hardly = radians(1);
constexpr double trembling = 0.1; // of the nodes change sides
} // namespace tuned

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

namespace {

double signedTurnAt(const Path& path, std::size_t k)
{
    const std::size_t n = path.nodes.size();
    if (!path.closed && (k == 0 || k + 1 == n)) return 0;
    const std::size_t pieces = path.pieceCount();
    return turn(endTangent(path.piece((k + pieces - 1) % pieces)), startTangent(path.piece(k)));
}
double turnAtNode(const Path& path, std::size_t k)
{
    return std::abs(signedTurnAt(path, k));
}

// At many nodes it turns to the other side than before: what is small about it is not meant.
bool trembles(const Path& path)
{
    std::size_t changed = 0;
    double before = 0;
    for (std::size_t k = 0; k < path.nodes.size(); ++k) {
        const double now = signedTurnAt(path, k);
        if (std::abs(now) < tuned::hardly) continue;
        changed += now * before < 0;
        before = now;
    }
    return static_cast<double>(changed) > tuned::trembling * static_cast<double>(path.nodes.size());
}

// Nodes that are corners beyond doubt: on a line that otherwise hardly turns at its nodes, they turn several times as much
// as the nodes round about. A trembling line has none; there the fit decides.
std::vector<std::size_t> plainCorners(const Path& path)
{
    std::vector<std::size_t> out;
    const std::size_t n = path.nodes.size();
    if (n < 8) return out;
    std::vector<double> turns;
    for (std::size_t k = 0; k < n; ++k) turns.push_back(turnAtNode(path, k));
    std::vector<double> sorted = turns;
    std::nth_element(sorted.begin(), sorted.begin() + static_cast<long>(n / 2), sorted.end());
    if (sorted[n / 2] > radians(5)) return out;
    for (std::size_t k = 0; k < n; ++k) {
        if (turns[k] < radians(18)) continue;
        std::vector<double> about;
        for (long d = -4; d <= 4; ++d) {
            const long j = static_cast<long>(k) + d, m = static_cast<long>(n);
            if (d == 0 || (!path.closed && (j < 0 || j >= m))) continue;
            about.push_back(turns[static_cast<std::size_t>(((j % m) + m) % m)]);
        }
        if (about.empty()) continue;
        // The most but one of the neighbours: another corner may stand near by.
        std::sort(about.begin(), about.end());
        if (turns[k] > 3 * about[about.size() > 2 ? about.size() - 2 : 0]) out.push_back(k);
    }
    return out;
}

// Nodes first..last (wrapping) as an open path.
Path stretchOf(const Path& path, std::size_t first, std::size_t last)
{
    Path out;
    const std::size_t n = path.nodes.size();
    for (std::size_t k = first;; k = (k + 1) % n) {
        out.nodes.push_back(path.nodes[k]);
        if (k == last && out.nodes.size() > 1) break;
    }
    out.nodes.front().in = out.nodes.front().at;
    out.nodes.back().out = out.nodes.back().at;
    return out;
}

Reduced reduceWhole(const Path& path, const ReduceOptions& options);

} // namespace

Reduced reduce(const Path& path, const ReduceOptions& options)
{
    if (path.nodes.size() < 3 || !isFinite(path)) return {path, 0};
    const std::vector<std::size_t> corners = plainCorners(path);
    if (corners.empty()) return reduceWhole(path, options);
    // Corner to corner, each stretch by itself; corners stay exactly where they are.
    std::vector<std::size_t> cuts = corners;
    if (path.closed)
        cuts.push_back(corners.front());
    else {
        if (cuts.front() != 0) cuts.insert(cuts.begin(), 0);
        if (cuts.back() + 1 != path.nodes.size()) cuts.push_back(path.nodes.size() - 1);
    }
    Reduced out;
    out.path.closed = path.closed;
    for (std::size_t i = 0; i + 1 < cuts.size(); ++i) {
        const Reduced part = reduceWhole(stretchOf(path, cuts[i], cuts[i + 1]), options);
        out.furthest = std::max(out.furthest, part.furthest);
        auto& nodes = out.path.nodes;
        if (nodes.empty()) {
            nodes = part.path.nodes;
        } else {
            nodes.back().out = part.path.nodes.front().out;
            nodes.back().kind = NodeKind::corner;
            nodes.insert(nodes.end(), part.path.nodes.begin() + 1, part.path.nodes.end());
        }
    }
    if (path.closed && out.path.nodes.size() > 1) {
        out.path.nodes.front().in = out.path.nodes.back().in;
        out.path.nodes.front().kind = NodeKind::corner;
        out.path.nodes.pop_back();
    }
    return out;
}

namespace {

// With nodes at the apexes of what was reduced, where it still has fewer than before.
Reduced held(const Reduced& r, const Path& before, double slack)
{
    Reduced out;
    out.path = withApexNodes(r.path, (slack - r.furthest) / 2);
    if (out.path.nodes.size() >= before.nodes.size()) return r;
    out.furthest = std::max(furthestFrom(before, out.path), furthestFrom(out.path, before));
    return out.furthest <= slack ? out : r;
}

Reduced reduceWhole(const Path& path, const ReduceOptions& options)
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
    std::optional<Reduced> best;
    std::size_t fewest = std::numeric_limits<std::size_t>::max();
    const bool trembling = trembles(path);
    int finer = 0;
    // What is promised is the distance both ways. Where a tip was taken for tremor, a finer look finds it.
    constexpr int attempts = 6;
    for (int attempt = 0; attempt < attempts; ++attempt) {
        fitting.slack = slack;
        Reduced r;
        r.path = fit(points, path.closed, fitting).path;
        r.furthest = std::max(furthestFrom(path, r.path), furthestFrom(r.path, path));
        if (r.path.nodes.size() >= path.nodes.size()) break;
        if (r.furthest <= options.slack) {
            // Slack that loses small rounds is too much for them.
            const std::size_t n = hooks(r.path, options.slack);
            if (n < fewest) {
                fewest = n;
                best = std::move(r);
            }
            if (trembling) return *best;
            if (n == 0 || ++finer > tuned::finerLooks) return held(*best, path, options.slack);
            slack *= tuned::finer;
            fitting.grain *= tuned::finer;
            fitting.rounding = tuned::finer * fitting.grain;
            continue;
        }
        slack *= 0.88;
        // Finer at first, for small shapes; at the end with the full window again, but nothing let off near corners.
        fitting.grain *= attempt + 2 < attempts ? 0.6 : 3;
        fitting.rounding = attempt + 2 < attempts ? 0.6 * fitting.grain : 0.1;
    }
    return best ? held(*best, path, options.slack) : same;
}

} // namespace

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
    constexpr double slack = 1; // px
    const SpanFit f = fairSpan(s, {0, s.count() - 1}, u.at, from, v.at, to, meetingOf(path, before, (i + 1) % n), slack);
    u.out = u.at + direction(from) * f.a;
    v.in = v.at - direction(to) * f.b;
    return out;
}

} // namespace softrope::curve
