#include "render/paint_reference.h"

#include "render/handles.h"

#include <algorithm>
#include <cmath>

namespace softrope::render {

using curve::Affine;
using curve::Box;
using curve::Vec2;

void paintReference(cairo_t* cr, const art::Reference& r, double opacity, const Options& o)
{
    if (opacity <= 0 || !o.pictures) return;
    const auto picture = o.pictures(r);
    if (!picture || picture->empty() || !r.picture) return;
    // The picture handed out may be a smaller stand-in: it is stretched to the size the reference speaks of.
    const pixel::PageSize size = art::pictureSize(r);
    const double sx = static_cast<double>(size.width) / picture->width, sy = static_cast<double>(size.height) / picture->height;
    const Affine onDevice = toDevice(cr) * art::placement(r) * curve::scaling(sx, sy);
    double cx0 = 0, cy0 = 0, cx1 = 0, cy1 = 0;
    cairo_clip_extents(cr, &cx0, &cy0, &cx1, &cy1);
    const auto back = curve::inverse(art::placement(r) * curve::scaling(sx, sy));
    if (!back) return;
    Box seen;
    for (const Vec2 p : {Vec2{cx0, cy0}, Vec2{cx1, cy0}, Vec2{cx1, cy1}, Vec2{cx0, cy1}}) seen.add(*back * p);
    // Only what is seen is handed to Cairo, halved until about one sample falls on each pixel: large pictures pan fast
    // and do not shimmer.
    const Box part = art::shownPart(r);
    const int x0 = std::max(static_cast<int>(std::floor(std::max(seen.min.x, part.min.x / sx))) - 2, 0),
              y0 = std::max(static_cast<int>(std::floor(std::max(seen.min.y, part.min.y / sy))) - 2, 0);
    const int x1 = std::min(static_cast<int>(std::ceil(std::min(seen.max.x, part.max.x / sx))) + 2, picture->width),
              y1 = std::min(static_cast<int>(std::ceil(std::min(seen.max.y, part.max.y / sy))) + 2, picture->height);
    if (x1 <= x0 || y1 <= y0) return;
    const int every = std::max(1, static_cast<int>(std::floor(1 / std::max(curve::meanScale(onDevice), 1e-6))));
    const int w = (x1 - x0 + every - 1) / every, h = (y1 - y0 + every - 1) / every;
    SurfaceHandle image(cairo_image_surface_create(CAIRO_FORMAT_ARGB32, w, h));
    if (!image.good()) return;
    cairo_surface_flush(image.surface);
    unsigned char* data = cairo_image_surface_get_data(image.surface);
    const int stride = cairo_image_surface_get_stride(image.surface);
    for (int y = 0; y < h; ++y) {
        if (o.cancelled && (y & 63) == 0 && o.cancelled()) return;
        auto* row = reinterpret_cast<std::uint32_t*>(data + static_cast<std::ptrdiff_t>(y) * stride);
        for (int x = 0; x < w; ++x) {
            unsigned sr = 0, sg = 0, sb = 0, sa = 0, n = 0;
            const int step = std::max(1, every / 4);
            for (int v = y0 + y * every; v < std::min(y1, y0 + (y + 1) * every); v += step)
                for (int u = x0 + x * every; u < std::min(x1, x0 + (x + 1) * every); u += step) {
                    const pixel::Rgba p = picture->at(u, v);
                    sr += p.r * p.a;
                    sg += p.g * p.a;
                    sb += p.b * p.a;
                    sa += p.a;
                    ++n;
                }
            const unsigned k = 255 * std::max(1U, n);
            row[x] = (sa / std::max(1U, n)) << 24 | (sr / k) << 16 | (sg / k) << 8 | (sb / k);
        }
    }
    cairo_surface_mark_dirty(image.surface);
    cairo_save(cr);
    const cairo_matrix_t place = matrix(art::placement(r));
    cairo_transform(cr, &place);
    cairo_rectangle(cr, part.min.x, part.min.y, part.width(), part.height());
    cairo_clip(cr);
    cairo_scale(cr, sx, sy);
    cairo_translate(cr, x0, y0);
    cairo_scale(cr, every, every);
    cairo_set_source_surface(cr, image.surface, 0, 0);
    cairo_pattern_set_extend(cairo_get_source(cr), CAIRO_EXTEND_PAD);
    cairo_pattern_set_filter(cairo_get_source(cr), curve::meanScale(onDevice) > 3 ? CAIRO_FILTER_NEAREST : CAIRO_FILTER_BILINEAR);
    cairo_paint_with_alpha(cr, std::min(1.0, opacity));
    cairo_restore(cr);
}

} // namespace softrope::render
