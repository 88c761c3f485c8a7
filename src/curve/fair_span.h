// One piece between given tangents that lies near its samples and goes on evenly from its neighbours.
#pragma once

#include "curve/seed.h"

#include <optional>

namespace softrope::curve {

// Signed curvature, in 1/px, of the smooth neighbours where they meet the piece; none at corners, straights and ends.
struct Meeting {
    std::optional<double> before, after;
};
// Of the stretch from one node to another further on.
Meeting meetingOf(const Path& path, std::size_t from, std::size_t to);

// The nearest piece (fitSpan), its handles then balanced so that the curvature jumps as little as it can where the neighbours meet it, for a
// tenth more of root mean square distance and `slack` / 10 px beside it at most. Source: the jump of curvature as what the eye takes for unevenness
// (Moreton and Sequin 1992); that both handles' lengths follow from the curvatures at the ends where those are met exactly: de Boor, Hoellig
// and Sabin 1987, High accuracy geometric Hermite interpolation. Handles stay longer than `least` (px, at its start and its end): shorter ones make
// a corner of a smooth end.
SpanFit fairSpan(const Samples& s, Run run, Vec2 from, double fromAngle, Vec2 to, double toAngle, const Meeting& meeting, double slack, Vec2 least = {});

} // namespace softrope::curve
