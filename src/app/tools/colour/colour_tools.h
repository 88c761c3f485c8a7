// The tools of the Colour step.
#pragma once

#include "app/canvas/tool.h"
#include "render/render.h"

namespace softrope::app {

class Areas;
class Canvas;

// What is seen at a place: a colour, and the ink it was painted with if it is artwork.
struct Seen {
    art::Colour colour;
    art::InkUse ink;
};
// Looks at places within a region, artwork over pictures over the sheet: what lies there is gathered once.
class Seeing {
public:
    Seeing(Session& session, const curve::Box& region);
    std::optional<Seen> at(curve::Vec2 p) const;
    // The mean (in OKLab) of a disc of that radius, px; of none, the point.
    std::optional<Seen> mean(curve::Vec2 p, double radius) const;

private:
    struct Thing {
        art::ItemPtr item;
        QPainterPath area;
        PictureStore::Picture picture;
        render::Surface own; // of an island: as much of it as is looked at
    };
    Session& session_;
    curve::Box region_;
    std::vector<Thing> things_; // topmost first
};

} // namespace softrope::app
