// Delivery: plans, variants, the files themselves, and the folder. The files are opened by general programs: xmllint with the DTD of
// SVG 1.1, qpdf, pdftoppm, Ghostscript; PNG chunks are read by the PNG specification (W3C, 2nd edition, 5.3).
#include "deliver/files.h"

#include "art/edits.h"
#include "art/inks.h"
#include "art/pieces.h"
#include "art/stages.h"
#include "files/svg.h"
#include "proof/proof.h"
#include "render/render.h"

#include <cstdlib>
#include <filesystem>
#include <sys/wait.h>
#include <unistd.h>

using namespace pieces;
namespace fs = std::filesystem;

namespace {

const Colour dark{30, 42, 66}, light{246, 236, 214}, paper{255, 255, 255};

// A light wing with a dark spot and a dark line across it, on nothing.
Document wing()
{
    Document d = newDocument();
    d.title = "Paper moth";
    Item body = shapeOf({curve::circle({500, 500}, 300)}, light, "Wing");
    Item spot = shapeOf({curve::circle({500, 400}, 80)}, dark, "Spot");
    Item vein = line({{150, 560}, {850, 560}});
    std::get<Artwork>(vein.is).stroke.colour = dark;
    std::get<Artwork>(vein.is).stroke.width = 12;
    Item across = line({{500, 250}, {500, 540}});
    std::get<Artwork>(across.is).stroke.colour = dark;
    std::get<Artwork>(across.is).stroke.width = 10;
    return withItems(d, d.layers[0]->id, {body, spot, vein, across}).document;
}

struct Folder {
    fs::path at = fs::temp_directory_path() / ("soft rope deliver " + std::to_string(::getpid()));
    Folder() { fs::create_directories(at); }
    ~Folder()
    {
        std::error_code e;
        fs::remove_all(at, e);
    }
    std::string in(const std::string& name) const { return (at / name).string(); }
    int run(const std::string& command) const { return WEXITSTATUS(std::system(("cd '" + at.string() + "' && " + command + " >out.txt 2>err.txt").c_str())); }
};

// What is seen at a place of the sheet, on white.
Colour seenAt(const Document& d, Vec2 p)
{
    render::Options o;
    const pixel::Picture picture = render::renderSheet(d, static_cast<int>(d.sheet.width), o);
    const pixel::Rgba c = picture.at(static_cast<int>(p.x), static_cast<int>(p.y));
    const auto over = [&](int v) { return static_cast<std::uint8_t>((v * c.a + 255 * (255 - c.a)) / 255); };
    return {over(c.r), over(c.g), over(c.b)};
}

deliver::Asked asked()
{
    deliver::Asked a;
    a.date = "2026-11-28";
    return a;
}

const deliver::MadeFile& named(const deliver::Made& m, const std::string& name)
{
    for (const deliver::MadeFile& f : m.files)
        if (f.name == name) return f;
    FAIL("no file " << name);
    return m.files.front();
}

} // namespace

TEST_CASE("one ink: dark areas and lines are inked, and lines over inked areas keep a gap")
{
    const Document d = wing();
    deliver::Inking how;
    how.gap = 4;
    CHECK(deliver::cutOf(d) > 0.3);
    CHECK(deliver::cutOf(d) < 0.95);
    const Document one = deliver::variantOf(d, deliver::Variant::oneInk, how);
    CHECK(seenAt(one, {500, 700}) == paper);   // the wing
    CHECK(seenAt(one, {450, 400}) == how.ink); // the spot
    CHECK(seenAt(one, {300, 560}) == how.ink); // the vein
    CHECK(seenAt(one, {500, 400}) == how.ink); // the line over the spot
    CHECK(seenAt(one, {507, 400}) == paper);   // and its gap
    CHECK(seenAt(one, {492, 400}) == paper);
    CHECK(seenAt(one, {512, 400}) == how.ink);
    // Plain areas in one colour: a cutter can take it.
    eachArtwork(one, {}, [&](const Item&, const Artwork& a, const Where&) {
        CHECK(a.fill.colour == how.ink);
        CHECK_FALSE(a.stroke.colour);
    });
    CHECK(proof::findings(one, {}).empty());
}

TEST_CASE("reversed: light stays light on the dark ground, lines stand off from what is under them")
{
    const Document d = wing();
    const deliver::Inking how;
    const Document back = deliver::variantOf(d, deliver::Variant::reversed, how);
    CHECK(back.sheet.hasBackground);
    CHECK(seenAt(back, {30, 30}) == how.ink);
    CHECK(seenAt(back, {500, 700}) == how.paper); // the wing is light as before
    CHECK(seenAt(back, {450, 400}) == how.ink);   // the spot dark
    CHECK(seenAt(back, {300, 560}) == how.ink);   // the vein on the wing
    CHECK(seenAt(back, {170, 560}) == how.paper); // and beyond it
    CHECK(seenAt(back, {500, 400}) == how.paper); // the line on the spot
    CHECK(seenAt(back, {500, 300}) == how.ink);
    // A dark shape alone would be lost: it gets a rim.
    const Document lost = withItem(newDocument(), 0, shapeOf({curve::circle({500, 500}, 300)}, dark)).document;
    deliver::Inking set = how;
    set.cut = 0.6;
    const Document rim = deliver::variantOf(lost, deliver::Variant::reversed, set);
    CHECK(seenAt(rim, {500, 500}) == how.ink);
    CHECK(seenAt(rim, {801, 500}) == how.paper);
}

TEST_CASE("reversed: words and thin marks are light on the ground, dark on what is light, and a dark one on a dark area stays")
{
    // (Reversed type: common practice, no source.)
    const deliver::Inking how;
    Document d = newDocument();
    const auto put = [&](curve::Paths p, Colour c) { d = withItem(d, 0, shapeOf(std::move(p), c)).document; };
    put({curve::circle({700, 500}, 250)}, light);
    put({curve::circle({700, 500}, 100)}, dark);
    put({curve::rectangle({100, 200}, {114, 800})}, dark); // on the ground
    put({curve::rectangle({500, 650}, {900, 664})}, dark); // on what is light
    put({curve::rectangle({690, 480}, {710, 520})}, Colour{80, 20, 20}); // on what is dark
    // What is drawn inside a thin mark stays drawn.
    Item striped = shapeOf({curve::rectangle({150, 200}, {190, 800})}, dark);
    std::get<Artwork>(striped.is).inside = {shared(shapeOf({curve::rectangle({150, 480}, {190, 520})}, light))};
    d = withItem(d, 0, std::move(striped)).document;
    // Words however heavy.
    Item words = shapeOf({curve::rectangle({100, 840}, {400, 1040})}, dark);
    auto& type = std::get<Artwork>(words.is);
    type.setDerived(type.paths, shared(Lettering{}));
    d = withItem(d, 0, std::move(words)).document;
    const Document back = deliver::variantOf(d, deliver::Variant::reversed, how);
    CHECK(seenAt(back, {250, 940}) == how.paper);
    CHECK(seenAt(back, {107, 500}) == how.paper);
    CHECK(seenAt(back, {170, 500}) == how.paper);
    CHECK(seenAt(back, {170, 400}) == how.ink);
    CHECK(seenAt(back, {96, 500}) == how.ink);
    CHECK(seenAt(back, {700, 657}) == how.ink);
    CHECK(seenAt(back, {700, 640}) == how.paper);
    CHECK(seenAt(back, {700, 500}) == how.ink);
}

TEST_CASE("line only draws outlines and lines at one weight, and hides what is covered")
{
    deliver::Inking how;
    how.weight = 6;
    const Document d = deliver::variantOf(wing(), deliver::Variant::lineOnly, how);
    CHECK(seenAt(d, {800, 500}) == how.ink);
    CHECK(seenAt(d, {804, 500}) == paper);
    CHECK(seenAt(d, {300, 558}) == how.ink);
    CHECK(seenAt(d, {300, 565}) == paper); // 12 px became 6
    CHECK(seenAt(d, {450, 400}) == how.paper);
}

TEST_CASE("a stage that bears a variant's name takes its place")
{
    Document d = wing();
    const Document byHand = withItem(newDocument(), 0, square({100, 100}, 300, {1, 2, 3})).document;
    Document own = withStage(byHand, deliver::nameOf(deliver::Variant::oneInk), 1).document;
    d.stages = own.stages;
    CHECK(deliver::isCorrected(d, deliver::Variant::oneInk));
    CHECK(seenAt(deliver::variantOf(d, deliver::Variant::oneInk, {}), {200, 200}) == Colour{1, 2, 3});
    CHECK_FALSE(deliver::isCorrected(d, deliver::Variant::reversed));
}

TEST_CASE("plans are kept as JSON, and nonsense is refused")
{
    deliver::Plan p;
    p.variants = {deliver::Variant::flat, deliver::Variant::lineOnly};
    p.formats = {deliver::Format::eps, deliver::Format::svgText};
    p.scope = deliver::Scope::layers;
    p.pngWidths = {64, 2048};
    p.iconSizes = {16};
    p.ground = p.cropMarks = true;
    p.bleed = 3;
    p.names = "{date}-{title}";
    p.inking.cut = 0.5;
    p.inking.ink = {1, 2, 3};
    const deliver::PlanResult back = deliver::readPlan(deliver::planText(p), "p");
    REQUIRE(back.ok());
    CHECK(back.plan == p);
    CHECK(deliver::readPlan("{}", "p").plan == deliver::Plan{});
    for (const char* text : {"", "[]", "{\"variants\": [\"blue\"]}", "{\"formats\": \"png\"}", "{\"png_px\": [0]}", "{\"png_px\": [1e9]}",
                             "{\"scope\": \"all\"}", "{\"ink\": \"no\"}", "{\"bleed_mm\": -1}"}) {
        INFO(text);
        const deliver::PlanResult r = deliver::readPlan(text, "plan.json");
        CHECK_FALSE(r.ok());
        CHECK(r.problem.find("plan.json") != std::string::npos);
    }
}

TEST_CASE("every delivered file opens in general programs, and shows the mark")
{
    const Folder folder;
    const Document d = wing();
    deliver::Plan plan;
    plan.variants = {deliver::Variant::full, deliver::Variant::oneInk};
    plan.formats = {deliver::Format::svg, deliver::Format::svgText, deliver::Format::pdf, deliver::Format::eps, deliver::Format::png};
    plan.pngWidths = {540};
    plan.iconSizes = {16};
    plan.bleed = 3;
    plan.cropMarks = true;
    const deliver::Made all = deliver::made(d, plan, asked());
    REQUIRE(all.ok());
    CHECK(all.files.size() == 13);
    std::vector<std::string> names;
    for (const deliver::MadeFile& f : all.files) names.push_back(f.name);
    CHECK(names == deliver::namesOf(d, plan, asked()));
    REQUIRE(deliver::writeInto(folder.in("for the client"), all.files).ok());
    for (const std::string& n : names) {
        INFO(n);
        const std::string f = "'for the client/" + n + "'";
        if (n.ends_with(".svg")) CHECK(folder.run("xmllint --noout --nonet --dtdvalidfpi '-//W3C//DTD SVG 1.1//EN' " + f) == 0);
        if (n.ends_with(".pdf")) CHECK(folder.run("qpdf --check " + f) == 0);
        if (n.ends_with(".pdf")) CHECK(folder.run("pdftoppm -r 40 -png " + f + " page") == 0);
        if (n.ends_with(".eps")) CHECK(folder.run("gs -q -dSAFER -dBATCH -dNOPAUSE -sDEVICE=nullpage " + f) == 0);
    }
    // The page: 1080 px are 810 points, with 3 mm of bleed and marks round them.
    CHECK(folder.run("qpdf --show-npages 'for the client/paper-moth.pdf'") == 0);
    CHECK(files::readText(folder.in("out.txt")).text == "1\n");
    // PNG: an sRGB chunk (11.3.3.5), the resolution of the sheet (540 px for 1080 at 96 to the inch are 48: 1890 px a metre).
    const auto& png = named(all, "paper-moth-540.png").bytes;
    const std::string text(reinterpret_cast<const char*>(png.data()), png.size());
    CHECK(text.find("sRGB") == 37);
    const auto phys = text.find("pHYs");
    REQUIRE(phys != std::string::npos);
    const auto byteAt = [&](std::size_t k) { return static_cast<unsigned>(static_cast<unsigned char>(text[k])); };
    CHECK((byteAt(phys + 6) << 8 | byteAt(phys + 7)) == 1890);
    const files::SvgResult svg =
        files::readSvg(std::string(reinterpret_cast<const char*>(named(all, "paper-moth.svg").bytes.data()), named(all, "paper-moth.svg").bytes.size()));
    REQUIRE(svg.ok());
    CHECK(nodeCount(svg.document) == nodeCount(d));
}

TEST_CASE("a folder takes all files or none")
{
    const Folder folder;
    const std::vector<deliver::MadeFile> files_{{"a.svg", {std::byte{'a'}}}, {"b.svg", {std::byte{'b'}}}};
    REQUIRE(deliver::writeInto(folder.in("new"), files_).ok());
    CHECK(files::readText(folder.in("new/b.svg")).text == "b");
    files::saveAtomically(folder.in("new/own.txt"), "mine");
    const auto refused = deliver::writeInto(folder.in("new"), {{"c.svg", {std::byte{'c'}}}, {"a.svg", {std::byte{'A'}}}});
    CHECK_FALSE(refused.ok());
    CHECK(files::readText(folder.in("new/a.svg")).text == "a");
    CHECK_FALSE(fs::exists(folder.in("new/c.svg")));
    CHECK(deliver::writeInto(folder.in("new"), {{"a.svg", {std::byte{'A'}}}}, true).ok());
    CHECK(files::readText(folder.in("new/a.svg")).text == "A");
    CHECK(files::readText(folder.in("new/own.txt")).text == "mine");
    CHECK_FALSE(deliver::writeInto(folder.in("new/own.txt"), files_).ok());
    CHECK_FALSE(deliver::writeInto("/proc/nowhere/x", files_).ok());
    CHECK(std::distance(fs::directory_iterator(folder.at), fs::directory_iterator{}) == 1); // nothing is left beside it
    // A slash at the end is how shells complete the name of a folder.
    REQUIRE(deliver::writeInto(folder.in("slash/"), files_).ok());
    CHECK(fs::exists(folder.in("slash/a.svg")));
}

TEST_CASE("what is picked is delivered by itself, and each layer under its name")
{
    Document d = wing();
    const Id spot = d.layers[0]->items[1]->id;
    deliver::Plan plan;
    plan.variants = {deliver::Variant::full};
    plan.formats = {deliver::Format::svg};
    plan.sheet = false;
    plan.scope = deliver::Scope::picked;
    deliver::Asked a = asked();
    a.picked = {spot};
    const deliver::Made one = deliver::made(d, plan, a);
    REQUIRE(one.files.size() == 1);
    const auto svg = files::readSvg(std::string(reinterpret_cast<const char*>(one.files[0].bytes.data()), one.files[0].bytes.size()));
    REQUIRE(svg.ok());
    CHECK(svg.document.sheet.width == Approx(160).margin(0.2));
    CHECK(nodeCount(svg.document) == 4);
    const Added more = withNewLayer(d, "Night sky");
    d = withItem(more.document, more.id, square({0, 0}, 50)).document;
    plan.scope = deliver::Scope::layers;
    CHECK(deliver::namesOf(d, plan, asked()) == std::vector<std::string>{"paper-moth-lines.svg", "paper-moth-night-sky.svg"});
    d.title = "../../etc: \"x\"";
    plan.scope = deliver::Scope::sheet;
    CHECK(deliver::namesOf(d, plan, asked()) == std::vector<std::string>{"etc-x.svg"});
}
