// Ready palettes: what they hold, and a drawing painted in one with its contrast kept.
#include "art/ready_palettes.h"
#include "art/tones.h"
#include "curve/path.h"
#include "pixel/ink_colours.h"

#include <catch2/catch.hpp>

#include <algorithm>
#include <set>
#include <string>

using namespace softrope;
using namespace softrope::art;

namespace {

double lightness(Colour c)
{
    return pixel::okLabOf({c.r, c.g, c.b, 255}).l;
}

// A layer of squares filled with the colours, in their order.
Document filledWith(const std::vector<Colour>& colours)
{
    Document d = newDocument();
    for (std::size_t k = 0; k < colours.size(); ++k) {
        Item i;
        Artwork a;
        const double x = 20.0 * static_cast<double>(k);
        a.setPaths({curve::rectangle({x, 0}, {x + 10, 10})});
        a.fill.colour = colours[k];
        a.stroke.colour.reset();
        i.is = std::move(a);
        d = withItem(d, 0, std::move(i)).document;
    }
    return d;
}

std::vector<Fill> fillsOf(const Document& d)
{
    std::vector<Fill> out;
    for (const ItemPtr& i : d.layers.front()->items) out.push_back(i->artwork()->fill);
    return out;
}

} // namespace

TEST_CASE("a dozen palettes of five to seven inks from dark to light, every name once in its palette")
{
    CHECK(readyPalettes().size() >= 12);
    std::set<std::string> names;
    for (const ReadyPalette& p : readyPalettes()) {
        INFO(p.name);
        CHECK(names.insert(p.name).second);
        CHECK(p.inks.size() >= 5);
        CHECK(p.inks.size() <= 7);
        std::set<std::string> inks;
        for (const ReadyInk& ink : p.inks) CHECK(inks.insert(ink.name).second);
        // Enough between the ends for marks (WCAG 2.2 asks 3 : 1 of them).
        const auto rgba = [](Colour c) { return pixel::Rgba{c.r, c.g, c.b, 255}; };
        CHECK(pixel::contrastRatio(rgba(p.inks.front().colour), rgba(p.inks.back().colour)) >= 4.5);
    }
}

TEST_CASE("a palette is loaded once: its inks come after the others, and those that are there are used")
{
    const Document d = withInk(newDocument(), "Own", {1, 2, 3}).document;
    const LoadedInks once = withReadyPalette(d, readyPalettes().front());
    REQUIRE(once.inks.size() == readyPalettes().front().inks.size());
    CHECK(once.document.inks.front().name == "Own");
    const LoadedInks twice = withReadyPalette(once.document, readyPalettes().front());
    CHECK(twice.document == once.document);
    CHECK(twice.inks == once.inks);
}

TEST_CASE("painted in any palette what is darker stays darker, by about as much, and what was apart stays apart")
{
    const std::vector<Colour> before{{250, 246, 236}, {30, 30, 60}, {200, 60, 40}, {90, 120, 200}, {30, 30, 60}, {236, 200, 90}};
    const Document d = filledWith(before);
    for (const ReadyPalette& p : readyPalettes()) {
        INFO(p.name);
        const LoadedInks loaded = withReadyPalette(d, p);
        const Document laid = withPaletteLaid(loaded.document, loaded.inks);
        const std::vector<Fill> after = fillsOf(laid);
        CHECK(after[1] == after[4]);
        for (std::size_t i = 0; i < before.size(); ++i) {
            CHECK(std::count(loaded.inks.begin(), loaded.inks.end(), after[i].ink.ink) == 1);
            CHECK(*after[i].colour == *paintOf(laid, after[i].ink).colour);
            for (std::size_t k = 0; k < before.size(); ++k) {
                if (before[i] == before[k]) continue;
                const double was = lightness(before[i]) - lightness(before[k]), is = lightness(*after[i].colour) - lightness(*after[k].colour);
                CHECK(was * is >= 0);
                CHECK(std::abs(was - is) < 0.16);
            }
        }
    }
}

TEST_CASE("locked things and working colours keep their paint, and without inks nothing changes")
{
    Document d = withWorkingInks(filledWith({{200, 30, 30}, {30, 30, 200}, {0, 0, 0}}));
    const std::vector<ItemPtr> items = d.layers.front()->items;
    d = withPaint(d, {items[0]->id}, paintOf(d, {workingInk(d, Meaning::willBeDark), 0}), Part::area).document;
    d = withTraits(d, {items[1]->id}, {.locked = true}).document;
    CHECK(withPaletteLaid(d, {}) == d);
    CHECK(withPaletteLaid(d, {999999}) == d);
    const LoadedInks loaded = withReadyPalette(d, readyPalettes()[3]);
    const Document laid = withPaletteLaid(loaded.document, loaded.inks);
    CHECK(fillsOf(laid)[0] == fillsOf(d)[0]);
    CHECK(fillsOf(laid)[1] == fillsOf(d)[1]);
    CHECK(fillsOf(laid)[2].ink.ink != 0);
}
