#include "curve/fit.h"

#include "curve/arcs.h"
#include "curve/before_blur.h"
#include "curve/fair.h"
#include "curve/foot.h"
#include "curve/prune.h"
#include "curve/quick_fit.h"
#include "curve/seed.h"
#include "curve/stray.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

namespace softrope::curve {

namespace {

Fit asDrawn(const std::vector<Vec2>& points, bool closed, std::size_t count)
{
    return {polyline(points, closed && points.size() > 2), 0, count};
}

// Largest distance of the raw points from the path: what is promised is what was handed in, not our resampling of it.
double furthestOff(const std::vector<Vec2>& points, const Path& path, const Chain& chain, const Samples& s)
{
    double worst = 0;
    if (points.size() * path.pieceCount() < 4'000'000) {
        // Most lie nearer to the piece in charge of them than the furthest so far: the others are not asked then.
        double walked = 0;
        for (std::size_t i = 0, k = 0; i < points.size(); ++i) {
            if (i > 0) walked += distance(points[i - 1], points[i]);
            double at = walked / s.step;
            // What comes before the first node of a ring belongs to the last piece.
            const bool beforeFirst = chain.closed && at < static_cast<double>(chain.nodes[0].sample);
            if (beforeFirst) at += static_cast<double>(s.count());
            while (!beforeFirst && k + 1 < chain.pieces.size() && at > static_cast<double>(runOf(chain, k, s).last)) ++k;
            const std::size_t piece = beforeFirst ? chain.pieces.size() - 1 : k;
            const Run run = runOf(chain, piece, s);
            const Cubic c = chain.cubic(piece);
            const double share = (at - static_cast<double>(run.first)) / static_cast<double>(std::max(1L, run.last - run.first));
            if (distance(curve::at(c, footNear(c, points[i], std::clamp(share, 0.0, 1.0))), points[i]) <= worst) continue;
            if (const auto n = nearest(path, points[i])) worst = std::max(worst, n->distance);
        }
        return worst;
    }
    const ChainSource source{s, std::vector<float>(s.points.size(), 1.0F)};
    for (std::size_t k = 0; k < chain.pieces.size(); ++k) worst = std::max(worst, errorOf(chain, k, source, true).furthest);
    return worst;
}

double within(const Chain& chain, const ChainSource& source)
{
    double worst = 0;
    for (std::size_t k = 0; k < chain.pieces.size(); ++k) worst = std::max(worst, errorOf(chain, k, source).furthest);
    return worst;
}

// Nodes, less one for each long straight: a straight is worth the node it may cost.
long burden(const Chain& c, double longFrom)
{
    long n = static_cast<long>(c.nodes.size());
    for (std::size_t k = 0; k < c.pieces.size(); ++k) n -= c.pieces[k].line && distance(c.nodes[k].at, c.nodes[c.next(k)].at) > longFrom;
    return n;
}

// Within slack before beyond it, then the lighter burden of nodes, then nearer.
bool isBetter(const Chain& a, const Chain& b, const ChainSource& source, const FitOptions& o)
{
    const double da = within(a, source), db = within(b, source);
    if ((da <= o.slack) != (db <= o.slack)) return da <= o.slack;
    const long na = burden(a, 40 * o.grain), nb = burden(b, 40 * o.grain);
    return na != nb ? na < nb : da < db;
}

} // namespace

namespace {

Fit fitOnce(const std::vector<Vec2>& raw, bool closed, const FitOptions& options)
{
    const std::vector<Vec2> points = cleaned(raw, closed);
    if (points.size() < 3) return asDrawn(points, false, raw.size());
    Samples s = evenly(points, closed, options.spacing);
    if (s.count() < (closed ? 8 : 4)) return asDrawn(points, closed, raw.size());
    const double noise = noiseOf(s, 5 * options.grain);
    std::vector<Corner> corners = findCorners(s, {options.grain, options.rounding, options.cornerFrom, showsCorners(options.blur) ? 0 : options.blur});
    if (options.blur > 0) corners = beforeBlur(s, corners, {options.blur, noise}, options.cornerFrom, options.smallestRound, options.cancelled);
    // Two beginnings, a careful and a daring one: neither is best on every line, the better result is kept. A line of many pieces is dear
    // to fit twice, and evens out over its length anyway. Where neither evenness nor every point counts (the borders of a photo's tones)
    // the daring one goes first: it leaves fewer nodes to try out, and on lines of more than a dozen pieces the other hardly ever won.
    const bool many = !options.fair && !options.strict;
    const std::array<double, 2> beginnings = many ? std::array{1.7, 0.85} : std::array{0.85, 1.7};
    const std::size_t oneIsEnough = many ? 14 : 40; // pieces
    std::optional<Chain> best;
    std::vector<float> bestWeight;
    for (const double daring : beginnings) {
        Seed start = seed(s, corners, options, noise, daring);
        Chain chain = std::move(start.chain);
        if (chain.pieces.empty() || (closed && chain.pieces.size() != chain.nodes.size())) continue;
        const ChainSource source{s, std::move(start.weight)};
        prune(chain, source, options, noise);
        if (options.cancelled && options.cancelled()) return asDrawn(points, closed, raw.size());
        if (!best || isBetter(chain, *best, source, options)) {
            best = std::move(chain);
            bestWeight = source.weight;
        }
        if (best->pieces.size() <= 2 || best->pieces.size() > oneIsEnough) break;
    }
    if (!best) return asDrawn(points, closed, raw.size());
    if (options.fair) makeFair(*best, {s, std::move(bestWeight)}, options);
    Fit result{toPath(*best), 0, raw.size()};
    result.furthest = furthestOff(points, result.path, *best, s);
    return result;
}

} // namespace

Fit fit(const std::vector<Vec2>& raw, bool closed, const FitOptions& options)
{
    // A long row is dear to fit with care (some 40 us a sample), and evens out over its length anyway.
    constexpr std::size_t carefulUpTo = 30000;
    if (options.quick || raw.size() > carefulUpTo) return quickFit(raw, closed, options);
    Fit best = fitOnce(raw, closed, options);
    FitOptions tighter = options;
    for (int attempt = 0; attempt < 3 && options.strict && best.furthest > options.slack && best.path.nodes.size() > 1; ++attempt) {
        if (options.cancelled && options.cancelled()) break;
        tighter.slack *= std::clamp(0.97 * options.slack / best.furthest, 0.6, 0.97);
        tighter.rounding *= 0.6;
        Fit again = fitOnce(raw, closed, tighter);
        if (again.furthest < best.furthest) best = std::move(again);
    }
    // (Long rows of many pieces are not looked through: each trial measures them anew.)
    if (options.arcs && !best.path.empty() && raw.size() * best.path.nodes.size() < 200000) {
        // Exact where it explains the samples as well as what it replaces.
        const auto error = [&](const Path& path) {
            double sum = 0, n = 0, furthest = 0;
            for (const Place& p : placesAlong(raw, path, options.slack)) {
                if (!std::isfinite(p.distance)) continue;
                sum += p.distance * p.distance;
                furthest = std::max(furthest, p.distance);
                ++n;
            }
            return std::pair{n > 0 ? std::sqrt(sum / n) : 0, furthest};
        };
        std::optional<std::pair<double, double>> before; // asked for only where there is an arc to be taken
        const WithArcs arcs = withExactArcs(best.path, options.slack, [&](const Path& path) {
            if (!before) before = error(best.path);
            const auto [rms, furthest] = *before;
            const auto [now, far] = error(path);
            return now <= 1.05 * rms + 0.01 * options.grain && far <= std::max(options.slack, furthest);
        });
        if (arcs.arcs > 0) {
            best.path = arcs.path;
            best.furthest = error(best.path).second;
        }
    }
    if (options.extremes) best.path = withNodesAtExtremes(best.path, 4 * options.grain);
    return best;
}

} // namespace softrope::curve
