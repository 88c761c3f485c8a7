// Flattened drawings look as the drawings do, by another program's picture of both; their areas abut and are opaque.
#include "render/outside.h"

#include "art/build.h"
#include "art/flatten.h"
#include "art/inks.h"
#include "art/lights.h"
#include "art/looks.h"
#include "art/shades.h"
#include "art/tree.h"
#include "files/pictures.h"
#include "files/svg.h"
#include "pixel/colour_space.h"
#include "render/render.h"

#include <fstream>
#include <random>

using namespace softrope;
using namespace softrope::art;
using curve::Vec2;

namespace {

Id put(Document& d, curve::Path p, Colour c, const std::function<void(Item&)>& with = {}, Id parent = 0)
{
    Item i;
    Artwork a;
    a.setPaths({std::move(p)});
    a.fill.colour = c;
    a.stroke.colour.reset();
    i.is = std::move(a);
    if (with) with(i);
    const Added added = withItem(d, 0, std::move(i));
    d = added.document;
    if (parent) d = moved(d, {added.id}, {.layer = 0, .parent = parent}).document;
    return added.id;
}

pixel::Picture drawn(const outside::Folder& f, const Document& d, const char* name)
{
    const std::string svg = f.at((std::string(name) + ".svg").c_str()), png = f.at((std::string(name) + ".png").c_str());
    std::ofstream(svg) << files::writeCleanSvg(d);
    REQUIRE(outside::runs("rsvg-convert -w 500 -h 400 '" + svg + "' -o '" + png + "'"));
    return files::readPictureFile(png).picture;
}

// Mean CIEDE2000 away from edges of the first picture, on white.
double apart(const pixel::Picture& a, const pixel::Picture& b)
{
    const auto at = [](const pixel::Picture& p, int x, int y) {
        const pixel::Rgba c = p.at(x, y);
        const auto one = [&](std::uint8_t v) { return static_cast<std::uint8_t>(v * c.a / 255 + 255 - c.a); };
        return pixel::Rgba{one(c.r), one(c.g), one(c.b), 255};
    };
    double sum = 0;
    long n = 0;
    for (int y = 2; y < a.height - 2; ++y)
        for (int x = 2; x < a.width - 2; ++x) {
            const pixel::Rgba here = at(a, x, y);
            bool even = true;
            for (int v = -2; v <= 2 && even; ++v)
                for (int u = -2; u <= 2 && even; ++u) {
                    const pixel::Rgba c = at(a, x + u, y + v);
                    even = std::abs(c.r - here.r) + std::abs(c.g - here.g) + std::abs(c.b - here.b) < 24;
                }
            if (!even) continue;
            sum += pixel::ciede2000(pixel::labOf(here), pixel::labOf(at(b, x, y)));
            ++n;
        }
    REQUIRE(n > 50000);
    return sum / static_cast<double>(n);
}

Document sheet()
{
    Sheet s;
    s.width = 500;
    s.height = 400;
    return newDocument(s);
}

// Opaque flat fills, nothing clipped or inside, no blend; every place in one area at most, beyond the overlap.
void isFlat(const Document& d)
{
    eachItem(d, {}, [](const Item& i, const Where&) {
        REQUIRE(i.artwork());
        CHECK(i.opacity == 1);
        CHECK(i.blend == Blend::normal);
        CHECK(i.blur == 0);
        CHECK(i.artwork()->fill.opacity == 1);
        CHECK_FALSE(i.artwork()->fill.gradient);
        CHECK(i.artwork()->inside.empty());
        CHECK_FALSE(i.artwork()->stroke.colour);
    });
}

} // namespace

TEST_CASE("flat paints with blends, opacity and insides flatten to what rsvg-convert draws of them")
{
    Document d = sheet();
    put(d, curve::rectangle({0, 0}, {500, 400}), {240, 232, 210});
    const Id disc = put(d, curve::circle({200, 200}, 120), {40, 120, 110});
    put(d, curve::rectangle({240, 120}, {420, 300}), {230, 150, 40}, [](Item& i) { i.blend = Blend::multiply; });
    put(d, curve::circle({330, 150}, 70), {200, 40, 60}, [](Item& i) { i.opacity = 0.5; });
    put(
        d, curve::circle({100, 320}, 90), {255, 220, 120},
        [](Item& i) {
            i.blend = Blend::screen;
            i.opacity = 0.7;
        },
        disc);
    const Added shadow = withReadyLook(d, Ready::shadow);
    Crescent far;
    far.against = true;
    far.width = 40;
    d = withCrescents(shadow.document, {disc}, far, shadow.id, "Core").document;
    d = withItemsChanged(d, {d.layers.back()->items.back()->id}, [](Item& i) {
        Artwork& a = std::get<Artwork>(i.is);
        a.stroke.colour = Colour{20, 20, 30};
        a.stroke.width = 8;
    });
    const Flattened flat = flattened(d);
    isFlat(flat.document);
    CHECK(flat.areas > 8);
    const outside::Folder f;
    CHECK(apart(drawn(f, d, "a"), drawn(f, flat.document, "b")) <= 0.3);
    // Once more flattened it is what it was.
    CHECK(flattened(flat.document).colours == flat.colours);
}

TEST_CASE("gradients and blur flatten in steps with shared borders, within 1.5 of what they were")
{
    Document d = sheet();
    put(d, curve::rectangle({0, 0}, {500, 400}), {238, 230, 214});
    const Id lantern = put(d, curve::circle({170, 200}, 120), {200, 60, 40});
    d = withGradient(d, {lantern}, Gradient::Kind::linear, {60, 100}, {260, 300}, {{0, {250, 210, 130}, 1, {}}, {1, {150, 40, 40}, 1, {}}}).document;
    const Id jar = put(d, curve::rectangle({320, 80}, {460, 320}), {60, 130, 130});
    d = withGradient(d, {jar}, Gradient::Kind::radial, {370, 160}, {470, 260},
                     {{0, {210, 235, 230}, 1, {}}, {0.6, {90, 170, 160}, 1, {}}, {1, {30, 80, 90}, 1, {}}})
            .document;
    put(
        d, curve::circle({150, 280}, 50), {30, 30, 70},
        [](Item& i) {
            i.blur = 9;
            i.opacity = 0.6;
            i.blend = Blend::multiply;
        },
        lantern);
    const Flattened flat = flattened(d);
    isFlat(flat.document);
    const outside::Folder f;
    const double off = apart(drawn(f, d, "a"), drawn(f, flat.document, "b"));
    CHECK(off <= 1.5);
    FlattenOptions fine;
    fine.steps = 32;
    const Flattened finer = flattened(d, fine);
    CHECK(apart(drawn(f, d, "a"), drawn(f, finer.document, "c")) < off);
}

TEST_CASE("no hairline shows between flattened areas on a loud ground")
{
    Document d = sheet();
    std::mt19937 random(5);
    const auto chance = [&](double a, double b) { return a + (b - a) * static_cast<double>(random()) / 4294967296.0; };
    for (int k = 0; k < 40; ++k)
        put(d, curve::circle({chance(100, 400), chance(100, 300)}, chance(30, 90)),
            {static_cast<std::uint8_t>(chance(0, 120)), static_cast<std::uint8_t>(chance(90, 255)), static_cast<std::uint8_t>(chance(0, 120))},
            [&](Item& i) { i.opacity = chance(0.4, 1); });
    Flattened flat = flattened(d);
    isFlat(flat.document);
    flat.document.sheet.hasBackground = true;
    flat.document.sheet.background = {255, 0, 255};
    const pixel::Picture p = render::renderSheet(flat.document, 500, {});
    // Well within what is painted there is no trace of the ground.
    pixel::Picture solid = render::renderSheet(
        [&] {
            Document all = flat.document;
            for (const ItemPtr& i : flat.document.layers.front()->items)
                all = withItemChanged(all, i->id, [](Item& x) { std::get<Artwork>(x.is).fill.colour = Colour{0, 0, 0}; });
            return all;
        }(),
        500, {});
    int loud = 0;
    for (int y = 3; y < p.height - 3; ++y)
        for (int x = 3; x < p.width - 3; ++x) {
            bool within = true;
            for (int v = -3; v <= 3 && within; ++v)
                for (int u = -3; u <= 3 && within; ++u) within = solid.at(x + u, y + v).r < 40;
            loud += within && p.at(x, y).r > 150 && p.at(x, y).b > 150 && p.at(x, y).g + 40 < p.at(x, y).r;
        }
    CHECK(loud == 0);
}

TEST_CASE("areas take the nearest ink when that is wanted, and nothing painted gives nothing, and it can be stopped")
{
    Document d = withInk(withInk(sheet(), "Night", {30, 30, 60}).document, "Lamp", {240, 190, 90}).document;
    put(d, curve::circle({200, 200}, 100), {40, 40, 40});
    put(d, curve::circle({260, 200}, 100), {250, 220, 150}, [](Item& i) { i.opacity = 0.8; });
    FlattenOptions o;
    o.inks = true;
    const Flattened flat = flattened(d, o);
    CHECK(flat.colours <= 2);
    for (const ItemPtr& i : flat.document.layers.front()->items) CHECK(flat.document.ink(i->artwork()->fill.ink.ink));
    CHECK(flattened(sheet()).areas == 0);
    o.cancelled = [] { return true; };
    CHECK(flattened(d, o).document.layers.empty());
}

TEST_CASE("corners of lines flatten as they are joined: tips, bevels and rounds, the tip that would reach too far cut")
{
    for (const Join join : {Join::mitre, Join::bevel, Join::round})
        for (const Cap cap : {Cap::flat, Cap::round})
            for (const bool closed : {false, true}) {
                Document d = sheet();
                put(d, curve::rectangle({0, 0}, {500, 400}), {240, 232, 210});
                // Two wide corners, one of 12 degrees, and a bow in between.
                curve::Path p = curve::polyline({{60, 330}, {90, 80}, {230, 90}, {110, 300}, {400, 320}, {430, 100}}, closed);
                p.nodes[4].out = {380, 200};
                p.nodes[5].in = {480, 180};
                put(d, p, {0, 0, 0}, [&](Item& i) {
                    Artwork& a = std::get<Artwork>(i.is);
                    a.fill.colour.reset();
                    a.stroke.colour = Colour{30, 60, 110};
                    a.stroke.width = 34;
                    a.stroke.join = join;
                    a.stroke.cap = cap;
                });
                const Flattened flat = flattened(d);
                isFlat(flat.document);
                const outside::Folder f;
                const pixel::Picture was = drawn(f, d, "a"), is = drawn(f, flat.document, "b");
                long off = 0; // px more than half a step apart: a missing tip of this width is over 100
                for (std::size_t k = 0; k < was.data.size(); ++k) off += std::abs(was.data[k].r - is.data[k].r) > 105;
                INFO("join " << static_cast<int>(join) << ", cap " << static_cast<int>(cap) << (closed ? ", closed" : ""));
                CHECK(off <= 12);
            }
}
