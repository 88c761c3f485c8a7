// Drawn words against Pango, which sets the text of rsvg-convert.
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
