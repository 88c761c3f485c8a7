// Exports against programs outside the project: xmllint with the SVG 1.1 DTD, rsvg-convert, qpdf, pdftoppm.
#include "art/art.h"
#include "art/build.h"
#include "curve/strokes.h"
#include "files/bytes.h"
#include "files/pictures.h"
#include "files/svg.h"
#include "render/outside.h"
#include "render/render.h"

#include <catch2/catch.hpp>

#include <cmath>
#include <cstdlib>
#include <filesystem>
#include <unistd.h>

using namespace softrope;
using namespace outside;

namespace {

art::Document sample()
{
    art::Document d = art::newDocument();
    d.sheet.width = 400;
    d.sheet.height = 300;
    d.sheet.hasBackground = true;
    d.sheet.background = {255, 250, 240};
    const auto add = [&](curve::Paths paths, std::optional<art::Colour> fill, std::optional<art::Colour> stroke, double width, double opacity) {
        art::Item i;
        art::Artwork a;
        a.setPaths(std::move(paths));
        a.fill.colour = fill;
        a.stroke.colour = stroke;
        a.stroke.width = width;
        i.opacity = opacity;
        i.is = a;
        d = art::withItem(d, 0, i).document;
    };
    add({curve::circle({120, 120}, 80), curve::reversed(curve::circle({120, 120}, 40))}, art::Colour{169, 67, 44}, {}, 0, 1);
    add({curve::rectangle({150, 90}, {330, 220})}, art::Colour{47, 107, 102}, art::Colour{35, 50, 46}, 9, 0.6);
    add({curve::fit(strokes::wave(), false, {}).path}, {}, art::Colour{224, 162, 62}, 7, 1);
    add({curve::polyline({{20, 280}, {60, 200}, {100, 280}}, false)}, {}, art::Colour{0, 0, 0}, 12, 0.8);
    return d;
}

} // namespace

TEST_CASE("clean SVG is valid against the SVG 1.1 DTD")
{
    Folder f;
    REQUIRE(files::saveAtomically(f.at("a.svg"), files::writeCleanSvg(sample())).ok());
    // w3c-sgml-lib brings the W3C's DTD and a catalogue for it.
    CHECK(runs("xmllint --noout --nonet --dtdvalidfpi '-//W3C//DTD SVG 1.1//EN' '" + f.at("a.svg") + "'"));
    REQUIRE(files::saveAtomically(f.at("b.svg"), "<svg xmlns='http://www.w3.org/2000/svg'><nonsense/></svg>").ok());
    CHECK_FALSE(runs("xmllint --noout --nonet --dtdvalidfpi '-//W3C//DTD SVG 1.1//EN' '" + f.at("b.svg") + "'"));
}

TEST_CASE("rsvg-convert draws our SVG as we do")
{
    Folder f;
    const art::Document d = sample();
    REQUIRE(files::saveAtomically(f.at("a.svg"), files::writeCleanSvg(d)).ok());
    REQUIRE(runs("rsvg-convert -w 800 -h 600 '" + f.at("a.svg") + "' -o '" + f.at("a.png") + "'"));
    const files::PictureResult theirs = files::readPictureFile(f.at("a.png"));
    REQUIRE(theirs.ok());
    CHECK(differenceOffEdges(render::renderSheet(d, 800, {}), theirs.picture) <= 1.0);
}

TEST_CASE("our PDF is sound and looks the same when pdftoppm draws it")
{
    Folder f;
    const art::Document d = sample();
    REQUIRE(files::saveAtomically(f.at("a.pdf"), render::renderPdf(d, {})).ok());
    CHECK(runs("qpdf --check '" + f.at("a.pdf") + "'"));
    REQUIRE(runs("pdftoppm -png -singlefile -scale-to-x 800 -scale-to-y 600 '" + f.at("a.pdf") + "' '" + f.at("page") + "'"));
    const files::PictureResult theirs = files::readPictureFile(f.at("page.png"));
    REQUIRE(theirs.ok());
    CHECK(differenceOffEdges(render::renderSheet(d, 800, {}), theirs.picture) <= 1.0);
}

TEST_CASE("a reference shows dimmed, where it is placed, and not at all when veiled")
{
    art::Document d = art::newDocument();
    auto file = std::make_shared<art::PictureFile>();
    file->width = file->height = 100;
    d = art::withReference(d, file, "Black").document;
    const auto black = std::make_shared<pixel::Picture>(100, 100, pixel::Rgba{0, 0, 0, 255});
    render::Options o;
    o.pictures = [&](const art::Reference&) { return black; };
    CHECK(render::renderSheet(d, 108, o).at(50, 50).a == Approx(128).margin(2));
    o.veil = 0;
    CHECK(render::renderSheet(d, 108, o).at(50, 50).a == 0);
    o.veil = 1;
    o.references = false;
    CHECK(render::renderSheet(d, 108, o).at(50, 50).a == 0);
}

TEST_CASE("hidden layers, empty documents and broken numbers render as nothing")
{
    CHECK(render::renderSheet(art::newDocument(), 10, {}).at(5, 5).a == 0);
    art::Document d = sample();
    d = art::withLayer(d, d.layers[0]->id, [](art::Layer& l) { l.shown = false; });
    d.sheet.hasBackground = false;
    CHECK(render::renderSheet(d, 40, {}).at(20, 15).a == 0);
    art::Item bad;
    art::Artwork a;
    a.setPaths({curve::polyline({{0, 0}, {std::nan(""), 5}}, false)});
    a.stroke.colour = art::Colour{};
    bad.is = a;
    CHECK(render::renderSheet(art::withItem(art::newDocument(), 0, bad).document, 40, {}).width == 40);
}

TEST_CASE("lifting the paper makes it white and leaves the pencil dark")
{
    pixel::Picture p(200, 200);
    for (int y = 0; y < 200; ++y)
        for (int x = 0; x < 200; ++x) {
            const auto paper = static_cast<std::uint8_t>(180 + x / 5);
            p.at(x, y) = x % 40 < 3 ? pixel::Rgba{60, 60, 60, 255} : pixel::Rgba{paper, paper, paper, 255};
        }
    const pixel::Picture white = render::lit(p, 1, 1);
    CHECK(white.at(20, 100).r >= 250);
    CHECK(white.at(180, 100).r >= 250);
    CHECK(white.at(81, 100).r < 120);
    CHECK(render::lit(p, 0, 0) == p);
}

TEST_CASE("areas that abut show nothing of the ground between them")
{
    // A ring of overlapping circles cut by lines, on magenta, as another renderer draws it.
    curve::Paths lines;
    for (int k = 0; k < 6; ++k) lines.push_back(curve::circle(curve::Vec2{200, 150} + 60 * curve::direction(k * curve::pi / 3), 70));
    lines.push_back(curve::polyline({{20, 140}, {390, 163}}, false));
    art::Document d = art::newDocument();
    d.sheet.width = 400;
    d.sheet.height = 300;
    d = art::withAreasUnderLines(d, *planar::build(lines)).document;
    d.sheet.hasBackground = true;
    d.sheet.background = {255, 0, 255};
    Folder f;
    files::saveAtomically(f.at("areas.svg"), files::writeCleanSvg(d));
    if (!runs("rsvg-convert --version")) {
        WARN("rsvg-convert is not there");
        return;
    }
    REQUIRE(runs("rsvg-convert '" + f.at("areas.svg") + "' -o '" + f.at("areas.png") + "'"));
    const files::PictureResult p = files::readPictureFile(f.at("areas.png"));
    REQUIRE(p.ok());
    // Inside the union, well away from its border, no pixel leans to magenta.
    std::vector<planar::Shape> shapes;
    for (const curve::Path& c : lines)
        if (c.closed) shapes.push_back({{c}, false});
    const curve::Paths all = planar::combine(shapes, planar::Operation::unite);
    int looked = 0, leaning = 0;
    for (int y = 0; y < p.picture.height; ++y)
        for (int x = 0; x < p.picture.width; ++x) {
            const curve::Vec2 at{x + 0.5, y + 0.5};
            bool in = false;
            for (const curve::Path& c : lines)
                if (c.closed && distance(curve::bounds(c).centre(), at) < 68) in = true;
            for (const curve::Path& c : all)
                if (curve::nearest(c, at)->distance < 2) in = false;
            if (!in) continue;
            ++looked;
            const pixel::Rgba q = p.picture.at(x, y);
            if (q.r > q.g + 5 || q.b > q.g + 5) ++leaning; // 5 of 255: what rounding of coverage leaves
        }
    CHECK(looked > 20000);
    CHECK(leaning == 0);
}
