// Pages of PDF files as pictures: scanners often give PDF. Poppler draws them.
#pragma once

#include "files/pictures.h"

#include <cstddef>
#include <string>
#include <vector>

namespace softrope::files {

// By its first bytes: "%PDF-" within the first 1024 (ISO 32000-1, annex H.3.4.1).
bool isPdf(const std::vector<std::byte>& bytes);

struct PdfResult {
    int pages = 0;
    std::string problem; // a sentence for the user
    bool ok() const { return problem.empty(); }
};
PdfResult pdfPages(const std::vector<std::byte>& bytes, const std::string& name);

constexpr double pdfResolution = 300; // dots an inch
// The page (from 0) on white, at that resolution, or as fine as `mostPixels` allow. Format "png": that is how it is kept.
PictureResult pdfPage(const std::vector<std::byte>& bytes, const std::string& name, int page, double dotsPerInch = pdfResolution);
// The page about so many px wide, for a choice among pages; empty when it cannot be drawn.
pixel::Picture smallPdfPage(const std::vector<std::byte>& bytes, int page, int width);

} // namespace softrope::files
