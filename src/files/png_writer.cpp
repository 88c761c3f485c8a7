#include "files/pictures.h"

#include <algorithm>
#include <cmath>
#include <csetjmp>
#include <new>

#include <png.h>

namespace softrope::files {

namespace {

// What PNG 1.2, 9.6 says: artwork of flat colours is smallest as it is, photographs and scans as differences. (Differences from the row
// above take half as long to work out as the choice among all filters, for the same size.)
int filterFor(const pixel::Picture& picture)
{
    constexpr int rows = 64; // looked at
    long long flat = 0, all = 0;
    for (int k = 0; k < rows; ++k) {
        const int y = static_cast<int>(static_cast<long long>(k) * picture.height / rows);
        for (int x = 1; x < picture.width; ++x) flat += picture.at(x, y) == picture.at(x - 1, y) ? 1 : 0;
        all += picture.width - 1;
    }
    return 2 * flat >= all ? PNG_FILTER_NONE : PNG_FILTER_UP;
}

// libpng gives up by a jump: what it jumps over must hold nothing that needs to be let go.
struct Writing {
    png_structp png = nullptr;
    png_infop info = nullptr;
    std::vector<std::byte> out;
    ~Writing() { png_destroy_write_struct(&png, &info); }
};

bool written(Writing& w, const pixel::Picture& picture, bool opaque, int dotsPerMetre, int level, int filter)
{
    if (setjmp(png_jmpbuf(w.png))) return false; // NOLINT(cert-err52-cpp): the library knows no other way
    png_set_write_fn(
        w.png, &w.out,
        [](png_structp png, png_bytep data, png_size_t size) {
            auto* out = static_cast<std::vector<std::byte>*>(png_get_io_ptr(png));
            bool fits = true;
            try {
                const auto* from = reinterpret_cast<const std::byte*>(data);
                out->insert(out->end(), from, from + size);
            } catch (const std::bad_alloc&) {
                fits = false;
            }
            if (!fits) png_error(png, "no memory");
        },
        [](png_structp) {});
    png_set_IHDR(w.png, w.info, static_cast<png_uint_32>(picture.width), static_cast<png_uint_32>(picture.height), 8,
                 opaque ? PNG_COLOR_TYPE_RGB : PNG_COLOR_TYPE_RGB_ALPHA, PNG_INTERLACE_NONE, PNG_COMPRESSION_TYPE_DEFAULT, PNG_FILTER_TYPE_DEFAULT);
    png_set_sRGB(w.png, w.info, PNG_sRGB_INTENT_PERCEPTUAL);
    png_set_pHYs(w.png, w.info, static_cast<png_uint_32>(dotsPerMetre), static_cast<png_uint_32>(dotsPerMetre), PNG_RESOLUTION_METER);
    png_set_compression_level(w.png, level);
    png_set_compression_buffer_size(w.png, 1 << 16);
    png_set_filter(w.png, PNG_FILTER_TYPE_BASE, filter);
    png_write_info(w.png, w.info);
    if (opaque) png_set_filler(w.png, 0, PNG_FILLER_AFTER);
    for (int y = 0; y < picture.height; ++y) png_write_row(w.png, reinterpret_cast<png_const_bytep>(&picture.at(0, y)));
    png_write_end(w.png, w.info);
    return true;
}

} // namespace

std::vector<std::byte> writePng(const pixel::Picture& picture, double dotsPerInch, Packing packing)
{
    if (picture.width <= 0 || picture.height <= 0) return {};
    Writing w;
    w.png = png_create_write_struct(
        PNG_LIBPNG_VER_STRING, nullptr, [](png_structp p, png_const_charp) { png_longjmp(p, 1); }, [](png_structp, png_const_charp) {});
    if (w.png) w.info = png_create_info_struct(w.png);
    if (!w.info) return {};
    const bool opaque = std::all_of(picture.data.begin(), picture.data.end(), [](pixel::Rgba c) { return c.a == 255; });
    const int dotsPerMetre = static_cast<int>(std::lround(dotsPerInch / 0.0254));
    constexpr int quick = 2, small = 6; // of zlib's nine levels
    if (!written(w, picture, opaque, dotsPerMetre, packing == Packing::quick ? quick : small, filterFor(picture))) return {};
    return std::move(w.out);
}

} // namespace softrope::files
