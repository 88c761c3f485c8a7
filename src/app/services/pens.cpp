#include "app/services/pens.h"

#include "app/theme/kept_number.h"

#include <QSettings>

#include <algorithm>
#include <cmath>
#include <map>

namespace softrope::app {

namespace {

Pen& last()
{
    static Pen pen;
    return pen;
}

// Asked for with every movement of a pen.
std::map<qint64, double>& touches()
{
    static std::map<qint64, double> all;
    return all;
}

QString keyOf(qint64 pen)
{
    return QString("pens/%1").arg(pen);
}

} // namespace

Pen penOf(const QPointingDevice& device, double pressure)
{
    const QPointingDeviceUniqueId own = device.uniqueId();
    return {own.isValid() && own.numericId() > 0 ? own.numericId() : device.systemId(), device.name(), pressure};
}

void penSeen(const Pen& pen)
{
    last() = pen;
}

const Pen& lastPen()
{
    return last();
}

double touchOf(qint64 pen)
{
    const auto known = touches().find(pen);
    if (known != touches().end()) return known->second;
    return touches()[pen] = keptNumber(keyOf(pen), 0, -1, 1);
}

void setTouch(qint64 pen, double touch)
{
    touches()[pen] = std::clamp(touch, -1.0, 1.0);
    QSettings().setValue(keyOf(pen), touches()[pen]);
}

double shapedPressure(double pressure, double touch)
{
    return std::pow(std::clamp(pressure, 0.0, 1.0), std::exp2(touch));
}

} // namespace softrope::app
