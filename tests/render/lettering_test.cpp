// Drawn words against Pango, which sets the text of rsvg-convert.
#include "art/edits.h"
#include "art/lettering.h"
#include "files/bytes.h"
#include "files/pictures.h"
#include "files/svg.h"
#include "render/render.h"

#include <catch2/catch.hpp>

#include <cstdlib>
#include <filesystem>
#include <unistd.h>

using namespace softrope;

namespace {

// Covered by both, of what either covers, the edges by their share.
double overlap(const pixel::Picture& a, const pixel::Picture& b)
{
    double both = 0, either = 0;
    for (std::size_t k = 0; k < a.data.size(); ++k) {
        const double x = 255.0 - a.data[k].r, y = 255.0 - b.data[k].r;
        both += std::min(x, y);
        either += std::max(x, y);
    }
    return either > 0 ? both / either : 0;
}

} // namespace

TEST_CASE("words lie where Pango sets them, at 200 px, in Latin, Arabic and Devanagari")
{
    const auto folder = std::filesystem::temp_directory_path() / ("soft rope letters " + std::to_string(::getpid()));
    std::filesystem::create_directories(folder);
    // Without Latin ligatures: rsvg-convert spaces all text, if only by 0, and then Pango leaves them out. shape_test.cpp checks them.
    struct Sample {
        const char *family, *words;
    };
    for (const Sample& s : {Sample{"DejaVu Sans", "AVATAR To Wax, 19"},
                            {"DejaVu Serif", "Saltglass 1987"},
                            {"Amiri", "\u0633\u0648\u0642 \u0627\u0644\u0644\u064a\u0644"},
                            {"Lohit Devanagari", "\u0930\u093e\u0924\u094d\u0930\u093f \u0915\u094d\u0937\u0947\u0924\u094d\u0930"}}) {
        INFO(s.family);
        art::Document d = art::newDocument({2000, 400});
        d.sheet.hasBackground = true;
        art::Lettering l;
        l.words = s.words;
        l.type.family = s.family;
        l.type.size = 200;
        l.type.align = letter::Align::start;
        const bool back = std::string(s.family) == "Amiri";
        l.place = curve::translation({back ? 1950.0 : 50.0, 260});
        art::Fill black;
        black.colour = art::Colour{0, 0, 0};
        const art::Added made = art::withLettering(d, d.layers.back()->id, l, black);
        REQUIRE(made.id);
        // Pango sets letters at whole px: at ten times the size, drawn at a tenth, these are tenths. It shapes in the run's direction: text that runs from the
        // right is anchored at its start, the right end.
        const std::string svg = std::string("<svg xmlns='http://www.w3.org/2000/svg' width='2000' height='400'><rect width='2000' height='400' "
                                            "fill='white'/><g transform='scale(0.1)'><text x='") +
                                (back ? "19500" : "500") + "' y='2600' font-family='" + s.family + "' font-size='2000'" + (back ? " direction='rtl'" : "") +
                                " text-rendering='geometricPrecision'>" + s.words + "</text></g></svg>";
        const std::string in = (folder / "a.svg").string(), out = (folder / "a.png").string();
        REQUIRE(files::saveAtomically(in, svg).ok());
        REQUIRE(std::system(("rsvg-convert '" + in + "' -o '" + out + "'").c_str()) == 0);
        const pixel::Picture theirs = files::readPictureFile(out).picture;
        const pixel::Picture ours = render::renderSheet(made.document, 2000, {});
        REQUIRE(theirs.width == ours.width);
        CHECK(overlap(ours, theirs) >= 0.995);
    }
    std::filesystem::remove_all(folder);
}

TEST_CASE("exported as text, words look as their outlines do: straight in two lines, turned, on an arc and along a line")
{
    const auto folder = std::filesystem::temp_directory_path() / ("soft rope text " + std::to_string(::getpid()));
    std::filesystem::create_directories(folder);
    art::Document base = art::newDocument({1000, 1000});
    base.sheet.hasBackground = true;
    art::Item line;
    art::Artwork path;
    path.setPaths({curve::polyline({{100, 800}, {500, 700}, {900, 800}}, false)});
    path.guide = true;
    line.is = path;
    const art::Added rail = art::withItem(base, base.layers.back()->id, line);
    const auto drawn = [&](const std::string& svg, const char* name) {
        const auto in = folder / (std::string(name) + ".svg"), out = folder / (std::string(name) + ".png");
        REQUIRE(files::saveAtomically(in.string(), svg).ok());
        REQUIRE(std::system(("rsvg-convert \"" + in.string() + "\" -o \"" + out.string() + "\"").c_str()) == 0);
        return files::readPictureFile(out.string()).picture;
    };
    for (const int k : {0, 1, 2, 3}) {
        INFO(k);
        art::Lettering l;
        l.words = k == 0 ? "Salt & glass\n <night>" : "GLASS 1987";
        l.type.family = "DejaVu Sans";
        l.type.size = 100;
        l.type.tracking = k == 0 ? 0 : 40;
        l.type.ligatures = false;
        l.place = k == 1 ? curve::about({500, 500}, curve::rotation(0.4)) * curve::translation({500, 500}) : curve::translation({500, 500});
        l.way = k == 2 ? art::Lettering::Way::arc : k == 3 ? art::Lettering::Way::along : art::Lettering::Way::straight;
        l.radius = 320;
        l.line = rail.id;
        art::Fill black;
        black.colour = art::Colour{0, 0, 0};
        const art::Added made = art::withLettering(rail.document, rail.document.layers.back()->id, l, black);
        REQUIRE(made.id);
        const std::string text = files::writeCleanSvg(made.document, 3, files::WordsAs::text), outlines = files::writeCleanSvg(made.document);
        CHECK(text.find("</text>") != std::string::npos);
        CHECK(outlines.find("</text>") == std::string::npos);
        // Pango sets letters at whole px and hints their advances: 0.97 at this size.
        CHECK(overlap(drawn(text, "text"), drawn(outlines, "outlines")) > 0.93);
    }
    // What cannot be said stays outlines: joined letters on a curve, words turned over.
    art::Lettering l;
    l.words = "\u0633\u0648\u0642";
    l.type.family = "Amiri";
    l.way = art::Lettering::Way::arc;
    const art::Added arabic = art::withLettering(base, base.layers.back()->id, l, {});
    REQUIRE(arabic.id);
    const std::string kept =
        files::writeCleanSvg(art::withItemChanged(arabic.document, arabic.id, [](art::Item& i) { std::get<art::Artwork>(i.is).fill.colour = art::Colour{}; }),
                             3, files::WordsAs::text);
    CHECK(kept.find("</text>") == std::string::npos);
    CHECK(kept.find("<path") != std::string::npos);
    std::filesystem::remove_all(folder);
}
