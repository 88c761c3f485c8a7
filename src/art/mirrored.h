// Layers that show on both sides of an axis, and making the halves whole.
#pragma once

#include "art/edits.h"
#include "pixel/raster.h"

#include <functional>

namespace softrope::art {

Document withMirror(const Document& d, Id layer, std::optional<mirror::Axis> axis);
// What shows of the layer's own side while it is mirrored: lines that cross the axis are cut there as a weld would, so that none is seen
// doubled. The document keeps them whole. Without a mirror, the items themselves.
std::vector<ItemPtr> shownHalf(const Layer& layer);
// The other side of what lies on the layer, with the ids of this side; nothing without a mirror. Pictures have no other side.
std::vector<ItemPtr> mirroredItems(const Layer& layer);
// The document with both halves of mirrored layers as they show; no layer has a mirror any more.
Document withBothHalves(const Document& d);
struct Welded {
    Document document;
    std::size_t seams = 0, smooth = 0, copied = 0, dropped = 0; // joins; those without a corner; paths copied; paths that were there already
    std::size_t axisLines = 0;                                  // lines drawn as the axis, left out
    Refusal why = Refusal::none;
};
// What lies on the layers becomes whole: mirrored and joined at the axis. `tolerance`: px from the axis that count as on it; `chosen`: seams
// that are to be smooth or corners whatever they would be (mirror/weld.h).
Welded withWelded(const Document& d, const std::vector<Id>& layers, const mirror::Axis& axis, double tolerance, const std::vector<mirror::Seam>& chosen = {});
// The same for a layer with a mirror, which then goes; the halves stay on a hidden, locked layer below.
Welded withWeld(const Document& d, Id layer, double tolerance, const std::vector<mirror::Seam>& chosen = {});
// The seams that welding the layer would make; nothing without a mirror.
std::vector<mirror::Seam> seamsOf(const Document& d, Id layer, double tolerance, const std::vector<mirror::Seam>& chosen = {});
// The axes that a picture may have, on the sheet, likeliest first (mirror/half_axis.h): from its edges, and from its lines as they are
// traced small. `picture`: decoded; up to half a second.
std::vector<mirror::FoundAxis> axesOf(const pixel::Picture& picture, const curve::Affine& toSheet, const std::function<bool()>& cancelled = {});
// The same from the lines of a drawing.
std::vector<mirror::FoundAxis> axesOf(const curve::Paths& lines);
// The axes of the drawing: of its lowest picture where there is one, else of its lines. `picture`: decoded, not lit; nothing where it
// cannot be read.
std::vector<mirror::FoundAxis> axesOf(const Document& d, const std::function<std::shared_ptr<const pixel::Picture>(const Reference&)>& picture);
// Mirrored copies of the items across an axis, without weld.
Taken withMirroredCopies(const Document& d, const std::vector<Id>& items, const mirror::Axis& axis);

} // namespace softrope::art
