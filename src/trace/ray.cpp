#include "trace/ray.h"

#include "curve/cubic.h"
#include "curve/samples.h"
#include "trace/skeleton_graph.h"

#include <algorithm>
#include <cmath>

namespace softrope::trace {

using curve::Vec2;

namespace {

// Tuned on the centre lines of docs/quality.md: the direction of a line's end must be its own, not the last pixel's.
namespace tuned {
constexpr double directionWidths = 2.2;              // so many widths say where a line is going,
constexpr long fewest = 7, most = 40, bentFrom = 12; // in points of about 1 px; from twelve on it may be an arc
constexpr double parallel = 0.05;                    // sine of the angle below which two rays cross nowhere near
constexpr double cornerTurn = 0.5;                   // radians: less is no corner
constexpr double cornerBack = 0.3;                   // widths: the corner may lie so far behind either end,
constexpr double cornerWay = 1.6;                    // and the way round it be so much longer than the gap, and a width
constexpr double hardlyApart = 1.5;                  // px: the chord between two places as near as that has no direction
} // namespace tuned

} // namespace

std::optional<std::pair<double, double>> crossingOf(Ray a, Ray b)
{
    const double d = cross(a.along, b.along);
    if (std::abs(d) < tuned::parallel) return std::nullopt;
    const Vec2 gap = b.at - a.at;
    return std::pair{cross(gap, b.along) / d, -cross(gap, a.along) / d};
}

double medianOf(std::vector<double> v, double otherwise)
{
    if (v.empty()) return otherwise;
    const auto mid = v.begin() + static_cast<long>(v.size() / 2);
    std::nth_element(v.begin(), mid, v.end());
    return *mid;
}

Ray leaving(const std::vector<Vec2>& p, double width)
{
    const long n = static_cast<long>(p.size());
    if (n == 0) return {};
    if (n == 1) return {p[0], {}};
    const long span = std::min(n, std::clamp(static_cast<long>(std::lround(tuned::directionWidths * width)), tuned::fewest, tuned::most));
    curve::Samples s;
    s.points.assign(p.end() - span, p.end());
    s.step = std::max(1e-6, lengthOf(s.points) / static_cast<double>(span - 1));
    const bool bent = span >= tuned::bentFrom;
    const curve::LocalFit f =
        bent ? curve::localParabola(s, 0, span - 1, static_cast<double>(span - 1)) : curve::localLine(s, 0, span - 1, static_cast<double>(span - 1));
    Vec2 along = f.tangent;
    if (dot(along, s.points.back() - s.points.front()) < 0) along = -along;
    return {f.point, along};
}
Ray entering(const std::vector<Vec2>& p, double width)
{
    const Ray r = leaving({p.rbegin(), p.rend()}, width);
    return {r.at, -r.along};
}

void along(Vec2 a, Vec2 b, std::vector<Vec2>& into)
{
    const int n = static_cast<int>(distance(a, b));
    for (int i = 1; i <= n; ++i) into.push_back(lerp(a, b, static_cast<double>(i) / (n + 1)));
}

std::vector<Vec2> bridge(Ray a, Ray b, double width)
{
    std::vector<Vec2> out;
    const double gap = distance(a.at, b.at);
    const double turned = std::abs(curve::turn(a.along, b.along));
    const auto cross = crossingOf(a, b);
    if (cross && turned > tuned::cornerTurn && std::min(cross->first, cross->second) > -tuned::cornerBack * width &&
        cross->first + cross->second < tuned::cornerWay * gap + width) {
        const Vec2 corner = a.at + a.along * cross->first;
        along(a.at, corner, out);
        out.push_back(corner);
        along(corner, b.at, out);
        return out;
    }
    const curve::Cubic c{a.at, a.at + a.along * (gap / 3), b.at - b.along * (gap / 3), b.at};
    const int n = static_cast<int>(gap);
    for (int i = 1; i <= n; ++i) out.push_back(at(c, static_cast<double>(i) / (n + 1)));
    return out;
}

void connect(std::vector<Vec2>& line, const std::vector<Vec2>& next, const std::vector<Vec2>& way, double width)
{
    if (!way.empty()) {
        for (const Vec2 p : way) {
            along(Vec2{line.back()}, p, line);
            line.push_back(p);
        }
        along(Vec2{line.back()}, next.front(), line);
        return;
    }
    const std::vector<Vec2> over = bridge(leaving(line, width), entering(next, width), width);
    line.insert(line.end(), over.begin(), over.end());
}

double turnThrough(Ray a, Ray b)
{
    const Vec2 chord = b.at - a.at;
    const double whole = std::abs(curve::turn(a.along, -b.along));
    if (length(chord) < tuned::hardlyApart) return whole;
    return std::max(whole, std::abs(curve::turn(a.along, chord)) + std::abs(curve::turn(chord, -b.along)));
}

} // namespace softrope::trace
