#include "art/blending.h"

#include <algorithm>
#include <cmath>

namespace softrope::art {

namespace {

double multiply(double b, double s)
{
    return b * s;
}
double screen(double b, double s)
{
    return b + s - b * s;
}
double hardLight(double b, double s)
{
    return s <= 0.5 ? multiply(b, 2 * s) : screen(b, 2 * s - 1);
}
double softLight(double b, double s)
{
    if (s <= 0.5) return b - (1 - 2 * s) * b * (1 - b);
    const double d = b <= 0.25 ? ((16 * b - 12) * b + 4) * b : std::sqrt(b);
    return b + (2 * s - 1) * (d - b);
}

double separable(double b, double s, Blend mode)
{
    switch (mode) {
    case Blend::multiply: return multiply(b, s);
    case Blend::screen: return screen(b, s);
    case Blend::overlay: return hardLight(s, b);
    case Blend::darken: return std::min(b, s);
    case Blend::lighten: return std::max(b, s);
    case Blend::colourDodge: return b <= 0 ? 0 : s >= 1 ? 1 : std::min(1.0, b / (1 - s));
    case Blend::colourBurn: return b >= 1 ? 1 : s <= 0 ? 0 : 1 - std::min(1.0, (1 - b) / s);
    case Blend::hardLight: return hardLight(b, s);
    case Blend::softLight: return softLight(b, s);
    case Blend::difference: return std::abs(b - s);
    case Blend::exclusion: return b + s - 2 * b * s;
    default: return s;
    }
}

// Section 10.2: lightness as the standard weighs it, and colours brought back into their range.
double lum(const Plain& c)
{
    return 0.3 * c.r + 0.59 * c.g + 0.11 * c.b;
}
double sat(const Plain& c)
{
    return std::max({c.r, c.g, c.b}) - std::min({c.r, c.g, c.b});
}
Plain withLum(Plain c, double l)
{
    const double d = l - lum(c);
    c = {c.r + d, c.g + d, c.b + d};
    const double now = lum(c), least = std::min({c.r, c.g, c.b}), most = std::max({c.r, c.g, c.b});
    const auto each = [&](auto act) { c = {act(c.r), act(c.g), act(c.b)}; };
    if (least < 0 && now > least) each([&](double v) { return now + (v - now) * now / (now - least); });
    if (most > 1 && most > now) each([&](double v) { return now + (v - now) * (1 - now) / (most - now); });
    return c;
}
Plain withSat(const Plain& c, double s)
{
    const double least = std::min({c.r, c.g, c.b}), most = std::max({c.r, c.g, c.b});
    if (most <= least) return {};
    const auto to = [&](double v) { return (v - least) * s / (most - least); };
    return {to(c.r), to(c.g), to(c.b)};
}

} // namespace

Premixed premixed(Colour c, double alpha)
{
    const double a = std::clamp(alpha, 0.0, 1.0);
    return {a * c.r / 255, a * c.g / 255, a * c.b / 255, a};
}

Colour over(const Premixed& c, Colour ground)
{
    const auto one = [&](double v, std::uint8_t g) {
        return static_cast<std::uint8_t>(std::lround(255 * std::clamp(v + (1 - c.a) * static_cast<double>(g) / 255, 0.0, 1.0)));
    };
    return {one(c.r, ground.r), one(c.g, ground.g), one(c.b, ground.b)};
}

Plain blend(const Plain& b, const Plain& s, Blend mode)
{
    switch (mode) {
    case Blend::hue: return withLum(withSat(s, sat(b)), lum(b));
    case Blend::saturation: return withLum(withSat(b, sat(s)), lum(b));
    case Blend::colour: return withLum(s, lum(b));
    case Blend::luminosity: return withLum(b, lum(s));
    default: return {separable(b.r, s.r, mode), separable(b.g, s.g, mode), separable(b.b, s.b, mode)};
    }
}

Premixed blended(const Premixed& backdrop, const Premixed& source, Blend mode, double opacity)
{
    const double as = source.a * opacity, ab = backdrop.a;
    if (as <= 0) return backdrop;
    const Plain cs{source.r / source.a, source.g / source.a, source.b / source.a};
    // cs' = (1 - ab) cs + ab B(cb, cs); co = as cs' + (1 - as) ab cb.
    Plain mixed = cs;
    if (mode != Blend::normal && ab > 0) {
        const Plain with = blend({backdrop.r / ab, backdrop.g / ab, backdrop.b / ab}, cs, mode);
        mixed = {(1 - ab) * cs.r + ab * with.r, (1 - ab) * cs.g + ab * with.g, (1 - ab) * cs.b + ab * with.b};
    }
    return {as * mixed.r + (1 - as) * backdrop.r, as * mixed.g + (1 - as) * backdrop.g, as * mixed.b + (1 - as) * backdrop.b, as + (1 - as) * ab};
}

} // namespace softrope::art
