// The render room: one painter for the screen, PNG and PDF, so that all three agree. It knows how a document looks; it
// does not know windows or files. Cairo does the scan conversion.
#pragma once

#include "art/document.h"
#include "pixel/raster.h"

#include <cstddef>
#include <functional>
#include <memory>
#include <optional>
#include <string>
#include <unordered_set>
#include <vector>

typedef struct _cairo cairo_t; // NOLINT(bugprone-reserved-identifier): Cairo's own name

namespace softrope::render {

// Hands out the decoded picture of a reference (as lit and lifted as it asks for), or nothing while there is none.
using PictureSource = std::function<std::shared_ptr<const pixel::Picture>(const art::Reference&)>;

struct Options {
    bool references = true;
    bool artwork = true;
    bool background = true;            // the sheet's background, if it has one
    bool referencesBeyondSheet = true; // off: they end where the sheet ends
    // The other half of mirrored layers is artwork like any other; on the bench it can be a dashed ghost instead.
    struct Ghost {
        art::Colour colour;
        double px = 1; // sheet px of one px of the screen: dashes and least widths are screen px
    };
    std::optional<Ghost> ghost;
    double veil = 1; // 0..1: how strongly references show, on top of their own dimming
    PictureSource pictures;
    std::unordered_set<art::Id> without; // items left out
    std::function<bool()> cancelled;
};

// Paints in sheet px; the caller has set the matrix and the clip.
void paint(cairo_t* cr, const art::Document& d, const Options& o);

// Premultiplied ARGB in machine order, as screens want it.
struct Surface {
    int width = 0, height = 0;
    std::vector<std::uint32_t> pixels;
};
// The document seen through `view` (sheet px to surface px) on transparent ground. Painted on all cores: what `o` calls is called
// from any of them.
Surface renderView(const art::Document& d, const curve::Affine& view, int width, int height, const Options& o);
// Width of the picture of a sheet unless another is asked for, px: its own, but at most 8192 px a side.
int usualWidth(const art::Sheet& sheet);
// The sheet at the given width, straight alpha. The height follows. 1..30000 px a side; empty when there is no memory.
pixel::Picture renderSheet(const art::Document& d, int width, const Options& o);
// A PDF page of the sheet's size (1 px = 0.75 pt), as bytes; empty when it could not be made.
std::vector<std::byte> renderPdf(const art::Document& d, const Options& o);

// A reference's picture with its light flattened and its paper lifted as the reference asks for.
pixel::Picture lit(const pixel::Picture& picture, double flattenLight, double liftPaper);

} // namespace softrope::render
