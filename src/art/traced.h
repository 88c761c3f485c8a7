// What tracing a picture gives, as items of a document. Interface and command line both come through here, so that what
// was previewed is what lands.
#pragma once

#include "art/document.h"
#include "tone/tones.h"
#include "trace/lines.h"
#include "trace/outline.h"

namespace softrope::art {

// `toSheet` maps picture px to the sheet (even scales); `ink` paints areas or lines; `swell`: lines whose width varies get a
// swell, else every line its mean width. Areas come first, largest at the bottom.
std::vector<Item> itemsOf(const trace::Outline& outline, const curve::Affine& toSheet, Colour ink);
std::vector<Item> itemsOf(const trace::Lines& lines, const curve::Affine& toSheet, Colour ink, bool swell = false);

std::vector<Item> itemsOf(const tone::Tones& tones, const curve::Affine& toSheet);

} // namespace softrope::art
