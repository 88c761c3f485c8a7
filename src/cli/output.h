// The file that a command writes. Where it cannot be written that is said before the work, which may take minutes.
#pragma once

#include <string>

namespace CLI {
class App;
class Option;
} // namespace CLI

namespace softrope::cli {

// Adds -o: an SVG, or "-" for standard output. Names that end as those of other formats are no use: it would be an SVG all the same.
CLI::Option* addSvgOut(CLI::App& command, std::string& out);
// Marks the option as the file that its command writes.
CLI::Option* writesFile(CLI::Option* option);
// Why no file of this name can be written, where the folder for it is not there; empty otherwise.
std::string noFolderFor(const std::string& file);
// The exit code: `done` where the command, as it was parsed, can write its file as far as can be seen; else the reason has been said.
int outputRefused(const CLI::App& command);

} // namespace softrope::cli
