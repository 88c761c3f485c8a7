// The last frames of the interface thread as bars, what they were spent on by colours, and which took too long.
#pragma once

#include "app/services/frame_meter.h"

#include <QWidget>

namespace softrope::app {

// Painted along with what lies under it, never by itself: it would measure itself.
class FrameStrip : public QWidget {
public:
    FrameStrip(const FrameMeter& meter, QWidget* parent);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    const FrameMeter& meter_;
};

} // namespace softrope::app
