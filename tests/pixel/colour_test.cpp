// Colour spaces against published values.
#include "pixel/colour_space.h"

#include <catch2/catch.hpp>

#include <cmath>

using namespace softrope::pixel;

TEST_CASE("CIEDE2000 gives the published differences")
{
    // Sharma, Wu and Dalal (2005), table 1: all 34 pairs.
    struct Pair {
        Lab a, b;
        double difference;
    };
    const Pair pairs[] = {{{50, 2.6772F, -79.7751F}, {50, 0, -82.7485F}, 2.0425},
                          {{50, 3.1571F, -77.2803F}, {50, 0, -82.7485F}, 2.8615},
                          {{50, 2.8361F, -74.0200F}, {50, 0, -82.7485F}, 3.4412},
                          {{50, -1.3802F, -84.2814F}, {50, 0, -82.7485F}, 1.0000},
                          {{50, -1.1848F, -84.8006F}, {50, 0, -82.7485F}, 1.0000},
                          {{50, -0.9009F, -85.5211F}, {50, 0, -82.7485F}, 1.0000},
                          {{50, 0, 0}, {50, -1, 2}, 2.3669},
                          {{50, -1, 2}, {50, 0, 0}, 2.3669},
                          {{50, 2.4900F, -0.0010F}, {50, -2.4900F, 0.0009F}, 7.1792},
                          {{50, 2.4900F, -0.0010F}, {50, -2.4900F, 0.0010F}, 7.1792},
                          {{50, 2.4900F, -0.0010F}, {50, -2.4900F, 0.0011F}, 7.2195},
                          {{50, 2.4900F, -0.0010F}, {50, -2.4900F, 0.0012F}, 7.2195},
                          {{50, -0.0010F, 2.4900F}, {50, 0.0009F, -2.4900F}, 4.8045},
                          {{50, -0.0010F, 2.4900F}, {50, 0.0010F, -2.4900F}, 4.8045},
                          {{50, -0.0010F, 2.4900F}, {50, 0.0011F, -2.4900F}, 4.7461},
                          {{50, 2.5F, 0}, {50, 0, -2.5F}, 4.3065},
                          {{50, 2.5F, 0}, {73, 25, -18}, 27.1492},
                          {{50, 2.5F, 0}, {61, -5, 29}, 22.8977},
                          {{50, 2.5F, 0}, {56, -27, -3}, 31.9030},
                          {{50, 2.5F, 0}, {58, 24, 15}, 19.4535},
                          {{50, 2.5F, 0}, {50, 3.1736F, 0.5854F}, 1.0000},
                          {{50, 2.5F, 0}, {50, 3.2972F, 0}, 1.0000},
                          {{50, 2.5F, 0}, {50, 1.8634F, 0.5757F}, 1.0000},
                          {{50, 2.5F, 0}, {50, 3.2592F, 0.3350F}, 1.0000},
                          {{60.2574F, -34.0099F, 36.2677F}, {60.4626F, -34.1751F, 39.4387F}, 1.2644},
                          {{63.0109F, -31.0961F, -5.8663F}, {62.8187F, -29.7946F, -4.0864F}, 1.2630},
                          {{61.2901F, 3.7196F, -5.3901F}, {61.4292F, 2.2480F, -4.9620F}, 1.8731},
                          {{35.0831F, -44.1164F, 3.7933F}, {35.0232F, -40.0716F, 1.5901F}, 1.8645},
                          {{22.7233F, 20.0904F, -46.6940F}, {23.0331F, 14.9730F, -42.5619F}, 2.0373},
                          {{36.4612F, 47.8580F, 18.3852F}, {36.2715F, 50.5065F, 21.2231F}, 1.4146},
                          {{90.8027F, -2.0831F, 1.4410F}, {91.1528F, -1.6435F, 0.0447F}, 1.4441},
                          {{90.9257F, -0.5406F, -0.9208F}, {88.6381F, -0.8985F, -0.7239F}, 1.5381},
                          {{6.7747F, -0.2908F, -2.4247F}, {5.8714F, -0.0985F, -2.2286F}, 0.6377},
                          {{2.0776F, 0.0795F, -1.1350F}, {0.9033F, -0.0636F, -0.5514F}, 0.9082}};
    for (const Pair& p : pairs) CHECK(ciede2000(p.a, p.b) == Approx(p.difference).margin(2e-4));
}

TEST_CASE("CIELAB and OKLab of the primaries, and back")
{
    // CIELAB of sRGB red under D65 (Lindbloom's calculator; from memory): 53.24, 80.09, 67.20. OKLab of red, green and blue: Ottosson 2020,
    // "A perceptual color space for image processing", as CSS Color 4 gives them.
    const Lab red = labOf({255, 0, 0, 255});
    CHECK(red.l == Approx(53.24).margin(0.02));
    CHECK(red.a == Approx(80.09).margin(0.05));
    CHECK(red.b == Approx(67.20).margin(0.05));
    const OkLab r = okLabOf({255, 0, 0, 255}), g = okLabOf({0, 255, 0, 255}), b = okLabOf({0, 0, 255, 255});
    CHECK(r.l == Approx(0.62796).margin(1e-4));
    CHECK(r.a == Approx(0.22486).margin(1e-4));
    CHECK(r.b == Approx(0.12585).margin(1e-4));
    CHECK(g.l == Approx(0.86644).margin(1e-4));
    CHECK(b.b == Approx(-0.31153).margin(1e-4));
    for (int v = 0; v < 256; v += 15)
        for (int u = 0; u < 256; u += 51) {
            const Rgba c{static_cast<std::uint8_t>(v), static_cast<std::uint8_t>(u), static_cast<std::uint8_t>(255 - v), 255};
            CHECK(rgbOf(labOf(c)) == c);
            CHECK(rgbOf(okLabOf(c)) == c);
            const Lab exact = labOf(c), quick = quickLabOf(c);
            CHECK(std::abs(exact.l - quick.l) + std::abs(exact.a - quick.a) + std::abs(exact.b - quick.b) < 0.1);
        }
}
