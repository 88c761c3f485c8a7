// What lies under a place of the sheet.
#pragma once

#include "art/document.h"

namespace softrope::art {

// The lines, areas and pictures there, topmost first, at whatever depth, locked ones included: a line by its path (within `reach` px
// or half its width), an area by what it encloses too, what lies inside an area only where the area shows it.
std::vector<ItemPtr> thingsAt(const Document& d, curve::Vec2 p, double reach);
// The topmost of them; nothing where nothing lies.
ItemPtr thingAt(const Document& d, curve::Vec2 p, double reach);
// Whether an area's fill covers the place.
bool covers(const Artwork& a, curve::Vec2 p);

// What a click on a thing picks: the outermost group (or area) it lies in; when that, or something beside the thing, is picked
// already, the next one in.
Id pickedBy(const Document& d, Id thing, const std::vector<Id>& picked);
// One level up from what is picked: what it lies in; 0 from there on.
Id levelUp(const Document& d, const std::vector<Id>& picked);

} // namespace softrope::art
