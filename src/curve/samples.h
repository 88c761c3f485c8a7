// Evenly spaced samples of a drawn or traced line, and what can be read off them locally.
#pragma once

#include "curve/vec.h"

#include <cstddef>
#include <vector>

namespace softrope::curve {

// Indices run on past the end of a closed row (they wrap); on an open row they are held at its ends.
struct Samples {
    std::vector<Vec2> points;
    bool closed = false;
    double step = 1; // px of arc length between neighbours

    long count() const { return static_cast<long>(points.size()); }
    Vec2 operator[](long i) const
    {
        const long n = count();
        if (i >= 0 && i < n) return points[static_cast<std::size_t>(i)];
        if (closed) return points[static_cast<std::size_t>(wrapped(i))];
        return points[static_cast<std::size_t>(i < 0 ? 0 : n - 1)];
    }
    long wrapped(long i) const
    {
        const long n = count();
        if (i >= 0 && i < n) return i; // most are, and a division is dear
        i %= n;
        return i < 0 ? i + n : i;
    }
};

// The row without points that are not finite or that repeat their neighbour.
std::vector<Vec2> cleaned(const std::vector<Vec2>& raw, bool closed);

// Points every `step` px along the polyline `raw`; ends are kept, the step is stretched to divide the length evenly.
// A closed result does not repeat its first point. At least two points, or the one there is.
Samples evenly(const std::vector<Vec2>& raw, bool closed, double step);

// Least-squares parabola in arc length over the samples first..last, read off at index `where` (which may lie outside).
struct LocalFit {
    Vec2 point;
    Vec2 tangent;        // unit
    Vec2 way;            // unit, of the line of least squares over the same samples
    double bend = 0;     // signed curvature, 1/px
    double residual = 0; // root mean square distance of the samples from the parabola, px
};
LocalFit localParabola(const Samples& s, long first, long last, double where);
LocalFit localLine(const Samples& s, long first, long last, double where);

// The same over many windows of one size, each worked out once however often it is asked for.
class LocalFits {
public:
    // Of `samples` samples each, two at least.
    LocalFits(const Samples& s, long samples);
    ~LocalFits();
    // Over the samples from `first` on; on an open row they lie within it.
    LocalFit at(long first, double where);

private:
    struct Window;
    const Samples& samples_;
    long size_;
    std::vector<Window> windows_; // by first sample
};

// Typical distance of a sample from its smoothed neighbourhood (median over the row), px: pixel steps, tremor, grain.
double noiseOf(const Samples& s, double span);

// Running sums that give the line of total least squares over any run of samples at constant cost.
class LineSums {
public:
    explicit LineSums(const Samples& s);
    struct Line {
        Vec2 centre;
        Vec2 along; // unit, in the direction of travel
        double rms = 0;
    };
    // first <= last; for closed rows both may run up to twice the count.
    Line over(long first, long last) const;

private:
    const Samples& samples_;
    Vec2 origin_;
    std::vector<double> x_, y_, xx_, xy_, yy_;
};

} // namespace softrope::curve
