// The curve room, on one page.
//
// It knows: vectors, affine maps, cubic pieces and paths; their length, area, bounds, nearest points and crossings; how
// to fit the fewest smooth pieces to samples, to reduce nodes, and all hand work on nodes. It does not know: pixels,
// documents, colours, or what a stroke looks like on screen.
//
//   samples --fit--> Path --reduce--> Path          Path --edit--> Path
#pragma once

#include "curve/affine.h"    // maps of the plane
#include "curve/arcs.h"      // exact arcs, nodes at the extremes
#include "curve/box.h"       // boxes
#include "curve/cubic.h"     // one cubic piece
#include "curve/edit.h"      // nodes, handles, bend, open, merge
#include "curve/fit.h"       // samples to the fewest pieces within slack
#include "curve/path.h"      // nodes and pieces; the only path type
#include "curve/quick_fit.h" // the one-pass fit for previews and very long rows
#include "curve/redraw.h"    // a stroke takes the place of a part
#include "curve/reduce.h"    // fewer nodes
#include "curve/round.h"     // corners to arcs
#include "curve/stray.h"     // how far samples lie from a path
#include "curve/swell.h"     // width along a line, and its outline
#include "curve/tolerances.h"
#include "curve/vec.h"
