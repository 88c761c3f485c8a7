// Flattening: blends, opacity, gradients and blur worked out into opaque areas that abut, for cutters, screens and flat print.
#pragma once

#include "art/edited.h"

#include <functional>

namespace softrope::art {

struct FlattenOptions {
    int steps = 12;       // 2..64: of each gradient and blur
    bool inks = false;    // every area takes the nearest ink of the document (CIEDE2000)
    double slack = 0.3;   // px: of the steps of a blur
    double overlap = 0.6; // px that an area reaches under the next, so that no hairline shows; 0 = none
    Colour ground{255, 255, 255};
    bool onGround = false; // what is half clear is laid on the ground; else it is opaque in the colour it has over white
    std::function<bool()> cancelled;
    std::function<void(double)> progress; // 0..1
};
struct Flattened {
    Document document; // one layer of plain areas with opaque fills, the sheet and inks as they were
    std::size_t areas = 0, colours = 0;
    std::vector<std::string> notes; // what was left out: pictures
};
// Every visible region becomes one opaque area in the colour that the renderer would give its inside; neighbours of one colour are one.
// Where nothing is painted nothing comes. Empty when cancelled.
Flattened flattened(const Document& d, const FlattenOptions& options = {});

} // namespace softrope::art
