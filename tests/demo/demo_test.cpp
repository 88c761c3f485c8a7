#include "art/drops.h"
#include "art/facets.h"
#include "demo/night_market.h"
#include "demo/pages.h"
#include "demo/photo.h"
#include "demo/scanner.h"
#include "demo/shelf.h"
#include "pixel/lighting.h"
#include "pixel/skew.h"

#include <catch2/catch.hpp>

#include <set>

using namespace softrope;

TEST_CASE("the moth is symmetric about the sheet's middle")
{
    const curve::Paths all = demo::moth();
    const std::size_t half = demo::mothHalf().size();
    REQUIRE(all.size() == 2 * half);
    for (std::size_t i = 0; i < half; ++i)
        for (std::size_t k = 0; k < all[i].nodes.size(); ++k)
            CHECK(all[i + half].nodes[k].at == curve::Vec2{1080 - all[i].nodes[k].at.x, all[i].nodes[k].at.y});
}

TEST_CASE("a scan is crooked, unevenly lit, and the same for the same seed")
{
    demo::ScanOptions o;
    o.dotsPerInch = 100;
    o.seed = 5;
    const demo::Scan a = demo::scan(demo::page("moth"), o), b = demo::scan(demo::page("moth"), o);
    CHECK(a.picture == b.picture);
    CHECK(std::abs(curve::degrees(a.turn)) > 1);
    CHECK(pixel::paperField(pixel::greyOf(a.picture)).unevenness > 0.1);
    // The lines are where the truth says: darker on the wing's outline than beside it.
    const curve::Path wing = demo::moth()[0];
    double on = 0, beside = 0;
    for (int i = 5; i < 95; ++i) {
        const curve::Cubic c = wing.piece(0);
        const double t = i / 100.0;
        const auto grey = [&](curve::Vec2 p) {
            const curve::Vec2 q = a.fromPage * p;
            return a.picture.at(static_cast<int>(q.x), static_cast<int>(q.y)).g;
        };
        on += grey(curve::at(c, t));
        beside += grey(curve::at(c, t) + curve::perpendicular(curve::tangentAt(c, t)) * 12);
    }
    CHECK(on < 0.8 * beside);
    o.seed = 6;
    CHECK_FALSE(demo::scan(demo::page("moth"), o).picture == a.picture);
}

TEST_CASE("scanning can be stopped")
{
    demo::ScanOptions o;
    o.cancelled = [] { return true; };
    CHECK(demo::scan(demo::page("teapot"), o).picture.empty());
}

TEST_CASE("the turn of scanned pages is found within a quarter of a degree")
{
    for (const char* id : {"moth", "moth-half", "lantern", "teapot"})
        for (const std::uint64_t seed : {1U, 2U, 3U}) {
            demo::ScanOptions o;
            o.dotsPerInch = 100;
            o.seed = seed;
            const demo::Scan s = demo::scan(demo::page(id), o);
            const pixel::Skew k = pixel::skewOf(pixel::greyOf(s.picture));
            INFO(id << " seed " << seed << ": true " << curve::degrees(s.turn) << ", found " << curve::degrees(k.angle) << ", confidence " << k.confidence);
            CHECK(std::abs(curve::degrees(k.angle - s.turn)) < 0.25);
            CHECK(k.confidence > 0.1);
        }
}

TEST_CASE("an even page has no turn to speak of")
{
    CHECK(pixel::skewOf(pixel::Grey(300, 200, 220)).confidence == 0);
    CHECK(pixel::skewOf(pixel::Grey(3, 3)).angle == 0);
}

TEST_CASE("photos are the same for the same seed, grainy, and hold what they are named for")
{
    demo::PhotoOptions o;
    o.width = 96;
    for (const std::string& scene : demo::photoScenes()) {
        INFO(scene);
        const pixel::Picture p = demo::photo(scene, o);
        REQUIRE(p.width == 96);
        REQUIRE(p.height == 120);
        CHECK(p == demo::photo(scene, o));
        // Dark and light are both there, and neighbours differ by grain.
        int dark = 0, light = 0, grain = 0;
        for (std::size_t k = 1; k < p.data.size(); ++k) {
            dark += p.data[k].g < 70;
            light += p.data[k].g > 120;
            grain += p.data[k].g != p.data[k - 1].g;
        }
        CHECK(dark > 100);
        CHECK(light > 100);
        CHECK(grain > static_cast<int>(p.data.size() / 4));
    }
    demo::PhotoOptions other = o;
    other.seed = 9;
    CHECK_FALSE(demo::photo("lantern", o) == demo::photo("lantern", other));
    CHECK(demo::photo("nothing", o).empty());
    // The lantern's paper is lit and warm, its cap dark.
    o.grain = 0;
    const pixel::Picture lantern = demo::photo("lantern", o);
    const pixel::Rgba paper = lantern.at(48, 75), night = lantern.at(4, 4);
    CHECK(paper.r > paper.b + 40);
    CHECK(paper.g > night.g + 60);
}

TEST_CASE("the shelf is searched by every word, and each picture says where it is from")
{
    CHECK(demo::searchShelf("").size() == demo::shelf().size());
    REQUIRE(demo::searchShelf("NIGHT lantern").size() == 1);
    CHECK(demo::searchShelf("lantern shell").empty());
    std::set<std::string> ids;
    for (const demo::ShelfPicture& p : demo::shelf()) {
        CHECK(ids.insert(p.id).second);
        CHECK_FALSE(p.origin.empty());
        CHECK_FALSE(p.licence.empty());
        demo::PhotoOptions o;
        o.width = 24;
        CHECK(p.make(o).width == 24);
        o.cancelled = [] { return true; };
        CHECK(p.make(o).empty());
    }
}

TEST_CASE("the moth in inks has every area in an ink, the crystal cut into shaded pieces")
{
    const art::Document moth = demo::nightMarketInks();
    CHECK(moth.inks.size() == 5);
    CHECK(art::withoutInkYet(moth).empty());
    CHECK(art::leaks(moth).empty());
    int drops = 0;
    for (const art::LayerPtr& l : moth.layers)
        for (const art::ItemPtr& i : l->items) drops += i->artwork() && i->artwork()->drop();
    CHECK(drops >= 10);
    const art::Document crystal = demo::nightMarketCrystal();
    const art::Group* pieces = nullptr;
    for (const art::LayerPtr& l : crystal.layers)
        for (const art::ItemPtr& i : l->items)
            if (i->group() && i->group()->facets()) pieces = i->group();
    REQUIRE(pieces);
    CHECK(pieces->items.size() >= 14);
    for (const tone::Facet& f : art::facetsOf(*pieces)) CHECK_FALSE(f.tiny);
}
