// A reference's page: squared to its paper, cleaned, and cut out to be traced. The interface and jobs without a screen both come through
// here.
#pragma once

#include "art/document.h"
#include "pixel/paper.h"
#include "pixel/skew.h"

#include <optional>
#include <vector>

namespace softrope::art {

// `part` in picture px; empty = all of it. What is kept stays where it lies on the sheet.
void cropTo(Reference& r, const curve::Box& part);
// The page with these corners (px of the file) in place of the whole picture, or the whole again; its middle stays where it lies on the
// sheet, and so does its size there. Turn and crop begin anew.
void setPaper(Reference& r, const std::optional<pixel::Corners>& paper);

// Where the paper lies in a picture; how crooked it is where no edges are seen.
struct FoundPage {
    std::optional<pixel::Corners> corners;
    pixel::Skew skew;
};
FoundPage findPage(const pixel::Picture& picture);
// Square to the paper and cropped to it, or straight at least. `sheet`: the page is laid on it, its middle and as large as it fits.
void squareTo(Reference& r, const FoundPage& found, const std::optional<Sheet>& sheet = {});
// How light is evened and paper lifted when a page is cleaned in one act.
constexpr double cleanLight = 1, cleanLift = 0.9;

// The part of a reference that is to be traced.
struct TracedPage {
    pixel::Grey grey;
    pixel::Picture colours;
    curve::Affine toSheet; // of the page's px
};
// `picture` as the reference shows it, lit and squared; smaller by `shrink`. Outside an `outline` (sheet px; fewer than three places =
// none) it is blank. Empty where less than 2 px are left.
TracedPage tracedPage(const pixel::Picture& picture, const Reference& r, const std::vector<curve::Vec2>& outline = {}, int shrink = 1,
                      bool blankIsDark = false);

} // namespace softrope::art
