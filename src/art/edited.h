// What edits give: the next document, and why when they did nothing.
#pragma once

#include "art/document.h"

namespace softrope::art {

enum class Refusal {
    none,
    nothingPicked, // no such thing in the document
    locked,        // by itself, or by what it lies in
    hidden,
    derived,    // worked out by a live part: that must be set first
    tooFew,     // the act takes more things than that
    doesNotFit, // not that kind of thing, or no room
    noTypeface  // its typeface is not on this machine
};

// Reads as the document it leads to; `why` tells when that is the one it came from.
struct Edited {
    Document document;
    Refusal why = Refusal::none;
    Edited(Document d, Refusal w = Refusal::none) : document(std::move(d)), why(w) {} // NOLINT(google-explicit-constructor)
    operator const Document&() const { return document; }                             // NOLINT(google-explicit-constructor)
    bool done() const { return why == Refusal::none; }
};
// With what was added; 0 when nothing was.
struct Added {
    Document document;
    Id id = 0;
    Refusal why = Refusal::none;
};
// With the things that are there now in place of those it was given.
struct Taken {
    Document document;
    std::vector<Id> items;
    Refusal why = Refusal::none;
};

} // namespace softrope::art
