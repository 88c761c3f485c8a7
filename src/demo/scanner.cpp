#include "demo/scanner.h"

#include "demo/random.h"
#include "render/render.h"

#include <algorithm>

namespace softrope::demo {

using curve::Vec2;

namespace {

// Smooth noise between lattice values, for the paper's fibres.
class Grain {
public:
    Grain(std::uint64_t seed, double cell) : cell_(cell)
    {
        Random r(seed);
        for (double& v : values_) v = r.normal();
    }
    double at(double x, double y) const
    {
        const double u = x / cell_, v = y / cell_;
        const auto i = static_cast<long>(std::floor(u)), j = static_cast<long>(std::floor(v));
        const double fu = u - static_cast<double>(i), fv = v - static_cast<double>(j);
        return (value(i, j) * (1 - fu) + value(i + 1, j) * fu) * (1 - fv) + (value(i, j + 1) * (1 - fu) + value(i + 1, j + 1) * fu) * fv;
    }

private:
    double cell_;
    std::vector<double> values_ = std::vector<double>(256 * 256);
    double value(long i, long j) const { return values_[static_cast<std::size_t>((i & 255) * 256 + (j & 255))]; }
};

} // namespace

Scan scan(const Page& page, const ScanOptions& o)
{
    Random random(o.seed * 7919 + page.seed);
    const double scale = o.dotsPerInch / 96.0;
    const int side = static_cast<int>(std::lround(1080 * scale * 1.06));
    Scan out;
    out.turn = curve::radians(random.between(1.2, 4) * (random.unit() < 0.5 ? -1 : 1));
    const Vec2 middle{side / 2.0 + random.between(-6, 6) * scale, side / 2.0 + random.between(-6, 6) * scale};
    out.fromPage = curve::translation(middle) * curve::rotation(out.turn) * curve::scaling(scale, scale) * curve::translation({-540, -540});
    if (o.progress) o.progress(0.05);
    const render::Surface ink = render::renderView(pencilled(page), out.fromPage, side, side, {});
    if (o.progress) o.progress(0.4);
    if (ink.width == 0 || (o.cancelled && o.cancelled())) return out;
    const curve::Affine toPage = *curve::inverse(out.fromPage);
    const Grain coarse(o.seed + 1, 5 * scale), fine(o.seed + 2, 1.1 * scale);
    const double shadeAngle = random.between(0, 2 * curve::pi), shade = random.between(0.2, 0.3);
    const Vec2 dark = curve::direction(shadeAngle);
    Random noise(o.seed + 3);
    pixel::Picture picture(side, side);
    for (int y = 0; y < side; ++y) {
        if ((y & 31) == 0) {
            if (o.cancelled && o.cancelled()) return out;
            if (o.progress) o.progress(0.4 + 0.6 * y / side);
        }
        for (int x = 0; x < side; ++x) {
            const Vec2 at{x + 0.5, y + 0.5};
            const Vec2 p = toPage * at;
            const double edge = std::min({p.x, p.y, 1080 - p.x, 1080 - p.y}) * scale;
            const double onPage = std::clamp(edge + 0.5, 0.0, 1.0);
            const double fibres = 2.5 * coarse.at(x, y) + 3 * fine.at(x, y);
            const double coverage = (ink.pixels[static_cast<std::size_t>(y) * static_cast<std::size_t>(side) + static_cast<std::size_t>(x)] >> 24) / 255.0;
            // Graphite catches on the raised fibres only.
            const double graphite = std::clamp(coverage * (1 + 0.05 * fibres), 0.0, 1.0);
            const double paper = 238 + fibres;
            const double page1 = paper * (1 - graphite) + 62 * graphite;
            const double bed = 92;
            const Vec2 q = at / side - Vec2{0.5, 0.5};
            const double light = 1 - shade * std::clamp(0.5 + dot(q, dark), 0.0, 1.0) - 0.10 * dot(q, q) * 2;
            const double v = (page1 * onPage + bed * (1 - onPage)) * light + 3.0 * noise.normal();
            const auto grey = static_cast<std::uint8_t>(std::clamp(v, 0.0, 255.0));
            picture.at(x, y) = {grey, static_cast<std::uint8_t>(std::clamp(v - 1.5, 0.0, 255.0)), static_cast<std::uint8_t>(std::clamp(v - 5, 0.0, 255.0)),
                                255};
        }
    }
    out.picture = std::move(picture);
    return out;
}

} // namespace softrope::demo
