#include "files/loaded_rows.h"

#include <algorithm>
#include <csetjmp>
#include <cstdio> // jpeglib.h wants it before itself
#include <cstring>

#include <jpeglib.h>
#include <png.h>

namespace softrope::files {

namespace {

// Ends as a whole JPEG does: with the marker EOI, after which some programs leave a few bytes.
bool endsAsJpeg(const std::vector<std::byte>& b)
{
    const std::size_t from = b.size() > 4096 ? b.size() - 4096 : 0;
    for (std::size_t k = b.size(); k >= from + 2; --k)
        if (b[k - 2] == std::byte{0xFF} && b[k - 1] == std::byte{0xD9}) return true;
    return false;
}

bool endsAsPng(const std::vector<std::byte>& b)
{
    constexpr char mark[] = {'I', 'E', 'N', 'D'};
    const std::size_t from = b.size() > 4096 ? b.size() - 4096 : 0;
    const auto* data = reinterpret_cast<const char*>(b.data());
    return std::search(data + from, data + b.size(), mark, mark + 4) != data + b.size();
}

struct JpegErrors {
    jpeg_error_mgr base{};
    std::jmp_buf out{};
    bool warned = false;
};

int jpegRows(const std::vector<std::byte>& bytes)
{
    JpegErrors errors;
    jpeg_decompress_struct d{};
    d.err = jpeg_std_error(&errors.base);
    d.client_data = &errors;
    errors.base.error_exit = [](j_common_ptr c) { std::longjmp(static_cast<JpegErrors*>(c->client_data)->out, 1); };
    errors.base.emit_message = [](j_common_ptr c, int level) {
        if (level < 0) static_cast<JpegErrors*>(c->client_data)->warned = true;
    };
    std::vector<JSAMPLE> line;
    volatile int rows = 0;
    if (setjmp(errors.out)) { // NOLINT(cert-err52-cpp): the library knows no other way
        jpeg_destroy_decompress(&d);
        return rows;
    }
    jpeg_create_decompress(&d);
    jpeg_mem_src(&d, reinterpret_cast<const unsigned char*>(bytes.data()), bytes.size());
    if (jpeg_read_header(&d, TRUE) == JPEG_HEADER_OK && jpeg_start_decompress(&d)) {
        line.resize(static_cast<std::size_t>(d.output_width) * static_cast<std::size_t>(d.output_components));
        while (d.output_scanline < d.output_height && !errors.warned) {
            JSAMPROW row = line.data();
            jpeg_read_scanlines(&d, &row, 1);
            if (!errors.warned) rows = static_cast<int>(d.output_scanline);
        }
    }
    jpeg_destroy_decompress(&d);
    return rows;
}

struct PngRows {
    int rows = 0;
    bool failed = false;
};

int pngRows(const std::vector<std::byte>& bytes)
{
    PngRows seen;
    png_structp png = png_create_read_struct(
        PNG_LIBPNG_VER_STRING, nullptr, [](png_structp p, png_const_charp) { png_longjmp(p, 1); }, [](png_structp, png_const_charp) {});
    if (!png) return -1;
    png_infop info = png_create_info_struct(png);
    if (!info || setjmp(png_jmpbuf(png))) { // NOLINT(cert-err52-cpp)
        png_destroy_read_struct(&png, &info, nullptr);
        return seen.rows;
    }
    png_set_progressive_read_fn(
        png, &seen, [](png_structp p, png_infop i) { png_read_update_info(p, i); },
        [](png_structp p, png_bytep, png_uint_32 row, int pass) {
            auto* s = static_cast<PngRows*>(png_get_progressive_ptr(p));
            if (pass == 0 || static_cast<int>(row) + 1 > s->rows) s->rows = std::max(s->rows, static_cast<int>(row) + 1);
        },
        [](png_structp, png_infop) {});
    // The library takes its input as not const, and does not write to it.
    png_process_data(png, info, reinterpret_cast<png_bytep>(const_cast<std::byte*>(bytes.data())), bytes.size());
    png_destroy_read_struct(&png, &info, nullptr);
    return seen.rows;
}

} // namespace

int loadedRows(const std::vector<std::byte>& bytes, const std::string& format)
{
    if (format == "jpeg" || format == "jpg") return endsAsJpeg(bytes) ? -1 : jpegRows(bytes);
    if (format == "png") return endsAsPng(bytes) ? -1 : pngRows(bytes);
    return -1;
}

} // namespace softrope::files
