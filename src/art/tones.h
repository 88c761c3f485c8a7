// Edits of live tone stacks. A stack is one item: a group whose items are the shapes of its tones.
#pragma once

#include "art/edits.h"
#include "art/live.h"
#include "art/traced.h"

namespace softrope::art {

// A live stack above the picture, on a layer of its own; locked, so that it does not catch what is meant for things on it. Its
// shapes are worked out later (live.h).
Added withToneStack(const Document& d, Id reference, const tone::Stack& stack);
Edited withStack(const Document& d, Id stack, const tone::Stack& to);
// What a stack's shapes have to be made from: the recipe, and the picture as it lies and is lit. Never 0.
Key toneKey(const ToneStack& tones, const Reference& r);
// The picture of a live stack whose shapes are not those of its recipe; nothing when all is well or the picture is gone.
const Reference* wantsTones(const Document& d, const Item& stack);
// The shapes, as `make` hands them out (live.h); may be slow, any thread. `picture`: of the reference, lit.
std::vector<Item> toneShapes(const ToneStack& tones, const Reference& r, const std::shared_ptr<const pixel::Picture>& picture,
                             const tone::TonesOptions& options);
// Artwork from now on, unlocked; the recipe is kept. And the way back: live again, hand changes go.
Edited withTonesSet(const Document& d, Id stack);
Edited withTonesLive(const Document& d, Id stack);
// The stack of an item, or of the group it lies in; nothing = 0.
Id stackOf(const Document& d, Id item);
// The topmost stack of the document.
Id topmostStack(const Document& d);
// The darkest and the lightest colour of its shapes: what working colours are turned into.
struct Ends {
    Colour dark, light;
};
std::optional<Ends> toneEnds(const Group& stack);
// The pixels of the shown part of a picture, and where that part begins in it (picture px).
struct ShownPixels {
    std::shared_ptr<const pixel::Picture> pixels; // the picture itself when all of it shows
    curve::Vec2 offset;
};
ShownPixels shownPixels(const std::shared_ptr<const pixel::Picture>& picture, const Reference& r);

} // namespace softrope::art
