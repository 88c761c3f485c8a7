// Colours as eyes without one kind of cone see them: what must hold by the model of Machado, Oliveira and Fernandes (2009).
#include "pixel/colour_blindness.h"

#include "pixel/colour_space.h"

#include <catch2/catch.hpp>

using namespace softrope::pixel;

TEST_CASE("greys stay grey: each row of the matrices sums to one")
{
    for (const Sight s : {Sight::protanopia, Sight::deuteranopia, Sight::tritanopia})
        for (int v = 0; v < 256; v += 15) {
            const auto g = static_cast<std::uint8_t>(v);
            const Rgba seen = seenBy(s, {g, g, g, 200});
            CHECK(std::abs(seen.r - v) <= 1);
            CHECK(std::abs(seen.g - v) <= 1);
            CHECK(std::abs(seen.b - v) <= 1);
            CHECK(seen.a == 200);
        }
}

TEST_CASE("reds and greens of one lightness come together without red or green cones, blues and yellows stay apart")
{
    const Rgba red{190, 90, 80, 255}, green{115, 128, 60, 255}, blue{60, 110, 200, 255}, yellow{190, 170, 60, 255};
    const auto apart = [](Rgba a, Rgba b) { return ciede2000(labOf(a), labOf(b)); };
    for (const Sight s : {Sight::protanopia, Sight::deuteranopia}) {
        CHECK(apart(seenBy(s, red), seenBy(s, green)) < 0.6 * apart(red, green));
        CHECK(apart(seenBy(s, blue), seenBy(s, yellow)) > 0.7 * apart(blue, yellow));
    }
    // Without blue cones it is blue and green that come together (common knowledge of colour vision; figures from memory).
    const Rgba teal{40, 140, 130, 255}, sky{60, 130, 190, 255};
    CHECK(apart(seenBy(Sight::tritanopia, teal), seenBy(Sight::tritanopia, sky)) < 0.6 * apart(teal, sky));
    CHECK(apart(seenBy(Sight::tritanopia, red), seenBy(Sight::tritanopia, green)) > 0.7 * apart(red, green));
}

TEST_CASE("grey keeps the lightness of CIELAB")
{
    for (const Rgba c : {Rgba{200, 40, 40, 255}, Rgba{40, 200, 40, 255}, Rgba{40, 40, 200, 255}, Rgba{240, 220, 30, 255}}) {
        const Rgba g = greyed(c);
        CHECK(g.r == g.g);
        CHECK(g.g == g.b);
        CHECK(std::abs(labOf(c).l - labOf(g).l) < 0.5);
    }
}
