// Mirroring: the axis, found or set, and the weld of two halves.
//
// Knows reflections, how to find a symmetry in edges, and how halves become one path. Knows nothing of layers: which lines
// are mirrored is the document's matter (art/).
#pragma once

#include "mirror/axis.h"
#include "mirror/half_axis.h"
#include "mirror/weld.h"
