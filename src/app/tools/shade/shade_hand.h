// What is in hand while shading: the areas that shades go into, and the look they get.
#pragma once

#include "app/canvas/canvas.h"
#include "art/looks.h"
#include "art/shades.h"

namespace softrope::app {

// The areas picked; of a picked shade, the area it lies in.
std::vector<art::Id> areasInHand(Bench& bench);
// The nearest area round a thing; null when it lies in none.
const art::Item* areaRound(const art::Document& d, art::Id item);
// The picked crescents.
std::vector<art::Id> crescentsInHand(Bench& bench);
// Areas for a drag that begins there: those in hand when it begins in one of them, else the one under the place, which is then picked; none
// where nothing is, or it is refused (which is said).
std::vector<art::Id> areasFor(Bench& bench, curve::Vec2 at);
// The document with the look that a new shade gets, and the look: the one chosen on the card, or for `lit` and its opposite the one that
// is usual.
art::Added withLookInHand(Bench& bench, bool lit);
// Choosing: 0 = by the side it lies on, else the ready look before that number.
constexpr int looksToChoose = 4;
QString lookName(int choice);

// Whether the bench is shading: strokes then land in the areas in hand.
bool shading(Bench& bench);
// A stroke that was just drawn, as a shade in the areas in hand; false when there are none, so that it stays a line.
bool strokeIntoAreas(Bench& bench, const art::Document& without, const curve::Path& stroke, const QString& step);
// What that stroke would cut off, for showing.
curve::Paths strokeForeseen(Bench& bench, const curve::Path& stroke);
// The other side of the next stroke; turned over by a key.
bool& otherSide(Bench& bench);

// A light's way as it is spoken of: "upper left"; degrees from 0 to 359, up is up.
QString wayText(double angle);
long wayDegrees(double angle);

} // namespace softrope::app
