#include "curve/fibres.h"

#include "curve/wide.h"

#include <algorithm>
#include <cmath>

namespace softrope::curve {

namespace {

// Feet and what is said of moves are worked out in single precision, twice as many at once, and seen from the start of the cubic: that is
// good to 1e-5 of a px, far below any sample's noise. Costs are not: which of two is less must not hang on it.
constexpr std::size_t eight = 8;
constexpr std::size_t atOnce = 64; // samples
constexpr std::size_t wholeEights(std::size_t count)
{
    return (count + eight - 1) / eight * eight;
}
struct Near { // a cubic in powers
    float ax, ay, bx, by, cx, cy;
    explicit Near(const Powers& p)
        : ax(static_cast<float>(p.a.x)), ay(static_cast<float>(p.a.y)), bx(static_cast<float>(p.b.x)), by(static_cast<float>(p.b.y)),
          cx(static_cast<float>(p.c.x)), cy(static_cast<float>(p.c.y))
    {
    }
};

// What some samples say, ready for the sums: rows of a whole number of lanes.
struct Rows {
    std::array<std::array<float, atOnce>, Moments::bases> basis; // how a move carries the foot
    std::array<float, atOnce> xx, xy, yy;                        // weighed squares of the normal
    std::array<float, atOnce> x, y;                              // weighed pull along it
};

SOFT_ROPE_WIDE void addRows(const Rows& r, std::size_t whole, Moments& to)
{
    // Sums are taken in as many parts, whatever the processor: they are the same on all.
    float xx[Moments::pairs][eight] = {}, xy[Moments::pairs][eight] = {}, yy[Moments::pairs][eight] = {};
    float px[Moments::bases][eight] = {}, py[Moments::bases][eight] = {};
    for (std::size_t n = 0; n < whole; n += eight) {
        std::size_t k = 0;
        for (std::size_t i = 0; i < Moments::bases; ++i) {
            const float* bi = r.basis[i].data() + n;
            for (std::size_t l = 0; l < eight; ++l) px[i][l] += bi[l] * r.x[n + l];
            for (std::size_t l = 0; l < eight; ++l) py[i][l] += bi[l] * r.y[n + l];
            for (std::size_t j = i; j < Moments::bases; ++j, ++k) {
                const float* bj = r.basis[j].data() + n;
                float both[eight];
                for (std::size_t l = 0; l < eight; ++l) both[l] = bi[l] * bj[l];
                for (std::size_t l = 0; l < eight; ++l) xx[k][l] += both[l] * r.xx[n + l];
                for (std::size_t l = 0; l < eight; ++l) xy[k][l] += both[l] * r.xy[n + l];
                for (std::size_t l = 0; l < eight; ++l) yy[k][l] += both[l] * r.yy[n + l];
            }
        }
    }
    const auto sum = [](const float(&v)[eight]) { return static_cast<double>(((v[0] + v[1]) + (v[2] + v[3])) + ((v[4] + v[5]) + (v[6] + v[7]))); };
    for (std::size_t k = 0; k < Moments::pairs; ++k) {
        to.xx[k] += sum(xx[k]);
        to.xy[k] += sum(xy[k]);
        to.yy[k] += sum(yy[k]);
    }
    for (std::size_t i = 0; i < Moments::bases; ++i) to.pulls[i] += {sum(px[i]), sum(py[i])};
}

SOFT_ROPE_WIDE void readCubic(const Powers& c, const double* __restrict x, const double* __restrict y, const double* __restrict t,
                              const double* __restrict weight, std::size_t count, Rows& __restrict to)
{
    const Near near(c);
    float px[atOnce], py[atOnce], foot[atOnce], w[atOnce];
    const std::size_t whole = wholeEights(count);
    for (std::size_t i = 0; i < count; ++i) {
        px[i] = static_cast<float>(x[i] - c.d.x);
        py[i] = static_cast<float>(y[i] - c.d.y);
        foot[i] = static_cast<float>(t[i]);
        w[i] = static_cast<float>(weight[i]);
    }
    for (std::size_t i = count; i < whole; ++i) px[i] = py[i] = foot[i] = w[i] = 0;
    for (std::size_t i = 0; i < whole; ++i) {
        const float v = foot[i], u = 1 - v;
        const float fx = (3 * near.ax * v + 2 * near.bx) * v + near.cx, fy = (3 * near.ay * v + 2 * near.by) * v + near.cy;
        const float ox = px[i] - ((near.ax * v + near.bx) * v + near.cx) * v, oy = py[i] - ((near.ay * v + near.by) * v + near.cy) * v;
        const float speed = std::sqrt(fx * fx + fy * fy), far = std::sqrt(ox * ox + oy * oy);
        // Beyond an end the distance counts as it is.
        const bool beyond = (v <= 0 || v >= 1) && far > 1e-6F;
        const float size = beyond ? far : speed;
        const float scale = size > 0 ? 1 / size : 0;
        const float nx = (beyond ? ox : -fy) * scale, ny = (beyond ? oy : fx) * scale;
        const float pull = w[i] * (nx * ox + ny * oy);
        const float first = 3 * u * u * v, second = 3 * u * v * v;
        to.basis[0][i] = u * u * u + first;
        to.basis[1][i] = second + v * v * v;
        to.basis[2][i] = first;
        to.basis[3][i] = second;
        to.xx[i] = w[i] * nx * nx;
        to.xy[i] = w[i] * nx * ny;
        to.yy[i] = w[i] * ny * ny;
        to.x[i] = pull * nx;
        to.y[i] = pull * ny;
    }
}

} // namespace

SOFT_ROPE_WIDE void moveFeet(const Powers& c, const double* __restrict x, const double* __restrict y, double* __restrict t, std::size_t n, int steps)
{
    constexpr float nothing = 1e-30F; // where the cubic stands still the step is none
    const Near near(c);
    const float ax = near.ax, ay = near.ay, bx = near.bx, by = near.by, cx = near.cx, cy = near.cy;
    float px[atOnce], py[atOnce], u[atOnce];
    for (std::size_t from = 0; from < n; from += atOnce) {
        const std::size_t count = std::min(atOnce, n - from), whole = wholeEights(count);
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
    constexpr std::size_t lanes = Fibres::lanes;
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
    const auto nx = static_cast<float>(across.x), ny = static_cast<float>(across.y);
    Rows rows;
    rows.basis[2].fill(0);
    rows.basis[3].fill(0);
    for (std::size_t from = 0; from < f.size(); from += atOnce) {
        const std::size_t count = std::min(atOnce, f.size() - from), whole = wholeEights(count);
        for (std::size_t i = 0; i < whole; ++i) {
            const bool is = i < count;
            const Vec2 off = is ? Vec2{f.x()[from + i] - c.p0.x, f.y()[from + i] - c.p0.y} : Vec2{};
            const auto t = static_cast<float>(dot(off, along)), w = is ? static_cast<float>(f.weight()[from + i]) : 0,
                       pull = w * static_cast<float>(dot(across, off));
            rows.basis[0][i] = 1 - t;
            rows.basis[1][i] = t;
            rows.xx[i] = w * nx * nx;
            rows.xy[i] = w * nx * ny;
            rows.yy[i] = w * ny * ny;
            rows.x[i] = pull * nx;
            rows.y[i] = pull * ny;
        }
        addRows(rows, whole, m);
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
        addRows(rows, wholeEights(count), m);
    }
    return m;
}

} // namespace softrope::curve
