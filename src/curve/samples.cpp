#include "curve/samples.h"

#include <algorithm>

namespace softrope::curve {

std::vector<Vec2> cleaned(const std::vector<Vec2>& raw, bool closed)
{
    std::vector<Vec2> out;
    out.reserve(raw.size());
    for (const Vec2 p : raw)
        if (isFinite(p) && (out.empty() || squaredLength(p - out.back()) > 1e-18)) out.push_back(p);
    while (closed && out.size() > 1 && squaredLength(out.front() - out.back()) <= 1e-18) out.pop_back();
    return out;
}

Samples evenly(const std::vector<Vec2>& raw, bool closed, double step)
{
    Samples s;
    s.closed = closed;
    const std::size_t n = raw.size();
    if (n < 2) {
        s.points = raw;
        return s;
    }
    const std::size_t pieces = closed ? n : n - 1;
    double total = 0;
    for (std::size_t i = 0; i < pieces; ++i) total += distance(raw[i], raw[(i + 1) % n]);
    const double wanted = std::max(1.0, std::round(total / step));
    // Between points far apart there is nothing to be learnt by more of them.
    const double most = std::min(4e6, std::max(3e4, 40.0 * static_cast<double>(n)));
    const auto count = static_cast<std::size_t>(std::clamp(wanted, closed ? 3.0 : 1.0, most));
    s.step = total / static_cast<double>(count);
    s.points.reserve(count + 1);
    std::size_t i = 0;
    double walked = 0;
    double len = distance(raw[0], raw[1 % n]);
    const std::size_t wantedPoints = closed ? count : count + 1;
    for (std::size_t k = 0; k < wantedPoints; ++k) {
        const double target = s.step * static_cast<double>(k);
        while (walked + len < target && i + 1 < pieces) {
            walked += len;
            ++i;
            len = distance(raw[i], raw[(i + 1) % n]);
        }
        const double t = len > 0 ? std::clamp((target - walked) / len, 0.0, 1.0) : 0.0;
        s.points.push_back(lerp(raw[i], raw[(i + 1) % n], t));
    }
    if (!closed) s.points.back() = raw.back();
    return s;
}

namespace {

struct Sums {
    long n = 0;
    double mid = 0; // mean offset of the indices
    Vec2 mean, slope, curve;
    double m2 = 0;    // mean of squared offsets
    double left = 0;  // sum of squared distances from the line,
    double bowed = 0; // and what the parabola takes off it
};

// Each sample. Most runs lie within the row, where nothing needs to be asked about its ends.
template <class Take> void overRun(const Samples& s, long first, long last, Take take)
{
    if (first >= 0 && last < s.count()) {
        const Vec2* p = s.points.data();
        for (long i = first; i <= last; ++i) take(p[i]);
    } else {
        for (long i = first; i <= last; ++i) take(s[i]);
    }
}

// Regression on orthogonal polynomials 1, v, v^2 - mean(v^2), with v the arc length from the window's middle.
Sums regress(const Samples& s, long first, long last)
{
    Sums r;
    r.n = last - first + 1;
    r.mid = 0.5 * static_cast<double>(first + last);
    const auto n = static_cast<double>(r.n);
    r.m2 = s.step * s.step * (n * n - 1) / 12;
    // Seen from the first sample, so that no small difference of large sums is lost.
    const Vec2 origin = s[first];
    Vec2 sum, sv, sq;
    double squares = 0, v = s.step * (static_cast<double>(first) - r.mid);
    overRun(s, first, last, [&](Vec2 p) {
        p -= origin;
        const double q = v * v - r.m2;
        sum += p;
        sv += v * p;
        sq += q * p;
        squares += squaredLength(p);
        v += s.step;
    });
    const Vec2 mean = sum / n;
    r.mean = origin + mean;
    // What each polynomial explains of the squares is gone from what is left.
    double explained = n * squaredLength(mean);
    if (r.n > 1) {
        r.slope = sv / (n * r.m2);
        explained += squaredLength(sv) / (n * r.m2);
    }
    if (r.n > 2) {
        const double q2 = n * r.m2 * s.step * s.step * (n * n - 4) / 15; // sum of q^2
        r.curve = sq / q2;
        r.bowed = squaredLength(sq) / q2;
    }
    r.left = std::max(0.0, squares - explained);
    return r;
}

// Without the residual.
LocalFit read(const Samples& s, const Sums& r, double where)
{
    LocalFit f;
    const double v = s.step * (where - r.mid);
    f.point = r.mean + r.slope * v + r.curve * (v * v - r.m2);
    const Vec2 d = r.slope + r.curve * (2 * v);
    f.tangent = unit(d);
    f.way = unit(r.slope);
    const double speed = length(d);
    f.bend = speed > 0 ? cross(d, 2 * r.curve) / (speed * speed * speed) : 0;
    return f;
}

double rms(double squares, const Sums& r)
{
    return std::sqrt(std::max(0.0, squares) / static_cast<double>(r.n));
}

} // namespace

LocalFit localParabola(const Samples& s, long first, long last, double where)
{
    const Sums r = regress(s, first, last);
    LocalFit f = read(s, r, where);
    f.residual = rms(r.left - r.bowed, r);
    return f;
}

LocalFit localLine(const Samples& s, long first, long last, double where)
{
    Sums r = regress(s, first, last);
    r.curve = {};
    LocalFit f = read(s, r, where);
    f.residual = rms(r.left, r);
    return f;
}

struct LocalFits::Window {
    Sums sums; // none as long as it was not asked for
    double residual = 0;
};

LocalFits::LocalFits(const Samples& s, long samples) : samples_(s), size_(samples), windows_(s.points.size()) {}
LocalFits::~LocalFits() = default;

LocalFit LocalFits::at(long first, double where)
{
    const long start = samples_.closed ? samples_.wrapped(first) : first;
    Window& w = windows_[static_cast<std::size_t>(start)];
    if (w.sums.n == 0) {
        w.sums = regress(samples_, start, start + size_ - 1);
        w.residual = rms(w.sums.left - w.sums.bowed, w.sums);
    }
    LocalFit f = read(samples_, w.sums, where + static_cast<double>(start - first));
    f.residual = w.residual;
    return f;
}

double noiseOf(const Samples& s, double span)
{
    const long half = std::max(2L, std::lround(0.5 * span / s.step));
    const long n = s.count();
    if (n < 2 * half + 2) return 0;
    std::vector<double> off;
    const long stride = std::max(1L, n / 400);
    for (long i = s.closed ? 0 : half; i < (s.closed ? n : n - half); i += stride) {
        const LocalFit f = localParabola(s, i - half, i + half, static_cast<double>(i));
        off.push_back(f.residual);
    }
    std::nth_element(off.begin(), off.begin() + static_cast<long>(off.size() / 2), off.end());
    return off[off.size() / 2];
}

LineSums::LineSums(const Samples& s) : samples_(s)
{
    const long n = s.count();
    const long run = s.closed ? 2 * n : n;
    for (const Vec2 p : s.points) origin_ += p;
    origin_ = origin_ / static_cast<double>(std::max(1L, n));
    for (auto* v : {&x_, &y_, &xx_, &xy_, &yy_}) v->assign(static_cast<std::size_t>(run + 1), 0);
    for (long i = 0; i < run; ++i) {
        const auto k = static_cast<std::size_t>(i);
        const Vec2 p = s[i] - origin_;
        x_[k + 1] = x_[k] + p.x;
        y_[k + 1] = y_[k] + p.y;
        xx_[k + 1] = xx_[k] + p.x * p.x;
        xy_[k + 1] = xy_[k] + p.x * p.y;
        yy_[k + 1] = yy_[k] + p.y * p.y;
    }
}

LineSums::Line LineSums::over(long first, long last) const
{
    if (samples_.closed) {
        const long n = samples_.count();
        const long shift = first >= 0 ? (first / n) * n : -((-first + n - 1) / n) * n;
        first -= shift;
        last -= shift;
    }
    const auto a = static_cast<std::size_t>(first), b = static_cast<std::size_t>(last + 1);
    const double n = static_cast<double>(last - first + 1);
    const Vec2 m{(x_[b] - x_[a]) / n, (y_[b] - y_[a]) / n};
    const double cxx = (xx_[b] - xx_[a]) / n - m.x * m.x;
    const double cxy = (xy_[b] - xy_[a]) / n - m.x * m.y;
    const double cyy = (yy_[b] - yy_[a]) / n - m.y * m.y;
    // Smaller eigenvalue of the covariance is the mean squared distance from the line.
    const double mean = 0.5 * (cxx + cyy), gap = std::hypot(0.5 * (cxx - cyy), cxy);
    const double angle = 0.5 * std::atan2(2 * cxy, cxx - cyy);
    Line line{m + origin_, direction(angle), std::sqrt(std::max(0.0, mean - gap))};
    if (dot(line.along, samples_[last] - samples_[first]) < 0) line.along = -line.along;
    return line;
}

} // namespace softrope::curve
