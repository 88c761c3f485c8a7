#include "pixel/lighting.h"
#include "pixel/threshold.h"
#include "render/render.h"

#include <algorithm>
#include <cmath>

namespace softrope::render {

pixel::Picture lit(const pixel::Picture& picture, double flattenLight, double liftPaper)
{
    if (picture.empty() || (flattenLight <= 0 && liftPaper <= 0)) return picture;
    const pixel::Grey grey = pixel::greyOf(picture);
    const pixel::PaperField field = pixel::paperField(grey, std::max(16, std::max(picture.width, picture.height) / 48));
    const pixel::Histogram h = pixel::histogram(grey);
    const double paper = pixel::levels(h, pixel::otsu(h)).light;
    pixel::Picture out = picture;
    const double flat = std::clamp(flattenLight, 0.0, 1.0), lift = std::clamp(liftPaper, 0.0, 1.0);
    // Lifting puts white a little below the paper's level, so that its grain goes too.
    const double white = 255 - lift * (255 - std::max(40.0, paper * 0.94));
    for (int y = 0; y < out.height; ++y)
        for (int x = 0; x < out.width; ++x) {
            pixel::Rgba& p = out.at(x, y);
            const double even = 1 + flat * (paper / std::max(1.0F, field.at(x + 0.5, y + 0.5)) - 1);
            const double gain = even * 255 / white;
            const auto apply = [&](std::uint8_t v) { return static_cast<std::uint8_t>(std::clamp(std::lround(v * gain), 0L, 255L)); };
            p.r = apply(p.r);
            p.g = apply(p.g);
            p.b = apply(p.b);
        }
    return out;
}

} // namespace softrope::render
