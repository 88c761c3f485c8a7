#include "pixel/colour_blindness.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace softrope::pixel {

namespace {

using Matrix = std::array<std::array<double, 3>, 3>;
constexpr Matrix protan{{{0.152286, 1.052583, -0.204868}, {0.114503, 0.786281, 0.099216}, {-0.003882, -0.048116, 1.051998}}};
constexpr Matrix deutan{{{0.367322, 0.860646, -0.227968}, {0.280085, 0.672501, 0.047413}, {-0.011820, 0.042940, 0.968881}}};
constexpr Matrix tritan{{{1.255528, -0.076749, -0.178779}, {-0.078411, 0.930809, 0.147602}, {0.004733, 0.691367, 0.303900}}};

// IEC 61966-2-1.
double linear(std::uint8_t v)
{
    static const auto table = [] {
        std::array<double, 256> t{};
        for (std::size_t k = 0; k < 256; ++k) {
            const double c = static_cast<double>(k) / 255;
            t[k] = c <= 0.04045 ? c / 12.92 : std::pow((c + 0.055) / 1.055, 2.4);
        }
        return t;
    }();
    return table[v];
}
std::uint8_t encoded(double v)
{
    v = std::clamp(v, 0.0, 1.0);
    return static_cast<std::uint8_t>(std::lround(255 * (v <= 0.0031308 ? 12.92 * v : 1.055 * std::pow(v, 1 / 2.4) - 0.055)));
}

} // namespace

Rgba seenBy(Sight sight, Rgba c)
{
    const Matrix& m = sight == Sight::protanopia ? protan : sight == Sight::deuteranopia ? deutan : tritan;
    const double r = linear(c.r), g = linear(c.g), b = linear(c.b);
    const auto row = [&](std::size_t k) { return encoded(m[k][0] * r + m[k][1] * g + m[k][2] * b); };
    return {row(0), row(1), row(2), c.a};
}

void seenBy(Sight sight, Picture& picture)
{
    // Flat artwork has few colours: what was the same before is the same after.
    Rgba last{}, became = seenBy(sight, last);
    for (Rgba& c : picture.data) {
        if (!(c == last)) {
            last = c;
            became = seenBy(sight, c);
        }
        c = became;
    }
}

Rgba greyed(Rgba c)
{
    const std::uint8_t v = encoded(0.2126 * linear(c.r) + 0.7152 * linear(c.g) + 0.0722 * linear(c.b));
    return {v, v, v, c.a};
}

} // namespace softrope::pixel
