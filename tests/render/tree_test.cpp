// What of a tree is painted, and that pictures do not depend on how they are asked for.
#include "art/hit.h"
#include "art/random_edits.h"
#include "files/bytes.h"
#include "files/pictures.h"
#include "files/svg.h"
#include "render/outside.h"
#include "render/render.h"

using namespace pieces;
using namespace outside;

namespace {

Document sheet(double w, double h)
{
    Document d = newDocument();
    d.sheet.width = w;
    d.sheet.height = h;
    d.sheet.hasBackground = true;
    return d;
}
pixel::Rgba pixelAt(const Document& d, int x, int y, const render::Options& o = {})
{
    return render::renderSheet(d, static_cast<int>(d.sheet.width), o).at(x, y);
}
constexpr pixel::Rgba white{255, 255, 255, 255}, orange{200, 100, 50, 255};

} // namespace

TEST_CASE("what is hidden by itself or by what it lies in is not painted, what is left out neither, at any depth")
{
    Three t;
    t.d.sheet.hasBackground = true;
    const Added g = withGroup(t.d, {t.a, t.b});
    const Added outer = withGroup(g.document, {g.id, t.c});
    const Document& d = outer.document;
    CHECK(pixelAt(d, 50, 50) == orange);
    for (const Id id : {t.a, g.id, outer.id}) {
        CHECK(pixelAt(withTraits(d, {id}, {.shown = false}), 50, 50) == white);
        CHECK(pixelAt(withTraits(d, {id}, {.opacity = 0}), 50, 50) == white);
        render::Options o;
        o.without = {id};
        CHECK(pixelAt(d, 50, 50, o) == white);
        CHECK((pixelAt(d, 450, 50, o) == white) == (id == outer.id));
    }
    CHECK(pixelAt(withArtworkChanged(d, {t.a}, [](Artwork& a) { a.guide = true; }), 50, 50) == white);
    render::Options none;
    none.artwork = false;
    CHECK(pixelAt(d, 50, 50, none) == white);
}

TEST_CASE("opacities of layer, group and thing multiply")
{
    Three t;
    t.d.sheet.hasBackground = true;
    t.d.sheet.background = {0, 0, 0};
    const Added g = withGroup(t.d, {t.a, t.b});
    Document d = withTraits(withTraits(g.document, {t.a}, {.opacity = 0.5}), {g.id}, {.opacity = 0.5});
    d = withLayer(d, t.layer, [](Layer& l) { l.opacity = 0.5; });
    CHECK(pixelAt(d, 50, 50).r == Approx(200 * 0.125).margin(2));
    CHECK(pixelAt(d, 250, 50).r == Approx(200 * 0.25).margin(2));
    CHECK(pixelAt(d, 450, 50).r == Approx(200 * 0.5).margin(2));
}

TEST_CASE("the other half of a mirrored layer holds groups and insides, as artwork or as a ghost")
{
    Document d = sheet(200, 100);
    const Id layer = d.layers[0]->id;
    const Added area = withItem(d, layer, square({10, 10}, 60)), shade = withItem(area.document, layer, square({40, 10}, 60, {0, 0, 200}));
    d = moved(shade.document, {shade.id}, {.layer = 0, .parent = area.id});
    d = withMirror(withGroup(d, {area.id}).document, layer, mirror::Axis{{100, 0}, curve::pi / 2});
    CHECK(pixelAt(d, 60, 40) == pixel::Rgba{0, 0, 200, 255});
    CHECK(pixelAt(d, 140, 40) == pixel::Rgba{0, 0, 200, 255});
    CHECK(pixelAt(d, 180, 40) == orange);
    CHECK(pixelAt(d, 115, 40) == white); // the shade is cut there too
    render::Options ghost;
    ghost.ghost = render::Options::Ghost{{255, 0, 0}, 1};
    CHECK(pixelAt(d, 20, 40, ghost) == orange);
    CHECK(pixelAt(d, 180, 40, ghost) == white); // lines only
}

TEST_CASE("a swelled line that changes is painted as it is now")
{
    Document d = sheet(200, 60);
    Item l = line({{10, 30}, {190, 30}});
    std::get<Artwork>(l.is).stroke.width = 10;
    std::get<Artwork>(l.is).stroke.swell = curve::Swell{{{0, 1}, {1, 1}}, 0, 0};
    const Added added = withItem(d, 0, l);
    CHECK(pixelAt(added.document, 100, 38) == white);
    const Document wide = withArtworkChanged(added.document, {added.id}, [](Artwork& a) { a.stroke.width = 30; });
    CHECK(pixelAt(wide, 100, 38).r == 0);
    CHECK(pixelAt(added.document, 100, 38) == white);
    const Document up = transformed(wide, {added.id}, curve::translation({0, -25}));
    CHECK(pixelAt(up, 100, 38) == white);
}

TEST_CASE("a part of the sheet is painted as in the whole, blurred things and blends too")
{
    Document d = sheet(240, 160);
    Item soft = square({60, 40}, 60, {168, 66, 44});
    soft.blur = 5;
    soft.blend = Blend::multiply;
    d = withItem(withItem(d, 0, square({90, 60}, 80, {222, 160, 60})).document, 0, soft).document;
    const render::Surface whole = render::renderView(d, curve::scaling(2, 2), 480, 320, {});
    for (const auto& [x, y] : {std::pair{0, 0}, {100, 60}, {190, 130}, {333, 17}}) {
        const render::Surface part = render::renderView(d, curve::translation({-1.0 * x, -1.0 * y}) * curve::scaling(2, 2), 120, 90, {});
        int off = 0;
        for (int v = 0; v < 90 && y + v < 320; ++v)
            for (int u = 0; u < 120 && x + u < 480; ++u)
                for (const int shift : {0, 8, 16}) {
                    const int a = static_cast<int>(whole.pixels[static_cast<std::size_t>((y + v) * 480 + x + u)] >> shift & 255);
                    const int b = static_cast<int>(part.pixels[static_cast<std::size_t>(v * 120 + u)] >> shift & 255);
                    off = std::max(off, std::abs(a - b));
                }
        CHECK(off <= 2);
    }
    // Tall pictures are painted in bands: nothing shows where they meet, in a blend and in the blur least of all.
    Document tall = sheet(60, 900);
    Item column = square({5, 5}, 50, {60, 160, 200});
    std::get<Artwork>(column.is).setPaths({curve::rectangle({5, 5}, {55, 895})});
    Item veil = column;
    veil.blur = 4;
    veil.blend = Blend::multiply;
    veil.opacity = 0.6;
    tall = withItem(withItem(tall, 0, column).document, 0, veil).document;
    const render::Surface bands = render::renderView(tall, {}, 60, 900, {});
    for (int y = 40; y < 860; ++y)
        for (const int x : {7, 20, 30})
            for (const int shift : {0, 8, 16, 24}) {
                const int a = static_cast<int>(bands.pixels[static_cast<std::size_t>(y * 60 + x)] >> shift & 255);
                const int b = static_cast<int>(bands.pixels[static_cast<std::size_t>(450 * 60 + x)] >> shift & 255);
                if (std::abs(a - b) > 1) FAIL_CHECK("at " << x << ", " << y << ": " << a << " for " << b);
            }
}

TEST_CASE("blur is of the sheet: larger pictures show the same, moved and turned things too")
{
    Document d = sheet(200, 200);
    Item soft = square({70, 70}, 60, {0, 0, 0});
    soft.blur = 8;
    const Added added = withItem(d, 0, soft);
    const pixel::Picture small = render::renderSheet(added.document, 200, {}), large = render::renderSheet(added.document, 800, {});
    for (int k = 30; k < 170; k += 7) CHECK(small.at(k, 100).r == Approx(large.at(4 * k + 2, 402).r).margin(8));
    const Document turned = transformed(added.document, {added.id}, curve::about({100, 100}, curve::rotation(curve::pi / 2)));
    const pixel::Picture side = render::renderSheet(turned, 200, {});
    for (int k = 30; k < 170; k += 7) CHECK(small.at(k, 100).r == Approx(side.at(100, k).r).margin(4));
    // Scaled with its thing.
    CHECK(transformed(added.document, {added.id}, curve::scaling(2, 2)).document.item(added.id)->blur == Approx(16));
}

TEST_CASE("what is inside a blurred or fading parent fades and blurs with it")
{
    Document d = sheet(120, 120);
    const Added area = withItem(d, 0, square({20, 20}, 80, {255, 0, 0})), in = withItem(area.document, 0, square({20, 20}, 40, {0, 0, 255}));
    Document both = moved(in.document, {in.id}, {.layer = 0, .parent = area.id});
    const Document half = withTraits(both, {area.id}, {.opacity = 0.5});
    CHECK(pixelAt(half, 40, 40).b == 255);
    CHECK(pixelAt(half, 40, 40).r == Approx(128).margin(2));
    CHECK(pixelAt(half, 80, 80).r == 255);
    const Document soft = withTraits(both, {area.id}, {.blur = 4});
    const pixel::Rgba rim = pixelAt(soft, 20, 40);
    CHECK(rim.r > 60);
    CHECK(rim.r < 200);
    CHECK(rim.b == 255);
}

TEST_CASE("foreign drawings with groups in groups look as rsvg-convert draws them")
{
    Folder f;
    int compared = 0;
    for (int seed = 1; seed <= 12; ++seed) {
        strokes::Random r(static_cast<std::uint64_t>(seed) + 77);
        std::string svg = "<svg xmlns='http://www.w3.org/2000/svg' width='300' height='200'><rect width='300' height='200' fill='#fffaf0'/>"
                          "<clipPath id='c'><circle cx='150' cy='100' r='80'/></clipPath><filter id='b' x='-1' y='-1' width='3' height='3' "
                          "color-interpolation-filters='sRGB'>"
                          "<feGaussianBlur stdDeviation='3'/></filter>";
        int open = 0;
        for (int k = 0; k < 26; ++k) {
            switch (r.below(4)) {
            case 0: {
                const char* effects[] = {
                    "opacity='0.6'", "style='mix-blend-mode:multiply'", "style='opacity:0.7;isolation:isolate'", "clip-path='url(#c)'", "", ""};
                svg += "<g " + std::string(effects[r.below(6)]) + " transform='translate(" + std::to_string(r.below(20) - 10) + ' ' +
                       std::to_string(r.below(20) - 10) + ") rotate(" + std::to_string(r.below(20) - 10) + ")'>";
                ++open;
                break;
            }
            case 1:
                if (open) {
                    svg += "</g>";
                    --open;
                }
                break;
            default: {
                const char* effects[] = {"opacity='0.5'", "style='mix-blend-mode:screen'", "", "", "", "display='none'"};
                char colour[8];
                std::snprintf(colour, sizeof colour, "#%02x%02x%02x", r.below(256), r.below(256), r.below(256));
                svg += "<rect x='" + std::to_string(r.below(250)) + "' y='" + std::to_string(r.below(150)) + "' width='" + std::to_string(20 + r.below(90)) +
                       "' height='" + std::to_string(20 + r.below(70)) + "' fill='" + colour + "' " + effects[r.below(6)] + "/>";
            }
            }
        }
        while (open-- > 0) svg += "</g>";
        svg += "</svg>";
        REQUIRE(files::saveAtomically(f.at("a.svg"), svg).ok());
        REQUIRE(runs("rsvg-convert -w 600 -h 400 '" + f.at("a.svg") + "' -o '" + f.at("a.png") + "'"));
        const files::SvgResult read = files::readSvg(svg);
        REQUIRE(read.ok());
        const pixel::Picture ours = render::renderSheet(read.document, 600, {}), theirs = files::readPictureFile(f.at("a.png")).picture;
        REQUIRE(ours.width == theirs.width);
        double sum = 0;
        for (std::size_t k = 0; k < ours.data.size(); ++k)
            sum += std::abs(ours.data[k].r - theirs.data[k].r) + std::abs(ours.data[k].g - theirs.data[k].g) + std::abs(ours.data[k].b - theirs.data[k].b);
        INFO("seed " << seed);
        CHECK(sum / (3.0 * static_cast<double>(ours.data.size())) < 1.5);
        // And as we write it again.
        REQUIRE(files::saveAtomically(f.at("b.svg"), files::writeCleanSvg(read.document, 5)).ok());
        REQUIRE(runs("rsvg-convert -w 600 -h 400 '" + f.at("b.svg") + "' -o '" + f.at("b.png") + "'"));
        const pixel::Picture again = files::readPictureFile(f.at("b.png")).picture;
        sum = 0;
        for (std::size_t k = 0; k < ours.data.size(); ++k) sum += std::abs(again.data[k].r - ours.data[k].r) + std::abs(again.data[k].b - ours.data[k].b);
        CHECK(sum / (2.0 * static_cast<double>(ours.data.size())) < 1.5);
        ++compared;
    }
    CHECK(compared == 12);
}

TEST_CASE("whatever is drawn looks as rsvg-convert draws the SVG we write of it")
{
    Folder f;
    render::Options o;
    o.references = false;
    for (int seed = 1; seed <= 12; ++seed) {
        strokes::Random r(static_cast<std::uint64_t>(seed) + 4100);
        Document d = sheet(1000, 1000);
        for (int k = 0; k < 12; ++k) d = withItem(d, 0, someItem(r)).document;
        for (int k = 0; k < 80; ++k) d = edited(d, r);
        REQUIRE(files::saveAtomically(f.at("r.svg"), files::writeCleanSvg(d, 5)).ok());
        REQUIRE(runs("rsvg-convert -w 500 -h 500 '" + f.at("r.svg") + "' -o '" + f.at("r.png") + "'"));
        INFO("seed " << seed);
        CHECK(differenceOffEdges(render::renderSheet(d, 500, o), files::readPictureFile(f.at("r.png")).picture) <= 1.0);
    }
}

TEST_CASE("what is found under a place is what is seen there")
{
    int looked = 0, inAreas = 0;
    for (int seed = 1; seed <= 20; ++seed) {
        strokes::Random r(static_cast<std::uint64_t>(seed) + 8300);
        Document d = sheet(1000, 1000);
        for (int k = 0; k < 30; ++k) {
            Item i = someItem(r);
            if (r.unit() < 0.6)
                std::get<Artwork>(i.is).fill.colour =
                    Colour{static_cast<std::uint8_t>(r.below(256)), static_cast<std::uint8_t>(r.below(256)), static_cast<std::uint8_t>(r.below(256))};
            d = withItem(d, 0, i).document;
            switch (r.below(4)) {
            case 0: d = withGroup(d, {any(d, r), any(d, r)}).document; break;
            case 1: d = moved(d, {any(d, r)}, {.layer = 0, .parent = anyArea(d, r)}); break;
            case 2: d = withOrder(d, {any(d, r)}, static_cast<Way>(r.below(4))); break;
            default: d = transformed(d, {any(d, r)}, curve::about({500, 500}, curve::rotation(r.between(-1, 1)))); break;
            }
        }
        const pixel::Picture seen = render::renderSheet(d, 1000, {});
        for (int k = 0; k < 400; ++k) {
            const int x = 2 + r.below(996), y = 2 + r.below(996);
            const Vec2 p{x + 0.5, y + 0.5};
            bool even = true; // edges are for the eye
            for (int v = -2; v <= 2; ++v)
                for (int u = -2; u <= 2; ++u) even = even && seen.at(x + u, y + v) == seen.at(x, y);
            if (!even) continue;
            Colour expected{255, 255, 255};
            for (const ItemPtr& i : thingsAt(d, p, 0)) {
                const Artwork& a = *i->artwork();
                const bool onLine = a.stroke.colour && std::any_of(a.paths.begin(), a.paths.end(), [&](const curve::Path& path) {
                                        return curve::nearest(path, p)->distance <= a.stroke.width / 2;
                                    });
                if (onLine) {
                    expected = *a.stroke.colour;
                    break;
                }
                if (a.fill.colour && covers(a, p)) {
                    expected = *a.fill.colour;
                    ++inAreas;
                    break;
                }
            }
            ++looked;
            INFO("seed " << seed << " at " << x << ", " << y);
            CHECK(seen.at(x, y) == pixel::Rgba{expected.r, expected.g, expected.b, 255});
        }
    }
    CHECK(looked > 5000);
    CHECK(inAreas > 1300);
}
