// Long strokes are seen at once by the quick fit; the careful one follows in the background, as part of the same step.
#pragma once

#include "app/services/session.h"

namespace softrope::app {

// From so many samples on a fit takes longer than a frame.
constexpr std::size_t longStroke = 600;

// Fits the hand-drawn line once more, with care; lands under the same step and burst, if nothing else happened meanwhile.
void fitWithCare(Session& session, art::Id line, const QString& step, const QString& burst);

} // namespace softrope::app
