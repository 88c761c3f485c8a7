// What an installation brings: programs, desktop entry, icon, metainfo.
#include <catch2/catch.hpp>

#include <filesystem>
#include <fstream>
#include <regex>
#include <sstream>

namespace fs = std::filesystem;

namespace {

std::string read(const fs::path& path)
{
    std::ifstream in(path);
    std::stringstream text;
    text << in.rdbuf();
    return text.str();
}

const fs::path top = SOFT_ROPE_SOURCE;

} // namespace

TEST_CASE("the desktop entry opens SVG, names the program and its icon")
{
    const std::string entry = read(top / "packaging/soft-rope.desktop");
    CHECK(entry.rfind("[Desktop Entry]\n", 0) == 0);
    for (const char* line : {"Type=Application", "Name=Soft Rope", "Exec=soft-rope %F", "Icon=soft-rope", "Terminal=false"}) {
        INFO(line);
        CHECK(entry.find(std::string("\n") + line + '\n') != std::string::npos);
    }
    for (const char* kind : {"image/svg+xml", "image/png", "image/jpeg", "image/webp", "image/tiff", "application/pdf"}) {
        INFO(kind);
        CHECK(std::regex_search(entry, std::regex(std::string("\nMimeType=.*") + std::regex_replace(kind, std::regex("\\+"), "\\+") + ';')));
    }
    CHECK(fs::exists(top / "packaging/soft-rope.svg"));
    CHECK(std::system(("desktop-file-validate '" + (top / "packaging/soft-rope.desktop").string() + "'").c_str()) == 0);
}

TEST_CASE("the metainfo names the licence and the desktop entry")
{
    const std::string info = read(top / "packaging/io.github.soft_rope.SoftRope.metainfo.xml.in");
    CHECK(info.find("<project_license>GPL-3.0-or-later</project_license>") != std::string::npos);
    CHECK(info.find("soft-rope.desktop") != std::string::npos);
    // As it is installed, with version and date.
    CHECK(std::system("appstreamcli validate --no-net '" SOFT_ROPE_METAINFO "' >/dev/null 2>&1") == 0);
    CHECK(read(top / "LICENSE").find("GNU GENERAL PUBLIC LICENSE") != std::string::npos);
}

TEST_CASE("every icon a tool or button names is there, and takes its colour from the text")
{
    int seen = 0;
    for (const auto& file : fs::directory_iterator(top / "data/icons")) {
        const std::string svg = read(file.path());
        INFO(file.path().filename().string());
        CHECK(svg.find("currentColor") != std::string::npos);
        CHECK(svg.find("viewBox=\"0 0 24 24\"") != std::string::npos);
        ++seen;
    }
    CHECK(seen >= 70);
}

TEST_CASE("the pictures of the README are there, and no picture lies about unlinked")
{
    const std::string readme = read(top / "README.md");
    int pictures = 0;
    for (const auto& file : fs::directory_iterator(top / "docs/screenshots"))
        if (file.path().extension() == ".png") {
            INFO(file.path().filename().string());
            CHECK(readme.find("docs/screenshots/" + file.path().filename().string()) != std::string::npos);
            ++pictures;
        }
    CHECK(pictures >= 4);
    // And what it links is there.
    const std::regex link("docs/screenshots/[^)\"]+\\.png");
    for (auto at = std::sregex_iterator(readme.begin(), readme.end(), link); at != std::sregex_iterator(); ++at) {
        INFO(at->str());
        CHECK(fs::exists(top / at->str()));
    }
}

TEST_CASE("every header says first what it is for")
{
    int seen = 0;
    for (const auto& file : fs::recursive_directory_iterator(top / "src")) {
        if (file.path().extension() != ".h") continue;
        const std::string text = read(file.path());
        INFO(file.path().string());
        CHECK(text.rfind("// ", 0) == 0);
        CHECK(text.find('\n') > 15);
        CHECK(text.find("#pragma once\n") != std::string::npos);
        ++seen;
    }
    CHECK(seen > 150);
}
