// Outlines a distance further out or in.
#pragma once

#include "art/edited.h"

namespace softrope::art {

// The outlines `by` px further out (or in, negative); what vanishes vanishes.
curve::Paths offset(const curve::Paths& paths, double by, bool mitred);
// A copy of the item, on its layer, so changed.
Added withOffset(const Document& d, Id item, double by, bool mitred);

} // namespace softrope::art
