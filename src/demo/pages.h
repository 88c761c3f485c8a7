// The demo's world, the Saltglass Night Market: sketches drawn by a generator, with the true lines known.
//
// The generator stands in for a person with a pencil: every line in two or three passes, with wobble, pressure and
// paper grain. `scanner.h` then returns such a page as a scanner would. Nothing here is used by the real work.
#pragma once

#include "art/document.h"
#include "curve/path.h"
#include "pixel/raster.h"

#include <cstdint>
#include <string>
#include <vector>

namespace softrope::demo {

struct Page {
    std::string id;     // "moth"
    std::string title;  // "Moth emblem"
    curve::Paths lines; // the lines that were meant, px on a sheet of 1080 x 1080
    std::uint64_t seed = 1;
};

// The pages on the paper pile: the moth whole, the moth half drawn with its axis, the paper lantern, the teapot.
std::vector<Page> pages();
// Nothing's page is empty.
Page page(const std::string& id);

// Left half of the moth, and the whole of it.
curve::Paths mothHalf();
curve::Paths moth();

// The pencil passes over the page's lines, as artwork on a document of 1080 x 1080.
art::Document pencilled(const Page& page);

} // namespace softrope::demo
