// The piece as it will be seen: small, in one ink, on things, blurred, by other eyes.
#pragma once

#include "deliver/variants.h"
#include "pixel/raster.h"

namespace softrope::deliver {

enum class Seen { oneInk, reversed, onInk, shirt, badge, screen, squint, grey, protanopia, deuteranopia, tritanopia };
constexpr Seen ways[] = {Seen::oneInk, Seen::reversed, Seen::onInk,      Seen::squint,       Seen::shirt,     Seen::badge,
                         Seen::screen, Seen::grey,     Seen::protanopia, Seen::deuteranopia, Seen::tritanopia};
const char* idOf(Seen s);
// "On a shirt"; `inkName`: of the ink it stands on.
std::string nameOf(Seen s, const std::string& inkName = {});
// The ink of the document that the piece in one ink is shown on: the most colourful of those that the ink stands off from; else the one it
// stands off from best.
std::optional<art::Ink> groundInk(const art::Document& d, art::Colour ink);

struct SeenOptions {
    art::Colour paper{255, 255, 255}; // under what is painted on nothing
    Inking inking;
    std::function<bool()> cancelled;
};
// The sheet fitted into a square of that many px; opaque. Empty when cancelled.
pixel::Picture seenAs(const art::Document& d, Seen how, int side, const SeenOptions& o = {});
// The sheet that many px wide, exactly as a picture of that size would be delivered; on paper.
pixel::Picture atSize(const art::Document& d, int width, const SeenOptions& o = {});

} // namespace softrope::deliver
