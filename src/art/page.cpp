#include "art/page.h"

#include "curve/polygon.h"
#include "pixel/shrink.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace softrope::art {

using curve::Box;
using curve::Vec2;

void cropTo(Reference& r, const Box& part)
{
    const curve::Affine before = placement(r);
    r.crop = part;
    r.centre = before * shownPart(r).centre();
}

void setPaper(Reference& r, const std::optional<pixel::Corners>& paper)
{
    // Where the page lies on the sheet now: of a picture not yet squared, its corners; of a squared one, all of it.
    const curve::Affine on = placement(r);
    const pixel::PageSize before = pictureSize(r);
    Vec2 centre = on * Vec2{before.width / 2.0, before.height / 2.0};
    double wide = before.width * r.scale;
    if (paper && !r.paper) {
        std::array<Vec2, 4> at;
        for (std::size_t k = 0; k < 4; ++k) at[k] = on * Vec2{(*paper)[k].x, (*paper)[k].y};
        centre = 0.25 * (at[0] + at[1] + at[2] + at[3]);
        wide = std::max(distance(at[0], at[1]), distance(at[3], at[2]));
    } else if (!paper && r.paper && r.picture) {
        // Back to what it was: the page as wide on the whole picture as it is now.
        const pixel::Corners& c = *r.paper;
        const double across = std::max(std::hypot(c[1].x - c[0].x, c[1].y - c[0].y), std::hypot(c[2].x - c[3].x, c[2].y - c[3].y));
        wide *= r.picture->width / std::max(1.0, across);
    }
    r.paper = paper;
    r.crop = {};
    r.turn = 0;
    r.centre = centre;
    r.scale = wide / std::max(1, pictureSize(r).width);
}

FoundPage findPage(const pixel::Picture& picture)
{
    FoundPage found;
    const pixel::Grey grey = pixel::greyOf(picture);
    found.corners = pixel::paperCorners(grey);
    if (!found.corners) found.skew = pixel::skewOf(grey);
    return found;
}

void squareTo(Reference& r, const FoundPage& found, const std::optional<Sheet>& sheet)
{
    constexpr double sure = 0.05, inset = 0.004; // of the page's longer side
    if (found.corners) {
        setPaper(r, found.corners);
        const pixel::PageSize size = pictureSize(r);
        const double in = inset * std::max(size.width, size.height);
        r.crop = {{in, in}, {size.width - in, size.height - in}};
        if (sheet) {
            r.centre = {sheet->width / 2, sheet->height / 2};
            r.scale = std::min(sheet->width / r.crop.width(), sheet->height / r.crop.height());
        }
    } else if (found.skew.confidence >= sure) {
        r.turn = -found.skew.angle;
    }
}

TracedPage tracedPage(const pixel::Picture& picture, const Reference& r, const std::vector<Vec2>& outline, int shrink, bool blankIsDark)
{
    const curve::Affine toSheet = placement(r);
    const curve::Affine back = inverse(toSheet).value_or(curve::Affine{});
    curve::Box box = shownPart(r);
    std::vector<Vec2> ring;
    for (const Vec2 p : outline) ring.push_back(back * p);
    if (ring.size() > 2) {
        curve::Box of;
        for (const Vec2 p : ring) of.add(p);
        box.min = {std::max(box.min.x, of.min.x), std::max(box.min.y, of.min.y)};
        box.max = {std::min(box.max.x, of.max.x), std::min(box.max.y, of.max.y)};
    }
    const int x0 = std::clamp(static_cast<int>(std::floor(box.min.x)), 0, picture.width),
              y0 = std::clamp(static_cast<int>(std::floor(box.min.y)), 0, picture.height);
    const int x1 = std::clamp(static_cast<int>(std::ceil(box.max.x)), x0, picture.width),
              y1 = std::clamp(static_cast<int>(std::ceil(box.max.y)), y0, picture.height);
    TracedPage page;
    const int w = (x1 - x0) / shrink, h = (y1 - y0) / shrink;
    if (box.empty() || w < 2 || h < 2) return page;
    pixel::Picture cut(x1 - x0, y1 - y0);
    for (int y = y0; y < y1; ++y) std::copy(picture.row(y) + x0, picture.row(y) + x1, cut.row(y - y0));
    cut = pixel::shrunk(cut, shrink);
    page.grey = pixel::greyOf(cut);
    page.colours = std::move(cut);
    if (ring.size() > 2)
        for (int y = 0; y < h; ++y)
            for (int x = 0; x < w; ++x)
                if (!insidePolygon(ring, {x0 + (x + 0.5) * shrink, y0 + (y + 0.5) * shrink})) {
                    page.grey.at(x, y) = blankIsDark ? 0 : 255;
                    page.colours.at(x, y) = {255, 255, 255, 255};
                }
    page.toSheet = toSheet * curve::Affine{static_cast<double>(shrink), 0, 0, static_cast<double>(shrink), static_cast<double>(x0), static_cast<double>(y0)};
    return page;
}

} // namespace softrope::art
