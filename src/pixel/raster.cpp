#include "pixel/raster.h"

namespace softrope::pixel {

Grey greyOf(const Picture& picture)
{
    Grey grey(picture.width, picture.height);
    for (std::size_t i = 0; i < picture.data.size(); ++i) {
        const Rgba p = picture.data[i];
        const int luma = (299 * p.r + 587 * p.g + 114 * p.b + 500) / 1000;
        grey.data[i] = static_cast<std::uint8_t>((luma * p.a + 255 * (255 - p.a) + 127) / 255);
    }
    return grey;
}

} // namespace softrope::pixel
