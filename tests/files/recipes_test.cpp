// Each recipe in a working file by itself: written, read, and dropped when it was tampered with.
#include "art/lettering.h"
#include "art/live.h"
#include "art/pieces.h"
#include "art/repeat.h"
#include "art/stages.h"
#include "files/svg.h"
#include "files/svg_style.h"

using namespace pieces;
using files::readSvg;
using files::writeWorkingSvg;

namespace {

Document through(const Document& d)
{
    const files::SvgResult r = readSvg(writeWorkingSvg(d));
    REQUIRE(r.ok());
    CHECK(r.leftOut.empty());
    return r.document;
}
std::string replaced(std::string text, const std::string& from, const std::string& to)
{
    const auto at = text.find(from);
    REQUIRE(at != std::string::npos);
    return text.replace(at, from.size(), to);
}

} // namespace

TEST_CASE("live round corners come back with their radii, and go when the paths were changed elsewhere")
{
    const Added s = withItem(newDocument(), 0, square({10, 10}, 90));
    const Document d = withRoundCorners(s.document, s.id, {{0, 1}}, 12.345678901234).document;
    const Document back = through(d);
    CHECK(back == d);
    CHECK(cornerRadiusOf(*back.item(s.id)->artwork(), {}) == 12.345678901234);
    CHECK(withRoundCorners(back, s.id, {}, 0).document.item(s.id)->artwork()->paths == s.document.item(s.id)->artwork()->paths);
    const files::SvgResult other = readSvg(replaced(writeWorkingSvg(d), "rope:sharp=\"M", "rope:sharp=\"M3 3L9 9M"));
    REQUIRE(other.ok());
    CHECK_FALSE(other.document.item(s.id)->artwork()->rounding());
    CHECK(other.document.item(s.id)->artwork()->paths == d.item(s.id)->artwork()->paths);
}

TEST_CASE("combinations of combinations come back with every part as it was")
{
    Three t;
    Document d = transformed(t.d, {t.b}, curve::translation({-150, 20})).document;
    const CombinedShapes two = withCombined(d, {t.a, t.b}, planar::Operation::exclude, true);
    d = withRoundCorners(two.document, t.c, {}, 15).document;
    const CombinedShapes three = withCombined(d, {two.item, t.c}, planar::Operation::intersection, true);
    const Document back = through(three.document);
    CHECK(back == three.document);
    const Combined& c = *back.item(three.item)->artwork()->combined();
    CHECK(c.operation == planar::Operation::intersection);
    CHECK(c.parts[0].combined()->operation == planar::Operation::exclude);
    CHECK(c.parts[1].rounding());
    // An operation that is none is a union.
    const files::SvgResult odd = readSvg(replaced(writeWorkingSvg(two.document), "operation=\"exclude\"", "operation=\"blend\""));
    REQUIRE(odd.ok());
    CHECK(odd.document.item(two.item)->artwork()->combined()->operation == planar::Operation::unite);
}

TEST_CASE("pieces painted by hand come back in their recipe, gradients and inks too")
{
    Document d = withInk(newDocument(), "Kiln", {168, 66, 44}).document;
    tone::Mesh m;
    m.points = {{0, 0}, {100, 0}, {100, 100}, {0, 100}, {50, 50}};
    m.faces = {{0, 1, 4}, {1, 2, 4}, {2, 3, 4}, {3, 0, 4}};
    m.colours.assign(4, pixel::Rgba{160, 60, 50, 255});
    const Added mesh = withMesh(d, m, 3, false);
    const auto piece = [&](const Document& from, std::size_t k) { return from.item(mesh.id)->group()->items[k]->id; };
    d = withPaint(mesh.document, {piece(mesh.document, 0)}, paintOf(mesh.document, {mesh.document.inks[0].id, 2}), Part::area);
    d = withGradient(d, {piece(d, 2)}, Gradient::Kind::radial, {50, 80}, {90, 90}, {{0, {1, 2, 3}, 0.25, {}}, {1, {250, 240, 230}, 1, {d.inks[0].id, -1}}});
    REQUIRE(d.item(mesh.id)->group()->mesh()->painted.size() == 2);
    const Document back = through(d);
    CHECK(back == d);
    // Worked out anew, they are painted as they were.
    CHECK(derivedAnew(back, {}) == d);
    CHECK(back.item(piece(back, 1))->artwork()->fill.colour == Colour{160, 60, 50});
}

TEST_CASE("a group keeps its traits, a live one its key")
{
    Three t;
    const Added g = withGroup(t.d, {t.a, t.b}, "Lamps & \"beads\" <1>");
    Document d = withTraits(g.document, {g.id}, {.opacity = 1.0 / 3, .blend = Blend::softLight, .blur = 2.0 / 7});
    d = withTraits(d, {t.a}, {.shown = false, .locked = true, .blend = Blend::luminosity});
    d = withArtworkChanged(d, {t.b}, [](Artwork& a) {
        a.fill.opacity = 1.0 / 7;
        a.fill.overlap = 0.6;
        a.stroke.width = 3.25;
    });
    const Document back = through(d);
    CHECK(back == d);
    CHECK(back.item(g.id)->name == "Lamps & \"beads\" <1>");
    CHECK(back.item(t.a)->locked);
}

TEST_CASE("an area with things inside comes back with them, at every depth, its line and its holes")
{
    Three t;
    Document d = withArtworkChanged(t.d, {t.a}, [](Artwork& a) {
        a.stroke.colour = Colour{1, 2, 3};
        a.stroke.swell = curve::Swell{{{0, 0.5}, {1, 1.5}}, 0.1, 0};
        a.fill.evenOdd = true;
    });
    d = moved(d, {t.b}, {.layer = 0, .parent = t.a});
    d = moved(d, {t.c}, {.layer = 0, .parent = t.b});
    const Added g = withGroup(d, {t.c}, "Glints");
    CHECK(through(g.document) == g.document);
    // The part that is an area with things inside, kept in a live combination.
    const Added other = withItem(g.document, 0, square({50, 50}, 100));
    const CombinedShapes both = withCombined(other.document, {t.a, other.id}, planar::Operation::unite, true);
    CHECK(through(both.document) == both.document);
}

// -- what elements inherit --------------------------------------------------------------------------------------------------------

TEST_CASE("words come back as they were set, on lines, arcs and straight, and with their outlines where they cannot be set")
{
    Lettering l;
    l.words = "Quince & \"fig\"\n<jars>\t\u0633\u0648\u0642";
    l.type.family = "EB Garamond";
    l.type.tracking = 190;
    l.type.smallCaps = true;
    l.type.byInk = false;
    l.type.unit = letter::SizeUnit::mm;
    l.place = curve::translation({300, 300}) * curve::rotation(0.123456789);
    Fill f;
    f.colour = Colour{46, 107, 102};
    Document d = withItem(newDocument(), 0, square({10, 10}, 90)).document;
    const Id line = d.layers.back()->items.back()->id, layer = d.layers.back()->id;
    std::vector<Id> made;
    for (const auto way : {Lettering::Way::straight, Lettering::Way::arc, Lettering::Way::along}) {
        l.way = way;
        l.line = way == Lettering::Way::along ? line : 0;
        l.over = way == Lettering::Way::arc;
        l.spread = 0.25;
        const Added one = withLettering(d, layer, l, f);
        REQUIRE(one.id);
        d = one.document;
        made.push_back(one.id);
    }
    const Document back = through(d);
    CHECK(back == d);
    CHECK(derived(back, {}) == d);
    // Another machine: the outlines are as they were, and the words too.
    const std::string text = replaced(writeWorkingSvg(d), "family=\"EB Garamond\"", "family=\"Nowhere Grotesk\"");
    const files::SvgResult other = readSvg(text);
    REQUIRE(other.ok());
    CHECK(other.document.item(made[0])->artwork()->paths == d.item(made[0])->artwork()->paths);
    CHECK(other.document.item(made[0])->artwork()->lettering()->words == l.words);
    // Deliveries hold outlines alone.
    const std::string clean = files::writeCleanSvg(d);
    CHECK(clean.find("Garamond") == std::string::npos);
    CHECK(clean.find("<path") != std::string::npos);
}

TEST_CASE("repeats of every way come back as they were, the first and its copies, and follow on")
{
    const Added arc = withItem(newDocument(), 0, shapeOf({curve::circle({400, 400}, 150)}));
    const Added s = withItem(arc.document, 0, square({10, 10}, 30));
    for (const Repeat::Way way : {Repeat::Way::round, Repeat::Way::along, Repeat::Way::grid}) {
        Repeat r;
        r.way = way;
        r.place = curve::translation({321.123456789, 200});
        r.count = 5;
        r.angle = 2.5;
        r.line = arc.id;
        r.from = 0.125;
        r.alternate = r.stagger = true;
        const Added made = withRepeat(s.document, {s.id}, r);
        REQUIRE(made.id);
        const Document back = through(made.document);
        CHECK(back == made.document);
        CHECK(derived(back, {}) == back);
        const auto more = [&](const Document& d) { return withRepeatChanged(d, made.id, [](Repeat& x) { x.count = x.columns = 7; }).document; };
        CHECK(bounds(more(back)).centre() == bounds(more(made.document)).centre());
    }
}

TEST_CASE("stages come back in the working file, small where nothing has changed, with their pictures, and never in a clean one")
{
    auto file = std::make_shared<PictureFile>();
    file->width = file->height = 8;
    file->format = "png";
    file->bytes.assign(50000, std::byte{7});
    const Added photo = withReference(newDocument(), file, "Photo");
    std::vector<Item> many;
    for (int k = 0; k < 300; ++k) many.push_back(square({3.0 * k, 20}, 10));
    const Document plain = withItems(photo.document, photo.document.layers.back()->id, std::move(many)).document;
    Document d = withStage(plain, "Before", 1700000000).document;
    const Id moved = d.layers.back()->items[5]->id;
    d = transformed(d, {moved, photo.id}, curve::translation({5, 5}));
    d = withStage(d, "After <&> \"", 1700000001).document;
    d.title = "Later";
    const Document back = through(d);
    CHECK(back == d);
    REQUIRE(back.stages.size() == 2);
    CHECK(back.stages[0]->content.layers.back()->items[9].same(back.layers.back()->items[9]));
    CHECK(back.stages[0]->content.layers.back()->items.back()->id == plain.layers.back()->items.back()->id);
    CHECK(stageOf(back, back.stages[0]->id)->content.title.empty());
    const std::size_t before = writeWorkingSvg(plain).size(), after = writeWorkingSvg(d).size();
    CHECK(after - before < 12000); // two stages of 300 shapes and a picture of 50 kB
    CHECK(files::writeCleanSvg(d).find("stage") == std::string::npos);
    // Broken, it is left out and said.
    const files::SvgResult odd = readSvg(replaced(writeWorkingSvg(d), "&lt;svg", "&lt;svgg"));
    REQUIRE(odd.ok());
    CHECK(odd.document.stages.size() == 1);
    CHECK(odd.leftOut == std::vector<std::string>{"1 broken stage"});
}

TEST_CASE("lengths in all units of CSS, and nothing for what is none")
{
    // CSS Values and Units Level 3, 6.2: 1in = 2.54cm = 96px, 1pt = 1/72in, 1pc = 12pt.
    const std::pair<const char*, double> good[] = {{"12", 12},   {" 3px ", 3}, {"1in", 96}, {"2.54cm", 96}, {"25.4mm", 96},
                                                   {"72pt", 96}, {"6pc", 96},  {"+4", 4},   {"-1.5e1", -15}};
    for (const auto& [text, px] : good) CHECK(*files::lengthPx(text) == Approx(px));
    for (const char* bad : {"", "px", "3em", "50%", "1e999", "nan", "12 px wide", "+"}) CHECK_FALSE(files::lengthPx(bad));
}

TEST_CASE("transforms in sequence act from the right, each as its matrix of SVG 1.1")
{
    using files::transformOf;
    const Vec2 p{3, 5};
    CHECK(distance(transformOf("translate(10 20) scale(2)") * p, {16, 30}) < 1e-12);
    CHECK(distance(transformOf("rotate(90)") * p, {-5, 3}) < 1e-12);
    CHECK(distance(transformOf("rotate(90, 3, 5)") * p, p) < 1e-12);
    CHECK(distance(transformOf("skewX(45)") * p, {8, 5}) < 1e-12);
    CHECK(distance(transformOf("skewY(45)") * p, {3, 8}) < 1e-12);
    CHECK(distance(transformOf("matrix(1,0,0,-1,0,10)") * p, {3, 5}) < 1e-12);
    CHECK(distance(transformOf("translate(5),scale(3,1)") * p, {14, 5}) < 1e-12);
    CHECK(transformOf("none") == curve::Affine{});
    CHECK(transformOf("matrix(1 2 3)") == curve::Affine{});
}
