// Process cards as files: those that ship, own ones, broken ones.
#include "files/process_cards.h"

#include "art/pieces.h"

#include <cstdlib>
#include <filesystem>
#include <unistd.h>

using namespace pieces;
namespace fs = std::filesystem;

namespace {

struct Cards {
    fs::path folder = fs::temp_directory_path() / ("soft-rope-processes-" + std::to_string(::getpid()));
    Cards() { setenv("XDG_DATA_HOME", folder.c_str(), 1); }
    ~Cards()
    {
        unsetenv("XDG_DATA_HOME");
        fs::remove_all(folder);
    }
};

} // namespace

TEST_CASE("five process cards ship, each with its sizes")
{
    const Cards own;
    const files::ProcessList list = files::listProcesses();
    CHECK(list.trouble.empty());
    REQUIRE(list.cards.size() == 5);
    for (const proof::Process& p : list.cards) {
        INFO(p.id);
        CHECK(p.ships);
        CHECK_FALSE(p.about.empty());
        CHECK((p.line > 0 || !p.sizes.empty()));
    }
    CHECK(files::findProcess("vinyl-cutter").process.inks == 1);
    CHECK(files::findProcess("web-icon").process.sizes.size() == 6);
}

TEST_CASE("an own card is kept, hides the one that ships, and comes back when it is taken away")
{
    const Cards own;
    proof::Process p = files::findProcess("enamel-badge").process;
    p.line = 0.4;
    p.name = "Enamel, coarse";
    REQUIRE(files::keepProcess(p).ok());
    const proof::Process back = files::findProcess("enamel-badge").process;
    CHECK(back.line == 0.4);
    CHECK(back.name == "Enamel, coarse");
    CHECK_FALSE(back.ships);
    CHECK(files::listProcesses().cards.size() == 5);
    // By its file as well.
    CHECK(files::findProcess((own.folder / "soft-rope/processes/enamel-badge.json").string()).process.line == 0.4);
    REQUIRE(files::removeProcess(back).ok());
    CHECK(files::findProcess("enamel-badge").process.line == 0.25);
    int kept = 0; // nothing is lost
    for (const auto& e : fs::directory_iterator(own.folder / "soft-rope/processes/earlier")) kept += e.path().filename().string().rfind("enamel-badge-", 0) == 0;
    CHECK(kept == 1);
    CHECK_FALSE(files::removeProcess(files::findProcess("enamel-badge").process).ok());
}

TEST_CASE("what is no process card is refused with a sentence")
{
    const Cards own;
    for (const char* text : {"", "[1]", "{\"line_mm\": 1}", "{\"name\": \"A\", \"gap_mm\": -1}", "{\"name\": \"A\", \"gap_mm\": \"wide\"}",
                             "{\"name\": \"A\", \"width_mm\": 1e9}"}) {
        INFO(text);
        const files::ProcessResult r = files::readProcess(text, "card.json");
        CHECK_FALSE(r.ok());
        CHECK(r.problem.find("card.json") != std::string::npos);
    }
    proof::Process p;
    p.name = "Whole";
    p.gap = 0.35;
    p.inks = 3;
    p.flat = true;
    p.sizes = {64, 16};
    const files::ProcessResult back = files::readProcess(files::processText(p), "x");
    REQUIRE(back.ok());
    CHECK(back.process == p);
    CHECK(files::findProcess("nowhere").problem.find("letterpress") != std::string::npos);
    p.id = "../out";
    CHECK_FALSE(files::keepProcess(p).ok());
}
