// Repeats: one thing again and again, round a centre, along a line or in rows (nothing is drawn twice by hand).
//
// All of them lie in a group with the recipe. Each may be changed by hand with every tool there is, and the others follow: what was
// changed is found by comparing with what the recipe gave last, carried back to the first, and given to all anew. A copy's own name,
// lock and whether it shows stay its own. When a hand takes one away or adds something, the group is a plain one from then on.
#pragma once

#include "art/edited.h"
#include "curve/affine.h"

#include <functional>
#include <vector>

namespace softrope::art {

inline constexpr int mostRepeats = 360, mostRows = 100;

// Within its ranges: count 2..360, angle up to a whole turn either way and not nought, 1..100 rows and columns.
Repeat bounded(Repeat r);
// How many it gives, the first counted.
std::size_t countOf(const Repeat& r);
// Where each lies against the first, sheet to sheet; the first is the identity. `first`: bounds of the first in the repeat's plane.
std::vector<curve::Affine> posesOf(const Repeat& r, const curve::Box& first);
// Bounds of what lies first in a repeat, in its plane.
curve::Box planeBounds(const Repeat& r, const Item& first);
// The middle of a round repeat on the sheet.
curve::Vec2 centreOf(const Repeat& r);
// How far the middle of the first lies from the centre of a round repeat, px of the sheet.
double radiusOf(const Repeat& r, const Item& first);

// The things become the first of a repeat in their place; several are grouped. On a line, the first goes to where it starts. Refused
// when the line is one of them, or has no length.
Added withRepeat(const Document& d, const std::vector<Id>& items, Repeat r, const std::string& name = "Repeat");
Edited withRepeatChanged(const Document& d, Id item, const std::function<void(Repeat&)>& change);
// The first, and so all, as far from the centre as that; px of the sheet. Refused where the first lies on the centre.
Edited withRepeatRadius(const Document& d, Id item, double radius);

// Whether a repeat is not what its first thing, its line and its numbers would give. Cheap: what has not changed is told by identity.
bool repeatsWait(const Document& d);
// All of them worked out, those in others first.
Document withRepeatsFollowed(const Document& d);

// -- for live.h and edits ---------------------------------------------------------------------------------------------------------

// Taken along with its line, where it has one.
Repeat transformed(const Repeat& r, const curve::Affine& m);
// From the first anew; as many as there are now.
std::vector<ItemPtr> repeated(const Repeat& r, const std::vector<ItemPtr>& now);
// The group was taken to other places: what the recipe gave goes along. Gives what it is made from then.
Key settleRepeat(GroupRecipe& live, const Group& before, const std::vector<ItemPtr>& now, const curve::Affine& m);
// It was taken along with its line, but the line stayed, as `line`: it stands beside that from now on.
Repeat besideLine(const Repeat& r, const curve::Affine& m, const curve::Path& line);

} // namespace softrope::art
