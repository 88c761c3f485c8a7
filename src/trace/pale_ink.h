// Paler ink beside dark ink: lines less than half as dark as the rest, and ends of strokes that taper off, which one level for the whole page would
// lose.
#pragma once

#include "pixel/raster.h"

#include <cstdint>

namespace softrope::trace {

// Raises the cover of such lines and ends, of at least 0.3, until their edge lies at 0.5 like that of all others. What is drawn unevenly (a pencil below the
// ink), spots, and the soft edges of dark lines stay as they are. `noise` is the paper's, in cover. Gives how dark, of 255, lifted lines were in their middle
// near each place, 0 where nothing was lifted; empty if nothing was at all.
pixel::Raster<std::uint8_t> liftPaleInk(pixel::Raster<float>& cover, double noise);

} // namespace softrope::trace
