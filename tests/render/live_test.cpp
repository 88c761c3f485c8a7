// How the painter composes: order, layers, opacity, what is left out.
#include "art/art.h"
#include "render/render.h"

#include <catch2/catch.hpp>

using namespace softrope;

namespace {

art::Document d100()
{
    art::Sheet s;
    s.width = s.height = 100;
    return art::newDocument(s);
}

art::Added square(const art::Document& d, art::Id layer, double from, double to, art::Colour c, double opacity = 1)
{
    art::Item i;
    art::Artwork a;
    a.setPaths({curve::rectangle({from, from}, {to, to})});
    a.fill.colour = c;
    i.opacity = opacity;
    i.is = a;
    return art::withItem(d, layer, i);
}

pixel::Rgba at(const art::Document& d, int x, int y, const render::Options& o = {})
{
    return render::renderSheet(d, 100, o).at(x, y);
}

constexpr art::Colour red{255, 0, 0}, blue{0, 0, 255};

} // namespace

TEST_CASE("later items and higher layers cover earlier ones")
{
    art::Document d = square(d100(), 0, 10, 60, red).document;
    d = square(d, 0, 40, 90, blue).document;
    CHECK(at(d, 50, 50).b == 255);
    CHECK(at(d, 20, 20).r == 255);
    d = art::withNewLayer(d, "Top").document;
    d = square(d, d.layers[1]->id, 45, 55, red).document;
    CHECK(at(d, 50, 50).r == 255);
    CHECK(at(art::withLayerMoved(d, d.layers[1]->id, -1), 50, 50).b == 255);
}

TEST_CASE("a layer fades as one: overlaps inside it do not show through")
{
    art::Document d = square(d100(), 0, 10, 60, red).document;
    d = square(d, 0, 40, 90, blue).document;
    d = art::withLayer(d, d.layers[0]->id, [](art::Layer& l) { l.opacity = 0.5; });
    const pixel::Rgba over = at(d, 50, 50);
    CHECK(over.a == Approx(128).margin(1));
    CHECK(over.r == 0);
    CHECK(over.b == 255);
}

TEST_CASE("fill and line of one thing fade as one")
{
    art::Document d = square(d100(), 0, 20, 80, red, 0.5).document;
    const art::Id id = d.layers[0]->items[0]->id;
    d = art::withItemChanged(d, id, [](art::Item& i) {
        art::Artwork& a = std::get<art::Artwork>(i.is);
        a.stroke.colour = blue;
        a.stroke.width = 10;
    });
    const pixel::Rgba edge = at(d, 22, 50); // the inner half of the line lies over the fill
    CHECK(edge.a == Approx(128).margin(1));
    CHECK(edge.r == 0);
}

TEST_CASE("what is held by a tool is left out of the picture")
{
    const art::Added a = square(d100(), 0, 10, 90, red);
    render::Options o;
    o.without = {a.id};
    CHECK(at(a.document, 50, 50, o).a == 0);
    o = {};
    o.artwork = false;
    CHECK(at(a.document, 50, 50, o).a == 0);
}

TEST_CASE("the even-odd rule leaves the hole open, nonzero fills it")
{
    art::Item i;
    art::Artwork a;
    a.setPaths({curve::rectangle({10, 10}, {90, 90}), curve::rectangle({30, 30}, {70, 70})});
    a.fill.colour = red;
    i.is = a;
    CHECK(at(art::withItem(d100(), 0, i).document, 50, 50).a == 255);
    std::get<art::Artwork>(i.is).fill.evenOdd = true;
    CHECK(at(art::withItem(d100(), 0, i).document, 50, 50).a == 0);
}

TEST_CASE("a reference ends with the sheet when asked to, and its crop hides the rest")
{
    auto file = std::make_shared<art::PictureFile>();
    file->width = file->height = 10;
    art::Reference r;
    r.picture = file;
    r.centre = {0, 50};
    r.scale = 8;
    r.dim = 1;
    r.crop = {{5, 0}, {10, 10}};
    auto layer = std::make_shared<art::Layer>();
    layer->id = 50;
    auto item = std::make_shared<art::Item>();
    item->id = 51;
    item->is = r;
    layer->items = {item};
    art::Document d = d100();
    d.layers = {layer};
    const auto picture = std::make_shared<pixel::Picture>(10, 10, pixel::Rgba{10, 200, 10, 255});
    render::Options o;
    o.pictures = [&](const art::Reference&) { return picture; };
    const curve::Affine view = curve::translation({50, 0});
    const auto pixelAt = [&](int x) { return render::renderView(d, view, 150, 100, o).pixels[static_cast<std::size_t>(50 * 150 + x)] >> 24; };
    CHECK(pixelAt(65) == 255); // 20 px right of the middle of what is kept: its edge
    CHECK(pixelAt(75) == 0);
    CHECK(pixelAt(35) == 255); // beyond the sheet
    o.referencesBeyondSheet = false;
    CHECK(pixelAt(35) == 0);
    CHECK(pixelAt(60) == 255);
}

TEST_CASE("rendering stops when it is told to, and an impossible size gives nothing")
{
    const art::Document d = square(d100(), 0, 10, 90, red).document;
    render::Options o;
    o.cancelled = [] { return true; };
    CHECK(at(d, 50, 50, o).a == 0);
    CHECK(render::renderView(d, {}, 0, 10, {}).width == 0);
    CHECK(render::renderView(d, {}, 10, -4, {}).width == 0);
    CHECK(render::renderSheet(d, -5, {}).width == 1);
}
