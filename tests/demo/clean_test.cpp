// The paper on pages of the scanner stand-in, at all its settings.
#include "demo/scanner.h"
#include "pixel/paper.h"
#include "render/render.h"

#include <catch2/catch.hpp>

#include <cmath>

using namespace softrope;
using curve::Vec2;

TEST_CASE("scanned pages are squared to their paper, its grey margins gone and the paper white")
{
    for (const int dpi : {150, 220})
        for (std::uint64_t seed = 1; seed <= (dpi == 150 ? 3U : 1U); ++seed) {
            demo::ScanOptions o;
            o.dotsPerInch = dpi;
            o.seed = seed;
            const demo::Scan scan = demo::scan(demo::page("lantern"), o);
            const auto found = pixel::paperCorners(pixel::greyOf(scan.picture));
            INFO(dpi << " " << seed);
            REQUIRE(found);
            const std::array<Vec2, 4> page{Vec2{0, 0}, {1080, 0}, {1080, 1080}, {0, 1080}};
            for (std::size_t k = 0; k < 4; ++k) {
                const Vec2 wanted = scan.fromPage * page[k];
                INFO("corner " << k << " off " << std::hypot((*found)[k].x - wanted.x, (*found)[k].y - wanted.y));
                CHECK(std::hypot((*found)[k].x - wanted.x, (*found)[k].y - wanted.y) < 3 * dpi / 150.0);
            }
            const pixel::Picture clean = render::lit(pixel::squared(scan.picture, *found), 1, 0.9);
            CHECK(static_cast<double>(clean.width) / clean.height == Approx(1).epsilon(0.005));
            // No wedge of the glass is left round it: all along the border, a little inside, the paper is white.
            const pixel::Grey grey = pixel::greyOf(clean);
            const int in = clean.width / 200, side = grey.width - 2 * in, high = grey.height - 2 * in;
            int dark = 0;
            for (int k = 0; k < side; ++k) dark += (grey.at(in + k, in) < 225 ? 1 : 0) + (grey.at(in + k, grey.height - 1 - in) < 225 ? 1 : 0);
            for (int k = 0; k < high; ++k) dark += (grey.at(in, in + k) < 225 ? 1 : 0) + (grey.at(grey.width - 1 - in, in + k) < 225 ? 1 : 0);
            std::string row;
            for (int k = 0; k < side; k += side / 12)
                row += std::to_string(grey.at(in + k, in)) + " " + std::to_string(grey.at(in + k, grey.height / 2)) + "; ";
            INFO(row);
            CHECK(dark < 0.01 * 2 * (side + high));
        }
}
