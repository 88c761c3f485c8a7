// The ink field: how much of each place of a page is line, 0 = paper, 1 = line; its level 0.5 is the line's edge.
//
// Ink on paper is evened out (pixel/lighting.h) and scaled between the medians of paper and ink. Pencil is pale and
// broken by the paper's grain, so it is softened, kept by two thresholds (weak marks only where they touch firm ones:
// Canny 1986, hysteresis), and measured against the darkness of the marks near by. Passes of a rough pencil that run
// side by side are then filled in between: what lies between them is decided by their distance and by how nearly they run
// alike.
#pragma once

#include "pixel/raster.h"
#include "trace/medium.h"

#include <functional>

namespace softrope::trace {

struct InkFieldOptions {
    Medium medium = Medium::find;
    double gather = 1; // 0..3: how far apart passes of one line may lie; 1 = three and a half times the width of one pass
    std::function<bool()> cancelled;
};

struct InkField {
    pixel::Raster<float> cover;
    Medium medium = Medium::ink;
    double grain = 1;                   // px: typical roughness of the edges, for the fit
    double pass = 0;                    // px: typical width of one mark of a pencil, 0 for ink
    double softened = 0;                // px: standard deviation of the smoothing pencil went through, ours and a lens's; widths are to be freed of it
    double share = 1;                   // of ink, 0..1: how dark most lines are in their middle, beside ink that lies wide: less where they are mostly blur
    double narrow = 0;                  // px, of ink: so wide a line seems that is mostly blur, 0 for pencil
    pixel::Raster<std::uint8_t> filled; // not 0 where there is only the gap between passes; empty for ink
    pixel::Raster<std::uint8_t> lifted; // of ink, where lines are paler than most: how dark, of 255 (pale_ink.h); empty where none is
};

// An even or empty picture gives a field of paper.
InkField inkField(const pixel::Grey& grey, const InkFieldOptions& options);

// The field at a place of the picture, bilinear, paper beyond the picture.
float sample(const pixel::Raster<float>& field, double x, double y);

} // namespace softrope::trace
