// Tones: a picture becomes few flat regions that abut.
//
// Knows how to find the colours a picture is made of, which pixel belongs to which (the half-tones of edges to neither of
// their own), and the one region map whose borders are shared: each is fitted once, and three or more regions meet in common
// points. Knows nothing of documents. Start with tones.h; palette.h, labels.h and region_map.h are the way there.
#pragma once

#include "tone/tones.h"
