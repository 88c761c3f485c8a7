// Colours that pictures keep in a space of their own. The reference is Little CMS on single colours, and the profiles' own definitions.
#include "files/colour_profile.h"
#include "files/pictures.h"

#include <catch2/catch.hpp>
#include <QBuffer>
#include <QColorSpace>
#include <QImage>

#include <cmath>
#include <cstdio>
#include <cstring>
#include <thread>

#include <jpeglib.h>
#include <lcms2.h>
#include <png.h>

using namespace softrope;

namespace {

std::vector<std::byte> saved(cmsHPROFILE profile)
{
    cmsUInt32Number size = 0;
    REQUIRE(cmsSaveProfileToMem(profile, nullptr, &size));
    std::vector<std::byte> bytes(size);
    REQUIRE(cmsSaveProfileToMem(profile, bytes.data(), &size));
    cmsCloseProfile(profile);
    return bytes;
}

// Wide primaries with a plain gamma of 563/256 (opRGB: IEC 61966-2-5, from memory).
std::vector<std::byte> wideProfile()
{
    const cmsCIExyY white{0.3127, 0.3290, 1};
    const cmsCIExyYTRIPLE primaries{{0.64, 0.33, 1}, {0.21, 0.71, 1}, {0.15, 0.06, 1}};
    cmsToneCurve* gamma = cmsBuildGamma(nullptr, 2.19921875);
    cmsToneCurve* curves[] = {gamma, gamma, gamma};
    const auto bytes = saved(cmsCreateRGBProfile(&white, &primaries, curves));
    cmsFreeToneCurve(gamma);
    return bytes;
}

std::vector<std::byte> greyProfile(double gamma)
{
    const cmsCIExyY white{0.3127, 0.3290, 1};
    cmsToneCurve* curve = cmsBuildGamma(nullptr, gamma);
    const auto bytes = saved(cmsCreateGrayProfile(&white, curve));
    cmsFreeToneCurve(curve);
    return bytes;
}

// Four inks as filters: L = 100 (1 - C)(1 - M)(1 - Y)(1 - K), without hue. Enough to be told from the plain sum of inks.
std::vector<std::byte> inkProfile()
{
    cmsHPROFILE p = cmsCreateProfilePlaceholder(nullptr);
    cmsSetProfileVersion(p, 2.1);
    cmsSetDeviceClass(p, cmsSigOutputClass);
    cmsSetColorSpace(p, cmsSigCmykData);
    cmsSetPCS(p, cmsSigLabData);
    cmsPipeline* way = cmsPipelineAlloc(nullptr, 4, 3);
    cmsStage* grid = cmsStageAllocCLut16bit(nullptr, 9, 4, 3, nullptr);
    cmsStageSampleCLut16bit(
        grid,
        [](const cmsUInt16Number in[], cmsUInt16Number out[], void*) -> cmsInt32Number {
            double light = 1;
            for (int k = 0; k < 4; ++k) light *= 1 - in[k] / 65535.0;
            out[0] = static_cast<cmsUInt16Number>(std::lround(light * 0xFF00)); // as version 2 keeps Lab
            out[1] = out[2] = 0x8000;
            return 1;
        },
        nullptr, 0);
    cmsPipelineInsertStage(way, cmsAT_END, grid);
    for (const cmsTagSignature tag : {cmsSigAToB0Tag, cmsSigAToB1Tag}) REQUIRE(cmsWriteTag(p, tag, way));
    cmsPipelineFree(way);
    const cmsCIEXYZ white = *cmsD50_XYZ();
    cmsWriteTag(p, cmsSigMediaWhitePointTag, &white);
    return saved(p);
}

struct Out {
    std::vector<std::byte> bytes;
};

// A PNG of one colour, of so many bits a channel, with the profile.
std::vector<std::byte> png(int bits, int type, const std::vector<unsigned>& colour, const std::vector<std::byte>& profile)
{
    Out out;
    png_structp p = png_create_write_struct(PNG_LIBPNG_VER_STRING, nullptr, nullptr, nullptr);
    png_infop info = png_create_info_struct(p);
    png_set_write_fn(
        p, &out,
        [](png_structp w, png_bytep data, std::size_t n) {
            auto* o = static_cast<Out*>(png_get_io_ptr(w));
            const auto* from = reinterpret_cast<const std::byte*>(data);
            o->bytes.insert(o->bytes.end(), from, from + n);
        },
        [](png_structp) {});
    constexpr unsigned side = 8;
    png_set_IHDR(p, info, side, side, bits, type, PNG_INTERLACE_NONE, PNG_COMPRESSION_TYPE_DEFAULT, PNG_FILTER_TYPE_DEFAULT);
    if (!profile.empty())
        png_set_iCCP(p, info, "own", PNG_COMPRESSION_TYPE_BASE, reinterpret_cast<png_const_bytep>(profile.data()), static_cast<png_uint_32>(profile.size()));
    png_write_info(p, info);
    std::vector<png_byte> row;
    for (unsigned x = 0; x < side; ++x)
        for (const unsigned v : colour) {
            if (bits == 16) row.push_back(static_cast<png_byte>(v >> 8U));
            row.push_back(static_cast<png_byte>(v & 255U));
        }
    for (unsigned y = 0; y < side; ++y) png_write_row(p, row.data());
    png_write_end(p, info);
    png_destroy_write_struct(&p, &info);
    return out.bytes;
}

// A JPEG of four inks (values 0 none .. 255 full), kept as 255 - ink with the marker APP14 (ITU-T T.872, 6.5.3), or plainly, with the profile in APP2.
std::vector<std::byte> inkJpeg(const std::array<int, 4>& ink, bool inverted, const std::vector<std::byte>& profile)
{
    jpeg_compress_struct c{};
    jpeg_error_mgr errors{};
    c.err = jpeg_std_error(&errors);
    jpeg_create_compress(&c);
    unsigned char* data = nullptr;
    unsigned long size = 0;
    jpeg_mem_dest(&c, &data, &size);
    c.image_width = c.image_height = 16;
    c.input_components = 4;
    c.in_color_space = JCS_CMYK;
    jpeg_set_defaults(&c);
    jpeg_set_quality(&c, 98, TRUE);
    jpeg_start_compress(&c, TRUE);
    if (!profile.empty()) jpeg_write_icc_profile(&c, reinterpret_cast<const JOCTET*>(profile.data()), static_cast<unsigned>(profile.size()));
    std::vector<JSAMPLE> row;
    for (int x = 0; x < 16; ++x)
        for (const int v : ink) row.push_back(static_cast<JSAMPLE>(inverted ? 255 - v : v));
    JSAMPROW rows[] = {row.data()};
    while (c.next_scanline < c.image_height) jpeg_write_scanlines(&c, rows, 1);
    jpeg_finish_compress(&c);
    const auto* from = reinterpret_cast<const std::byte*>(data);
    std::vector<std::byte> out(from, from + size);
    jpeg_destroy_compress(&c);
    std::free(data);
    // The library always writes the marker for four inks: taken out where the file is to be plain.
    if (!inverted) {
        const std::byte mark[] = {std::byte{0xFF}, std::byte{0xEE}};
        const auto at = std::search(out.begin(), out.end(), std::begin(mark), std::end(mark));
        REQUIRE(at + 16 <= out.end());
        out.erase(at, at + 2 + std::to_integer<int>(*(at + 3))); // the mark itself and what its length says
    }
    return out;
}

pixel::Rgba middle(const std::vector<std::byte>& bytes)
{
    const files::PictureResult r = files::readPicture(bytes, "picture");
    INFO(r.problem);
    REQUIRE(r.ok());
    return r.picture.at(r.picture.width / 2, r.picture.height / 2);
}

// sRGB of a lightness (CIE 15:2004, 8.2.1; IEC 61966-2-1).
int greyOf(double lightness)
{
    const double f = (lightness + 16) / 116, y = lightness > 8 ? f * f * f : lightness / 903.3;
    return static_cast<int>(std::lround(255 * (y <= 0.0031308 ? 12.92 * y : 1.055 * std::pow(y, 1 / 2.4) - 0.055)));
}

} // namespace

TEST_CASE("colours of a wide space come in as what they look like")
{
    const auto profile = wideProfile();
    // A pure green of the wide space lies outside sRGB: as green as that gets. A mid grey keeps its lightness under another curve.
    const pixel::Rgba green = middle(png(8, PNG_COLOR_TYPE_RGB, {0, 255, 0}, profile));
    CHECK(green.g == 255);
    CHECK(green.r == 0);
    const pixel::Rgba grey = middle(png(8, PNG_COLOR_TYPE_RGB, {128, 128, 128}, profile));
    const double y = std::pow(128 / 255.0, 2.19921875);
    CHECK(std::abs(grey.r - 255 * (1.055 * std::pow(y, 1 / 2.4) - 0.055)) <= 1);
    CHECK(grey.r == grey.b);
    // (180, 90, 40) worked out by hand: linear light by the curve, through both spaces' primaries (SMPTE RP 177-1993) to sRGB.
    const pixel::Rgba brown = middle(png(8, PNG_COLOR_TYPE_RGB, {180, 90, 40}, profile));
    const double r = std::pow(180 / 255.0, 2.19921875), g = std::pow(90 / 255.0, 2.19921875);
    CHECK(std::abs(brown.r - 255 * (1.055 * std::pow(1.3983 * r - 0.3983 * g, 1 / 2.4) - 0.055)) <= 2);
    CHECK(std::abs(brown.g - 255 * (1.055 * std::pow(g, 1 / 2.4) - 0.055)) <= 2);
    // Without a profile, and with sRGB's own, nothing changes.
    CHECK(middle(png(8, PNG_COLOR_TYPE_RGB, {180, 90, 40}, {})) == pixel::Rgba{180, 90, 40, 255});
    CHECK(middle(png(8, PNG_COLOR_TYPE_RGB, {180, 90, 40}, saved(cmsCreate_sRGBProfile()))) == pixel::Rgba{180, 90, 40, 255});
}

TEST_CASE("sixteen bits a channel, alpha and grey come in right")
{
    CHECK(middle(png(16, PNG_COLOR_TYPE_RGB, {0xB4B4, 0x5A5A, 0x2828}, {})) == pixel::Rgba{180, 90, 40, 255});
    CHECK(middle(png(16, PNG_COLOR_TYPE_RGB_ALPHA, {0xFFFF, 0x8080, 0, 0x4040}, wideProfile())).a == 0x40);
    const pixel::Rgba dark = middle(png(8, PNG_COLOR_TYPE_GRAY, {128}, greyProfile(1.0)));
    CHECK(std::abs(dark.r - greyOf(116 * std::cbrt(128 / 255.0) - 16)) <= 1);
    CHECK(dark.a == 255);
}

TEST_CASE("the profile of a TIFF or WebP counts as that of a PNG does")
{
    const auto original = png(8, PNG_COLOR_TYPE_RGB, {180, 90, 40}, wideProfile());
    const pixel::Rgba meant = middle(original);
    const QImage image = QImage::fromData(QByteArray(reinterpret_cast<const char*>(original.data()), static_cast<qsizetype>(original.size())), "png");
    REQUIRE(image.colorSpace().isValid());
    for (const char* format : {"tiff", "webp"}) {
        QByteArray out;
        QBuffer buffer(&out);
        buffer.open(QIODevice::WriteOnly);
        REQUIRE(image.save(&buffer, format, 100));
        const auto* from = reinterpret_cast<const std::byte*>(out.constData());
        const pixel::Rgba seen = middle({from, from + out.size()});
        INFO(format);
        CHECK(std::abs(seen.r - meant.r) <= 3);
        CHECK(std::abs(seen.g - meant.g) <= 3);
        CHECK(std::abs(seen.b - meant.b) <= 3);
    }
    CHECK(std::abs(meant.r - 180) > 5);
}

TEST_CASE("JPEGs of four inks are seen through their profile, kept upside down or not")
{
    const auto profile = inkProfile();
    for (const bool inverted : {true, false})
        for (const auto& ink : {std::array<int, 4>{0, 0, 0, 0}, {0, 0, 0, 128}, {128, 0, 0, 64}, {60, 60, 60, 0}}) {
            double light = 100;
            for (const int v : ink) light *= 1 - v / 255.0;
            const pixel::Rgba seen = middle(inkJpeg(ink, inverted, profile));
            INFO(inverted << " " << ink[0] << " " << ink[1] << " " << ink[2] << " " << ink[3]);
            CHECK(std::abs(seen.r - greyOf(light)) <= 6); // the grid is coarse
            CHECK(std::abs(seen.r - seen.g) <= 2);
        }
    CHECK(files::hasFourInks(inkJpeg({1, 2, 3, 4}, true, {})));
    // Without a profile: light is what no ink takes (common practice, no source).
    const pixel::Rgba plain = middle(inkJpeg({255, 0, 0, 0}, true, {}));
    CHECK(plain.r < 20);
    CHECK(plain.b > 235);
}

TEST_CASE("a broken profile is no profile")
{
    auto profile = wideProfile();
    for (std::size_t k = 300; k < profile.size(); k += 3) profile[k] = std::byte{0xA5};
    const pixel::Rgba seen = middle(png(8, PNG_COLOR_TYPE_RGB, {180, 90, 40}, profile));
    CHECK(seen.a == 255);
    pixel::Picture p(3, 3, pixel::Rgba{9, 9, 9, 255});
    CHECK_FALSE(files::toSrgb(p, {}));
    CHECK_FALSE(files::toSrgb(p, std::vector<std::byte>(40)));
    CHECK_FALSE(files::toSrgb(p, inkProfile()));
    CHECK(files::fromFourInks(inkJpeg({0, 0, 0, 0}, true, {}), wideProfile()).empty());
    CHECK(files::profileIn(std::vector<std::byte>(60), "png").empty());
    CHECK(files::profileIn(std::vector<std::byte>(60), "jpeg").empty());
    const auto cut = inkJpeg({0, 0, 0, 0}, true, inkProfile());
    for (const std::size_t n : {std::size_t{30}, cut.size() / 2, cut.size() - 20}) {
        const std::vector<std::byte> part(cut.begin(), cut.begin() + static_cast<std::ptrdiff_t>(n));
        files::profileIn(part, "jpeg");
        const files::PictureResult r = files::readPicture(part, "cut");
        CHECK(r.ok() != r.picture.empty());
    }
}

TEST_CASE("a thread that read the first picture may end before the program does")
{
    // (What goes wrong otherwise shows when this process ends.)
    files::readPicturesFromThreads();
    std::thread([] {
        CHECK_FALSE(files::readPicture(std::vector<std::byte>(9, std::byte{65}), "picture").ok());
        CHECK(files::readPicture(png(8, PNG_COLOR_TYPE_RGB, {180, 90, 40}, {}), "picture").ok());
    }).join();
}
