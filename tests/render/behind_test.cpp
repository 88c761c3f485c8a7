// Lines behind their fill: painted first, in every picture and file alike.
#include "render/outside.h"

#include "art/arrange.h"
#include "art/edits.h"
#include "art/flatten.h"
#include "files/bytes.h"
#include "files/pictures.h"
#include "files/svg.h"
#include "render/render.h"

#include <catch2/catch.hpp>

using namespace softrope;
using outside::differenceOffEdges;
using outside::Folder;
using outside::runs;

namespace {

// Two discs, one plain, one with a bar inside, in wide half-clear lines behind them.
art::Document discs()
{
    art::Document d = art::newDocument({400, 200});
    std::vector<art::Id> ids;
    for (const double x : {100.0, 300.0}) {
        art::Item i;
        art::Artwork a;
        a.setPaths({curve::circle({x, 100}, 50)});
        a.fill.colour = art::Colour{200, 40, 40};
        a.stroke.colour = art::Colour{20, 60, 160};
        a.stroke.width = 40;
        a.stroke.opacity = 0.5;
        a.stroke.behind = true;
        i.is = a;
        const art::Added made = art::withItem(d, 0, i);
        d = made.document;
        ids.push_back(made.id);
    }
    art::Item bar;
    art::Artwork a;
    a.setPaths({curve::rectangle({200, 90}, {400, 110})});
    a.fill.colour = art::Colour{250, 220, 60};
    a.stroke.colour.reset();
    bar.is = a;
    const art::Added made = art::withItem(d, 0, bar);
    return art::moved(made.document, {made.id}, {.layer = 0, .parent = ids[1]}).document;
}

} // namespace

TEST_CASE("a line behind its fill shows outside only, on screen, in SVG as rsvg-convert draws it, in PDF and flattened")
{
    Folder f;
    const art::Document d = discs();
    const pixel::Picture ours = render::renderSheet(d, 400, {});
    CHECK(ours.at(60, 100).r == 200); // well within the disc, under the line's inner half: the fill
    CHECK(ours.at(40, 100).b > 120);  // outside: the line
    CHECK(ours.at(340, 100).g == 220);
    const auto same = [&](const char* name) {
        INFO(name);
        CHECK(differenceOffEdges(ours, files::readPictureFile(f.at(name)).picture) <= 1);
    };
    for (const auto& [name, text] : {std::pair<const char*, std::string>{"clean", files::writeCleanSvg(d)}, {"work", files::writeWorkingSvg(d)}}) {
        REQUIRE(files::saveAtomically(f.at(std::string(name) + ".svg"), text).ok());
        REQUIRE(runs("rsvg-convert '" + f.at(std::string(name) + ".svg") + "' -o '" + f.at(std::string(name) + ".png") + "'"));
        same((std::string(name) + ".png").c_str());
        const files::SvgResult back = files::readSvg(text);
        REQUIRE(back.ok());
        CHECK(differenceOffEdges(ours, render::renderSheet(back.document, 400, {})) <= 1);
    }
    CHECK(files::readSvg(files::writeWorkingSvg(d)).document == d);
    CHECK(runs("xmllint --noout --nonet --dtdvalidfpi '-//W3C//DTD SVG 1.1//EN' '" + f.at("clean.svg") + "'"));
    REQUIRE(files::saveAtomically(f.at("a.pdf"), render::renderPdf(d, {})).ok());
    REQUIRE(runs("pdftoppm -png -singlefile -scale-to-x 400 -scale-to-y 200 '" + f.at("a.pdf") + "' '" + f.at("page") + "'"));
    same("page.png");
    CHECK(differenceOffEdges(ours, render::renderSheet(art::flattened(d).document, 400, {})) <= 1);
}

TEST_CASE("paint-order of other programs is read by its list")
{
    const auto behind = [](const std::string& order) {
        const files::SvgResult r = files::readSvg("<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><g paint-order='" + order +
                                                  "'><path d='M0 0L9 0L9 9z' stroke='red'/></g></svg>");
        REQUIRE(r.ok());
        const art::Item* i = r.document.layers[0]->items[0].get();
        while (i->group()) i = i->group()->items->front().get();
        return i->artwork()->stroke.behind;
    };
    // SVG 2, 13.8: what is left out follows in the order fill, stroke, markers.
    CHECK(behind("stroke"));
    CHECK(behind("markers stroke"));
    CHECK(behind("stroke markers fill"));
    CHECK_FALSE(behind("normal"));
    CHECK_FALSE(behind("fill stroke"));
    CHECK_FALSE(behind("markers"));
}
