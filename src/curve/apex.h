// Nodes where a line bends most: a tight round inside a longer piece is held by a node of its own (common practice, no source).
#pragma once

#include "curve/path.h"

namespace softrope::curve {

// The same curve; where a piece has a round inside that bends plainly more than both its ends, it gets a node at the round's apex. A
// handle that runs past where the tangents of both ends cross, which makes a hook, is drawn back to there if nothing moves by more than
// `slack` px.
Path withApexNodes(const Path& path, double slack);

// Pieces that swing to both sides, to one of them about as tightly as `slack` px lets a round be lost: they were led round a bend and past it.
std::size_t hooks(const Path& path, double slack);

} // namespace softrope::curve
