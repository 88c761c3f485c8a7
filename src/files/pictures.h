// Pictures from files and to them. Decoding is left to Qt's image readers, behind this one header.
#pragma once

#include "pixel/raster.h"

#include <cstddef>
#include <functional>
#include <string>
#include <vector>

namespace softrope::files {

constexpr long long mostPixels = 100'000'000; // larger pictures are refused with a clear message

struct PictureResult {
    pixel::Picture picture;
    double dotsPerInch = 0; // 0 = not stated
    std::string format;     // "png", "jpeg", ...
    std::string partly;     // a sentence when the file ends too early: what is missing is white then
    std::string problem;    // empty when the picture could be read, else a sentence for the user
    bool ok() const { return problem.empty(); }
};

// To be called from main() where there is no toolkit application: the toolkit takes the first thread that reads a picture for the
// program's main one, and what it keeps of decoders until the end breaks when that thread has gone before.
void readPicturesFromThreads();

// PNG, JPEG (turned as its EXIF says), WebP, TIFF, BMP, GIF (first frame). `bytes` must stay alive for the call only.
// `cancelled` is asked, and `progress` told (0..1), as the bytes are used up.
PictureResult readPicture(const std::vector<std::byte>& bytes, const std::string& name, const std::function<bool()>& cancelled = {},
                          const std::function<void(double)>& progress = {});
PictureResult readPictureFile(const std::string& path, const std::function<bool()>& cancelled = {}, const std::function<void(double)>& progress = {});

// How hard to look for what repeats: `small` for files that are handed on, `quick` for what is kept while somebody waits (grainy pages
// come out 15 % larger in a fifth of the time).
enum class Packing { small, quick };
// PNG, straight alpha (none where all is opaque), with its resolution; empty when there is no memory for it.
std::vector<std::byte> writePng(const pixel::Picture& picture, double dotsPerInch = 96, Packing packing = Packing::small);
// JPEG on white, quality 1..100; empty when it cannot be written.
std::vector<std::byte> writeJpeg(const pixel::Picture& picture, int quality = 85);

} // namespace softrope::files
