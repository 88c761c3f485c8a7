// The lit pieces of the demo: live, kept in files, and all shades going with the light.
#include "art/lights.h"
#include "art/shades.h"
#include "demo/night_market.h"
#include "files/svg.h"

#include <catch2/catch.hpp>

using namespace softrope;

TEST_CASE("light, looks, crescents, scatter and what is lit come back from the working file as they were, and foreign viewers see the shapes")
{
    for (const art::Document& d : {demo::nightMarketLitMoth(), demo::nightMarketJar()}) {
        const std::string svg = files::writeWorkingSvg(d);
        const files::SvgResult r = files::readSvg(svg);
        REQUIRE(r.ok());
        CHECK(r.document == d);
        CHECK(r.document.light == d.light);
        CHECK(r.document.looks == d.looks);
        CHECK(art::staleShades(r.document).empty());
        CHECK(r.leftOut.empty());
        // Once more, byte for byte.
        CHECK(files::writeWorkingSvg(r.document) == svg);
        // Shaded again by hand after reading it is live still.
        art::Light l = d.light;
        l.angle += 1;
        CHECK(art::withShadesFollowed(art::withLight(r.document, l)) == art::withShadesFollowed(art::withLight(d, l)));
    }
    // Broken recipes are no recipes; the shape stays.
    const files::SvgResult broken = files::readSvg(
        R"(<svg xmlns="http://www.w3.org/2000/svg" xmlns:rope="urn:soft-rope:1" width="10" height="10" rope:version="2">
        <g rope:layer="1"><path rope:item="2" rope:crescent="rim" rope:shift="x" d="M0 0L5 0L5 5Z"/></g></svg>)");
    CHECK(broken.ok());
}

TEST_CASE("the lit moth and the jar have shades in every part, in looks, by one light")
{
    for (const art::Document& d : {demo::nightMarketLitMoth(), demo::nightMarketJar()}) {
        int crescents = 0, scatters = 0, inLook = 0;
        art::eachShade(d, [&](const art::Shade& s) {
            const art::Artwork* a = s.item->artwork();
            if (!a || !a->crescent()) {
                scatters += a && a->scatter();
                return;
            }
            ++crescents;
            inLook += s.item->look != 0;
            if (a->crescent()->kind != art::Crescent::Kind::cast) CHECK_FALSE(a->paths->empty()); // a cast may fall beside
        });
        CHECK(crescents >= 8);
        CHECK(inLook == crescents);
        CHECK(art::againstLight(d).empty());
        CHECK(d.looks.size() >= 2);
    }
    CHECK(art::staleShades(demo::nightMarketLitMoth()).empty());
}
