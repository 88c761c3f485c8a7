// Manual pages and completion have every command and option that --help has, of both programs.
#include "render/outside.h"

#include "files/bytes.h"

#include <catch2/catch.hpp>

#include <regex>
#include <set>
#include <sstream>
#include <sys/wait.h>
#include <vector>

using namespace softrope;

namespace {

const std::string manual = SOFT_ROPE_MANUAL;

struct Desk : outside::Folder {
    // What a command line of the shell prints.
    std::string printed(const std::string& line) const
    {
        REQUIRE(WEXITSTATUS(std::system((line + " >'" + at("out.txt") + "' 2>&1").c_str())) == 0);
        return files::readText(at("out.txt")).text;
    }
    std::set<std::string> options(const std::string& program) const
    {
        const std::string help = printed(program + " --help");
        std::set<std::string> all;
        const std::regex option("(^|[ ,])(--[a-z][a-z-]+)");
        // Examples name options of others.
        const std::string own = help.substr(0, std::min(help.find("Examples:"), help.find("Steps:")));
        for (std::sregex_iterator i(own.begin(), own.end(), option), end; i != end; ++i) all.insert((*i)[2]);
        all.erase("--help-all"); // the toolkit's own options
        return all;
    }
};

std::string manPage(const std::string& name)
{
    std::string text = files::readText(manual + "/" + name + ".1").text;
    REQUIRE_FALSE(text.empty());
    return std::regex_replace(text, std::regex("\\\\-"), "-");
}

bool has(const std::string& text, const std::string& option)
{
    return std::regex_search(text, std::regex("(^|[^a-z-])" + option + "([^a-z-]|$)"));
}

} // namespace

TEST_CASE("the manual of soft-rope-cli and its completion have every command and option")
{
    const Desk desk;
    const std::string page = manPage("soft-rope-cli"), bash = files::readText(manual + "/soft-rope-cli.bash").text,
                      zsh = files::readText(manual + "/_soft-rope-cli").text;
    const std::string help = desk.printed("'" SOFT_ROPE_CLI "' --help");
    std::istringstream in(help.substr(help.find("Subcommands:"), help.find("Examples:") - help.find("Subcommands:")));
    int commands = 0;
    for (std::string line; std::getline(in, line);) {
        if (line.rfind("  ", 0) != 0 || line.size() < 3 || line[2] == ' ') continue;
        const std::string c = line.substr(2, line.find(' ', 2) - 2);
        ++commands;
        INFO(c);
        const std::size_t from = page.find(".SS " + c + "\n");
        REQUIRE(from != std::string::npos);
        const std::string section = page.substr(from, page.find("\n.S", from + 4) - from);
        const std::size_t inBash = bash.find("\n    " + c + ")\n"), inZsh = zsh.find("\n    " + c + ")\n");
        REQUIRE(inBash != std::string::npos);
        REQUIRE(inZsh != std::string::npos);
        const std::string ofBash = bash.substr(inBash, bash.find("\n        ;;", inBash) - inBash),
                          ofZsh = zsh.substr(inZsh, zsh.find("\n        ;;", inZsh) - inZsh);
        for (const std::string& o : desk.options("'" SOFT_ROPE_CLI "' " + c)) {
            INFO(o);
            CHECK(has(section, o));
            CHECK(has(ofBash, o));
            CHECK(has(ofZsh, o));
        }
    }
    CHECK(commands == 19);
}

TEST_CASE("the manual of soft-rope and its completion have every option")
{
    const Desk desk;
    const std::string page = manPage("soft-rope"), bash = files::readText(manual + "/soft-rope.bash").text, zsh = files::readText(manual + "/_soft-rope").text;
    const auto options = desk.options("QT_QPA_PLATFORM=offscreen '" SOFT_ROPE_APP "'");
    CHECK(options.size() > 8);
    for (const std::string& o : options) {
        INFO(o);
        CHECK(has(page, o));
        CHECK(has(bash, o));
        CHECK(has(zsh, o));
    }
}

TEST_CASE("the shells read the completion, and bash offers what fits")
{
    const Desk desk;
    desk.printed("bash -n '" + manual + "/soft-rope.bash'");
    const auto offered = [&](const std::string& words, int at) {
        return desk.printed("bash -c '. \"" + manual + "/soft-rope-cli.bash\"; COMP_WORDS=(" + words + "); COMP_CWORD=" + std::to_string(at) +
                            "; _soft_rope_cli; printf \"%s\\n\" \"${COMPREPLY[@]}\"'");
    };
    CHECK(offered("soft-rope-cli mi", 1) == "mirror\n");
    CHECK(offered("soft-rope-cli lines --me", 2) == "--medium\n");
    CHECK(offered("soft-rope-cli lines --medium p", 3) == "pencil\n");
    CHECK(offered("soft-rope-cli trace --as \"\"", 3) == "shapes\nlines\ntones\n");
}

TEST_CASE("both programs tell the version of the change log's newest entry")
{
    const Desk desk;
    const std::string log = files::readText(std::string(SOFT_ROPE_SOURCE) + "/CHANGELOG.md").text;
    std::smatch newest;
    REQUIRE(std::regex_search(log, newest, std::regex("\n## ([0-9.]+) \\(([0-9-]+)\\)\n")));
    CHECK(desk.printed("'" SOFT_ROPE_CLI "' --version") == "soft-rope-cli " + newest[1].str() + "\n");
    CHECK(desk.printed("QT_QPA_PLATFORM=offscreen '" SOFT_ROPE_APP "' --version").find(newest[1].str()) != std::string::npos);
    CHECK(manPage("soft-rope").find(newest[2].str()) != std::string::npos);
    const std::string packages = files::readText(std::string(SOFT_ROPE_SOURCE) + "/debian/changelog").text;
    CHECK(packages.rfind("soft-rope (" + newest[1].str() + ")", 0) == 0);
    // The packages' log says all of it: the same words in the same order, whatever the lines.
    const auto entries = [](const std::string& text) {
        std::vector<std::string> words;
        bool entry = false;
        std::istringstream lines(text);
        for (std::string line; std::getline(lines, line);) {
            const bool begins = std::regex_search(line, std::regex("^( {2}\\*|-) "));
            entry = begins || (entry && line.rfind("  ", 0) == 0);
            if (!entry) continue;
            std::istringstream in(line);
            std::string word;
            if (begins) in >> word; // its mark
            while (in >> word) words.push_back(word);
        }
        return words;
    };
    const auto said = entries(log);
    CHECK(said.size() > 200);
    CHECK(entries(packages) == said);
}
