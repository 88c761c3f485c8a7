// Blending against the W3C's formulas (Compositing and Blending Level 1, sections 5, 10.1 and 10.2), worked out here in another way: as
// fractions of 255 for separable modes, and by the properties the standard states for the others.
#include "art/blending.h"

#include <catch2/catch.hpp>

#include <algorithm>
#include <array>
#include <cmath>
#include <map>

using namespace softrope::art;

namespace {

using Triple = std::array<double, 3>;
const std::array<std::pair<Triple, Triple>, 10> pairs{{{{0, 0, 0}, {1, 1, 1}},
                                                       {{1, 1, 1}, {0, 0, 0}},
                                                       {{0.2, 0.4, 0.6}, {0.2, 0.4, 0.6}},
                                                       {{0.9, 0.1, 0.5}, {0.3, 0.7, 0.5}},
                                                       {{0.1, 0.2, 0.25}, {0.6, 0.6, 0.6}},
                                                       {{0.75, 0.5, 0.25}, {0.25, 0.5, 0.75}},
                                                       {{1, 0, 0}, {0, 1, 0}},
                                                       {{0.5, 0.5, 0.5}, {1, 0, 0.5}},
                                                       {{0.05, 0.95, 0.35}, {0.95, 0.05, 0.65}},
                                                       {{0.33, 0.66, 0.99}, {0.11, 0.88, 0.44}}}};

double lum(const Plain& c)
{
    return 0.3 * c.r + 0.59 * c.g + 0.11 * c.b;
}
double sat(const Plain& c)
{
    return std::max({c.r, c.g, c.b}) - std::min({c.r, c.g, c.b});
}

} // namespace

TEST_CASE("the separable modes at ten pairs of colours, by the standard's definitions")
{
    const std::map<Blend, double (*)(double, double)> wanted{
        {Blend::normal, [](double, double s) { return s; }},
        {Blend::multiply, [](double b, double s) { return b * s; }},
        {Blend::screen, [](double b, double s) { return 1 - (1 - b) * (1 - s); }},
        {Blend::overlay, [](double b, double s) { return b <= 0.5 ? 2 * b * s : 1 - 2 * (1 - b) * (1 - s); }},
        {Blend::darken, [](double b, double s) { return b < s ? b : s; }},
        {Blend::lighten, [](double b, double s) { return b > s ? b : s; }},
        {Blend::colourDodge, [](double b, double s) { return b == 0       ? 0
                                                             : b >= 1 - s ? 1
                                                                          : b / (1 - s); }},
        {Blend::colourBurn, [](double b, double s) { return b == 1       ? 1
                                                            : 1 - b >= s ? 0
                                                                         : 1 - (1 - b) / s; }},
        {Blend::hardLight, [](double b, double s) { return s <= 0.5 ? 2 * b * s : 1 - 2 * (1 - b) * (1 - s); }},
        {Blend::softLight,
         [](double b, double s) {
             if (s <= 0.5) return b - (1 - 2 * s) * b * (1 - b);
             const double d = b <= 0.25 ? 16 * b * b * b - 12 * b * b + 4 * b : std::sqrt(b);
             return b + (2 * s - 1) * (d - b);
         }},
        {Blend::difference, [](double b, double s) { return b > s ? b - s : s - b; }},
        {Blend::exclusion, [](double b, double s) { return b * (1 - s) + s * (1 - b); }}};
    CHECK(wanted.size() == 12);
    for (const auto& [mode, f] : wanted)
        for (const auto& [b, s] : pairs) {
            INFO(cssName(mode));
            const Plain c = blend({b[0], b[1], b[2]}, {s[0], s[1], s[2]}, mode);
            CHECK(c.r == Approx(f(b[0], s[0])).margin(1e-12));
            CHECK(c.g == Approx(f(b[1], s[1])).margin(1e-12));
            CHECK(c.b == Approx(f(b[2], s[2])).margin(1e-12));
        }
}

TEST_CASE("the other four keep what the standard says they keep")
{
    for (const auto& [b, s] : pairs) {
        const Plain cb{b[0], b[1], b[2]}, cs{s[0], s[1], s[2]};
        for (const Blend mode : {Blend::hue, Blend::saturation, Blend::colour}) CHECK(lum(blend(cb, cs, mode)) == Approx(lum(cb)).margin(1e-9));
        CHECK(lum(blend(cb, cs, Blend::luminosity)) == Approx(lum(cs)).margin(1e-9));
        for (int k = 0; k < blends; ++k) {
            const Plain c = blend(cb, cs, static_cast<Blend>(k));
            for (const double v : {c.r, c.g, c.b}) {
                CHECK(v >= -1e-9);
                CHECK(v <= 1 + 1e-9);
            }
        }
    }
    // Of grey there is no hue to take, and no saturation: what is left is grey (10.2).
    CHECK(sat(blend({0.7, 0.2, 0.4}, {0.5, 0.5, 0.5}, Blend::hue)) == Approx(0).margin(1e-12));
    CHECK(sat(blend({0.7, 0.2, 0.4}, {0.5, 0.5, 0.5}, Blend::saturation)) == Approx(0).margin(1e-12));
    // A colour blended with itself stays.
    const Plain same{0.2, 0.5, 0.8};
    for (const Blend mode : {Blend::hue, Blend::saturation, Blend::colour, Blend::luminosity}) {
        const Plain c = blend(same, same, mode);
        CHECK(c.r == Approx(same.r));
        CHECK(c.b == Approx(same.b));
    }
}

TEST_CASE("laid over each other, co = cs as + cb ab (1 - as), and half clear grounds take half of the blend")
{
    const Premixed plain = blended(premixed({255, 0, 0}, 1), premixed({0, 0, 255}, 0.25), Blend::normal);
    CHECK(plain.r == Approx(0.75));
    CHECK(plain.b == Approx(0.25));
    CHECK(plain.a == Approx(1));
    // (1 - ab) cs + ab B(cb, cs), section 5.8: grey 0.5 multiplied on half clear grey 0.5.
    const Premixed half = blended({0.25, 0.25, 0.25, 0.5}, {0.5, 0.5, 0.5, 1}, Blend::multiply);
    CHECK(half.r == Approx(0.5 * 0.5 + 0.5 * 0.25));
    CHECK(half.a == Approx(1));
    CHECK(blended({}, premixed({10, 20, 30}, 1), Blend::multiply).r == Approx(10.0 / 255));
    CHECK(blended(premixed({10, 20, 30}, 1), premixed({1, 1, 1}, 1), Blend::screen, 0).r == Approx(10.0 / 255));
    CHECK(over(premixed({0, 0, 0}, 0.5), {255, 255, 255}) == Colour{128, 128, 128});
}
