// Blends, opacity, isolation and blur: against the W3C's formulas, and against rsvg-convert on the SVG we write.
#include "art/random_edits.h"
#include "files/bytes.h"
#include "files/pictures.h"
#include "files/svg.h"
#include "render/blur.h"
#include "render/outside.h"
#include "render/render.h"

#include <array>
#include <random>
#include <sstream>

using namespace pieces;
using namespace outside;

namespace {

using Rgb = std::array<double, 3>; // 0..1

// -- Compositing and Blending Level 1 (W3C), section 10 ------------------------------------------------------------------------------

double lum(Rgb c)
{
    return 0.3 * c[0] + 0.59 * c[1] + 0.11 * c[2];
}
Rgb clipColour(Rgb c)
{
    const double l = lum(c), n = std::min({c[0], c[1], c[2]}), x = std::max({c[0], c[1], c[2]});
    for (double& v : c) {
        if (n < 0) v = l + (v - l) * l / (l - n);
        if (x > 1) v = l + (v - l) * (1 - l) / (x - l);
    }
    return c;
}
Rgb setLum(Rgb c, double l)
{
    const double d = l - lum(c);
    return clipColour({c[0] + d, c[1] + d, c[2] + d});
}
double sat(Rgb c)
{
    return std::max({c[0], c[1], c[2]}) - std::min({c[0], c[1], c[2]});
}
Rgb setSat(Rgb c, double s)
{
    std::array<std::size_t, 3> k{0, 1, 2};
    std::sort(k.begin(), k.end(), [&](std::size_t a, std::size_t b) { return c[a] < c[b]; });
    Rgb out{0, 0, 0};
    if (c[k[2]] > c[k[0]]) {
        out[k[1]] = (c[k[1]] - c[k[0]]) * s / (c[k[2]] - c[k[0]]);
        out[k[2]] = s;
    }
    return out;
}

// 10.1, separable: of a backdrop and a source channel.
double separable(Blend mode, double cb, double cs)
{
    switch (mode) {
    case Blend::multiply: return cb * cs;
    case Blend::screen: return cb + cs - cb * cs;
    case Blend::overlay: return separable(Blend::hardLight, cs, cb);
    case Blend::darken: return std::min(cb, cs);
    case Blend::lighten: return std::max(cb, cs);
    case Blend::colourDodge: return cb == 0 ? 0 : cs == 1 ? 1 : std::min(1.0, cb / (1 - cs));
    case Blend::colourBurn: return cb == 1 ? 1 : cs == 0 ? 0 : 1 - std::min(1.0, (1 - cb) / cs);
    case Blend::hardLight: return cs <= 0.5 ? cb * 2 * cs : separable(Blend::screen, cb, 2 * cs - 1);
    case Blend::softLight: {
        const double d = cb <= 0.25 ? ((16 * cb - 12) * cb + 4) * cb : std::sqrt(cb);
        return cs <= 0.5 ? cb - (1 - 2 * cs) * cb * (1 - cb) : cb + (2 * cs - 1) * (d - cb);
    }
    case Blend::difference: return std::abs(cb - cs);
    case Blend::exclusion: return cb + cs - 2 * cb * cs;
    default: return cs;
    }
}

Rgb blended(Blend mode, Rgb cb, Rgb cs)
{
    switch (mode) {
    case Blend::hue: return setLum(setSat(cs, sat(cb)), lum(cb)); // 10.2, not separable
    case Blend::saturation: return setLum(setSat(cb, sat(cs)), lum(cb));
    case Blend::colour: return setLum(cs, lum(cb));
    case Blend::luminosity: return setLum(cb, lum(cs));
    default: {
        Rgb out{};
        for (std::size_t c = 0; c < 3; ++c) out[c] = separable(mode, cb[c], cs[c]);
        return out;
    }
    }
}

Rgb of(Colour c)
{
    return {c.r / 255.0, c.g / 255.0, c.b / 255.0};
}

Document sheet(double w, double h, std::optional<Colour> ground = Colour{255, 255, 255})
{
    Document d = newDocument();
    d.sheet.width = w;
    d.sheet.height = h;
    d.sheet.hasBackground = ground.has_value();
    if (ground) d.sheet.background = *ground;
    return d;
}

Document with(const Document& d, Item i, Blend blend = Blend::normal, double opacity = 1, double blur = 0, Id* id = nullptr)
{
    i.blend = blend;
    i.opacity = opacity;
    i.blur = blur;
    const Added a = withItem(d, 0, std::move(i));
    if (id) *id = a.id;
    return a.document;
}

// Mean absolute difference of the channels, edges included.
double meanDifference(const pixel::Picture& a, const pixel::Picture& b)
{
    REQUIRE(a.data.size() == b.data.size());
    double sum = 0;
    for (std::size_t k = 0; k < a.data.size(); ++k)
        sum += std::abs(a.data[k].r - b.data[k].r) + std::abs(a.data[k].g - b.data[k].g) + std::abs(a.data[k].b - b.data[k].b);
    return sum / 3 / static_cast<double>(a.data.size());
}

Rgb seenAt(const Document& d, int x, int y)
{
    const pixel::Rgba p = render::renderSheet(d, static_cast<int>(d.sheet.width), {}).at(x, y);
    return of(Colour{p.r, p.g, p.b});
}

// A drawing with everything this room does, on white.
Document everything()
{
    Document d = sheet(400, 300);
    d = with(d, square({20, 20}, 200, {222, 160, 60}));
    d = with(d, square({120, 60}, 180, {46, 107, 102}), Blend::multiply, 0.8);
    d = with(d, shapeOf({curve::circle({300, 200}, 80)}, {168, 66, 44}), Blend::screen);
    Id low = 0, in = 0, top = 0;
    d = with(d, shapeOf({curve::circle({90, 210}, 70), curve::reversed(curve::circle({90, 210}, 25))}, {90, 140, 200}), Blend::normal, 0.7, 0, &low);
    Item rim = square({60, 150}, 60, {10, 10, 60});
    d = with(d, rim, Blend::multiply, 0.6, 0, &in);
    d = moved(d, {in}, {.layer = 0, .parent = low});
    Item lined = square({250, 20}, 60, {250, 230, 120});
    std::get<Artwork>(lined.is).stroke.colour = Colour{30, 30, 30};
    std::get<Artwork>(lined.is).stroke.width = 8;
    d = with(d, lined, Blend::normal, 1, 0, &top);
    Id over = 0;
    d = with(d, square({270, 30}, 60, {60, 200, 90}), Blend::difference, 0.9, 0, &over);
    const Added g = withGroup(d, {top, over});
    return withTraits(g.document, {g.id}, {.opacity = 0.75, .blend = Blend::hardLight});
}

} // namespace

TEST_CASE("all sixteen blend modes give what the W3C's formulas say, at ten pairs of colours")
{
    const std::pair<Colour, Colour> pairs[] = {{{200, 100, 50}, {46, 107, 102}},  {{222, 160, 60}, {168, 66, 44}},  {{10, 20, 240}, {250, 240, 5}},
                                               {{128, 128, 128}, {64, 200, 128}}, {{255, 255, 255}, {120, 10, 90}}, {{1, 2, 3}, {200, 210, 220}},
                                               {{0, 128, 255}, {255, 128, 1}},    {{90, 90, 90}, {90, 90, 90}},     {{250, 5, 128}, {30, 220, 70}},
                                               {{60, 30, 10}, {240, 120, 250}}};
    for (int k = 0; k < blends; ++k) {
        const auto mode = static_cast<Blend>(k);
        for (const auto& [below, above] : pairs) {
            const Document d = with(with(sheet(40, 40, std::nullopt), square({0, 0}, 40, below)), square({0, 0}, 40, above), mode);
            const Rgb seen = seenAt(d, 20, 20), meant = blended(mode, of(below), of(above));
            INFO(cssName(mode) << " of " << text(above) << " on " << text(below));
            for (std::size_t c = 0; c < 3; ++c) CHECK(std::abs(seen[c] - meant[c]) <= 2.0 / 255);
            CHECK(blendFrom(cssName(mode)) == mode);
        }
    }
}

TEST_CASE("multiply and screen give what another renderer shows: npm @resvg/resvg-js 2.6, recorded by reference_blends.cjs")
{
    const struct {
        Blend mode;
        Colour below, above, shown;
    } recorded[] = {
#include "reference_blends.inc"
    };
    for (const auto& [mode, below, above, shown] : recorded) {
        const Document d = with(with(sheet(40, 40, std::nullopt), square({0, 0}, 40, below)), square({0, 0}, 40, above), mode);
        const Rgb seen = seenAt(d, 20, 20), meant = of(shown);
        INFO(cssName(mode) << " of " << text(above) << " on " << text(below));
        for (std::size_t c = 0; c < 3; ++c) CHECK(std::abs(seen[c] - meant[c]) <= 1.01 / 255);
    }
}

TEST_CASE("opacity of source and backdrop count as the W3C's general formula has it")
{
    // Section 9.1.4 and 5.1: co = as (1 - ab) Cs + as ab B(Cb, Cs) + (1 - as) ab Cb; ao = as + ab (1 - as).
    const Colour below{222, 160, 60}, above{46, 107, 200};
    for (const Blend mode : {Blend::normal, Blend::multiply, Blend::screen, Blend::softLight})
        for (const auto& [as, ab] : {std::pair{0.5, 1.0}, {0.3, 0.6}, {1.0, 0.4}, {0.8, 0.8}}) {
            const Document d = with(with(sheet(40, 40, std::nullopt), square({0, 0}, 40, below), Blend::normal, ab), square({0, 0}, 40, above), mode, as);
            const pixel::Rgba p = render::renderSheet(d, 40, {}).at(20, 20);
            const Rgb b = blended(mode, of(below), of(above));
            const double ao = as + ab * (1 - as);
            CHECK(p.a == Approx(255 * ao).margin(2));
            const std::array<std::uint8_t, 3> seen{p.r, p.g, p.b};
            for (std::size_t c = 0; c < 3; ++c) {
                const double co = as * (1 - ab) * of(above)[c] + as * ab * b[c] + (1 - as) * ab * of(below)[c];
                CHECK(seen[c] == Approx(255 * co / ao).margin(4));
            }
        }
}

TEST_CASE("a group fades as one, and what blends in it does not reach out of it")
{
    // Two overlapping squares at half opacity together: where they overlap only the upper one shows through.
    Id a = 0, b = 0;
    Document d =
        with(with(sheet(100, 60), square({0, 0}, 60, {255, 0, 0}), Blend::normal, 1, 0, &a), square({30, 0}, 60, {0, 0, 255}), Blend::normal, 1, 0, &b);
    const Added g = withGroup(d, {a, b});
    const Document half = withTraits(g.document, {g.id}, {.opacity = 0.5});
    CHECK(seenAt(half, 45, 30)[0] == Approx(0.5).margin(0.01));
    CHECK(seenAt(half, 45, 30)[2] == Approx(1).margin(0.01));
    // Isolated: multiplied with nothing below it in its group, a colour stays itself.
    Id c = 0;
    Document e = with(sheet(60, 60, Colour{0, 200, 0}), square({0, 0}, 60, {250, 60, 60}), Blend::multiply, 1, 0, &c);
    CHECK(seenAt(e, 30, 30)[0] == Approx(0).margin(0.01));
    const Added lone = withGroup(e, {c});
    CHECK(seenAt(lone.document, 30, 30)[0] == Approx(250 / 255.0).margin(0.01));
}

TEST_CASE("what lies inside an area is cut by it, holes too, and lies under its line")
{
    Item ring = shapeOf({curve::circle({50, 50}, 40), curve::reversed(curve::circle({50, 50}, 15))}, {240, 240, 200});
    std::get<Artwork>(ring.is).stroke.colour = Colour{0, 0, 0};
    std::get<Artwork>(ring.is).stroke.width = 6;
    Id parent = 0, shade = 0;
    Document d = with(sheet(100, 100), ring, Blend::normal, 1, 0, &parent);
    d = with(d, square({50, 0}, 100, {200, 0, 0}), Blend::normal, 1, 0, &shade);
    d = moved(d, {shade}, {.layer = 0, .parent = parent});
    const auto is = [&](int x, int y, Colour c) {
        const Rgb p = seenAt(d, x, y);
        for (std::size_t k = 0; k < 3; ++k) CHECK(p[k] == Approx(of(c)[k]).margin(0.01));
    };
    is(75, 50, {200, 0, 0});
    is(25, 50, {240, 240, 200});
    is(54, 50, {255, 255, 255}); // the hole
    is(97, 50, {255, 255, 255}); // beyond
    is(89, 50, {0, 0, 0});       // the line lies over it
    // Even-odd instead of nonzero: the same.
    Document odd = withArtworkChanged(d, {parent}, [](Artwork& a) { a.fill.evenOdd = true; });
    CHECK(seenAt(odd, 54, 50) == Rgb{1, 1, 1});
}

TEST_CASE("areas that reach under their neighbours have no darker rim at any opacity")
{
    for (const bool byFill : {true, false}) {
        Item i = square({20, 20}, 60, {200, 0, 0});
        std::get<Artwork>(i.is).fill.overlap = 3;
        if (byFill) std::get<Artwork>(i.is).fill.opacity = 0.5;
        const Document d = with(sheet(100, 100), i, Blend::normal, byFill ? 1 : 0.5);
        const Rgb middle = seenAt(d, 50, 50), rim = seenAt(d, 21, 50), beyond = seenAt(d, 18, 50);
        CHECK(middle[1] == Approx(0.5).margin(0.01));
        CHECK(rim == middle);
        CHECK(beyond == middle);
        CHECK(seenAt(d, 15, 50)[1] == Approx(1).margin(0.01));
    }
}

TEST_CASE("blur is a Gaussian's: box sums for wide ones, and nothing is lost")
{
    for (const double sigma : {0.7, 1.5, 3.0, 8.0}) {
        const int n = 121;
        std::vector<std::uint32_t> pixels(static_cast<std::size_t>(n * n), 0);
        // A step: the profile across it is the normal distribution's.
        for (int y = 0; y < n; ++y)
            for (int x = n / 2; x < n; ++x) pixels[static_cast<std::size_t>(y * n + x)] = 0xFFFFFFFF;
        render::blur(pixels.data(), n, n, n, sigma);
        for (int x = 30; x < n - 30; ++x) {
            const double at = (x - n / 2 + 0.5) / sigma;
            const double meant = 127.5 * (1 + std::erf(at / std::sqrt(2.0)));
            const double seen = pixels[static_cast<std::size_t>((n / 2) * n + x)] >> 24;
            CHECK(std::abs(seen - meant) <= 255 * 0.03); // three boxes come within 3 % (Filter Effects Module, 9.14)
        }
    }
    // The sum of an inner spot stays.
    std::vector<std::uint32_t> spot(81 * 81, 0);
    for (int y = 36; y < 45; ++y)
        for (int x = 36; x < 45; ++x) spot[static_cast<std::size_t>(y * 81 + x)] = 0xFF000000;
    render::blur(spot.data(), 81, 81, 81, 4);
    double sum = 0;
    for (const std::uint32_t p : spot) sum += p >> 24;
    CHECK(sum == Approx(81 * 255).epsilon(0.02));
}

TEST_CASE("rsvg-convert draws our blends, groups, insides and opacity as we do, pdftoppm our PDF")
{
    Folder f;
    const Document d = everything();
    REQUIRE(files::saveAtomically(f.at("a.svg"), files::writeCleanSvg(d)).ok());
    CHECK(runs("xmllint --noout --nonet --dtdvalidfpi '-//W3C//DTD SVG 1.1//EN' '" + f.at("a.svg") + "'"));
    REQUIRE(runs("rsvg-convert -w 800 -h 600 '" + f.at("a.svg") + "' -o '" + f.at("a.png") + "'"));
    const files::PictureResult theirs = files::readPictureFile(f.at("a.png"));
    REQUIRE(theirs.ok());
    CHECK(differenceOffEdges(render::renderSheet(d, 800, {}), theirs.picture) <= 1.0);
    // The working file shows the same in any viewer.
    REQUIRE(files::saveAtomically(f.at("w.svg"), files::writeWorkingSvg(d)).ok());
    REQUIRE(runs("rsvg-convert -w 800 -h 600 '" + f.at("w.svg") + "' -o '" + f.at("w.png") + "'"));
    CHECK(differenceOffEdges(render::renderSheet(d, 800, {}), files::readPictureFile(f.at("w.png")).picture) <= 1.0);
    REQUIRE(files::saveAtomically(f.at("a.pdf"), render::renderPdf(d, {})).ok());
    CHECK(runs("qpdf --check '" + f.at("a.pdf") + "'"));
    REQUIRE(runs("pdftoppm -png -singlefile -scale-to-x 800 -scale-to-y 600 '" + f.at("a.pdf") + "' '" + f.at("page") + "'"));
    CHECK(differenceOffEdges(render::renderSheet(d, 800, {}), files::readPictureFile(f.at("page.png")).picture) <= 1.0);
}

TEST_CASE("blur looks as rsvg-convert draws it, and is the one thing in a PDF that is an image")
{
    Folder f;
    Document d = sheet(400, 300);
    d = with(d, square({60, 60}, 120, {168, 66, 44}), Blend::normal, 1, 6);
    d = with(d, shapeOf({curve::circle({280, 150}, 70)}, {46, 107, 102}), Blend::multiply, 0.8, 1.2);
    REQUIRE(files::saveAtomically(f.at("a.svg"), files::writeCleanSvg(d)).ok());
    REQUIRE(runs("rsvg-convert -w 400 -h 300 '" + f.at("a.svg") + "' -o '" + f.at("a.png") + "'"));
    const pixel::Picture theirs = files::readPictureFile(f.at("a.png")).picture, ours = render::renderSheet(d, 400, {});
    REQUIRE(theirs.width == ours.width);
    double sum = 0;
    for (std::size_t k = 0; k < ours.data.size(); ++k)
        for (const int c : {0, 1, 2}) {
            const auto v = [c](pixel::Rgba p) { return c == 0 ? p.r : c == 1 ? p.g : p.b; };
            sum += std::abs(v(ours.data[k]) - v(theirs.data[k]));
        }
    CHECK(sum / (3.0 * static_cast<double>(ours.data.size())) <= 2);
    REQUIRE(files::saveAtomically(f.at("a.pdf"), render::renderPdf(d, {})).ok());
    REQUIRE(runs("pdftoppm -png -singlefile -scale-to-x 400 -scale-to-y 300 '" + f.at("a.pdf") + "' '" + f.at("page") + "'"));
    const pixel::Picture page = files::readPictureFile(f.at("page.png")).picture;
    CHECK(page.at(120, 120).r == Approx(168).margin(4));
    CHECK(page.at(20, 20).r == 255);
    // Without blur there is none: pdfimages lists two lines of heading only.
    const auto images = [&](const Document& doc) {
        REQUIRE(files::saveAtomically(f.at("b.pdf"), render::renderPdf(doc, {})).ok());
        return runs("test $(pdfimages -list '" + f.at("b.pdf") + "' | wc -l) -gt 2");
    };
    CHECK(images(d));
    CHECK_FALSE(images(everything()));
}

TEST_CASE("whatever is drawn is painted without a throw, as whole and in part")
{
    for (int seed = 1; seed <= 30; ++seed) {
        strokes::Random r(static_cast<std::uint64_t>(seed) + 300);
        Document d = randomStart(r);
        for (int k = 0; k < 80; ++k) d = edited(d, r);
        REQUIRE_NOTHROW(render::renderSheet(d, 90, {}));
        REQUIRE_NOTHROW(render::renderView(d, curve::translation({-400, 50}) * curve::scaling(3, 3), 80, 60, {}));
        render::Options ghosts;
        ghosts.ghost = render::Options::Ghost{{200, 0, 0}, 1};
        REQUIRE_NOTHROW(render::renderView(d, {}, 80, 60, ghosts));
        if (seed % 6 == 0) CHECK_FALSE(render::renderPdf(d, {}).empty());
    }
}

TEST_CASE("foreign drawings with clips, blends, opacity, gradients and blur look as rsvg-convert draws them, and so do their exports")
{
    std::mt19937 random(20);
    const auto upTo = [&](int n) { return static_cast<int>(random() % static_cast<unsigned>(n)); };
    const auto colour = [&] {
        return text(Colour{static_cast<std::uint8_t>(upTo(256)), static_cast<std::uint8_t>(upTo(256)), static_cast<std::uint8_t>(upTo(256))});
    };
    const char* const modes[] = {"multiply", "screen", "overlay", "darken", "lighten", "soft-light", "hard-light", "difference", "luminosity", "hue"};
    double total = 0;
    constexpr int drawings = 15;
    const Folder f;
    for (int k = 0; k < drawings; ++k) {
        std::ostringstream defs, body;
        for (int g = 0; g < 4; ++g) {
            const std::string stops = "<stop offset='0' stop-color='" + colour() + "'/><stop offset='0.6' stop-color='" + colour() + "' stop-opacity='0." +
                                      std::to_string(3 + upTo(7)) + "'/><stop offset='1' stop-color='" + colour() + "'/>";
            if (g % 2)
                defs << "<linearGradient id='g" << g << "' x1='0.1' y1='0' x2='0.9' y2='0." << upTo(10) << "'>" << stops << "</linearGradient>";
            else
                defs << "<radialGradient id='g" << g << "' gradientUnits='userSpaceOnUse' cx='" << 100 + upTo(200) << "' cy='" << 100 + upTo(100) << "' r='"
                     << 80 + upTo(90) << "'>" << stops << "</radialGradient>";
            defs << "<clipPath id='c" << g << "'><circle cx='" << 100 + upTo(200) << "' cy='" << 80 + upTo(140) << "' r='" << 50 + upTo(70) << "'/></clipPath>";
            defs << "<filter id='f" << g << "' x='-1' y='-1' width='3' height='3'><feGaussianBlur stdDeviation='" << 1 + upTo(9) << "'/></filter>";
        }
        const auto looks = [&] {
            std::ostringstream out;
            if (upTo(3) == 0) out << " opacity='0." << 2 + upTo(8) << "'";
            if (upTo(3) == 0) out << " style='mix-blend-mode:" << modes[upTo(10)] << "'";
            return out.str();
        };
        for (int i = 0; i < 12; ++i) {
            const int kind = upTo(5);
            const bool group = kind == 0;
            if (group) body << "<g" << looks() << (upTo(2) ? " clip-path='url(#c" + std::to_string(upTo(4)) + ")'" : "") << ">";
            for (int part = 0; part < (group ? 2 : 1); ++part) {
                body << (upTo(2) ? "<ellipse cx='" + std::to_string(40 + upTo(320)) + "' cy='" + std::to_string(40 + upTo(220)) + "' rx='" +
                                       std::to_string(30 + upTo(80)) + "' ry='" + std::to_string(20 + upTo(60)) + "'"
                                 : "<path d='M" + std::to_string(upTo(300)) + " " + std::to_string(upTo(200)) + "h90q40 60-10 90l-90-20z'")
                     << " fill='" << (upTo(2) ? colour() : "url(#g" + std::to_string(upTo(4)) + ")") << "'" << looks();
                if (kind == 1) body << " clip-path='url(#c" << upTo(4) << ")'";
                if (kind == 2) body << " filter='url(#f" << upTo(4) << ")'";
                body << "/>";
            }
            if (group) body << "</g>";
        }
        const std::string svg = "<svg xmlns='http://www.w3.org/2000/svg' width='400' height='300' viewBox='0 0 400 300'><defs>" + defs.str() +
                                "</defs><rect width='400' height='300' fill='#efe6d2'/>" + body.str() + "</svg>";
        const files::SvgResult read = files::readSvg(svg);
        REQUIRE(read.ok());
        INFO("drawing " << k << ": " << svg);
        CHECK(read.leftOut.empty());
        REQUIRE(files::saveAtomically(f.at("in.svg"), svg).ok());
        REQUIRE(files::saveAtomically(f.at("out.svg"), files::writeCleanSvg(read.document)).ok());
        REQUIRE(runs("rsvg-convert '" + f.at("in.svg") + "' -o '" + f.at("in.png") + "'"));
        REQUIRE(runs("rsvg-convert '" + f.at("out.svg") + "' -o '" + f.at("out.png") + "'"));
        const pixel::Picture meant = files::readPictureFile(f.at("in.png")).picture;
        const double shown = meanDifference(render::renderSheet(read.document, 400, {}), meant);
        CHECK(shown <= 1.2);
        CHECK(meanDifference(files::readPictureFile(f.at("out.png")).picture, meant) <= 1.2);
        total += shown;
    }
    CHECK(total / drawings <= 0.6);
}
