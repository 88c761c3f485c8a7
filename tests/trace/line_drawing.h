// Drawings of lines to trace, and which of the traced strokes is which.
#pragma once

#include "trace/lines.h"

#include "art/edits.h"
#include "curve/curve.h"
#include "render/render.h"

#include <algorithm>

struct Drawing {
    softrope::art::Document d = softrope::art::newDocument();
    explicit Drawing(double side = 400)
    {
        d.sheet.width = d.sheet.height = side;
        d.sheet.hasBackground = true;
    }
    Drawing& line(const softrope::curve::Path& p, double width, softrope::art::Colour c = {20, 20, 20})
    {
        softrope::art::Item i;
        softrope::art::Artwork a;
        a.setPaths({p});
        a.stroke.colour = c;
        a.stroke.width = width;
        i.is = a;
        d = softrope::art::withItem(d, 0, i).document;
        return *this;
    }
    Drawing& area(const softrope::curve::Path& p)
    {
        softrope::art::Item i;
        softrope::art::Artwork a;
        a.setPaths({p});
        a.fill.colour = softrope::art::Colour{20, 20, 20};
        i.is = a;
        d = softrope::art::withItem(d, 0, i).document;
        return *this;
    }
    softrope::pixel::Grey grey() const { return softrope::pixel::greyOf(softrope::render::renderSheet(d, static_cast<int>(d.sheet.width), {})); }
};

inline double furthest(const softrope::curve::Path& p, const softrope::curve::Path& truth)
{
    double worst = 0;
    for (const softrope::curve::Vec2 q : softrope::curve::evenly(flatten(p, 0.05), false, 1).points) worst = std::max(worst, nearest(truth, q)->distance);
    return worst;
}

// The stroke that lies nearest to the truth, both ways.
inline const softrope::trace::Stroke* strokeFor(const softrope::trace::Lines& l, const softrope::curve::Path& truth, double within)
{
    for (const softrope::trace::Stroke& s : l.strokes)
        if (furthest(s.path, truth) <= within && furthest(truth, s.path) <= within) return &s;
    return nullptr;
}
