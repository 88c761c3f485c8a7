#include "trace/centre_line.h"

#include "trace/ink_field.h"
#include "trace/strip.h"

#include <algorithm>
#include <cmath>

namespace softrope::trace {

using curve::Vec2;

double edgeAlong(const pixel::Raster<float>& field, Vec2 p, Vec2 d, double reach, double level)
{
    constexpr double step = 0.5;
    double before = sample(field, p.x, p.y);
    for (double s = step; s <= reach + step; s += step) {
        const double now = sample(field, p.x + d.x * s, p.y + d.y * s);
        if (now < level) return before >= level ? s - step * (level - now) / (before - now) : s;
        before = now;
    }
    return -1;
}

std::vector<CentrePoint> centred(const std::vector<Vec2>& rough, const std::vector<float>& radius, bool closed, const pixel::Raster<float>& field)
{
    constexpr double darker = 1.25; // than most lines: of these half their own darkness is the edge
    const long n = static_cast<long>(rough.size());
    std::vector<CentrePoint> out(rough.size());
    if (n < 2) {
        for (std::size_t i = 0; i < rough.size(); ++i) out[i].at = rough[i];
        return out;
    }
    std::vector<Vec2> line = softened(rough, closed, 2);
    for (int round = 0; round < 2; ++round) {
        const std::vector<Vec2> base = softened(line, closed, 2);
        for (long i = 0; i < n; ++i) {
            const auto k = static_cast<std::size_t>(i);
            const double r = std::max(1.0F, radius[k]);
            const long span = std::clamp(static_cast<long>(std::lround(r * 0.8)), 2L, 12L);
            const auto place = [&](long j) { return closed ? ((j % n) + n) % n : std::clamp(j, 0L, n - 1); };
            const Vec2 along = unit(base[static_cast<std::size_t>(place(i + span))] - base[static_cast<std::size_t>(place(i - span))]);
            const Vec2 across = perpendicular(along);
            out[k] = {line[k], 2 * r, false};
            const double dark = sample(field, base[k].x, base[k].y);
            if (dark < 0.5) continue;
            const double level = dark > darker ? 0.5 * dark : 0.5;
            const double left = edgeAlong(field, base[k], across, 1.7 * r + 2, level), right = edgeAlong(field, base[k], -across, 1.7 * r + 2, level);
            if (left < 0 || right < 0) continue;
            const Vec2 middle = base[k] + across * ((left - right) / 2);
            if (distance(middle, rough[k]) > 0.7 * r + 1) continue;
            out[k] = {middle, left + right, true};
        }
        for (std::size_t k = 0; k < out.size(); ++k) line[k] = out[k].at;
    }
    return out;
}

} // namespace softrope::trace
