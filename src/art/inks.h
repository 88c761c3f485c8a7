// Edits of paint: inks and what is painted with them, gradients, and things painted alike.
#pragma once

#include "art/edits.h"

#include <functional>
#include <optional>
#include <vector>

namespace softrope::art {

// -- inks ---------------------------------------------------------------------------------------------------------------------
// A new ink at the end of the palette; its name is made different from those there are ("Kiln 2").
Added withInk(const Document& d, const std::string& name, Colour colour, Meaning meaning = Meaning::paint);
// The ink changes, and everything painted with it or with its tints, on locked and hidden layers too.
Document withInkColour(const Document& d, Id ink, Colour colour);
Document withInkName(const Document& d, Id ink, const std::string& name);
// The ink goes; what was painted with it keeps its colour.
Document withoutInk(const Document& d, Id ink);
// The ink moves by `steps` places in the palette.
Document withInkMoved(const Document& d, Id ink, int steps);
// The colour of an ink at a step of its tint scale (pixel/ink_colours.h).
Colour tintOf(Colour ink, int step);
// How much is painted with each ink of the palette, in its order: things whose fill is, and the share of the area of all fills.
struct InkShare {
    std::size_t areas = 0, lines = 0;
    double share = 0; // 0..1
};
std::vector<art::InkShare> inkShares(const Document& d);
// Shown, closed shapes and drops whose fill comes from no ink while the document has inks; guides and pictures do not count.
std::vector<Id> withoutInkYet(const Document& d);

// -- paint --------------------------------------------------------------------------------------------------------------------
struct Paint {
    std::optional<Colour> colour; // nothing = none
    InkUse ink;
    friend bool operator==(const Paint&, const Paint&) = default;
};
Paint fillOf(const Artwork& a);
Paint lineOf(const Artwork& a);
// The paint of an ink at a step of its tint scale; none when the document has no such ink.
Paint paintOf(const Document& d, InkUse ink);
enum class Part { area, line, both };
// A paint takes the place of colour, ink and gradient alike. Pieces of live groups keep it in their recipe.
Edited withPaint(const Document& d, const std::vector<Id>& items, const Paint& paint, Part where);
// Fill and line change places.
Edited withPaintsSwapped(const Document& d, const std::vector<Id>& items);

// Any other change of fills, through the same door.
Edited withFills(const Document& d, const std::vector<Id>& items, const std::function<void(Fill&)>& change);

// -- alike --------------------------------------------------------------------------------------------------------------------
enum class Alike { fill, line, weight };
// Everything shown and not locked that is like the item in that respect, the item itself included. A colour from an ink is like
// the same ink and tint only; gradients are like equal ones with the same stops, wherever they lie.
std::vector<Id> alike(const Document& d, Id item, Alike in);
// Everything painted with `from` (as fill, line or both, stops of gradients included) is painted with `to`.
Document withPaintReplaced(const Document& d, const Paint& from, const Paint& to, Part where);

// -- gradients ----------------------------------------------------------------------------------------------------------------
// A gradient over all of the items, from one place of the sheet to another: linear along that way, radial round `from` with `to`
// on its rim. Two stops unless `stops` says otherwise.
Edited withGradient(const Document& d, const std::vector<Id>& items, Gradient::Kind kind, curve::Vec2 from, curve::Vec2 to,
                    const std::vector<GradientStop>& stops);
// Where the first stop of round ones lies, in the unit of the gradient: (0, 0) the middle, 1 the rim; brought within it.
Edited withGradientFocus(const Document& d, const std::vector<Id>& items, curve::Vec2 focus);
Edited withGradientStops(const Document& d, const std::vector<Id>& items, std::vector<GradientStop> stops);
Edited withoutGradient(const Document& d, const std::vector<Id>& items);
// Its colour there, mixed in sRGB without premultiplying (SVG 1.1, 13.2).
GradientStop colourAt(const Gradient& g, double t);
curve::Vec2 gradientStart(const Gradient& g);
curve::Vec2 gradientEnd(const Gradient& g);

// -- working colours ------------------------------------------------------------------------------------------------------------
// The pair of loud inks that mean "will be dark" and "will be light", added when the document has none.
Document withWorkingInks(const Document& d);
Id workingInk(const Document& d, Meaning meaning); // 0 = none
// Everything painted with a working ink gets its real colour; how many things that were.
struct Turned {
    Document document;
    int items = 0;
};
Turned withWorkingColoursTurned(const Document& d, const Paint& dark, const Paint& light);

} // namespace softrope::art
