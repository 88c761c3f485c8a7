#include "art/art.h"
#include "art/build.h"
#include "art/drops.h"
#include "art/facets.h"
#include "art/inks.h"
#include "art/tones.h"
#include "curve/strokes.h"
#include "files/bytes.h"
#include "files/path_data.h"
#include "files/pictures.h"
#include "files/recovery.h"
#include "files/svg.h"

#include <catch2/catch.hpp>

#include <chrono>
#include <csignal>
#include <filesystem>
#include <fstream>
#include <sys/resource.h>
#include <sys/stat.h>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>

using namespace softrope;
using namespace softrope::files;
using curve::Vec2;
namespace fs = std::filesystem;

namespace {

struct Folder {
    fs::path path;
    explicit Folder(const fs::path& in = fs::temp_directory_path()) : path(in / ("soft-rope-test-" + std::to_string(::getpid()))) { fs::create_directories(path); }
    ~Folder()
    {
        std::error_code e;
        fs::remove_all(path, e);
    }
};

// A document that uses everything a working file must keep.
art::Document rich()
{
    art::Document d = art::newDocument();
    d.title = "Moth <&> \"lantern\"";
    d.sheet.unit = art::Unit::mm;
    d.sheet.width = 793.7007874015749;
    d.sheet.hasBackground = true;
    d.sheet.background = {250, 240, 230};
    auto picture = std::make_shared<art::PictureFile>();
    picture->bytes = writePng(pixel::Picture(3, 2, pixel::Rgba{10, 20, 30, 255}));
    picture->format = "png";
    picture->width = 3;
    picture->height = 2;
    art::Added a = art::withReference(d, picture, "Sketch");
    d = art::withLayer(a.document, a.document.layers.front()->id, [](art::Layer& l) {
        auto i = std::make_shared<art::Item>(*l.items.front());
        art::Reference r = *i->reference();
        r.turn = 0.12345678901234567;
        r.crop = {{0.5, 0}, {2.25, 2}};
        r.paper = pixel::Corners{{{-3, 1.5}, {60, 0.25}, {64, 48}, {1, 50}}};
        r.flattenLight = 0.7;
        r.liftPaper = 1.0 / 3;
        i->is = r;
        l.items.front() = i;
    });
    art::Item line;
    line.name = "Wing";
    line.opacity = 0.75;
    art::Artwork w;
    auto drawn = std::make_shared<art::Hand>();
    for (const Vec2 p : strokes::wave(60)) drawn->samples.push_back({p, 0.3F, 1.5F, -2, 0.01F});
    w.setDerived({art::fitStroke(*drawn, false).path, curve::circle({500.1, 400.7}, 77.7)}, art::Shared<art::Hand>(drawn));
    w.stroke.colour = art::Colour{9, 8, 7};
    w.stroke.width = 1.0 / 3;
    w.stroke.opacity = 0.9;
    w.stroke.cap = art::Cap::flat;
    w.stroke.join = art::Join::bevel;
    w.stroke.keepsWidth = true;
    w.fill.colour = art::Colour{200, 100, 0};
    w.fill.opacity = 0.5;
    w.fill.evenOdd = true;
    line.is = w;
    d = art::withItem(d, 0, line).document;
    d = art::withNewLayer(d, "Empty one").document;
    d = art::withLayer(d, d.layers.back()->id, [](art::Layer& l) {
        l.shown = false;
        l.opacity = 0.4;
    });
    return art::withGuide(d, {1.0 / 7, 2}, 0.5).document;
}

// Everything of colour: inks, gradients, drops, tone stacks, facets; and what building leaves: mirrors, live shapes, guides.
art::Document colourful()
{
    art::Document d = rich();
    const art::Added kiln = art::withInk(d, "Kiln <1>", {166, 63, 43});
    d = art::withWorkingInks(kiln.document);
    const art::Id line = d.layers[1]->items.front()->id, photo = d.layers[0]->items.front()->id;
    d = art::withGradient(d, {line}, art::Gradient::Kind::radial, {1.0 / 3, 2}, {70, 9.1},
                          {{0, {1, 2, 3}, 0.25, {}}, {1.0 / 3, {166, 63, 43}, 1, {kiln.id, 0}}, {1, {200, 1, 1}, 1, {}}});
    art::Item shape;
    art::Artwork a;
    a.setPaths({curve::circle({300, 300}, 50)});
    a.fill.colour = art::tintOf({166, 63, 43}, -2);
    a.fill.ink = {kiln.id, -2};
    a.fill.overlap = 0.6;
    a.stroke.colour.reset();
    art::Drop drop;
    drop.seed = {300.0 / 7, 300};
    drop.lines = {{line, true}, {12, false}};
    drop.leaks = {{1, 2.5}, {3, 4}};
    a.setDerived(curve::Paths(a.paths), art::shared(drop), 77);
    shape.is = a;
    d = art::withItem(d, d.layers[1]->id, shape).document;
    shape.name = "Guide";
    a.set();
    a.guide = true;
    a.stroke.colour = art::Colour{1, 1, 1};
    a.fill = {};
    a.stroke.ink = {kiln.id, 3};
    shape.is = a;
    d = art::withItem(d, d.layers[1]->id, shape).document;
    art::Item other = shape;
    std::get<art::Artwork>(other.is).guide = false;
    const art::Added one = art::withItem(d, d.layers[1]->id, other);
    std::get<art::Artwork>(other.is).setPaths({curve::rectangle({310, 310}, {400, 390})});
    const art::Added two = art::withItem(one.document, d.layers[1]->id, other);
    d = art::withCombined(two.document, {one.id, two.id}, planar::Operation::difference, true).document;
    d = art::withMirror(d, d.layers[1]->id, mirror::Axis{{400.0 / 3, 20}, 1.25});
    tone::Stack s;
    s.cuts = {50.5, 100.0 / 3 + 90};
    s.paint = {std::nullopt, pixel::Rgba{9, 8, 7, 255}, std::nullopt};
    s.slack = 1.1;
    s.smallest = 12.5;
    s.bound = curve::circle({1.5, 1}, 0.9);
    s.patches = {{curve::circle({1, 1}, 0.3), -18.25, 2.0 / 3}, {curve::rectangle({0, 0}, {1, 1}), 5, 0}};
    s.pushes = {{{{0, 0}, {1.0 / 9, 2}}, 0.7, 1}};
    s.sweeps = {{{{2, 1}}, 0.1}};
    const art::Added stack = art::withToneStack(d, photo, s);
    d = art::withMade(stack.document,
                      {stack.id, art::toneKey(*stack.document.item(stack.id)->group()->tones(), *stack.document.item(photo)->reference()), {shape}});
    tone::FacetPlan plan;
    plan.outline = {curve::circle({300, 300}, 80)};
    plan.chords = tone::proposeChords(plan.outline, 6, 2);
    plan.seed = 7;
    const art::Added facets = art::withFacets(d, line, plan, kiln.id);
    d = art::withFacetHeld(facets.document, facets.id, 1, 2, 0.123456789012345, true);
    tone::Mesh mesh;
    mesh.points = {{0, 0}, {100.0 / 3, 0}, {0, 50}, {40, 60}};
    mesh.faces = {{0, 1, 2}, {1, 3, 2}};
    mesh.colours = {{1, 2, 3, 255}, {200, 100, 50, 255}};
    return art::withMesh(d, mesh, 1.5, false).document;
}

} // namespace

TEST_CASE("a working file brings back an equal document")
{
    const art::Document d = GENERATE(true, false) ? rich() : colourful();
    const SvgResult r = readSvg(writeWorkingSvg(d));
    REQUIRE(r.ok());
    CHECK(r.working);
    for (const std::string& what : r.leftOut) FAIL_CHECK(what);
    CHECK(r.document == d);
    CHECK(r.document.nextId == d.nextId);
    CHECK(writeWorkingSvg(r.document) == writeWorkingSvg(d));
}

TEST_CASE("a clean export holds nothing of ours")
{
    const std::string clean = writeCleanSvg(GENERATE(true, false) ? rich() : colourful());
    CHECK(clean.find("rope") == std::string::npos);
    CHECK(clean.find("<image") == std::string::npos);
    CHECK(clean.find("Empty one") == std::string::npos);
    CHECK(readSvg(clean).ok());
}

TEST_CASE("gradients of other drawings: units, transforms, references to others, styles")
{
    const auto read = [](const std::string& defs, const std::string& shape) {
        const SvgResult r = readSvg("<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' width='100' height='100'><defs>" +
                                    defs + "</defs>" + shape + "</svg>");
        REQUIRE(r.ok());
        REQUIRE(r.document.layers.back()->items.size() == 1);
        return *r.document.layers.back()->items.front()->artwork();
    };
    const std::string square = "<rect x='10' y='20' width='40' height='20' fill='url(#g)'/>";
    // Over the bounding box unless told otherwise (SVG 1.1, 13.2.2).
    art::Artwork a = read(
        "<linearGradient id='g'><stop offset='0' stop-color='red'/><stop offset='100%' style='stop-opacity:.5; stop-color: #00f'/></linearGradient>", square);
    REQUIRE(a.fill.gradient);
    CHECK(art::gradientStart(*a.fill.gradient) == Vec2{10, 20});
    CHECK(art::gradientEnd(*a.fill.gradient) == Vec2{50, 20});
    CHECK(a.fill.gradient->stops[1].colour == art::Colour{0, 0, 255});
    CHECK(a.fill.gradient->stops[1].opacity == Approx(0.5));
    // In user space, with stops from another gradient and transforms on both.
    a = read("<linearGradient id='s'><stop offset='.2' stop-color='lime'/></linearGradient>"
             "<radialGradient id='g' xlink:href='#s' gradientUnits='userSpaceOnUse' cx='10' cy='5' r='4' gradientTransform='translate(1 2)'/>",
             "<g transform='scale(2)'>" + square + "</g>");
    REQUIRE(a.fill.gradient);
    CHECK(a.fill.gradient->kind == art::Gradient::Kind::radial);
    CHECK(distance(art::gradientStart(*a.fill.gradient), {22, 14}) < 1e-9);
    CHECK(distance(art::gradientStart(*a.fill.gradient), art::gradientEnd(*a.fill.gradient)) == Approx(8));
    CHECK(a.fill.gradient->stops[0].colour == art::Colour{0, 255, 0});
    // Offsets never run back; references in a ring end; nothing to paint with paints nothing (SVG 1.1, 13.2.4; SVG 2, 13.2).
    a = read("<linearGradient id='g' xlink:href='#h'><stop offset='.6'/><stop offset='.1' stop-color='red'/></linearGradient><linearGradient id='h' "
             "xlink:href='#g'/>",
             square);
    CHECK(a.fill.gradient->stops[1].at == Approx(0.6));
    for (const char* defs : {"<linearGradient id='g'/>", "<linearGradient id='g' xlink:href='#g'/>", ""}) {
        const SvgResult r = readSvg(std::string("<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink'><defs>") + defs +
                                    "</defs>" + square + "</svg>");
        REQUIRE(r.ok());
        const art::Item& shape = *r.document.layers.back()->items.front();
        REQUIRE(shape.artwork());
        CHECK_FALSE(shape.artwork()->fill.gradient);
        CHECK_FALSE(shape.artwork()->fill.colour);
    }
}

TEST_CASE("live parts in a file that was tampered with are dropped, their shapes stay")
{
    std::string text = writeWorkingSvg(colourful());
    const auto swap = [&text](const std::string& from, const std::string& to) {
        std::string t = text;
        const auto at = t.find(from);
        REQUIRE(at != std::string::npos);
        t.replace(at, from.size(), to);
        return readSvg(t);
    };
    const std::size_t layers = readSvg(text).document.layers.size();
    for (const auto& [from, to] : {std::pair<std::string, std::string>{"corners=\"0 1 2", "corners=\"0 1 99"},
                                   {"corners=\"0 1 2", "corners=\"0 -1"},
                                   {"rope:drop=\"", "rope:drop=\"x "},
                                   {"cuts=\"50.5", "cuts=\"nan -5 1e999"},
                                   {"colour=\"#a63f2b", "colour=\"none"},
                                   {"rope:fill-ink=\"", "rope:fill-ink=\"9 9 9 "}}) {
        INFO(from << " -> " << to);
        const SvgResult r = swap(from, to);
        REQUIRE(r.ok());
        CHECK(r.document.layers.size() == layers);
        CHECK(readSvg(writeWorkingSvg(r.document)).document == r.document);
    }
}

TEST_CASE("path data: every command of the grammar")
{
    // The same shape written in different ways (SVG 1.1, 8.3).
    const auto nodes = [](const char* d) { return parsePathData(d).paths.at(0).nodes; };
    CHECK(nodes("M10 10h20v30l-5,5z") == nodes("M10,10 L30 10 L30 40 L25 45 Z"));
    CHECK(nodes("m10-10c1 2 3 4 5 6s3 4 5 6") == nodes("M10-10C11-8 13-6 15-4C17-2 18 0 20 2"));
    CHECK(nodes("M0 0Q30 60 60 0")[0].out == Vec2{20, 40});
    CHECK(nodes("M0 0Q10 10 20 0T40 0")[1].out.y == Approx(-20.0 / 3));
    CHECK(parsePathData("M0 0L10 0M5 5L6 6").paths.size() == 2);
    CHECK(parsePathData("M0 0 10 0 10 10").paths[0].nodes.size() == 3);
    CHECK(parsePathData("M1e1.5.5-3").paths.at(0).nodes.size() == 2);
}

TEST_CASE("arcs become cubics on the ellipse")
{
    // SVG 1.1, 8.3.8: flags choose one of four arcs; here a half and a quarter of a circle of radius 50.
    for (const char* d : {"M0 0A50 50 0 0 1 100 0", "M0 0A50 50 0 0 1 50 50", "M0,0a10 10 0 0150 50"}) {
        const curve::Path p = parsePathData(d).paths.at(0);
        for (std::size_t i = 0; i < p.pieceCount(); ++i) CHECK(length(curve::derivative(p.piece(i), 0.5)) > 0);
        CHECK(curve::isFinite(p));
    }
    const curve::Path half = parsePathData("M0 0A50 50 0 0 1 100 0").paths.at(0);
    for (std::size_t i = 0; i < half.pieceCount(); ++i)
        for (const double t : {0.2, 0.5, 0.9}) CHECK(distance(curve::at(half.piece(i), t), {50, 0}) == Approx(50).epsilon(3e-4));
    CHECK(curve::arcLength(half) == Approx(curve::pi * 50).epsilon(3e-4));
    // Radii too small are enlarged just enough (F.6.6).
    CHECK(curve::arcLength(parsePathData("M0 0A1 1 0 0 1 100 0").paths.at(0)) == Approx(curve::pi * 50).epsilon(3e-4));
    // Of any size: hardly a radius (the arc is all but a straight there and back), and one that is beyond numbers.
    CHECK(curve::isFinite(parsePathData("M0 5A1e9 1e-223 46 0 0 3140 4211").paths.at(0)));
    CHECK(curve::isFinite(parsePathData("M0 0A1e-200 1e-200 0 0 1 100 0").paths.at(0)));
    CHECK(curve::arcLength(parsePathData("M0 0A1e-9 1e-9 0 0 1 100 0").paths.at(0)) == Approx(curve::pi * 50).epsilon(3e-4));
    CHECK(curve::arcLength(parsePathData("M0 0A1e9 1e9 0 0 1 100 0").paths.at(0)) == Approx(100).epsilon(1e-6));
}

TEST_CASE("broken path data keeps what came before the fault")
{
    const ParsedPaths p = parsePathData("M0 0L10 0L20");
    CHECK(p.fault);
    CHECK(p.paths.at(0).nodes.size() == 2);
    CHECK(parsePathData("L10 0").fault);
    CHECK(parsePathData("M0 0L1e999 0").fault);
    CHECK(parsePathData("M0 0 nan nan").fault);
    CHECK_FALSE(parsePathData("").fault);
}

TEST_CASE("foreign drawings: shapes, groups, transforms, styles, units and viewBox")
{
    const SvgResult r = readSvg(R"svg(<svg xmlns="http://www.w3.org/2000/svg" width="2in" height="2in" viewBox="0 0 96 96">
      <g id="Lantern" transform="translate(10 0)" stroke="teal" style="stroke-width:2; fill:none">
        <rect x="0" y="0" width="20" height="10" transform="scale(2)"/>
        <circle cx="5" cy="5" r="5" fill="#f00" opacity=".5"/>
        <g opacity="0.5"><ellipse cx="50" cy="50" rx="10" ry="20" fill="rgb(0,0,255)"/></g>
      </g>
      <polyline points="0,0 10,0 10,10"/><polygon points="1 1 5 1 5 5"/><line x1="0" y1="0" x2="9" y2="9" stroke="black"/>
      <text x="3" y="3">words</text><text>more</text><path d="M0 0h10v10z" fill="url(#g)"/>
    </svg>)svg");
    REQUIRE(r.ok());
    CHECK(r.document.sheet.width == Approx(192));
    CHECK(r.document.sheet.unit == art::Unit::in);
    REQUIRE(r.document.layers.size() == 2);
    const auto& first = *r.document.layers[0];
    CHECK(first.name == "Lantern");
    REQUIRE(first.items.size() == 3);
    const art::Artwork& rect = *first.items[0]->artwork();
    CHECK(curve::bounds(rect.paths).max == Vec2{100, 40});
    CHECK(rect.stroke.width == Approx(8)); // 2 x scale 2 x viewBox 2
    CHECK_FALSE(rect.fill.colour);
    CHECK(first.items[1]->opacity == Approx(0.5));
    CHECK(*first.items[1]->artwork()->fill.colour == art::Colour{255, 0, 0});
    CHECK(first.items[2]->opacity == Approx(0.5));
    REQUIRE(r.document.layers[1]->items.size() == 6); // the words are kept whole
    CHECK_FALSE(r.document.layers[1]->items[5]->artwork()->fill.colour); // there is no gradient of that name
    CHECK(r.leftOut == std::vector<std::string>{"2 parts kept whole: text"});
}

TEST_CASE("hostile files get a message and break nothing")
{
    CHECK_FALSE(readSvg("").ok());
    CHECK_FALSE(readSvg("not xml at all").ok());
    CHECK_FALSE(readSvg("<html/>").ok());
    CHECK_FALSE(readSvg("<svg xmlns='http://www.w3.org/2000/svg'><g>").ok());
    std::string deep = "<svg xmlns='http://www.w3.org/2000/svg'>";
    for (int i = 0; i < 5000; ++i) deep += "<g>";
    deep += "<path d='M0 0L1 1'/>";
    for (int i = 0; i < 5000; ++i) deep += "</g>";
    const SvgResult r = readSvg(deep + "</svg>");
    REQUIRE(r.ok());
    CHECK(r.leftOut.size() == 1);
    const SvgResult odd =
        readSvg("<svg width='nan' height='-3' viewBox='0 0 0 0'><path d='M nan 0' stroke-width='-1'/><rect width='1e400' height='2'/><circle r='-5'/></svg>");
    REQUIRE(odd.ok());
    CHECK(odd.document.sheet.width > 0);
}

TEST_CASE("base64 against the vectors of RFC 4648")
{
    const auto bytes = [](std::string_view s) {
        const auto* p = reinterpret_cast<const std::byte*>(s.data());
        return std::vector<std::byte>(p, p + s.size());
    };
    for (const auto& [plain, coded] : {std::pair{"", ""}, {"f", "Zg=="}, {"fo", "Zm8="}, {"foo", "Zm9v"}, {"foobar", "Zm9vYmFy"}}) {
        CHECK(base64(bytes(plain)) == coded);
        CHECK(*fromBase64(coded) == bytes(plain));
    }
    CHECK_FALSE(fromBase64("Zg*="));
}

TEST_CASE("saving replaces the file whole, or leaves it as it was")
{
    Folder f;
    const std::string path = (f.path / "a piece.svg").string();
    REQUIRE(saveAtomically(path, "first").ok());
    REQUIRE(saveAtomically(path, "second").ok());
    CHECK(readText(path).text == "second");
    CHECK_FALSE(saveAtomically((f.path / "no" / "such" / "folder.svg").string(), "x").ok());
    // A disk that takes no more: the limit on file size stands in for it.
    std::signal(SIGXFSZ, SIG_IGN);
    rlimit old{};
    getrlimit(RLIMIT_FSIZE, &old);
    const rlimit small{1000, old.rlim_max};
    setrlimit(RLIMIT_FSIZE, &small);
    const FileResult full = saveAtomically(path, std::string(100000, 'x'));
    setrlimit(RLIMIT_FSIZE, &old);
    CHECK(full.problem.find("disk is full") != std::string::npos);
    CHECK(readText(path).text == "second");
    CHECK(std::distance(fs::directory_iterator(f.path), fs::directory_iterator()) == 1);
}

TEST_CASE("a process killed while saving leaves a whole file")
{
    Folder f;
    const std::string path = (f.path / "piece.svg").string();
    const std::string a(3'000'000, 'a'), b(3'000'000, 'b');
    REQUIRE(saveAtomically(path, a).ok());
    for (int round = 0; round < 12; ++round) {
        const pid_t child = fork();
        if (child == 0) {
            while (true) {
                saveAtomically(path, b);
                saveAtomically(path, a);
            }
        }
        ::usleep(3000 + 4000 * round);
        ::kill(child, SIGKILL);
        ::waitpid(child, nullptr, 0);
        const std::string now = readText(path).text;
        CHECK((now == a || now == b));
    }
}

TEST_CASE("killed at two hundred instants of editing, keeping and saving, every file is whole and one of those that were written")
{
    // In memory where there is such a folder: what a killed process leaves does not depend on when a disk has taken it.
    const fs::path memory = "/dev/shm";
    Folder f(::access(memory.c_str(), W_OK) == 0 ? memory : fs::temp_directory_path());
    ::setenv("XDG_STATE_HOME", f.path.c_str(), 1);
    const std::string path = (f.path / "piece.svg").string();
    const art::Document first = rich();
    const art::Id moved = first.layers.front()->items.front()->id;
    // The piece goes from state to state: each is told by its title.
    const auto stateOf = [&](int k) {
        art::Document d = art::transformed(first, {moved}, curve::translation({1.0 * k, 0}));
        d.title = "state " + std::to_string(k);
        return d;
    };
    REQUIRE(saveAtomically(path, writeWorkingSvg(stateOf(0))).ok());
    const auto step = [&](Recovery& r, int k) {
        const art::Document d = stateOf(k);
        r.write(d, path, {std::byte{1}});
        if (k % 3 == 0) saveAtomically(path, writeWorkingSvg(d));
    };
    // How long the child takes to its second saving on this machine and disk: the instants are spread over that.
    const auto begin = std::chrono::steady_clock::now();
    if (const pid_t paced = fork(); paced == 0) {
        Recovery r;
        for (int k = 1; k <= 6; ++k) step(r, k);
        _exit(0);
    } else {
        ::waitpid(paced, nullptr, 0);
    }
    const auto span = std::chrono::duration_cast<std::chrono::microseconds>(std::chrono::steady_clock::now() - begin).count();
    for (const RecoveryEntry& e : leftBehind()) discard(e);
    REQUIRE(saveAtomically(path, writeWorkingSvg(stateOf(0))).ok());
    std::size_t offered = 0, saved = 0;
    for (int round = 0; round < 200; ++round) {
        const pid_t child = fork();
        if (child == 0) {
            Recovery r;
            for (int k = 1;; ++k) step(r, k);
        }
        std::this_thread::sleep_for(std::chrono::microseconds((round * 7919) % 200 * span / 160));
        ::kill(child, SIGKILL);
        ::waitpid(child, nullptr, 0);
        const SvgResult now = readSvg(readText(path).text);
        REQUIRE(now.ok());
        const int k = std::stoi(now.document.title.substr(6));
        CHECK(now.document == stateOf(k));
        saved += k > 0;
        // What was kept is whole too: nothing of it is older than what was saved by the same hand, at most one state behind.
        for (const RecoveryEntry& e : leftBehind()) {
            const SvgResult kept = readKept(e);
            REQUIRE(kept.ok());
            const int at = std::stoi(kept.document.title.substr(6));
            CHECK(kept.document == stateOf(at));
            ++offered;
            discard(e);
        }
    }
    CHECK(saved > 20);
    CHECK(offered > 20);
}

TEST_CASE("what a killed process kept is offered, what a living one keeps is not")
{
    Folder f;
    ::setenv("XDG_STATE_HOME", f.path.c_str(), 1);
    const art::Document d = rich();
    const pid_t child = fork();
    if (child == 0) {
        Recovery r;
        r.write(d, "/somewhere/moth.svg", {std::byte{1}});
        ::_exit(0);
    }
    ::waitpid(child, nullptr, 0);
    Recovery mine;
    REQUIRE(mine.write(art::newDocument(), "", {}).ok());
    const auto left = leftBehind();
    REQUIRE(left.size() == 1);
    CHECK(left[0].original == "/somewhere/moth.svg");
    CHECK_FALSE(left[0].picture.empty());
    CHECK(readKept(left[0]).document == d);
    // Put aside it is not offered any more, and can be opened for thirty days.
    REQUIRE(putAside(left[0]).ok());
    CHECK(leftBehind().empty());
    const long long today = std::time(nullptr);
    auto kept = aside(today + 29 * 86400);
    REQUIRE(kept.size() == 1);
    CHECK(readKept(kept[0]).document == d);
    CHECK(aside(today + 31 * 86400).empty());
    CHECK_FALSE(fs::exists(kept[0].folder));
    // Nothing else is ever taken away.
    RecoveryEntry foreign;
    foreign.folder = f.path.string();
    discard(foreign);
    CHECK(fs::exists(f.path));
    mine.clear();
    CHECK(fs::is_empty(f.path / "soft-rope" / "recovery"));
    ::unsetenv("XDG_STATE_HOME");
}

TEST_CASE("keeping writes each picture once, and a change of one line costs its own bytes")
{
    Folder f;
    ::setenv("XDG_STATE_HOME", f.path.c_str(), 1);
    art::Document d = rich();
    for (int k = 0; k < 3; ++k) {
        art::PictureFile page;
        page.bytes.assign(4'000'000, std::byte(k));
        page.format = "png";
        page.width = page.height = 100;
        d = art::withReference(d, std::make_shared<const art::PictureFile>(page), "page").document;
    }
    Recovery mine;
    REQUIRE(mine.write(d, "", {}).ok());
    CHECK(mine.written() > 12'000'000);
    const auto in = [&] {
        long n = 0;
        for ([[maybe_unused]] const auto& e : fs::directory_iterator(f.path / "soft-rope/recovery" / mine.id() / "pictures")) ++n;
        return n;
    };
    const long all = in();
    d.title = "One change";
    REQUIRE(mine.write(d, "", {}).ok());
    CHECK(mine.written() < 100'000);
    CHECK(in() == all);
    RecoveryEntry entry;
    entry.folder = (f.path / "soft-rope/recovery" / mine.id()).string();
    CHECK(readKept(entry).document == d);
    // A kept piece that asks for a file elsewhere gets nothing.
    std::ofstream(f.path / "secret.png") << "secret";
    const std::string text = readText(entry.folder + "/piece.svg").text;
    const std::size_t at = text.find("pictures/");
    REQUIRE(at != std::string::npos);
    std::ofstream(entry.folder + "/piece.svg") << text.substr(0, at) << "../../../" << text.substr(at + 9);
    CHECK_FALSE(readKept(entry).leftOut.empty());
    // Pictures that are no longer used go.
    REQUIRE(mine.write(art::newDocument(), "", {}).ok());
    CHECK(in() == 0);
    mine.clear();
    ::unsetenv("XDG_STATE_HOME");
}

TEST_CASE("what was kept before its file was saved is put aside, not offered over it")
{
    Folder f;
    ::setenv("XDG_STATE_HOME", f.path.c_str(), 1);
    const std::string file = (f.path / "moth.svg").string();
    const art::Document d = rich();
    const pid_t child = fork();
    if (child == 0) {
        Recovery r;
        r.write(d, file, {});
        ::_exit(0);
    }
    ::waitpid(child, nullptr, 0);
    std::ofstream(file) << "newer";
    fs::last_write_time(file, fs::file_time_type::clock::now() + std::chrono::seconds(5));
    CHECK(leftBehind().empty());
    CHECK(aside(std::time(nullptr)).size() == 1);
    ::unsetenv("XDG_STATE_HOME");
}

TEST_CASE("a new file follows the umask, an old one keeps its permissions")
{
    Folder f;
    const mode_t was = ::umask(0027);
    const fs::path fresh = f.path / "fresh.svg";
    REQUIRE(saveAtomically(fresh.string(), "one").ok());
    ::umask(was);
    CHECK((fs::status(fresh).permissions() & fs::perms::mask) == static_cast<fs::perms>(0640));
    fs::permissions(fresh, static_cast<fs::perms>(0600));
    REQUIRE(saveAtomically(fresh.string(), "two").ok());
    CHECK((fs::status(fresh).permissions() & fs::perms::mask) == static_cast<fs::perms>(0600));
}

TEST_CASE("pictures: what is none says so")
{
    Folder f;
    const std::string bad = (f.path / "bad.png").string();
    std::ofstream(bad) << "this is no picture";
    CHECK(readPictureFile(bad).problem.find("not a picture") != std::string::npos);
    CHECK_FALSE(readPictureFile((f.path / "none.png").string()).ok());
    CHECK(readPicture({}, "Empty").problem == "Empty is empty.");
    auto png = writePng(pixel::Picture(40, 30, pixel::Rgba{1, 2, 3, 255}));
    const PictureResult good = readPicture(png, "good");
    REQUIRE(good.ok());
    CHECK(good.picture.width == 40);
    CHECK(good.picture.at(39, 29) == pixel::Rgba{1, 2, 3, 255});
    png.resize(20);
    CHECK_FALSE(readPicture(png, "half").ok());
}

TEST_CASE("pictures: what is cut off comes in as far as it goes, and says how far")
{
    pixel::Picture noise(64, 512);
    unsigned seed = 7;
    for (pixel::Rgba& c : noise.data) {
        seed = seed * 1664525U + 1013904223U;
        c = {static_cast<std::uint8_t>(seed >> 24), static_cast<std::uint8_t>(seed >> 16), 90, 255};
    }
    auto png = writePng(noise);
    CHECK(readPicture(png, "whole").partly.empty());
    png.resize(png.size() * 6 / 10);
    const PictureResult cut = readPicture(png, "page");
    REQUIRE(cut.ok());
    INFO(cut.partly);
    int rows = 0;
    REQUIRE(std::sscanf(cut.partly.c_str(), "page was loaded only in part, %d of 512 rows.", &rows) == 1);
    // Noise packs evenly: six tenths of the bytes are about six tenths of the rows (common practice, no source).
    CHECK(rows > 250);
    CHECK(rows < 340);
    CHECK(cut.picture.at(63, rows - 1) == noise.at(63, rows - 1));
    CHECK(cut.picture.at(63, rows) == pixel::Rgba{255, 255, 255, 255});
    auto jpeg = writeJpeg(noise, 90);
    CHECK(readPicture(jpeg, "whole").partly.empty());
    jpeg.resize(jpeg.size() * 6 / 10);
    const PictureResult half = readPicture(jpeg, "photo");
    REQUIRE(half.ok());
    INFO(half.partly);
    REQUIRE(std::sscanf(half.partly.c_str(), "photo was loaded only in part, %d of 512 rows.", &rows) == 1);
    CHECK(rows > 250);
    CHECK(rows < 340);
    CHECK(half.picture.at(5, rows) == pixel::Rgba{255, 255, 255, 255});
    CHECK_FALSE(half.picture.at(5, rows - 20) == pixel::Rgba{255, 255, 255, 255});
}

TEST_CASE("a JPEG is turned as its EXIF says")
{
    // Orientation 6 (a quarter turn clockwise to view), CIPA DC-008 (Exif 2.32), 4.6.4 A.
    const PictureResult r = readPictureFile(std::string(SOFT_ROPE_SOURCE) + "/tests/files/exif-turned.jpg");
    REQUIRE(r.ok());
    CHECK(r.picture.width == 20);
    CHECK(r.picture.height == 40);
    CHECK(r.picture.at(10, 4).r > 180); // the red end was at the left, and is now on top
}

TEST_CASE("reduce in place keeps all else of a foreign file")
{
    std::string d = "M0 0";
    for (int i = 1; i <= 100; ++i) d += "L" + number(i, 3) + ' ' + number(30 * std::sin(i / 16.0), 3);
    const ReducedSvg r =
        reduceSvg("<?xml version='1.0'?><!-- kept --><svg viewBox='0 0 100 100'><defs><marker id='m'/></defs><g transform='scale(2)'><path id='p' d='" + d +
                      "'/></g></svg>",
                  1);
    REQUIRE(r.ok());
    CHECK(r.nodesBefore == 101);
    CHECK(r.nodesAfter < 12);
    CHECK(r.furthest <= 1);
    CHECK(r.text.find("marker") != std::string::npos);
    CHECK(r.text.find("kept") != std::string::npos);
    CHECK(r.text.find("scale(2)") != std::string::npos);
}

TEST_CASE("swell and round corners come back from the working file, and other viewers see the outline")
{
    art::Item i;
    art::Artwork a;
    a.setPaths({curve::polyline({{100, 100}, {400, 100}, {400, 300}}, false)});
    a.stroke.colour = art::Colour{20, 40, 60};
    a.stroke.width = 24;
    a.stroke.swell = curve::Swell{{{0, 0.25}, {0.5, 1.25}, {1, 0.5}}, 0.125, 0};
    i.is = a;
    const art::Added added = art::withItem(art::newDocument(), 0, i);
    const art::Document d = art::withRoundCorners(added.document, added.id, {}, 40).document;
    const std::string text = files::writeWorkingSvg(d);
    const files::SvgResult r = files::readSvg(text);
    REQUIRE(r.ok());
    CHECK(r.document == d);
    const art::Document sharp = art::withRoundCorners(r.document, added.id, {}, 0).document;
    CHECK(sharp.item(added.id)->artwork()->paths == a.paths);
    // Clean: one filled path, no stroke.
    const std::string clean = files::writeCleanSvg(d);
    CHECK(clean.find("stroke=") == std::string::npos);
    CHECK(clean.find("fill=\"#14283c\"") != std::string::npos);
}
