#include "curve/cubic.h"

namespace softrope::curve {

Vec2 startTangent(const Cubic& c)
{
    for (const Vec2 v : {c.p1 - c.p0, c.p2 - c.p0, c.p3 - c.p0})
        if (squaredLength(v) > 1e-24) return unit(v);
    return {};
}

Vec2 endTangent(const Cubic& c)
{
    return -startTangent(reversed(c));
}

Vec2 tangentAt(const Cubic& c, double t)
{
    if (t <= 0) return startTangent(c);
    if (t >= 1) return endTangent(c);
    const Vec2 d = derivative(c, t);
    if (squaredLength(d) > 1e-24) return unit(d);
    return unit(c.p3 - c.p0);
}

double curvature(const Cubic& c, double t)
{
    const Vec2 d = derivative(c, t);
    const double speed = std::sqrt(dot(d, d)); // hypot costs more than all the rest of it
    return cross(d, secondDerivative(c, t)) / (speed * speed * speed);
}

Halves split(const Cubic& c, double t)
{
    const Vec2 a = lerp(c.p0, c.p1, t), b = lerp(c.p1, c.p2, t), d = lerp(c.p2, c.p3, t);
    const Vec2 e = lerp(a, b, t), f = lerp(b, d, t);
    const Vec2 m = lerp(e, f, t);
    return {{c.p0, a, e, m}, {m, f, d, c.p3}};
}

Cubic part(const Cubic& c, double t0, double t1)
{
    if (t0 <= 0 && t1 >= 1) return c;
    if (isStraight(c)) {
        // Handles on the ends make the speed uneven; the part of a straight must stay a plain straight.
        return straight(at(c, t0), at(c, t1));
    }
    const Cubic head = t1 >= 1 ? c : split(c, t1).first;
    return t0 <= 0 ? head : split(head, t0 / t1).second;
}

std::vector<double> quadraticRoots(double a, double b, double c)
{
    const double scale = std::max({std::abs(a), std::abs(b), std::abs(c)});
    if (scale == 0 || !std::isfinite(scale)) return {};
    if (std::abs(a) < 1e-14 * scale) {
        if (std::abs(b) < 1e-14 * scale) return {};
        return {-c / b};
    }
    const double disc = b * b - 4 * a * c;
    if (disc < 0) return {};
    // The stable form: no difference of nearly equal numbers.
    const double q = -0.5 * (b + std::copysign(std::sqrt(disc), b));
    if (q == 0) return {0};
    return {q / a, c / q};
}

std::vector<double> extremes(const Cubic& c)
{
    std::vector<double> found;
    const Vec2 d0 = c.p1 - c.p0, d1 = c.p2 - c.p1, d2 = c.p3 - c.p2;
    const Vec2 qa = d0 - 2 * d1 + d2, qb = 2 * (d1 - d0);
    for (const auto& roots : {quadraticRoots(qa.x, qb.x, d0.x), quadraticRoots(qa.y, qb.y, d0.y)})
        for (const double t : roots)
            if (t > 0 && t < 1) found.push_back(t);
    return found;
}

Box bounds(const Cubic& c)
{
    Box b;
    b.add(c.p0);
    b.add(c.p3);
    if (isStraight(c) || (b.contains(c.p1) && b.contains(c.p2))) return b;
    for (const double t : extremes(c)) b.add(at(c, t));
    return b;
}

namespace {

// Nodes and weights of 8-point Gauss-Legendre quadrature (Abramowitz and Stegun 1964, table 25.4), from memory.
constexpr std::array<double, 4> gaussNode{0.1834346424956498, 0.5255324099163290, 0.7966664774136267, 0.9602898564975363};
constexpr std::array<double, 4> gaussWeight{0.3626837833783620, 0.3137066458778873, 0.2223810344533745, 0.1012285362903763};

double gaussLength(const Cubic& c, double t0, double t1)
{
    const double mid = 0.5 * (t0 + t1), half = 0.5 * (t1 - t0);
    double sum = 0;
    for (std::size_t i = 0; i < gaussNode.size(); ++i)
        sum += gaussWeight[i] * (length(derivative(c, mid - half * gaussNode[i])) + length(derivative(c, mid + half * gaussNode[i])));
    return sum * half;
}

double adaptiveLength(const Cubic& c, double t0, double t1, double whole, double tolerance, int depth)
{
    const double mid = 0.5 * (t0 + t1);
    const double a = gaussLength(c, t0, mid), b = gaussLength(c, mid, t1);
    if (depth == 0 || std::abs(a + b - whole) <= tolerance) return a + b;
    return adaptiveLength(c, t0, mid, a, tolerance * 0.5, depth - 1) + adaptiveLength(c, mid, t1, b, tolerance * 0.5, depth - 1);
}

} // namespace

double arcLength(const Cubic& c)
{
    if (isStraight(c)) return distance(c.p0, c.p3);
    const double first = gaussLength(c, 0, 1);
    return adaptiveLength(c, 0, 1, first, 1e-11 * first, 16);
}

double areaUnder(const Cubic& c)
{
    // Closed form of the Green integral of a cubic in its control points.
    const double sum =
        6 * cross(c.p0, c.p1) + 3 * cross(c.p0, c.p2) + cross(c.p0, c.p3) + 3 * cross(c.p1, c.p2) + 3 * cross(c.p1, c.p3) + 6 * cross(c.p2, c.p3);
    return sum / 20;
}

NearestOnCubic nearest(const Cubic& c, Vec2 p)
{
    if (isStraight(c)) {
        const Vec2 v = c.p3 - c.p0;
        const double len2 = squaredLength(v);
        const double s = len2 > 0 ? std::clamp(dot(p - c.p0, v) / len2, 0.0, 1.0) : 0.0;
        // The parameter of a straight with its handles on its ends: s = 3t^2 - 2t^3, inverted by Newton steps.
        double t = s;
        for (int i = 0; i < 30 && s > 0 && s < 1; ++i) {
            const double f = t * t * (3 - 2 * t) - s, df = 6 * t * (1 - t);
            if (df < 1e-9) break;
            const double next = std::clamp(t - f / df, 0.0, 1.0);
            if (std::abs(next - t) < 1e-15) break;
            t = next;
        }
        const Vec2 q = lerp(c.p0, c.p3, s);
        return {t, q, distance(p, q)};
    }
    constexpr int steps = 16;
    NearestOnCubic best{0, c.p0, distance(c.p0, p)};
    const auto consider = [&](double t) {
        const Vec2 q = at(c, t);
        const double d = distance(q, p);
        if (d < best.distance) best = {t, q, d};
    };
    consider(1);
    const auto refine = [&](double t, double lo, double hi) {
        for (int k = 0; k < 12; ++k) {
            const Vec2 r = at(c, t) - p, d = derivative(c, t), dd = secondDerivative(c, t);
            const double f = dot(r, d), df = dot(d, d) + dot(r, dd);
            double next = df > 0 ? t - f / df : t;
            if (!(df > 0) || next < lo || next > hi) next = f > 0 ? 0.5 * (lo + t) : 0.5 * (t + hi);
            if (f > 0)
                hi = t;
            else
                lo = t;
            if (std::abs(next - t) < 1e-14) break;
            t = next;
        }
        consider(t);
    };
    std::array<double, steps + 1> d2;
    double least = 1e300;
    for (int i = 0; i <= steps; ++i) {
        d2[static_cast<std::size_t>(i)] = squaredLength(at(c, double(i) / steps) - p);
        least = std::min(least, d2[static_cast<std::size_t>(i)]);
    }
    // Every local minimum of the samples that could still win is polished.
    const double reach = std::sqrt(least) + 0.75 * (length(c.p1 - c.p0) + length(c.p2 - c.p1) + length(c.p3 - c.p2)) / steps;
    for (int i = 0; i <= steps; ++i) {
        const auto k = static_cast<std::size_t>(i);
        const bool below = (i == 0 || d2[k] <= d2[k - 1]) && (i == steps || d2[k] <= d2[k + 1]);
        if (below && d2[k] <= reach * reach) refine(double(i) / steps, std::max(0.0, double(i - 1) / steps), std::min(1.0, double(i + 1) / steps));
    }
    return best;
}

void flatten(const Cubic& c, double tolerance, std::vector<Vec2>& into)
{
    if (isStraight(c)) {
        into.push_back(c.p3);
        return;
    }
    // Wang (1984): this many even steps keep a cubic's chords within the tolerance.
    const double bend = std::max(length(c.p2 - 2 * c.p1 + c.p0), length(c.p3 - 2 * c.p2 + c.p1));
    const double wanted = std::sqrt(0.75 * bend / std::max(tolerance, 1e-9));
    const int n = std::isfinite(wanted) ? std::clamp(static_cast<int>(std::ceil(wanted)), 1, 2000) : 1;
    for (int i = 1; i < n; ++i) into.push_back(at(c, double(i) / n));
    into.push_back(c.p3);
}

} // namespace softrope::curve
