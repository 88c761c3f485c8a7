// The folder of own parts: plain SVG files that any program opens, one a part, named by a title with tags in its description.
// Those that ship with the program lie in a folder of their own and are never written to.
#pragma once

#include "art/document.h"
#include "files/bytes.h"

#include <optional>
#include <string>
#include <vector>

namespace softrope::files {

// $XDG_DATA_HOME/soft-rope/parts, or ~/.local/share/soft-rope/parts.
std::string ownParts();
// Beside the program, or in share/soft-rope/parts; empty when they are nowhere.
std::string shippedParts();

struct Part {
    std::string id;   // the file's name without .svg; what a use in a document knows it by
    std::string name; // shown
    std::vector<std::string> tags;
    std::string file;
    bool ships = false;
    bool matches(const std::string& words) const; // every word, in name or tags, whatever the case
};
struct PartList {
    std::vector<Part> parts;          // by name; an own one hides one of the same id that ships
    std::vector<std::string> trouble; // files that cannot be read
};
PartList listParts();
// Nothing when there is no such part.
const Part* partOf(const PartList& list, const std::string& id);
// The same without reading the others. Ids are names of files, not ways to them.
std::optional<Part> findPart(const std::string& id);

// A part as it lies in a file.
std::string partText(art::Document part, const std::string& name, const std::vector<std::string>& tags);

struct OpenedPart {
    art::Document document;
    std::string problem; // a sentence for the user
    bool ok() const { return problem.empty(); }
};
OpenedPart readPart(const Part& part);

struct KeptPart {
    std::string id;
    std::string problem;
    bool ok() const { return problem.empty(); }
};
// A new part; its id is made of the name, with a number when that is taken. An empty name is refused.
KeptPart keepPart(const art::Document& part, const std::string& name, const std::vector<std::string>& tags);
// What the part was goes to "earlier" beside it. A part that ships gets an own one of its id.
KeptPart changePart(const Part& part, const art::Document& now);
KeptPart renamePart(const Part& part, const std::string& name, const std::vector<std::string>& tags);
// To "earlier": nothing is lost. Refused for those that ship.
FileResult removePart(const Part& part);

} // namespace softrope::files
