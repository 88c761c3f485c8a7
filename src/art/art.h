// The art room, on one page.
//
// It knows: the document value (sheet, layers, references, lines and areas), the edits that lead from one document to
// the next, the history of them, what snaps to what, and how a hand stroke becomes a line. It does not know: windows,
// pointers, files, or how anything is painted.
#pragma once

#include "art/colour.h"
#include "art/document.h"
#include "art/edits.h"
#include "art/history.h"
#include "art/snap.h"
