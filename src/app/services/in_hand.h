// What is in hand for work on pictures.
#pragma once

#include "art/document.h"

#include <optional>

namespace softrope::app {

// The picked reference, else the topmost shown one under the point, else any.
const art::Item* referenceInHand(const art::Document& d, const art::Selection& s, std::optional<curve::Vec2> under = {});

} // namespace softrope::app
