// The one place that works out live parts in the window: it watches the document, works out in the background whatever is not what
// its recipe would give now (art/live.h), newest first, and puts the result into the present state without a step. What is out of
// date by then is let go, and the next one follows. The last good result stays on the sheet meanwhile.
#pragma once

#include "app/work/areas.h"
#include "app/work/session.h"
#include "app/work/task.h"

namespace softrope::app {

class Deriver : public QObject {
    Q_OBJECT
public:
    Deriver(Session& session, Areas& areas);

    // Of the part that is being worked out.
    bool working() const { return working_; }
    double progress() const { return progress_.share->load(); }
    // Leaves parts as they are until something is changed by hand.
    void stop();

signals:
    void changed();
    // Colour drops went along with their areas.
    void dropsFollowed(const art::FollowedDrops& drops);

private:
    Session& session_;
    bool working_ = false, again_ = false, stopped_ = false;
    Progress progress_;

    void begin();
};

} // namespace softrope::app
