// Tones: a picture becomes few flat regions that abut, or straight pieces.
//
// Knows how to find the colours a picture is made of, which pixel belongs to which (the half-tones of edges to neither of
// their own), and the one region map whose borders are shared: each is fitted once, and three or more regions meet in common
// points. Knows nothing of documents. Start with tones.h for colours as they are found and with stack.h
// for tones cut at chosen levels; calm.h, palette.h, labels.h, components.h, region_map.h and shapes.h are the way there. facets.h
// has outlines cut by straights, and meshes over a picture.
#pragma once

#include "tone/facets.h"
#include "tone/stack.h"
#include "tone/tones.h"
