// Scatter as the card has it, and putting it into areas.
#pragma once

#include "app/canvas/canvas.h"
#include "shade/scatter.h"

namespace softrope::app {

shade::Scatter scatterInHand(Bench& bench);
// In the ink in hand, else in black. The new things are picked.
void scatterInto(Bench& bench, const std::vector<art::Id>& areas, const shade::Scatter& how);
// Usual settings of a kind of mark: sizes, spacing and turn that suit it.
void usePreset(Bench& bench, shade::Mark mark);

} // namespace softrope::app
