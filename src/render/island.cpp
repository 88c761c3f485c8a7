#include "render/island.h"

#include "render/contained.h"
#include "render/handles.h"

#include <librsvg/rsvg.h>

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <cstdio>
#include <list>
#include <mutex>
#include <string_view>

namespace softrope::render {

using curve::Affine;
using curve::Box;
using curve::Vec2;

namespace {

constexpr double mostSide = 4096; // px: what is larger on the surface is drawn by the part that is seen

std::string text(double v)
{
    char out[40];
    std::snprintf(out, sizeof out, "%.17g", v); // NOLINT(cppcoreguidelines-pro-type-vararg)
    // Whatever the user's locale has for a point.
    for (char& c : out)
        if (c == ',') c = '.';
    return out;
}

double single(double v)
{
    return static_cast<double>(static_cast<float>(v));
}

bool upright(const Affine& place)
{
    return place.b == 0 && place.c == 0 && place.a > 0 && place.d > 0;
}

// A drawing that librsvg has read, laid on a page by `place`.
class Drawing {
public:
    Drawing(const std::string& xml, double width, double height, const Affine& place) : page_{0, 0, width, height}
    {
        std::string before = R"(<svg xmlns="http://www.w3.org/2000/svg" )", after = "</svg>";
        if (upright(place)) {
            // librsvg reads the numbers of a file in single precision; the tiles of a pattern and the radii of filters become whole numbers of px after
            // that: 128 px are 127 then, stretched, and 1 px is 2. The surface's own scale is exact, and the page as wide for the file as for the caller.
            corner_ = {single(-place.e / place.a), single(-place.f / place.d)};
            scale_ = {place.a, place.d};
            page_ = {0, 0, single(width / place.a), single(height / place.d)};
            const std::string w = text(page_.width), h = text(page_.height);
            before += "width=\"" + w + "\" height=\"" + h + "\" viewBox=\"" + text(corner_.x) + ' ' + text(corner_.y) + ' ' + w + ' ' + h + "\">";
        } else {
            turned_ = true;
            const std::string w = text(width), h = text(height);
            before += "width=\"" + w + "\" height=\"" + h + "\" viewBox=\"0 0 " + w + ' ' + h + "\"><g transform=\"matrix(";
            for (const double v : {place.a, place.b, place.c, place.d, place.e, place.f}) before += text(v) + ' ';
            before += ")\">";
            after = "</g></svg>";
        }
        const std::string whole = before + xml + after;
        // No base: only what the drawing holds itself is loaded.
        RsvgHandle** made = &handle_;
        const std::string* text = &whole;
        const bool good = contained([made, text] {
            GInputStream* in = g_memory_input_stream_new_from_data(text->data(), static_cast<gssize>(text->size()), nullptr);
            GError* error = nullptr;
            *made = rsvg_handle_new_from_stream_sync(in, nullptr, RSVG_HANDLE_FLAG_UNLIMITED, nullptr, &error);
            g_object_unref(in);
            if (error) g_error_free(error);
            if (*made) rsvg_handle_set_dpi(*made, 96);
        });
        if (!good) handle_ = nullptr;
    }
    Drawing(const Drawing&) = delete;
    Drawing& operator=(const Drawing&) = delete;
    ~Drawing()
    {
        if (handle_) g_object_unref(handle_);
    }

    // Read once, painted again: this much larger, a part of what it shows at the surface's corner, to a whole px; how it lies is told. Nothing where
    // the page does not reach so far.
    std::optional<Affine> layAgain(double scale, const Box& part)
    {
        const Box whole{corner_, corner_ + Vec2{page_.width, page_.height}};
        if (turned_ || !whole.contains(part.min) || !whole.contains(part.max)) return std::nullopt;
        const Vec2 beyond = (part.min - corner_) * scale;
        scale_ = {scale, scale};
        page_.x = -std::floor(beyond.x) / scale;
        page_.y = -std::floor(beyond.y) / scale;
        return curve::scaling(scale, scale) * curve::translation(Vec2{page_.x, page_.y} - corner_);
    }

    // The page with its corner at the origin. On a context of its own: where the library fails, nobody may use that again.
    bool paint(cairo_t* cr) const
    {
        if (!handle_) return false;
        bool done = false;
        bool* told = &done;
        RsvgHandle* handle = handle_;
        const RsvgRectangle* page = &page_;
        cairo_scale(cr, scale_.x, scale_.y);
        const bool good = contained([told, handle, page, cr] {
            GError* error = nullptr;
            *told = rsvg_handle_render_document(handle, cr, page, &error) != 0;
            if (error) g_error_free(error);
        });
        if (!good) handle_ = nullptr; // left as it is: it is not to be touched
        return good && done;
    }
    // Of the page and beyond it: what is painted, and where shapes lie; in its own units.
    std::optional<Box> ink() const
    {
        if (!handle_) return std::nullopt;
        struct Found {
            RsvgRectangle at, ink, logical;
            RsvgHandle* handle;
            bool done;
        } found{page_, {}, {}, handle_, false};
        Found* f = &found;
        const bool good = contained([f] {
            GError* error = nullptr;
            f->done = rsvg_handle_get_geometry_for_layer(f->handle, nullptr, &f->at, &f->ink, &f->logical, &error) != 0;
            if (error) g_error_free(error);
        });
        if (!good) handle_ = nullptr;
        if (!good || !found.done) return std::nullopt;
        Box out;
        for (const RsvgRectangle& r : {found.ink, found.logical}) {
            if (!(r.width > 0 || r.height > 0) || !std::isfinite(r.x + r.y + r.width + r.height)) continue;
            out.add(corner_ + Vec2{r.x, r.y});
            out.add(corner_ + Vec2{r.x + r.width, r.y + r.height});
        }
        return out;
    }

private:
    RsvgRectangle page_; // in its own units; on the surface where it is turned
    Vec2 corner_, scale_{1, 1};
    bool turned_ = false;
    mutable RsvgHandle* handle_ = nullptr;
};

// Where there are pixels, of a page drawn small; `read` is the drawing as it may have been read for another page.
Box seenPart(const std::string& xml, const Box& page, Drawing* read)
{
    constexpr double side = 256; // px
    const double scale = side / std::max(page.width(), page.height());
    const int w = 1 + static_cast<int>(std::ceil(page.width() * scale)), h = 1 + static_cast<int>(std::ceil(page.height() * scale));
    SurfaceHandle image(cairo_image_surface_create(CAIRO_FORMAT_ARGB32, w, h));
    if (!image.good()) return {};
    Affine place = curve::scaling(scale, scale) * curve::translation(-page.min);
    {
        cairo_t* own = cairo_create(image.surface);
        const auto again = read ? read->layAgain(scale, page) : std::nullopt;
        if (again) place = *again;
        if (!(again ? read->paint(own) : Drawing(xml, w, h, place).paint(own))) return {}; // and the context stays
        cairo_destroy(own);
    }
    const Affine back = *curve::inverse(place);
    cairo_surface_flush(image.surface);
    Box out;
    const unsigned char* data = cairo_image_surface_get_data(image.surface);
    const int stride = cairo_image_surface_get_stride(image.surface);
    for (int y = 0; y < h; ++y) {
        const auto* row = reinterpret_cast<const std::uint32_t*>(data + static_cast<std::ptrdiff_t>(y) * stride);
        for (int x = 0; x < w; ++x)
            if (row[x] >> 24) {
                out.add(back * Vec2{x - 0.5, y - 0.5});
                out.add(back * Vec2{x + 1.5, y + 1.5});
            }
    }
    return out;
}

bool has(const std::string& text, std::string_view word)
{
    return text.find(word) != std::string::npos;
}

// Whether librsvg paints it in pixels of its own.
bool inPixels(const art::IslandSource& s)
{
    return has(s.xml, "<mask") || has(s.xml, "<filter");
}

// The box of what it paints in the pixels of the surface.
Box onDevice(const art::Island& island, const Affine& device)
{
    Box out;
    for (const Vec2 p : art::frame(island)) out.add(device * p);
    return out;
}

std::shared_ptr<const SurfaceHandle> painted(const art::IslandSource& source, int width, int height, const Affine& place)
{
    auto own = std::make_shared<const SurfaceHandle>(cairo_image_surface_create(CAIRO_FORMAT_ARGB32, width, height));
    if (!own->good()) return nullptr;
    cairo_t* within = cairo_create(own->surface);
    if (!Drawing(source.xml, width, height, place).paint(within)) return nullptr; // the context stays: it may be half-way through something
    cairo_destroy(within);
    cairo_surface_flush(own->surface);
    return own;
}

// What was painted last, by how it lay on the pixels: panning by whole pixels finds it again, and so do bands of one picture.
std::shared_ptr<const SurfaceHandle> laid(const art::Shared<art::IslandSource>& source, int width, int height, const Affine& place)
{
    struct Laid {
        std::weak_ptr<const art::IslandSource> source;
        Affine place;
        int width = 0, height = 0;
        std::shared_ptr<const SurfaceHandle> picture; // none where it cannot be painted
        long pixels() const { return static_cast<long>(width) * height; }
    };
    constexpr long most = 40'000'000; // px in all
    static std::mutex mutex;
    static std::list<Laid> all;
    {
        const std::lock_guard lock(mutex);
        for (auto i = all.begin(); i != all.end(); ++i)
            if (i->source.lock() == source.pointer() && i->place == place && i->width == width && i->height == height) {
                all.splice(all.begin(), all, i);
                return i->picture;
            }
    }
    auto made = painted(*source, width, height, place);
    const std::lock_guard lock(mutex);
    all.remove_if([](const Laid& l) { return l.source.expired(); });
    all.push_front({source.pointer(), place, width, height, made});
    long pixels = 0;
    for (auto i = all.begin(); i != all.end();) {
        pixels += i->pixels();
        i = pixels > most && i != all.begin() ? all.erase(i) : std::next(i);
    }
    return made;
}

// Pixels: librsvg works with the grid of the surface, as it does when it draws the whole file, so that masks and filters are as sharp.
void paintOnPixels(cairo_t* cr, const art::Island& island)
{
    const Affine device = toDevice(cr);
    Box page = onDevice(island, device);
    constexpr double rounding = 0.01; // px
    page = {{std::floor(page.min.x + rounding), std::floor(page.min.y + rounding)}, {std::ceil(page.max.x - rounding), std::ceil(page.max.y - rounding)}};
    page.max.x = std::max(page.max.x, page.min.x + 1);
    page.max.y = std::max(page.max.y, page.min.y + 1);
    Box seen;
    {
        cairo_save(cr);
        cairo_identity_matrix(cr);
        double x0 = 0, y0 = 0, x1 = 0, y1 = 0;
        cairo_clip_extents(cr, &x0, &y0, &x1, &y1);
        cairo_restore(cr);
        seen = {{std::floor(x0), std::floor(y0)}, {std::ceil(x1), std::ceil(y1)}};
    }
    if (!seen.meets(page)) return;
    const bool large = std::max(page.width(), page.height()) > mostSide;
    if (large) { // the part that is seen; filters look round what they draw
        constexpr double round = 256;
        const Box near = seen.grown(round);
        page = {{std::max(page.min.x, near.min.x), std::max(page.min.y, near.min.y)}, {std::min(page.max.x, near.max.x), std::min(page.max.y, near.max.y)}};
    }
    Affine place = curve::translation(-page.min) * device * island.place;
    // The same place to a thousandth of a pixel is the same drawing.
    place.e = std::round(place.e * 1024) / 1024;
    place.f = std::round(place.f * 1024) / 1024;
    const auto picture = laid(island.source, static_cast<int>(page.width()), static_cast<int>(page.height()), place);
    if (!picture) return;
    cairo_save(cr);
    cairo_identity_matrix(cr);
    cairo_set_source_surface(cr, picture->surface, page.min.x, page.min.y);
    cairo_paint(cr);
    cairo_restore(cr);
}

} // namespace

std::optional<Box> islandBox(const std::string& xml, const Box& sheet)
{
    // Any page does, since what lies beyond it counts too; for masks and filters librsvg makes pixels of its size. One that what is looked at
    // closely will lie in saves reading it twice, as long as it is small. Pictures are not counted by librsvg: rectangles in their places are.
    constexpr double beyond = 0.6, side = 16, mostPage = 1024; // of the larger side; px
    std::string counted = xml;
    for (std::size_t at = counted.find("<image "); at != std::string::npos; at = counted.find("<image ", at)) counted.replace(at, 6, "<rect ");
    for (std::size_t at = counted.find("</image>"); at != std::string::npos; at = counted.find("</image>", at)) counted.replace(at, 8, "</rect>");
    const Box whole = sheet.grown(beyond * std::max(sheet.width(), sheet.height()));
    const bool placed = std::min(whole.width(), whole.height()) > 1 && std::max(whole.width(), whole.height()) < mostPage;
    Drawing drawing(counted, placed ? whole.width() : side, placed ? whole.height() : side, placed ? curve::translation(-whole.min) : Affine{});
    const std::optional<Box> ink = drawing.ink();
    if (!ink || ink->empty()) return ink;
    if (!has(xml, "<filter") && !has(xml, "<mask") && !has(xml, "<marker"))
        return ink->grown(1e-9 * std::max(ink->width(), ink->height())); // one of no width is there too
    const double large = std::max(ink->width(), ink->height());
    // Of a small part of the sheet the whole one would be drawn large for nothing.
    const bool again = placed && counted == xml && large > 0.3 * std::max(sheet.width(), sheet.height());
    const Box seen = seenPart(xml, ink->grown(beyond * large), again ? &drawing : nullptr);
    if (seen.empty()) return ink; // it is there, though it paints nothing
    if (!has(xml, "<filter")) return seen;
    // With what filters take in, which may lie beside what they give.
    Box all = *ink;
    all.add(seen.min);
    all.add(seen.max);
    return all;
}

void paintIsland(cairo_t* cr, const art::Island& island)
{
    if (!island.source || island.source->box.empty()) return;
    const cairo_surface_type_t type = cairo_surface_get_type(cairo_get_target(cr));
    if (type == CAIRO_SURFACE_TYPE_IMAGE) {
        paintOnPixels(cr, island);
        return;
    }
    if (!inPixels(*island.source)) {
        const Box& page = island.source->box;
        SurfaceHandle record(cairo_recording_surface_create(CAIRO_CONTENT_COLOR_ALPHA, nullptr));
        if (!record.good()) return;
        cairo_t* within = cairo_create(record.surface);
        if (!Drawing(island.source->xml, page.width(), page.height(), curve::translation(-page.min)).paint(within)) return;
        cairo_destroy(within);
        cairo_save(cr);
        const cairo_matrix_t place = matrix(island.place * curve::translation(page.min));
        cairo_transform(cr, &place);
        cairo_set_source_surface(cr, record.surface, 0, 0);
        cairo_paint(cr);
        cairo_restore(cr);
        return;
    }
    Box device = onDevice(island, curve::scaling(pdfDensity, pdfDensity));
    const double shrink = std::min(1.0, 8000 / std::max(device.width(), device.height()));
    const double density = pdfDensity * shrink;
    const double x0 = std::floor(device.min.x * shrink) - 1, y0 = std::floor(device.min.y * shrink) - 1;
    const double w = std::ceil(device.max.x * shrink) + 1 - x0, h = std::ceil(device.max.y * shrink) + 1 - y0;
    if (!(w > 0 && h > 0 && w < 32000 && h < 32000)) return;
    SurfaceHandle image(cairo_image_surface_create(CAIRO_FORMAT_ARGB32, static_cast<int>(w), static_cast<int>(h)));
    if (!image.good()) return;
    {
        ContextHandle c(image.surface);
        const cairo_matrix_t m = matrix(curve::translation({-x0, -y0}) * curve::scaling(density, density));
        cairo_set_matrix(c.cr, &m);
        paintOnPixels(c.cr, island);
    }
    cairo_save(cr);
    cairo_scale(cr, 1 / density, 1 / density);
    cairo_set_source_surface(cr, image.surface, x0, y0);
    cairo_paint(cr);
    cairo_restore(cr);
}

} // namespace softrope::render
