// Faults of the drawing as a whole: what is hidden, left over or doubled, colours, words, what the process cannot take.
#pragma once

#include "proof/things.h"

namespace softrope::proof {

// The same outline twice with the same look; of each pair the lower one can go.
std::vector<Finding> doubleFaults(const std::vector<Thing>& things, const Sizes& sizes);
std::vector<Finding> leftFaults(const art::Document& d);
std::vector<Finding> colourFaults(const art::Document& d, const Limits& l);
std::vector<Finding> wordFaults(const art::Document& d, const Limits& l);
// What cannot be seen in a picture of the sheet of that width: what it covers hardly changes when it is left out (by more than 2 in
// CIEDE2000 at any pixel). Only what is small enough for that is tried, up to 200 things.
std::vector<Finding> smallFaults(const art::Document& d, int width);

} // namespace softrope::proof
