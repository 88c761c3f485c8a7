// trace: whole folders of pictures, as one by one, gone on with, nothing of anyone else's written over.
#include "render/outside.h"

#include "files/bytes.h"
#include "files/pictures.h"
#include "files/svg.h"

#include <catch2/catch.hpp>
#include <nlohmann/json.hpp>

#include <chrono>
#include <csignal>
#include <filesystem>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>

using namespace softrope;
namespace fs = std::filesystem;
using nlohmann::json;

namespace {

// Three pictures in two folders, two of one name.
struct Scans : outside::Folder {
    Scans()
    {
        fs::create_directories(at("a"));
        fs::create_directories(at("b"));
        put("a/disc.png", 40, 160);
        put("a/small.png", 20, 90);
        put("b/disc.png", 30, 120);
    }
    void put(const char* name, double radius, int size) const
    {
        pixel::Picture p(size, size, pixel::Rgba{255, 255, 255, 255});
        for (int y = 0; y < size; ++y)
            for (int x = 0; x < size; ++x) {
                const double off = distance(curve::Vec2{x + 0.5, y + 0.5}, {size / 2.0, size / 2.0});
                if (std::abs(off - radius) < 2.5) p.at(x, y) = {20, 20, 20, 255};
            }
        REQUIRE(files::saveAtomically(at(name), files::writePng(p)).ok());
    }
    int run(const std::string& arguments) const
    {
        return WEXITSTATUS(std::system(("cd '" + path.string() + "' && '" SOFT_ROPE_CLI "' " + arguments + " >out.txt 2>err.txt").c_str()));
    }
    std::string text(const std::string& name) const { return files::readText(at(name.c_str())).text; }
    json told() const { return json::parse(text("out.txt")); }
};

} // namespace

TEST_CASE("a folder is traced as its pictures are one by one, and a second run skips what is up to date")
{
    const Scans s;
    REQUIRE(s.run("trace a b -o drawings --as lines --json") == 0);
    const json first = s.told();
    CHECK(first["traced"] == 3);
    CHECK(first["failed"] == 0);
    CHECK(s.run("lines a/disc.png -o one.svg") == 0);
    CHECK(s.text("drawings/disc.svg") == s.text("one.svg"));
    CHECK(s.run("lines b/disc.png -o other.svg") == 0);
    CHECK(s.text("drawings/disc-2.svg") == s.text("other.svg"));
    for (const json& p : first["pictures"]) CHECK(p["nodes"].get<int>() > 0);

    REQUIRE(s.run("trace a b -o drawings --as lines --json") == 0);
    CHECK(s.told()["skipped"] == 3);
    // A picture that changed, and other settings, are done anew.
    s.put("a/small.png", 30, 90);
    REQUIRE(s.run("trace a b -o drawings --as lines --json") == 0);
    CHECK(s.told()["traced"] == 1);
    REQUIRE(s.run("trace a b -o drawings --as lines --slack 2 --json") == 0);
    CHECK(s.told()["traced"] == 3);
    REQUIRE(s.run("trace a b -o drawings --as lines --slack 2 --again --json") == 0);
    CHECK(s.told()["traced"] == 3);
}

TEST_CASE("one worker or many, shapes, lines or tones: the same drawings")
{
    const Scans s;
    for (const char* as : {"shapes", "lines", "tones"}) {
        const std::string kind = as;
        REQUIRE(s.run("trace a b -o one --again --workers 1 --as " + kind) == 0);
        REQUIRE(s.run("trace a b -o many --again --workers 4 --as " + kind) == 0);
        for (const char* name : {"disc.svg", "disc-2.svg", "small.svg"}) {
            INFO(as << " " << name);
            CHECK_FALSE(s.text(std::string("one/") + name).empty());
            CHECK(s.text(std::string("one/") + name) == s.text(std::string("many/") + name));
        }
    }
    REQUIRE(s.run("tones b/disc.png -o tones.svg") == 0);
    CHECK(s.text("one/disc-2.svg") == s.text("tones.svg"));
}

TEST_CASE("what cannot be traced is told with its reason, and the rest is done")
{
    const Scans s;
    REQUIRE(files::saveAtomically(s.at("a/broken.png"), "no picture").ok());
    CHECK(s.run("trace a nowhere.png -o drawings --as shapes --json") == 1);
    const json told = s.told();
    CHECK(told["code"] == 1);
    CHECK(told["traced"] == 2);
    CHECK(told["failed"] == 2);
    CHECK(told["pictures"][0]["problem"].get<std::string>().size() > 10);
    CHECK(told["pictures"][3]["problem"] == "there is no such file.");
    CHECK(fs::exists(s.at("drawings/disc.svg")));
    CHECK(s.run("trace . -o drawings") == 1); // no pictures in it
    CHECK(s.run("trace a -o a/disc.png") == 3);
    CHECK(s.run("trace a -o drawings --as dots") == 2);
}

TEST_CASE("drawings of others and drawings worked on are never written over unasked")
{
    const Scans s;
    fs::create_directories(s.at("drawings"));
    REQUIRE(files::saveAtomically(s.at("drawings/disc.svg"), "mine").ok());
    CHECK(s.run("trace a -o drawings --json") == 3);
    CHECK(s.text("drawings/disc.svg") == "mine");
    CHECK(s.told()["traced"] == 1);
    REQUIRE(files::saveAtomically(s.at("drawings/small.svg"), "worked on").ok());
    CHECK(s.run("trace a -o drawings --slack 3") == 3);
    CHECK(s.text("drawings/small.svg") == "worked on");
    CHECK(s.run("trace a -o drawings --slack 3 --replace") == 0);
    CHECK(s.text("drawings/small.svg").find("<svg") != std::string::npos);
    // A book that is broken makes nothing ours.
    REQUIRE(files::saveAtomically(s.at("drawings/trace.json"), "{\"pictures\": [3, {\"drawing\": 7}, {").ok());
    CHECK(s.run("trace a -o drawings --slack 4") == 3);
}

TEST_CASE("an interrupted folder keeps what is done and is gone on with")
{
    Scans s;
    for (int k = 0; k < 7; ++k) s.put(("a/page" + std::to_string(k) + ".png").c_str(), 400, 1400);
    const pid_t child = fork();
    if (child == 0) {
        if (chdir(s.path.c_str()) != 0) _exit(99);
        execl(SOFT_ROPE_CLI, "soft-rope-cli", "trace", "a", "-o", "drawings", "--workers", "1", static_cast<char*>(nullptr));
        _exit(98);
    }
    const auto made = [&] {
        std::size_t n = 0;
        std::error_code e;
        for (fs::directory_iterator i(s.at("drawings"), e), end; !e && i != end; ++i) n += i->path().extension() == ".svg";
        return n;
    };
    int status = 0;
    while (made() < 2 && waitpid(child, &status, WNOHANG) == 0) std::this_thread::sleep_for(std::chrono::milliseconds(2));
    kill(child, SIGINT);
    waitpid(child, &status, 0);
    REQUIRE(WIFEXITED(status));
    CHECK(WEXITSTATUS(status) == 130);
    const std::size_t before = made();
    CHECK(before < 9);
    REQUIRE(s.run("trace a -o drawings --json") == 0);
    CHECK(s.told()["skipped"].get<std::size_t>() == before);
    CHECK(made() == 9);
}

TEST_CASE("progress is a line for each picture, the summary a table, the report one page by itself")
{
    const Scans s;
    REQUIRE(s.run("trace a b -o drawings --progress --report") == 0);
    const std::string lines = s.text("err.txt"), table = s.text("out.txt"), page = s.text("drawings/report.html");
    CHECK(lines.find("[3/3]") != std::string::npos);
    CHECK(table.find("disc-2.svg") != std::string::npos);
    CHECK(table.find("nodes") != std::string::npos);
    std::size_t pictures = 0;
    for (std::size_t k = page.find("<img"); k != std::string::npos; k = page.find("<img", k + 1)) ++pictures;
    CHECK(pictures == 6);
    CHECK(page.find("src=\"data:image/") != std::string::npos);
    CHECK(page.find("http") == std::string::npos);
    CHECK(page.find("nodes, at most") != std::string::npos);
}
