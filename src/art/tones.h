// Edits of live tone layers.
#pragma once

#include "art/document.h"
#include "art/edits.h"
#include "art/traced.h"

namespace softrope::art {

// A live layer above the picture, locked while live: what lies on it is worked out.
Added withToneLayer(const Document& d, Id reference, const tone::Stack& stack);
Document withStack(const Document& d, Id layer, const tone::Stack& stack);
// What the layer's items have to be made from: the recipe, and the picture as it lies and is lit. Never 0.
std::uint64_t toneKey(const ToneLayer& tones, const Reference& r);
// The picture of a live tone layer whose items are not those of its recipe; nothing when all is well or the picture is gone.
const Reference* wantsTones(const Document& d, const Layer& layer);
// The shapes of the recipe in place of what lies on the layer; unchanged when the recipe is another by now.
Document withTonesMade(const Document& d, Id layer, std::vector<Item> items, std::uint64_t key);
// Artwork from now on, unlocked; the recipe is kept. And the way back: live again, hand changes go.
Document withTonesSet(const Document& d, Id layer);
Document withTonesLive(const Document& d, Id layer);
// Locks or unlocks any layer; a live tone layer that is unlocked is set, as what was worked out would go over changes by hand.
Document withLock(const Document& d, Id layer, bool locked);
// The darkest and the lightest colour on the layer: what working colours are turned into.
struct Ends {
    Colour dark, light;
};
std::optional<Ends> toneEnds(const Layer& layer);

} // namespace softrope::art
