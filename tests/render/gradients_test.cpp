// Gradients against two other renderers: a recorded picture of npm @resvg/resvg-js 2.6 (reference_gradients.cjs makes it), and
// rsvg-convert where it is there.
#include "art/inks.h"
#include "files/bytes.h"
#include "files/pictures.h"
#include "files/svg.h"
#include "pixel/ink_colours.h"
#include "render/render.h"

#include <catch2/catch.hpp>

#include <algorithm>
#include <cstdlib>
#include <filesystem>
#include <unistd.h>

using namespace softrope;
using curve::Vec2;
using pixel::Picture;

namespace {

struct Difference {
    double mean = 0;
    int worst = 0; // away from edges of shapes
};

// Pixels next to a sharp step are left out: renderers round coverage each in their own way.
Difference between(const Picture& a, const Picture& b)
{
    REQUIRE(a.width == b.width);
    REQUIRE(a.height == b.height);
    const auto off = [](pixel::Rgba x, pixel::Rgba y) { return std::max({std::abs(x.r - y.r), std::abs(x.g - y.g), std::abs(x.b - y.b)}); };
    Difference d;
    double n = 0;
    for (int y = 2; y + 2 < a.height; ++y)
        for (int x = 2; x + 2 < a.width; ++x) {
            bool edge = false;
            for (const auto& [dx, dy] : {std::pair{1, 0}, {-1, 0}, {0, 1}, {0, -1}, {2, 0}, {-2, 0}, {0, 2}, {0, -2}})
                edge = edge || off(b.at(x, y), b.at(x + dx, y + dy)) > 24;
            if (edge) continue;
            const int o = off(a.at(x, y), b.at(x, y));
            d.worst = std::max(d.worst, o);
            d.mean += o;
            ++n;
        }
    REQUIRE(n > 0.5 * a.width * a.height);
    d.mean /= n;
    return d;
}

Picture onWhite(art::Document d, int width)
{
    d.sheet.hasBackground = true;
    return render::renderSheet(d, width, {});
}

} // namespace

TEST_CASE("gradients look as another renderer draws them: linear, radial, slanted, with opacity, over the bounding box")
{
    const files::TextResult text = files::readText(SOFT_ROPE_SOURCE "/tests/render/reference_gradients.svg");
    REQUIRE(text.ok());
    const files::SvgResult svg = files::readSvg(text.text);
    REQUIRE(svg.ok());
    CHECK(svg.leftOut.empty());
    const files::PictureResult reference = files::readPictureFile(SOFT_ROPE_SOURCE "/tests/render/reference_gradients.png");
    REQUIRE(reference.ok());
    const Difference d = between(onWhite(svg.document, 240), reference.picture);
    CHECK(d.mean < 1);
    CHECK(d.worst <= 4);
}

TEST_CASE("what is exported looks the same there: gradients across shapes, turned and scaled with them, under overlaps")
{
    if (std::system("rsvg-convert --version > /dev/null 2>&1") != 0) {
        WARN("rsvg-convert is not there");
        return;
    }
    art::Document d = art::newDocument();
    d.sheet.width = 300;
    d.sheet.height = 200;
    d.sheet.hasBackground = true;
    std::vector<art::Id> made;
    for (const Vec2 at : {Vec2{20, 20}, Vec2{100, 60}, Vec2{180, 20}}) {
        art::Item i;
        art::Artwork a;
        a.setPaths({curve::rectangle(at, at + Vec2{70, 90})});
        a.stroke.colour.reset();
        a.fill.colour = art::Colour{1, 1, 1};
        a.fill.overlap = 0.6;
        i.is = std::move(a);
        const art::Added added = art::withItem(d, 0, std::move(i));
        d = added.document;
        made.push_back(added.id);
    }
    for (const auto kind : {art::Gradient::Kind::linear, art::Gradient::Kind::radial}) {
        art::Document g =
            art::withGradient(d, made, kind, {40, 40}, {240, 120}, {{0, {168, 66, 44}, 1, {}}, {0.4, {222, 160, 60}, 0.8, {}}, {1, {46, 107, 102}, 1, {}}});
        g = art::transformed(g, {made[1]}, curve::about({135, 105}, curve::rotation(0.4)));
        g = art::transformed(g, {made[2]}, curve::about({215, 65}, curve::scaling(1.2, 0.7)));
        const auto folder = std::filesystem::temp_directory_path();
        const std::string base = (folder / ("soft-rope-gradient-" + std::to_string(::getpid()))).string();
        REQUIRE(files::saveAtomically(base + ".svg", files::writeCleanSvg(g)).ok());
        REQUIRE(std::system(("rsvg-convert '" + base + ".svg' -o '" + base + ".png'").c_str()) == 0);
        const files::PictureResult theirs = files::readPictureFile(base + ".png");
        REQUIRE(theirs.ok());
        const Difference off = between(render::renderSheet(g, 300, {}), theirs.picture);
        CHECK(off.mean < 0.7);
        CHECK(off.worst <= 4);
        std::filesystem::remove(base + ".svg");
        std::filesystem::remove(base + ".png");
    }
}

TEST_CASE("a focus off the middle, ours and from a foreign file, looks as rsvg-convert draws it, and stays when the gradient is moved")
{
    if (std::system("rsvg-convert --version > /dev/null 2>&1") != 0) {
        WARN("rsvg-convert is not there");
        return;
    }
    const std::string foreign = R"x(<svg xmlns="http://www.w3.org/2000/svg" width="300" height="200" viewBox="0 0 300 200">
        <radialGradient id="a" cx="0.4" cy="0.5" r="0.6" fx="0.2" fy="0.3"><stop offset="0" stop-color="#fff0c0"/><stop offset="1" stop-color="#204060"/></radialGradient>
        <radialGradient id="b" cx="0.5" cy="0.5" r="0.4" fx="0.95" fy="0.5"><stop offset="0" stop-color="#a03020"/><stop offset="1" stop-color="#30a060"/></radialGradient>
        <rect width="300" height="200" fill="#fff"/><rect x="20" y="20" width="120" height="150" fill="url(#a)"/><rect x="160" y="30" width="120" height="120" fill="url(#b)"/></svg>)x";
    const auto folder = std::filesystem::temp_directory_path();
    const std::string base = (folder / ("soft-rope-focus-" + std::to_string(::getpid()))).string();
    const auto theirs = [&](const std::string& svg) {
        REQUIRE(files::saveAtomically(base + ".svg", svg).ok());
        REQUIRE(std::system(("rsvg-convert '" + base + ".svg' -o '" + base + ".png'").c_str()) == 0);
        return files::readPictureFile(base + ".png").picture;
    };
    const art::Document d = files::readSvg(foreign).document;
    CHECK(between(render::renderSheet(d, 300, {}), theirs(foreign)).mean < 0.7);
    CHECK(between(render::renderSheet(d, 300, {}), theirs(files::writeCleanSvg(d))).mean < 0.7);
    // Moved by hand, and by its ends.
    const std::vector<art::Id> all = [&] {
        std::vector<art::Id> ids;
        for (const art::ItemPtr& i : d.layers.back()->items)
            if (i->artwork() && i->artwork()->fill.gradient) ids.push_back(i->id);
        return ids;
    }();
    REQUIRE(all.size() == 2);
    art::Document moved = art::withGradientFocus(d, all, {0.3, -0.4});
    moved = art::withGradient(moved, all, art::Gradient::Kind::radial, {60, 90}, {150, 120}, d.item(all[0])->artwork()->fill.gradient->stops);
    for (const art::Id id : all) CHECK(moved.item(id)->artwork()->fill.gradient->focus == Vec2{0.3, -0.4});
    CHECK(between(render::renderSheet(moved, 300, {}), theirs(files::writeCleanSvg(moved))).mean < 0.7);
    CHECK(length(art::withGradientFocus(d, all, {9, 9}).document.item(all[0])->artwork()->fill.gradient->focus) < 1);
    for (const char* ending : {".svg", ".png"}) std::filesystem::remove(base + ending);
}

TEST_CASE("tints and harmonies of an ink are colours that come out as they were meant")
{
    // Each is written as sRGB and drawn: what is seen is what was computed, within rounding (nothing was out of gamut).
    art::Document d = art::newDocument();
    d.sheet.width = 120;
    d.sheet.height = 20;
    std::vector<pixel::Rgba> meant;
    for (int s = -3; s <= 3; ++s) meant.push_back(pixel::tint({46, 107, 102, 255}, s));
    for (const pixel::Rgba c : pixel::harmony({222, 160, 60, 255}, pixel::Harmony::square)) meant.push_back(c);
    for (std::size_t k = 0; k < meant.size(); ++k) {
        art::Item i;
        art::Artwork a;
        a.setPaths({curve::rectangle({10.0 * static_cast<double>(k), 0}, {10.0 * static_cast<double>(k) + 10, 20})});
        a.stroke.colour.reset();
        a.fill.colour = art::Colour{meant[k].r, meant[k].g, meant[k].b};
        i.is = std::move(a);
        d = art::withItem(d, 0, std::move(i)).document;
        CHECK(pixel::inGamut(pixel::okLchOf(meant[k])));
    }
    const Picture p = render::renderSheet(d, 120, {});
    for (std::size_t k = 0; k < meant.size(); ++k) CHECK(p.at(static_cast<int>(10 * k + 5), 10) == meant[k]);
}
