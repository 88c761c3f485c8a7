#include "curve/fibres.h"

#include "curve/wide.h"

#include <algorithm>
#include <cmath>

namespace softrope::curve {

namespace {

// Sums are taken in as many parts, whatever the processor: they are the same on all.
constexpr std::size_t lanes = Fibres::lanes;

// What some samples say, ready for the sums: rows of a whole number of lanes.
constexpr std::size_t atOnce = 64;
struct Rows {
    std::array<std::array<double, atOnce>, Moments::bases> basis; // how a move carries the foot
    std::array<double, atOnce> xx, xy, yy;                        // weighed squares of the normal
    std::array<double, atOnce> x, y;                              // weighed pull along it
};

SOFT_ROPE_WIDE void addRows(const Rows& r, std::size_t whole, Moments& to)
{
    double xx[Moments::pairs][lanes] = {}, xy[Moments::pairs][lanes] = {}, yy[Moments::pairs][lanes] = {};
    double px[Moments::bases][lanes] = {}, py[Moments::bases][lanes] = {};
    for (std::size_t n = 0; n < whole; n += lanes) {
        std::size_t k = 0;
        for (std::size_t i = 0; i < Moments::bases; ++i) {
            const double* bi = r.basis[i].data() + n;
            for (std::size_t l = 0; l < lanes; ++l) px[i][l] += bi[l] * r.x[n + l];
            for (std::size_t l = 0; l < lanes; ++l) py[i][l] += bi[l] * r.y[n + l];
            for (std::size_t j = i; j < Moments::bases; ++j, ++k) {
                const double* bj = r.basis[j].data() + n;
                double both[lanes];
                for (std::size_t l = 0; l < lanes; ++l) both[l] = bi[l] * bj[l];
                for (std::size_t l = 0; l < lanes; ++l) xx[k][l] += both[l] * r.xx[n + l];
                for (std::size_t l = 0; l < lanes; ++l) xy[k][l] += both[l] * r.xy[n + l];
                for (std::size_t l = 0; l < lanes; ++l) yy[k][l] += both[l] * r.yy[n + l];
            }
        }
    }
    const auto sum = [](const double(&v)[lanes]) { return (v[0] + v[1]) + (v[2] + v[3]); };
    for (std::size_t k = 0; k < Moments::pairs; ++k) {
        to.xx[k] += sum(xx[k]);
        to.xy[k] += sum(xy[k]);
        to.yy[k] += sum(yy[k]);
    }
    for (std::size_t i = 0; i < Moments::bases; ++i) to.pulls[i] += {sum(px[i]), sum(py[i])};
}

SOFT_ROPE_WIDE void readCubic(const Powers& c, const double* x, const double* y, const double* t, const double* weight, std::size_t n, Rows& to)
{
    const std::size_t whole = n / lanes * lanes;
    for (std::size_t i = 0; i < whole; ++i) {
        const double v = t[i], u = 1 - v;
        const double fx = (3 * c.a.x * v + 2 * c.b.x) * v + c.c.x, fy = (3 * c.a.y * v + 2 * c.b.y) * v + c.c.y;
        const double ox = x[i] - (((c.a.x * v + c.b.x) * v + c.c.x) * v + c.d.x), oy = y[i] - (((c.a.y * v + c.b.y) * v + c.c.y) * v + c.d.y);
        const double speed = std::sqrt(fx * fx + fy * fy), far = std::sqrt(ox * ox + oy * oy);
        // Beyond an end the distance counts as it is.
        const bool beyond = (v <= 0 || v >= 1) && far > 1e-9;
        const double size = beyond ? far : speed;
        const double scale = size > 0 ? 1 / size : 0;
        const double nx = (beyond ? ox : -fy) * scale, ny = (beyond ? oy : fx) * scale;
        const double w = weight[i], pull = w * (nx * ox + ny * oy);
        const double first = 3 * u * u * v, second = 3 * u * v * v;
        to.basis[0][i] = u * u * u + first;
        to.basis[1][i] = second + v * v * v;
        to.basis[2][i] = first;
        to.basis[3][i] = second;
        to.xx[i] = w * nx * nx;
        to.xy[i] = w * nx * ny;
        to.yy[i] = w * ny * ny;
        to.x[i] = pull * nx;
        to.y[i] = pull * ny;
    }
}

} // namespace

SOFT_ROPE_WIDE void moveFeet(const Powers& c, const double* __restrict x, const double* __restrict y, double* __restrict t, std::size_t n, int steps)
{
    // In single precision, twice as many at once: seen from the start of the cubic a foot is off by less than 1e-5 of a px, and by the
    // square of that the distance to it.
    constexpr float nothing = 1e-30F; // where the cubic stands still the step is none
    constexpr std::size_t eight = 8;
    const auto ax = static_cast<float>(c.a.x), ay = static_cast<float>(c.a.y), bx = static_cast<float>(c.b.x), by = static_cast<float>(c.b.y),
               cx = static_cast<float>(c.c.x), cy = static_cast<float>(c.c.y);
    float px[atOnce], py[atOnce], u[atOnce];
    for (std::size_t from = 0; from < n; from += atOnce) {
        const std::size_t count = std::min(atOnce, n - from), whole = (count + eight - 1) / eight * eight;
        for (std::size_t i = 0; i < count; ++i) {
            px[i] = static_cast<float>(x[from + i] - c.d.x);
            py[i] = static_cast<float>(y[from + i] - c.d.y);
            u[i] = static_cast<float>(t[from + i]);
        }
        for (std::size_t i = count; i < whole; ++i) px[i] = py[i] = u[i] = 0;
        for (int k = 0; k < steps; ++k)
            for (std::size_t i = 0; i < whole; ++i) {
                const float v = u[i];
                const float rx = ((ax * v + bx) * v + cx) * v - px[i], ry = ((ay * v + by) * v + cy) * v - py[i];
                const float fx = (3 * ax * v + 2 * bx) * v + cx, fy = (3 * ay * v + 2 * by) * v + cy;
                const float sx = 6 * ax * v + 2 * bx, sy = 6 * ay * v + 2 * by;
                const float dd = fx * fx + fy * fy, full = dd + rx * sx + ry * sy;
                const float slope = full > 0.3F * dd ? full : dd;
                float step = -(rx * fx + ry * fy) / (slope > nothing ? slope : nothing);
                step = step > 0.2F ? 0.2F : step;
                step = step < -0.2F ? -0.2F : step;
                const float to = v + step; // none where the numbers run over: back to the start then
                u[i] = to > 0 ? (to < 1 ? to : 1) : 0;
            }
        for (std::size_t i = 0; i < count; ++i) t[from + i] = static_cast<double>(u[i]);
    }
}

SOFT_ROPE_WIDE void squaredDistances(const Powers& c, const double* __restrict x, const double* __restrict y, const double* __restrict t, std::size_t n,
                                     double* __restrict out)
{
    for (std::size_t i = 0; i < n; ++i) {
        const double u = t[i];
        const double ox = ((c.a.x * u + c.b.x) * u + c.c.x) * u + c.d.x - x[i], oy = ((c.a.y * u + c.b.y) * u + c.c.y) * u + c.d.y - y[i];
        out[i] = ox * ox + oy * oy;
    }
}

SOFT_ROPE_WIDE double weighedSquares(const Powers& c, const Fibres& f)
{
    double sums[lanes] = {};
    const double *x = f.x(), *y = f.y(), *t = f.feet(), *w = f.weight();
    for (std::size_t i = 0; i < f.size(); i += lanes)
        for (std::size_t l = i; l < i + lanes; ++l) {
            const double u = t[l];
            const double ox = ((c.a.x * u + c.b.x) * u + c.c.x) * u + c.d.x - x[l], oy = ((c.a.y * u + c.b.y) * u + c.c.y) * u + c.d.y - y[l];
            sums[l - i] += w[l] * (ox * ox + oy * oy);
        }
    return (sums[0] + sums[1]) + (sums[2] + sums[3]);
}

Moments momentsOfStraight(const Cubic& c, const Fibres& f)
{
    Moments m;
    const Vec2 v = c.p3 - c.p0;
    const double squared = std::max(squaredLength(v), 1e-12);
    const Vec2 along = v / squared, across = perpendicular(v / std::sqrt(squared));
    Rows rows;
    rows.basis[2].fill(0);
    rows.basis[3].fill(0);
    for (std::size_t from = 0; from < f.size(); from += atOnce) {
        const std::size_t count = std::min(atOnce, f.size() - from);
        for (std::size_t i = 0; i < count; ++i) {
            const Vec2 off{f.x()[from + i] - c.p0.x, f.y()[from + i] - c.p0.y};
            const double t = dot(off, along), w = f.weight()[from + i], pull = w * dot(across, off);
            rows.basis[0][i] = 1 - t;
            rows.basis[1][i] = t;
            rows.xx[i] = w * across.x * across.x;
            rows.xy[i] = w * across.x * across.y;
            rows.yy[i] = w * across.y * across.y;
            rows.x[i] = pull * across.x;
            rows.y[i] = pull * across.y;
        }
        addRows(rows, count, m);
    }
    return m;
}

Moments momentsOf(const Powers& c, const Fibres& f)
{
    Moments m;
    Rows rows;
    for (std::size_t from = 0; from < f.size(); from += atOnce) {
        const std::size_t count = std::min(atOnce, f.size() - from);
        readCubic(c, f.x() + from, f.y() + from, f.feet() + from, f.weight() + from, count, rows);
        addRows(rows, count, m);
    }
    return m;
}

} // namespace softrope::curve
