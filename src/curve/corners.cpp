#include "curve/corners.h"

#include "curve/blurred_corner.h"

#include <algorithm>
#include <array>

namespace softrope::curve {

namespace {

struct Candidate {
    Corner corner;
    double weight = 0;
};

// Whether the turn from u to v is no more than that from (1, 0) to `most`, a direction: told by the sine of what is missing.
bool turnsLess(Vec2 u, Vec2 v, Vec2 most)
{
    return most.y * dot(u, v) >= most.x * std::abs(cross(u, v));
}

// The two sides drawn on to sample i, or a turn of zero where the window does not fit or the sides are not clean.
Candidate judge(const Samples& s, LocalFits& fits, long i, long gap, long span, double cleanliness)
{
    Candidate c;
    c.corner.index = i;
    const long n = s.count();
    if (!s.closed && (i - gap - span < 0 || i + gap + span >= n)) return c;
    if (s.closed && 2 * (gap + span) >= n) return c;
    const auto here = static_cast<double>(i);
    const LocalFit lq = fits.at(i - gap - span, here), rq = fits.at(i + gap, here);
    if (lq.residual > cleanliness || rq.residual > cleanliness) return c;
    const double tq = turn(lq.tangent, rq.tangent), tl = turn(lq.way, rq.way);
    if (tq * tl <= 0) return c;
    c.corner.turn = std::min(std::abs(tq), std::abs(tl));
    c.corner.inAngle = angleOf(lq.tangent);
    c.corner.outAngle = angleOf(rq.tangent);
    // Where the tangents meet; nearly parallel sides keep the middle of the two drawn-on points.
    const double den = cross(lq.tangent, rq.tangent);
    c.corner.point = lerp(lq.point, rq.point, 0.5);
    if (std::abs(den) > 0.15) {
        const Vec2 x = lq.point + lq.tangent * (cross(rq.point - lq.point, rq.tangent) / den);
        if (distance(x, s[i]) < 3.0 * static_cast<double>(gap) * s.step + 2 * s.step) c.corner.point = x;
    }
    return c;
}

// How far the tip of a true corner of this turn may lie from the samples: the source rounds it off by so much. A bend
// of radius r recedes by r (1/cos(turn/2) - 1) from where its sides would meet.
bool tipIsNear(const Samples& s, const Corner& c, long gap, const CornerSearch& search, double noise)
{
    double nearest = 1e300;
    for (long i = c.index - 3 * gap; i <= c.index + 3 * gap; ++i) nearest = std::min(nearest, distance(s[i], c.point));
    const double half = std::min(0.5 * c.turn, radians(80));
    // Where the blur is known, so is the distance; sides drawn on by guess may miss it by half. What is no corner is found out later.
    if (search.blur > 0) return nearest <= 1.5 * search.blur * recession(c.turn) + 0.4 * std::tan(std::min(half, radians(70)));
    return nearest <= search.rounding * (0.45 * std::tan(half) + 0.04) + 1.5 * noise;
}

} // namespace

std::vector<Corner> findCorners(const Samples& s, const CornerSearch& search)
{
    const long n = s.count();
    std::vector<Candidate> found;
    if (n < 6) return {};
    const double noise = noiseOf(s, 6 * search.grain);
    const long gap = std::max(1L, std::lround(search.rounding / s.step));
    const std::array<double, 3> spans{4.0, 7.0, 12.0};
    for (const double spanPx : spans) {
        const long span = std::max(3L, std::lround(spanPx * search.grain / s.step));
        LocalFits fits(s, span + 1);
        const double length = static_cast<double>(span) * s.step;
        // A drawn-on tangent wanders with the noise: about 3 standard deviations are allowed for.
        const double doubt = 8 * noise / length;
        const double least = search.smallest + doubt;
        const double cleanliness = std::max(2.5 * noise, 0.14 * search.grain) + 0.004 * length;
        std::vector<double> turns(static_cast<std::size_t>(n), 0);
        const Vec2 half = direction(std::min(0.5 * least, pi));
        for (long i = 0; i < n; ++i) {
            // Cheap look first: the chords across the window must bend enough.
            const long reach = gap + span;
            if (!s.closed && (i < reach || i + reach >= n)) continue;
            if (turnsLess(s[i] - s[i - reach], s[i + reach] - s[i], half)) continue;
            turns[static_cast<std::size_t>(i)] = judge(s, fits, i, gap, span, cleanliness).corner.turn;
        }
        for (long i = 0; i < n; ++i) {
            const double here = turns[static_cast<std::size_t>(i)];
            if (here < least) continue;
            bool top = true;
            for (long k = i - gap - span / 2; k <= i + gap + span / 2 && top; ++k) {
                if (!s.closed && (k < 0 || k >= n)) continue;
                const double other = turns[static_cast<std::size_t>(s.wrapped(k))];
                top = other < here || (other == here && k >= i);
            }
            if (!top) continue;
            Candidate c = judge(s, fits, i, gap, span, cleanliness);
            if (!tipIsNear(s, c.corner, gap, search, noise)) continue;
            c.weight = here - doubt;
            found.push_back(c);
        }
    }
    std::sort(found.begin(), found.end(), [](const Candidate& a, const Candidate& b) { return a.weight > b.weight; });
    std::vector<Corner> kept;
    const long apart = gap + std::max(1L, std::lround(1.5 * search.grain / s.step));
    for (const Candidate& c : found) {
        const bool taken = std::any_of(kept.begin(), kept.end(), [&](const Corner& k) {
            const long d = std::abs(k.index - c.corner.index), away = s.closed ? std::min(d, n - d) : d;
            // At a sharp tip either side may name a sample of its own, and both draw on to the same place.
            return away <= apart || (away <= 3 * apart && distance(k.point, c.corner.point) < 0.5 * search.rounding);
        });
        if (!taken) kept.push_back(c.corner);
    }
    std::sort(kept.begin(), kept.end(), [](const Corner& a, const Corner& b) { return a.index < b.index; });
    return kept;
}

} // namespace softrope::curve
