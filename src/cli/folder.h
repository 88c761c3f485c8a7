// Many pictures traced into one folder: side by side, gone on with where it was left, nothing of anyone else's written over.
#pragma once

#include "cli/tracing.h"

#include <nlohmann/json.hpp>

#include <cstdint>
#include <functional>
#include <string>
#include <vector>

namespace softrope::cli {

// A file as it was: enough to see whether it is another one now.
struct Stamp {
    std::uintmax_t size = 0;
    std::int64_t time = 0; // ns of the file system's clock
    friend bool operator==(const Stamp&, const Stamp&) = default;
};

struct FolderEntry {
    std::string picture, drawing; // whole path; name within the folder
    bool skipped = false;         // up to date from an earlier run
    bool inTheWay = false;        // a file of that name is not ours, or was worked on since
    Json settings;
    Stamp pictureStamp, drawingStamp;
    int width = 0, height = 0;
    std::size_t paths = 0, nodes = 0;
    double furthest = -1; // px; negative = not measured
    double seconds = 0;
    std::string partly;  // a sentence where the picture ends too early
    std::string problem; // a sentence where there is no drawing
    bool done() const { return problem.empty() && (skipped || seconds > 0); }
};

struct FolderJob {
    std::vector<std::string> pictures; // files
    std::string folder;                // made when it is not there
    As as = As::lines;
    Knobs knobs;
    unsigned workers = 1; // pictures in memory at once
    bool again = false;   // what is up to date too
    bool replace = false; // what is in the way is written over
    std::function<bool()> cancelled = {};
    // After each picture, one at a time: what became of it, how many are through.
    std::function<void(const FolderEntry&, std::size_t)> told = {};
};

// The pictures that these files and folders stand for: a folder's own, by name; no picture twice. Names that are neither are kept, to be
// told as missing.
std::vector<std::string> picturesIn(const std::vector<std::string>& names);

struct FolderDone {
    std::vector<FolderEntry> entries; // in the order of the pictures; without those not begun when it was cancelled
    std::string problem;              // of the folder itself; nothing was traced then
};
// What was done is kept as trace.json in the folder, which later runs read.
FolderDone traceFolder(const FolderJob& job);
Json toJson(const FolderEntry& e);

} // namespace softrope::cli
