// Pieces that the tests of Tone and Colour share.
#pragma once

#include "app/hand.h"
#include "art/edits.h"
#include "art/tones.h"

namespace hand {

// A filled square, 200 px wide, without a line.
inline softrope::art::Document withSquare(const softrope::art::Document& d, Vec2 at, softrope::art::Colour c, softrope::art::InkUse ink = {})
{
    softrope::art::Item i;
    softrope::art::Artwork a;
    a.setPaths({softrope::curve::rectangle(at, at + Vec2{200, 200})});
    a.fill.colour = c;
    a.fill.ink = ink;
    a.stroke.colour.reset();
    i.is = std::move(a);
    return softrope::art::withItem(d, 0, std::move(i)).document;
}

// The shapes of the tone stack in hand are those of its recipe.
inline bool shapesReady(Window& w)
{
    const softrope::art::Item* i = w.desk().item();
    return i && !w.desk().working() && !i->group()->items.empty() && !softrope::art::wantsTones(w.session().document(), *i);
}

} // namespace hand
