// The trace room, on one page.
//
// It knows how pixels become curves: dark shapes as outlines, ink and pencil lines as strokes along their middle, and the rope that
// settles on an edge. It does not know documents, colours of artwork or the screen.
//
//   Grey --outline--> Silhouettes      Grey --inkField--> field --thinned--> skeleton --graphOf--> branches --strokesOf--> Strokes
//   Picture --edgeMap--> EdgeMap --LiveWire--> way --settled--> rope --refined--> rope --ropeCurve--> Path
#pragma once

#include "trace/edge_map.h"  // where edges and dark lines are
#include "trace/laying.h"    // from hold to hold, and the rope as a whole
#include "trace/lines.h"     // ink and pencil lines to strokes
#include "trace/live_wire.h" // cheapest way along edges
#include "trace/outline.h"   // dark shapes to closed paths
#include "trace/rope.h"      // a loose line settles on an edge
