// Autosave and recovery: one entry a running window in the XDG state folder, with a picture of it, and what was put aside.
//
// An entry is a folder: piece.svg (a working file whose pictures lie beside it), pictures/ (each once, named by its content),
// piece.png and about.json.
#pragma once

#include "art/document.h"
#include "files/bytes.h"
#include "files/svg.h"

#include <cstddef>
#include <map>
#include <memory>
#include <string>
#include <vector>

namespace softrope::files {

// $XDG_STATE_HOME/soft-rope, or ~/.local/state/soft-rope.
std::string stateFolder();

struct RecoveryEntry {
    std::string folder;   // path
    std::string original; // path of the file it belongs to; empty for a piece never saved
    std::string title;
    std::string when;      // "2026-11-23 14:05:09", local time
    long long seconds = 0; // since the epoch
    std::string picture;   // path of the PNG, may be missing
};

// One window's autosave. The folder is made on the first write and taken away by `clear`.
class Recovery {
public:
    // An empty id starts a new entry; the process is noted as its owner so that others leave it alone.
    explicit Recovery(std::string id = {});
    const std::string& id() const { return id_; }
    // Pictures that are there already are not written again; those that are no longer used go.
    FileResult write(const art::Document& d, const std::string& original, const std::vector<std::byte>& picture);
    void clear();
    // Bytes written by the last `write`.
    std::size_t written() const { return written_; }

private:
    std::string id_;
    std::size_t written_ = 0;
    // By what they were read from, so that bytes are looked through once.
    std::map<std::shared_ptr<const art::PictureFile>, std::string> names_;
};

// Entries whose process is gone, newest first. Broken entries are skipped; what is older than the file it belongs to is put aside.
std::vector<RecoveryEntry> leftBehind();
// The piece of an entry, pictures and all.
SvgResult readKept(const RecoveryEntry& entry);
void discard(const RecoveryEntry& entry);

// What was put aside can be opened for so many days.
constexpr int daysAside = 30;
FileResult putAside(const RecoveryEntry& entry);
// Newest first. What was put aside longer than that before `now` (seconds since the epoch) is taken away.
std::vector<RecoveryEntry> aside(long long now);

} // namespace softrope::files
