// Joining all ends that nearly meet.
#pragma once

#include "art/edited.h"

namespace softrope::art {

// All ends within `tolerance` px of each other, nearest first.
struct Joined {
    Document document;
    int pairs = 0;
};
Joined withAllEndsJoined(const Document& d, double tolerance);
// How many pairs that would be, about: each end counted once.
int endPairCount(const Document& d, double tolerance);

} // namespace softrope::art
