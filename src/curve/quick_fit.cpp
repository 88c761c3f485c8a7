#include "curve/quick_fit.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace softrope::curve {

namespace {

// One polynomial in the form that is cheapest to evaluate.
struct Power {
    Vec2 a, b, c, d; // a t^3 + b t^2 + c t + d
    explicit Power(const Cubic& q) : a(q.p3 - q.p0 + 3 * (q.p1 - q.p2)), b(3 * (q.p0 - 2 * q.p1 + q.p2)), c(3 * (q.p1 - q.p0)), d(q.p0) {}
    Vec2 at(double t) const { return ((a * t + b) * t + c) * t + d; }
    Vec2 slope(double t) const { return (3 * a * t + 2 * b) * t + c; }
};

class QuickFit {
public:
    QuickFit(std::vector<Vec2> points, bool closed, const FitOptions& o) : p_(std::move(points)), closed_(closed), o_(o)
    {
        n_ = static_cast<long>(p_.size());
        const long run = closed ? 2 * n_ + 1 : n_;
        sum_.resize(static_cast<std::size_t>(run) + 1);
        along_.resize(static_cast<std::size_t>(run));
        for (long i = 0; i < run; ++i) {
            const auto k = static_cast<std::size_t>(i);
            sum_[k + 1] = sum_[k] + (point(i) - p_[0]);
            along_[k] = i == 0 ? 0 : along_[k - 1] + distance(point(i - 1), point(i));
        }
        const double step = std::max(1e-9, along_.back() / static_cast<double>(std::max(1L, run - 1)));
        reach_ = std::clamp(std::lround(std::max(11 * o.grain, 3 * o.slack) / step), 2L, std::max(2L, n_ / 6));
    }

    Fit fit()
    {
        Fit out;
        out.samples = static_cast<std::size_t>(n_);
        std::vector<long> corners = findCorners();
        const bool ring = closed_ && corners.empty();
        if (closed_) {
            if (corners.empty()) corners.push_back(0);
            corners.push_back(corners.front() + n_);
        } else {
            corners.insert(corners.begin(), 0);
            corners.push_back(n_ - 1);
        }
        Path& path = out.path;
        path.closed = closed_;
        path.nodes.push_back({point(corners[0]), point(corners[0]), point(corners[0]), ring ? NodeKind::smooth : NodeKind::corner});
        for (std::size_t k = 0; k + 1 < corners.size(); ++k) {
            stretch(corners[k], corners[k + 1], ring, out);
            if (o_.cancelled && o_.cancelled()) break;
        }
        if (closed_ && path.nodes.size() > 1) { // the last node is the first
            path.nodes.front().in = path.nodes.back().in;
            path.nodes.pop_back();
        }
        return out;
    }

private:
    Vec2 point(long i) const { return p_[static_cast<std::size_t>(i < n_ ? i : i % n_)]; }
    // Mean of samples first..last; on a closed row indices run from 0 to twice the count.
    Vec2 mean(long first, long last) const
    {
        return (sum_[static_cast<std::size_t>(last) + 1] - sum_[static_cast<std::size_t>(first)]) / static_cast<double>(last - first + 1);
    }

    // Direction of travel at i from the means on either side, as far as `from` and `to` let it look.
    Vec2 tangent(long i, long from, long to) const
    {
        const long back = std::min(reach_, i - from), ahead = std::min(reach_, to - i);
        if (back > 0 && ahead > 0) {
            const long k = std::min(back, ahead);
            return unit(mean(i + 1, i + k) - mean(i - k, i - 1));
        }
        // At an end: a parabola through the sample and two means further in.
        const long k = std::max(1L, std::max(back, ahead) / 2);
        if (ahead > 0) {
            const Vec2 near = mean(i, std::min(to, i + k)) - point(i), far = mean(std::min(to, i + k), std::min(to, i + 2 * k)) - point(i);
            return unit(3 * near - (1.0 / 3) * far);
        }
        const Vec2 near = point(i) - mean(std::max(from, i - k), i), far = point(i) - mean(std::max(from, i - 2 * k), std::max(from, i - k));
        return unit(3 * near - (1.0 / 3) * far);
    }

    // A corner turns by as much in a window as in one half as wide; a bend by half as much.
    std::vector<long> findCorners() const
    {
        std::vector<long> out;
        const long k = std::max(2L, reach_ / 2);
        const long first = closed_ ? 4 * k : 2 * k, last = closed_ ? n_ + 4 * k : n_ - 2 * k;
        if (closed_ && n_ < 10 * k) return out;
        const auto turnAt = [&](long i, long w) {
            const Vec2 before = mean(i - w / 2, i) - mean(i - w, i - w / 2), after = mean(i + w / 2, i + w) - mean(i, i + w / 2);
            return std::abs(turn(before, after));
        };
        long best = -1;
        double most = 0;
        for (long i = first; i < last; ++i) {
            const double t = turnAt(i, k);
            const bool is = t > o_.cornerFrom && turnAt(i, 2 * k) < 1.45 * t;
            if (is && t > most) {
                most = t;
                best = i;
            }
            if (best >= 0 && (i - best > k || i + 1 == last)) {
                out.push_back(closed_ ? best % n_ : best);
                best = -1;
                most = 0;
            }
        }
        std::sort(out.begin(), out.end());
        out.erase(std::unique(out.begin(), out.end()), out.end());
        return out;
    }

    // Largest distance of samples from the piece, every `stride`-th; gives up beyond `limit`.
    double furthest(const Cubic& c, long from, long to, long stride, double limit) const
    {
        const Power q(c);
        const double start = along_[static_cast<std::size_t>(from)], whole = along_[static_cast<std::size_t>(to)] - start;
        double worst = 0;
        const double limit2 = limit * limit;
        for (long i = from + stride; i < to; i += stride) {
            double t = (along_[static_cast<std::size_t>(i)] - start) / whole;
            const Vec2 p = point(i);
            for (int k = 0; k < 2; ++k) {
                const Vec2 d = q.slope(t);
                const double dd = squaredLength(d);
                if (dd > 0) t = std::clamp(t + dot(p - q.at(t), d) / dd, 0.0, 1.0);
            }
            worst = std::max(worst, squaredLength(p - q.at(t)));
            if (worst > limit2) break;
        }
        return std::sqrt(worst);
    }

    // Handle lengths by least squares for given tangents, over at most `looks` samples.
    Cubic piece(long from, long to, Vec2 t0, Vec2 t1, long looks) const
    {
        const Vec2 p0 = point(from), p3 = point(to);
        const double start = along_[static_cast<std::size_t>(from)], whole = along_[static_cast<std::size_t>(to)] - start;
        const double third = whole / 3;
        Cubic c{p0, p0 + t0 * third, p3 - t1 * third, p3};
        const long stride = std::max(1L, (to - from) / looks);
        for (int round = 0; round < 2; ++round) {
            const Power q(c);
            double aa = 0, ab = 0, bb = 0, ra = 0, rb = 0;
            for (long i = from + stride; i < to; i += stride) {
                double t = (along_[static_cast<std::size_t>(i)] - start) / whole;
                const Vec2 p = point(i);
                if (round > 0) {
                    const Vec2 d = q.slope(t);
                    const double dd = squaredLength(d);
                    if (dd > 0) t = std::clamp(t + dot(p - q.at(t), d) / dd, 0.0, 1.0);
                }
                const double u = 1 - t, b0 = u * u * (1 + 2 * t), b1 = 3 * u * u * t, b2 = 3 * u * t * t, b3 = t * t * (3 - 2 * t);
                const Vec2 a = t0 * b1, b = t1 * -b2, rest = p - (p0 * b0 + p3 * b3);
                aa += dot(a, a);
                ab += dot(a, b);
                bb += dot(b, b);
                ra += dot(a, rest);
                rb += dot(b, rest);
            }
            const double det = aa * bb - ab * ab;
            if (std::abs(det) < 1e-12 * aa * bb || !(aa > 0)) break;
            const double x = (ra * bb - rb * ab) / det, y = (aa * rb - ab * ra) / det;
            if (!(x > 0.02 * whole) || !(y > 0.02 * whole) || x > 1.5 * whole || y > 1.5 * whole) break;
            c.p1 = p0 + t0 * x;
            c.p2 = p3 - t1 * y;
        }
        return c;
    }

    void add(const Cubic& c, bool corner, Path& path) const
    {
        path.nodes.back().out = c.p1;
        path.nodes.push_back({c.p3, c.p2, c.p3, corner ? NodeKind::corner : NodeKind::smooth});
    }

    bool straight(long from, long to, double within) const
    {
        const Vec2 a = point(from), along = unit(point(to) - a);
        if (closed_ && to - from >= n_) return false;
        for (long i = from + 1; i < to; ++i)
            if (std::abs(cross(along, point(i) - a)) > within) return false;
        return true;
    }

    void stretch(long from, long to, bool ring, Fit& out)
    {
        if (to - from < 2 || straight(from, to, 0.5 * o_.slack)) {
            add(curve::straight(point(from), point(to)), true, out.path);
            if (to - from >= 2) out.furthest = std::max(out.furthest, 0.5 * o_.slack);
            return;
        }
        constexpr long looks = 40;
        // A ring's tangents may look over its start.
        const Vec2 startTangent = ring ? ringTangent(from) : tangent(from, from, to);
        Vec2 t0 = startTangent;
        long at = from, guess = 24;
        while (at < to) {
            const auto tangentAt = [&](long j) { return j == to ? (ring ? startTangent : tangent(j, from, to)) : tangent(j, from, to); };
            const auto tryTo = [&](long j, Cubic& c) {
                c = piece(at, j, t0, tangentAt(j), looks);
                return furthest(c, at, j, std::max(1L, (j - at) / looks), o_.slack) <= o_.slack;
            };
            long good = std::min(to, at + 2), bad = to + 1;
            Cubic best = piece(at, good, t0, tangentAt(good), looks), c;
            for (long len = std::max(4L, guess);; len = len * 2) {
                const long j = std::min(to, at + len);
                if (j <= good) {
                    if (j == to) break;
                    continue;
                }
                if (tryTo(j, c)) {
                    good = j;
                    best = c;
                    if (j == to) break;
                } else {
                    bad = j;
                    break;
                }
            }
            while (bad - good > std::max(1L, (good - at) / 16)) {
                const long j = (good + bad) / 2;
                if (tryTo(j, c)) {
                    good = j;
                    best = c;
                } else {
                    bad = j;
                }
            }
            // Every sample counts in the end.
            double off = furthest(best, at, good, 1, 2 * o_.slack);
            while (off > o_.slack && good - at > 2) {
                good = at + std::max(2L, (good - at) * 7 / 8);
                best = piece(at, good, t0, tangentAt(good), 2 * looks);
                off = furthest(best, at, good, 1, 2 * o_.slack);
            }
            out.furthest = std::max(out.furthest, off);
            add(best, good == to && !ring, out.path);
            t0 = tangentAt(good);
            guess = std::max(8L, (good - at) * 3 / 4);
            at = good;
        }
    }

    Vec2 ringTangent(long i) const
    {
        const long k = std::min(reach_, n_ / 4), j = i + n_;
        return unit(mean(i + 1, i + k) - mean(j - k, j - 1));
    }

    std::vector<Vec2> p_;
    bool closed_;
    const FitOptions& o_;
    long n_ = 0, reach_ = 2;
    std::vector<Vec2> sum_;
    std::vector<double> along_;
};

} // namespace

Fit quickFit(const std::vector<Vec2>& samples, bool closed, const FitOptions& options)
{
    std::vector<Vec2> points = cleaned(samples, closed);
    if (points.size() < 4) {
        Fit out;
        out.samples = samples.size();
        out.path = polyline(points, closed && points.size() > 2);
        return out;
    }
    Fit out = QuickFit(std::move(points), closed, options).fit();
    out.samples = samples.size();
    return out;
}

} // namespace softrope::curve
