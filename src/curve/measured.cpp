#include "curve/measured.h"

#include <algorithm>
#include <cmath>

namespace softrope::curve {

Measured::Measured(Path path) : path_(std::move(path))
{
    starts_.push_back(0);
    for (std::size_t k = 0; k < path_.pieceCount(); ++k) starts_.push_back(starts_.back() + arcLength(path_.piece(k)));
}

OnWay Measured::at(double along) const
{
    if (path_.nodes.empty()) return {{}, {1, 0}};
    if (!(length() > 0) || !std::isfinite(along)) return {path_.nodes.front().at, {1, 0}};
    double beyond = 0;
    if (path_.closed) {
        along = std::fmod(along, length());
        if (along < 0) along += length();
    } else {
        const double inside = std::clamp(along, 0.0, length());
        beyond = along - inside;
        along = inside;
    }
    // The last piece that begins there or before, of those with a length.
    std::size_t k = static_cast<std::size_t>(std::upper_bound(starts_.begin(), starts_.end(), along) - starts_.begin());
    k = std::min(std::max<std::size_t>(k, 1), starts_.size() - 1) - 1;
    while (k > 0 && !(starts_[k + 1] > starts_[k])) --k;
    const Cubic c = path_.piece(k);
    const double wanted = along - starts_[k], whole = starts_[k + 1] - starts_[k];
    if (!(whole > 0)) return {c.p0, {1, 0}};
    double low = 0, high = 1, t = wanted / whole;
    for (int step = 0; step < 60; ++step) {
        const double off = arcLength(part(c, 0, t)) - wanted;
        if (std::abs(off) < 1e-7) break;
        (off > 0 ? high : low) = t;
        const double speed = curve::length(derivative(c, t));
        const double next = speed > 1e-9 ? t - off / speed : low;
        t = next > low && next < high ? next : (low + high) / 2;
    }
    const Vec2 tangent = tangentAt(c, t);
    const Vec2 way = tangent == Vec2{} ? Vec2{1, 0} : tangent;
    return {curve::at(c, t) + beyond * way, way};
}

double Measured::along(const Place& place) const
{
    if (place.piece + 1 >= starts_.size()) return length();
    return starts_[place.piece] + arcLength(part(path_.piece(place.piece), 0, std::clamp(place.t, 0.0, 1.0)));
}

} // namespace softrope::curve
