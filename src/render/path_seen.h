// Paths given to Cairo as far as they can be seen: pieces a million times as large as the surface are flattened by it all the same.
#pragma once

#include "curve/path.h"

typedef struct _cairo cairo_t; // NOLINT(bugprone-reserved-identifier): Cairo's own name

namespace softrope::render {

// The paths as Cairo's current path.
void tracePaths(cairo_t* cr, const curve::Paths& paths);

enum class As { area, line };
// The same where it is seen. What lies beyond `seen` (with the width of lines in it) goes by chords that no ray from within can tell from
// it, for areas, or is left out, for lines: for lines without dashes only. Paths not much larger than `seen` are given as they are.
void traceSeen(cairo_t* cr, const curve::Paths& paths, const curve::Box& seen, As as);

} // namespace softrope::render
