// How hard a hand presses: a curve for each pen, by the number that the tablet gives it.
#pragma once

#include <QPointingDevice>
#include <QString>
#include <QtGlobal>

namespace softrope::app {

struct Pen {
    qint64 id = 0; // 0 = none was used yet
    QString name;
    double pressure = 0; // 0..1 as it came last
};
// By the number that the tablet gives it; by that of the device where it gives none. `pressure` as it comes.
Pen penOf(const QPointingDevice& device, double pressure);
void penSeen(const Pen& pen);
const Pen& lastPen();

// -1 a light hand: little pressure counts much; 0 as it comes; 1 a firm one. Kept in the settings.
double touchOf(qint64 pen);
void setTouch(qint64 pen, double touch);
// pressure ^ (2 ^ touch): nothing stays nothing, full stays full.
double shapedPressure(double pressure, double touch);

} // namespace softrope::app
