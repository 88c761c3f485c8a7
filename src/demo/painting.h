// What the pieces of the demo are painted with: inks, and areas in them.
#pragma once

#include "art/edits.h"
#include "art/inks.h"

namespace softrope::demo {

inline art::Id ink(art::Document& d, const char* name, art::Colour c)
{
    const art::Added added = art::withInk(d, name, c);
    d = added.document;
    return added.id;
}

inline art::Fill filled(const art::Document& d, art::Id ink, int tint = 0)
{
    const art::Paint paint = art::paintOf(d, {ink, tint});
    art::Fill f;
    f.colour = paint.colour;
    f.ink = paint.ink;
    return f;
}

// On top of the document's own layer; `line` px of dark line round it, none where it is 0.
inline art::Id area(art::Document& d, const char* name, curve::Paths paths, const art::Fill& fill, double line = 0)
{
    art::Item i;
    i.name = name;
    art::Artwork a;
    a.setPaths(std::move(paths));
    a.fill = fill;
    a.stroke.colour.reset();
    if (line > 0) {
        a.stroke.colour = art::Colour{28, 34, 36};
        a.stroke.width = line;
    }
    i.is = std::move(a);
    const art::Added added = art::withItem(d, 0, std::move(i));
    d = added.document;
    return added.id;
}

} // namespace softrope::demo
