// Tints, harmonies and contrast; the colour spaces against npm culori 4.0.2 (reference_colours.cjs makes the table).
#include "pixel/ink_colours.h"

#include <catch2/catch.hpp>

#include <cmath>
#include <fstream>
#include <sstream>

using namespace softrope::pixel;

namespace {

double degrees(double r)
{
    return std::fmod(r * 180 / 3.14159265358979 + 360, 360);
}
double apart(double a, double b)
{
    return std::abs(std::remainder(a - b, 360));
}

} // namespace

TEST_CASE("CIELAB, OKLab, OKLCH and contrast are those of an independent library")
{
    std::ifstream in(SOFT_ROPE_SOURCE "/tests/pixel/reference_colours.txt");
    REQUIRE(in);
    int n = 0;
    for (std::string line; std::getline(in, line);) {
        INFO(line);
        std::istringstream row(line);
        int r = 0, g = 0, b = 0;
        double l = 0, a = 0, bb = 0, ol = 0, oa = 0, ob = 0, hl = 0, hc = 0, hh = 0, white = 0, other = 0;
        row >> r >> g >> b >> l >> a >> bb >> ol >> oa >> ob >> hl >> hc >> hh >> white >> other;
        REQUIRE(row);
        const Rgba c{static_cast<std::uint8_t>(r), static_cast<std::uint8_t>(g), static_cast<std::uint8_t>(b), 255};
        const Lab lab = labOf(c);
        // The white point's last digits differ between tables of D65: two hundredths at most.
        CHECK(static_cast<double>(lab.l) == Approx(l).margin(0.02));
        CHECK(static_cast<double>(lab.a) == Approx(a).margin(0.02));
        CHECK(static_cast<double>(lab.b) == Approx(bb).margin(0.02));
        const OkLab ok = okLabOf(c);
        CHECK(ok.l == Approx(ol).margin(2e-4));
        CHECK(ok.a == Approx(oa).margin(2e-4));
        CHECK(ok.b == Approx(ob).margin(2e-4));
        const OkLch lch = okLchOf(c);
        CHECK(lch.c == Approx(hc).margin(2e-4));
        if (hh >= 0 && hc > 0.01) CHECK(apart(degrees(lch.h), hh) < 0.2);
        CHECK(contrastRatio(c, {255, 255, 255, 255}) == Approx(white).epsilon(1e-3));
        CHECK(contrastRatio({10, 77, 104, 255}, c) == Approx(other).epsilon(1e-3));
        // And back.
        const Rgba again = rgbOf(ok);
        CHECK(std::abs(again.r - r) + std::abs(again.g - g) + std::abs(again.b - b) == 0);
        ++n;
    }
    CHECK(n == 60);
}

TEST_CASE("contrast ratio: the ends of the scale and the limits of WCAG")
{
    CHECK(contrastRatio({0, 0, 0, 255}, {255, 255, 255, 255}) == Approx(21)); // WCAG 2.2, definition of contrast ratio
    CHECK(contrastRatio({9, 9, 9, 255}, {9, 9, 9, 255}) == Approx(1));
    // #767676 on white is the lightest grey that reaches 4.5 (common practice, from memory).
    CHECK(contrastRatio({0x76, 0x76, 0x76, 255}, {255, 255, 255, 255}) >= 4.5);
    CHECK(contrastRatio({0x77, 0x77, 0x77, 255}, {255, 255, 255, 255}) < 4.5);
}

TEST_CASE("a tint scale runs evenly from dark to light through the colour, in its hue")
{
    for (const Rgba c : {Rgba{166, 63, 43, 255}, Rgba{46, 107, 100, 255}, Rgba{222, 160, 60, 255}, Rgba{120, 120, 120, 255}, Rgba{20, 20, 200, 255}}) {
        INFO(int(c.r) << ' ' << int(c.g) << ' ' << int(c.b));
        CHECK(tint(c, 0) == c);
        double before = 0;
        for (int s = -tintSteps; s <= tintSteps; ++s) {
            const OkLch t = okLchOf(tint(c, s));
            CHECK(t.l > before);
            before = t.l;
            // Hue kept where there is enough chroma to tell one in 8 bits.
            if (t.c > 0.04 && okLchOf(c).c > 0.04) CHECK(apart(degrees(t.h), degrees(okLchOf(c).h)) < 6);
        }
        // Even steps of lightness on either side: common practice, no source.
        const double up1 = okLchOf(tint(c, 1)).l - okLchOf(c).l, up3 = okLchOf(tint(c, 3)).l - okLchOf(c).l;
        CHECK(up3 == Approx(3 * up1).margin(0.02));
    }
    CHECK(tint({1, 2, 3, 255}, 9) == tint({1, 2, 3, 255}, 3));
}

TEST_CASE("harmonies stand at their angles and can be shown")
{
    const Rgba c{166, 63, 43, 255};
    const double own = degrees(okLchOf(c).h);
    const auto check = [&](Harmony kind, std::vector<double> angles) {
        const auto h = harmony(c, kind);
        REQUIRE(h.size() == angles.size() + 1);
        CHECK(h[0] == c);
        for (std::size_t k = 0; k < angles.size(); ++k) {
            const OkLch got = okLchOf(h[k + 1]);
            CHECK(apart(degrees(got.h), own + angles[k]) < 4);
            CHECK(got.l == Approx(okLchOf(c).l).margin(0.03));
        }
    };
    check(Harmony::complement, {180});
    check(Harmony::neighbours, {-30, 30});
    check(Harmony::triad, {120, 240});
    check(Harmony::split, {150, 210});
    check(Harmony::square, {90, 180, 270});
}

TEST_CASE("colours beyond sRGB lose chroma, not lightness or hue")
{
    for (double l = 0.15; l < 0.95; l += 0.1)
        for (double h = 0; h < 6.28; h += 0.7) {
            INFO("l " << l << " h " << h);
            const OkLch wanted{l, 0.4, h};
            CHECK_FALSE(inGamut(wanted));
            const OkLch got = okLchOf(shown(wanted));
            CHECK(got.l == Approx(l).margin(0.035));
            CHECK(got.c < 0.4);
            CHECK(inGamut({got.l, got.c * 0.97, got.h}));
        }
    CHECK(shown({1.2, 0.1, 0}) == Rgba{255, 255, 255, 255});
    CHECK(shown({-1, 0.1, 0}) == Rgba{0, 0, 0, 255});
    // What can be shown is left alone.
    CHECK(shown(okLchOf({12, 34, 56, 255})) == Rgba{12, 34, 56, 255});
}
