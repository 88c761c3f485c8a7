// A window with a hand on its bench, and things put on it without drawing them.
#pragma once

#include "hand.h"

#include "art/edits.h"

struct Bench {
    softrope::app::Window w;
    hand::Hand h{w};

    softrope::art::Id line(softrope::curve::Vec2 a, softrope::curve::Vec2 b)
    {
        softrope::art::Item i;
        softrope::art::Artwork art;
        art.setPaths({softrope::curve::polyline({a, b}, false)});
        art.stroke.colour = softrope::art::Colour{0, 0, 0};
        art.stroke.width = 6;
        i.is = art;
        return put(i);
    }
    softrope::art::Id circle(softrope::curve::Vec2 c, double r)
    {
        softrope::art::Item i;
        softrope::art::Artwork art;
        art.setPaths({softrope::curve::circle(c, r)});
        art.stroke.colour = softrope::art::Colour{0, 0, 0};
        art.stroke.width = 4;
        i.is = art;
        return put(i);
    }
    softrope::art::Id put(const softrope::art::Item& i)
    {
        const softrope::art::Added a = softrope::art::withItem(w.session().document(), w.session().selection().layer, i);
        w.session().take(a.document, "Draw");
        return a.id;
    }
    const softrope::curve::Path& path(softrope::art::Id id) { return w.session().document().item(id)->artwork()->paths->front(); }
};
