// What all commands share: exit codes, standard streams, messages.
#pragma once

#include "files/bytes.h"
#include "files/svg.h"

#include <string>
#include <string_view>

namespace softrope::cli {

enum Exit { done = 0, badInput = 1, badUse = 2, badOutput = 3 };

// Says why on standard error and gives the code back.
int fail(Exit code, const std::string& message);
// The name "-" stands for the standard stream.
std::string standardInput();
files::TextResult readAll(const std::string& name);
files::SvgResult readDrawing(const std::string& in);
int write(const std::string& name, std::string_view content);

} // namespace softrope::cli
