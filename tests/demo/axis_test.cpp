// The axis of half drawings on pencilled, scanned pages.
#include "../mirror/halves.h"

#include "art/mirrored.h"
#include "demo/scanner.h"

#include <catch2/catch.hpp>

using namespace softrope;
using curve::Vec2;

namespace {

// Degrees and px of the page that the found axis is off from the line through `at` running along `way`, both on the page.
std::pair<double, double> off(const mirror::Axis& found, const demo::Scan& scan, Vec2 at, Vec2 way)
{
    const Vec2 through = scan.fromPage * at, along = linear(scan.fromPage, way);
    return {std::abs(curve::degrees(mirror::lineAngle(found.angle - curve::angleOf(along)))),
            std::abs(mirror::offsetFrom(found, through)) / curve::meanScale(scan.fromPage)};
}

demo::Scan scanned(const demo::Page& page, int dpi, std::uint64_t seed)
{
    demo::ScanOptions o;
    o.dotsPerInch = dpi;
    o.seed = seed;
    return demo::scan(page, o);
}

} // namespace

TEST_CASE("the axis drawn beside the half moth is found on its scanned page")
{
    for (const int dpi : {150, 220}) {
        const demo::Scan scan = scanned(demo::page("moth-half"), dpi, 1);
        const auto found = art::axesOf(scan.picture, {});
        INFO(dpi << " as " << (found.empty() ? -1 : static_cast<int>(found[0].as)));
        REQUIRE_FALSE(found.empty());
        const auto [degrees, px] = off(found[0].axis, scan, {540, 500}, {0, 1});
        INFO(degrees << " degrees, " << px << " px off, confidence " << found[0].confidence);
        CHECK(found[0].as == mirror::FoundAs::drawnLine);
        CHECK(found[0].confidence >= mirror::leastConfidence);
        CHECK(degrees < 1);
        CHECK(px < 8); // 1 % of the moth's width
    }
}

TEST_CASE("half drawings in pencil have their axis, drawn or not")
{
    int right = 0, sure = 0;
    constexpr unsigned count = 4;
    for (unsigned seed = 0; seed < count; ++seed) {
        const halves::Half h = halves::halfDrawing(seed, seed % 2 == 0);
        demo::Page page{"half", "Half", h.lines, seed + 1};
        const demo::Scan scan = scanned(page, 150, seed + 1);
        const auto found = art::axesOf(scan.picture, {});
        INFO("seed " << seed);
        if (found.empty()) continue;
        const auto [degrees, px] = off(found[0].axis, scan, h.middle, curve::direction(curve::pi / 2 + h.turned));
        INFO(degrees << " degrees, " << px << " px off, as " << static_cast<int>(found[0].as) << ", confidence " << found[0].confidence);
        CHECK((degrees < 1 && px < 0.01 * h.width + 2));
        right += degrees < 1 && px < 0.01 * h.width + 2 ? 1 : 0;
        sure += found[0].confidence >= mirror::leastConfidence ? 1 : 0;
    }
    CHECK(right == count);
    CHECK(sure == count);
}
