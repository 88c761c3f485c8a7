// Shaded pieces as they are delivered: our PNG, the clean SVG as rsvg-convert draws it, and the PDF as pdftoppm does, look the same.
#include "render/outside.h"

#include "art/flatten.h"
#include "art/lettering.h"
#include "demo/night_market.h"
#include "files/bytes.h"
#include "files/pictures.h"
#include "files/svg.h"
#include "render/render.h"

using namespace softrope;
using outside::differenceOffEdges;
using outside::Folder;
using outside::runs;

namespace {

// Mean difference of all channels, edges and blur included.
double difference(const pixel::Picture& a, const pixel::Picture& b)
{
    REQUIRE(a.width == b.width);
    REQUIRE(a.height == b.height);
    double sum = 0;
    for (std::size_t k = 0; k < a.data.size(); ++k)
        for (const int c : {0, 1, 2}) {
            const auto v = [c](pixel::Rgba p) { return (c == 0 ? p.r : c == 1 ? p.g : p.b) * p.a / 255.0 + 255 - p.a; };
            sum += std::abs(v(a.data[k]) - v(b.data[k]));
        }
    return sum / (3.0 * static_cast<double>(a.data.size()));
}

} // namespace

TEST_CASE("the lit moth and the jar look the same as PNG, clean SVG, working file and PDF")
{
    Folder f;
    for (const art::Document& d : {demo::nightMarketLitMoth(), demo::nightMarketJar()}) {
        INFO(d.title);
        const int w = 540, h = static_cast<int>(std::lround(540 * d.sheet.height / d.sheet.width));
        const std::string size = "-w " + std::to_string(w) + " -h " + std::to_string(h);
        const pixel::Picture ours = render::renderSheet(d, w, {});
        for (const auto& [name, text] : {std::pair<const char*, std::string>{"clean.svg", files::writeCleanSvg(d)}, {"work.svg", files::writeWorkingSvg(d)}}) {
            INFO(name);
            REQUIRE(files::saveAtomically(f.at(name), text).ok());
            REQUIRE(runs("rsvg-convert " + size + " '" + f.at(name) + "' -o '" + f.at("them.png") + "'"));
            const pixel::Picture theirs = files::readPictureFile(f.at("them.png")).picture;
            CHECK(differenceOffEdges(ours, theirs) <= 1);
            CHECK(difference(ours, theirs) <= 2);
        }
        const std::string clean = files::writeCleanSvg(d);
        CHECK(clean.find("mix-blend-mode:multiply") != std::string::npos);
        CHECK(clean.find("feGaussianBlur") != std::string::npos);
        REQUIRE(files::saveAtomically(f.at("a.pdf"), render::renderPdf(d, {})).ok());
        REQUIRE(runs("pdftoppm -png -singlefile -scale-to-x " + std::to_string(w) + " -scale-to-y " + std::to_string(h) + " '" + f.at("a.pdf") + "' '" +
                     f.at("page") + "'"));
        CHECK(differenceOffEdges(ours, files::readPictureFile(f.at("page.png")).picture) <= 1);
    }
}

TEST_CASE("the badge keeps its words, stands in the middle by what is seen, and is delivered as outlines")
{
    Folder f;
    const art::Document d = demo::nightMarketBadge();
    const auto words = art::letterings(d);
    REQUIRE(words.size() == 2);
    for (const art::Item* w : words) {
        CHECK(art::hasTypeface(*w->artwork()->lettering()));
        CHECK(curve::bounds(w->artwork()->paths).centre().x == Approx(540).margin(6)); // centred by the ink of the unbent line
    }
    const curve::Box all = art::bounds(d);
    CHECK(all.centre().x == Approx(540).margin(0.1));
    const std::string clean = files::writeCleanSvg(d);
    CHECK(clean.find("NIGHT MARKET") == std::string::npos);
    REQUIRE(files::saveAtomically(f.at("clean.svg"), clean).ok());
    REQUIRE(runs("rsvg-convert -w 540 '" + f.at("clean.svg") + "' -o '" + f.at("them.png") + "'"));
    CHECK(differenceOffEdges(render::renderSheet(d, 540, {}), files::readPictureFile(f.at("them.png")).picture) <= 1);
    REQUIRE(files::saveAtomically(f.at("a.pdf"), render::renderPdf(d, {})).ok());
    REQUIRE(runs("pdftoppm -png -singlefile -scale-to-x 540 -scale-to-y 540 '" + f.at("a.pdf") + "' '" + f.at("page") + "'"));
    CHECK(differenceOffEdges(render::renderSheet(d, 540, {}), files::readPictureFile(f.at("page.png")).picture) <= 1);
}

TEST_CASE("the lit pieces flatten to opaque areas that look like them")
{
    Folder f;
    for (const art::Document& d : {demo::nightMarketLitMoth(), demo::nightMarketJar()}) {
        INFO(d.title);
        const art::Flattened flat = art::flattened(d);
        CHECK(flat.areas > 100);
        const int w = 540, h = static_cast<int>(std::lround(540 * d.sheet.height / d.sheet.width));
        REQUIRE(files::saveAtomically(f.at("flat.svg"), files::writeCleanSvg(flat.document)).ok());
        REQUIRE(runs("rsvg-convert -w " + std::to_string(w) + " -h " + std::to_string(h) + " '" + f.at("flat.svg") + "' -o '" + f.at("flat.png") + "'"));
        CHECK(difference(render::renderSheet(d, w, {}), files::readPictureFile(f.at("flat.png")).picture) <= 4);
        const std::string svg = files::writeCleanSvg(flat.document);
        for (const char* none : {"clip-path", "opacity", "filter", "Gradient", "mix-blend"}) CHECK(svg.find(none) == std::string::npos);
    }
}
