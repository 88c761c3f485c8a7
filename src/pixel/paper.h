// The sheet of paper in a scan or a photograph: its four corners, and the picture as if looked at squarely.
//
// Paper is what is light and large; its sides are found again on the steep places along them. The proportions of a page seen askew follow
// from its corners and the camera's axis in the middle of the picture (Zhang and He 2007, Whiteboard scanning and image enhancement).
#pragma once

#include "pixel/raster.h"

#include <array>
#include <compare>
#include <optional>

namespace softrope::pixel {

// Picture px; may lie beyond the picture.
struct Corner {
    double x = 0, y = 0;
    friend auto operator<=>(const Corner&, const Corner&) = default;
};
// Clockwise as seen, from the top left.
using Corners = std::array<Corner, 4>;

// Nothing where no paper stands out from what is round it: it fills the picture, or is no quadrangle.
std::optional<Corners> paperCorners(const Grey& grey);
// True for corners in the right order round an area that is not hollow, of 16 px or more a side.
bool isPage(const Corners& c);

// Of a page with these corners in a picture of that size, as it would be squarely seen.
struct PageSize {
    int width = 0, height = 0;
};
PageSize squareSize(const Corners& c, int width, int height);
// That page; beyond the picture its border goes on. Corners that are no page give the picture as it is.
Picture squared(const Picture& picture, const Corners& c);
// From a place of the squared page to the picture it was made from.
Corner fromSquared(const Corners& c, int width, int height, Corner place);

} // namespace softrope::pixel
