// The demo document: a scan of the moth sketch as reference, part of it traced.
#pragma once

#include "art/document.h"
#include "pixel/raster.h"

#include <functional>

namespace softrope::demo {

// `encode` turns a picture into PNG bytes (the core does not encode pictures itself).
art::Document nightMarketMoth(const std::function<std::vector<std::byte>(const pixel::Picture&)>& encode);

// A round teapot from circles that touch and lines that overlap; the construction stays under its carved shapes.
art::Document nightMarketTeapot();
// The half-drawn moth, mirrored and welded, with colour areas under its lines; the halves are kept on a hidden layer.
art::Document nightMarketWholeMoth();

} // namespace softrope::demo
