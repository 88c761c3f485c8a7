#include "files/pictures.h"

#include "files/colour_profile.h"
#include "files/loaded_rows.h"
#include "words/said.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h> // before the toolkit, whose word 'emit' it has names for

#include <QBuffer>
#include <QColorSpace>
#include <QFile>
#include <QFileInfo>
#include <QImage>
#include <QImageReader>
#include <QImageWriter>
#include <QPainter>
#include <QThread>

#include <algorithm>
#include <cstring>

namespace softrope::files {

namespace {

// Refuses to hand out more data once the user has stopped the reading: decoders then give up.
class StoppableBuffer : public QBuffer {
public:
    StoppableBuffer(QByteArray* data, const std::function<bool()>& cancelled, const std::function<void(double)>& progress)
        : QBuffer(data), cancelled_(cancelled), progress_(progress)
    {
    }

protected:
    qint64 readData(char* data, qint64 most) override
    {
        if (cancelled_ && cancelled_()) return -1;
        if (progress_ && size() > 0) progress_(static_cast<double>(pos()) / static_cast<double>(size()));
        return QBuffer::readData(data, most);
    }

private:
    const std::function<bool()>& cancelled_;
    const std::function<void(double)>& progress_;
};

constexpr int blockSize = 1 << 16;

// By its first bytes (W3C PNG, 5.2; ITU-T T.81, B.1.1.3); empty for other formats.
std::string formatOf(const std::vector<std::byte>& b)
{
    const auto starts = [&](std::initializer_list<int> with) {
        std::size_t k = 0;
        for (const int v : with)
            if (k >= b.size() || std::to_integer<int>(b[k++]) != v) return false;
        return true;
    };
    return starts({0x89, 'P', 'N', 'G'}) ? "png" : starts({0xFF, 0xD8, 0xFF}) ? "jpeg" : "";
}

// EXIF's eight ways to lie (TIFF 6.0, tag Orientation), as the decoder tells them.
QImage turnedAs(QImage image, QImageIOHandler::Transformations how)
{
    const auto asked = [&](QImageIOHandler::Transformation t) { return (how & t) != 0; };
    image = image.mirrored(asked(QImageIOHandler::TransformationMirror), asked(QImageIOHandler::TransformationFlip));
    return asked(QImageIOHandler::TransformationRotate90) ? image.transformed(QTransform().rotate(90)) : image;
}

// Some rows at a time: a large picture in both forms would fill the memory. Empty when there is not enough of it.
pixel::Picture straightColours(const QImage& image)
{
    static_assert(sizeof(pixel::Rgba) == 4);
    constexpr int rowsAtOnce = 64;
    pixel::Picture out(image.width(), image.height());
    for (int from = 0; from < image.height(); from += rowsAtOnce) {
        const QImage rows = image.copy(0, from, image.width(), std::min(rowsAtOnce, image.height() - from)).convertToFormat(QImage::Format_RGBA8888);
        if (rows.isNull()) return {};
        for (int y = 0; y < rows.height(); ++y) std::memcpy(out.row(from + y), rows.constScanLine(y), static_cast<std::size_t>(image.width()) * 4);
    }
    return out;
}

// The memory a decoder may write its pixels into, where they have the size of ours: a large picture is held once then.
pixel::Picture roomFor(QImageReader& reader)
{
    const QSize size = reader.size();
    const bool fits = reader.imageFormat() == QImage::Format_RGB32 || reader.imageFormat() == QImage::Format_ARGB32;
    if (!fits || size.isEmpty() || reader.transformation() != QImageIOHandler::TransformationNone) return {};
    return pixel::Picture(size.width(), size.height());
}

// The toolkit's words 0xAARRGGBB to our order of bytes, in place.
void toBytesInOrder(pixel::Picture& picture, bool opaque)
{
    tbb::parallel_for(tbb::blocked_range<int>(0, picture.height, 64), [&](const tbb::blocked_range<int>& rows) {
        for (pixel::Rgba* c = picture.row(rows.begin()); c != picture.row(rows.end()); ++c) {
            std::uint32_t word = 0;
            std::memcpy(&word, c, sizeof word);
            *c = {static_cast<std::uint8_t>(word >> 16), static_cast<std::uint8_t>(word >> 8), static_cast<std::uint8_t>(word),
                  opaque ? std::uint8_t{255} : static_cast<std::uint8_t>(word >> 24)};
        }
    });
}

PictureResult failed(const std::string& why)
{
    PictureResult r;
    r.problem = why;
    return r;
}

} // namespace

void readPicturesFromThreads()
{
    QThread::currentThread();
}

PictureResult readPicture(const std::vector<std::byte>& bytes, const std::string& name, const std::function<bool()>& cancelled,
                          const std::function<void(double)>& progress)
{
    if (bytes.empty()) return failed(words::said("%1 is empty.", {name}));
    QByteArray raw = QByteArray::fromRawData(reinterpret_cast<const char*>(bytes.data()), static_cast<qsizetype>(bytes.size()));
    const int rows = loadedRows(bytes, formatOf(bytes));
    // Decoders read in blocks, and give up on the last one when it is not whole: filled up, its rows come in as well.
    if (rows > 0) raw.append(blockSize, '\0');
    StoppableBuffer buffer(&raw, cancelled, progress);
    buffer.open(QIODevice::ReadOnly);
    QImageReader reader(&buffer);
    reader.setAutoTransform(true);
    reader.setDecideFormatFromContent(true);
    if (!reader.canRead()) return failed(words::said("%1 is not a picture that can be read (PNG, JPEG, WebP, TIFF, BMP or GIF).", {name}));
    const std::string format = reader.format().toStdString();
    if (format == "svg" || format == "svgz" || format == "pdf") return failed(words::said("%1 is a drawing, not a picture. Open it instead.", {name}));
    const QSize size = reader.size();
    if (size.isValid() && static_cast<long long>(size.width()) * size.height() > mostPixels)
        return failed(words::said("%1 has %2 megapixels; at most 100 can be opened.",
                                  {name, std::to_string(static_cast<long long>(size.width()) * size.height() / 1'000'000)}));
    QImageReader::setAllocationLimit(1024);
    QImage image;
    pixel::Picture room = roomFor(reader);
    auto* const inRoom = reinterpret_cast<uchar*>(room.data.data());
    if (!room.empty()) image = QImage(inRoom, room.width, room.height, static_cast<qsizetype>(room.width) * 4, reader.imageFormat());
    reader.read(&image); // a picture that is cut off comes in as far as it goes
    if (cancelled && cancelled()) return failed(words::said("Stopped."));
    if (image.isNull()) return failed(words::said("%1 is broken and cannot be read.", {name}));
    if (static_cast<long long>(image.width()) * image.height() > mostPixels) return failed(words::said("%1 is larger than 100 megapixels.", {name}));
    PictureResult r;
    r.format = format;
    // Readers report 96 or 72 dpi as a stand-in; only other values say something.
    const double dpi = image.dotsPerMeterX() * 0.0254;
    r.dotsPerInch = dpi > 100 ? dpi : 0;
    // Colours as they were meant: by the profile the file brings.
    std::vector<std::byte> profile = profileIn(bytes, format);
    // (Of the other formats it is the reader that finds it.)
    if (format == "webp" || format == "tiff")
        if (const QByteArray found = image.colorSpace().iccProfile(); !found.isEmpty())
            profile.assign(reinterpret_cast<const std::byte*>(found.cbegin()), reinterpret_cast<const std::byte*>(found.cend()));
    if (!profile.empty() && format == "jpeg" && hasFourInks(bytes)) {
        const pixel::Picture inked = fromFourInks(bytes, profile, cancelled);
        if (!inked.empty()) {
            const QImage flat(reinterpret_cast<const uchar*>(inked.data.data()), inked.width, inked.height, static_cast<qsizetype>(inked.width) * 4,
                              QImage::Format_RGBA8888);
            image = turnedAs(flat.copy(), reader.transformation());
        }
    }
    if (rows == 0) return failed(words::said("%1 is cut off before its first row.", {name}));
    if (inRoom && image.constBits() == inRoom) {
        r.picture = std::move(room);
        toBytesInOrder(r.picture, !image.hasAlphaChannel());
    } else {
        r.picture = straightColours(image);
    }
    if (r.picture.empty()) return failed(words::said("There is not enough memory for %1.", {name}));
    if (rows > 0 && rows < r.picture.height) {
        r.partly = words::said("%1 was loaded only in part, %2 of %3 rows.", {name, std::to_string(rows), std::to_string(r.picture.height)});
        // Turned pictures lie otherwise: there the missing part stays as the decoder left it.
        if (reader.transformation() == QImageIOHandler::TransformationNone)
            for (int y = rows; y < r.picture.height; ++y) std::fill_n(r.picture.row(y), r.picture.width, pixel::Rgba{255, 255, 255, 255});
    }
    if (!profile.empty()) toSrgb(r.picture, profile);
    return r;
}

PictureResult readPictureFile(const std::string& path, const std::function<bool()>& cancelled, const std::function<void(double)>& progress)
{
    const QString name = QString::fromStdString(path);
    const std::string shortName = QFileInfo(name).fileName().toStdString();
    QFile file(name);
    if (!file.exists()) return failed(words::said("There is no file %1.", {shortName}));
    if (!file.open(QIODevice::ReadOnly)) return failed(words::said("%1 cannot be opened: %2.", {shortName, file.errorString().toStdString()}));
    if (file.size() > 2'000'000'000) return failed(words::said("%1 is larger than 2 GB.", {shortName}));
    std::vector<std::byte> bytes(static_cast<std::size_t>(file.size()));
    if (file.read(reinterpret_cast<char*>(bytes.data()), static_cast<qint64>(bytes.size())) != static_cast<qint64>(bytes.size()))
        return failed(words::said("%1 cannot be read to its end.", {shortName}));
    return readPicture(bytes, shortName, cancelled, progress);
}

std::vector<std::byte> writeJpeg(const pixel::Picture& picture, int quality)
{
    const QImage image(reinterpret_cast<const uchar*>(picture.data.data()), picture.width, picture.height, static_cast<qsizetype>(picture.width) * 4,
                       QImage::Format_RGBA8888);
    QImage flat(image.size(), QImage::Format_RGB888);
    flat.fill(Qt::white);
    QPainter(&flat).drawImage(0, 0, image);
    QByteArray out;
    QBuffer buffer(&out);
    buffer.open(QIODevice::WriteOnly);
    QImageWriter writer(&buffer, "jpeg");
    writer.setQuality(quality);
    if (!writer.write(flat)) return {};
    const auto* from = reinterpret_cast<const std::byte*>(out.constData());
    return {from, from + out.size()};
}

} // namespace softrope::files
