// Paths far larger than what is seen: they look as they would in full, and cost little. Faults inside a library stay there.
#include "art/edits.h"
#include "render/contained.h"
#include "render/island.h"
#include "render/render.h"

#include <catch2/catch.hpp>

#include <csignal>
#include <cstdlib>
#include <thread>

using namespace softrope;
using curve::Vec2;

namespace {

art::Document with(const std::vector<art::Artwork>& all)
{
    art::Document d = art::newDocument();
    d.sheet.width = d.sheet.height = 100;
    for (const art::Artwork& a : all) {
        art::Item i;
        i.is = a;
        d = art::withItem(d, 0, i).document;
    }
    return d;
}

art::Artwork circle(Vec2 at, double r, bool line)
{
    art::Artwork a;
    a.setPaths({curve::circle(at, r)});
    a.stroke.colour.reset();
    if (line) {
        a.stroke.colour = art::Colour{0, 0, 0};
        a.stroke.width = 6;
    } else {
        a.fill.colour = art::Colour{0, 0, 0};
    }
    return a;
}

int darkIn(const pixel::Picture& p)
{
    return static_cast<int>(std::count_if(p.data.begin(), p.data.end(), [](pixel::Rgba c) { return c.a > 128; }));
}

} // namespace

TEST_CASE("of a circle of a thousand kilometres its part on the sheet is right")
{
    for (const double r : {1e4, 1e6, 1e9}) {
        INFO(r);
        // Its rim passes through the middle of the sheet, straight down within a px.
        const pixel::Picture area = render::renderSheet(with({circle({50 - r, 50}, r, false)}), 100, {});
        CHECK(area.at(20, 50).a == 255);
        CHECK(area.at(80, 50).a == 0);
        CHECK(darkIn(area) == Approx(5000).margin(r < 1e6 ? 60 : 250)); // four cubics are off a circle by 2.7e-4 of the radius only between their nodes
        const pixel::Picture line = render::renderSheet(with({circle({50 - r, 50}, r, true)}), 100, {});
        CHECK(line.at(50, 50).a == 255);
        CHECK(line.at(40, 50).a == 0);
        CHECK(line.at(60, 50).a == 0);
        CHECK(darkIn(line) == Approx(600).margin(30));
    }
    // The sheet wholly inside, wholly outside.
    CHECK(darkIn(render::renderSheet(with({circle({50, 50}, 1e9, false)}), 100, {})) == 10000);
    CHECK(darkIn(render::renderSheet(with({circle({5e9, 50}, 1e9, false)}), 100, {})) == 0);
    CHECK(darkIn(render::renderSheet(with({circle({50, 50}, 1e9, true)}), 100, {})) == 0);
}

TEST_CASE("a library that gives up is left, on any thread, again and again")
{
    const auto tries = [] {
        for (int k = 0; k < 3; ++k) {
            CHECK_FALSE(render::contained([] { std::abort(); }));
            CHECK_FALSE(render::contained([] { std::raise(SIGTRAP); }));
            int done = 0;
            int* p = &done;
            CHECK(render::contained([p] { *p = 1; }));
            CHECK(done == 1);
        }
        CHECK_FALSE(render::contained([] {
            (void)render::contained([] {});
            std::abort();
        }));
    };
    tries();
    std::thread other(tries);
    other.join();
}

TEST_CASE("drawings that cannot be drawn are none, and loading nothing from elsewhere is no fault")
{
    CHECK_FALSE(render::islandBox("<svg><g></svg>"));
    const auto empty = render::islandBox("<svg xmlns='http://www.w3.org/2000/svg'/>");
    REQUIRE(empty);
    CHECK(empty->empty());
    // A file beside, and one anywhere: neither is opened, so nothing is painted.
    const auto far =
        render::islandBox("<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink'><use xlink:href='other.svg#a'/></svg>");
    REQUIRE(far);
    CHECK(far->empty());
}
