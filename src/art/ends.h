// Where lines are open.
#pragma once

#include "art/document.h"

namespace softrope::art {

// An end of an open path.
struct OpenEnd {
    Id item = 0;
    std::size_t path = 0;
    bool atStart = false;
    curve::Vec2 at;
};
// Ends of open paths that are shown and can be worked on; those in live groups are none.
std::vector<OpenEnd> allEnds(const Document& d);
// Of these the ones that may be a fault: not those that lie on another line (or further on on their own), within half its width
// (but beside its end they count), and not
// those of lines that were said to be open on purpose (Artwork::openMeant). Time: about linear in the pieces.
std::vector<OpenEnd> openEnds(const Document& d);
// The place on another shown line that an end lies on, within half that line's width; nothing when it lies on none.
struct EndOnLine {
    OpenEnd end;
    curve::Vec2 foot;
};
std::vector<EndOnLine> endsOnLines(const Document& d);

} // namespace softrope::art
