// What a command found and did: lines for a person, or, with --json, one object for a script.
//
// One command a run, so this is kept for the process. Not for several threads at once.
#pragma once

#include <nlohmann/json_fwd.hpp>

#include <cstddef>
#include <string>

namespace softrope::cli {

using Json = nlohmann::ordered_json;

// From now on lines are left out, and finish() writes the object.
void tellAsJson(const std::string& command);
bool asJson();
// For a person, on standard error.
void say(const std::string& line);
// "1 node", "2 nodes".
std::string amountOf(std::size_t n, const std::string& thing);
// For a script: a member of the object.
void tell(const std::string& name, Json value);
// The result itself goes to standard output: the object then goes to standard error.
void resultOnOutput();
// Writes what was told: {"command", "code", "problem" where there was one, ...}. Gives the code back.
int finish(int code);

} // namespace softrope::cli
