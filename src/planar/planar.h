// The planar map: what overlapping lines and shapes enclose.
//
// Knows areas, outlines made of sub-curves of the inputs, gaps that count as closed, slivers, set operations, and how to
// follow pieces of crossing lines. Knows nothing of colours, layers or the screen. Start with build.h and map.h; strand.h,
// meet.h, arrange.h and snap.h are the way there.
#pragma once

#include "planar/build.h"
#include "planar/combine.h"
#include "planar/follow.h"
#include "planar/map.h"
#include "planar/wider_gaps.h"
