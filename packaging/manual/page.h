// A program as its manual sees it, and what is written of it.
#pragma once

#include <string>
#include <vector>

namespace softrope::manual {

struct Option {
    std::string names; // "-o,--out"; of a place on the line its name
    bool place = false;
    std::string value; // what follows, "PX"; empty for a flag
    std::vector<std::string> choices;
    std::string means, otherwise;
};
struct Command {
    std::string name, does;
    std::vector<Option> options;
    std::string more; // lines to be set as they are
};
struct Program {
    std::string name, does, about; // about: paragraphs in man's own form
    std::vector<Option> options;
    std::vector<Command> commands;
    std::string ending; // sections after the options, in man's own form
};

// soft-rope, from its table of options; soft-rope-cli, from the command line it reads.
Program window();
Program commands();

std::string page(const Program& p, const std::string& date); // man(7)
std::string bash(const Program& p);
std::string zsh(const Program& p);

} // namespace softrope::manual
