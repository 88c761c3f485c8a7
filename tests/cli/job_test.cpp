// make: a job from a recipe, from the scanned half of a moth to coloured shapes; and --json on every command.
#include "render/outside.h"

#include "art/tree.h"
#include "demo/scanner.h"
#include "files/bytes.h"
#include "files/pictures.h"
#include "files/svg.h"

#include <catch2/catch.hpp>
#include <nlohmann/json.hpp>

#include <filesystem>
#include <sys/wait.h>

using namespace softrope;
namespace fs = std::filesystem;
using nlohmann::json;

namespace {

struct Desk : outside::Folder {
    int run(const std::string& arguments) const
    {
        return WEXITSTATUS(std::system(("cd '" + path.string() + "' && '" SOFT_ROPE_CLI "' " + arguments + " >out.txt 2>err.txt").c_str()));
    }
    std::string text(const char* name) const { return files::readText(at(name)).text; }
    int make(const json& recipe, const char* more = "") const
    {
        REQUIRE(files::saveAtomically(at("job.json"), recipe.dump()).ok());
        return run(std::string("make job.json --json ") + more);
    }
    json told() const { return json::parse(text("out.txt")); }
    // What the refused recipe says; nothing may have been written.
    std::string refusal(const json& recipe) const
    {
        CHECK(make(recipe) == 1);
        CHECK_FALSE(fs::exists(at("moth.svg")));
        return told()["problem"].get<std::string>();
    }
};

const json save{{"do", "save"}, {"out", "moth.svg"}};

} // namespace

TEST_CASE("a recipe makes coloured shapes of the scanned half of a moth")
{
    const Desk desk;
    demo::ScanOptions o;
    o.seed = 6;
    REQUIRE(files::saveAtomically(desk.at("page.png"), files::writePng(demo::scan(demo::page("moth-half"), o).picture, 96, files::Packing::quick)).ok());
    const json recipe{{"picture", "page.png"},
                      {"title", "Moth"},
                      {"sheet", {{"width", 1080}, {"height", 1080}}},
                      {"steps",
                       {{{"do", "clean"}},
                        {{"do", "lines"}, {"medium", "pencil"}},
                        {{"do", "mirror"}, {"axis", "auto"}, {"weld", 6}},
                        {{"do", "areas"}, {"gap", 8}},
                        {{"do", "inks"}, {"inks", {{"Night", "#1d2433"}, {"Moss", "#4c6b3a"}}}, {"areas", {{"1", "Moss"}}}},
                        {{"do", "proof"}, {"mend", true}, {"width", 60}},
                        save,
                        {{"do", "save"}, {"out", "moth.pdf"}},
                        {{"do", "deliver"}, {"out", "client"}, {"plan", {{"variants", {"full"}}, {"formats", {"svg"}}, {"sheet", false}}}}}}};
    REQUIRE(desk.make(recipe) == 0);
    const json told = desk.told();
    REQUIRE(told["steps"].size() == 9);
    CHECK(told["steps"][0]["paper"] == true);
    CHECK(std::abs(told["steps"][2]["axis"]["x"].get<double>() - 540) < 6);
    CHECK(told["steps"][2]["axis_lines"] == 1);
    CHECK(told["steps"][3]["areas"].get<int>() >= 8);
    const files::SvgResult r = files::readSvg(desk.text("moth.svg"));
    REQUIRE(r.ok());
    CHECK(r.working);
    CHECK(r.document.title == "Moth");
    CHECK(r.document.inks.size() == 2);
    // Areas of a pair are painted alike, the largest as asked.
    std::map<std::string, art::Colour> fills;
    art::eachArtwork(r.document, {}, [&](const art::Item& i, const art::Artwork& a, const art::Where&) {
        if (i.name.rfind("Area ", 0) == 0) fills[i.name] = *a.fill.colour;
    });
    CHECK(fills["Area 1"] == art::Colour{0x4c, 0x6b, 0x3a});
    for (const auto& [one, other] : {std::pair{"Area 2", "Area 3"}, {"Area 5", "Area 6"}}) CHECK(fills[one] == fills[other]);
    CHECK(desk.text("moth.pdf").rfind("%PDF", 0) == 0);
    CHECK(fs::exists(desk.at("client/moth.svg")));
    // What is there is not written over unasked, and nobody waits for a job that would end so.
    CHECK(desk.make(recipe) == 3);
    CHECK(desk.told()["problem"].get<std::string>().find("moth.svg is there already; --replace") != std::string::npos);
    CHECK(desk.told()["steps"].empty());
    json onlyDelivered = recipe;
    onlyDelivered["steps"].erase(7);
    onlyDelivered["steps"].erase(6);
    CHECK(desk.make(onlyDelivered) == 3);
    CHECK(desk.told()["problem"].get<std::string>().find("moth.svg is in ") == 0);
    CHECK(desk.told()["steps"].empty());
    CHECK(desk.make({{"picture", "page.png"}, {"steps", {{{"do", "clean"}}, {{"do", "save"}, {"out", "no/moth.svg"}}}}}) == 3);
    CHECK(desk.told()["problem"].get<std::string>().rfind("There is no folder ", 0) == 0);
    CHECK(desk.told()["steps"].empty());
    CHECK(desk.make({{"picture", "page.png"}, {"steps", {{{"do", "clean"}}, save}}}, "--replace") == 0);
    // A folder that a step before makes is there in time.
    const json plan{{"variants", {"full"}}, {"formats", {"svg"}}, {"sheet", false}};
    CHECK(desk.make({{"picture", "page.png"},
                     {"steps",
                      {{{"do", "straighten"}},
                       {{"do", "deliver"}, {"out", "new/client/"}, {"plan", plan}},
                       {{"do", "save"}, {"out", "new/client/work.svg"}},
                       {{"do", "save"}, {"out", "new/all.svg"}}}}}) == 0);
    CHECK(fs::exists(desk.at("new/client/work.svg")));
    CHECK(fs::exists(desk.at("new/all.svg")));
}

TEST_CASE("the worked example of the README does what it says")
{
    const Desk desk;
    demo::ScanOptions o;
    o.seed = 6;
    REQUIRE(files::saveAtomically(desk.at("moth-half-scan.png"), files::writePng(demo::scan(demo::page("moth-half"), o).picture, 96, files::Packing::quick)).ok());
    REQUIRE(desk.make(json::parse(files::readText(SOFT_ROPE_SOURCE "/docs/recipe/half-moth.json").text)) == 0);
    CHECK(fs::exists(desk.at("for-the-client/saltglass-moth.pdf")));
    CHECK(desk.told()["steps"][2]["axis_lines"] == 1);
}

TEST_CASE("tones and shapes by recipe take the document's own inks")
{
    const Desk desk;
    pixel::Picture p(120, 80, pixel::Rgba{240, 240, 240, 255});
    for (int y = 0; y < 80; ++y)
        for (int x = 40; x < 120; ++x) p.at(x, y) = x < 80 ? pixel::Rgba{200, 120, 40, 255} : pixel::Rgba{20, 30, 60, 255};
    REQUIRE(files::saveAtomically(desk.at("flat.png"), files::writePng(p)).ok());
    REQUIRE(files::saveAtomically(desk.at("inks.css"), ":root { --night: #101828; --lamp: #e0902c; --paper: #fffaf0; }").ok());
    REQUIRE(desk.make({{"picture", "flat.png"}, {"steps", {{{"do", "tones"}, {"count", 3}}, {{"do", "inks"}, {"palette", "inks.css"}}, save}}}) == 0);
    const art::Document d = files::readSvg(desk.text("moth.svg")).document;
    std::vector<art::Colour> seen;
    art::eachArtwork(d, {}, [&](const art::Item&, const art::Artwork& a, const art::Where&) { seen.push_back(*a.fill.colour); });
    REQUIRE(seen.size() == 3);
    for (const art::Colour c : {art::Colour{0x10, 0x18, 0x28}, art::Colour{0xe0, 0x90, 0x2c}, art::Colour{0xff, 0xfa, 0xf0}})
        CHECK(std::count(seen.begin(), seen.end(), c) == 1);
}

TEST_CASE("a wrong recipe says where it is wrong and does nothing")
{
    const Desk desk;
    pixel::Picture p(40, 40, pixel::Rgba{255, 255, 255, 255});
    REQUIRE(files::saveAtomically(desk.at("white.png"), files::writePng(p)).ok());
    const auto with = [](const json& step) { return json{{"picture", "white.png"}, {"steps", {save, step}}}; };
    CHECK(desk.refusal(json::array()).find("no recipe") != std::string::npos);
    CHECK(desk.refusal({{"picture", "white.png"}}).find("\"steps\"") != std::string::npos);
    CHECK(desk.refusal({{"picture", "gone.png"}, {"steps", {save}}}).find("gone.png") != std::string::npos);
    CHECK(desk.refusal({{"picture", "white.png"}, {"stepps", 1}, {"steps", {save}}}).find("\"stepps\"") != std::string::npos);
    CHECK(desk.refusal(with({{"do", "polish"}})).find("step 2") != std::string::npos);
    CHECK(desk.refusal(with({{"do", "lines"}, {"slak", 1}})).find("\"slak\"") != std::string::npos);
    CHECK(desk.refusal(with({{"do", "lines"}, {"slack", -4}})).find("0.01 to 100") != std::string::npos);
    CHECK(desk.refusal(with({{"do", "mirror"}, {"axis", {1, 2, 1, 2}}})).find("different") != std::string::npos);
    CHECK(desk.refusal(with({{"do", "areas"}, {"gap", "wide"}})).find("number") != std::string::npos);
    CHECK(desk.refusal(with({{"do", "inks"}})).find("needs") != std::string::npos);
    CHECK(desk.refusal(with({{"do", "inks"}, {"palette", "Nothing like it"}})).find("neither") != std::string::npos);
    CHECK(desk.refusal(with({{"do", "inks"}, {"inks", {{"A", "#102030"}}}, {"areas", {{"1", "B"}}}})).find("B") != std::string::npos);
    CHECK(desk.refusal(with({{"do", "proof"}, {"process", "moon-rock"}})).size() > 10);
    CHECK(desk.refusal(with({{"do", "save"}, {"out", "x.gif"}})).find(".svg") != std::string::npos);
    CHECK(desk.refusal(with({{"do", "deliver"}, {"out", "x"}, {"plan", {{"formats", {"wax"}}}}})).find("wax") != std::string::npos);
    // Only when it is run: there is nothing to trace, and no axis.
    CHECK(desk.make({{"steps", {{{"do", "clean"}}}}}) == 1);
    CHECK(desk.make({{"picture", "white.png"}, {"steps", {{{"do", "mirror"}}}}}) == 1);
    CHECK(desk.told()["steps"].empty());
}

TEST_CASE("a recipe can be looked at before it is let loose")
{
    const Desk desk;
    CHECK(desk.make({{"picture", "not-there-yet.png"}, {"steps", {{{"do", "clean"}}, save}}}, "--check") == 0);
    CHECK_FALSE(fs::exists(desk.at("moth.svg")));
    CHECK(desk.told()["steps"].empty());
    CHECK(desk.make({{"picture", "not-there-yet.png"}, {"steps", {{{"do", "polish"}}, save}}}, "--check") == 1);
    CHECK(desk.told()["problem"].get<std::string>().find("step 1") != std::string::npos);
}

TEST_CASE("every command tells with --json what it did, or why not")
{
    const Desk desk;
    REQUIRE(desk.run("--help") == 0);
    const std::string help = desk.text("out.txt");
    std::vector<std::string> commands;
    const std::size_t list = help.find("Subcommands:");
    REQUIRE(list != std::string::npos);
    std::istringstream in(help.substr(list, help.find("Examples:") - list));
    for (std::string line; std::getline(in, line);)
        if (line.rfind("  ", 0) == 0 && line.size() > 2 && line[2] != ' ') commands.push_back(line.substr(2, line.find(' ', 2) - 2));
    CHECK(commands.size() == 19);
    for (const std::string& c : commands) {
        if (c == "faces" || c == "processes") {
            REQUIRE(desk.run(c + " --json") == 0);
            CHECK_FALSE(desk.told()[c == "faces" ? "families" : "processes"].empty());
            continue;
        }
        std::string line = c + " missing --json";
        if (c != "info" && c != "proof" && c != "make") line += c == "trace" || c == "deliver" ? " -o folder" : " -o x.svg";
        if (c == "rope") line += " --holds missing";
        if (c == "combine") line += " --op union";
        if (c == "letter") line = "letter Moth --face \"No Such Face At All\" -o x.svg --json";
        INFO(line);
        CHECK(desk.run(line) == 1);
        const json told = desk.told();
        CHECK(told["command"] == c);
        CHECK(told["code"] == 1);
        CHECK(told["problem"].get<std::string>().size() > 8);
        CHECK(desk.text("err.txt").empty());
    }
    // The drawing on standard output, what was done on standard error.
    REQUIRE(
        files::saveAtomically(desk.at("box.svg"), "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"99\" height=\"99\"><path d=\"M0 0H90V90H0Z\"/></svg>")
            .ok());
    REQUIRE(desk.run("reduce box.svg -o - --json") == 0);
    CHECK(desk.text("out.txt").rfind("<", 0) == 0);
    CHECK(json::parse(desk.text("err.txt"))["nodes"] == 4);
}
