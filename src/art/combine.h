// Combining shapes: union, difference, intersection, exclusion, plain or live, and taking apart again.
#pragma once

#include "art/edited.h"

namespace softrope::art {

struct CombinedShapes {
    Document document;
    Id item = 0; // 0 when nothing was left
    Refusal why = Refusal::none;
};
// The shapes become one, in the place and with the look of the lowest (which the others are taken from in a difference).
// `live`: the parts are kept and can be moved.
CombinedShapes withCombined(const Document& d, const std::vector<Id>& items, planar::Operation operation, bool live);
// The live shape with another operation, or with one part moved.
Edited withOperation(const Document& d, Id item, planar::Operation operation);
Edited withPartTransformed(const Document& d, Id item, std::size_t part, const curve::Affine& m);
// The live shape takes the others in, on top of its parts; they go from where they lie.
Edited withPartsTaken(const Document& d, Id item, const std::vector<Id>& others);
// The part becomes a thing of its own again, above the live shape; one that is left alone is plain from then on. Gives both ids, the
// part's last.
Taken withPartGivenUp(const Document& d, Id item, std::size_t part);
// The outline that the parts come to.
curve::Paths outlineOf(const Combined& c);
// A live shape back into its parts; shapes that overlap into every area of theirs; a shape with holes or of several pieces
// into its outlines.
Taken withTakenApart(const Document& d, Id item);
Taken withSplit(const Document& d, const std::vector<Id>& items);
Taken withOutlinesApart(const Document& d, Id item);

} // namespace softrope::art
