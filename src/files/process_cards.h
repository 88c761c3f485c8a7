// Process cards as JSON files: those that ship, beside the program or in share/soft-rope/processes, and own ones.
//
//   {"name": "Screen print", "about": "...", "line_mm": 0.5, "gap_mm": 0.5, "overlap_mm": 0.2, "bleed_mm": 0, "text_mm": 2.5,
//    "inks": 4, "flat": true, "width_mm": 280, "sizes_px": [128, 16]}
//
// What is left out is not asked for.
#pragma once

#include "files/bytes.h"
#include "proof/process.h"

namespace softrope::files {

// $XDG_DATA_HOME/soft-rope/processes, or ~/.local/share/soft-rope/processes.
std::string ownProcesses();
// Empty when they are nowhere.
std::string shippedProcesses();

struct ProcessList {
    std::vector<proof::Process> cards; // by name; an own one hides one of the same id that ships
    std::vector<std::string> trouble;  // files that cannot be read
};
ProcessList listProcesses();

struct ProcessResult {
    proof::Process process;
    std::string problem; // a sentence for the user
    bool ok() const { return problem.empty(); }
};
// Numbers below 0 or beyond 100,000 are refused, and so is a card without a name.
ProcessResult readProcess(std::string_view json, const std::string& name);
// The card of that id, or the one in that file.
ProcessResult findProcess(const std::string& idOrFile);

std::string processText(const proof::Process& p);
// Among the own ones, under its id; one that ships is never written to.
FileResult keepProcess(const proof::Process& p);
// To "earlier" beside it; refused for those that ship.
FileResult removeProcess(const proof::Process& p);

} // namespace softrope::files
