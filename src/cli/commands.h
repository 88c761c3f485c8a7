// soft-rope-cli: the program's functions without a screen.
//
// Exit codes: 0 done; 1 the input could not be read or is not what the command works on; 2 the command line is wrong;
// 3 the output could not be written; 4 the proof found faults. Messages go to standard error, results to -o or, for `-`, to standard output.
#pragma once

#include "cli/command.h"

#include <memory>

namespace softrope::cli {

// The whole command line, as it is read and as its manual is written from. `work` becomes what it asks for.
std::unique_ptr<CLI::App> commandLine(Work& work);

int run(int argc, char** argv);

} // namespace softrope::cli
