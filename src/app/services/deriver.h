// The one place that works out live parts in the window: it watches the document, works out in the background whatever is not what
// its recipe would give now (art/live.h), newest first, and puts the result into the present state without a step. What is out of
// date by then is let go, and the next one follows. The last good result stays on the sheet meanwhile.
#pragma once

#include "app/services/areas.h"
#include "app/services/jobs.h"
#include "app/services/session.h"
#include "art/live.h"

namespace softrope::app {

class Deriver : public QObject {
    Q_OBJECT
public:
    Deriver(Session& session, Areas& areas);

    // Of the part that is being worked out.
    bool working() const { return making_.working(); }
    double progress() const { return making_.progress(); }
    // Leaves parts as they are until something is changed by hand.
    void stop();

signals:
    void changed();
    // Colour drops went along with their areas.
    void dropsFollowed(const art::FollowedDrops& drops);

private:
    Session& session_;
    // By the part and what it is made from.
    Latest<std::pair<art::Id, art::Key>, std::optional<art::WorkedOut>> making_;
    // What was stopped, or cannot be made: left alone until something changes.
    std::vector<std::pair<art::Id, art::Key>> left_;

    // Crescents and scatter, all together.
    Latest<art::Document, art::Document> shading_;
    void begin();
    void followShades();
};

} // namespace softrope::app
