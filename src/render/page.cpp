#include "render/page.h"

#include "render/handles.h"

#include <cairo-pdf.h>
#include <cairo-ps.h>

namespace softrope::render {

using curve::Vec2;

namespace {

constexpr double markLength = 13.5, off = 6.75; // points

cairo_status_t collect(void* to, const unsigned char* data, unsigned length)
{
    auto* out = static_cast<std::vector<std::byte>*>(to);
    const auto* from = reinterpret_cast<const std::byte*>(data);
    out->insert(out->end(), from, from + length);
    return CAIRO_STATUS_SUCCESS;
}

curve::Box areaOf(const art::Document& d, const Page& page)
{
    if (!page.area.empty()) return page.area;
    curve::Box all;
    all.add(Vec2{0, 0});
    all.add(Vec2{d.sheet.width, d.sheet.height});
    return all;
}

double marginOf(const Page& page)
{
    return page.bleed + (page.cropMarks ? (off + markLength) / page.ptPerPx : 0);
}

void crosses(cairo_t* cr, const curve::Box& area, const Page& page)
{
    cairo_set_source_rgb(cr, 0, 0, 0);
    cairo_set_line_width(cr, 0.25 / page.ptPerPx);
    const double from = page.bleed + off / page.ptPerPx, to = from + markLength / page.ptPerPx;
    for (const double x : {area.min.x, area.max.x})
        for (const double y : {area.min.y, area.max.y}) {
            const double sx = x == area.min.x ? -1 : 1, sy = y == area.min.y ? -1 : 1;
            cairo_move_to(cr, x + sx * from, y);
            cairo_line_to(cr, x + sx * to, y);
            cairo_move_to(cr, x, y + sy * from);
            cairo_line_to(cr, x, y + sy * to);
        }
    cairo_stroke(cr);
}

void paintPage(cairo_surface_t* surface, const art::Document& d, const Page& page, const Options& o)
{
    const curve::Box area = areaOf(d, page);
    const double margin = marginOf(page);
    ContextHandle c(surface);
    cairo_scale(c.cr, page.ptPerPx, page.ptPerPx);
    cairo_translate(c.cr, margin - area.min.x, margin - area.min.y);
    cairo_save(c.cr);
    const curve::Box within = area.grown(page.bleed);
    cairo_rectangle(c.cr, within.min.x, within.min.y, within.width(), within.height());
    cairo_clip(c.cr);
    if (o.background && d.sheet.hasBackground) {
        const art::Colour b = d.sheet.background;
        cairo_set_source_rgb(c.cr, b.r / 255.0, b.g / 255.0, b.b / 255.0);
        cairo_paint(c.cr);
    }
    paint(c.cr, d, o);
    cairo_restore(c.cr);
    if (page.cropMarks) crosses(c.cr, area, page);
    cairo_show_page(c.cr);
}

bool finished(cairo_surface_t* surface)
{
    cairo_surface_finish(surface);
    return cairo_surface_status(surface) == CAIRO_STATUS_SUCCESS;
}

Vec2 sizeOf(const art::Document& d, const Page& page)
{
    const curve::Box area = areaOf(d, page);
    const double margin = marginOf(page);
    return {(area.width() + 2 * margin) * page.ptPerPx, (area.height() + 2 * margin) * page.ptPerPx};
}

// The document information dictionary (ISO 32000-1, 14.3.3) has no place for a licence: it stands with the description.
void tellAbout(cairo_surface_t* pdf, const art::Document& d)
{
    const auto tell = [&](cairo_pdf_metadata_t what, const std::string& text) {
        if (!text.empty()) cairo_pdf_surface_set_metadata(pdf, what, text.c_str());
    };
    tell(CAIRO_PDF_METADATA_TITLE, d.title);
    tell(CAIRO_PDF_METADATA_AUTHOR, d.about.author);
    tell(CAIRO_PDF_METADATA_SUBJECT, d.about.description + (d.about.description.empty() || d.about.licence.empty() ? "" : ". ") + d.about.licence);
}

} // namespace

std::vector<std::byte> renderPdf(const art::Document& d, const Page& page, const Options& o)
{
    std::vector<std::byte> bytes;
    const Vec2 size = sizeOf(d, page);
    SurfaceHandle pdf(cairo_pdf_surface_create_for_stream(collect, &bytes, size.x, size.y));
    if (!pdf.good()) return {};
    tellAbout(pdf.surface, d);
    paintPage(pdf.surface, d, page, o);
    if (!finished(pdf.surface)) return {};
    return bytes;
}

std::vector<std::byte> renderPdf(const std::vector<art::Document>& pages, const Options& o)
{
    std::vector<std::byte> bytes;
    const Vec2 size = sizeOf(pages.front(), {});
    SurfaceHandle pdf(cairo_pdf_surface_create_for_stream(collect, &bytes, size.x, size.y));
    if (!pdf.good()) return {};
    tellAbout(pdf.surface, pages.front());
    for (const art::Document& d : pages) {
        const Vec2 of = sizeOf(d, {});
        cairo_pdf_surface_set_size(pdf.surface, of.x, of.y);
        paintPage(pdf.surface, d, {}, o);
    }
    if (!finished(pdf.surface)) return {};
    return bytes;
}

std::vector<std::byte> renderEps(const art::Document& d, const Page& page, const Options& o)
{
    std::vector<std::byte> bytes;
    const Vec2 size = sizeOf(d, page);
    SurfaceHandle eps(cairo_ps_surface_create_for_stream(collect, &bytes, size.x, size.y));
    if (!eps.good()) return {};
    cairo_ps_surface_set_eps(eps.surface, 1);
    cairo_ps_surface_restrict_to_level(eps.surface, CAIRO_PS_LEVEL_3);
    cairo_surface_set_fallback_resolution(eps.surface, 300, 300);
    paintPage(eps.surface, d, page, o);
    if (!finished(eps.surface)) return {};
    return bytes;
}

} // namespace softrope::render
