#include "app/theme/words.h"

#include <cmath>

namespace softrope::app {

QString pxText(double v)
{
    return (std::abs(v) < 9.95 ? QString::number(v, 'f', 1) : QString::number(v, 'f', 0)) + " px";
}

} // namespace softrope::app
