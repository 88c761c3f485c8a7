// soft-rope-cli as a script uses it: files, pipes, exit codes.
#include "art/edits.h"
#include "curve/curve.h"
#include "files/bytes.h"
#include "files/pictures.h"
#include "files/svg.h"

#include <catch2/catch.hpp>
#include <nlohmann/json.hpp>

#include <cstdlib>
#include <filesystem>
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>

using namespace softrope;
namespace fs = std::filesystem;

namespace {

struct Bench {
    fs::path folder = fs::temp_directory_path() / ("soft rope cli " + std::to_string(::getpid()));
    Bench()
    {
        fs::create_directories(folder);
        pixel::Picture p(120, 120, pixel::Rgba{255, 255, 255, 255});
        for (int y = 0; y < 120; ++y)
            for (int x = 0; x < 120; ++x)
                if (distance(curve::Vec2{x + 0.5, y + 0.5}, {60, 60}) < 40) p.at(x, y) = {0, 0, 0, 255};
        files::saveAtomically(at("disc.png"), files::writePng(p));
    }
    ~Bench()
    {
        std::error_code e;
        fs::remove_all(folder, e);
    }
    std::string at(const std::string& name) const { return (folder / name).string(); }
    // Runs in the folder; gives the exit code.
    int run(const std::string& arguments) const
    {
        const int status = std::system(("cd '" + folder.string() + "' && '" SOFT_ROPE_CLI "' " + arguments + " 2>err.txt").c_str());
        return WEXITSTATUS(status);
    }
    std::string text(const std::string& name) const { return files::readText(at(name)).text; }
};

} // namespace

TEST_CASE("outline, reduce, info and export work as a chain")
{
    Bench b;
    REQUIRE(b.run("outline disc.png -o disc.svg --slack 0.8") == 0);
    REQUIRE(b.text("disc.svg").find("viewBox=\"0 0 120 120\"") != std::string::npos);
    REQUIRE(b.run("info disc.svg > info.json") == 0);
    const auto info = nlohmann::json::parse(b.text("info.json"));
    CHECK(info["paths"] == 1);
    CHECK(info["closed"] == 1);
    CHECK(info["open"] == 0);
    CHECK(info["nodes"].get<int>() <= 6);
    CHECK(info["layers"].size() == 1);
    CHECK(b.run("reduce disc.svg -o less.svg --slack 2") == 0);
    CHECK(b.run("export disc.svg -o disc.pdf") == 0);
    CHECK(b.text("disc.pdf").rfind("%PDF", 0) == 0);
    REQUIRE(b.run("export disc.svg -o disc2.png --width 240") == 0);
    const auto png = files::readPictureFile(b.at("disc2.png"));
    REQUIRE(png.ok());
    CHECK(png.picture.width == 240);
    CHECK(png.picture.at(120, 120).a == 255);
    CHECK(png.picture.at(5, 5).a == 0);
}

#ifndef __SANITIZE_ADDRESS__ // which hands out memory of its own
TEST_CASE("a large page is traced with memory that is used again")
{
    // An operation count: pages of 4 KiB that the kernel had to clear. A field of this page takes 3,200 of them, and some fifteen fields
    // come and go.
    Bench b;
    pixel::Picture page(1800, 1800, pixel::Rgba{235, 235, 235, 255});
    for (int k = 0; k < 9; ++k)
        for (int y = 180 * k + 90; y < 180 * k + 96; ++y)
            for (int x = 100; x < 1700; ++x) page.at(x, y) = {90, 90, 90, 255};
    REQUIRE(files::saveAtomically(b.at("page.png"), files::writePng(page)).ok());
    const auto cleared = [] {
        rusage used{};
        getrusage(RUSAGE_CHILDREN, &used);
        return used.ru_minflt;
    };
    const long before = cleared();
    REQUIRE(b.run("lines page.png -o page.svg --medium pencil") == 0);
    CHECK(cleared() - before < 28000);
}
#endif

TEST_CASE("a dash stands for standard input and output")
{
    Bench b;
    REQUIRE(b.run("outline - -o - < disc.png > piped.svg") == 0);
    REQUIRE(b.run("outline disc.png -o named.svg") == 0);
    CHECK(b.text("piped.svg") == b.text("named.svg"));
    CHECK(b.run("export - -o - --format svg < named.svg > out.svg") == 0);
    CHECK(files::readSvg(b.text("out.svg")).ok());
}

TEST_CASE("a cut by hand and light on dark are obeyed")
{
    Bench b;
    REQUIRE(b.run("outline disc.png -o a.svg --threshold 128") == 0);
    CHECK(files::readSvg(b.text("a.svg")).document.layers[0]->items.size() == 1);
    REQUIRE(b.run("outline disc.png -o b.svg --light-on-dark") == 0);
    const auto inverse = files::readSvg(b.text("b.svg")).document;
    REQUIRE(inverse.layers[0]->items.size() == 1);
    CHECK(inverse.layers[0]->items[0]->artwork()->paths.size() == 2);
}

TEST_CASE("exit codes tell bad input, bad use and bad output apart, each with a message")
{
    Bench b;
    CHECK(b.run("outline none.png -o a.svg") == 1);
    CHECK(b.text("err.txt").find("There is no file none.png") != std::string::npos);
    files::saveAtomically(b.at("junk.png"), "junk");
    CHECK(b.run("outline junk.png -o a.svg") == 1);
    CHECK(b.run("reduce junk.png -o a.svg --slack 1") == 1);
    CHECK(b.run("info junk.png") == 1);
    CHECK(b.run("reduce disc.png -o a.svg --slack 1") == 1);
    CHECK(b.text("err.txt").find("disc.png is a picture (PNG), not a drawing") != std::string::npos);
    CHECK(b.run("outline disc.png -o a.svg --threshold 300") == 2);
    CHECK(b.run("outline disc.png -o a.svg --slack -1") == 2);
    CHECK(b.run("outline disc.png") == 2);
    CHECK(b.run("nonsense") == 2);
    CHECK(b.run("") == 2);
    CHECK(b.run("export disc.svg -o a.xyz") == 2);
    CHECK(b.run("outline disc.png -o no/such/folder/a.svg") == 3);
    // That is said before the picture is looked at.
    for (const char* command : {"outline none.png -o no/such/folder/a.svg", "export none.svg -o no/such/folder/a.png", "letter Moth -o no/such/folder/a.svg",
                                "proof none.svg --mend -o no/such/folder/a.svg"}) {
        INFO(command);
        CHECK(b.run(command) == 3);
        CHECK(b.text("err.txt").find("There is no folder no/such/folder.") != std::string::npos);
    }
    CHECK(b.run("lines none.png -o .") == 3);
    CHECK(b.text("err.txt").find(". is a folder") != std::string::npos);
    // An SVG is not called something else.
    for (const char* command : {"outline disc.png -o a.png", "reduce disc.svg -o a.PDF --slack 1", "areas disc.svg -o a.jpeg"}) {
        INFO(command);
        CHECK(b.run(command) == 2);
        CHECK(b.text("err.txt").find("an SVG is written") != std::string::npos);
    }
    CHECK(b.run("outline disc.png -o drawing") == 0);
    CHECK(b.text("drawing").find("<svg") != std::string::npos);
    CHECK(b.run("--help > help.txt") == 0);
    CHECK(b.text("help.txt").find("Examples:") != std::string::npos);
    CHECK_FALSE(fs::exists(b.at("a.svg")));
}

TEST_CASE("an empty drawing is said to be empty, and colours are counted as they are seen")
{
    Bench b;
    const auto save = [&](const char* name, const pixel::Picture& p) {
        REQUIRE(files::saveAtomically(b.at(name), files::writePng(p)).ok());
    };
    pixel::Picture square(60, 60, {255, 255, 255, 255});
    save("white.png", square);
    REQUIRE(b.run("outline white.png -o a.svg") == 0);
    CHECK(b.text("err.txt") == "no shape was found: the drawing is empty.\n");
    REQUIRE(b.run("lines white.png -o a.svg") == 0);
    CHECK(b.text("err.txt") == "no line was found: the drawing is empty.\n");
    REQUIRE(b.run("tones white.png -o a.svg --count 4") == 0);
    CHECK(b.text("err.txt").rfind("1 colour, 1 area, 4 nodes", 0) == 0);
    for (int y = 20; y < 40; ++y)
        for (int x = 20; x < 40; ++x) square.at(x, y) = {200, 30, 30, 255};
    save("square.png", square);
    REQUIRE(b.run("tones square.png -o a.svg --count 6") == 0);
    CHECK(b.text("err.txt").rfind("2 colours, 2 areas", 0) == 0);
    REQUIRE(b.run("outline square.png -o a.svg") == 0);
    CHECK(b.text("err.txt").empty());
}

TEST_CASE("lines are traced from the command line, as strokes or with their swell as shapes")
{
    Bench b;
    art::Document d = art::newDocument();
    d.sheet.width = d.sheet.height = 300;
    d.sheet.hasBackground = true;
    art::Item i;
    art::Artwork a;
    a.setPaths({curve::polyline({{50, 60}, {250, 90}, {240, 240}}, false)});
    a.stroke.colour = art::Colour{0, 0, 0};
    a.stroke.width = 8;
    a.stroke.swell = curve::Swell{{{0, 0.5}, {1, 1.6}}, 0, 0};
    i.is = a;
    d = art::withItem(d, 0, i).document;
    files::saveAtomically(b.at("page.svg"), files::writeWorkingSvg(d));
    REQUIRE(b.run("export page.svg -o page.png") == 0);
    REQUIRE(b.run("lines page.png -o lines.svg --slack 0.8") == 0);
    const std::string strokes = b.text("lines.svg");
    CHECK(strokes.find("stroke-width") != std::string::npos);
    REQUIRE(b.run("lines page.png -o swelled.svg --swell") == 0);
    CHECK(b.text("swelled.svg").find("stroke-width") == std::string::npos);
    CHECK(b.run("lines page.png -o x.svg --medium crayon") == 2);
    CHECK(b.run("lines missing.png -o x.svg") == 1);
}

TEST_CASE("combine, areas and mirror on drawings")
{
    Bench b;
    files::saveAtomically(b.at("two.svg"), R"(<svg xmlns="http://www.w3.org/2000/svg" width="300" height="200" viewBox="0 0 300 200">
<rect x="10" y="10" width="100" height="100"/><rect x="60" y="60" width="100" height="100"/></svg>)");
    for (const auto& [op, area] : {std::pair{"union", 17500.0}, {"difference", 7500.0}, {"intersection", 2500.0}, {"exclude", 15000.0}}) {
        REQUIRE(b.run(std::string("combine --op ") + op + " two.svg -o out.svg") == 0);
        double sum = 0;
        const art::Document d = files::readSvg(b.text("out.svg")).document;
        for (const auto& l : d.layers)
            for (const auto& i : l->items)
                for (const curve::Path& p : i->artwork()->paths) sum += curve::area(p);
        CHECK(sum == Approx(area));
    }
    CHECK(b.run("combine --op melt two.svg -o out.svg") == 2);
    CHECK(b.run("combine --op union missing.svg -o out.svg") == 1);

    files::saveAtomically(b.at("lines.svg"), R"(<svg xmlns="http://www.w3.org/2000/svg" width="300" height="200" viewBox="0 0 300 200">
<path fill="none" stroke="#000" d="M10 10 H100 V99"/><path fill="none" stroke="#000" d="M99 100 H10 V10"/></svg>)");
    REQUIRE(b.run("areas lines.svg -o out.svg") == 0);
    CHECK(b.text("err.txt").rfind("0 areas", 0) == 0);
    REQUIRE(b.run("areas lines.svg -o out.svg --gap 2") == 0);
    CHECK(b.text("err.txt").rfind("1 area, 1 gap closed", 0) == 0);

    files::saveAtomically(b.at("half.svg"), R"(<svg xmlns="http://www.w3.org/2000/svg" width="300" height="200" viewBox="0 0 300 200">
<path fill="none" stroke="#000" d="M151 20 L220 60 L152 150"/></svg>)");
    REQUIRE(b.run("mirror half.svg -o out.svg --axis x=150 --weld 3") == 0);
    const art::Document d = files::readSvg(b.text("out.svg")).document;
    const curve::Path whole = d.layers.front()->items.front()->artwork()->paths.front();
    CHECK(whole.closed);
    CHECK(curve::bounds(whole).min.x == Approx(80));
    // The axis of half a vase is found: its ends stand in a row with nothing beyond.
    files::saveAtomically(b.at("vase.svg"), R"(<svg xmlns="http://www.w3.org/2000/svg" width="300" height="200" viewBox="0 0 300 200">
<path fill="none" stroke="#000" d="M151 20 C172 22 190 40 176 60 C165 80 230 95 222 122 C215 150 180 149 151 150"/></svg>)");
    REQUIRE(b.run("mirror vase.svg -o out.svg --axis auto --weld 3") == 0);
    const art::Document found = files::readSvg(b.text("out.svg")).document;
    const curve::Path vase = found.layers.front()->items.front()->artwork()->paths.front();
    CHECK(vase.closed);
    CHECK(curve::bounds(vase).centre().x == Approx(151).margin(1));
    CHECK(b.run("mirror half.svg -o out.svg --axis 1,2,1,2") == 2);
    files::saveAtomically(b.at("lopsided.svg"), R"(<svg xmlns="http://www.w3.org/2000/svg" width="300" height="200" viewBox="0 0 300 200">
<path fill="none" stroke="#000" d="M10 20 C90 10 60 120 140 100 S200 180 290 30"/><path fill="none" stroke="#000" d="M30 150 L80 190 L200 60 L240 70"/></svg>)");
    CHECK(b.run("mirror lopsided.svg -o out.svg --axis auto") == 1);
    CHECK(b.text("err.txt").find("no axis") != std::string::npos);
}

TEST_CASE("tones: as many colours as asked for or as needed, regions that abut, clear words for nonsense")
{
    Bench b;
    pixel::Picture p(90, 60, pixel::Rgba{30, 60, 90, 255});
    for (int y = 0; y < 60; ++y)
        for (int x = 0; x < 90; ++x) {
            if (x >= 30) p.at(x, y) = {220, 180, 60, 255};
            if (x >= 60) p.at(x, y) = {160, 40, 40, 255};
        }
    files::saveAtomically(b.at("bands.png"), files::writePng(p));
    for (const char* count : {"3", "0"}) {
        INFO(count);
        REQUIRE(b.run(std::string("tones bands.png -o bands.svg --count ") + count) == 0);
        const files::SvgResult r = files::readSvg(b.text("bands.svg"));
        REQUIRE(r.ok());
        std::size_t shapes = 0;
        std::vector<art::Colour> colours;
        for (const art::LayerPtr& l : r.document.layers)
            for (const art::ItemPtr& i : l->items)
                if (const art::Artwork* a = i->artwork()) {
                    ++shapes;
                    colours.push_back(*a->fill.colour);
                    CHECK(curve::nodeCount(a->paths) == 4);
                }
        CHECK(shapes == 3);
        CHECK(std::find(colours.begin(), colours.end(), art::Colour{220, 180, 60}) != colours.end());
    }
    CHECK(b.run("tones bands.png -o x.svg --count 40") != 0);
    CHECK(b.run("tones nowhere.png -o x.svg") != 0);
    CHECK_FALSE(b.text("err.txt").empty());
    files::saveAtomically(b.at("broken.png"), std::string("\x89PNG not really"));
    CHECK(b.run("tones broken.png -o x.svg") != 0);
    CHECK_FALSE(fs::exists(b.at("x.svg")));
}

TEST_CASE("recorded strokes become lines, and files without strokes are refused")
{
    Bench b;
    nlohmann::json stroke = nlohmann::json::array();
    for (int k = 0; k <= 60; ++k) stroke.push_back({{"x", 100 + 3.0 * k}, {"y", 200.0}});
    for (int k = 1; k <= 60; ++k) stroke.push_back({{"x", 280.0}, {"y", 200 + 3.0 * k}});
    files::saveAtomically(b.at("strokes.json"), nlohmann::json{{"strokes", {stroke}}}.dump());
    REQUIRE(b.run("fit strokes.json -o lines.svg --slack 1.5") == 0);
    const files::SvgResult r = files::readSvg(b.text("lines.svg"));
    REQUIRE(r.ok());
    REQUIRE(r.document.layers.size() == 1);
    REQUIRE(r.document.layers[0]->items.size() == 1);
    const curve::Path& path = r.document.layers[0]->items[0]->artwork()->paths->front();
    REQUIRE(path.nodes.size() == 3);
    CHECK(distance(path.nodes[1].at, {280, 200}) < 1);
    files::saveAtomically(b.at("empty.json"), std::string("{}"));
    CHECK(b.run("fit empty.json -o lines.svg") == 1);
    CHECK(b.text("err.txt").find("holds no recorded strokes") != std::string::npos);
    CHECK(b.run("fit nowhere.json -o lines.svg") == 1);
}

TEST_CASE("a rope is laid through holds, and holds that say nothing are refused")
{
    Bench b;
    const auto rope = [&](const std::string& holds) {
        files::saveAtomically(b.at("holds.json"), holds);
        return b.run("rope disc.png --holds holds.json -o edge.svg --slack 1");
    };
    REQUIRE(rope(R"({"holds": [[102, 60], [60, 98], [23, 60], [60, 21]], "closed": true})") == 0);
    const files::SvgResult r = files::readSvg(b.text("edge.svg"));
    REQUIRE(r.ok());
    REQUIRE(r.document.layers[0]->items.size() == 1);
    const curve::Path& path = r.document.layers[0]->items[0]->artwork()->paths->front();
    CHECK(path.closed);
    CHECK(path.nodes.size() <= 6);
    for (std::size_t k = 0; k < path.pieceCount(); ++k) CHECK(distance(at(path.piece(k), 0.5), {60, 60}) == Approx(40).margin(1));
    for (const char* bad :
         {"[]", R"({"holds": 3})", R"({"holds": [[1, 2], [3]]})", R"({"holds": [[1, 2], [30, 40]]})", R"({"holds": [[1, 2], [30, 40], [900, 1]]})"}) {
        INFO(bad);
        CHECK(rope(bad) == 1);
        CHECK(b.text("err.txt").find("hold") != std::string::npos);
    }
    CHECK(b.run("rope disc.png -o edge.svg") == 2);
}

TEST_CASE("letter sets words straight and on an arc, says what it cannot, and faces lists what there is")
{
    Bench b;
    REQUIRE(b.run("letter 'Night\\nmarket' --face 'Roboto Slab' --weight 700 --size 200 -o words.svg") == 0);
    const files::SvgResult straight = files::readSvg(b.text("words.svg"));
    REQUIRE(straight.ok());
    const curve::Box box = art::bounds(straight.document);
    CHECK(box.min.x == Approx(0).margin(0.01));
    CHECK(box.min.y == Approx(0).margin(0.01));
    CHECK(box.height() > 300); // two lines
    CHECK(straight.document.sheet.width >= box.max.x);
    REQUIRE(b.run("letter 'NIGHT MARKET' --size 60 --tracking 90 --arc 300,300,220,-90 --align centre --working -o arc.svg") == 0);
    const files::SvgResult arc = files::readSvg(b.text("arc.svg"));
    REQUIRE(arc.ok());
    CHECK(arc.working);
    const curve::Box round = art::bounds(arc.document);
    CHECK(round.centre().x == Approx(300).margin(1));
    CHECK(round.max.y < 300);
    CHECK(b.run("letter x --face 'No Such Face' -o x.svg") == 1);
    CHECK(b.text("err.txt").find("No Such Face") != std::string::npos);
    CHECK(b.run("letter x --arc 1,2,3 -o x.svg") == 2);
    CHECK(b.run("letter x --arc 1,2,-3,0 -o x.svg") == 2);
    CHECK(b.run("letter '  ' -o x.svg") == 1);
    REQUIRE(b.run("faces > faces.txt") == 0);
    CHECK(b.text("faces.txt").find("Lobster Two\t") != std::string::npos);
}

TEST_CASE("proof tells faults as JSON with exit code 4, and mends them")
{
    Bench b;
    files::saveAtomically(b.at("faulty.svg"), "<svg xmlns='http://www.w3.org/2000/svg' width='300' height='300' viewBox='0 0 300 300'>"
                                              "<path d='M20 20L60 20.02L100 20L100 90L20 90Z' fill='#246'/>"
                                              "<path d='M200 200L240 210' stroke='#000' stroke-width='3' fill='none'/>"
                                              "<path d='M241.5 210.4L280 200' stroke='#000' stroke-width='3' fill='none'/>"
                                              "<path d='M20 200L120 200' stroke='#000' stroke-width='0.5' fill='none'/></svg>");
    REQUIRE(b.run("proof faulty.svg --line 1 --gap 1.5 > found.json") == 4);
    const auto found = nlohmann::json::parse(b.text("found.json"))["findings"];
    REQUIRE(found.size() == 3);
    std::vector<std::string> kinds;
    for (const auto& f : found) {
        kinds.push_back(f["kind"]);
        CHECK(f["at"].size() == 2);
        CHECK_FALSE(f["say"].get<std::string>().empty());
        CHECK(f["mend"] == (f["kind"] != "thin-part"));
    }
    std::sort(kinds.begin(), kinds.end());
    CHECK(kinds == std::vector<std::string>{"ends-apart", "needless-node", "thin-part"});
    CHECK(b.run("proof faulty.svg --line 1 --mend -o mended.svg > left.json") == 4); // the thin line is left
    CHECK(b.run("proof mended.svg > none.json") == 0);
    CHECK(nlohmann::json::parse(b.text("none.json"))["findings"].empty());
    REQUIRE(b.run("info mended.svg > info.json") == 0);
    CHECK(nlohmann::json::parse(b.text("info.json"))["paths"] == 3);
    // A process measures in mm: 300 px that are 30 mm wide, lines of 0.25 mm and more.
    CHECK(b.run("proof mended.svg --process enamel-badge --width 30 > badge.json") == 4);
    CHECK(b.run("proof mended.svg --process enamel-badge --width 300 > badge.json") == 0);
    CHECK(b.run("proof faulty.svg --process nowhere > x.json") == 1);
    CHECK(b.run("proof faulty.svg --mend > x.json") == 2);
    CHECK(b.run("proof nothere.svg > x.json") == 1);
    CHECK(b.run("processes > list.txt") == 0);
    CHECK(b.text("list.txt").find("vinyl-cutter") != std::string::npos);
}

TEST_CASE("deliver writes every file of a plan into one folder, or none")
{
    Bench b;
    files::saveAtomically(b.at("mark.svg"), "<svg xmlns='http://www.w3.org/2000/svg' width='300' height='300' viewBox='0 0 300 300'><title>Paper moth</title>"
                                            "<circle cx='150' cy='150' r='100' fill='#246'/></svg>");
    files::saveAtomically(b.at("plan.json"), R"({"variants": ["full", "reversed"], "formats": ["svg", "png"], "png_px": [64, 128]})");
    REQUIRE(b.run("deliver mark.svg --plan plan.json -o out --date 2026-11-28 > list.txt") == 0);
    CHECK(b.text("list.txt").find("delivery-sheet.pdf") != std::string::npos);
    CHECK(std::distance(fs::directory_iterator(b.folder / "out"), fs::directory_iterator{}) == 7);
    CHECK(b.run("deliver mark.svg --plan plan.json -o out > list.txt") == 3); // nothing is written over unasked
    CHECK(b.run("deliver mark.svg --plan plan.json -o out --replace > list.txt") == 0);
    files::saveAtomically(b.at("plan.json"), R"({"variants": ["blue"]})");
    CHECK(b.run("deliver mark.svg --plan plan.json -o other > list.txt") == 1);
    CHECK_FALSE(fs::exists(b.folder / "other"));
}

TEST_CASE("a page of a PDF is traced like a picture, and which one must be said where there are several")
{
    Bench b;
    REQUIRE(b.run("outline disc.png -o disc.svg") == 0);
    REQUIRE(b.run("export disc.svg -o disc.pdf") == 0);
    REQUIRE(b.run("outline disc.pdf -o page.svg --json > page.json") == 0);
    const auto page = nlohmann::json::parse(b.text("page.json"));
    CHECK(page["width"] == 375); // 120 px of CSS at 300 dots an inch
    CHECK(page["paths"] == 1);
    REQUIRE(std::system(("pdfunite '" + b.at("disc.pdf") + "' '" + b.at("disc.pdf") + "' '" + b.at("two.pdf") + "'").c_str()) == 0);
    CHECK(b.run("outline two.pdf -o page.svg") == 1);
    CHECK(b.text("err.txt").find("two.pdf has 2 pages: say with --page") != std::string::npos);
    CHECK(b.run("outline two.pdf --page 2 -o page.svg") == 0);
    CHECK(b.run("outline two.pdf --page 3 -o page.svg") == 1);
    CHECK(b.text("err.txt").find("no page 3") != std::string::npos);
    CHECK(b.run("outline disc.png --page 1 -o page.svg") == 1);
    CHECK(b.run("outline - --page 1 -o page.svg < two.pdf") == 0);
}
