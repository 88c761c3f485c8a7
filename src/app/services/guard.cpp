#include "app/services/guard.h"

#include "app/services/frame_meter.h"
#include "app/services/jobs.h"

#include <QTimer>

namespace softrope::app {

bool Application::notify(QObject* receiver, QEvent* event)
{
    const FrameMeter::Turn turn;
    try {
        return QApplication::notify(receiver, event);
    } catch (...) {
        // Told from the event loop: whoever shows it may have been the one who threw.
        const QString text = Jobs::sentence();
        QTimer::singleShot(0, this, [this, text] { emit caught(text); });
    }
    return false;
}

} // namespace softrope::app
