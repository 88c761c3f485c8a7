#include "render/render.h"

#include "art/build.h"
#include "art/edits.h"

#include <cairo-pdf.h>
#include <cairo.h>

#include <algorithm>
#include <cmath>

namespace softrope::render {

using art::Artwork;
using curve::Affine;
using curve::Box;
using curve::Vec2;

namespace {

void setColour(cairo_t* cr, art::Colour c, double opacity)
{
    cairo_set_source_rgba(cr, c.r / 255.0, c.g / 255.0, c.b / 255.0, opacity);
}

void trace(cairo_t* cr, const curve::Paths& paths)
{
    cairo_new_path(cr);
    for (const curve::Path& p : paths) {
        if (p.empty() || !curve::isFinite(p)) continue;
        cairo_move_to(cr, p.nodes.front().at.x, p.nodes.front().at.y);
        for (std::size_t i = 0; i < p.pieceCount(); ++i) {
            const curve::Cubic c = p.piece(i);
            if (curve::isStraight(c)) {
                if (p.closed && i + 1 == p.pieceCount()) break;
                cairo_line_to(cr, c.p3.x, c.p3.y);
            } else {
                cairo_curve_to(cr, c.p1.x, c.p1.y, c.p2.x, c.p2.y, c.p3.x, c.p3.y);
            }
        }
        if (p.closed) cairo_close_path(cr);
    }
}

// The fill's paint as the source; colours between stops are mixed without premultiplying, as SVG has it and Cairo does.
void setFill(cairo_t* cr, const art::Fill& fill, double opacity)
{
    if (!fill.gradient || fill.gradient->stops.empty()) {
        setColour(cr, *fill.colour, fill.opacity * opacity);
        return;
    }
    const art::Gradient& g = *fill.gradient;
    const auto toUnit = curve::inverse(g.place);
    if (!toUnit) { // flattened to nothing: the last colour fills all
        setColour(cr, g.stops.back().colour, g.stops.back().opacity * fill.opacity * opacity);
        return;
    }
    cairo_pattern_t* p = g.kind == art::Gradient::Kind::linear ? cairo_pattern_create_linear(0, 0, 1, 0) : cairo_pattern_create_radial(0, 0, 0, 0, 0, 1);
    for (const art::GradientStop& s : g.stops)
        cairo_pattern_add_color_stop_rgba(p, s.at, s.colour.r / 255.0, s.colour.g / 255.0, s.colour.b / 255.0, s.opacity * fill.opacity * opacity);
    cairo_pattern_set_extend(p, CAIRO_EXTEND_PAD);
    cairo_matrix_t m;
    cairo_matrix_init(&m, toUnit->a, toUnit->b, toUnit->c, toUnit->d, toUnit->e, toUnit->f);
    cairo_pattern_set_matrix(p, &m);
    cairo_set_source(cr, p);
    cairo_pattern_destroy(p);
}

void paintArtwork(cairo_t* cr, const Artwork& a, double opacity)
{
    const bool fills = a.fill.colour.has_value(), strokes = a.stroke.colour.has_value() && a.stroke.width > 0;
    if (!fills && !strokes) return;
    // Line and area that overlap must fade as one.
    const bool group = opacity < 1 && fills && strokes;
    const double own = group ? 1 : opacity;
    if (group) cairo_push_group(cr);
    trace(cr, a.paths);
    if (fills) {
        cairo_set_fill_rule(cr, a.fill.evenOdd ? CAIRO_FILL_RULE_EVEN_ODD : CAIRO_FILL_RULE_WINDING);
        setFill(cr, a.fill, own);
        const bool overlaps = a.fill.overlap > 0 && !strokes;
        if ((strokes && !a.stroke.swell) || overlaps)
            cairo_fill_preserve(cr);
        else
            cairo_fill(cr);
        if (overlaps) { // reaches under its neighbours
            cairo_set_line_width(cr, 2 * a.fill.overlap);
            cairo_set_line_join(cr, CAIRO_LINE_JOIN_ROUND);
            cairo_stroke(cr);
        }
    }
    if (strokes && a.stroke.swell) {
        cairo_new_path(cr);
        trace(cr, *art::swelledOutlines(a));
        cairo_set_fill_rule(cr, CAIRO_FILL_RULE_WINDING);
        setColour(cr, *a.stroke.colour, a.stroke.opacity * own);
        cairo_fill(cr);
    } else if (strokes) {
        cairo_set_line_width(cr, a.stroke.width);
        cairo_set_line_cap(cr, a.stroke.cap == art::Cap::round ? CAIRO_LINE_CAP_ROUND : CAIRO_LINE_CAP_BUTT);
        cairo_set_line_join(cr, a.stroke.join == art::Join::round   ? CAIRO_LINE_JOIN_ROUND
                                : a.stroke.join == art::Join::mitre ? CAIRO_LINE_JOIN_MITER
                                                                    : CAIRO_LINE_JOIN_BEVEL);
        cairo_set_miter_limit(cr, 4);
        setColour(cr, *a.stroke.colour, a.stroke.opacity * own);
        cairo_stroke(cr);
    }
    if (group) {
        cairo_pop_group_to_source(cr);
        cairo_paint_with_alpha(cr, opacity);
    }
}

// The lines of a half that is not there yet.
void paintGhost(cairo_t* cr, const Artwork& a, const Options::Ghost& ghost)
{
    const double dashes[] = {9 * ghost.px, 5 * ghost.px};
    cairo_save(cr);
    trace(cr, a.paths);
    cairo_set_dash(cr, dashes, 2, 0);
    cairo_set_line_cap(cr, CAIRO_LINE_CAP_BUTT);
    cairo_set_line_width(cr, std::clamp(a.stroke.width, 1.2 * ghost.px, 4.5 * ghost.px));
    setColour(cr, ghost.colour, 1);
    cairo_stroke(cr);
    cairo_restore(cr);
}

struct SurfaceHandle {
    cairo_surface_t* surface = nullptr;
    explicit SurfaceHandle(cairo_surface_t* s) : surface(s) {}
    SurfaceHandle(const SurfaceHandle&) = delete;
    SurfaceHandle& operator=(const SurfaceHandle&) = delete;
    ~SurfaceHandle()
    {
        if (surface) cairo_surface_destroy(surface);
    }
    bool good() const { return surface && cairo_surface_status(surface) == CAIRO_STATUS_SUCCESS; }
};

struct ContextHandle {
    cairo_t* cr;
    explicit ContextHandle(cairo_surface_t* s) : cr(cairo_create(s)) {}
    ContextHandle(const ContextHandle&) = delete;
    ContextHandle& operator=(const ContextHandle&) = delete;
    ~ContextHandle() { cairo_destroy(cr); }
};

cairo_matrix_t matrix(const Affine& m)
{
    cairo_matrix_t c;
    cairo_matrix_init(&c, m.a, m.b, m.c, m.d, m.e, m.f);
    return c;
}

void paintReference(cairo_t* cr, const art::Reference& r, double opacity, const Options& o)
{
    if (opacity <= 0 || !o.pictures) return;
    const auto picture = o.pictures(r);
    if (!picture || picture->empty() || !r.picture) return;
    // The picture handed out may be a smaller stand-in: it is stretched to the size the reference speaks of.
    const double sx = static_cast<double>(r.picture->width) / picture->width, sy = static_cast<double>(r.picture->height) / picture->height;
    cairo_matrix_t now;
    cairo_get_matrix(cr, &now);
    const Affine toDevice = Affine{now.xx, now.yx, now.xy, now.yy, now.x0, now.y0} * art::placement(r) * curve::scaling(sx, sy);
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
    const int every = std::max(1, static_cast<int>(std::floor(1 / std::max(curve::meanScale(toDevice), 1e-6))));
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
    cairo_pattern_set_filter(cairo_get_source(cr), curve::meanScale(toDevice) > 3 ? CAIRO_FILTER_NEAREST : CAIRO_FILTER_BILINEAR);
    cairo_paint_with_alpha(cr, std::min(1.0, opacity));
    cairo_restore(cr);
}

} // namespace

void paint(cairo_t* cr, const art::Document& d, const Options& o)
{
    if (o.background && d.sheet.hasBackground) {
        cairo_rectangle(cr, 0, 0, d.sheet.width, d.sheet.height);
        setColour(cr, d.sheet.background, 1);
        cairo_fill(cr);
    }
    double cx0 = 0, cy0 = 0, cx1 = 0, cy1 = 0;
    cairo_clip_extents(cr, &cx0, &cy0, &cx1, &cy1);
    const Box clip{{cx0, cy0}, {cx1, cy1}};
    for (const art::LayerPtr& l : d.layers) {
        if (!l->shown || l->opacity <= 0 || l->items.empty()) continue;
        const bool group = l->opacity < 1 && l->items.size() > 1;
        if (group) cairo_push_group(cr);
        const double opacity = group ? 1 : l->opacity;
        for (const art::ItemPtr& i : l->items) {
            if (o.cancelled && o.cancelled()) break;
            if (std::find(o.without.begin(), o.without.end(), i->id) != o.without.end()) continue;
            if (const Artwork* a = i->artwork()) {
                if (!o.artwork) continue;
                if (a->guide) continue;
                // Mitred corners reach beyond the bounds, by at most the mitre limit of 4.
                const Box b = art::bounds(*i).grown(a->stroke.colour && a->stroke.join == art::Join::mitre ? 2 * a->stroke.width : 0);
                if (b.empty() || !b.meets(clip)) continue;
                paintArtwork(cr, *a, i->opacity * opacity);
            } else if (o.references) {
                cairo_save(cr);
                if (!o.referencesBeyondSheet) {
                    cairo_rectangle(cr, 0, 0, d.sheet.width, d.sheet.height);
                    cairo_clip(cr);
                }
                paintReference(cr, *i->reference(), i->opacity * opacity * i->reference()->dim * o.veil, o);
                cairo_restore(cr);
            }
        }
        if (o.artwork)
            for (const art::Item& i : art::mirroredItems(*l)) {
                if (std::find(o.without.begin(), o.without.end(), i.id) != o.without.end() || i.artwork()->guide || !art::bounds(i).meets(clip)) continue;
                if (o.ghost)
                    paintGhost(cr, *i.artwork(), *o.ghost);
                else
                    paintArtwork(cr, *i.artwork(), i.opacity * opacity);
            }
        if (group) {
            cairo_pop_group_to_source(cr);
            cairo_paint_with_alpha(cr, l->opacity);
        }
    }
}

Surface renderView(const art::Document& d, const Affine& view, int width, int height, const Options& o)
{
    Surface s;
    if (width <= 0 || height <= 0) return s;
    s.width = width;
    s.height = height;
    s.pixels.assign(static_cast<std::size_t>(width) * static_cast<std::size_t>(height), 0);
    SurfaceHandle image(cairo_image_surface_create_for_data(reinterpret_cast<unsigned char*>(s.pixels.data()), CAIRO_FORMAT_ARGB32, width, height, width * 4));
    if (!image.good()) return {};
    {
        ContextHandle c(image.surface);
        const cairo_matrix_t m = matrix(view);
        cairo_set_matrix(c.cr, &m);
        paint(c.cr, d, o);
    }
    cairo_surface_flush(image.surface);
    return s;
}

pixel::Picture renderSheet(const art::Document& d, int width, const Options& o)
{
    width = std::clamp(width, 1, 30000);
    const double scale = width / d.sheet.width;
    const int height = std::clamp(static_cast<int>(std::lround(d.sheet.height * scale)), 1, 30000);
    const Surface s = renderView(d, curve::scaling(scale, scale), width, height, o);
    if (s.width == 0) return {};
    pixel::Picture p(width, height);
    for (std::size_t i = 0; i < s.pixels.size(); ++i) {
        const std::uint32_t v = s.pixels[i], a = v >> 24;
        const auto straight = [&](std::uint32_t c) { return static_cast<std::uint8_t>(a == 0 ? 0 : std::min(255U, (c * 255 + a / 2) / a)); };
        p.data[i] = {straight((v >> 16) & 255), straight((v >> 8) & 255), straight(v & 255), static_cast<std::uint8_t>(a)};
    }
    return p;
}

std::vector<std::byte> renderPdf(const art::Document& d, const Options& o)
{
    std::vector<std::byte> bytes;
    const auto write = [](void* to, const unsigned char* data, unsigned length) -> cairo_status_t {
        auto* out = static_cast<std::vector<std::byte>*>(to);
        const auto* from = reinterpret_cast<const std::byte*>(data);
        out->insert(out->end(), from, from + length);
        return CAIRO_STATUS_SUCCESS;
    };
    SurfaceHandle pdf(cairo_pdf_surface_create_for_stream(write, &bytes, d.sheet.width * 0.75, d.sheet.height * 0.75));
    if (!pdf.good()) return {};
    if (!d.title.empty()) cairo_pdf_surface_set_metadata(pdf.surface, CAIRO_PDF_METADATA_TITLE, d.title.c_str());
    {
        ContextHandle c(pdf.surface);
        cairo_scale(c.cr, 0.75, 0.75);
        paint(c.cr, d, o);
        cairo_show_page(c.cr);
    }
    cairo_surface_finish(pdf.surface);
    if (cairo_surface_status(pdf.surface) != CAIRO_STATUS_SUCCESS) return {};
    return bytes;
}

} // namespace softrope::render
