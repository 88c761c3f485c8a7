#include "pixel/raster.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

namespace softrope::pixel {

Grey greyOf(const Picture& picture)
{
    Grey grey(picture.width, picture.height);
    tbb::parallel_for(tbb::blocked_range<std::size_t>(0, picture.data.size(), 1 << 16), [&](const tbb::blocked_range<std::size_t>& some) {
        for (std::size_t i = some.begin(); i < some.end(); ++i) {
            const Rgba p = picture.data[i];
            const int luma = (299 * p.r + 587 * p.g + 114 * p.b + 500) / 1000;
            grey.data[i] = static_cast<std::uint8_t>((luma * p.a + 255 * (255 - p.a) + 127) / 255);
        }
    });
    return grey;
}

} // namespace softrope::pixel
