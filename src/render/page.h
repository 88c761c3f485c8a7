// Pages: PDF and EPS of the sheet or a part of it, with bleed and crop marks.
#pragma once

#include "render/render.h"

namespace softrope::render {

struct Page {
    curve::Box area;        // sheet px; empty = the sheet
    double bleed = 0;       // px beyond the area on all sides; the sheet's ground reaches into it
    double ptPerPx = 0.75;  // points a sheet px is wide: 72/96 as CSS has it, or as large as the piece is made
    bool cropMarks = false; // where the area ends, outside the bleed
};
// As bytes; empty when it could not be made.
std::vector<std::byte> renderPdf(const art::Document& d, const Page& page, const Options& o);
// One page a document, each of its sheet's size; at least one.
std::vector<std::byte> renderPdf(const std::vector<art::Document>& pages, const Options& o);
// Encapsulated PostScript level 3. What is see-through is painted as a picture at 300 dots an inch: PostScript has no other way.
std::vector<std::byte> renderEps(const art::Document& d, const Page& page, const Options& o);

} // namespace softrope::render
