// The picture shelf: made-up reference pictures that come with the program, in place of collections elsewhere.
#pragma once

#include "demo/photo.h"

#include <string>
#include <vector>

namespace softrope::demo {

struct ShelfPicture {
    std::string id, title, words; // what it can be found by
    std::string origin, licence;
    PhotoOptions options; // its seed; size, progress and the way to stop it are for whoever makes it
    pixel::Picture make(const PhotoOptions& how) const;
};
const std::vector<ShelfPicture>& shelf();
// Those that hold every word of the search in title or words, whatever the case; all of them for none.
std::vector<ShelfPicture> searchShelf(const std::string& wanted);

} // namespace softrope::demo
