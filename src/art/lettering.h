// Lettering: words as a live part. Its paths are the letters' outlines; they are kept with the words, so that a document looks the same
// where the typeface is missing. Words on a line follow it.
#pragma once

#include "art/edited.h"
#include "letter/layout.h"

#include <functional>
#include <string>
#include <vector>

namespace softrope::art {

// -- made and changed -----------------------------------------------------------------------------------------------------------------
// On top of the layer, filled with the paint, without a line. Refused when the typeface is not here or the layer cannot take it.
Added withLettering(const Document& d, Id layer, const Lettering& l, const Fill& fill);
// Those among the items that are lettering; worked out at once. Refused for those whose typeface is not here, unless the change gives them
// one that is. An item that is called after its words is renamed with them.
Edited withLetteringChanged(const Document& d, const std::vector<Id>& items, const std::function<void(Lettering&)>& change);
// Plain shapes of the words, one a letter and grouped, or all in one, overlaps united. Gives the shapes.
Taken withLettersApart(const Document& d, const std::vector<Id>& items);
Taken withLettersUnited(const Document& d, const std::vector<Id>& items);
// The size at which the widest line is so many sheet px wide; nothing where its typeface is not here or nothing is seen.
std::optional<double> sizeForWidth(const Lettering& l, double width);
// What it is called when it is named by its words.
std::string nameOf(const Lettering& l);

// -- asked ----------------------------------------------------------------------------------------------------------------------------
// Every lettering, at whatever depth.
std::vector<const Item*> letterings(const Document& d);
// Whether its typeface is on this machine.
bool hasTypeface(const Lettering& l);
// The line it stands on as it lies now, or as it lay last.
const curve::Path& lineOf(const Document& d, const Lettering& l);
// How it is set, and where: nothing when the typeface is not here.
std::optional<letter::Layout> layoutOf(const Lettering& l, const curve::Path& line);
letter::Rail railOf(const Lettering& l, const curve::Path& line);
// A lettering that was moved while its line stayed: it slides along it and comes nearer or goes away.
Lettering slid(Lettering l, const curve::Path& line, curve::Vec2 by);

// -- worked out -----------------------------------------------------------------------------------------------------------------------
// Of what stands on a line; 0 for all other.
Key letteringKey(const Document& d, const Lettering& l);
// The outlines; nothing when the typeface is not here.
std::optional<curve::Paths> letteringPaths(const Lettering& l, const curve::Path& line);
// All that stand on lines which have changed, laid anew; those whose typeface is missing stay. 2,000 letters take some 10 ms.
Document withLetteringFollowed(const Document& d);
bool letteringWaits(const Document& d);

} // namespace softrope::art
