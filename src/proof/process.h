// Process cards: what a print shop or a cutter can take. They stand in for the shops themselves; the values that ship are made up and
// usual (common practice, no source).
#pragma once

#include "proof/finding.h"

namespace softrope::proof {

struct Process {
    std::string id;    // of its file
    std::string name;  // as it is shown
    std::string about; // a sentence
    // mm at the real size; 0 = the process does not say.
    double line = 0, gap = 0, overlap = 0, bleed = 0, text = 0;
    int inks = 0;
    bool flat = false;
    double width = 0;       // mm: usual width of the finished piece
    std::vector<int> sizes; // px: pictures made from it, for what is shown on screens
    bool ships = false;     // one of those that come with the program
    friend bool operator==(const Process&, const Process&) = default;
};
// mm a sheet px has: from the width that was set, the usual one of the process, or at 96 px to the inch.
double mmPerPx(const art::Document& d, const Process& p);
// What the process asks of this sheet, in its px.
Limits limitsOf(const art::Document& d, const Process& p);

} // namespace softrope::proof
