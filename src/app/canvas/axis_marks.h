// The mirror axis on the sheet.
#pragma once

#include "app/canvas/marks.h"
#include "mirror/axis.h"

#include <utility>

namespace softrope::app {

// The ends of the axis as it is shown; its grips.
std::pair<curve::Vec2, curve::Vec2> axisGrips(const art::Document& d, const mirror::Axis& a);
// Another axis there might be: a thin line with how sure it is, 0..1.
void paintLikelyAxis(Marks& m, const art::Document& d, const mirror::FoundAxis& f);
void paintAxis(Marks& m, const art::Document& d, const mirror::Axis& a);

} // namespace softrope::app
