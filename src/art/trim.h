// Trimming: the stretch of a line between its neighbouring crossings, taken out.
#pragma once

#include "art/edited.h"

namespace softrope::art {

// The stretch of a line between its neighbouring crossings with others (or itself), or an end of it.
struct Stretch {
    Id item = 0;
    std::size_t path = 0;
    curve::Place from, to; // along the path
    bool whole = false;    // nothing crosses it
    curve::Path shown;
};
std::optional<Stretch> stretchAt(const Document& d, Id item, curve::Vec2 p);
// The stretch taken out: stubs go, a middle leaves two lines, a closed line opens.
Edited withoutStretch(const Document& d, const Stretch& s);

// The piece between two nodes taken out: a closed line opens there, an open one becomes two or loses its end.
Edited withoutPiece(const Document& d, Id item, std::size_t path, std::size_t piece);

} // namespace softrope::art
