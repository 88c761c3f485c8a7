// Palettes to begin with: made up, each five to seven named inks from dark to light.
#pragma once

#include "art/inks.h"

#include <vector>

namespace softrope::art {

// Names are English; words::said() gives them in the language in force.
struct ReadyInk {
    const char* name;
    Colour colour;
};
struct ReadyPalette {
    const char* name;
    std::vector<ReadyInk> inks;
};
const std::vector<ReadyPalette>& readyPalettes();

// The palette's inks at the end of the document's; an ink that is there already, by name and colour, is not added again.
struct LoadedInks {
    Document document;
    std::vector<Id> inks; // in the palette's order
};
LoadedInks withReadyPalette(const Document& d, const ReadyPalette& palette);

// Everything painted is painted with these inks and their tints, so that what is darker stays darker, by about as much (OKLab
// lightness), and hues stay as near as the inks allow. The cheapest assignment that never crosses in lightness, by dynamic programming.
// Locked layers, locked things and paints in working colours stay. Inks the document does not have are passed over; without any it stays.
Document withPaletteLaid(const Document& d, const std::vector<Id>& inks);

} // namespace softrope::art
