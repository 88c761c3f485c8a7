// Includes run only downwards in the order of the rooms; Qt stays where it belongs.
#include <catch2/catch.hpp>

#include <algorithm>
#include <filesystem>
#include <fstream>
#include <map>
#include <regex>
#include <set>
#include <string>
#include <vector>

namespace fs = std::filesystem;

namespace {

const std::map<std::string, std::set<std::string>> mayUse{
    {"words", {}},
    {"curve", {}},
    {"planar", {"curve"}},
    {"pixel", {}},
    {"trace", {"curve", "pixel"}},
    {"tone", {"curve", "pixel", "planar"}},
    {"mirror", {"curve", "pixel"}},
    {"shade", {"curve", "planar"}},
    {"letter", {"curve"}},
    {"art", {"words", "letter", "curve", "planar", "shade", "mirror", "tone", "trace", "pixel"}},
    {"render", {"curve", "pixel", "art"}},
    {"proof", {"words", "curve", "planar", "pixel", "art", "render"}},
    {"files", {"words", "letter", "curve", "planar", "pixel", "art", "render", "proof"}},
    {"deliver", {"words", "letter", "curve", "planar", "pixel", "art", "render", "files"}},
    {"cli", {"words", "deliver", "letter", "curve", "shade", "pixel", "trace", "art", "render", "proof", "files", "planar", "mirror", "tone"}},
    {"app", {"deliver", "words", "letter", "curve", "shade", "pixel", "trace", "art", "render", "proof", "files", "demo", "planar", "mirror", "tone"}},
    {"demo", {"words", "letter", "curve", "shade", "planar", "mirror", "pixel", "art", "files", "proof", "render", "trace"}},
};

template <class Act> void eachInclude(Act act)
{
    const fs::path src = fs::path(SOFT_ROPE_SOURCE) / "src";
    const std::regex include("^\\s*#\\s*include\\s*[<\"]([^>\"]+)[>\"]");
    for (const auto& entry : fs::recursive_directory_iterator(src)) {
        const std::string extension = entry.path().extension().string();
        if (extension != ".h" && extension != ".cpp") continue;
        const fs::path relative = fs::relative(entry.path(), src);
        std::ifstream in(entry.path());
        for (std::string line; std::getline(in, line);) {
            std::smatch m;
            if (std::regex_search(line, m, include)) act(relative, m[1].str());
        }
    }
}

} // namespace

TEST_CASE("every room includes only rooms below it")
{
    int seen = 0;
    eachInclude([&](const fs::path& file, const std::string& included) {
        const std::string room = file.begin()->string();
        const std::string other = fs::path(included).begin()->string();
        INFO(file.string() << " includes " << included);
        REQUIRE(mayUse.count(room) == 1);
        ++seen;
        if (mayUse.count(other) == 0 || other == room || included.find('/') == std::string::npos) return;
        CHECK(mayUse.at(room).count(other) == 1);
    });
    REQUIRE(seen > 100);
}

TEST_CASE("the rooms of the interface include only rooms below them, and nobody but the window knows it")
{
    const std::vector<std::string> order{"theme", "services", "widgets", "canvas", "tools", "cards", "steps", "commands", "window"};
    const auto rank = [&](const std::string& room) { return std::find(order.begin(), order.end(), room) - order.begin(); };
    std::set<std::string> seen;
    eachInclude([&](const fs::path& file, const std::string& included) {
        const fs::path other = included;
        if (file.begin()->string() != "app" || other.begin()->string() != "app") return;
        const std::string from = std::next(file.begin())->string(), to = std::next(other.begin())->string();
        INFO(file.string() << " includes " << included);
        REQUIRE(rank(to) < static_cast<std::ptrdiff_t>(order.size()));
        seen.insert(from);
        CHECK(rank(to) <= rank(from)); // main.cpp comes after all of them
    });
    for (const std::string& room : order) CHECK(seen.count(room) == 1);
}

TEST_CASE("Qt is included by app only, and by the one file that decodes pictures")
{
    eachInclude([&](const fs::path& file, const std::string& included) {
        const bool qt = included.size() > 1 && included[0] == 'Q' && std::isupper(static_cast<unsigned char>(included[1])) != 0;
        if (!qt) return;
        INFO(file.string() << " includes " << included);
        CHECK((file.begin()->string() == "app" || file == fs::path("files/pictures.cpp")));
    });
}

TEST_CASE("nothing in the tree reads the folder beside the project or names a path of one machine")
{
    const std::string beside = std::string("../sh") + "ared/";
    const std::regex machine("(^|[\"' =])/(home|root|work)/");
    for (const char* folder : {"src", "tests", "bench", "packaging"})
        for (const auto& entry : fs::recursive_directory_iterator(fs::path(SOFT_ROPE_SOURCE) / folder)) {
            if (!entry.is_regular_file() || entry.path().filename() == "includes_test.cpp") continue;
            const std::string extension = entry.path().extension().string();
            if (extension != ".h" && extension != ".cpp" && extension != ".txt" && extension != ".sh") continue;
            std::ifstream in(entry.path());
            int number = 0;
            for (std::string line; std::getline(in, line);) {
                ++number;
                INFO(entry.path().string() << ":" << number);
                CHECK(line.find(beside) == std::string::npos);
                CHECK_FALSE(std::regex_search(line, machine));
            }
        }
}
