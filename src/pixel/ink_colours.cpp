#include "pixel/ink_colours.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace softrope::pixel {

namespace {

using std::numbers::pi;
constexpr double darkest = 0.16, lightest = 0.97;

OkLab labOf(OkLch c)
{
    return {c.l, c.c * std::cos(c.h), c.c * std::sin(c.h)};
}

double linear(double v) // IEC 61966-2-1
{
    return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
}

// Linear sRGB of an OKLab colour (Ottosson 2020); may lie outside 0..1.
void linearOf(const OkLab& o, double (&rgb)[3])
{
    const double l = std::pow(o.l + 0.3963377774 * o.a + 0.2158037573 * o.b, 3), m = std::pow(o.l - 0.1055613458 * o.a - 0.0638541728 * o.b, 3),
                 s = std::pow(o.l - 0.0894841775 * o.a - 1.2914855480 * o.b, 3);
    rgb[0] = 4.0767416621 * l - 3.3077115913 * m + 0.2309699292 * s;
    rgb[1] = -1.2684380046 * l + 2.6097574011 * m - 0.3413193965 * s;
    rgb[2] = -0.0041960863 * l - 0.7034186147 * m + 1.7076147010 * s;
}

double luminance(Rgba c)
{
    return 0.2126 * linear(c.r / 255.0) + 0.7152 * linear(c.g / 255.0) + 0.0722 * linear(c.b / 255.0);
}

} // namespace

OkLch okLchOf(Rgba colour)
{
    const OkLab o = okLabOf(colour);
    const double c = std::hypot(o.a, o.b);
    return {o.l, c, c < 1e-4 ? 0 : std::atan2(o.b, o.a)};
}

bool inGamut(OkLch c)
{
    double rgb[3];
    linearOf(labOf(c), rgb);
    return std::all_of(std::begin(rgb), std::end(rgb), [](double v) { return v > -1e-4 && v < 1.0001; });
}

Rgba shown(OkLch c)
{
    if (c.l >= 1) return {255, 255, 255, 255};
    if (c.l <= 0) return {0, 0, 0, 255};
    if (inGamut(c)) return rgbOf(labOf(c));
    double low = 0, high = c.c;
    while (high - low > 1e-4) {
        const double middle = (low + high) / 2;
        (inGamut(OkLch{c.l, middle, c.h}) ? low : high) = middle;
    }
    return rgbOf(labOf(OkLch{c.l, low, c.h}));
}

Rgba tint(Rgba colour, int step)
{
    step = std::clamp(step, -tintSteps, tintSteps);
    if (step == 0) return {colour.r, colour.g, colour.b, 255};
    OkLch c = okLchOf(colour);
    const double share = std::abs(step) / (tintSteps + 0.5);
    const double end = step > 0 ? std::max(lightest, c.l) : std::min(darkest, c.l);
    c.l += share * (end - c.l);
    c.c *= 1 - 0.55 * share * share;
    return shown(c);
}

std::vector<Rgba> harmony(Rgba colour, Harmony kind)
{
    std::vector<double> degrees;
    switch (kind) {
    case Harmony::complement: degrees = {180}; break;
    case Harmony::neighbours: degrees = {-30, 30}; break;
    case Harmony::triad: degrees = {120, 240}; break;
    case Harmony::split: degrees = {150, 210}; break;
    case Harmony::square: degrees = {90, 180, 270}; break;
    }
    std::vector<Rgba> out{{colour.r, colour.g, colour.b, 255}};
    for (const double d : degrees) {
        OkLch c = okLchOf(colour);
        c.h = std::remainder(c.h + d * pi / 180, 2 * pi);
        out.push_back(shown(c));
    }
    return out;
}

double contrastRatio(Rgba a, Rgba b)
{
    const double x = luminance(a) + 0.05, y = luminance(b) + 0.05;
    return std::max(x, y) / std::min(x, y);
}

} // namespace softrope::pixel
