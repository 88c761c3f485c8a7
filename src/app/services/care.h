// Long strokes are seen at once by the quick fit; the careful one follows in the background, as part of the same step.
#pragma once

#include "app/services/session.h"

#include <functional>
#include <optional>

namespace softrope::app {

// From so many samples on a careful fit may take longer than a frame: a wide trembling bow of 100 samples 28 ms, of 450 20.
constexpr std::size_t longStroke = 60;

// Works an edit of the present document out in the background; it lands under the same step and burst, if nothing else happened meanwhile,
// and not before the stroke in hand is over. `landed` then hears of it.
void landWithCare(Session& session, const QString& step, const QString& burst, std::function<std::optional<art::Document>(const Progress&)> work,
                  std::function<void(const art::Document&)> landed = {});

// Fits the hand-drawn line once more, with care; lands as said above. `landed` then hears how many nodes it has and how far it lies from
// the hand at most, px.
void fitWithCare(Session& session, art::Id line, const QString& step, const QString& burst, std::function<void(std::size_t, double)> landed = {});

} // namespace softrope::app
