// The tools of the Colour step.
#pragma once

#include "app/tool.h"

namespace softrope::app {

class Areas;
class Canvas;

std::unique_ptr<Tool> makeDrop(Canvas&, Areas&);
std::unique_ptr<Tool> makeTakeInk(Canvas&);
std::unique_ptr<Tool> makeGradient(Canvas&);
std::unique_ptr<Tool> makeAlike(Canvas&);

// The colour of what is seen at a place, artwork over pictures over the sheet: of the point, or the mean (in OKLab) of a disc of that
// radius, px. And the ink it was painted with, if it is artwork.
struct Seen {
    art::Colour colour;
    art::InkUse ink;
};
std::optional<Seen> seenAt(Session& session, curve::Vec2 p, double radius);

} // namespace softrope::app
