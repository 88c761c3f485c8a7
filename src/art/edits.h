// Edits: pure functions from one document to the next. An edit that names something the document does not hold, or that
// a lock forbids, gives the document back and says why.
#pragma once

#include "art/edited.h"
#include "art/ends.h"
#include "curve/tolerances.h"

#include <functional>

namespace softrope::art {

// Why none of the things can be worked on by hand; none when all can.
Refusal refusalOf(const Document& d, const std::vector<Id>& items);
// What locks it: the layer, something round it, or itself; 0 = nothing.
Id lockedBy(const Document& d, Id item);

// -- layers -------------------------------------------------------------------------------------------------------
// Above `above`, or on top when that is 0.
Added withNewLayer(const Document& d, const std::string& name, Id above = 0);
// A locked layer stays, and so does the last one.
Edited withoutLayer(const Document& d, Id layer);
Document withLayer(const Document& d, Id layer, const std::function<void(Layer&)>& change);
// Moves the layer by `steps` places (up is positive), as far as there are any.
Document withLayerMoved(const Document& d, Id layer, int steps);

// -- items --------------------------------------------------------------------------------------------------------
// Puts a copy of `item` with fresh ids on the layer (on the topmost unlocked one when `layer` is 0).
Added withItem(const Document& d, Id layer, Item item);
// Puts the items on the layer, first at the bottom, with fresh ids; the layer may be locked.
Taken withItems(const Document& d, Id layer, std::vector<Item> items);
Edited withoutItems(const Document& d, const std::vector<Id>& items);
// Locked things, and what live groups give, stay as they are. An item changes with all that lies in it: those below a changed one
// are not asked.
Edited withItemChanged(const Document& d, Id item, const std::function<void(Item&)>& change);
Edited withItemsChanged(const Document& d, const std::vector<Id>& items, const std::function<void(Item&)>& change);
// The same for artwork, at any depth below the items.
Edited withArtworkChanged(const Document& d, const std::vector<Id>& items, const std::function<void(Artwork&)>& change);
// Show, lock, name, opacity, blend and blur: no lock keeps from these but that of what is round it.
struct Traits {
    std::optional<bool> shown = {}, locked = {};
    std::optional<std::string> name = {};
    std::optional<double> opacity = {}; // 0..1
    std::optional<Blend> blend = {};
    std::optional<double> blur = {}; // px
};
Edited withTraits(const Document& d, const std::vector<Id>& items, const Traits& traits);
// How far from the corner of the sheet anything may lie, px: beyond, numbers lose what is drawn with them.
constexpr double farthest = 1e12;
bool withinReach(const curve::Path& path);
// Stroke widths follow the scale unless a stroke keeps its width; references follow moves, turns and even scales. What lies in a
// thing goes with it. Refused where something would lie out of reach.
Edited transformed(const Document& d, const std::vector<Id>& items, const curve::Affine& m);
Item transformed(Item item, const curve::Affine& m);
Artwork transformed(Artwork a, const curve::Affine& m);
// Copies in place, above their originals; gives the new ids.
Taken withCopies(const Document& d, const std::vector<Id>& items);
// The item with ids of its own, for it and all that lies in it; recipes follow to the copies of what they were made from.
Item withFreshIds(const Item& item, Id& next);
// A hand changed the paths: the item stops being what its recipe gives.
Edited withPaths(const Document& d, Id item, curve::Paths paths);
// Its recipe gave the paths: it stays live.
Edited withDerived(const Document& d, Id item, curve::Paths paths, Recipe recipe, Key made = 0);
// Plain shapes and groups from now on.
Edited withSet(const Document& d, const std::vector<Id>& items);
// Lines run the other way round, closed by a straight.
// Bent as evenly as the slack (px) allows, see curve/comb.h: inflections before and after, and the largest move.
struct FairerLines {
    Edited edited = Document{};
    std::size_t before = 0, after = 0;
    double furthest = 0;
};
FairerLines withLinesFairer(const Document& d, const std::vector<Id>& items, double slack);
Edited withLinesTurnedRound(const Document& d, const std::vector<Id>& items);
Edited withLinesClosed(const Document& d, const std::vector<Id>& items);
// Joins the end of one open path to the end of another (or the same one), both made to meet half-way; the look is the
// first one's.
Edited withEndsJoined(const Document& d, const OpenEnd& first, const OpenEnd& second);

// -- corners and swell ----------------------------------------------------------------------------------------------
// Rounds the corners nearest to `nodes` (all corners when empty) with that radius, px; 0 makes them sharp again. The radii
// can be changed at any time until the paths are edited otherwise. `limited` counts corners that had room for less only.
struct Rounded {
    Document document;
    std::size_t corners = 0, limited = 0;
    Refusal why = Refusal::none;
};
Rounded withRoundCorners(const Document& d, Id item, const std::vector<NodeRef>& nodes, double radius);
// The radius of the corner nearest to the node, or the largest of all; 0 = sharp.
double cornerRadiusOf(const Artwork& a, const std::vector<NodeRef>& nodes);

// Outlines of the artwork's lines with their swell, px. Empty without a swell.
curve::Paths swelledOutlines(const Artwork& a);
// The swell of the strokes set: each becomes an area with the line's colour.
Edited withLinesAsShapes(const Document& d, const std::vector<Id>& items);

// -- references ---------------------------------------------------------------------------------------------------
// Fits the picture to the sheet, dims it and puts it on a locked layer of its own below the artwork.
Added withReference(const Document& d, Shared<PictureFile> picture, const std::string& name, double dim = 0.5);

// -- sheet and guides ---------------------------------------------------------------------------------------------
Document withSheet(const Document& d, const Sheet& sheet);
Added withGuide(const Document& d, curve::Vec2 through, double angle);
Document withoutGuide(const Document& d, Id guide);
Document withTitle(const Document& d, const std::string& title);
Document withAbout(const Document& d, const About& about);

// -- freehand -----------------------------------------------------------------------------------------------------
// Steadies and fits the samples of a stroke. `closes` tells that its end came near its start.
struct FittedStroke {
    curve::Path path;
    double furthest = 0; // px off the raw samples (those of the hand, not the steadied ones)
    std::size_t samples = 0;
};
// `quick`: by the one-pass fit, for live previews of long strokes.
FittedStroke fitStroke(const Hand& drawn, bool closes, bool quick = false);
// Largest distance of the hand's samples from the path that was fitted to them; nothing when there are none.
std::optional<double> strayOf(const Artwork& a);
// True when the end of the stroke lies within `reach` px of its start and the stroke is long enough to enclose something.
bool closesItself(const std::vector<HandSample>& samples, double reach);
constexpr double closingReach = 2 * curve::snapReach; // screen px
// The samples after steadying: a low-pass along the stroke that keeps its ends; 0 = as drawn, 1 = calmest.
std::vector<curve::Vec2> steadied(const std::vector<HandSample>& samples, double strength, double grain);
// A freehand line fitted anew with another slack.
Edited withSlack(const Document& d, Id item, double slack, bool quick = false);

} // namespace softrope::art
