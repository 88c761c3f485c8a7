// Parts that several pages of the card have in common.
#pragma once

#include "app/cards/fields.h"
#include "app/cards/page.h"
#include "art/paint.h"

#include <memory>

namespace softrope::app {

class LightPreview;

// How a change of a stroke is made, under the name of its step.
using StrokeChange = std::function<void(const std::function<void(art::Stroke&)>&, const QString&)>;

// Weight, colour, opacity, ends, corners and swell of a line; `ends` where it has any.
void lookFields(Fields& f, const std::function<art::Stroke()>& get, const StrokeChange& set, bool ends);
// Narrow gaps and thin areas, one row each; what its layout depends on.
void decisionList(Fields& f);
QVariantList decisionsKey(const Areas& areas);
void paletteShelf(Fields& f);
void nextLineFields(Fields& f, bool ends); // the look that the next line will have
void swellFields(Fields& f, const std::function<art::Stroke()>& get, const StrokeChange& set);
// The settings of the tool in hand, the look of the next line, snapping.
void toolFields(Fields& f);
// Opacity, blend and blur of what is picked; the first thing's are shown.
void effectFields(Fields& f);
void alignRow(Fields& f);
// Width and height of what is picked, as it is seen; a frame behind it, and fitting things into a shape.
void sizeSection(Fields& f, bool several);
void frameSection(Fields& f, bool several);
// The sheet's light; while it is turned the preview shows it.
void lightFields(Fields& f, const std::shared_ptr<LightPreview>& preview);
// What the Crescent and the Scatter tool make next.
void nextCrescentFields(Fields& f);
void nextScatterFields(Fields& f);
// Which look new shades get and picked ones are given; the document's own looks, and what that list depends on; the look of what is picked.
void lookChoice(Fields& f);
void lookList(Fields& f);
QVariantList looksKey(const art::Document& d);
void lookOfPicked(Fields& f);
void roundSection(Fields& f, art::Id id);
// Size, turn, live parts, line to shape, offset: what Build does with a picked shape.
void shapeSection(Fields& f, art::Id id);
void aidFields(Fields& f); // composition aids over the sheet
void mirrorSection(Fields& f);
void workingSection(Fields& f);
void referenceSection(Fields& f, art::Id id);

Bottom referenceBottom(CardDesk& at);
// Of the tone stack; `acts` where it can be made into areas.
Bottom toneBottom(CardDesk& at, bool acts);

} // namespace softrope::app
