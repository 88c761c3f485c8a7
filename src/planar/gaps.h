// Gaps that count as closed: straight bridges from open ends to what they nearly reach, and between closed paths that
// nearly touch.
#pragma once

#include "planar/arrange.h"
#include "planar/map.h"
#include "planar/reaches.h"

namespace softrope::planar {

// Ends that meet nothing, nearest pairs first and each used once; then the ends that are left, each to the nearest point of
// another path (or a far part of its own) within `gap` px; then closed paths that come within `gap` without touching. An end
// that sticks out past a crossing by less than `gap`, and a sharp corner of an open line, goes on to what lies ahead of it only.
// `kept`, if given, has been brought up to date for these strands and this gap.
std::vector<Bridge> bridges(const std::vector<const Strand*>& strands, const std::vector<Between>& meetings, double gap, double touch,
                            KeptReaches* kept = nullptr);

} // namespace softrope::planar
