#include "curve/half_level.h"

#include <algorithm>

namespace softrope::curve {

namespace {

// Whether p lies to the left of the line, told by its nearest place, which is on piece `about` or beside it.
bool isLeft(const std::vector<Vec2>& line, Vec2 p, std::size_t about)
{
    double best = 1e300;
    bool left = false;
    const std::size_t end = std::min(about + 2, line.size() - 1);
    for (std::size_t i = about > 0 ? about - 1 : 0; i < end; ++i) {
        const Vec2 a = line[i], d = line[i + 1] - a;
        const double t = std::clamp(dot(p - a, d) / std::max(1e-18, dot(d, d)), 0.0, 1.0);
        const Vec2 off = p - (a + d * t);
        if (dot(off, off) >= best) continue;
        best = dot(off, off);
        // At a node both pieces have a say.
        Vec2 along = d;
        if (t >= 1 && i + 2 < line.size()) along = unit(d) + unit(line[i + 2] - line[i + 1]);
        if (t <= 0 && i > 0) along = unit(d) + unit(a - line[i - 1]);
        left = cross(along, off) > 0;
    }
    return left;
}

// The angle from a to b, in radians, given their cross and dot products. Most pieces are seen under a small one: there a series is as good
// (to 1e-9 rad) and four times as fast.
double angleOf(double across, double along)
{
    const double x = across / along, x2 = x * x;
    if (along > 0 && x2 < 0.01) return x * (1 - x2 * (1.0 / 3 - x2 * (1.0 / 5 - x2 * (1.0 / 7 - x2 / 9))));
    // On the line itself it is seen from the right.
    return std::abs(across) < 1e-12 && along < 0 ? -pi : std::atan2(across, along);
}

} // namespace

double offHalfLevel(const std::vector<Vec2>& line, Vec2 p, double sigma)
{
    const double far = levelReach * sigma, k = -1 / (2 * sigma * sigma);
    if (line.size() < 2) return 0;
    double sum = 0, nearest = 1e300;
    std::size_t about = 0;
    Vec2 a = line[0] - p;
    for (std::size_t i = 0; i + 1 < line.size(); ++i) {
        const Vec2 b = line[i + 1] - p, m = (a + b) * 0.5;
        const double r2 = dot(m, m);
        if (r2 < nearest) {
            nearest = r2;
            about = i;
        }
        if (r2 <= far * far) sum += std::exp(k * r2) * angleOf(cross(a, b), dot(a, b));
        a = b;
    }
    const double level = (isLeft(line, p, about) ? 1.0 : 0.0) - sum / (2 * pi);
    return (level - 0.5) * std::sqrt(2 * pi) * sigma;
}

} // namespace softrope::curve
