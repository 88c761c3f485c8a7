// The picture shelf: made-up reference pictures that come with the program, in place of collections elsewhere.
#pragma once

#include "pixel/raster.h"

#include <functional>
#include <string>
#include <vector>

namespace softrope::demo {

struct ShelfPicture {
    std::string id, title, words; // what it can be found by
    std::string origin, licence;
    std::function<pixel::Picture(int width)> make;
};
const std::vector<ShelfPicture>& shelf();
// Those that hold every word of the search in title or words, whatever the case; all of them for none.
std::vector<ShelfPicture> searchShelf(const std::string& words);

} // namespace softrope::demo
