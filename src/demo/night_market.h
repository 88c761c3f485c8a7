// The demo document: a scan of the moth sketch as reference, part of it traced.
#pragma once

#include "art/document.h"
#include "pixel/raster.h"

#include <functional>

namespace softrope::demo {

// `encode` turns a picture into PNG bytes (the core does not encode pictures itself).
art::Document nightMarketMoth(const std::function<std::vector<std::byte>(const pixel::Picture&)>& encode);

} // namespace softrope::demo
