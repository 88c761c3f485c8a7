#include "pixel/colour_space.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace softrope::pixel {

namespace {

using std::numbers::pi;

double linear(double v)
{
    return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
}
double encoded(double v)
{
    return v <= 0.0031308 ? 12.92 * v : 1.055 * std::pow(v, 1 / 2.4) - 0.055;
}
const std::array<double, 256>& linearTable()
{
    static const std::array<double, 256> table = [] {
        std::array<double, 256> t{};
        for (std::size_t k = 0; k < 256; ++k) t[k] = linear(static_cast<double>(k) / 255);
        return t;
    }();
    return table;
}
std::uint8_t byte(double v)
{
    return static_cast<std::uint8_t>(std::lround(255 * std::clamp(encoded(std::clamp(v, 0.0, 1.0)), 0.0, 1.0)));
}

constexpr double whiteX = 0.95047, whiteZ = 1.08883; // D65, 2 degrees
double f(double t)
{
    return t > 216.0 / 24389 ? std::cbrt(t) : (24389.0 / 27 * t + 16) / 116;
}
// The same from a table with straight pieces; within 2e-6 of it above 1 % of white.
double quickF(double t)
{
    constexpr int steps = 8192;
    static const std::array<double, steps + 2> table = [] {
        std::array<double, steps + 2> v{};
        for (std::size_t k = 0; k < v.size(); ++k) v[k] = f(1.1 * static_cast<double>(k) / steps);
        return v;
    }();
    const double x = std::clamp(t / 1.1, 0.0, 1.0) * steps;
    const auto k = static_cast<std::size_t>(x);
    return table[k] + (x - static_cast<double>(k)) * (table[k + 1] - table[k]);
}
double inverseF(double t)
{
    return t * t * t > 216.0 / 24389 ? t * t * t : (116 * t - 16) * 27 / 24389;
}

template <class F> Lab labBy(Rgba c, F root)
{
    const auto& t = linearTable();
    const double r = t[c.r], g = t[c.g], b = t[c.b];
    const double x = root((0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / whiteX), y = root(0.2126729 * r + 0.7151522 * g + 0.0721750 * b),
                 z = root((0.0193339 * r + 0.1191920 * g + 0.9503041 * b) / whiteZ);
    return {static_cast<float>(116 * y - 16), static_cast<float>(500 * (x - y)), static_cast<float>(200 * (y - z))};
}

template <class F> OkLab okLabBy(Rgba c, F root)
{
    const auto& t = linearTable();
    const double r = t[c.r], g = t[c.g], b = t[c.b];
    const double l = root(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b), m = root(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b),
                 s = root(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b);
    return {0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s, 1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s,
            0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s};
}

} // namespace

Lab labOf(Rgba c)
{
    return labBy(c, f);
}
Lab quickLabOf(Rgba c)
{
    return labBy(c, quickF);
}

Rgba rgbOf(Lab c)
{
    const double fy = (c.l + 16.0) / 116, x = inverseF(fy + c.a / 500.0) * whiteX, y = inverseF(fy), z = inverseF(fy - c.b / 200.0) * whiteZ;
    return {byte(3.2404542 * x - 1.5371385 * y - 0.4985314 * z), byte(-0.9692660 * x + 1.8760108 * y + 0.0415560 * z),
            byte(0.0556434 * x - 0.2040259 * y + 1.0572252 * z), 255};
}

OkLab okLabOf(Rgba c)
{
    return okLabBy(c, [](double v) { return std::cbrt(v); });
}
OkLab quickOkLabOf(Rgba c)
{
    constexpr int steps = 8192;
    static const std::array<double, steps + 2> table = [] {
        std::array<double, steps + 2> v{};
        for (std::size_t k = 0; k < v.size(); ++k) v[k] = std::cbrt(static_cast<double>(k) / steps);
        return v;
    }();
    return okLabBy(c, [](double v) {
        const double x = std::clamp(v, 0.0, 1.0) * steps;
        const auto k = static_cast<std::size_t>(x);
        return table[k] + (x - static_cast<double>(k)) * (table[k + 1] - table[k]);
    });
}

Rgba rgbOf(OkLab c)
{
    const double l_ = c.l + 0.3963377774 * c.a + 0.2158037573 * c.b, m_ = c.l - 0.1055613458 * c.a - 0.0638541728 * c.b,
                 s_ = c.l - 0.0894841775 * c.a - 1.2914855480 * c.b;
    const double l = l_ * l_ * l_, m = m_ * m_ * m_, s = s_ * s_ * s_;
    return {byte(4.0767416621 * l - 3.3077115913 * m + 0.2309699292 * s), byte(-1.2684380046 * l + 2.6097574011 * m - 0.3413193965 * s),
            byte(-0.0041960863 * l - 0.7034186147 * m + 1.7076147010 * s), 255};
}

double ciede2000(Lab x, Lab y)
{
    const double c1 = std::hypot(x.a, x.b), c2 = std::hypot(y.a, y.b), mean7 = std::pow(0.5 * (c1 + c2), 7),
                 g = 0.5 * (1 - std::sqrt(mean7 / (mean7 + 6103515625.0)));
    const double a1 = (1 + g) * x.a, a2 = (1 + g) * y.a, p1 = std::hypot(a1, x.b), p2 = std::hypot(a2, y.b);
    const auto hue = [](double a, double b) {
        if (a == 0 && b == 0) return 0.0;
        const double h = std::atan2(b, a);
        return h < 0 ? h + 2 * pi : h;
    };
    const double h1 = hue(a1, x.b), h2 = hue(a2, y.b);
    double dh = h2 - h1;
    if (p1 * p2 == 0)
        dh = 0;
    else if (dh > pi)
        dh -= 2 * pi;
    else if (dh < -pi)
        dh += 2 * pi;
    double mean = h1 + h2;
    if (p1 * p2 != 0) {
        if (std::abs(h1 - h2) <= pi)
            mean *= 0.5;
        else
            mean = mean < 2 * pi ? 0.5 * (mean + 2 * pi) : 0.5 * (mean - 2 * pi);
    }
    const double dl = y.l - x.l, dc = p2 - p1, dH = 2 * std::sqrt(p1 * p2) * std::sin(dh / 2), ml = 0.5 * (x.l + y.l), mc = 0.5 * (p1 + p2);
    const double rad = pi / 180;
    const double t =
        1 - 0.17 * std::cos(mean - 30 * rad) + 0.24 * std::cos(2 * mean) + 0.32 * std::cos(3 * mean + 6 * rad) - 0.20 * std::cos(4 * mean - 63 * rad);
    const double turn = 30 * rad * std::exp(-std::pow((mean / rad - 275) / 25, 2)), mc7 = std::pow(mc, 7), rc = 2 * std::sqrt(mc7 / (mc7 + 6103515625.0));
    const double sl = 1 + 0.015 * (ml - 50) * (ml - 50) / std::sqrt(20 + (ml - 50) * (ml - 50)), sc = 1 + 0.045 * mc, sh = 1 + 0.015 * mc * t;
    const double u = dl / sl, v = dc / sc, w = dH / sh;
    return std::sqrt(u * u + v * v + w * w - std::sin(2 * turn) * rc * v * w);
}

} // namespace softrope::pixel
