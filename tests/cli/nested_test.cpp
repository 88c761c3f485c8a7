// The command line on drawings that nest: what lies in groups counts like anything else.
#include "art/pieces.h"
#include "files/bytes.h"
#include "files/pictures.h"
#include "files/svg.h"
#include "render/outside.h"

#include <nlohmann/json.hpp>

#include <sys/wait.h>

using namespace pieces;

namespace {

struct Bench : outside::Folder {
    int run(const std::string& arguments) const
    {
        return WEXITSTATUS(std::system(("cd '" + path.string() + "' && '" SOFT_ROPE_CLI "' " + arguments + " 2>err.txt").c_str()));
    }
    void put(const char* name, const Document& d) const { REQUIRE(files::saveAtomically(at(name), files::writeWorkingSvg(d)).ok()); }
    std::string text(const char* name) const { return files::readText(at(name)).text; }
    Document drawing(const char* name) const
    {
        const files::SvgResult r = files::readSvg(text(name));
        REQUIRE(r.ok());
        return r.document;
    }
};

double sizeOf(const Document& d)
{
    double sum = 0;
    eachArtwork(d, {}, [&](const Item&, const Artwork& a, const Where&) {
        for (const curve::Path& p : a.paths) sum += curve::area(p);
    });
    return std::abs(sum);
}

} // namespace

TEST_CASE("combine, areas and info see what lies in groups")
{
    Bench b;
    Document d = newDocument();
    const Added one = withItem(d, 0, square({0, 0}, 100)), two = withItem(one.document, 0, square({50, 50}, 100)),
                three = withItem(two.document, 0, square({300, 0}, 50));
    const Added g = withGroup(three.document, {one.id, three.id});
    b.put("nested.svg", g.document);
    REQUIRE(b.run("combine nested.svg -o one.svg --op union") == 0);
    CHECK(sizeOf(b.drawing("one.svg")) == Approx(17500 + 2500).epsilon(1e-6));
    REQUIRE(b.run("areas nested.svg -o areas.svg") == 0);
    CHECK(everyId(b.drawing("areas.svg")).size() == 4);
    REQUIRE(b.run("info nested.svg > info.json") == 0);
    const auto info = nlohmann::json::parse(b.text("info.json"));
    CHECK(info["paths"] == 3);
    CHECK(info["nodes"] == 12);
    CHECK(info["layers"][0]["items"] == 2);
}

TEST_CASE("mirror welds halves that lie in groups and keeps the groups")
{
    Bench b;
    Document d = newDocument();
    const Added half = withItem(d, 0, line({{540, 100}, {300, 300}, {540, 500}})), eye = withItem(half.document, 0, shapeOf({curve::circle({420, 300}, 20)}));
    b.put("half.svg", withGroup(eye.document, {half.id, eye.id}).document);
    REQUIRE(b.run("mirror half.svg -o whole.svg --axis x=540") == 0);
    const Document whole = b.drawing("whole.svg");
    const curve::Box box = bounds(whole);
    CHECK(box.centre().x == Approx(540).margin(1e-3));
    int closed = 0, paths = 0;
    eachArtwork(whole, {}, [&](const Item&, const Artwork& a, const Where&) {
        for (const curve::Path& p : a.paths) {
            ++paths;
            closed += p.closed;
        }
    });
    CHECK(paths == 3);
    CHECK(closed == 3);
}

TEST_CASE("export draws groups, insides, blends and opacity, hidden things not at all")
{
    Bench b;
    Three t;
    Document d = moved(t.d, {t.b}, {.layer = 0, .parent = t.a});
    d = transformed(d, {t.b}, curve::translation({-150, 50}));
    d = withPaint(d, {t.b}, {Colour{0, 0, 255}, {}}, Part::area);
    d = withTraits(d, {t.c}, {.shown = false});
    b.put("a.svg", d);
    REQUIRE(b.run("export a.svg -o a.png --width 1080") == 0);
    const pixel::Picture p = files::readPictureFile(b.at("a.png")).picture;
    CHECK(p.at(75, 75) == pixel::Rgba{0, 0, 255, 255});
    CHECK(p.at(20, 20) == pixel::Rgba{200, 100, 50, 255});
    CHECK(p.at(120, 75).a == 0); // beyond its parent
    CHECK(p.at(450, 50).a == 0);
    REQUIRE(b.run("export a.svg -o clean.svg") == 0);
    CHECK(b.text("clean.svg").find("rope:") == std::string::npos);
    CHECK(b.text("clean.svg").find("clip-path") != std::string::npos);
    REQUIRE(b.run("export clean.svg -o b.png --width 1080") == 0);
    CHECK(files::readPictureFile(b.at("b.png")).picture.at(75, 75) == pixel::Rgba{0, 0, 255, 255});
}
