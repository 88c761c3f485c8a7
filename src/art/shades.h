// Shades: what lies inside areas to light and shade them. Crescents and scatter are worked out from the area round them and the light;
// what is drawn by hand is cut to the area or just clipped by it.
#pragma once

#include "art/edited.h"
#include "art/inks.h"
#include "art/looks.h"

#include <functional>

namespace softrope::art {

// Everything that lies in an area, with the nearest area round it; outermost areas first.
struct Shade {
    const Item* item;
    const Item* area; // an artwork
    bool shown, locked;
};
void eachShade(const Document& d, const std::function<void(const Shade&)>& act);

// -- made ---------------------------------------------------------------------------------------------------------------------------
// A crescent like this one in each of the areas, on top of what lies in them, in the look (0 = plain black); a cast leaves out the area
// that is its source. Areas that are locked, derived or no areas are passed over. Gives the new things.
Taken withCrescents(const Document& d, const std::vector<Id>& areas, const Crescent& how, Id look, const std::string& name);
// Its marks are still to be worked out (withShadesFollowed): there may be tens of thousands.
Taken withScatter(const Document& d, const std::vector<Id>& areas, const shade::Scatter& how, const Paint& paint, const std::string& name);
// What a stroke cuts off of each area (shade/side.h), as a shade in it; `other`: the larger side. A closed stroke goes as it is into each
// area it meets, and one that parts none of them into the first.
Taken withStrokeInside(const Document& d, const std::vector<Id>& areas, const curve::Path& stroke, bool other, Id look, const std::string& name);
// The things leave their places and lie in the areas: in one area themselves, in several a copy in each that they meet.
Taken withPutInside(const Document& d, const std::vector<Id>& items, const std::vector<Id>& areas);

// -- changed ------------------------------------------------------------------------------------------------------------------------
// What is changed is stale until it is worked out anew.
Edited withCrescentsChanged(const Document& d, const std::vector<Id>& items, const std::function<void(Crescent&)>& change);
Edited withScatterChanged(const Document& d, const std::vector<Id>& items, const std::function<void(shade::Scatter&)>& change);
// The fill fades out from one place to the other, or along the light (away from it) when none are given: its own colour, opacity 1 to 0.
struct FadeWay {
    curve::Vec2 from, to;
};
Edited withFade(const Document& d, const std::vector<Id>& items, const std::optional<FadeWay>& way);

// -- the light ----------------------------------------------------------------------------------------------------------------------
// The way towards which a crescent lies now; of a cast, the way from which it falls. Radians.
double sideOf(const Crescent& c, const Light& light);
// How many times its width it reaches: what stands low throws a cast that follows the light far.
double reachOf(const Crescent& c, const Light& light);
// Shades whose side is off by more than 30 degrees from what the light asks: light parts towards it, dark ones away from it. Parts of no
// direction, and those that follow the light, are none.
std::vector<Id> againstLight(const Document& d);
// Crescents among them follow the light from now on.
Edited withTurnedToLight(const Document& d, const std::vector<Id>& items);

// -- worked out -----------------------------------------------------------------------------------------------------------------------
// The outline of such a crescent in the area.
curve::Paths crescentPaths(const Document& d, const Crescent& c, const Artwork& area);
// What a shade is made from, with the area round it; 0 for what is drawn.
Key shadeKey(const Document& d, const Artwork& shade, const Artwork& area);
// Shades that are not what their area, source and light give now.
std::vector<Shade> staleShades(const Document& d);
// All of them worked out, those apart from each other at once on all cores.
Document withShadesFollowed(const Document& d, const std::function<bool()>& cancelled = {});

} // namespace softrope::art
