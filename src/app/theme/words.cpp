#include "app/theme/words.h"

#include <QCoreApplication>

#include <cmath>

namespace softrope::app {

QString tr(const char* text, const char* note, int n)
{
    return QCoreApplication::translate("", text, note, n);
}

QString pxText(double v)
{
    return (std::abs(v) < 9.95 ? QString::number(v, 'f', 1) : QString::number(v, 'f', 0)) + " px";
}

} // namespace softrope::app
