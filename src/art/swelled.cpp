#include "art/edits.h"
#include "art/line_outline.h"

namespace softrope::art {

curve::Paths swelledOutlines(const Artwork& a)
{
    curve::Paths out;
    if (!a.stroke.swell || !(a.stroke.width > 0)) return out;
    for (const curve::Path& p : a.paths)
        for (curve::Path& o : curve::swelledOutline(p, a.stroke.width, *a.stroke.swell, a.stroke.cap == Cap::round)) out.push_back(std::move(o));
    return out;
}

Edited withLinesAsShapes(const Document& d, const std::vector<Id>& items)
{
    return withArtworkChanged(d, items, [](Artwork& a) {
        if (!a.stroke.colour || !(a.stroke.width > 0)) return;
        const bool plain = a.stroke.dashes.empty() && a.stroke.join == Join::round && a.stroke.cap != Cap::square;
        Artwork even = a;
        if (!even.stroke.swell) even.stroke.swell = curve::tidied({});
        curve::Paths outline = a.stroke.swell || plain ? swelledOutlines(even) : lineArea(a);
        if (outline.empty()) return;
        a.setDerived(std::move(outline), {});
        a.fill = {};
        a.fill.colour = a.stroke.colour;
        a.fill.ink = a.stroke.ink;
        a.fill.opacity = a.stroke.opacity;
        a.fill.gradient = a.stroke.gradient;
        a.stroke.colour.reset();
        a.stroke.swell.reset();
        a.stroke.gradient.reset();
        a.stroke.dashes.clear();
    });
}

} // namespace softrope::art
