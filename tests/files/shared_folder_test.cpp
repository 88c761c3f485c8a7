// Names for files, and what is put aside.
#include "files/shared_folder.h"

#include <catch2/catch.hpp>

#include <cstdlib>
#include <filesystem>
#include <unistd.h>

using namespace softrope;
namespace fs = std::filesystem;

TEST_CASE("names become small letters, digits and hyphens, other scripts stay")
{
    CHECK(files::plainName("Saltglass Night Market") == "saltglass-night-market");
    CHECK(files::plainName("  --Moth, welded!! ") == "moth-welded");
    CHECK(files::plainName("../../etc/passwd") == "etc-passwd");
    CHECK(files::plainName("Größe 2×3") == "größe-2×3");
    CHECK(files::plainName("夜市") == "夜市");
    CHECK(files::plainName("?!/").empty());
    CHECK(files::plainName("").empty());
    // No longer than 80 bytes, never within a character, never ending in a hyphen.
    std::string umlauts, dashes;
    for (int k = 0; k < 60; ++k) umlauts += "ä";
    for (int k = 0; k < 60; ++k) dashes += "a ";
    CHECK(files::plainName(umlauts).size() == 80);
    CHECK(files::plainName("x" + umlauts).size() == 79);
    CHECK(files::plainName(dashes).back() == 'a');
}

TEST_CASE("what is put aside is a copy with the time in its name")
{
    const fs::path folder = fs::temp_directory_path() / ("soft-rope-aside-" + std::to_string(::getpid()));
    fs::create_directories(folder);
    const std::string file = (folder / "card.json").string();
    files::saveAtomically(file, "one");
    REQUIRE(files::putEarlier(file).ok());
    CHECK(files::readText(file).text == "one");
    int kept = 0;
    for (const auto& e : fs::directory_iterator(folder / "earlier")) {
        ++kept;
        CHECK(e.path().extension() == ".json");
        CHECK(e.path().stem().string().rfind("card-", 0) == 0);
        CHECK(files::readText(e.path().string()).text == "one");
    }
    CHECK(kept == 1);
    CHECK_FALSE(files::putEarlier((folder / "none.json").string()).ok());
    fs::remove_all(folder);
}

TEST_CASE("own folders follow the desktop's convention")
{
    setenv("XDG_DATA_HOME", "/somewhere/data", 1);
    CHECK(files::ownFolder("processes") == "/somewhere/data/soft-rope/processes");
    setenv("XDG_DATA_HOME", "relative", 1); // XDG Base Directory Specification: relative paths are to be ignored
    const char* home = std::getenv("HOME");
    const std::string was = home ? home : "";
    setenv("HOME", "/somewhere", 1);
    CHECK(files::ownFolder("parts") == "/somewhere/.local/share/soft-rope/parts");
    setenv("HOME", was.c_str(), 1);
    unsetenv("XDG_DATA_HOME");
    CHECK(files::shippedFolder("processes").find("processes") != std::string::npos);
    CHECK(files::shippedFolder("nothing-of-that-name").empty());
}
