// Edits: pure functions from one document to the next. An edit that names something the document does not hold, or that
// a lock forbids, gives the document back unchanged.
#pragma once

#include "art/document.h"

#include <functional>

namespace softrope::art {

// -- layers -------------------------------------------------------------------------------------------------------
struct Added {
    Document document;
    Id id = 0;
};
// Above `above`, or on top when that is 0.
Added withNewLayer(const Document& d, const std::string& name, Id above = 0);
Document withoutLayer(const Document& d, Id layer);
Document withLayer(const Document& d, Id layer, const std::function<void(Layer&)>& change);
// Moves the layer by `steps` places (up is positive), as far as there are any.
Document withLayerMoved(const Document& d, Id layer, int steps);

// -- items --------------------------------------------------------------------------------------------------------
// Puts a copy of `item` with a fresh id on the layer (on the topmost unlocked one when `layer` is 0).
Added withItem(const Document& d, Id layer, Item item);
Document withoutItems(const Document& d, const std::vector<Id>& items);
Document withItemChanged(const Document& d, Id item, const std::function<void(Item&)>& change);
Document withItemsChanged(const Document& d, const std::vector<Id>& items, const std::function<void(Item&)>& change);
// Stroke widths follow the scale unless a stroke keeps its width; references follow moves, turns and even scales.
Document transformed(const Document& d, const std::vector<Id>& items, const curve::Affine& m);
Artwork transformed(Artwork a, const curve::Affine& m);
// Copies in place, above their originals; gives the new ids.
struct Copies {
    Document document;
    std::vector<Id> items;
};
Copies withCopies(const Document& d, const std::vector<Id>& items);
// From now on it is its paths, not what raw samples, corner radii, parts or lines round it give.
void forgetSources(Artwork& a);
// Replaces the paths; the item stops being what its raw samples were fitted to.
Document withPaths(const Document& d, Id item, curve::Paths paths);
// Joins the end of one open path to the end of another (or the same one), both made to meet half-way; the look is the
// first one's.
Document withEndsJoined(const Document& d, const OpenEnd& first, const OpenEnd& second);

enum class Side { left, centre, right, top, middle, bottom };
// Moves each item so that its bounds touch that side (or middle) of the sheet.
Document alignedToSheet(const Document& d, const std::vector<Id>& items, Side side);
// The same with the bounds of all of them together.
Document alignedToEachOther(const Document& d, const std::vector<Id>& items, Side side);
Document alignedTo(const Document& d, const std::vector<Id>& items, const curve::Box& to, Side side);

// -- corners and swell ----------------------------------------------------------------------------------------------
// Rounds the corners nearest to `nodes` (all corners when empty) with that radius, px; 0 makes them sharp again. The radii
// can be changed at any time until the paths are edited otherwise. `limited` counts corners that had room for less only.
struct Rounded {
    Document document;
    std::size_t corners = 0, limited = 0;
};
Rounded withRoundCorners(const Document& d, Id item, const std::vector<NodeRef>& nodes, double radius);
// The radius of the corner nearest to the node, or the largest of all; 0 = sharp.
double cornerRadiusOf(const Artwork& a, const std::vector<NodeRef>& nodes);

// Outlines of the artwork's lines with their swell, px; kept for lines asked for again. Empty without a swell.
std::shared_ptr<const curve::Paths> swelledOutlines(const Artwork& a);
// The swell of the strokes set: each becomes an area with the line's colour.
Document withLinesAsShapes(const Document& d, const std::vector<Id>& items);

// -- references ---------------------------------------------------------------------------------------------------
// Fits the picture to the sheet, dims it and puts it on a locked layer of its own below the artwork.
Added withReference(const Document& d, std::shared_ptr<const PictureFile> picture, const std::string& name, double dim = 0.5);

// -- sheet and guides ---------------------------------------------------------------------------------------------
Document withSheet(const Document& d, const Sheet& sheet);
Added withGuide(const Document& d, curve::Vec2 through, double angle);
Document withoutGuide(const Document& d, Id guide);
Document withTitle(const Document& d, const std::string& title);

// -- freehand -----------------------------------------------------------------------------------------------------
// Steadies and fits the samples of a stroke. `closes` tells that its end came near its start.
struct FittedStroke {
    curve::Path path;
    double furthest = 0; // px off the raw samples (those of the hand, not the steadied ones)
    std::size_t samples = 0;
};
// `quick`: by the one-pass fit, for live previews of long strokes.
FittedStroke fitStroke(const Drawn& drawn, bool closes, bool quick = false);
// Largest distance of the hand's samples from the path that was fitted to them; nothing when there are none.
std::optional<double> strayOf(const Artwork& a);
// True when the end of the stroke lies within `reach` px of its start and the stroke is long enough to enclose something.
bool closesItself(const std::vector<HandSample>& samples, double reach);
// The samples after steadying: a low-pass along the stroke that keeps its ends; 0 = as drawn, 1 = calmest.
std::vector<curve::Vec2> steadied(const std::vector<HandSample>& samples, double strength, double grain);
// A freehand line fitted anew with another slack.
Document withSlack(const Document& d, Id item, double slack, bool quick = false);

} // namespace softrope::art
