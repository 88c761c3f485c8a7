// Composition aids: by their closed forms.
#include "art/aids.h"
#include "art/snap.h"

#include <catch2/catch.hpp>

#include <cmath>
#include <numbers>
#include <set>

using namespace softrope;
using namespace softrope::art;
using curve::Vec2;

namespace {

Aids with(Aid a, int position = 0)
{
    Aids out;
    out.shown = 1U << static_cast<unsigned>(a);
    out.position = position;
    return out;
}

} // namespace

TEST_CASE("the golden spiral grows by the golden ratio each quarter turn, in eight positions, within the sheet")
{
    for (const Sheet& sheet : {Sheet{1080, 1080}, Sheet{1920, 1080}, Sheet{600, 1500}}) {
        std::set<std::tuple<long, long, bool>> all;
        for (int position = 0; position < 8; ++position) {
            INFO(sheet.width << " x " << sheet.height << ", " << position);
            const GoldenSpiral s = goldenSpiral(sheet, position);
            const AidLines lines = aidLines(sheet, with(Aid::spiral, position));
            REQUIRE(lines.lines.size() == 1);
            const curve::Path& p = lines.lines[0];
            // r = a phi^(-2 t / pi) at nodes and between them.
            const double a = distance(s.from, s.pole);
            double angle = 0, last = curve::angleOf(p.nodes[0].at - s.pole);
            for (std::size_t k = 0; k < 32; ++k)
                for (const double t : {0.25, 0.5, 0.75, 1.0}) {
                    const Vec2 v = curve::at(p.piece(k), t) - s.pole;
                    angle += std::remainder(curve::angleOf(v) - last, 2 * curve::pi);
                    last = curve::angleOf(v);
                    CHECK(length(v) == Approx(a * std::pow(std::numbers::phi, -2 * std::abs(angle) / curve::pi)).epsilon(2e-4));
                }
            CHECK(angle * s.turn > 0);
            CHECK(std::abs(angle) == Approx(4 * curve::pi).epsilon(1e-3));
            // It starts in a corner of a golden rectangle and goes through the corner that the first square leaves.
            const curve::Box b = curve::bounds(p);
            CHECK(b.min.x >= -0.002 * sheet.width); // a spiral leaves its rectangle by a hair
            CHECK(b.min.y >= -0.002 * sheet.height);
            CHECK(b.max.x <= 1.002 * sheet.width);
            CHECK(b.max.y <= 1.002 * sheet.height);
            const Vec2 next = p.nodes[4].at;
            CHECK(std::abs(next.x - s.from.x) == Approx(std::abs(next.y - s.from.y)).epsilon(1e-6)); // a square
            all.insert({std::lround(s.from.x * 10 + s.pole.x), std::lround(s.from.y * 10 + s.pole.y), s.turn > 0});
        }
        CHECK(all.size() == 8);
    }
}

TEST_CASE("thirds, margins, diagonals and frames lie where arithmetic puts them, and are snapped to when they are shown")
{
    const Sheet sheet{900, 600};
    CHECK(aidLines(sheet, {}).lines.empty());
    const AidLines thirds = aidLines(sheet, with(Aid::thirds));
    CHECK(thirds.lines.size() == 4);
    CHECK(std::count_if(thirds.points.begin(), thirds.points.end(), [](Vec2 p) { return p == Vec2{300, 400} || p == Vec2{600, 200}; }) == 2);
    Aids margins = with(Aid::margins);
    margins.margin = 0.1;
    CHECK(curve::bounds(aidLines(sheet, margins).lines).min == Vec2{60, 60});
    CHECK(curve::bounds(aidLines(sheet, with(Aid::round)).lines).width() == Approx(600).epsilon(1e-3));
    CHECK(curve::bounds(aidLines(sheet, with(Aid::square)).lines).min == Vec2{150, 0});
    SnapRequest r;
    r.point = {303, 404};
    const Document d = newDocument(sheet);
    CHECK(snapped(d, r).reason == SnapReason::none);
    r.aids = &thirds;
    CHECK(snapped(d, r).reason == SnapReason::aid);
    CHECK(snapped(d, r).point == Vec2{300, 400});
    r.point = {303, 130};
    CHECK(snapped(d, r).point == Vec2{300, 130});
}
