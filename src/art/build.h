// The edits of the Build step: combining shapes, areas as shapes, trimming, joining, offsets, and mirrored layers.
#pragma once

#include "art/edits.h"
#include "planar/build.h"

namespace softrope::art {

// -- combining ----------------------------------------------------------------------------------------------------
struct CombinedShapes {
    Document document;
    Id item = 0; // 0 when nothing was left
};
// The shapes become one, in the place and with the look of the lowest (which the others are taken from in a difference).
// `live`: the parts are kept and can be moved.
CombinedShapes withCombined(const Document& d, const std::vector<Id>& items, planar::Operation operation, bool live);
// The live shape with another operation, or with one part moved.
Document withOperation(const Document& d, Id item, planar::Operation operation);
Document withPartTransformed(const Document& d, Id item, std::size_t part, const curve::Affine& m);
// Set: a plain shape.
Document withSet(const Document& d, Id item);
struct Taken {
    Document document;
    std::vector<Id> items;
};
// A live shape back into its parts; shapes that overlap into every area of theirs; a shape with holes or of several pieces
// into its outlines.
Taken withTakenApart(const Document& d, Id item);
Taken withSplit(const Document& d, const std::vector<Id>& items);
Taken withOutlinesApart(const Document& d, Id item);

// -- areas ---------------------------------------------------------------------------------------------------------
// All paths that are to be seen (guides too), and whose they are.
struct DrawnLines {
    curve::Paths paths;
    std::vector<Id> items;
};
DrawnLines drawnLines(const Document& d);
// Every area of the map as a neutral shape on a new layer under the lines, largest first, named, ready to be coloured; the
// shapes reach 0.6 px under each other. The lines stay untouched. Areas that are parts of filled shapes already there count
// as well.
Added withAreasUnderLines(const Document& d, const planar::Map& map);
// What becomes of the lines that a shape was carved or followed from.
enum class Leftover { stay, guides, go };
// A closed shape in the given look on the layer.
Added withShape(const Document& d, Id layer, curve::Paths outline, const Stroke& stroke, const Fill& fill, const std::string& name);
Document withLeftover(const Document& d, const std::vector<Id>& lines, Leftover what);

// -- lines ---------------------------------------------------------------------------------------------------------
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
Document withoutStretch(const Document& d, const Stretch& s);
// All ends within `tolerance` px of each other, nearest first.
struct Joined {
    Document document;
    int pairs = 0;
};
Joined withAllEndsJoined(const Document& d, double tolerance);
// How many pairs that would be, about: each end counted once.
int endPairCount(const Document& d, double tolerance);
// A copy of the outlines `by` px further out (or in, negative); what vanishes vanishes.
curve::Paths offset(const curve::Paths& paths, double by, bool mitred);
Added withOffset(const Document& d, Id item, double by, bool mitred);

// -- placing ---------------------------------------------------------------------------------------------------------
enum class Along { across, down };
// Even spaces between the bounds of three or more things.
Document distributed(const Document& d, const std::vector<Id>& items, Along direction);

// -- mirrors ---------------------------------------------------------------------------------------------------------
Document withMirror(const Document& d, Id layer, std::optional<mirror::Axis> axis);
// The other side of what lies on the layer; nothing without a mirror.
std::vector<Item> mirroredItems(const Layer& layer);
struct WeldedLayer {
    Document document;
    std::size_t seams = 0, smooth = 0, copied = 0;
};
// The halves of the layer become whole and the mirror goes; the halves stay on a hidden, locked layer below.
WeldedLayer withWeld(const Document& d, Id layer, double tolerance);
// Mirrored copies of the items across an axis, without weld.
Taken withMirroredCopies(const Document& d, const std::vector<Id>& items, const mirror::Axis& axis);

} // namespace softrope::art
