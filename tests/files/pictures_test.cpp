// PNG files as they are written: whole for every reader, and packed as the standard advises (PNG 1.2, 9.6: flat artwork as it is,
// photographs and scans as differences). The toolkit's own writer is the yardstick.
#include "files/pictures.h"

#include <QBuffer>
#include <QImage>
#include <QImageWriter>

#include <catch2/catch.hpp>

#include <cmath>

using namespace softrope;
using namespace softrope::files;

namespace {

QImage readByToolkit(const std::vector<std::byte>& png)
{
    return QImage::fromData(reinterpret_cast<const uchar*>(png.data()), static_cast<int>(png.size()), "png");
}

std::size_t sizeByToolkit(const pixel::Picture& p)
{
    QImage image(reinterpret_cast<const uchar*>(p.data.data()), p.width, p.height, static_cast<qsizetype>(p.width) * 4, QImage::Format_RGBA8888);
    QByteArray out;
    QBuffer buffer(&out);
    buffer.open(QIODevice::WriteOnly);
    REQUIRE(QImageWriter(&buffer, "png").write(image.convertToFormat(QImage::Format_RGB888)));
    return static_cast<std::size_t>(out.size());
}

// Discs of flat colour, their rims blended.
pixel::Picture artwork(int side)
{
    pixel::Picture p(side, side, {250, 244, 230, 255});
    for (int y = 0; y < side; ++y)
        for (int x = 0; x < side; ++x)
            for (int k = 0; k < 12; ++k) {
                const double far = std::hypot(x - side * (0.2 + 0.06 * k), y - side * (0.8 - 0.055 * k)) - side * 0.13;
                const double in = std::min(1.0, std::max(0.0, 0.5 - far));
                const auto mix = [in](std::uint8_t under, int over) { return static_cast<std::uint8_t>(std::lround(under + in * (over - under))); };
                pixel::Rgba& c = p.at(x, y);
                c = {mix(c.r, 20 * k), mix(c.g, 90 + 10 * k), mix(c.b, 200 - 15 * k), 255};
            }
    return p;
}

// Paper whose light falls off, with grain as wide as a lens leaves it.
pixel::Picture page(int side)
{
    std::vector<int> grain(static_cast<std::size_t>(side + 2) * static_cast<std::size_t>(side + 2));
    unsigned seed = 5;
    for (int& g : grain) {
        seed = seed * 1664525U + 1013904223U;
        g = static_cast<int>(seed >> 27);
    }
    pixel::Picture p(side, side);
    for (int y = 0; y < side; ++y)
        for (int x = 0; x < side; ++x) {
            int around = 0;
            for (int v = 0; v < 3; ++v)
                for (int u = 0; u < 3; ++u) around += grain[static_cast<std::size_t>((y + v) * (side + 2) + x + u)];
            const auto grey = static_cast<std::uint8_t>(190 - 40 * x / side - 30 * y / side + around / 20);
            p.at(x, y) = {grey, grey, static_cast<std::uint8_t>(grey - 4), 255};
        }
    return p;
}

} // namespace

TEST_CASE("png: every reader finds the colours, the clearness and the resolution")
{
    pixel::Picture glass(37, 23);
    for (int y = 0; y < glass.height; ++y)
        for (int x = 0; x < glass.width; ++x)
            glass.at(x, y) = {static_cast<std::uint8_t>(7 * x), static_cast<std::uint8_t>(11 * y), static_cast<std::uint8_t>(x * y),
                              static_cast<std::uint8_t>(5 * x + y)};
    for (const pixel::Picture& p : {artwork(90), page(64), glass, pixel::Picture(1, 1, {9, 8, 7, 255}), pixel::Picture(1, 50, {1, 2, 3, 4})})
        for (const Packing packing : {Packing::small, Packing::quick}) {
            const auto png = writePng(p, 300, packing);
            const QImage seen = readByToolkit(png).convertToFormat(QImage::Format_RGBA8888);
            REQUIRE(seen.width() == p.width);
            REQUIRE(seen.height() == p.height);
            bool same = true;
            for (int y = 0; y < p.height; ++y)
                for (int x = 0; x < p.width; ++x) {
                    const uchar* c = seen.constScanLine(y) + 4 * x;
                    same = same && pixel::Rgba{c[0], c[1], c[2], c[3]} == p.at(x, y);
                }
            CHECK(same);
            CHECK(seen.dotsPerMeterX() == 11811); // 300 / 0.0254
            CHECK(seen.dotsPerMeterY() == 11811);
            CHECK(readPicture(png, "own").picture == p);
        }
    CHECK_FALSE(readByToolkit(writePng(artwork(20))).hasAlphaChannel());
    CHECK(readByToolkit(writePng(glass)).hasAlphaChannel());
    CHECK(writePng({}).empty());
}

TEST_CASE("png: artwork and scans are packed about as small as by a writer that tries every filter for each row")
{
    const pixel::Picture art = artwork(600), scan = page(600);
    CHECK(writePng(art).size() < sizeByToolkit(art));
    CHECK(writePng(scan).size() < sizeByToolkit(scan) * 110 / 100);
    CHECK(writePng(scan, 96, Packing::quick).size() < sizeByToolkit(scan) * 125 / 100);
    CHECK(writePng(art, 96, Packing::quick).size() < sizeByToolkit(art) * 150 / 100);
}
