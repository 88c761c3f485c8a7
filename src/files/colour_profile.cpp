#include "files/colour_profile.h"

#include <algorithm>
#include <array>
#include <csetjmp>
#include <cstdio> // jpeglib.h wants it before itself
#include <cstdlib>
#include <cstring>
#include <memory>

#include <jpeglib.h>
#include <lcms2.h>
#include <png.h>
#include <tbb/parallel_for.h>

namespace softrope::files {

namespace {

constexpr std::size_t mostProfile = 8'000'000;

struct JpegErrors {
    jpeg_error_mgr base{};
    std::jmp_buf out{};
};

void beQuiet(jpeg_decompress_struct& d, JpegErrors& errors)
{
    d.err = jpeg_std_error(&errors.base);
    d.client_data = &errors;
    errors.base.error_exit = [](j_common_ptr c) { std::longjmp(static_cast<JpegErrors*>(c->client_data)->out, 1); };
    errors.base.emit_message = [](j_common_ptr, int) {};
}

void feed(jpeg_decompress_struct& d, const std::vector<std::byte>& bytes)
{
    jpeg_create_decompress(&d);
    jpeg_mem_src(&d, reinterpret_cast<const unsigned char*>(bytes.data()), bytes.size());
}

std::vector<std::byte> jpegProfile(const std::vector<std::byte>& bytes)
{
    std::vector<std::byte> profile;
    JpegErrors errors;
    jpeg_decompress_struct d{};
    beQuiet(d, errors);
    JOCTET* data = nullptr;
    unsigned length = 0;
    if (setjmp(errors.out)) { // NOLINT(cert-err52-cpp): the library knows no other way
        jpeg_destroy_decompress(&d);
        return {};
    }
    feed(d, bytes);
    jpeg_save_markers(&d, JPEG_APP0 + 2, 0xFFFF);
    if (jpeg_read_header(&d, TRUE) == JPEG_HEADER_OK && jpeg_read_icc_profile(&d, &data, &length) && length <= mostProfile) {
        const auto* from = reinterpret_cast<const std::byte*>(data);
        profile.assign(from, from + length);
    }
    std::free(data); // NOLINT(cppcoreguidelines-no-malloc): given so by the library
    jpeg_destroy_decompress(&d);
    return profile;
}

std::vector<std::byte> pngProfile(const std::vector<std::byte>& bytes)
{
    struct Source {
        const std::vector<std::byte>& bytes;
        std::size_t at = 0;
    } source{bytes};
    std::vector<std::byte> profile;
    png_structp png = png_create_read_struct(
        PNG_LIBPNG_VER_STRING, nullptr, [](png_structp p, png_const_charp) { png_longjmp(p, 1); }, [](png_structp, png_const_charp) {});
    if (!png) return {};
    png_infop info = png_create_info_struct(png);
    if (!info || setjmp(png_jmpbuf(png))) { // NOLINT(cert-err52-cpp)
        png_destroy_read_struct(&png, &info, nullptr);
        return {};
    }
    png_set_chunk_malloc_max(png, mostProfile);
    png_set_read_fn(png, &source, [](png_structp p, png_bytep into, std::size_t n) {
        auto* s = static_cast<Source*>(png_get_io_ptr(p));
        if (n > s->bytes.size() - s->at) png_error(p, "cut off");
        std::memcpy(into, s->bytes.data() + s->at, n);
        s->at += n;
    });
    png_read_info(png, info);
    png_charp name = nullptr;
    png_bytep data = nullptr;
    png_uint_32 length = 0;
    int compression = 0;
    if (png_get_iCCP(png, info, &name, &compression, &data, &length) == PNG_INFO_iCCP) {
        const auto* from = reinterpret_cast<const std::byte*>(data);
        profile.assign(from, from + length);
    }
    png_destroy_read_struct(&png, &info, nullptr);
    return profile;
}

struct Close {
    void operator()(void* p) const { cmsCloseProfile(p); }
};
using Profile = std::unique_ptr<void, Close>;
struct Delete {
    void operator()(void* t) const { cmsDeleteTransform(t); }
};
using Transform = std::unique_ptr<void, Delete>;

Profile opened(const std::vector<std::byte>& profile)
{
    return Profile(profile.empty() ? nullptr : cmsOpenProfileFromMem(profile.data(), static_cast<cmsUInt32Number>(profile.size())));
}

Transform transformFrom(const Profile& from, cmsUInt32Number format)
{
    const Profile srgb(cmsCreate_sRGBProfile());
    // Without its cache a transform can be used by many threads.
    return Transform(from && srgb ? cmsCreateTransform(from.get(), format, srgb.get(), TYPE_RGBA_8, INTENT_RELATIVE_COLORIMETRIC,
                                                       cmsFLAGS_NOCACHE | cmsFLAGS_BLACKPOINTCOMPENSATION | cmsFLAGS_COPY_ALPHA)
                                  : nullptr);
}

// Nothing changes by more than a step of 8 bits, which decoding itself may be off.
bool changesNothing(const Transform& t)
{
    std::vector<std::array<std::uint8_t, 4>> in, out;
    for (int r = 0; r <= 255; r += 51)
        for (int g = 0; g <= 255; g += 51)
            for (int b = 0; b <= 255; b += 51) in.push_back({static_cast<std::uint8_t>(r), static_cast<std::uint8_t>(g), static_cast<std::uint8_t>(b), 255});
    out = in;
    cmsDoTransform(t.get(), in.data(), out.data(), static_cast<cmsUInt32Number>(in.size()));
    for (std::size_t k = 0; k < in.size(); ++k)
        for (std::size_t c = 0; c < 3; ++c)
            if (std::abs(in[k][c] - out[k][c]) > 1) return false;
    return true;
}

} // namespace

std::vector<std::byte> profileIn(const std::vector<std::byte>& bytes, const std::string& format)
{
    return format == "jpeg" || format == "jpg" ? jpegProfile(bytes) : format == "png" ? pngProfile(bytes) : std::vector<std::byte>{};
}

bool toSrgb(pixel::Picture& picture, const std::vector<std::byte>& profile)
{
    const Profile from = opened(profile);
    if (!from) return false;
    const cmsColorSpaceSignature space = cmsGetColorSpace(from.get());
    if (space != cmsSigRgbData && space != cmsSigGrayData) return false;
    const bool grey = space == cmsSigGrayData;
    const Transform t = transformFrom(from, grey ? TYPE_GRAYA_8 : TYPE_RGBA_8);
    if (!t || (!grey && changesNothing(t))) return false;
    tbb::parallel_for(0, picture.height, [&](int y) {
        pixel::Rgba* row = picture.row(y);
        if (!grey) {
            cmsDoTransform(t.get(), row, row, static_cast<cmsUInt32Number>(picture.width));
            return;
        }
        std::vector<std::uint8_t> values(2 * static_cast<std::size_t>(picture.width));
        for (int x = 0; x < picture.width; ++x) {
            values[2 * static_cast<std::size_t>(x)] = row[x].r;
            values[2 * static_cast<std::size_t>(x) + 1] = row[x].a;
        }
        cmsDoTransform(t.get(), values.data(), row, static_cast<cmsUInt32Number>(picture.width));
    });
    return true;
}

bool hasFourInks(const std::vector<std::byte>& jpeg)
{
    JpegErrors errors;
    jpeg_decompress_struct d{};
    beQuiet(d, errors);
    volatile bool four = false;
    if (setjmp(errors.out)) { // NOLINT(cert-err52-cpp)
        jpeg_destroy_decompress(&d);
        return false;
    }
    feed(d, jpeg);
    four = jpeg_read_header(&d, TRUE) == JPEG_HEADER_OK && d.num_components == 4;
    jpeg_destroy_decompress(&d);
    return four;
}

pixel::Picture fromFourInks(const std::vector<std::byte>& jpeg, const std::vector<std::byte>& profile, const std::function<bool()>& cancelled)
{
    const Profile from = opened(profile);
    if (!from || cmsGetColorSpace(from.get()) != cmsSigCmykData) return {};
    pixel::Picture out;
    std::vector<JSAMPLE> line;
    Transform t;
    JpegErrors errors;
    jpeg_decompress_struct d{};
    beQuiet(d, errors);
    if (setjmp(errors.out)) { // NOLINT(cert-err52-cpp): the rows that were there are kept
        jpeg_destroy_decompress(&d);
        return out;
    }
    feed(d, jpeg);
    constexpr unsigned markerLength = 12;
    jpeg_save_markers(&d, JPEG_APP0 + 14, markerLength);
    if (jpeg_read_header(&d, TRUE) == JPEG_HEADER_OK && d.num_components == 4) {
        d.out_color_space = JCS_CMYK;
        // With the marker APP14 255 - ink is kept (ITU-T T.872, 6.5.3).
        bool inverted = false;
        for (jpeg_saved_marker_ptr m = d.marker_list; m; m = m->next) inverted = inverted || (m->marker == JPEG_APP0 + 14 && m->data_length >= markerLength);
        t = transformFrom(from, inverted ? TYPE_CMYK_8_REV : TYPE_CMYK_8);
        if (t && jpeg_start_decompress(&d)) {
            out = pixel::Picture(static_cast<int>(d.output_width), static_cast<int>(d.output_height), pixel::Rgba{255, 255, 255, 255});
            line.resize(4 * static_cast<std::size_t>(d.output_width));
            while (d.output_scanline < d.output_height && !(cancelled && cancelled())) {
                pixel::Rgba* row = out.row(static_cast<int>(d.output_scanline));
                JSAMPROW into = line.data();
                jpeg_read_scanlines(&d, &into, 1);
                cmsDoTransform(t.get(), line.data(), row, d.output_width);
                for (unsigned x = 0; x < d.output_width; ++x) row[x].a = 255;
            }
        }
    }
    jpeg_destroy_decompress(&d);
    return cancelled && cancelled() ? pixel::Picture() : std::move(out);
}

} // namespace softrope::files
