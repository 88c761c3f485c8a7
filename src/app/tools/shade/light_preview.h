// The piece under another light, worked out in the background while the light is turned, newest first, what follows it outlined; the document
// does not change.
#pragma once

#include "app/canvas/canvas.h"

namespace softrope::app {

class LightPreview : public QObject {
public:
    LightPreview(Session& session, Canvas& canvas) : session_(session), canvas_(canvas), lighting_(session.jobs(), this, Lane::drawing, Late::shown) {}
    void show(const art::Light& light);
    // The piece itself again.
    void end();

private:
    Session& session_;
    Canvas& canvas_;
    Latest<art::Light, art::Document> lighting_;
};

} // namespace softrope::app
