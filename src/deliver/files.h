// The files of a delivery: made, named, and written into a folder in one act.
#pragma once

#include "deliver/plan.h"
#include "files/bytes.h"

#include <cstddef>

namespace softrope::deliver {

struct MadeFile {
    std::string name; // "saltglass-moth-one-ink.pdf"
    std::vector<std::byte> bytes;
};
struct Asked {
    std::vector<art::Id> picked; // for Scope::picked
    std::string date;            // "2026-11-28", for names and the delivery sheet
    double mmPerPx = 25.4 / 96;  // of the sheet
    std::function<bool()> cancelled = {};
    std::function<void(double)> progress = {}; // 0..1
};
struct Made {
    std::vector<MadeFile> files;
    std::string problem; // a sentence for the user; there are no files then
    bool ok() const { return problem.empty(); }
};
// All files of the plan, no two of one name. Nothing when cancelled.
Made made(const art::Document& d, const Plan& plan, const Asked& asked);
// Their names without making them.
std::vector<std::string> namesOf(const art::Document& d, const Plan& plan, const Asked& asked);

// Into the folder, which is made when it is not there: all files or none. They are written beside it first, under another name; what is in
// the way in the folder is refused unless `replace`.
files::FileResult writeInto(const std::string& folder, const std::vector<MadeFile>& all, bool replace = false);

} // namespace softrope::deliver
