// The piece as it will be seen.
#include "deliver/seen.h"

#include "art/inks.h"
#include "art/pieces.h"
#include "deliver/plan.h"
#include "demo/night_market.h"
#include "render/render.h"

using namespace pieces;

namespace {

bool blank(const pixel::Picture& p)
{
    return std::all_of(p.data.begin(), p.data.end(), [&](const pixel::Rgba c) { return c == p.data.front(); });
}

} // namespace

TEST_CASE("a real size has the very pixels that would be delivered")
{
    const Document d = demo::nightMarketWholeMoth();
    render::Options o;
    o.references = false;
    for (const int px : {16, 48, 128}) {
        const pixel::Picture shown = deliver::atSize(d, px), made = render::renderSheet(d, px, o);
        REQUIRE(shown.width == px);
        REQUIRE(shown.data.size() == made.data.size());
        for (std::size_t k = 0; k < made.data.size(); ++k)
            if (made.data[k].a == 255) CHECK(shown.data[k] == made.data[k]);
    }
}

TEST_CASE("every way of seeing shows the piece, opaque, in a square")
{
    const Document d = demo::nightMarketBadge();
    for (const deliver::Seen s : deliver::ways) {
        INFO(deliver::idOf(s));
        const pixel::Picture p = deliver::seenAs(d, s, 96);
        CHECK(p.width == 96);
        CHECK(p.height == 96);
        CHECK_FALSE(blank(p));
        CHECK(std::all_of(p.data.begin(), p.data.end(), [](const pixel::Rgba c) { return c.a == 255; }));
        CHECK_FALSE(deliver::nameOf(s).empty());
    }
    // One ink has two colours and what lies between them at edges.
    deliver::SeenOptions o;
    o.inking.ink = {0, 0, 0};
    const pixel::Picture one = deliver::seenAs(d, deliver::Seen::oneInk, 96, o);
    for (const pixel::Rgba c : one.data) CHECK((c.r == c.g && c.g == c.b));
}

TEST_CASE("the ink it is shown on stands off from the ink it is shown in")
{
    Document d = newDocument();
    CHECK_FALSE(deliver::groundInk(d, {20, 20, 20}));
    for (const auto& [name, c] : {std::pair<const char*, Colour>{"Soot", {36, 48, 46}}, {"Lamp", {222, 160, 60}}, {"Oat", {236, 221, 182}}})
        d = withInk(d, name, c).document;
    CHECK(deliver::groundInk(d, {29, 43, 42})->name == "Lamp"); // the most colourful of the light ones
    CHECK(deliver::groundInk(d, {250, 240, 220})->name != "Oat");
}

TEST_CASE("what is painted quickly looks like what is worked out")
{
    const Document d = demo::nightMarketBadge();
    for (const deliver::Variant v : {deliver::Variant::oneInk, deliver::Variant::reversed}) {
        INFO(deliver::idOf(v));
        Document plain = deliver::variantOf(d, v, {}), painted = deliver::paintedVariant(d, v, {});
        plain.sheet.hasBackground = true;
        if (v == deliver::Variant::oneInk) plain.sheet.background = painted.sheet.background;
        const pixel::Picture a = render::renderSheet(plain, 270, {}), b = render::renderSheet(painted, 270, {});
        REQUIRE(a.data.size() == b.data.size());
        std::size_t off = 0;
        for (std::size_t k = 0; k < a.data.size(); ++k) off += std::abs(a.data[k].r - b.data[k].r) > 100;
        CHECK(static_cast<double>(off) / static_cast<double>(a.data.size()) < 0.004);
    }
}
