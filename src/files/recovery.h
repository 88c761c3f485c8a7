// Autosave and recovery: one entry a running window in the XDG state folder, with a picture of it.
#pragma once

#include "art/document.h"
#include "files/bytes.h"

#include <cstddef>
#include <string>
#include <vector>

namespace softrope::files {

// $XDG_STATE_HOME/soft-rope, or ~/.local/state/soft-rope.
std::string stateFolder();

struct RecoveryEntry {
    std::string id;       // name of its folder
    std::string original; // path of the file it belongs to; empty for a piece never saved
    std::string title;
    std::string when;      // "2026-11-23 14:05:09", local time
    long long seconds = 0; // since the epoch
    std::string document;  // path of the kept SVG
    std::string picture;   // path of the PNG, may be missing
};

// One window's autosave. The folder is made on the first write and taken away by `clear`.
class Recovery {
public:
    // An empty id starts a new entry; the process is noted as its owner so that others leave it alone.
    explicit Recovery(std::string id = {});
    const std::string& id() const { return id_; }
    FileResult write(const art::Document& d, const std::string& original, const std::vector<std::byte>& picture);
    void clear();

private:
    std::string id_;
};

// Entries whose process is gone, newest first. Broken entries are skipped.
std::vector<RecoveryEntry> leftBehind();
void discard(const RecoveryEntry& entry);

} // namespace softrope::files
