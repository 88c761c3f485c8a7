// The art room, on one page.
//
// It knows: the document value (sheet, layers, a tree of items: lines and areas, pictures, groups), the recipes of what is worked
// out (recipe.h, live.h), the edits that lead from one document to the next, the history of them, what snaps to what, and how a
// hand stroke becomes a line. It does not know: windows, pointers, files, or how anything is painted.
#pragma once

#include "art/arrange.h"
#include "art/colour.h"
#include "art/document.h"
#include "art/edits.h"
#include "art/history.h"
#include "art/hit.h"
#include "art/live.h"
#include "art/snap.h"
#include "art/tree.h"
