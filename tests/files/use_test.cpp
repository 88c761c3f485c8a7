// Elements shown again (SVG 1.1, 5.6) and views within the view (7.9), beside rsvg-convert's pictures; and files that ask for too much.
#include "art/tree.h"
#include "files/bytes.h"
#include "files/pictures.h"
#include "files/svg.h"
#include "render/outside.h"
#include "render/render.h"

#include <catch2/catch.hpp>

using namespace softrope;

namespace {

std::size_t shapesOf(const art::Document& d)
{
    std::size_t n = 0;
    art::eachArtwork(d, {}, [&](const art::Item&, const art::Artwork&, const art::Where&) { ++n; });
    return n;
}

const std::string head = "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' width='400' height='300'>"
                         "<path fill='#efe6d2' d='M0 0H400V300H0Z'/>";

} // namespace

TEST_CASE("what is used again, symbols and inner views look as rsvg-convert draws them")
{
    if (!outside::runs("rsvg-convert --version")) {
        WARN("rsvg-convert is not there");
        return;
    }
    const std::string moth =
        "<defs><g id='moth'><path id='wing' d='M0 0c40-40 90-20 60 30z'/><circle r='9' fill='#a8422c'/></g>"
        "<symbol id='jar' viewBox='0 0 50 100'><rect width='50' height='100' fill='#2e6b66'/><circle cx='25' cy='50' r='20' fill='#dea03c'/></symbol></defs>";
    const std::string cases[] = {
        "<use xlink:href='#moth' x='120' y='120' fill='#402060'/><use href='#wing' transform='translate(240 90) rotate(30)' fill='teal' opacity='0.5'/>",
        "<use href='#jar' width='80' height='160' x='20' y='30'/><use href='#jar' x='150' y='20' width='45' height='90'/>",
        "<svg x='50' y='40' width='200' height='160' viewBox='0 0 100 100' preserveAspectRatio='xMaxYMin slice'><circle cx='60' cy='40' r='50' "
        "fill='#a8422c'/></svg>",
        "<svg x='50' y='40' width='200' height='160' viewBox='0 0 100 100' preserveAspectRatio='none'><circle cx='50' cy='50' r='45' fill='#a8422c'/></svg>",
        "<g fill='#446688'><use href='#w2' x='60' y='90' style='mix-blend-mode:multiply'/></g><defs><use id='w2' href='#moth' transform='scale(1.5)'/></defs>",
        "<style>.night{fill:#102040}</style><use href='#moth' class='night' x='200' y='150'/><use href='#nowhere'/>",
    };
    const outside::Folder f;
    for (const std::string& body : cases) {
        const std::string svg = head + moth + body + "</svg>";
        const files::SvgResult read = files::readSvg(svg);
        REQUIRE(read.ok());
        INFO(body);
        CHECK(read.leftOut.empty());
        REQUIRE(files::saveAtomically(f.at("a.svg"), svg).ok());
        REQUIRE(outside::runs("rsvg-convert '" + f.at("a.svg") + "' -o '" + f.at("a.png") + "'"));
        CHECK(outside::differenceOffEdges(render::renderSheet(read.document, 400, {}), files::readPictureFile(f.at("a.png")).picture) <= 0.3);
    }
}

TEST_CASE("a symbol shows through its frame and no further, unless it says so (SVG 1.1, 14.3.3)")
{
    for (const bool open : {false, true}) {
        const files::SvgResult read =
            files::readSvg(head + "<symbol id='s' viewBox='0 0 50 100'" + (open ? " overflow='visible'" : "") +
                           "><circle cx='50' cy='50' r='30' fill='#000'/></symbol><use href='#s' width='80' height='160' x='20' y='30'/></svg>");
        REQUIRE(read.ok());
        const pixel::Picture p = render::renderSheet(read.document, 400, {});
        CHECK(p.at(90, 110).r == 0);
        CHECK((p.at(120, 110).r == 0) == open);
    }
}

TEST_CASE("what uses itself, or itself through others, ends and is said")
{
    for (const char* body :
         {"<g id='a'><use href='#a'/><path d='M0 0h9v9z'/></g>", "<g id='a'><use href='#b'/></g><g id='b'><use href='#a'/><path d='M0 0h9v9z'/></g>"}) {
        const files::SvgResult read = files::readSvg(head + body + "</svg>");
        REQUIRE(read.ok());
        CHECK(read.leftOut.size() == 1);
    }
    // Ten times ten, ten levels deep: cut off, in a moment.
    std::string bomb = "<path id='l0' d='M0 0h9v9z'/>";
    for (int k = 1; k <= 10; ++k) {
        bomb += "<g id='l" + std::to_string(k) + "'>";
        for (int i = 0; i < 10; ++i) bomb += "<use href='#l" + std::to_string(k - 1) + "'/>";
        bomb += "</g>";
    }
    const files::SvgResult read = files::readSvg(head + "<defs>" + bomb + "</defs><use href='#l10'/></svg>");
    REQUIRE(read.ok());
    CHECK_FALSE(read.leftOut.empty());
    CHECK(shapesOf(read.document) < 400000);
}
