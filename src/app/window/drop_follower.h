// Colour drops that follow a line while it is still in hand: worked out in the background from what is held, newest first, and shown
// in place of the document's own until the line lands. The document does not change.
#pragma once

#include "app/canvas/canvas.h"
#include "app/services/areas.h"

#include <mutex>

namespace softrope::app {

class DropFollower : public QObject {
    Q_OBJECT
public:
    DropFollower(Session& session, Areas& areas, Canvas& canvas, QObject* parent);

private:
    struct Kept {
        std::mutex mutex;
        planar::Builder builder; // of its own: the drags lines would drive those of the document out of the other
    };
    Session& session_;
    Areas& areas_;
    Canvas& canvas_;
    std::shared_ptr<Kept> kept_ = std::make_shared<Kept>();
    // What was held, by the pointers: each move makes new ones.
    Latest<std::vector<art::ItemPtr>, std::vector<art::ItemPtr>> following_;
    art::Document asked_; // whether this one has drops
    bool hasDrops_ = false;
    void follow();
    bool worthIt();
};

} // namespace softrope::app
